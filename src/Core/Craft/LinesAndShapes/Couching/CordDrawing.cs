using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>The ground with its cord and every swing of the needle; and one swing from near, with what is free beside the cord.</summary>
internal static class CordDrawing
{
    public const string Name = "couched";

    /// <summary>More stops than this are not drawn: their numbers would lie on each other.</summary>
    private const int MostStops = 2_000;

    public static string Cord(Pass pass) => $"cord-{pass.Number}";

    public static string Stitches(Pass pass) => $"stitches-{pass.Number}";

    public static string Stops(Pass pass) => $"stops-{pass.Number}";

    public static IReadOnlyList<Drawing> All(CouchingPlan a) => [Whole(a), Swing(a)];

    /// <summary>How the lines lie in the drawing: with ground all round.</summary>
    public static Affine Place(CouchingPlan a)
    {
        var margin = Margin(a).Millimetres;
        return Affine.Move(margin, margin);
    }

    /// <summary>Every stop from near, and the end, cord by cord.</summary>
    private static IReadOnlyList<Near> Nears(CouchingPlan a) =>
        [
            .. a.Passes.SelectMany(p =>
                p.Turnings.Select(t => Near(a, p, t.Stitch, $"stop {t.Number}, needle {t.Needle}"))
                    .Append(Near(a, p, p.Stitches, "the end"))
            ),
        ];

    /// <summary>Which of them is the first stop of a cord.</summary>
    public static int FirstNear(CouchingPlan a, Pass pass) =>
        a.Passes.Take(pass.Number - 1).Sum(p => p.Turnings.Count + 1);

    /// <summary>Where a stop lies from near.</summary>
    private static Near Near(CouchingPlan a, Pass pass, int stitch, string label) =>
        Turnings.Near(
            pass.Measured,
            pass.AlongOf(stitch, a.Ask.StitchLength),
            a.Zigzag.Millimetres / 2 * (stitch % 2 == 0 ? 1 : -1),
            Place(a),
            label
        );

    private static Length Margin(CouchingPlan a) =>
        Length.FromMillimetres(12) + (a.Zigzag + a.Ask.Cords * a.Ask.Cord) / 2;

