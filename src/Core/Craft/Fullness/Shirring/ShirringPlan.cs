using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>What to cut and wind for a shirred panel, and where the elastic runs out.</summary>
/// <remarks>
/// The figures of the formulas are for a panel that comes out exactly as planned. It never does: so it is cut to the sure
/// width, and the elastic, the bobbins and the thread that are shown and used up are those of the panel as it is cut. Where
/// rows lie at both sides, rows, bobbins and their changes are those of one side.
/// </remarks>
internal sealed partial record ShirringPlan(ShirringInputs Ask) : WorkPlan
{
    public override IReadOnlyList<Figure> Figures => ShirringFigures.All;

    /// <summary>The rows of one part as they are sewn on it, cut to be sure.</summary>
    public ShirredRows Laid => laid ??= RowsOn(PartFlat, Sure);

    private ShirredRows? laid;

    private ShirredRows RowsOn(Length width, double fullness) =>
        new(Ask, width, Ask.RowsHeight * ShirredRows.Heightens(Ask, fullness));

    /// <summary>k = floor((H − top − bottom)/g) + 1 where they run from side to side.</summary>
    public int Rows => Laid.Count;

    /// <summary>(H − top − bottom)/(k − 1); nothing for one row.</summary>
    public Length ActualGap => Laid.Gap;

    /// <summary>The fullness that is not exceeded with the assurance.</summary>
    public double Sure => Ask.Reading.Prediction.At(Ask.Reading.Assurance);

    /// <summary>A width at rest, flat: r·R, where all of it is shirred straight across.</summary>
    private Length FlatAt(double fullness) =>
        Ask.Parts * (Ask.PartWidth * ShirredRows.Widens(Ask, fullness)) + Ask.Plain;

    /// <summary>r·R, and what stays plain.</summary>
    public Length FlatWidth => FlatAt(Ask.Fullness);

    public Length CutWidth => FlatWidth + 2 * Ask.SeamAllowance;

    /// <summary>E = w·R; of the longest row where they are not alike.</summary>
    public Length ElasticPerRow => Ask.ElasticFactor * (Planned.Longest / Ask.Fullness);

    /// <summary>The rows of a part that comes out exactly as planned.</summary>
    private ShirredRows Planned =>
        planned ??= RowsOn((FlatWidth - Ask.Plain) / Ask.Parts, Ask.Fullness);

    private ShirredRows? planned;

    /// <summary>pivot: k·E + (k − 1)·gap + 2·tail; rows: k·(E + 2·tail); spiral: k·E + 2·tail; for each part.</summary>
    public Length ElasticTotal => ElasticFor(Planned, Ask.Fullness);

    /// <summary>The elastic of all rows that draw up so many times.</summary>
    private Length ElasticFor(ShirredRows rows, double fullness)
    {
        var all = Ask.ElasticFactor * (rows.Sum / fullness);
        return Ask.Parts
            * (
                Ask.Layout switch
                {
                    Layout.Pivot => all + (rows.Count - 1) * rows.Gap + 2 * Ask.Tail,
                    Layout.Rows => all + 2 * rows.Count * Ask.Tail,
                    _ => all + 2 * Ask.Tail,
                }
            );
    }

    /// <summary>
    /// Rows that one bobbin holds, of the longest: pivot, spiral floor((C − 2·tail)/(E + actualGap)); rows
    /// floor(C/(E + 2·tail)).
    /// </summary>
    /// <param name="fullness">That the rows draw up to.</param>
    private int RowsOf(ShirredRows laid, double fullness)
    {
        var E = Ask.ElasticFactor * (laid.Longest / fullness);
        var (C, tails) = (Ask.BobbinCapacity, 2 * Ask.Tail);
        var rows = Ask.Layout == Layout.Rows ? C / (E + tails) : (C - tails) / (E + laid.Gap);
        return (int)Math.Clamp(Rounding.FloorTolerant(rows), 0, 100_000);
    }

    /// <summary>Rows that one bobbin holds where the panel comes out as planned; 0 where it holds none.</summary>
    public int RowsPerBobbin => RowsOf(Planned, Ask.Fullness);

    /// <summary>ceil(k / rowsPerBobbin), for each part.</summary>
    public int Bobbins =>
        RowsPerBobbin == 0 ? 0 : Ask.Parts * ((Rows + RowsPerBobbin - 1) / RowsPerBobbin);

    /// <summary>1 + rowsPerBobbin, 1 + 2·rowsPerBobbin, …, none beyond the last row.</summary>
    public IReadOnlyList<int> ChangeBefore => changeBefore ??= ChangesOf(RowsPerBobbin);

    /// <summary>k·flatWidth·(1 + t/ℓ) + 2·tail.</summary>
    public Length NeedleThread =>
        Ask.Parts * (Planned.Sum * (1 + Ask.ClothThickness / Ask.StitchLength) + 2 * Ask.Tail);

