using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Supplies;

/// <summary>A thread beside a cloth.</summary>
/// <param name="Difference">CIEDE2000.</param>
/// <param name="Seen">How visible it is.</param>
public sealed record NearThread(Owned<Thread> Thread, double Difference, string Seen);

/// <summary>A thread that is wanted.</summary>
/// <param name="Says">In words, when none is owned.</param>
/// <param name="Because">Why that.</param>
/// <param name="LeastTex">The thinnest that serves.</param>
/// <param name="MostTex">The thickest.</param>
/// <param name="Contrast">Whether another colour than the cloth's is wanted, because it comes out again.</param>
/// <param name="Strong">Whether it will be pulled: then strength comes before colour, and no viscose serves.</param>
public sealed record ThreadWanted(
    string Says,
    string Because,
    double LeastTex = 18,
    double MostTex = 35,
    bool Contrast = false,
    bool Strong = false
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

    /// <summary>
    /// The owned thread of the thickness that is wanted, nearest in colour, or furthest where contrast is wanted. Through sheer or
    /// pale cloth any other colour shows, whatever else is wanted.
    /// </summary>
    public static Owned<Thread>? Best(
        IReadOnlyList<Owned<Thread>> threads,
        ThreadWanted wanted,
        Cloth? cloth
    )
    {
        var fit = Of(wanted.LeastTex);
        if (wanted.Strong)
        {
            fit = [.. fit.Where(t => t.Is.Fibre != Viscose)];
            var best = fit.Select(Strength).DefaultIfEmpty().Max();
            fit = [.. fit.Where(t => Strength(t) == best)];
        }
        if (cloth?.Colour is not { } colour)
        {
            return fit.FirstOrDefault();
        }
        var near = Nearest(fit, colour);
        if (ShowsThrough(cloth) && near is not [{ Difference: <= Close }, ..] && !wanted.Strong)
        {
            near = Nearest(Of(0, Ordinary), colour);
        }
        return near.Count == 0
            ? fit.FirstOrDefault()
            : near[wanted.Contrast && !ShowsThrough(cloth) ? ^1 : 0].Thread;

        List<Owned<Thread>> Of(double least, double most = 0) =>
            [
                .. threads.Where(t =>
                    t.Is.Tex >= least && t.Is.Tex <= Math.Max(most, wanted.MostTex)
                ),
            ];
    }

    /// <summary>The elastic nearest in colour to a cloth, the fine ones first; null where none is owned.</summary>
    public static Owned<Elastic>? Best(IReadOnlyList<Owned<Elastic>> elastics, Cloth? cloth) =>
        elastics
            .OrderBy(e => e.Is.Diameter > Thick ? 1 : 0)
            .ThenBy(e =>
                e.Is.Colour is { } colour && cloth?.Colour is { } of
                    ? Lab.Difference(colour.ToLab(), of.ToLab())
                    : 0
            )
            .FirstOrDefault();

    /// <summary>Elastic over this is thick: the bobbin's screw is opened for it.</summary>
    public static Length Thick { get; } = Length.FromMillimetres(0.8);

    private const string Viscose = "viscose";
    private const double Ordinary = 35;

    /// <summary>A workshop rule: under 90 g/m², or nearly white.</summary>
    private static bool ShowsThrough(Cloth cloth) =>
        cloth.Weight?.GramsPerSquareMetre < 90 || cloth.Colour?.ToLab().L > 85;

    /// <summary>In two steps: what synthetic, silk and linen bear, cotton does not; and a thick thread bears more.</summary>
    private static int Strength(Owned<Thread> thread) =>
        (thread.Is.Fibre == "cotton" ? 0 : 2) + (thread.Is.Tex > Ordinary ? 1 : 0);
}
