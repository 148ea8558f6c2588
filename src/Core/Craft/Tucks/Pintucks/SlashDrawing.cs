using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>Slash and spread: the pattern piece with where it is slashed, and spread by what each tuck takes up.</summary>
internal static class SlashDrawing
{
    public const string Name = "slash";

    /// <summary>More slashes than this are not told apart on a screen.</summary>
    private const int MostDrawn = 40;

    public static Drawing Of(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var strip = Length.Max(ask.PanelWidth / 5, Length.FromMillimetres(30));
        var between = strip * 0.7;
        var (width, height) = (ask.PanelWidth + a.ExtraWidth, 2 * strip + between);
        // The pattern piece stands over the middle of what it is spread to.
        var left = a.ExtraWidth / 2;
        var below = strip + between;
        List<Shape> shapes =
        [
            new ClothPiece(
                new Point(left, Length.Zero),
                new Point(left + ask.PanelWidth, strip),
                ClothRole.Plain,
                "pattern"
            ).In("pattern"),
        ];
        var tucks = a.Planned.Tucks;
        if (tucks.Count <= MostDrawn)
        {
            foreach (var tuck in tucks)
            {
                var x = left + tuck.Centre;
                shapes.Add(Line(LineMeaning.Chalk, x, Length.Zero, x, strip, "slashes"));
                shapes.Add(Line(LineMeaning.Match, x, strip, tuck.Flat, below, "spread"));
            }
        }
        var from = Length.Zero;
        foreach (var tuck in tucks)
        {
            var to = tuck.Flat - tuck.TakeUp / 2;
            shapes.Add(Pane(from, to));
            shapes.Add(
                new ClothPiece(
                    new Point(to, below),
                    new Point(to + tuck.TakeUp, height),
                    ClothRole.LeftOver
                ).In("spread")
            );
            from = to + tuck.TakeUp;
        }
        shapes.Add(Pane(from, width));
        shapes.Add(
            Dimension.Below(Length.Zero, width, height, LengthKind.Marked, "spread, without seams")
        );
        shapes.Add(
            Dimension.Above(
                left,
                left + ask.PanelWidth,
                Length.Zero,
                LengthKind.Marked,
                "pattern",
                states: ask.PanelWidth
            )
        );
        return new Drawing(
            Name,
            "Slash and spread the pattern",
            $"The pattern piece is slashed on {ask.Tucks} lines and spread by {a.Ruler.Fine(ask.TakeUp)} at each: {ruler.Mark(a.ExtraWidth)} wider in all.",
            width,
            height,
            shapes,
            !ask.AcrossGrain,
            IsForCutting: true
        );

        ClothPiece Pane(Length x1, Length x2) =>
            new(new Point(x1, below), new Point(Length.Max(x1, x2), height), ClothRole.Plain)
            {
                Part = "pattern",
            };
    }

    private static ClothLine Line(
        LineMeaning meaning,
        Length x1,
        Length y1,
        Length x2,
        Length y2,
        string part
    ) => new(meaning, new Point(x1, y1), new Point(x2, y2)) { Part = part };
}