    /// <summary>What lies between the seams of the panel as it is cut: R·exp(quantile).</summary>
    public Length CutFlat => FlatAt(Sure);

    /// <summary>One part of it that is shirred.</summary>
    public Length PartFlat => (CutFlat - Ask.Plain) / Ask.Parts;

    /// <summary>The elastic of the longest row of the widest that it is likely to rest at.</summary>
    public Length RowToHave => Ask.ElasticFactor * (Laid.Longest / Ask.Reading.Prediction.Low);

    /// <summary>The elastic to have: as for R, of the widest that it is likely to rest at.</summary>
    public Length ElasticToHave => ElasticFor(Laid, Ask.Reading.Prediction.Low);

    /// <summary>From the upper cut edge to a row.</summary>
    public Length RowAt(int row) => Ask.EdgeAllowance + Ask.TopMargin + Laid.At(row);

    /// <summary>Where it ends: a spiral comes round one gap lower than it went.</summary>
    public Length EndOf(int row) =>
        Ask.Layout == Layout.Spiral ? Length.Min(RowAt(row) + ActualGap, CutHeight) : RowAt(row);

    /// <summary>The panel with its seams above and below.</summary>
    public Length CutHeight =>
        Ask.PanelHeight - Ask.RowsHeight + Laid.Height + 2 * Ask.EdgeAllowance;

    /// <summary>Widths of the fabric that are joined for the panel.</summary>
    public int Widths => WidthsFor(SureWidth, Ask.ClothWidth, Ask.SeamAllowance);

    /// <summary>The fewest widths n of a fabric with n·W − 2·(n − 1)·s at least as wide as a panel; 10 000 at most.</summary>
    public static int WidthsFor(Length panel, Length fabric, Length seam) =>
        panel <= fabric
            ? 1
            : (int)
                Math.Clamp(
                    Rounding.CeilingTolerant(
                        (panel - 2 * seam)
                            / Length.Max(Length.FromMillimetres(1), fabric - 2 * seam)
                    ),
                    1,
                    10_000
                );

    /// <summary>Each of them.</summary>
    public Length EachWidth => (SureWidth + 2 * (Widths - 1) * Ask.SeamAllowance) / Widths;

    /// <summary>Rows that a bobbin surely holds, should the panel come out as wide as it may.</summary>
    public int RowsSurely => RowsOf(Laid, Ask.Reading.Prediction.Low);

    /// <summary>Rows that it holds at the most, should it come out as narrow as it may.</summary>
    public int RowsAtMost => RowsOf(Laid, Ask.Reading.Prediction.High);

    /// <summary>Before which rows a bobbin may be empty: it is looked at there, and changed; none where the elastic comes from its reel.</summary>
    public IReadOnlyList<int> LookBefore =>
        lookBefore ??= Ask.InLooper ? [] : ChangesOf(RowsSurely);

    // Kept, because every row that is drawn asks for them.
    private IReadOnlyList<int>? changeBefore;
    private IReadOnlyList<int>? lookBefore;

    /// <summary>The rows that a new bobbin begins, where each holds so many; none where it holds no row.</summary>
    private IReadOnlyList<int> ChangesOf(int rowsEach) =>
        rowsEach == 0
            ? []
            :
            [
                .. Enumerable
                    .Range(1, Math.Max(0, (Rows - 1) / rowsEach))
                    .Select(i => 1 + i * rowsEach),
            ];

    /// <summary>Bobbins to wind so that none is missing.</summary>
    public int BobbinsSurely => RowsSurely == 0 ? 0 : Ask.Parts * (LookBefore.Count + 1);

    /// <summary>The needle thread of the panel as it is cut.</summary>
    public Length ThreadOnTop =>
        Ask.Parts * (Laid.Sum * (1 + Ask.ClothThickness / Ask.StitchLength) + 2 * Ask.Tail);

    /// <summary>After so many rows the panel is measured for the first time.</summary>
    public int SewnThird => Math.Max(1, Rows / 3);

    /// <summary>How much wider it is before steam than after it.</summary>
    public double Steam => Ask.Reading.Model.Steam(Ask.Reading.Planned);

    /// <summary>What the part that is shirred measures before steam where it is on course.</summary>
    public Length BeforeSteam => PartRest * Steam;

    /// <summary>What that part likely measures after it.</summary>
    public Length PartRest => PartFlat / ShirredRows.Widens(Ask, Ask.Reading.Prediction.Mid);

    /// <summary>The width at rest at a fullness that the elastic may come to.</summary>
    private Length Rest(double fullness) =>
        (CutFlat - Ask.Plain) / ShirredRows.Widens(Ask, fullness) + Ask.Plain;

    public Length RestMid => Rest(Ask.Reading.Prediction.Mid);
    public Length RestLow => Rest(Ask.Reading.Prediction.High);
    public Length RestHigh => Rest(Ask.Reading.Prediction.Low);

