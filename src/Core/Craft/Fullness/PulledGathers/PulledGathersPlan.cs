using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>What to cut, mark, sew and pull for a gathered piece.</summary>
internal sealed record PulledGathersPlan(StripPlan Strips) : WorkPlan
{
    public override IReadOnlyList<Figure> Figures => PulledGathersFigures.All;

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
            TimeInAll,
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

    internal SwatchPlan Swatch =>
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
