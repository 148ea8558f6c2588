using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

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

    private static readonly LengthField Depth = Lightly(StripFields.FinishedDepth);
    private static readonly LengthField Seam = Lightly(StripFields.SeamAllowance);
    private static readonly LengthField Join = Lightly(StripFields.JoinAllowance);
    private static readonly LengthField Width = Lightly(FabricFields.Width);
    private static readonly LengthField Thickness = Lightly(FabricFields.Thickness);
    private static readonly LengthField Plain = Lightly(StripFields.PlainThickness);
    private static readonly LengthField Tail = Lightly(StripFields.Tail);
    private static readonly ChoiceField Cut = StripFields.Cut with { IsNeeded = false };

    /// <summary>What may be said of it, but for the edge.</summary>
    public static IReadOnlyList<Field> Fields { get; } =
    [
        StripFields.Closed,
        Depth,
        Seam,
        StripFields.HemAllowance,
        StripFields.Doubled,
        Join,
        StripFields.EndAllowance,
        Width,
        Cut,
        StripFields.StripsAlong,
        Thickness,
        Plain,
        Tail,
        StripFields.CuttingStep,
        FabricFields.AtHand,
        .. Together.Fields,
    ];

    /// <summary>Reads it, at fullness 1; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="edge">The finished edge.</param>
    /// <param name="stitch">Length of the stitch.</param>
    /// <param name="layers">How many layers of the cloth are gathered as one.</param>
    public static StripInputs? Read(InputReader reader, Length edge, Length stitch, int layers)
    {
        var closed = reader.Flag(StripFields.Closed);
        var doubled = reader.Flag(StripFields.Doubled);
        var strip = new StripInputs
        {
            FinishedEdge = edge,
            Fullness = 1,
            Closed = closed,
            FinishedDepth = reader.LengthOrStart(Depth),
            SeamAllowance = reader.LengthOrStart(Seam),
            HemAllowance = Unless(doubled, StripFields.HemAllowance),
            Doubled = doubled,
            JoinAllowance = reader.LengthOrStart(Join),
            EndAllowance = Unless(closed, StripFields.EndAllowance),
            ClothWidth = reader.LengthOrStart(Width),
            Along = reader.Choice(Cut) == 1,
            StripsAlong = (int)reader.NumberOrStart(StripFields.StripsAlong),
            Rows = OnTheSeam,
            RowGap = StripFields.RowGap.Start!.Value,
            StitchLength = stitch,
            ClothThickness = reader.LengthOrStart(Thickness),
            PlainThickness = reader.LengthOrStart(Plain),
            Tail = reader.LengthOrStart(Tail),
            CuttingStep = reader.OptionalLength(StripFields.CuttingStep) ?? reader.Ruler.Cutting,
            ClothAtHand = reader.OptionalLength(FabricFields.AtHand),
            Together = Together.Read(reader),
            Layers = layers,
        };
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (strip.ClothWidth <= 2 * strip.JoinAllowance)
        {
            reader.Contradiction(
                Width,
                "The usable width must be more than two join allowances: nothing of a strip would be left."
            );
            return null;
        }
        return strip;

        Length Unless(bool spared, LengthField field) =>
            spared ? Length.Zero : reader.OptionalLength(field) ?? Length.Zero;
    }

    private static LengthField Lightly(LengthField field) => field with { IsNeeded = false };
}
