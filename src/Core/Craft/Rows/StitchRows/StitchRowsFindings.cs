using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

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
        else if (ask.SafeWidth is not { } safe || a.Widest > safe)
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
                && fits >= StitchRowsFields.StitchWidth.Least
                && ask.Pattern is [{ Name: null }]
                    ? new(StitchRowsFields.StitchWidth.Name, a.Ruler.Fine(fits))
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
        if (!ask.Stabilised && ask.Pattern.FirstOrDefault(s => s.IsDense) is { } dense)
        {
            yield return Finding.Care(
                "tunnels",
                $"Nothing lies under the fabric, and {dense.Called} is dense.",
                "Dense stitches pull the fabric into a tunnel.",
                "Lay a stabiliser under the whole piece."
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
