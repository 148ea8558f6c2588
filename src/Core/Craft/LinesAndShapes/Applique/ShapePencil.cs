using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>The computation in words and figures.</summary>
internal static class ShapePencil
{
    /// <summary>More sides than this nobody follows with a pencil.</summary>
    private const int Most = 14;

    public static IReadOnlyList<DerivationLine> Of(AppliquePlan a)
    {
        string fine(Length length) => a.Ruler.Fine(length);
        string exact(Length length) => $"{DecimalText.Write(length.Millimetres, 2)} mm";
        var isAsSet = Math.Abs(a.Factor - 1) < 1e-9;
        List<DerivationLine> lines =
        [
            new(
                "Which stitch length",
                $"{fine(a.Ask.Repeat)} ± {fine(a.Ask.RepeatRange)} by {fine(a.Ask.RepeatStep)}: {fine(a.BestRepeat)} misses least, by {exact(a.Miss)} at the most",
                isAsSet
                    ? "A tenth of a millimetre on the stitch is a whole stitch on a side of thirty."
                    : $"This machine gives {DecimalText.Write(a.Factor, 3)} of what is set. "
                        + (a.Ask.DialFactor is null ? a.Dial.RestsOn : "")
            ),
        ];
        foreach (var side in a.AsSaid.Where(s => !s.Side.IsFree).Take(Most))
        {
            SumText sewn = $"{side.Planned.Count} × {a.BestRepeat:fine}";
            if (!isAsSet)
            {
                sewn = $"{sewn} × {a.Factor:3}";
            }
            lines.Add(
                new(
                    $"{side.Round.Shape.Name}: {exact(side.Side.Length)}",
                    a.Ruler.Sum(
                        $"{sewn} = {side.Planned.Count * a.Step:fine}, missed by {side.Planned.Miss:fine}"
                    ),
                    $"Its own best: {side.Own.Count} × {fine(side.Own.Repeat)}, missed by {exact(side.Own.Miss)}."
                )
            );
        }
        if (a.AsSaid.Count > Most)
        {
            lines.Add(new("And so on", $"{a.AsSaid.Count} sides in all"));
        }
        if (a.Change is { } change)
        {
            lines.Add(
                new(
                    "The least change",
                    $"{change.Says}: then {fine(a.BestRepeat)} misses by {exact(change.Is.Miss)} at the most"
                )
            );
        }
        return lines;
    }
}
