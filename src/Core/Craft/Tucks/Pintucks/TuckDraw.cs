using MathNet.Numerics.Distributions;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What decides how much of the cloth between two needles is drawn up.</summary>
internal readonly record struct TuckSettings(double TensionSteps, bool Corded, ClothWeight Weight)
{
    /// <summary>The features: 1, tension, cord, ln(weight/120).</summary>
    public double[] Features =>
        [
            1,
            TensionSteps,
            Corded ? 1 : 0,
            Math.Log(Weight.GramsPerSquareMetre / FabricFields.UsualWeight),
        ];

    public string Says =>
        $"tension {(TensionSteps > 0 ? "+" : "")}{DecimalText.Write(TensionSteps)}{(Corded ? ", corded" : "")}";

    public static TuckSettings Read(InputReader reader, double weight = FabricFields.UsualWeight) =>
        new(
            reader.OptionalNumber(PintucksFields.TensionSteps) ?? 0,
            reader.Flag(PintucksFields.Corded),
            ClothWeight.FromGramsPerSquareMetre(
                reader.OptionalNumber(FabricFields.LayerWeight) ?? weight
            )
        );
}

/// <summary>A scrap with so many tucks between two marks.</summary>
/// <param name="Base">n − 2t of what was sewn; below 0.3 mm it teaches nothing.</param>
/// <param name="Flat">Between the marks before sewing.</param>
/// <param name="Tucked">Between the same marks after.</param>
internal sealed record TuckSample(
    TuckSettings Settings,
    Length Base,
    double Tucks,
    Length Flat,
    Length Tucked,
    bool Same = true,
    bool Counts = true
)
{
    /// <summary>Whether it was never sewn.</summary>
    public bool Simulated { get; init; }

    /// <summary>With less cloth than this between the needles, what a ruler reads says nothing of the draw.</summary>
    private static readonly Length LeastBase = Length.FromMillimetres(0.3);

    /// <summary>A run of so many tucks says all that it can: a shorter one counts less.</summary>
    private const double WholeRun = 5;

    /// <summary>What part of the cloth between the needles was drawn into each ridge.</summary>
    public double Draw => (Flat - Tucked) / (Tucks * Base);

    public bool Teaches => Base >= LeastBase;

    /// <summary>How much it is learnt from, 0 to 1.</summary>
    public double Weight =>
        !Teaches ? 0 : SampleWeight.Of(Same, Counts) * Math.Min(1, Tucks / WholeRun);
}

/// <summary>The samples of an ask.</summary>
internal static class TuckSamples
{
    public static LengthsField FlatRead { get; } =
        new LengthsField("flat", "Flat", Length.FromMillimetres(3000)).Help(
            "Between the marks before sewing, read once or several times."
        );

    public static LengthsField TuckedRead { get; } =
        new LengthsField("tucked", "Tucked", Length.FromMillimetres(3000)).Help(
            "Between the same marks after sewing and pressing."
        );

    private static readonly LengthField Needles = PintucksFields.NeedleSpacing with
    {
        From = "",
        ShownWhen = null,
    };

    private static readonly LengthField Cloth = PintucksFields.ClothThickness with
    {
        From = "",
        ShownWhen = null,
    };

    private static readonly NumberField Tucks = new NumberField("tucks", "Tucks", 1, 100, 5).Help(
        "How many were sewn between the marks."
    );

    public static GroupsField Field { get; } =
        new GroupsField(
            "samples",
            "Samples",
            [
                Needles,
                Cloth,
                PintucksFields.TensionSteps with
                {
                    ShownWhen = null,
                },
                PintucksFields.Corded with
                {
                    ShownWhen = null,
                },
                FabricFields.LayerWeight,
                Tucks,
                FlatRead,
                TuckedRead,
                .. SampleWeight.Fields,
            ],
            500
        ).Help("Swatches that were tucked and measured.");

    public static IReadOnlyList<TuckSample> Read(InputReader reader, TuckSettings planned)
    {
        List<TuckSample> samples = [];
        foreach (var sample in reader.Groups(Field))
        {
            var settings = TuckSettings.Read(sample, planned.Weight.GramsPerSquareMetre);
            var needles = sample.LengthOrStart(Needles);
            var cloth = sample.LengthOrStart(Cloth);
            var tucks = sample.Number(Tucks);
            var (flat, tucked) = (sample.Lengths(FlatRead), sample.Lengths(TuckedRead));
            var (same, counts) = SampleWeight.Read(sample);
            if (flat.Count > 0 && tucked.Count > 0)
            {
                samples.Add(
                    new TuckSample(
                        settings,
                        needles - 2 * cloth,
                        tucks,
                        FullnessReading.Mean(flat),
                        FullnessReading.Mean(tucked),
                        same,
                        counts
                    )
                    {
                        Simulated = SampleWeight.IsSimulated(sample),
                    }
                );
            }
        }
        return samples;
    }
}

/// <summary>What is known of the draw for one plan: (flat − tucked)/(tucks · base) = x·β + ε.</summary>
internal sealed record TuckDraw(IReadOnlyList<TuckSample> All, TuckSettings Planned) : Learnt
{
    /// <summary>The family: a tighter needle draws more, a cord holds it open, heavy cloth gives less.</summary>
    public static Family Family { get; } =
        new(
            "tuck-draw",
            [
                new("1", 0.60, 2),
                new("tensionSteps", 0.06, 0.4),
                new("corded", -0.10, 1),
                new("ln(clothWeight/120)", -0.05, 0.5),
            ],
            3,
            0.02
        );

