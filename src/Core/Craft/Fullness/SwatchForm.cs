using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness;

/// <summary>What one technique reads and tells of its swatches beside their fullness.</summary>
/// <param name="Fields">What is asked.</param>
/// <param name="Told">All that is told.</param>
/// <param name="Judge">From what every fullness comes to.</param>
internal sealed record OwnReading(
    IReadOnlyList<Field> Fields,
    IReadOnlyList<Figure> Told,
    Func<SwatchAnswer, InputReader, SwatchAnswer> Judge
);

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
    /// <param name="own">What a technique reads and tells of its swatches beside that; null where nothing.</param>
    public static Calculation For(
        IReadOnlyList<Look> known,
        bool countsSteamed,
        bool canPlan,
        OwnReading? own = null
    )
    {
        var looks = new LookFields(known);
        return new Calculation(
            SwatchOf.FormName,
            "What the swatch shows",
            [
                Planned,
                Edge,
                Flat,
                Gathered,
                Steamed,
                Stretched,
                looks.Seen,
                looks.Tried,
                Predicted,
                .. own?.Fields ?? [],
            ],
            own?.Told ?? SwatchAnswer.Told,
            RawInputs.Of(
                ("fullness", 2.2),
                ("finishedEdge", "2.6 m"),
                ("flat", "30 cm"),
                ("gathered", new[] { "16.2 cm", "16.4 cm" }),
                ("looks", new[] { known[1].Choice.Name })
            ),
            reader =>
                SwatchAnswer.Judge(reader, looks, countsSteamed, canPlan) is not { } judged ? null
                : own is null ? judged
                : own.Judge(judged, reader)
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
