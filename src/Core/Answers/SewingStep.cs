namespace ZephyrReach.Core.Answers;

/// <summary>Where a step is done.</summary>
public enum Place
{
    Table,
    Iron,
    Machine,
    Hand,
}

/// <summary>The picture of a step: a drawing of the plan, as it is at that moment.</summary>
/// <param name="Drawing">The name of the drawing.</param>
/// <param name="Lit">The parts of it that matter now; the rest is drawn pale.</param>
/// <param name="NotYet">The parts that are not there yet.</param>
public sealed record Moment(
    string Drawing,
    IReadOnlyList<string> Lit,
    IReadOnlyList<string>? NotYet = null
);

/// <summary>A measure that is typed at a step, and the form that answers it.</summary>
/// <param name="Form">The name of the form, which is asked with the plan and the readings.</param>
/// <param name="Field">Its field that takes the readings.</param>
/// <param name="Question">What is measured, as a question.</param>
public sealed record StepMeasure(string Form, string Field, string Question)
{
    /// <summary>Figures that the form is told beside the reading, such as how many were sewn.</summary>
    public IReadOnlyDictionary<string, double> With { get; init; } =
        new Dictionary<string, double>();

    /// <summary>
    /// The field of the plan that keeps the reading as one of its groups, together with those figures, so that the plan itself
    /// goes by it; empty where it is only written down.
    /// </summary>
    public string Into { get; init; } = "";
}

/// <summary>A place within a step where the sewing stops and the work is turned.</summary>
/// <param name="Stitches">Stitches from the stop before; 0 where it is turned once more on the spot.</param>
/// <param name="Needle">On which side the needle stands.</param>
/// <param name="Turn">How far the cloth is turned, in degrees clockwise as it is seen from above; 0 where it is not.</param>
/// <param name="Says">What to do there.</param>
/// <param name="Near">Which of the places that its drawing shows from near, from 0.</param>
public sealed record StepStop(int Stitches, string Needle, double Turn, string Says, int Near);

/// <summary>One step of the sewing.</summary>
/// <param name="Key">Names the step, and stays the same when the figures change.</param>
/// <param name="Title">The step in three or four words.</param>
/// <param name="Says">What to do, with its figures.</param>
/// <param name="Big">The figure that has to be readable from afar, or empty.</param>
/// <param name="Checks">What to make sure of before the next step.</param>
/// <param name="Caution">A hazard of this step, when there is one.</param>
/// <param name="Schools">Respected ways to do it, of which one is chosen; null when there is but one.</param>
public sealed record SewingStep(
    string Key,
    string Title,
    string Says,
    string Big,
    IReadOnlyList<string> Checks,
    Caution? Caution = null,
    IReadOnlyList<School>? Schools = null
)
{
    /// <summary>Respected ways to do it, of which one is chosen; empty when there is but one.</summary>
    public IReadOnlyList<School> Schools { get; init; } = Schools ?? [];

    /// <summary>What it looks like.</summary>
    public Moment Picture { get; init; } = new("", []);

    /// <summary>Where it is done.</summary>
    public Place Place { get; init; }

    /// <summary>About how long it takes; 0 where that depends on the hands.</summary>
    public double Minutes { get; init; }

    /// <summary>What is set on the machine for it, in words; empty when nothing is changed.</summary>
    public IReadOnlyList<string> Sets { get; init; } = [];

    /// <summary>Of several pieces, each with what is told of it: a small table beside the drawing. Empty where there is one.</summary>
    public IReadOnlyList<Fact> Table { get; init; } = [];

    /// <summary>Where the sewing stops within it, in their order; empty where it is sewn through.</summary>
    public IReadOnlyList<StepStop> Stops { get; init; } = [];

    /// <summary>The measure that is typed here, when there is one.</summary>
    public StepMeasure? Measure { get; init; }

    /// <summary>The step with what is set on the machine for it, each in a few words.</summary>
    public SewingStep Setting(IReadOnlyList<string> sets) => this with { Sets = sets };

    /// <summary>The step with its place, its time and its picture.</summary>
    public SewingStep At(
        Place place,
        double minutes,
        string drawing,
        IReadOnlyList<string> lit,
        IReadOnlyList<string>? notYet = null
    ) =>
        this with
        {
            Place = place,
            Minutes = Math.Round(Math.Clamp(minutes, 0, 10_000), 1),
            Picture = new Moment(drawing, lit, notYet),
        };
}

/// <summary>One of several respected ways.</summary>
/// <param name="Name">The way, in a few words.</param>
/// <param name="Follows">What follows from it.</param>
public sealed record School(string Name, string Follows);
