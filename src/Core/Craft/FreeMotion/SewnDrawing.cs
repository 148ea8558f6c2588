using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>The work on its cloth, every stitch where it falls at the pace chosen, numbered in the order it is sewn.</summary>
internal static class SewnDrawing
{
    public const string Name = "sewn";

    /// <summary>More stretches than this share one part.</summary>
    private const int MostStretches = 12;

    /// <summary>Of more stitches than this only the line is drawn.</summary>
    private const int MostStitches = 40_000;

    /// <summary>So many stitches are one shape, so that what is not looked at is left out whole.</summary>
    private const int Together = 150;

    private static readonly Length Margin = Length.FromMillimetres(12);

    /// <summary>The part that a stretch belongs to.</summary>
    /// <param name="stretch">From 0.</param>
    public static string Part(int stretch) =>
        stretch < MostStretches ? $"stretch-{stretch + 1}" : "others";

    public static IReadOnlyList<string> Parts(FreeMotionPlan a) =>
        [.. Enumerable.Range(0, a.Ask.Stretches.Count).Select(Part).Distinct()];

    public static string HoopPart(HoopField field) => $"hoop-{field.Number}";

    public static Drawing Of(FreeMotionPlan a)
    {
        var place = Affine.Move(Margin.Millimetres, Margin.Millimetres);
        var (width, height) = (a.Reach.Width + 2 * Margin, a.Reach.Height + 2 * Margin);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("cloth"),
            .. a.Ask.Way.Sketch.Select(o =>
                new PathShape(place.Of(o), LineMeaning.Chalk).In("outline")
            ),
        ];
        for (var i = 0; i < a.Ask.Stretches.Count; i++)
        {
            shapes.AddRange(Stitched(a, i, place));
        }
        shapes.AddRange(Numbers(a, place));
        shapes.AddRange(BobbinMarks.Of(a, place));
        if (a.Fields_.Count > 1)
        {
            shapes.AddRange(a.Fields_.SelectMany(f => Hoop(f, place)));
        }
        shapes.Add(
            Dimension.Below(
                Margin,
                width - Margin,
                height,
                LengthKind.Marked,
                field: a.Ask.Way.WidthField,
                states: a.Reach.Width
            )
        );
        shapes.Add(
            Dimension.Right(
                Margin,
                height - Margin,
                width,
                LengthKind.Marked,
                field: a.Ask.Way.HeightField,
                states: a.Reach.Height
            )
        );
        return new Drawing(
            Name,
            "Stitch-by-stitch drawing",
            $"{a.Long(a.Length)} of line in {a.Ask.Stretches.Count} {(a.Ask.Stretches.Count == 1 ? "stretch" : "stretches")}, "
                + $"{a.Stitches} stitches of {a.Ruler.Fine(a.Ask.Tempo.Stitch)}.",
            width,
            height,
            shapes,
            true
        )
        {
            Nears = [.. Nears(a, place)],
        };
    }

    /// <summary>The line as it is traced, at true size, with the places where it begins.</summary>
    public static Guide Guide(FreeMotionPlan a)
    {
        var edge = Affine.Move(10, 10);
        return new Guide(
            "What is traced",
            a.Reach.Width + Length.FromMillimetres(20),
            a.Reach.Height + Length.FromMillimetres(20),
            [],
            "Trace it against the light with a pen that goes away, or pin it on and sew through it."
        )
        {
            // Of a fill only the outline is traced: its lines follow by themselves.
            Paths =
            [
                .. a.Traces.Select(
                    (t, i) => new GuidePath(edge.Of(t), LineMeaning.Stitch, i == 0 ? "start" : "")
                ),
            ],
        };
    }

    /// <summary>What it looks like in a list.</summary>
    public static Drawing Picture(FreeMotionPlan a)
    {
        var large = Length.Max(
            Length.Max(a.Reach.Width, a.Reach.Height),
            Length.FromMillimetres(1)
        );
        var margin = large / 14;
        var place = Affine.Move(margin.Millimetres, margin.Millimetres);
        return new Drawing(
            "in-short",
            "",
            "",
            a.Reach.Width + 2 * margin,
            Length.Max(a.Reach.Height + 2 * margin, large / 5),
            [
                .. (a.Ask.IsField ? Few(a) : a.Ask.Way.Sketch).Select(o => new PathShape(
                    place.Of(o),
                    LineMeaning.Cord,
                    Width: large / 60
                )),
            ],
            true
        );
    }

    /// <summary>Of a meander, a coarse one stands for it.</summary>
    private static IEnumerable<Path> Few(FreeMotionPlan a)
    {
        var apart = Length.Max(a.Ask.Apart, Length.Min(a.Reach.Width, a.Reach.Height) / 8);
        return [Path.Of(false, SewnPath.Over(a.Ask.Kind, a.Reach.Width, a.Reach.Height, apart, 3))];
    }

    /// <summary>Through the places where the needle goes in: long stitches cut the corners, as they do on cloth.</summary>
    private static IEnumerable<Shape> Stitched(FreeMotionPlan a, int stretch, Affine place)
    {
        var line = a.Ask.Stretches[stretch];
        var look = new StitchLook(a.Ask.Tempo.Stitch, a.Ask.StitchWidth);
        if (a.Stitches > MostStitches)
        {
            yield return new PathShape(
                place.Of(Path.Of(false, line)),
                LineMeaning.Stitch,
                Stitches: look
            ).In(Part(stretch));
            yield break;
        }
        List<Point> points = [];
        foreach (var p in Holes(line, a.Ask.Tempo.Stitch.Millimetres, a.Ask.Swing))
        {
            points.Add(place.Of(p));
            if (points.Count > Together)
            {
                yield return Shaped(points);
                points = [points[^1]];
            }
        }
        if (points.Count > 1)
        {
            yield return Shaped(points);
        }

        // A zigzag is one thread from side to side; of straight stitches each is seen by itself.
        PathShape Shaped(List<Point> at) =>
            new(
                Path.Of(false, at),
                a.Ask.IsZigzag ? LineMeaning.Thread : LineMeaning.Stitch,
                Stitches: a.Ask.IsZigzag ? null : look
            )
            {
                Part = Part(stretch),
            };
    }

    /// <summary>Where the needle goes in along a line: every stitch, and its end.</summary>
    /// <param name="stitch">In mm; above 0.</param>
    /// <param name="swing">
    /// From the middle of a zigzag to its one side, in mm. It is the machine’s, and stays the same however the line turns.
    /// </param>
    public static IEnumerable<Point> Holes(
        IReadOnlyList<Point> line,
        double stitch,
        (double X, double Y) swing
    )
    {
        var (left, side) = (0.0, 1);
        for (var i = 1; i < line.Count; i++)
        {
            var (ax, ay) = (line[i - 1].X.Millimetres, line[i - 1].Y.Millimetres);
            var (bx, by) = (line[i].X.Millimetres, line[i].Y.Millimetres);
            var far = Math.Sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay));
            if (far < 1e-9)
            {
                continue;
            }
            for (; left <= far; left += stitch)
            {
                yield return At(left);
            }
            left -= far;
            if (i == line.Count - 1 && left < stitch - 1e-6)
            {
                yield return At(far);
            }

            Point At(double along)
            {
                side = -side;
                return Point.At(
                    ax + (bx - ax) * along / far + side * swing.X,
                    ay + (by - ay) * along / far + side * swing.Y
                );
            }
        }
    }

    /// <summary>A tie, three stitches on the spot: a ring of so many mm.</summary>
    private static readonly Length Tie = Length.FromMillimetres(2);

    /// <summary>Where each stretch begins, where it is tied off, and the jumps between them.</summary>
    private static IEnumerable<Shape> Numbers(FreeMotionPlan a, Affine place)
    {
        for (var i = 0; i < Math.Min(a.Ask.Stretches.Count, MostStretches); i++)
        {
            var start = place.Of(a.Ask.Stretches[i][0]);
            if (i > 0)
            {
                yield return new ClothLine(
                    LineMeaning.Match,
                    place.Of(a.Ask.Stretches[i - 1][^1]),
                    start
                ).In(Part(i));
            }
            yield return new Words(start, $"{i + 1}", true).In(Part(i));
            yield return new PathShape(Ring(place.Of(a.Ask.Stretches[i][^1])), LineMeaning.Seam).In(
                Part(i)
            );
        }
    }

    private static Path Ring(Point middle)
    {
        var (left, right) = (middle.X - Tie / 2, middle.X + Tie / 2);
        return new(
            new Point(left, middle.Y),
            [
                new ArcTo(new Point(right, middle.Y), Tie / 2, true),
                new ArcTo(new Point(left, middle.Y), Tie / 2, true),
            ],
            true
        );
    }

    private static IEnumerable<Shape> Hoop(HoopField field, Affine place)
    {
        var (from, to) = (place.Of(field.From), place.Of(field.To));
        yield return new PathShape(
            Path.Of(true, from, new Point(to.X, from.Y), to, new Point(from.X, to.Y)),
            LineMeaning.Fold
        ).In(HoopPart(field));
        yield return new Words(
            new Point((from.X + to.X) / 2, (from.Y + to.Y) / 2),
            $"hoop {field.Number}"
        ).In(HoopPart(field));
    }

    /// <summary>The beginning, the middle and the end from near, where stitches can be counted.</summary>
    private static IEnumerable<Near> Nears(FreeMotionPlan a, Affine place)
    {
        var across = Length.FromMillimetres(
            Math.Clamp(12 * a.Ask.Tempo.Stitch.Millimetres, 12, 60)
        );
        var (first, last) = (a.Ask.Stretches[0], a.Ask.Stretches[^1]);
        yield return new(place.Of(first[0]), across, 0, "where it begins");
        yield return new(place.Of(first[first.Count / 2]), across, 0, "on the way");
        yield return new(place.Of(last[^1]), across, 0, "where it ends");
    }
}
