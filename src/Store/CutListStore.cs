using System.Data;
using System.Text.Json;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>A cut list that is to be frozen.</summary>
/// <param name="Taken">What it takes off the shelf at the most.</param>
public sealed record CutListLine(
    Guid Id,
    Guid Working,
    JsonElement Ask,
    JsonElement Answer,
    JsonElement Swatches,
    IReadOnlyList<Taken> Taken
);

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
    public Task<CutListRow?> AddAsync(Seat seat, CutListLine line, CancellationToken cancel) =>
        AddTakingAsync(
            seat,
            line.Id,
            "cutting list locked",
            line.Taken,
            $"""
            insert into cut_lists (id, workroom_id, working_id, ask, answer, swatches, updated_by, taken)
            select $1, $2, w.id, $4, $5, $6, $7, {Taken.Column("$8")}
            from workings w where w.id = $3 and w.workroom_id = $2
            """,
            cancel,
            [
                line.Id,
                seat.Workroom,
                line.Working,
                Database.Json(line.Ask),
                Database.Json(line.Answer),
                Database.Json(line.Swatches),
                seat.By,
                Taken.Value(line.Taken),
            ]
        );

    /// <summary>
    /// Freezes the cut lists of several parts, takes what they use off the shelf, and puts what is left over on it: all of it in
    /// one step, or nothing where a part is gone or one of the lists is there already.
    /// </summary>
    /// <param name="says">The step, in a few words.</param>
    /// <param name="left">Remnants, as things of their kind.</param>
    /// <returns>Whether anything was changed.</returns>
    public async Task<bool> AddAllAsync(
        Seat seat,
        string says,
        IReadOnlyList<CutListLine> lines,
        IReadOnlyList<ThingLine> left,
        CancellationToken cancel
    ) =>
        await Database.ChangeAsync(
            seat,
            says,
            [.. lines.SelectMany(l => l.Taken).Select(t => t.Thing).Distinct()],
            $"""
            with lines as (
                select * from jsonb_to_recordset($3)
                l (id uuid, working uuid, ask jsonb, answer jsonb, swatches jsonb, taken jsonb)),
            whole as (
                select count(*) = (select count(*) from lines) as all_there from lines l
                join workings w on w.id = l.working and w.workroom_id = $2),
            added as (
                insert into cut_lists (id, workroom_id, working_id, ask, answer, swatches, updated_by, taken)
                select l.id, $2, l.working, l.ask, l.answer, l.swatches, $1, {Taken.Column(
                "l.taken"
            )}
                from lines l, whole where whole.all_there
                returning *),
            lowered as (
                update things t set left_mm = greatest(0, t.left_mm - n.mm), version = t.version + 1, updated_at = now()
                from (select (x ->> 'thing')::uuid as thing, sum((x ->> 'mm')::double precision) as mm
                    from added a, jsonb_array_elements(a.taken) x group by 1) n
                where t.id = n.thing and t.workroom_id = $2),
            kept as (
                insert into things (id, workroom_id, kind, name, properties, left_mm, updated_by)
                select r.id, $2, 'cloth', r.name, r.properties, r.mm, $1
                from jsonb_to_recordset($4) r (id uuid, name text, properties jsonb, mm double precision), whole
                where whole.all_there)
            select id from added
            """,
            _ => "added",
            cancel,
            seat.By,
            seat.Workroom,
            Database.Json(
                JsonSerializer.SerializeToElement(
                    lines.Select(l => new
                    {
                        id = l.Id,
                        working = l.Working,
                        ask = l.Ask,
                        answer = l.Answer,
                        swatches = l.Swatches,
                        taken = Taken.Json(l.Taken),
                    })
                )
            ),
            Database.Json(
                JsonSerializer.SerializeToElement(
                    left.Select(l => new
                    {
                        id = l.Id,
                        name = l.Name,
                        properties = l.Properties,
                        mm = l.Left?.Millimetres,
                    })
                )
            )
        )
            is not null;

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
