using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>Bridged seams as they are wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Candidates">Stitches of the book to choose from; empty where a plain zigzag is sewn.</param>
/// <param name="Bars">Bars and spacers there are; empty where that was not said.</param>
/// <param name="MachineMakes">The widest stitch of the machine.</param>
/// <param name="MaxStitchWidth">The widest that is safe: foot and plate may open less far than the machine swings.</param>
/// <param name="Measured">What stitches came to across a gap, by what was set.</param>
internal sealed record Ask(
    Length TotalWidth,
    Length SeamLength,
    int Bridges,
    Length Gap,
    IReadOnlyList<BookStitch> Candidates,
    bool ByCard,
    IReadOnlyList<Length> Bars,
    Length CardThickness,
    Length? Cord,
    Length Fold,
    Length Outer,
    Length End,
    Length Bite,
    Length MachineMakes,
    Length MaxStitchWidth,
    Length WidthStep,
    Length StitchLength,
    Length Leader,
    Length? PatternWidth,
    double? ClothWeight,
    Length ClothThickness,
    Length ClothWidth,
    IReadOnlyList<DialSample> Measured,
    Together Together
)
{
    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var ask = new Ask(
            reader.Length(Fields.TotalWidth),
            reader.LengthOrStart(Fields.SeamLength),
            (int)reader.Number(Fields.Bridges),
            reader.Length(Fields.Gap),
            BookStitch.Read(reader, Fields.Candidates),
            reader.OptionalChoice(Fields.HeldBy) == Fields.FoldedCard,
            reader.Lengths(Fields.Bars),
            reader.LengthOrStart(Fields.CardThickness),
            reader.OptionalLength(Fields.CordDiameter),
            reader.Length(Fields.FoldAllowance),
            reader.Length(Fields.OuterAllowance),
            reader.LengthOrStart(Fields.EndAllowance),
            reader.LengthOrStart(Fields.Bite),
            reader.Length(Fields.MaxStitchWidth),
            Safe(reader),
            reader.LengthOrStart(Fields.WidthStep),
            reader.LengthOrStart(Fields.StitchLength),
            reader.LengthOrStart(Fields.Leader),
            reader.OptionalLength(Fields.PatternWidth),
            reader.OptionalNumber(Fields.ClothWeight),
            reader.LengthOrStart(Fields.ClothThickness),
            reader.LengthOrStart(Fields.ClothWidth),
            DialSamples.Read(reader, Fields.Samples),
            Together.Read(reader)
        );
        _ = reader.OptionalLength(Fields.PanelAtHand);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.PanelFinished <= Length.Zero)
        {
            reader.Contradiction(
                Fields.TotalWidth,
                $"{ask.Bridges} gaps of {reader.Ruler.Fine(ask.Gap)} take all of it: no fabric is left between them."
            );
            return null;
        }
        return ask;
    }

    /// <summary>The widest stitch that machine, foot and plate let through; zero where none is safe.</summary>
    public static Length Safe(AskReader reader) =>
        SetUpFields.Safe(
            reader.Length(Fields.MaxStitchWidth),
            [reader.OptionalLength(Fields.FootOpening), reader.OptionalLength(Fields.PlateOpening)],
            reader.NumberOrStart(Fields.NeedleSize)
        );

    /// <summary>(Z − k·g)/(k + 1).</summary>
    public Length PanelFinished => (TotalWidth - Bridges * Gap) / (Bridges + 1);
}
