using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Answers;

/// <summary>A straight line that is marked on the cloth.</summary>
/// <param name="Number">Which mark it belongs to, from 1; 0 for what only goes with a mark, such as the needle lines of a tuck.</param>
/// <param name="From">One end, from the left cut edge and the top.</param>
/// <param name="To">The other end.</param>
/// <param name="Meaning">What it means on the cloth.</param>
/// <param name="Label">What is written at its start, or empty.</param>
public sealed record GuideLine(
    int Number,
    Point From,
    Point To,
    LineMeaning Meaning,
    string Label = ""
);

/// <summary>A line of any form that is marked on the cloth.</summary>
/// <param name="Path">Where it runs, from the left and the top.</param>
/// <param name="Meaning">What it means on the cloth.</param>
/// <param name="Label">What is written at its start, or empty.</param>
public sealed record GuidePath(Path Path, LineMeaning Meaning, string Label = "");

/// <summary>What is marked on the cloth, to be laid on it at true size.</summary>
/// <param name="Title">What it is a guide for.</param>
/// <param name="Width">From the left cut edge.</param>
/// <param name="Height">From the top.</param>
/// <param name="Lines">In the order of their numbers.</param>
/// <param name="Says">How it is laid on the cloth, in a sentence.</param>
public sealed record Guide(
    string Title,
    Length Width,
    Length Height,
    IReadOnlyList<GuideLine> Lines,
    string Says
)
{
    /// <summary>What is marked along lines that are not straight.</summary>
    public IReadOnlyList<GuidePath> Paths { get; init; } = [];

    /// <summary>What is written on it, each at its place.</summary>
    public IEnumerable<Words> Labels =>
        Lines
            .Select(l => new Words(l.From, l.Label))
            .Concat(Paths.Select(p => new Words(p.Path.Start, p.Label)))
            .Where(w => w.Text.Length > 0);

    /// <summary>The outline of what is cut.</summary>
    public IEnumerable<GuideLine> Outline
    {
        get
        {
            Point[] corners =
            [
                Point.At(0, 0),
                new(Width, Length.Zero),
                new(Width, Height),
                new(Length.Zero, Height),
            ];
            for (var i = 0; i < corners.Length; i++)
            {
                yield return new GuideLine(
                    0,
                    corners[i],
                    corners[(i + 1) % corners.Length],
                    LineMeaning.Profile
                );
            }
        }
    }
}
