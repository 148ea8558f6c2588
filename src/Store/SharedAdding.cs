using System.Data;
using Npgsql;
using NpgsqlTypes;

namespace ZephyrReach.Store;

/// <summary>
/// Adds records that are asked for at the same time with one statement, in one transaction, so that they share the work of
/// starting it and the wait for the disk. One that comes alone is added at once; those that come meanwhile go together after
/// it. What fails together is added again, each by itself.
/// </summary>
/// <param name="source">Where the connections come from.</param>
/// <param name="sql">
/// Adds an array of records, $1, unless there are some with their ids; returns the rows that were added. Run twice, it does no
/// harm.
/// </param>
/// <param name="row">Reads a row that it returns.</param>
internal sealed class SharedAdding<T>(
    NpgsqlDataSource source,
    string sql,
    Func<NpgsqlDataReader, T> row
)
    where T : class
{
    // Some at a time, so that the next are being read while these wait for the disk.
    private const int MostTogether = 8;

    // For a row that another holds they wait less than it takes PostgreSQL to look for a deadlock, so that none of them is its
    // cause, and nobody long waits for another's row.
    private const string SharedPatience = "select set_config('lock_timeout', '500ms', true)";

    private readonly Lock gate = new();
    private readonly Queue<Sharer> waiting = new();
    private bool sending;

    /// <summary>Adds a record.</summary>
    /// <param name="workroom">The workroom that the record names.</param>
    /// <param name="id">The id that the record names.</param>
    /// <param name="record">The record as JSON.</param>
    /// <param name="cancel">Ends the wait; the record may be added.</param>
    /// <returns>The row, once it is on disk; null when none was added.</returns>
    public Task<T?> AddAsync(Guid workroom, Guid id, string record, CancellationToken cancel)
    {
        var sharer = new Sharer(workroom, id, record);
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
        Dictionary<(Guid, Guid), T> added;
        try
        {
            added = await RunAsync(sharers, new NpgsqlBatchCommand(SharedPatience));
        }
        catch (Exception)
        {
            // What one is refused for, or would wait for, has undone the others too: now each stands for itself.
            sharers.ForEach(s => _ = SendAloneAsync(s));
            return;
        }
        sharers.ForEach(s => s.Succeed(added));
    }

    private async Task SendAloneAsync(Sharer sharer)
    {
        try
        {
            sharer.Succeed(await RunAsync([sharer]));
        }
        catch (Exception why)
        {
            sharer.Fail(why);
        }
    }

    private async Task<Dictionary<(Guid, Guid), T>> RunAsync(
        List<Sharer> sharers,
        NpgsqlBatchCommand? patience = null
    )
    {
        var records = new NpgsqlParameter
        {
            NpgsqlDbType = NpgsqlDbType.Jsonb,
            Value = $"[{string.Join(',', sharers.Select(s => s.Record))}]",
        };
        var rows = await source.RunAsync(
            patience,
            new NpgsqlBatchCommand(sql) { Parameters = { records } },
            r => (Key: (r.GetGuid("workroom_id"), r.GetGuid("id")), Row: row(r)),
            // As each is asked for by another, nobody's leaving ends it.
            CancellationToken.None
        );
        return rows.ToDictionary(r => r.Key, r => r.Row);
    }

    private sealed record Sharer(Guid Workroom, Guid Id, string Record)
    {
        private readonly TaskCompletionSource<T?> answer = new(
            TaskCreationOptions.RunContinuationsAsynchronously
        );

        public Task<T?> Answer => answer.Task;

        public void Succeed(Dictionary<(Guid, Guid), T> added) =>
            answer.SetResult(added.GetValueOrDefault((Workroom, Id)));

        public void Fail(Exception why) => answer.SetException(why);
    }
}
