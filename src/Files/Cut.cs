namespace ZephyrReach.Files;

/// <summary>Cuts texts that are too long for where they go.</summary>
public static class Cut
{
    /// <summary>The first so many letters of a text: none of them is cut in two.</summary>
    /// <param name="most">In characters of Unicode.</param>
    public static string To(string text, int most) =>
        text.Length <= most ? text : string.Concat(text.EnumerateRunes().Take(most));
}
