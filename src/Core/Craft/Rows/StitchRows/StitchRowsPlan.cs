using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>What to cut, set and sew for rows of decorative stitches.</summary>
/// <param name="Rows">Every run of stitches; of a border, four to a row.</param>
internal sealed record StitchRowsPlan(StitchRowsInputs Ask, IReadOnlyList<Row> Rows) : WorkPlan
{
    /// <summary>For starts and ends, on top of all thread that is told.</summary>
    public const double Spare = ThreadUse.Spare;

    /// <summary>Half a repeat left over shows; a quarter at either end does not.</summary>
    public const double Shows = 0.5;

    public override IReadOnlyList<Figure> Figures => StitchRowsFigures.All;

    /// <summary>How many rows; a border’s runs along four sides each.</summary>
    public int Count => Ask.IsBorder ? Ask.BorderRows : Rows.Count;

    public Length StitchedLength => Rows.Sum(r => r.Length);

    /// <summary>
    /// How much larger it is cut, along the width and down: exp(A·cos²θ + B·sin²θ) and exp(A·sin²θ + B·cos²θ), of what draws in
    /// along the rows and across them. A border runs both ways, as rows at 45° do.
    /// </summary>
    /// <param name="assurance">How sure it has to be; a share is the same whatever is asked.</param>
    public (double Across, double Down) Larger(double assurance)
    {
        if (Ask.Shrink is not { } shrink)
        {
            return (1 + Ask.Oversize, 1 + Ask.Oversize);
        }
        var (a, b) = (shrink.Along.At(assurance), shrink.Across.At(assurance));
        var cos = Ask.AlongWidth;
        var sin = 1 - cos;
        return (Math.Exp(a * cos + b * sin), Math.Exp(a * sin + b * cos));
    }

    public Length CutWidth => (Ask.Width + 2 * Ask.Seam) * Larger(Ask.Assurance).Across;

    public Length CutHeight => (Ask.Height + 2 * Ask.Seam) * Larger(Ask.Assurance).Down;

    /// <summary>What is cut: both up to the cutting step.</summary>
    public (Length Width, Length Height) Ground =>
        (Rounding.Up(CutWidth, Ruler.Cutting), Rounding.Up(CutHeight, Ruler.Cutting));

    /// <summary>The finished piece as it is drawn on the cloth: stitching will likely draw it in to its size. Rows begin and end at it.</summary>
    public (Length Width, Length Height) Outline
    {
        get
        {
            var (across, down) = Larger(0.5);
            return (
                Length.Min(CutWidth, Ask.Width * across),
                Length.Min(CutHeight, Ask.Height * down)
            );
        }
    }

    /// <summary>What it is trimmed to: the finished piece, and a seam round it.</summary>
    public (Length Width, Length Height) Trimmed =>
        (Ask.Width + 2 * Ask.Seam, Ask.Height + 2 * Ask.Seam);

    /// <summary>How much further apart rows are marked than they shall lie: by what they will likely draw in across.</summary>
    public double Spread =>
        Ask.Shrink is { } shrink ? Math.Exp(shrink.Across.At(0.5)) : 1 + Ask.Oversize;

    public Length MarkedGap => Ask.MeanGap * Spread;

    /// <summary>
    /// From the middle out: the middle row, then to one side, each guided by the last; then to the other, where rows whose gap
    /// only the one before them sets are drawn. A border from the outside in.
    /// </summary>
    public IReadOnlyList<int> Order =>
        Ask.IsBorder || Count < 3
            ? [.. Enumerable.Range(1, Count)]
            :
            [
                .. Enumerable.Range(Middle, Count - Middle + 1),
                .. Enumerable.Range(1, Middle - 1).Reverse(),
            ];

    /// <summary>The row in the middle.</summary>
    public int Middle => (Count + 1) / 2;

