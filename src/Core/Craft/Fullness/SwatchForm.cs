using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
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
internal sealed record SwatchAnswer(
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

/// <summary>From the readings of a swatch to its fullness, a judgement and the next change.</summary>
internal static class SwatchForm
{
    private static readonly Length Longest = Length.FromMillimetres(20_000);

    public static LengthsField Flat { get; } =
        new LengthsField("flat", "Flat", Longest).Help(
            "Between the marks before sewing, read once or several times."
        );

    public static LengthsField Gathered { get; } =
        new LengthsField("gathered", "Gathered", Longest).Help(
            "Between the same marks once it is sewn."
        );

    public static LengthsField Steamed { get; } =
        Gathered with
        {
            Name = "steamed",
            Label = "After steam",
            Help = "The same after steam, once it is dry.",
            IsNeeded = false,
        };

    public static LengthsField Stretched { get; } =
        Gathered with
        {
            Name = "stretched",
            Label = "Stretched",
            Help = "The same, pulled out as far as it goes without force.",
            IsNeeded = false,
        };

    public static LengthField Edge { get; } = StripFields.FinishedEdge.Optional();

    public static NumberField Planned { get; } =
        StripFields.Fullness with
        {
            IsNeeded = false,
            Start = null,
        };

    public static FlagField Predicted { get; } =
        new FlagField("predicted", "Predicted").Help(
            "Whether the fullness it is held against was predicted from other swatches."
        );

    /// <summary>What swatches of a fullness measure and teach.</summary>
    /// <param name="family">What the machine does to the cloth; null where the fullness is made by hand, and so is not predicted.</param>
    /// <param name="sewn">What the reading after sewing is called.</param>
    public static SwatchOf Measured(PullUpFamily? family = null, string sewn = "Gathered") =>
        new()
        {
            Readings = [Flat, Gathered with { Label = sewn }, Steamed, Stretched],
            Against = "fullness",
            Features = PullUpFields.Features,
            InShort = swatch =>
                swatch.Mean("flat") / swatch.Mean("gathered") is { } fullness
                    ? new(
                        swatch.Mean("flat") / swatch.Mean("steamed") is { } after
                            ? $"times full, {DecimalText.Write(after)} after steam"
                            : "× fullness",
                        Headline(fullness)
                    )
                    : null,
            Drawn = swatch => InShort.Mark("", FullnessOf(swatch), 7),
            Shown = Shown,
            Knobs = family is null ? [] : PullUpLearnt.KnobsOf(family),
            Teaches =
            [
                PullUpLearnt.Of(family ?? PullUpFamily.GatheringFoot) with
                {
                    WhyNot = family is null
                        ? "Fullness made by hand goes to any number: there is nothing to predict."
                        : "",
                },
            ],
            Sample = swatch => PullUpLearnt.Sample(family ?? PullUpFamily.GatheringFoot, swatch),
        };

    private static double FullnessOf(SewnSwatch swatch) =>
        Math.Clamp(swatch.Mean("flat") / swatch.Mean("gathered") ?? 1.8, 1.05, 4);

    /// <summary>Ten centimetres of it, as full as it came out.</summary>
    private static RawInputs Shown(SewnSwatch swatch)
    {
        var fullness = FullnessOf(swatch);
        return RawInputs
            .Empty.With("finishedEdge", RawValue.Of("10 cm"))
            .With("finishedDepth", RawValue.Of("8 cm"))
            .With("relaxedWidth", RawValue.Of("10 cm"))
            .With("panelHeight", RawValue.Of("8 cm"))
            .With("fullness", RawValue.Of(fullness));
    }

    /// <summary>A fullness as the figure that a swatch comes to, always with two places so that two can be compared.</summary>
    internal static string Headline(double fullness) =>
        fullness.ToString("0.00", System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>The form of a technique.</summary>
    /// <param name="known">What is looked for on its swatches, and what to try for each.</param>
    /// <param name="countsSteamed">Whether what counts is the reading after steam.</param>
    /// <param name="canPlan">Whether the plan says a fullness.</param>
    public static Calculation For(IReadOnlyList<Look> known, bool countsSteamed, bool canPlan)
    {
        var looks = new LookFields(known);
        return new Calculation(
            SwatchOf.FormName,
            "What the swatch shows",
            [Planned, Edge, Flat, Gathered, Steamed, Stretched, looks.Seen, looks.Tried, Predicted],
            SwatchAnswer.Told,
            RawInputs.Of(
                ("fullness", 2.2),
                ("finishedEdge", "2.6 m"),
                ("flat", "30 cm"),
                ("gathered", new[] { "16.2 cm", "16.4 cm" }),
                ("looks", new[] { known[1].Choice.Name })
            ),
            reader => SwatchAnswer.Judge(reader, looks, countsSteamed, canPlan)
        );
    }

    internal static IEnumerable<Finding> Noticed(FullnessReading reading, Ruler ruler)
    {
        if (reading.Fullness < 1)
        {
            yield return Finding.Care(
                "longer-than-flat",
                "It measures longer gathered than flat.",
                "Gathers can only make it shorter.",
                "Look whether the two numbers stand the right way round."
            );
        }
        if ((reading.High - reading.Low) / reading.Fullness > 0.1)
        {
            yield return Finding.Note(
                "unsure-reading",
                $"The readings leave {DecimalText.Write(reading.Low)} to {DecimalText.Write(reading.High)} open.",
                $"They differ by {ruler.Mark(Length.Max(reading.FlatSpread, reading.GatheredSpread))}, or the swatch is short.",
                "Spread the gathers evenly and measure once more, or sew a longer swatch."
            );
        }
    }
}
