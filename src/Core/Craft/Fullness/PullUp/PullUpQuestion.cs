using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.PullUp.PullUpAnswer>;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>What samples say, asked by itself: any machine-made fullness, whatever it is for.</summary>
public static class PullUpQuestion
{
    private static readonly ChoiceField FamilyField = new ChoiceField(
        "family",
        "Made by",
        [
            new Choice("gathering-foot", "a gathering foot", "The foot holds the fabric back."),
            new Choice("overlock", "an overlocker", "The differential feed pushes fabric in."),
            new Choice("elastic", "elastic thread", "The elastic in the bobbin draws up."),
            new Choice(
                "elastic-looper",
                "elastic in a looper",
                "The elastic in the looper of an overlocker draws up."
            ),
        ],
        "gathering-foot"
    ).Help("How the machine makes the fullness.");

    private static readonly GroupField SettingsField = new GroupField(
        "settings",
        "Settings",
        PullUpFields.Settings
    ).Help("What will be set.");

    private static readonly LengthField Edge = LengthField
        .Mm("finishedEdge", "Finished length", 1, 1e6)
        .Optional()
        .Help("The edge that the gathers are sewn to.");

    public static Calculation Form { get; } =
        new(
            "pull-up",
            "What measured samples say of the next piece",
            [FamilyField, SettingsField, Edge, .. PullUpFields.Beside],
            PullUpAnswer.Told,
            RawInputs.Of(
                ("family", "gathering-foot"),
                (
                    "settings",
                    RawInputs.Of(("stitchLength", 4), ("tensionSteps", 1), ("clothWeight", 98))
                ),
                (
                    "samples",
                    new[]
                    {
                        RawInputs.Of(
                            ("stitchLength", 4),
                            ("tensionSteps", 1),
                            ("clothWeight", 98),
                            ("flat", "30 cm"),
                            ("gathered", "17.8 cm")
                        ),
                    }
                ),
                ("finishedEdge", "94 cm"),
                ("assurance", 0.9)
            ),
            Work
        );

    private static PullUpAnswer? Work(InputReader reader)
    {
        var family = reader.Choice(FamilyField);
        var settings = reader.Group(SettingsField);
        var edge = reader.OptionalLength(Edge);
        if (settings is null || family < 0)
        {
            return null;
        }
        var planned = PullUpFields.Read(settings);
        return PullUpReading.Read(reader, PullUpFamily.All[family], planned) is { } reading
            ? new PullUpAnswer(reading, edge) { Findings = [.. reading.Noticed()] }
            : null;
    }
}

/// <summary>The answer to what samples say.</summary>
public sealed record PullUpAnswer(PullUpReading Reading, Length? Edge) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        .. F.From(a => a.Reading, PullUpReading.Told),
        F.Length(
            "stitchLength",
            LengthKind.Fine,
            "With a fullness wanted: the stitch whose even chance reaches it, or the nearest.",
            a => a.Reading.Setting?.Settings.StitchLength
        ),
        F.Length(
            "cutLength",
            LengthKind.Cut,
            "Flat length that is enough with the assurance.",
            a => a.Cut
        ),
        F.Length(
            "expectedSurplus",
            LengthKind.Marked,
            "What will likely be over: the cut length less edge times the even chance.",
            a => a.Cut - a.Edge * a.Reading.Prediction.Mid
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    private Length? Cut => Edge * Reading.Prediction.At(Reading.Assurance);
}
