using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Project;
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
        var byId = around.ToDictionary(w => w.Id);
        var takers = around
            .SelectMany(w => w.Taken.Select(t => (t.Working, Taker: w)))
            .ToLookup(t => t.Working, t => t.Taker.Id);
        IEnumerable<Guid> Givers(Guid piece) =>
            byId[piece].Taken.Select(t => t.Working).Where(byId.ContainsKey);
        var fields = Core.Craft.Techniques.WorkingOf(of.Technique)?.Forward.Fields ?? [];
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
            if (Chains.Reaches(other.Id, of.Id, Givers))
            {
                return Problem.Field(
                    $"links.{name}",
                    $"“{other.Name}” already takes an edge from this piece: the {field.Label.ToLowerInvariant()} would hang on itself."
                );
            }
            if (
                Chains.InARow(other.Id, Givers) + Chains.InARow(of.Id, w => takers[w])
                > Chains.MostInARow
            )
            {
                return Problem.Field(
                    $"links.{name}",
                    $"More than {Chains.MostInARow} pieces would hang on each other in a row."
                );
            }
        }
        return null;
    }
}
