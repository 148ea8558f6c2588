namespace ZephyrReach.Core.Faults;

/// <summary>What a symptom is one of, in the order they are shown.</summary>
public enum SymptomKin
{
    Stitches,
    Fabric,
    Gathers,
    Tucks,
    LinesAndRows,
    Edges,
    Mending,
    FreeMotion,
    Machine,
}

/// <summary>From where a symptom is seen.</summary>
public enum SeenFrom
{
    Front,
    Back,
    Side,
}

/// <summary>Something that can be seen, heard or felt to be wrong.</summary>
/// <param name="Name">Its name in the API and in what is kept of a swatch.</param>
/// <param name="Says">What it is called.</param>
/// <param name="Shows">How it shows, in a sentence.</param>
public sealed record Symptom(string Name, string Says, string Shows, SymptomKin Kin, SeenFrom From);
