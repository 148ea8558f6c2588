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

    /// <summary>Whether its cord is twisted from threads.</summary>
    public bool IsTwisted => CordOf == FinePipingFields.Threads;

    /// <summary>What lies in the covering.</summary>
    public string CordOf { get; } = Said.ChoiceOrStart(FinePipingFields.CordOf);

    /// <summary>A ready-made binding, opened out; null where strips are cut.</summary>
    public Length? ReadyBinding { get; } = Said.OptionalLength(CordedFields.ReadyBinding);

    /// <summary>How wide a binding is that has this piping in its seam; null where there is none.</summary>
    public Length? BindingWidth { get; } = Said.OptionalLength(FinePipingFields.BindingWidth);

    /// <summary>How the strips of that binding are cut; null where there is none.</summary>
    public BiasCut? Binding { get; init; }

    /// <summary>Four times as wide as it is seen, and a little for its folds: workshop rule.</summary>
    public static Length BindingCut(Length seen) => 4 * seen + Length.FromMillimetres(3);

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
        var twist =
            reader.ChoiceOrStart(FinePipingFields.CordOf) == FinePipingFields.Threads
                ? new Twist(
                    FinePipingFields.ReadThread(reader),
                    (int)reader.NumberOrStart(FinePipingFields.Strands)
                )
                : new Twist(reader.LengthOrStart(FinePipingFields.RollThickness), 1);
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
            Binding = reader.OptionalLength(FinePipingFields.BindingWidth) is { } seen
                ? BiasCut.Read(reader, required * pieces, BindingCut(seen))
                : null,
        };
        return reader.Errors.Count > 0 || edge is null || cut is null ? null : ask;
    }
}
