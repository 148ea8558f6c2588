using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

internal sealed partial record ShirringPlan
{
    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        string M(Length length) => ruler.Mark(length);
        var row = Ask.ElasticFactor * RestHigh;
        List<DerivationLine> lines =
        [
            new(
                "Rows",
                ruler.Sum(
                    $"({Ask.PanelHeight} − {Ask.TopMargin} − {Ask.BottomMargin}) ÷ {Ask.RowGap}, rounded down, + 1 = {Rows}"
                ),
                Rows > 1 ? $"Evened out they lie {M(ActualGap)} apart." : "There is room for one."
            ),
            new(
                $"Long enough {Ask.Reading.AssuranceSays}",
                ruler.Sum(
                    $"{Ask.RelaxedWidth} × {Ask.Reading.Prediction.At(Ask.Reading.Assurance):3} = {CutFlat}"
                ),
                "So wide it is no tighter than wanted."
            ),
            new(
                "Cut width",
                ruler.Sum($"{CutFlat} + 2 × {Ask.SeamAllowance} = {SureWidth:cut}"),
                "What is cut is rounded up."
            ),
            new(
                "Relaxed",
                ruler.Sum($"{CutFlat} ÷ {Ask.Reading.Prediction.Mid:3} = {RestMid}, about"),
                Ask.Reading.RestsOn
            ),
            new(
                "Elastic",
                ruler.Sum($"each row {RestHigh} × {Ask.ElasticFactor:2} = {row}")
                    + "; in all "
                    + Total(),
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
                ruler.Sum(
                    $"{Rows} × {CutFlat} × (1 + {Ask.ClothThickness:fine} ÷ {Ask.StitchLength:fine}) + 2 × {Ask.Tail} = {ThreadOnTop}"
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
