using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>Shirring with elastic thread, as the rest of the program knows it.</summary>
public static class ShirringTechnique
{
    public static Technique Technique { get; } =
        new()
        {
            Name = "shirring",
            Title = "shirred with elastic thread",
            Short = "Shirring",
            Also = ["elastic", "elastic thread", "bodice", "smocked look", "ruched trim"],
            Kin = Category.Fullness,
            Says = ShirringCard.Technique.Says,
            Cards = [ShirringCard.Technique, LooperCard.Technique],
            CardFor = ask =>
                PullUpFields.ElasticOf(new InputReader(ask, Ruler.Metric))
                == PullUpFamily.ElasticInLooper
                    ? LooperCard.Technique
                    : ShirringCard.Technique,
            Process = new()
            {
                Begin = "Shirring with elastic thread",
                Mark = InShort.Mark(
                    "A panel drawn up by close rows of elastic.",
                    2,
                    9,
                    12,
                    18,
                    24,
                    30,
                    36
                ),
                Forward = new Calculation(
                    "",
                    "What to cut and wind, and before which row the bobbin runs out",
                    ShirringFields.All,
                    ShirringFigures.All,
                    ShirringExample.Smock,
                    ShirringCalculator.Straight
                ),
                Inverses =
                [
                    ShirringInverses.FromCloth,
                    SwatchForm.For(
                        ShirringCard.Technique.Looks,
                        countsSteamed: true,
                        canPlan: true
                    ),
                    ShirringInverses.HalfWay,
                    StripBecomes.For(
                        ShirringFields.All,
                        ShirringFields.RelaxedWidth,
                        ShirringExample.Smock,
                        reader => ShirringInputs.Read(reader)?.Reading
                    ),
                    RuchedStrip.Form,
                ],
                Allows = [StripBecomes.Asked, RuchedStrip.Asked],
                Groups =
                [
                    new(
                        Asking.First,
                        "",
                        "relaxedWidth",
                        "fullness",
                        "panelHeight",
                        "topMargin",
                        "bottomMargin",
                        "rowGap",
                        "seamAllowance",
                        "edgeAllowance",
                        "stitchLength",
                        "tensionSteps",
                        "differential",
                        "elasticDiameter"
                    ),
                    new(
                        Asking.Machine,
                        "",
                        "layout",
                        "rowsOver",
                        "plainWidth",
                        "stitch",
                        "assurance"
                    ),
                    new(
                        Asking.Folded,
                        "How the rows run",
                        "rowShape",
                        "rowAngle",
                        "waveHeight",
                        "waveLength",
                        "neckRadius",
                        "footEdge"
                    ),
                    new(Asking.Cut, "", "assurance"),
                    new(Asking.Folded, "Body measurements", "bodyMeasure", "mustPassOver"),
                    new(Asking.Folded, "Elastic", "elasticFactor", "bobbinCapacity", "tail"),
                    new(Asking.Folded, "Fabric", "clothWeight", "clothThickness", "clothWidth"),
                    new(
                        Asking.Folded,
                        "Machine’s stitch range",
                        "minStitchLength",
                        "maxStitchLength"
                    ),
                    StripBecomes.Group,
                    RuchedStrip.Group,
                    FieldGroup.Alike,
                ],
                First = new(
                    "relaxedWidth",
                    "How wide is the panel at rest?",
                    "Measure where it sits and take a little off: nine tenths of the body measure is usual. Then say how high it is."
                ),
                Uses = ["foot", "elastic", "thread"],
                Quality = new("even, if you stretch every row equally", false),
                AsWay = ElasticWay.AsWay,
                Cautions = Hazards.All,
                Swatch = SwatchForm.Measured(PullUpFamily.Elastic, "Drawn up") with
                {
                    Drawn = null,
                    Features = [.. PullUpFields.Features, PullUpFields.ElasticIn],
                    Knobs = PullUpLearnt.KnobsOf(PullUpFamily.ElasticInLooper),
                    Teaches = [PullUpLearnt.Of(PullUpFamily.Elastic.Name, PullUpFields.ElasticOf)],
                },
            },
        };
}
