using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Project;

/// <summary>Where pieces lie on a fabric: selvedges above and below, its length from left to right.</summary>
public static class OnFabricDrawing
{
    /// <summary>Smaller than this, what is left over says nothing of its size.</summary>
    private static readonly Length Named = Length.FromMillimetres(150);

    /// <summary>One drawing for each sheet that is cut into, the bolt last.</summary>
    public static IEnumerable<(int On, Drawing Drawing)> All(
        FabricToCut fabric,
        Layout layout,
        Ruler ruler
    ) =>
        layout
            .Placements.Select(p => p.On)
            .Distinct()
            .OrderBy(on => on == 0 ? int.MaxValue : on)
            .Select(on => (on, Of(fabric, layout, on, ruler)));

    private static Drawing Of(FabricToCut fabric, Layout layout, int on, Ruler ruler)
    {
        var sheet = on == 0 ? fabric.Task.Bolt : fabric.Task.Remnants[on - 1];
        var end = on == 0 ? layout.Used : sheet.Long!.Value;
        var name = on == 0 ? fabric.Name : fabric.Remnants[on - 1].Name;
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(end, sheet.Width), ClothRole.Length),
            .. layout
                .Left.Where(l => l.On == on)
                .Select(l => new ClothPiece(
                    new Point(l.Y, l.X),
                    new Point(l.Y + l.Long, l.X + l.Width),
                    ClothRole.LeftOver,
                    Length.Min(l.Width, l.Long) >= Named
                        ? Ruler.Size(ruler.Mark(l.Width), ruler.Mark(l.Long))
                        : ""
                )),
        ];
        var placed = layout.Placements.Where(p => p.On == on).ToList();
        foreach (var place in placed)
        {
            var piece = fabric.Pieces[place.Piece];
            var part = $"part-{piece.Part:N}";
            var label = LayoutGuide.MarkOf(fabric, place);
            shapes.Add(
                fabric.Task.Pieces[place.Piece].IsBias
                    ? Slanted(place, fabric.Task.Pieces[place.Piece], label).In(part)
                    : new ClothPiece(
                        new Point(place.Y, place.X),
                        new Point(place.Y + place.Along, place.X + place.Across),
                        ClothRole.Main,
                        label
                    ).In(part)
            );
        }
        if (on == 0)
        {
            foreach (var y in (Length[])[Length.Zero, sheet.Width])
            {
                shapes.Add(
                    new ClothLine(
                        LineMeaning.Selvedge,
                        new Point(Length.Zero, y),
                        new Point(end, y)
                    )
                );
            }
        }
        shapes.Add(
            Dimension.Below(
                Length.Zero,
                end,
                sheet.Width,
                on == 0 ? LengthKind.Cut : LengthKind.Marked
            )
        );
        shapes.Add(Dimension.Right(Length.Zero, sheet.Width, end, LengthKind.Marked));
        return new Drawing(
            $"on-{on}",
            on == 0 ? "On the fabric" : name,
            $"{placed.Count} {(placed.Count == 1 ? "piece" : "pieces")} on {ruler.Mark(end)} of {(name.Length > 0 ? name : "the fabric")}, {ruler.Mark(sheet.Width)} wide; the selvedges lie above and below.",
            end,
            sheet.Width,
            shapes,
            false,
            IsForCutting: true
        );
    }

    /// <summary>A strip at 45°: as on the guide, whose length goes down the page.</summary>
    private static PathShape Slanted(Placement place, PieceToCut piece, string label) =>
        new(
            Path.Of(true, [.. LayoutGuide.Corners(place, piece).Select(p => new Point(p.Y, p.X))]),
            Fill: ClothRole.Main,
            Label: label
        );
}
