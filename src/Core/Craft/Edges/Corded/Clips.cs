using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>Where the flange is clipped so that it opens, or lies over itself, round a bend.</summary>
/// <param name="Bend">The bend.</param>
/// <param name="Count">How many clips.</param>
/// <param name="Depth">From the edge of the flange.</param>
/// <param name="Apart">From one to the next, along the cord.</param>
internal sealed record Clips(EdgeBend Bend, int Count, Length Depth, Length Apart)
{
    /// <summary>A clip opens by this and no more: workshop rule, wider gaps show as corners.</summary>
    public static readonly Length Opens = Length.FromMillimetres(5);

    /// <summary>What stays uncut beside the cord.</summary>
    private static readonly Length Uncut = Length.FromMillimetres(2);

    /// <summary>
    /// The raw edge of a flange s wide is s·θ longer, or shorter, than the cord round a bend of θ: that much has to open, by 5 mm
    /// a clip.
    /// </summary>
    public static Clips Of(EdgeBend bend, Length flange)
    {
        var count = (int)
            Math.Max(
                1,
                Rounding.CeilingTolerant(flange * Math.Abs(bend.Turn) * Math.PI / 180 / Opens)
            );
        return new(
            bend,
            count,
            Length.Max(flange - Uncut, flange / 2),
            Length.FromMillimetres(bend.Length / count)
        );
    }

    /// <summary>Where each lies along the edge, in mm.</summary>
    public IEnumerable<double> At =>
        Enumerable.Range(0, Count).Select(i => Bend.From + Bend.Length * (i + 0.5) / Count);
}
