using Npgsql;

namespace ZephyrReach.Store;

/// <summary>
/// Sends statements that are asked for at the same time together, in one round trip and one transaction, so that they share the
/// wait for the disk. One that comes alone is sent at once; those that come meanwhile go together after it.
/// </summary>
internal sealed class SharedWriting(NpgsqlDataSource source)
{
    // Some at a time, so that the next are being read while these wait for the disk.
    private const int MostTogether = 8;

    private readonly Lock gate = new();
    private readonly Queue<Sharer> waiting = new();
    private bool sending;

    /// <summary>Runs a statement that may share its transaction with any others, and may be run twice without harm.</summary>
    /// <param name="row">Reads the row that it returns.</param>
    /// <param name="cancel">Ends the wait; the change may happen.</param>
    /// <returns>The row, once it is on disk; null when the statement returned none.</returns>
    public Task<T?> WriteAsync<T>(
        NpgsqlBatchCommand command,
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
            await using var batch = source.CreateBatch();
            sharers.ForEach(s => batch.BatchCommands.Add(s.Command));
            // As each is asked for by another, nobody's leaving ends it.
            await using var reader = await batch.ExecuteReaderAsync(CancellationToken.None);
            foreach (var sharer in sharers)
            {
                await sharer.ReadAsync(reader);
                await reader.NextResultAsync();
            }
        }
        catch (Exception why) when (sharers is [var only])
        {
            only.Fail(why);
            return;
        }
        catch (Exception)
        {
            // What one is refused for has undone the others too: now each stands for itself.
            foreach (var sharer in sharers)
            {
                await SendAsync([sharer]);
            }
            return;
        }
        sharers.ForEach(s => s.Succeed());
    }

    private abstract class Sharer(NpgsqlBatchCommand command)
    {
        public NpgsqlBatchCommand Command => command;

        public abstract Task ReadAsync(NpgsqlDataReader reader);

        public abstract void Succeed();

        public abstract void Fail(Exception why);
    }

    private sealed class Sharer<T>(NpgsqlBatchCommand command, Func<NpgsqlDataReader, T> row)
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