    /// <summary>Whether a row lies on a line of its own on the cloth; the foot’s edge leads the others.</summary>
    public bool IsDrawn(int number) =>
        Ask.IsMarked || number == Order[0] || (Ask.OneWayOnly && number < Order[0]);

    /// <summary>The rows as they are sewn.</summary>
    public IEnumerable<Row> Sewn => Order.SelectMany(n => byNumber[n]);

    private readonly ILookup<int, Row> byNumber = Rows.ToLookup(r => r.Number);

    /// <summary>Thread of a row, with its share of what is spare.</summary>
    private Length ThreadOf(int number) => Threads[number - 1];

    /// <summary>Of every row, in their order; reckoned once, since each follows the way of its needle.</summary>
    private IReadOnlyList<Length> Threads =>
        threads ??= [
            .. Enumerable
                .Range(1, Count)
                .Select(n => Spare * byNumber[n].Sum(r => r.Thread(Ask.ClothThickness, Ask.Tail))),
        ];

    private IReadOnlyList<Length>? threads;

    public Length Thread => Threads.Sum();

    /// <summary>Whether there is a row that no bobbin holds.</summary>
    public bool RowIsTooLong => Threads.Any(t => t > Ask.BobbinCapacity);

    public IReadOnlyList<int> ChangeBefore => changeBefore ??= Changes();

    private IReadOnlyList<int>? changeBefore;

    public int Bobbins => RowIsTooLong ? 0 : ChangeBefore.Count + 1;

