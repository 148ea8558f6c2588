using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.PulledGathers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.MachineGathers;

/// <summary>Gathering by a foot and on the overlocker, as the rest of the program knows them.</summary>
public static class MachineGathersTechnique
{
    public static Technique GatheringFoot { get; } =
        Of(
            Kind.GatheringFoot,
            ["94 cm", "12 cm", "15 mm", "110 cm", "4 mm", "98"],
            differential: null
        );

    public static Technique Overlock { get; } =
        Of(Kind.Overlock, ["2.6 m", "28 cm", "1 cm", "138 cm", "4 mm", "140"], differential: 2);

    private static Technique Of(Kind kind, IReadOnlyList<string> of, double? differential)
    {
        var example = new Dictionary<string, RawValue>
        {
            ["finishedEdge"] = RawValue.Of(of[0]),
            ["finishedDepth"] = RawValue.Of(of[1]),
            ["seamAllowance"] = RawValue.Of(of[2]),
            ["hemAllowance"] = RawValue.Of("2 cm"),
            ["clothWidth"] = RawValue.Of(of[3]),
            ["stitchLength"] = RawValue.Of(of[4]),
            ["tensionSteps"] = RawValue.Of(1),
            ["clothWeight"] = RawValue.Of(
                double.Parse(of[5], System.Globalization.CultureInfo.InvariantCulture)
            ),
            ["assurance"] = RawValue.Of(0.9),
        };
        if (differential is { } d)
        {
            example["differential"] = RawValue.Of(d);
        }
        var ask = new RawAsk(example);
        return new Technique(
            kind.Name,
            kind.Title,
            kind.Says,
            1,
            new Form(
                "",
                "What to cut, mark and sew, and how sure that is",
                Fields.All(kind.Family),
                Answer.Figures,
                ask,
                reader => Reckon.Straight(reader, kind)
            ),
            [
                ClothForm.For(kind, ask),
                ClothForm.Sure(kind, ask),
                SwatchForm.For(CardTechniques.Named(kind.Name)!.Looks),
                HalfWayForm.For(kind, ask),
            ],
            PulledGathersTechnique.Scale(),
            (then, now) =>
                Reckon.Straight(then, kind) is { } was && Reckon.Straight(now, kind) is { } isNow
                    ? PiecedReckoning.Compare(was, isNow, now.Ruler)
                    : null,
            reckoned =>
                reckoned is Answer a
                    ? new Portrait(
                        a.Ask.Piece.FinishedEdge,
                        a.Ask.Reading.Prediction.Mid,
                        a.ClothToBuy,
                        a.ThreadTotal
                    )
                    : null,
            kind.Family
        );
    }
}
