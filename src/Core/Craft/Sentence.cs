namespace ZephyrReach.Core.Craft;

/// <summary>Makes sentences of names and numbers.</summary>
internal static class Sentence
{
    /// <summary>A text as a sentence begins with it.</summary>
    public static string Begin(string text) => char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>The first few of many numbers.</summary>
    public static string Few(IReadOnlyList<int> numbers) =>
        string.Join(", ", numbers.Take(6)) + (numbers.Count > 6 ? " …" : "");
}
