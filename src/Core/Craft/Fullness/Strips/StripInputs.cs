using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>A gathered piece as it is wanted: an edge, how full, how deep, and from which cloth.</summary>
/// <remarks>Every value is within the ranges of <see cref="StripFields"/>; only <see cref="Read"/> makes one.</remarks>
public sealed record StripInputs
{
    public required Length FinishedEdge { get; init; }

    /// <summary>r, the strip over its edge; 1 where it is flat.</summary>
    public required double Fullness { get; init; }

    public bool Closed { get; init; }

    public required Length FinishedDepth { get; init; }

    public required Length SeamAllowance { get; init; }

    public Length HemAllowance { get; init; }

    public bool Doubled { get; init; }

    public Length JoinAllowance { get; init; }

    public Length EndAllowance { get; init; }

    public required Length ClothWidth { get; init; }

    /// <summary>Whether the strips are cut along the selvedge; else across.</summary>
    public bool Along { get; init; }

    /// <summary>Strips that are joined where they are cut along the selvedge; 1 or more.</summary>
    public int StripsAlong { get; init; } = 1;

    public required RowScheme Rows { get; init; }

    public required Length RowGap { get; init; }

    public required Length StitchLength { get; init; }

    public required Length ClothThickness { get; init; }

    public required Length PlainThickness { get; init; }

    public required Length Tail { get; init; }

    public required Length CuttingStep { get; init; }

    public Length ZigzagWidth { get; init; }

    /// <summary>Null where it is not known.</summary>
    public Length? ClothAtHand { get; init; }

    /// <summary>Null where it is not known.</summary>
    public ClothWeight? Weight { get; init; }

    /// <summary>What it is for; null where that was not said.</summary>
    public Use? Use { get; init; }

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; init; } = Together.Alone;

    /// <summary>How many layers of the cloth are gathered as one, each of its own strips; 1 or more.</summary>
    public int Layers { get; init; } = 1;

    /// <summary>What a bobbin holds; null where that is not known.</summary>
    public Length? Bobbin { get; init; }

    /// <summary>Whether it is a stretch of a piece that is there, between two notches, for which nothing is cut.</summary>
    public bool IsStretch { get; init; }

    /// <summary>Whether its lower edge is hemmed: not where it is folded double, nor where the next piece is sewn to it.</summary>
    public bool IsHemmed => !Doubled && Together.Carries is null;

    /// <summary>What is cut below the finished depth: a hem, or a seam where the next piece is sewn to it.</summary>
    public Length LowerAllowance => Together.Carries is null ? HemAllowance : SeamAllowance;

    /// <summary>The depth that is cut: with seam and hem, or folded double with two seams and no hem.</summary>
    public Length CutDepth =>
        Doubled
            ? 2 * (FinishedDepth + SeamAllowance)
            : FinishedDepth + SeamAllowance + LowerAllowance;

    /// <summary>What is gathered: all layers, and twice as much where the strip is folded double.</summary>
    public Length Thick => (Doubled ? 2 : 1) * Layers * ClothThickness;

    /// <summary>The fullness at which folds of it lie on each other: ℓ/t, a fold in every stitch; infinite for no thickness.</summary>
    public double PacksAt(Length stitch) => stitch / Thick;

    /// <summary>The end allowances that an open run spends; a ring has none.</summary>
    public Length BothEnds => Closed ? Length.Zero : 2 * EndAllowance;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="finishedEdge">Stands in for the edge where that is what is sought.</param>
    /// <param name="fullness">Stands in for the fullness where that is what is sought.</param>
    public static StripInputs? Read(
        InputReader reader,
        Length? finishedEdge = null,
        double? fullness = null
    )
    {
        var closed = reader.Flag(StripFields.Closed);
        var doubled = reader.Flag(StripFields.Doubled);
        var ask = new StripInputs
        {
            FinishedEdge = finishedEdge ?? reader.Length(StripFields.FinishedEdge),
            Fullness = fullness ?? reader.Number(StripFields.Fullness),
            Closed = closed,
            FinishedDepth = reader.Length(StripFields.FinishedDepth),
            SeamAllowance = reader.Length(StripFields.SeamAllowance),
            HemAllowance = NeededUnless(doubled, reader, StripFields.HemAllowance),
            Doubled = doubled,
            JoinAllowance = reader.Length(StripFields.JoinAllowance),
            EndAllowance = NeededUnless(closed, reader, StripFields.EndAllowance),
            ClothWidth = reader.Length(FabricFields.Width),
            Along = reader.Choice(StripFields.Cut) == 1,
            StripsAlong = (int)reader.NumberOrStart(StripFields.StripsAlong),
            Rows = RowScheme.All[Math.Max(0, reader.Choice(StripFields.Rows))],
            RowGap = reader.Length(StripFields.RowGap),
            StitchLength = Length.Min(
                reader.Length(StripFields.StitchLength),
                reader.OptionalLength(StripFields.LongestStitch) ?? StripFields.StitchLength.Most
            ),
            ClothThickness = reader.Length(FabricFields.Thickness),
            PlainThickness = reader.Length(StripFields.PlainThickness),
            Tail = reader.Length(StripFields.Tail),
            CuttingStep = reader.OptionalLength(StripFields.CuttingStep) ?? reader.Ruler.Cutting,
            ZigzagWidth = reader.LengthOrStart(StripFields.ZigzagWidth),
            ClothAtHand = reader.OptionalLength(FabricFields.AtHand),
            Weight = reader.OptionalNumber(FabricFields.Weight) is { } grams
                ? ClothWeight.FromGramsPerSquareMetre(grams)
                : null,
            Use = reader.Choice(StripFields.Use) is >= 0 and var use ? Uses.All[use] : null,
            Together = Together.Read(reader),
            Bobbin = reader.OptionalLength(StripFields.Bobbin),
        };
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.ClothWidth <= 2 * ask.JoinAllowance)
        {
            reader.Contradiction(
                FabricFields.Width,
                $"The usable width must be more than two join allowances, {reader.Ruler.Mark(2 * ask.JoinAllowance)}: "
                    + "nothing of a strip would be left."
            );
            return null;
        }
        return ask;
    }

    private static Length NeededUnless(bool spared, InputReader reader, LengthField field)
    {
        var length = reader.OptionalLength(field);
        if (length is null && !spared && !reader.Has(field))
        {
            reader.Missing(field);
        }
        return length ?? Length.Zero;
    }
}