    private static Drawing Whole(CouchingPlan a)
    {
        var place = Place(a);
        var margin = Margin(a);
        var reach = NamedShape.BoundsOf([.. a.Ask.Lines.Select(l => l.Path)]);
        var (width, height) = (reach.To.X + 2 * margin, reach.To.Y + 2 * margin);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("ground"),
        ];
        foreach (var line in a.Ask.Lines)
        {
            shapes.Add(new PathShape(place.Of(line.Path), LineMeaning.Chalk).In("line"));
        }
        foreach (var pass in a.Passes)
        {
            shapes.Add(
                new PathShape(place.Of(pass.Measured.Path), LineMeaning.Cord, Width: a.Ask.Cord).In(
                    Cord(pass)
                )
            );
        }
        var stops = a.Passes.Sum(p => p.Turnings.Count);
        foreach (var pass in a.Passes)
        {
            var half = a.Zigzag.Millimetres / 2;
            shapes.AddRange(
                StitchShapes.Swings(
                    pass.Measured,
                    a.Ask.StitchLength,
                    a.Stitches > StitchShapes.Most ? int.MaxValue : pass.Stitches,
                    half,
                    half,
                    place,
                    Stitches(pass)
                )
            );
            shapes.AddRange(Marks(a, pass, place, stops <= MostStops));
        }
        shapes.AddRange(a.Ask.Lines.SelectMany(l => LineDots.Of(l, place, a.Ruler)));
        shapes.AddRange(Spans(a, reach, margin, width, height));
        return new Drawing(
            Name,
            "The cord on the fabric",
            $"{a.Ruler.Mark(a.PathLength)} of line with a cord {a.Ruler.Fine(a.Ask.Cord)} thick, held by {a.Stitches} stitches, "
                + $"with {stops} stops.",
            width,
            height,
            shapes,
            true
        )
        {
            Nears = Nears(a),
        };
    }

    /// <summary>The side on which the needle stands at each stop, its number, and where the ends are.</summary>
    private static IEnumerable<Shape> Marks(CouchingPlan a, Pass pass, Affine place, bool withStops)
    {
        var beside = a.Zigzag.Millimetres / 2;
        foreach (var turning in withStops ? pass.Turnings : [])
        {
            var pose = pass.Measured.At(pass.AlongOf(turning.Stitch, a.Ask.StitchLength));
            // What lies to the right of its way is on her left.
            var side = turning.Needle == "left" ? 1 : -1;
            yield return new ClothLine(
                LineMeaning.Needle,
                place.Of(pose.Point),
                place.Of(pose.Beside(side * beside))
            ).In(Stops(pass));
            yield return new Words(
                place.Of(pose.Beside(side * (beside + 4))),
                $"{turning.Number}",
                true
            ).In(Stops(pass));
        }
        var start = pass.Measured.At(pass.Open.Millimetres);
        yield return new ClothLine(
            LineMeaning.Join,
            place.Of(start.Beside(beside + 2)),
            place.Of(start.Beside(-beside - 2))
        ).In("ends");
        if (pass.IsClosed)
        {
            var (from, to) = (
                pass.Measured.At(0),
                pass.Measured.At(Math.Min(a.Ask.Taper.Millimetres, pass.Measured.Total / 2))
            );
            // Both ends are slanted, so that together they are as thick as the cord.
            yield return new ClothLine(
                LineMeaning.Join,
                place.Of(from.Beside(-a.Ask.Cord.Millimetres / 2)),
                place.Of(to.Beside(a.Ask.Cord.Millimetres / 2))
            ).In("ends");
        }
    }

    private static IEnumerable<Shape> Spans(
        CouchingPlan a,
        Bounds reach,
        Length margin,
        Length width,
        Length height
    )
    {
        if (reach.Width > Length.Zero)
        {
            yield return Dimension.Below(
                margin,
                margin + reach.Width,
                height,
                LengthKind.Marked,
                field: a.Ask.WidthField,
                states: reach.Width
            );
        }
        if (reach.Height > Length.FromMillimetres(1))
        {
            yield return Dimension.Right(
                margin,
                margin + reach.Height,
                width,
                LengthKind.Marked,
                field: a.Ask.HeightField,
                states: reach.Height
            );
        }
    }

    /// <summary>Five stitches from near: the needle falls beside the cord on both sides.</summary>
    private static Drawing Swing(CouchingPlan a)
    {
        var ask = a.Ask;
        var side = Length.Max(a.Zigzag, ask.Cord + Length.FromMillimetres(2));
        var (width, height) = (ask.StitchLength * 7, side * 2);
        var middle = height / 2;
        var line = Path.Of(false, new Point(Length.Zero, middle), new Point(width, middle));
        var half = a.Zigzag.Millimetres / 2;
        return new Drawing(
            "swing",
            "Clearance beside the cord",
            $"The zigzag is {a.Ruler.Fine(a.Zigzag)} wide, the cord {a.Ruler.Fine(ask.Cord)}: on either side "
                + $"{a.Ruler.Fine((a.Zigzag - ask.Cord - ask.Needle) / 2)} are free beside the blade.",
            width,
            height,
            [
                new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In(
                    "ground"
                ),
                new PathShape(line, LineMeaning.Cord, Width: ask.Cord).In("cord"),
                .. StitchShapes.Swings(
                    new MeasuredPath(line),
                    ask.StitchLength,
                    7,
                    half,
                    half,
                    Affine.Same,
                    "stitches"
                ),
                Dimension.Right(
                    middle - ask.Cord / 2,
                    middle + ask.Cord / 2,
                    width,
                    LengthKind.Fine,
                    field: CouchingFields.CordDiameter.Name,
                    states: ask.Cord
                ),
                Dimension.Left(
                    middle - a.Zigzag / 2,
                    middle + a.Zigzag / 2,
                    Length.Zero,
                    LengthKind.Fine,
                    states: a.Zigzag
                ),
                Dimension.Below(
                    ask.StitchLength * 2,
                    ask.StitchLength * 3,
                    height,
                    LengthKind.Fine,
                    field: CouchingFields.StitchLength.Name,
                    states: ask.StitchLength
                ),
            ],
            true
        );
    }

    /// <summary>The line at true size, to be laid on the ground.</summary>
    public static Guide Guide(CouchingPlan a)
    {
        var edge = Affine.Move(10, 10);
        var reach = NamedShape.BoundsOf([.. a.Ask.Lines.Select(l => l.Path)]);
        return new Guide(
            "The line to couch along",
            reach.To.X + Length.FromMillimetres(20),
            reach.To.Y + Length.FromMillimetres(20),
            [],
            "Lay it under the base fabric against the light, or prick it through with chalk."
        )
        {
            Paths =
            [
                .. a.Ask.Lines.Select(l => new GuidePath(
                    edge.Of(l.Path),
                    LineMeaning.Stitch,
                    "start"
                )),
            ],
        };
    }

    /// <summary>Lines as they are, small, for lists.</summary>
    public static Drawing Picture(string name, string says, IReadOnlyList<Traced> lines)
    {
        var paths = lines.Select(l => l.Path).ToList();
        var reach = NamedShape.BoundsOf(paths);
        var large = Length.Max(Length.Max(reach.Width, reach.Height), Length.FromMillimetres(1));
        // A cord that can be seen, however long the line.
        var margin = large / 14;
        var place = Affine.Move(margin.Millimetres, margin.Millimetres);
        return new Drawing(
            name,
            "",
            says,
            reach.Width + 2 * margin,
            Length.Max(reach.Height + 2 * margin, large / 5),
            [.. paths.Select(p => new PathShape(place.Of(p), LineMeaning.Cord, Width: large / 26))],
            true
        );
    }
}
