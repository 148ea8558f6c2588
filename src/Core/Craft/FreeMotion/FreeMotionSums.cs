using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.FreeMotion;

internal sealed partial record FreeMotionPlan
{
    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        List<DerivationLine> lines =
        [
            new(
                "Stitch",
                Ruler.Sum(
                    $"60 × {Ask.Tempo.Hand:2} ÷ {Ask.Tempo.Machine:1} = {Ask.Tempo.Stitch:fine}"
                ),
                "Hands in mm a second over stitches a minute: nothing else makes it."
            ),
            new(
                "Line",
                Ruler.Sum($"{Ask.Line} × {Ask.Passes} = {Length}"),
                Ask.IsField
                    ? $"{Ruler.Fine(Ask.Apart)} apart over {Ruler.Size(Ruler.Mark(Reach.Width), Ruler.Mark(Reach.Height))}."
                    : ""
            ),
            new(
                "Stitches",
                Ruler.Sum($"{Length} ÷ {Ask.Tempo.Stitch:fine}, rounded up = {Stitches}"),
                $"At {Number(Ask.Tempo.Machine, 0)} a minute: {Number(Seconds / 60, 1)} min of sewing, about {Number(Minutes, 0)} with stops."
            ),
            new(
                "Thread",
                Ruler.Sum(
                    $"{Stitches} × (√({Ask.Tempo.Stitch:fine}² + {Ask.StitchWidth:fine}²) + {Ask.Thickness:fine}) = {Thread:amount}"
                ),
                "Above, and as much below; 15 % more is taken for starts and ends."
            ),
            new(
                "Your hands",
                Ruler.Sum($"{Ask.Tempo.Hand:2} × {Hand.Factor:3} = {KeptHand:2}"),
                Hand.RestsOn
            ),
        ];
        if (Density is { } density)
        {
            lines.Add(
                new(
                    "Density",
                    Ruler.Sum($"{Stitches} ÷ {Filled!.Value:0} = {density:2}"),
                    $"Stitches on a square millimetre. A fabric of {Number(Ask.ClothWeight, 0)} g/m² bears about {Number(MostDense, 1)}."
                )
            );
        }
        if (Ask.Elastic)
        {
            lines.Add(
                new(
                    "Drawn in",
                    $"{Ruler.Mark(Reach.Width)} × {Number(Across.Factor, 3)} and {Ruler.Mark(Reach.Height)} × {Number(Along.Factor, 3)}",
                    Across.RestsOn
                )
            );
        }
        return lines;
    }
}
