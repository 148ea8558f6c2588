using System.Text.Json;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Store;

/// <summary>What every kept record has.</summary>
/// <param name="Version">Goes up with every change; what an editor holds against.</param>
/// <param name="UpdatedBy">The seat that changed it last, such as <c>telephone</c>, or empty.</param>
public readonly record struct Stamp(
    int Version,
    string UpdatedBy,
    DateTimeOffset CreatedAt,
    DateTimeOffset UpdatedAt
);

/// <summary>A record of a workroom.</summary>
public interface IRow
{
    Guid Id { get; }

    Stamp Stamp { get; }
}

/// <summary>What one household keeps, and how it measures.</summary>
public sealed record WorkroomRow(
    Guid Id,
    string Name,
    UnitSystem Units,
    Ruler Metric,
    Ruler Imperial,
    double NormalTension,
    Length LongestStitch,
    Stamp Stamp
) : IRow
{
    /// <summary>The ruler of a unit system, with this workroom's steps.</summary>
    public Ruler RulerFor(UnitSystem units) => units == UnitSystem.Metric ? Metric : Imperial;
}

/// <summary>Something being made.</summary>
public sealed record ProjectRow(Guid Id, string Name, DateOnly? WantedBy, string Notes, Stamp Stamp)
    : IRow;

/// <summary>One technique at one place in a project.</summary>
/// <param name="Ask">What was typed, by field.</param>
/// <param name="Cloth">The cloth's name and look.</param>
/// <param name="Uses">Which things of the drawer it uses, by kind.</param>
/// <param name="Progress">Which sewing step is reached, and what was ticked and measured.</param>
public sealed record WorkingRow(
    Guid Id,
    Guid ProjectId,
    string Technique,
    int SchemaVersion,
    string Name,
    JsonElement Ask,
    JsonElement Cloth,
    JsonElement Progress,
    string Stage,
    int Position,
    JsonElement Uses,
    JsonElement Links,
    Guid? WayOf,
    bool IsAside,
    Stamp Stamp
) : IRow
{
    /// <summary>The piece that it is a way of doing: the first way names it, itself too.</summary>
    public Guid Piece => WayOf ?? Id;

    /// <summary>The edges that it takes from other pieces: the field, the other working, and which of its edges.</summary>
    public IEnumerable<(string Field, Guid Working, string Edge)> Taken =>
        Links
            .EnumerateObject()
            .Select(l =>
                (
                    l.Name,
                    l.Value.GetProperty("working").GetGuid(),
                    l.Value.GetProperty("edge").GetString()!
                )
            );

    /// <summary>The thing of a kind that it uses; null when none was chosen.</summary>
    public Guid? UsedOf(string kind) => Rows.IdIn(Uses, kind);
}

/// <summary>One sewn sample.</summary>
/// <param name="WorkingId">The working it was sewn for; null when it stands alone.</param>
/// <param name="Settings">The card as it was set, in words.</param>
/// <param name="Readings">What was read, by the names that the technique declares: lengths in mm; none is empty.</param>
/// <param name="Changed">The change that this swatch tried, by its name, or empty.</param>
/// <param name="Technique">The technique it tries.</param>
/// <param name="Uses">The things of the drawer it was sewn with, by kind.</param>
/// <param name="Features">The settings that decide what comes out, as figures.</param>
/// <param name="Cloth">The cloth's name and look.</param>
/// <param name="Counts">Whether predictions learn from it.</param>
/// <param name="Simulated">Whether it was never sewn, but read off the simulated bench.</param>
public sealed record SwatchRow(
    Guid Id,
    Guid? WorkingId,
    JsonElement Settings,
    IReadOnlyDictionary<string, IReadOnlyList<double>> Readings,
    IReadOnlyList<string> Looks,
    string Changed,
    string Verdict,
    string Note,
    string Technique,
    JsonElement Uses,
    JsonElement Features,
    JsonElement Cloth,
    bool Counts,
    bool Simulated,
    Stamp Stamp
) : IRow
{
    /// <summary>The thing of a kind that it was sewn with; null when none is known.</summary>
    public Guid? UsedOf(string kind) => Rows.IdIn(Uses, kind);
}

/// <summary>A photograph of a swatch, without the picture itself.</summary>
public sealed record PhotographRow(Guid Id, Guid SwatchId, int Width, int Height, Stamp Stamp)
    : IRow;

/// <summary>A cut list as it was at the moment of cutting, with the swatches it rested on.</summary>
public sealed record CutListRow(
    Guid Id,
    Guid WorkingId,
    JsonElement Ask,
    JsonElement Answer,
    JsonElement Swatches,
    Stamp Stamp
) : IRow;

/// <summary>A try on the simulated machine.</summary>
/// <param name="Figures">What it was scored by.</param>
public sealed record PracticeRow(Guid Id, string Exercise, JsonElement Figures, Stamp Stamp) : IRow;

/// <summary>What was set and what came out, kept for next time.</summary>
public sealed record KeepRow(
    Guid Id,
    Guid WorkingId,
    JsonElement Settings,
    string CameOut,
    string Verdict,
    string Note,
    Stamp Stamp
) : IRow;

/// <summary>How many rows a statement touched.</summary>
internal sealed record Count(int Of);

/// <summary>What came of a change: the record as it now is, or why not.</summary>
/// <param name="Row">The record; when the version did not match, as the other editor left it; null when there is none.</param>
/// <param name="Matched">Whether the version that the editor held was the newest.</param>
public readonly record struct Changed<T>(T? Row, bool Matched)
    where T : class;

/// <summary>Reads what rows keep as JSON.</summary>
internal static class Rows
{
    /// <summary>The id under a name; null when there is none.</summary>
    public static Guid? IdIn(JsonElement ids, string name) =>
        ids.TryGetProperty(name, out var id)
        && id.ValueKind == JsonValueKind.String
        && id.TryGetGuid(out var found)
            ? found
            : null;
}
