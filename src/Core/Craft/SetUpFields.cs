using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft;

/// <summary>What plans ask of the foot, the plate and the needle, wherever a stitch swings between them.</summary>
public static class SetUpFields
{
    /// <param name="start">What is usual for the feet that serve; null where nothing is.</param>
    public static LengthField FootOpening(double? start) =>
        LengthField
            .Fine("footOpening", "Needle opening", 0.5, 20, start)
            .Help("In the foot.")
            .Optional()
            .From("foot.opening");

    public static LengthField PlateOpening { get; } =
        LengthField
            .Fine("plateOpening", "Needle-plate opening", 0.5, 20)
            .Help("The slot in the needle plate.")
            .Optional()
            .From("machine.plateOpening");

    public static NumberField NeedleSize { get; } =
        new NumberField("needleSize", "Needle", 60, 120, 80, false)
            .Help("Its size, in hundredths of a mm.")
            .From("needle.size")
            .Unit("NM")
            .Step(5);

    public static NumberField TensionSteps { get; } =
        new NumberField("tensionSteps", "Tension", -6, 6, 1, false)
            .Help("Needle tension in steps from this machine's normal; tighter is above 0.")
            .Unit("steps");

    /// <summary>The widest stitch that these let through, by <see cref="Clearance"/>; null where none is safe.</summary>
    /// <param name="machine">The machine's widest stitch.</param>
    /// <param name="openings">Of foot and plate; null is not known, and bounds nothing.</param>
    /// <param name="size">The needle's size, NM.</param>
    /// <param name="pair">The spacing of a pair; zero for one needle.</param>
    public static Length? Widest(
        Length machine,
        IEnumerable<Length?> openings,
        double size,
        Length pair = default
    ) => Clearance.Widest(machine, openings, Length.FromMillimetres(size / 100), pair);

    /// <summary>
    /// How wide a stitch may be set with one needle: the machine's widest where no opening is known, zero where none is safe.
    /// </summary>
    public static Length Safe(Length machine, IReadOnlyCollection<Length?> openings, double size) =>
        openings.All(o => o is null) ? machine : Widest(machine, openings, size) ?? Length.Zero;
}
