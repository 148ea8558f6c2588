using ZephyrReach.Core.Craft.Bias;
using ZephyrReach.Core.Craft.Corded;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Piping;

/// <summary>What is noticed of a piped edge.</summary>
internal static class Noticed
{
    public static IEnumerable<Finding> In(Answer a) => OfTheStrip(a).Concat(NoticedOnEdges.In(a));

    private static IEnumerable<Finding> OfTheStrip(Answer a)
    {
        var (cut, ask) = (a.Ask.Cut, a.Ask);
        if (cut.Taken is { Serves: false } taken)
        {
            yield return taken.Name == BiasFields.FromRemnant
                ? new(
                    "remnant-short",
                    Severity.Stop,
                    $"The remnant gives {a.Ruler.Write(cut.Remnant!.Gives, LengthKind.AtMost)} of {a.Ruler.Whole(cut.Required)}.",
                    $"{a.Ruler.Whole(cut.Required - cut.Remnant.Gives)} would be missing.",
                    "Take another remnant, a thinner cord, or cut it from the cloth."
                )
                : new(
                    "cloth-short",
                    Severity.Stop,
                    $"It takes {a.Ruler.Cut(cut.Cloth)} of cloth; there is {a.Ruler.Mark(cut.ClothAtHand!.Value)}.",
                    "The strips would end before the edge does.",
                    cut.Ways.FirstOrDefault(w => w.Serves) is { } other
                        ? $"Cut {other.Label}: {other.Says}."
                        : "Use a thinner cord, a narrower flange, or another cloth."
                );
        }
        if (cut.Way != cut.Ways[0].Name && cut.Ways[0].Serves)
        {
            yield return new(
                "other-way-better",
                Severity.Note,
                $"{char.ToUpperInvariant(cut.Ways[0].Label[0])}{cut.Ways[0].Label[1..]} would cost less.",
                cut.Why,
                "Choose “the better way”, or keep this one."
            );
        }
        if (cut.Angle == 90 && a.Edge.Edge.Bends.Count > 0)
        {
            yield return new(
                "straight-in-bend",
                Severity.Care,
                "Strips on the straight grain go round bends.",
                "Off the bias cloth does not give: it wrinkles round the cord in every bend.",
                "Cut them on the bias; the straight grain serves for straight edges alone, or for very fine cord."
            );
        }
        if (!a.JoinsHidden)
        {
            yield return new(
                "join-at-corner",
                Severity.Care,
                "A join of the covering comes to lie at a corner.",
                "There it is thickest, and the corner will not turn.",
                "Begin further along the side, or cut a hand’s breadth off the joined strip before you begin, if it is long enough."
            );
        }
        if (ask.Shrinks > 0)
        {
            yield return new(
                "wash-cord",
                Severity.Care,
                "The cord will shrink.",
                "Shrinking inside its covering, it puckers the whole edge.",
                "Wash and dry it as the piece will be washed, before it is covered."
            );
        }
    }
}
