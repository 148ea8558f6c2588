using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>A stitch of the book across the gap.</summary>
/// <param name="Reach">How far it goes into each fold at its width.</param>
/// <param name="Serves">Whether that is as far as is wanted.</param>
internal sealed record Reaching(BookStitch Stitch, Length Reach, bool Serves);

/// <summary>What to cut, set and sew for bridged seams.</summary>
internal sealed record BridgedSeamPlan(BridgedSeamInputs Ask) : WorkPlan
{
    /// <summary>Cord beyond either end of a seam, to hold it by.</summary>
    private static readonly Length CordEnd = Length.FromMillimetres(50);

    /// <summary>Cloth from this weight on wants the higher bar; a workshop rule.</summary>
    private const double Heavy = 150;

    public override IReadOnlyList<Figure> Figures => BridgedSeamFigures.All;

    public int Panels => Ask.Bridges + 1;

    public Length InnerPanelCut => Ask.PanelFinished + 2 * Ask.Fold;

    public Length OuterPanelCut => Ask.PanelFinished + Ask.Fold + Ask.Outer;

    public Length PanelLength => Ask.SeamLength + 2 * Ask.End;

    public Length StitchWidth => Rounding.Up(Ask.Gap + 2 * Ask.Bite, Ask.WidthStep);

    public bool IsTooWide => StitchWidth > Ask.MaxStitchWidth * (1 + 1e-9);

    public Length WidestGap => Length.Max(Length.Zero, Ask.MaxStitchWidth - 2 * Ask.Bite);

    /// <summary>What the width dial is believed to give.</summary>
    public Dial Dial => dial ??= new(Ask.Measured, SewnWidth, "Width across the gap", true);

    private Dial? dial;

    /// <summary>How wide the stitch is that is sewn: one of the book as it stands there, a zigzag as wide as it has to be.</summary>
    public Length SewnWidth => Stitch.Width;

    /// <summary>sewn/f, rounded up to the next step of the dial and no further than the machine goes; of a zigzag or a stitch of the book alike.</summary>
    public Length SetWidth =>
        Length.Max(
            Length.Min(
                Rounding.Up(SewnWidth / Dial.Factor - Length.FromMillimetres(0.02), Ask.WidthStep),
                Ask.MaxStitchWidth
            ),
            Ask.Measured.Count == 0 ? SewnWidth : Length.Zero
        );

    public override Expected? Expected => Ask.Measured.Count > 0 ? Dial.Expected : null;

    /// <summary>The bar nearest to the gap; null where none is said, or a card is folded.</summary>
    public Length? Bar =>
        Ask.ByCard || Ask.Bars.Count == 0
            ? null
            : Ask.Bars.MinBy(b => Length.Difference(b, Ask.Gap).Millimetres);

    public int CardLayers =>
        (int)Math.Clamp(Math.Floor(Ask.Gap / Ask.CardThickness + 0.5), 1, 1000);

    public Length BarHeight => Length.FromMillimetres(Ask.ClothWeight >= Heavy ? 3 : 1.5);

    public Length? CordLength =>
        Ask.Cord is null ? null : Ask.Bridges * (PanelLength + 2 * CordEnd);

    /// <summary>A cord runs freely in a bore that is half a millimetre wider.</summary>
    public Length? Tube => Ask.Cord + Length.FromMillimetres(0.5);

    /// <summary>A stitch of the machine, set as wide as foot and plate let it be.</summary>
    private BookStitch Passing(BookStitch stitch) =>
        stitch.Width > Ask.MaxStitchWidth
        && stitch.Width <= Ask.MachineMakes * (1 + 1e-9)
        && Ask.MaxStitchWidth > Length.Zero
            ? stitch with
            {
                Width = Ask.MaxStitchWidth,
            }
            : stitch;

    /// <summary>(w − g)/2 into each fold.</summary>
    public IReadOnlyList<Reaching> Choices =>
        [
            .. Ask
                .Candidates.Select(Passing)
                .Select(s => new Reaching(
                    s,
                    (s.Width - Ask.Gap) / 2,
                    (s.Width - Ask.Gap) / 2 >= Ask.Bite * (1 - 1e-9)
                        && s.Width <= Ask.MaxStitchWidth * (1 + 1e-9)
                )),
        ];

