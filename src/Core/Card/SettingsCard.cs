using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Card.SettingsCard>;

namespace ZephyrReach.Core.Card;

/// <summary>A foot for a working: the best that is owned, the next best, or what to look for.</summary>
/// <param name="Rank">chosen, best, next or buy.</param>
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
) : Result
{
    /// <summary>The figures of every card, whatever the technique.</summary>
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Text("technique", "Whose card it is.", c => c.Technique),
        F.Text("title", "Its name on the screen.", c => c.Title),
        F.Text("machine", "The machine it is written for.", c => c.Machine),
        F.Flag("isPossible", "Whether it can be done on this machine.", c => c.IsPossible),
        F.Table(
            "lines",
            "The settings, in the order they are set.",
            c => c.Lines,
            Figure<CardLine>.Text("key", "Names the setting.", l => l.Key),
            Figure<CardLine>.Text("setting", "Its name on the screen.", l => l.Setting),
            Figure<CardLine>.Text("figure", "What to set.", l => l.Figure),
            Figure<CardLine>.Text(
                "dial",
                "What this machine's dial then shows, or empty.",
                l => l.Dial
            ),
            Figure<CardLine>.Text("because", "Why.", l => l.Because)
        ),
        F.Table(
            "feet",
            "The foot to take, the next best, or what to look for.",
            c => c.Feet,
            Figure<FootOption>.Text("rank", "chosen, best, next or buy.", f => f.Rank),
            Figure<FootOption>.Text("id", "Its id in your supplies, or empty.", f => f.Id),
            Figure<FootOption>.Text("name", "Its name.", f => f.Name),
            Figure<FootOption>.Text("because", "Why it serves.", f => f.Because),
            Figure<FootOption>.Text(
                "costs",
                "What it costs to use it rather than a better one.",
                f => f.Costs
            )
        ),
        F.Table(
            "guides",
            "Row gaps that need no marking, the nearest to the wanted one first.",
            c => c.Guides,
            Figure<Guide>.Fine("gap", "From row to row.", g => g.Gap),
            Figure<Guide>.Text("says", "What to guide by.", g => g.Says),
            Figure<Guide>.Length(
                "off",
                LengthKind.Fine,
                "How far from the gap that is wanted.",
                g => g.Off
            )
        ),
        F.Table(
            "alternatives",
            "Other respected ways.",
            c => c.Alternatives,
            Figure<School>.Text("name", "The way.", s => s.Name),
            Figure<School>.Text("follows", "What follows from it.", s => s.Follows)
        ),
        Sayings("checks", "What to look at first.", c => c.Checks),
        Sayings(
            "unchecked",
            "What could not be checked, because something is not known.",
            c => c.Unchecked
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    private static Figure Sayings(
        string name,
        string says,
        Func<SettingsCard, IReadOnlyList<string>> take
    ) => F.Table(name, says, take, Figure<string>.Text("says", "It in words.", s => s));
}
