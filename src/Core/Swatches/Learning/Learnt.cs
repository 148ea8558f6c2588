using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>A setting that can be turned between two swatches.</summary>
/// <param name="Name">Its field, in the ask and among the settings of a swatch.</param>
/// <param name="Label">Its name on the screen.</param>
/// <param name="Unit">Its unit, or empty.</param>
/// <param name="Step">How far one press turns it.</param>
/// <param name="Usual">What it is where nothing was said.</param>
/// <param name="CardLine">The line of the card that says the same; empty where there is none.</param>
public sealed record Control(
    string Name,
    string Label,
    string Unit,
    double Step,
    double Usual,
    string CardLine = ""
)
{
    /// <summary>The unit of what is or is not: 0 for no, 1 for yes.</summary>
    public const string NoOrYes = "0 or 1";
}

/// <summary>A swatch as it was sewn, for a technique to make a sample of.</summary>
/// <param name="Readings">By their names, lengths in mm; none is empty.</param>
/// <param name="Features">The settings as figures.</param>
/// <param name="Words">The card as it was set, in words.</param>
/// <param name="IsSame">Whether it was the very cloth and foot that are planned; another counts half.</param>
/// <param name="Counts">Whether the person lets it count.</param>
public sealed record SewnSwatch(
    IReadOnlyDictionary<string, IReadOnlyList<double>> Readings,
    RawInputs Features,
    IReadOnlyDictionary<string, string> Words,
    bool IsSame,
    bool Counts
)
{
    /// <summary>The mean of a kind of reading, in mm; null when it was not taken.</summary>
    public double? Mean(string name) =>
        Readings.TryGetValue(name, out var readings) && readings.Count > 0
            ? readings.Average()
            : null;

    /// <summary>A kind of reading as a value of an ask; null when it was not taken.</summary>
    public RawValue? Read(string name) =>
        Readings.TryGetValue(name, out var readings)
            ? RawValue.Of([.. readings.Select(RawValue.Of)])
            : null;
}

/// <summary>Something that swatches teach.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Title">Its name on the screen.</param>
/// <param name="Read">What is known of it for an ask with its samples; null when the reader has errors.</param>
/// <param name="Sew">
/// What a simulated machine of that seed makes of settings, by the names of the readings in mm; null where it is not simulated.
/// </param>
public sealed record Lesson(
    string Name,
    string Title,
    Func<InputReader, Learnt?> Read,
    Func<SimulatedSwatch, IReadOnlyDictionary<string, double>>? Sew = null
)
{
    /// <summary>Why nothing is predicted, where swatches are only laid side by side; empty where they predict.</summary>
    public string WhyNot { get; init; } = "";

    public bool Predicts => WhyNot.Length == 0;
}

/// <summary>A swatch to be “sewn” on a simulated machine.</summary>
/// <param name="Settings">What is set.</param>
/// <param name="Flat">Between its marks before sewing.</param>
/// <param name="Seed">Names the machine; the same is always the same.</param>
/// <param name="Piece">Which piece it is, from 0; each scatters in its own way.</param>
public sealed record SimulatedSwatch(
    InputReader Settings,
    Measures.Length Flat,
    int Seed,
    int Piece
);

/// <summary>A range: nineteen in twenty lie above its low, the even chance, nineteen in twenty below its high.</summary>
public sealed record Interval(double Low, double Mid, double High);

/// <summary>How the learnt quantity is written and drawn.</summary>
/// <param name="Title">Its name, such as <c>Fullness</c>.</param>
/// <param name="Unit">What stands after a figure, such as <c>times full</c>; or empty.</param>
/// <param name="Places">Decimal places.</param>
/// <param name="Least">A scale begins here…</param>
/// <param name="Most">…and reaches at least to here.</param>
/// <param name="Step">From tick to tick.</param>
/// <param name="More">The word for more of it, such as <c>fuller</c>.</param>
/// <param name="Less">The word for less.</param>
/// <param name="Wanted">The figure that is wanted; null where nothing is.</param>
public sealed record Quantity(
    string Title,
    string Unit,
    int Places,
    double Least,
    double Most,
    double Step,
    string More,
    string Less,
    double? Wanted = null
);

/// <summary>A setting that what is learnt is plotted against.</summary>
/// <param name="Name">Its name among the settings.</param>
/// <param name="Label">What stands below the plot.</param>
/// <param name="Unit">mm, or empty.</param>
/// <param name="From">The plot begins here.</param>
/// <param name="To">It ends here.</param>
/// <param name="Step">From tick to tick.</param>
public sealed record PlotAxis(
    string Name,
    string Label,
    string Unit,
    double From,
    double To,
    double Step
);

