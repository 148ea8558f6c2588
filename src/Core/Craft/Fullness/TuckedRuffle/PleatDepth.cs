using System.Diagnostics.CodeAnalysis;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.TuckedRuffle.PleatSwatch>;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>What a swatch says of its pleats: how deep the screw folds them.</summary>
/// <remarks>r = flat/gathered = 1 + 2p/S turned round: p = (r − 1)·S/2, with S = N·ℓ as it was sewn.</remarks>
internal sealed record PleatSwatch : SwatchAnswer
{
    [SetsRequiredMembers]
    public PleatSwatch(SwatchAnswer read, Length spacing)
        : base(read) => Spacing = spacing;

    /// <summary>From pleat to pleat.</summary>
    private Length Spacing { get; }

    public Length Depth => DepthOf(Reading.Fullness, Spacing);

    /// <summary>p = (r − 1)·S/2; nothing where it was not folded at all.</summary>
    public static Length DepthOf(double fullness, Length spacing) =>
        Length.Max(Length.Zero, (fullness - 1) * spacing / 2);

    public static new IReadOnlyList<Figure> Told { get; } =
    [
        .. SwatchAnswer.Told,
        F.Fine("tuckDepth", "How deep each pleat lies.", a => a.Depth),
        F.Fine("tuckDepthLow", "The least that may be.", a => DepthOf(a.Reading.Low, a.Spacing)),
        F.Fine("tuckDepthHigh", "The most.", a => DepthOf(a.Reading.High, a.Spacing)),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    public override IReadOnlyList<string> Lines =>
        [
            $"Each pleat is {Ruler.Fine(Depth)} deep ({Ruler.Fine(DepthOf(Reading.Low, Spacing))} to {Ruler.Fine(DepthOf(Reading.High, Spacing))}): the arm pushes {Ruler.Fine(2 * Depth)}.",
            .. base.Lines,
        ];
}

/// <summary>What swatches teach of the depth screw, which has no numbers: how deep it folds as it stands.</summary>
internal static class PleatDepth
{
    /// <summary>
    /// ln(folded/planned): where the screw stands is not known before a swatch is measured; the same screw folds to within 5 to
    /// 10 % (workshop rule).
    /// </summary>
    public static Family Family { get; } = new("pleat-depth", [new("1", 0, 40)], 3, 0.0075);

    // As wide as swatches of every technique keep it.
    private static readonly LengthField Stitch = PullUpFields.StitchLength.Optional() with
    {
        Start = TuckedRuffleFields.StitchLength.Start,
    };

    private static readonly NumberField Every = TuckedRuffleFields.StitchesPerTuck with
    {
        IsNeeded = false,
    };

    /// <summary>What is kept with a swatch: how it was folded.</summary>
    public static IReadOnlyList<Field> Features { get; } = [Stitch, Every];

    public static IReadOnlyList<Control> Knobs { get; } =
    [new(Every.Name, Every.Label, "", 1, 6), new(Stitch.Name, "Stitch", "mm", 0.5, 2.5, "length")];

    public static OwnReading Own { get; } =
        new(
            [Stitch, Every],
            PleatSwatch.Told,
            (judged, reader) => new PleatSwatch(judged, SpacingOf(reader))
        );

    public static Lesson Lesson { get; } =
        new(
            Family.Name,
            "the depth screw",
            reader => TuckedRuffleCalculator.Straight(reader)?.Pushes
        );

    /// <summary>How deep the screw folds, of what the plan wants.</summary>
    public static Dial Of(IReadOnlyList<DialSample> samples, Length planned) =>
        new(samples, planned, "Pleat depth", true)
        {
            Believed = Family,
            Unit = "of the depth planned",
            Scale = (0.7, 1.3, 0.1),
            Words = ("deeper", "shallower"),
            Unmeasured = "No swatch yet: where the screw stands is not known.",
        };

    /// <summary>Reads how deep swatches were folded, each against what is planned now.</summary>
    public static IReadOnlyList<DialSample> Read(InputReader reader, Length planned) =>
        [
            .. reader
                .Groups(TuckedRuffleFields.Samples)
                .Select(sample =>
                {
                    var (same, counts) = SampleWeight.Read(sample);
                    return new DialSample(
                        Length.Max(planned, TuckedRuffleFields.TuckDepth.Least),
                        1,
                        sample.Length(TuckedRuffleFields.Folded),
                        same,
                        counts
                    )
                    {
                        Simulated = SampleWeight.IsSimulated(sample),
                    };
                }),
        ];

    /// <summary>A swatch as a sample: how deep its pleats are.</summary>
    public static RawInputs Sample(SewnSwatch swatch)
    {
        var spacing = Length.FromMillimetres(
            Number(swatch, Every.Name, 6) * Number(swatch, Stitch.Name, 2.5)
        );
        var depth = swatch.Mean("flat") / swatch.Mean("gathered") is { } fullness
            ? PleatSwatch.DepthOf(fullness, spacing)
            : Length.Zero;
        var least = TuckedRuffleFields.Folded.Least;
        return RawInputs
            .Of((TuckedRuffleFields.Folded.Name, Length.Max(least, depth).Millimetres))
            .With("same", RawValue.Of(swatch.IsSame))
            // What was not folded says nothing of the screw.
            .With("counts", RawValue.Of(swatch.Counts && depth > least));
    }

    private static Length SpacingOf(InputReader reader) =>
        (reader.OptionalNumber(Every) ?? Every.Start!.Value) * reader.LengthOrStart(Stitch);

    private static double Number(SewnSwatch swatch, string name, double usual) =>
        swatch.Features.TryGet(name, out var said) && said.Number is { } figure ? figure : usual;
}
