using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Inputs.OptionalLength;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What may be said of how tucks are dressed: a wavy first line, and stitches or a cord between and over them.</summary>
internal static class TuckLookFields
{
    public const string Wave = "wave";

    /// <summary>Of the stitches between tucks: a cord that lies on top.</summary>
    public const string OverCord = "cord";

    public static ChoiceField FirstLine { get; } =
        new ChoiceField(
            "firstLine",
            "Tuck line",
            [
                new("straight", "straight", "Drawn with a ruler."),
                new(Wave, "wavy", "Bends must be wide: the foot follows none that is tight."),
            ],
            "straight",
            false
        ).Help("What the others follow in the grooves.");

    public static LengthField WaveHeight { get; } =
        Fine("waveHeight", "Wave height", 0.5, 200, 6)
            .Help("From its middle to its crest.")
            .When(FirstLine, Wave);

    public static LengthField WaveLength { get; } =
        LengthField
            .Mm("waveLength", "Wave length", 20, 20_000, 200)
            .Optional()
            .Help("From crest to crest.")
            .When(FirstLine, Wave);

    public static ChoiceField OpenStitch { get; } =
        new ChoiceField(
            "openStitch",
            "Decorative stitch",
            [
                new("none", "none", "Ridges alone."),
                new("between", "between the tucks", "In the flats."),
                new("over", "over the tucks", "Across the ridges."),
                new(
                    OverCord,
                    "zigzag over a cord in the next groove",
                    "A coloured cord runs in the groove beside the last tuck and is zigzagged over with one needle."
                ),
            ],
            "none",
            false
        )
            .Help("A narrow one, such as a small scallop, sewn with the same foot.")
            .When(PintucksFields.Kind, PintucksFields.Twin);

    private static ShownWhen WithOpenStitch { get; } = new(OpenStitch.Name, "none", Not: true);

    public static LengthField WidestStitch { get; } =
        Fine("widestStitch", "Widest stitch of your machine", 1, 15, 7)
            .Help("With one needle.") with
        {
            From = "machine.widestStitch",
            ShownWhen = WithOpenStitch,
        };

    public static LengthField FootOpening { get; } =
        SetUpFields.FootOpening(5) with
        {
            ShownWhen = WithOpenStitch,
        };

    public static LengthField PlateOpening { get; } =
        SetUpFields.PlateOpening with
        {
            ShownWhen = WithOpenStitch,
        };

    public static NumberField NeedleSize { get; } =
        SetUpFields.NeedleSize with
        {
            ShownWhen = WithOpenStitch,
        };
}
