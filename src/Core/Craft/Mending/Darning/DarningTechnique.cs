using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>Darning, as the rest of the program knows it: nothing is cut, and a block is measured.</summary>
internal static class DarningTechnique
{
    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } = [.. WithoutHoop, Hoop];

    /// <summary>Those of a darn that the machine leads, or that is sewn by hand.</summary>
    public static IReadOnlyList<Caution> WithoutHoop => [Safety.Needle, Safety.Pins, Safety.Iron];

    private static Caution Hoop =>
        new(
            "fingers",
            "Free-motion, nothing stands between needle and fingers: hold the hoop by its rim, a hand's breadth from the needle, and "
                + "lift your foot from the control before you reach in.",
            Stage.SetUp,
            Stage.Sew
        );

    public static Technique Technique { get; } =
        new()
        {
            Name = "darning",
            Title = "darning",
            Short = "Darning",
            Also = ["mend", "mending", "repair", "hole", "tear", "patch"],
            Kin = Category.Mending,
            Says =
                "A hole or a thin place is closed with lines of stitches over something behind it.",
            Cards =
            [
                ProgrammedDarningCard.Technique,
                FreeDarningCard.Technique,
                PatchCard.Technique,
                UndarnedCards.Seam,
            ],
            CardFor = ask =>
                DamageOf(ask) is { IsDarned: false } other
                    ? other.IsSeam
                        ? UndarnedCards.Seam
                        : UndarnedCards.Hand
                    : Text(ask, DarningFields.Method) == DarningFields.Patched
                        ? PatchCard.Technique
                        : Text(ask, DarningFields.Method) == DarningFields.FreeMotion
                        || DamageOf(ask).IsOpen
                            ? FreeDarningCard.Technique
                            : ProgrammedDarningCard.Technique,
            ToldToCard = ask => ask.With("school", RawValue.Of(DamageOf(ask).Behind)),
            Process = new()
            {
                Begin = "Darning",
                Mark = Mended.Picture(
                    "mark",
                    "A hole under lines of stitches both ways.",
                    Length.FromMillimetres(14),
                    Length.FromMillimetres(10)
                ),
                Forward = new Calculation(
                    "",
                    "How to darn it",
                    DarningFields.All,
                    DarningFigures.All,
                    RawInputs.Of(
                        ("what", "strained"),
                        ("tearWidth", "9 mm"),
                        ("tearLength", "12 mm"),
                        ("method", DarningFields.Programmed),
                        ("maxStitchWidth", "7 mm"),
                        ("footLength", "26 mm"),
                        ("overlap", "1.5 mm")
                    ),
                    DarningPlan.Of
                ),
                Inverses = [BlockSwatch.Form],
                Groups =
                [
                    new(Asking.First, "", "what"),
                    new(Asking.First, "", "tearWidth", "tearLength", "margin", "backingMargin"),
                    new(Asking.Machine, "", "method", "byLever", "patchBeyond", "patchTurned"),
                    new(
                        Asking.Machine,
                        "",
                        "maxStitchWidth",
                        "footOpening",
                        "needleSize",
                        "footLength",
                        "overlap",
                        "lineGap",
                        "stitchLength",
                        "machineSpeed",
                        "sewsFirst",
                        "program",
                        "footAsked"
                    ),
                ],
                First = new(
                    "tearWidth",
                    "How wide is the tear?",
                    "Lay it flat and measure it across and along, at its widest. It is drawn here to scale as you type."
                ),
                Stages = Process.StagesWithoutCut,
                Uses = ["foot", "needle", "thread", "stabiliser"],
                Cautions = Hazards,
                Swatch = BlockSwatch.Described,
            },
        };

    private static string? Text(RawInputs ask, Field field) =>
        ask.TryGet(field.Name, out var said) ? said.Text : null;

    private static Damage DamageOf(RawInputs ask) =>
        Damage.All.FirstOrDefault(d => d.Choice.Name == Text(ask, DarningFields.What))
        ?? Damage.All[0];
}
