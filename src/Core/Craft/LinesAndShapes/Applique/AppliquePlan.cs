using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>A side of a shape with the stitch that fits it.</summary>
/// <param name="Own">Its own best repeat.</param>
/// <param name="Planned">The repeat that serves all, against this side.</param>
internal sealed record FittedSide(Round Round, ShapeSide Side, Fitted Own, Fitted Planned);

/// <summary>How shapes are sewn onto a ground.</summary>
internal sealed partial record AppliquePlan(AppliqueInputs Ask) : WorkPlan
{
    /// <summary>Workshop rule: a stop with its turn takes so many minutes.</summary>
    private const double MinutesOfStop = 0.1;

    public override IReadOnlyList<Figure> Figures => AppliqueFigures.All;

    /// <summary>Every outline, as it is sewn: from beneath to above.</summary>
    public IReadOnlyList<Round> Rounds => rounds ??= RoundsOf();

    private IReadOnlyList<Round>? rounds;

    /// <summary>What the machine gives of what is set: said, or by what was measured.</summary>
    public double Factor => Ask.DialFactor ?? (Ask.Measured.Count > 0 ? Dial.Factor : 1);

    /// <summary>What the dial really gives; learnt from rows of this stitch.</summary>
    public Dial Dial => dial ??= new(Ask.Measured, Ask.Repeat, "Stitch length", true);

    private Dial? dial;

    /// <summary>The sides on which a stitch has to land at both ends.</summary>
    private IReadOnlyList<Length> Binding =>
        [.. Rounds.SelectMany(r => r.Sides).Where(s => !s.IsFree).Select(s => s.Length)];

    public Length BestRepeat => bestRepeat ??= Binding.Count == 0 ? Ask.Repeat : Best(Binding);

    private Length? bestRepeat;

    /// <summary>What one repeat comes to.</summary>
    public Length Step => BestRepeat * Factor;

    public IReadOnlyList<FittedSide> Sides => sides ??= SidesOf();

    private IReadOnlyList<FittedSide>? sides;

    /// <summary>The same in the order in which the outlines were said, whichever way round they are sewn.</summary>
    public IReadOnlyList<FittedSide> AsSaid =>
        [
            .. Rounds.SelectMany(r =>
                r.IsReversed
                    ? Sides.Where(s => s.Round == r).Reverse()
                    : Sides.Where(s => s.Round == r)
            ),
        ];

    public Length Miss => Sides.Select(s => s.Planned.Miss).DefaultIfEmpty(Length.Zero).Max();

    public bool Lands => Miss <= LeastChange.Met;

    /// <summary>The least change of the outline that is missed most; null where all are met, or none is found.</summary>
    public SettingChange? Change => (change ??= [ChangeOf()])[0];

    /// <summary>Looked for once, whether it is found or not.</summary>
    private SettingChange?[]? change;

    public Length Perimeter => Rounds.Sum(r => r.Measured.Length);

    public Length Stitched => Sides.Sum(s => s.Side.Length);

    public int Stitches => Sides.Sum(s => s.Planned.Count) * (Ask.SecondPass ? 2 : 1);

    /// <summary>How far the stitch goes into the shape; of a turned edge just enough to hold it.</summary>
    public Length Bite =>
        Ask.Stitch == AppliqueFields.Turned
            ? Length.Min(Ask.Bite, Length.FromMillimetres(1))
            : Ask.Bite;

    public int Corners(bool outside) =>
        Rounds.Sum(r => r.Corners.Count(c => c.IsOutside == outside));

    public double Minutes =>
        Stitches * SwingsOfRepeat / Ask.Speed + Rounds.Sum(r => Turnings(r).Count) * MinutesOfStop;

    /// <summary>A blanket stitch swings out and back for each repeat.</summary>
    private int SwingsOfRepeat => Ask.Stitch == AppliqueFields.Blanket ? 3 : 1;

    public IReadOnlyList<CutShape> Cuts => cuts ??= CutShape.All(Ask, Rounds);

    private IReadOnlyList<CutShape>? cuts;

    /// <summary>As it is traced on the paper of the fusible: mirrored, with its rectangle.</summary>
    public IReadOnlyList<CutShape> Fusible => Ask.IsFused ? [.. Cuts.Select(c => c.AsTraced)] : [];

    /// <summary>From the middle of the foot to the right side of the stitch, where the edge runs: bite/2 + moved.</summary>
    public Length EdgeAt => Bite / 2 + Ask.NeedleMoved;

