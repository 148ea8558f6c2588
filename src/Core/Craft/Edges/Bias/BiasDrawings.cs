using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Bias;

/// <summary>Strips on the cloth they are cut from, each way: her cloth with its selvedges, what is taken, and what is left.</summary>
internal static class BiasDrawings
{
    public const string Strips = "strips";
    public const string Tube = "tube";
    public const string Remnant = "remnant";
    public const string Corner = "corner";

    /// <summary>More strips than this are not drawn one by one.</summary>
    private const int Most = 120;

    public static string Of(BiasCut cut) =>
        cut.Way switch
        {
            BiasFields.Continuous => Tube,
            BiasFields.FromRemnant => Remnant,
            BiasFields.Corner => Corner,
            _ => Strips,
        };

    /// <summary>Every way, the one that is taken first.</summary>
    public static IReadOnlyList<Drawing> All(BiasCut cut)
    {
        List<Drawing> all = [OneByOne(cut, cut.Single, Strips)];
        if (cut.Corner is { } corner)
        {
            all.Add(OneByOne(cut, corner, Corner));
        }
        if (cut.Ways.Any(w => w.Name == BiasFields.Continuous))
        {
            all.Add(RoundAndRound(cut));
        }
        if (cut.Remnant is { } remnant)
        {
            all.Add(OnRemnant(cut, remnant));
        }
        return [.. all.OrderByDescending(d => d.Name == Of(cut))];
    }

    private static Drawing OneByOne(BiasCut cut, SelvedgeStrips single, string name)
    {
        var isCorner = name == Corner;
        var length = Length.Max(
            single.ClothLength,
            cut.ClothAtHand is { } there ? Length.Min(there, single.ClothLength * 2) : Length.Zero
        );
        List<Shape> shapes = [.. Cloth(cut, length, single.ClothLength, cut.ClothWidth * 0.2)];
        for (var i = 0; i < Math.Min(single.Count, Most); i++)
        {
            shapes.AddRange(Strip(single.Corners(i), $"{i + 1}"));
        }
        if (isCorner)
        {
            shapes.Add(Dimension.Left(Length.Zero, single.ClothWidth, Length.Zero, LengthKind.Cut));
        }
        shapes.Add(Taken(single.ClothLength, cut.ClothWidth, "of fabric"));
        shapes.Add(Width(length, cut.ClothWidth));
        return new Drawing(
            name,
            $"{(isCorner ? "From a corner" : "Single strips")}: {cut.Ruler.Write(single.ClothLength, LengthKind.Cut)} of fabric, {Of(single.Joins, "join")}",
            $"{Of(single.Count, "strip")} {cut.Ruler.Mark(cut.Width)} wide {(isCorner ? "across a corner" : "from selvedge to selvedge")}, each {cut.Ruler.Cut(single.Each)} along its middle.",
            length,
            cut.ClothWidth,
            shapes,
            false,
            IsForCutting: Of(cut) == name
        );
    }

    private static Drawing RoundAndRound(BiasCut cut)
    {
        var tube = cut.Tube;
        var length = Length.Max(
            tube.Along * 1.25,
            cut.ClothAtHand is { } there ? Length.Min(there, tube.Along * 2) : Length.Zero
        );
        List<Shape> shapes =
        [
            .. Cloth(cut, length, tube.Along, (tube.Across + cut.ClothWidth) / 2),
            new ClothPiece(Point.At(0, 0), new Point(tube.Along, tube.Across), ClothRole.Main).In(
                "strips"
            ),
        ];
        // Lines of the strip’s width on either side of the slanted cut, as they are drawn once the halves are joined.
        var (w, across, along) = (
            cut.Width.Millimetres * Math.Sqrt(2),
            tube.Across.Millimetres,
            tube.Along.Millimetres
        );
        for (var i = (int)-Math.Floor(across / w); i * w < along && shapes.Count < Most * 2; i++)
        {
            // From the left or the lower side up to the right.
            var x = i * w;
            var (from, to) = (Math.Max(0, x), Math.Min(along, x + across));
            if (to - from > 1)
            {
                shapes.Add(
                    new ClothLine(
                        i == 0 ? LineMeaning.Profile : LineMeaning.Chalk,
                        Point.At(from, across - (from - x)),
                        Point.At(to, across - (to - x))
                    ).In(i == 0 ? "slant" : "lines")
                );
            }
        }
        shapes.Add(Taken(tube.Along, cut.ClothWidth, ""));
        shapes.Add(Dimension.Left(Length.Zero, tube.Across, Length.Zero, LengthKind.Cut));
        shapes.Add(Width(length, cut.ClothWidth));
        return new Drawing(
            Tube,
            $"Round and round: {cut.Ruler.Write(tube.Along, LengthKind.Cut)} of fabric, {Of(tube.Joins, "join")}",
            $"{(tube.IsOblong ? "An oblong" : "A square")} {cut.Ruler.Cut(tube.Across)} by {cut.Ruler.Cut(tube.Along)}, cut from corner to corner, its halves joined, with lines {cut.Ruler.Mark(cut.Width)} apart.",
            length,
            cut.ClothWidth,
            shapes,
            false,
            IsForCutting: cut.Way == BiasFields.Continuous
        );
    }

