using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>The order of work on rows of stitches.</summary>
internal static class StitchRowsSteps
{
    /// <summary>So many rows are pressed, and looked at, before the rest.</summary>
    private const int LookAfter = 3;

    public static IReadOnlyList<SewingStep> Of(StitchRowsPlan a) =>
        [
            Cut(a),
            .. a.Ask.Stabilised ? [Under(a)] : Array.Empty<SewingStep>(),
            Marked(a),
            Set(a),
            First(a),
            .. Rest(a),
            Pressed(a),
            Trimmed(a),
        ];

    private static SewingStep Cut(StitchRowsPlan a) =>
        new SewingStep(
            "cut",
            "Cut it oversize",
            $"Cut {Ruler.Size(a.Ruler.Cut(a.CutWidth), a.Ruler.Cut(a.CutHeight))}, with the grain up. It is trimmed to {a.TrimSays} at the end.",
            Ruler.Size(a.Ruler.Cut(a.CutWidth), a.Ruler.Cut(a.CutHeight)),
            ["It is pressed flat before it is cut, and the grain runs straight."]
        ).At(
            Place.Table,
            Pace.Cut(a.Ask.Stabilised ? 2 : 1),
            RowsDrawing.CutName,
            ["ground"],
            ["first", "rows"]
        );

    private static SewingStep Under(StitchRowsPlan a) =>
        new SewingStep(
            "under",
            "Lay the stabiliser under",
            $"Under the whole piece, {Ruler.Size(a.Ruler.Cut(a.CutWidth), a.Ruler.Cut(a.CutHeight))}: pin or baste it along all edges.",
            "under the whole piece",
            ["It lies flat and reaches every edge."],
            Schools:
            [
                new("tear-away", "For firm fabric; torn off after."),
                new("wash-away", "For fabric that shows it; washed out."),
                new("cut-away", "For fabric that stretches; it stays."),
            ],
            Caution: Safety.Pins
        ).At(Place.Table, 4, RowsDrawing.CutName, ["ground"], ["first", "rows"]);

    private static SewingStep Marked(StitchRowsPlan a)
    {
        var ask = a.Ask;
        var lines = ask.IsWavy ? a.Count : RowsGuide.Lines(a).Count;
        return new SewingStep(
            "mark",
            ask.IsMarked ? "Draw every row"
                : ask.IsBorder ? "Draw the outer row"
                : "Draw the first row",
            $"Draw the outline of the finished piece in the middle, {Ruler.Size(a.Ruler.Mark(a.Outline.Width), a.Ruler.Mark(a.Outline.Height))}: stitching draws it in to {Ruler.Size(a.Ruler.Mark(ask.Width), a.Ruler.Mark(ask.Height))}. Rows begin and end at it. "
                + (
                    ask.IsMarked
                        ? $"Draw {lines} lines{Turned(ask)} with what comes off again, {a.Ruler.Fine(a.MarkedGap)} apart on the fabric as it is cut: stitching draws them to {a.Ruler.Fine(ask.MeanGap)}."
                    : ask.IsBorder
                        ? "Draw one line on each side, with what comes off again; the foot’s edge leads all others."
                    : $"Draw the line of row {a.Order[0]}{Turned(ask)}{(lines > 1 ? $", and those of the {lines - 1} rows before it" : "")}, with what comes off again; the foot’s edge leads all others."
                ),
            ask.IsMarked ? $"{a.Ruler.Fine(a.MarkedGap)} apart"
                : ask.IsBorder ? "the outer row"
                : $"{DecimalText.Write(ask.Angle)}°",
            [
                ask.IsBorder
                    ? "The lines meet square in the corners."
                    : "Both ends are measured from the same corner.",
            ]
        ).At(
            Place.Table,
            Pace.Marked(lines),
            RowsDrawing.CutName,
            ask.IsMarked && a.Count > 1 ? ["first", "rows"] : ["first"],
            ask.IsMarked ? null : ["rows"]
        );
    }

