using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Project;
using ZephyrReach.Core.Swatches.Learning;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Planning;

/// <summary>What is stored, as planning sees it.</summary>
public static class Planned
{
    /// <summary>A part; without more it has come as far as itself says.</summary>
    public static PlannedPart Of(WorkingRow row, PartProgress? progress = null) =>
        new(
            row.Id,
            row.Name,
            row.Technique,
            AskJson.Read(row.Ask),
            [.. row.Taken.Select(t => new EdgeLink(t.Field, t.Working, t.Edge))],
            IdsIn(row.Uses),
            row.IsAside,
            progress ?? Progress(row)
        )
        {
            Piece = row.Piece,
            Fabric = NameIn(row.Cloth),
        };

    /// <summary>How far a part has come.</summary>
    public static PartProgress Progress(
        WorkingRow row,
        SwatchTally? sewn = null,
        bool isCut = false,
        bool isFinished = false
    ) =>
        new(
            Stages.Named(row.Stage),
            sewn?.Sewn ?? 0,
            sewn?.LastVerdict ?? "",
            isCut,
            row.Progress.TryGetProperty("at", out var at)
            && at.ValueKind == JsonValueKind.Number
            && at.TryGetInt32(out var done)
                ? done
                : 0,
            isFinished
        );

    public static Supply Of(ThingRow row) =>
        new(row.Id, row.Name, AskJson.Read(row.Properties), row.Left);

    public static MeasuredSwatch Of(SwatchRow row) =>
        new(
            row.Id,
            row.WorkingId,
            row.Technique,
            NameIn(row.Cloth),
            IdsIn(row.Uses),
            row.Simulated,
            row.Stamp.CreatedAt.UtcTicks,
            Sewn(row)
        );

    /// <summary>A swatch as its technique takes it.</summary>
    public static SewnSwatch Sewn(SwatchRow row) =>
        new(
            row.Readings,
            AskJson.Read(row.Features),
            row.Settings.EnumerateObject()
                .Where(p => p.Value.ValueKind == JsonValueKind.String)
                .ToDictionary(p => p.Name, p => p.Value.GetString()!),
            true,
            row.Counts
        );

    private static Dictionary<string, Guid> IdsIn(JsonElement uses) =>
        uses.EnumerateObject()
            .Where(u => u.Value.ValueKind == JsonValueKind.String && u.Value.TryGetGuid(out _))
            .ToDictionary(u => u.Name, u => u.Value.GetGuid());

    private static string NameIn(JsonElement cloth) =>
        cloth.TryGetProperty("name", out var name) && name.ValueKind == JsonValueKind.String
            ? name.GetString()!
            : "";
}
