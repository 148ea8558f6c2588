using ZephyrReach.Core.Craft.PulledGathers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using Strips = ZephyrReach.Core.Craft.PulledGathers.Answer;

namespace ZephyrReach.Core.Craft.MachineGathers;

/// <summary>What to cut and sew for gathers that the machine makes.</summary>
/// <param name="Strips">The strips, as for pulled gathers of the same flat edge.</param>
/// <param name="CutLength">F·exp(quantile): flat, enough with the assurance, before anything to trim.</param>
internal sealed record Answer(Ask Ask, Kind Kind, Strips Strips, Length CutLength) : PiecedReckoning
{
    public static IReadOnlyList<Figure> Figures { get; } =
    [
        .. Swatches.PullUp.PullUpReading.Figures,
        new("cutLength", FigureShape.Length, "Flat, enough with the assurance."),
        new("flatEdge", FigureShape.Length, "The same with what is trimmed."),
        new("expectedSurplus", FigureShape.Length, "What will likely be over."),
        new("surplusLow", FigureShape.Length, "The least that may be over; below 0 is short."),
        new("surplusHigh", FigureShape.Length, "The most that may be over."),
        new("stripCount", FigureShape.Count, "How many strips are cut."),
        new("stripLength", FigureShape.Length, "Of each strip."),
        new("sewnFlat", FigureShape.Length, "What the joined strips give."),
        new("cutDepth", FigureShape.Length, "Of each strip."),
        new("clothToBuy", FigureShape.Length, "The cloth that the strips take."),
        new("joins", FigureShape.Count, "Seams between strips."),
        new(
            "segments",
            FigureShape.Count,
            "How many parts both edges are divided into, as a check."
        ),
        new("segmentFlat", FigureShape.Length, "One part of the strip."),
        new("segmentGathered", FigureShape.Length, "One part of the plain edge."),
        new("threadPerSide", FigureShape.Length, "Needle thread for all passes."),
        new("seamBulk", FigureShape.Length, "What passes under the foot in the seam."),
        new(
            "swatch",
            FigureShape.Group,
            "How to cut and mark a swatch.",
            Inner: SwatchPlan.Figures
        ),
        .. SharedFigures,
    ];

    private Length Edge => Ask.Piece.FinishedEdge;

    /// <summary>What the strips hold over the edge at a fullness.</summary>
    private Length Surplus(double fullness) => CutLength - Edge * fullness;

    /// <summary>Needle thread: each pass T'·(1 + t/ℓ) and a tail at either end.</summary>
    public Length ThreadPerSide =>
        Ask.Reading.Planned.Passes
        * (
            Strips.SewnFlat * (1 + Ask.Piece.ClothThickness / Ask.Piece.StitchLength)
            + 2 * Ask.Piece.Tail
        );

    public Length ThreadTotal => 2 * 1.15 * ThreadPerSide;

    /// <summary>The swatch: marked as for pulled gathers, and expected to come to the even chance.</summary>
    private SwatchPlan Swatch =>
        Strips.Swatch with
        {
            GathersTo = Strips.Swatch.MarkedFlat / Ask.Reading.Prediction.Mid,
        };

    public override IReadOnlyList<Piece> Pieces =>
        [
            new(
                Strips.StripCount * Ask.Layers,
                Ask.Layers > 1 ? $"strips, in {Ask.Layers} layers"
                    : Strips.StripCount == 1 ? "strip"
                    : "strips",
                Strips.StripLength,
                Ask.Piece.CutDepth
            ),
        ];

    /// <summary>All layers are cut.</summary>
    public Length ClothToBuy => Ask.Layers * Strips.ClothToBuy;

    public override IReadOnlyList<Fact> Facts =>
        [
            new("Cloth used", Ruler.Cut(ClothToBuy)),
            new("Flat edge", Ruler.Mark(Strips.SewnFlat)),
            new("Enough with", Ask.Reading.AssuranceSays),
            new(
                "Likely over",
                $"{Ruler.Mark(Length.Max(Length.Zero, Surplus(Ask.Reading.Prediction.Mid)))} and {Ruler.Mark(Ask.Trim)} to trim"
            ),
            new("Needle thread", Ruler.Write(ThreadPerSide, LengthKind.Amount)),
        ];

