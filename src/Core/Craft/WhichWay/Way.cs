using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.WhichWay;

/// <summary>One way to make an edge fuller, with what it takes.</summary>
/// <param name="Technique">The technique's name.</param>
/// <param name="Scheme">Which of its schools; empty where there is but one.</param>
/// <param name="Title">Its name on the screen.</param>
/// <param name="Cloth">What is cut for it.</param>
/// <param name="Minutes">At the machine and at the table with it, about.</param>
/// <param name="Evenness">0 uneven to 3 quite even.</param>
/// <param name="EvennessSays">The same in words.</param>
/// <param name="Adjustable">Whether the fullness can still be changed once it is sewn.</param>
/// <param name="Needs">What it takes from the drawer, in words; empty where nothing special.</param>
/// <param name="NeedsKey">The same as one of the choices of what is owned; empty where nothing special.</param>
/// <param name="Has">Whether that is owned; null where nothing was said about the drawer.</param>
/// <param name="Reaches">Whether the fullness that is wanted is likely reached.</param>
/// <param name="ReachSays">How, in words.</param>
/// <param name="Score">How well it serves the purpose; only its order means something.</param>
/// <param name="Why">The reason for its place, in a sentence.</param>
internal sealed record Way(
    string Technique,
    string Scheme,
    string Title,
    Length Cloth,
    double Minutes,
    double Evenness,
    string EvennessSays,
    bool Adjustable,
    string Needs,
    string NeedsKey,
    bool? Has,
    bool Reaches,
    string ReachSays,
    double Score = 0,
    string Why = ""
);

/// <summary>The ways side by side, the best for the purpose first.</summary>
internal sealed record WhichWayAnswer(IReadOnlyList<Way> Ways) : Reckoning
{
    public static IReadOnlyList<Figure> Figures { get; } =
    [
        new(
            "ways",
            FigureShape.Table,
            "The ways, the best for the purpose first.",
            Inner:
            [
                new("technique", FigureShape.Text, "The technique."),
                new("scheme", FigureShape.Text, "Which of its schools, or empty."),
                new("title", FigureShape.Text, "Its name."),
                new("cloth", FigureShape.Length, "What is cut for it."),
                new("minutes", FigureShape.Ratio, "Time at the machine, about."),
                new("evenness", FigureShape.Text, "How even it comes out."),
                new(
                    "adjustable",
                    FigureShape.Flag,
                    "Whether the fullness can still be changed once it is sewn."
                ),
                new("needs", FigureShape.Text, "What it takes from the drawer, or empty."),
                new("has", FigureShape.Flag, "Whether that is owned.", false),
                new("reaches", FigureShape.Flag, "Whether the fullness is likely reached."),
                new("reachSays", FigureShape.Text, "How."),
                new("why", FigureShape.Text, "The reason for its place."),
            ]
        ),
    ];

    public override void Tell(IFigures figures) =>
        figures.Table(
            "ways",
            Ways.Count,
            (i, row) =>
            {
                var way = Ways[i];
                row.Text("technique", way.Technique);
                row.Text("scheme", way.Scheme);
                row.Text("title", way.Title);
                row.Length("cloth", way.Cloth, LengthKind.Cut);
                row.Ratio("minutes", Math.Round(way.Minutes));
                row.Text("evenness", way.EvennessSays);
                row.Flag("adjustable", way.Adjustable);
                row.Text("needs", way.Needs);
                if (way.Has is { } has)
                {
                    row.Flag("has", has);
                }
                row.Flag("reaches", way.Reaches);
                row.Text("reachSays", way.ReachSays);
                row.Text("why", way.Why);
            }
        );
}
