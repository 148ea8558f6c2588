using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Inputs.OptionalLength;

namespace ZephyrReach.Core.Craft.Edges.Bias;

/// <summary>What an ask may say of strips that cover a cord: how they are cut, and from what.</summary>
internal static class BiasFields
{
    public const string Strips = "strips";
    public const string Continuous = "continuous";
    public const string Better = "better";
    public const string FromRemnant = "remnant";
    public const string Corner = "corner";

    public static LengthField ClothWidth { get; } =
        Mm("clothWidth", "Usable fabric width", 50, 10_000, 1380)
            .Help("The fabric between its selvedges.")
            .From("cloth.usableWidth");

    public static LengthField ClothAtHand { get; } =
        Mm("clothAtHand", "Fabric length you have", 1, 1e6)
            .Help("How much length of it, when it is owned already.")
            .From("cloth.lengthLeft");

    public static LengthField JoinAllowance { get; } =
        Mm("joinAllowance", "Seam allowance between strips", 0, 100, 8)
            .Help("Seam allowance at each end where strips are joined.");

    public static ChoiceField Method { get; } =
        new ChoiceField(
            "method",
            "Cut bias strips",
            [
                new(Better, "recommended", "Whichever costs less, by fabric and joins."),
                new(
                    Strips,
                    "single strips, joined",
                    "From selvedge to selvedge, and joined on the slant."
                ),
                new(Corner, "one, from a corner", "Where it is short enough: no join at all."),
                new(Continuous, "continuous bias", "From a square sewn to a tube: one long strip."),
                new(FromRemnant, "from an offcut", "Of any shape: the longest pieces first."),
            ],
            Better,
            false
        ).Help("Each way is calculated on your fabric, side by side.");

    public static ChoiceField Grain { get; } =
        new ChoiceField(
            "grain",
            "Strip grain",
            [
                new("bias", "bias", "At 45°: it turns corners and curves."),
                new("other", "other angle", "Gives less; saves fabric on a stripe."),
                new("straight", "straight grain", "Only where every edge is straight."),
            ],
            "bias",
            false
        )
        {
            ShownWhen = new("method", Continuous, Not: true),
        }.Help("Which way on the fabric.");

    public static NumberField Angle { get; } =
        new NumberField("angle", "Angle to the selvedge", 20, 70, 45, false)
            .Help("45 is the true bias.")
            .Unit("°")
            .Step(5)
            .When("grain", "other");

    public static LengthField StepUp { get; } =
        LengthField
            .Fine("stepUp", "Round strip width up to", 0.1, 20)
            .Help(
                "Their width is rounded up to it: a millimetre, or what your tape marks, where nothing is entered."
            )
            .Optional();

    public static LengthField RemnantWidth { get; } =
        Mm("remnantWidth", "Offcut width", 20, 5000).Help("Across its grain.");

    public static LengthField RemnantHeight { get; } =
        Mm("remnantHeight", "Offcut length", 20, 5000).Help("Along its grain.");

    private static LengthField X { get; } =
        Mm("x", "From the left", 0, 5000) with
        {
            IsNeeded = true,
        };

    private static LengthField Y { get; } =
        Mm("y", "From the top", 0, 5000) with
        {
            IsNeeded = true,
        };

    public static GroupsField RemnantCorners { get; } =
        new GroupsField("remnantCorners", "Offcut corners", [X, Y], 12).Help(
            "If it isn’t a rectangle: each corner in order, measured from the left and from the top, grain running up."
        );

    /// <summary>How the strips are cut.</summary>
    public static IReadOnlyList<string> Cutting { get; } = [Method.Name, Grain.Name, Angle.Name];

    /// <summary>The cloth they are cut from.</summary>
    public static IReadOnlyList<string> Cloth { get; } =
    [ClothWidth.Name, ClothAtHand.Name, JoinAllowance.Name, StepUp.Name];

    /// <summary>The remnant they are cut from.</summary>
    public static IReadOnlyList<string> OfRemnant { get; } =
    [RemnantWidth.Name, RemnantHeight.Name, RemnantCorners.Name];

    public static IReadOnlyList<Field> All { get; } =
    [
        ClothWidth,
        ClothAtHand,
        JoinAllowance,
        Method,
        Grain,
        Angle,
        StepUp,
        RemnantWidth,
        RemnantHeight,
        RemnantCorners,
    ];

    /// <summary>The step that the width of strips is rounded up to.</summary>
    public static Length ReadStep(InputReader reader) =>
        reader.OptionalLength(StepUp)
        ?? (
            reader.Ruler.Units == UnitSystem.Metric
                ? Length.FromMillimetres(1)
                : reader.Ruler.Marking
        );

    /// <summary>The angle between strips and selvedge that an ask says, in degrees.</summary>
    public static double ReadAngle(InputReader reader)
    {
        var angle = reader.OptionalNumber(Angle) ?? 45;
        return reader.ChoiceOrStart(Grain) switch
        {
            "straight" => 90,
            "other" => angle,
            _ => 45,
        };
    }

    /// <summary>The shape of a remnant; null where none is said.</summary>
    public static IReadOnlyList<Point>? ReadRemnant(InputReader reader)
    {
        var (width, height) = (
            reader.OptionalLength(RemnantWidth),
            reader.OptionalLength(RemnantHeight)
        );
        var corners = reader
            .Groups(RemnantCorners)
            .Select(c => new Point(c.Length(X), c.Length(Y)))
            .ToList();
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (corners.Count > 0)
        {
            if (corners.Count < 3)
            {
                reader.Contradiction(RemnantCorners, "A offcut has three corners or more.");
                return null;
            }
            if (Paths.Area.Wrong(Path.Of(true, corners)) is { } wrong)
            {
                reader.Contradiction(RemnantCorners, wrong);
                return null;
            }
            return corners;
        }
        return width is { } w && height is { } h
            ? [Point.At(0, 0), new(w, Length.Zero), new(w, h), new(Length.Zero, h)]
            : null;
    }
}