    /// <summary>The stitch that is sewn: the first that serves, else a zigzag as wide as is wanted.</summary>
    public BookStitch Stitch =>
        Choices.FirstOrDefault(c => c.Serves)?.Stitch
        ?? BookStitch.Typed(StitchWidth, Ask.StitchLength * 2) with
        {
            Dial = Ask.StitchLength,
        };

    /// <summary>Thread of a metre of it, times the seams. A zigzag: √(ℓ² + z²) + t at each swing.</summary>
    public Length Thread =>
        ThreadUse.Spare * (Ask.Bridges * ((PanelLength + Ask.Leader) / Stitch.Repeat * OfRepeat));

    private Length OfRepeat
    {
        get
        {
            if (Ask.Candidates.Count > 0 && Choices.Any(c => c.Serves))
            {
                return Stitch.Thread(Ask.ClothThickness);
            }
            var (l, z) = (Ask.StitchLength.Millimetres, StitchWidth.Millimetres);
            return 2 * (Length.FromMillimetres(Math.Sqrt(l * l + z * z)) + Ask.ClothThickness);
        }
    }

    public override IReadOnlyList<Piece> Pieces =>
        Ask.IsUneven || Ask.ReadyMade is not null ? [.. EachPanel] : Alike;

    /// <summary>How wide a panel is cut: a fold at each gap, the outer allowance at an outer edge.</summary>
    public Length CutOf(int panel) =>
        Ask.Finished(panel)
        + (panel == 0 ? Ask.Outer : Ask.Fold)
        + (panel == Ask.Bridges ? Ask.Outer : Ask.Fold);

    /// <summary>Panels that differ, those alike in a row together; what is ready-made is not cut.</summary>
    private IEnumerable<Piece> EachPanel
    {
        get
        {
            var panels = Enumerable.Range(
                Ask.ReadyMade is null ? 0 : 1,
                Ask.Bridges + (Ask.ReadyMade is null ? 1 : 0)
            );
            return panels
                .GroupBy(i => Math.Round(CutOf(i).Millimetres, 6))
                .Select(g =>
                    Panel(
                        $"panel-{g.First() + 1}",
                        g.Count(),
                        g.Count() == 1
                            ? $"panel {g.First() + 1} from the left"
                            : $"panels {Sentence.Spans([.. g.Select(i => i + 1)])} from the left",
                        CutOf(g.First())
                    )
                );
        }
    }

    private IReadOnlyList<Piece> Alike =>
        [
            Panel("outer", 2, "outer panels", OuterPanelCut),
            .. Ask.Bridges > 1
                ?
                [
                    Panel(
                        "inner",
                        Ask.Bridges - 1,
                        Ask.Bridges == 2 ? "inner panel" : "inner panels",
                        InnerPanelCut
                    ),
                ]
                : Array.Empty<Piece>(),
        ];

