using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>What is noticed of a piped edge.</summary>
internal static class PipingFindings
{
    public static IEnumerable<Finding> In(PipingPlan a) =>
        OfTheStrip(a).Concat(a.OnStrips).Concat(NoticedOnEdges.In(a));

    private static IEnumerable<Finding> OfTheStrip(PipingPlan a)
    {
        if (!a.JoinsHidden)
        {
            yield return Finding.Care(
                "join-at-corner",
                "A join of the covering comes to lie at a corner.",
                "There it is thickest, and the corner will not turn.",
                "Begin further along the side, or cut 10 cm off the joined strip before you begin, if it is long enough."
            );
        }
        if (a.Ask.Shrinks > 0)
        {
            yield return Finding.Care(
                "wash-cord",
                "The cord will shrink.",
                "Shrinking inside its covering, it puckers the whole edge.",
                "Wash and dry it as the piece will be washed, before it is covered."
            );
        }
    }
}
