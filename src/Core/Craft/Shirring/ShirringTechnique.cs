using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.PulledGathers;
using ZephyrReach.Core.Swatches.PullUp;

namespace ZephyrReach.Core.Craft.Shirring;

/// <summary>Shirring with elastic thread, as the rest of the program knows it.</summary>
public static class ShirringTechnique
{
    public static Technique Technique { get; } =
        new(
            "shirring",
            "shirred with elastic thread",
            "Close rows with elastic in the bobbin: a panel that draws in and stretches back.",
            1,
            new Form(
                "",
                "What to cut and wind, and before which row the bobbin runs out",
                Fields.All,
                Answer.Figures,
                Example.Smock,
                Reckon.Straight
            ),
            [
                TurnedForms.FromCloth,
                SwatchForm.For(CardTechniques.Named("shirring")!.Looks),
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
                        a.Ask.RelaxedWidth,
                        a.Ask.Fullness,
                        a.Ask.PanelHeight,
                        1.15 * a.NeedleThread
                    )
                    : null,
            PullUpFamily.Elastic
        );
}
