using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>Shapes on a ground, as they are wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="AppliqueFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Shapes">From beneath to above; one or more.</param>
internal sealed record AppliqueInputs(InputReader Said, IReadOnlyList<ShapeOn> Shapes)
{
    /// <summary>More stitches than this are absurd.</summary>
    private const int MostStitches = 100_000;

    /// <summary>What a shape measures across is not its own width where it is turned.</summary>
    private bool IsTurned { get; } = Said.OptionalNumber(AppliqueFields.Turn) is not (null or 0);

    /// <summary>The field that says how wide the first shape is; empty where none does.</summary>
    public string WidthField =>
        IsTurned ? "" : LineFields.WidthField(Said, AppliqueFields.Made, AppliqueFields.Shape);

    /// <summary>The field that says how high it is.</summary>
    public string HeightField =>
        IsTurned ? "" : LineFields.HeightField(Said, AppliqueFields.Made, AppliqueFields.Shape);

    public string Stitch { get; } = Said.ChoiceOrStart(AppliqueFields.Stitch);

    /// <summary>From one stitch's return to the next.</summary>
    public Length Repeat { get; } =
        Said.OptionalLength(AppliqueFields.Repeat)
        ?? UsualRepeat(Said.ChoiceOrStart(AppliqueFields.Stitch));

    private Length? RangeSaid { get; } = Said.OptionalLength(AppliqueFields.RepeatRange);

    /// <summary>How far the repeat may be changed to end at a corner.</summary>
    public Length RepeatRange =>
        RangeSaid ?? Rounding.Down(Length.Min(Half, Repeat / 7 * 2), RepeatStep);

    public Length RepeatStep { get; } = Said.LengthOrStart(AppliqueFields.RepeatStep);

    /// <summary>How far it swings into the shape.</summary>
    public Length Bite { get; } =
        Said.OptionalLength(AppliqueFields.Bite)
        ?? UsualBite(Said.ChoiceOrStart(AppliqueFields.Stitch), Shapes);

    private bool TwiceSaid { get; } = Said.Flag(AppliqueFields.SecondPass);

    public bool SecondPass => TwiceSaid && Stitch == AppliqueFields.Satin;

    public Length Allowance { get; } = Said.LengthOrStart(AppliqueFields.Allowance);

    public Length Under { get; } = Said.LengthOrStart(AppliqueFields.Under);

    public Length Tolerance { get; } = Said.LengthOrStart(AppliqueFields.Tolerance);

    /// <summary>Degrees; where a line turns by more it has a corner.</summary>
    public double CornerAngle { get; } = Said.NumberOrStart(AppliqueFields.CornerAngle);

    /// <summary>What the machine gives of what is set; null for what swatches say.</summary>
    public double? DialFactor { get; } = Said.OptionalNumber(AppliqueFields.DialFactor);

    public Length MaxStitchWidth { get; } = Said.LengthOrStart(AppliqueFields.MaxStitchWidth);

    public string HeldBy { get; } = Said.ChoiceOrStart(AppliqueFields.HeldBy);

    /// <summary>Whether something on the back of the shape glues it on. A turned edge has nothing there.</summary>
    public bool IsFused => Stitch != AppliqueFields.Turned && HeldBy != AppliqueFields.Pinned;

    /// <summary>What it is fused with, as it is bought.</summary>
    public string Fusible => AppliqueFields.HeldBy.Choices.Single(c => c.Name == HeldBy).Label;

    /// <summary>Whether the base fabric needs nothing behind it.</summary>
    public bool IsFirm { get; } = Said.Flag(AppliqueFields.Firm);

    /// <summary>From toe to toe of the foot; null where that is not known.</summary>
    public Length? ToeOpening { get; } = Said.OptionalLength(AppliqueFields.ToeOpening);

    public Length NeedleMoved { get; } = Said.LengthOrStart(AppliqueFields.NeedleMoved);

    /// <summary>NM.</summary>
    public double NeedleSize { get; } = Said.NumberOrStart(SetUpFields.NeedleSize);

    public Length ClothThickness { get; } = Said.LengthOrStart(AppliqueFields.ClothThickness);

    /// <summary>Stitches a minute.</summary>
    public double Speed { get; } = Said.NumberOrStart(LineFields.Speed);

    /// <summary>What rows of the stitch came to against what was set.</summary>
    public IReadOnlyList<DialSample> Measured { get; } =
        DialSamples.Read(Said, AppliqueFields.Samples);

    private static readonly Length Half = Length.FromMillimetres(0.5);

    /// <summary>Open, close, or just enough to hold a fold.</summary>
    private static Length UsualRepeat(string stitch) =>
        Length.FromMillimetres(
            stitch switch
            {
                AppliqueFields.Satin => 0.35,
                AppliqueFields.Turned => 1.5,
                _ => 2.8,
            }
        );

    /// <summary>A satin stitch is as wide as its shape is large: a twentieth of it, between 2 and 4 mm.</summary>
    private static Length UsualBite(string stitch, IReadOnlyList<ShapeOn> shapes)
    {
        if (stitch != AppliqueFields.Satin || shapes.Count == 0)
        {
            return Length.FromMillimetres(stitch == AppliqueFields.Turned ? 1 : 2.5);
        }
        var reach = NamedShape.BoundsOf([.. shapes.SelectMany(s => s.Outlines)]);
        var size = Length.Min(reach.Width, reach.Height) / 20;
        return Rounding.Nearest(
            Length.Max(Length.FromMillimetres(2), Length.Min(Length.FromMillimetres(4), size)),
            Half
        );
    }

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static AppliqueInputs? Read(InputReader reader)
    {
        var ask = new AppliqueInputs(reader, ShapeOn.ReadAll(reader));
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        var least = ask.Repeat - ask.RepeatRange;
        if (least < ask.RepeatStep && ask.RepeatRange > Length.Zero)
        {
            reader.Contradiction(
                AppliqueFields.RepeatRange,
                "It must be less than the stitch length, by a step or more."
            );
            return null;
        }
        var around = ask.Shapes.Sum(s => s.Outlines.Sum(o => new MeasuredPath(o).Total));
        if (around / ask.Repeat.Millimetres > MostStitches)
        {
            reader.Contradiction(
                AppliqueFields.Repeat,
                $"That would be over {MostStitches} stitches: lengthen them."
            );
            return null;
        }
        return ask;
    }
}
