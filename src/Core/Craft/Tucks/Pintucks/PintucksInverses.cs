using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Tucks.Pintucks.PintucksInversePlan>;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What the cloth, the panel or the margins allow. What a form does not give is null.</summary>
internal sealed record PintucksInversePlan : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Length(
            "widestPanel",
            LengthKind.Marked,
            "The widest finished panel that the fabric gives with these tucks.",
            a => a.WidestPanel
        ),
        F.Count("mostTucks", "The most tucks.", a => a.MostTucks),
        F.Length(
            "spacing",
            LengthKind.Fine,
            "The spacing, finished, from ridge to ridge.",
            a => a.Spacing
        ),
        F.Length("run", LengthKind.Marked, "From the first tuck to the last.", a => a.Run),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    public Length? WidestPanel { get; init; }
    public int? MostTucks { get; init; }
    public Length? Spacing { get; init; }
    public Length? Run { get; init; }
}

/// <summary>Tucks turned round: from the cloth there is, from the panel, from the margins that are wanted.</summary>
internal static class PintucksInverses
{
    private static readonly LengthField Cloth = PintucksFields.ClothAtHand with { IsNeeded = true };

    private static readonly LengthField Margin = PintucksFields.Margin with { IsNeeded = true };

    /// <summary>P = W − k·u − 2s − t_ν(p)·spread, and for the panel that is wanted the most tucks that still fit, each k tried with its own spread.</summary>
    public static Calculation FromCloth { get; } =
        new(
            "panel-from-cloth",
            "From the fabric there is: the widest panel, and the most tucks",
            [.. PintucksFields.Shape.Where(f => f.Name != Cloth.Name), Cloth],
            PintucksInversePlan.Told,
            PintucksTechnique.Example.With("clothAtHand", RawValue.Of("26 cm")),
            reader =>
            {
                var cloth = reader.Length(Cloth);
                if (PintucksInputs.Read(reader, withCourse: false) is not { } ask)
                {
                    return null;
                }
                var widest = cloth - Beside(ask);
                var most = 0;
                while (
                    most < 400 && Beside(ask with { Groups = [most + 1] }) <= cloth - ask.PanelWidth
                )
                {
                    most++;
                }
                return new PintucksInversePlan
                {
                    WidestPanel = Length.Max(Length.Zero, widest),
                    MostTucks = most,
                    Findings =
                        widest >= ask.PanelWidth
                            ? []
                            :
                            [
                                Finding.Care(
                                    "cloth-short",
                                    $"The panel that is wanted is {reader.Ruler.Mark(ask.PanelWidth)} wide; this fabric gives {reader.Ruler.Mark(Length.Max(Length.Zero, widest))}.",
                                    $"{ask.Tucks} tucks and both seams take the rest.",
                                    most > 0
                                        ? $"With {most} tucks it is enough; or find wider fabric, or join it under a tuck."
                                        : "Find wider fabric."
                                ),
                            ],
                };
            }
        );

    /// <summary>k tucks and their k + 1 gaps alike: q = P/(k + 1); and of a spacing the most that leave it on either side: floor(P/q) − 1.</summary>
    public static Calculation FromPanel { get; } =
        new(
            "spacing-from-panel",
            "From the panel: the spacing that fills it, and how many tucks a spacing gives",
            PintucksFields.Shape,
            PintucksInversePlan.Told,
            PintucksTechnique.Example,
            reader =>
            {
                if (PintucksInputs.Read(reader, withCourse: false) is not { } ask)
                {
                    return null;
                }
                // Gaps between groups stay as they are.
                var gaps = ask.Groups.Count - 1;
                var even = ask.PanelWidth - gaps * ask.GroupGap;
                var spacing = even / (ask.Tucks + 1 - gaps);
                return new PintucksInversePlan
                {
                    Spacing = Length.Max(Length.Zero, spacing),
                    MostTucks = (int)
                        Math.Clamp(
                            Rounding.FloorTolerant(ask.PanelWidth / ask.Spacing) - 1,
                            0,
                            100_000
                        ),
                    Findings = [],
                };
            }
        );

    /// <summary>The run P − 2·margin, the spacing that k tucks have in it, and the most tucks at the spacing that was said: floor(run/q) + 1.</summary>
    public static Calculation FromMargins { get; } =
        new(
            "run-from-margins",
            "From the margins that are wanted: the run",
            [.. PintucksFields.Shape.Where(f => f.Name != Margin.Name), Margin],
            PintucksInversePlan.Told,
            PintucksTechnique.Example.With("margin", RawValue.Of("5 cm")),
            reader =>
            {
                var margin = reader.Length(Margin);
                if (PintucksInputs.Read(reader, withCourse: false) is not { } ask)
                {
                    return null;
                }
                var run = ask.PanelWidth - 2 * margin;
                if (run < Length.Zero)
                {
                    reader.Contradiction(
                        Margin,
                        "Two margins are wider than the panel: nothing is left for tucks."
                    );
                    return null;
                }
                var gaps = ask.Groups.Count - 1;
                return new PintucksInversePlan
                {
                    Run = run,
                    Spacing =
                        ask.Tucks - 1 - gaps > 0
                            ? Length.Max(
                                Length.Zero,
                                (run - gaps * ask.GroupGap) / (ask.Tucks - 1 - gaps)
                            )
                            : null,
                    MostTucks = (int)
                        Math.Clamp(Rounding.FloorTolerant(run / ask.Spacing) + 1, 0, 100_000),
                    Findings = [],
                };
            }
        );

    /// <summary>What is cut beside the finished width.</summary>
    private static Length Beside(PintucksInputs ask)
    {
        var plan = new PintucksPlan(ask, TuckRun.Of(ask))
        {
            Findings = [],
            Ruler = Ruler.Metric,
            Together = Together.Alone,
        };
        return plan.Needed - ask.PanelWidth;
    }
}
