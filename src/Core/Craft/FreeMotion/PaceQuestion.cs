using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.FreeMotion.PaceAnswer>;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>What two of stitch, machine and hands say of the third, and of a line.</summary>
/// <param name="Line">Null where none was said.</param>
internal sealed record PaceAnswer(Tempo Tempo, Length? Line) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("stitchLength", "ℓ = 60·v/n.", a => a.Tempo.Stitch),
        F.Ratio("machineSpeed", "n = 60·v/ℓ, stitches a minute.", a => a.Tempo.Machine),
        F.Ratio("handSpeed", "v = ℓ·n/60, mm a second.", a => a.Tempo.Hand),
        F.Count("stitches", "ceil(line/ℓ).", a => a.Line is { } l ? a.Tempo.Stitches(l) : null),
        F.Ratio("seconds", "line/v.", a => a.Line is { } l ? l.Millimetres / a.Tempo.Hand : null),
    ];

    public override IReadOnlyList<Figure> Figures => Told;
}

/// <summary>Pace: any two of the three say the third.</summary>
internal static class PaceQuestion
{
    private static readonly LengthField LineLength = LengthField
        .Mm("lineLength", "Line, long", 1, 1_000_000)
        .Help("What is sewn at this pace.")
        .Optional();

    public static Calculation Form { get; } =
        new(
            "pace",
            "What hands and machine make together",
            [
                FreeMotionFields.StitchLength,
                FreeMotionFields.MachineSpeed with
                {
                    Start = null,
                },
                FreeMotionFields.HandSpeed,
                LineLength,
            ],
            PaceAnswer.Told,
            RawInputs.Of(("machineSpeed", 600), ("handSpeed", 20), ("lineLength", "1 m")),
            Work
        );

    private static PaceAnswer? Work(InputReader reader)
    {
        var line = reader.OptionalLength(LineLength);
        return Tempo.Read(reader, true) is { } tempo
            ? new PaceAnswer(tempo, line)
            {
                Findings = [.. FreeMotionFindings.OfPace(tempo, reader.Ruler)],
            }
            : null;
    }
}
