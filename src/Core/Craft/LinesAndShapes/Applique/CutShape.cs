using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>A shape as it is cut.</summary>
/// <param name="Outlines">Longer where it lies under another, or with what is turned under.</param>
internal sealed record CutShape(
    ShapeOn Shape,
    IReadOnlyList<Path> Outlines,
    Length Width,
    Length Height
)
{
    /// <summary>Fusible beyond the shape, both sides together.</summary>
    private static readonly Length FusibleBeyond = Length.FromMillimetres(10);

    /// <summary>As it is traced on the paper of the fusible: mirrored, with its rectangle.</summary>
    public CutShape AsTraced =>
        this with
        {
            Outlines = Mirrored(Outlines),
            Width = Width + FusibleBeyond,
            Height = Height + FusibleBeyond,
        };

    /// <summary>Every shape as it is cut: with what is turned under, or longer where it lies under another.</summary>
    public static List<CutShape> All(AppliqueInputs ask, IReadOnlyList<Round> rounds)
    {
        List<CutShape> all = [];
        foreach (var shape in ask.Shapes)
        {
            IReadOnlyList<Path> outlines = shape.Outlines;
            if (ask.Stitch == AppliqueFields.Turned)
            {
                outlines = shape.Area.Within(ask.Allowance.Millimetres).Outlines;
            }
            else if (
                ask.Under > Length.Zero
                && rounds.Any(r => r.Shape == shape && r.Hidden.Count > 0)
            )
            {
                var over = ask
                    .Shapes.Where(s => s.Number > shape.Number)
                    .Select(s => s.Area)
                    .Aggregate((a, b) => a.And(b));
                outlines = shape
                    .Area.And(shape.Area.Within(ask.Under.Millimetres).Common(over))
                    .Outlines;
            }
            // From its own top left corner, since that is how it lies on its cloth.
            var reach = NamedShape.BoundsOf(outlines);
            var move = Affine.Move(-reach.From.X.Millimetres, -reach.From.Y.Millimetres);
            all.Add(new(shape, [.. outlines.Select(move.Of)], reach.Width, reach.Height));
        }
        return all;
    }

    private static IReadOnlyList<Path> Mirrored(IReadOnlyList<Path> outlines)
    {
        var reach = NamedShape.BoundsOf(outlines);
        return [.. outlines.Select(Affine.Mirror((reach.To.X / 2).Millimetres).Of)];
    }
}
