using ZephyrReach.Core.Answers;

namespace ZephyrReach.Core.Craft;

/// <summary>Hazards that several techniques share, with the stages where they show.</summary>
internal static class Safety
{
    public static Caution Needle { get; } =
        new(
            "needle",
            "Power off, or the foot control away, before hands go near needle or foot. Turn the handwheel through one full "
                + "stitch after every change of foot, needle or width; if the needle can touch metal, do not sew.",
            Stage.SetUp
        );

    public static Caution Pins { get; } =
        new(
            "pins",
            "Take each pin out before the needle reaches it. A broken needle leaves pieces: find them all, and wear eye "
                + "protection over thick joins."
        );

    public static Caution Iron { get; } =
        new(
            "iron",
            "Mind the steam on your fingers, and try the heat on a spare piece: synthetics melt."
        );

    public static Caution Knife { get; } =
        new(
            "knife",
            "The overlocker’s knife cuts whatever comes to it: take out every pin, keep fingers behind the guide, and switch off "
                + "before you thread or clean it.",
            Stage.SetUp
        );

    public static Caution Cords { get; } =
        new(
            "cords",
            "Loose threads and ties on clothes and bedding for babies and small children can strangle or choke, and are "
                + "regulated in many places: take gathering threads out or secure them, keep to the local rules, and ask a "
                + "qualified person when in doubt.",
            Stage.Sew
        );

    public static Caution Flame { get; } =
        new(
            "flame",
            "Full, gathered fabric burns fast. Near heat or flame, and for nightwear, curtains and costumes, keep to the local "
                + "rules and ask a qualified person.",
            Stage.Sew
        );

    /// <summary>Those of full cloth that is sewn to an edge.</summary>
    public static IReadOnlyList<Caution> Gathers { get; } = [Needle, Pins, Iron, Cords, Flame];
}
