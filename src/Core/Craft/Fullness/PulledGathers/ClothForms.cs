using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.PulledGathers.PulledGathersClothAnswer>;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>What the cloth there is allows: the greatest fullness, or the longest edge.</summary>
/// <remarks>
/// The straight form turned round. n strips across give n·W − 2j(n−1) − 2e (a ring n(W − 2j)), one along gives its length
/// in whole cutting steps less ends or joins; over F that is the greatest fullness, over r the longest edge. Asking the
/// straight form for exactly that takes no more cloth than there is.
/// </remarks>
/// <param name="GreatestFullness">Set when the edge was given.</param>
/// <param name="LongestEdge">Set when the fullness was given.</param>
/// <param name="Strips">How many strips the cloth holds.</param>
/// <param name="FlatEdge">The flat edge that these give; not below 0.</param>
/// <param name="ClothLeft">What is left of the length.</param>
internal sealed record PulledGathersClothAnswer(
    double? GreatestFullness,
    Length? LongestEdge,
    int Strips,
    Length FlatEdge,
    Length ClothLeft
) : Result
{
    private static readonly IReadOnlyList<Figure> Shared =
    [
        F.Count("stripCount", "How many strips the fabric holds.", a => a.Strips),
        F.Length("flatEdge", LengthKind.Whole, "The flat edge that they give.", a => a.FlatEdge),
        F.Marked("clothLeft", "What is left of the length.", a => a.ClothLeft),
    ];

    public static IReadOnlyList<Figure> OfFullness { get; } =
    [
        F.Ratio(
            "greatestFullness",
            "Asked of the straight form, it takes no more fabric than there is.",
            a => a.GreatestFullness!.Value
        ),
        .. Shared,
    ];

    public static IReadOnlyList<Figure> OfEdge { get; } =
    [
        F.Length(
            "longestEdge",
            LengthKind.AtMost,
            "Asked of the straight form, it takes no more fabric than there is.",
            a => a.LongestEdge!.Value
        ),
        .. Shared,
    ];

    public override IReadOnlyList<Figure> Figures => GreatestFullness is null ? OfEdge : OfFullness;
}

/// <summary>The two turned-round forms.</summary>
internal static class ClothForms
{
    private const double MostFullness = 6;

    private static readonly LengthField Cloth = FabricFields.AtHand with { IsNeeded = true };

    public static Calculation Fullness { get; } =
        new(
            "fullness-from-cloth",
            "The greatest fullness that the fabric there is allows",
            FieldsWithout(StripFields.Fullness),
            PulledGathersClothAnswer.OfFullness,
            PulledGathersExample.With(PulledGathersExample.Awning, "clothAtHand", "3.1 m"),
            GreatestFullness
        );

    public static Calculation Edge { get; } =
        new(
            "edge-from-cloth",
            "The longest edge that the fabric there is can be gathered to",
            FieldsWithout(StripFields.FinishedEdge),
            PulledGathersClothAnswer.OfEdge,
            PulledGathersExample.With(PulledGathersExample.Awning, "clothAtHand", "3.1 m"),
            LongestEdge
        );

    private static IReadOnlyList<Field> FieldsWithout(Field sought) =>
        [
            .. StripFields
                .All.Where(f => f != sought)
                .Select(f => f == FabricFields.AtHand ? Cloth : f),
        ];

    private static PulledGathersClothAnswer? GreatestFullness(InputReader reader)
    {
        var cloth = reader.Length(Cloth);
        if (StripInputs.Read(reader, fullness: 1) is not { } ask)
        {
            return null;
        }
        var (strips, flat) = StripReckon.Greatest(ask, cloth);
        var allowed = Math.Max(0, flat / ask.FinishedEdge);
        List<Finding> findings = [];
        if (allowed < 1)
        {
            findings.Add(TooLittle(ask, cloth, strips, reader.Ruler));
        }
        else if (allowed > MostFullness)
        {
            findings.Add(
                Finding.Note(
                    "more-than-needed",
                    $"The fabric would allow a fullness of {DecimalText.Write(allowed)}.",
                    "Over 6 the seam is too thick for any fabric.",
                    "Choose what the fabric's weight suggests, and keep the rest."
                )
            );
        }
        return Answer(ask, cloth, strips, flat, findings) with { GreatestFullness = allowed };
    }

    private static PulledGathersClothAnswer? LongestEdge(InputReader reader)
    {
        var cloth = reader.Length(Cloth);
        if (StripInputs.Read(reader, finishedEdge: StripFields.FinishedEdge.Least) is not { } ask)
        {
            return null;
        }
        var (strips, flat) = StripReckon.Greatest(ask, cloth);
        var longest = Length.Max(Length.Zero, flat / ask.Fullness);
        List<Finding> findings = [];
        if (longest == Length.Zero)
        {
            findings.Add(TooLittle(ask, cloth, strips, reader.Ruler));
        }
        return Answer(ask, cloth, strips, flat, findings) with { LongestEdge = longest };
    }

    private static PulledGathersClothAnswer Answer(
        StripInputs ask,
        Length cloth,
        int strips,
        Length flat,
        List<Finding> findings
    ) =>
        new(
            null,
            null,
            strips,
            Length.Max(Length.Zero, flat),
            ask.Along
                ? cloth - Rounding.Down(cloth, ask.CuttingStep)
                : cloth - strips * ask.CutDepth
        )
        {
            Findings = findings,
        };

    private static Finding TooLittle(StripInputs ask, Length cloth, int strips, Ruler ruler) =>
        Finding.Stop(
            "too-little-cloth",
            strips == 0
                ? $"{ruler.Mark(cloth)} of fabric does not hold one strip {ruler.Mark(ask.CutDepth)} deep."
                : $"{ruler.Mark(cloth)} of fabric does not reach along this edge even flat.",
            "A fullness of 1 is no gathers at all.",
            "Find more fabric, piece in another, or make it shorter or less deep."
        );
}