/// <summary>A sample against what the others predict for it.</summary>
/// <param name="Value">What it came to.</param>
/// <param name="Expected">What the others say.</param>
/// <param name="Deviations">How far off, in standard deviations.</param>
/// <param name="Says">Its settings in words.</param>
public sealed record LearntSample(
    double Value,
    double Expected,
    double Deviations,
    bool IsOdd,
    bool Same,
    bool Counts,
    string Says
);

/// <summary>The swatch that would teach most.</summary>
/// <param name="Says">What to do, in a sentence.</param>
/// <param name="Lessens">By what part the variance of the prediction at the plan would shrink, 0 to 1.</param>
/// <param name="Settings">What to set for it, by the names of the knobs.</param>
public sealed record NextSwatch(
    string Says,
    double Lessens,
    IReadOnlyDictionary<string, double> Settings
);

/// <summary>
/// What is known of one plan, whatever the family: the range, what it rests on, each sample against the others, and what
/// would teach more. Plots, ranges and advice are made of it alone.
/// </summary>
public abstract record Learnt
{
    public abstract Quantity Quantity { get; }

    /// <summary>The range for the next piece.</summary>
    public abstract Interval Predicted { get; }

    /// <summary>The settings that are planned, in words.</summary>
    public abstract string PlannedSays { get; }

    /// <summary>What it rests on, in a sentence.</summary>
    public abstract string RestsOn { get; }

    /// <summary>The samples, in the order they were said.</summary>
    public abstract IReadOnlyList<LearntSample> Samples { get; }

    /// <summary>What it can be plotted against; at least one.</summary>
    public abstract IReadOnlyList<PlotAxis> Axes { get; }

    /// <summary>Where the plan lies on an axis.</summary>
    public abstract double PlannedOn(PlotAxis axis);

    /// <summary>Where a sample lies on an axis.</summary>
    public abstract double SampleOn(PlotAxis axis, int sample);

    /// <summary>The range where all is as planned but for this axis.</summary>
    public abstract Interval PredictedAt(PlotAxis axis, double x);

    /// <summary>The range as it would be without some of the samples.</summary>
    public abstract Interval Without(IReadOnlySet<int> samples);

    public abstract NextSwatch Next { get; }

    /// <summary>The same for a plan that rests on it.</summary>
    public Expected Expected
    {
        get
        {
            var (q, (low, mid, high)) = (Quantity, Predicted);
            return new(
                q.Title,
                q.Unit,
                q.Places,
                q.Least,
                q.Most,
                q.Step,
                q.Wanted,
                low,
                mid,
                high,
                RestsOn
            );
        }
    }

    /// <summary>What samples rest on, in a sentence.</summary>
    /// <param name="samples">Whether each is of the same cloth and foot, whether it counts, and whether it was never sewn.</param>
    /// <param name="nothing">What it rests on without any.</param>
    internal static string Rests(
        IEnumerable<(bool Same, bool Counts, bool Simulated)> samples,
        string nothing = "No swatches yet: a typical value for such machines."
    )
    {
        var all = samples.ToList();
        var same = all.Count(s => s.Counts && s.Same);
        var other = all.Count(s => s.Counts && !s.Same);
        var left = all.Count - same - other;
        var simulated = all.Count(s => s.Counts && s.Simulated);
        // Where none was sewn it is said at once; where some were not, at the end.
        var how = simulated > 0 && simulated == same + other ? "simulated " : "";
        string Swatches(int count) => count == 1 ? $"1 {how}swatch" : $"{count} {how}swatches";
        return (same, other) switch
            {
                (0, 0) => nothing,
                (_, 0) => $"Based on {Swatches(same)} with this fabric and foot.",
                (0, _) => $"Based on {Swatches(other)} with other fabrics or feet, counted half.",
                _ =>
                    $"Based on {Swatches(same)} with this fabric and foot, plus {other} {(other == 1 ? "other" : "others")}, counted half.",
            }
            + (simulated > 0 && how.Length == 0 ? $" Of these {simulated} simulated." : "")
            + (left > 0 ? $" {left} {(left == 1 ? "swatch" : "swatches")} not used." : "");
    }

    /// <summary>A sample that lies too far from what the others say.</summary>
    /// <param name="deviations">How far off it is, in standard deviations.</param>
    /// <param name="says">What it came to, and what the others say.</param>
    /// <param name="remedy">What to look for.</param>
    internal static Finding Odd(double deviations, string says, string remedy) =>
        Finding.Care(
            "odd-sample",
            says,
            $"That is {Measures.DecimalText.Write(Math.Abs(deviations), 1)} standard deviations off.",
            remedy
        );

    /// <summary>How much a range narrows, in percent, where its variance shrinks by a part.</summary>
    protected static string Narrower(double lessens) =>
        $"the range would narrow by about {Measures.DecimalText.Write(100 * (1 - Math.Sqrt(1 - lessens)), 0)} %.";
}
