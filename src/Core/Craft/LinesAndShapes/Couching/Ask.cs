using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>A cord along a line, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record Ask(AskReader Said)
{
    /// <summary>What it runs along; one or more.</summary>
    public IReadOnlyList<Traced> Lines { get; } =
        Traced.Read(Said, Fields.Made, Fields.Shape, Fields.Outline);

    /// <summary>The field that says how wide the line is; empty where that follows from its parts.</summary>
    public string WidthField { get; } = LineFields.WidthField(Said, Fields.Made, Fields.Shape);

    /// <summary>The field that says how high it is.</summary>
    public string HeightField { get; } = LineFields.HeightField(Said, Fields.Made, Fields.Shape);

    public Length Cord { get; } = Said.Length(Fields.CordDiameter);

    /// <summary>Whether the cord is rolled from a strip of knit.</summary>
    public bool IsRolled { get; } = Said.ChoiceOrStart(Fields.CordFrom) == Fields.Rolled;

    public string Stiffness { get; } = Said.ChoiceOrStart(Fields.Stiffness);

    public Length StripThickness { get; } = Said.LengthOrStart(Fields.StripThickness);

    public Length StripPiece { get; } = Said.LengthOrStart(Fields.StripPiece);

    /// <summary>How many lie side by side.</summary>
    public int Cords { get; } = (int)Said.NumberOrStart(Fields.Cords);

    /// <summary>In hundredths of a mm.</summary>
    public double NeedleSize { get; } = Said.NumberOrStart(Fields.NeedleSize);

    public Length Clearance { get; } = Said.LengthOrStart(Fields.Clearance);

    public Length MaxStitchWidth { get; } = Said.LengthOrStart(Fields.MaxStitchWidth);

    public Length WidthStep { get; } = Said.LengthOrStart(Fields.WidthStep);

    public Length StitchLength { get; } = Said.LengthOrStart(Fields.StitchLength);

    public Length Tolerance { get; } = Said.LengthOrStart(Fields.Tolerance);

    public bool IsSteered { get; init; } = Said.OptionalChoice(Fields.Curves) == Fields.Steered;

    public Length Taper { get; } = Said.LengthOrStart(Fields.Taper);

    public string Ground { get; } = Said.ChoiceOrStart(Fields.Ground);

    public Length ClothThickness { get; } = Said.LengthOrStart(Fields.ClothThickness);

    /// <summary>Null where it is not known.</summary>
    public Length? FootRelief { get; } = Said.OptionalLength(Fields.FootRelief);

    /// <summary>Null where it is not known, or there is none.</summary>
    public Length? FootHole { get; } =
        Said.OptionalLength(Fields.FootHole) is { } hole && hole > Length.Zero ? hole : null;

    /// <summary>Stitches a minute.</summary>
    public double Speed { get; } = Said.NumberOrStart(LineFields.Speed);

    /// <summary>What zigzags came to against what was set.</summary>
    public IReadOnlyList<DialSample> Measured { get; } = DialSamples.Read(Said, Fields.Samples);

    /// <summary>More stitches than this are absurd.</summary>
    private const int MostStitches = 100_000;

    /// <summary>What the blade of the needle takes.</summary>
    public Length Needle => Length.FromMillimetres(NeedleSize / 100);

    /// <summary>Workshop rule: a hand leads cloth round a curve of this radius without a stop.</summary>
    public static readonly Length Gentle = Length.FromMillimetres(15);

    /// <summary>Curves from this radius on are steered; null where all are turned at stops.</summary>
    public Length? SteeredFrom => IsSteered ? Gentle : null;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var ask = new Ask(reader);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.Lines.Sum(l => l.Length / ask.StitchLength) * ask.Cords > MostStitches)
        {
            reader.Contradiction(
                Fields.StitchLength,
                $"That would be over {MostStitches} stitches: lengthen them, or sew a part of the line."
            );
            return null;
        }
        return ask;
    }
}
