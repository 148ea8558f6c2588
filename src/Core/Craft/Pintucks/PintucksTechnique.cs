using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;

namespace ZephyrReach.Core.Craft.Pintucks;

/// <summary>Tucks, as the rest of the program knows them: ridges with a pair of needles, or folds.</summary>
internal static class PintucksTechnique
{
    /// <summary>The bib of the seed-packet apron.</summary>
    public static RawAsk Example { get; } =
        RawAsk.Of(
            ("kind", Fields.Twin),
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
            "A pair of needles is thin and stands wide: turn the wheel once round by hand before the motor does, and wear "
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
            Kin = Kin.Tucks,
            Says = "Fine parallel ridges with a pair of needles, or folds that are sewn down.",
            Cards = [PintucksCard.Technique],
            ToldToCard = ask =>
                ask.TryGet(Fields.Corded.Name, out var corded) && corded.Flag == true
                    ? ask.With("school", RawValue.Of("corded"))
                    : ask,
            Working = new()
            {
                Begin = "Sew tucks",
                Mark = TuckedPicture.Of(
                    "mark",
                    "Parallel ridges around the middle of a panel.",
                    [7]
                ),
                Straight = new Form(
                    "",
                    "What to cut, mark and sew, and how sure that is",
                    Fields.All,
                    Answer.Told,
                    Example,
                    Answer.Of
                ),
                Turned =
                [
                    Respacing.Form,
                    TurnedForms.FromCloth,
                    TurnedForms.FromPanel,
                    TurnedForms.FromMargins,
                    TuckSwatch.Form,
                ],
                Groups =
                [
                    new(Asking.First, "", "kind", "pressedTo"),
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
                    new(Asking.Folded, "Groups", "pattern", "cluster", "clusterGap"),
                    new(Asking.Folded, "A wave", "firstLine", "waveHeight", "waveLength"),
                    new(
                        Asking.Folded,
                        "Stitches between or over them",
                        "openStitch",
                        "widestStitch",
                        "footOpening",
                        "plateOpening",
                        "needleSize"
                    ),
                    new(Asking.Folded, "Turned round", "clothAtHand", "margin"),
                    new(Asking.Folded, "The foot", "grooves", "grooveWidth"),
                    new(
                        Asking.Folded,
                        "Cloth and seams",
                        "clothWeight",
                        "clothWidth",
                        "seamAllowance",
                        "grain"
                    ),
                    new(
                        Asking.Folded,
                        "What each takes up",
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
                        "this cloth gives a panel of",
                        "panelWidth"
                    ),
                    new(
                        "panel-from-cloth",
                        "clothAtHand",
                        "mostTucks",
                        "or, in the panel as it is, so many tucks:",
                        "tucks"
                    ),
                    new(
                        "run-from-margins",
                        "margin",
                        "spacing",
                        "with that margin they stand apart by",
                        "spacing"
                    ),
                    new(
                        "spacing-from-panel",
                        "panelWidth",
                        "spacing",
                        "to fill the panel they stand apart by",
                        "spacing"
                    ),
                ],
                Uses = ["foot", "needle", "cord", "thread"],
                Cautions = Hazards,
                Swatch = TuckSwatch.Described,
            },
        };
}
