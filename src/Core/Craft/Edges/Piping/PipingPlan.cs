using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>How an edge is piped.</summary>
internal sealed record PipingPlan(PipingInputs Ask)
    : CoveredPlan(Ask.Edge, Ask.Covering, Ask.Cut, Ask.Face)
{
    /// <summary>The first line only holds the covering shut.</summary>
    public static readonly Length Basting = Length.FromMillimetres(3.5);

    /// <summary>1.0, 0.5 and 0 mm from the covered cord: each hides the one before.</summary>
    private static readonly Length[] FromCord =
    [
        Length.FromMillimetres(1),
        Length.FromMillimetres(0.5),
        Length.Zero,
    ];

    public override Length? Ready => Ask.ReadyBinding;

    public override IReadOnlyList<Figure> Figures => PipingFigures.All;

    public override BesideCord Foot => Ask.Foot;

    public override IReadOnlyList<Length> Wanted => FromCord;

    public Length CordLength => Ask.Cut.Required / (1 - Ask.Shrinks);

    /// <summary>The first line goes along the strip, the other two along the edge.</summary>
    public Length NeedleThread =>
        Ask.Rings
        * (
            Thread(Ask.Required, Basting, 2 * Ask.Covering.Thickness)
            + Thread(Edge.Length, Ask.StitchLength, Layers)
            + Thread(Edge.Length, Ask.StitchLength, Layers + Ask.Face)
        );

    private Length Layers => 2 * Ask.Covering.Thickness + Ask.Face;

    public IReadOnlyList<Ring> Ringed => rings ??= Ring.All(Ask);

    private IReadOnlyList<Ring>? rings;

    public override IReadOnlyList<double> JoinsOnEdge => Ringed[0].Joins;

    public override double StartsAt => Ringed[0].Start;

    public Length StartShift =>
        Edge.Edge.IsClosed
            ? Length.FromMillimetres(Ringed[0].Start - Edge.Start.Middle)
            : Length.Zero;

    public bool JoinsHidden => Ringed.All(r => r.IsHidden);

    public override Expected? Expected => Ask.Wraps.All.Count > 0 ? Ask.Wraps.Expected : null;

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            var cut = Ask.Cut;
            List<Fact> facts =
            [
                .. StripFacts,
                .. Ask.Rings > 1
                    ? [new Fact("That is", $"{Ask.Rings} × {Ruler.Whole(Ask.Required)}")]
                    : Array.Empty<Fact>(),
                .. IsReadyMade
                    ? Array.Empty<Fact>()
                    :
                    [
                        new Fact(
                            "Fabric needed for strips",
                            cut.Way == BiasFields.FromRemnant ? "the offcut" : Ruler.Cut(cut.Cloth)
                        ),
                    ],
                new("Cord needed", Ruler.Write(CordLength, LengthKind.Amount)),
                new("Start", Edge.Edge.IsClosed ? $"middle of {SideName}{Shifted}" : "at one end"),
            ];
            if (Clips.Any(c => c.Bend.IsCorner))
            {
                facts.Add(new("Corners", $"rounded by {Ruler.Mark(CornerRadius)}"));
            }
            facts.AddRange(Lines.Select(l => new Fact($"Line {l.Number}", LineSays(l))));
            if (Edge.Cover is { } cover)
            {
                facts.Add(
                    new(
                        "Front and back",
                        Ruler.Size(
                            Ruler.Mark(cover.Width + 2 * Flange),
                            Ruler.Mark(cover.Height + 2 * Flange)
                        )
                    )
                );
            }
            facts.AddRange(ZipFacts);
            facts.Add(TimeInAll);
            return facts;
        }
    }

    private string Shifted =>
        Math.Abs(StartShift.Millimetres) > 1
            ? $", {Ruler.Mark(Length.FromMillimetres(Math.Abs(StartShift.Millimetres)))} to the {(StartShift > Length.Zero == IsRightward ? "right" : "left")}"
            : "";

    /// <summary>Whether the side runs to the right on the drawing.</summary>
    private bool IsRightward => Math.Cos(Edge.Edge.Measured.At(Edge.Start.Middle).Heading) > 0;

    /// <summary>What corners are rounded by: as asked, or as tight as this cord takes.</summary>
    public Length CornerRadius =>
        Length.FromMillimetres(Clips.Where(c => c.Bend.IsCorner).Max(c => c.Bend.Radius));

    public override IReadOnlyList<Fact> Scrap =>
        [
            new(
                "Cut",
                $"a bias strip {Ruler.Mark(Ask.Covering.Width)} wide, {Ruler.Mark(Sample)} long"
            ),
            new("Wrap", $"{Ruler.Mark(Sample)} of the cord, sew all three lines on a test swatch"),
            new("The flange should be", Ruler.Fine(Flange)),
            new(
                "The lines",
                string.Join(", ", Lines.Select(l => Ruler.Fine(l.Gives ?? l.Wanted)))
                    + " from the cord"
            ),
        ];

    private static readonly Length Sample = Length.FromMillimetres(150);

    public override IReadOnlyList<Need> Needs =>
        [
            .. StripNeeds,
            new("cord", CordLength, Stage.Keep),
            new("thread", ThreadUse.OfBoth(NeedleThread), Stage.Keep),
        ];

    public override Summary Summary => InShort($"{Ruler.Fine(Ask.Covering.Cord)} piping");

    public override IReadOnlyList<Caution> Cautions => PipingTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) => PipingPencil.Of(this);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            EdgeDrawing.Of(
                this,
                "The piped edge",
                $"{Ruler.Whole(Edge.Length)} of edge with a covered cord {Ruler.Fine(Covered)} thick, begun in the middle of {SideName}. {ClipsSay}",
                _ => []
            ),
            .. StripDrawings,
            CordDrawings.UnderTheSole(this, "The three lines of stitching"),
            EndsDrawing.Of(this),
        ];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => PipingSteps.Of(this);

    /// <summary>Reads and reckons; null when the reader has errors.</summary>
    public static PipingPlan? Of(InputReader reader)
    {
        if (PipingInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new PipingPlan(ask)
        {
            Ruler = reader.Ruler,
            Together = ask.Together,
            Findings = [],
        }.WithFindings(PipingFindings.In);
    }
}
