using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Couching;

/// <summary>The computation in words and figures.</summary>
internal static class CordPencil
{
    public static IReadOnlyList<PencilLine> Of(Answer a)
    {
        var ask = a.Ask;
        string number(double value, int places = 2) => DecimalText.Write(value, places);
        string fine(Length length) => a.Ruler.Fine(length);
        string long_(Length length) => a.Ruler.Write(length, LengthKind.Amount);
        List<PencilLine> lines =
        [
            new(
                "Zigzag",
                $"{fine(ask.Cord)} + 2 × {fine(ask.Clearance)} + {number(ask.NeedleSize / 100)} mm, up to {fine(ask.WidthStep)} = {fine(a.Zigzag)}",
                "The cord, air on both sides, and the blade of the needle."
            ),
            new(
                "Set the width",
                $"{fine(a.Zigzag)} ÷ {number(a.Dial.Factor, 3)}, up to {fine(ask.WidthStep)} = {fine(a.SetWidth)}",
                a.Dial.RestsOn
            ),
            new(
                "Stitches",
                string.Join(
                    " + ",
                    a.Passes.Select(p =>
                        $"{a.Ruler.Mark(p.Length)} ÷ {fine(ask.StitchLength)} = {p.Stitches}"
                    )
                )
            ),
            new(
                "Cord",
                $"{long_(a.CordLength - Ends(a))} along the line + {long_(Ends(a))} for slanted ends = {long_(a.CordLength)}",
                a.First.IsClosed
                    ? "The ends lie over each other once."
                    : "Each end goes on under what hides it."
            ),
            new(
                "Thread",
                $"{a.Stitches} × (√({fine(a.Zigzag)}² + {fine(ask.StitchLength)}²) + {fine(ask.ClothThickness)}) = {long_(a.NeedleThread)}",
                "Above, and as much below; 15 % more is taken for starts and ends."
            ),
        ];
        foreach (
            var (curve, place) in a
                .First.Line.Legs.OfType<Paths.Curve>()
                .Zip(a.First.Stops.Curves)
                .DistinctBy(c => (c.First.Radius, c.Second))
                .Take(6)
                .Select((c, i) => (c, i + 1))
        )
        {
            lines.Add(
                new(
                    $"Curve {place}",
                    $"√(8 × {fine(Length.FromMillimetres(curve.First.Radius))} × {fine(ask.Tolerance)}) ÷ {fine(ask.StitchLength)}, down = {curve.Second.StitchesPerPivot} stitches to a turn; {curve.Second.Pivots} turns of {number(Math.Abs(curve.First.Sweep) / (curve.Second.Pivots + 1), 1)}°",
                    $"Straight stitching then strays by {fine(ask.Tolerance)} at most."
                )
            );
        }
        if (a.Strip is { } strip)
        {
            lines.Add(
                new(
                    "Strip",
                    $"0.6 × π × {fine(ask.Cord)}² ÷ (4 × {fine(ask.StripThickness)}) = {fine(strip.Width)}",
                    "Rolled up, it fills six tenths of a round cord."
                )
            );
            lines.Add(
                new(
                    "Strips",
                    $"{strip.Count} of {a.Ruler.Cut(strip.Length)}: {strip.Joins} joins of {fine(Couching.Strip.Join)}"
                )
            );
        }
        return lines;
    }

    private static Length Ends(Answer a) =>
        a.CordLength
        - a.Passes.Select(p => p.Length).Aggregate(Length.Zero, (sum, next) => sum + next);
}
