using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>Ribbon laid in folds, as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="AtHand">Of ribbon; null where that was not said.</param>
/// <param name="Measured">What legs came to, by what was planned.</param>
internal sealed record Ask(
    Length Run,
    Length RibbonWidth,
    Length LegAdvance,
    Length Tail,
    int Bands,
    Length BandGap,
    Length StitchLength,
    bool StopsItself,
    Colour? Colour,
    Length ClothThickness,
    IReadOnlyList<DialSample> Measured,
    Length? AtHand,
    Length LongestStitch,
    Together Together
)
{
    /// <summary>More legs than this are refused: each is drawn, counted and written down.</summary>
    private const int MostLegs = 4000;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="run">Stands in for the run where that is what is sought.</param>
    public static Ask? Read(AskReader reader, Length? run = null)
    {
        var ask = new Ask(
            run ?? reader.Length(Fields.Run),
            reader.Length(Fields.RibbonWidth),
            reader.Length(Fields.LegAdvance),
            reader.Length(Fields.Tail),
            (int)reader.NumberOrStart(Fields.Bands),
            reader.LengthOrStart(Fields.BandGap),
            reader.LengthOrStart(Fields.StitchLength),
            reader.Flag(Fields.StopsItself),
            reader.OptionalColour(Fields.Front),
            reader.LengthOrStart(Fields.ClothThickness),
            DialSamples.Read(reader, Fields.Samples),
            reader.OptionalLength(Fields.RibbonAtHand),
            reader.LengthOrStart(Fields.LongestStitch),
            Together.Read(reader)
        );
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
