using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What to cut, mark and sew for a tucked panel.</summary>
/// <param name="Run">The tucks as they lie, with what was re-spaced on the way.</param>
internal sealed record PintucksPlan(PintucksInputs Ask, TuckRun Run) : WorkPlan
{
    /// <summary>Workshop rule: a block is larger by this on every side, to be laid straight on it.</summary>
    private static readonly Length BlockMargin = Length.FromMillimetres(25);

    /// <summary>Workshop rule: long tucks shorten the cloth by up to two parts in a hundred.</summary>
    private const double Shortens = 1.02;

    public override IReadOnlyList<Figure> Figures => PintucksFigures.All;

    /// <summary>The tucks as they were planned, before anything was measured.</summary>
    public TuckRun Planned => planned ??= TuckRun.Of(Ask);

    private TuckRun? planned;

    /// <summary>From the left cut edge to the panel as it is planned: what is cut to be sure lies half on either side.</summary>
    public Length Beside => (Wide - Ask.PanelWidth - ExtraWidth) / 2;

    /// <summary>The lines on the flat cloth, from the left cut edge.</summary>
    public IReadOnlyList<TuckMarks> Marks =>
        [
            .. Run.Tucks.Select(t => new TuckMarks(
                t.Number,
                Beside + t.Left,
                Beside + t.Flat,
                Beside + t.Right
            )),
        ];

    public Length ExtraWidth => Ask.Tucks * Ask.TakeUp;

    public Length CutWidth => Ask.PanelWidth + ExtraWidth + 2 * Ask.SeamAllowance;

    public Length WidthSpread => Ask.WidthSpread;

    /// <summary>cutWidth + max(0, t_ν(p)) · widthSpread; null where nothing is learnt.</summary>
    public Length? SureCutWidth => Ask.IsLearnt ? CutWidth + Ask.Reserve : null;

    /// <summary>As wide as it has to be.</summary>
    public Length Needed => SureCutWidth ?? CutWidth;

    /// <summary>What is cut: up to the cutting step, and marked from the middle.</summary>
    public Length Wide =>
        Rounding.Up(Ask.IsBlock ? BlockWidth + Ask.Reserve : Needed, Ruler.Cutting);

    /// <summary>As long as it is cut: the panel with its seams, or a block that it is cut from later.</summary>
    public Length CutLength =>
        Ask.IsBlock ? Rounding.Up(BlockLength, Ruler.Cutting) : TrimmedLength;

    /// <summary>What it is trimmed to.</summary>
    public Length TrimmedLength => Ask.PanelLength + 2 * Ask.SeamAllowance;

    /// <summary>ceil(k/3).</summary>
    public int CheckAfter => (Ask.Tucks + 2) / 3;

    public Length BlockWidth => Ask.PanelWidth + ExtraWidth + 2 * (Ask.SeamAllowance + BlockMargin);

    public Length BlockLength => Ask.PanelLength * Shortens + 2 * BlockMargin;

    public Length? ClearWidth => Ask.OpenStitchAtMost;

    public double Minutes =>
        Ask.Tucks * (Pace.Sewn(CutLength, Length.FromMillimetres(2.2)) + (Ask.IsTwin ? 0.5 : 1.5));

    public override Expected? Expected =>
        Ask.IsLearnt && Ask.Learnt!.Expected is { } likely
            ? likely with
            {
                Becomes = Becomes,
            }
            : null;

    /// <summary>The panel between its seams, and how far its width likely lies from what is wanted.</summary>
    private Becoming Becomes
    {
        get
        {
            var (flat, beyond) = (
                Wide - 2 * Ask.SeamAllowance,
                Ask.Learnt!.Quantile(0.95) * WidthSpread
            );
            var mid = flat - ExtraWidth;
            return new Becoming(flat, Ask.PanelWidth, mid - beyond, mid, mid + beyond);
        }
    }

