using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>A patch over a tear: how large it is cut, and the two rows that hold it.</summary>
/// <remarks>
/// One row runs close to its edge; the other holds the torn edge, and runs where a darn would be stitched: the margin beyond the tear.
/// </remarks>
internal sealed record Patch(DarningInputs Ask)
{
    /// <summary>Workshop rule: so far inside its edge it is held, and the needle stays on it.</summary>
    public static Length Edge { get; } = Length.FromMillimetres(2);

    /// <summary>Workshop rule: nearer to each other than this, two rows cut the fabric like a perforation.</summary>
    private static readonly Length Between = Length.FromMillimetres(4);

    /// <summary>A knit neither frays nor is turned under: its edge would be a ridge that does not stretch.</summary>
    public Length Turned => Ask.What.IsOpen ? Length.Zero : Ask.PatchTurned;

    /// <summary>tearWidth + 2·patchBeyond, as it lies.</summary>
    public Length Width => Ask.TearWidth + 2 * Ask.PatchBeyond;

    public Length Long => Ask.TearLength + 2 * Ask.PatchBeyond;

    /// <summary>With what is turned under, as it is cut.</summary>
    public Length CutWidth => Width + 2 * Turned;

    public Length CutLength => Long + 2 * Turned;

    /// <summary>Round it, so far inside its edge; and round the tear: 2(w + l − 4·edge) + 2(areaWidth + areaLength).</summary>
    public Length Sewn => Round + RoundTear;

    public Length Round => 2 * (Width + Long - 4 * Edge);

    public Length RoundTear => 2 * (Ask.AreaWidth + Ask.AreaLength);

    public int Stitches => (int)Rounding.CeilingTolerant(Sewn / Ask.StitchLength);

    /// <summary>At the speed of the machine, and a moment at each of the eight corners.</summary>
    public double Minutes => Stitches / Ask.Speed + 8 * 0.1;

    public Piece Piece =>
        Answers.Piece.Rectangle("patch", 1, "patch, of like fabric", CutWidth, CutLength) with
        {
            GrainUpright = true,
        };

    public IReadOnlyList<Fact> Facts(Ruler ruler) =>
        [
            new("Patch, finished", Ruler.Size(ruler.Mark(Width), ruler.Mark(Long))),
            new(
                "Turned under",
                Turned > Length.Zero ? ruler.Mark(Turned) : "nothing: its edge does not fray"
            ),
            new("Sewn round", $"{ruler.Mark(Round)}, and {ruler.Mark(RoundTear)} round the tear"),
            new("Stitches", $"{Stitches}"),
        ];

    public IReadOnlyList<DerivationLine> Sums(Ruler ruler) =>
        [
            new(
                "The patch",
                ruler.Sum(
                    $"{Ask.TearWidth} + 2 × {Ask.PatchBeyond} + 2 × {Turned} = {CutWidth:cut}; {Ask.TearLength} + 2 × {Ask.PatchBeyond} + 2 × {Turned} = {CutLength:cut}"
                ),
                "It ends in sound fabric, beyond what is worn thin."
            ),
            new(
                "Stitches",
                ruler.Sum(
                    $"(2 × ({Width} + {Long} − 4 × {Edge:fine}) + 2 × ({Ask.AreaWidth} + {Ask.AreaLength})) ÷ {Ask.StitchLength:fine} = {Stitches}"
                ),
                "Once close to its edge, and once round the tear."
            ),
        ];

    public IEnumerable<Finding> Noticed(Ruler ruler)
    {
        yield return Finding.Note(
            "patch-serves",
            $"A patch carries what the fabric no longer does: it reaches {ruler.Mark(Ask.PatchBeyond)} beyond the tear, into sound fabric.",
            "Large holes, and places that are pulled: knee, seat, elbow.",
            Ask.What.IsOpen
                ? "Take a knit for it that stretches as much, the same way."
                : "Take like fabric, washed as often, with its grain along the garment’s."
        );
        if (Ask.What.Choice.Name is "small-hole" or "thin")
        {
            yield return Finding.Note(
                "darn-instead",
                Ask.What.Way,
                Ask.What.Why,
                Ask.What.NotThat,
                new(DarningFields.Method.Name, DarningFields.FreeMotion)
            );
        }
        if (Ask.Margin + Between > Ask.PatchBeyond - Edge)
        {
            yield return Finding.Care(
                "rows-meet",
                $"The row round the tear runs {ruler.Mark(Ask.Margin)} from it, and the patch ends at {ruler.Mark(Ask.PatchBeyond)}.",
                "Two rows so near to each other cut the fabric like a perforation.",
                $"Let the patch reach {ruler.Mark(Ask.Margin + Between + Edge)} or more beyond the tear.",
                new(
                    DarningFields.PatchBeyond.Name,
                    $"{DecimalText.Write((Ask.Margin + Between + Edge).Millimetres, 1)} mm"
                )
            );
        }
    }

    /// <summary>Its two rows, round a tear whose upper left is given.</summary>
    public IEnumerable<Shape> Shapes(Point tear)
    {
        var look = new StitchLook(Ask.StitchLength, Length.Zero);
        yield return new PathShape(
            Box(tear, Ask.PatchBeyond - Edge, Width - 2 * Edge, Long - 2 * Edge),
            LineMeaning.Stitch,
            Stitches: look
        ).In("round");
        yield return new PathShape(
            Box(tear, Ask.Margin, Ask.AreaWidth, Ask.AreaLength),
            LineMeaning.Stitch,
            Stitches: look
        ).In("round-tear");
    }

    /// <summary>The patch itself, under the tear as it is drawn.</summary>
    public Shape Lies(Point tear) =>
        new PathShape(
            Box(tear, Ask.PatchBeyond, Width, Long),
            LineMeaning.Fold,
            Fill: ClothRole.Backing
        ).In("patch");

    private static Path Box(Point tear, Length beyond, Length width, Length length) =>
        DarnDrawing.Box(new Point(tear.X - beyond, tear.Y - beyond), width, length);
}
