using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>A darn as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record Ask(AskReader Said)
{
    /// <summary>A workshop rule: lines further apart than this let a knit stretch between them.</summary>
    private static readonly Length OpenGap = Length.FromMillimetres(2);

    /// <summary>More blocks than this, and nobody would sew them.</summary>
    private const int MostBlocks = 400;

    /// <summary>What is wrong with the cloth.</summary>
    public Damage What { get; } = Damage.All[Math.Max(0, Said.Choice(Fields.What))];

    public Length TearWidth { get; } = Said.Length(Fields.TearWidth);

    public Length TearLength { get; } = Said.Length(Fields.TearLength);

    private bool ByHand { get; } = Said.Choice(Fields.Method) > 0;

    /// <summary>Whether the machine goes back and forth by itself; else the hands do.</summary>
    public bool IsProgrammed => !ByHand && What is { IsDarned: true, IsOpen: false };

    /// <summary>As wide as the machine goes and the foot lets through.</summary>
    public Length MaxStitchWidth { get; } =
        SetUpFields.Safe(
            Said.LengthOrStart(Fields.MaxStitchWidth),
            [Said.OptionalLength(Fields.FootOpening)],
            Said.NumberOrStart(Fields.NeedleSize)
        );

    public Length FootLength { get; } = Said.LengthOrStart(Fields.FootLength);

    public bool ByLever { get; } = Said.Flag(Fields.ByLever);

    public bool AwayFirst { get; } = Said.Choice(Fields.SewsFirst) == 1;

    public Length Margin { get; } = Said.LengthOrStart(Fields.Margin);

    public Length Overlap { get; } = Said.LengthOrStart(Fields.Overlap);

    public Length BackingMargin { get; } = Said.LengthOrStart(Fields.BackingMargin);

    private Length GapSaid { get; } = Said.LengthOrStart(Fields.LineGap);

    /// <summary>In a knit 2 mm at the least.</summary>
    public Length LineGap => What.IsOpen ? Length.Max(GapSaid, OpenGap) : GapSaid;

    public Length StitchLength { get; } = Said.LengthOrStart(Fields.StitchLength);

    /// <summary>Stitches a minute.</summary>
    public double Speed { get; } = Said.NumberOrStart(Fields.Speed);

    /// <summary>What blocks came to against what was set.</summary>
    public IReadOnlyList<DialSample> Measured { get; } = DialSamples.Read(Said, Fields.Samples);

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
        var ask = new Ask(reader);
        if (
            ask.IsProgrammed
            && ask.MaxStitchWidth < Fields.MaxStitchWidth.Least
            && reader.Errors.Count == 0
        )
        {
            reader.Contradiction(
                Fields.FootOpening,
                "The needle would hit a foot that opens so little: take another, or darn it free-motion."
            );
        }
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
