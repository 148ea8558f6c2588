using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Swatches.PullUp;

/// <summary>What samples say, asked by itself: any machine-made fullness, whatever it is for.</summary>
internal static class PullUpQuestion
{
    private static readonly ChoiceField FamilyField = new(
        "family",
        "Made by",
        "How the machine makes the fullness.",
        [
            new Choice("gathering-foot", "a gathering foot", "The foot holds the cloth back."),
            new Choice("overlock", "an overlocker", "The differential feed pushes cloth in."),
            new Choice("elastic", "elastic thread", "The elastic in the bobbin draws up."),
        ],
        "gathering-foot"
    );

    private static readonly GroupField SettingsField = new(
        "settings",
        "Settings",
        "What will be set.",
        PullUpFields.Settings
    );

    private static readonly LengthField Edge = new(
        "finishedEdge",
        "Finished edge",
        "The edge that the gathers are sewn to.",
        Length.FromMillimetres(1),
        Length.FromMillimetres(1e6),
        IsNeeded: false
    );

    public static Form Form { get; } =
        new(
            "pull-up",
            "What measured samples say of the next piece",
            [FamilyField, SettingsField, Edge, .. PullUpFields.Beside],
            [
                .. PullUpReading.Figures,
                new(
                    "stitchLength",
                    FigureShape.Length,
                    "With a fullness wanted: the stitch whose even chance reaches it, or the nearest.",
                    false
                ),
                new(
                    "cutLength",
                    FigureShape.Length,
                    "Flat length that is enough with the assurance.",
                    false
                ),
                new(
                    "expectedSurplus",
                    FigureShape.Length,
                    "What will likely be over: the cut length less edge times the even chance.",
                    false
                ),
            ],
            new RawAsk(
                new Dictionary<string, RawValue>
                {
                    ["family"] = RawValue.Of("gathering-foot"),
                    ["settings"] = RawValue.Of(
                        new RawAsk(
                            new Dictionary<string, RawValue>
                            {
                                ["stitchLength"] = RawValue.Of(4),
                                ["tensionSteps"] = RawValue.Of(1),
                                ["clothWeight"] = RawValue.Of(98),
                            }
                        )
                    ),
                    ["samples"] = RawValue.Of([
                        RawValue.Of(
                            new RawAsk(
                                new Dictionary<string, RawValue>
                                {
                                    ["stitchLength"] = RawValue.Of(4),
                                    ["tensionSteps"] = RawValue.Of(1),
                                    ["clothWeight"] = RawValue.Of(98),
                                    ["flat"] = RawValue.Of("30 cm"),
                                    ["gathered"] = RawValue.Of("17.8 cm"),
                                }
                            )
                        ),
                    ]),
                    ["finishedEdge"] = RawValue.Of("94 cm"),
                    ["assurance"] = RawValue.Of(0.9),
                }
            ),
            Work
        );

    private static PullUpAnswer? Work(AskReader reader)
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
internal sealed record PullUpAnswer(PullUpReading Reading, Length? Edge) : Reckoning
{
    public override void Tell(IFigures figures)
    {
        Reading.Tell(figures);
        if (Reading.Setting is { } setting)
        {
            figures.Length("stitchLength", setting.Settings.StitchLength, LengthKind.Fine);
        }
        if (Edge is { } edge)
        {
            var cut = edge * Reading.Prediction.At(Reading.Assurance);
            figures.Length("cutLength", cut, LengthKind.Cut);
            figures.Length(
                "expectedSurplus",
                cut - edge * Reading.Prediction.Mid,
                LengthKind.Marked
            );
        }
    }
}
