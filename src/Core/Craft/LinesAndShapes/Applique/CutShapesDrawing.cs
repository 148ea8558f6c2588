using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

internal static partial class ShapeDrawing
{
    /// <summary>The shapes side by side, as they are cut, with what they measure.</summary>
    private static Drawing Cut(AppliquePlan a)
    {
        var gap = Length.FromMillimetres(14);
        List<Shape> shapes = [];
        var x = Length.Zero;
        var high = a.Cuts.Max(c => c.Height);
        foreach (var cut in a.Cuts)
        {
            var place = Affine.Move(x.Millimetres, (high - cut.Height).Millimetres);
            var part = Part(cut.Shape);
            shapes.AddRange(
                cut.Outlines.Select(o =>
                    new PathShape(
                        place.Of(o),
                        LineMeaning.Chalk,
                        IsHole(o) && cut.Outlines.Count > 1 ? ClothRole.LeftOver : ClothRole.Main,
                        Colour: cut.Shape.Colour
                    ).In(part)
                )
            );
            shapes.Add(
                new GrainArrow(
                    new Point(x + cut.Width / 2, high - cut.Height * 0.75),
                    new Point(x + cut.Width / 2, high - cut.Height * 0.25)
                ).In(part)
            );
            shapes.Add(
                Dimension.Below(x, x + cut.Width, high, LengthKind.Cut, states: cut.Width).In(part)
            );
            x += cut.Width + gap;
        }
        return new Drawing(
            CutName,
            "Shapes to cut",
            $"{string.Join(", ", a.Cuts.Select(c => $"{c.Shape.Name} {a.Ruler.Cut(c.Width)} by {a.Ruler.Cut(c.Height)}"))}.",
            x - gap,
            high,
            shapes,
            true,
            IsForCutting: true
        );
    }

    /// <summary>Where the shapes lie on the ground, and below that each as it is traced: mirrored.</summary>
    public static Guide Guide(AppliquePlan a)
    {
        var edge = Length.FromMillimetres(10);
        var reach = NamedShape.BoundsOf(a.Traces);
        var place = Affine.Move(
            (edge - reach.From.X).Millimetres,
            (edge - reach.From.Y).Millimetres
        );
        List<GuidePath> paths =
        [
            .. a.Ask.Shapes.SelectMany(s =>
                s.Outlines.Select(
                    (o, i) =>
                        new GuidePath(
                            place.Of(o),
                            LineMeaning.Stitch,
                            i == 0 ? $"place: {s.Name}" : ""
                        )
                )
            ),
        ];
        var (wide, y) = (reach.Width + 2 * edge, reach.Height + 3 * edge);
        foreach (var cut in a.Ask.Stitch == AppliqueFields.Turned ? a.Cuts : a.Fusible)
        {
            var move = Affine.Move(edge.Millimetres, y.Millimetres);
            paths.AddRange(
                cut.Outlines.Select(
                    (o, i) =>
                        new GuidePath(
                            move.Of(o),
                            LineMeaning.Profile,
                            i > 0 ? ""
                                : a.Ask.Stitch == AppliqueFields.Turned ? cut.Shape.Name
                                : $"{cut.Shape.Name}, mirrored: trace"
                        )
                )
            );
            var size = NamedShape.BoundsOf(cut.Outlines);
            wide = Length.Max(wide, size.To.X + 2 * edge);
            y += size.To.Y + edge;
        }
        return new Guide(
            "Where the shapes lie, and each to trace",
            wide,
            y,
            [],
            "Dashed: lay it on the base fabric, or under it against the light. Drawn through: trace it onto the paper of the fusible, as it is here."
        )
        {
            Paths = paths,
        };
    }

    /// <summary>Shapes on each other, small, for lists.</summary>
    public static Drawing Picture(string name, string says, IReadOnlyList<ShapeOn> shapes)
    {
        var reach = NamedShape.BoundsOf([.. shapes.SelectMany(s => s.Outlines)]);
        var margin = Length.Max(reach.Width, reach.Height) / 16;
        var place = Affine.Move(
            (margin - reach.From.X).Millimetres,
            (margin - reach.From.Y).Millimetres
        );
        return new Drawing(
            name,
            "",
            says,
            reach.Width + 2 * margin,
            reach.Height + 2 * margin,
            [
                .. shapes.SelectMany(s =>
                    s.Outlines.Select(o => new PathShape(
                        place.Of(o),
                        LineMeaning.Stitch,
                        IsHole(o) ? ClothRole.Plain : ClothRole.Main,
                        Colour: IsHole(o) ? "" : s.Colour
                    ))
                ),
            ],
            true
        );
    }
}
