using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The needle's point has to suit the cloth.</summary>
internal sealed class PointRule : FitRule
{
    private const double FineGrams = 110;
    private const double Elastic = 25;

    public override string Code => "point";
    public override string Checks =>
        "Whether the needle's point suits the fabric: rounded for knits, sharp for fine weaves.";
    public override Severity Gravest => Severity.Care;

    public override RuleOutcome Evaluate(Combination c) =>
        c.Needle is not { Is: var needle } || c.Cloth is not { Is: var cloth }
            ? RuleOutcome.NotAsked
        : needle.Point is null || cloth.Build is null ? RuleOutcome.Unknown
        : Disagrees(needle.Point, cloth) ? RuleOutcome.Care
        : RuleOutcome.Well;

    public override Finding Explain(Combination c)
    {
        var isKnit = c.Cloth!.Is.Build == Cloth.Knit;
        return Care(
            $"{Say.Name(c.Needle!)} does not suit {Say.Name(c.Cloth)}.",
            isKnit ? "A point that pierces cuts the loops of a knit, or skips where it stretches."
                : c.Needle!.Is.Point == Needle.Wing
                    ? "A wing needle needs threads of a weave to push apart."
                : "A rounded point pushes the threads of a fine weave aside, and the line of stitches wavers.",
            isKnit
                ? "Take a ballpoint needle, or a stretch needle where it gives a lot."
                : "Take a universal needle, or a fine sharp one."
        );
    }

    public override string Wants(Combination c) =>
        c.Needle!.Is.Point is null
            ? "the needle's point"
            : "whether the fabric is a weave or a knit";

    private static bool Disagrees(string point, Cloth cloth) =>
        cloth.Build switch
        {
            Cloth.Knit => point is Needle.Sharp or Needle.Jeans or Needle.Wing or Needle.Topstitch
                || (point is Needle.Universal or Needle.Embroidery && cloth.Stretch >= Elastic),
            Cloth.Net => point is Needle.Wing or Needle.Jeans,
            _ => point is Needle.Ballpoint or Needle.Stretch
                && (cloth.Weight is not { } weight || weight.GramsPerSquareMetre <= FineGrams),
        };
}
