using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.PulledGathers;

/// <summary>Gathering by pulled threads, as the rest of the program knows it.</summary>
public static class PulledGathersTechnique
{
    private const double LeastOnScale = 1;
    private const double MostOnScale = 4;

    public static Technique Technique { get; } =
        new(
            "pulled-gathers",
            "gathered by pulled threads",
            "A longer edge drawn up evenly to fit a shorter one: tiers, sleeve heads, frills, curtains, valances.",
            1,
            new Form(
                "",
                "What to cut, mark and sew",
                Fields.All,
                AnswerFigures.All,
                Example.Awning,
                Reckon.Straight
            ),
            [
                ClothForms.Fullness,
                ClothForms.Edge,
                SwatchForm.For(Judgement.Looks),
                HalfWayForm.Form,
            ],
            Scale(),
            Compare,
            reckoned =>
                reckoned is Answer a
                    ? new Portrait(
                        a.Ask.FinishedEdge,
                        a.AchievedFullness,
                        a.ClothToBuy,
                        a.ThreadTotal
                    )
                    : null
        );

    private static Craft.Comparison? Compare(AskReader then, AskReader now) =>
        Reckon.Straight(then) is { } was && Reckon.Straight(now) is { } isNow
            ? Comparison.Between(was, isNow, now.Ruler)
            : null;

    /// <summary>From scant to lavish: waves one after the other, each as full as its place on the scale.</summary>
    internal static Drawing Scale()
    {
        const int waves = 30;
        var step = Length.FromMillimetres(10);
        var slopeAtMost = Wave.SlopeFor(MostOnScale);
        List<Shape> shapes = [];
        for (var i = 0; i < waves; i++)
        {
            var fullness = LeastOnScale + (i + 0.5) / waves * (MostOnScale - LeastOnScale);
            var slope = Wave.SlopeFor(fullness);
            var wave = new Wave(
                new Point(step * i, Length.Zero),
                step,
                1,
                step * (slope / (2 * Math.PI))
            );
            shapes.Add(new GatheredCloth(wave.From, Length.Zero, wave));
        }
        foreach (
            var (name, fullness) in new[]
            {
                ("scant", 1.35),
                ("easy", 1.85),
                ("full", 2.5),
                ("lavish", 3.4),
            }
        )
        {
            var x = step * (waves * (fullness - LeastOnScale) / (MostOnScale - LeastOnScale));
            shapes.Add(new Words(new Point(x, Length.Zero), name));
        }
        return new Drawing(
            "scale",
            "From scant to lavish",
            "A wave that grows from flat at fullness 1 to crowded at fullness 4.",
            step * waves,
            step * (slopeAtMost / Math.PI),
            shapes,
            false
        );
    }
}
