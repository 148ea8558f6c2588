using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.Shirring.ShirringHalfWayAnswer>;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>What a width of cloth allows.</summary>
internal sealed record FullnessAnswer(double Fullness, Length FlatWidth) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        Figure<FullnessAnswer>.Ratio(
            "fullness",
            "The greatest fullness that the width allows.",
            a => a.Fullness
        ),
        Figure<FullnessAnswer>.Marked(
            "flatWidth",
            "What is left between the seams.",
            a => a.FlatWidth
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;
}

/// <summary>What the rows that are sewn say of the rest.</summary>
/// <param name="Should">What the panel measures now, before steam, where it is on course.</param>
/// <param name="Measured">What it measures.</param>
/// <param name="Parts">Thirds of the rows that are sewn: 1 or 2.</param>
/// <param name="Likely">The width at rest that it will likely come to after steam, as it is set.</param>
/// <param name="Setting">The stitch for the rest that brings it there; null when none is needed.</param>
internal sealed record ShirringHalfWayAnswer(
    Length Should,
    Length Measured,
    int Parts,
    Length Likely,
    TargetSetting? Setting
) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Marked("should", "What it has to measure now, before steam.", a => a.Should),
        F.Marked("measured", "What it measures.", a => a.Measured),
        F.Count("parts", "How many thirds of the rows are sewn.", a => a.Parts),
        F.Count("partsLeft", "How many are still to be sewn.", a => 3 - a.Parts),
        F.Marked("likely", "What it will likely measure at rest in the end.", a => a.Likely),
        F.Length(
            "stitchLength",
            LengthKind.Fine,
            "The stitch for the rest.",
            a => a.Setting?.Settings.StitchLength
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;
}

/// <summary>Shirring turned round: from a width of cloth to the fullness, and from the rows that are sewn to the rest.</summary>
internal static class ShirringInverses
{
    /// <summary>Workshop rule: a panel within four parts in a hundred is right.</summary>
    private const double NearEnough = 0.04;

    private static readonly LengthField Across = LengthField
        .Mm("clothAcross", "Fabric across", 1, 1e6)
        .Help("How wide a piece there is for the panel.");

    private static readonly LengthsField Measured = new LengthsField(
        "measured",
        "Measured",
        Length.FromMillimetres(1e6),
        2
    ).Help("The panel’s width before steam, after each third of the rows.");

    /// <summary>r = (C − 2s)/R.</summary>
    public static Calculation FromCloth { get; } =
        new(
            "fullness-from-cloth",
            "The fullness that a width of fabric allows",
            [.. ShirringFields.All.Where(f => f.Name != ShirringFields.Fullness.Name), Across],
            FullnessAnswer.Told,
            ShirringExample.Smock.Without("fullness").With("clothAcross", RawValue.Of("1.1 m")),
            reader =>
            {
                var across = reader.Length(Across);
                if (ShirringInputs.Read(reader, 1) is not { } ask || reader.Errors.Count > 0)
                {
                    return null;
                }
                var flat = Length.Max(Length.Zero, across - 2 * ask.SeamAllowance);
                var fullness = ShirredRows.AlongOf(
                    ask,
                    Length.Max(Length.Zero, flat - ask.Plain) / (ask.RelaxedWidth - ask.Plain)
                );
                return new FullnessAnswer(fullness, flat)
                {
                    Findings =
                        fullness >= 1
                            ? []
                            :
                            [
                                Finding.Stop(
                                    "cloth-short",
                                    "This is narrower than the panel at rest.",
                                    "Nothing is left to draw up.",
                                    "Join two widths, or plan a narrower panel."
                                ),
                            ],
                };
            }
        );

    public static Calculation HalfWay { get; } =
        new(
            "half-way",
            "Will it draw up enough?",
            [.. ShirringFields.All, Measured],
            ShirringHalfWayAnswer.Told,
            ShirringExample.Smock.With("measured", RawValue.Of("38 cm")),
            Check
        );

