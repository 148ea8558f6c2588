using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>A cord along a line, as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Lines">What it runs along; one or more.</param>
/// <param name="IsRolled">Whether the cord is rolled from a strip of knit.</param>
/// <param name="Cords">How many lie side by side.</param>
/// <param name="NeedleSize">In hundredths of a mm.</param>
/// <param name="FootRelief">Null where it is not known.</param>
/// <param name="FootHole">Null where it is not known, or there is none.</param>
/// <param name="Measured">What zigzags came to against what was set.</param>
internal sealed record Ask(
    IReadOnlyList<Traced> Lines,
    Length Cord,
    bool IsRolled,
    string Stiffness,
    Length StripThickness,
    Length StripPiece,
    int Cords,
    double NeedleSize,
    Length Clearance,
    Length MaxStitchWidth,
    Length WidthStep,
    Length StitchLength,
    Length Tolerance,
    bool IsSteered,
    Length Taper,
    string Ground,
    Length ClothThickness,
    Length? FootRelief,
    Length? FootHole,
    double Speed,
    IReadOnlyList<DialSample> Measured
)
{
    /// <summary>More stitches than this are absurd.</summary>
    private const int MostStitches = 100_000;

    /// <summary>What the blade of the needle takes.</summary>
    public Length Needle => Length.FromMillimetres(NeedleSize / 100);

    /// <summary>The field that says how wide the line is; empty where that follows from its parts.</summary>
    public string WidthField { get; init; } = "";

    /// <summary>The field that says how high it is.</summary>
    public string HeightField { get; init; } = "";

    /// <summary>Workshop rule: a hand leads cloth round a curve of this radius without a stop.</summary>
    public static readonly Length Gentle = Length.FromMillimetres(15);

    /// <summary>Curves from this radius on are steered; null where all are turned at stops.</summary>
    public Length? SteeredFrom => IsSteered ? Gentle : null;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var lines = Traced.Read(reader, Fields.Made, Fields.Shape, Fields.Outline);
        var ask = new Ask(
            lines,
            reader.Length(Fields.CordDiameter),
            reader.ChoiceOrStart(Fields.CordFrom) == Fields.Rolled,
            reader.ChoiceOrStart(Fields.Stiffness),
            reader.LengthOrStart(Fields.StripThickness),
            reader.LengthOrStart(Fields.StripPiece),
            (int)reader.NumberOrStart(Fields.Cords),
            reader.NumberOrStart(Fields.NeedleSize),
            reader.LengthOrStart(Fields.Clearance),
            reader.LengthOrStart(Fields.MaxStitchWidth),
            reader.LengthOrStart(Fields.WidthStep),
            reader.LengthOrStart(Fields.StitchLength),
            reader.LengthOrStart(Fields.Tolerance),
            reader.OptionalChoice(Fields.Curves) == Fields.Steered,
            reader.LengthOrStart(Fields.Taper),
            reader.ChoiceOrStart(Fields.Ground),
            reader.LengthOrStart(Fields.ClothThickness),
            reader.OptionalLength(Fields.FootRelief),
            reader.OptionalLength(Fields.FootHole) is { } hole && hole > Length.Zero ? hole : null,
            reader.NumberOrStart(LineFields.Speed),
            DialSamples.Read(reader, Fields.Samples)
        )
        {
            WidthField = LineFields.WidthField(reader, Fields.Made, Fields.Shape),
            HeightField = LineFields.HeightField(reader, Fields.Made, Fields.Shape),
        };
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
