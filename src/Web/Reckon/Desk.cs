using ZephyrReach.Core;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Reckon;

/// <summary>Where asks are reckoned: light ones at once, those that turn out heavy two at a time.</summary>
/// <remarks>
/// What waits for its turn holds a thread, of which there are enough (<see cref="Threads"/>), and no processor: so that a save
/// beside sixteen heavy asks finds one free.
/// </remarks>
public sealed class Desk : IDisposable
{
    /// <summary>Threads that are there from the beginning: more than heavy asks may wait.</summary>
    public const int Threads = 96;

    /// <summary>More heavy asks than this are told to come back.</summary>
    private const int MostWaiting = 64;

    private const int AtOnce = 2;

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);

    private readonly SemaphoreSlim places = new(AtOnce);
    private int waiting;

    /// <summary>Begins a budget for a request; what was heavy gives its place up with the first byte of the answer.</summary>
    public void Begin(HttpContext http)
    {
        var cancel = http.RequestAborted;
        var has = 0;
        new Budget(Budget.Most, cancel, Wait).Begin();
        http.Response.OnStarting(() =>
        {
            GiveUp();
            return Task.CompletedTask;
        });
        http.Response.OnCompleted(() =>
        {
            GiveUp();
            return Task.CompletedTask;
        });

        void Wait()
        {
            try
            {
                if (
                    Interlocked.Increment(ref waiting) > MostWaiting
                    || !places.Wait(Patience, cancel)
                )
                {
                    throw new RefusedException(
                        Problem.Busy(
                            "Much is being calculated at the moment. Try again in a moment."
                        )
                    );
                }
                has = 1;
            }
            finally
            {
                Interlocked.Decrement(ref waiting);
            }
        }

        void GiveUp()
        {
            if (Interlocked.Exchange(ref has, 0) == 1)
            {
                places.Release();
            }
        }
    }

    public void Dispose() => places.Dispose();
}

/// <summary>Gives every request its budget.</summary>
internal static class Budgets
{
    public static void UseBudget(this WebApplication app)
    {
        ThreadPool.GetMinThreads(out _, out var ports);
        ThreadPool.SetMinThreads(Desk.Threads, ports);
        var desk = app.Services.GetRequiredService<Desk>();
        app.Use(
            (http, next) =>
            {
                desk.Begin(http);
                return next(http);
            }
        );
    }
}