    /// <summary>From there to the inside of the right toe: opening/2 − edgeAt. Null where the foot is not known; below 0 it goes into the toe.</summary>
    public Length? ToToe => Ask.ToeOpening is { } wide ? Length.Difference(wide / 2, EdgeAt) : null;

    /// <summary>How many stops all outlines have with another tolerance.</summary>
    public int StopsWith(Length tolerance) => Rounds.Sum(r => TurningsOf(r, tolerance).Count);

    public override Expected? Expected => Ask.Measured.Count > 0 ? Dial.Expected : null;

    public override IReadOnlyList<Piece> Pieces =>
        [
            .. Cuts.Select(PieceOf),
            .. Fusible.Select(c =>
                Piece.Rectangle(
                    $"fusible-{c.Shape.Number}",
                    1,
                    $"fusible for the {c.Shape.Name}",
                    c.Width,
                    c.Height
                ) with
                {
                    Of = "stabiliser",
                }
            ),
            .. Ask.IsFirm ? Array.Empty<Piece>() : [Backing.Piece(Outlines)],
        ];

    private Piece PieceOf(CutShape cut) =>
        new($"shape-{cut.Shape.Number}", 1, cut.Shape.Name, cut.Outlines[0], GrainUpright: true)
        {
            Fabric = FabricOf(cut),
        };

    /// <summary>Each other colour than that of the first is another fabric.</summary>
    private string FabricOf(CutShape cut)
    {
        var colour = cut.Shape.Number == 1 ? "" : cut.Shape.Colour;
        return colour.Length == 0
            ? ""
            : $"fabric for the {string.Join(", ", Cuts.Where(c => c.Shape.Number != 1 && c.Shape.Colour == colour).Select(c => c.Shape.Name).Distinct())}";
    }

    /// <summary>Every shape that is sewn on.</summary>
    private IReadOnlyList<Path> Outlines => [.. Ask.Shapes.SelectMany(s => s.Outlines)];

    public override IReadOnlyList<Fact> Facts =>
        [
            new("Set the stitch to", $"{Ruler.Fine(BestRepeat)} long, {Ruler.Fine(Bite)} wide"),
            new(
                "Worst corner",
                Lands ? $"met within {Ruler.Fine(Miss)}" : $"missed by {Ruler.Fine(Miss)}"
            ),
            new("Stitches", $"{Stitches}"),
            new("Corners", $"{Corners(true)} outside, {Corners(false)} inside"),
            new("Pivot points", $"{Rounds.Sum(r => Turnings(r).Count)}"),
            new("Round the edge", Ruler.Mark(Stitched)),
            .. ToToe is { } toe && toe > Length.Zero
                ? [new Fact("Lead the edge", $"{Ruler.Fine(toe)} inside the right toe")]
                : Array.Empty<Fact>(),
            TimeInAll,
        ];

    public override IReadOnlyList<Fact> ForCard =>
        [
            new(Card.Wants.StitchLengthField.Name, $"{DecimalText.Write(Step.Millimetres, 2)} mm"),
            new(Card.Wants.StitchWidthField.Name, $"{DecimalText.Write(Bite.Millimetres, 2)} mm"),
            .. Ask.DialFactor is not null || Ask.Measured.Count > 0
                ?
                [
                    new Fact(
                        Card.Wants.DialledLengthField.Name,
                        $"{DecimalText.Write(BestRepeat.Millimetres, 2)} mm"
                    ),
                ]
                : Array.Empty<Fact>(),
        ];

    public override IReadOnlyList<Fact> Scrap =>
        [
            new("Cut a corner with sides of", Ruler.Mark(10 * Step)),
            new("Set the stitch to", Ruler.Fine(BestRepeat)),
            new("Ten repeats should come to", Ruler.Fine(10 * Step)),
        ];

    public override IReadOnlyList<Need> Needs =>
        [
            .. Cuts.Select(PieceOf)
                .GroupBy(piece => piece.Fabric)
                .Select(of => new Need(
                    "cloth",
                    OnCloth.Taken(of, OnCloth.UsualWidth, Ruler),
                    Stage.Cut
                )
                {
                    Name = of.Key,
                }),
            new("thread", ThreadUse.OfBoth(Thread), Stage.Keep),
            .. Fusible.Count > 0
                ?
                [
                    new Need("stabiliser", Fusible.Sum(c => c.Height), Stage.Cut)
                    {
                        Name = Ask.Fusible,
                    },
                ]
                : Array.Empty<Need>(),
            .. Ask.IsFirm ? Array.Empty<Need>() : [Backing.Need(Outlines, Stage.Cut)],
        ];

