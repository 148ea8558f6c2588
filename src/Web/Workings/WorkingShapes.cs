using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using ZephyrReach.Store;
using ZephyrReach.Web.Faults;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Workings;

/// <summary>How the working's cloth is called and looks in drawings.</summary>
/// <param name="Colour">The ground, as #rrggbb.</param>
/// <param name="Accent">The pattern's colour, as #rrggbb.</param>
public sealed record Cloth(
    [property: StringLength(120)] string? Name,
    [property: RegularExpression("#[0-9a-fA-F]{6}")] string? Colour,
    [property: RegularExpression("#[0-9a-fA-F]{6}")] string? Accent,
    [property: AllowedValues("plain", "stripe", "check", "dots", "sprig", null)] string? Pattern
);

/// <summary>How far the sewing has come.</summary>
/// <param name="Step">The key of the step that is being done.</param>
/// <param name="At">Its place, from 0.</param>
/// <param name="Checked">The checks that are ticked, each as step key and place.</param>
/// <param name="Measured">The half-way readings, as typed.</param>
/// <param name="Stop">Of a step that is sewn from stop to stop: how many stops are behind.</param>
/// <param name="Ticked">How many stitches of the way to the next stop are sewn.</param>
/// <param name="Cured">What went wrong on the way, and what cured it.</param>
public sealed record Progress(
    [property: StringLength(40)] string? Step,
    [property: Range(0, 200)] int At,
    [property: MaxLength(400)] string[]? Checked,
    [property: MaxLength(64)] string[]? Measured,
    [property: Range(0, 20_000)] int? Stop = null,
    [property: Range(0, 200_000)] int? Ticked = null,
    [property: MaxLength(60)] Cured[]? Cured = null
);

/// <summary>A working to begin.</summary>
/// <param name="Id">A UUID of version 7, made by the client.</param>
/// <param name="Ask">What is said so far; fields may be missing, but none may be wrong.</param>
/// <param name="WayOf">Another working of which this is another way; null for a piece of its own.</param>
public sealed record WorkingIn(
    [property: Uuid7] Guid Id,
    Guid ProjectId,
    [property: Required] string Technique,
    [property: Required, Name] string Name,
    JsonElement? Ask,
    Cloth? Cloth,
    Guid? WayOf = null
);

/// <summary>An edge that is taken from another piece of the project.</summary>
/// <param name="Edge">Which of its edges, such as <c>lower</c>.</param>
public sealed record Link(
    Guid Working,
    [property: Required, StringLength(40, MinimumLength = 1)] string Edge
);

/// <summary>What may be changed of a working. What is left out stays as it is.</summary>
/// <param name="Ask">The fields to change; null takes a field out.</param>
/// <param name="Uses">Things of the drawer, by kind; null takes one out.</param>
/// <param name="Links">Edges that are taken from other pieces, by field; null takes one out.</param>
public sealed record WorkingPatch(
    [property: Name] string? Name,
    JsonElement? Ask,
    Cloth? Cloth,
    Progress? Progress,
    [property: AllowedValues("plan", "set-up", "sample", "cut", "sew", "keep", null)] string? Stage,
    [property: Range(0, 10000)] int? Position,
    [property: MaxLength(12)] Dictionary<string, Guid?>? Uses,
    [property: MaxLength(12)] Dictionary<string, Link?>? Links = null
);

/// <summary>A working as it goes out.</summary>
/// <param name="Piece">The piece that it is a way of doing: the id of the first way.</param>
/// <param name="IsAside">Whether another way was chosen.</param>
/// <param name="Troubles">What is wrong with the ask as it is kept, by field; empty in all but a damaged database.</param>
public sealed record WorkingOut(
    Guid Id,
    Guid ProjectId,
    string Technique,
    string Name,
    JsonElement Ask,
    JsonElement Cloth,
    JsonElement Progress,
    string Stage,
    int Position,
    JsonElement Uses,
    JsonElement Links,
    Guid Piece,
    bool IsAside,
    int Version,
    DateTimeOffset UpdatedAt,
    IReadOnlyDictionary<string, string> Troubles
)
{
    public static WorkingOut Of(WorkingRow row) =>
        new(
            row.Id,
            row.ProjectId,
            row.Technique,
            row.Name,
            row.Ask,
            row.Cloth,
            row.Progress,
            row.Stage,
            row.Position,
            row.Uses,
            row.Links,
            row.Piece,
            row.IsAside,
            row.Stamp.Version,
            row.Stamp.UpdatedAt,
            StoredAsk.Troubles(row.Technique, row.Ask)
        );
}
