using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.PulledGathers;
using ZephyrReach.Core.Measures;
using Strip = ZephyrReach.Core.Craft.PulledGathers.Fields;
using StripAsk = ZephyrReach.Core.Craft.PulledGathers.Ask;

namespace ZephyrReach.Core.Craft;

/// <summary>
/// The strip of a technique that makes the fullness by machine: said lightly, because an edge alone already deserves an
/// answer. What is left out is taken as it usually is.
/// </summary>
internal static class StripReading
{
    /// <summary>The gathering line is the seam line itself: the one row there is.</summary>
    private static readonly RowScheme OnTheSeam = new(
        new Choice("on-the-seam", "on the seam line", "The gathering line is the seam line."),
        [0]
    );

    private static readonly LengthField Depth = Lightly(Strip.FinishedDepth);
    private static readonly LengthField Seam = Lightly(Strip.SeamAllowance);
    private static readonly LengthField Join = Lightly(Strip.JoinAllowance);
    private static readonly LengthField Width = Lightly(Strip.ClothWidth);
    private static readonly LengthField Thickness = Lightly(Strip.ClothThickness);
    private static readonly LengthField Plain = Lightly(Strip.PlainThickness);
    private static readonly LengthField Tail = Lightly(Strip.Tail);
    private static readonly ChoiceField Cut = Strip.Cut with { IsNeeded = false };

    /// <summary>What may be said of it, but for the edge.</summary>
    public static IReadOnlyList<Field> Fields { get; } =
    [
        Strip.Closed,
        Depth,
        Seam,
        Strip.HemAllowance,
        Strip.Doubled,
        Join,
        Strip.EndAllowance,
        Width,
        Cut,
        Thickness,
        Plain,
        Tail,
        Strip.CuttingStep,
        Strip.ClothAtHand,
    ];

    /// <summary>Reads it, at fullness 1; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="edge">The finished edge.</param>
    /// <param name="stitch">Length of the stitch.</param>
    /// <param name="layers">How many layers of the cloth are gathered as one.</param>
    public static StripAsk? Read(AskReader reader, Length edge, Length stitch, int layers)
    {
        var closed = reader.Flag(Strip.Closed);
        var doubled = reader.Flag(Strip.Doubled);
        var strip = new StripAsk(
            edge,
            1,
            closed,
            Said(Depth),
            Said(Seam),
            doubled ? Length.Zero : reader.OptionalLength(Strip.HemAllowance) ?? Length.Zero,
            doubled,
            Said(Join),
            closed ? Length.Zero : reader.OptionalLength(Strip.EndAllowance) ?? Length.Zero,
            Said(Width),
            reader.Choice(Cut) == 1,
            OnTheSeam,
            Strip.RowGap.Start!.Value,
            stitch,
            Said(Thickness) * layers,
            Said(Plain),
            Said(Tail),
            reader.OptionalLength(Strip.CuttingStep) ?? reader.Ruler.Cutting,
            Length.Zero,
            reader.OptionalLength(Strip.ClothAtHand),
            null,
            null
        );
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (strip.ClothWidth <= 2 * strip.JoinAllowance)
        {
            reader.Contradiction(
                Width,
                "The usable width has to be more than two join allowances: nothing of a strip would be left."
            );
            return null;
        }
        return strip;

        Length Said(LengthField field) => reader.OptionalLength(field) ?? field.Start!.Value;
    }

    private static LengthField Lightly(LengthField field) => field with { IsNeeded = false };
}
