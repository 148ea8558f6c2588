using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Fullness.Ease;

/// <summary>A stretch of an edge that is eased or gathered between two notches, as the rest of the program knows it.</summary>
public static class EaseTechnique
{
    private static readonly CardTechnique Card = PulledCard.Of(
        "ease",
        "easing between notches",
        "Rows of long stitches between two notches, drawn up until a longer edge fits a shorter one.",
        3.5,
        "3 to 3.5 mm, shorter than for gathers: ease spreads without a fold."
    );

    /// <summary>The smock's sleeve head.</summary>
    private static RawInputs Sleeve { get; } =
        RawInputs.Of(
            ("flatStretch", "28.5 cm into 24 cm"),
            ("plainBefore", "6 cm"),
            ("plainAfter", "7 cm"),
            ("seamAllowance", "15 mm"),
            ("rows", "two-inside"),
            ("rowGap", 6),
            ("stitchLength", 4),
            ("clothThickness", 0.25),
            ("plainThickness", 0.5),
            ("tail", "10 cm"),
            ("clothWeight", 98),
            ("count", 2)
        );

    public static Technique Technique { get; } =
        new()
        {
            Name = "ease",
            Title = "easing between notches",
            Short = "Ease",
            Also = ["sleeve cap", "easing", "ease"],
            Kin = Category.Fullness,
            Says =
                "Drawing a slightly longer edge up to fit a shorter one: a sleeve cap, a shoulder, an elbow.",
            Cards = [Card],
            Process = new()
            {
                Begin = "Easing",
                Mark = EaseDrawing.Small(
                    "mark",
                    "Full between two notches, plain before and after.",
                    1.4
                ),
                Forward = new Calculation(
                    "",
                    "What to mark and sew between two notches",
                    EaseFields.All,
                    EaseFigures.All,
                    Sleeve,
                    EaseCalculator.Straight
                ),
                Inverses =
                [
                    SwatchForm.For(Card.Looks, countsSteamed: false, canPlan: false),
                    PulledHalfWay.Of(
                        EaseFields.All,
                        Sleeve,
                        ["5.9 cm", "6.1 cm"],
                        reader => EaseCalculator.Plan(reader)?.Plan
                    ),
                ],
                Groups =
                [
                    new(Asking.First, "", "flatStretch", "finishedEdge", "seamAllowance"),
                    new(Asking.Machine, "", "rows"),
                    new(Asking.Folded, "Plain on either side", "plainBefore", "plainAfter"),
                    new(
                        Asking.Folded,
                        "Fabric",
                        "weave",
                        "clothWeight",
                        "clothThickness",
                        "plainThickness"
                    ),
                    new(Asking.Folded, "Stitches", "rowGap", "stitchLength", "tail"),
                    FieldGroup.Alike,
                ],
                First = new(
                    "flatStretch",
                    "How long is the stretch, and what does it go into?",
                    "Measure both edges between the same two notches, and type them as you would say it: 28.5 cm into 24 cm."
                ),
                Stages = Process.StagesWithoutCut,
                Quality = new("as even as you spread it", true),
                Cautions = Safety.Gathers,
                Swatch = SwatchForm.Measured(sewn: "Eased"),
            },
        };
}
