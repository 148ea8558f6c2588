using static ZephyrReach.Core.Craft.Terms.Term;

namespace ZephyrReach.Core.Craft.Terms;

/// <summary>The words of the craft that the screens use, each with its picture.</summary>
public static class Glossary
{
    /// <summary>In the order of the alphabet.</summary>
    public static IReadOnlyList<Term> All { get; } =
    [
        .. Gathering()
            .Concat(Tucks())
            .Concat(Decorative())
            .Concat(Edges())
            .Concat(OnTop())
            .Concat(Seams())
            .OrderBy(t => t.Name, StringComparer.Ordinal),
    ];

    /// <summary>The term of a name; null where there is none.</summary>
    public static Term? Named(string name) => All.FirstOrDefault(t => t.Name == name);

    private static IEnumerable<Term> Gathering() =>
        [
            new(
                "gathering",
                "Drawing a long edge up until it is as long as a shorter one; the surplus stands in small folds.",
                Made("pulled-gathers")
            ),
            new(
                "fullness",
                "How many times as long the flat strip is as the edge it is sewn to. 2 means twice as long: light, soft fabrics take more, heavy ones less.",
                Planned("pulled-gathers", "edges")
            ),
            new(
                "finished edge",
                "The edge that the gathers are sewn to, measured along the seam line, once all is done.",
                Planned("pulled-gathers", "gathered")
            ),
            new(
                "flat width",
                "How wide the strip lies before it is gathered or tucked.",
                Planned("pulled-gathers", "layout")
            ),
            new(
                "gathering row",
                "A row of long stitches in the seam allowance. Its bobbin thread is pulled to gather the fabric; two or three rows side by side gather evenly.",
                Step("pulled-gathers", "rows")
            ),
            new(
                "matching marks",
                "Marks on both edges that meet when they are pinned: halves, quarters or finer, so that the fullness is spread evenly.",
                Step("pulled-gathers", "mark")
            )
            {
                Also = ["quarter marks"],
            },
            new(
                "thread tail",
                "What is left long at the end of a row, to hold while pulling or to knot.",
                Step("pulled-gathers", "pull-half")
            ),
            new(
                "gathering foot",
                "Gathers as it sews: long stitches and a higher tension draw the fabric up under it.",
                Owned("foot", "gathering foot")
            ),
            new(
                "ruffler",
                "An attachment whose arm pushes the fabric into small pleats as the needle goes up and down.",
                Owned("foot", "ruffler")
            )
            {
                Also = ["pleating attachment", "folding attachment"],
            },
            new(
                "pleat",
                "A fold that lies flat on its fabric and is held by the seam. Its depth is how far it reaches under itself.",
                Planned("tucked-ruffle", "folds")
            ),
            new(
                "basting",
                "Long stitches that hold something until it is sewn, and come out afterwards.",
                Step("bridged-seam", "hold")
            )
            {
                Also = ["tacking"],
            },
            new(
                "overlocker",
                "A machine that trims and wraps the edge in one go, with two to five threads.",
                Owned("foot", "overlocker's own foot")
            )
            {
                Also = ["serger"],
            },
            new(
                "differential feed",
                "Two feed dogs of an overlocker at different speeds: above 1 the front one feeds faster, and the fabric is gathered.",
                Made("overlock-gathers")
            ),
            new(
                "shirring",
                "Rows sewn with elastic thread in the bobbin, which draw the fabric in and stretch with it.",
                Made("shirring")
            ),
            new(
                "relaxed width",
                "How wide a shirred panel is when nothing pulls at it.",
                Planned("shirring", "at-rest")
            ),
            new(
                "row spacing",
                "From one row to the next, needle line to needle line.",
                Planned("shirring", "flat")
            ),
            new(
                "elastic thread",
                "Thin covered elastic, wound on the bobbin by hand without stretching it.",
                Step("shirring", "wind")
            ),
            new(
                "steaming",
                "Steam from an iron held just above draws the elastic in further and evens the rows.",
                Step("shirring", "steam")
            ),
            new(
                "ease",
                "A little more length on one side of a seam than on the other, sewn in without a fold: over a sleeve head, a bust, a heel.",
                Made("ease")
            ),
            new(
                "notch",
                "A small mark at the edge of a pattern piece that meets its like on the other piece.",
                Step("ease", "mark")
            ),
        ];

    private static IEnumerable<Term> Tucks() =>
        [
            new(
                "tuck",
                "A fold or ridge sewn into the fabric, mostly several side by side.",
                Made("pintucks")
            ),
            new(
                "twin needle",
                "Two needles on one shank. One bobbin thread joins both lines below and draws the fabric between them into a ridge.",
                Planned("pintucks", "close-up")
            )
            {
                Also = ["pair of needles"],
            },
            new(
                "pintuck foot",
                "Has grooves under its sole in which finished ridges run, so that the next one lies at an even distance.",
                Owned("foot", "seven-groove pintuck foot")
            ),
            new(
                "groove",
                "A channel under a foot: a ridge, a cord or a finished seam runs in it.",
                Planned("pintucks", "sole")
            ),
            new(
                "fabric taken up",
                "How much narrower a tuck makes the fabric. It is measured on a swatch, and multiplied by the number of tucks.",
                Planned("pintucks", "flat")
            ),
        ];

    private static IEnumerable<Term> Decorative() =>
        [
            new(
                "decorative stitch",
                "A stitch with a shape of its own, repeated along the row.",
                Owned("machine-stitch", "leaf stem")
            ),
            new(
                "repeat",
                "One whole shape of a decorative stitch. A row that ends on a whole repeat looks finished.",
                Made("stitch-rows")
            ),
            new(
                "mirror image",
                "The same stitch to the other side, so that two rows face each other.",
                Step("stitch-rows", "other-side")
            ),
            new(
                "zigzag",
                "A stitch that swings from side to side. Its width is how far it swings, its length how far it goes on.",
                Owned("machine-stitch", "zigzag")
            ),
            new(
                "blanket stitch",
                "Runs along an edge and reaches over it at even distances.",
                Owned("machine-stitch", "blanket")
            ),
            new(
                "scallop",
                "A stitch of small bows, for edges and rows.",
                Owned("machine-stitch", "scallop")
            ),
            new(
                "stitch width",
                "How far the needle swings across. Foot, needle plate and needle limit it as well as the dial.",
                Planned("couching", "swing")
            ),
            new(
                "open seam",
                "Two folded edges held apart by stitches that bridge the gap between them.",
                Made("bridged-seam")
            )
            {
                Also = ["faggoting", "bridged open seam"],
            },
            new(
                "catch",
                "How far a stitch reaches into a folded edge: too little and it slips off, too much and the gap is uneven.",
                Planned("bridged-seam", "bite")
            ),
            new(
                "folded ribbon trim",
                "Ribbon laid in folds along a line and held by stitches on each of them.",
                Made("folded-ribbon")
            ),
        ];

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
