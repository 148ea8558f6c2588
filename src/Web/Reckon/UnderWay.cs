using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Reckon;

/// <summary>Room for the large answers that are being sent: a reader who takes his time holds no memory without end.</summary>
internal static class UnderWay
{
    /// <summary>Of all answers together, in pieces of a megabyte.</summary>
    private const int Most = 64;

    /// <summary>What is smaller is not counted.</summary>
    private const int Counted = 1024 * 1024;

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(20);

    private static readonly SemaphoreSlim Room = new(Most);

    /// <summary>One after the other, so that two never each wait for what the other holds.</summary>
    private static readonly SemaphoreSlim Door = new(1);

    /// <summary>Waits for room; it is given back when the answer is sent.</summary>
    /// <exception cref="RefusedException">There is none within twenty seconds.</exception>
    public static async Task<Held> EnterAsync(int bytes, CancellationToken cancel)
    {
        var pieces = bytes / Counted;
        if (pieces == 0)
        {
            return new(0);
        }
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        patience.CancelAfter(Patience);
        var has = 0;
        try
        {
            await Door.WaitAsync(patience.Token);
            try
            {
                for (; has < pieces; has++)
                {
                    await Room.WaitAsync(patience.Token);
                }
            }
            finally
            {
                Door.Release();
            }
            return new(has);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            new Held(has).Dispose();
            throw new RefusedException(
                Problem.Busy("Many large answers are being sent. Try again in a moment.")
            );
        }
        catch (OperationCanceledException)
        {
            new Held(has).Dispose();
            throw;
        }
    }

    /// <summary>Room that is held.</summary>
    internal readonly struct Held(int pieces) : IDisposable
    {
        public void Dispose()
        {
            if (pieces > 0)
            {
                Room.Release(pieces);
            }
        }
    }
}
