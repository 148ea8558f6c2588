using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>That a drawing shows what the figures say, for any gathered strip.</summary>
public class DrawingTests
{
    private static readonly Process Technique = Techniques.WorkingOf("pulled-gathers")!;

    public static TheoryData<string> Others() => FullnessTechniquesTests.Pieced();

    [Fact]
    public void All_that_is_drawn_lies_within_its_drawing_and_is_as_long_as_it_says() =>
        Asked.AnyAwning.Sample(ask => Drawn(ask).Values.All(IsTrue));

    [Theory]
    [MemberData(nameof(Others))]
    public void So_it_does_for_the_other_ways_of_any_size(string name)
    {
        var technique = Techniques.WorkingOf(name)!;
        Gen.Select(Gen.Double[60, 20_000], Gen.Double[40, 900])
            .Sample(
                (edge, depth) =>
                {
                    var ask = technique.Forward.Example;
                    foreach (
                        var (field, size) in (IEnumerable<(string, double)>)
                            [
                                ("finishedEdge", edge),
                                ("relaxedWidth", edge),
                                ("finishedDepth", depth),
                                ("panelHeight", depth),
                            ]
                    )
                    {
                        if (ask.Values.ContainsKey(field))
                        {
                            ask = ask.With(field, RawValue.Of(size));
                        }
                    }
                    return technique
                        .Forward.Compute(ask, Ruler.Metric)
                        .Answer!.Drawings(Ruler.Metric)
                        .All(IsTrue);
                }
            );
    }

    [Fact]
    public void The_strips_on_the_cloth_are_those_to_cut_and_none_lies_on_another() =>
        Asked.AnyAwning.Sample(ask =>
        {
            var told = Reckon(ask);
            var layout = Drawn(ask)["layout"];
            var strips = Pieces(layout, ClothRole.Main);
            var along = ask.Values["cut"].Text == "along";
            var width = ask.Values["clothWidth"].Number!.Value;
            var (length, depth) = (told["stripLength"], told["cutDepth"]);
            return strips.Count == Math.Min(told["stripCount"], 80)
                && strips.All(s =>
                    along
                        ? Near(s.Wide, length) && Near(s.High, Math.Min(depth, width))
                        : Near(s.Wide, depth) && Near(s.High, length)
                )
                && AreApart([.. strips, .. Pieces(layout, ClothRole.LeftOver)]);
        });

    [Fact]
    public void The_notches_stand_where_the_table_of_marks_says() =>
        Asked.AnyAwning.Sample(ask =>
        {
            var marks = Reckon(ask).Rows("marks");
            var notches = Drawn(ask)["edges"].Shapes.OfType<Notch>().ToList();
            var start = notches[0].At.X.Millimetres;
            return notches.All(n =>
                    Near(
                        n.At.X.Millimetres - start,
                        marks[n.Number][n.FromBelow ? "edge" : "strip"]
                    )
                )
                && notches.Count(n => n.FromBelow) == notches.Count(n => !n.FromBelow);
        });

    [Fact]
    public void The_joins_part_what_is_sewn_flat_into_the_strips_that_were_cut() =>
        Asked.AnyAwning.Sample(ask =>
        {
            var told = Reckon(ask);
            var edges = Drawn(ask)["edges"];
            var closed = ask.Values["closed"].Flag!.Value;
            var join = ask.Values["joinAllowance"].Number!.Value;
            var places = edges
                .Shapes.OfType<ClothLine>()
                .Where(l => l.Meaning == LineMeaning.Join)
                .Select(l => l.From.X.Millimetres)
                .Order()
                .ToList();
            // Between two joins lies a strip less the two allowances; the first of an open strip loses one.
            var between = told["stripLength"] - 2 * join;
            var isAll = !edges.Title.Contains("parts", StringComparison.Ordinal);
            return places.Zip(places.Skip(1)).All(p => Near(p.Second - p.First, between))
                && (closed ? places[0] == 0 : places.Count == 0 || Near(places[0], between + join))
                && (!isAll || places.Count == (int)told["stripCount"] - (closed ? 0 : 1));
        });

    /// <summary>Whether all that is drawn lies within a drawing, and each dimension is as long as it says.</summary>
    internal static bool IsTrue(Drawing drawing) =>
        IsWithin(drawing)
        // How much to buy is rounded up to what a shop cuts.
        && drawing
            .Shapes.OfType<Dimension>()
            .All(d =>
                d.Note == "of fabric"
                    ? Apart(d) <= d.Length.Millimetres * (1 + 1e-9) + 1e-6
                    : Near(Apart(d), d.Length.Millimetres)
            );

    /// <summary>Whether all that is drawn lies within a drawing.</summary>
    internal static bool IsWithin(Drawing drawing) =>
        drawing.Shapes.SelectMany(Corners).All(p => IsWithin(p, drawing));

    private static bool IsWithin(Point point, Drawing drawing) =>
        point.X.Millimetres >= -1e-6
        && point.Y.Millimetres >= -1e-6
        && point.X.Millimetres <= drawing.Width.Millimetres + 1e-6
        && point.Y.Millimetres <= drawing.Height.Millimetres + 1e-6;

    private static Captured Reckon(RawInputs ask) =>
        Captured.From(Technique.Forward.Compute(ask, Ruler.Metric).Answer!);

    private static Dictionary<string, Drawing> Drawn(RawInputs ask) =>
        Technique
            .Forward.Compute(ask, Ruler.Metric)
            .Answer!.Drawings(Ruler.Metric)
            .ToDictionary(d => d.Name);

    private static IEnumerable<Point> Corners(Shape shape) =>
        shape switch
        {
            ClothPiece p => [p.From, p.To],
            ClothLine l => [l.From, l.To],
            Notch n => [n.At],
            Dimension d => [d.From, d.To],
            GrainArrow g => [g.From, g.To],
            GatheredCloth c => [c.From, new Point(c.From.X + c.Hem.Span, c.From.Y + c.Drop)],
            Words w => [w.At],
            Dot d => [d.At],
            Plate p => [p.From, p.To],
            PathShape p => [p.Path.Bounds.From, p.Path.Bounds.To],
            _ => throw new InvalidOperationException($"{shape} is of no kind that is known here."),
        };

    private static List<(double Left, double Top, double Wide, double High)> Pieces(
        Drawing drawing,
        ClothRole role
    ) =>
        [
            .. drawing
                .Shapes.OfType<ClothPiece>()
                .Where(p => p.Role == role)
                .Select(p =>
                    (
                        p.From.X.Millimetres,
                        p.From.Y.Millimetres,
                        (p.To.X - p.From.X).Millimetres,
                        (p.To.Y - p.From.Y).Millimetres
                    )
                ),
        ];

    private static bool AreApart(
        IReadOnlyList<(double Left, double Top, double Wide, double High)> pieces
    ) =>
        pieces
            .Index()
            .All(a =>
                pieces
                    .Skip(a.Index + 1)
                    .All(b =>
                        Beside(a.Item.Left, a.Item.Wide, b.Left, b.Wide)
                        || Beside(a.Item.Top, a.Item.High, b.Top, b.High)
                    )
            );

    private static bool Beside(double a, double aSize, double b, double bSize) =>
        a + aSize <= b + 1e-6 || b + bSize <= a + 1e-6;

    private static double Apart(Dimension d) =>
        Math.Sqrt(
            Math.Pow((d.To.X - d.From.X).Millimetres, 2)
                + Math.Pow((d.To.Y - d.From.Y).Millimetres, 2)
        );

    private static bool Near(double a, double b) =>
        Math.Abs(a - b) <= 1e-9 * Math.Max(1000, Math.Abs(b));
}
