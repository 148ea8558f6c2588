using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>How a piece of free-motion work is sewn.</summary>
internal sealed partial record FreeMotionPlan(FreeMotionInputs Ask) : WorkPlan
{
    /// <summary>Workshop rules: to tie off, jump and begin again; to move a hoop; to change a bobbin; in minutes.</summary>
    private const double Jump = 0.3;

    private const double HoopMove = 2;
    private const double BobbinChange = 1.5;

    /// <summary>And a moment to look where the line goes on, for each metre.</summary>
    private const double Look = 0.2;

    public override IReadOnlyList<Figure> Figures => FreeMotionFigures.All;

    /// <summary>Of all that is sewn, from the top left.</summary>
    public (Length Width, Length Height) Reach { get; } = ReachOf(Ask);

    /// <summary>Σ × passes.</summary>
    public Length Length { get; } = Ask.Passes * Ask.Line;

    public int Stitches => Ask.Tempo.Stitches(Length);

    public double Seconds => 60 * Stitches / Ask.Tempo.Machine;

    public int Jumps => Math.Max(0, Ask.Stretches.Count - 1);

    public double SewingMinutes => Seconds / 60 + Length.Millimetres / 1000 * Look;

    public double Minutes =>
        SewingMinutes
        + Jump * Jumps * Ask.Passes
        + HoopMove * (Fields_.Count - 1)
        + BobbinChange * (Bobbins - 1);

    /// <summary>Of a fill, its outlines; of a meander, its field; a line fills nothing.</summary>
    private double? Filled { get; } =
        Ask.Kind != FreeMotionFields.Line && Area.Of(Ask.Outlines).Size is > 0 and var size
            ? size
            : null;

    public double? Density => Stitches / Filled;

    /// <summary>Workshop rule: so many stitches a square millimetre a cloth bears, by its weight.</summary>
    public double MostDense =>
        Ask.ClothWeight switch
        {
            < 120 => 0.8,
            < 250 => 1.4,
            _ => 2,
        };

    /// <summary>√(ℓ² + z²) + t.</summary>
    public Length PerStitch => ThreadUse.OfStitch(Ask.Tempo.Stitch, Ask.StitchWidth, Ask.Thickness);

    public Length Thread => Stitches * PerStitch;

    private Length Spared => ThreadUse.WithSpare(Thread);

    public int Bobbins => (int)Math.Max(1, Rounding.CeilingTolerant(Spared / Ask.Bobbin));

    public IReadOnlyList<Length> BobbinEnds =>
        [.. Enumerable.Range(1, Bobbins - 1).Select(i => Length * (i * Ask.Bobbin / Spared))];

    public Hooping Hooping => new(Ask.HoopInside, Reach.Width, Reach.Height);

    /// <summary>The places of the hoop; one where there is none.</summary>
    public IReadOnlyList<HoopField> Fields_ =>
        Ask.Held == FreeMotionFields.Hoop
            ? Hooping.Fields
            : [new(1, Point.At(0, 0), Reach.Width, Reach.Height)];

    /// <summary>
    /// Workshop rule: 3 + (capital − 30)/20 mm, between 3 and 6 and no more than a sixth of the capital, down to the half millimetre;
    /// of one to three letters only. Null where that is under a millimetre: so small a letter is a line.
    /// </summary>
    public Length? ColumnWidth =>
        Ask.Way.Capital is { } high
        && Rounding.Down(
            Length.Min(
                Length.Min(
                    Length.FromMillimetres(Math.Clamp(3 + (high.Millimetres - 30) / 20, 3, 6)),
                    high / 6
                ),
                Ask.MaxStitchWidth
            ),
            Length.FromMillimetres(0.5)
        )
            is var column
        && column >= Length.FromMillimetres(1)
            ? column
            : null;

    public int Crossings { get; } =
        Ask.Kind == FreeMotionFields.Line
            ? Ask.Outlines.Sum(p => Area.Crossings(new MeasuredPath(p)).Count)
            : 0;

    /// <summary>Her hand: what her stitches come to against those that are planned.</summary>
    public Dial Hand => hand ??= Families.Hand(Ask);

    private Dial? hand;

    public Dial Along => along ??= Families.DrawnIn(Ask, true, Reach.Height);

    private Dial? along;

    public Dial Across => across ??= Families.DrawnIn(Ask, false, Reach.Width);

    private Dial? across;

    public double KeptHand => Ask.Tempo.Hand * Hand.Factor;

    public int RunAt =>
        (int)Math.Clamp(Math.Round(Ask.Tempo.Machine * Hand.Factor / 10) * 10, 50, 2000);

    public override Expected? Expected => Ask.Elastic ? Across.Expected : Hand.Expected;

