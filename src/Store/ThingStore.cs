using System.Data;
using System.Text.Json;
using Npgsql;
using NpgsqlTypes;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Store;

/// <summary>A thing of the drawer.</summary>
/// <param name="Properties">What was said of it, by field; without what is left.</param>
/// <param name="Left">What is left of it; null when it is not used up, or not known.</param>
public sealed record ThingRow(
    Guid Id,
    string Kind,
    string Name,
    JsonElement Properties,
    Length? Left,
    Stamp Stamp
) : IRow;

/// <summary>What may be changed of a thing; null leaves it as it is.</summary>
/// <param name="Properties">Fields to set; a field set to null is taken out.</param>
/// <param name="Left">What is left; the outer null leaves it, an inner null takes it out.</param>
public sealed record ThingChange(string? Name, JsonElement? Properties, LeftChange? Left);

/// <summary>What is left, set or taken out.</summary>
public sealed record LeftChange(Length? Length);

/// <summary>A thing to add, or to bring to what a line says.</summary>
public sealed record ThingLine(Guid Id, string Name, JsonElement Properties, Length? Left);

/// <summary>Keeps what is in the drawer.</summary>
public sealed class ThingStore(Database database)
    : RecordStore<ThingRow>(database, "things", Columns_, Row)
{
    /// <summary>A stitch is kept with its machine's id and read with its name.</summary>
    private const string Columns_ = $"""
        id, kind, name, (properties || coalesce((
            select jsonb_build_object('onMachine', m.name) from things m where m.id = things.machine_id), '{"{}"}'))::text as properties,
        left_mm, {Columns.Stamp}
        """;

    /// <summary>Everything in the drawer, by kind and name.</summary>
    public Task<List<ThingRow>> AllAsync(Seat seat, CancellationToken cancel) =>
        WhereAsync(seat, "true order by kind, lower(name), id", cancel, seat.Workroom);

    /// <summary>Some things, by id; those that are not there are left out.</summary>
    public async Task<Dictionary<Guid, ThingRow>> SomeAsync(
        Seat seat,
        IReadOnlyCollection<Guid> ids,
        CancellationToken cancel
    ) =>
        ids.Count == 0
            ? []
            : (
                await WhereAsync(seat, "id = any ($2)", cancel, seat.Workroom, ids.ToArray())
            ).ToDictionary(t => t.Id);

    /// <summary>Adds a thing.</summary>
    public Task<ThingRow?> AddAsync(
        Seat seat,
        Guid id,
        string kind,
        string name,
        JsonElement properties,
        Length? left,
        CancellationToken cancel
    ) =>
        AddAsync(
            seat,
            id,
            $"“{name}” added to supplies",
            "insert into things (id, workroom_id, kind, name, properties, left_mm, updated_by) values ($1, $2, $3, $4, $5, $6, $7)",
            cancel,
            id,
            seat.Workroom,
            kind,
            name,
            Database.Json(properties),
            Database.Number(left?.Millimetres),
            seat.By
        );

    /// <summary>Changes a thing if it still has the version that the editor holds.</summary>
    public Task<Changed<ThingRow>> ChangeAsync(
        Seat seat,
        Guid id,
        int version,
        string says,
        ThingChange change,
        CancellationToken cancel
    ) =>
        ChangeAsync(
            seat,
            id,
            version,
            says,
            """
            name = coalesce($5, name), properties = jsonb_strip_nulls(properties || coalesce($6, '{}')),
            left_mm = case when $7 then $8 else left_mm end,
            machine_id = case when $6 -> 'onMachine' = 'null' then null else machine_id end
            """,
            cancel,
            Database.Text(change.Name),
            Database.Json(change.Properties),
            change.Left is not null,
            Database.Number(change.Left?.Length?.Millimetres)
        );

    /// <summary>Adds or brings up to date many things of one kind: all of them, as one step, or none.</summary>
    /// <returns>How many rows there are of them now.</returns>
    public async Task<int> TakeInAsync(
        Seat seat,
        string kind,
        string says,
        IReadOnlyList<ThingLine> lines,
        CancellationToken cancel
    )
    {
        var json = JsonSerializer.SerializeToElement(
            lines.Select(l => new
            {
                id = l.Id,
                name = l.Name,
                properties = l.Properties,
                left_mm = l.Left?.Millimetres,
            })
        );
        var count = await Database.ChangeAsync(
            seat,
            says,
            """
            with lines as (
                select * from jsonb_to_recordset($4) as l(id uuid, name text, properties jsonb, left_mm double precision)),
            taken as (
                insert into things (id, workroom_id, kind, name, properties, left_mm, updated_by)
                select id, $1, $2, name, properties, left_mm, $3 from lines
                on conflict (id) do update set name = excluded.name, properties = excluded.properties,
                    machine_id = excluded.machine_id, left_mm = excluded.left_mm, version = things.version + 1, updated_by = excluded.updated_by, updated_at = now()
                where things.workroom_id = $1 and things.kind = $2
                returning 1)
            select count(*) as taken from taken
            """,
            r => new Count((int)r.GetInt64("taken")),
            cancel,
            seat.Workroom,
            kind,
            seat.By,
            Database.Json(json)
        );
        return count?.Of ?? 0;
    }

    private static ThingRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetString("kind"),
            row.GetString("name"),
            row.JsonOf("properties"),
            row.IsDBNull("left_mm") ? null : Length.FromMillimetres(row.GetDouble("left_mm")),
            row.StampOf()
        );
}

