using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.TuckedRuffle.DepthAnswer>;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>What the cloth there is, or what is sewn already, leaves for the folds.</summary>
/// <param name="Fullness">The fullness that fits.</param>
/// <param name="Depth">The depth of a fold that gives it; nothing where it would have to be below 0.</param>
internal sealed record DepthAnswer(double Fullness, Length Depth) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio("fullness", "The fullness that fits.", a => a.Fullness),
        F.Fine("tuckDepth", "The depth of a fold that gives it.", a => a.Depth),
        F.Length("should", LengthKind.Marked, "What a third has to become.", a => a.Should),
        F.Length("measured", LengthKind.Marked, "What it became.", a => a.Measured),
        F.Count(
            "parts",
            "How many thirds were measured.",
            a => a.Should is null ? (int?)null : a.Parts
        ),
        F.Count(
            "partsLeft",
            "How many are still to be sewn.",
            a => a.Should is null ? (int?)null : 3 - a.Parts
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    public Length? Should { get; init; }
    public Length? Measured { get; init; }
    public int Parts { get; init; }
}

/// <summary>The ruffle turned round: from the cloth to the depth, and from what is sewn to the depth for the rest.</summary>
internal static class TuckedRuffleInverses
{
    /// <summary>Workshop rule: two parts in a hundred even out.</summary>
    private const double EvensOut = 0.02;

    private static readonly LengthField Cloth = FabricFields.AtHand with { IsNeeded = true };

    /// <summary>The greatest fullness that the cloth gives: r = (T − trim)/F, p = (r − 1)·S/2.</summary>
    public static Calculation FromCloth { get; } =
        new(
            "fullness-from-cloth",
            "The fullness and the depth of fold that the fabric there is allows",
            [
                .. TuckedRuffleFields.All.Where(f =>
                    f.Name != TuckedRuffleFields.Fullness.Name
                    && f.Name != TuckedRuffleFields.TuckDepth.Name
                    && f.Name != Cloth.Name
                ),
                Cloth,
            ],
            DepthAnswer.Told,
            TuckedRuffleExample.All.Without("fullness").With("clothAtHand", RawValue.Of("1.2 m")),
            reader =>
            {
                var cloth = reader.Length(Cloth);
                if (TuckedRuffleInputs.Read(WithFullness(reader)) is not { } ask)
                {
                    return null;
                }
                var (_, flat) = StripReckon.Greatest(ask.Strip, cloth);
                var fullness = (flat - ask.Trim) / ask.Strip.FinishedEdge;
                return new DepthAnswer(
                    Math.Max(0, fullness),
                    Length.Max(Length.Zero, (fullness - 1) * ask.Spacing / 2)
                )
                {
                    Findings =
                        fullness >= 1
                            ? []
                            :
                            [
                                Finding.Stop(
                                    "cloth-short",
                                    "The fabric there is does not reach round this edge even flat.",
                                    "A strip that is not folded at all has fullness 1.",
                                    "Find more fabric, or a shorter edge."
                                ),
                            ],
                };
            }
        );

    public static Calculation HalfWay { get; } =
        new(
            "half-way",
            "Will the rest reach?",
            [.. TuckedRuffleFields.All, Thirds.Measured],
            DepthAnswer.Told,
            TuckedRuffleExample.All.With("measured", RawValue.Of("32 cm")),
            reader =>
            {
                var measured = reader.Lengths(Thirds.Measured);
                if (
                    TuckedRuffleCalculator.Straight(reader) is not { } plan
                    || reader.Errors.Count > 0
                )
                {
                    return null;
                }
                var edge = plan.Ask.Strip.FinishedEdge;
                if (Thirds.Of(measured, plan.FlatEdge, edge, reader) is not { } thirds)
                {
                    return null;
                }
                var depth = Length.Max(Length.Zero, (thirds.Rest - 1) * plan.Ask.Spacing / 2);
                return new DepthAnswer(thirds.Rest, depth)
                {
                    Should = thirds.Should,
                    Measured = thirds.Mean,
                    Parts = measured.Count,
                    Findings = [Judge(plan, thirds.Sewn, thirds.Rest, depth, reader.Ruler)],
                };
            }
        );

    private static Finding Judge(
        TuckedRufflePlan plan,
        double sewn,
        double rest,
        Length depth,
        Ruler ruler
    )
    {
        // What the screw really pushed, from what the folds came to.
        var pushed = (sewn - 1) * plan.Ask.Spacing / 2;
        if (Math.Abs(sewn / plan.Ask.Fullness - 1) <= EvensOut)
        {
            return Finding.Note(
                "on-course",
                $"On course: what is sewn came to {DecimalText.Write(sewn)}.",
                $"{DecimalText.Write(plan.Ask.Fullness)} is planned.",
                "Sew on as it is set."
            );
        }
        var deeper = sewn < rest;
        return Finding.Care(
            deeper ? "folds-shallow" : "folds-deep",
            $"The folds came out {ruler.Fine(pushed)} deep, so what is sewn came to {DecimalText.Write(sewn)} instead of {DecimalText.Write(plan.Ask.Fullness)}.",
            deeper
                ? "Sewn on like this, strip stays over."
                : "Sewn on like this, the strip ends before the edge does.",
            depth > plan.Ask.MostDepth
                    ? $"The rest would have to fold {ruler.Fine(depth)} deep, and the attachment makes {ruler.Fine(plan.Ask.MostDepth)}: turn the screw to that, and trim what is over."
                : rest >= 1
                    ? $"Turn the depth screw so that the rest folds {ruler.Fine(depth)} deep: {ruler.Fine(Length.Difference(depth, pushed))} {(deeper ? "deeper" : "shallower")} than it did. Or {(deeper ? "trim what is over" : "join in another piece")}."
                : "Join in another piece: what is left of the strip is shorter than what is left of the edge."
        );
    }

    private static InputReader WithFullness(InputReader reader) =>
        reader.With(
            TuckedRuffleFields.Fullness.Name,
            RawValue.Of(2),
            TuckedRuffleFields.TuckDepth.Name
        );
}

/// <summary>The tea-tent ruffle, for the API's examples.</summary>
internal static class TuckedRuffleExample
{
    public static RawInputs All { get; } =
        new(
            new Dictionary<string, RawValue>
            {
                ["finishedEdge"] = RawValue.Of("94 cm"),
                ["stitchLength"] = RawValue.Of(2.5),
                ["stitchesPerTuck"] = RawValue.Of(6),
                ["fullness"] = RawValue.Of(1.8),
                ["trimAllowance"] = RawValue.Of("5 cm"),
                ["finishedDepth"] = RawValue.Of("6 cm"),
                ["doubled"] = RawValue.Of(true),
                ["clothWidth"] = RawValue.Of("110 cm"),
            }
        );
}
