using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>The line of each band, and a tick where each leg is caught, at true size.</summary>
internal static class RibbonGuide
{
    private static readonly Length Tick = Length.FromMillimetres(3);

    public static Guide Of(FoldedRibbonPlan a)
    {
        var (width, height) = (a.Ask.Run, a.AllBands);
        List<GuideLine> lines = [];
        for (var band = 0; band < a.Ask.Bands; band++)
        {
            var y = a.Advance / 2 + band * (a.Advance + a.Ask.BandGap);
            lines.Add(new(0, new Point(Length.Zero, y), new Point(width, y), LineMeaning.Chalk));
            foreach (var caught in a.Catches)
            {
                var reach = Length.Min(Tick, a.Advance / 2);
                lines.Add(
                    new(
                        band == 0 ? caught.Number : 0,
                        new Point(caught.At, y - reach),
                        new Point(caught.At, y + reach),
                        LineMeaning.Stitch,
                        band == 0 && (caught.Number % 10 == 0 || caught.Number == 1)
                            ? $"{caught.Number}"
                            : ""
                    )
                );
            }
        }
        return new Guide(
            "Line and catches of the ribbon",
            width,
            height,
            lines,
            "The start of the band at the left; the ribbon is caught at each tick, and folded half a fold after it."
        );
    }
}
