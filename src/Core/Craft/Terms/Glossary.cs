using static ZephyrReach.Core.Craft.Terms.Term;

namespace ZephyrReach.Core.Craft.Terms;

/// <summary>The words of the craft that the screens use, each with its picture.</summary>
public static partial class Glossary
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
}
