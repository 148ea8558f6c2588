using System.Data;
using Npgsql;
using NpgsqlTypes;

namespace ZephyrReach.Store;

/// <summary>What may be changed of a project; null leaves it as it is.</summary>
/// <param name="WantedBy">The day; the outer null leaves it, an inner null takes it away.</param>
public sealed record ProjectChange(
    string? Name = null,
    DateChange? WantedBy = null,
    string? Notes = null
);

/// <summary>A day that is set or taken away.</summary>
public sealed record DateChange(DateOnly? Day);

/// <summary>Keeps projects.</summary>
public sealed class ProjectStore(Database database)
    : RecordStore<ProjectRow>(database, "projects", Columns_, Row)
{
    private const string Columns_ = $"id, name, wanted_by, notes, {Columns.Stamp}";

    /// <summary>The projects, newest first, a page at a time.</summary>
    /// <param name="before">Only those older than this one: the last of the page before; null for the first page.</param>
    /// <param name="most">At most this many.</param>
    public Task<List<ProjectRow>> PageAsync(
        Seat seat,
        Guid? before,
        int most,
        CancellationToken cancel
    ) =>
        WhereAsync(
            seat,
            "($2::uuid is null or id < $2) order by id desc limit $3",
            cancel,
            seat.Workroom,
            new NpgsqlParameter
            {
                NpgsqlDbType = NpgsqlDbType.Uuid,
                Value = (object?)before ?? DBNull.Value,
            },
            most
        );

    /// <summary>Adds a project.</summary>
    public Task<ProjectRow?> AddAsync(
        Seat seat,
        Guid id,
        string name,
        DateOnly? wantedBy,
        string notes,
        CancellationToken cancel
    ) =>
        AddAsync(
            seat,
            id,
            $"project “{name}” begun",
            "insert into projects (id, workroom_id, name, wanted_by, notes, updated_by) values ($1, $2, $3, $4, $5, $6)",
            cancel,
            id,
            seat.Workroom,
            name,
            Day(wantedBy),
            notes,
            seat.By
        );

    /// <summary>Changes a project if it still has the version that the editor holds.</summary>
    public Task<Changed<ProjectRow>> ChangeAsync(
        Seat seat,
        Guid id,
        int version,
        ProjectChange change,
        CancellationToken cancel
    ) =>
        ChangeAsync(
            seat,
            id,
            version,
            "project changed",
            "name = coalesce($5, name), wanted_by = case when $6 then $7 else wanted_by end, notes = coalesce($8, notes)",
            cancel,
            Database.Text(change.Name),
            change.WantedBy is not null,
            Day(change.WantedBy?.Day),
            Database.Text(change.Notes)
        );

    private static NpgsqlParameter Day(DateOnly? day) =>
        new() { NpgsqlDbType = NpgsqlDbType.Date, Value = (object?)day ?? DBNull.Value };

    private static ProjectRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetString("name"),
            row.IsDBNull("wanted_by") ? null : row.GetFieldValue<DateOnly>("wanted_by"),
            row.GetString("notes"),
            row.StampOf()
        );
}
