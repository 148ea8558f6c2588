using System.Data;

namespace ZephyrReach.Store;

/// <summary>One thing that was done.</summary>
/// <param name="Id">Names the step in its workroom; later steps have greater numbers.</param>
/// <param name="Says">What was done, in a few words.</param>
public sealed record StepRow(long Id, string Says);

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
                select step, says from changes where workroom_id = $1 and not undone order by step desc limit 1)
            select step, says, false as undone from stands
            union all
            (select step, says, true from changes
                where workroom_id = $1 and undone and step > coalesce((select step from stands), 0)
                order by step limit 1)
            """,
            r =>
                (
                    Step: new StepRow(r.GetInt64("step"), r.GetString("says")),
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
