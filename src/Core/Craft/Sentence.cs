namespace ZephyrReach.Core.Craft;

/// <summary>Makes sentences of names.</summary>
internal static class Sentence
{
    /// <summary>A text as a sentence begins with it.</summary>
    public static string Begin(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
