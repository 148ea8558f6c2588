using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft;

/// <summary>Takes the figures of an answer, each by its name in the API.</summary>
public interface IFigures
{
    void Length(string name, Length length, LengthKind kind);

    void Lengths(string name, IReadOnlyList<Length> lengths, LengthKind kind);

    void Count(string name, int count);

    void Counts(string name, IReadOnlyList<int> counts);

    void Ratio(string name, double ratio);

    void Flag(string name, bool flag);

    void Text(string name, string text);

    /// <summary>A table: for each row, <paramref name="row"/> tells its figures.</summary>
    void Table(string name, int rows, Action<int, IFigures> row);

    /// <summary>Figures that belong together.</summary>
    void Group(string name, Action<IFigures> figures);
}

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
}

/// <summary>Describes one figure of an answer.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Shape">What kind of figure it is.</param>
/// <param name="Says">What it means.</param>
/// <param name="IsAlways">Whether every answer tells it.</param>
/// <param name="Inner">The figures of a table's row or of a group.</param>
public sealed record Figure(
    string Name,
    FigureShape Shape,
    string Says,
    bool IsAlways = true,
    IReadOnlyList<Figure>? Inner = null
);

/// <summary>One line of the computation in words and figures, to be followed with a pencil.</summary>
/// <param name="Title">What is found, such as <c>Flat edge</c>.</param>
/// <param name="Sum">How, such as <c>2.6 m × 2.2 = 5.72 m</c>.</param>
/// <param name="Because">Why it is so, or empty.</param>
public sealed record PencilLine(string Title, string Sum, string Because = "");

/// <summary>One step of the sewing.</summary>
/// <param name="Key">Names the step, and stays the same when the figures change.</param>
/// <param name="Title">The step in three or four words.</param>
/// <param name="Says">What to do, with its figures.</param>
/// <param name="Big">The figure that has to be readable from afar, or empty.</param>
/// <param name="Checks">What to make sure of before the next step.</param>
/// <param name="Schools">Respected ways to do it, of which one is chosen; empty when there is but one.</param>
/// <param name="Caution">A hazard of this step, when there is one.</param>
/// <param name="TakesMeasure">Whether the half-way measure is typed here.</param>
public sealed record SewingStep(
    string Key,
    string Title,
    string Says,
    string Big,
    IReadOnlyList<string> Checks,
    IReadOnlyList<School> Schools,
    Caution? Caution = null,
    bool TakesMeasure = false
);

/// <summary>One of several respected ways.</summary>
/// <param name="Name">The way, in a few words.</param>
/// <param name="Follows">What follows from it.</param>
public sealed record School(string Name, string Follows);

/// <summary>What a technique answers to an ask.</summary>
public abstract record Reckoning
{
    /// <summary>What was noticed, gravest first.</summary>
    public required IReadOnlyList<Finding> Findings { get; init; }

    /// <summary>Tells every figure of the answer by its name in the API.</summary>
    public abstract void Tell(IFigures figures);

    /// <summary>The computation in words and figures.</summary>
    public virtual IReadOnlyList<PencilLine> Pencil(Ruler ruler) => [];

    /// <summary>The piece, to scale.</summary>
    public virtual IReadOnlyList<Drawing> Drawings(Ruler ruler) => [];

    /// <summary>The order of work.</summary>
    public virtual IReadOnlyList<SewingStep> Steps(Ruler ruler) => [];

    /// <summary>The hazards of the work.</summary>
    public virtual IReadOnlyList<Caution> Cautions => [];
}