    /// <summary>
    /// R·exp(quantile) and two seams: cut so wide, it is no tighter than R with the assurance, and what is over is taken
    /// into the seams.
    /// </summary>
    public Length SureWidth => CutFlat + 2 * Ask.SeamAllowance;

    /// <summary>mustPassOver/R: flat, the panel is as wide as what it passes over.</summary>
    public double? LeastFullness =>
        Ask.MustPassOver is { } over
            ? ShirredRows.AlongOf(
                Ask,
                Length.Max(Length.Zero, over - Ask.Plain) / (Ask.RelaxedWidth - Ask.Plain)
            )
            : null;

    public override IReadOnlyList<Piece> Pieces =>
        Ask.Shape == RowShape.Neckline
            ?
            [
                new Piece(
                    "panel",
                    Together.Count,
                    "panel",
                    NecklineDrawing.Cut(this),
                    GrainUpright: true
                ),
            ]
            : [Cut];

    private Piece Cut =>
        Piece.Rectangle(
            "panel",
            Together.Count * Widths,
            Widths > 1 ? "widths of the panel"
                : Together.Count == 1 ? "panel"
                : "panels",
            EachWidth,
            CutHeight
        ) with
        {
            GrainUpright = true,
            DepthKind = LengthKind.Marked,
        };

    public override IReadOnlyList<Fact> Scrap => Swatch.Scrap(Ruler, "It should gather to about");

    /// <summary>The length of cloth that all panels take, as many side by side as its width holds.</summary>
    public Length ClothUsed => OnCloth.Taken(Pieces, Ask.ClothWidth, Ruler);

    public override IReadOnlyList<Edge> Edges => [new("lower", "width at rest", Ask.RelaxedWidth)];

    public override IReadOnlyList<Need> Needs =>
        [
            new("cloth", ClothUsed, Stage.Cut),
            new("elastic", Together.Count * ElasticToHave, Stage.Cut),
            new("thread", Together.Count * ThreadUse.Spare * ThreadOnTop, Stage.Keep),
        ];

    public override Guide? Guide => PanelGuide.Of(this);

    public override Summary Summary => InShort.Of(Ask.RelaxedWidth, Ask.Fullness, Ruler);

    public override Expected? Expected =>
        new PullUpLearnt(Ask.Reading).Expected is { } likely
            ? likely with
            {
                Becomes = new Becoming(
                    CutFlat,
                    Ask.RelaxedWidth,
                    CutFlat / likely.High,
                    CutFlat / likely.Mid,
                    CutFlat / likely.Low
                ),
            }
            : null;

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            List<Fact> facts =
            [
                new(
                    "Rows",
                    $"{Rows}{(Ask.Parts > 1 ? " at either side" : "")}, {Ruler.Mark(ActualGap)} apart"
                ),
                new(
                    "Drawn up to",
                    $"{Percent(RestMid)} of its flat width, from {Percent(RestLow)} to {Percent(RestHigh)}"
                ),
                new("Elastic", Ruler.Write(Together.Count * ElasticToHave, LengthKind.Amount)),
            ];
            if (!Ask.InLooper)
            {
                facts.Add(
                    new("Bobbins", RowsSurely == 0 ? "one may hold no row" : $"{BobbinsSurely}")
                );
                if (LookBefore.Count > 0)
                {
                    facts.Add(new("One bobbin sews", Lasts));
                }
            }
            facts.Add(
                new(
                    "Likely relaxed width",
                    $"{Ruler.Mark(RestMid)}, from {Ruler.Mark(RestLow)} to {Ruler.Mark(RestHigh)}"
                )
            );
            facts.AddRange(Ask.Reading.ByTheLast(Ask.RelaxedWidth, Ruler));
            facts.Add(new("Not too tight", Ask.Reading.AssuranceSays));
            facts.Add(new("Needle thread", Ruler.Write(ThreadOnTop, LengthKind.Amount)));
            facts.Add(TimeInAll);
            return facts;
        }
    }

    public override IReadOnlyList<Caution> Cautions => Hazards.All;

    /// <summary>How many rows a bobbin holds, as a range where it is one.</summary>
    internal string Lasts =>
        RowsSurely >= RowsAtMost ? Rows_(RowsSurely) : $"{RowsSurely} to {Rows_(RowsAtMost)}";

    private string Percent(Length rest) => $"{DecimalText.Write(100 * (rest / CutFlat), 0)} %";

    private static string Rows_(int rows) => rows == 1 ? "1 row" : $"{rows} rows";

    internal SwatchPlan Swatch =>
        SwatchPlan.For(Ask.PanelHeight, Ask.Reading.Prediction.Mid, Ruler.Units);

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [ShirringPanelDrawing.AtRest(this), ShirringPanelDrawing.Flat(this)];

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Together.Steps(ShirringSteps.Of(this, ruler));
}
