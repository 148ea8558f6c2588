using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>Rows of decorative stitches as they are wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Angle">Degrees, counted with the clock from the width, as it is seen.</param>
/// <param name="RowGap">Between middles; null where the foot's edge sets it.</param>
/// <param name="FootEdge">From the needle to the edge that runs along the row before; null where a gap is said.</param>
/// <param name="Pattern">The stitches in turn, at least one.</param>
/// <param name="NeedleSpacing">Of a pair of needles; nothing for a single one.</param>
/// <param name="Seam">Left beyond the finished piece when it is trimmed.</param>
/// <param name="SafeWidth">The widest that machine, foot and plate let through; null where none is safe.</param>
/// <param name="Shrink">What is known of how the stitching draws in; null where a share is added.</param>
internal sealed record Ask(
    bool IsBorder,
    Length Width,
    Length Height,
    double Angle,
    Length? RowGap,
    Length? FootEdge,
    bool IsMarked,
    IReadOnlyList<BookStitch> Pattern,
    bool IsWhole,
    Length RepeatRange,
    Length DialStep,
    int BorderRows,
    Length BorderInset,
    bool Alternates,
    double Oversize,
    Shrink? Shrink,
    bool Stabilised,
    double? ClothWeight,
    double Assurance,
    Length ClothThickness,
    Length Tail,
    Length BobbinCapacity,
    Length? WidestStitch,
    Length NeedleSpacing,
    Length Seam,
    Length? SafeWidth,
    Together Together
)
{
    /// <summary>Of the cloth, between its selvedges.</summary>
    public required Length ClothWidth { get; init; }

    /// <summary>More rows than this are refused: each is drawn, told and written down.</summary>
    public const int MostRows = 5000;

    /// <summary>What the rows and the gaps are measured by, in radians.</summary>
    public double Turned => Angle * Math.PI / 180;

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
        (Width * Math.Abs(Math.Sin(Turned)) + Height * Math.Abs(Math.Cos(Turned))) / 2;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        // One that was typed waits beside those of the book; what is said of it is checked all the same.
        var (width, repeat) = (
            reader.OptionalLength(Fields.StitchWidth),
            reader.OptionalLength(Fields.RepeatLength)
        );
        var pattern = BookStitch.Read(reader, Fields.Pattern);
        if (pattern.Count == 0)
        {
            if (width is null)
            {
                reader.Missing(Fields.StitchWidth);
            }
            if (repeat is null)
            {
                reader.Missing(Fields.RepeatLength);
            }
            pattern =
            [
                BookStitch.Typed(
                    width ?? Fields.StitchWidth.Least,
                    repeat ?? Fields.RepeatLength.Least
                ),
            ];
        }
        var (gap, edge) = (
            reader.OptionalLength(Fields.RowGap),
            reader.OptionalLength(Fields.FootEdge)
        );
        var stabilised = reader.OptionalFlag(Fields.Stabilised) ?? false;
        var weight = reader.OptionalNumber(Fields.ClothWeight);
        var samples = ShrinkSamples.Read(reader);
        var (widest, spacing) = (
            reader.OptionalLength(Fields.WidestStitch),
            reader.OptionalLength(Fields.NeedleSpacing) ?? Length.Zero
        );
        var isLearnt =
            reader.OptionalChoice(Fields.CutBy) != Fields.Oversized
            && reader.Has(ShrinkSamples.Field);
        var ask = new Ask(
            reader.OptionalChoice(Fields.Layout) == Fields.Border,
            reader.Length(Fields.Width),
            reader.Length(Fields.Height),
            reader.NumberOrStart(Fields.Angle),
            gap,
            edge,
            reader.OptionalChoice(Fields.Guided) == Fields.Marked,
            pattern,
            reader.OptionalChoice(Fields.Fit) == Fields.Whole,
            reader.LengthOrStart(Fields.RepeatRange),
            reader.LengthOrStart(Fields.DialStep),
            (int)reader.NumberOrStart(Fields.BorderRows),
            reader.LengthOrStart(Fields.BorderInset),
            reader.OptionalChoice(Fields.Direction) != "same",
            reader.NumberOrStart(Fields.Oversize),
            null,
            stabilised,
            weight,
            reader.NumberOrStart(Fields.Assurance),
            reader.LengthOrStart(Fields.ClothThickness),
            reader.LengthOrStart(Fields.Tail),
            reader.LengthOrStart(Fields.BobbinCapacity),
            widest,
            spacing,
            reader.LengthOrStart(Fields.SeamAllowance),
            SetUpFields.Widest(
                widest ?? Fields.WidestStitch.Most,
                [
                    reader.OptionalLength(Fields.FootOpening),
                    reader.OptionalLength(SetUpFields.PlateOpening),
                ],
                reader.NumberOrStart(SetUpFields.NeedleSize),
                spacing
            ),
            Together.Read(reader)
        )
        {
            ClothWidth = reader.LengthOrStart(Fields.ClothWidth),
        };
        // Only turned round are they asked for; what is said of them is checked all the same.
        _ = reader.OptionalNumber(Fields.RowsWanted);
        _ = reader.OptionalLength(Fields.ThreadAtHand);
        _ = reader.OptionalLength(Fields.PieceAcross);
        _ = reader.OptionalLength(Fields.PieceDown);
        if (gap is null && edge is null)
        {
            reader.Missing(Fields.RowGap);
        }
        if (gap is not null && edge is not null)
        {
            reader.Contradiction(
                Fields.FootEdge,
                "Enter either the row spacing or the needle-to-edge distance, not both."
            );
        }
        if (reader.Errors.Count > 0 || !ask.HasRoom(reader))
        {
            return null;
        }
        return isLearnt
            ? ask with
            {
                Shrink = new Shrink(
                    samples,
                    new ShrinkSettings(stabilised, ask.MeanWidth, ask.MeanGap, weight)
                ),
            }
            : ask;
    }

    private bool HasRoom(AskReader reader)
    {
        if (!IsBorder && 2 * Half / MeanGap > MostRows)
        {
            reader.Contradiction(
                RowGap is null ? Fields.FootEdge : Fields.RowGap,
                $"This would be more than {MostRows} rows. Set them further apart."
            );
            return false;
        }
        if (IsBorder && 2 * InnermostRow >= Length.Min(Width, Height))
        {
            reader.Contradiction(
                Fields.BorderRows,
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
