using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>An edge with ready-made trim, as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="BackFirst">Whether the zip comes after the back.</param>
internal sealed record Ask(
    EdgeAsk Edge,
    Length Cord,
    Length Tape,
    int Plies,
    string Stiffness,
    Length Face,
    Length Seam,
    Length Overlap,
    Length ClothWidth,
    Length? ClothAtHand,
    BesideCord Foot,
    Length StitchLength,
    bool BackFirst,
    Together Together
)
{
    public bool IsStiff => Stiffness == Fields.Stiff;

    public bool HasZip => Edge.HasZip;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var cord = reader.Length(Fields.CordDiameter);
        var edge = EdgeAsk.Read(reader, cord, reader.Flag(CordedFields.Zip));
        var ask = new Ask(
            edge!,
            cord,
            reader.LengthOrStart(Fields.FlangeWidth),
            (int)reader.NumberOrStart(Fields.Plies),
            reader.ChoiceOrStart(Fields.Stiffness),
            reader.LengthOrStart(CordedFields.FaceThickness),
            reader.LengthOrStart(CordedFields.Seam),
            reader.LengthOrStart(Fields.Overlap),
            reader.LengthOrStart(BiasFields.ClothWidth),
            reader.OptionalLength(BiasFields.ClothAtHand),
            BesideCord.Read(reader),
            reader.LengthOrStart(Fields.StitchLength),
            reader.ChoiceOrStart(Fields.Order) == Fields.BackFirst,
            Together.Read(reader)
        );
        return reader.Errors.Count > 0 || edge is null ? null : ask;
    }
}
