using ZephyrReach.Core.Asks;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Workings;

/// <summary>Edges that pieces take from each other: which of them can be, so that every chain has an end.</summary>
public static class Joins
{
    /// <summary>What is wrong with links that are wanted; null when nothing is.</summary>
    /// <param name="wanted">By field; null takes one out.</param>
    /// <param name="of">The working that takes the edges.</param>
    /// <param name="around">All workings of its project.</param>
    public static IResult? Wrong(
        IReadOnlyDictionary<string, Link?> wanted,
        WorkingRow of,
        IReadOnlyList<WorkingRow> around
    )
    {
        var fields = Core.Craft.Techniques.WorkingOf(of.Technique)?.Straight.Fields ?? [];
        foreach (var (name, link) in wanted)
        {
            if (
                fields.FirstOrDefault(f => f.Name == name) is not LengthField { IsEdge: true } field
            )
            {
                return Problem.Field(
                    $"links.{name}",
                    $"“{name}” is no edge that another piece can give."
                );
            }
            if (link is null)
            {
                continue;
            }
            if (around.FirstOrDefault(w => w.Id == link.Working) is not { } other)
            {
                return Problem.Field($"links.{name}", "There is no such piece in this project.");
            }
            if (Reaches(other, of.Id, around, []))
            {
                return Problem.Field(
                    $"links.{name}",
                    $"“{other.Name}” already takes an edge from this piece: the {field.Label.ToLowerInvariant()} would hang on itself."
                );
            }
        }
        return null;
    }

    /// <summary>Whether a piece takes an edge, over whichever others, from another.</summary>
    private static bool Reaches(
        WorkingRow from,
        Guid to,
        IReadOnlyList<WorkingRow> around,
        HashSet<Guid> seen
    ) =>
        from.Id == to
        || (
            seen.Add(from.Id)
            && from.Taken.Any(t =>
                around.FirstOrDefault(w => w.Id == t.Working) is { } next
                && Reaches(next, to, around, seen)
            )
        );
}
