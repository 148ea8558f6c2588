using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>A fine piping, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="FinePipingFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Twist">The cord, which is twisted from threads.</param>
internal sealed record FinePipingInputs(InputReader Said, Twist Twist, Covering Covering)
{
    public required EdgeInputs Edge { get; init; }

    public required BiasCut Cut { get; init; }

    /// <summary>Of strip and cord, for one edge.</summary>
    public required Length Required { get; init; }

    public Length Overlap { get; } = Said.LengthOrStart(CordedFields.Overlap);

    public BesideCord Foot { get; } = BesideCord.Read(Said);

    /// <summary>The thickness of the face.</summary>
    public Length Face { get; } = Said.LengthOrStart(CordedFields.FaceThickness);

    public Length StitchLength { get; } = Said.LengthOrStart(FinePipingFields.StitchLength);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static FinePipingInputs? Read(InputReader reader)
    {
        var twist = new Twist(
            FinePipingFields.ReadThread(reader),
            (int)reader.NumberOrStart(FinePipingFields.Strands)
        );
        var covering = new Covering(
            twist.Thick,
            reader.LengthOrStart(CordedFields.Thickness),
            reader.LengthOrStart(FinePipingFields.Flange),
            BiasFields.ReadStep(reader),
            1
        );
        var edge = EdgeInputs.Read(reader, covering.Covered);
        var required = edge?.WithEnds(reader.LengthOrStart(CordedFields.Overlap)) ?? covering.Width;
        var pieces = Together.Read(reader).Count;
        var cut = BiasCut.Read(reader, required * pieces, covering.Width);
        var ask = new FinePipingInputs(reader, twist, covering)
        {
            Edge = edge!,
            Cut = cut!,
            Required = required,
        };
        return reader.Errors.Count > 0 || edge is null || cut is null ? null : ask;
    }
}
