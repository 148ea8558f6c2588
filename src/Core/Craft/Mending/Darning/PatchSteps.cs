using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>The order of work on a patch.</summary>
internal static class PatchSteps
{
    private static IReadOnlyList<string> Set(Patch a, Ruler ruler) =>
        [
            $"length {ruler.Fine(a.Ask.StitchLength)}",
            .. a.Ask.What.IsOpen
                ? new[] { $"width {ruler.Fine(PatchCard.Zigzag)}" }
                : Array.Empty<string>(),
        ];

    public static IEnumerable<SewingStep> Of(Patch a, Ruler ruler)
    {
        var isKnit = a.Ask.What.IsOpen;
        yield return new SewingStep(
            "patch",
            "Cut the patch",
            $"Cut a piece of {(isKnit ? "knit that stretches as much, the same way," : "like fabric, washed as often,")} {ruler.Cut(a.CutWidth)} wide and {ruler.Cut(a.CutLength)} long, with its grain along the garment’s."
                + (isKnit ? " Round its corners a little." : ""),
            Ruler.Size(ruler.Cut(a.CutWidth), ruler.Cut(a.CutLength)),
            ["Its grain runs with the fabric’s.", "What is worn thin lies under it, all of it."]
        ).At(Place.Table, 4, DarnDrawing.Name, ["patch", "tear"], ["round", "round-tear"]);
        if (a.Turned > Length.Zero)
        {
            yield return new SewingStep(
                "turn-under",
                "Turn the edges under",
                $"Press {ruler.Mark(a.Turned)} to its wrong side all round; cut the corners off on a slant first, so that they fold without a lump.",
                $"{ruler.Mark(a.Turned)} under",
                [$"It measures {Ruler.Size(ruler.Mark(a.Width), ruler.Mark(a.Long))}."],
                Safety.Iron
            ).At(Place.Iron, 4, DarnDrawing.Name, ["patch"], ["round", "round-tear"]);
        }
        yield return new SewingStep(
            "place",
            "Place and baste",
            $"Lay it over the tear on the right side, {ruler.Mark(a.Ask.PatchBeyond)} beyond it all round, with nothing pulled, and baste it. A sleeve or a leg: slip it over the free arm, or open a seam.",
            $"{ruler.Mark(a.Ask.PatchBeyond)} beyond",
            ["It lies flat when the garment is bent as it is worn."]
        ).At(Place.Table, 4, DarnDrawing.Name, ["patch", "tear"], ["round", "round-tear"]);
        yield return new SewingStep(
            "round",
            "Sew round the patch",
            $"{ruler.Mark(a.Round)} in all, {ruler.Fine(Patch.Edge)} inside its edge: {(isKnit ? "a narrow zigzag over the raw edge" : "a straight stitch")}, {ruler.Fine(a.Ask.StitchLength)} long. Needle down at each corner, lift, turn, lower. Back-stitch where you began.",
            ruler.Mark(a.Round),
            ["No edge stands open.", "The garment is caught once only: nothing lies beneath."],
            Safety.Needle
        )
            .At(
                Place.Machine,
                Math.Max(1, a.Minutes / 2),
                DarnDrawing.Name,
                ["round", "patch"],
                ["round-tear"]
            )
            .Setting([.. Set(a, ruler), "needle stop down"]);
        yield return new SewingStep(
            "round-tear",
            "Sew round the tear",
            $"From the wrong side trim loose threads, no fabric. Then {(isKnit ? "with the same zigzag " : "")}once round the tear, {ruler.Mark(a.Ask.Margin)} beyond it: {ruler.Mark(a.RoundTear)}. It holds the torn edge to the patch.",
            $"{ruler.Mark(a.Ask.Margin)} beyond the tear",
            ["The torn edge lies flat.", "The corners meet."]
        )
            .At(Place.Machine, Math.Max(1, a.Minutes / 2), DarnDrawing.Name, ["round-tear", "tear"])
            .Setting(Set(a, ruler));
        yield return new SewingStep(
            "finish",
            "Take the basting out and press",
            "Press from the wrong side over a towel.",
            "press",
            ["It bends with the garment, and pulls nowhere."],
            Safety.Iron
        ).At(Place.Iron, 2, DarnDrawing.Name, ["patch", "round", "round-tear"]);
    }
}
