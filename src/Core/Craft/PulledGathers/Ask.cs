using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.PulledGathers;

/// <summary>A gathered piece as it is wanted: an edge, how full, how deep, and from which cloth.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
public sealed record Ask(
    Length FinishedEdge,
    double Fullness,
    bool Closed,
    Length FinishedDepth,
    Length SeamAllowance,
    Length HemAllowance,
    bool Doubled,
    Length JoinAllowance,
    Length EndAllowance,
    Length ClothWidth,
    bool Along,
    RowScheme Rows,
    Length RowGap,
    Length StitchLength,
    Length ClothThickness,
    Length PlainThickness,
    Length Tail,
    Length CuttingStep,
    Length ZigzagWidth,
    Length? ClothAtHand,
    ClothWeight? Weight,
    Use? Use
)
{
    /// <summary>The depth that is cut: with seam and hem, or folded double with two seams and no hem.</summary>
    public Length CutDepth =>
        Doubled
            ? 2 * (FinishedDepth + SeamAllowance)
            : FinishedDepth + SeamAllowance + HemAllowance;

    /// <summary>The end allowances that an open run spends; a ring has none.</summary>
    public Length BothEnds => Closed ? Length.Zero : 2 * EndAllowance;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="finishedEdge">Stands in for the edge where that is what is sought.</param>
    /// <param name="fullness">Stands in for the fullness where that is what is sought.</param>
    public static Ask? Read(AskReader reader, Length? finishedEdge = null, double? fullness = null)
    {
        var closed = reader.Flag(Fields.Closed);
        var doubled = reader.Flag(Fields.Doubled);
        var rows = reader.Choice(Fields.Rows);
        var ask = new Ask(
            finishedEdge ?? reader.Length(Fields.FinishedEdge),
            fullness ?? reader.Number(Fields.Fullness),
            closed,
            reader.Length(Fields.FinishedDepth),
            reader.Length(Fields.SeamAllowance),
            NeededUnless(doubled, reader, Fields.HemAllowance),
            doubled,
            reader.Length(Fields.JoinAllowance),
            NeededUnless(closed, reader, Fields.EndAllowance),
            reader.Length(Fields.ClothWidth),
            reader.Choice(Fields.Cut) == 1,
            RowScheme.All[Math.Max(0, rows)],
            reader.Length(Fields.RowGap),
            reader.Length(Fields.StitchLength),
            reader.Length(Fields.ClothThickness),
            reader.Length(Fields.PlainThickness),
            reader.Length(Fields.Tail),
            reader.OptionalLength(Fields.CuttingStep) ?? reader.Ruler.Cutting,
            reader.OptionalLength(Fields.ZigzagWidth) ?? Fields.ZigzagWidth.Start!.Value,
            reader.OptionalLength(Fields.ClothAtHand),
            reader.OptionalNumber(Fields.ClothWeight) is { } grams
                ? ClothWeight.FromGramsPerSquareMetre(grams)
                : null,
            reader.Choice(Fields.Use) is >= 0 and var use ? Uses.All[use] : null
        );
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.ClothWidth <= 2 * ask.JoinAllowance)
        {
            reader.Contradiction(
                Fields.ClothWidth,
                $"The usable width has to be more than two join allowances, {reader.Ruler.Mark(2 * ask.JoinAllowance)}: "
                    + "nothing of a strip would be left."
            );
            return null;
        }
        return ask;
    }

    private static Length NeededUnless(bool spared, AskReader reader, LengthField field)
    {
        var length = reader.OptionalLength(field);
        if (length is null && !spared && !reader.Has(field))
        {
            reader.Missing(field);
        }
        return length ?? Length.Zero;
    }
}
