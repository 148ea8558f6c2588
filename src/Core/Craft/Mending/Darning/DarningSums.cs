using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

internal sealed partial record DarningPlan
{
    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        // On so small a piece a sixteenth of an inch is as much as a margin: sums are in millimetres.
        if (!Ask.What.IsDarned)
        {
            return Ask.What.IsSeam
                ?
                [
                    new(
                        "Sewn again",
                        Ruler.Sum($"{Ask.TearLength} + 2 × {Past} = {SewnAgain}"),
                        "The new stitches begin and end where the old ones hold."
                    ),
                ]
                : [];
        }
        if (Patch is { } patch)
        {
            return patch.Sums(ruler);
        }
        List<DerivationLine> lines =
        [
            new(
                "Total stitched length",
                Ruler.Sum(
                    $"{Ask.TearWidth} + 2 × {Ask.Margin} = {Ask.AreaWidth}; {Ask.TearLength} + 2 × {Ask.Margin} = {Ask.AreaLength}"
                ),
                "The stitches begin and end in sound fabric."
            ),
            new(
                "Backing",
                Ruler.Sum(
                    $"{Ask.TearWidth} + 2 × {Ask.BackingMargin} = {BackingWidth:cut}; {Ask.TearLength} + 2 × {Ask.BackingMargin} = {BackingLength:cut}"
                ),
                "Stitches across nothing do not hold."
            ),
        ];
        if (!Ask.IsProgrammed)
        {
            lines.Add(
                new(
                    "Lines",
                    Ruler.Sum(
                        $"{Ask.AreaWidth} ÷ {Ask.LineGap:fine} + 1 = {LengthwiseLines} along; {Ask.AreaLength} ÷ {Ask.LineGap:fine} + 1 = {CrosswiseLines} across"
                    )
                )
            );
            lines.Add(
                new(
                    "Stitches",
                    Ruler.Sum(
                        $"({LengthwiseLines} × {Ask.AreaLength} + {CrosswiseLines} × {Ask.AreaWidth}) ÷ {Ask.StitchLength:fine} = {Stitches}"
                    ),
                    $"At {DecimalText.Write(Ask.Speed, 0)} a minute, and a moment at each turn: about {DecimalText.Write(Minutes, 0)} min."
                )
            );
            return lines;
        }
        lines.Add(
            new(
                "Blocks",
                Ruler.Sum(
                    $"({Ask.AreaWidth} − {Ask.Overlap:fine}) ÷ ({Ask.MaxStitchWidth:fine} − {Ask.Overlap:fine}), rounded up = {Ask.Columns}; "
                )
                    + (
                        Ask.ByLever
                            ? "one row, by lever"
                            : Ruler.Sum(
                                $"({Ask.AreaLength} − {Ask.Overlap:fine}) ÷ ({Ask.FootLength:fine} − {Ask.Overlap:fine}), rounded up = {Ask.Rows}"
                            )
                    )
            )
        );
        lines.Add(
            new(
                "Each block",
                Ruler.Sum(
                    $"({Ask.AreaWidth} + {Ask.Columns - 1} × {Ask.Overlap:fine}) ÷ {Ask.Columns} = {BlockWidth:fine}; ({Ask.AreaLength} + {Ask.Rows - 1} × {Ask.Overlap:fine}) ÷ {Ask.Rows} = {BlockLength:fine}"
                ),
                "Evened out, so that all are alike."
            )
        );
        lines.Add(
            new(
                "Set the foot",
                Ruler.Sum(
                    $"{BlockLength:fine} ÷ {Dial.Factor:3}, to the nearest {SlideStep:fine} = {SetLength:fine}"
                ),
                Dial.RestsOn
            )
        );
        return lines;
    }
}
