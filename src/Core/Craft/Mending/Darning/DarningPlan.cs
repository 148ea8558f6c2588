using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>A block of a programmed darn.</summary>
/// <param name="Number">From 1, in the order they are sewn.</param>
/// <param name="X">Of its left side from the left of what is stitched.</param>
/// <param name="Y">Of its upper side from the top.</param>
internal sealed record Block(int Number, Length X, Length Y);

/// <summary>How a tear is darned.</summary>
internal sealed partial record DarningPlan(DarningInputs Ask) : WorkPlan
{
    /// <summary>Workshop rule: a block with its setting takes so many minutes.</summary>
    internal const double MinutesOfBlock = 1.5;

    private static readonly Length SlideStep = Length.FromMillimetres(0.5);

    /// <summary>A seam is sewn again so far past either end of what gave.</summary>
    internal static readonly Length Past = Length.FromMillimetres(20);

    /// <summary>Between the lines of a darning program, which has its own.</summary>
    private static readonly Length ProgramGap = Length.FromMillimetres(0.5);

    public override IReadOnlyList<Figure> Figures => DarningFigures.All;

    /// <summary>Null where it is darned.</summary>
    public Patch? Patch => Ask.IsPatched ? new(Ask) : null;

    public Length BackingWidth => Ask.TearWidth + 2 * Ask.BackingMargin;

    public Length BackingLength => Ask.TearLength + 2 * Ask.BackingMargin;

    /// <summary>(areaWidth + (columns − 1)·overlap)/columns.</summary>
    public Length BlockWidth => (Ask.AreaWidth + (Ask.Columns - 1) * Ask.Overlap) / Ask.Columns;

    /// <summary>The same with rows.</summary>
    public Length BlockLength => (Ask.AreaLength + (Ask.Rows - 1) * Ask.Overlap) / Ask.Rows;

    /// <summary>What is set on the foot's slide for that, by what it has given so far.</summary>
    public Length SetLength =>
        Length.Max(SlideStep, Rounding.Nearest(BlockLength / Dial.Factor, SlideStep));

    /// <summary>What is set for the width: up to the step of the dial, which lets neighbours lie a little further over each other.</summary>
    public Length SetWidth => Length.Min(Rounding.Up(BlockWidth, SlideStep), Ask.MaxStitchWidth);

    /// <summary>Of a seam that is sewn again.</summary>
    public Length SewnAgain => Ask.TearLength + 2 * Past;

    /// <summary>Whether half of the machine's width is enough, so that a program of one width is stopped early.</summary>
    public bool StopsEarly => Ask.IsProgrammed && BlockWidth <= Ask.MaxStitchWidth / 2;

    /// <summary>x = i·(blockWidth − overlap), y = j·(blockLength − overlap), row by row.</summary>
    public IReadOnlyList<Block> Blocks =>
        [
            .. Enumerable
                .Range(0, Ask.Columns * Ask.Rows)
                .Select(k => new Block(
                    k + 1,
                    k % Ask.Columns * (BlockWidth - Ask.Overlap),
                    k / Ask.Columns * (BlockLength - Ask.Overlap)
                )),
        ];

    /// <summary>ceil(areaWidth/lineGap) + 1.</summary>
    public int LengthwiseLines => Lines(Ask.AreaWidth, Ask.LineGap);

    public int CrosswiseLines => Lines(Ask.AreaLength, Ask.LineGap);

    /// <summary>Lines times their length, both ways.</summary>
    public Length Stitched => LengthwiseLines * Ask.AreaLength + CrosswiseLines * Ask.AreaWidth;

    public int Stitches =>
        Patch?.Stitches ?? (int)Rounding.CeilingTolerant(Stitched / Ask.StitchLength);

    public double Minutes =>
        !Ask.What.IsDarned ? (Ask.What.IsSeam ? 5 : 30)
        : Patch is { } patch ? patch.Minutes
        : Ask.IsProgrammed ? Ask.Columns * Ask.Rows * MinutesOfBlock
        : Stitches / Ask.Speed + (LengthwiseLines + CrosswiseLines) * 0.05;

    /// <summary>What the slide of the foot really gives; learnt once for all that is said of it.</summary>
    public Dial Dial =>
        dial ??= new(
            Ask.Measured,
            Ask.IsProgrammed ? BlockLength : Ask.AreaLength,
            "Block length",
            true
        );

    private Dial? dial;

    public override Expected? Expected => Ask.IsProgrammed ? Dial.Expected : null;

