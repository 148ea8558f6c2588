using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Card;

/// <summary>A foot for a working: the best that is owned, the next best, or what to look for.</summary>
/// <param name="Rank">best, next or buy.</param>
/// <param name="Id">Its id in the drawer; empty for one to look for.</param>
/// <param name="Because">Why it serves.</param>
/// <param name="Costs">What it costs to use it rather than a better one; empty for the best.</param>
public sealed record FootOption(string Rank, string Id, string Name, string Because, string Costs);

/// <summary>A row gap that needs no marking.</summary>
/// <param name="Gap">From row to row.</param>
/// <param name="Says">What to guide by.</param>
/// <param name="Off">How far from the gap that is wanted.</param>
public sealed record Guide(Length Gap, string Says, Length? Off);

/// <summary>The settings for one technique on one machine, each with its reason.</summary>
/// <param name="IsPossible">Whether it can be done on this machine; when not, there are no settings, and the findings say why.</param>
/// <param name="Feet">The foot to take, the next best, or what to look for.</param>
/// <param name="Guides">Row gaps that need no marking, the nearest to the wanted one first.</param>
/// <param name="Checks">What to look at first.</param>
public sealed record SettingsCard(
    string Technique,
    string Title,
    string Machine,
    bool IsPossible,
    IReadOnlyList<CardLine> Lines,
    IReadOnlyList<FootOption> Feet,
    IReadOnlyList<Guide> Guides,
    IReadOnlyList<School> Alternatives,
    IReadOnlyList<string> Checks,
    IReadOnlyList<string> Unchecked
) : Reckoning
{
    /// <summary>The figures of every card, whatever the technique.</summary>
    public static IReadOnlyList<Figure> Figures { get; } =
    [
        new("technique", FigureShape.Text, "Whose card it is."),
        new("title", FigureShape.Text, "Its name on the screen."),
        new("machine", FigureShape.Text, "The machine it is written for."),
        new("isPossible", FigureShape.Flag, "Whether it can be done on this machine."),
        new(
            "lines",
            FigureShape.Table,
            "The settings, in the order they are set.",
            Inner:
            [
                new("key", FigureShape.Text, "Names the setting."),
                new("setting", FigureShape.Text, "Its name on the screen."),
                new("figure", FigureShape.Text, "What to set."),
                new("dial", FigureShape.Text, "What this machine's dial then shows, or empty."),
                new("because", FigureShape.Text, "Why."),
            ]
        ),
        new(
            "feet",
            FigureShape.Table,
            "The foot to take, the next best, or what to look for.",
            Inner:
            [
                new("rank", FigureShape.Text, "best, next or buy."),
                new("id", FigureShape.Text, "Its id in the drawer, or empty."),
                new("name", FigureShape.Text, "Its name."),
                new("because", FigureShape.Text, "Why it serves."),
                new("costs", FigureShape.Text, "What it costs to use it rather than a better one."),
            ]
        ),
        new(
            "guides",
            FigureShape.Table,
            "Row gaps that need no marking, the nearest to the wanted one first.",
            Inner:
            [
                new("gap", FigureShape.Length, "From row to row."),
                new("says", FigureShape.Text, "What to guide by."),
                new("off", FigureShape.Length, "How far from the gap that is wanted.", false),
            ]
        ),
        new(
            "alternatives",
            FigureShape.Table,
            "Other respected ways.",
            Inner:
            [
                new("name", FigureShape.Text, "The way."),
                new("follows", FigureShape.Text, "What follows from it."),
            ]
        ),
        new(
            "checks",
            FigureShape.Table,
            "What to look at first.",
            Inner: [new("says", FigureShape.Text, "The check.")]
        ),
        new(
            "unchecked",
            FigureShape.Table,
            "What could not be checked, because something is not known.",
            Inner: [new("says", FigureShape.Text, "What.")]
        ),
    ];

    public override void Tell(IFigures figures)
    {
        figures.Text("technique", Technique);
        figures.Text("title", Title);
        figures.Text("machine", Machine);
        figures.Flag("isPossible", IsPossible);
        figures.Table(
            "lines",
            Lines.Count,
            (i, row) =>
            {
                var line = Lines[i];
                row.Text("key", line.Key);
                row.Text("setting", line.Setting);
                row.Text("figure", line.Figure);
                row.Text("dial", line.Dial);
                row.Text("because", line.Because);
            }
        );
        figures.Table(
            "feet",
            Feet.Count,
            (i, row) =>
            {
                var foot = Feet[i];
                row.Text("rank", foot.Rank);
                row.Text("id", foot.Id);
                row.Text("name", foot.Name);
                row.Text("because", foot.Because);
                row.Text("costs", foot.Costs);
            }
        );
        figures.Table(
            "guides",
            Guides.Count,
            (i, row) =>
            {
                row.Length("gap", Guides[i].Gap, LengthKind.Fine);
                row.Text("says", Guides[i].Says);
                if (Guides[i].Off is { } off)
                {
                    row.Length("off", off, LengthKind.Fine);
                }
            }
        );
        figures.Table(
            "alternatives",
            Alternatives.Count,
            (i, row) =>
            {
                row.Text("name", Alternatives[i].Name);
                row.Text("follows", Alternatives[i].Follows);
            }
        );
        Sayings("checks", Checks);
        Sayings("unchecked", Unchecked);

        void Sayings(string name, IReadOnlyList<string> sayings) =>
            figures.Table(name, sayings.Count, (i, row) => row.Text("says", sayings[i]));
    }
}
