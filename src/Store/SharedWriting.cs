using Npgsql;

namespace ZephyrReach.Store;

/// <summary>
/// Sends statements that are asked for at the same time together, in one round trip and one transaction, so that they share the
/// wait for the disk. One that comes alone is sent at once; those that come meanwhile go together after it. What fails together
/// is sent again, each statement by itself.
/// </summary>
internal sealed class SharedWriting(NpgsqlDataSource source)
{
    // Some at a time, so that the next are being read while these wait for the disk.
    private const int MostTogether = 8;

    // For a row that another holds they wait less than it takes PostgreSQL to look for a deadlock, so that none of them is its
    // cause, and nobody long waits for another's row.
    private const string SharedPatience = "500ms";

    private readonly Lock gate = new();
    private readonly Queue<Sharer> waiting = new();
    private bool sending;

    /// <summary>Runs a statement that may share its transaction with any others, and may be run twice without harm.</summary>
    /// <param name="command">
    /// Makes the statement anew for each time it is sent: one that was sent belongs to the connection that prepared it.
    /// </param>
    /// <param name="row">Reads the row that it returns.</param>
    /// <param name="cancel">Ends the wait; the change may happen.</param>
    /// <returns>The row, once it is on disk; null when the statement returned none.</returns>
    public Task<T?> WriteAsync<T>(
        Func<NpgsqlBatchCommand> command,
        Func<NpgsqlDataReader, T> row,
        CancellationToken cancel
    )
        where T : class
    {
        var sharer = new Sharer<T>(command, row);
        bool alone;
        lock (gate)
        {
            waiting.Enqueue(sharer);
            alone = !sending;
            sending = true;
        }
        if (alone)
        {
            _ = SendWaitingAsync();
        }
        return sharer.Answer.WaitAsync(cancel);
    }

    private async Task SendWaitingAsync()
    {
        while (Next() is { Count: > 0 } sharers)
        {
            await SendAsync(sharers);
        }
    }

    private List<Sharer> Next()
    {
        lock (gate)
        {
            List<Sharer> sharers = [];
            while (sharers.Count < MostTogether && waiting.TryDequeue(out var sharer))
            {
                sharers.Add(sharer);
            }
            sending = sharers.Count > 0;
            return sharers;
        }
    }

    private async Task SendAsync(List<Sharer> sharers)
    {
        try
        {
            await RunAsync(sharers, SharedPatience);
        }
        catch (Exception)
        {
            // What one is refused for, or would wait for, has undone the others too: now each stands for itself.
            foreach (var sharer in sharers)
            {
                _ = SendAloneAsync(sharer);
            }
            return;
        }
        sharers.ForEach(s => s.Succeed());
    }

    private async Task SendAloneAsync(Sharer sharer)
    {
        try
        {
            await RunAsync([sharer], "0");
            sharer.Succeed();
        }
        catch (Exception why)
        {
            sharer.Fail(why);
        }
    }

    private async Task RunAsync(List<Sharer> sharers, string patience)
    {
        await using var connection = await source.OpenConnectionAsync();
        await using var batch = new NpgsqlBatch(connection);
        var limit = new NpgsqlBatchCommand("select set_config('lock_timeout', $1, true)");
        limit.Parameters.Add(new NpgsqlParameter { Value = patience });
        batch.BatchCommands.Add(limit);
        sharers.ForEach(s => batch.BatchCommands.Add(s.Command()));
        // Not left to be prepared on its way: when a statement before it is refused, the library then loses count of the answers.
        await batch.PrepareAsync();
        // As each is asked for by another, nobody's leaving ends it.
        await using var reader = await batch.ExecuteReaderAsync(CancellationToken.None);
        foreach (var sharer in sharers)
        {
            await reader.NextResultAsync();
            await sharer.ReadAsync(reader);
        }
        await reader.NextResultAsync();
    }

    private abstract class Sharer(Func<NpgsqlBatchCommand> command)
    {
        public NpgsqlBatchCommand Command() => command();

        public abstract Task ReadAsync(NpgsqlDataReader reader);

        public abstract void Succeed();

        public abstract void Fail(Exception why);
    }

    private sealed class Sharer<T>(Func<NpgsqlBatchCommand> command, Func<NpgsqlDataReader, T> row)
        : Sharer(command)
        where T : class
    {
        private readonly TaskCompletionSource<T?> answer = new(
            TaskCreationOptions.RunContinuationsAsynchronously
        );
        private T? read;

        public Task<T?> Answer => answer.Task;

        public override async Task ReadAsync(NpgsqlDataReader reader) =>
            read = await reader.ReadAsync() ? row(reader) : null;

        public override void Succeed() => answer.SetResult(read);

        public override void Fail(Exception why) => answer.SetException(why);
    }
}
