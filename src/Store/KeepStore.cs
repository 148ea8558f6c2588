using System.Data;
using System.Text.Json;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>What a kept summary says; in a change, null leaves it as it is.</summary>
public sealed record KeepParts(
    JsonElement? Settings = null,
    string? CameOut = null,
    string? Verdict = null,
    string? Note = null
);

/// <summary>Keeps what was set and what came out; one summary a working.</summary>
public sealed class KeepStore(Database database)
    : RecordStore<KeepRow>(database, "keeps", Columns_, Row, takes: true)
{
    private const string Columns_ =
        $"id, working_id, settings::text, came_out, verdict, note, {Columns.Stamp}";

    /// <summary>The summaries of some workings.</summary>
    public Task<List<KeepRow>> OfWorkingsAsync(
        Seat seat,
        IEnumerable<Guid> workings,
        CancellationToken cancel
    ) => WhereAsync(seat, "working_id = any ($2)", cancel, seat.Workroom, workings.ToArray());

    /// <summary>Adds a summary, and takes what it used off the shelf; null when there is no such working or it has one already.</summary>
    public Task<KeepRow?> AddAsync(
        Seat seat,
        Guid id,
        Guid working,
        KeepParts parts,
        IReadOnlyList<Taken> taken,
        CancellationToken cancel
    ) =>
        AddTakingAsync(
            seat,
            id,
            "summary kept",
            taken,
            $$"""
            insert into keeps (id, workroom_id, working_id, updated_by, settings, came_out, verdict, note, taken)
            select $1, $2, w.id, $4, coalesce($5, '{}'), coalesce($6, ''), coalesce($7, ''), coalesce($8, ''), {{Taken.Column(
                "$9"
            )}}
            from workings w
            where w.id = $3 and w.workroom_id = $2 and not exists (
                select 1 from keeps k where k.working_id = w.id and k.workroom_id = $2 and k.id <> $1)
            """,
            cancel,
            [id, seat.Workroom, working, seat.By, .. Values(parts), Taken.Value(taken)]
        );

    /// <summary>Changes a summary if it still has the version that the editor holds.</summary>
    public Task<Changed<KeepRow>> ChangeAsync(
        Seat seat,
        Guid id,
        int version,
        KeepParts parts,
        CancellationToken cancel
    ) =>
        ChangeAsync(
            seat,
            id,
            version,
            "summary changed",
            """
            settings = coalesce($5, settings), came_out = coalesce($6, came_out), verdict = coalesce($7, verdict),
            note = coalesce($8, note)
            """,
            cancel,
            Values(parts)
        );

    private static object?[] Values(KeepParts parts) =>
        [
            Database.Json(parts.Settings),
            Database.Text(parts.CameOut),
            Database.Text(parts.Verdict),
            Database.Text(parts.Note),
        ];

    private static KeepRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetGuid("working_id"),
            row.JsonOf("settings"),
            row.GetString("came_out"),
            row.GetString("verdict"),
            row.GetString("note"),
            row.StampOf()
        );
}
