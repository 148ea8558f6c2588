using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Ease;

/// <summary>The stretch between its notches: flat above the edge it goes to, and drawn up on it.</summary>
internal static class EaseDrawing
{
    /// <summary>How much of either piece is drawn.</summary>
    private static readonly Length Depth = Length.FromMillimetres(70);
    private static readonly Length Band = Length.FromMillimetres(22);

    /// <summary>Where nothing is said of what is plain, a little of it is drawn all the same.</summary>
    private static readonly Length AtLeast = Length.FromMillimetres(30);

    public static Drawing Edges(EasePlan a)
    {
        var (plan, flat, edge) = (a.Plan, a.Plan.FlatEdge, a.Plan.Ask.FinishedEdge);
        var (before, after) = (Plain(a.Before), Plain(a.After));
        var top = Band + (before + flat + after) * 0.09;
        var (width, height) = (before + Length.Max(flat, edge) + after, top + Depth);
        List<Shape> shapes =
        [
            new ClothPiece(
                Point.At(0, 0),
                new Point(before + edge + after, Band),
                ClothRole.Plain,
                TornRight: true
            ).In("plain"),
            new ClothPiece(
                new Point(Length.Zero, top),
                new Point(before + flat + after, height),
                ClothRole.Main,
                TornRight: true
            ).In("cloth"),
        ];
        foreach (var y in plan.RowOffsets.Where(o => o > Length.Zero))
        {
            shapes.Add(Row(before, before + flat, top + y, LineMeaning.Stitch));
        }
        shapes.Add(
            new ClothLine(
                LineMeaning.Seam,
                new Point(Length.Zero, top + plan.Ask.SeamAllowance),
                new Point(before + flat + after, top + plan.Ask.SeamAllowance)
            ).In("seam")
        );
        for (var k = 0; k <= plan.Segments; k++)
        {
            var (above, below) = (before + plan.EdgeMark(k), before + plan.StripMark(k));
            shapes.Add(
                new ClothLine(LineMeaning.Match, new Point(above, Band), new Point(below, top)).In(
                    "marks"
                )
            );
            shapes.Add(new Notch(new Point(above, Band), k, FromBelow: true).In("marks"));
            shapes.Add(new Notch(new Point(below, top), k).In("marks"));
        }
        shapes.Add(
            Across(
                before,
                before + edge,
                Length.Zero,
                Side.Above,
                edge,
                EaseFields.FinishedEdge.Name
            )
        );
        shapes.Add(
            Across(before, before + flat, height, Side.Below, flat, EaseFields.FlatStretch.Name)
        );
        return new Drawing(
            "edges",
            "Between the notches: flat, and the edge it’s sewn to",
            $"The shorter edge and below it the longer one, both divided into {plan.Segments} parts between the same two notches; before and after them it stays plain.",
            width,
            height,
            shapes,
            true,
            IsForCutting: true
        );
    }

    public static Drawing Drawn(EasePlan a)
    {
        var (plan, edge) = (a.Plan, a.Plan.Ask.FinishedEdge);
        var (before, after) = (Plain(a.Before), Plain(a.After));
        var width = before + edge + after;
        var wave = Wave.Of(
            new Point(before, Band + Depth),
            edge,
            Math.Clamp(plan.AchievedFullness, 1, 12),
            Length.FromMillimetres(6),
            60
        );
        List<Shape> shapes =
        [
            Piece(Length.Zero, before, ClothRole.Main),
            Piece(before + edge, width, ClothRole.Main),
            new GatheredCloth(new Point(before, Band), Depth, wave).In("gathers"),
            new ClothPiece(Point.At(0, 0), new Point(width, Band), ClothRole.Plain).In("plain"),
        ];
        for (var k = 0; k <= plan.Segments; k++)
        {
            shapes.Add(new Notch(new Point(before + plan.EdgeMark(k), Length.Zero), k).In("marks"));
        }
        shapes.Add(
            Across(
                before,
                before + edge,
                Band + Depth,
                Side.Below,
                edge,
                EaseFields.FinishedEdge.Name
            )
        );
        return new Drawing(
            "gathered",
            "Eased to the edge",
            $"The stretch drawn up between its two notches, {DecimalText.Write(plan.AchievedFullness)} times its edge; plain before and after.",
            width,
            Band + Depth,
            shapes,
            true
        );
    }

    /// <summary>A small picture: plain, full between two notches, plain.</summary>
    public static Drawing Small(string name, string says, double fullness)
    {
        const double width = 110;
        var wave = Wave.Of(
            Point.At(30, 44),
            Length.FromMillimetres(50),
            fullness,
            Length.FromMillimetres(5),
            6
        );
        return new Drawing(
            name,
            "",
            says,
            Length.FromMillimetres(width),
            Length.FromMillimetres(58),
            [
                new ClothPiece(Point.At(0, 7), Point.At(30, 44), ClothRole.Main),
                new ClothPiece(Point.At(80, 7), Point.At(width, 44), ClothRole.Main),
                new GatheredCloth(Point.At(30, 7), Length.FromMillimetres(37), wave),
                new ClothPiece(Point.At(0, 0), Point.At(width, 7), ClothRole.Plain),
                new Notch(Point.At(30, 0), 1),
                new Notch(Point.At(80, 0), 2),
            ],
            true
        );
    }

    private static Length Plain(Length said) => Length.Max(AtLeast, said);

    private static ClothPiece Piece(Length from, Length to, ClothRole role) =>
        new(new Point(from, Band), new Point(to, Band + Depth), role) { Part = "cloth" };

    private static ClothLine Row(Length from, Length to, Length y, LineMeaning meaning) =>
        new(meaning, new Point(from, y), new Point(to, y)) { Part = "rows" };

    private static Dimension Across(
        Length from,
        Length to,
        Length y,
        Side side,
        Length length,
        string field
    ) => new(new Point(from, y), new Point(to, y), side, length, LengthKind.Marked, Field: field);
}
