using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>What is noticed of the strips that cover a cord: whether there is cloth enough, and whether they lie well round the edge.</summary>
internal static class NoticedOnStrips
{
    public static IEnumerable<Finding> In(BiasCut cut, EdgeInputs edge)
    {
        if (cut.Taken is { Serves: false } taken)
        {
            yield return taken.Name == BiasFields.FromRemnant
                ? Finding.Stop(
                    "remnant-short",
                    $"The offcut gives {cut.Ruler.Write(cut.Remnant!.Gives, LengthKind.AtMost)} of {cut.Ruler.Whole(cut.Required)}.",
                    $"{cut.Ruler.Whole(cut.Required - cut.Remnant.Gives)} would be missing.",
                    "Take another offcut, a thinner cord, or cut it from the fabric."
                )
                : Finding.Stop(
                    "cloth-short",
                    $"It takes {cut.Ruler.Cut(cut.Cloth)} of fabric; there is {cut.Ruler.Mark(cut.ClothAtHand!.Value)}.",
                    "The strips would end before the edge does.",
                    cut.Ways.FirstOrDefault(w => w.Serves) is { } other
                        ? $"Cut {other.Label}: {other.Says}."
                        : "Use a thinner cord, a narrower flange, or another fabric."
                );
        }
        if (cut.Way != cut.Ways[0].Name && cut.Ways[0].Serves)
        {
            yield return Finding.Note(
                "other-way-better",
                $"{Sentence.Begin(cut.Ways[0].Label)} would cost less.",
                cut.Why,
                "Choose “recommended”, or keep this one."
            );
        }
        if (cut.Angle == 90 && edge.Edge.Bends.Count > 0)
        {
            yield return Finding.Care(
                "straight-in-bend",
                "Strips on the straight grain go round bends.",
                "Off the bias fabric does not give: it wrinkles round the cord in every bend.",
                "Cut them on the bias; the straight grain serves for straight edges alone, or for very fine cord."
            );
        }
    }
}
