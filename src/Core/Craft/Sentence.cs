namespace ZephyrReach.Core.Craft;

/// <summary>Makes sentences of names and numbers.</summary>
internal static class Sentence
{
    /// <summary>A text as a sentence begins with it.</summary>
    public static string Begin(string text) => char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>The first few of many numbers.</summary>
    public static string Few(IReadOnlyList<int> numbers) =>
        string.Join(", ", numbers.Take(6)) + (numbers.Count > 6 ? " …" : "");

    /// <summary>Numbers as few words: 4 to 9, 12, 15 to 20.</summary>
    public static string Spans(IReadOnlyList<int> numbers)
    {
        var sorted = numbers.Order().ToList();
        List<string> parts = [];
        for (var i = 0; i < sorted.Count; i++)
        {
            var from = i;
            while (i + 1 < sorted.Count && sorted[i + 1] == sorted[i] + 1)
            {
                i++;
            }
            parts.Add(
                i == from ? $"{sorted[i]}"
                : i == from + 1 ? $"{sorted[from]}, {sorted[i]}"
                : $"{sorted[from]} to {sorted[i]}"
            );
        }
        return parts.Count > 6 ? string.Join(", ", parts.Take(6)) + " …" : string.Join(", ", parts);
    }
}
