using Npgsql;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Requests;

/// <summary>
/// The workroom that requests are for: the household's own, until there is more than one. Kept for a second, because
/// every reckoning asks for its ruler.
/// </summary>
public sealed class CurrentWorkroom(WorkroomStore store, TimeProvider clock)
{
    private static readonly TimeSpan Fresh = TimeSpan.FromSeconds(1);

    /// <summary>How long the database is waited for where its answer is known from before.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromMilliseconds(500);

    private volatile Held? held;

    /// <summary>The workroom with its rulers.</summary>
    /// <remarks>The request's token costs something to ask for, so it is asked for only when there is a wait.</remarks>
    public ValueTask<WorkroomRow> RowAsync(HttpContext http)
    {
        var last = held;
        return last is not null && clock.GetElapsedTime(last.At) < Fresh
            ? new ValueTask<WorkroomRow>(last.Row)
            : new ValueTask<WorkroomRow>(LookAsync(last, http.RequestAborted));
    }

    /// <summary>Forgets what was read, after a change.</summary>
    public void Forget() => held = null;

    private async Task<WorkroomRow> LookAsync(Held? last, CancellationToken cancel)
    {
        // Those who come while one looks take what was known, rather than all asking the database at once.
        if (last is not null)
        {
            held = last with { At = clock.GetTimestamp() };
        }
        try
        {
            var row =
                await store
                    .FirstAsync(cancel)
                    .WaitAsync(last is null ? Timeout.InfiniteTimeSpan : Patience, cancel)
                ?? throw new InvalidOperationException("There is no workroom yet.");
            held = new Held(row, clock.GetTimestamp());
            return row;
        }
        catch (Exception unanswered)
            when (last is not null && unanswered is TimeoutException or NpgsqlException)
        {
            // What needs no database goes on without it.
            return last!.Row;
        }
    }

    private sealed record Held(WorkroomRow Row, long At);
}
