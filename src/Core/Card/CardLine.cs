using ZephyrReach.Core.Craft;

namespace ZephyrReach.Core.Card;

/// <summary>One setting of a card.</summary>
/// <param name="Key">Names the setting, such as <c>needle-tension</c>.</param>
/// <param name="Setting">Its name on the screen.</param>
/// <param name="Figure">What to set.</param>
/// <param name="Dial">What this machine's own dial then shows, or empty.</param>
/// <param name="Because">Why, in one breath.</param>
public sealed record CardLine(
    string Key,
    string Setting,
    string Figure,
    string Dial,
    string Because
);

/// <summary>The settings for one working on one machine, each with its reason.</summary>
public sealed record SettingsCard(IReadOnlyList<CardLine> Lines) : Reckoning
{
    /// <summary>The figures of every card, whatever the technique.</summary>
    public static IReadOnlyList<Figure> Figures { get; } =
    [
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
    ];

    public override void Tell(IFigures figures) =>
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
}
