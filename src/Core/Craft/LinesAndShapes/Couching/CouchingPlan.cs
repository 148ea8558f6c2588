using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>A stop of one of several lines.</summary>
internal sealed record OnLine(int Line, Turning Turn);

/// <summary>How a cord is couched along a line.</summary>
internal sealed record CouchingPlan(CouchingInputs Ask) : WorkPlan
{
    /// <summary>Workshop rule: a stop with its turn takes so many minutes.</summary>
    private const double MinutesOfStop = 0.1;

    /// <summary>A tube is wider than the cord by this, so that it slides.</summary>
    private static readonly Length Slides = Length.FromMillimetres(0.5);

    public override IReadOnlyList<Figure> Figures => CouchingFigures.All;

    /// <summary>Each cord along each line, in the order they are sewn: the inside of the curves first.</summary>
    public IReadOnlyList<Pass> Passes => passes ??= PassesOf();

    private IReadOnlyList<Pass>? passes;

    public Pass First => Passes[0];

    /// <summary>roundUp(c + 2κ + NM/100) to a step of the dial.</summary>
    public Length Zigzag => Rounding.Up(Ask.Cord + 2 * Ask.Clearance + Ask.Needle, Ask.WidthStep);

    /// <summary>The thickest cord whose zigzag the machine still makes.</summary>
    public Length Thickest =>
        Rounding.Down(Ask.MaxStitchWidth, Ask.WidthStep) - 2 * Ask.Clearance - Ask.Needle;

    public bool IsTooThick => Zigzag.Millimetres > Ask.MaxStitchWidth.Millimetres + 1e-9;

    /// <summary>What is set for the zigzag that is wanted, up to a step: what is narrower would pierce the cord.</summary>
    public Length SetWidth =>
        Rounding.Up(Zigzag / Dial.Factor - Length.FromMillimetres(0.02), Ask.WidthStep);

    public Length PathLength => Ask.Lines.Sum(l => l.Length);

    public int Stitches => Passes.Sum(p => p.Stitches);

    /// <summary>pathLength + taper·(closed ? 1 : 2), of each cord.</summary>
    public Length CordLength => Passes.Sum(p => p.Length + Ask.Taper * (p.IsClosed ? 1 : 2));

    public Length NeedleThread =>
        Stitches * ThreadUse.OfStitch(Ask.StitchLength, Zigzag, Ask.ClothThickness);

    public Length LeastRadius => 2 * Ask.Cord;

    public Length Bore => Rounding.Up(Ask.Cord + Slides, Length.FromMillimetres(0.5));

    /// <summary>Whether the hole of the foot leads it: it goes through, and is not lost in it.</summary>
    public bool ByHole => Ask.FootHole is { } hole && hole >= Ask.Cord && hole <= Ask.Cord * 2;

    public Strip? Strip =>
        Ask.IsRolled
            ? Couching.Strip.For(
                CordLength,
                Couching.Strip.WidthFor(Ask.Cord, Ask.StripThickness),
                Ask.StripPiece
            )
            : null;

    public int Crossings => crossings ??= Ask.Lines.Sum(l => Area.Crossings(l.Measured).Count);

    private int? crossings;

    public double Minutes =>
        Stitches / Ask.Speed + Passes.Sum(p => p.Turnings.Count) * MinutesOfStop;

    /// <summary>What the width really comes to on this machine.</summary>
    public Dial Dial => dial ??= new(Ask.Measured, Zigzag, "Zigzag width", true);

    private Dial? dial;

    public override Expected? Expected => Ask.Measured.Count > 0 ? Dial.Expected : null;

    /// <summary>What to lay behind, by the ground.</summary>
    public string Behind =>
        Ask.Ground switch
        {
            CouchingFields.Thin => "tear-away stabiliser, basted to it",
            CouchingFields.Knit => "fused interfacing, hooped with it",
            "medium" => "a light stabiliser",
            _ => "nothing: it is firm enough",
        };

