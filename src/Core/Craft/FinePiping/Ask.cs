using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Bias;
using ZephyrReach.Core.Craft.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.FinePiping;

/// <summary>A fine piping, as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Required">Of strip and cord, for one edge.</param>
internal sealed record Ask(
    EdgeAsk Edge,
    Twist Twist,
    Covering Covering,
    BiasCut Cut,
    BesideCord Foot,
    Length Required,
    Length Overlap,
    Length Face,
    Length StitchLength,
    Together Together
)
{
    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var twist = new Twist(
            Fields.ReadThread(reader),
            (int)(reader.OptionalNumber(Fields.Strands) ?? Fields.Strands.Start!.Value)
        );
        var covering = new Covering(
            twist.Thick,
            Or(CordedFields.Thickness),
            Or(Fields.Flange),
            BiasFields.ReadStep(reader),
            1
        );
        var edge = EdgeAsk.Read(reader, covering.Covered);
        var overlap = Or(CordedFields.Overlap);
        var together = Together.Read(reader);
        var required = edge is null
            ? covering.Width
            : edge.Length + (edge.Edge.IsClosed ? overlap : 2 * overlap);
        var cut = BiasCut.Read(reader, required * together.Count, covering.Width);
        var ask = new Ask(
            edge!,
            twist,
            covering,
            cut!,
            BesideCord.Read(reader),
            required,
            overlap,
            Or(CordedFields.FaceThickness),
            Or(Fields.StitchLength),
            together
        );
        return reader.Errors.Count > 0 || edge is null || cut is null ? null : ask;

        Length Or(LengthField field) => reader.OptionalLength(field) ?? field.Start!.Value;
    }
}
