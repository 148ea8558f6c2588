using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>The gap from near: both folds, the bar between them, the swing of the needle and how far it bites; and beside it every stitch to choose from.</summary>
internal static class BiteCloseUp
{
    public const string Name = "bite";

    private static readonly Length Margin = Length.FromMillimetres(8);
    private static readonly Length Height = Length.FromMillimetres(30);
    private static readonly Length Beside = Length.FromMillimetres(6);
    private static readonly Length Needle = Length.FromMillimetres(0.45);

    /// <summary>Of more stitches the first few are drawn.</summary>
    private const int MostShown = 5;

    public static Drawing Of(BridgedSeamPlan a)
    {
        var ask = a.Ask;
        var reach = Length.Max(
            a.StitchWidth,
            a.Choices.Select(c => c.Stitch.Width).DefaultIfEmpty(Length.Zero).Max()
        );
        var one = Length.Max(reach, ask.Gap) + 2 * Margin;
        List<Shape> shapes = [.. Sample(a, Length.Zero, one, a.Stitch, true)];
        var x = one;
        foreach (var choice in a.Choices.Where(c => c.Stitch != a.Stitch).Take(MostShown))
        {
            shapes.AddRange(Sample(a, x + Beside, one, choice.Stitch, false));
            x += Beside + one;
        }
        var middle = one / 2;
        var (left, right) = (middle - ask.Gap / 2, middle + ask.Gap / 2);
        shapes.Add(
            Dimension.Above(
                left,
                right,
                Length.Zero,
                LengthKind.Fine,
                "gap",
                BridgedSeamFields.Gap.Name,
                states: ask.Gap
            )
        );
        shapes.Add(
            Dimension.Below(
                middle - a.Stitch.Width / 2,
                middle + a.Stitch.Width / 2,
                Height,
                LengthKind.Fine,
                "swing",
                states: a.Stitch.Width
            )
        );
        return new Drawing(
            Name,
            a.Choices.Count > 1 ? "Close-up of the gap and stitches" : "The gap from near",
            $"Two folds {a.Ruler.Fine(ask.Gap)} apart; the stitch swings {a.Ruler.Fine(a.Stitch.Width)}, {a.Ruler.Fine((a.Stitch.Width - ask.Gap) / 2)} into each.",
            x,
            Height,
            shapes,
            true,
            true
        );
    }

    private static IEnumerable<Shape> Sample(
        BridgedSeamPlan a,
        Length x,
        Length width,
        BookStitch stitch,
        bool isSewn
    )
    {
        var gap = a.Ask.Gap;
        var middle = x + width / 2;
        var part = isSewn ? "folds" : "others";
        yield return new ClothPiece(
            new Point(x, Length.Zero),
            new Point(middle - gap / 2, Height),
            ClothRole.Main
        ).In(part);
        yield return new ClothPiece(
            new Point(middle + gap / 2, Length.Zero),
            new Point(x + width, Height),
            ClothRole.Main
        ).In(part);
        var needle = Height * 0.7;
        if (isSewn)
        {
            // What lies before the needle is still held by the bar.
            yield return new Plate(
                new Point(middle - gap / 2, needle),
                new Point(middle + gap / 2, Height),
                PlateRole.Groove,
                false
            ).In("bar");
        }
        if (isSewn && a.Ask.Cord is { } cord)
        {
            yield return new PathShape(
                Path.Of(false, new Point(middle, Length.Zero), new Point(middle, Height)),
                LineMeaning.Cord,
                Width: cord
            ).In("cord");
        }
        yield return new PathShape(
            Path.Of(
                false,
                new Point(middle, Length.Zero),
                new Point(middle, isSewn ? needle : Height)
            ),
            LineMeaning.Thread,
            Stitches: stitch.LookAt(stitch.Repeat)
        ).In(isSewn ? "stitches" : "others");
        if (isSewn)
        {
            var half = stitch.Width / 2 + Needle;
            yield return new Plate(
                new Point(middle - half, needle - Needle),
                new Point(middle + half, needle + Needle),
                PlateRole.Swing,
                false
            ).In("stitches");
        }
    }
}
