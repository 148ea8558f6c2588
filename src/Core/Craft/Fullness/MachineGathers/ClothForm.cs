using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>The longest edge that the cloth there is reaches with the assurance.</summary>
internal sealed record MachineGathersClothAnswer(
    Length LongestEdge,
    int StripCount,
    Length FlatEdge
) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        Figure<MachineGathersClothAnswer>.Length(
            "longestEdge",
            LengthKind.AtMost,
            "The edge that the fabric reaches with the assurance.",
            a => a.LongestEdge
        ),
        Figure<MachineGathersClothAnswer>.Count(
            "stripCount",
            "How many strips the fabric holds.",
            a => a.StripCount
        ),
        Figure<MachineGathersClothAnswer>.Length(
            "flatEdge",
            LengthKind.Whole,
            "The flat edge that they give.",
            a => a.FlatEdge
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;
}

/// <summary>How sure it is that the cloth there is will be enough.</summary>
internal sealed record SureAnswer(double Assurance, Length FlatEdge) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        Figure<SureAnswer>.Ratio(
            "assurance",
            "How sure it is that the fabric is enough, 0 to 1.",
            a => a.Assurance
        ),
        Figure<SureAnswer>.Text(
            "assuranceSays",
            "The same in words.",
            a => Certainty.Says(a.Assurance)
        ),
        Figure<SureAnswer>.Length(
            "flatEdge",
            LengthKind.Whole,
            "The flat edge that the fabric gives.",
            a => a.FlatEdge
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;
}

/// <summary>The straight form turned round: given the cloth, the edge.</summary>
/// <remarks>The greatest flat edge T that the cloth gives, less what is trimmed, over the quantile: F = (T − trim)/q.</remarks>
internal static class ClothForm
{
    private static readonly LengthField Cloth = FabricFields.AtHand with { IsNeeded = true };

    public static Calculation For(Kind kind, RawInputs example) =>
        new(
            "edge-from-cloth",
            "The longest edge that the fabric there is reaches",
            [
                .. MachineGathersFields
                    .All(kind.Family)
                    .Where(f => f.Name != StripFields.FinishedEdge.Name && f.Name != Cloth.Name),
                Cloth,
            ],
            MachineGathersClothAnswer.Told,
            example.With(Cloth.Name, RawValue.Of("3.1 m")),
            reader => Work(reader, kind)
        );

    /// <summary>Given the edge and the cloth, how sure: P(r ≤ (T − trim)/F).</summary>
    public static Calculation Sure(Kind kind, RawInputs example) =>
        new(
            "assurance-from-cloth",
            "How sure it is that the fabric there is will be enough",
            [
                .. MachineGathersFields
                    .All(kind.Family)
                    .Where(f => f.Name != Certainty.Field.Name && f.Name != Cloth.Name),
                Cloth,
            ],
            SureAnswer.Told,
            example.Without("assurance").With(Cloth.Name, RawValue.Of("1.6 m")),
            reader =>
            {
                var cloth = reader.Length(Cloth);
                if (MachineGathersInputs.Read(reader, kind.Family) is not { } ask)
                {
                    return null;
                }
                var (_, flat) = StripReckon.Greatest(ask.Piece, cloth);
                var sure = ask.Reading.Prediction.SureOf(
                    Math.Max(0, (flat - ask.Trim) / ask.Piece.FinishedEdge)
                );
                return new SureAnswer(sure, Length.Max(Length.Zero, flat))
                {
                    Findings =
                        sure >= 0.5
                            ? []
                            :
                            [
                                new Finding(
                                    "cloth-doubtful",
                                    sure < 0.05 ? Severity.Stop : Severity.Care,
                                    $"The fabric there is will be enough with {Certainty.Says(sure)}.",
                                    "What the machine gathers cannot be pulled to fit.",
                                    "Shorten the stitch or loosen the tension for less fullness, or find more fabric."
                                ),
                            ],
                };
            }
        );

    private static MachineGathersClothAnswer? Work(InputReader reader, Kind kind)
    {
        var cloth = reader.Length(Cloth);
        if (
            MachineGathersInputs.Read(reader, kind.Family, Length.FromMillimetres(1000))
            is not { } ask
        )
        {
            return null;
        }
        var (strips, flat) = StripReckon.Greatest(ask.Piece, cloth);
        var edge = (flat - ask.Trim) / ask.Reading.Prediction.At(ask.Reading.Assurance);
        return new MachineGathersClothAnswer(
            Length.Max(Length.Zero, edge),
            strips,
            Length.Max(Length.Zero, flat)
        )
        {
            Findings =
                edge > Length.Zero
                    ? []
                    :
                    [
                        Finding.Stop(
                            "cloth-short",
                            "The fabric there is holds no strip for this.",
                            "Each strip is as deep as the piece with its allowances, and some is trimmed.",
                            "Find more fabric, or make it less deep."
                        ),
                    ],
        };
    }
}
