using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>What to cut and sew for gathers that the machine makes.</summary>
/// <param name="Strips">The strips, as for pulled gathers of the same flat edge.</param>
/// <param name="CutLength">F·exp(quantile): flat, enough with the assurance, before anything to trim.</param>
internal sealed record MachineGathersPlan(
    MachineGathersInputs Ask,
    Kind Kind,
    StripPlan Strips,
    Length CutLength
) : WorkPlan
{
    public override IReadOnlyList<Figure> Figures => MachineGathersFigures.All;

    /// <summary>Whether more would be believed than can be, which only what was never measured is.</summary>
    public bool IsPacked => Likely.IsBounded;

    internal Craft.Fullness.PullUp.Prediction Likely => Ask.Reading.Prediction;

    private Length Edge => Ask.Piece.FinishedEdge;

    /// <summary>What the strips hold over the edge at a fullness.</summary>
    internal Length Surplus(double fullness) => CutLength - Edge * fullness;

    /// <summary>Needle thread: each pass T'·(1 + t/ℓ) and a tail at either end.</summary>
    public Length ThreadPerSide =>
        Ask.Reading.Planned.Passes
        * (Strips.SewnFlat * (1 + Ask.Piece.Thick / Ask.Piece.StitchLength) + 2 * Ask.Piece.Tail);

    /// <summary>
    /// On a lockstitch machine needle and bobbin take as much. On an overlocker two needles and two loopers: (ℓ + 2T + 1 mm)/ℓ
    /// and (2w + ℓ)/ℓ of the seam, with T under the foot and w = 6 mm; a workshop rule.
    /// </summary>
    public Length ThreadTotal =>
        ThreadUse.Spare * (Kind.Knife ? 2 * NeedleOverlocked + 2 * Looped : 2 * ThreadPerSide);

    private static readonly Length OverlockWidth = Length.FromMillimetres(6);

    private Length NeedleOverlocked =>
        Edge * (1 + (2 * Strips.SeamBulk + Length.FromMillimetres(1)) / Ask.Piece.StitchLength)
        + 2 * Ask.Piece.Tail;

    private Length Looped =>
        Edge * (1 + 2 * OverlockWidth / Ask.Piece.StitchLength) + 2 * Ask.Piece.Tail;

    private Length ForSeams => Strips.SeamThread(Ask.JoinFlat);

    private IEnumerable<Fact> ThreadFacts =>
        [.. ThreadOfGathers, new("Thread for the seams", Ruler.Write(ForSeams, LengthKind.Amount))];

    private IEnumerable<Fact> ThreadOfGathers =>
        Kind.Knife
            ?
            [
                new("Each needle", Ruler.Write(NeedleOverlocked, LengthKind.Amount)),
                new("Each looper", Ruler.Write(Looped, LengthKind.Amount)),
            ]
            : [new("Needle thread", Ruler.Write(ThreadPerSide, LengthKind.Amount))];

    /// <summary>The swatch: marked as for any gathers, and expected to come to the even chance.</summary>
    internal SwatchPlan Swatch => SwatchPlan.For(Ask.Piece.CutDepth, Likely.Mid, Ruler.Units);

    public override IReadOnlyList<Piece> Pieces => [Strips.Piece];

    public override IReadOnlyList<Fact> Scrap => Swatch.Scrap(Ruler, "It should gather to about");

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", Strips.ClothToBuy, Stage.Cut),
            new("thread", Together.Count * (ThreadTotal + ForSeams), Stage.Keep),
        ];

    /// <summary>What is over is cut off: what stays is as long as the machine likely makes of it.</summary>
    public override IReadOnlyList<Edge> Edges => [new("lower", "lower edge", Edge * Likely.Mid)];

    public override Guide? Guide => StripGuide.OfThirds(Strips, CutLength);

    public override Summary Summary => InShort.Of(Edge, Likely.Mid, Ruler);

    public override Expected? Expected =>
        new PullUpLearnt(Ask.Reading).Expected with
        {
            Becomes = new Becoming(
                CutLength,
                Edge,
                CutLength / Likely.High,
                CutLength / Likely.Mid,
                CutLength / Likely.Low
            ),
        };

    public override IReadOnlyList<Fact> Facts =>
        [
            new("Fabric needed", Ruler.Cut(Strips.ClothToBuy)),
            new("Total flat length", Ruler.Whole(Strips.SewnFlat)),
            new("Long enough", Ask.Reading.AssuranceSays),
            .. Ask.Reading.ByTheLast(Edge, Ruler),
            new("Likely left over to trim", Over(Surplus(Likely.Mid) + Ask.Trim)),
            new(
                "9 times out of 10",
                $"{Over(Surplus(Likely.High) + Ask.Trim)} to {Over(Surplus(Likely.Low) + Ask.Trim)}"
            ),
            .. ThreadFacts,
            TimeInAll,
        ];

    private string Over(Length surplus) =>
        surplus < Length.Zero ? $"{Ruler.Mark(-surplus)} short" : Ruler.Mark(surplus);

    public override IReadOnlyList<Caution> Cautions => Kind.Cautions;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler)
    {
        var reading = Ask.Reading;
        var p = reading.Prediction;
        string R(double ratio) => DecimalText.Write(ratio, 3);
        return
        [
            new(
                "Likely fullness",
                $"about {R(p.Mid)}; 9 times out of 10 between {R(p.Low)} and {R(p.High)}",
                reading.RestsOn
            ),
            new(
                "Long enough " + reading.AssuranceSays,
                ruler.Sum($"{Edge} × {p.At(reading.Assurance):3} = {CutLength}"),
                "The fullness that is not exceeded so often, times the edge."
            ),
            new(
                "Extra to trim off",
                ruler.Sum($"{CutLength} + {Ask.Trim} = {CutLength + Ask.Trim}"),
                "What the machine gathers cannot be pulled to fit; what is over can be cut off."
            ),
            .. StripPencil
                .Of(Strips, ruler)
                .Where(l => l.Title is "Strips" or "Strip length" or "Depth" or "Fabric"),
            Kind.Knife
                ? new(
                    "Each looper",
                    ruler.Sum(
                        $"{Edge} × (1 + 2 × {OverlockWidth:fine} ÷ {Ask.Piece.StitchLength:fine}) + 2 × {Ask.Piece.Tail} = {Looped:amount}"
                    ),
                    "Across the edge and back at every stitch."
                )
                : new(
                    "Needle thread",
                    ruler.Sum(
                        $"{reading.Planned.Passes:3} × ({Strips.SewnFlat} × (1 + {Ask.Piece.Thick:fine} ÷ {Ask.Piece.StitchLength:fine}) + 2 × {Ask.Piece.Tail}) = {ThreadPerSide:amount}"
                    ),
                    "Each pass takes its length, the slack over the fabric, and two tails."
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

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(MachineGathersSteps.Of(this, ruler));
}
