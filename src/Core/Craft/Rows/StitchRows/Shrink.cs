using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>What decides how far rows of stitches draw a cloth in.</summary>
/// <param name="Width">Of the stitches, on the mean.</param>
/// <param name="Gap">Between rows, on the mean; above 0.</param>
/// <param name="Weight">g/m²; null where it is not known.</param>
internal readonly record struct ShrinkSettings(
    bool Stabilised,
    Length Width,
    Length Gap,
    double? Weight
)
{
    /// <summary>How much of the cloth is stitched over.</summary>
    public double Cover => Width / Gap;

    /// <summary>The features: 1, stabilised, stitchWidth/rowGap, ln(clothWeight/120).</summary>
    public double[] Features =>
        [
            1,
            Stabilised ? 1 : 0,
            Cover,
            Math.Log((Weight ?? FabricFields.UsualWeight) / FabricFields.UsualWeight),
        ];

    public string Says =>
        $"{(Stabilised ? "stabilised" : "without stabiliser")}, {DecimalText.Write(Cover)} of it stitched";
}

/// <summary>A scrap with rows on it, measured both ways before and after.</summary>
internal sealed record ShrinkSample(
    ShrinkSettings Settings,
    Length AlongBefore,
    Length AlongAfter,
    Length AcrossBefore,
    Length AcrossAfter,
    bool Same,
    bool Counts
)
{
    /// <summary>Whether it was never sewn.</summary>
    public bool Simulated { get; init; }

    /// <summary>ln(before/after) along the rows, or across them.</summary>
    public double Response(bool along) =>
        along ? Math.Log(AlongBefore / AlongAfter) : Math.Log(AcrossBefore / AcrossAfter);
}

/// <summary>The samples of an ask.</summary>
internal static class ShrinkSamples
{
    private static readonly LengthField AlongBefore = Between("alongBefore", "Length before");
    private static readonly LengthField AlongAfter = Between("alongAfter", "Length after");
    private static readonly LengthField AcrossBefore = Between("acrossBefore", "Width before");
    private static readonly LengthField AcrossAfter = Between("acrossAfter", "Width after");

    private static readonly LengthField Width = LengthField
        .Fine("stitchWidth", "Stitch width", 0.1, 15, 5)
        .Help("On the mean.");

    private static readonly LengthField Gap = LengthField
        .Fine("rowGap", "Row spacing", 0.5, 2000, 12)
        .Help("On the mean.");

    private static readonly FlagField Stabilised = new FlagField("stabilised", "Stabiliser").Help(
        "Whether something lay under it."
    );

    public static GroupsField Field { get; } =
        new GroupsField(
            "samples",
            "Samples",
            [
                Stabilised,
                Width,
                Gap,
                FabricFields.LayerWeight,
                AlongBefore,
                AlongAfter,
                AcrossBefore,
                AcrossAfter,
                .. SampleWeight.Fields,
            ],
            500
        ).Help("Swatches with rows on them, measured both ways.");

    public static IReadOnlyList<ShrinkSample> Read(InputReader reader) =>
        [.. reader.Groups(Field).Select(One)];

    private static ShrinkSample One(InputReader sample)
    {
        var (same, counts) = SampleWeight.Read(sample);
        return new ShrinkSample(
            new ShrinkSettings(
                sample.Flag(Stabilised),
                sample.Length(Width),
                sample.Length(Gap),
                sample.OptionalNumber(FabricFields.LayerWeight)
            ),
            sample.Length(AlongBefore),
            sample.Length(AlongAfter),
            sample.Length(AcrossBefore),
            sample.Length(AcrossAfter),
            same,
            counts
        )
        {
            Simulated = SampleWeight.IsSimulated(sample),
        };
    }

    private static LengthField Between(string name, string label) =>
        LengthField.Mm(name, label, 1, 2000).Help("Between two marks.");
}

/// <summary>What is known of how far the planned rows draw the cloth in, both ways.</summary>
internal sealed record Shrink(IReadOnlyList<ShrinkSample> All, ShrinkSettings Planned)
{
    public ShrunkLearnt Along { get; } = new(All, Planned, true);

    public ShrunkLearnt Across { get; } = new(All, Planned, false);
}

