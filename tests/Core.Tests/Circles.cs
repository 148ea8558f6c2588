using ArchUnitNET.Domain;

namespace ZephyrReach.Tests;

/// <summary>Which folders of an assembly use which.</summary>
internal static class Circles
{
    /// <summary>What each folder directly below a namespace uses of the others.</summary>
    public static ILookup<string, string> UsesIn(Architecture of, string below) =>
        of
            .Types.SelectMany(t =>
                t.Dependencies.Select(d =>
                    (From: Part(t.FullName, below), To: Part(d.Target.FullName, below))
                )
            )
            .Where(u => u.From is not null && u.To is not null && u.To != u.From)
            .Distinct()
            .ToLookup(u => u.From!, u => u.To!);

    /// <summary>A folder may use another, and never be used by it in turn, however far round.</summary>
    public static void NoneIn(ILookup<string, string> uses)
    {
        foreach (var folder in uses.Select(u => u.Key))
        {
            HashSet<string> reached = [];
            Queue<string> left = new(uses[folder]);
            while (left.TryDequeue(out var other))
            {
                if (reached.Add(other))
                {
                    foreach (var next in uses[other])
                    {
                        left.Enqueue(next);
                    }
                }
            }
            reached.ShouldNotContain(
                folder,
                $"{folder} uses itself in the end: {string.Join(", ", uses[folder].Where(reached.Contains))}"
            );
        }
    }

    /// <summary>The folder directly below a namespace that a type stands in; null where it stands elsewhere.</summary>
    public static string? Part(string name, string below)
    {
        var plain = name.Split('`')[0].Split('+')[0];
        if (!plain.StartsWith(below + ".", StringComparison.Ordinal))
        {
            return null;
        }
        var parts = plain[(below.Length + 1)..].Split('.');
        return parts.Length > 1 ? parts[0] : null;
    }
}
