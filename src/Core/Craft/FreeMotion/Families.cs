using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>What swatches of free-motion work teach: her hand, and how elastic draws a field in.</summary>
internal static class Families
{
    /// <summary>
    /// Her stitches against those that are planned: ln(sewn/planned). Before any line is sewn: about as planned, since hands go
    /// too fast as often as too slow, and anything between two thirds and half as much again is likely; a line scatters by a tenth.
    /// </summary>
    public static Family HandFamily { get; } = new("hand", [new("1", 0, 2.5)], 3, 0.02);

    /// <summary>
    /// A square sewn all over with elastic in the bobbin: ln(after/before). Wound by hand and sewn with stitches of two to three
    /// millimetres, elastic draws most cloth in to about four fifths, thin cloth more and layers less; squares of one cloth scatter by a
    /// twentieth.
    /// </summary>
    public static Family DrawInFamily { get; } =
        new("draw-in", [new("1", Math.Log(0.8), 2.5)], 3, 0.005);

    public static Dial Hand(FreeMotionInputs ask) =>
        new(ask.Counted, ask.Tempo.Stitch, "Stitch", true)
        {
            Believed = HandFamily,
            Unit = "of what is planned",
            Scale = (0.5, 2, 0.25),
            Unmeasured = "On no line yet: hands go too fast as often as too slow.",
        };

    /// <param name="along">Along the field, from top to bottom; else across it.</param>
    public static Dial DrawnIn(FreeMotionInputs ask, bool along, Length field) =>
        new(
            [
                .. ask
                    .Squares.Select(s => (Square: s, Came: along ? s.Along : s.Across))
                    .Where(s => s.Came is not null)
                    .Select(s => new DialSample(
                        s.Square.Square,
                        1,
                        s.Came!.Value,
                        s.Square.Same,
                        s.Square.Counts
                    )),
            ],
            Length.Max(field, Length.FromMillimetres(1)),
            along ? "Drawn in, along" : "Drawn in, across",
            true
        )
        {
            Believed = DrawInFamily,
            Unit = "of the flat field",
            Scale = (0.5, 1, 0.1),
            Words = ("shrank less", "shrank more"),
            Unmeasured = "On no square yet: elastic draws most fabric in to about four fifths.",
        };
}