/// <summary>The same one way: ln(before/after) = x·β + ε.</summary>
internal sealed record ShrunkLearnt(
    IReadOnlyList<ShrinkSample> All,
    ShrinkSettings Planned,
    bool IsAlong
) : Learnt
{
    /// <summary>Along the rows: a stabiliser holds it, and so does a heavy cloth; rows that cover more draw in more.</summary>
    public static Family AlongFamily { get; } =
        new("shrink-along", Weights(0.03, -0.02, 0.03, -0.01), 3, 0.0008);

    /// <summary>Across them, about half as much.</summary>
    public static Family AcrossFamily { get; } =
        new("shrink-across", Weights(0.015, -0.01, 0.02, -0.01), 3, 0.0008);

    private readonly Lazy<Regression> model = new(() => Learn(All, IsAlong));

    /// <summary>The quantile of ln(before/after) at an assurance, none below 0: stitching does not make cloth larger.</summary>
    public double At(double assurance) =>
        Math.Max(0, model.Value.At(Planned.Features).Quantile(assurance));

    public override Quantity Quantity =>
        new(
            IsAlong ? "Left along the rows" : "Left across them",
            "% of what it was",
            1,
            88,
            102,
            2,
            "shrank less",
            "shrank more"
        );

    public override Interval Predicted => RangeOf(model.Value, Planned);

    public override string PlannedSays => Planned.Says;

    public override string RestsOn =>
        Rests(
            All.Select(s => (s.Same, s.Counts, s.Simulated)),
            "On no swatch yet: only on what such rows usually draw in."
        );

    public override IReadOnlyList<LearntSample> Samples =>
        [
            .. All.Zip(
                model.Value.Residuals(),
                (s, r) =>
                    new LearntSample(
                        Left(s.Response(IsAlong)),
                        Left(r.Expected),
                        r.Deviations,
                        r.IsOdd,
                        s.Same,
                        s.Counts,
                        s.Settings.Says
                    )
            ),
        ];

    public override IReadOnlyList<PlotAxis> Axes =>
        [
            new(
                "cover",
                "stitch width over row gap",
                "",
                0,
                Math.Max(
                    1,
                    Math.Ceiling(All.Select(s => s.Settings.Cover).Append(Planned.Cover).Max())
                ),
                0.2
            ),
        ];

    public override NextSwatch Next
    {
        get
        {
            var at = Planned.Features;
            var other = Planned with { Stabilised = !Planned.Stabilised };
            var (just, turned) = (
                model.Value.Lessens(at, at),
                model.Value.Lessens(other.Features, at)
            );
            // A change has to be worth its trouble: a hundredth of the band cannot be seen.
            var isTurned = turned > just + 0.01;
            return new NextSwatch(
                $"Sew the next one {(isTurned ? other.Stabilised ? "with a stabiliser" : "without a stabiliser" : "just as planned")}, three rows of 20 cm: {Narrower(Math.Max(just, turned))}",
                Math.Max(just, turned),
                new Dictionary<string, double>
                {
                    [StitchRowsFields.Stabilised.Name] = (isTurned ? other : Planned).Stabilised
                        ? 1
                        : 0,
                }
            );
        }
    }

    public override double PlannedOn(PlotAxis axis) => Planned.Cover;

    public override double SampleOn(PlotAxis axis, int sample) => All[sample].Settings.Cover;

    public override Interval PredictedAt(PlotAxis axis, double x) =>
        RangeOf(model.Value, Planned with { Width = Planned.Gap * x });

    public override Interval Without(IReadOnlySet<int> samples) =>
        RangeOf(Learn([.. All.Where((_, i) => !samples.Contains(i))], IsAlong), Planned);

    private static IReadOnlyList<Weight> Weights(
        double one,
        double stabilised,
        double cover,
        double weight
    ) =>
        [
            new("1", one, 1),
            new("stabilised", stabilised, 0.6),
            new("stitchWidth/rowGap", cover, 1),
            new("ln(clothWeight/120)", weight, 0.4),
        ];

    private static Regression Learn(IReadOnlyList<ShrinkSample> samples, bool along) =>
        new(
            along ? AlongFamily : AcrossFamily,
            [
                .. samples.Select(s => new Observation(
                    s.Settings.Features,
                    s.Response(along),
                    SampleWeight.Of(s.Same, s.Counts)
                )),
            ]
        );

    private static Interval RangeOf(Regression model, ShrinkSettings at)
    {
        var foretold = model.At(at.Features);
        return new(
            Left(foretold.Quantile(0.95)),
            Left(foretold.Location),
            Left(foretold.Quantile(0.05))
        );
    }

    /// <summary>What ln(before/after) leaves of a hundred.</summary>
    private static double Left(double response) => 100 * Math.Exp(-response);
}
