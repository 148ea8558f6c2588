using static ZephyrReach.Core.Craft.Terms.Term;

namespace ZephyrReach.Core.Craft.Terms;

/// <summary>Words of edges and seams, and of what is laid on.</summary>
public static partial class Glossary
{
    private static IEnumerable<Term> Edges() =>
        [
            new(
                "piping",
                "A cord wrapped in a bias strip and sewn into a seam, so that a round edge shows.",
                Made("piping")
            ),
            new(
                "cord",
                "What fills piping, or lies on top and is couched. Its thickness decides how wide a strip goes round it.",
                Planned("piping", "tube")
            ),
            new(
                "bias",
                "The direction at 45° to the threads of a woven fabric, in which it stretches and goes round curves.",
                Planned("piping", "strips")
            ),
            new("bias strip", "A strip that is cut on the bias.", Step("piping", "cut")),
            new(
                "continuous strip",
                "One long bias strip, cut in a spiral from a square that is sewn into a tube.",
                Step("piping", "tube")
            ),
            new(
                "clip",
                "A short cut into the seam allowance, so that it spreads round a curve or turns a corner. It ends before the stitching.",
                Planned("piping", "lines")
            ),
            new(
                "lip",
                "The flat edge of a ready-made cord trim by which it is sewn in.",
                Made("cord-trim")
            )
            {
                Also = ["flange"],
            },
            new(
                "ply",
                "One of the strands that a cord is twisted from.",
                Planned("cord-trim", "plies")
            )
            {
                Also = ["plies", "strand"],
            },
            new(
                "piping foot",
                "Has a groove under its sole for the cord, so that the needle runs close beside it.",
                Owned("foot", "piping foot")
            ),
            new(
                "zipper foot",
                "Narrow, beside the needle: it runs along a zip or a cord without riding on it.",
                Owned("foot", "zipper foot")
            ),
        ];

    private static IEnumerable<Term> OnTop() =>
        [
            new(
                "couching",
                "Sewing a cord or yarn onto the fabric with stitches that go over it.",
                Made("couching")
            ),
            new(
                "cording foot",
                "Leads one or more cords under the needle.",
                Owned("foot", "cording foot")
            ),
            new(
                "appliqué",
                "A shape of one fabric sewn onto another along its edge.",
                Made("applique")
            ),
            new(
                "satin stitch",
                "A zigzag so short that it covers the fabric.",
                Step("applique", "sew-1")
            ),
            new(
                "open-toe foot",
                "Open in front, so that the edge or the line is seen.",
                Owned("foot", "open-toe foot")
            ),
            new(
                "satin foot",
                "Hollow below, so that dense stitches pass under it.",
                Owned("foot", "satin foot")
            ),
            new(
                "stabiliser",
                "Goes behind the fabric while it is stitched, so that it does not draw in. It is torn, cut or washed away afterwards, or stays.",
                Step("applique", "behind")
            )
            {
                Also = ["backing", "tear-away", "interfacing"],
            },
            new(
                "fusible",
                "Adhesive on paper, ironed on: it holds a shape in its place until it is sewn.",
                Step("applique", "place")
            ),
            new(
                "darning",
                "Closing a hole or a thin place with threads or lines of stitches.",
                Made("darning")
            ),
            new(
                "block",
                "A stretch of darning stitches that is sewn in one go, side by side with the next.",
                Step("darning", "block-1")
            ),
            new(
                "darning foot",
                "Hops with the needle and lets the fabric move in any direction.",
                Owned("foot", "darning foot, open toe")
            ),
            new(
                "free-motion stitching",
                "The feed dogs are lowered and your hands move the fabric: their pace against the machine’s gives the stitch length.",
                Made("free-motion")
            ),
            new(
                "hoop",
                "Holds the fabric flat and taut, and is what the hands move.",
                Step("free-motion", "hold")
            ),
            new(
                "stitch length",
                "From one needle hole to the next.",
                Planned("free-motion", "sewn")
            ),
            new(
                "feed dogs",
                "The teeth under the foot that carry the fabric on. They are lowered or covered for free-motion stitching.",
                Step("free-motion", "set-up")
            ),
            new(
                "walking foot",
                "Carries the upper layer on as the feed dogs carry the lower one.",
                Owned("foot", "walking foot")
            ),
        ];

    private static IEnumerable<Term> Seams() =>
        [
            new(
                "seam allowance",
                "The fabric between the seam line and the cut edge.",
                Step("pulled-gathers", "seam")
            ),
            new("hem", "An edge that is folded under and sewn.", Step("pulled-gathers", "hem")),
            new(
                "join",
                "A seam that makes one long strip of several.",
                Step("pulled-gathers", "join")
            ),
            new(
                "all-purpose foot",
                "The foot for ordinary seams. Its opening limits how wide a stitch may be.",
                Owned("foot", "all-purpose snap-on foot")
            ),
            new(
                "straight-stitch foot",
                "Has a small round hole: for straight stitches with one needle only.",
                Owned("foot", "straight-stitch foot")
            ),
            new(
                "buttonhole foot",
                "Two channels side by side under its sole.",
                Owned("foot", "buttonhole foot")
            ),
            new(
                "test swatch",
                "A small piece sewn with the settings of the plan, and measured before and after. What it shows goes into the plan.",
                Step("pulled-gathers", "pull-rest")
            )
            {
                Also = ["swatch", "sample", "scrap"],
            },
        ];
}
