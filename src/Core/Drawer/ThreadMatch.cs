using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Drawer;

/// <summary>A thread beside a cloth.</summary>
/// <param name="Difference">CIEDE2000.</param>
/// <param name="Seen">How visible it is.</param>
public sealed record NearThread(Owned<Thread> Thread, double Difference, string Seen);

/// <summary>A thread that is wanted.</summary>
/// <param name="Says">In words, when none is owned.</param>
/// <param name="Because">Why that.</param>
/// <param name="LeastTex">The thinnest that serves.</param>
/// <param name="MostTex">The thickest.</param>
/// <param name="Contrast">Whether another colour than the cloth's is wanted.</param>
public sealed record ThreadWanted(
    string Says,
    string Because,
    double LeastTex = 18,
    double MostTex = 35,
    bool Contrast = false
);

/// <summary>Which thread disappears in a cloth.</summary>
public static class ThreadMatch
{
    /// <summary>Below this a mend is not seen at arm's length; a workshop rule, near the just noticeable 2.3.</summary>
    private const double Invisible = 3;

    private const double Close = 10;

    /// <summary>How visible a difference of colour is: invisible mend, close, or contrast.</summary>
    public static string Visible(double difference) =>
        difference <= Invisible ? "invisible mend"
        : difference <= Close ? "close"
        : "contrast";

    /// <summary>The threads with a colour, the nearest to a cloth first.</summary>
    public static IReadOnlyList<NearThread> Nearest(
        IEnumerable<Owned<Thread>> threads,
        Colour cloth
    )
    {
        var lab = cloth.ToLab();
        return
        [
            .. threads
                .Where(t => t.Is.Colour is not null)
                .Select(t => (Thread: t, Off: Lab.Difference(lab, t.Is.Colour!.Value.ToLab())))
                .OrderBy(t => t.Off)
                .Select(t => new NearThread(t.Thread, t.Off, Visible(t.Off))),
        ];
    }

    /// <summary>The owned thread of the thickness that is wanted, nearest in colour, or furthest where contrast is wanted.</summary>
    public static Owned<Thread>? Best(
        IReadOnlyList<Owned<Thread>> threads,
        ThreadWanted wanted,
        Colour? cloth
    )
    {
        var fit = threads
            .Where(t => t.Is.Tex >= wanted.LeastTex && t.Is.Tex <= wanted.MostTex)
            .ToList();
        if (cloth is not { } colour)
        {
            return fit.FirstOrDefault();
        }
        var near = Nearest(fit, colour);
        return near.Count > 0 ? near[wanted.Contrast ? ^1 : 0].Thread : fit.FirstOrDefault();
    }
}