    private Piece Panel(string key, int count, string name, Length width) =>
        Piece.Rectangle(key, count * Together.Count, name, width, PanelLength).Exact() with
        {
            GrainUpright = true,
        };

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", OnCloth.Taken(Pieces, Ask.ClothWidth, Ruler), Stage.Cut),
            new("thread", Together.Count * 2 * Thread, Stage.Keep),
            .. CordLength is { } cord
                ? [new Need("cord", Together.Count * cord, Stage.Keep)]
                : Array.Empty<Need>(),
        ];

    public override IReadOnlyList<Edge> Edges =>
        [
            new("end", "finished width", Ask.TotalWidth),
            new("side", "finished length", Ask.SeamLength),
        ];

    public override IReadOnlyList<Fact> ForCard =>
        [
            new("gap", $"{DecimalText.Write(Ask.Gap.Millimetres)} mm"),
            new("bite", $"{DecimalText.Write(Ask.Bite.Millimetres)} mm"),
            new("stitchWidth", $"{DecimalText.Write(SewnWidth.Millimetres, 2)} mm"),
            .. Stitch.Name is not null || Ask.Measured.Count > 0
                ? [new Fact("dialledWidth", $"{DecimalText.Write(SetWidth.Millimetres, 2)} mm")]
                : Array.Empty<Fact>(),
            .. Stitch.Name is not null && Stitch.Dial is { } length
                ?
                [
                    new Fact("stitchLength", $"{DecimalText.Write(length.Millimetres, 2)} mm"),
                    new Fact("dialledLength", $"{DecimalText.Write(length.Millimetres, 2)} mm"),
                ]
                : Array.Empty<Fact>(),
        ];

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            List<Fact> facts =
            [
                new(
                    "Panels",
                    Ask.IsUneven
                        ? string.Join(
                            " + ",
                            Enumerable.Range(0, Panels).Select(i => Ruler.Mark(Ask.Finished(i)))
                        )
                        : $"{Panels}, finished {Ruler.Mark(Ask.PanelFinished)} each"
                ),
                .. Ask.ReadyMade is { } ready
                    ?
                    [
                        new Fact(
                            $"Of {ready}",
                            $"{Ruler.Whole(PanelLength)}, {Ruler.Mark(Ask.Finished(0))} wide"
                        ),
                    ]
                    : Array.Empty<Fact>(),
                new("Stitch", $"{Stitch.Called}, {Ruler.Fine(SewnWidth)} wide"),
                new("At least", $"{Ruler.Fine(StitchWidth)} wide"),
                .. Ask.Measured.Count > 0
                    ? [new Fact("Set the width to", Ruler.Fine(SetWidth))]
                    : Array.Empty<Fact>(),
                new(
                    "Keep the gap with",
                    Ask.ByCard ? $"card folded to {CardLayers} layers"
                        : Bar is { } bar ? $"the bar of {Ruler.Fine(bar)}"
                        : $"a bar of {Ruler.Fine(Ask.Gap)}"
                ),
                new("Height of the bar", $"about {Ruler.Fine(BarHeight)}"),
                new("Widest gap this machine can span", Ruler.Fine(WidestGap)),
            ];
            if (CordLength is { } cord)
            {
                facts.Add(
                    new("Cord", $"{Ruler.Whole(cord)}, through a bore of {Ruler.Fine(Tube!.Value)}")
                );
            }
            if (Ask.PatternWidth is { } pattern)
            {
                facts.Add(
                    new(
                        "Against the pattern",
                        pattern == Ask.TotalWidth
                            ? "as wide"
                            : $"{Ruler.Mark(Length.Difference(pattern, Ask.TotalWidth))} {(Ask.TotalWidth > pattern ? "wider" : "narrower")}"
                    )
                );
            }
            facts.Add(new("Needle thread", Ruler.Write(Thread, LengthKind.Amount)));
            facts.Add(TimeInAll);
            return facts;
        }
    }

    public override IReadOnlyList<Fact> Scrap =>
        [
            new(
                "Cut two strips of the same fabric",
                Ruler.Size(
                    Ruler.Cut(Length.FromMillimetres(60) + Ask.Fold),
                    Ruler.Cut(Length.FromMillimetres(150))
                )
            ),
            new("Press under", Ruler.Mark(Ask.Fold)),
            new("Sewn, the folds should stand apart by", Ruler.Fine(Ask.Gap)),
        ];

    public override Guide? Guide => BridgeGuide.Of(this);

    public override Summary Summary =>
        new(
            $"{Ask.Bridges} {(Ask.Bridges == 1 ? "bridge" : "bridges")} in {Ruler.Mark(Ask.TotalWidth)}",
            BridgePicture.Of("in-short", "", Stitch)
        );

    public override IReadOnlyList<Caution> Cautions => BridgedSeamTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) =>
        BridgePencil.Of(this, ruler);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [BridgeDrawing.Finished(this), BiteCloseUp.Of(this), BridgeDrawing.Cut(this)];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(BridgedSeamSteps.Of(this));

    /// <summary>Reads bridged seams, and notices what is to be known about them.</summary>
    public static BridgedSeamPlan? Of(InputReader reader)
    {
        if (BridgedSeamInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new BridgedSeamPlan(ask)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = ask.Together,
        }.WithFindings(BridgedSeamFindings.In);
    }
}
