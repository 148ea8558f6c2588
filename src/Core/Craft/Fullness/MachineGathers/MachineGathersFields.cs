using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>What an ask for gathers made by the machine may say.</summary>
internal static class MachineGathersFields
{
    /// <summary>Workshop rule, in g/m²: heavier cloth hardly gathers between two stitches.</summary>
    public const double Heavy = 200;

    public static LengthField TrimAllowance { get; } =
        LengthField
            .Mm("trimAllowance", "Extra to trim off", 0, 2000, 30)
            .Optional()
            .Help("Cut longer by this, and trimmed once it is sewn.");

    public static NumberField Layers { get; } = PullUpFields.Layers;

    public static FlagField JoinFlat { get; } =
        new FlagField("joinFlat", "Sew it on while gathering").Help(
            "Whether a flat upper layer is sewn on in the same pass, through the slot."
        );

    public static NumberField ClothWeight { get; } = FabricFields.LayerWeight;

    /// <summary>Every field of the straight form.</summary>
    public static IReadOnlyList<Field> All(PullUpFamily family) =>
        [
            StripFields.FinishedEdge,
            .. StripReading.Fields,
            TrimAllowance,
            Layers,
            JoinFlat,
            PullUpFields.StitchLength,
            SetUpFields.TensionSteps with
            {
                Start = family == PullUpFamily.GatheringFoot ? 1.5 : 1,
            },
            PullUpFields.Passes,
            .. family.Knobs.HasFlag(Knobs.Differential)
                ? new[] { PullUpFields.Differential with { Start = 2 } }
                : [],
            .. family.Knobs.HasFlag(Knobs.Screw) ? new Field[] { PullUpFields.ScrewTurns } : [],
            .. family.Knobs.HasFlag(Knobs.HoldingBack) ? new Field[] { PullUpFields.HeldBack } : [],
            StripBecomes.There,
            ClothWeight,
            .. PullUpFields.Beside,
        ];
}