    private static Drawing OnRemnant(BiasCut cut, Remnant remnant)
    {
        var shape = Path.Of(true, remnant.Shape);
        var to = shape.Bounds.To;
        List<Shape> shapes =
        [
            new PathShape(shape, LineMeaning.Profile, ClothRole.LeftOver).In("remnant"),
            .. cut.FromRemnant.Take(Most).SelectMany((s, i) => Strip(s.Corners, $"{i + 1}")),
            new GrainArrow(new Point(to.X * 0.05, to.Y * 0.3), new Point(to.X * 0.05, to.Y * 0.1)),
        ];
        var from = shape.Bounds.From;
        var isTyped = shape.IsRectangle && from == Point.At(0, 0);
        shapes.Add(
            new Dimension(
                new Point(from.X, to.Y),
                to,
                Side.Below,
                to.X - from.X,
                LengthKind.Marked,
                Field: isTyped ? BiasFields.RemnantWidth.Name : ""
            )
        );
        shapes.Add(
            new Dimension(
                new Point(to.X, from.Y),
                to,
                Side.Right,
                to.Y - from.Y,
                LengthKind.Marked,
                Field: isTyped ? BiasFields.RemnantHeight.Name : ""
            )
        );
        return new Drawing(
            Remnant,
            $"From the offcut: it gives {cut.Ruler.Write(remnant.Gives, LengthKind.AtMost)}",
            $"{Of(cut.FromRemnant.Count, "piece")} {cut.Ruler.Mark(cut.Width)} wide from the offcut"
                + (
                    remnant.Strips.Count > 0
                        ? $", the longest {cut.Ruler.Write(remnant.Strips[0].Length, LengthKind.AtMost)}."
                        : "."
                ),
            to.X,
            to.Y,
            shapes,
            true,
            IsForCutting: cut.Way == BiasFields.FromRemnant
        );
    }

    /// <summary>The cloth between its selvedges, and how much of its length stays whole.</summary>
    /// <param name="free">How far down there is room to say so.</param>
    private static IEnumerable<Shape> Cloth(BiasCut cut, Length length, Length taken, Length free)
    {
        var width = cut.ClothWidth;
        yield return new ClothPiece(
            Point.At(0, 0),
            new Point(length, width),
            ClothRole.LeftOver,
            TornRight: true
        );
        if (cut.ClothAtHand is { } there && there > taken)
        {
            yield return new Words(
                new Point(length * 0.05, free),
                $"{cut.Ruler.Mark(there - taken)} left"
            );
        }
        yield return new ClothLine(
            LineMeaning.Selvedge,
            Point.At(0, 0),
            new Point(length, Length.Zero)
        );
        yield return new ClothLine(
            LineMeaning.Selvedge,
            new Point(Length.Zero, width),
            new Point(length, width)
        );
        yield return new GrainArrow(
            new Point(length * 0.8, width * 0.92),
            new Point(length * 0.95, width * 0.92)
        );
    }

    private static IEnumerable<Shape> Strip(IReadOnlyList<Point> corners, string label)
    {
        yield return new PathShape(Path.Of(true, corners), LineMeaning.Chalk, ClothRole.Main).In(
            "strips"
        );
        yield return new Words(
            new((corners[0].X + corners[2].X) / 2, (corners[0].Y + corners[2].Y) / 2),
            label,
            true
        ).In("strips");
    }

    private static Dimension Taken(Length taken, Length width, string note) =>
        new(
            new Point(Length.Zero, width),
            new Point(taken, width),
            Side.Below,
            taken,
            LengthKind.Cut,
            note
        );

    private static Dimension Width(Length length, Length width) =>
        new(
            new Point(length, Length.Zero),
            new Point(length, width),
            Side.Right,
            width,
            LengthKind.Marked,
            Field: BiasFields.ClothWidth.Name
        );

    private static string Of(int count, string what) => $"{count} {what}{(count == 1 ? "" : "s")}";
}
