using System.Text.Json.Nodes;

namespace ZephyrReach.Store;

/// <summary>A photograph's picture, large and small, as JPEG.</summary>
public sealed record Jpegs(Guid Id, byte[] Large, byte[] Small);

/// <summary>How a record that is brought in stands to what is there.</summary>
public enum Standing
{
    /// <summary>It is not there.</summary>
    New,

    /// <summary>It is there, and is the same.</summary>
    Same,

    /// <summary>It is there, and is something else.</summary>
    Differs,
}

/// <summary>Chooses what of the lists is brought in, by how each record stands to what is there.</summary>
/// <returns>The lists, and for each photograph in them the id under which its picture is had.</returns>
public delegate (JsonObject Lists, IReadOnlyDictionary<Guid, Guid> Pictures) Choosing(
    Dictionary<Guid, Standing> standings
);
