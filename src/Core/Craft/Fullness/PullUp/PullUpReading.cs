using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.PullUp.PullUpReading>;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>What is known of a family's pull-up for one plan: the range, how sure, and what would teach more.</summary>
/// <param name="Family">How the fullness is made.</param>
/// <param name="Planned">What will be set.</param>
/// <param name="Samples">What was measured.</param>
/// <param name="Assurance">How sure a cut length has to be, 0.5 to 0.99.</param>
/// <param name="Reach">What the machine's stitch reaches.</param>
/// <param name="Target">The fullness that is sought, or null.</param>
public sealed record PullUpReading(
    PullUpFamily Family,
    PullUpSettings Planned,
    IReadOnlyList<PullUpSample> Samples,
    double Assurance,
    StitchReach Reach,
    double? Target
)
{
    private readonly Lazy<PullUpModel> model = new(() => PullUpModel.From(Family, Samples));

    /// <summary>What was learnt.</summary>
    public PullUpModel Model => model.Value;

    /// <summary>
    /// The fullness beyond which nothing is believed that was not measured: ℓ/t, a fold in every stitch, where folds of the
    /// cloth lie on each other. Infinite where that is not known.
    /// </summary>
    public double Most { get; init; } = double.PositiveInfinity;

    public Prediction Prediction =>
        Evidence == 0 ? Model.Predict(Planned) with { Most = Most } : Model.Predict(Planned);

    /// <summary>How many samples it rests on.</summary>
    public int Evidence => Samples.Count(s => s.Counts);

    /// <summary>How sure, in words.</summary>
    public string AssuranceSays => Certainty.Says(Assurance);

    /// <summary>What it rests on, in a sentence.</summary>
    public string RestsOn => Learnt.Rests(Samples.Select(s => (s.Same, s.Counts, s.Simulated)));

    /// <summary>What the newest swatch of this very cloth and foot says by itself; nothing where there is none.</summary>
    /// <param name="edge">What is gathered to.</param>
    internal IEnumerable<Fact> ByTheLast(Length edge, Ruler ruler) =>
        Samples.LastOrDefault(s => s is { Counts: true, Same: true }) is { } last
            ? [new("Length by the last swatch alone", ruler.Whole(edge * last.Fullness))]
            : [];

    public NextSample Next => NextSample.For(Model, Family, Planned, Planned, Reach);

    public TargetSetting? Setting =>
        Target is { } target ? TargetSetting.For(Model, Family, Planned, target, Reach) : null;

    /// <summary>Figures that every answer with a prediction tells.</summary>
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Group(
            "fullness",
            "What the next piece is likely to come to; none below 1.",
            r => (object)r.Prediction,
            [
                Figure<Prediction>.Ratio("low", "19 times out of 20 are fuller.", p => p.Low),
                Figure<Prediction>.Ratio("mid", "As often more as less.", p => p.Mid),
                Figure<Prediction>.Ratio("high", "19 times out of 20 are less full.", p => p.High),
            ]
        ),
        F.Count("evidence", "The samples it rests on.", r => r.Evidence),
        F.Text("restsOn", "The same in a sentence.", r => r.RestsOn),
        F.Ratio("assurance", "How sure a cut length must be.", r => r.Assurance),
        F.Text("assuranceSays", "The same in words.", r => r.AssuranceSays),
        F.Group(
            "nextSample",
            "The swatch that would teach most.",
            r => r.Next,
            [
                Figure<NextSample>.Fine("stitchLength", "Stitch.", n => n.Settings.StitchLength),
                Figure<NextSample>.Ratio(
                    "tensionSteps",
                    "Tension, in steps from normal.",
                    n => n.Settings.TensionSteps
                ),
                Figure<NextSample>.Ratio("passes", "Passes.", n => n.Settings.Passes),
                Figure<NextSample>.Ratio(
                    "differential",
                    "Differential.",
                    n => n.Settings.Differential
                ),
                Figure<NextSample>.Flag(
                    "steamed",
                    "Whether it is measured after steam.",
                    n => n.Settings.Steamed
                ),
                Figure<NextSample>.Ratio(
                    "lessens",
                    "By what part the prediction's variance would shrink.",
                    n => n.Lessens
                ),
                Figure<NextSample>.Text("says", "What to do.", n => n.Says),
            ]
        ),
        F.Group(
            "setting",
            "The stitch length for the fullness wanted.",
            r => r.Setting,
            [
                Figure<TargetSetting>.Fine(
                    "stitchLength",
                    "Within the machine's reach.",
                    s => s.Settings.StitchLength
                ),
                Figure<TargetSetting>.Ratio(
                    "fullness",
                    "What it is likely to give.",
                    s => s.Fullness
                ),
                Figure<TargetSetting>.Flag(
                    "reaches",
                    "Whether that is what was wanted.",
                    s => s.Reaches
                ),
            ],
            false
        ),
        F.Table(
            "samples",
            "Each sample against what the others predict for it.",
            r => r.Model.Residuals(),
            Figure<SampleResidual>.Ratio("fullness", "Flat over gathered.", r => r.Sample.Fullness),
            Figure<SampleResidual>.Ratio("expected", "What the others predict.", r => r.Expected),
            Figure<SampleResidual>.Ratio(
                "deviations",
                "How far off, in standard deviations.",
                r => r.Deviations
            ),
            Figure<SampleResidual>.Flag("odd", "Whether that is more than three.", r => r.IsOdd)
        ),
    ];

    /// <summary>Reads what is known; null when the reader has errors.</summary>
    public static PullUpReading? Read(
        InputReader reader,
        PullUpFamily family,
        PullUpSettings planned
    )
    {
        var reading = new PullUpReading(
            family,
            planned,
            PullUpFields.ReadSamples(reader, planned, family),
            reader.OptionalNumber(Certainty.Field) ?? Certainty.Field.Start!.Value,
            PullUpFields.ReadReach(reader),
            reader.OptionalNumber(PullUpFields.TargetFullness)
        );
        return reader.Errors.Count > 0 ? null : reading;
    }

    /// <summary>As fine as a stitch is set.</summary>
    private static readonly Length Nearest = Length.FromMillimetres(0.1);

    /// <summary>What is noticed in the samples and in what is sought.</summary>
    public IEnumerable<Finding> Noticed()
    {
        var residuals = Model.Residuals();
        for (var i = 0; i < residuals.Count; i++)
        {
            if (residuals[i] is { IsOdd: true, Sample.Counts: true } odd)
            {
                yield return Learnt.Odd(
                    odd.Deviations,
                    $"Swatch {i + 1} came to {DecimalText.Write(odd.Sample.Fullness)}, and the others say {DecimalText.Write(odd.Expected)}.",
                    "Measured twice? Another fabric? It counts until you leave it out."
                );
            }
        }
        if (Setting is { Reaches: false } setting)
        {
            yield return Finding.Care(
                "out-of-reach",
                $"No stitch from {DecimalText.Write(Reach.Least.Millimetres)} to {DecimalText.Write(Reach.Most.Millimetres)} mm gives {DecimalText.Write(Target!.Value)}; "
                    + $"{DecimalText.Write(setting.Settings.StitchLength.Millimetres)} mm comes nearest, with {DecimalText.Write(setting.Fullness)}.",
                "The stitch length alone does not get there with the other settings as they are.",
                $"What would: {string.Join("; or ", setting.Would)}."
            );
        }
        if (
            Setting is { Reaches: true } wanted
            && !Family.IsElastic
            && Length.Difference(wanted.Settings.StitchLength, Planned.StitchLength) > Nearest / 2
        )
        {
            var stitch =
                $"{DecimalText.Write(Rounding.Nearest(wanted.Settings.StitchLength, Nearest).Millimetres, 1)} mm";
            yield return Finding.Note(
                "setting-for-target",
                $"A stitch of {stitch} likely gives a fullness of {DecimalText.Write(Target!.Value)}.",
                $"As it is set, {DecimalText.Write(Prediction.Mid)} is likely. {RestsOn}",
                $"Set the stitch to {stitch}.",
                new(PullUpFields.StitchLength.Name, stitch)
            );
        }
        if (Evidence == 0)
        {
            yield return new Finding(
                "no-sample",
                // What is cut for elastic may be twice as wide as it has to be.
                Family.IsElastic
                    ? Severity.Care
                    : Severity.Note,
                $"Anything from {DecimalText.Write(Prediction.Low)} to {DecimalText.Write(Prediction.High)} is likely: nothing was measured yet.",
                "How much a machine draws up depends on the machine, the foot and the fabric.",
                "Sew a measured strip: the first already narrows it a good deal."
            );
        }
    }
}
