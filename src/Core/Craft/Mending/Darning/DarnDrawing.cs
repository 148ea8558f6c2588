using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>The tear in the cloth with its backing, the corner marks, and the blocks in their order or the lines both ways.</summary>
internal static class DarnDrawing
{
    public const string Name = "darn";

    /// <summary>Of so many blocks only the outlines are drawn.</summary>
    private const int MostStitched = 24;

    public static Drawing Of(DarningPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var beyond = Length.Max(
            Length.Max(ask.IsPatched ? ask.PatchBeyond : ask.BackingMargin, ask.Margin)
                + Length.FromMillimetres(6),
            Length.FromMillimetres(10)
        );
        var (width, height) = (ask.TearWidth + 2 * beyond, ask.TearLength + 2 * beyond);
        var tear = new Point(beyond, beyond);
        var area = new Point(beyond - ask.Margin, beyond - ask.Margin);
        var backing = new Point(beyond - ask.BackingMargin, beyond - ask.BackingMargin);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("cloth"),
            new PathShape(
                Mended.Tear(tear, ask.TearWidth, ask.TearLength),
                Fill: ask.What.ClosesFirst ? ClothRole.Backing : ClothRole.Hole
            ).In("tear"),
        ];
        if (a.Patch is { } patch)
        {
            shapes.Insert(1, patch.Lies(tear));
            shapes.AddRange(patch.Shapes(tear));
        }
        else if (ask.What.IsDarned)
        {
            shapes.Add(
                new PathShape(Box(backing, a.BackingWidth, a.BackingLength), LineMeaning.Fold).In(
                    "backing"
                )
            );
            shapes.AddRange(ask.IsProgrammed ? Blocks(a, area) : Lines(a, area));
            shapes.AddRange(Marks(area, ask.AreaWidth, ask.AreaLength));
        }
        shapes.Add(
            Dimension.Below(
                tear.X,
                tear.X + ask.TearWidth,
                height,
                LengthKind.Marked,
                "tear",
                DarningFields.TearWidth.Name,
                states: ask.TearWidth
            )
        );
        shapes.Add(
            Dimension.Right(
                tear.Y,
                tear.Y + ask.TearLength,
                width,
                LengthKind.Marked,
                field: DarningFields.TearLength.Name,
                states: ask.TearLength
            )
        );
        if (ask.What.IsDarned)
        {
            var over = a.Patch is null ? ask.Margin : ask.PatchBeyond;
            var (wide, high) = (ask.TearWidth + 2 * over, ask.TearLength + 2 * over);
            shapes.Add(
                Dimension.Above(
                    tear.X - over,
                    tear.X - over + wide,
                    Length.Zero,
                    LengthKind.Marked,
                    a.Patch is null ? "stitched" : "patch",
                    states: wide
                )
            );
            shapes.Add(
                Dimension.Left(
                    tear.Y - over,
                    tear.Y - over + high,
                    Length.Zero,
                    LengthKind.Marked,
                    states: high
                )
            );
        }
        return new Drawing(
            Name,
            !ask.What.IsDarned ? "The tear"
                : ask.IsPatched ? "The patch over the tear"
                : ask.IsProgrammed ? "The tear and the darning blocks"
                : "The tear, and the lines over it",
            !ask.What.IsDarned
                    ? $"A tear of {ruler.Mark(ask.TearWidth)} by {ruler.Mark(ask.TearLength)}. It is not darned."
                : a.Patch is { } laid
                    ? $"A tear of {ruler.Mark(ask.TearWidth)} by {ruler.Mark(ask.TearLength)} under a patch of {ruler.Mark(laid.Width)} by {ruler.Mark(laid.Long)}, with one row at its edge and one round the tear."
                : $"A tear of {ruler.Mark(ask.TearWidth)} by {ruler.Mark(ask.TearLength)} with backing all round, "
                    + (
                        ask.IsProgrammed
                            ? $"under {DarningPlan.Count(a.Blocks.Count, "block")}, {ask.Columns} side by side and {ask.Rows} one below the other."
                            : $"under {a.LengthwiseLines} lines along and {a.CrosswiseLines} across."
                    ),
            width,
            height,
            shapes,
            true
        );
    }

    private static IEnumerable<Shape> Blocks(DarningPlan a, Point area)
    {
        foreach (var block in a.Blocks)
        {
            var part = Part(block);
            var from = new Point(area.X + block.X, area.Y + block.Y);
            if (a.Blocks.Count <= MostStitched)
            {
                yield return new PathShape(
                    Mended.BackAndForth(
                        from,
                        a.BlockWidth,
                        a.BlockLength,
                        Length.FromMillimetres(0.8)
                    ),
                    LineMeaning.Hem
                ).In(part);
            }
            yield return new PathShape(
                Box(from, a.BlockWidth, a.BlockLength),
                LineMeaning.Stitch
            ).In(part);
            // It starts in its left corner, at the far end or the near one.
            var start = a.Ask.AwayFirst ? from.Y + a.BlockLength : from.Y;
            var third = a.BlockLength / 3;
            yield return new Words(
                new Point(from.X, Length.Min(from.Y + a.BlockLength, from.Y + a.BlockLength / 2)),
                $"{block.Number} {(a.Ask.AwayFirst ? "↑" : "↓")}"
            ).In(part);
            yield return new ClothLine(
                LineMeaning.Match,
                new Point(from.X, start),
                new Point(from.X, a.Ask.AwayFirst ? start - third : start + third)
            ).In(part);
        }
    }

    private static IEnumerable<Shape> Lines(DarningPlan a, Point area)
    {
        var look = new StitchLook(a.Ask.StitchLength, Length.Zero);
        var (width, length) = (a.Ask.AreaWidth, a.Ask.AreaLength);
        // Closer than they can be told apart, they are drawn as far apart as they can.
        var gap = Length.Max(a.Ask.LineGap, Length.Max(width, length) / 60);
        yield return new PathShape(
            Mended.BackAndForth(area, width, length, gap),
            LineMeaning.Stitch,
            Stitches: look
        ).In("along");
        yield return new PathShape(
            Mended.Across(area, width, length, gap),
            LineMeaning.Stitch,
            Stitches: look
        ).In("across");
    }

    /// <summary>The part of the drawing that a block is.</summary>
    public static string Part(Block block) => $"block-{block.Number}";

    /// <summary>A corner mark of chalk at each corner of what is stitched.</summary>
    private static IEnumerable<Shape> Marks(Point from, Length width, Length length)
    {
        var arm = Length.Min(Length.FromMillimetres(3), Length.Min(width, length) / 3);
        foreach (var right in new[] { false, true })
        {
            foreach (var below in new[] { false, true })
            {
                var x = right ? from.X + width : from.X;
                var y = below ? from.Y + length : from.Y;
                yield return new PathShape(
                    Path.Of(
                        false,
                        new Point(right ? x - arm : x + arm, y),
                        new Point(x, y),
                        new Point(x, below ? y - arm : y + arm)
                    ),
                    LineMeaning.Chalk
                ).In("marks");
            }
        }
    }

    internal static Path Box(Point from, Length width, Length length) =>
        Path.Of(
            true,
            from,
            new Point(from.X + width, from.Y),
            new Point(from.X + width, from.Y + length),
            new Point(from.X, from.Y + length)
        );
}
