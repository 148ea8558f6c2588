using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft;

/// <summary>Something to cut.</summary>
/// <param name="Count">How many.</param>
/// <param name="Name">What it is, in one or two words.</param>
/// <param name="Length">Along the edge.</param>
/// <param name="Depth">Square to it; null when only the length is known yet.</param>
public sealed record Piece(int Count, string Name, Length Length, Length? Depth);

/// <summary>A figure of an answer in words, for a short list beside the drawing.</summary>
public sealed record Fact(string Name, string Text);

/// <summary>An answer that says what to cut as a list of pieces, and its other figures in a few lines.</summary>
/// <remarks>So that one screen shows any of them, and one comparison holds a later plan against what was cut.</remarks>
public abstract record PiecedReckoning : Reckoning
{
    /// <summary>The figures that every such answer tells beside its own.</summary>
    public static IReadOnlyList<Figure> SharedFigures { get; } =
    [
        new(
            "pieces",
            FigureShape.Table,
            "What to cut.",
            Inner:
            [
                new("count", FigureShape.Count, "How many."),
                new("name", FigureShape.Text, "What it is."),
                new("length", FigureShape.Length, "Along the edge."),
                new("depth", FigureShape.Length, "Square to it.", false),
            ]
        ),
        new(
            "facts",
            FigureShape.Table,
            "The other figures in words.",
            Inner:
            [
                new("name", FigureShape.Text, "What it is."),
                new("text", FigureShape.Text, "Its figure."),
            ]
        ),
    ];

    /// <summary>What lengths in words are written against.</summary>
    public required Ruler Ruler { get; init; }

    /// <summary>What to cut.</summary>
    public abstract IReadOnlyList<Piece> Pieces { get; }

    /// <summary>The other figures in words.</summary>
    public abstract IReadOnlyList<Fact> Facts { get; }

    public sealed override void Tell(IFigures figures)
    {
        TellOwn(figures);
        var pieces = Pieces;
        figures.Table(
            "pieces",
            pieces.Count,
            (i, row) =>
            {
                row.Count("count", pieces[i].Count);
                row.Text("name", pieces[i].Name);
                row.Length("length", pieces[i].Length, LengthKind.Cut);
                if (pieces[i].Depth is { } depth)
                {
                    row.Length("depth", depth, LengthKind.Cut);
                }
            }
        );
        var facts = Facts;
        figures.Table(
            "facts",
            facts.Count,
            (i, row) =>
            {
                row.Text("name", facts[i].Name);
                row.Text("text", facts[i].Text);
            }
        );
    }

    /// <summary>Tells the figures of this answer alone.</summary>
    protected abstract void TellOwn(IFigures figures);

    /// <summary>A later plan against what was cut by an earlier one: piece by piece.</summary>
    public static Comparison Compare(PiecedReckoning then, PiecedReckoning now, Ruler ruler)
    {
        List<Difference> differences = [];
        var short_ = false;
        foreach (var isNow in now.Pieces)
        {
            var was = then.Pieces.FirstOrDefault(p => p.Name == isNow.Name);
            var (before, after) = (was is null ? "none" : Size(was, ruler), Size(isNow, ruler));
            if (before != after)
            {
                differences.Add(new Difference(isNow.Name, before, after));
                short_ |= was is null || Total(was) < Total(isNow) || Shallower(was, isNow);
            }
        }
        return new Comparison(
            differences,
            differences.Count == 0
                ? []
                :
                [
                    short_
                        ? new Finding(
                            "cut-too-short",
                            Severity.Stop,
                            "What was cut is less than the plan now asks for.",
                            "Cloth that is cut does not grow.",
                            "Go back to the plan it was cut by, or cut the pieces again."
                        )
                        : new Finding(
                            "cut-serves",
                            Severity.Note,
                            "What was cut still serves.",
                            "It is at least as long and as deep as the plan now asks for.",
                            "Trim what is over, by the new figures."
                        ),
                ]
        );
    }

    private static Length Total(Piece piece) => piece.Count * piece.Length;

    private static bool Shallower(Piece was, Piece isNow) =>
        was.Depth is { } before && isNow.Depth is { } after && before < after;

    private static string Size(Piece piece, Ruler ruler) =>
        $"{piece.Count} × {ruler.Cut(piece.Length)}"
        + (piece.Depth is { } depth ? $" × {ruler.Cut(depth)}" : "");
}
