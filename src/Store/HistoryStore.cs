using System.Data;

namespace ZephyrReach.Store;

/// <summary>One thing that was done.</summary>
/// <param name="Id">Names the step in its workroom; later steps have greater numbers.</param>
/// <param name="Says">What was done, in a few words.</param>
/// <param name="Kind">What it was done to: working, project or thing; empty for the workroom itself.</param>
/// <param name="Of">The first of them; null for the workroom, and where turning the step takes it away.</param>
/// <param name="Name">Its name, or empty.</param>
public sealed record StepRow(
    long Id,
    string Says,
    string Kind = "",
    Guid? Of = null,
    string Name = ""
);

/// <summary>What can be undone and done again next.</summary>
public sealed record History(StepRow? Undo, StepRow? Redo);

/// <summary>Takes steps back and does them again. At least the last 200 of a workroom are kept.</summary>
public sealed class HistoryStore(Database database)
{
    /// <summary>What can be undone and done again next.</summary>
    public async Task<History> LookAsync(Seat seat, CancellationToken cancel)
    {
        var steps = await database.ReadAsync(
            seat,
            """
            with stands as (
                select step, says from changes where workroom_id = $1 and not undone order by step desc limit 1),
            next as (
                select step, says, false as undone from stands
                union all
                (select step, says, true from changes
                    where workroom_id = $1 and undone and step > coalesce((select step from stands), 0)
                    order by step limit 1)),
            first as (
                select n.*, c.kind, c.comes_to is null and c.kind <> '' as goes, c.is_it,
                    (case when c.is_it then c.state ->> 'id' else c.state ->> 'working_id' end)::uuid as of, c.state
                from next n, lateral (
                    select coalesce(after, before) as state, case when n.undone then after else before end as comes_to,
                        table_name in ('workings', 'projects', 'things') as is_it,
                        case table_name when 'projects' then 'project' when 'things' then 'thing'
                            when 'workings' then 'working'
                            else case when coalesce(after, before) ->> 'working_id' is null then '' else 'working' end
                        end as kind
                    from changes where workroom_id = $1 and step = n.step order by id limit 1) c)
            select step, says, undone, kind, case when is_it and goes then null else of end as of,
                coalesce(case when is_it then state ->> 'name' end,
                    case kind when 'working' then (select name from workings where id = of)
                        when 'project' then (select name from projects where id = of)
                        when 'thing' then (select name from things where id = of) end, '') as name
            from first
            """,
            r =>
                (
                    Step: new StepRow(
                        r.GetInt64("step"),
                        r.GetString("says"),
                        r.GetString("kind"),
                        r.IsDBNull("of") ? null : r.GetGuid("of"),
                        r.GetString("name")
                    ),
                    Undone: r.GetBoolean("undone")
                ),
            cancel,
            seat.Workroom
        );
        return new History(
            steps.FirstOrDefault(s => !s.Undone).Step,
            steps.FirstOrDefault(s => s.Undone).Step
        );
    }

    /// <summary>
    /// Takes a step back, or does it again. Only the next one in that direction is turned; which that is, is looked at once
    /// nobody else changes anything.
    /// </summary>
    /// <param name="step">The step as <see cref="LookAsync"/> gave it; turning it twice does nothing more.</param>
    /// <param name="back">True to undo, false to do again.</param>
    /// <returns>Whether it was turned.</returns>
    public async Task<bool> TurnAsync(Seat seat, long step, bool back, CancellationToken cancel)
    {
        database.EnsureRoom();
        var turned = await database.ReadAsync(
            seat,
            "select turn_step($1, $2, $3)",
            r => r.GetBoolean(0),
            cancel,
            seat.Workroom,
            step,
            back
        );
        return turned.FirstOrDefault();
    }
}
