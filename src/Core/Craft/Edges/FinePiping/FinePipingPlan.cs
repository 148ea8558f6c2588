using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>How a fine piping is made and applied, in one groove.</summary>
internal sealed record FinePipingPlan(FinePipingInputs Ask)
    : CoveredPlan(Ask.Edge, Ask.Covering, Ask.Cut, Ask.Face)
{
    public override IReadOnlyList<Figure> Figures => FinePipingFigures.All;

    public override BesideCord Foot => Ask.Foot;

    public override Length? Ready => Ask.ReadyBinding;

    /// <summary>Just beside the groove: at its wall, or at the cord where that is wider. One place makes it and applies it.</summary>
    public override IReadOnlyList<Length> Wanted =>
        [
            Foot.Groove is { } groove && !Foot.IsZipper
                ? Length.Max(Length.Zero, (groove - Covered) / 2)
                : Length.Zero,
        ];

    /// <summary>Of thread: every strand the whole way, a quarter longer for the twist.</summary>
    public Length StrandLength =>
        !Ask.IsTwisted
            ? Length.Zero
            : Ask.Cut.Required * Ask.Twist.Strands * (Ask.Twist.Strands > 1 ? Twist.TakenUp : 1);

    public Length NeedleThread =>
        Together.Count
        * (
            Thread(Ask.Required, Ask.StitchLength, 2 * Ask.Covering.Thickness)
            + 2 * Thread(Edge.Length, Ask.StitchLength, 2 * (Ask.Covering.Thickness + Ask.Face))
        );

    public override IReadOnlyList<Fact> Facts =>
        [
            new(
                "Cord",
                Ask.IsTwisted
                        ? $"{Ask.Twist.Strands} {(Ask.Twist.Strands == 1 ? "strand" : "strands")}, {Ruler.Fine(Ask.Twist.Thick)} thick"
                    : Ask.CordOf == FinePipingFields.Roll
                        ? $"the roll of a rolled edge, {Ruler.Fine(Ask.Twist.Thick)} thick"
                    : $"{Ruler.Whole(Ask.Cut.Required)} of a cord {Ruler.Fine(Ask.Twist.Thick)} thick"
            ),
            .. StripFacts,
            .. Ask.IsTwisted
                ? [new Fact("Thread to twist", Ruler.Write(StrandLength, LengthKind.Amount))]
                : Array.Empty<Fact>(),
            .. Ask.Binding is { } binding
                ?
                [
                    new Fact(
                        "Binding",
                        $"{Ruler.Mark(binding.Width)} wide and {Ruler.Whole(binding.Required)} long, for {Ruler.Mark(Ask.BindingWidth!.Value)} that are seen"
                    ),
                ]
                : Array.Empty<Fact>(),
            new("Groove", Foot.Groove is { } groove ? Ruler.Fine(groove) : "not entered"),
            new("Needle", LineSays(Lines[0])),
            new("Start", Edge.Edge.IsClosed ? $"middle of {SideName}" : "at one end"),
            TimeInAll,
        ];

    public override IReadOnlyList<Fact> ForCard =>
        [
            new(
                Card.Wants.CordField.Name,
                $"{DecimalText.Write(Math.Max(0.3, Ask.Twist.Thick.Millimetres), 2)} mm"
            ),
        ];

    public override IReadOnlyList<Fact> Scrap =>
        [
            Ask.IsTwisted
                ? new("Twist", $"{Ask.Twist.Strands} strands, {Ruler.Mark(Sample)} long")
                : new("Take", $"{Ruler.Mark(Sample)} of {Cord}"),
            new("Cut", $"a bias strip {Ruler.Mark(Ask.Covering.Width)} wide"),
            new("Sew", $"in the groove, {NeedleAt(Lines[0])}"),
            new("It should be", $"{Ruler.Fine(Covered)} wide, all along"),
        ];

    private static readonly Length Sample = Length.FromMillimetres(150);

    public override IReadOnlyList<Need> Needs =>
        [
            .. StripNeeds,
            .. Ask.Binding is { } binding
                ? [new Need("cloth", binding.Cloth, Stage.Cut)]
                : Array.Empty<Need>(),
            new("thread", StrandLength + ThreadUse.OfBoth(NeedleThread), Stage.Keep),
        ];

    public override Summary Summary => InShort($"{Ruler.Fine(Ask.Twist.Thick)} piping");

    public override IReadOnlyList<Caution> Cautions => FinePipingTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) =>
        [
            .. Ask.IsTwisted
                ? new DerivationLine[]
                {
                    new(
                        "Thread",
                        $"{Ruler.Fine(Ask.Twist.Thread)} a wrap",
                        "What the wraps on the pencil lie across, by their number."
                    ),
                    new(
                        "Cord",
                        Ruler.Sum(
                            $"{Ask.Twist.Thread:fine} × √({Ask.Twist.Strands} ÷ {Twist.Filled:2}) = {Ask.Twist.Thick:fine}"
                        ),
                        "Twisted strands fill about seven tenths of a round cord."
                    ),
                }
                : [new("Cord", Ruler.Fine(Ask.Twist.Thick), "As a gauge says.")],
            .. Ask.BindingWidth is { } seen
                ?
                [
                    new DerivationLine(
                        "Binding",
                        Ruler.Sum(
                            $"4 × {seen} + {Length.FromMillimetres(3)} = {FinePipingInputs.BindingCut(seen)}"
                        ),
                        "Folded to the middle from both sides, and a little for the folds; as long as the piping."
                    ),
                ]
                : Array.Empty<DerivationLine>(),
            new(
                "Strip",
                Ruler.Sum(
                    $"π × ({Ask.Twist.Thick:fine} + {Ask.Covering.Thickness:fine}) + 2 × {Flange:fine}, rounded up = {Ask.Covering.Width}"
                )
            ),
            new(
                "Long",
                Ruler.Sum(
                    $"{Edge.Length:whole} + {(Edge.Edge.IsClosed ? "" : "2 × ")}{Ask.Overlap} = {Ask.Required:whole}"
                )
            ),
            new("The better", Ask.Cut.Ways[0].Label, Ask.Cut.Why),
            new(
                "Needle",
                Lines[0].Place is { } place
                    ? Ruler.Sum(
                        $"{place} × {Foot.Step:fine} − {Covered / 2:fine} = {Lines[0].Gives!.Value:fine}"
                    )
                    : NeedleAt(Lines[0]),
                "At the wall of the groove; the same place makes it, applies it and closes it."
            ),
        ];

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            EdgeDrawing.Of(
                this,
                "The piped edge",
                $"{Ruler.Whole(Edge.Length)} of edge with a piping {Ruler.Fine(Covered)} wide. {ClipsSay}",
                _ => []
            ),
            CordDrawings.UnderTheSole(this, "Under the sole"),
            .. StripDrawings,
        ];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => FinePipingSteps.Of(this);

    /// <summary>Reads and reckons; null when the reader has errors.</summary>
    public static FinePipingPlan? Of(InputReader reader)
    {
        if (FinePipingInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new FinePipingPlan(ask)
        {
            Ruler = reader.Ruler,
            Together = ask.Together,
            Findings = [],
        }.WithFindings(a => Noticed(a).Concat(a.OnStrips).Concat(NoticedOnEdges.In(a)));
    }

    /// <summary>What lies in the covering, where it is not twisted.</summary>
    internal string Cord => Ask.CordOf == FinePipingFields.Roll ? "rolled edge" : "the cord";

    private static IEnumerable<Finding> Noticed(FinePipingPlan a)
    {
        if (a.Foot.Groove is { } groove && a.Covered < groove / 2 && !a.Foot.IsZipper)
        {
            yield return Finding.Care(
                "wanders",
                $"Covered it is {a.Ruler.Fine(a.Covered)} thick, in a groove of {a.Ruler.Fine(groove)}.",
                "It lies now on one side of the groove and now on the other: the piping is uneven.",
                $"Twist {Twist.StrandsFor(groove - 2 * a.Ask.Covering.Thickness, a.Ask.Twist.Thread)} strands, or take a foot with finer grooves."
            );
        }
    }
}