    public override IReadOnlyList<Caution> Cautions =>
        Kind.Knife ? [Hazards.Knife, .. Safety.All] : Safety.All;

    protected override void TellOwn(IFigures figures)
    {
        Ask.Reading.Tell(figures);
        var prediction = Ask.Reading.Prediction;
        figures.Length("cutLength", CutLength, LengthKind.Cut);
        figures.Length("flatEdge", CutLength + Ask.Trim, LengthKind.Cut);
        figures.Length("expectedSurplus", Surplus(prediction.Mid), LengthKind.Marked);
        figures.Length("surplusLow", Surplus(prediction.High), LengthKind.Marked);
        figures.Length("surplusHigh", Surplus(prediction.Low), LengthKind.Marked);
        figures.Count("stripCount", Strips.StripCount);
        figures.Length("stripLength", Strips.StripLength, LengthKind.Cut);
        figures.Length("sewnFlat", Strips.SewnFlat, LengthKind.Marked);
        figures.Length("cutDepth", Ask.Piece.CutDepth, LengthKind.Cut);
        figures.Length("clothToBuy", ClothToBuy, LengthKind.Cut);
        figures.Count("joins", Strips.Joins);
        figures.Count("segments", Strips.Segments);
        figures.Length("segmentFlat", Strips.SegmentFlat, LengthKind.Marked);
        figures.Length("segmentGathered", Strips.SegmentGathered, LengthKind.Marked);
        figures.Length("threadPerSide", ThreadPerSide, LengthKind.Amount);
        figures.Length("seamBulk", Strips.SeamBulk, LengthKind.Fine);
        figures.Group("swatch", Swatch.Tell);
    }

    public override IReadOnlyList<PencilLine> Pencil(Ruler ruler)
    {
        var reading = Ask.Reading;
        var p = reading.Prediction;
        string R(double ratio) => DecimalText.Write(ratio, 3);
        return
        [
            new(
                "Likely fullness",
                $"{R(p.Low)} to {R(p.High)}, even chance {R(p.Mid)}",
                reading.RestsOn
            ),
            new(
                "Enough with " + reading.AssuranceSays,
                $"{ruler.Mark(Edge)} × {R(p.At(reading.Assurance))} = {ruler.Mark(CutLength)}",
                "The fullness that is not exceeded so often, times the edge."
            ),
            new(
                "To trim",
                $"{ruler.Mark(CutLength)} + {ruler.Mark(Ask.Trim)} = {ruler.Mark(CutLength + Ask.Trim)}",
                "What the machine gathers cannot be pulled to fit; what is over can be cut off."
            ),
            .. PencilWork
                .Of(Strips, ruler)
                .Where(l => l.Title is "Strips" or "Strip length" or "Depth" or "Cloth"),
            new(
                "Needle thread",
                $"{R(reading.Planned.Passes)} × ({ruler.Mark(Strips.SewnFlat)} × (1 + {ruler.Write(Ask.Piece.ClothThickness, LengthKind.Fine)} ÷ {ruler.Write(Ask.Piece.StitchLength, LengthKind.Fine)}) + 2 × {ruler.Mark(Ask.Piece.Tail)}) = {ruler.Write(ThreadPerSide, LengthKind.Amount)}",
                "Each pass takes its length, the slack over the cloth, and two tails."
            ),
        ];
    }

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler)
    {
        // Drawn as it will likely come out: the even chance, not the length that is cut to be sure.
        var likely = Strips with
        {
            Ask = Strips.Ask,
            SewnFlat = Edge * Math.Min(12, Ask.Reading.Prediction.Mid),
        };
        return
        [
            GatheredDrawing.Of(likely),
            EdgesDrawing.Of(Strips),
            CloseUpDrawing.Of(Strips, ruler),
            LayoutDrawing.Of(Strips, ruler),
        ];
    }

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => SewingSteps.Of(this, ruler);
}
