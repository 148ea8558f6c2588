using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.PulledGathers;

/// <summary>What to set for pulled gathers before the first swatch.</summary>
/// <remarks>
/// Workshop rules: all-purpose foot; straight stitch at its longest, 4 to 5 mm; needle tension one step below normal; a
/// strong thread on the bobbin, that is the one pulled; long tails. Over threads: zigzag 4 mm long, 3 mm wide and at
/// least the threads and 1.5 mm, normal tension.
/// </remarks>
internal static class PulledGathersCard
{
    private static readonly Length LongestUseful = Length.FromMillimetres(5);
    private static readonly Length ShortestUseful = Length.FromMillimetres(4);

    private static readonly NumberField Fullness = Fields.Fullness with { IsNeeded = false };
    private static readonly LengthField Tail = Fields.Tail with { IsNeeded = false };
    private static readonly LengthField Stitch = Fields.StitchLength with { IsNeeded = false };
    private static readonly ChoiceField Rows = Fields.Rows with { IsNeeded = false };

    public static Form Form { get; } =
        new(
            "card",
            "What to set on the machine",
            [
                Rows,
                Fullness,
                Fields.ClothWeight,
                Tail,
                Stitch,
                Fields.ZigzagWidth,
                MachineTraits.NormalTensionField,
                MachineTraits.LongestStitchField,
            ],
            SettingsCard.Figures,
            new RawAsk(
                new Dictionary<string, RawValue>
                {
                    ["rows"] = RawValue.Of("three-straddling"),
                    ["clothWeight"] = RawValue.Of(140),
                    ["normalTension"] = RawValue.Of(4),
                    ["longestStitch"] = RawValue.Of(5),
                }
            ),
            Write
        );

    private static SettingsCard? Write(AskReader reader)
    {
        var rows = RowScheme.All[Math.Max(0, reader.Choice(Rows))];
        var fullness = reader.OptionalNumber(Fullness);
        var grams = reader.OptionalNumber(Fields.ClothWeight);
        var tail = reader.OptionalLength(Tail) ?? Tail.Start!.Value;
        var zigzag = reader.OptionalLength(Fields.ZigzagWidth) ?? Fields.ZigzagWidth.Start!.Value;
        var stitch = reader.OptionalLength(Stitch);
        var machine = MachineTraits.Read(reader);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        var lines = new List<CardLine>
        {
            new(
                "foot",
                "Foot",
                "all-purpose",
                "",
                "It holds the cloth flat; the rows gather only when they are pulled."
            ),
            Needle(grams is { } g ? ClothWeight.FromGramsPerSquareMetre(g) : null, fullness),
            new(
                "needle-thread",
                "Needle thread",
                "ordinary",
                "",
                "It stays where it is while the other is pulled."
            ),
            new(
                "bobbin-thread",
                "Bobbin thread",
                "strong, another colour",
                "",
                "The bobbin thread is the one that is pulled; another colour finds it at once."
            ),
        };
        lines.AddRange(
            rows.IsOverThreads
                ? OverThreads(machine, zigzag, reader.Ruler)
                : Pulled(machine, stitch)
        );
        lines.AddRange([
            new(
                "tails",
                "Tails",
                reader.Ruler.Mark(tail),
                "",
                "Long enough to wind round a finger at both ends, and never back-stitched."
            ),
            new("feed-dogs", "Feed dogs", "up", "", "Even stitches pull up evenly."),
            new("pressure", "Pressure", "normal", "", "One flat layer, nothing to ease."),
            new(
                "speed",
                "Speed",
                "medium, steady",
                "",
                "Rows that run side by side matter more than haste."
            ),
            new(
                "start",
                "Starting",
                "threads under and behind",
                "",
                "Hold both for the first stitches, so that they are not drawn down."
            ),
            new(
                "hand-wheel",
                "Hand wheel",
                "one full stitch",
                "",
                "After any change of foot, needle or width: if the needle can touch metal, do not sew."
            ),
        ]);
        return new SettingsCard(lines) { Findings = Noticed(machine, rows, stitch, reader.Ruler) };
    }

    private static CardLine Needle(ClothWeight? weight, double? fullness)
    {
        if (weight is not { } known)
        {
            return new CardLine(
                "needle",
                "Needle",
                "universal, to suit the cloth",
                "",
                "The weight of the cloth is not known; give it in the plan."
            );
        }
        var (from, to) = NeedleChoice.For(known);
        var up = fullness >= 2.5 ? " The seam itself is thick: one size up for it." : "";
        return new CardLine(
            "needle",
            "Needle",
            $"universal {from} to {to}",
            "",
            $"For {DecimalText.Write(known.GramsPerSquareMetre, 0)} g/m².{up}"
        );
    }

    private static IEnumerable<CardLine> Pulled(MachineTraits machine, Length? planned)
    {
        var length = Length.Min(machine.LongestStitch, planned ?? LongestUseful);
        yield return new CardLine(
            "stitch",
            "Stitch",
            "straight",
            "",
            "A straight row slides along its thread."
        );
        yield return new CardLine(
            "length",
            "Stitch length",
            $"{DecimalText.Write(length.Millimetres, 1)} mm",
            length == machine.LongestStitch ? "longest" : "",
            "The longest stitch, 4 to 5 mm, pulls easily and marks least."
        );
        yield return new CardLine(
            "needle-tension",
            "Needle tension",
            "−1 step",
            machine.Dial(-1),
            "A step below normal lets the bobbin thread lie straight, so that it slides."
        );
    }

    private static IEnumerable<CardLine> OverThreads(
        MachineTraits machine,
        Length width,
        Ruler ruler
    )
    {
        yield return new CardLine(
            "stitch",
            "Stitch",
            "zigzag",
            "",
            "It bridges the two drawn-out threads without catching them."
        );
        yield return new CardLine(
            "length",
            "Stitch length",
            $"{DecimalText.Write(Length.Min(machine.LongestStitch, ShortestUseful).Millimetres, 1)} mm",
            "",
            "Long enough to slide over the threads."
        );
        yield return new CardLine(
            "width",
            "Stitch width",
            ruler.Write(width, LengthKind.Fine),
            "",
            "3 mm, and at least the threads and 1.5 mm: the needle falls clear on both sides."
        );
        yield return new CardLine(
            "needle-tension",
            "Needle tension",
            "normal",
            machine.Dial(0),
            "No stitch is pulled."
        );
    }

    private static List<Finding> Noticed(
        MachineTraits machine,
        RowScheme rows,
        Length? planned,
        Ruler ruler
    )
    {
        List<Finding> findings = [];
        if (planned > machine.LongestStitch && !rows.IsOverThreads)
        {
            findings.Add(
                new Finding(
                    "stitch-beyond-machine",
                    Severity.Care,
                    $"The plan has stitches of {ruler.Write(planned.Value, LengthKind.Fine)}, and this machine makes {ruler.Write(machine.LongestStitch, LengthKind.Fine)} at most.",
                    "Shorter stitches take more thread and pull harder.",
                    $"Set {ruler.Write(machine.LongestStitch, LengthKind.Fine)}, and change the plan to it, so that the thread is right."
                )
            );
        }
        if (machine.LongestStitch < ShortestUseful && !rows.IsOverThreads)
        {
            findings.Add(
                new Finding(
                    "short-stitch",
                    Severity.Care,
                    $"This machine's longest stitch is {ruler.Write(machine.LongestStitch, LengthKind.Fine)}.",
                    "Under 4 mm the thread is gripped, and is likelier to snap.",
                    "Loosen the tension one more step and pull in short runs, or zigzag over drawn-out threads."
                )
            );
        }
        return findings;
    }
}
