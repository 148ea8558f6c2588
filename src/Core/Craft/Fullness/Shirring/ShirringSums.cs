using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

internal sealed partial record ShirringPlan
{
    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        string M(Length length) => ruler.Mark(length);
        var row = RowToHave;
        var isPlain = Ask is { Shape: RowShape.Straight, IsWhole: true };
        List<DerivationLine> lines =
        [
            Ask.Shape == RowShape.Diagonal
                ? new(
                    "Rows",
                    $"{Rows}, {M(ActualGap)} apart, square to each other",
                    "As many slanting lines as cross the part, symmetric about its middle."
                )
                : new(
                    "Rows",
                    ruler.Sum(
                        $"({Ask.PanelHeight} − {Ask.TopMargin} − {Ask.BottomMargin}) ÷ {Ask.RowGap}, rounded down, + 1 = {Rows}"
                    ),
                    Rows > 1
                        ? $"Evened out they lie {M(ActualGap)} apart."
                        : "There is room for one."
                ),
            new(
                $"Long enough {Ask.Reading.AssuranceSays}",
                isPlain
                    ? ruler.Sum($"{Ask.RelaxedWidth} × {Sure:3} = {CutFlat}")
                    : ruler.Sum(
                        $"{Ask.RelaxedWidth - Ask.Plain} × {ShirredRows.Widens(Ask, Sure):3} + {Ask.Plain} = {CutFlat}"
                    ),
                Ask.Shape is RowShape.Diagonal or RowShape.Waves
                    ? $"Along the rows {DecimalText.Write(Sure, 3)}; across it is less, since fabric keeps its length square to them."
                    : "So wide it is no tighter than wanted."
            ),
            new(
                "Cut width",
                ruler.Sum($"{CutFlat} + 2 × {Ask.SeamAllowance} = {SureWidth:cut}"),
                "What is cut is rounded up."
            ),
            new(
                "Relaxed",
                isPlain
                    ? ruler.Sum($"{CutFlat} ÷ {Ask.Reading.Prediction.Mid:3} = {RestMid}, about")
                    : ruler.Sum(
                        $"{CutFlat - Ask.Plain} ÷ {ShirredRows.Widens(Ask, Ask.Reading.Prediction.Mid):3} + {Ask.Plain} = {RestMid}, about"
                    ),
                Ask.Reading.RestsOn
            ),
            new(
                "Elastic",
                isPlain
                    ? ruler.Sum($"each row {RestHigh} × {Ask.ElasticFactor:2} = {row}")
                        + "; in all "
                        + Total()
                    : ruler.Sum(
                        $"rows {Ask.Parts * Laid.Sum / Ask.Reading.Prediction.Low} at rest × {Ask.ElasticFactor:2}, with turns and tails = {ElasticToHave:amount}"
                    ),
                "A row takes a little more elastic than its width at rest: the widest that is likely, so that none runs out."
            ),
        ];
        if (!Ask.InLooper)
        {
            lines.Add(
                new(
                    "Rows to a bobbin",
                    Ask.Layout == Layout.Rows
                        ? ruler.Sum(
                            $"{Ask.BobbinCapacity} ÷ ({row} + 2 × {Ask.Tail}), rounded down = {RowsSurely}"
                        )
                        : ruler.Sum(
                            $"({Ask.BobbinCapacity} − 2 × {Ask.Tail}) ÷ ({row} + {ActualGap}), rounded down = {RowsSurely}"
                        ),
                    LookBefore.Count == 0
                        ? "One bobbin does it."
                        : $"At the widest that it may be at rest. Look before row {Sentence.Few(LookBefore)}, and change it there: never in the middle of one."
                )
            );
        }
        lines.Add(
            new(
                "Needle thread",
                isPlain
                    ? ruler.Sum(
                        $"{Rows} × {CutFlat} × (1 + {Ask.ClothThickness:fine} ÷ {Ask.StitchLength:fine}) + 2 × {Ask.Tail} = {ThreadOnTop}"
                    )
                    : ruler.Sum(
                        $"{Ask.Parts} × ({Laid.Sum} × (1 + {Ask.ClothThickness:fine} ÷ {Ask.StitchLength:fine}) + 2 × {Ask.Tail}) = {ThreadOnTop}"
                    )
            )
        );
        return lines;

        string Total() =>
            Ask.Layout switch
            {
                Layout.Pivot => ruler.Sum(
                    $"{Rows} × {row} + {Rows - 1} × {ActualGap} + 2 × {Ask.Tail} = {ElasticToHave:amount}"
                ),
                Layout.Rows => ruler.Sum(
                    $"{Rows} × ({row} + 2 × {Ask.Tail}) = {ElasticToHave:amount}"
                ),
                _ => ruler.Sum($"{Rows} × {row} + 2 × {Ask.Tail} = {ElasticToHave:amount}"),
            };
    }
}
