using ZephyrReach.Core.Card;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>Shapes sewn onto a ground.</summary>
internal static class AppliqueCard
{
    private const string Satin = "satin";
    private const string Turned = "turned";

    private static readonly string[] WithSwing =
    [
        "A stitch lands in the corner.",
        "The right swing falls just outside the edge.",
        "The base fabric lies flat.",
    ];

    /// <summary>By the stitch: where its sides fall.</summary>
    private static CardTechnique Sewn(CardInputs ask) =>
        ask.Wants.School switch
        {
            Satin => Technique with
            {
                Position = new(
                    "at the side, its right swing just outside the edge",
                    "The whole width lies on the shape, and covers its raw edge."
                ),
                Checks = WithSwing,
            },
            Turned => Technique with
            {
                Position = new(
                    "at the side, its right swing just outside the fold",
                    "One swing catches the fold, the other falls beside it."
                ),
                Preparation = new(
                    "press the edge under over a card, place, baste",
                    "A sharp fold is all that is seen of it."
                ),
                Checks = WithSwing,
            },
            _ => Technique,
        };

    /// <summary>By what holds a raw edge in its place.</summary>
    private static CardTechnique Held(CardInputs ask, CardTechnique technique) =>
        ask.Wants.School == Turned
            ? technique
            : ask.Wants.Of(AppliqueFields.HeldBy) switch
            {
                AppliqueFields.Sticky => technique with
                {
                    Preparation = new(
                        "trace mirrored, stick on, cut, peel, place, then fuse",
                        "It holds by itself until it is pressed, and can be laid again."
                    ),
                },
                AppliqueFields.Pinned => technique with
                {
                    Preparation = new(
                        "draw, cut, place, baste or glue",
                        "Nothing is fused: it stays soft, and frays a little."
                    ),
                },
                _ => technique,
            };

    /// <summary>With the needle moved to the right, where it is.</summary>
    private static CardTechnique Moved(CardInputs ask, CardTechnique technique) =>
        ask.Wants.Of(AppliqueFields.NeedleMoved) is { Millimetres: > 0 } moved
            ? technique with
            {
                Position = technique.Position with
                {
                    Figure =
                        $"moved {ask.Ruler.Fine(moved)} to the right: {technique.Position.Figure}",
                },
            }
            : technique;

    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "applique",
            Title = "appliqué",
            Says = "A fabric shape sewn onto a background round its edge.",
            As = ask => Moved(ask, Held(ask, Sewn(ask))),
            Fields =
            [
                Wants.StitchLengthField,
                Wants.StitchWidthField,
                AppliqueFields.Firm,
                AppliqueFields.HeldBy,
                AppliqueFields.NeedleMoved,
            ],
            School = Wants.SchoolField(
                new Choice("blanket", "blanket stitch", "Fused raw edge: soft and quick."),
                new Choice(
                    Satin,
                    "satin stitch",
                    "Firm and durable; stabiliser and a lighter fusible."
                ),
                new Choice(
                    Turned,
                    "turned edge",
                    "No raw edge, most work; a narrow, invisible zigzag."
                )
            ),
            Dense = true,
            Feet =
            [
                new([FootKinds.OpenToe], "The edge can be seen as it comes."),
                new(
                    [FootKinds.Satin],
                    "Its hollow lets the stitches pass.",
                    "The edge is hidden by its front: slower round curves."
                ),
                new(
                    [FootKinds.AllPurpose],
                    "It will do for an open stitch.",
                    "It presses dense stitches and hides the edge."
                ),
            ],
            Rank = (_, foot) => foot.Relief is { } relief ? -relief.Millimetres : 0,
            Stitch = ask =>
                ask.Wants.School switch
                {
                    Satin => new(
                        "satin: a close zigzag",
                        "It covers the raw edge.",
                        ask.Wants.StitchLength ?? Mm(0.35),
                        "0.35 mm: the threads lie side by side, and still feed.",
                        "",
                        ask.Wants.StitchWidth ?? Mm(3),
                        Mm(2.5),
                        "2.5 to 4 mm: wider holds more, narrower turns tighter."
                    ),
                    Turned => new(
                        "narrow zigzag",
                        "One swing on the shape, one beside it: hardly seen.",
                        ask.Wants.StitchLength ?? Mm(1.5),
                        "Short enough to hold the fold.",
                        "",
                        ask.Wants.StitchWidth ?? Mm(1),
                        Mm(0.8),
                        "As narrow as still catches the fold."
                    ),
                    _ => new(
                        "blanket",
                        "Straight along the edge, one stitch sideways into the shape.",
                        ask.Wants.StitchLength ?? Mm(2.8),
                        "2.5 to 3 mm; a tenth more or less lands a stitch in the corner.",
                        "",
                        ask.Wants.StitchWidth ?? Mm(2.5),
                        Mm(2),
                        "2 to 3.5 mm: the sideways stitch has to hold the shape."
                    ),
                },
            Tension = ask => ask.Wants.School == Satin ? -1 : -0.5,
            TensionBecause = "Looser above: the bobbin thread stays below, and the edge lies flat.",
            Point = Needle.Embroidery,
            Above = new("cotton or embroidery", "It is what is seen.", 15, 40),
            Below = new("fine bobbin thread", "It makes no ridge below.", 5, 18),
            Bulky = _ => false,
            BuildUp = ask => ask.Wants.School == Satin ? Mm(1) : null,
            Stabiliser = ask =>
                ask.Wants.Of(AppliqueFields.Firm)
                    ? new("none: the base fabric is firm", "It carries the stitch by itself.")
                    : ForDense(ask),
            Position = new(
                "at the side, straight part just outside the edge",
                "The sideways stitch goes into the shape."
            ),
            Presser = new(
                "needle stop down",
                "Outside on a convex curve, inside on a concave one: lift, turn a little, go on."
            ),
            Speed = new("medium, slow in curves", "Every turn is a stop."),
            Preparation = new(
                "trace mirrored, fuse, cut, peel, place, fuse",
                "What is traced on the paper comes out mirrored."
            ),
            Checks =
            [
                "A stitch lands in the corner.",
                "The straight part runs just outside the edge.",
                "The base fabric lies flat.",
            ],
            Alternatives =
            [
                new("fused raw edge, blanket stitch", "Soft, quick."),
                new("satin stitch", "Firm, durable; needs stabiliser and a lighter fusible."),
                new("turned edge, invisible zigzag", "No raw edge; most work."),
            ],
            Instead = "Sew close to the edge with a short straight stitch, twice round.",
            LookedFor = ["misses-corner", "off-edge", "tunnels", "loops-above", "puckers"],
        };
}
