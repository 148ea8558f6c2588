using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using Strip = ZephyrReach.Core.Craft.PulledGathers.Fields;
using Strips = ZephyrReach.Core.Craft.PulledGathers.Reckon;

namespace ZephyrReach.Core.Craft.MachineGathers;

/// <summary>The longest edge that the cloth there is reaches with the assurance.</summary>
internal sealed record ClothAnswer(Length LongestEdge, int StripCount, Length FlatEdge) : Reckoning
{
    public static IReadOnlyList<Figure> Figures { get; } =
    [
        new(
            "longestEdge",
            FigureShape.Length,
            "The edge that the cloth reaches with the assurance."
        ),
        new("stripCount", FigureShape.Count, "How many strips the cloth holds."),
        new("flatEdge", FigureShape.Length, "The flat edge that they give."),
    ];

    public override void Tell(IFigures figures)
    {
        figures.Length("longestEdge", LongestEdge, LengthKind.Marked);
        figures.Count("stripCount", StripCount);
        figures.Length("flatEdge", FlatEdge, LengthKind.Marked);
    }
}

/// <summary>The straight form turned round: given the cloth, the edge.</summary>
/// <remarks>The greatest flat edge T that the cloth gives, less what is trimmed, over the quantile: F = (T − trim)/q.</remarks>
internal static class ClothForm
{
    private static readonly LengthField Cloth = Strip.ClothAtHand with { IsNeeded = true };

    public static Form For(Kind kind, RawAsk example) =>
        new(
            "edge-from-cloth",
            "The longest edge that the cloth there is reaches",
            [
                .. Fields
                    .All(kind.Family)
                    .Where(f => f.Name != Strip.FinishedEdge.Name && f.Name != Cloth.Name),
                Cloth,
            ],
            ClothAnswer.Figures,
            example.With(Cloth.Name, RawValue.Of("3.1 m")),
            reader => Work(reader, kind)
        );

    private static ClothAnswer? Work(AskReader reader, Kind kind)
    {
        var cloth = reader.Length(Cloth);
        if (Ask.Read(reader, kind.Family, Length.FromMillimetres(1000)) is not { } ask)
        {
            return null;
        }
        var (strips, flat) = Strips.Greatest(ask.Piece, cloth / ask.Layers);
        var edge = (flat - ask.Trim) / ask.Reading.Prediction.At(ask.Reading.Assurance);
        return new ClothAnswer(Length.Max(Length.Zero, edge), strips, Length.Max(Length.Zero, flat))
        {
            Findings =
                edge > Length.Zero
                    ? []
                    :
                    [
                        new Finding(
                            "cloth-short",
                            Severity.Stop,
                            "The cloth there is holds no strip for this.",
                            "Each strip is as deep as the piece with its allowances, and some is trimmed.",
                            "Find more cloth, or make it less deep."
                        ),
                    ],
        };
    }
}
