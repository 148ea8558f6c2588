using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

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
        var twist = new Twist(Fields.ReadThread(reader), (int)reader.NumberOrStart(Fields.Strands));
        var covering = new Covering(
            twist.Thick,
            reader.LengthOrStart(CordedFields.Thickness),
            reader.LengthOrStart(Fields.Flange),
            BiasFields.ReadStep(reader),
            1
        );
        var edge = EdgeAsk.Read(reader, covering.Covered);
        var overlap = reader.LengthOrStart(CordedFields.Overlap);
        var together = Together.Read(reader);
        var required = edge?.WithEnds(overlap) ?? covering.Width;
        var cut = BiasCut.Read(reader, required * together.Count, covering.Width);
        var ask = new Ask(
            edge!,
            twist,
            covering,
            cut!,
            BesideCord.Read(reader),
            required,
            overlap,
            reader.LengthOrStart(CordedFields.FaceThickness),
            reader.LengthOrStart(Fields.StitchLength),
            together
        );
        return reader.Errors.Count > 0 || edge is null || cut is null ? null : ask;
    }
}
