using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.StitchRows.StitchRowsInversePlan>;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>What so many rows, the thread or the piece there is allow. What a form does not give is null.</summary>
internal sealed record StitchRowsInversePlan : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Length("gap", LengthKind.Fine, "The gap that gives them.", a => a.Gap),
        F.Count("mostRows", "How many rows that are.", a => a.Rows),
        F.Length("across", LengthKind.Marked, "The widest finished piece.", a => a.Across),
        F.Length("down", LengthKind.Marked, "The highest finished piece.", a => a.Down),
        F.Ratio("angle", "The angle, in degrees.", a => a.Angle),
        F.Length("bare", LengthKind.Whole, "What all rows leave bare there.", a => a.Bare),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    public Length? Gap { get; init; }
    public int? Rows { get; init; }
    public Length? Across { get; init; }
    public Length? Down { get; init; }
    public double? Angle { get; init; }
    public Length? Bare { get; init; }
}

/// <summary>Rows turned round.</summary>
internal static class StitchRowsInverses
{
    private static readonly NumberField Rows = StitchRowsFields.RowsWanted with { IsNeeded = true };
    private static readonly LengthField Thread = StitchRowsFields.ThreadAtHand with
    {
        IsNeeded = true,
    };

    /// <summary>g = 2·half/(n − ½): as wide apart as n rows can stand, half a gap from being one fewer or one more, so that a rounded gap gives them too.</summary>
    public static Calculation FromRows { get; } =
        Of(
            "gap-from-rows",
            "From the rows that are wanted: how far apart",
            Rows,
            RawValue.Of(30),
            (ask, reader) =>
            {
                var rows = (int)reader.Number(Rows);
                var gap = GapOf(ask, rows);
                return new StitchRowsInversePlan
                {
                    Gap = gap,
                    Rows = rows,
                    Findings =
                        gap >= ask.MeanWidth
                            ? []
                            :
                            [
                                Finding.Care(
                                    "rows-touch",
                                    $"{rows} rows stand {reader.Ruler.Fine(gap)} apart, and the stitches are {reader.Ruler.Fine(ask.MeanWidth)} wide.",
                                    "They run into each other.",
                                    "Fewer rows, or a narrower stitch."
                                ),
                            ],
                };
            }
        );

    /// <summary>The most rows whose thread, with what is spare, is no more than there is; found by halving, since more rows take more.</summary>
    public static Calculation FromThread { get; } =
        Of(
            "rows-from-thread",
            "From the thread there is: the most rows",
            Thread,
            RawValue.Of("60 m"),
            (ask, reader) =>
            {
                var thread = reader.Length(Thread);
                var (least, most) = (0, StitchRowsInputs.MostRows);
                while (least < most)
                {
                    var middle = (least + most + 1) / 2;
                    if (
                        middle > 1
                        && Takes(ask with { RowGap = GapOf(ask, middle), FootEdge = null }) > thread
                    )
                    {
                        most = middle - 1;
                    }
                    else
                    {
                        least = middle;
                    }
                }
                var isEnough = Takes(ask) <= thread;
                return new StitchRowsInversePlan
                {
                    Rows = least,
                    Gap = least > 1 ? GapOf(ask, least) : null,
                    Findings = isEnough
                        ? []
                        :
                        [
                            Finding.Care(
                                "thread-short",
                                $"As they are planned the rows take {reader.Ruler.Write(Takes(ask), LengthKind.Amount)}; there is {reader.Ruler.Write(thread, LengthKind.Amount)}.",
                                "A row sewn in another thread shows.",
                                least > 1
                                    ? $"Set {least} rows, further apart; or take an opener stitch."
                                    : "Take an opener stitch, or another thread."
                            ),
                        ],
                };
            }
        );

    /// <summary>a = w/larger, b likewise: what is left of the piece that is there when it is stitched and trimmed.</summary>
    public static Calculation FromPiece { get; } =
        new(
            "size-from-piece",
            "From the piece there is: the widest and highest that it gives",
            StitchRowsFields.All,
            StitchRowsInversePlan.Told,
            StitchRowsTechnique
                .Example.With("pieceAcross", RawValue.Of("45 cm"))
                .With("pieceDown", RawValue.Of("65 cm")),
            reader =>
            {
                if (StitchRowsInputs.Read(reader) is not { } ask)
                {
                    return null;
                }
                var (across, down) = StitchRowsPlan.Bare(ask, reader.Ruler).Larger(ask.Assurance);
                return new StitchRowsInversePlan
                {
                    Across = reader.OptionalLength(StitchRowsFields.PieceAcross) / across,
                    Down = reader.OptionalLength(StitchRowsFields.PieceDown) / down,
                    Findings = [],
                };
            }
        );

    /// <summary>Of whole degrees, the angle at which whole repeats leave least bare; the nearest to the one that is asked on a tie.</summary>
    public static Calculation LeastBare { get; } =
        new(
            "angle-of-least-bare",
            "The angle at which whole repeats leave least bare",
            StitchRowsFields.All,
            StitchRowsInversePlan.Told,
            StitchRowsTechnique.Example,
            reader =>
            {
                if (StitchRowsInputs.Read(reader) is not { } ask)
                {
                    return null;
                }
                // Turned by as much the other way a rectangle has the same rows.
                var best = Enumerable
                    .Range(0, 91)
                    .Select(i => (Angle: (double)i, Share: BareOf(ask with { Angle = i })))
                    .Where(t => t.Share is not null)
                    .OrderBy(t => Math.Round(t.Share!.Value.Share, 9))
                    .ThenBy(t => Math.Abs(t.Angle - Math.Abs(ask.Angle)))
                    .FirstOrDefault();
                if (best.Share is not { } bare || ask.IsBorder)
                {
                    return new StitchRowsInversePlan { Findings = [] };
                }
                return new StitchRowsInversePlan
                {
                    Angle = best.Angle,
                    Bare = bare.Bare,
                    Findings = [],
                };
            }
        );

    /// <summary>What rows leave bare, and its share of what is stitched; null where there is none.</summary>
    private static (Length Bare, double Share)? BareOf(StitchRowsInputs ask)
    {
        var rows = RowLayout.Of(ask);
        if (rows.Count == 0)
        {
            return null;
        }
        var bare = rows.Sum(r => r.Sewn.Bare);
        return (bare, bare / rows.Sum(r => r.Length));
    }

    private static Length GapOf(StitchRowsInputs ask, int rows) => 2 * ask.Half / (rows - 0.5);

    private static Length Takes(StitchRowsInputs ask) =>
        StitchRowsPlan.Bare(ask, Ruler.Metric).Thread;

    private static Calculation Of(
        string name,
        string title,
        Field needs,
        RawValue example,
        Func<StitchRowsInputs, InputReader, StitchRowsInversePlan> work
    ) =>
        new(
            name,
            title,
            [.. StitchRowsFields.All.Where(f => f.Name != needs.Name), needs],
            StitchRowsInversePlan.Told,
            StitchRowsTechnique.Example.With(needs.Name, example),
            reader =>
            {
                var ask = StitchRowsInputs.Read(reader);
                if (!reader.Has(needs))
                {
                    reader.Missing(needs);
                }
                return ask is null || reader.Errors.Count > 0 ? null : work(ask, reader);
            }
        );
}
