using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.PulledGathers;

namespace ZephyrReach.Core.Craft.TuckedRuffle;

/// <summary>A ruffle in small folds, as the rest of the program knows it.</summary>
public static class TuckedRuffleTechnique
{
    public static Technique Technique { get; } =
        new(
            "tucked-ruffle",
            "ruffle in small folds",
            "An arm on the needle clamp pushes a bite of cloth under the needle every so many stitches: small even folds.",
            1,
            new Form(
                "",
                "What to cut, and how the attachment is set",
                Fields.All,
                Answer.Figures,
                Example.All,
                Reckon.Straight
            ),
            [
                TurnedForms.FromCloth,
                SwatchForm.For(CardTechniques.Named("tucked-ruffle")!.Looks),
                TurnedForms.HalfWay,
            ],
            PulledGathersTechnique.Scale(),
            (then, now) =>
                Reckon.Straight(then) is { } was && Reckon.Straight(now) is { } isNow
                    ? PiecedReckoning.Compare(was, isNow, now.Ruler)
                    : null,
            reckoned =>
                reckoned is Answer a
                    ? new Portrait(
                        a.Ask.Strip.FinishedEdge,
                        a.Ask.Fullness,
                        a.Strips.ClothToBuy,
                        a.ThreadTotal
                    )
                    : null
        );
}