    public override IReadOnlyList<Piece> Pieces =>
        [
            Piece.Rectangle(
                "panel",
                Together.Count,
                Ask.IsBlock
                    ? Together.Count == 1
                        ? "block"
                        : "blocks"
                    : Together.Count == 1
                        ? "panel"
                        : "panels",
                Wide,
                CutLength
            ) with
            {
                GrainUpright = !Ask.AcrossGrain,
            },
        ];

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            List<Fact> facts =
            [
                new("Fabric used per tuck", Ruler.Fine(Ask.TakeUp)),
                new("All tucks together use", Ruler.Mark(ExtraWidth)),
                new("Finished width", $"{Ruler.Mark(Ask.PanelWidth)} ± {Ruler.Mark(WidthSpread)}"),
                new("First tuck at", Ruler.Mark(Planned.FirstCentre)),
                new("Measure again after", $"{CheckAfter} tucks"),
            ];
            if (!Ask.IsBlock)
            {
                facts.Add(
                    new(
                        "Or tuck an oversize piece first",
                        Ruler.Size(Ruler.Cut(BlockWidth), Ruler.Cut(BlockLength))
                    )
                );
            }
            if (ClearWidth is { } clear)
            {
                facts.Add(new("Widest decorative stitch", $"{Ruler.Fine(clear)} wide"));
            }
            facts.Add(TimeInAll);
            return facts;
        }
    }

    public override IReadOnlyList<Fact> Scrap =>
        [
            new(
                "Cut a piece of the same fabric",
                Ruler.Size(
                    Ruler.Cut(Length.FromMillimetres(160)),
                    Ruler.Cut(Length.FromMillimetres(120))
                )
            ),
            new("Mark two lines apart", Ruler.Mark(TuckSwatch.Between)),
            new(
                $"{TuckSwatch.UsualTucks} tucks should bring them to",
                Ruler.Mark(TuckSwatch.Between - TuckSwatch.UsualTucks * Ask.TakeUpOf(Ask.Wide))
            ),
            new("Sew it in", "a contrasting thread: every line is seen"),
        ];

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", OnCloth.Taken(Pieces, Ask.ClothWidth, Ruler), Stage.Cut),
            .. Threads,
            .. Ask.Corded
                ? [new Need("cord", Together.Count * Cord, Stage.Keep)]
                : Array.Empty<Need>(),
        ];

    /// <summary>One thread for all of it, or one for each needle of a pair in two colours and one below.</summary>
    private IEnumerable<Need> Threads
    {
        get
        {
            Need Of(double share) => new("thread", Together.Count * share * Thread, Stage.Keep);
            if (!Ask.IsTwin || Ask.ThreadLeft is not { } left || Ask.ThreadRight is not { } right)
            {
                return [Of(1)];
            }
            // Of three and a half lengths each needle takes one, and the bobbin that zigzags between them the rest.
            return
            [
                Of(1 / 3.5) with
                {
                    Name = left,
                },
                Of(1 / 3.5) with
                {
                    Name = right,
                },
                Of(1.5 / 3.5),
            ];
        }
    }

    /// <summary>From cut edge to cut edge under each tuck, and 5 cm at either end to hold it by.</summary>
    private Length Cord => Ask.Tucks * (CutLength + Length.FromMillimetres(100));

    public override IReadOnlyList<Edge> Edges => [new("lower", "finished width", Ask.PanelWidth)];

    /// <summary>Two threads above and one below that zigzags between them, half as long again; 15 % to spare.</summary>
    private Length Thread => ThreadUse.Spare * (Ask.IsTwin ? 3.5 : 2) * Ask.Tucks * CutLength;

    public override Guide? Guide => TuckGuide.Of(this);

    public override Summary Summary =>
        new(
            $"{Ask.Tucks} tucks in {Ruler.Mark(Ask.PanelWidth)}",
            TuckedPicture.Of("in-short", "", Ask.Groups)
        );

    public override IReadOnlyList<Caution> Cautions =>
        Ask.IsTwin ? PintucksTechnique.Hazards : PintucksTechnique.OfFolds;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) =>
        TuckPencil.Of(this, ruler);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            PintucksPanelDrawing.Finished(this),
            PintucksPanelDrawing.Flat(this, ruler),
            SlashDrawing.Of(this, ruler),
            .. Ask.IsTwin ? new[] { SoleDrawing.Of(this, ruler) } : [],
            TuckCloseUp.Of(this, ruler),
        ];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(PintucksSteps.Of(this, ruler));

    /// <summary>Reads a panel, lays its tucks out, and notices what is to be known about it.</summary>
    public static PintucksPlan? Of(InputReader reader)
    {
        if (Pintucks.PintucksInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new PintucksPlan(ask, Respacing.Along(ask))
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = ask.Together,
        }.WithFindings(PintucksFindings.In);
    }
}
