using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Answers;

/// <summary>One line of the computation in words and figures, to be followed with a pencil.</summary>
/// <param name="Title">What is found, such as <c>Flat edge</c>.</param>
/// <param name="Sum">How, such as <c>2.6 m × 2.2 = 5.72 m</c>.</param>
/// <param name="Because">Why it is so, or empty.</param>
public sealed record DerivationLine(string Title, string Sum, string Because = "");

/// <summary>What is answered to an ask.</summary>
public abstract record Result
{
    /// <summary>What was noticed, gravest first, in whatever order it is given.</summary>
    public required IReadOnlyList<Finding> Findings
    {
        get;
        init => field = Finding.GravestFirst(value);
    }

    /// <summary>Every figure that it tells.</summary>
    public abstract IReadOnlyList<Figure> Figures { get; }

    /// <summary>The computation in words and figures.</summary>
    public virtual IReadOnlyList<DerivationLine> Derivation(Ruler ruler) => [];

    /// <summary>The piece, to scale.</summary>
    public virtual IReadOnlyList<Drawing> Drawings(Ruler ruler) => [];

    /// <summary>The order of work.</summary>
    public virtual IReadOnlyList<SewingStep> Steps(Ruler ruler) => [];

    /// <summary>The hazards of the work.</summary>
    public virtual IReadOnlyList<Caution> Cautions => [];
}

/// <summary>A figure of an answer in words, for a short list beside the drawing.</summary>
public sealed record Fact(string Name, string Text);

/// <summary>Something that a piece of work uses up.</summary>
/// <param name="Kind">The kind of thing in the drawer, such as <c>cloth</c> or <c>thread</c>.</param>
/// <param name="Amount">How much of it.</param>
/// <param name="Until">The stage at whose end it is used up: cloth until it is cut, thread until the piece is kept.</param>
public sealed record Need(string Kind, Length Amount, Stage Until)
{
    /// <summary>What it is where it is not the thing of its kind that was chosen for the piece; else empty.</summary>
    public string Name { get; init; } = "";
}

/// <summary>A piece of work for a list: a line of words with its figure, and a small drawing.</summary>
/// <param name="Text">Such as <c>2.6 m at 2.2</c>.</param>
/// <param name="Picture">Read at a glance, 110 to 58 in proportion or near it.</param>
public sealed record Summary(string Text, Drawing Picture);

/// <summary>What is likely of a plan by what swatches taught, for a picture of it.</summary>
/// <param name="Title">What it is a figure of, such as <c>Fullness</c>.</param>
/// <param name="Least">A scale begins here.</param>
/// <param name="Most">It ends here.</param>
/// <param name="Step">From tick to tick.</param>
/// <param name="Wanted">The figure that is wanted; null where nothing is.</param>
/// <param name="Low">Nineteen in twenty lie above.</param>
/// <param name="Mid">As often more as less.</param>
/// <param name="High">Nineteen in twenty lie below.</param>
/// <param name="RestsOn">What that rests on, in a sentence.</param>
public sealed record Expected(
    string Title,
    string Unit,
    int Places,
    double Least,
    double Most,
    double Step,
    double? Wanted,
    double Low,
    double Mid,
    double High,
    string RestsOn
)
{
    /// <summary>What the piece, cut as it is told, likely becomes; null where what is learnt is no size of it.</summary>
    public Becoming? Becomes { get; init; }
}

/// <summary>What a piece becomes that is gathered or tucked: as it is cut, and where its edge then likely lies.</summary>
/// <param name="Flat">Between its seams as it is cut.</param>
/// <param name="Wanted">As it is wanted.</param>
/// <param name="Low">19 times out of 20 it is longer.</param>
/// <param name="Mid">As often longer as shorter.</param>
/// <param name="High">19 times out of 20 it is shorter.</param>
public sealed record Becoming(Length Flat, Length Wanted, Length Low, Length Mid, Length High);

