using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.Bias.BiasCut>;

namespace ZephyrReach.Core.Craft.Edges.Bias;

internal sealed partial record BiasCut
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Count(
            "strips",
            "From selvedge to selvedge: the smallest n that reaches.",
            a => a.Single.Count
        ),
        F.Count("joins", "n − 1.", a => Math.Max(0, a.Single.Joins)),
        F.Cut(
            "clothLength",
            "W·cot θ + n·w/sin θ; on the bias W + n·w√2.",
            a => a.Single.ClothLength
        ),
        F.Cut("stripLength", "Of one of them, along its middle.", a => a.Single.Each),
        F.Cut(
            "squareSide",
            "Of the square for one long strip: 2q + the least over n of max(√2·w·n, L/(√2·n)).",
            a => a.Tube.Side
        ),
        F.Cut(
            "tubeAcross",
            "Of what the tube is sewn from, across the fabric.",
            a => a.Tube.Across
        ),
        F.Cut("tubeAlong", "And along it.", a => a.Tube.Along),
        F.Text("way", "strips, corner, continuous or offcut: what is taken.", a => a.Way),
        F.Text("why", "Why that one comes first.", a => a.Why),
        F.Table(
            "ways",
            "Every way to cut it, the better first.",
            a => a.Ways,
            Figure<BiasWay>.Text("name", "strips, corner, continuous or offcut.", w => w.Name),
            Figure<BiasWay>.Text("label", "In words.", w => w.Label),
            Figure<BiasWay>.Cut("cloth", "Of the fabric’s length.", w => w.Cloth),
            Figure<BiasWay>.Count("joins", "In the strip.", w => w.Joins),
            Figure<BiasWay>.Ratio("minutes", "About.", w => w.Minutes),
            Figure<BiasWay>.Flag("serves", "Whether there is fabric enough.", w => w.Serves),
            Figure<BiasWay>.Text("says", "What it takes.", w => w.Says)
        ),
        F.Length("remnantGives", LengthKind.AtMost, "Of joined strip.", a => a.Remnant?.Gives),
        F.Lengths(
            "remnantStrips",
            LengthKind.Cut,
            "Its pieces, the longest first.",
            a => a.Remnant is { } r ? [.. r.Strips.Select(s => s.Length)] : []
        ),
    ];
}
