using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>A darn as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="What">What is wrong with the cloth.</param>
/// <param name="IsProgrammed">Whether the machine goes back and forth by itself; else the hands do.</param>
/// <param name="MaxStitchWidth">As wide as the machine goes and the foot lets through.</param>
/// <param name="LineGap">In a knit 2 mm at the least.</param>
/// <param name="Measured">What blocks came to against what was set.</param>
internal sealed record Ask(
    Damage What,
    Length TearWidth,
    Length TearLength,
    bool IsProgrammed,
    Length MaxStitchWidth,
    Length FootLength,
    bool ByLever,
    bool AwayFirst,
    Length Margin,
    Length Overlap,
    Length BackingMargin,
    Length LineGap,
    Length StitchLength,
    double Speed,
    IReadOnlyList<DialSample> Measured
)
{
    /// <summary>A workshop rule: lines further apart than this let a knit stretch between them.</summary>
    private static readonly Length OpenGap = Length.FromMillimetres(2);

    /// <summary>More blocks than this, and nobody would sew them.</summary>
    private const int MostBlocks = 400;

    /// <summary>What is stitched: the tear and the margin all round.</summary>
    public Length AreaWidth => TearWidth + 2 * Margin;

    public Length AreaLength => TearLength + 2 * Margin;

    /// <summary>max(1, ceil((areaWidth − overlap)/(maxStitchWidth − overlap))).</summary>
    public int Columns => Blocks(AreaWidth, MaxStitchWidth);

    /// <summary>Rows alike with the foot's length; one where the lever makes a block as long as the darn.</summary>
    public int Rows => ByLever ? 1 : Blocks(AreaLength, FootLength);

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var what = Damage.All[Math.Max(0, reader.Choice(Fields.What))];
        var widest = reader.LengthOrStart(Fields.MaxStitchWidth);
        var size = reader.NumberOrStart(Fields.NeedleSize);
        var opening = reader.OptionalLength(Fields.FootOpening);
        var gap = reader.LengthOrStart(Fields.LineGap);
        var isProgrammed =
            reader.Choice(Fields.Method) <= 0 && what is { IsDarned: true, IsOpen: false };
        var safe = SetUpFields.Safe(widest, [opening], size);
        if (isProgrammed && safe < Fields.MaxStitchWidth.Least && reader.Errors.Count == 0)
        {
            reader.Contradiction(
                Fields.FootOpening,
                "The needle would hit a foot that opens so little: take another, or darn it free-motion."
            );
        }
        var ask = new Ask(
            what,
            reader.Length(Fields.TearWidth),
            reader.Length(Fields.TearLength),
            isProgrammed,
            Length.Min(widest, safe),
            reader.LengthOrStart(Fields.FootLength),
            reader.Flag(Fields.ByLever),
            reader.Choice(Fields.SewsFirst) == 1,
            reader.LengthOrStart(Fields.Margin),
            reader.LengthOrStart(Fields.Overlap),
            reader.LengthOrStart(Fields.BackingMargin),
            what.IsOpen ? Length.Max(gap, OpenGap) : gap,
            reader.LengthOrStart(Fields.StitchLength),
            reader.NumberOrStart(Fields.Speed),
            DialSamples.Read(reader, Fields.Samples)
        );
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.IsProgrammed && !ask.Fits(reader))
        {
            return null;
        }
        return ask;
    }

    private bool Fits(AskReader reader)
    {
        if (Overlap >= MaxStitchWidth || (!ByLever && Overlap >= FootLength))
        {
            reader.Contradiction(
                Fields.Overlap,
                "The overlap must be less than a block is wide and long."
            );
            return false;
        }
        if ((double)Columns * Rows > MostBlocks)
        {
            reader.Contradiction(
                Fields.MaxStitchWidth,
                $"That would take over {MostBlocks} blocks: patch it, or darn it free-motion."
            );
            return false;
        }
        return true;
    }

    private int Blocks(Length area, Length most) =>
        // Blocks that only overlap never cover anything; that is refused where they are asked for.
        most <= Overlap
            ? 1
            : (int)
                Math.Clamp(
                    Rounding.CountUp((area - Overlap) / (most - Overlap)),
                    1,
                    MostBlocks + 1
                );
}
