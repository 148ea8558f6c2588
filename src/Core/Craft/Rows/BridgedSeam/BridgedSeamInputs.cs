using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Rows.Book;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>Bridged seams as they are wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="BridgedSeamFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record BridgedSeamInputs(InputReader Said)
{
    public Length TotalWidth { get; } = Said.Length(BridgedSeamFields.TotalWidth);

    public Length SeamLength { get; } = Said.LengthOrStart(BridgedSeamFields.SeamLength);

    public int Bridges { get; } = (int)Said.Number(BridgedSeamFields.Bridges);

    /// <summary>Finished widths that were said, from the left.</summary>
    private IReadOnlyList<Length> WidthsSaid { get; } = Said.Lengths(BridgedSeamFields.PanelWidths);

    /// <summary>What the first panel is where it is not cut: its name in a sentence; null where it is cut as the others.</summary>
    public string? ReadyMade { get; } =
        Said.OptionalChoice(BridgedSeamFields.ReadyMade) is { } ready and not "cut"
            ? BridgedSeamFields.ReadyMade.Choices.Single(c => c.Name == ready).Label
            : null;

    /// <summary>The number of the stitch on the machine; null where it was not said.</summary>
    public string? Program { get; } = Said.OptionalName(Wants.ProgramField);

    public string? FootAsked { get; } = Said.OptionalName(Wants.FootAskedField);

    public Length Gap { get; } = Said.Length(BridgedSeamFields.Gap);

    /// <summary>Stitches of the book to choose from; empty where a plain zigzag is sewn.</summary>
    public IReadOnlyList<BookStitch> Candidates { get; } =
        BookStitch.Read(Said, BridgedSeamFields.Candidates);

    public bool ByCard { get; } =
        Said.OptionalChoice(BridgedSeamFields.HeldBy) == BridgedSeamFields.FoldedCard;

    /// <summary>Bars and spacers there are; empty where that was not said.</summary>
    public IReadOnlyList<Length> Bars { get; } = Said.Lengths(BridgedSeamFields.Bars);

    public Length CardThickness { get; } = Said.LengthOrStart(BridgedSeamFields.CardThickness);

    /// <summary>The cord in the gap; null where none lies there.</summary>
    public Length? Cord { get; } = Said.OptionalLength(BridgedSeamFields.CordDiameter);

    public Length Fold { get; } = Said.Length(BridgedSeamFields.FoldAllowance);

    public Length Outer { get; } = Said.Length(BridgedSeamFields.OuterAllowance);

    public Length End { get; } = Said.LengthOrStart(BridgedSeamFields.EndAllowance);

    public Length Bite { get; } = Said.LengthOrStart(BridgedSeamFields.Bite);

    /// <summary>The widest stitch of the machine.</summary>
    public Length MachineMakes { get; } = Said.Length(BridgedSeamFields.MaxStitchWidth);

    /// <summary>The widest that is safe: foot and plate may open less far than the machine swings; zero where none is.</summary>
    public Length MaxStitchWidth { get; } = Safe(Said);

    public Length WidthStep { get; } = Said.LengthOrStart(BridgedSeamFields.WidthStep);

    public Length StitchLength { get; } = Said.LengthOrStart(BridgedSeamFields.StitchLength);

    public Length Leader { get; } = Said.LengthOrStart(BridgedSeamFields.Leader);

    public Length? PatternWidth { get; } = Said.OptionalLength(BridgedSeamFields.PatternWidth);

    /// <summary>In g/m²; null where it is not known.</summary>
    public double? ClothWeight { get; } = Said.OptionalNumber(BridgedSeamFields.ClothWeight);

    public Length ClothThickness { get; } = Said.LengthOrStart(BridgedSeamFields.ClothThickness);

    public Length ClothWidth { get; } = Said.LengthOrStart(BridgedSeamFields.ClothWidth);

    /// <summary>What stitches came to across a gap, by what was set.</summary>
    public IReadOnlyList<DialSample> Measured { get; } =
        DialSamples.Read(Said, BridgedSeamFields.Samples);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static BridgedSeamInputs? Read(InputReader reader)
    {
        var ask = new BridgedSeamInputs(reader);
        _ = reader.OptionalLength(BridgedSeamFields.PanelAtHand);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.WidthsSaid.Count > ask.Bridges + 1)
        {
            reader.Contradiction(
                BridgedSeamFields.PanelWidths,
                $"{ask.Bridges} open seams make {ask.Bridges + 1} panels: no more widths than that."
            );
            return null;
        }
        if (ask.WidthsSaid.Count == ask.Bridges + 1)
        {
            var all = ask.WidthsSaid.Sum() + ask.Bridges * ask.Gap;
            if (Length.Difference(all, ask.TotalWidth) > reader.Ruler.Marking)
            {
                reader.Contradiction(
                    BridgedSeamFields.TotalWidth,
                    $"With their gaps these panels come to {reader.Ruler.Mark(all)}: that is the finished width, or leave one width out."
                );
                return null;
            }
        }
        if (ask.PanelFinished <= Length.Zero)
        {
            reader.Contradiction(
                BridgedSeamFields.TotalWidth,
                $"{ask.Bridges} gaps of {reader.Ruler.Fine(ask.Gap)} take all of it: no fabric is left between them."
            );
            return null;
        }
        return ask;
    }

    /// <summary>The widest stitch that machine, foot and plate let through; zero where none is safe.</summary>
    public static Length Safe(InputReader reader) =>
        SetUpFields.Safe(
            reader.Length(BridgedSeamFields.MaxStitchWidth),
            [
                reader.OptionalLength(BridgedSeamFields.FootOpening),
                reader.OptionalLength(BridgedSeamFields.PlateOpening),
            ],
            reader.NumberOrStart(BridgedSeamFields.NeedleSize)
        );

    /// <summary>(Z − k·g)/(k + 1); where some have a width of their own, what is left for each of the others.</summary>
    public Length PanelFinished =>
        WidthsSaid.Count > Bridges
            ? WidthsSaid[^1]
            : (TotalWidth - Bridges * Gap - WidthsSaid.Sum()) / (Bridges + 1 - WidthsSaid.Count);

    /// <summary>Whether panels differ.</summary>
    public bool IsUneven => WidthsSaid.Count > 0;

    /// <summary>A panel, finished; from the left, from 0.</summary>
    public Length Finished(int panel) =>
        panel < WidthsSaid.Count ? WidthsSaid[panel] : PanelFinished;

    /// <summary>Where a panel begins on the finished piece.</summary>
    public Length LeftOf(int panel) =>
        Enumerable.Range(0, panel).Select(i => Finished(i) + Gap).Sum();
}