/// <summary>What is planned for a piece: the answer of a technique's straight form.</summary>
/// <remarks>Whatever the technique, the same screens show it, the same list keeps it, and the same comparison holds a later plan against what was cut.</remarks>
public abstract record WorkPlan : Result
{
    /// <summary>The figures that every plan tells beside its own.</summary>
    internal static IReadOnlyList<Figure> SharedFigures { get; } =
    [
        Figure<WorkPlan>.Table(
            "pieces",
            "What is cut, or found on a swatch.",
            p => p.Pieces,
            Figure<Piece>.Text(
                "key",
                "Names the piece, and stays when the numbers change.",
                p => p.Key
            ),
            Figure<Piece>.Count("count", "How many.", p => p.Count),
            Figure<Piece>.Text("name", "What it is.", p => p.Name),
            Figure<Piece>.Cut("length", "Along its grain or its edge.", p => p.Length) with
            {
                KindOf = p => ((Piece)p).LengthKind,
            },
            Figure<Piece>.Cut("depth", "Square to that.", p => p.Depth) with
            {
                KindOf = p => ((Piece)p).DepthKind,
            },
            Figure<Piece>.Text("of", "The kind of thing it is cut from.", p => p.Of),
            Figure<Piece>.Text("outline", "Its outline as path data in mm.", p => p.Outline.Data),
            Figure<Piece>.Flag(
                "grainUpright",
                "Whether the grain runs up its outline.",
                p => p.GrainUpright
            ),
            Figure<Piece>.Flag("onBias", "Whether it is cut on the bias.", p => p.OnBias),
            Figure<Piece>.Flag("onFold", "Whether it is cut on a fold.", p => p.OnFold)
        ),
        Facts_("facts", "The other numbers in words.", p => p.Facts),
        Facts_(
            "card",
            "What the settings are told beside the ask, by their fields.",
            p => p.ForCard
        ),
        Facts_("scrap", "The swatch: what to cut and mark, and what it comes to.", p => p.Scrap),
        Figure<WorkPlan>.Count("count", "How many pieces alike.", p => p.Together.Count),
        Figure<WorkPlan>.Table(
            "edges",
            "The edges that another piece can be sewn to.",
            p => p.Edges,
            Figure<Edge>.Text("key", "Names it in a link.", e => e.Key),
            Figure<Edge>.Text("name", "Which edge it is.", e => e.Name),
            Figure<Edge>.Length("length", LengthKind.Whole, "How long it is, flat.", e => e.Length)
        ),
        Figure<WorkPlan>.Table(
            "needs",
            "What it uses up.",
            p => p.Needs,
            Figure<Need>.Text("kind", "The kind of thing.", n => n.Kind),
            Figure<Need>.Amount("amount", "How much.", n => n.Amount),
            Figure<Need>.Text("until", "The stage that uses it up.", n => n.Until.Name())
        ),
        Figure<WorkPlan>.Group(
            "expected",
            "What is likely by what swatches taught, for a picture of it.",
            p => p.Expected,
            [
                Figure<Expected>.Text("title", "What it is a number of.", e => e.Title),
                Figure<Expected>.Text("unit", "What stands after the number.", e => e.Unit),
                Figure<Expected>.Count("places", "Its decimal places.", e => e.Places),
                Figure<Expected>.Ratio("least", "A scale begins here.", e => e.Least),
                Figure<Expected>.Ratio("most", "It ends here.", e => e.Most),
                Figure<Expected>.Ratio("step", "From tick to tick.", e => e.Step),
                Figure<Expected>.Ratio("wanted", "The number that is wanted.", e => e.Wanted),
                Figure<Expected>.Ratio("low", "19 times out of 20 lie above.", e => e.Low),
                Figure<Expected>.Ratio("mid", "As often more as less.", e => e.Mid),
                Figure<Expected>.Ratio("high", "19 times out of 20 lie below.", e => e.High),
                Figure<Expected>.Text("restsOn", "What it rests on.", e => e.RestsOn),
                Figure<Expected>.Group(
                    "becomes",
                    "What the piece, cut as it is told, likely becomes.",
                    e => e.Becomes,
                    [
                        Told("flat", "Between its seams as it is cut.", b => b.Flat),
                        Told("wanted", "As it is wanted.", b => b.Wanted),
                        Told("low", "19 times out of 20 it is longer.", b => b.Low),
                        Told("mid", "As often longer as shorter.", b => b.Mid),
                        Told("high", "19 times out of 20 it is shorter.", b => b.High),
                    ],
                    false
                ),
            ],
            false
        ),
    ];

