using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What stitches do to the fabric, whatever is sewn.</summary>
internal static class FabricFaults
{
    private static readonly string[] Dense = ["stitch-rows", "applique", "free-motion"];

    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        Seen("puckers", "puckers", "The fabric is drawn together along the line.", SeenFrom.Front),
        Seen(
            "tunnels",
            "tunnels",
            "The fabric arches up between the sides of the stitch.",
            SeenFrom.Side
        ),
        Seen("ripples", "ripples", "The edge is longer than it was, and waves.", SeenFrom.Front),
        Seen("needle-marks", "needle marks", "Holes show along the line.", SeenFrom.Front),
        Seen(
            "creeps",
            "one layer creeps",
            "The upper layer comes out longer than the lower.",
            SeenFrom.Side
        ),
        Seen(
            "ridges",
            "ridges at the back",
            "A stiff cord stands out on the reverse.",
            SeenFrom.Back
        ),
        Seen("stiff", "stiff as a board", "It does not drape any more.", SeenFrom.Side),
    ];

    private static Symptom Seen(string name, string says, string shows, SeenFrom from) =>
        new(name, says, shows, SymptomKin.Fabric, from);

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        new Cause("needle-thick", "The needle is thick for this fabric.", 4)
            .Shows("puckers", 0.5)
            .Shows("needle-marks", 0.8)
            .When(
                s => s.IsLight && s.NeedleSize >= 80,
                2.5,
                "80 and more is thick for a light fabric."
            )
            .When(s => s.NeedleSize <= 70, 0.4)
            .CuredBy(FinerNeedle, 0.93, "A thick blade pushes the threads aside."),
        new Cause("needle-crowded", "The stitches lie close together.", 2)
            .Shows("needle-marks", 0.5)
            .When(
                s => s.StitchLength < Measures.Length.FromMillimetres(1.8),
                2,
                "Stitches under 1.8 mm lie close."
            )
            .CuredBy(LongerStitch, 0.83, "Fewer holes side by side."),
        new Cause("thin-ground", "The fabric is too thin to carry the stitch by itself.", 3.5)
            .Shows("puckers", 0.55)
            .Shows("tunnels", 0.75)
            .Shows("buckles", 0.45)
            .Shows("drags", 0.4)
            .Shows("pulled-together", 0.4)
            .When(s => s.IsLight, 2, "A fabric under 100 g/m² gives before the thread does.")
            .When(s => s.Stabilised == true, 0.2)
            .CuredBy(Stabiliser, 0.93, "Thin fabric gives before the thread does."),
        new Cause("wide-for-ground", "The stitch is wide for this fabric.", 1.5)
            .With([.. Dense, "bridged-seam", "couching", "patch"])
            .Shows("tunnels", 0.6)
            .CuredBy(Narrower, 0.8, "A shorter bridge pulls less."),
        new Cause("stretched-seam", "The foot presses the fabric out as it feeds.", 3)
            .Shows("ripples", 0.75)
            .Shows("creeps", 0.3)
            .When(s => s.IsKnit, 2.5, "A knit is pressed out longer than a weave.")
            .CuredBy(PressLess, 0.88, "Less pressed, it is carried and not stretched."),
        new Cause("layers-drift", "The foot pushes the upper layer on.", 4)
            .Shows("creeps", 0.85)
            .Shows("twists", 0.5)
            .CuredBy(HoldLayers, 0.7, "Held taut, both go at one pace.")
            .CuredBy(WalkingFoot, 0.93, "It carries both layers alike."),
        new Cause("cord-stiff", "The cord is stiff for this fabric.", 2)
            .With("couching")
            .Shows("ridges", 0.85)
            .Shows("buckles", 0.35)
            .When(s => s.IsLight, 1.6, "On a light fabric a stiff cord stands out.")
            .CuredBy(
                new Attempt("thinner-cord", "Take a softer cord.", 10),
                0.95,
                "On thin fabric a stiff one makes ridges that no tension cures."
            ),
        new Cause("thread-heavy", "The thread is heavy for so many stitches.", 4)
            .With("stitch-rows")
            .Shows("stiff", 0.7)
            .When(s => s.ThreadTex > 35, 2, "A thread over tex 35 fills the pattern.")
            .CuredBy(FinerThread, 0.88, "Less of it in the same pattern."),
        new Cause("pattern-dense", "The pattern is dense for this fabric.", 3)
            .With("stitch-rows")
            .Shows("stiff", 0.7)
            .CuredBy(LongerPattern, 0.83, "Fewer stitches to the centimetre."),
        new Cause("rows-close", "The rows lie close.", 2)
            .With("stitch-rows")
            .Shows("stiff", 0.65)
            .CuredBy(
                new Attempt("wider-gap", "Set the rows further apart.", 3),
                0.83,
                "Fabric between them bends."
            ),
    ];
}
