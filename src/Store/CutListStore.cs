using System.Data;
using System.Text.Json;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>Keeps cut lists. They are frozen: they can be added and taken away, not changed.</summary>
public sealed class CutListStore(Database database)
    : RecordStore<CutListRow>(database, "cut_lists", Columns_, Row, takes: true)
{
    private const string Columns_ =
        $"id, working_id, ask::text, answer::text, swatches::text, {Columns.Stamp}";

    /// <summary>What some workings were last cut by: the ask that was frozen.</summary>
    public Task<List<(Guid WorkingId, JsonElement Ask)>> NewestAsync(
        Seat seat,
        IEnumerable<Guid> workings,
        CancellationToken cancel
    ) =>
        Database.ReadAsync(
            seat,
            """
            select distinct on (working_id) working_id, ask::text from cut_lists
            where workroom_id = $1 and working_id = any ($2) order by working_id, created_at desc, id desc
            """,
            r => (r.GetGuid("working_id"), r.JsonOf("ask")),
            cancel,
            seat.Workroom,
            workings.ToArray()
        );

    /// <summary>Which of some workings have been cut.</summary>
    public Task<List<Guid>> CutAsync(
        Seat seat,
        IEnumerable<Guid> workings,
        CancellationToken cancel
    ) =>
        Database.ReadAsync(
            seat,
            "select distinct working_id from cut_lists where workroom_id = $1 and working_id = any ($2)",
            r => r.GetGuid(0),
            cancel,
            seat.Workroom,
            workings.ToArray()
        );

    /// <summary>The cut lists of some workings, the newest first.</summary>
    public Task<List<CutListRow>> OfWorkingsAsync(
        Seat seat,
        IEnumerable<Guid> workings,
        CancellationToken cancel
    ) =>
        WhereAsync(
            seat,
            "working_id = any ($2) order by created_at desc, id desc",
            cancel,
            seat.Workroom,
            workings.ToArray()
        );

    /// <summary>Freezes a cut list, and takes what it uses off the shelf; null when there is no such working.</summary>
    public Task<CutListRow?> AddAsync(
        Seat seat,
        Guid id,
        Guid working,
        JsonElement ask,
        JsonElement answer,
        JsonElement swatches,
        IReadOnlyList<Taken> taken,
        CancellationToken cancel
    ) =>
        AddTakingAsync(
            seat,
            id,
            "cutting list locked",
            taken,
            $"""
            insert into cut_lists (id, workroom_id, working_id, ask, answer, swatches, updated_by, taken)
            select $1, $2, w.id, $4, $5, $6, $7, {Taken.Column("$8")}
            from workings w where w.id = $3 and w.workroom_id = $2
            """,
            cancel,
            [
                id,
                seat.Workroom,
                working,
                Database.Json(ask),
                Database.Json(answer),
                Database.Json(swatches),
                seat.By,
                Taken.Value(taken),
            ]
        );

    private static CutListRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetGuid("working_id"),
            row.JsonOf("ask"),
            row.JsonOf("answer"),
            row.JsonOf("swatches"),
            row.StampOf()
        );
}