    private static Figure Told(string name, string says, Func<Becoming, Length> of) =>
        Figure<Becoming>.Length(name, LengthKind.Whole, says, b => of(b));

    /// <summary>What lengths in words are written against.</summary>
    public required Ruler Ruler { get; init; }

    /// <summary>How it stands among other pieces.</summary>
    public required Together Together { get; init; }

    /// <summary>The edges of the finished piece that another can be sewn to; empty where there are none.</summary>
    public virtual IReadOnlyList<Edge> Edges => [];

    /// <summary>What is cut, or taken from a scrap; empty where nothing is.</summary>
    public abstract IReadOnlyList<Piece> Pieces { get; }

    /// <summary>Settings that the plan came to, by the card's fields: the card then says the same. Empty where it finds them itself.</summary>
    public virtual IReadOnlyList<Fact> ForCard => [];

    /// <summary>The other figures in words.</summary>
    public abstract IReadOnlyList<Fact> Facts { get; }

    /// <summary>The swatch: what to cut and mark, and what it comes to.</summary>
    public abstract IReadOnlyList<Fact> Scrap { get; }

    /// <summary>What it uses up.</summary>
    public abstract IReadOnlyList<Need> Needs { get; }

    /// <summary>What is likely by what swatches taught; null where nothing is learnt.</summary>
    public virtual Expected? Expected => null;

    /// <summary>What is marked on the cloth, at true size; null where nothing is.</summary>
    public virtual Guide? Guide => null;

    /// <summary>Its line or its outlines, as they can be taken out as a file; empty where it has none.</summary>
    public virtual IReadOnlyList<Path> Traces => [];

    /// <summary>How long its steps take together, those for the others of several alike too.</summary>
    internal double MinutesInAll => Steps(Ruler).Sum(s => s.Minutes);

    /// <summary>How long its steps take together, by workshop rules, and about how much of that at the machine; of all that are alike.</summary>
    internal Fact TimeInAll
    {
        get
        {
            var steps = Steps(Ruler);
            var one = steps.Where(s => Together.Count == 1 || s.Key != Together.Others).ToList();
            var (all, each) = (steps.Sum(s => s.Minutes), one.Sum(s => s.Minutes));
            var atMachine = one.Where(s => s.Place == Place.Machine).Sum(s => s.Minutes);
            // Of the others as much is machine work as of the first.
            var share = each > 0 ? atMachine / each : 0;
            return new(
                "Time, about",
                $"{DecimalText.Write(Math.Max(1, all), 0)} min{(Together.Count > 1 ? $" for all {Together.Count}" : "")}, {DecimalText.Write(all * share, 0)} at the machine"
            );
        }
    }

    /// <summary>The piece of work for a list.</summary>
    public abstract Summary Summary { get; }

    private static Figure Facts_(
        string name,
        string says,
        Func<WorkPlan, IReadOnlyList<Fact>> take
    ) =>
        Figure<WorkPlan>.Table(
            name,
            says,
            take,
            Figure<Fact>.Text("name", "What it is.", f => f.Name),
            Figure<Fact>.Text("text", "Its number.", f => f.Text)
        );
}

/// <summary>Looks an answer through.</summary>
public static class ResultExtensions
{
    /// <summary>The same answer with what is to be noticed in it.</summary>
    public static T WithFindings<T>(this T answer, Func<T, IEnumerable<Finding>> noticed)
        where T : Result
    {
        // Looked through first: what it works out on the way is worked out for the copy too.
        IReadOnlyList<Finding> findings = [.. noticed(answer)];
        return answer with { Findings = findings };
    }
}
