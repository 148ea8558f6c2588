using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>The needle's size has to suit the cloth.</summary>
internal sealed class Size : FitRule
{
    public override string Code => "size";
    public override string Checks =>
        "Whether the needle's size suits the weight of the fabric; one size up for several layers or bulk.";
    public override Severity Gravest => Severity.Care;

    public override RuleOutcome Evaluate(Combination c)
    {
        if (c.Needle is not { Is: var needle } || c.Cloth is not { Is: var cloth })
        {
            return RuleOutcome.NotAsked;
        }
        if (needle.Size is not { } size || cloth.Weight is not { } weight)
        {
            return RuleOutcome.Unknown;
        }
        var (from, to) = NeedleSize.Serving(weight, c.Sewing.Bulky);
        return size < from || size > to ? RuleOutcome.Care : RuleOutcome.Well;
    }

    public override Finding Explain(Combination c)
    {
        var (from, to) = NeedleSize.Serving(c.Cloth!.Is.Weight!.Value, c.Sewing.Bulky);
        var isFine = c.Needle!.Is.Size < from;
        return Care(
            $"Size {c.Needle.Is.Size} is {(isFine ? "fine" : "thick")} for {Say.Name(c.Cloth)}.",
            isFine
                ? "A thin blade bends in thick fabric, and skips or hits."
                : "A thick blade leaves holes and puckers.",
            $"Take size {from} to {to}."
        );
    }

    public override string Wants(Combination c) =>
        c.Needle!.Is.Size is null ? "the needle's size" : "the weight of the fabric";
}