    private const double LeastTension = -2;
    private const double MostTension = 3;

    /// <summary>What an ask knows of it; null where no swatches were sent, or the tuck is folded.</summary>
    public static TuckDraw? Read(InputReader reader)
    {
        var planned = TuckSettings.Read(reader);
        return reader.Choice(PintucksFields.Kind) <= 0 && reader.Has(TuckSamples.Field)
            ? new TuckDraw(TuckSamples.Read(reader, planned), planned)
            : null;
    }

    private readonly Lazy<Regression> model = new(() => Learn(All));

    // Every line of every tuck asks for it.
    public PredictiveDistribution Foretold => foretold ??= model.Value.At(Planned.Features);

    private PredictiveDistribution? foretold;

    /// <summary>The draw at the planned settings, none below nothing.</summary>
    public double Mid => Math.Max(0, Foretold.Location);

    /// <summary>How many standard deviations of the width an assurance takes: the quantile of a Student t with the model's freedom.</summary>
    public double Quantile(double assurance)
    {
        // It is slow, and every mark asks for it.
        if (quantile?.Assurance != assurance)
        {
            quantile = (assurance, StudentT.InvCDF(0, 1, Foretold.Freedom, assurance));
        }
        return quantile!.Value.Value;
    }

    private (double Assurance, double Value)? quantile;

    public int Evidence => All.Count(s => s.Weight > 0);

    public override Quantity Quantity =>
        new("Draw", "of the fabric between the needles", 2, 0, 1.2, 0.2, "higher", "flatter");

    public override Interval Predicted => RangeOf(model.Value, Planned);

    public override string PlannedSays => Planned.Says;

    public override string RestsOn =>
        Rests(
            All.Select(s => (s.Same, s.Weight > 0, s.Simulated)),
            "On no swatch yet: only on what a twin needle usually draws up."
        );

    public override IReadOnlyList<LearntSample> Samples =>
        [
            .. All.Zip(
                model.Value.Residuals(),
                (s, r) =>
                    new LearntSample(
                        Value(s),
                        r.Expected,
                        s.Teaches ? r.Deviations : 0,
                        s.Teaches && r.IsOdd,
                        s.Same,
                        s.Counts && s.Teaches,
                        s.Settings.Says
                    )
            ),
        ];

    public override IReadOnlyList<PlotAxis> Axes =>
        [
            new(
                PintucksFields.TensionSteps.Name,
                "tension, steps from normal",
                "",
                Math.Min(
                    LeastTension,
                    All.Select(s => s.Settings.TensionSteps).Append(Planned.TensionSteps).Min()
                ),
                Math.Max(
                    MostTension,
                    All.Select(s => s.Settings.TensionSteps).Append(Planned.TensionSteps).Max()
                ),
                1
            ),
        ];

    /// <summary>Of the planned settings and a step of tension to either side, and with or without a cord: what narrows the plan most.</summary>
    public override NextSwatch Next
    {
        get
        {
            var at = Planned.Features;
            var (best, says, most) = (Planned, "just as planned", model.Value.Lessens(at, at));
            foreach (
                var (other, change) in new[]
                {
                    (
                        Planned with
                        {
                            TensionSteps = Planned.TensionSteps + 1,
                        },
                        "the tension a step tighter"
                    ),
                    (
                        Planned with
                        {
                            TensionSteps = Planned.TensionSteps - 1,
                        },
                        "the tension a step looser"
                    ),
                    (
                        Planned with
                        {
                            Corded = !Planned.Corded,
                        },
                        Planned.Corded ? "no cord" : "a cord"
                    ),
                }
            )
            {
                var lessens = model.Value.Lessens(other.Features, at);
                // A change has to be worth its trouble: a hundredth of the band cannot be seen.
                if (lessens > most + 0.01)
                {
                    (best, says, most) = (other, $"with {change}", lessens);
                }
            }
            return new NextSwatch(
                $"Sew the next one {says}, seven tucks of it: {Narrower(most)}",
                most,
                new Dictionary<string, double>
                {
                    [PintucksFields.TensionSteps.Name] = best.TensionSteps,
                }
            );
        }
    }

    public override double PlannedOn(PlotAxis axis) => Planned.TensionSteps;

    public override double SampleOn(PlotAxis axis, int sample) => All[sample].Settings.TensionSteps;

    public override Interval PredictedAt(PlotAxis axis, double x) =>
        RangeOf(model.Value, Planned with { TensionSteps = x });

    public override Interval Without(IReadOnlySet<int> samples) =>
        RangeOf(Learn([.. All.Where((_, i) => !samples.Contains(i))]), Planned);

    /// <summary>One that has too little cloth between the needles says nothing: it is shown as it was expected.</summary>
    private static double Value(TuckSample sample) => sample.Teaches ? sample.Draw : 0;

    private static Regression Learn(IReadOnlyList<TuckSample> samples) =>
        new(
            Family,
            [.. samples.Select(s => new Observation(s.Settings.Features, Value(s), s.Weight))]
        );

    private static Interval RangeOf(Regression model, TuckSettings at)
    {
        var foretold = model.At(at.Features);
        return new(
            Math.Max(0, foretold.Quantile(0.05)),
            Math.Max(0, foretold.Location),
            Math.Max(0, foretold.Quantile(0.95))
        );
    }
}
