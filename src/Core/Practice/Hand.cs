namespace ZephyrReach.Core.Practice;

/// <summary>The pace that a hand keeps, of what it practised.</summary>
/// <param name="Hand">mm a second.</param>
/// <param name="Machine">Stitches a minute at which it kept it.</param>
/// <param name="Tries">How many tries it rests on.</param>
public sealed record KeptPace(double Hand, double Machine, int Tries)
{
    /// <summary>So many of the newest tries are looked at: a hand changes.</summary>
    public const int Newest = 6;

    /// <summary>The pace of the newest even tries; null where none is even.</summary>
    /// <param name="tries">The newest first: the hand, the machine, and the spread of each.</param>
    public static KeptPace? Of(IEnumerable<(double Hand, double Machine, double Spread)> tries)
    {
        // What is uneven says nothing of a pace that is kept.
        var even = tries.Where(t => t.Hand > 0 && t.Spread < 0.45).Take(Newest).ToList();
        return even.Count == 0
            ? null
            : new(
                Math.Round(even.Average(t => t.Hand), 1),
                Math.Round(even.Average(t => t.Machine) / 10) * 10,
                even.Count
            );
    }
}
