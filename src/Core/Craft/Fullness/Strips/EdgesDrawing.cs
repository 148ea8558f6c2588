using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>
/// The plain edge above the joined strip, both to one scale and with the same marks, so that one sees which will meet which.
/// </summary>
internal static class EdgesDrawing
{
    public static Drawing Of(StripPlan a)
    {
        var ask = a.Ask;
        var depth = ask.Doubled ? ask.CutDepth / 2 : ask.CutDepth;
        var drawn = DrawnLength.Of(a, a.SegmentFlat, depth * 2);
        var flat = a.SegmentFlat * drawn.Segments;
        var end = ask.Closed ? Length.Zero : ask.EndAllowance;
        var width = flat + end * (drawn.IsAll ? 2 : 1);

        // Leaders need room to be told apart from the marks they join.
        var band = depth * 0.35;
        var top = band + width * 0.09;
        List<Shape> shapes =
        [
            new ClothPiece(
                new Point(end, Length.Zero),
                new Point(end + a.SegmentGathered * drawn.Segments, band),
                ClothRole.Plain,
                TornRight: !drawn.IsAll
            ).In("plain"),
            new ClothPiece(
                new Point(Length.Zero, top),
                new Point(width, top + depth),
                ClothRole.Main,
                TornRight: !drawn.IsAll
            ).In("cloth"),
        ];
        for (var k = 0; k <= drawn.Segments; k++)
        {
            var (above, below) = (end + a.EdgeMark(k), end + a.StripMark(k));
            shapes.Add(
                new ClothLine(LineMeaning.Match, new Point(above, band), new Point(below, top)).In(
                    "marks"
                )
            );
            shapes.Add(new Notch(new Point(above, band), k, FromBelow: true).In("marks"));
            shapes.Add(new Notch(new Point(below, top), k).In("marks"));
        }
        AddRows(shapes, a, end, flat, top);
        AddJoins(shapes, a, width, top, depth);
        AddLowerEdge(shapes, ask, width, top + depth);
        AddDimensions(shapes, a, drawn, end, top + depth);
        return new Drawing(
            "edges",
            StripsTitle(a) + drawn.Note(a),
            $"The plain edge and below it the flat strip, each divided into {a.Segments} parts by the same marks.",
            width,
            top + depth,
            shapes,
            !a.Ask.Along,
            IsForCutting: true
        );
    }

    private static string StripsTitle(StripPlan a) =>
        (a.StripCount, a.Ask.Closed) switch
        {
            (1, false) => "Flat: one strip, and the edge it goes to",
            (1, true) => "Flat: one strip joined to a loop, and its edge",
            (var n, false) => $"Flat: {n} strips joined, and the edge they go to",
            (var n, true) => $"Flat: {n} strips joined to a loop, and its edge",
        };

    private static void AddRows(
        List<Shape> shapes,
        StripPlan a,
        Length from,
        Length flat,
        Length top
    )
    {
        var scheme = a.Ask.Rows;
        for (var i = 0; i < a.RowOffsets.Count; i++)
        {
            var meaning = scheme.Gaps[i] > 0 ? LineMeaning.StitchRemoved : LineMeaning.Stitch;
            var y = top + Length.Max(Length.Zero, a.RowOffsets[i]);
            shapes.Add(
                new ClothLine(meaning, new Point(from, y), new Point(from + flat, y)).In("rows")
            );
        }
    }

    private static void AddJoins(
        List<Shape> shapes,
        StripPlan a,
        Length width,
        Length top,
        Length depth
    )
    {
        // The first strip shows its end allowance and loses one join; each later one loses two. In a ring all lose two.
        var j = a.Ask.JoinAllowance;
        var place = a.Ask.Closed ? a.StripLength - 2 * j : a.StripLength - j;
        for (var i = 1; i < a.StripCount && place < width; i++)
        {
            shapes.Add(
                new ClothLine(
                    LineMeaning.Join,
                    new Point(place, top),
                    new Point(place, top + depth)
                ).In("joins")
            );
            place += a.StripLength - 2 * j;
        }
        if (a.Ask.Closed)
        {
            shapes.Add(
                new ClothLine(
                    LineMeaning.Join,
                    new Point(Length.Zero, top),
                    new Point(Length.Zero, top + depth)
                ).In("joins")
            );
        }
    }

    private static void AddLowerEdge(
        List<Shape> shapes,
        StripInputs ask,
        Length width,
        Length bottom
    )
    {
        if (ask.Doubled)
        {
            shapes.Add(
                new ClothLine(
                    LineMeaning.Fold,
                    new Point(Length.Zero, bottom),
                    new Point(width, bottom)
                ).In("lower-edge")
            );
        }
        else if (ask.HemAllowance > Length.Zero)
        {
            var y = bottom - ask.HemAllowance;
            shapes.Add(
                new ClothLine(LineMeaning.Hem, new Point(Length.Zero, y), new Point(width, y)).In(
                    "lower-edge"
                )
            );
        }
    }

    private static void AddDimensions(
        List<Shape> shapes,
        StripPlan a,
        DrawnLength drawn,
        Length end,
        Length bottom
    )
    {
        // Of a part that is drawn, the distance between two marks says more than its own length.
        var (edge, flat) = drawn.IsAll
            ? (a.Ask.FinishedEdge, a.SewnFlat)
            : (a.SegmentGathered, a.SegmentFlat);
        shapes.Add(
            Dimension.Above(
                end,
                end + edge,
                Length.Zero,
                LengthKind.Marked,
                drawn.IsAll ? "edge" : "from mark to mark",
                drawn.IsAll ? StripFields.FinishedEdge.Name : "",
                states: edge
            )
        );
        shapes.Add(
            Dimension.Below(
                end,
                end + flat,
                bottom,
                drawn.IsAll ? LengthKind.Whole : LengthKind.Marked,
                drawn.IsAll ? "flat" : "from mark to mark",
                states: flat
            )
        );
    }
}
