using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>A piped edge, as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Cut">How the strips are cut, for all pieces together.</param>
/// <param name="Shrinks">By how much the cord will still shrink, as a share; nothing where it is washed.</param>
/// <param name="Rounds">Piped edges of one piece.</param>
/// <param name="Required">Of strip and cord, for one piped edge.</param>
internal sealed record Ask(
    EdgeAsk Edge,
    Covering Covering,
    BiasCut Cut,
    BesideCord Foot,
    double Shrinks,
    int Rounds,
    Length Required,
    Length Overlap,
    Length Face,
    Length StitchLength,
    Together Together,
    Dial Wraps
)
{
    /// <summary>More than this is absurd.</summary>
    private static readonly Length Longest = Length.FromMillimetres(2e6);

    /// <summary>Piped edges in all.</summary>
    public int Rings => Rounds * Together.Count;

    public bool HasZip => Edge.HasZip;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var cord = reader.Length(Fields.CordDiameter);
        var thickness = reader.LengthOrStart(CordedFields.Thickness);
        var flange = reader.LengthOrStart(CordedFields.Seam);
        var samples = DialSamples.Read(reader, Fields.Samples);
        var covering = new Covering(cord, thickness, flange, BiasFields.ReadStep(reader), 1);
        var wraps = new Dial(samples, covering.Wrap, "Wrap", true)
        {
            Unit = "of what was calculated",
        };
        // Too wide is trimmed, too narrow is lost: as wide as nineteen in twenty come out.
        covering = covering with
        {
            Factor = samples.Count > 0 ? wraps.Predicted.High : 1,
        };
        var edge = EdgeAsk.Read(reader, covering.Covered, reader.Flag(CordedFields.Zip));
        var overlap = reader.LengthOrStart(CordedFields.Overlap);
        var rounds = (int)(reader.OptionalNumber(Fields.Rounds) ?? 1);
        var shrinks = reader.NumberOrStart(Fields.Shrinks);
        var washed = reader.OptionalFlag(Fields.PreShrunk) ?? true;
        var together = Together.Read(reader);
        // Σ edges, and where the ends meet once more; of an open edge at both ends.
        var required = edge?.WithEnds(overlap) ?? covering.Width;
        if (required * (rounds * together.Count) > Longest)
        {
            reader.Contradiction(
                CordedFields.Made,
                $"That would be over {reader.Ruler.Whole(Longest)} of piping: plan a part of it."
            );
        }
        var cut = BiasCut.Read(reader, required * (rounds * together.Count), covering.Width);
        var ask = new Ask(
            edge!,
            covering,
            cut!,
            BesideCord.Read(reader),
            washed ? 0 : shrinks / 100,
            rounds,
            required,
            overlap,
            reader.LengthOrStart(CordedFields.FaceThickness),
            reader.LengthOrStart(Fields.StitchLength),
            together,
            wraps
        );
        return reader.Errors.Count > 0 || edge is null || cut is null ? null : ask;
    }
}
