using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>The computation in words and figures.</summary>
internal static class PipingPencil
{
    public static IReadOnlyList<DerivationLine> Of(PipingPlan a)
    {
        var (ask, cut) = (a.Ask, a.Ask.Cut);
        string fine(Length length) => a.Ruler.Fine(length);
        string whole(Length length) => a.Ruler.Whole(length);
        var factor = Math.Max(1, ask.Covering.Factor);
        List<DerivationLine> lines =
        [
            new(
                "Strip",
                a.Ruler.Sum(
                    $"π × ({ask.Covering.Cord:fine} + {ask.Covering.Thickness:fine}){(factor > 1 ? $" × {DecimalText.Write(factor, 3)}" : "")} + 2 × {a.Flange:fine}, rounded up = {ask.Covering.Width}"
                ),
                ask.Wraps.All.Count > 0
                    ? $"As wide as 19 times out of 20 wraps come out; a flange that is too wide is trimmed. {ask.Wraps.RestsOn}"
                    : "Round the cord in the middle of the fabric, and a flange on either side."
            ),
            new(
                "Long",
                a.Edge.Edge.IsClosed
                    ? a.Ruler.Sum($"{a.Edge.Length:whole} + {ask.Overlap} = {ask.Required:whole}")
                    : a.Ruler.Sum(
                        $"{a.Edge.Length:whole} + 2 × {ask.Overlap} = {ask.Required:whole}"
                    ),
                ask.Rings > 1 ? $"{ask.Rings} of them: {whole(cut.Required)}." : ""
            ),
            new(
                "Single strips",
                a.Ruler.Sum(
                    $"{cut.Single.Count} × {cut.Single.Each:most} − {cut.Single.Joins} × {cut.Single.AtJoin:fine} = {cut.Single.Reaches:whole}; fabric {cut.Single.ClothLength:cut}"
                ),
                "Each strip goes from selvedge to selvedge; a join takes its allowance of both ends, measured along the slant."
            ),
        ];
        if (cut.Corner is { } corner)
        {
            lines.Add(
                new(
                    "From a corner",
                    $"{whole(cut.Required)} × sin {DecimalText.Write(cut.Angle, 0)}° = {a.Ruler.Cut(corner.ClothWidth)} across; fabric {a.Ruler.Cut(corner.ClothLength)}",
                    "One strip, without a join; what is cut is rounded up."
                )
            );
        }
        if (cut.Ways.Any(w => w.Name == BiasFields.Continuous))
        {
            lines.Add(
                new(
                    "Round and round",
                    $"{whole(cut.Required)} of strip is {cut.Tube.Lines} lines of {fine(cut.Tube.Line)} on a piece {Ruler.Size(a.Ruler.Cut(cut.Tube.Across), a.Ruler.Cut(cut.Tube.Along))}",
                    "Two seams take their allowances each way, and only whole strips count; what is cut is rounded up."
                        + (cut.Tube.IsOblong ? " A square would be wider than the fabric." : "")
                )
            );
        }
        lines.Add(new("The better", cut.Ways[0].Label, cut.Why));
        if (cut.Remnant is { } remnant)
        {
            lines.Add(
                new(
                    "Remnant",
                    a.Ruler.Sum(
                        $"{string.Join(" + ", remnant.Strips.Take(8).Select(s => a.Ruler.Write(s.Length, LengthKind.AtMost)))}{(remnant.Strips.Count > 8 ? " + …" : "")} − {Math.Max(0, remnant.Strips.Count - 1)} × {remnant.AtJoin:fine} = {remnant.Gives:most}"
                    ),
                    "Its strips, the longest first, less what the joins take."
                )
            );
        }
        lines.Add(
            new(
                "Cord",
                ask.Shrinks > 0
                    ? a.Ruler.Sum(
                        $"{cut.Required:whole} ÷ (1 − {ask.Shrinks:2}) = {a.CordLength:whole}"
                    )
                    : $"{whole(cut.Required)}",
                ask.Shrinks > 0 ? "Buy so much, and wash it before it is covered." : ""
            )
        );
        lines.AddRange(
            a.Lines.Where(l => l.Place is not null)
                .Select(l => new DerivationLine(
                    $"Line {l.Number}",
                    a.Ruler.Sum(
                        $"{l.Place} × {a.Foot.Step:fine} − {a.Covered / 2:fine} = {l.Gives!.Value:fine}"
                    ),
                    $"{fine(l.Wanted)} is wanted; the needle stands no nearer than the line after it."
                ))
        );
        lines.Add(
            new(
                "Under the foot",
                a.Ruler.Sum(
                    $"{(a.Foot.IsZipper ? "" : $"{fine(a.Covered)} + ")}4 × {ask.Covering.Thickness:fine} + 2 × {ask.Face:fine} = {a.Thickest:fine}"
                ),
                a.Foot.Hollow(a.Covered) > Length.Zero
                    ? $"Where a join of the covering lies. The groove takes about {fine(a.Foot.Hollow(a.Covered))} of it."
                    : "Where a join of the covering lies."
            )
        );
        return lines;
    }
}
