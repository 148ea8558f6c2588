using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.FoldedRibbon.RunFromRibbon>;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>The run that the ribbon there is goes along: X = (R/bands − 2 · tail)/√2.</summary>
internal sealed record RunFromRibbon(Length LongestRun) : Result
{
    private static readonly LengthField Ribbon = FoldedRibbonFields.RibbonAtHand with
    {
        IsNeeded = true,
    };

    public static IReadOnlyList<Figure> Told { get; } =
    [F.Marked("longestRun", "The longest line that it covers.", a => a.LongestRun)];

    public override IReadOnlyList<Figure> Figures => Told;

    public static Calculation Form { get; } =
        new(
            "run-from-ribbon",
            "From the ribbon there is: the longest line",
            [
                .. FoldedRibbonFields.All.Where(f =>
                    f.Name != Ribbon.Name && f.Name != FoldedRibbonFields.Run.Name
                ),
                Ribbon,
            ],
            Told,
            FoldedRibbonTechnique.Example.Without("run").With("ribbonAtHand", RawValue.Of("2.5 m")),
            reader =>
            {
                var ribbon = reader.Length(Ribbon);
                if (FoldedRibbonInputs.Read(reader, Length.FromMillimetres(10)) is not { } ask)
                {
                    return null;
                }
                var run = (ribbon / (ask.Bands * ask.Together.Count) - 2 * ask.Tail) / Math.Sqrt(2);
                if (run <= Length.Zero)
                {
                    reader.Contradiction(Ribbon, "Both ends that are tucked under take all of it.");
                    return null;
                }
                return new RunFromRibbon(run) { Findings = [] };
            }
        );
}

/// <summary>Ribbon laid in folds, as the rest of the program knows it.</summary>
internal static class FoldedRibbonTechnique
{
    /// <summary>The band across the end of the tea-tent runner.</summary>
    public static RawInputs Example { get; } =
        RawInputs.Of(
            ("run", "42 cm"),
            ("ribbonWidth", 5),
            ("legAdvance", 12),
            ("tail", "20 mm"),
            ("bands", 2),
            ("bandGap", 0),
            ("stitchLength", 2)
        );

    /// <summary>Its hazards.</summary>
    public static IReadOnlyList<Caution> Hazards { get; } =
    [Safety.Needle, Safety.Iron, Fingers, Safety.Cords];

    private static Caution Fingers =>
        new(
            "fingers",
            "The ribbon is folded beside the needle: foot off the pedal at every fold, and a bodkin instead of a finger.",
            Stage.Sew
        );

    public static Technique Technique { get; } =
        new()
        {
            Name = FoldedRibbonCard.Technique.Name,
            Title = FoldedRibbonCard.Technique.Title,
            Short = "Folded ribbon",
            Also = ["ribbon", "trim", "points"],
            Kin = Category.Rows,
            Says = FoldedRibbonCard.Technique.Says,
            Cards = [FoldedRibbonCard.Technique],
            Process = new()
            {
                Begin = "Zigzag-folded ribbon trim",
                Mark = RibbonDrawing.Picture("mark", "A ribbon folded back and forth.", 1),
                Forward = new Calculation(
                    "",
                    "What ribbon to buy, and where to fold it",
                    FoldedRibbonFields.All,
                    FoldedRibbonFigures.All,
                    Example,
                    FoldedRibbonPlan.Of
                ),
                Inverses = [RunFromRibbon.Form, RibbonSwatch.Form],
                Groups =
                [
                    new(Asking.First, "", "run", "ribbonWidth", "legAdvance", "bands", "bandGap"),
                    new(
                        Asking.Machine,
                        "",
                        "stopsItself",
                        "stitchLength",
                        "longestStitch",
                        "program",
                        "footAsked"
                    ),
                    new(Asking.Folded, "Ends and ribbon", "tail", "ribbonColour", "ribbonAtHand"),
                    new(Asking.Folded, "Fabric", "clothThickness"),
                    FieldGroup.Alike,
                ],
                First = new(
                    "run",
                    "How long is the line?",
                    "From end to end of the band. Then say how wide the ribbon is, and how far each fold goes on."
                ),
                Allows =
                [
                    new(
                        "run-from-ribbon",
                        "ribbonAtHand",
                        "longestRun",
                        "This ribbon is enough for",
                        "run",
                        "run"
                    ),
                ],
                Stages = Process.StagesWithoutCut,
                Uses = ["foot", "ribbon", "thread"],
                Quality = new("as even as the count", false),
                Cautions = Hazards,
                Swatch = RibbonSwatch.Described,
            },
        };
}
