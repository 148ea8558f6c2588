using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.SwatchAnswer>;

namespace ZephyrReach.Core.Craft.Fullness;

/// <summary>What a sewn swatch says of a planned fullness.</summary>
/// <param name="Reading">Flat over gathered, and how sure that is.</param>
/// <param name="Target">The fullness that it is held against; null where none was planned.</param>
/// <param name="IsPredicted">Whether that was predicted from other swatches; else it was planned.</param>
/// <param name="FinishedEdge">The real edge; null when it was not said.</param>
/// <param name="Steamed">The fullness after steam; null when it was not read.</param>
/// <param name="Spring">How far it stretches out again, stretched over gathered; null when it was not read.</param>
/// <param name="CountsSteamed">Whether what counts is the reading after steam.</param>
/// <param name="CanPlan">Whether the plan says a fullness that can be set to this one.</param>
internal record SwatchAnswer(
    FullnessReading Reading,
    double? Target,
    bool IsPredicted,
    Length? FinishedEdge,
    FullnessReading? Steamed,
    double? Spring,
    bool CountsSteamed,
    bool CanPlan,
    Ruler Ruler
) : SwatchJudgement
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio(
            "fullness",
            "Flat over gathered, from the means of the readings.",
            a => a.Reading.Fullness
        ),
        F.Ratio("low", "The least it may be, given how finely it was read.", a => a.Reading.Low),
        F.Ratio("high", "The most it may be.", a => a.Reading.High),
        F.Marked(
            "flatSpread",
            "Between the shortest and the longest flat reading.",
            a => a.Reading.FlatSpread
        ),
        F.Marked(
            "gatheredSpread",
            "Between the shortest and the longest gathered reading.",
            a => a.Reading.GatheredSpread
        ),
        F.Ratio(
            "fromTarget",
            "How far from the planned fullness, as a part of it: 0.05 is 5 % fuller.",
            a => a.Counting.Fullness / a.Target - 1
        ),
        F.Ratio("steamedFullness", "After steam.", a => a.Steamed?.Fullness),
        F.Ratio("spring", "Stretched over gathered.", a => a.Spring),
        F.Length(
            "flatForEdge",
            LengthKind.Cut,
            "The flat edge that the real edge takes at this fullness.",
            a => a.FinishedEdge * a.Counting.Fullness
        ),
        F.Length(
            "flatGiveOrTake",
            LengthKind.Cut,
            "How sure that is, either way.",
            a => a.FinishedEdge * ((a.Counting.High - a.Counting.Low) / 2)
        ),
        .. SharedFigures,
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => new("× fullness", SwatchForm.Headline(Reading.Fullness));

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines = [];
            if (Target is { } target)
            {
                lines.Add($"{Held(target)}.");
            }
            if (FinishedEdge is { } edge)
            {
                // How sure a piece is, is said in one place: by the plan, which knows every swatch.
                lines.Add(
                    IsPredicted
                        ? "The Plan page now uses this swatch."
                        : $"Your edge would take {Ruler.Cut(edge * Counting.Fullness)} flat."
                );
            }
            if (CountsSteamed)
            {
                lines.Add(
                    $"Drawn up to {DecimalText.Write(100 / Counting.Fullness, 0)} % of what it was flat."
                );
            }
            if (Steamed is { } steamed)
            {
                lines.Add($"After steam {Two(steamed.Fullness)}.");
            }
            if (Spring is { } spring)
            {
                lines.Add($"It stretches out to {Two(spring)} times its length.");
            }
            return lines;
        }
    }

    public override TakeOver? TakeOver
    {
        get
        {
            var rounded = Math.Round(Counting.Fullness * 100) / 100;
            return
                CanPlan
                && rounded is >= 1 and <= 6
                && Target is { } target
                && Math.Abs(Counting.Fullness / target - 1) >= 0.005
                ? new TakeOver(
                    StripFields.Fullness.Name,
                    rounded,
                    $"Plan {DecimalText.Write(rounded)} instead"
                )
                : null;
        }
    }

    /// <summary>The reading that counts; for elastic that is how it sits after steam.</summary>
    private FullnessReading Counting => CountsSteamed && Steamed is { } after ? after : Reading;

    /// <summary>How it lies to what it is held against.</summary>
    private string Held(double target)
    {
        var isSteamed = Counting != Reading;
        var off = Counting.Fullness / target - 1;
        var percent = Math.Round(Math.Abs(off) * 100);
        var held = IsPredicted ? "predicted" : "planned";
        return percent == 0
            ? $"{(isSteamed ? "After steam as" : "As")} {held}"
            : $"{(isSteamed ? "After steam " : "")}{DecimalText.Write(percent, 0)} % {(off > 0 ? "fuller" : "less full")} than the {held} {Two(target)}";
    }

    private static string Two(double figure) => DecimalText.Write(figure);

    public static SwatchAnswer? Judge(
        InputReader reader,
        LookFields looks,
        bool countsSteamed,
        bool canPlan
    )
    {
        var target = reader.OptionalNumber(SwatchForm.Planned);
        var edge = reader.OptionalLength(SwatchForm.Edge);
        var isPredicted = reader.Flag(SwatchForm.Predicted);
        var (flat, gathered) = (
            reader.Lengths(SwatchForm.Flat),
            reader.Lengths(SwatchForm.Gathered)
        );
        var (steamed, stretched) = (
            reader.Lengths(SwatchForm.Steamed),
            reader.Lengths(SwatchForm.Stretched)
        );
        var change = looks.Read(reader);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        var marking = reader.Ruler.Marking;
        var reading = FullnessReading.Of(flat, gathered, marking);
        return new SwatchAnswer(
            reading,
            target,
            isPredicted,
            edge,
            steamed.Count > 0 ? FullnessReading.Of(flat, steamed, marking) : null,
            stretched.Count > 0
                ? FullnessReading.Mean(stretched) / FullnessReading.Mean(gathered)
                : null,
            countsSteamed,
            canPlan,
            reader.Ruler
        )
        {
            Readings = Of(
                (SwatchForm.Flat, flat),
                (SwatchForm.Gathered, gathered),
                (SwatchForm.Steamed, steamed),
                (SwatchForm.Stretched, stretched)
            ),
            Change = change,
            Findings = [.. SwatchForm.Noticed(reading, reader.Ruler)],
        };
    }
}
