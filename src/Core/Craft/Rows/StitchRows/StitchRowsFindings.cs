using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>What is to be known about rows of stitches.</summary>
internal static class StitchRowsFindings
{
    public static IEnumerable<Finding> In(StitchRowsPlan a)
    {
        var ask = a.Ask;
        if (ask.WidestStitch is { } widest && a.Widest > widest)
        {
            yield return Finding.Stop(
                "too-wide",
                $"A stitch of the pattern is {a.Ruler.Fine(a.Widest)} wide, and the machine makes {a.Ruler.Fine(widest)}.",
                "Set wider than it goes, the needle strikes the foot or the plate.",
                $"Take a stitch of {a.Ruler.Fine(widest)} or less, or set this one narrower and measure it again."
            );
        }
        else if (ask.SafeWidth is not { } safe || Say.Over(a.Widest, safe))
        {
            var of = ask.NeedleSpacing > Length.Zero ? "this twin needle" : "one needle";
            yield return Finding.Stop(
                "strike",
                $"A stitch {a.Ruler.Fine(a.Widest)} wide strikes metal with {of}.",
                "Between machine, foot and plate there is no room for its swing, the blade and a little air.",
                ask.SafeWidth is { } most
                        ? $"At most {a.Ruler.Fine(most)} wide with {of}; or take a foot with a wider opening{(ask.NeedleSpacing > Length.Zero ? ", or a single needle" : "")}."
                    : ask.NeedleSpacing > Length.Zero ? "Take a single needle."
                    : "Take a foot with a wider opening.",
                ask.SafeWidth is { } fits
                && Rounding.Down(fits, Tenth) is var set
                && set >= StitchRowsFields.StitchWidth.Least
                && ask.IsTyped
                    ? new(StitchRowsFields.StitchWidth.Name, a.Ruler.Fine(set))
                    : null
            );
        }
        if (
            ask.NeedleSpacing > Length.Zero
            && ask.Pattern.FirstOrDefault(s => s.PairWidth < s.Width) is { } paired
        )
        {
            yield return Finding.Stop(
                "pair-strikes",
                paired.PairWidth == Length.Zero
                    ? $"{paired.Called} is not sewn with a twin needle."
                    : $"With a twin needle {paired.Called} goes up to {a.Ruler.Fine(paired.PairWidth!.Value)}, and {a.Ruler.Fine(paired.Width)} is set.",
                "The outer needle strikes the foot or the plate.",
                paired.PairWidth == Length.Zero
                    ? "Take a single needle, or another stitch."
                    : $"Set it to {a.Ruler.Fine(paired.PairWidth!.Value)} or less, or take a single needle."
            );
        }
        if (a.RowIsTooLong)
        {
            yield return Finding.Stop(
                "row-longer-than-bobbin",
                $"The longest row takes more thread than a bobbin of {a.Ruler.Write(ask.BobbinCapacity, LengthKind.Amount)} holds.",
                "It would run out in the middle of a row, where the pattern cannot be taken up unseen.",
                "Take a finer bobbin thread, of which more goes on, an open stitch, or divide the piece."
            );
        }
        if (Touching(a) is { } gap)
        {
            yield return Finding.Care(
                "rows-touch",
                $"Rows {a.Ruler.Fine(gap)} apart run into each other.",
                $"Half of each of two rows is {a.Ruler.Fine(a.Widest)} wide.",
                "Set them further apart; or let them overlap on purpose, and try it on a test swatch."
            );
        }
        if (!ask.Stabilised)
        {
            yield return NothingUnder(ask);
        }
        if (ask.IsWavy && Bend(ask) is { } radius && radius < TightestBend)
        {
            yield return Finding.Care(
                "bend-too-tight",
                $"The waves bend to a radius of {a.Ruler.Mark(radius)}.",
                $"A foot is led round no bend much under {a.Ruler.Mark(TightestBend)}: the stitches crowd inside and gape outside.",
                "Make the waves longer or flatter, or sew a narrow stitch, slowly."
            );
        }
        if (ask.Words is not null && ask.Pattern.All(s => s.Look != StitchLooks.Letters))
        {
            yield return Finding.Note(
                "no-letters",
                "No stitch of these is letters, so the words are not sewn.",
                "Words are sewn in the machine’s own letters.",
                "Take one from the stitch library that is letters."
            );
        }
        var bare = a.Rows.Count(r => r.Sewn.Repeats == 0);
        if (bare > 0)
        {
            yield return Finding.Note(
                "shorter-than-a-repeat",
                $"{(bare == 1 ? "One row is" : $"{bare} rows are")} shorter than a repeat.",
                "It would hold a part of one only.",
                "Leave it out, or let it run over the edge and be trimmed."
            );
        }
        var cut = a
            .Rows.Where(r =>
                r.Sewn.Repeats > 0 && r.Sewn.Bare >= StitchRowsPlan.Shows * r.Stitch.Repeat
            )
            .ToList();
        if (ask.IsWhole && cut.Count > 0)
        {
            yield return Finding.Note(
                "half-a-repeat",
                $"{(cut.Count == 1 ? $"Row {cut[0].Number} is" : $"{cut.Count} rows are")} not filled by whole repeats, even stretched by {a.Ruler.Fine(ask.RepeatRange)}.",
                "Sewn from the edge, the last repeat would be cut through.",
                $"Begin {a.Ruler.Fine(cut.Min(r => r.Start))} to {a.Ruler.Fine(cut.Max(r => r.Start))} from the edge, as the list of rows says: then both ends are alike."
            );
        }
        if (ask.OneWayOnly && !ask.IsBorder)
        {
            yield return Finding.Note(
                "first-to-last",
                "On one side of the first row every row is drawn.",
                "The foot’s edge sets a gap from the row before, and the stitches are of unequal widths: towards the other side it would set another.",
                "Mark all rows, or say a gap, where the foot shall lead none of them."
            );
        }
        if (
            !ask.IsBorder
            && !ask.IsWavy
            && a.Rows.FirstOrDefault(r =>
                r.From.X == r.To.X && IsCut(r, r.From.X, ask.Width)
                || r.From.Y == r.To.Y && IsCut(r, r.From.Y, ask.Height)
            )
                is { } onEdge
        )
        {
            yield return Finding.Care(
                "on-the-edge",
                $"Row {onEdge.Number} lies nearer to the edge than half its width.",
                "A part of it is trimmed away, or goes into the seam, and its threads come loose there.",
                "Change the gap a little, or the angle, if they shall be seen whole."
            );
        }
    }

