using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>From a shirred panel as it is wanted to what is cut and wound.</summary>
internal static class ShirringCalculator
{
    /// <summary>Workshop rule: a panel sits well from here…</summary>
    private const double TightestAtRest = 0.8;

    /// <summary>…to here, as a part of the measure that it sits on.</summary>
    private const double LoosestAtRest = 0.98;

    private static readonly Length Thick = Length.FromMillimetres(0.6);

    public static ShirringPlan? Straight(InputReader reader) =>
        ShirringInputs.Read(reader) is { } ask ? Straight(ask, reader) : null;

    public static ShirringPlan Straight(ShirringInputs ask, InputReader reader)
    {
        return new ShirringPlan(ask)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = ask.Together,
        }.WithFindings(a => Noticed(a, reader.Ruler));
    }

    private static IEnumerable<Finding> Noticed(ShirringPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var prediction = ask.Reading.Prediction;
        foreach (var finding in InRows(a, ruler))
        {
            yield return finding;
        }
        if (!ask.InLooper && a.RowsSurely == 0)
        {
            var holdsOne = a.RowsPerBobbin > 0;
            var row = holdsOne ? a.RowToHave : a.ElasticPerRow;
            yield return new Finding(
                "row-longer-than-bobbin",
                holdsOne ? Severity.Care : Severity.Stop,
                $"A bobbin {(holdsOne ? "may not" : "does not")} hold one row: it takes {(holdsOne ? "up to " : "")}{Amount(row + 2 * ask.Tail)} with its tails, and a bobbin holds {Amount(ask.BobbinCapacity)}.",
                "The elastic would run out in the middle of a row.",
                "Make the panel of two parts, wind a thinner elastic, or sew it with the elastic in a looper."
            );
        }
        if (a.Widths > 1)
        {
            yield return Finding.Note(
                "widths-joined",
                $"Flat it is {ruler.Whole(a.SureWidth)} wide, and the fabric {ruler.Mark(ask.ClothWidth)}: {a.Widths} widths are joined.",
                "Rows cross the joins: each is a bump under the foot, and a stiff line when it is drawn up.",
                "Join with a narrow seam, pressed open, where it shows least; or turn the panel round on the fabric."
            );
        }
        if (ask.MustPassOver is { } over && a.LeastFullness is { } least)
        {
            var isPlannedTooTight = least > ask.Fullness * (1 + 1e-9);
            var isCutTooTight = a.CutFlat.Millimetres < over.Millimetres * (1 - 1e-9);
            var remedy = isPlannedTooTight
                ? $"Take a fullness of {DecimalText.Write(Rounding.CeilingTolerant(least * 100) / 100)} or more, or leave an opening."
                : "Lengthen the stitch or take a thicker elastic, so that it draws up more and is cut wider; or leave an opening.";
            if (isCutTooTight)
            {
                yield return Finding.Stop(
                    "will-not-pass",
                    $"It opens to {ruler.Mark(a.CutFlat)} at most, and has to pass over {ruler.Mark(over)}.",
                    "Fabric does not stretch beyond what it is flat.",
                    remedy
                );
            }
            else if (isPlannedTooTight)
            {
                yield return Finding.Care(
                    "passes-unless-taken-in",
                    $"As it is cut it opens to {ruler.Mark(a.CutFlat)}; at a fullness of {DecimalText.Write(ask.Fullness)}, taken in to {ruler.Mark(ask.RelaxedWidth)}, only to {ruler.Mark(a.FlatWidth)}.",
                    $"It has to pass over {ruler.Mark(over)}, and fabric does not stretch beyond what it is flat.",
                    $"{remedy} Take nothing in before it was tried on."
                );
            }
        }
        if (ask.BodyMeasure is { } body)
        {
            var part = ask.RelaxedWidth / body;
            if (part > LoosestAtRest)
            {
                yield return Finding.Care(
                    "loose-at-rest",
                    $"At rest it measures {ruler.Mark(ask.RelaxedWidth)}, and sits on {ruler.Mark(body)}: it will not hold.",
                    "A shirred panel must be a bit under the measure that it sits on.",
                    $"Plan {ruler.Mark(body * 0.9)} at rest, nine tenths of it."
                );
            }
            else if (part < TightestAtRest)
            {
                yield return Finding.Care(
                    "tight-at-rest",
                    $"At rest it measures {ruler.Mark(ask.RelaxedWidth)}, and sits on {ruler.Mark(body)}: it will press.",
                    "Under four fifths of the measure the rows cut in, and stay stretched open.",
                    $"Plan {ruler.Mark(body * 0.9)} at rest, nine tenths of it."
                );
            }
        }
        if (prediction.High < ask.Fullness)
        {
            yield return Finding.Care(
                "draws-too-little",
                $"The elastic will hardly draw {DecimalText.Write(ask.Fullness)} times: {DecimalText.Write(prediction.Low)} to {DecimalText.Write(prediction.High)} is likely.",
                ask.Reading.RestsOn,
                $"It is cut narrower for that, and opens to {ruler.Mark(a.CutFlat)} only. For more, lengthen the stitch, bring the rows closer, or take a thicker elastic; or plan less fullness."
            );
        }
        else if (prediction.Low > ask.Fullness)
        {
            yield return Finding.Care(
                "draws-too-much",
                $"The elastic will draw more than {DecimalText.Write(ask.Fullness)} times: {DecimalText.Write(prediction.Low)} to {DecimalText.Write(prediction.High)} is likely.",
                ask.Reading.RestsOn,
                $"It is cut wider for that, {ruler.Cut(a.SureWidth)}. For less, shorten the stitch, or set the rows further apart."
            );
        }
        foreach (var finding in ask.Reading.Noticed())
        {
            yield return finding;
        }
        if (ask.InLooper && ask.AskedLayout == Layout.Pivot)
        {
            yield return Finding.Care(
                "looper-turns",
                "A chain stitch does not turn on its needle: the looper holds the fabric.",
                "One line that is turned at the end of each row is sewn with elastic in a bobbin.",
                "Sew separate rows, or a spiral.",
                new(ShirringFields.Layout.Name, "rows")
            );
        }
        if (ask.InLooper && ask.Reading.Planned.TensionSteps > -1)
        {
            yield return Finding.Note(
                "looper-tension",
                "With elastic in a looper the needle tension is a step looser than normal.",
                "The chain has to lie down over the elastic; a tight needle thread breaks when it is stretched.",
                "Set the tension one step looser: it draws up a little less."
            );
        }
        if (ask.InLooper && ask.Reading.Evidence == 0)
        {
            yield return Finding.Note(
                "looper-draws-more",
                "Elastic in a looper draws up much more than in a bobbin.",
                "The range is a guess: only swatches sewn in a looper count for it.",
                "Sew a swatch on the overlocker before anything is cut."
            );
        }
        if (ask.ClothThickness >= Thick)
        {
            yield return Finding.Care(
                "hardly-shirrs",
                $"Fabric of {ruler.Fine(ask.ClothThickness)} hardly shirrs.",
                "The elastic is not strong enough to fold it.",
                "Sew a swatch first; or run flat elastic through a casing."
            );
        }

        string Amount(Length length) => ruler.Write(length, LengthKind.Amount);
    }

    /// <summary>What is noticed of how the rows run.</summary>
    private static IEnumerable<Finding> InRows(ShirringPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        if (
            ask is { Shape: RowShape.Straight, FootEdge: { } edge }
            && Length.Difference(edge, ask.RowGap) > ruler.Marking
        )
        {
            yield return Finding.Note(
                "guided-by-foot",
                $"The edge of this foot guides rows {ruler.Fine(edge)} apart; {ruler.Mark(ask.RowGap)} is planned.",
                "At the foot’s own gap no row has to be marked: its edge runs along the last one.",
                $"Take {ruler.Fine(edge)}, or mark every row.",
                new(ShirringFields.RowGap.Name, ruler.Fine(edge))
            );
        }
        if (ask.AskedLayout == Layout.Spiral && !ask.IsWhole)
        {
            yield return Finding.Stop(
                "spiral-goes-round",
                "A spiral goes round the whole of a tube.",
                "Rows over a part of the width begin and end on the fabric.",
                "Sew separate rows, and secure the ends of each.",
                new(ShirringFields.Layout.Name, "rows")
            );
        }
        if (ask.Shape != RowShape.Straight && ask.AskedLayout != Layout.Rows)
        {
            yield return Finding.Note(
                "sewn-separately",
                "Rows that slant, wave or go round are sewn each by itself.",
                "From one to the next there is no straight way within the seam allowance.",
                "Sew separate rows.",
                new(ShirringFields.Layout.Name, "rows")
            );
        }
        if (ask.Shape is RowShape.Diagonal or RowShape.Waves)
        {
            yield return Finding.Note(
                "draws-both-ways",
                $"Such rows draw the height in too: cut {ruler.Mark(a.CutHeight)} high for {ruler.Mark(ask.PanelHeight)}.",
                "Fabric draws up along its rows and keeps its length square to them.",
                "Sew a swatch with the same rows, and measure it both ways."
            );
        }
        if (ask.Shape == RowShape.Waves && ask.WaveHeight / ask.WaveLength > SteepestWave)
        {
            yield return Finding.Care(
                "steep-waves",
                "Waves as steep as this cannot be led evenly.",
                "Where a row runs nearly upright, the foot turns on the spot and elastic piles up.",
                $"Make each wave {ruler.Mark(ask.WaveHeight / SteepestWave)} long or longer, or flatter."
            );
        }
        if (ask.Shape == RowShape.Neckline && a.CutFlat / ask.NeckRadius > NecklineDrawing.Widest)
        {
            yield return Finding.Stop(
                "ring-closes",
                $"Flat, {ruler.Mark(a.CutFlat)} goes more than once round a circle of {ruler.Mark(ask.NeckRadius)}.",
                "One piece of fabric holds no more than a ring.",
                $"Cut it to a radius of {ruler.Cut(a.CutFlat / NecklineDrawing.Widest)} or more, or of two pieces."
            );
        }
    }

    /// <summary>Workshop rule: half as high as long is the steepest that is still led.</summary>
    private const double SteepestWave = 0.5;
}
