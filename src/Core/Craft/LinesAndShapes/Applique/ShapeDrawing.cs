using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>The finished piece in its cloths with every stitch; and the shapes as they are cut.</summary>
internal static partial class ShapeDrawing
{
    public const string Name = "sewn";
    public const string CutName = "shapes";

    /// <summary>So many stitches are one shape of the drawing.</summary>
    private const int Together = 80;

    private static readonly Length Margin = Length.FromMillimetres(12);

    public static string Part(ShapeOn shape) => $"shape-{shape.Number}";

    public static string Stitches(ShapeOn shape) => $"stitches-{shape.Number}";

    public static string Stops(ShapeOn shape) => $"stops-{shape.Number}";

    public static IReadOnlyList<Drawing> All(AppliquePlan a) => [Sewn(a), Cut(a)];

    /// <summary>Which of the places from near is the first stop of an outline.</summary>
    public static int FirstNear(AppliquePlan a, Round round) =>
        a.Rounds.TakeWhile(r => r != round).Sum(r => a.Turnings(r).Count + 1);

    private static Affine Place(AppliquePlan a)
    {
        var from = NamedShape.BoundsOf(a.Traces).From;
        return Affine.Move((Margin - from.X).Millimetres, (Margin - from.Y).Millimetres);
    }

    private static Drawing Sewn(AppliquePlan a)
    {
        var place = Place(a);
        var reach = NamedShape.BoundsOf(a.Traces);
        var (width, height) = (reach.Width + 2 * Margin, reach.Height + 2 * Margin);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.LeftOver).In(
                "ground"
            ),
        ];
        foreach (var shape in a.Ask.Shapes)
        {
            shapes.AddRange(Filled(shape, place, Part(shape)));
            foreach (var round in a.Rounds.Where(r => r.Shape == shape))
            {
                shapes.AddRange(StitchesOf(a, round, place));
            }
        }
        foreach (var round in a.Rounds)
        {
            shapes.AddRange(Marks(a, round, place));
        }
        var first = new MeasuredPath(a.Ask.Shapes[0].Outlines[0]).Bounds;
        shapes.AddRange(Spans(a, place, first, reach, width, height));
        return new Drawing(
            Name,
            "The finished appliqué",
            $"{string.Join(", ", a.Ask.Shapes.Select(s => s.Name))}, sewn round with {a.Stitches} stitches of {a.Ruler.Fine(a.BestRepeat)}; "
                + (
                    a.Lands
                        ? "every corner is met."
                        : $"the worst corner is missed by {a.Ruler.Fine(a.Miss)}."
                ),
            width,
            height,
            shapes,
            true
        )
        {
            Nears = Nears(a, place),
        };
    }

    private static List<Near> Nears(AppliquePlan a, Affine place) =>
        [
            .. a.Rounds.SelectMany(r =>
                a.Turnings(r)
                    .Select(t =>
                        Turnings.Near(
                            r.Measured,
                            t.Kind == StopKind.Corner ? t.At.Millimetres : a.AlongOf(r, t.Stitch),
                            0,
                            place,
                            LabelOf(a, r, t)
                        )
                    )
                    .Append(
                        Turnings.Near(
                            r.Measured,
                            a.AlongOf(r, a.Turnings(r) is [.., var last] ? last.Stitch : 0),
                            0,
                            place,
                            $"the end of the {r.Shape.Name}"
                        )
                    )
            ),
        ];

    private static string LabelOf(AppliquePlan a, Round round, Turning turning)
    {
        if (turning.Kind == StopKind.Pivot)
        {
            return $"{round.Shape.Name}, stop {turning.Number}: needle {turning.Needle}";
        }
        var side = a.Sides.FirstOrDefault(s =>
            s.Round == round
            && s.Side.Ends is { } end
            && Math.Abs(end.At - turning.At.Millimetres) < 1e-6
        );
        return $"{round.Shape.Name}, stop {turning.Number}: a corner"
            + (side is null ? "" : $", met within {a.Ruler.Fine(side.Planned.Miss)}");
    }

    /// <summary>The outlines of holes go round the other way.</summary>
    private static bool IsHole(Path outline) => new MeasuredPath(outline).SignedArea < 0;

    /// <summary>A shape in its cloth; its holes show what lies beneath.</summary>
    private static IEnumerable<Shape> Filled(ShapeOn shape, Affine place, string part) =>
        shape.Outlines.Select(outline =>
        {
            var isHole = IsHole(outline);
            return new PathShape(
                place.Of(outline),
                LineMeaning.Profile,
                isHole ? ClothRole.LeftOver : ClothRole.Main,
                Width: Length.FromMillimetres(0.15),
                Colour: isHole ? "" : shape.Colour
            ).In(part);
        });

    /// <summary>Every stitch round an outline, where it is seen.</summary>
    private static IEnumerable<Shape> StitchesOf(AppliquePlan a, Round round, Affine place)
    {
        if (a.Stitches > StitchShapes.Most)
        {
            yield break;
        }
        var (step, bite) = (a.Step.Millimetres, a.Bite.Millimetres);
        foreach (var side in round.Sides)
        {
            var count = a.CountOf(side.To - side.From);
            List<Point> points = [];
            for (var i = 0; i <= count; i++)
            {
                // The last is made to land: it is what a miss is seen by.
                var along = i == count ? side.To : Math.Min(side.To, side.From + i * step);
                // Just within the side, so that at a corner it goes the way the side went.
                var pose = round.Measured.At(i == count ? along - 0.02 : along + 0.02);
                var edge = place.Of(pose.Beside(-0.25));
                var inside = place.Of(pose.Beside(bite));
                if (a.Ask.Stitch == AppliqueFields.Blanket)
                {
                    points.AddRange([edge, inside, edge]);
                }
                else
                {
                    points.Add(i % 2 == 0 ? inside : edge);
                }
                if (points.Count >= Together || i == count)
                {
                    yield return new PathShape(
                        Path.Of(false, [.. points]),
                        LineMeaning.Thread,
                        Colour: round.Shape.Colour
                    ).In(Stitches(round.Shape));
                    points = [points[^1]];
                }
            }
        }
    }

    /// <summary>The number of each stop beside it, and where the sewing starts.</summary>
    private static IEnumerable<Shape> Marks(AppliquePlan a, Round round, Affine place)
    {
        foreach (var turning in a.Turnings(round))
        {
            var along =
                turning.Kind == StopKind.Corner
                    ? turning.At.Millimetres
                    : a.AlongOf(round, turning.Stitch);
            yield return new Words(
                place.Of(round.Measured.At(along).Beside(-4)),
                $"{turning.Number}",
                true
            ).In(Stops(round.Shape));
        }
        if (round.Sides.Count > 0)
        {
            var start = round.Measured.At(round.StartsAt(a.Step.Millimetres));
            yield return new ClothLine(
                LineMeaning.Join,
                place.Of(start.Beside(-3)),
                place.Of(start.Beside(3))
            ).In(Stops(round.Shape));
        }
    }

    private static IEnumerable<Shape> Spans(
        AppliquePlan a,
        Affine place,
        Bounds first,
        Bounds reach,
        Length width,
        Length height
    )
    {
        var (from, to) = (place.Of(first.From), place.Of(first.To));
        yield return Dimension.Below(
            from.X,
            to.X,
            height,
            LengthKind.Marked,
            field: a.Ask.WidthField,
            states: first.Width
        );
        yield return Dimension.Right(
            from.Y,
            to.Y,
            width,
            LengthKind.Marked,
            field: a.Ask.HeightField,
            states: first.Height
        );
        if (a.Ask.Shapes.Count > 1)
        {
            yield return Dimension.Above(
                Margin,
                Margin + reach.Width,
                Length.Zero,
                LengthKind.Marked,
                "in all",
                states: reach.Width
            );
        }
    }
}
