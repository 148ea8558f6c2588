namespace ZephyrReach.Core.Project;

/// <summary>Parts that hang on each other by their edges: every chain has to have an end.</summary>
public static class Chains
{
    /// <summary>No more parts hang on each other in a row; nobody sews a skirt of so many tiers.</summary>
    public const int MostInARow = 64;

    /// <summary>How many hang on each other in a row from here: at least 1, and no more is counted than one too many.</summary>
    /// <param name="next">Those that one hangs on, or those that hang on it.</param>
    public static int InARow(Guid from, Func<Guid, IEnumerable<Guid>> next)
    {
        // In levels and not by recursion: a chain in an archive may be as long as it likes.
        var (count, level) = (0, new List<Guid> { from });
        while (level.Count > 0 && count <= MostInARow)
        {
            count++;
            level = [.. level.SelectMany(next).Distinct()];
        }
        return count;
    }

    /// <summary>Whether one hangs, over whichever others, on another.</summary>
    /// <param name="givers">Those that one takes an edge from.</param>
    public static bool Reaches(Guid from, Guid to, Func<Guid, IEnumerable<Guid>> givers)
    {
        HashSet<Guid> seen = [from];
        Queue<Guid> left = new([from]);
        while (left.TryDequeue(out var part))
        {
            if (part == to)
            {
                return true;
            }
            foreach (var giver in givers(part).Where(seen.Add))
            {
                left.Enqueue(giver);
            }
        }
        return false;
    }
}