    public override IReadOnlyList<Piece> Pieces =>
        Strip is { } strip
            ?
            [
                Piece.Rectangle(
                    "strip",
                    strip.Count,
                    "strip of knit, across",
                    strip.Length,
                    strip.Width
                ) with
                {
                    GrainUpright = true,
                    DepthKind = LengthKind.Marked,
                },
            ]
            : [];

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            List<Fact> facts =
            [
                new("Zigzag", $"{Ruler.Fine(Zigzag)} wide, {Ruler.Fine(Ask.StitchLength)} long"),
                new("Set the width to", Ruler.Fine(SetWidth)),
                new("Cord needed", Ruler.Write(CordLength, LengthKind.Amount)),
                new("Line length", Ruler.Mark(PathLength)),
                new("Stitches", $"{Stitches}"),
                new("Pivot points", $"{Passes.Sum(p => p.Turnings.Count)}"),
                new(
                    "Guide the cord through",
                    ByHole ? "the hole of the foot" : $"a tube of {Ruler.Fine(Bore)} bore"
                ),
                new("Behind the fabric", Behind),
                TimeInAll,
            ];
            if (Strip is { } strip)
            {
                facts.Insert(
                    3,
                    new("Cut", $"{Pieces[0].Says(Ruler)}, within {Ruler.Mark(strip.Width / 10)}")
                );
            }
            return facts;
        }
    }

    public override IReadOnlyList<Fact> ForCard =>
        [
            new(Card.Wants.BehindField.Name, Behind),
            new(Card.Wants.StitchWidthField.Name, $"{DecimalText.Write(Zigzag.Millimetres, 2)} mm"),
            .. Ask.Measured.Count > 0
                ?
                [
                    new Fact(
                        Card.Wants.DialledWidthField.Name,
                        $"{DecimalText.Write(SetWidth.Millimetres, 2)} mm"
                    ),
                ]
                : Array.Empty<Fact>(),
        ];

    public override IReadOnlyList<Fact> Scrap =>
        [
            new("Draw", $"{Ruler.Mark(Straight)} straight on, and half round {Ruler.Mark(Bend)}"),
            new("Mark on the cord", Ruler.Mark(Straight)),
            new("Set the width to", Ruler.Fine(SetWidth)),
            new(
                "It should come to",
                $"{Ruler.Fine(Zigzag)} wide, on {Ruler.Mark(Straight)} of cord"
            ),
        ];

    /// <summary>What is sewn on a scrap.</summary>
    internal static Length Straight => Length.FromMillimetres(100);

    private Length Bend => Length.Max(Length.FromMillimetres(15), LeastRadius * 2);

    public override IReadOnlyList<Need> Needs =>
        [
            Strip is { } strip
                ? new("cloth", OnCloth.Taken(Pieces, OnCloth.UsualWidth, Ruler), Stage.Keep)
                : new("cord", CordLength, Stage.Keep),
            new("thread", ThreadUse.OfBoth(NeedleThread), Stage.Keep),
            .. Ask.Ground == "firm" ? Array.Empty<Need>() : [Backing.Need(Traces, Stage.Keep)],
        ];

    public override Guide? Guide => CordDrawing.Guide(this);

    public override IReadOnlyList<Path> Traces => [.. Ask.Lines.Select(l => l.Path)];

    public override Summary Summary =>
        new(
            $"{Ruler.Mark(PathLength)} of {Ruler.Fine(Ask.Cord)} cord, {Passes.Sum(p => p.Turnings.Count)} stops",
            CordDrawing.Picture("in-short", "", Ask.Lines)
        );

    public override IReadOnlyList<Caution> Cautions => CouchingTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) => CordPencil.Of(this);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) => CordDrawing.All(this);

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => CouchingSteps.Of(this);

    /// <summary>Reads a line with its cord and notices what is to be known about it.</summary>
    public static CouchingPlan? Of(Inputs.InputReader reader)
    {
        if (Couching.CouchingInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new CouchingPlan(ask)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = Together.Alone,
        }.WithFindings(CouchingFindings.In);
    }

    /// <summary>What a pass is called where there are several.</summary>
    internal string NameOf(Pass pass) =>
        Passes.Count == 1 ? "the line"
        : Ask.Cords == 1 ? $"line {pass.Number}"
        : $"cord {pass.Number}";

    private List<Pass> PassesOf()
    {
        List<Pass> all = [];
        foreach (var line in Ask.Lines)
        {
            // Along the inside of its bends first: each lies against the one before.
            var bends = line.Legs.OfType<Curve>().Sum(c => c.Sweep);
            for (var i = 0; i < Ask.Cords; i++)
            {
                var off = ((Ask.Cords - 1) / 2.0 - i) * Ask.Cord.Millimetres;
                all.Add(new Pass(Ask, line, all.Count + 1, bends >= 0 ? off : -off));
            }
        }
        return all;
    }
}