    private static SewingStep Set(StitchRowsPlan a)
    {
        var first = a.Sewn.First();
        var stitches = a.Ask.Pattern;
        return new SewingStep(
            "set",
            stitches.Count == 1 ? "Choose the stitch" : "Choose the stitches",
            $"{string.Join("; ", stitches.Select((s, i) => $"{(stitches.Count > 1 ? $"{i + 1}: " : "")}{s.Called}, {a.Ruler.Fine(s.Width)} wide, one repeat {a.Ruler.Fine(s.Repeat)}"))}. Tell the machine to stop at the end of a repeat, if it can, and begin with its lock stitch.",
            Setting(a, first) is { Length: > 0 } set
                ? set
                : $"{a.Ruler.Fine(first.Stitch.Width)} wide",
            [
                "On a swatch of the same layers ten repeats measure ten times one.",
                "The handwheel was turned through one whole swing.",
            ],
            Safety.Needle
        )
            .At(Place.Machine, 3, EdgeCloseUp.Name, ["first"], ["foot"])
            .Setting([
                .. stitches.Select(s =>
                    $"{(s.Number is { } n ? $"stitch {n}, " : "")}width {a.Ruler.Fine(s.Width)}{(DialOf(a, s) is { } l ? $", length {a.Ruler.Fine(l)}" : "")}"
                ),
                "needle tension −0.5",
                "stop after the repeat",
            ]);
    }

    /// <summary>What is set for a stitch first: for the first row of it, which may be stretched to fill its line.</summary>
    private static Length? DialOf(StitchRowsPlan a, BookStitch stitch) =>
        a.Sewn.FirstOrDefault(r => r.Stitch == stitch)?.Sewn.Dial ?? stitch.Dial;

    private static SewingStep First(StitchRowsPlan a)
    {
        var row = a.Sewn.First();
        return new SewingStep(
            "first",
            a.Ask.IsBorder ? "Sew the outer row" : $"Sew row {row.Number} first",
            $"{Begin(a, row)} {Ends(a, row)}"
                + (
                    a.Ask.IsBorder
                        ? $" {Corner(a, row)}"
                        : " Then measure: it is the one that all others are led by."
                ),
            $"{row.Sewn.Repeats} repeats",
            [
                "It lies on its line from end to end.",
                "The fabric lies flat beside it: no tunnel, no ruffle.",
            ]
        )
            .At(
                Place.Machine,
                Pace.Sewn(row.Length, Length.FromMillimetres(1)) + 1,
                RowsDrawing.Name,
                ["first"],
                ["rows", "foot"]
            )
            .Setting(Setting(a, row) is { Length: > 0 } set ? [set] : []);
    }

    private static IEnumerable<SewingStep> Rest(StitchRowsPlan a)
    {
        if (a.Count == 1)
        {
            yield break;
        }
        var rest = a.Order.Skip(1).ToList();
        var toOneSide = rest.TakeWhile((n, i) => i == 0 || n > rest[i - 1]).ToList();
        yield return Side(
            a,
            toOneSide,
            "one-side",
            a.Ask.IsBorder ? "Sew the rows inside it" : "Sew to one side"
        );
        var toTheOther = rest.Skip(toOneSide.Count).ToList();
        if (toTheOther.Count > 0)
        {
            yield return Side(a, toTheOther, "other-side", "Sew to the other side");
        }
    }

    private static SewingStep Side(StitchRowsPlan a, List<int> rows, string key, string title)
    {
        var runs = a.Sewn.Where(r => rows.Contains(r.Number)).ToList();
        var ask = a.Ask;
        var changes = a.ChangeBefore.Where(rows.Contains).ToList();
        var sets = Settings(a, runs);
        return (
            new SewingStep(
                key,
                title,
                (
                    rows.All(a.IsDrawn)
                        ? $"Rows {Sentence.Spans(rows)}, each on its line. "
                        : $"Rows {Sentence.Spans(rows)}, each with the foot’s edge along the last: {a.Ruler.Fine(ask.GapAfter(0))} from row to row. "
                )
                    + (
                        ask.Alternates
                            ? $"Turn the piece after each, so that every other row is sewn the other way{(rows.All(a.IsDrawn) ? "" : ": the last row then lies at the other side of the foot, whose edge must be as far from the needle")}. "
                            : "All in the same direction. "
                    )
                    + (
                        ask.IsWhole
                            ? "Set each row’s length as the list says, and let the last repeat finish."
                            : "Begin each where the list says, and stop after its last whole repeat."
                    )
                    + (
                        changes.Count > 0
                            ? $" Change the bobbin before row {Sentence.Few(changes)}."
                            : ""
                    ),
                rows.Count == 1 ? $"row {rows[0]}" : $"rows {Sentence.Spans(rows)}",
                [
                    rows.All(a.IsDrawn)
                        ? "Each lies on its line from end to end."
                        : "The edge of the foot touches the last row all along.",
                    $"After {Math.Min(LookAfter, rows.Count)} rows the outermost still lies parallel to the first, measured at both ends.",
                ]
            ).At(
                Place.Machine,
                runs.Sum(r => Pace.Sewn(r.Length, Length.FromMillimetres(1)) + 0.75),
                RowsDrawing.Name,
                ["rows"]
            )
        ) with
        {
            Sets = sets,
            Stops = Stops(a, runs),
        };
    }

