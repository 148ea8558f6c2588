using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>Ribbon laid in folds, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="FoldedRibbonFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Run">From the first fold to the last.</param>
internal sealed record FoldedRibbonInputs(InputReader Said, Length Run)
{
    public Length RibbonWidth { get; } = Said.Length(FoldedRibbonFields.RibbonWidth);

    public Length LegAdvance { get; } = Said.Length(FoldedRibbonFields.LegAdvance);

    /// <summary>Tucked under at either end.</summary>
    public Length Tail { get; } = Said.Length(FoldedRibbonFields.Tail);

    public int Bands { get; } = (int)Said.NumberOrStart(FoldedRibbonFields.Bands);

    public Length BandGap { get; } = Said.LengthOrStart(FoldedRibbonFields.BandGap);

    public Length StitchLength { get; } = Said.LengthOrStart(FoldedRibbonFields.StitchLength);

    /// <summary>The number of the sequence on the machine; null where it was not said.</summary>
    public string? Program { get; } = Said.OptionalName(Wants.ProgramField);

    public string? FootAsked { get; } = Said.OptionalName(Wants.FootAskedField);

    public bool StopsItself { get; } = Said.Flag(FoldedRibbonFields.StopsItself);

    /// <summary>Of the ribbon's front; null where that was not said.</summary>
    public Colour? Colour { get; } = Said.OptionalColour(FoldedRibbonFields.Front);

    public Length ClothThickness { get; } = Said.LengthOrStart(FoldedRibbonFields.ClothThickness);

    /// <summary>What legs came to, by what was planned.</summary>
    public IReadOnlyList<DialSample> Measured { get; } =
        DialSamples.Read(Said, FoldedRibbonFields.Samples);

    /// <summary>Of ribbon; null where that was not said.</summary>
    public Length? AtHand { get; } = Said.OptionalLength(FoldedRibbonFields.RibbonAtHand);

    public Length LongestStitch { get; } = Said.LengthOrStart(FoldedRibbonFields.LongestStitch);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>More legs than this are refused: each is drawn, counted and written down.</summary>
    private const int MostLegs = 4000;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="run">Stands in for the run where that is what is sought.</param>
    public static FoldedRibbonInputs? Read(InputReader reader, Length? run = null)
    {
        var ask = new FoldedRibbonInputs(reader, run ?? reader.Length(FoldedRibbonFields.Run));
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.Legs > MostLegs)
        {
            reader.Contradiction(
                FoldedRibbonFields.LegAdvance,
                $"This would be more than {MostLegs} folds. Let each go on further."
            );
            return null;
        }
        return ask;
    }

    /// <summary>max(1, round(X/q)).</summary>
    public int Legs => (int)Math.Max(1, Math.Floor(Run / LegAdvance + 0.5));
}
