using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>A length that was dialled, and what so many stitches of it measured.</summary>
/// <param name="Dialled">On the dial; above 0.</param>
/// <param name="Stitches">How many were measured together; 1 or more.</param>
/// <param name="Measured">All of them; above 0.</param>
public sealed record DialSample(
    Length Dialled,
    double Stitches,
    Length Measured,
    bool Same = true,
    bool Counts = true
)
{
    /// <summary>Whether it was never sewn.</summary>
    public bool Simulated { get; init; }

    /// <summary>What one stitch came to, for each millimetre that was dialled.</summary>
    public double Factor => Measured / (Dialled * Stitches);
}

/// <summary>What a machine really gives for what is dialled: ln(measured/(dialled · stitches)) = β + ε.</summary>
/// <param name="Title">What it is a dial of.</param>
/// <param name="AreSwatches">Whether what was measured are swatches; else rows of stitches on the machine itself.</param>
public sealed record Dial(
    IReadOnlyList<DialSample> All,
    Length Wanted,
    string Title,
    bool AreSwatches = false
) : Learnt
{
    /// <summary>The family, with a prior that the dial is right to about 5 %.</summary>
    public static Family Family { get; } = new("dial", [new("1", 0, 1.5)], 3, 0.002);

    private static readonly double[] One = [1];

    /// <summary>What its factor is a share of.</summary>
    public string Unit { get; init; } = "of what is set";

    /// <summary>What is believed before any sample; of a dial, where nothing else is said.</summary>
    public Family Believed { get; init; } = Family;

    /// <summary>How the factor is drawn: a scale from least to most.</summary>
    public (double Least, double Most, double Step) Scale { get; init; } = (0.8, 1.2, 0.05);

    /// <summary>What it rests on before anything is measured, in a sentence.</summary>
    public string Unmeasured { get; init; } = "Nothing measured yet: a typical value.";

    /// <summary>The words for more of it, and for less.</summary>
    public (string More, string Less) Words { get; init; } = ("longer", "shorter");

    private Regression? model;

    // Not before it is asked for: what is believed is said after it is made.
    private Regression Model => model ??= Learn(All);

    public PredictiveDistribution Foretold => Model.At(One);

    /// <summary>What the machine gives for each millimetre that is dialled: exp of the location.</summary>
    public double Factor => Math.Exp(Foretold.Location);

    public override Quantity Quantity =>
        new(Title, Unit, 3, Scale.Least, Scale.Most, Scale.Step, Words.More, Words.Less);

    public override Interval Predicted => RangeOf(Model);

    public override string PlannedSays => $"{DecimalText.Write(Wanted.Millimetres)} mm wanted";

    public override string RestsOn
    {
        get
        {
            var nothing = Unmeasured;
            // Rows of stitches are measured on the machine itself; blocks are swatches of a cloth.
            return !AreSwatches
                ? All.Count(s => s.Counts) switch
                {
                    0 => nothing,
                    1 => "On 1 row that was measured.",
                    var rows => $"On {rows} rows that were measured.",
                }
                : Rests(All.Select(s => (s.Same, s.Counts, s.Simulated)), nothing);
        }
    }

    public override IReadOnlyList<LearntSample> Samples =>
        [
            .. All.Zip(
                Model.Residuals(),
                (s, r) =>
                    new LearntSample(
                        s.Factor,
                        Math.Exp(r.Expected),
                        r.Deviations,
                        r.IsOdd,
                        s.Same,
                        s.Counts,
                        $"dialled {DecimalText.Write(s.Dialled.Millimetres)} mm"
                    )
            ),
        ];

    public override IReadOnlyList<PlotAxis> Axes
    {
        get
        {
            var all = All.Select(s => s.Dialled.Millimetres).Append(Wanted.Millimetres).ToList();
            var step = all.Max() > 12 ? 5 : 1;
            return
            [
                new(
                    "dialled",
                    "dialled",
                    "mm",
                    Math.Floor(all.Min() / step) * step,
                    Math.Ceiling((all.Max() + 0.5) / step) * step,
                    step
                ),
            ];
        }
    }

    public override NextSwatch Next
    {
        get
        {
            var lessens = Model.Lessens(One, One);
            return new NextSwatch(
                $"Sew and measure one more: {Narrower(lessens)}",
                lessens,
                new Dictionary<string, double>()
            );
        }
    }

    public override double PlannedOn(PlotAxis axis) => Wanted.Millimetres;

    public override double SampleOn(PlotAxis axis, int sample) => All[sample].Dialled.Millimetres;

    public override Interval PredictedAt(PlotAxis axis, double x) => Predicted;

    public override Interval Without(IReadOnlySet<int> samples) =>
        RangeOf(Learn([.. All.Where((_, i) => !samples.Contains(i))]));

    private Regression Learn(IReadOnlyList<DialSample> samples) =>
        new(
            Believed,
            [
                .. samples.Select(s => new Observation(
                    One,
                    Math.Log(s.Factor),
                    SampleWeight.Of(s.Same, s.Counts)
                )),
            ]
        );

    private static Interval RangeOf(Regression model)
    {
        var foretold = model.At(One);
        return new(
            Math.Exp(foretold.Quantile(0.05)),
            Math.Exp(foretold.Location),
            Math.Exp(foretold.Quantile(0.95))
        );
    }
}
