namespace ZephyrReach.Core.Answers;

/// <summary>The six stages of a working, in their order. A technique goes through some of them.</summary>
public enum Stage
{
    Plan,
    SetUp,
    Sample,
    Cut,
    Sew,
    Keep,
}

/// <summary>The stages by their names.</summary>
public static class Stages
{
    public static IReadOnlyList<Stage> All { get; } = Enum.GetValues<Stage>();

    /// <summary>Its name in addresses and in the store.</summary>
    public static string Name(this Stage stage) =>
        stage switch
        {
            Stage.SetUp => "set-up",
            _ => stage.ToString().ToLowerInvariant(),
        };

    /// <summary>Its name on the screen.</summary>
    public static string Title(this Stage stage) =>
        stage switch
        {
            Stage.SetUp => "Machine settings",
            Stage.Sample => "Test swatch",
            Stage.Keep => "Finish",
            _ => stage.ToString(),
        };

    /// <summary>Finds a stage by its name; the plan when there is none.</summary>
    public static Stage Named(string name) => All.FirstOrDefault(s => s.Name() == name);
}

/// <summary>A hazard of the work, shown where it applies, plainly and once.</summary>
/// <param name="Code">Names the hazard, such as <c>needle</c>.</param>
/// <param name="Says">The caution, in a sentence or two.</param>
/// <param name="At">The stages where it is shown beside the steps that name it.</param>
public sealed record Caution(string Code, string Says, params IReadOnlyList<Stage> At);
