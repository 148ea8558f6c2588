using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>Strips that are cut, joined and marked for an edge, with the rows that are sewn along them.</summary>
/// <param name="Ask">What was asked.</param>
/// <param name="FlatEdge">T = r·F, before rounding.</param>
/// <param name="StripCount">n, 1 or more.</param>
/// <param name="StripLength">Of each strip, rounded up to the cutting step.</param>
/// <param name="SewnFlat">T', the flat edge that the joined strips give between the ends.</param>
/// <param name="RowOffsets">Each row's distance from the raw edge.</param>
/// <param name="Segments">m, the number of parts that both edges are divided into.</param>
public sealed record StripPlan(
    StripInputs Ask,
    Length FlatEdge,
    int StripCount,
    Length StripLength,
    Length SewnFlat,
    IReadOnlyList<Length> RowOffsets,
    int Segments
)
{
    /// <summary>r' = T'/F: what comes out, never below what was asked.</summary>
    public double AchievedFullness => SewnFlat / Ask.FinishedEdge;

    /// <summary>The strips of all pieces and layers together; every other figure is that of one piece, but for the cloth.</summary>
    public int AllStrips => StripCount * Ask.Together.Count * Ask.Layers;

    /// <summary>The cloth that the strips take, at their exact depth.</summary>
    public Length ClothLength => Taken(Ask.CutDepth);

    /// <summary>How many lie side by side between the selvedges: one at least, and not more than are wanted.</summary>
    public int StripsBeside =>
        OnCloth.Beside(AllStrips, Ask.Along ? Ask.CutDepth : StripLength, Ask.ClothWidth);

    /// <summary>
    /// The cloth that the strips take when each is cut to a depth rounded up to the cutting step, as the cut list
    /// writes it: so that the written depths fit into the written length.
    /// </summary>
    public Length ClothToBuy =>
        Taken(Ask.Along ? Ask.CutDepth : Rounding.Up(Ask.CutDepth, Ask.CuttingStep));

    private Length Taken(Length depth) =>
        Ask.Along
            ? OnCloth.Taken(AllStrips, depth, StripLength, Ask.ClothWidth)
            : OnCloth.Taken(AllStrips, StripLength, depth, Ask.ClothWidth);

    /// <summary>How many strips lie side by side when they are cut along; 0 when the cloth is too narrow for one.</summary>
    public int StripsAcross =>
        (int)Math.Min(Rounding.FloorTolerant(Ask.ClothWidth / Ask.CutDepth), int.MaxValue);

    /// <summary>Seams between strips; a ring has one more than a row.</summary>
    public int Joins => Ask.Closed ? StripCount : StripCount - 1;

    /// <summary>T'/m: one part of the strip.</summary>
    public Length SegmentFlat => SewnFlat / Segments;

    /// <summary>F/m: what one part has to measure once it is pulled up.</summary>
    public Length SegmentGathered => Ask.FinishedEdge / Segments;

    /// <summary>The thread that one row takes, with its two tails, on each of needle and bobbin.</summary>
    /// <remarks>
    /// A stitch of length ℓ and width z takes √(ℓ² + z²) + t; a straight row therefore T'·(1 + t/ℓ). A zigzag over
    /// threads also has both threads drawn out to the flat length with a tail at each end.
    /// </remarks>
    public Length ThreadPerRow
    {
        get
        {
            if (!Ask.Rows.IsOverThreads)
            {
                return SewnFlat * (1 + Ask.Thick / Ask.StitchLength) + 2 * Ask.Tail;
            }
            var perStitch = ThreadUse.OfStitch(Ask.StitchLength, Ask.ZigzagWidth, Ask.Thick);
            return SewnFlat / Ask.StitchLength * perStitch + 2 * DrawnOut;
        }
    }

    /// <summary>A thread that a zigzag is sewn over, drawn out to the flat length with its tails; there is one from the needle and one from the bobbin.</summary>
    private Length DrawnOut => Ask.Rows.IsOverThreads ? SewnFlat + 2 * Ask.Tail : Length.Zero;

    /// <summary>The thread that all rows take on each of needle and bobbin.</summary>
    public Length ThreadPerSide => RowOffsets.Count * ThreadPerRow;

    /// <summary>What is wound for a row: a row that is broken to be pulled has two tails at every break more.</summary>
    public Length ThreadToWind =>
        Ask.Rows.IsOverThreads
            ? ThreadPerRow - DrawnOut
            : ThreadPerRow + (Segments / Runs.MarksPerRun(this) - 1) * 2 * Ask.Tail;

    /// <summary>What needle or bobbin really gives: its own drawn-out thread, and not the other's.</summary>
    public Length ThreadFromEach => ThreadPerSide - RowOffsets.Count * DrawnOut;

    /// <summary>Needle and bobbin together, and 15 % on top for starts and ends.</summary>
    public Length ThreadTotal => ThreadUse.OfBoth(ThreadFromEach);

    /// <summary>An ordinary seam.</summary>
    private static readonly Length SeamStitch = Length.FromMillimetres(2.5);

    /// <summary>
    /// Thread for the joins between strips, the hem and the seam that sews it on: 2·1.15·Σ L·(1 + T/2.5 mm), with T what lies
    /// under the foot: two layers in a join, three in a hem, the bulk of the seam in that.
    /// </summary>
    /// <param name="isSewnOn">Whether it is sewn on as it is gathered, so that there is no seam of its own.</param>
    public Length SeamThread(bool isSewnOn = false)
    {
        var hem = Ask.IsHemmed && Ask.HemAllowance > Length.Zero ? SewnFlat : Length.Zero;
        return ThreadUse.OfBoth(
            Ask.Layers * Sewn(Joins * Ask.CutDepth, 2 * Ask.ClothThickness)
                + Ask.Layers * Sewn(hem, 3 * Ask.ClothThickness)
                + Sewn(isSewnOn ? Length.Zero : Ask.FinishedEdge, SeamBulk)
        );

        static Length Sewn(Length seam, Length under) => seam * (1 + under / SeamStitch);
    }

    /// <summary>r'·t + t₀: what passes under the foot when the seam is sewn; t is that of both layers where it is folded double.</summary>
    public Length SeamBulk => (LayersInSeam ?? AchievedFullness) * Ask.Thick + Ask.PlainThickness;

    /// <summary>How many layers of the strip lie on each other in the seam; null where that is the fullness.</summary>
    public double? LayersInSeam { get; init; }

    /// <summary>The usual fullness for the cloth's weight; null when that is not known.</summary>
    public SuggestedFullness? Suggested { get; init; }

    /// <summary>What was noticed of the cloth and the strips, before anything is said of how they are gathered.</summary>
    public required IReadOnlyList<Finding> Noticed { get; init; }

    /// <summary>Where mark k lies on the strip, from the start of the gathers.</summary>
    public Length StripMark(int k) => SewnFlat * ((double)k / Segments);

    /// <summary>Where mark k lies on the plain edge.</summary>
    public Length EdgeMark(int k) => Ask.FinishedEdge * ((double)k / Segments);

    /// <summary>Where mark k lies on the joined strip, from its cut end.</summary>
    public Length MarkFromCutEnd(int k) =>
        (Ask.Closed ? Length.Zero : Ask.EndAllowance) + StripMark(k);

    /// <summary>The marks of both edges, 0 to m.</summary>
    public IReadOnlyList<StripMarks> Marks =>
        [
            .. Enumerable
                .Range(0, Segments + 1)
                .Select(k => new StripMarks(StripMark(k), MarkFromCutEnd(k), EdgeMark(k))),
        ];

    /// <summary>The strips as a piece to cut.</summary>
    public Piece Piece =>
        Answers.Piece.Rectangle(
            "strips",
            AllStrips,
            Ask.Layers > 1 ? $"strips, in {Ask.Layers} layers"
                : AllStrips == 1 ? "strip"
                : "strips",
            StripLength,
            Ask.CutDepth
        ) with
        {
            GrainUpright = !Ask.Along,
            JoinedBy = AllStrips > 1 ? Ask.JoinAllowance : null,
        };
}

/// <summary>One mark, each measured from one end.</summary>
/// <param name="Strip">On the strip, from the start of the gathers.</param>
/// <param name="FromCutEnd">On the strip, from its cut end.</param>
/// <param name="Edge">On the plain edge.</param>
public sealed record StripMarks(Length Strip, Length FromCutEnd, Length Edge);
