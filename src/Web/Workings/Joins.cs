using ZephyrReach.Core.Asks;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Workings;

/// <summary>Edges that pieces take from each other: which of them can be, so that every chain has an end.</summary>
public static class Joins
{
    /// <summary>No more pieces hang on each other in a row; nobody sews a skirt of so many tiers.</summary>
    public const int MostInARow = 64;

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
        var byId = around.ToDictionary(w => w.Id);
        var takers = around
            .SelectMany(w => w.Taken.Select(t => (t.Working, Taker: w)))
            .ToLookup(t => t.Working, t => t.Taker);
        IEnumerable<WorkingRow> Givers(WorkingRow piece) =>
            piece.Taken.Select(t => byId.GetValueOrDefault(t.Working)).OfType<WorkingRow>();
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
            if (!byId.TryGetValue(link.Working, out var other))
            {
                return Problem.Field($"links.{name}", "There is no such piece in this project.");
            }
            if (Reaches(other, of.Id, Givers))
            {
                return Problem.Field(
                    $"links.{name}",
                    $"“{other.Name}” already takes an edge from this piece: the {field.Label.ToLowerInvariant()} would hang on itself."
                );
            }
            if (InARow(other, Givers) + InARow(of, w => takers[w.Id]) > MostInARow)
            {
                return Problem.Field(
                    $"links.{name}",
                    $"More than {MostInARow} pieces would hang on each other in a row."
                );
            }
        }
        return null;
    }

    /// <summary>How many pieces hang on each other in a row from here: at least 1, and no more is counted than one too many.</summary>
    /// <param name="next">The pieces that one hangs on, or those that hang on it.</param>
    public static int InARow(WorkingRow from, Func<WorkingRow, IEnumerable<WorkingRow>> next)
    {
        // In levels and not by recursion: a chain in an archive may be as long as it likes.
        var (count, level) = (0, new List<WorkingRow> { from });
        while (level.Count > 0 && count <= MostInARow)
        {
            count++;
            level = [.. level.SelectMany(next).DistinctBy(w => w.Id)];
        }
        return count;
    }

    /// <summary>Whether a piece takes an edge, over whichever others, from another.</summary>
    private static bool Reaches(
        WorkingRow from,
        Guid to,
        Func<WorkingRow, IEnumerable<WorkingRow>> givers
    )
    {
        HashSet<Guid> seen = [from.Id];
        Queue<WorkingRow> left = new([from]);
        while (left.TryDequeue(out var piece))
        {
            if (piece.Id == to)
            {
                return true;
            }
            foreach (var giver in givers(piece).Where(g => seen.Add(g.Id)))
            {
                left.Enqueue(giver);
            }
        }
        return false;
    }
}
