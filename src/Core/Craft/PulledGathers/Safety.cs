using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Craft.PulledGathers;

/// <summary>The hazards of gathering by pulled threads.</summary>
internal static class Safety
{
    public static Caution Needle { get; } =
        new(
            "needle",
            "Power off, or the foot control away, before hands go near needle or foot. Turn the hand wheel through one full "
                + "stitch after every change of foot, needle or width; if the needle can touch metal, do not sew."
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
            "Mind the steam on your fingers, and try the heat on a scrap: synthetics melt."
        );

    private static readonly Caution Cords = new(
        "cords",
        "Loose threads and ties on clothes and bedding for babies and small children can strangle or choke, and are "
            + "regulated in many places: take gathering threads out or secure them, keep to the local rules, and ask a "
            + "qualified person when in doubt."
    );

    private static readonly Caution Flame = new(
        "flame",
        "Full, gathered cloth burns fast. Near heat or flame, and for nightwear, curtains and costumes, keep to the local "
            + "rules and ask a qualified person."
    );

    public static IReadOnlyList<Caution> All { get; } = [Needle, Pins, Iron, Cords, Flame];
}
