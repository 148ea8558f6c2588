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
    /// <param name="track">Of which steps: empty for those of the work, <c>practice</c> for tries, which have their own.</param>
    public async Task<History> LookAsync(Seat seat, CancellationToken cancel, string track = "")
    {
        var steps = await database.ReadAsync(
            seat,
            """
            with stands as (
                select step, says from changes where workroom_id = $1 and track = $2 and not undone
                order by step desc limit 1),
            next as (
                select step, says, false as undone from stands
                union all
                (select step, says, true from changes
                    where workroom_id = $1 and track = $2 and undone and step > coalesce((select step from stands), 0)
                    order by step limit 1)),
            -- What it was done to: the first row of the step, or the working that this belongs to. Of a row that was added
            -- only its id was written down.
            first as (
                select n.*, c.table_name, c.goes, c.state ->> 'name' as name, c.id, case
                    when c.table_name in ('swatches', 'cut_lists', 'keeps') then coalesce(
                        (c.state ->> 'working_id')::uuid,
                        (select working_id from swatches s where s.id = c.id),
                        (select working_id from cut_lists l where l.id = c.id),
                        (select working_id from keeps k where k.id = c.id)) end as working
                from next n, lateral (
                    select table_name, coalesce(after, before) as state, (coalesce(after, before) ->> 'id')::uuid as id,
                        case when n.undone then after else before end is null as goes
                    from changes where workroom_id = $1 and step = n.step order by id limit 1) c)
            select f.step, f.says, f.undone,
                case when coalesce(w.id, f.working) is not null or f.table_name = 'workings' then 'working'
                    when f.table_name = 'projects' then 'project'
                    when f.table_name = 'things' then 'thing' else '' end as kind,
                case when f.working is not null then f.working
                    when not f.goes and f.table_name in ('workings', 'projects', 'things') then f.id end as of,
                coalesce(w.name, p.name, t.name, f.name, '') as name
            from first f
                left join workings w on w.id = coalesce(f.working, f.id)
                left join projects p on p.id = f.id
                left join things t on t.id = f.id
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
            seat.Workroom,
            track
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
