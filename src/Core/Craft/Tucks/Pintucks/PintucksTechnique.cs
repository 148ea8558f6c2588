using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>Tucks, as the rest of the program knows them: ridges with a pair of needles, or folds.</summary>
internal static class PintucksTechnique
{
    /// <summary>The bib of the seed-packet apron.</summary>
    public static RawInputs Example { get; } =
        RawInputs.Of(
            ("kind", PintucksFields.Twin),
            ("panelWidth", "22 cm"),
            ("panelLength", "24 cm"),
            ("tucks", 15),
            ("spacing", 6),
            ("needleSpacing", 2.5),
            ("clothThickness", 0.3),
            ("seamAllowance", "1 cm"),
            ("tensionSteps", 1),
            ("clothWeight", 110),
            ("assurance", 0.9)
        );

    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } = [.. OfFolds, Pair];

    /// <summary>Of folded tucks, which are sewn with one needle.</summary>
    public static IReadOnlyList<Caution> OfFolds => [Safety.Needle, Safety.Pins, Safety.Iron];

    private static Caution Pair =>
        new(
            "pair",
            "A twin needle is thin and stands wide: turn the wheel once round by hand before the motor does, and wear "
                + "something over the eyes if one of them ever struck.",
            Stage.SetUp,
            Stage.Sew
        );

    public static Technique Technique { get; } =
        new()
        {
            Name = PintucksCard.Technique.Name,
            Title = "tucks",
            Short = "Tucks",
            Also =
            [
                "pin tucks",
                "twin needle",
                "twin",
                "double needle",
                "folds",
                "pleats",
                "slash and spread",
            ],
            Kin = Category.Tucks,
            Says = "Fine parallel ridges with a twin needle, or folds that are sewn down.",
            Cards = [PintucksCard.Technique, FoldedTucksCard.Technique],
            CardFor = ask =>
                ask.TryGet(PintucksFields.Kind.Name, out var kind)
                && kind.Text == PintucksFields.Folded
                    ? FoldedTucksCard.Technique
                    : PintucksCard.Technique,
            ToldToCard = ask =>
                ask.TryGet(PintucksFields.Corded.Name, out var corded) && corded.Flag == true
                    ? ask.With("school", RawValue.Of("corded"))
                    : ask,
            Process = new()
            {
                Begin = "Pintucks and folded tucks",
                Mark = TuckedPicture.Of(
                    "mark",
                    "Parallel ridges around the middle of a panel.",
                    [7]
                ),
                Forward = new Calculation(
                    "",
                    "What to cut, mark and sew, and how sure that is",
                    PintucksFields.All,
                    PintucksFigures.All,
                    Example,
                    PintucksPlan.Of
                ),
                Inverses =
                [
                    Respacing.Form,
                    PintucksInverses.FromCloth,
                    PintucksInverses.FromPanel,
                    PintucksInverses.FromMargins,
                    TuckSwatch.Form,
                ],
                Groups =
                [
                    new(Asking.First, "", "kind", "pressedTo", "cutFrom"),
                    new(
                        Asking.First,
                        "",
                        "panelWidth",
                        "panelLength",
                        "tucks",
                        "spacing",
                        "grooveStep",
                        "groovePitch",
                        "depth"
                    ),
                    new(
                        Asking.Machine,
                        "",
                        "needleSpacing",
                        "clothThickness",
                        "tensionSteps",
                        "corded",
                        "assurance"
                    ),
                    new(Asking.Cut, "", "assurance"),
                    new(
                        Asking.Folded,
                        "Tucks per group",
                        "pattern",
                        "cluster",
                        "clusterGap",
                        "groupGrooves",
                        "mixed"
                    ),
                    new(Asking.Folded, "Wavy tucks", "firstLine", "waveHeight", "waveLength"),
                    new(
                        Asking.Folded,
                        "Stitches between or over them",
                        "openStitch",
                        "widestStitch",
                        "footOpening",
                        "plateOpening",
                        "needleSize"
                    ),
                    new(Asking.Folded, "Work backwards", "clothAtHand", "margin"),
                    new(Asking.Folded, "Pintuck foot", "grooves", "grooveWidth", "widestPair"),
                    new(Asking.Folded, "Two colours", "threadLeft", "threadRight"),
                    new(
                        Asking.Folded,
                        "Fabric and seam allowances",
                        "clothWeight",
                        "clothWidth",
                        "seamAllowance",
                        "grain"
                    ),
                    new(
                        Asking.Folded,
                        "Fabric used per tuck",
                        "takeUp",
                        "draw",
                        "takeUpSpread",
                        "takeUpBias"
                    ),
                    FieldGroup.Alike,
                ],
                First = new(
                    "panelWidth",
                    "How wide is the finished panel?",
                    "From seam line to seam line, with its tucks sewn. It is drawn here to scale as you type."
                ),
                Either = ["spacing", "grooveStep"],
                Allows =
                [
                    new(
                        "panel-from-cloth",
                        "clothAtHand",
                        "widestPanel",
                        "Widest panel from this fabric:",
                        "panelWidth"
                    ),
                    new(
                        "panel-from-cloth",
                        "clothAtHand",
                        "mostTucks",
                        "Most tucks that fit this panel:",
                        "tucks"
                    ),
                    new(
                        "run-from-margins",
                        "margin",
                        "spacing",
                        "Spacing with that margin:",
                        "spacing"
                    ),
                    new(
                        "spacing-from-panel",
                        "panelWidth",
                        "spacing",
                        "Spacing that fills the panel:",
                        "spacing"
                    ),
                ],
                Uses = ["foot", "needle", "cord", "thread"],
                Cautions = Hazards,
                Swatch = TuckSwatch.Described,
            },
        };
}
