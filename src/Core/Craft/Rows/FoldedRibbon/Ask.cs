using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>Ribbon laid in folds, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Run">From the first fold to the last.</param>
internal sealed record Ask(AskReader Said, Length Run)
{
    public Length RibbonWidth { get; } = Said.Length(Fields.RibbonWidth);

    public Length LegAdvance { get; } = Said.Length(Fields.LegAdvance);

    /// <summary>Tucked under at either end.</summary>
    public Length Tail { get; } = Said.Length(Fields.Tail);

    public int Bands { get; } = (int)Said.NumberOrStart(Fields.Bands);

    public Length BandGap { get; } = Said.LengthOrStart(Fields.BandGap);

    public Length StitchLength { get; } = Said.LengthOrStart(Fields.StitchLength);

    public bool StopsItself { get; } = Said.Flag(Fields.StopsItself);

    /// <summary>Of the ribbon's front; null where that was not said.</summary>
    public Colour? Colour { get; } = Said.OptionalColour(Fields.Front);

    public Length ClothThickness { get; } = Said.LengthOrStart(Fields.ClothThickness);

    /// <summary>What legs came to, by what was planned.</summary>
    public IReadOnlyList<DialSample> Measured { get; } = DialSamples.Read(Said, Fields.Samples);

    /// <summary>Of ribbon; null where that was not said.</summary>
    public Length? AtHand { get; } = Said.OptionalLength(Fields.RibbonAtHand);

    public Length LongestStitch { get; } = Said.LengthOrStart(Fields.LongestStitch);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>More legs than this are refused: each is drawn, counted and written down.</summary>
    private const int MostLegs = 4000;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="run">Stands in for the run where that is what is sought.</param>
    public static Ask? Read(AskReader reader, Length? run = null)
    {
        var ask = new Ask(reader, run ?? reader.Length(Fields.Run));
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.Legs > MostLegs)
        {
            reader.Contradiction(
                Fields.LegAdvance,
                $"This would be more than {MostLegs} folds. Let each go on further."
            );
            return null;
        }
        return ask;
    }

    /// <summary>max(1, round(X/q)).</summary>
    public int Legs => (int)Math.Max(1, Math.Floor(Run / LegAdvance + 0.5));
}
