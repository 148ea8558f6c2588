using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>A darn as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="DarningFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record DarningInputs(InputReader Said)
{
    /// <summary>A workshop rule: lines further apart than this let a knit stretch between them.</summary>
    private static readonly Length OpenGap = Length.FromMillimetres(2);

    /// <summary>More blocks than this, and nobody would sew them.</summary>
    private const int MostBlocks = 400;

    /// <summary>What is wrong with the cloth.</summary>
    public Damage What { get; } = Damage.All[Math.Max(0, Said.Choice(DarningFields.What))];

    public Length TearWidth { get; } = Said.Length(DarningFields.TearWidth);

    public Length TearLength { get; } = Said.Length(DarningFields.TearLength);

    private bool ByHand { get; } = Said.Choice(DarningFields.Method) > 0;

    /// <summary>Whether a piece of fabric goes over it.</summary>
    public bool IsPatched => Said.Choice(DarningFields.Method) == 2 && What.IsDarned;

    /// <summary>Whether the hands draw the lines.</summary>
    public bool IsGuided => !IsProgrammed && !IsPatched;

    /// <summary>Whether the machine goes back and forth by itself.</summary>
    public bool IsProgrammed => !ByHand && What is { IsDarned: true, IsOpen: false };

    /// <summary>As wide as the machine goes and the foot lets through.</summary>
    public Length MaxStitchWidth { get; } =
        SetUpFields.Safe(
            Said.LengthOrStart(DarningFields.MaxStitchWidth),
            [Said.OptionalLength(DarningFields.FootOpening)],
            Said.NumberOrStart(DarningFields.NeedleSize)
        );

    public Length FootLength { get; } = Said.LengthOrStart(DarningFields.FootLength);

    public bool ByLever { get; } = Said.Flag(DarningFields.ByLever);

    public bool AwayFirst { get; } = Said.Choice(DarningFields.SewsFirst) == 1;

    public string? Program { get; } = Said.OptionalName(DarningFields.Program);

    public string? FootAsked { get; } = Said.OptionalName(DarningFields.FootAsked);

    public Length PatchBeyond { get; } = Said.LengthOrStart(DarningFields.PatchBeyond);

    public Length PatchTurned { get; } = Said.LengthOrStart(DarningFields.PatchTurned);

    public Length Margin { get; } = Said.LengthOrStart(DarningFields.Margin);

    public Length Overlap { get; } = Said.LengthOrStart(DarningFields.Overlap);

    public Length BackingMargin { get; } = Said.LengthOrStart(DarningFields.BackingMargin);

    private Length GapSaid { get; } = Said.LengthOrStart(DarningFields.LineGap);

    /// <summary>In a knit 2 mm at the least.</summary>
    public Length LineGap => What.IsOpen ? Length.Max(GapSaid, OpenGap) : GapSaid;

    public Length StitchLength { get; } = Said.LengthOrStart(DarningFields.StitchLength);

    /// <summary>Stitches a minute.</summary>
    public double Speed { get; } = Said.NumberOrStart(DarningFields.Speed);

    /// <summary>What blocks came to against what was set.</summary>
    public IReadOnlyList<DialSample> Measured { get; } =
        DialSamples.Read(Said, DarningFields.Samples);

    /// <summary>What is stitched: the tear and the margin all round.</summary>
    public Length AreaWidth => TearWidth + 2 * Margin;

    public Length AreaLength => TearLength + 2 * Margin;

    /// <summary>max(1, ceil((areaWidth − overlap)/(maxStitchWidth − overlap))).</summary>
    public int Columns => Blocks(AreaWidth, MaxStitchWidth);

    /// <summary>Rows alike with the foot's length; one where the lever makes a block as long as the darn.</summary>
    public int Rows => ByLever ? 1 : Blocks(AreaLength, FootLength);

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static DarningInputs? Read(InputReader reader)
    {
        var ask = new DarningInputs(reader);
        if (
            ask.IsProgrammed
            && ask.MaxStitchWidth < DarningFields.MaxStitchWidth.Least
            && reader.Errors.Count == 0
        )
        {
            reader.Contradiction(
                DarningFields.FootOpening,
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

    private bool Fits(InputReader reader)
    {
        if (Overlap >= MaxStitchWidth || (!ByLever && Overlap >= FootLength))
        {
            reader.Contradiction(
                DarningFields.Overlap,
                "The overlap must be less than a block is wide and long."
            );
            return false;
        }
        if ((double)Columns * Rows > MostBlocks)
        {
            reader.Contradiction(
                DarningFields.MaxStitchWidth,
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
                    Rounding.CeilingTolerant((area - Overlap) / (most - Overlap)),
                    1,
                    MostBlocks + 1
                );
}
