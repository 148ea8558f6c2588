using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>An edge with ready-made trim, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="CordTrimFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Edge">What the trim goes round.</param>
internal sealed record CordTrimInputs(InputReader Said, EdgeInputs Edge)
{
    public Length Cord { get; } = Said.Length(CordTrimFields.CordDiameter);

    /// <summary>The width of the tape.</summary>
    public Length Tape { get; } = Said.LengthOrStart(CordTrimFields.FlangeWidth);

    public int Plies { get; } = (int)Said.NumberOrStart(CordTrimFields.Plies);

    private string Stiffness { get; } = Said.ChoiceOrStart(CordTrimFields.Stiffness);

    /// <summary>The thickness of the face.</summary>
    public Length Face { get; } = Said.LengthOrStart(CordedFields.FaceThickness);

    public Length Seam { get; } = Said.LengthOrStart(CordedFields.Seam);

    public Length Overlap { get; } = Said.LengthOrStart(CordTrimFields.Overlap);

    public Length ClothWidth { get; } = Said.LengthOrStart(BiasFields.ClothWidth);

    /// <summary>Null where that was not said.</summary>
    public Length? ClothAtHand { get; } = Said.OptionalLength(BiasFields.ClothAtHand);

    public BesideCord Foot { get; } = BesideCord.Read(Said);

    public Length StitchLength { get; } = Said.LengthOrStart(CordTrimFields.StitchLength);

    /// <summary>Whether the zip comes after the back.</summary>
    public bool BackFirst { get; } =
        Said.ChoiceOrStart(CordTrimFields.Order) == CordTrimFields.BackFirst;

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    public bool IsStiff => Stiffness == CordTrimFields.Stiff;

    public bool HasZip => Edge.HasZip;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static CordTrimInputs? Read(InputReader reader)
    {
        var edge = EdgeInputs.Read(
            reader,
            reader.Length(CordTrimFields.CordDiameter),
            reader.Flag(CordedFields.Zip)
        );
        var ask = new CordTrimInputs(reader, edge!);
        return reader.Errors.Count > 0 || edge is null ? null : ask;
    }
}
