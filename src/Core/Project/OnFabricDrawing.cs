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
        var sheet = fabric.SheetOf(on);
        var end = on == 0 ? layout.Used : sheet.Long!.Value;
        var name = on == 0 ? fabric.Name : fabric.Remnants[on - 1].Name;
        List<Shape> shapes =
        [
            sheet.Outline is { } outline
                ? new PathShape(
                    Path.Of(true, [.. outline.Points.Select(p => new Point(p.Y, p.X))]),
                    LineMeaning.Profile,
                    ClothRole.Length
                )
                : new ClothPiece(Point.At(0, 0), new Point(end, sheet.Width), ClothRole.Length),
            .. layout
                .Left.Where(l => l.On == on)
                .Select(l => new ClothPiece(
                    new Point(l.Y, l.X),
                    new Point(l.Y + l.Long, l.X + l.Width),
                    ClothRole.LeftOver,
                    Length.Min(l.Width, l.Long) >= Named
                        ? Ruler.Size(ruler.Mark(l.OpenWidth), ruler.Mark(l.Long))
                        : ""
                )),
        ];
        var placed = LaidPiece.All(fabric, layout).Where(p => p.Place.On == on).ToList();
        foreach (var piece in placed)
        {
            var (place, cut) = (piece.Place, fabric.Task.Pieces[piece.Place.Piece]);
            var part = $"part-{piece.Of.Part:N}";
            shapes.Add(
                cut is { IsBias: false, Outline: null }
                    ? new ClothPiece(
                        new Point(place.Y, place.X),
                        new Point(place.Y + place.Along, place.X + place.Across),
                        ClothRole.Main,
                        piece.Mark
                    ).In(part)
                    : Outlined(place, cut, piece.Mark).In(part)
            );
        }
        if (fabric.Task.IsDouble)
        {
            shapes.Add(
                new ClothLine(
                    LineMeaning.Fold,
                    new Point(Length.Zero, Length.Zero),
                    new Point(end, Length.Zero)
                )
            );
        }
        if (on == 0)
        {
            foreach (
                var y in fabric.Task.IsDouble ? (Length[])[sheet.Width] : [Length.Zero, sheet.Width]
            )
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
            (on == 0 ? "On the fabric" : name)
                + (fabric.Task.IsDouble ? ", folded double: the fold above" : ""),
            $"{Pieces(placed.Sum(p => p.Count))} on {ruler.Mark(end)} of {(name.Length > 0 ? name : "the fabric")}, {ruler.Mark(sheet.Width)} wide; "
                + (
                    fabric.Task.IsDouble
                        ? "folded double, the fold above and the selvedges below."
                        : "the selvedges lie above and below."
                ),
            end,
            sheet.Width,
            shapes,
            false,
            IsForCutting: true
        );
    }

    private static string Pieces(int count) => count == 1 ? "1 piece" : $"{count} pieces";

    /// <summary>As on the guide, whose length goes down the page.</summary>
    private static PathShape Outlined(Placement place, PieceToCut piece, string label) =>
        new(
            Path.Of(true, [.. Outlines.Of(place, piece).Points.Select(p => new Point(p.Y, p.X))]),
            Fill: ClothRole.Main,
            Label: label
        );
}
