using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Craft;

/// <summary>One figure that is another than it was when the cloth was cut.</summary>
public sealed record Difference(string Title, string Was, string IsNow);

/// <summary>A plan against what was cut by an earlier one.</summary>
/// <param name="Differences">What has changed; empty when nothing that matters has.</param>
/// <param name="Findings">Whether what was cut still serves.</param>
public sealed record Comparison(
    IReadOnlyList<Difference> Differences,
    IReadOnlyList<Finding> Findings
);
