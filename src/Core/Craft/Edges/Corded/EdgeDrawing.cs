using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>The piece with its cord: corners, clips, where it begins, and where the covering is joined.</summary>
internal static class EdgeDrawing
{
    public const string Name = "edge";

    /// <summary>More clips than this are not drawn.</summary>
    private const int MostClips = 400;

    /// <param name="extra">What else lies on it, given how the edge lies in the drawing.</param>
    public static Drawing Of(
        EdgePlan a,
        string title,
        string says,
        Func<Affine, IEnumerable<Shape>> extra
    )
    {
        var edge = a.Edge.Edge;
        var raw = edge.Beside(a.Flange.Millimetres);
        var bounds = NamedShape.BoundsOf([
            edge.Path,
            raw,
            .. a.Edge.Line is { } drawn ? [drawn.Path] : Array.Empty<Path>(),
            .. a.Edge.Pad is { } p ? [Path.Rectangle(p.Width, p.Height)] : Array.Empty<Path>(),
        ]);
        var margin = Length.FromMillimetres(10) + a.Covered;
        var place = Affine.Move(
            (margin - bounds.From.X).Millimetres,
            (margin - bounds.From.Y).Millimetres
        );
        var (width, height) = (bounds.Width + 2 * margin, bounds.Height + 2 * margin);
        List<Shape> shapes = edge.IsClosed
            ? [new PathShape(place.Of(raw), LineMeaning.Profile, ClothRole.Main).In("face")]
            :
            [
                new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("face"),
                new PathShape(place.Of(raw), LineMeaning.Profile).In("face"),
            ];
        if (a.Edge.Pad is { } pad && a.Edge.Cover is { } cover && pad != cover)
        {
            shapes.Add(
                new PathShape(
                    place.Of(Path.Rectangle(pad.Width, pad.Height)),
                    LineMeaning.Chalk
                ).In("pad")
            );
        }
        shapes.Add(
            new PathShape(place.Of(edge.Path), LineMeaning.Cord, Width: a.Covered).In("cord")
        );
        shapes.Add(new PathShape(place.Of(edge.Path), LineMeaning.Seam).In("seam"));
        shapes.AddRange(
            a.Clips.SelectMany(c => c.At.Select(at => (c, at)))
                .Take(MostClips)
                .Select(c =>
                    Across(edge, c.at, a.Tape - c.c.Depth, a.Tape, place, LineMeaning.Tear, "clips")
                )
        );
        shapes.AddRange(
            a.JoinsOnEdge.Select(at =>
                Across(edge, at, -a.Covered, a.Covered, place, LineMeaning.Join, "joins")
            )
        );
        shapes.Add(
            Across(
                edge,
                a.StartsAt,
                -(a.Covered + Length.FromMillimetres(6)),
                a.Flange,
                place,
                LineMeaning.Needle,
                "start"
            )
        );
        shapes.AddRange(Numbers(a, place, edge));
        if (a.Edge.Line is { } line)
        {
            shapes.AddRange(LineDots.Of(line, place, a.Ruler));
        }
        shapes.AddRange(extra(place));
        shapes.AddRange(Spans(a, place, width, height));
        return new Drawing(Name, title, says, width, height, shapes, true)
        {
            Nears = Nears(a, place),
        };
    }

    /// <summary>A short line across the edge, from so far outside it to so far.</summary>
    private static ClothLine Across(
        CordedEdge edge,
        double at,
        Length from,
        Length to,
        Affine place,
        LineMeaning meaning,
        string part
    )
    {
        var pose = edge.Measured.At(at);
        return new(
            meaning,
            place.Of(pose.Beside(edge.Outside * from.Millimetres)),
            place.Of(pose.Beside(edge.Outside * to.Millimetres))
        )
        {
            Part = part,
        };
    }

    /// <summary>The number of each side, inside it.</summary>
    private static IEnumerable<Shape> Numbers(EdgePlan a, Affine place, CordedEdge edge)
    {
        var inside = -edge.Outside * (a.Covered.Millimetres + 6);
        var reach = NamedShape.BoundsOf([edge.Path]);
        var (middle, isFlat) = (
            new Point((reach.From.X + reach.To.X) / 2, (reach.From.Y + reach.To.Y) / 2),
            Length.Min(reach.Width, reach.Height) < Length.FromMillimetres(20)
        );
        foreach (var side in edge.Sides.Take(30))
        {
            var at = place.Of(
                isFlat && edge.IsClosed
                    ? middle
                    : edge.Measured.At(side.Middle - side.Length / 8).Beside(inside)
            );
            if (edge.Sides.Count > 1)
            {
                yield return new Words(at, $"{side.Number}", true).In("sides");
            }
        }
    }

    private static IEnumerable<Shape> Spans(EdgePlan a, Affine place, Length width, Length height)
    {
        var (reach, across, down) = a.Edge switch
        {
            { Pad: { } pad } => (
                Path.Rectangle(pad.Width, pad.Height).Bounds,
                CordedFields.CushionWidth.Name,
                CordedFields.CushionHeight.Name
            ),
            { Line: { } line } => (
                NamedShape.BoundsOf([line.Path]),
                a.Edge.WidthField,
                a.Edge.HeightField
            ),
            _ => (NamedShape.BoundsOf([a.Edge.Edge.Path]), "", ""),
        };
        var (from, to) = (place.Of(reach.From), place.Of(reach.To));
        if (reach.Width > Length.FromMillimetres(1))
        {
            yield return Dimension.Below(
                from.X,
                to.X,
                height,
                LengthKind.Marked,
                field: across,
                states: reach.Width
            );
        }
        if (reach.Height > Length.FromMillimetres(1))
        {
            yield return Dimension.Right(
                from.Y,
                to.Y,
                width,
                LengthKind.Marked,
                field: down,
                states: reach.Height
            );
        }
    }

    /// <summary>Where it begins, and the corners, as they lie under the needle.</summary>
    private static IReadOnlyList<Near> Nears(EdgePlan a, Affine place)
    {
        var edge = a.Edge.Edge;
        return
        [
            At(a.StartsAt, edge.IsClosed ? $"the start, {a.Edge.Start.Name}" : "the start"),
            .. edge.Corners.Take(30).Select((c, i) => At(c.From + c.Length / 2, $"corner {i + 1}")),
        ];

        Near At(double along, string label)
        {
            var pose = edge.Measured.At(along);
            return new(
                place.Of(pose.Point),
                Length.Max(Length.FromMillimetres(60), a.Flange * 4),
                90 - pose.Heading * 180 / Math.PI,
                label
            );
        }
    }

    /// <summary>An edge as it is, small, for lists.</summary>
    public static Drawing Picture(string name, string says, CordedEdge edge)
    {
        var reach = NamedShape.BoundsOf([edge.Path]);
        var large = Length.Max(Length.Max(reach.Width, reach.Height), Length.FromMillimetres(1));
        var margin = large / 14;
        var place = Affine.Move(
            (margin - reach.From.X).Millimetres,
            (margin - reach.From.Y).Millimetres
        );
        return new Drawing(
            name,
            "",
            says,
            reach.Width + 2 * margin,
            Length.Max(reach.Height + 2 * margin, large / 5),
            [
                new PathShape(
                    place.Of(edge.Path),
                    LineMeaning.Cord,
                    edge.IsClosed ? ClothRole.Main : null,
                    Width: large / 22
                ),
            ],
            true
        );
    }
}
