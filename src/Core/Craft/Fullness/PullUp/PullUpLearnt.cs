using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>What is known of a family's pull-up for one plan, as plots and ranges show it.</summary>
public sealed record PullUpLearnt(PullUpReading Reading) : Learnt
{
    public override Quantity Quantity =>
        new("Fullness", "× fullness", 2, 1, 4, 0.5, "fuller", "less full", Reading.Target);

    public override Interval Predicted => Reading.Prediction.Likely;

    public override string PlannedSays => Reading.Planned.Says(Reading.Family.Knobs);

    public override string RestsOn => Reading.RestsOn;

    public override IReadOnlyList<LearntSample> Samples =>
        [
            .. Reading
                .Model.Residuals()
                .Select(r => new LearntSample(
                    r.Sample.Fullness,
                    r.Expected,
                    r.Deviations,
                    r.IsOdd,
                    r.Sample.Same,
                    r.Sample.Counts,
                    r.Sample.Settings.Says(Reading.Family.Knobs)
                )),
        ];

    public override IReadOnlyList<PlotAxis> Axes =>
        [
            .. Axis
                .All.Where(a => Reading.Family.Knobs.HasFlag(a.Knob) && Set.Any(a.IsSet))
                .Select(a => a.Over([.. Set.Where(a.IsSet)])),
        ];

    /// <summary>All that was set, the plan's first.</summary>
    private IEnumerable<PullUpSettings> Set =>
        [Reading.Planned, .. Reading.Samples.Select(s => s.Settings)];

    public override NextSwatch Next
    {
        get
        {
            var next = Reading.Next;
            return new NextSwatch(next.Says, next.Lessens, next.Settings.Figures);
        }
    }

    public override double PlannedOn(PlotAxis axis) => Axis.Named(axis).Of(Reading.Planned);

    public override double SampleOn(PlotAxis axis, int sample) =>
        Axis.Named(axis).Of(Reading.Samples[sample].Settings);

    public override Interval PredictedAt(PlotAxis axis, double x) =>
        Reading.Model.Predict(Axis.Named(axis).With(Reading.Planned, x)).Likely;

    public override Interval Without(IReadOnlySet<int> samples) =>
        PullUpModel
            .From(Reading.Family, [.. Reading.Samples.Where((_, i) => !samples.Contains(i))])
            .Predict(Reading.Planned)
            .Likely;

    /// <summary>What swatches of a family teach.</summary>
    public static Lesson Of(PullUpFamily family) => Of(family.Name, _ => family);

    /// <summary>What swatches teach of the family that an ask plans with.</summary>
    /// <param name="name">The lesson's name in the API.</param>
    public static Lesson Of(string name, Func<InputReader, PullUpFamily> of) =>
        new(
            name,
            "fullness",
            reader =>
                PullUpReading.Read(reader, of(reader), PullUpFields.Planned(reader, of(reader)))
                    is { } reading
                    ? new PullUpLearnt(reading)
                    : null,
            swatch => Sew(of(swatch.Settings), swatch)
        );

    /// <summary>A swatch as a sample: its readings, after steam where that is what counts and it was read.</summary>
    public static RawInputs Sample(PullUpFamily family, SewnSwatch swatch)
    {
        var steamed = family.Knobs.HasFlag(Knobs.Steam) ? swatch.Read("steamed") : null;
        var ask = swatch.Features.Without(PullUpFields.Layers.Name);
        if (!ask.TryGet(PullUpFields.StitchLength.Name, out _))
        {
            ask = ask.With(
                PullUpFields.StitchLength.Name,
                RawValue.Of(StitchInWords(swatch.Words) ?? 4)
            );
        }
        if (swatch.Features.TryGet(PullUpFields.HeldBack.Name, out var held))
        {
            ask = ask.With(PullUpFields.HeldBack.Name, RawValue.Of(held.Number > 0));
        }
        // Of several layers, all of them weigh.
        if (
            swatch.Features.TryGet(PullUpFields.Layers.Name, out var layers)
            && layers.Number is > 1 and var count
            && ask.TryGet(FabricFields.LayerWeight.Name, out var weight)
            && weight.Number is { } grams
        )
        {
            ask = ask.With(
                FabricFields.LayerWeight.Name,
                RawValue.Of(Math.Min(2000, grams * count))
            );
        }
        return ask.With("flat", swatch.Read("flat")!.Value)
            .With("gathered", steamed ?? swatch.Read("gathered")!.Value)
            .With("steamed", RawValue.Of(steamed is not null))
            .With("same", RawValue.Of(swatch.IsSame))
            .With("counts", RawValue.Of(swatch.Counts));
    }

    /// <summary>The knobs of a family, as they are turned on a swatch.</summary>
    public static IReadOnlyList<Control> KnobsOf(PullUpFamily family) =>
        [
            new("stitchLength", "Stitch", "mm", 0.5, 4, "length"),
            new("tensionSteps", "Tension", "steps", 1, 0, "needle-tension"),
            .. family.Knobs.HasFlag(Knobs.Differential)
                ? new Control[] { new("differential", "Differential", "", 0.1, 1, "differential") }
                : [],
            .. family.Knobs.HasFlag(Knobs.Passes)
                ? new Control[] { new("passes", "Passes", "", 1, 1) }
                : [],
            .. family.Knobs.HasFlag(Knobs.Steam)
                ? new Control[] { new("elasticDiameter", "Elastic", "mm", 0.1, 0.6) }
                : [],
            .. family.Knobs.HasFlag(Knobs.Screw)
                ? new Control[] { new("screwTurns", "Set screw", "turns", 0.5, 0, "set-screw") }
                : [],
            .. family.Knobs.HasFlag(Knobs.HoldingBack)
                ? new Control[] { new("heldBack", "Held back", Control.NoOrYes, 1, 0) }
                : [],
        ];

    private static Dictionary<string, double> Sew(PullUpFamily family, SimulatedSwatch swatch)
    {
        var bench = SimulatedBench.Of(family, swatch.Seed);
        var settings = PullUpFields.Planned(swatch.Settings, family) with { Steamed = false };
        var marking = swatch.Settings.Ruler.Marking;
        var read = new Dictionary<string, double>
        {
            ["flat"] = swatch.Flat.Millimetres,
            ["gathered"] = bench.Sew(settings, swatch.Flat, swatch.Piece, marking).Millimetres,
        };
        if (family.Knobs.HasFlag(Knobs.Steam))
        {
            read["steamed"] = bench
                .Sew(settings with { Steamed = true }, swatch.Flat, swatch.Piece, marking)
                .Millimetres;
        }
        return read;
    }

    /// <summary>The stitch in mm as the card said it, such as <c>4.5 mm, dial 4.5</c>; null when it said none.</summary>
    private static double? StitchInWords(IReadOnlyDictionary<string, string> words) =>
        words.TryGetValue("Stitch length", out var said)
        && LengthReader.ReadFine(said.Split(',')[0]) is { IsRead: true, Length: var read }
        && read >= PullUpFields.StitchLength.Least
        && read <= PullUpFields.StitchLength.Most
            ? read.Millimetres
            : null;
}
