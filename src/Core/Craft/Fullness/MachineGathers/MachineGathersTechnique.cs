using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>Gathering by a foot and on the overlocker, as the rest of the program knows them.</summary>
public static class MachineGathersTechnique
{
    public static Technique GatheringFoot { get; } =
        Of(
            Kind.GatheringFoot,
            GatheringFootCard.Technique,
            ("Gathering foot", "Gathering with a gathering foot"),
            InShort.Mark("Gathers as they leave a foot, held by one row.", 1.7, 7, 11),
            RawInputs.Of(
                ("finishedEdge", "94 cm"),
                ("finishedDepth", "12 cm"),
                ("seamAllowance", "15 mm"),
                ("hemAllowance", "2 cm"),
                ("clothWidth", "110 cm"),
                ("stitchLength", "4 mm"),
                ("tensionSteps", 1),
                ("clothWeight", 98),
                ("assurance", 0.9)
            )
        );

    public static Technique Overlock { get; } =
        Of(
            Kind.Overlock,
            OverlockGathersCard.Technique,
            ("Overlocker", "Gathering on the overlocker"),
            InShort.Mark("Gathers under an overlocked edge.", 1.9, 8, 8, 10, 12),
            RawInputs.Of(
                ("finishedEdge", "2.6 m"),
                ("finishedDepth", "28 cm"),
                ("seamAllowance", "1 cm"),
                ("hemAllowance", "2 cm"),
                ("clothWidth", "138 cm"),
                ("stitchLength", "4 mm"),
                ("tensionSteps", 1),
                ("clothWeight", 140),
                ("assurance", 0.9),
                ("differential", 2)
            )
        );

    private static Technique Of(
        Kind kind,
        CardTechnique card,
        (string Short, string Begin) names,
        Drawing mark,
        RawInputs example
    )
    {
        IReadOnlyList<string> knobs = kind.Family.Knobs.HasFlag(Knobs.Differential)
            ? ["stitchLength", "tensionSteps", "differential", "passes"]
            : ["stitchLength", "tensionSteps", "passes", "screwTurns", "heldBack"];
        return new()
        {
            Name = kind.Name,
            Title = kind.Title,
            Short = names.Short,
            Also = kind.Also,
            Kin = Category.Fullness,
            Says = kind.Says,
            Cards = [card],
            Process = new()
            {
                Begin = names.Begin,
                Mark = mark,
                Forward = new Calculation(
                    "",
                    "What to cut, mark and sew, and how sure that is",
                    MachineGathersFields.All(kind.Family),
                    MachineGathersFigures.All,
                    example,
                    reader => MachineGathersCalculator.Straight(reader, kind)
                ),
                Inverses =
                [
                    ClothForm.For(kind, example),
                    ClothForm.Sure(kind, example),
                    SwatchForm.For(card.Looks, countsSteamed: false, canPlan: false),
                    HalfWayForm.For(kind, example),
                    StripBecomes.For(
                        MachineGathersFields.All(kind.Family),
                        StripFields.FinishedEdge,
                        example,
                        reader =>
                            MachineGathersInputs
                                .Read(reader, kind.Family, StripFields.FinishedEdge.Least)
                                ?.Reading,
                        kind.Knife
                    ),
                ],
                Groups =
                [
                    FullnessGroups.Strip,
                    new(Asking.Machine, "", ["closed", "doubled", .. knobs, "assurance"]),
                    new(Asking.Cut, "", "assurance"),
                    FullnessGroups.Cloth,
                    FullnessGroups.Joining,
                    new(
                        Asking.Folded,
                        "Find the stitch for a fullness",
                        "targetFullness",
                        "minStitchLength",
                        "maxStitchLength"
                    ),
                    StripBecomes.Group,
                    FieldGroup.Alike,
                ],
                First = FullnessGroups.Edge,
                Allows =
                [
                    StripBecomes.Asked,
                    new(
                        "assurance-from-cloth",
                        "clothAtHand",
                        "assuranceSays",
                        "this edge, with",
                        "",
                        "assurance"
                    ),
                    new(
                        "edge-from-cloth",
                        "clothAtHand",
                        "longestEdge",
                        "or, as sure as asked, an edge of",
                        "finishedEdge"
                    ),
                ],
                Uses = ["foot", "thread"],
                Quality = new("even, if you don’t pull the fabric", false),
                AsWay = kind.Knife ? MachineWays.ByOverlocker(kind) : MachineWays.ByFoot(kind),
                Cautions = kind.Cautions,
                Swatch = SwatchForm.Measured(kind.Family),
                Compare = (then, now, ruler) =>
                    SinceCut.Between(
                        ((MachineGathersPlan)then).Strips,
                        ((MachineGathersPlan)now).Strips,
                        ruler
                    ),
            },
        };
    }
}
