using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>A piped edge, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="PipingFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Wraps">What the covering takes against what was calculated.</param>
internal sealed record PipingInputs(InputReader Said, Covering Covering, Dial Wraps)
{
    /// <summary>More than this is absurd.</summary>
    private static readonly Length Longest = Length.FromMillimetres(2e6);

    public required EdgeInputs Edge { get; init; }

    /// <summary>How the strips are cut, for all pieces together.</summary>
    public required BiasCut Cut { get; init; }

    /// <summary>Of strip and cord, for one piped edge.</summary>
    public required Length Required { get; init; }

    /// <summary>A ready-made binding, opened out; null where strips are cut.</summary>
    public Length? ReadyBinding { get; } = Said.OptionalLength(CordedFields.ReadyBinding);

    public Length Overlap { get; } = Said.LengthOrStart(CordedFields.Overlap);

    /// <summary>Piped edges of one piece.</summary>
    public int Rounds { get; } = (int)(Said.OptionalNumber(PipingFields.Rounds) ?? 1);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>Piped edges in all.</summary>
    public int Rings => Rounds * Together.Count;

    private bool IsWashed { get; } = Said.OptionalFlag(PipingFields.PreShrunk) ?? true;

    private double ShrinksSaid { get; } = Said.NumberOrStart(PipingFields.Shrinks);

    /// <summary>By how much the cord will still shrink, as a share; nothing where it is washed.</summary>
    public double Shrinks => IsWashed ? 0 : ShrinksSaid / 100;

    public BesideCord Foot { get; } = BesideCord.Read(Said);

    /// <summary>The thickness of the face.</summary>
    public Length Face { get; } = Said.LengthOrStart(CordedFields.FaceThickness);

    public Length StitchLength { get; } = Said.LengthOrStart(PipingFields.StitchLength);

    public bool HasZip => Edge.HasZip;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static PipingInputs? Read(InputReader reader)
    {
        var covering = new Covering(
            reader.Length(PipingFields.CordDiameter),
            reader.LengthOrStart(CordedFields.Thickness),
            reader.LengthOrStart(CordedFields.Seam),
            BiasFields.ReadStep(reader),
            1
        );
        var samples = DialSamples.Read(reader, PipingFields.Samples);
        var wraps = new Dial(samples, covering.Wrap, "Wrap", true)
        {
            Unit = "of what was calculated",
        };
        // Too wide is trimmed, too narrow is lost: as wide as nineteen in twenty come out.
        covering = covering with
        {
            Factor = samples.Count > 0 ? wraps.Predicted.High : 1,
        };
        var edge = EdgeInputs.Read(reader, covering.Covered, reader.Flag(CordedFields.Zip));
        // Σ edges, and where the ends meet once more; of an open edge at both ends.
        var required = edge?.WithEnds(reader.LengthOrStart(CordedFields.Overlap)) ?? covering.Width;
        var rings =
            (int)(reader.OptionalNumber(PipingFields.Rounds) ?? 1) * Together.Read(reader).Count;
        if (required * rings > Longest)
        {
            reader.Contradiction(
                CordedFields.Made,
                $"That would be over {reader.Ruler.Whole(Longest)} of piping: plan a part of it."
            );
        }
        var cut = BiasCut.Read(reader, required * rings, covering.Width);
        var ask = new PipingInputs(reader, covering, wraps)
        {
            Edge = edge!,
            Cut = cut!,
            Required = required,
        };
        return reader.Errors.Count > 0 || edge is null || cut is null ? null : ask;
    }
}
