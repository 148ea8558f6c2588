namespace ZephyrReach.Core;

/// <summary>
/// How much work one ask may take. Whatever loops over what an ask says counts its work here, so that none holds the program
/// for longer than a person would wait.
/// </summary>
/// <remarks>
/// Work is counted and not timed, so that the same ask is answered, or refused, on any machine. A unit is about what it takes to
/// find a place on a line: a quarter of a microsecond or so. The budget goes along with the flow of the work that began it, so
/// that geometry need not be handed it from loop to loop.
/// </remarks>
/// <param name="most">Units that may be spent.</param>
/// <param name="cancel">Whether anybody still waits.</param>
/// <param name="whenHeavy">Called once, when <see cref="Light"/> is spent: may wait until there is room for what takes long.</param>
public sealed class Budget(long most, CancellationToken cancel, Action? whenHeavy = null)
{
    /// <summary>Of one ask: some three to five seconds.</summary>
    public const long Most = 12_000_000;

    /// <summary>What ordinary asks stay below: some 20 ms.</summary>
    public const long Light = 100_000;

    /// <summary>Of one part among others, as on the page of projects.</summary>
    private const long OfPart = 1_000_000;

    /// <summary>How often it is looked whether anybody still waits: some 10 ms.</summary>
    private const long LookEvery = 50_000;

    private static readonly AsyncLocal<Budget?> Current = new();

    private long lookAt = LookEvery;
    private bool isHeavy;
    private Budget? whole;

    /// <summary>What was used up.</summary>
    public long Spent { get; private set; }

    /// <summary>Begins it for all that follows in this flow of work.</summary>
    public void Begin() => Current.Value = this;

    /// <summary>Counts work on the budget of this flow; where there is none nothing is counted.</summary>
    /// <exception cref="TooMuchException">Nothing is left of it.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for the answer any more.</exception>
    public static void Spend(long units) => Current.Value?.Take(units);

    /// <summary>
    /// Does the work of one part among others, on a share of the budget: one that takes too much leaves the others theirs.
    /// </summary>
    /// <exception cref="TooMuchException">The share is used up.</exception>
    public static T Part<T>(Func<T> work)
    {
        var whole = Current.Value;
        var left = whole is null ? OfPart : whole.Left;
        Current.Value = new Budget(Math.Clamp(left, Light, OfPart), CancellationToken.None)
        {
            whole = whole,
        };
        try
        {
            return work();
        }
        finally
        {
            Current.Value = whole;
        }
    }

    private long Left => most - Spent;

    private void Take(long units)
    {
        Note(units);
        if (Spent > most)
        {
            throw new TooMuchException();
        }
    }

    /// <summary>Counts without an end: what parts spend is the whole's too.</summary>
    private void Note(long units)
    {
        Spent += units;
        whole?.Note(units);
        if (Spent < lookAt)
        {
            return;
        }
        lookAt = Spent + LookEvery;
        cancel.ThrowIfCancellationRequested();
        if (!isHeavy && Spent > Light)
        {
            isHeavy = true;
            whenHeavy?.Invoke();
        }
    }
}

/// <summary>An ask takes more work than its budget holds.</summary>
public sealed class TooMuchException : Exception
{
    public TooMuchException()
        : base("This is more than can be calculated at once.") { }

    public TooMuchException(string message)
        : base(message) { }

    public TooMuchException(string message, Exception inner)
        : base(message, inner) { }
}
