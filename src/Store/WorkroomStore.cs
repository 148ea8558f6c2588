using System.Data;
using Npgsql;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Store;

/// <summary>What may be changed of a workroom; null leaves it as it is.</summary>
public sealed record WorkroomChange(
    string? Name = null,
    UnitSystem? Units = null,
    Length? MetricCutting = null,
    Length? MetricMarking = null,
    Length? ImperialCutting = null,
    Length? ImperialMarking = null,
    double? NormalTension = null,
    Length? LongestStitch = null
);

/// <summary>Keeps workrooms.</summary>
public sealed class WorkroomStore(Database database)
{
    private const string Columns_ =
        "id, name, units, metric_cutting_mm, metric_marking_mm, imperial_cutting_in, imperial_marking_in, "
        + $"normal_tension, longest_stitch_mm, {Columns.Stamp}";

    /// <summary>The oldest workroom: the one that a household starts with. Null before there is one.</summary>
    public async Task<WorkroomRow?> FirstAsync(CancellationToken cancel) =>
        (
            await database.ReadAsync(
                null,
                $"select {Columns_} from workrooms order by created_at, id limit 1",
                Row,
                cancel
            )
        ).FirstOrDefault();

    /// <summary>Makes sure that there is a workroom.</summary>
    public async Task<WorkroomRow> EnsureAsync(Guid id, string name, CancellationToken cancel)
    {
        if (await FirstAsync(cancel) is { } there)
        {
            return there;
        }
        await database.ReadAsync(
            new Seat(id, ""),
            "insert into workrooms (id, name) values ($1, $2) returning id",
            r => r.GetGuid(0),
            cancel,
            id,
            name
        );
        return (await FirstAsync(cancel))!;
    }

    /// <summary>Changes the workroom if it still has the version that the editor holds.</summary>
    public async Task<Changed<WorkroomRow>> ChangeAsync(
        Seat seat,
        int version,
        WorkroomChange change,
        CancellationToken cancel
    )
    {
        var row = await database.ChangeAsync(
            seat,
            "workroom settings",
            $"""
            update workrooms set
                name = coalesce($3, name), units = coalesce($4, units),
                metric_cutting_mm = coalesce($5, metric_cutting_mm), metric_marking_mm = coalesce($6, metric_marking_mm),
                imperial_cutting_in = coalesce($7, imperial_cutting_in),
                imperial_marking_in = coalesce($8, imperial_marking_in),
                normal_tension = coalesce($9, normal_tension), longest_stitch_mm = coalesce($10, longest_stitch_mm),
                version = version + 1, updated_by = $11, updated_at = now()
            where id = $1 and version = $2
            returning {Columns_}
            """,
            Row,
            cancel,
            seat.Workroom,
            version,
            Database.Text(change.Name),
            Database.Text(change.Units?.ToString().ToLowerInvariant()),
            Database.Number(change.MetricCutting?.Millimetres),
            Database.Number(change.MetricMarking?.Millimetres),
            Database.Number(change.ImperialCutting?.Inches),
            Database.Number(change.ImperialMarking?.Inches),
            Database.Number(change.NormalTension),
            Database.Number(change.LongestStitch?.Millimetres),
            seat.By
        );
        return row is not null ? new(row, true) : new(await FirstAsync(cancel), false);
    }

    private static WorkroomRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetString("name"),
            row.GetString("units") == "imperial" ? UnitSystem.Imperial : UnitSystem.Metric,
            new Ruler(
                UnitSystem.Metric,
                Length.FromMillimetres(row.GetDouble("metric_cutting_mm")),
                Length.FromMillimetres(row.GetDouble("metric_marking_mm"))
            ),
            new Ruler(
                UnitSystem.Imperial,
                Length.FromInches(row.GetDouble("imperial_cutting_in")),
                Length.FromInches(row.GetDouble("imperial_marking_in"))
            ),
            row.GetDouble("normal_tension"),
            Length.FromMillimetres(row.GetDouble("longest_stitch_mm")),
            row.StampOf()
        );
}