    public override IReadOnlyList<Piece> Pieces =>
        [
            Piece.Rectangle(
                "piece",
                Together.Count,
                "fabric (trimmed later)",
                Ground.Width,
                Ground.Height
            ) with
            {
                GrainUpright = true,
            },
            .. Ask.Stabilised
                ?
                [
                    Piece.Rectangle(
                        "under",
                        Together.Count,
                        "stabiliser",
                        Ground.Width,
                        Ground.Height
                    ) with
                    {
                        Of = "stabiliser",
                    },
                ]
                : Array.Empty<Piece>(),
        ];

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", OnCloth.Taken([Pieces[0]], Ask.ClothWidth, Ruler), Stage.Cut),
            new("thread", Together.Count * 2 * Thread, Stage.Keep),
            .. Ask.Stabilised
                ? [new Need("stabiliser", Together.Count * Ground.Height, Stage.Cut)]
                : Array.Empty<Need>(),
        ];

    public override IReadOnlyList<Edge> Edges =>
        [new("lower", "finished width", Ask.Width), new("side", "finished height", Ask.Height)];

    public override IReadOnlyList<Fact> ForCard =>
        [
            new("stitchWidth", Millimetres(Widest)),
            new("rowGap", Millimetres(Bounded(Ask.MeanGap))),
            // What is set first, by what the book says of its stitch.
            .. (Sewn.First().Sewn.Dial ?? Ask.Pattern[0].Dial) is { } dial
                ?
                [
                    new Fact(
                        "stitchLength",
                        Millimetres(Length.Max(dial, Length.FromMillimetres(0.2)))
                    ),
                    new Fact("dialledLength", Ruler.Fine(dial)),
                ]
                : Array.Empty<Fact>(),
            .. Ask.Pattern.All(s => s.Name is not null)
                ? [new Fact("dialledWidth", Ruler.Fine(Widest))]
                : Array.Empty<Fact>(),
        ];

    public Length Widest => Ask.Pattern.Max(s => s.Width);

    /// <summary>Rows whose whole repeats fill them but for less than shows at either end.</summary>
    public int Landing =>
        Rows.Count(r => r.Sewn.Repeats > 0 && r.Sewn.Bare < Shows * r.Stitch.Repeat);

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            List<Fact> facts =
            [
                new("Rows", $"{Count}, {Ruler.Fine(Ask.MeanGap)} apart"),
                new("Total stitched length", Ruler.Write(StitchedLength, LengthKind.Amount)),
                new(
                    "Ending on a complete repeat",
                    Landing == Rows.Count ? "all of them" : $"{Landing} of {Rows.Count}"
                ),
                new("Needle thread", Ruler.Write(Thread, LengthKind.Amount)),
                new("Bobbins", Bobbins == 0 ? "one holds no row" : $"{Bobbins}"),
            ];
            if (ChangeBefore.Count > 0 && Bobbins > 0)
            {
                facts.Add(new("Change before row", Sentence.Few(ChangeBefore)));
            }
            facts.Add(new("Trim to", TrimSays));
            facts.Add(TimeInAll);
            return facts;
        }
    }

    public string TrimSays => Ruler.Size(Ruler.Mark(Trimmed.Width), Ruler.Mark(Trimmed.Height));

    public override IReadOnlyList<Fact> Scrap =>
        [
            new(
                "Cut a piece of the same fabric",
                Ruler.Size(
                    Ruler.Cut(Length.FromMillimetres(250)),
                    Ruler.Cut(Length.FromMillimetres(130))
                )
            ),
            new(
                "Mark along and across",
                $"{Ruler.Mark(StitchOut.Along)} and {Ruler.Mark(StitchOut.Across)}"
            ),
            new("Then sew on it", "three rows or more; ten repeats of each stitch between marks"),
        ];

    public override Expected? Expected => Ask.Shrink?.Along.Expected;

    public override Guide? Guide => RowsGuide.Of(this);

    public override Summary Summary =>
        new(
            Ask.IsBorder
                    ? $"{Count} rows round {Ruler.Size(Ruler.Mark(Ask.Width), Ruler.Mark(Ask.Height))}"
                : Ask.IsWavy ? $"{Count} rows in waves"
                : $"{Count} rows at {DecimalText.Write(Ask.Angle)}°",
            RowsPicture.Of("in-short", "", Ask.IsBorder ? 0 : Ask.Angle, Ask.Pattern)
        );

    public override IReadOnlyList<Caution> Cautions => StitchRowsTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) =>
        RowsPencil.Of(this, ruler);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [RowsDrawing.Finished(this), EdgeCloseUp.Of(this), RowsDrawing.Cut(this)];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(StitchRowsSteps.Of(this));

    /// <summary>Reads a piece, lays its rows, and notices what is to be known about it.</summary>
    public static StitchRowsPlan? Of(InputReader reader) =>
        StitchRowsInputs.Read(reader) is { } ask ? Of(ask, reader) : null;

    internal static StitchRowsPlan? Of(StitchRowsInputs ask, InputReader reader)
    {
        var answer = Bare(ask, reader.Ruler);
        if (answer.Rows.Count == 0)
        {
            reader.Contradiction(
                StitchRowsFields.Height,
                "No row has any length in a piece of this size at this angle."
            );
            return null;
        }
        return answer.WithFindings(StitchRowsFindings.In);
    }

    /// <summary>The same without what is to be known about it.</summary>
    internal static StitchRowsPlan Bare(StitchRowsInputs ask, Ruler ruler) =>
        new(ask, RowLayout.Of(ask))
        {
            Findings = [],
            Ruler = ruler,
            Together = ask.Together,
        };

    private List<int> Changes()
    {
        List<int> changes = [];
        var left = Ask.BobbinCapacity;
        foreach (var number in Order)
        {
            var takes = ThreadOf(number);
            if (takes > left)
            {
                if (left != Ask.BobbinCapacity)
                {
                    changes.Add(number);
                }
                left = Ask.BobbinCapacity;
            }
            left -= Length.Min(left, takes);
        }
        return changes;
    }

    /// <summary>Within what the card takes.</summary>
    private static Length Bounded(Length gap) =>
        Length.Max(Length.FromMillimetres(1), Length.Min(Length.FromMillimetres(100), gap));

    private static string Millimetres(Length length) =>
        $"{DecimalText.Write(length.Millimetres)} mm";
}
