using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.PulledGathers.PulledGathersPlan>;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>What to cut, mark, sew and pull for a gathered piece.</summary>
internal sealed record PulledGathersPlan(StripPlan Strips) : WorkPlan
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Length(
            "flatEdge",
            LengthKind.Whole,
            "The flat edge wanted: fullness times finished edge.",
            a => a.Strips.FlatEdge
        ),
        F.Count("stripCount", "How many strips are cut.", a => a.Strips.StripCount),
        F.Cut("stripLength", "The length of each strip.", a => a.Strips.StripLength),
        F.Length(
            "sewnFlat",
            LengthKind.Whole,
            "The flat edge that the joined strips give.",
            a => a.Strips.SewnFlat
        ),
        F.Ratio(
            "achievedFullness",
            "What comes out, never below what was asked.",
            a => a.Strips.AchievedFullness
        ),
        F.Cut("cutDepth", "The depth of each strip.", a => a.Strips.Ask.CutDepth),
        F.Cut("clothLength", "The fabric taken, at the exact depth.", a => a.Strips.ClothLength),
        F.Cut(
            "clothToBuy",
            "The fabric taken, at the depth as the cutting list rounds it.",
            a => a.Strips.ClothToBuy
        ),
        F.Count(
            "stripsAcross",
            "How many strips lie side by side, cut along.",
            a => a.Strips.Ask.Along ? a.Strips.StripsAcross : (int?)null
        ),
        F.Count("joins", "Seams between strips.", a => a.Strips.Joins),
        F.Count("segments", "How many parts both edges are divided into.", a => a.Strips.Segments),
        F.Marked("segmentFlat", "One part of the strip.", a => a.Strips.SegmentFlat),
        F.Marked(
            "segmentGathered",
            "One part of the plain edge: what it measures once pulled up.",
            a => a.Strips.SegmentGathered
        ),
        F.Lengths(
            "rowOffsets",
            LengthKind.Marked,
            "Each row's distance from the raw edge.",
            a => a.Strips.RowOffsets
        ),
        F.Count(
            "rowsRemoved",
            "Rows below the seam line, taken out at the end.",
            a => a.Strips.Ask.Rows.RowsRemoved
        ),
        F.Amount(
            "threadPerRow",
            "Thread for one row on each of needle and bobbin, tails included.",
            a => a.Strips.ThreadPerRow
        ),
        F.Amount(
            "threadPerSide",
            "Thread for all rows on each of needle and bobbin.",
            a => a.Strips.ThreadPerSide
        ),
        F.Amount("threadTotal", "Both sides and 15 % on top.", a => a.Strips.ThreadTotal),
        F.Fine(
            "seamBulk",
            "What passes under the foot when the seam is sewn.",
            a => a.Strips.SeamBulk
        ),
        F.Table(
            "marks",
            "The marks of both edges, each measured from one end.",
            a => a.Strips.Marks,
            Figure<StripMarks>.Length(
                "strip",
                LengthKind.Tape,
                "On the strip, from the start of the gathers.",
                m => m.Strip
            ),
            Figure<StripMarks>.Length(
                "fromCutEnd",
                LengthKind.Tape,
                "On the strip, from its cut end.",
                m => m.FromCutEnd
            ),
            Figure<StripMarks>.Length("edge", LengthKind.Tape, "On the plain edge.", m => m.Edge)
        ),
        F.Group("swatch", "How to cut and mark a swatch.", a => a.Swatch, SwatchPlan.Told),
        F.Group(
            "suggested",
            "The usual fullness for this fabric and use.",
            a => a.Strips.Suggested,
            [
                Figure<SuggestedFullness>.Ratio("low", "The sparse end.", s => s.Low),
                Figure<SuggestedFullness>.Ratio("middle", "The middle.", s => s.Middle),
                Figure<SuggestedFullness>.Ratio("high", "The full end.", s => s.High),
                Figure<SuggestedFullness>.Text("because", "The reason.", s => s.Because),
            ],
            false
        ),
        .. SharedFigures,
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    public override IReadOnlyList<Piece> Pieces => [Strips.Piece];

    public override IReadOnlyList<Fact> Facts =>
        [
            new(
                "Fabric needed",
                Ruler.Cut(Strips.ClothToBuy)
                    + (Strips.Ask.ClothAtHand is { } there ? $" of {Ruler.Mark(there)}" : "")
            ),
            new("Total flat length", Ruler.Whole(Strips.SewnFlat)),
            new("Actual fullness", DecimalText.Write(Strips.AchievedFullness)),
            new("Divide both edges into", $"every 1/{Strips.Segments}"),
            new(
                "Needle thread, and as much for the bobbin",
                Ruler.Write(Strips.ThreadFromEach, LengthKind.Amount)
            ),
            new(
                "Bobbin thread to wind",
                $"{Strips.RowOffsets.Count} × {Ruler.Write(Strips.ThreadToWind, LengthKind.Amount)}"
            ),
            new("Thread for the seams", Ruler.Write(Strips.SeamThread(), LengthKind.Amount)),
        ];

    public override IReadOnlyList<Fact> Scrap => Swatch.Scrap(Ruler, "Pull it up to");

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", Strips.ClothToBuy, Stage.Cut),
            new("thread", Together.Count * (Strips.ThreadTotal + Strips.SeamThread()), Stage.Keep),
        ];

    public override IReadOnlyList<Edge> Edges => [new("lower", "lower edge", Strips.SewnFlat)];

    public override Guide? Guide => StripGuide.Of(Strips);

    public override Summary Summary =>
        Fullness.InShort.Of(Strips.Ask.FinishedEdge, Strips.AchievedFullness, Ruler);

    public override IReadOnlyList<Caution> Cautions => Safety.Gathers;

    private SwatchPlan Swatch =>
        SwatchPlan.For(Strips.Ask.CutDepth, Strips.Ask.Fullness, Ruler.Units);

    /// <summary>Reckons the straight form; null when the reader has errors.</summary>
    public static PulledGathersPlan? Of(InputReader reader) =>
        StripReckon.Straight(reader) is { } strips
            ? new PulledGathersPlan(strips)
            {
                Ruler = reader.Ruler,
                Together = strips.Ask.Together,
                Findings = [.. strips.Noticed, .. PulledGathersFindings.In(strips, reader.Ruler)],
            }
            : null;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) =>
        StripPencil.Of(Strips, ruler);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            GatheredDrawing.Of(Strips),
            EdgesDrawing.Of(Strips),
            CloseUpDrawing.Of(Strips, ruler),
            LayoutDrawing.Of(Strips, ruler),
        ];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(PulledSteps.Of(Strips, ruler));
}
