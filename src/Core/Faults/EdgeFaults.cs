using static ZephyrReach.Core.Faults.Tries;

namespace ZephyrReach.Core.Faults;

/// <summary>What goes wrong with piping, fine piping and cord with a lip.</summary>
internal static class EdgeFaults
{
    private const string Piping = "piping";
    private const string Fine = "fine-piping";
    private const string Trim = "cord-trim";

    public static IReadOnlyList<Symptom> Symptoms { get; } =
    [
        Seen(
            "line-shows",
            "an earlier line shows",
            "Stitches beside the cord can be seen.",
            SeenFrom.Front
        ),
        Seen("corner-pulls", "pulls at corners", "The corner is tight or square.", SeenFrom.Front),
        Seen("twists", "the covering twists", "Slanting wrinkles round the cord.", SeenFrom.Front),
        Seen("flange-shows", "the flange shows", "A tape is seen beside the cord.", SeenFrom.Front),
        Seen(
            "corner-flat",
            "the corner is flat",
            "The trim pulls the corner round.",
            SeenFrom.Front
        ),
        Seen(
            "join-lumpy",
            "the join is lumpy",
            "It is thicker where the ends meet.",
            SeenFrom.Side
        ),
    ];

    private static Symptom Seen(string name, string says, string shows, SeenFrom from) =>
        new(name, says, shows, SymptomKin.Edges, from);

    private static readonly Attempt NeedleOver = new(
        "needle-over",
        "Move the needle half a millimetre to the cord.",
        1.5
    );

    public static IReadOnlyList<Cause> Causes { get; } =
    [
        new Cause(
            "line-not-nearer",
            "The last line is no nearer to the cord than the one before.",
            7
        )
            .With(Piping)
            .Shows("line-shows", 0.88)
            .CuredBy(NeedleOver, 0.93, "Each line must be nearer than the last."),
        new Cause("foot-wide", "The foot holds the needle off the cord.", 3)
            .With(Piping)
            .Shows("line-shows", 0.7)
            .CuredBy(
                new("other-foot", "Use the zipper foot for the last line.", 3, true),
                0.95,
                "It comes closer."
            ),
        new Cause("flange-unclipped", "The flange is not clipped at the corner.", 7)
            .With(Piping)
            .Shows("corner-pulls", 0.88)
            .CuredBy(
                new("clip", "Clip the flange to the stitching.", 1.5),
                0.93,
                "It has to open round the corner."
            ),
        new Cause("corner-sharp", "The corner is sharp for the cord.", 3)
            .With(Piping)
            .Shows("corner-pulls", 0.65)
            .CuredBy(new("rounder", "Round the corner more.", 6), 0.93, "The cord needs a curve."),
        new Cause("strip-off-bias", "The strips are not cut at exactly 45°.", 5)
            .With(Piping)
            .Shows("twists", 0.85)
            .CuredBy(
                new("true-bias", "Cut the strips at exactly 45°.", 15),
                0.95,
                "Off the bias they twist."
            ),
        new Cause("other-groove", "It ran in another groove.", 5)
            .With(Fine)
            .Shows("uneven", 0.8)
            .CuredBy(SameGroove, 0.93, "Another groove is another width."),
        new Cause("strip-drifts", "The strip drifts in the groove.", 4)
            .With(Fine)
            .Shows("uneven", 0.75)
            .CuredBy(Slower, 0.88, "The strip drifts in the groove."),
        new Cause("needle-on-cord", "The needle stands over the cord.", 6)
            .With(Fine)
            .Shows("pierced", 0.9)
            .CuredBy(
                new("needle-out", "Move the needle one place outwards.", 1.5),
                0.95,
                "It stands over the groove."
            ),
        new Cause("trim-held-only", "The first pass only holds the trim.", 6)
            .With(Trim)
            .Shows("flange-shows", 0.85)
            .CuredBy(
                new("second-round", "Sew a second time, closer.", 4),
                0.93,
                "The first pass only holds it."
            ),
        new Cause("needle-off-trim", "The needle stands off the cord.", 4)
            .With(Trim)
            .Shows("flange-shows", 0.75)
            .CuredBy(NeedleOver, 0.9, "It has to lie against the cord."),
        new Cause("flange-closed", "The flange is not snipped at the corner.", 6)
            .With(Trim)
            .Shows("corner-flat", 0.85)
            .CuredBy(
                new("snip", "Snip the flange to its stitches at the corner.", 1.5),
                0.93,
                "It has to open."
            ),
        new Cause("trim-scant", "There is too little trim in the corner.", 4)
            .With(Trim)
            .Shows("corner-flat", 0.75)
            .CuredBy(
                new("ease", "Push a little more trim into the corner.", 2),
                0.9,
                "The cord takes the outer way."
            ),
        new Cause("strands-high", "The strands leave the seam too far up.", 6)
            .With(Trim)
            .Shows("join-lumpy", 0.85)
            .CuredBy(
                new("slant", "Slant the strands further down into the seam.", 3),
                0.9,
                "Each is to leave the edge within its own width."
            ),
        new Cause("flange-stitched", "The flange is still stitched where they cross.", 4)
            .With(Trim)
            .Shows("join-lumpy", 0.75)
            .CuredBy(
                new("unpick", "Take the stitches out of more of the flange.", 3),
                0.9,
                "The strands need room to lie flat."
            ),
    ];
}
