using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>A place where the ribbon is caught, and then folded back.</summary>
/// <param name="Number">Which leg it catches, from 1.</param>
/// <param name="At">From the start of the run, on its middle line.</param>
/// <param name="Fold">Where the fold after it lies, from the start.</param>
/// <param name="ToLeft">Whether the leg runs to her left, as she sits before it; the fold lies on that side.</param>
internal sealed record Catch(int Number, Length At, Length Fold, bool ToLeft);

/// <summary>What ribbon to buy, and where to stop and fold it.</summary>
/// <remarks>A flat strip folded at 45° turns its middle line by 90°, and the fold is parallel to the run: so the band is exactly as wide as one leg advances.</remarks>
internal sealed record FoldedRibbonPlan(FoldedRibbonInputs Ask) : WorkPlan
{
    /// <summary>One stop takes about so long, in minutes.</summary>
    private const double PerFold = 0.25;

    public override IReadOnlyList<Figure> Figures => FoldedRibbonFigures.All;

    public Length Advance => Ask.Run / Ask.Legs;

    public Length RibbonLength => Ask.Run * Math.Sqrt(2) + 2 * Ask.Tail;

    public Length RibbonTotal => Together.Count * Ask.Bands * RibbonLength;

    public Length FoldEdge => Ask.RibbonWidth * Math.Sqrt(2);

    public Length Clearance => 2 * Advance - FoldEdge;

    public Length AllBands => Ask.Bands * Advance + (Ask.Bands - 1) * Ask.BandGap;

    /// <summary>What her legs came to over what was planned.</summary>
    public Dial Dial =>
        dial ??= new(Ask.Measured, Advance, "Each fold", true)
        {
            Unit = "of what is planned",
            Unmeasured = "On no folds yet: only on what a dial usually gives.",
        };

    private Dial? dial;

    public Length SetAdvance => Advance / Dial.Factor;

    public override Expected? Expected => Ask.Measured.Count > 0 ? Dial.Expected : null;

    public int StitchesPerLeg => (int)Math.Max(1, Math.Floor(SetAdvance / Ask.StitchLength + 0.5));

    /// <summary>In the middle of each leg, where it crosses the line.</summary>
    public IReadOnlyList<Catch> Catches =>
        catches ??= [
            .. Enumerable
                .Range(1, Ask.Legs)
                .Select(i => new Catch(i, Advance * (i - 0.5), Advance * i, i % 2 == 0)),
        ];

    private IReadOnlyList<Catch>? catches;

    /// <summary>From the last catch to where the ribbon is cut: half a leg along it, q′/√2, and the tail.</summary>
    public Length LastEnd => Advance / Math.Sqrt(2) + Ask.Tail;

    public double Minutes => Ask.Bands * (3 + Ask.Legs * PerFold);

    public override IReadOnlyList<Piece> Pieces =>
        [
            Piece.Rectangle(
                "ribbon",
                Together.Count * Ask.Bands,
                Together.Count * Ask.Bands == 1 ? "ribbon" : "ribbons",
                RibbonLength,
                Ask.RibbonWidth
            ) with
            {
                Of = "ribbon",
                DepthKind = LengthKind.Fine,
            },
        ];

    public override IReadOnlyList<Need> Needs =>
        [
            new("ribbon", RibbonTotal, Stage.Keep),
            new("thread", Together.Count * 2 * Thread, Stage.Keep),
        ];

    /// <summary>1.15 · (stitches · (ℓ + t)) in each band; a sequence swings little.</summary>
    private Length Thread =>
        ThreadUse.Spare
        * Ask.Bands
        * ((double)Ask.Legs * StitchesPerLeg * (Ask.StitchLength + Ask.ClothThickness));

    public override IReadOnlyList<Edge> Edges => [new("side", "along the band", Ask.Run)];

    public override IReadOnlyList<Fact> ForCard =>
        [new("stitchLength", $"{DecimalText.Write(Ask.StitchLength.Millimetres)} mm")];

    public override IReadOnlyList<Fact> Facts =>
        [
            new("Legs", $"{Ask.Legs}, each on by {Ruler.Fine(Advance)}"),
            new("Band width", Ruler.Fine(Advance)),
            .. Ask.Bands > 1 ? [new Fact("All bands", Ruler.Mark(AllBands))] : Array.Empty<Fact>(),
            new("Space between folds", Ruler.Fine(Clearance)),
            new("Stitches per fold", $"{StitchesPerLeg}"),
            new("One band takes", Ruler.Cut(RibbonLength)),
            new("Ribbon in all", Ruler.Write(RibbonTotal, LengthKind.Amount)),
            TimeInAll,
        ];

    public override IReadOnlyList<Fact> Scrap =>
        [
            new(
                "Take a piece of the fabric and of ribbon",
                Ruler.Write(10 * Advance * Math.Sqrt(2) + 2 * Ask.Tail, LengthKind.Amount)
            ),
            new("Lay so many folds", "10"),
            new("They should reach", Ruler.Mark(10 * Advance)),
        ];

    public override Guide? Guide => RibbonGuide.Of(this);

    public override Summary Summary =>
        new(
            $"{Ask.Legs} folds on {Ruler.Mark(Ask.Run)}",
            RibbonDrawing.Picture("in-short", "", Ask.Bands)
        );

    public override IReadOnlyList<Caution> Cautions => FoldedRibbonTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        return
        [
            new(
                "Legs",
                ruler.Sum(
                    $"{Ask.Run} ÷ {Ask.LegAdvance:fine}, to the nearest whole one = {Ask.Legs}"
                ),
                "So that the last ends at the end."
            ),
            new(
                "Each, on by",
                ruler.Sum($"{Ask.Run} ÷ {Ask.Legs} = {Advance:fine}"),
                "The band is exactly as wide."
            ),
            new(
                "Ribbon",
                ruler.Sum($"{Ask.Run} × √2 + 2 × {Ask.Tail} = {RibbonLength:cut}"),
                "Every fold lies at 45°: √2 times as long as it goes on."
            ),
            .. Ask.Bands * Together.Count > 1
                ?
                [
                    new DerivationLine(
                        "In all",
                        ruler.Sum(
                            $"{Ask.Bands * Together.Count} × {RibbonLength} = {RibbonTotal:amount}"
                        )
                    ),
                ]
                : Array.Empty<DerivationLine>(),
            new(
                "Space between folds",
                ruler.Sum($"2 × {Advance:fine} − {Ask.RibbonWidth:fine} × √2 = {Clearance:fine}"),
                "Two folds on one side lie two folds apart, and each is √2 times as long as the ribbon is wide."
            ),
            new(
                "Stitches per fold",
                ruler.Sum(
                    $"{SetAdvance:fine} ÷ {Ask.StitchLength:fine}, to the nearest whole one = {StitchesPerLeg}"
                ),
                Dial.RestsOn
            ),
        ];
    }

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [RibbonDrawing.Band(this), RibbonDrawing.Fold(this)];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(FoldedRibbonSteps.Of(this));

    /// <summary>Reads a band, and notices what is to be known about it.</summary>
    public static FoldedRibbonPlan? Of(InputReader reader)
    {
        if (FoldedRibbonInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new FoldedRibbonPlan(ask)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = ask.Together,
        }.WithFindings(FoldedRibbonFindings.In);
    }
}