    /// <summary>Each row by itself, so that it is led row by row at the machine: what to set, where to begin, how many repeats.</summary>
    private static IReadOnlyList<StepStop> Stops(StitchRowsPlan a, IReadOnlyList<Row> runs) =>
        a.Rows.Count > RowsDrawing.MostLed
            ? []
            :
            [
                .. runs.Select(r => new StepStop(
                    0,
                    "down",
                    0,
                    $"{(Setting(a, r) is { Length: > 0 } set ? $"{Sentence.Begin(set)}. " : "")}{Begin(a, r)} {(r.Sewn.Repeats == 0 ? "No whole repeat: trim it." : $"{r.Sewn.Repeats} repeats.")}",
                    RowsDrawing.NearOf(a, r)
                )),
            ];

    private static SewingStep Pressed(StitchRowsPlan a) =>
        new SewingStep(
            "press",
            "Press from the wrong side",
            a.Ask.Stabilised
                ? "Take the stabiliser away as its kind wants, and press from behind into a towel: the stitches stay raised."
                : "Press from behind into a towel: the stitches stay raised.",
            "from behind",
            ["It lies flat, and measures more than it is trimmed to, both ways."],
            Safety.Iron
        ).At(
            Place.Iron,
            Pace.Pressed(a.Ask.Width + a.Ask.Height),
            RowsDrawing.CutName,
            a.Count > 1 ? ["ground", "rows"] : ["ground"]
        );

    private static SewingStep Trimmed(StitchRowsPlan a) =>
        new SewingStep(
            "trim",
            "Trim to size",
            $"Centre {a.TrimSays} on the rows, square to the grain, and trim{(a.Ask.Seam > Length.Zero ? $": {a.Ruler.Mark(a.Ask.Seam)} beyond the ends of the rows all round, for the seam" : "")}. What was over is what stitching did not draw in: note it for the next one.",
            a.TrimSays,
            [
                "All four corners are square, and both diagonals measure the same.",
                "The ends of the rows are caught in a seam or a binding, or were locked.",
            ]
        ).At(Place.Table, 5, RowsDrawing.CutName, ["trim"]);

    private static string Begin(StitchRowsPlan a, Row row) =>
        row.Start.Millimetres < 0.05
            ? "Begin at the outline with the lock stitch."
            : $"Begin {a.Ruler.Fine(row.Start)} from the outline with the lock stitch.";

    private static string Ends(StitchRowsPlan a, Row row) =>
        row.Sewn.Repeats == 0
            ? "It holds no whole repeat: sew it through, to be trimmed."
            : $"{row.Sewn.Repeats} repeats of {a.Ruler.Fine(row.Sewn.Repeat)} are {a.Ruler.Mark(row.Sewn.Repeats * row.Sewn.Repeat)} of its {a.Ruler.Mark(row.Length)}: tell the machine to stop before the last one ends.";

    private static string Corner(StitchRowsPlan a, Row row) =>
        row.Start.Millimetres < 0.05
            ? "The last repeat of a side ends in the corner: needle down, turn, and the next side begins there."
            : $"The last repeat of a side ends {a.Ruler.Fine(row.Start)} before the corner: lock it, turn there, and begin the next side as far after it.";

    private static string Turned(StitchRowsInputs ask) =>
        ask.IsBorder ? ""
        : ask.IsWavy ? " as waves, by the guide,"
        : $" at {DecimalText.Write(ask.Angle)}° from the width";

    private static string Setting(StitchRowsPlan a, Row row) =>
        row.Sewn.Dial is { } dial ? $"length {a.Ruler.Fine(dial)}" : "";

    /// <summary>What is set for rows of equal settings together; of many the first few.</summary>
    private static IReadOnlyList<string> Settings(StitchRowsPlan a, IReadOnlyList<Row> rows)
    {
        if (rows.All(r => r.Sewn.Dial is null))
        {
            return [];
        }
        var groups = rows.Where(r => r.Sewn.Dial is not null)
            .GroupBy(r => (Math.Round(r.Sewn.Dial!.Value.Millimetres, 3), r.Stitch.Called))
            .Select(g =>
                $"length {a.Ruler.Fine(g.First().Sewn.Dial!.Value)}{(a.Ask.Pattern.Count > 1 ? $" for {g.Key.Called}" : "")}: {(g.Count() == 1 ? "row" : "rows")} {Sentence.Spans([.. g.Select(r => r.Number).Distinct()])}"
            )
            .ToList();
        return groups.Count <= 6 ? groups : [.. groups.Take(5), "and so on, as the list says"];
    }
}
