using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Faults.GatherFaults;
using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with gathers that are pulled up by hand.</summary>
internal static class PulledFaults
{
    private const string OverThreads = "gathers-over-threads";
    private static readonly string[] Pulled = ["pulled-gathers", "ease"];

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        Scant("planned-scant", "It is planned with little fullness.", 6, Pulled)
            .CuredBy(
                new("more-fullness", "Plan a quarter more fullness.", 10),
                0.93,
                "Pulled gathers go to any fullness; only the fabric must be there."
            ),
        Scant("fabric-heavy", "The fabric is heavy for gathers.", 2, Pulled)
            .When(s => s.IsHeavy, 3, "Over 200 g/m² folds wide.")
            .CuredBy(
                new("lighter-cloth", "Try a lighter fabric.", 30),
                0.88,
                "Heavy fabric folds wide and looks less full than it measures."
            ),
        Crowded("planned-full", "It is planned with much fullness.", 6, Pulled)
            .Shows("bulky", 0.6)
            .CuredBy(
                new("less-fullness", "Plan a quarter less fullness.", 10),
                0.93,
                "It also saves fabric and thins the seam."
            ),
        Crowded("folds-thick", "The fabric makes thick folds.", 2, Pulled)
            .When(s => s.IsHeavy, 2, "Over 200 g/m² folds thick.")
            .CuredBy(
                new("finer-cloth", "Try a finer fabric at the same fullness.", 30),
                0.88,
                "Thin folds lie closer."
            ),
        new Cause("two-rows", "Two rows do not hold the folds upright.", 5)
            .With(Pulled)
            .Shows("uneven", 0.7)
            .CuredBy(
                new("third-row", "Sew three rows instead of two.", 6),
                0.86,
                "Each row more holds the folds upright where the seam runs."
            ),
        new Cause("few-marks", "The marks lie far apart.", 4)
            .With(Pulled)
            .Shows("uneven", 0.65)
            .Shows("flat-one-side", 0.35)
            .CuredBy(
                new("more-marks", "Mark twice as often.", 6),
                0.9,
                "Short parts cannot drift far."
            ),
        new Cause("rows-apart", "The rows lie far apart.", 3)
            .With(Pulled)
            .Shows("uneven", 0.6)
            .CuredBy(CloserRows, 0.82, "Folds between close rows cannot slant."),
        new Cause("pulled-from-one-end", "The threads were pulled from one end only.", 5)
            .With(Pulled)
            .Shows("flat-one-side", 0.85)
            .Shows("bunched", 0.3)
            .CuredBy(
                new("pull-both", "Pull from both ends, to the middle.", 3),
                0.95,
                "Gathers stop where the pull gets weak."
            ),
        new Cause("not-stroked", "The gathers were not stroked along.", 4)
            .With(Pulled)
            .Shows("bunched", 0.8)
            .Shows("uneven", 0.3)
            .CuredBy(
                new("spread-by-pin", "Stroke the gathers along with a pin before pinning.", 3),
                0.9,
                "Gathers stop where the thread was last held."
            ),
        new Cause("run-long", "The rows run on for long.", 2.5)
            .With(Pulled)
            .Shows("bunched", 0.6)
            .CuredBy(
                new("break-rows", "Break the rows at every fourth mark.", 6),
                0.9,
                "A short run spreads from both ends."
            ),
        new Cause("bobbin-weak", "The thread that is pulled is weak.", 6)
            .With(Pulled)
            .Shows("snapped", 0.85)
            .CuredBy(
                new("strong-bobbin", "Wind a strong thread on the bobbin and pull that one.", 4),
                0.93,
                "It is the bobbin thread that is pulled."
            ),
        new Cause("row-stitch-short", "The stitch grips its thread.", 4)
            .With(Pulled)
            .Shows("snapped", 0.7)
            .When(s => s.StitchLength < Mm(3.5), 2, "A stitch under 3.5 mm grips its thread.")
            .CuredBy(LongerStitch, 0.86, "A short stitch grips its thread."),
        new Cause("bobbin-bent", "The bobbin thread does not lie straight.", 3)
            .With(Pulled)
            .Shows("snapped", 0.6)
            .CuredBy(LooserTension, 0.82, "The bobbin thread then lies straight and slides."),
        new Cause("edge-too-long", "The edge is long for a stitch that is pulled.", 1)
            .With(Pulled)
            .Shows("snapped", 0.6)
            .CuredBy(
                new("over-threads", "Zigzag over drawn-out threads instead.", 15),
                0.95,
                "No stitch is pulled, so nothing snaps."
            ),
        new Cause("rows-on-one-side", "Both rows lie on one side of the seam line.", 4)
            .With(Pulled)
            .Shows("rolls", 0.88)
            .CuredBy(
                new("straddle", "Sew one row below the seam line.", 6),
                0.95,
                "Rows either side of the seam hold the folds flat where they are sewn."
            ),
        new Cause("seam-off", "The seam wandered off between the rows.", 4)
            .With(Pulled)
            .Shows("tucks-caught", 0.8)
            .CuredBy(
                new("seam-between", "Keep the seam exactly on its line, gathered side up.", 4),
                0.9,
                "The seam wandered off between the rows."
            ),
        new Cause("wave-before-foot", "The foot pushes a wave of folds before it.", 3)
            .With(Pulled)
            .Shows("tucks-caught", 0.7)
            .CuredBy(Slower, 0.86, "The foot pushes a wave of folds before it."),
        new Cause("row-below-shows", "A row was unpicked below the seam line.", 5)
            .With(Pulled)
            .Shows("needle-marks", 0.8)
            .CuredBy(
                new("rows-inside", "Move both rows inside the seam allowance.", 5),
                0.95,
                "Nothing must be unpicked then."
            ),
        new Cause("allowances-alike", "Both seam allowances end at one line.", 3)
            .With(Pulled)
            .Shows("bulky", 0.7)
            .CuredBy(
                new("grade", "Trim one seam allowance narrower than the other.", 4),
                0.88,
                "The layers then end one after the other."
            ),
        new Cause("threads-pierced", "The zigzag pierces the threads.", 5)
            .With(OverThreads)
            .Shows("caught", 0.88)
            .CuredBy(Wider, 0.9, "A needle that pierces the thread holds it."),
        new Cause("threads-wander", "The threads wander to one side of the foot.", 4)
            .With(OverThreads)
            .Shows("caught", 0.75)
            .CuredBy(
                new("guide-threads", "Hold the threads in the middle of the foot.", 1.5),
                0.88,
                "They wander to one side."
            ),
    ];
}
