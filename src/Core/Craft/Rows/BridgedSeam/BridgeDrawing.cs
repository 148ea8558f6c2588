using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>The finished piece: panels, gaps and what crosses them; and its panels as they are cut, with their folds.</summary>
internal static class BridgeDrawing
{
    public const string Name = "bridged";
    public const string CutName = "panels";

    private static readonly Length Apart = Length.FromMillimetres(25);

    public static Drawing Finished(BridgedSeamPlan a)
    {
        var ask = a.Ask;
        var (width, length) = (ask.TotalWidth, ask.SeamLength);
        List<Shape> shapes = [];
        for (var i = 0; i <= ask.Bridges; i++)
        {
            var left = ask.LeftOf(i);
            shapes.Add(
                new ClothPiece(
                    new Point(left, Length.Zero),
                    new Point(left + ask.Finished(i), length),
                    i == 0 && ask.ReadyMade is not null ? ClothRole.Plain : ClothRole.Main,
                    i == 0 ? ask.ReadyMade ?? "" : ""
                ).In("panels")
            );
        }
        for (var i = 1; i <= ask.Bridges; i++)
        {
            var middle = ask.LeftOf(i) - ask.Gap / 2;
            var part = i == 1 ? "first" : "bridges";
            if (ask.Cord is { } cord)
            {
                shapes.Add(
                    new PathShape(
                        Path.Of(false, new Point(middle, Length.Zero), new Point(middle, length)),
                        LineMeaning.Cord,
                        Width: cord
                    ).In(part)
                );
            }
            shapes.Add(
                new PathShape(
                    Path.Of(false, new Point(middle, Length.Zero), new Point(middle, length)),
                    LineMeaning.Thread,
                    Stitches: a.Stitch.LookAt(a.Stitch.Repeat)
                ).In(part)
            );
        }
        shapes.AddRange(
            Dimension.Of(
                width,
                length,
                LengthKind.Marked,
                across: BridgedSeamFields.TotalWidth.Name,
                down: BridgedSeamFields.SeamLength.Name
            )
        );
        shapes.Add(
            Dimension.Above(
                Length.Zero,
                ask.Finished(0),
                Length.Zero,
                LengthKind.Marked,
                ask.IsUneven ? "the first"
                    : ask.Bridges == 1 ? "each panel"
                    : "each"
            )
        );
        return new Drawing(
            Name,
            "The finished piece with open seams",
            $"{a.Panels} panels{(ask.IsUneven ? "" : $" of {a.Ruler.Mark(ask.PanelFinished)}")} with {ask.Bridges} {(ask.Bridges == 1 ? "gap" : "gaps")} of {a.Ruler.Fine(ask.Gap)}: {a.Ruler.Mark(width)} in all.",
            width,
            length,
            shapes,
            true
        );
    }

    public static Drawing Cut(BridgedSeamPlan a)
    {
        var ask = a.Ask;
        var length = a.PanelLength;
        if (ask.IsUneven || ask.ReadyMade is not null)
        {
            return CutEach(a);
        }
        List<Shape> shapes =
        [
            .. Panel(
                a,
                Length.Zero,
                a.OuterPanelCut,
                ask.Outer,
                ask.Fold,
                "2 outer",
                "outer",
                true
            ),
        ];
        var width = a.OuterPanelCut;
        if (ask.Bridges > 1)
        {
            shapes.AddRange(
                Panel(
                    a,
                    width + Apart,
                    a.InnerPanelCut,
                    ask.Fold,
                    ask.Fold,
                    ask.Bridges == 2 ? "1 inner" : $"{ask.Bridges - 1} inner",
                    "inner",
                    false
                )
            );
            width += Apart + a.InnerPanelCut;
        }
        shapes.Add(Dimension.Right(Length.Zero, length, width, LengthKind.Marked, "to cut"));
        return new Drawing(
            CutName,
            "Panels to cut",
            $"2 outer panels of {a.Ruler.Mark(a.OuterPanelCut)}"
                + (
                    ask.Bridges > 1
                        ? $" and {ask.Bridges - 1} inner of {a.Ruler.Mark(a.InnerPanelCut)}"
                        : ""
                )
                + $", {a.Ruler.Mark(length)} long; short dashes are folds.",
            width,
            length,
            shapes,
            true,
            IsForCutting: true
        );
    }

    /// <summary>Panels that differ, side by side as they will lie.</summary>
    private static Drawing CutEach(BridgedSeamPlan a)
    {
        var ask = a.Ask;
        List<Shape> shapes = [];
        var x = Length.Zero;
        for (var i = ask.ReadyMade is null ? 0 : 1; i <= ask.Bridges; i++)
        {
            var (isFirst, isLast) = (i == 0, i == ask.Bridges);
            shapes.AddRange(
                Panel(
                    a,
                    x,
                    a.CutOf(i),
                    isFirst ? ask.Outer : ask.Fold,
                    isLast ? ask.Outer : ask.Fold,
                    $"{i + 1}",
                    isFirst ? "outer" : "inner",
                    i % 2 == 0
                )
            );
            x += a.CutOf(i) + Apart;
        }
        var width = Length.Max(x - Apart, Length.FromMillimetres(1));
        shapes.Add(Dimension.Right(Length.Zero, a.PanelLength, width, LengthKind.Marked, "to cut"));
        return new Drawing(
            CutName,
            "Panels to cut",
            $"{string.Join("; ", a.Pieces.Select(p => $"{p.Name}: {p.SizeSays(a.Ruler)}"))}; short dashes are folds.",
            width,
            a.PanelLength,
            shapes,
            true,
            IsForCutting: true
        );
    }

    private static IEnumerable<Shape> Panel(
        BridgedSeamPlan a,
        Length x,
        Length width,
        Length left,
        Length right,
        string label,
        string part,
        bool statedBelow
    )
    {
        var length = a.PanelLength;
        yield return new ClothPiece(
            new Point(x, Length.Zero),
            new Point(x + width, length),
            ClothRole.Main,
            label
        ).In(part);
        foreach (
            var (at, isOuter) in new[] { (x + left, part == "outer"), (x + width - right, false) }
        )
        {
            if (at > x && at < x + width)
            {
                yield return new ClothLine(
                    isOuter ? LineMeaning.Hem : LineMeaning.Fold,
                    new Point(at, Length.Zero),
                    new Point(at, length)
                ).In(isOuter ? part : "folds");
            }
        }
        // One below and one above: of long narrow panels the figures would run into each other.
        var y = statedBelow ? length : Length.Zero;
        yield return new Dimension(
            new Point(x, y),
            new Point(x + width, y),
            statedBelow ? Side.Below : Side.Above,
            width,
            LengthKind.Marked,
            "to cut"
        );
    }
}
