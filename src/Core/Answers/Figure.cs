using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Answers;

/// <summary>What kind of figure an answer tells.</summary>
public enum FigureShape
{
    Length,
    Lengths,
    Count,
    Counts,
    Ratio,
    Flag,
    Text,
    Table,
    Group,

    /// <summary>Lines, each as the places it goes through, in mm.</summary>
    Lines,
}

/// <summary>One figure of an answer, declared once: JSON, the API's description and the tests come from it.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Shape">What kind of figure it is.</param>
/// <param name="Says">What it means.</param>
/// <param name="Kind">How its lengths are rounded when they are written.</param>
/// <param name="IsAlways">Whether every answer tells it.</param>
/// <param name="Take">
/// Takes it from the answer: a <see cref="Length"/>, an int, a double, a bool, a string, a list of lengths or of ints, lists of places, the
/// rows of a table, or the object of a group; null where it is not there.
/// </param>
/// <param name="Inner">The figures of a table's row or of a group.</param>
public sealed record Figure(
    string Name,
    FigureShape Shape,
    string Says,
    LengthKind Kind,
    bool IsAlways,
    Func<object, object?> Take,
    IReadOnlyList<Figure> Inner
)
{
    /// <summary>How its lengths are rounded, where that differs from one to the next; else by its kind.</summary>
    public Func<object, LengthKind>? KindOf { get; init; }
}

// Naming the kind of answer once, at the class, is what keeps each declaration to a line.
#pragma warning disable CA1000
/// <summary>Declares the figures of one kind of answer. A figure that can be null is one that not every answer tells.</summary>
public static class Figure<T>
    where T : notnull
{
    public static Figure Length(string name, LengthKind kind, string says, Func<T, Length> take) =>
        Of(name, FigureShape.Length, says, t => take(t), kind);

    public static Figure Length(string name, LengthKind kind, string says, Func<T, Length?> take) =>
        Of(name, FigureShape.Length, says, t => take(t), kind, false);

    public static Figure Cut(string name, string says, Func<T, Length> take) =>
        Length(name, LengthKind.Cut, says, take);

    public static Figure Marked(string name, string says, Func<T, Length> take) =>
        Length(name, LengthKind.Marked, says, take);

    public static Figure Fine(string name, string says, Func<T, Length> take) =>
        Length(name, LengthKind.Fine, says, take);

    public static Figure Amount(string name, string says, Func<T, Length> take) =>
        Length(name, LengthKind.Amount, says, take);

    public static Figure Lengths(
        string name,
        LengthKind kind,
        string says,
        Func<T, IReadOnlyList<Length>> take
    ) => Of(name, FigureShape.Lengths, says, take, kind);

    public static Figure Count(string name, string says, Func<T, int> take) =>
        Of(name, FigureShape.Count, says, t => take(t));

    public static Figure Count(string name, string says, Func<T, int?> take) =>
        Of(name, FigureShape.Count, says, t => take(t), isAlways: false);

    public static Figure Counts(
        string name,
        string says,
        Func<T, IReadOnlyList<int>?> take,
        bool isAlways = true
    ) => Of(name, FigureShape.Counts, says, take, isAlways: isAlways);

    public static Figure Ratio(string name, string says, Func<T, double> take) =>
        Of(name, FigureShape.Ratio, says, t => take(t));

    public static Figure Ratio(string name, string says, Func<T, double?> take) =>
        Of(name, FigureShape.Ratio, says, t => take(t), isAlways: false);

    public static Figure Flag(string name, string says, Func<T, bool> take) =>
        Of(name, FigureShape.Flag, says, t => take(t));

    public static Figure Flag(string name, string says, Func<T, bool?> take) =>
        Of(name, FigureShape.Flag, says, t => take(t), isAlways: false);

    public static Figure Text(string name, string says, Func<T, string> take) =>
        Of(name, FigureShape.Text, says, take);

    /// <summary>A text that not every answer tells.</summary>
    public static Figure MaybeText(string name, string says, Func<T, string?> take) =>
        Of(name, FigureShape.Text, says, take, isAlways: false);

    /// <summary>Lines, each as the places it goes through.</summary>
    public static Figure Lines(
        string name,
        string says,
        Func<T, IReadOnlyList<IReadOnlyList<Point>>> take
    ) => Of(name, FigureShape.Lines, says, take);

    /// <summary>A table: the figures of each row.</summary>
    public static Figure Table<TRow>(
        string name,
        string says,
        Func<T, IReadOnlyList<TRow>> rows,
        params IReadOnlyList<Figure> inner
    )
        where TRow : class => Of(name, FigureShape.Table, says, rows, inner: inner);

    /// <summary>Figures that belong together.</summary>
    public static Figure Group<TGroup>(
        string name,
        string says,
        Func<T, TGroup?> take,
        IReadOnlyList<Figure> inner,
        bool isAlways = true
    ) => Of(name, FigureShape.Group, says, t => take(t), isAlways: isAlways, inner: inner);

    /// <summary>The figures of a part of the answer, told among its own.</summary>
    public static IEnumerable<Figure> From<TPart>(
        Func<T, TPart> part,
        IReadOnlyList<Figure> figures
    )
        where TPart : notnull =>
        figures.Select(f => f with { Take = answer => f.Take(part((T)answer)) });

    private static Figure Of(
        string name,
        FigureShape shape,
        string says,
        Func<T, object?> take,
        LengthKind kind = LengthKind.Marked,
        bool isAlways = true,
        IReadOnlyList<Figure>? inner = null
    ) => new(name, shape, says, kind, isAlways, answer => take((T)answer), inner ?? []);
}
