namespace ZephyrReach.Core.Card;

/// <summary>One setting of a card.</summary>
/// <param name="Key">Names the setting, such as <c>needle-tension</c>.</param>
/// <param name="Setting">Its name on the screen.</param>
/// <param name="Figure">What to set.</param>
/// <param name="Dial">What this machine's own dial then shows, or empty.</param>
/// <param name="Because">Why, in one breath.</param>
public sealed record CardLine(
    string Key,
    string Setting,
    string Figure,
    string Dial,
    string Because
);
