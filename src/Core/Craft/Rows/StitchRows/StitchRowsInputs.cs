using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>Rows of decorative stitches as they are wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="StitchRowsFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record StitchRowsInputs(InputReader Said)
{
    public bool IsBorder { get; } =
        Said.OptionalChoice(StitchRowsFields.Layout) == StitchRowsFields.Border;

    /// <summary>Whether rows follow a wave.</summary>
    public bool IsWavy { get; } =
        Said.OptionalChoice(StitchRowsFields.Layout) == StitchRowsFields.Waves;

    /// <summary>From the lowest place of a wave to its highest.</summary>
    public Length WaveHeight { get; } = Said.LengthOrStart(StitchRowsFields.WaveHeight);

    public Length WaveLength { get; } = Said.LengthOrStart(StitchRowsFields.WaveLength);

    /// <summary>Words that are sewn in letters; null where none were said.</summary>
    public string? Words { get; } = Said.OptionalName(StitchRowsFields.Words);

    public Length Width { get; } = Said.Length(StitchRowsFields.Width);

    public Length Height { get; } = Said.Length(StitchRowsFields.Height);

    /// <summary>Degrees, counted with the clock from the width, as it is seen.</summary>
    public double Angle { get; init; } = Said.NumberOrStart(StitchRowsFields.Angle);

    /// <summary>Between middles; null where the foot's edge sets it.</summary>
    public Length? RowGap { get; init; } = Said.OptionalLength(StitchRowsFields.RowGap);

    /// <summary>From the needle to the edge that runs along the row before; null where a gap is said.</summary>
    public Length? FootEdge { get; init; } = Said.OptionalLength(StitchRowsFields.FootEdge);

    private bool MarksSaid { get; } =
        Said.OptionalChoice(StitchRowsFields.Guided) == StitchRowsFields.Marked;

    /// <summary>Whether every row is drawn: an edge along a wave would make the next wave another one.</summary>
    public bool IsMarked => MarksSaid || IsWavy;

    /// <summary>The stitches in turn, at least one.</summary>
    public IReadOnlyList<BookStitch> Pattern { get; } = ReadPattern(Said);

    /// <summary>Whether its one stitch was typed; else stitches were taken from the book.</summary>
    public bool IsTyped { get; } = Said.Groups(StitchRowsFields.Pattern).Count == 0;

    public bool IsWhole { get; } =
        Said.OptionalChoice(StitchRowsFields.Fit) == StitchRowsFields.Whole;

    public Length RepeatRange { get; } = Said.LengthOrStart(StitchRowsFields.RepeatRange);

    public Length DialStep { get; } = Said.LengthOrStart(StitchRowsFields.DialStep);

    public int BorderRows { get; } = (int)Said.NumberOrStart(StitchRowsFields.BorderRows);

    public Length BorderInset { get; } = Said.LengthOrStart(StitchRowsFields.BorderInset);

    public bool Alternates { get; } = Said.OptionalChoice(StitchRowsFields.Direction) != "same";

    /// <summary>The share that is added all round, where the stitching's draw is not learnt.</summary>
    public double Oversize { get; } = Said.NumberOrStart(StitchRowsFields.Oversize);

    public bool Stabilised { get; } = Said.OptionalFlag(StitchRowsFields.Stabilised) ?? false;

    /// <summary>In g/m²; null where it is not known.</summary>
    public double? ClothWeight { get; } = Said.OptionalNumber(StitchRowsFields.ClothWeight);

    /// <summary>What is known of how the stitching draws in; null where a share is added.</summary>
    public Shrink? Shrink { get; private init; }

    /// <summary>How sure the size shall be, 0.5 to 0.99.</summary>
    public double Assurance { get; } = Said.NumberOrStart(StitchRowsFields.Assurance);

    public Length ClothThickness { get; } = Said.LengthOrStart(StitchRowsFields.ClothThickness);

    /// <summary>Of the cloth, between its selvedges.</summary>
    public Length ClothWidth { get; } = Said.LengthOrStart(StitchRowsFields.ClothWidth);

    public Length Tail { get; } = Said.LengthOrStart(StitchRowsFields.Tail);

    public Length BobbinCapacity { get; } = Said.LengthOrStart(StitchRowsFields.BobbinCapacity);

    /// <summary>Of the machine; null where it is not known.</summary>
    public Length? WidestStitch { get; } = Said.OptionalLength(StitchRowsFields.WidestStitch);

    /// <summary>Of a pair of needles; nothing for a single one.</summary>
    public Length NeedleSpacing { get; } =
        Said.OptionalLength(StitchRowsFields.NeedleSpacing) ?? Length.Zero;

    /// <summary>Left beyond the finished piece when it is trimmed.</summary>
    public Length Seam { get; } = Said.LengthOrStart(StitchRowsFields.SeamAllowance);

    /// <summary>The widest that machine, foot and plate let through; null where none is safe.</summary>
    public Length? SafeWidth { get; } =
        SetUpFields.Widest(
            Said.OptionalLength(StitchRowsFields.WidestStitch)
                ?? StitchRowsFields.WidestStitch.Most,
            [
                Said.OptionalLength(StitchRowsFields.FootOpening),
                Said.OptionalLength(SetUpFields.PlateOpening),
            ],
            Said.NumberOrStart(SetUpFields.NeedleSize),
            Said.OptionalLength(StitchRowsFields.NeedleSpacing) ?? Length.Zero
        );

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>More rows than this are refused: each is drawn, told and written down.</summary>
    public const int MostRows = 5000;

    /// <summary>What the rows and the gaps are measured by, in radians; waves run along the width.</summary>
    public double Turned => IsWavy ? 0 : Angle * Math.PI / 180;

    /// <summary>How far a wave lies from its middle, so far along the width.</summary>
    public Length WaveAt(Length x) =>
        WaveHeight / 2 * Math.Sin(2 * Math.PI * (x.Millimetres / WaveLength.Millimetres));

    /// <summary>The mean of cos² of the angle between a row and the width: 1 for straight rows along it.</summary>
    public double AlongWidth =>
        !IsWavy
            ? Math.Pow(Math.Cos(IsBorder ? Math.PI / 4 : Turned), 2)
            : Enumerable
                .Range(0, 48)
                .Average(i =>
                    1
                    / (
                        1
                        + Math.Pow(
                            Math.PI
                                * (WaveHeight / WaveLength)
                                * Math.Cos(2 * Math.PI * (i + 0.5) / 48),
                            2
                        )
                    )
                );

    /// <summary>The stitch of a row, from 0.</summary>
    public BookStitch StitchOf(int row) => Pattern[row % Pattern.Count];

    /// <summary>What comes after a row, from 0: the gap, or E + half its width.</summary>
    public Length GapAfter(int row) => RowGap ?? FootEdge!.Value + StitchOf(row).Width / 2;

    public Length MeanGap =>
        Enumerable.Range(0, Pattern.Count).Aggregate(Length.Zero, (sum, i) => sum + GapAfter(i))
        / Pattern.Count;

    public Length MeanWidth => Pattern.Sum(s => s.Width) / Pattern.Count;

    /// <summary>
    /// Whether each row can only be guided by the one before it in number: the foot's edge runs along it, and rows of unequal
    /// widths would stand otherwise when they are sewn the other way.
    /// </summary>
    public bool OneWayOnly => FootEdge is not null && Pattern.Any(s => s.Width != Pattern[0].Width);

    /// <summary>(a·|sin θ| + b·|cos θ|)/2: from the middle of the piece to the furthest corner, square to the rows.</summary>
    public Length Half =>
        IsWavy
            ? (Height - WaveHeight) / 2
            : (Width * Math.Abs(Math.Sin(Turned)) + Height * Math.Abs(Math.Cos(Turned))) / 2;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static StitchRowsInputs? Read(InputReader reader)
    {
        var ask = new StitchRowsInputs(reader);
        // Only turned round are they asked for; what is said of them is checked all the same.
        _ = reader.OptionalNumber(StitchRowsFields.RowsWanted);
        _ = reader.OptionalLength(StitchRowsFields.ThreadAtHand);
        _ = reader.OptionalLength(StitchRowsFields.PieceAcross);
        _ = reader.OptionalLength(StitchRowsFields.PieceDown);
        if (ask.RowGap is null && ask.FootEdge is null)
        {
            reader.Missing(StitchRowsFields.RowGap);
        }
        if (ask.RowGap is not null && ask.FootEdge is not null)
        {
            reader.Contradiction(
                StitchRowsFields.FootEdge,
                "Enter either the row spacing or the needle-to-edge distance, not both."
            );
        }
        var samples = ShrinkSamples.Read(reader);
        if (reader.Errors.Count > 0 || !ask.HasRoom(reader))
        {
            return null;
        }
        return
            reader.OptionalChoice(StitchRowsFields.CutBy) != StitchRowsFields.Oversized
            && reader.Has(ShrinkSamples.Field)
            ? ask with
            {
                Shrink = new Shrink(
                    samples,
                    new(ask.Stabilised, ask.MeanWidth, ask.MeanGap, ask.ClothWeight)
                ),
            }
            : ask;
    }

    /// <summary>The stitches of the book, or the one that was typed, of which what is said is checked either way.</summary>
    private static IReadOnlyList<BookStitch> ReadPattern(InputReader reader)
    {
        var (width, repeat) = (
            reader.OptionalLength(StitchRowsFields.StitchWidth),
            reader.OptionalLength(StitchRowsFields.RepeatLength)
        );
        IReadOnlyList<BookStitch> pattern =
        [
            .. BookStitch
                .Read(reader, StitchRowsFields.Pattern)
                .Select(s => s.Spelling(reader.OptionalName(StitchRowsFields.Words))),
        ];
        if (pattern.Count > 0)
        {
            return pattern;
        }
        if (width is null)
        {
            reader.Missing(StitchRowsFields.StitchWidth);
        }
        if (repeat is null)
        {
            reader.Missing(StitchRowsFields.RepeatLength);
        }
        return
        [
            BookStitch.Typed(
                width ?? StitchRowsFields.StitchWidth.Least,
                repeat ?? StitchRowsFields.RepeatLength.Least
            ),
        ];
    }

    private bool HasRoom(InputReader reader)
    {
        if (IsWavy && WaveHeight >= Height)
        {
            reader.Contradiction(
                StitchRowsFields.WaveHeight,
                "The waves are higher than the piece: no row would lie inside it."
            );
            return false;
        }
        if (!IsBorder && 2 * Half / MeanGap > MostRows)
        {
            reader.Contradiction(
                RowGap is null ? StitchRowsFields.FootEdge : StitchRowsFields.RowGap,
                $"This would be more than {MostRows} rows. Set them further apart."
            );
            return false;
        }
        if (IsBorder && 2 * InnermostRow >= Length.Min(Width, Height))
        {
            reader.Contradiction(
                StitchRowsFields.BorderRows,
                "The rows from both sides meet in the middle: fewer of them, or nearer to the edge."
            );
            return false;
        }
        return true;
    }

    /// <summary>How far the innermost row of a border lies from the edge.</summary>
    private Length InnermostRow =>
        Enumerable
            .Range(0, BorderRows - 1)
            .Aggregate(BorderInset, (sum, row) => sum + GapAfter(row));
}