/// <summary>A note that a foot was tried on a machine.</summary>
/// <param name="Needle">The needle; null when any was meant.</param>
/// <param name="Width">The stitch width it was tried at.</param>
public sealed record TriedRow(
    Guid Id,
    Guid Machine,
    Guid Foot,
    Guid? Needle,
    bool Clears,
    Length Width,
    DateOnly On,
    string Note,
    Stamp Stamp
) : IRow;

/// <summary>Keeps what was tried. A note is added or taken away, not changed.</summary>
public sealed class TriedStore(Database database)
    : RecordStore<TriedRow>(database, "tried_notes", Columns_, Row)
{
    private const string Columns_ =
        $"id, machine_id, foot_id, needle_id, clears, width_mm, tried_on, note, {Columns.Stamp}";

    /// <summary>All notes, the newest first.</summary>
    public Task<List<TriedRow>> AllAsync(Seat seat, CancellationToken cancel) =>
        WhereAsync(seat, "true order by tried_on desc, id desc", cancel, seat.Workroom);

    /// <summary>Adds a note; null when machine, foot or needle are not in the drawer.</summary>
    public Task<TriedRow?> AddAsync(Seat seat, TriedRow note, CancellationToken cancel) =>
        AddAsync(
            seat,
            note.Id,
            note.Clears ? "noted that the needle clears" : "noted that the needle hits",
            """
            insert into tried_notes (id, workroom_id, machine_id, foot_id, needle_id, clears, width_mm, tried_on, note, updated_by)
            select $1, $2, m.id, f.id, $5, $6, $7, $8, $9, $10 from things m, things f
            where m.id = $3 and m.workroom_id = $2 and m.kind = 'machine' and f.id = $4 and f.workroom_id = $2 and f.kind = 'foot'
                and ($5::uuid is null or exists (
                    select 1 from things n where n.id = $5 and n.workroom_id = $2 and n.kind = 'needle'))
            """,
            cancel,
            note.Id,
            seat.Workroom,
            note.Machine,
            note.Foot,
            new NpgsqlParameter
            {
                NpgsqlDbType = NpgsqlDbType.Uuid,
                Value = (object?)note.Needle ?? DBNull.Value,
            },
            note.Clears,
            note.Width.Millimetres,
            note.On,
            note.Note,
            seat.By
        );

    private static TriedRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetGuid("machine_id"),
            row.GetGuid("foot_id"),
            row.IsDBNull("needle_id") ? null : row.GetGuid("needle_id"),
            row.GetBoolean("clears"),
            Length.FromMillimetres(row.GetDouble("width_mm")),
            row.GetFieldValue<DateOnly>("tried_on"),
            row.GetString("note"),
            row.StampOf()
        );
}
