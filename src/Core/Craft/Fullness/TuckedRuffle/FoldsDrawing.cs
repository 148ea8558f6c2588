using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>A few folds seen from the cut edge, and below them the same cloth laid flat, both to one scale.</summary>
internal static class FoldsDrawing
{
    public static Drawing Of(TuckedRufflePlan a, Ruler ruler)
    {
        var (S, p) = (a.Ask.Spacing, a.Ask.Depth);
        var folds = Math.Clamp((int)Math.Floor(60 / Math.Max(1, (S + 2 * p).Millimetres)), 2, 6);
        // Layers are drawn apart by a twelfth of the width, so that a fold is told from the cloth under it.
        var width = (S + 2 * p) * folds;
        var gap = width / 40;
        var top = gap * 2;
        List<Shape> shapes = [];
        for (var i = 0; i < folds; i++)
        {
            var x = S * i;
            var (low, mid, high) = (top + gap * 2, top + gap, top);
            shapes.Add(Cloth(x, low, x + p, low));
            shapes.Add(Cloth(x + p, low, x + p, mid));
            shapes.Add(Cloth(x + p, mid, x, mid));
            shapes.Add(Cloth(x, mid, x, high));
            shapes.Add(Cloth(x, high, x + S, high));
            shapes.Add(Cloth(x + S, high, x + S, low));
            shapes.Add(
                new ClothLine(
                    LineMeaning.Stitch,
                    new Point(x, high - gap),
                    new Point(x + S, high - gap)
                ).In("stitch")
            );
        }
        var flat = top + gap * 7;
        var height = flat + gap * 5;
        shapes.Add(
            new ClothPiece(
                new Point(Length.Zero, flat),
                new Point(width, height),
                ClothRole.Main,
                TornRight: true
            )
        );
        for (var i = 0; i < folds; i++)
        {
            var x = (S + 2 * p) * i;
            shapes.Add(Fold(x, flat, height, LineMeaning.Stitch));
            shapes.Add(Fold(x + p, flat, height, LineMeaning.Fold));
            shapes.Add(Fold(x + 2 * p, flat, height, LineMeaning.Fold));
        }
        shapes.Add(
            Dimension.Above(
                Length.Zero,
                S,
                Length.Zero,
                LengthKind.Fine,
                $"every {DecimalText.Write(a.Ask.StitchesPerTuck)} stitches"
            )
        );
        shapes.Add(
            Dimension.Below(
                Length.Zero,
                p,
                height,
                LengthKind.Fine,
                "deep",
                a.Ask.SaysDepth ? TuckedRuffleFields.TuckDepth.Name : ""
            )
        );
        shapes.Add(
            Dimension.Below(
                S + 2 * p,
                (S + 2 * p) * 2,
                height,
                LengthKind.Fine,
                "flat, per pleat",
                states: S + 2 * p
            )
        );
        return new Drawing(
            "folds",
            "The pleats from the side, and flat",
            $"{folds} folds {ruler.Fine(S)} apart and {ruler.Fine(p)} deep; each takes {ruler.Fine(2 * p)} of the strip.",
            width,
            height,
            shapes,
            true,
            IsCloseUp: true,
            IsForCutting: true
        );

        static ClothLine Cloth(Length x1, Length y1, Length x2, Length y2) =>
            new(LineMeaning.Profile, new Point(x1, y1), new Point(x2, y2)) { Part = "profile" };

        static ClothLine Fold(Length x, Length from, Length to, LineMeaning meaning) =>
            new(meaning, new Point(x, from), new Point(x, to)) { Part = "folds" };
    }
}
