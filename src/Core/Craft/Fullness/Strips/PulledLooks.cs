using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>What is looked for on a gathered swatch, and what to try for each fault, the likeliest first.</summary>
internal static class PulledLooks
{
    public static IReadOnlyList<Look> Looks { get; } =
    [
        new(Named("right", "looks good", "Keep these settings."), []),
        new(
            Named("not-full-enough", "not full enough", "It looks flat and skimpy."),
            [
                new(
                    "more-fullness",
                    "Plan a quarter more fullness.",
                    "Pulled gathers go to any fullness; only the fabric must be there."
                ),
                new(
                    "lighter-cloth",
                    "Try a lighter fabric.",
                    "Heavy fabric folds wide and looks less full than it measures."
                ),
            ]
        ),
        new(
            Named("too-full", "too full", "It crowds and stands away stiffly."),
            [
                new(
                    "less-fullness",
                    "Plan a quarter less fullness.",
                    "It also saves fabric and thins the seam."
                ),
                new(
                    "finer-cloth",
                    "Try a finer fabric at the same fullness.",
                    "Thin folds lie closer."
                ),
            ]
        ),
        new(
            Named("uneven", "uneven", "Full in one place, flat in another."),
            [
                new(
                    "third-row",
                    "Sew three rows instead of two.",
                    "Each row more holds the folds upright where the seam runs."
                ),
                new("more-marks", "Mark twice as often.", "Short parts cannot drift far."),
                new(
                    "closer-rows",
                    "Bring the rows closer, to 5 mm.",
                    "Folds between close rows cannot slant."
                ),
            ]
        ),
        new(
            Named("bunched", "bunched at marks", "Knots of gathers beside the marks."),
            [
                new(
                    "spread-by-pin",
                    "Stroke the gathers along with a pin before pinning.",
                    "Gathers stop where the thread was last held."
                ),
                new(
                    "break-rows",
                    "Break the rows at every fourth mark.",
                    "A short run spreads from both ends."
                ),
            ]
        ),
        new(
            Named("snapped", "a thread snapped", "A row gave way while pulling."),
            [
                new(
                    "strong-bobbin",
                    "Wind a strong thread on the bobbin and pull that one.",
                    "It is the bobbin thread that is pulled."
                ),
                new(
                    "longer-stitch",
                    "Lengthen the stitch, up to 5 mm.",
                    "A short stitch grips its thread."
                ),
                new(
                    "looser-tension",
                    "Loosen the needle tension one more step.",
                    "The bobbin thread then lies straight and slides."
                ),
                new(
                    "over-threads",
                    "Zigzag over drawn-out threads instead.",
                    "No stitch is pulled, so nothing snaps."
                ),
            ]
        ),
        new(
            Named("loops-below", "loops underneath", "Needle thread lies loose on the reverse."),
            [
                new(
                    "rethread",
                    "Thread the needle again with the foot up.",
                    "The thread was probably never in the tension discs."
                ),
                new(
                    "tighter-tension",
                    "Tighten the needle tension one step.",
                    "Too loose, it cannot draw up its loop."
                ),
            ]
        ),
        new(
            Named("rolls", "rolls at the seam", "The gathers turn over where they are sewn."),
            [
                new(
                    "straddle",
                    "Sew one row below the seam line.",
                    "Rows either side of the seam hold the folds flat where they are sewn."
                ),
            ]
        ),
        new(
            Named("tucks-caught", "tucks caught", "Folds are sewn down crosswise in the seam."),
            [
                new(
                    "seam-between",
                    "Keep the seam exactly on its line, gathered side up.",
                    "The seam wandered off between the rows."
                ),
                new(
                    "slower",
                    "Sew slower and straighten with a pin.",
                    "The foot pushes a wave of folds before it."
                ),
            ]
        ),
        new(
            Named("needle-marks", "needle marks", "Holes show where a row was unpicked."),
            [
                new(
                    "rows-inside",
                    "Move both rows inside the seam allowance.",
                    "Nothing must be unpicked then."
                ),
                new("finer-needle", "Take a needle one size finer.", "It parts the threads less."),
            ]
        ),
        new(
            Named("bulky", "bulky seam", "The seam is thick and stiff."),
            [
                new(
                    "less-fullness",
                    "Plan a quarter less fullness.",
                    "The bulk grows with the fullness."
                ),
                new(
                    "grade",
                    "Trim one seam allowance narrower than the other.",
                    "The layers then end one after the other."
                ),
            ]
        ),
    ];

    private static Choice Named(string name, string label, string follows) =>
        new(name, label, follows);
}