    public override IReadOnlyList<Piece> Pieces => [];

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            List<Fact> facts =
            [
                new("Reaches", Ruler.Size(Ruler.Mark(Reach.Width), Ruler.Mark(Reach.Height))),
                new(
                    "Line",
                    Long(Length) + (Jumps > 0 ? $", {Jumps} {(Jumps == 1 ? "jump" : "jumps")}" : "")
                ),
                new("Stitches", $"{Stitches}, each {Ruler.Fine(Ask.Tempo.Stitch)}"),
                new("Hands", $"{Number(Ask.Tempo.Hand, 1)} mm a second"),
                new("Machine", $"{Number(Ask.Tempo.Machine, 0)} stitches a minute"),
                new(
                    Ask.Elastic ? "Needle thread" : "Thread",
                    Ask.Elastic ? Long(Spared) : $"{Long(Spared)} above, as much below"
                ),
                .. Ask.Elastic ? [new Fact("Elastic below", Long(Spared))] : Array.Empty<Fact>(),
            ];
            if (Hand.All.Any(s => s.Counts))
            {
                facts.Add(
                    new(
                        "Your usual hand speed",
                        $"{Number(KeptHand, 1)} mm a second: run it at {RunAt}"
                    )
                );
            }
            if (BobbinEnds.Count > 0)
            {
                facts.Add(new("Bobbins", $"{Bobbins}, the first ends after {Long(BobbinEnds[0])}"));
            }
            facts.Add(
                Ask.Held == FreeMotionFields.Hoop
                    ? new(
                        "Hoop size",
                        Hooping.HoldsAll
                            ? $"{Ruler.Mark(Hooping.Needed)} or more"
                            : $"{Ruler.Mark(Ask.HoopInside)}, in {Fields_.Count} places"
                    )
                    : new(
                        "Hold it flat with",
                        FreeMotionFields.Held.Choices.Single(c => c.Name == Ask.Held).Label
                    )
            );
            facts.Add(new("Foot", Foot));
            if (Ask.Elastic)
            {
                facts.Add(
                    new(
                        "Shrinks to",
                        Ruler.Size(
                            Ruler.Mark(Reach.Width * Across.Factor),
                            Ruler.Mark(Reach.Height * Along.Factor)
                        )
                    )
                );
                facts.Add(
                    new(
                        "To finish at full size",
                        $"begin with {Ruler.Size(Ruler.Cut(Reach.Width / Across.Factor), Ruler.Cut(Reach.Height / Along.Factor))}"
                    )
                );
            }
            facts.Add(TimeInAll);
            return facts;
        }
    }

    /// <summary>Open to see the line; closed where it would catch.</summary>
    public string Foot =>
        Ask.Elastic || Ask.Layers > FreeMotionCard.FirmLayers
            ? "closed ring: it catches in nothing that is soft"
            : "open toe: the line is seen";

    public override IReadOnlyList<Fact> Scrap
    {
        get
        {
            List<Fact> facts =
            [
                new("Draw", $"a line of {Ruler.Mark(HandSwatch.LineDrawn)} and a loop"),
                new("Machine", $"{Number(Ask.Tempo.Machine, 0)} stitches a minute"),
                new("Ten stitches should measure", Ruler.Fine(10 * Ask.Tempo.Stitch)),
            ];
            if (Ask.Elastic)
            {
                facts.Add(new("And a square of", Ruler.Mark(HandSwatch.SquareDrawn)));
            }
            return facts;
        }
    }

    public override IReadOnlyList<Need> Needs =>
        [
            new("thread", (Ask.Elastic ? 1 : 2) * Spared, Stage.Keep),
            .. Ask.Elastic ? [new("elastic", Spared, Stage.Keep)] : Array.Empty<Need>(),
            .. Ask.Held == FreeMotionFields.Stabiliser
                ? [new("stabiliser", Reach.Height + 2 * Backing.Beyond, Stage.Keep)]
                : Array.Empty<Need>(),
        ];

    public override IReadOnlyList<Fact> ForCard =>
        [
            new(
                "school",
                Ask.Elastic ? "texture"
                    : Ask.IsZigzag ? "fill"
                    : "line"
            ),
            .. Ask.IsZigzag
                ? [new Fact("stitchWidth", $"{Number(Ask.StitchWidth.Millimetres, 2)} mm")]
                : Array.Empty<Fact>(),
        ];

    public override Guide? Guide => SewnDrawing.Guide(this);

    public override IReadOnlyList<Path> Traces =>
        Ask.IsField ? [.. Ask.Stretches.Select(s => Path.Of(false, s))] : Ask.Way.Sketch;

    public override Summary Summary =>
        new(
            Ask.Kind switch
            {
                FreeMotionFields.Looped =>
                    $"Loops over {Ruler.Size(Ruler.Mark(Reach.Width), Ruler.Mark(Reach.Height))}",
                FreeMotionFields.Meandered =>
                    $"Meander over {Ruler.Size(Ruler.Mark(Reach.Width), Ruler.Mark(Reach.Height))}",
                FreeMotionFields.Lettered => $"Letters, {Stitches} stitches",
                FreeMotionFields.Fill => $"A fill, {Stitches} stitches",
                _ => $"{Long(Length)} of line, {Stitches} stitches",
            },
            SewnDrawing.Picture(this)
        );

    public override IReadOnlyList<Caution> Cautions => FreeMotionTechnique.Hazards;

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) => [SewnDrawing.Of(this)];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => FreeMotionSteps.Of(this);

    /// <summary>Reads a piece of free-motion work and notices what is to be known about it.</summary>
    public static FreeMotionPlan? Of(Inputs.InputReader reader)
    {
        if (FreeMotion.FreeMotionInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new FreeMotionPlan(ask)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = Together.Alone,
        }.WithFindings(FreeMotionFindings.In);
    }

    /// <summary>A stretch of line that is sewn: metres are amounts, a stroke of a letter is not a tenth of one.</summary>
    internal string Sewn(Length length) =>
        length < Length.FromMillimetres(500) ? Ruler.Mark(length) : Long(length);

    internal string Long(Length length) => Ruler.Write(length, LengthKind.Amount);

    internal static string Number(double value, int places) => DecimalText.Write(value, places);

    internal double? Elastic(Dial dial) => Ask.Elastic ? dial.Factor : null;

    internal Length? ElasticLength(Length length) => Ask.Elastic ? length : null;

    private static (Length, Length) ReachOf(FreeMotionInputs ask)
    {
        var reach = NamedShape.BoundsOf(ask.Way.Sketch);
        return (reach.To.X, reach.To.Y);
    }
}
