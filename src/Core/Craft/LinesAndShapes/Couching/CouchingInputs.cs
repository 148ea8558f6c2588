using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>A cord along a line, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="CouchingFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record CouchingInputs(InputReader Said)
{
    /// <summary>What it runs along; one or more.</summary>
    public IReadOnlyList<Traced> Lines { get; } =
        Traced.Read(Said, CouchingFields.Made, CouchingFields.Shape, CouchingFields.Outline);

    /// <summary>The field that says how wide the line is; empty where that follows from its parts.</summary>
    public string WidthField { get; } =
        LineFields.WidthField(Said, CouchingFields.Made, CouchingFields.Shape);

    /// <summary>The field that says how high it is.</summary>
    public string HeightField { get; } =
        LineFields.HeightField(Said, CouchingFields.Made, CouchingFields.Shape);

    public Length Cord { get; } = Said.Length(CouchingFields.CordDiameter);

    /// <summary>Whether the cord is rolled from a strip of knit.</summary>
    public bool IsRolled { get; } =
        Said.ChoiceOrStart(CouchingFields.CordFrom) == CouchingFields.Rolled;

    public string Stiffness { get; } = Said.ChoiceOrStart(CouchingFields.Stiffness);

    public Length StripThickness { get; } = Said.LengthOrStart(CouchingFields.StripThickness);

    public Length StripPiece { get; } = Said.LengthOrStart(CouchingFields.StripPiece);

    /// <summary>How many lie side by side.</summary>
    public int Cords { get; } = (int)Said.NumberOrStart(CouchingFields.Cords);

    /// <summary>In hundredths of a mm.</summary>
    public double NeedleSize { get; } = Said.NumberOrStart(CouchingFields.NeedleSize);

    public Length Clearance { get; } = Said.LengthOrStart(CouchingFields.Clearance);

    public Length MaxStitchWidth { get; } = Said.LengthOrStart(CouchingFields.MaxStitchWidth);

    public Length WidthStep { get; } = Said.LengthOrStart(CouchingFields.WidthStep);

    public Length StitchLength { get; } = Said.LengthOrStart(CouchingFields.StitchLength);

    public Length Tolerance { get; } = Said.LengthOrStart(CouchingFields.Tolerance);

    public bool IsSteered { get; init; } =
        Said.OptionalChoice(CouchingFields.Curves) == CouchingFields.Steered;

    public Length Taper { get; } = Said.LengthOrStart(CouchingFields.Taper);

    public string Ground { get; } = Said.ChoiceOrStart(CouchingFields.Ground);

    public Length ClothThickness { get; } = Said.LengthOrStart(CouchingFields.ClothThickness);

    /// <summary>Null where it is not known.</summary>
    public Length? FootRelief { get; } = Said.OptionalLength(CouchingFields.FootRelief);

    /// <summary>Null where it is not known, or there is none.</summary>
    public Length? FootHole { get; } =
        Said.OptionalLength(CouchingFields.FootHole) is { } hole && hole > Length.Zero
            ? hole
            : null;

    /// <summary>Stitches a minute.</summary>
    public double Speed { get; } = Said.NumberOrStart(LineFields.Speed);

    /// <summary>What zigzags came to against what was set.</summary>
    public IReadOnlyList<DialSample> Measured { get; } =
        DialSamples.Read(Said, CouchingFields.Samples);

    /// <summary>More stitches than this are absurd.</summary>
    private const int MostStitches = 100_000;

    /// <summary>What the blade of the needle takes.</summary>
    public Length Needle => Length.FromMillimetres(NeedleSize / 100);

    /// <summary>Workshop rule: a hand leads cloth round a curve of this radius without a stop.</summary>
    public static readonly Length Gentle = Length.FromMillimetres(15);

    /// <summary>Curves from this radius on are steered; null where all are turned at stops.</summary>
    public Length? SteeredFrom => IsSteered ? Gentle : null;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static CouchingInputs? Read(InputReader reader)
    {
        var ask = new CouchingInputs(reader);
        // Only turned round is it asked for; what is said of it is checked all the same.
        _ = reader.OptionalLength(CouchingFields.StripWidth);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.Lines.Sum(l => l.Length / ask.StitchLength) * ask.Cords > MostStitches)
        {
            reader.Contradiction(
                CouchingFields.StitchLength,
                $"That would be over {MostStitches} stitches: lengthen them, or sew a part of the line."
            );
            return null;
        }
        return ask;
    }
}