    /// <summary>Needle thread: every stitch as it lies, and through the layers.</summary>
    private Length Thread
    {
        get
        {
            var (p, b) = (Step.Millimetres, Bite.Millimetres);
            var one = Ask.Stitch == AppliqueFields.Blanket ? p + 2 * b : Math.Sqrt(p * p + b * b);
            return Stitches * (Length.FromMillimetres(one) + SwingsOfRepeat * Ask.ClothThickness);
        }
    }

    public override IReadOnlyList<Path> Traces => Outlines;

    public override Guide? Guide => ShapeDrawing.Guide(this);

    public override Summary Summary =>
        new(
            $"{string.Join(", ", Ask.Shapes.Select(s => s.Name).Distinct().Take(3))}: {Ruler.Fine(BestRepeat)} stitches, "
                + (Lands ? "every corner met" : $"missed by {Ruler.Fine(Miss)}"),
            ShapeDrawing.Picture("in-short", "", Ask.Shapes)
        );

    public override IReadOnlyList<Caution> Cautions => AppliqueTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) => ShapePencil.Of(this);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) => ShapeDrawing.All(this);

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => AppliqueSteps.Of(this);

    /// <summary>Reads shapes and notices what is to be known about them.</summary>
    public static AppliquePlan? Of(Inputs.InputReader reader)
    {
        if (Applique.AppliqueInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new AppliquePlan(ask)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = Together.Alone,
        }.WithFindings(AppliqueFindings.In);
    }

    /// <summary>
    /// The stops round an outline in the order they are sewn: on a curve that bulges the needle stands outside, on a hollow one
    /// in the shape; at a corner it stands in it.
    /// </summary>
    internal IReadOnlyList<Turning> Turnings(Round round) =>
        turnings.TryGetValue(round, out var known)
            ? known
            : turnings[round] = TurningsOf(round, Ask.Tolerance);

    private readonly Dictionary<Round, IReadOnlyList<Turning>> turnings = [];

    /// <summary>Where a stitch lies along an outline, counted from where the sewing starts; in mm.</summary>
    internal double AlongOf(Round round, int stitch)
    {
        foreach (var (_, from, to) in round.Sewn(Step.Millimetres))
        {
            var count = CountOf(to - from);
            if (stitch <= count)
            {
                return Math.Min(to, from + stitch * Step.Millimetres) % round.Measured.Total;
            }
            stitch -= count;
        }
        return 0;
    }

    internal int CountOf(double length) => (int)Math.Max(1, Math.Round(length / Step.Millimetres));

    private Length Best(IReadOnlyList<Length> lengths) =>
        StitchFit.Best(lengths, Ask.Repeat, Ask.RepeatRange, Ask.RepeatStep, Factor);

    private List<Round> RoundsOf()
    {
        List<Round> all = [];
        foreach (var shape in Ask.Shapes)
        {
            // What lies over it, all together.
            var over = Ask
                .Shapes.Where(s => s.Number > shape.Number)
                .Select(s => s.Area)
                .Aggregate((Area?)null, (sum, next) => sum?.And(next) ?? next);
            for (var i = 0; i < shape.Outlines.Count; i++)
            {
                all.Add(
                    new Round(shape, i, Ask.CornerAngle, over, Ask.Stitch == AppliqueFields.Blanket)
                );
            }
        }
        return all;
    }

    private List<FittedSide> SidesOf()
    {
        List<FittedSide> all = [];
        foreach (var round in Rounds)
        {
            foreach (var side in round.Sides)
            {
                var planned = StitchFit.Of(side.Length, BestRepeat, Factor);
                var own = StitchFit.Of(side.Length, Best([side.Length]), Factor);
                // Under another shape no stitch has to land anywhere.
                all.Add(
                    side.IsFree
                        ? new(
                            round,
                            side,
                            own with
                            {
                                Miss = Length.Zero,
                            },
                            planned with
                            {
                                Miss = Length.Zero,
                            }
                        )
                        : new(round, side, own, planned)
                );
            }
        }
        return all;
    }

    private SettingChange? ChangeOf() =>
        Lands
            ? null
            : Rounds
                .Where(r => Sides.Any(s => s.Round == r && s.Planned.Miss > LeastChange.Met))
                .Select(r =>
                    LeastChange.For(r, Step) is { } found ? new SettingChange(this, r, found) : null
                )
                .FirstOrDefault(c => c is not null);
}