    /// <summary>Workshop rule: a foot follows this, and not much less.</summary>
    private static readonly Length TightestBend = Length.FromMillimetres(40);

    /// <summary>The tightest bend of y = a·sin(2πx/λ): λ²/(4π²·a), with a half of the wave’s height.</summary>
    private static Length Bend(StitchRowsInputs ask) =>
        Length.FromMillimetres(
            Math.Pow(ask.WaveLength.Millimetres / (2 * Math.PI), 2)
                / (ask.WaveHeight.Millimetres / 2)
        );

    /// <summary>Thinner fabric, in g/m², is drawn together by any row.</summary>
    private const double Thin = 120;

    /// <summary>What comes of sewing without a stabiliser: more the denser the stitch and the thinner the fabric.</summary>
    private static Finding NothingUnder(StitchRowsInputs ask) =>
        ask.Pattern.FirstOrDefault(s => s.IsDense) is { } dense
            ? Finding.Care(
                "tunnels",
                $"Nothing lies under the fabric, and {dense.Called} is dense.",
                "Dense stitches pull the fabric into a tunnel.",
                "Lay a stabiliser under the whole piece."
            )
        : ask.ClothWeight is not { } grams || grams < Thin
            ? Finding.Care(
                "no-stabiliser",
                "Nothing lies under the fabric.",
                "Thin fabric is drawn together along every row of decorative stitches.",
                "Lay a stabiliser under the whole piece, or let a swatch say that it lies flat without."
            )
        : Finding.Note(
            "no-stabiliser",
            "Nothing lies under the fabric.",
            "Open stitches on a firm fabric may lie flat without; they draw it in more.",
            "Sew the swatch without one too: it says whether it lies flat, and how much larger to cut."
        );

    private static readonly Length Tenth = Length.FromMillimetres(0.1);

    private static bool IsCut(Row row, Length at, Length across) =>
        Length.Min(at, across - at).Millimetres < row.Stitch.Width.Millimetres / 2 - 1e-6;

    /// <summary>A gap in which two rows run into each other; null where none do.</summary>
    private static Length? Touching(StitchRowsPlan a)
    {
        for (var i = 0; i < a.Ask.Pattern.Count && a.Count > 1; i++)
        {
            var gap = a.Ask.GapAfter(i);
            if (gap < (a.Ask.StitchOf(i).Width + a.Ask.StitchOf(i + 1).Width) / 2)
            {
                return gap;
            }
        }
        return null;
    }
}
