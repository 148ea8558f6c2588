using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>From strips as they are wanted to what is cut.</summary>
internal static class StripReckon
{
    /// <summary>More strips than this cannot be meant.</summary>
    private const double MostStrips = 100_000;

    private static readonly Length LongestSegment = Length.FromMillimetres(600);

    /// <summary>Reckons the straight form; null when the reader has errors.</summary>
    public static StripPlan? Straight(InputReader reader) =>
        StripInputs.Read(reader) is { } ask ? Straight(ask, reader) : null;

    /// <summary>Reckons an ask that has been read; null when it needs an absurd number of strips.</summary>
    /// <param name="inSeam">Layers that lie on each other in the seam, where that is not the fullness.</param>
    public static StripPlan? Straight(StripInputs ask, InputReader reader, double? inSeam = null)
    {
        var (F, W, j) = (ask.FinishedEdge, ask.ClothWidth, ask.JoinAllowance);
        var T = ask.Fullness * F;

        // n strips give n(W − 2j) sewn; an open run also spends both end allowances, but saves the outer joins.
        var strips = ask.Along
            ? ask.StripsAlong
            : Math.Max(
                1,
                Rounding.CeilingTolerant((ask.Closed ? T : T + ask.BothEnds - 2 * j) / (W - 2 * j))
            );
        if (!(strips <= MostStrips))
        {
            reader.Contradiction(
                FabricFields.Width,
                $"This would take {strips:N0} strips; at most 100,000 can be calculated. A wider fabric or a smaller join is needed."
            );
            return null;
        }
        var n = (int)strips;
        var joins = ask.Closed ? n : n - 1;
        var wanted = (T + 2 * j * joins + ask.BothEnds) / n;
        var stripLength = Rounding.Up(wanted, ask.CuttingStep);
        if (!ask.Along)
        {
            stripLength = Length.Min(stripLength, W);
        }
        var plan = new StripPlan(
            ask,
            T,
            n,
            stripLength,
            n * stripLength - 2 * j * joins - ask.BothEnds,
            ask.Rows.Offsets(ask.SeamAllowance, ask.RowGap),
            Segments(n * stripLength - 2 * j * joins - ask.BothEnds, ask.Closed)
        )
        {
            Noticed = [],
            LayersInSeam = inSeam,
            Suggested = ask.Weight is { } weight ? SuggestedFullness.For(weight, ask.Use) : null,
        };
        return plan with { Noticed = [.. NoticedInStrips.In(plan, reader.Ruler)] };
    }

    /// <summary>The greatest flat edge that a length of cloth gives, for each piece; below 0 when it does not hold one strip.</summary>
    /// <remarks>
    /// Across: floor(L/cutDepth) strips, each as long as the cloth is wide. Along: as many as are to be joined, each as long as
    /// whole cutting steps allow where so many lie side by side. From both the joins and the end allowances are taken off, as
    /// in the straight form.
    /// </remarks>
    public static (int Strips, Length FlatEdge) Greatest(StripInputs ask, Length clothAtHand)
    {
        var pieces = ask.Together.Count * ask.Layers;
        var n = ask.Along
            ? ask.StripsAlong
            : (int)Math.Min(Rounding.FloorTolerant(clothAtHand / ask.CutDepth), MostStrips)
                / pieces;
        var all = pieces * ask.StripsAlong;
        var beside = Math.Clamp(Rounding.FloorTolerant(ask.ClothWidth / ask.CutDepth), 1, all);
        var length = ask.Along
            ? Rounding.Down(clothAtHand / Math.Ceiling(all / beside), ask.CuttingStep)
            : ask.ClothWidth;
        var joins = ask.Closed ? n : Math.Max(0, n - 1);
        return (n, n * length - 2 * ask.JoinAllowance * joins - ask.BothEnds);
    }

    /// <summary>
    /// The smallest of 2, 4 … 64 parts of which none is over 600 mm; else 64. A ring has quarters at least: two marks
    /// alone lay it flat, and leave where it is fuller to chance.
    /// </summary>
    private static int Segments(Length sewnFlat, bool isRing)
    {
        var m = isRing ? 4 : 2;
        while (m < 64 && sewnFlat / m > LongestSegment)
        {
            m *= 2;
        }
        return m;
    }
}
