using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Ease;

/// <summary>From two lengths of one stretch to its marks, rows and thread. Nothing is cut: the piece is there.</summary>
/// <remarks>
/// The stretch is a strip of which only the stretch is gathered: its flat edge is what is said, its fullness the one length
/// over the other. A stretch is short, so it is marked in parts of 75 mm at most: the smallest of 2, 4 … 64.
/// </remarks>
internal static class EaseCalculator
{
    private static readonly Length LongestPart = Length.FromMillimetres(75);

    public static EasePlan? Straight(InputReader reader) =>
        Plan(reader) is var (plan, before, after)
            ? Of(
                plan,
                before,
                after,
                EaseFields.Weaves[Math.Max(0, reader.Choice(EaseFields.Weave))],
                reader
            )
            : null;

    /// <summary>The stretch as a strip; null when the reader has errors.</summary>
    public static (StripPlan Plan, Length Before, Length After)? Plan(InputReader said)
    {
        var reader = said.Split(EaseFields.FlatStretch, EaseFields.FinishedEdge);
        var (flat, edge) = (
            reader.Length(EaseFields.FlatStretch),
            reader.Length(EaseFields.FinishedEdge)
        );
        var (before, after) = (Or(EaseFields.PlainBefore), Or(EaseFields.PlainAfter));
        var rows = RowScheme.All[Math.Max(0, reader.Choice(EaseFields.Rows))];
        var ask = new StripInputs
        {
            FinishedEdge = edge,
            Fullness = flat / edge,
            FinishedDepth = Length.FromMillimetres(120),
            SeamAllowance = Or(StripFields.SeamAllowance),
            ClothWidth = Length.FromMillimetres(1e6),
            Rows = rows,
            RowGap = Or(StripFields.RowGap),
            StitchLength = Or(EaseFields.StitchLength),
            ClothThickness = Or(FabricFields.Thickness),
            PlainThickness = Or(StripFields.PlainThickness),
            Tail = Or(StripFields.Tail),
            CuttingStep = reader.Ruler.Cutting,
            Weight = ClothWeight.FromGramsPerSquareMetre(
                reader.OptionalNumber(FabricFields.LayerWeight) ?? FabricFields.UsualWeight
            ),
            Together = Together.Read(reader),
            IsStretch = true,
        };
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        return (
            new StripPlan(
                ask,
                flat,
                1,
                flat,
                flat,
                rows.Offsets(ask.SeamAllowance, ask.RowGap),
                Parts(flat)
            )
            {
                Noticed = [],
                Suggested = null,
            },
            before,
            after
        );

        Length Or(LengthField field) =>
            reader.OptionalLength(EaseFields.Lightly(field)) ?? field.Start ?? Length.Zero;
    }

    private static EasePlan Of(
        StripPlan plan,
        Length before,
        Length after,
        (Choice Choice, double Most) weave,
        InputReader reader
    ) =>
        new(plan, before, after, weave.Most)
        {
            Ruler = reader.Ruler,
            Together = plan.Ask.Together,
            Findings =
            [
                .. Noticed(plan, weave, reader.Ruler),
                .. NoticedInStrips.In(plan, reader.Ruler),
            ],
        };

    private static IEnumerable<Finding> Noticed(
        StripPlan plan,
        (Choice Choice, double Most) weave,
        Ruler ruler
    )
    {
        var (fullness, most) = (plan.AchievedFullness, weave.Most);
        if (fullness < 1 - 1e-9)
        {
            yield return Finding.Stop(
                "nothing-to-ease",
                $"The longer edge, {ruler.Mark(plan.FlatEdge)}, is shorter than the one it goes to, {ruler.Mark(plan.Ask.FinishedEdge)}.",
                "Ease draws a longer edge up; it never stretches one.",
                "Look whether the two numbers stand the right way round."
            );
        }
        else if (fullness > most)
        {
            yield return new Finding(
                "shows-as-gathers",
                fullness > 1.6 ? Severity.Care : Severity.Note,
                $"At {DecimalText.Write(fullness)} small gathers will show.",
                weave.Choice.Name == "unknown"
                    ? $"What the fabric is like is not known: up to about {DecimalText.Write(most, 3)} most ease in without a fold."
                    : $"Fabric that is {weave.Choice.Label} eases in without a fold up to about {DecimalText.Write(most, 3)}.",
                $"That is right for a puffed head. For a smooth one, take {ruler.Mark(plan.FlatEdge - most * plan.Ask.FinishedEdge)} off the longer edge, or set the notches further apart."
            );
        }
        if (plan.Ask.Tail < Length.FromMillimetres(75))
        {
            yield return Finding.Care(
                "short-tails",
                $"Tails of {ruler.Mark(plan.Ask.Tail)} are too short to wind round a finger.",
                "Short tails slip back or snap at the last pull.",
                $"Leave {ruler.Mark(Length.FromMillimetres(100))} at every end."
            );
        }
    }

    private static int Parts(Length flat)
    {
        var m = 2;
        while (m < 64 && flat / m > LongestPart)
        {
            m *= 2;
        }
        return m;
    }
}