    public override IReadOnlyList<Piece> Pieces =>
        !Ask.What.IsDarned ? []
        : Patch is { } patch ? [patch.Piece]
        :
        [
            Piece.Rectangle(
                "backing",
                1,
                "backing (from a remnant)",
                BackingWidth,
                BackingLength
            ) with
            {
                Of = "stabiliser",
                GrainUpright = true,
            },
        ];

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            string mark(Length length) => Ruler.Mark(length);
            if (!Ask.What.IsDarned)
            {
                return
                [
                    Ask.What.IsSeam
                        ? new("Sew the seam again for", mark(SewnAgain))
                        : new("By hand", "thread by thread"),
                    TimeInAll,
                ];
            }
            if (Patch is { } patch)
            {
                return [.. patch.Facts(Ruler), TimeInAll];
            }
            List<Fact> facts =
            [
                new("Darned area", Ruler.Size(mark(Ask.AreaWidth), mark(Ask.AreaLength))),
            ];
            if (Ask.IsProgrammed)
            {
                facts.Add(new("Blocks", $"{Ask.Columns} × {Ask.Rows}"));
                facts.Add(
                    new("Each block", Ruler.Size(Ruler.Fine(BlockWidth), Ruler.Fine(BlockLength)))
                );
                facts.Add(new("Set the width to", Ruler.Fine(SetWidth)));
                facts.Add(
                    Ask.ByLever
                        ? new("Length", "by the lever")
                        : new("Set the foot to", Ruler.Fine(SetLength))
                );
            }
            else
            {
                facts.Add(new("Lines along", $"{LengthwiseLines}"));
                facts.Add(new("Lines across", $"{CrosswiseLines}"));
                facts.Add(new("Stitches", $"{Stitches}"));
                facts.Add(new("A hoop of, inside", $"{mark(Hoop)} or more"));
            }
            facts.Add(TimeInAll);
            return facts;
        }
    }

    /// <summary>Inside a hoop: the diagonal of what is stitched, and a finger's breadth to each side for the foot.</summary>
    public Length Hoop =>
        Length.FromMillimetres(
            Math.Sqrt(
                Math.Pow(Ask.AreaWidth.Millimetres, 2) + Math.Pow(Ask.AreaLength.Millimetres, 2)
            ) + 30
        );

    public override IReadOnlyList<Fact> Scrap =>
        Ask.IsPatched
            ?
            [
                new("Sew round a corner of like fabric, on a worn piece", "two layers"),
                new("Set the stitch to", Ruler.Fine(Ask.StitchLength)),
            ]
            :
            [
                new(
                    "Fuse backing to a small piece",
                    Ruler.Size(Ruler.Cut(BackingWidth), Ruler.Cut(BackingLength))
                ),
                Ask.IsProgrammed
                    ? new("Set the foot to", Ruler.Fine(SetLength))
                    : new("Draw a square of", Ruler.Mark(Length.FromMillimetres(20))),
                new(
                    "One block should come to",
                    Ruler.Fine(Ask.IsProgrammed ? BlockLength : Length.FromMillimetres(20))
                ),
            ];

    public override IReadOnlyList<Need> Needs => [new("thread", Thread, Stage.Keep)];

    /// <summary>Needle and bobbin together, with 15 % to spare.</summary>
    private Length Thread
    {
        get
        {
            if (!Ask.What.IsDarned)
            {
                return ThreadUse.OfBoth(SewnAgain);
            }
            var lines =
                Patch is { } patch ? patch.Sewn
                : Ask.IsProgrammed
                    ? Ask.Columns * Ask.Rows * Lines(BlockWidth, ProgramGap) * BlockLength
                : Stitched;
            return ThreadUse.OfBoth(lines);
        }
    }

    public override Guide? Guide => Ask.What.IsDarned ? DarnGuide.Of(this) : null;

    public override IReadOnlyList<Fact> ForCard =>
        Ask.IsProgrammed
            ?
            [
                new(
                    Card.Wants.StitchWidthField.Name,
                    $"{DecimalText.Write(SetWidth.Millimetres, 2)} mm"
                ),
            ]
            : [];

    public override Summary Summary =>
        new(
            $"{Ruler.Size(Ruler.Mark(Ask.TearWidth), Ruler.Mark(Ask.TearLength))}, "
                + (
                    !Ask.What.IsDarned ? (Ask.What.IsSeam ? "sewn again" : "by hand")
                    : Ask.IsPatched ? "patched"
                    : Ask.IsProgrammed ? Count(Blocks.Count, "block")
                    : "free-motion"
                ),
            Mended.Picture("in-short", "", Ask.TearWidth, Ask.TearLength)
        );

    public override IReadOnlyList<Caution> Cautions =>
        Ask.What is { IsDarned: false, IsSeam: false } ? [Safety.Pins, Safety.Iron]
        : !Ask.IsGuided || !Ask.What.IsDarned ? DarningTechnique.WithoutHoop
        : DarningTechnique.Hazards;

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        Ask.IsPatched
            ? [DarnDrawing.Of(this, ruler)]
            : [DarnDrawing.Of(this, ruler), CloseUp.Of(this, ruler)];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) => DarningSteps.Of(this, ruler);

    /// <summary>Reads a darn and notices what is to be known about it.</summary>
    public static DarningPlan? Of(Inputs.InputReader reader)
    {
        if (Darning.DarningInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new DarningPlan(ask)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = Together.Alone,
        }.WithFindings(a => a.Noticed());
    }

    internal static string Count(int count, string what) =>
        count == 1 ? $"1 {what}" : $"{count} {what}s";

    internal T? Programmed<T>(T value)
        where T : struct => Ask.IsProgrammed ? value : null;

    internal T? Guided<T>(T value)
        where T : struct => Ask.IsGuided ? value : null;

    private static int Lines(Length across, Length gap) =>
        (int)Rounding.CeilingTolerant(across / gap) + 1;
}
