using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Swatches;

/// <summary>One change that may mend a fault.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Says">What to change.</param>
/// <param name="Because">Why it may help.</param>
public sealed record Remedy(string Name, string Says, string Because);

/// <summary>Something that is looked for on a swatch.</summary>
/// <param name="Choice">Its name and how it shows.</param>
/// <param name="Changes">What to try, the likeliest first; empty when all is well.</param>
public sealed record Look(Choice Choice, IReadOnlyList<Remedy> Changes)
{
    /// <summary>The first change not tried yet, for the first fault that was seen and has one left.</summary>
    /// <param name="looks">What is looked for, in the order of their weight.</param>
    /// <param name="seen">The names of what was seen.</param>
    /// <param name="tried">The names of changes that were tried.</param>
    public static Change? FirstChange(
        IReadOnlyList<Look> looks,
        IReadOnlyList<string> seen,
        IReadOnlyList<string> tried
    )
    {
        foreach (var look in looks.Where(l => seen.Contains(l.Choice.Name)))
        {
            var left = look.Changes.Where(c => !tried.Contains(c.Name)).ToList();
            if (left.Count > 0)
            {
                return new Change(
                    left[0].Name,
                    look.Choice.Label,
                    left[0].Says,
                    left[0].Because,
                    left.Count - 1
                );
            }
        }
        return null;
    }
}

/// <summary>The one change to try next.</summary>
/// <param name="Name">Its name in the API.</param>
/// <param name="Seen">What it answers.</param>
/// <param name="Says">What to change.</param>
/// <param name="Because">Why.</param>
/// <param name="Left">How many more there are after it.</param>
public sealed record Change(string Name, string Seen, string Says, string Because, int Left);
