using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>The computation in words and figures.</summary>
internal static class CordPencil
{
    public static IReadOnlyList<DerivationLine> Of(CouchingPlan a)
    {
        var ask = a.Ask;
        string fine(Length length) => a.Ruler.Fine(length);
        List<DerivationLine> lines =
        [
            new(
                "Zigzag",
                a.Ruler.Sum(
                    $"{ask.Cord:fine} + 2 × {ask.Clearance:fine} + {ask.NeedleSize / 100:2} mm, rounded up to {ask.WidthStep:fine} = {a.Zigzag:fine}"
                ),
                "The cord, air on both sides, and the blade of the needle."
            ),
            new(
                "Set the width",
                a.Ruler.Sum(
                    $"{a.Zigzag:fine} ÷ {a.Dial.Factor:3}, rounded up to {ask.WidthStep:fine} = {a.SetWidth:fine}"
                ),
                a.Dial.RestsOn
            ),
            new(
                "Stitches",
                string.Join(
                    " + ",
                    a.Passes.Select(p =>
                        a.Ruler.Sum(
                            $"{p.Length} ÷ {ask.StitchLength:fine}, rounded up = {p.Stitches}"
                        )
                    )
                )
            ),
            new(
                "Cord",
                a.Ruler.Sum(
                    $"{a.CordLength - Ends(a):amount} along the line + {Ends(a):amount} for slanted ends = {a.CordLength:amount}"
                ),
                a.First.IsClosed
                    ? "The ends lie over each other once."
                    : "Each end goes on under what hides it."
            ),
            new(
                "Thread",
                a.Ruler.Sum(
                    $"{a.Stitches} × (√({a.Zigzag:fine}² + {ask.StitchLength:fine}²) + {ask.ClothThickness:fine}) = {a.NeedleThread:amount}"
                ),
                "Above, and as much below; 15 % more is taken for starts and ends."
            ),
        ];
        foreach (
            var (curve, place) in a
                .First.Line.Legs.OfType<Paths.Curve>()
                .Zip(a.First.Stops.Curves)
                .Where(c => c.Second.StitchesPerPivot > 0)
                .DistinctBy(c => (c.First.Radius, c.Second))
                .Take(6)
                .Select((c, i) => (c, i + 1))
        )
        {
            lines.Add(
                new(
                    $"Curve {place}",
                    a.Ruler.Sum(
                        $"√(8 × {Length.FromMillimetres(curve.First.Radius):fine} × {ask.Tolerance:fine}) ÷ {ask.StitchLength:fine}, rounded down = {curve.Second.StitchesPerPivot} stitches to a turn; {curve.Second.Pivots} turns of {Math.Abs(curve.First.Sweep) / (curve.Second.Pivots + 1):1}°"
                    ),
                    $"Straight stitching then strays by {fine(ask.Tolerance)} at most."
                )
            );
        }
        if (a.Strip is { } strip)
        {
            lines.Add(
                new(
                    "Strip",
                    a.Ruler.Sum(
                        $"0.6 × π × {ask.Cord:fine}² ÷ (4 × {ask.StripThickness:fine}) = {strip.Width:fine}"
                    ),
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

    private static Length Ends(CouchingPlan a) =>
        a.CordLength - a.Passes.Select(p => p.Length).Sum();
}
