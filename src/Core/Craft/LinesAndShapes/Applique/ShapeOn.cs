using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>One shape, where it lies.</summary>
/// <param name="Number">From 1, from beneath to above.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Outlines">Where they lie on the ground: the outer ones clockwise, those of holes the other way.</param>
/// <param name="AreReversed">Of each, whether that is the other way round than it was said.</param>
/// <param name="Colour">Of its cloth; empty for the working's own.</param>
/// <param name="At">Where its fields stand in the ask: nothing for the first, else such as <c>over[0].</c></param>
/// <param name="IsStretched">Whether fields say its width and height.</param>
internal sealed record ShapeOn(
    int Number,
    string Name,
    IReadOnlyList<Path> Outlines,
    IReadOnlyList<bool> AreReversed,
    string Colour,
    string At,
    bool IsStretched
)
{
    /// <summary>What it covers.</summary>
    public Area Area => area ??= Area.Of(Outlines);

    private Area? area;

    /// <summary>The first shape, and what lies over it; as far as they can be read.</summary>
    public static IReadOnlyList<ShapeOn> ReadAll(InputReader reader)
    {
        var first = Traced.Read(
            reader,
            AppliqueFields.Made,
            AppliqueFields.Shape,
            AppliqueFields.Outline
        );
        var isStretched =
            reader.ChoiceOrStart(AppliqueFields.Made) == LineFields.Shaped
            && LineFields.Sized(reader, AppliqueFields.Shape);
        List<ShapeOn> shapes = [.. Read(reader, first, 1, "", isStretched)];
        foreach (var (group, i) in reader.Groups(AppliqueFields.Over).Select((g, i) => (g, i)))
        {
            var made =
                group.OptionalChoice(AppliqueFields.Made)
                ?? (group.Has(AppliqueFields.Outline) ? LineFields.Read : LineFields.Shaped);
            var isRead = made == LineFields.Read;
            var lines = Traced.Of(
                group,
                isRead ? LineFields.Read : LineFields.Shaped,
                AppliqueFields.Shape,
                AppliqueFields.Outline
            );
            var (number, at) = (shapes.Count + 1, $"{AppliqueFields.Over.Name}[{i}].");
            var sized = !isRead && LineFields.Sized(group, AppliqueFields.Shape);
            shapes.AddRange(Read(group, lines, number, at, sized));
        }
        return shapes;
    }

    /// <summary>One shape, turned and put where it lies; none where that cannot be read.</summary>
    private static IEnumerable<ShapeOn> Read(
        InputReader group,
        IReadOnlyList<Traced> lines,
        int number,
        string at,
        bool isStretched
    )
    {
        var name = group.OptionalName(AppliqueFields.Piece);
        var (x, y) = (
            group.OptionalLength(AppliqueFields.X),
            group.OptionalLength(AppliqueFields.Y)
        );
        var turn = group.OptionalNumber(AppliqueFields.Turn) ?? 0;
        var mirrored = group.Flag(AppliqueFields.Mirrored);
        var colour = group.OptionalColour(AppliqueFields.Colour);
        if (group.Errors.Count > 0 || lines.Count == 0)
        {
            return [];
        }
        var turned = (mirrored ? Affine.Mirror(0) : Affine.Same).Then(Affine.Turn(turn));
        var paths = lines.Select(l => turned.Of(l.Path)).ToList();
        var from = NamedShape.BoundsOf(paths).From;
        var place = Affine.Move(
            (x ?? default).Millimetres - from.X.Millimetres,
            (y ?? default).Millimetres - from.Y.Millimetres
        );
        paths = [.. paths.Select(place.Of)];
        var reversed = AgainstTheClock(paths);
        return
        [
            new ShapeOn(
                number,
                name ?? (number == 1 ? "shape" : $"shape {number}"),
                [.. paths.Select((p, i) => reversed[i] ? p.Reverse() : p)],
                reversed,
                colour?.ToString() ?? "",
                at,
                isStretched
            ),
        ];
    }

    /// <summary>Which outlines must be walked the other way, so that all go with the clock and holes against it.</summary>
    private static List<bool> AgainstTheClock(List<Path> paths)
    {
        var areas = paths.Count > 1 ? paths.Select(p => Area.Of([p])).ToList() : [];
        return
        [
            .. paths.Select(
                (path, i) =>
                {
                    // An outline within an odd number of others is that of a hole.
                    var isHole =
                        areas.Where((a, j) => j != i && a.Covers(path.Start)).Count() % 2 == 1;
                    return new MeasuredPath(path).SignedArea > 0 == isHole;
                }
            ),
        ];
    }
}
