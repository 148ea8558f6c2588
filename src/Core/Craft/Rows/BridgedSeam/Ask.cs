using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>Bridged seams as they are wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record Ask(AskReader Said)
{
    public Length TotalWidth { get; } = Said.Length(Fields.TotalWidth);

    public Length SeamLength { get; } = Said.LengthOrStart(Fields.SeamLength);

    public int Bridges { get; } = (int)Said.Number(Fields.Bridges);

    public Length Gap { get; } = Said.Length(Fields.Gap);

    /// <summary>Stitches of the book to choose from; empty where a plain zigzag is sewn.</summary>
    public IReadOnlyList<BookStitch> Candidates { get; } = BookStitch.Read(Said, Fields.Candidates);

    public bool ByCard { get; } = Said.OptionalChoice(Fields.HeldBy) == Fields.FoldedCard;

    /// <summary>Bars and spacers there are; empty where that was not said.</summary>
    public IReadOnlyList<Length> Bars { get; } = Said.Lengths(Fields.Bars);

    public Length CardThickness { get; } = Said.LengthOrStart(Fields.CardThickness);

    /// <summary>The cord in the gap; null where none lies there.</summary>
    public Length? Cord { get; } = Said.OptionalLength(Fields.CordDiameter);

    public Length Fold { get; } = Said.Length(Fields.FoldAllowance);

    public Length Outer { get; } = Said.Length(Fields.OuterAllowance);

    public Length End { get; } = Said.LengthOrStart(Fields.EndAllowance);

    public Length Bite { get; } = Said.LengthOrStart(Fields.Bite);

    /// <summary>The widest stitch of the machine.</summary>
    public Length MachineMakes { get; } = Said.Length(Fields.MaxStitchWidth);

    /// <summary>The widest that is safe: foot and plate may open less far than the machine swings; zero where none is.</summary>
    public Length MaxStitchWidth { get; } = Safe(Said);

    public Length WidthStep { get; } = Said.LengthOrStart(Fields.WidthStep);

    public Length StitchLength { get; } = Said.LengthOrStart(Fields.StitchLength);

    public Length Leader { get; } = Said.LengthOrStart(Fields.Leader);

    public Length? PatternWidth { get; } = Said.OptionalLength(Fields.PatternWidth);

    /// <summary>In g/m²; null where it is not known.</summary>
    public double? ClothWeight { get; } = Said.OptionalNumber(Fields.ClothWeight);

    public Length ClothThickness { get; } = Said.LengthOrStart(Fields.ClothThickness);

    public Length ClothWidth { get; } = Said.LengthOrStart(Fields.ClothWidth);

    /// <summary>What stitches came to across a gap, by what was set.</summary>
    public IReadOnlyList<DialSample> Measured { get; } = DialSamples.Read(Said, Fields.Samples);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var ask = new Ask(reader);
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
