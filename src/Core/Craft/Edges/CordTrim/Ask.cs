using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>An edge with ready-made trim, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Edge">What the trim goes round.</param>
internal sealed record Ask(AskReader Said, EdgeAsk Edge)
{
    public Length Cord { get; } = Said.Length(Fields.CordDiameter);

    /// <summary>The width of the tape.</summary>
    public Length Tape { get; } = Said.LengthOrStart(Fields.FlangeWidth);

    public int Plies { get; } = (int)Said.NumberOrStart(Fields.Plies);

    private string Stiffness { get; } = Said.ChoiceOrStart(Fields.Stiffness);

    /// <summary>The thickness of the face.</summary>
    public Length Face { get; } = Said.LengthOrStart(CordedFields.FaceThickness);

    public Length Seam { get; } = Said.LengthOrStart(CordedFields.Seam);

    public Length Overlap { get; } = Said.LengthOrStart(Fields.Overlap);

    public Length ClothWidth { get; } = Said.LengthOrStart(BiasFields.ClothWidth);

    /// <summary>Null where that was not said.</summary>
    public Length? ClothAtHand { get; } = Said.OptionalLength(BiasFields.ClothAtHand);

    public BesideCord Foot { get; } = BesideCord.Read(Said);

    public Length StitchLength { get; } = Said.LengthOrStart(Fields.StitchLength);

    /// <summary>Whether the zip comes after the back.</summary>
    public bool BackFirst { get; } = Said.ChoiceOrStart(Fields.Order) == Fields.BackFirst;

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    public bool IsStiff => Stiffness == Fields.Stiff;

    public bool HasZip => Edge.HasZip;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var edge = EdgeAsk.Read(
            reader,
            reader.Length(Fields.CordDiameter),
            reader.Flag(CordedFields.Zip)
        );
        var ask = new Ask(reader, edge!);
        return reader.Errors.Count > 0 || edge is null ? null : ask;
    }
}