    private static ShirringHalfWayAnswer? Check(InputReader reader)
    {
        var measured = reader.Lengths(Measured);
        if (ShirringCalculator.Straight(reader) is not { } plan || reader.Errors.Count > 0)
        {
            return null;
        }
        var reading = plan.Ask.Reading;
        var now = measured[^1];
        // The panel itself is one more sample of these settings, read before steam.
        var learnt = PullUpModel.From(
            reading.Family,
            [
                .. reading.Samples,
                new PullUpSample(
                    reading.Planned with
                    {
                        Steamed = false,
                    },
                    plan.PartFlat,
                    plan.PartFlat / ShirredRows.AlongOf(plan.Ask, plan.PartFlat / now)
                ),
            ]
        );
        // What steam does is not seen in a panel that was not steamed yet: the figure it is held against stays where it was.
        var likely = Length.Min(plan.PartFlat, now / plan.Steam);
        // From the width that is wanted to that which is likely, all is well: what is over goes into the seams.
        var off =
            likely > plan.PartRest ? likely / plan.PartRest - 1
            : likely < plan.Ask.PartWidth ? likely / plan.Ask.PartWidth - 1
            : 0;
        var setting =
            Math.Abs(off) <= NearEnough
                ? null
                : TargetSetting.For(
                    learnt,
                    reading.Family,
                    reading.Planned,
                    plan.Ask.Fullness,
                    reading.Reach
                );
        return new ShirringHalfWayAnswer(plan.BeforeSteam, now, measured.Count, likely, setting)
        {
            Findings = [Judge(plan, likely, off, setting, reader.Ruler)],
        };
    }

    private static Finding Judge(
        ShirringPlan plan,
        Length likely,
        double off,
        TargetSetting? setting,
        Ruler ruler
    )
    {
        var says =
            $"After steam it will likely measure {ruler.Mark(likely)}; {ruler.Mark(plan.Ask.PartWidth)} is planned.";
        if (setting is null)
        {
            return Finding.Note(
                "on-course",
                $"On course. {says}",
                "Later rows draw it up a little more, not less.",
                "Sew on as it is set."
            );
        }
        var stitch = DecimalText.Write(setting.Settings.StitchLength.Millimetres, 1);
        // Where the stitch is set so already, only the rows are left to change.
        var sets =
            stitch == DecimalText.Write(plan.Ask.StitchLength.Millimetres, 1)
                ? ""
                : $"Set the stitch to {stitch} mm for the rest, or ";
        string rows(string to) => Sentence.Begin($"{sets}{to}");
        return off > 0
            ? Finding.Care(
                "draws-too-little",
                says,
                $"It draws up {DecimalText.Write(100 * off, 0)} % too little.",
                rows("bring the rows closer; what stays over is taken into the seams.")
            )
            : Finding.Care(
                "draws-too-much",
                says,
                $"It draws up {DecimalText.Write(-100 * off, 0)} % too much.",
                rows("set the rows further apart; try it on before you go on.")
            );
    }
}

/// <summary>The smock's back, for the API's examples.</summary>
internal static class ShirringExample
{
    public static RawInputs Smock { get; } =
        new(
            new Dictionary<string, RawValue>
            {
                ["relaxedWidth"] = RawValue.Of("30 cm"),
                ["fullness"] = RawValue.Of(2),
                ["panelHeight"] = RawValue.Of("14 cm"),
                ["topMargin"] = RawValue.Of("15 mm"),
                ["bottomMargin"] = RawValue.Of("15 mm"),
                ["rowGap"] = RawValue.Of("8 mm"),
                ["seamAllowance"] = RawValue.Of("12 mm"),
                ["layout"] = RawValue.Of("pivot"),
                ["bobbinCapacity"] = RawValue.Of("3 m"),
                ["tail"] = RawValue.Of("12 cm"),
                ["stitchLength"] = RawValue.Of(4),
                ["clothThickness"] = RawValue.Of(0.25),
                ["clothWeight"] = RawValue.Of(98),
                ["elasticDiameter"] = RawValue.Of(0.6),
                ["mustPassOver"] = RawValue.Of("58 cm"),
            }
        );
}
