using System.Data;
using System.Text.Json;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>What a swatch says; in a change, null leaves it as it is.</summary>
/// <param name="Readings">By their names; in a change, those to set, and an empty one is taken out.</param>
/// <param name="Features">In a change, those to set; the others stay as they are.</param>
public sealed record SwatchParts(
    JsonElement? Settings = null,
    IReadOnlyDictionary<string, IReadOnlyList<double>>? Readings = null,
    IReadOnlyList<string>? Looks = null,
    string? Changed = null,
    string? Verdict = null,
    string? Note = null,
    string? Technique = null,
    JsonElement? Uses = null,
    JsonElement? Features = null,
    JsonElement? Cloth = null,
    bool? Counts = null,
    bool? Simulated = null
);

/// <summary>A swatch to add, standing alone, or to bring to what a line says.</summary>
/// <param name="Parts">All that a line says; what it does not, such as what the swatch tried, is null.</param>
public sealed record SwatchLine(Guid Id, SwatchParts Parts);

/// <summary>How many swatches a working has, and the verdict on the last.</summary>
public sealed record SwatchTally(Guid WorkingId, int Sewn, string LastVerdict);

/// <summary>Keeps swatches.</summary>
public sealed class SwatchStore(Database database)
    : RecordStore<SwatchRow>(database, "swatches", Columns_, Row)
{
    private const string Columns_ =
        "id, working_id, settings::text, readings::text, looks, changed, verdict, note, "
        + "technique, uses::text, features::text, cloth::text, counts, simulated, "
        + Columns.Stamp;

    /// <summary>The swatches of some workings, in the order they were sewn.</summary>
    public Task<List<SwatchRow>> OfWorkingsAsync(
        Seat seat,
        IEnumerable<Guid> workings,
        CancellationToken cancel
    ) =>
        WhereAsync(
            seat,
            "working_id = any ($2) order by created_at, id",
            cancel,
            seat.Workroom,
            workings.ToArray()
        );

    /// <summary>How far the swatches of some workings have come; a working without swatches is left out.</summary>
    public Task<List<SwatchTally>> TallyAsync(
        Seat seat,
        IEnumerable<Guid> workings,
        CancellationToken cancel
    ) =>
        Database.ReadAsync(
            seat,
            """
            select working_id, count(*) as sewn, (array_agg(verdict order by created_at desc, id desc))[1] as verdict
            from swatches where workroom_id = $1 and working_id = any ($2) group by working_id
            """,
            r => new SwatchTally(
                r.GetGuid("working_id"),
                (int)r.GetInt64("sewn"),
                r.GetString("verdict")
            ),
            cancel,
            seat.Workroom,
            workings.ToArray()
        );

    /// <summary>Swatches of a technique with all readings that are needed, the newest first: what predictions rest on.</summary>
    /// <param name="needed">The names of those readings.</param>
    /// <param name="most">No more than this.</param>
    public Task<List<SwatchRow>> MeasuredAsync(
        Seat seat,
        string technique,
        IEnumerable<string> needed,
        int most,
        CancellationToken cancel
    ) =>
        WhereAsync(
            seat,
            """
            technique = $2 and not exists (
                select 1 from unnest($3) needed (name) where coalesce(jsonb_array_length(readings -> name), 0) = 0)
            order by created_at desc, id desc limit $4
            """,
            cancel,
            seat.Workroom,
            technique,
            needed.ToArray(),
            most
        );

    /// <summary>Adds a swatch; null when there is no such working.</summary>
    /// <param name="working">The working it is sewn for, whose technique, cloth and things it takes; null for one that stands alone.</param>
    public Task<SwatchRow?> AddAsync(
        Seat seat,
        Guid id,
        Guid? working,
        SwatchParts parts,
        CancellationToken cancel
    ) =>
        AddAsync(
            seat,
            id,
            "swatch added",
            """
            insert into swatches (id, workroom_id, working_id, updated_by, settings, readings, looks, changed, verdict, note,
                technique, uses, features, cloth, counts, simulated)
            select $1, $2, w.id, $4, coalesce($5, '{}'), coalesce($6, '{}'), coalesce($7, '{}'), coalesce($8, ''),
                coalesce($9, ''), coalesce($10, ''), coalesce($11, w.technique, ''), coalesce($12, w.uses, '{}'),
                coalesce($13, '{}'), coalesce($14, w.cloth, '{}'), coalesce($15, true), coalesce($16, false)
            from (select 1) one left join workings w on w.id = $3 and w.workroom_id = $2
            where w.id is not null or $3 is null
            """,
            cancel,
            [id, seat.Workroom, Database.Id(working), seat.By, .. Values(parts)]
        );

    /// <summary>Changes a swatch if it still has the version that the editor holds.</summary>
    public Task<Changed<SwatchRow>> ChangeAsync(
        Seat seat,
        Guid id,
        int version,
        SwatchParts parts,
        CancellationToken cancel
    ) =>
        ChangeAsync(
            seat,
            id,
            version,
            "swatch changed",
            """
            settings = coalesce($5, settings), readings = readings || coalesce($6, '{}'), looks = coalesce($7, looks),
            changed = coalesce($8, changed), verdict = coalesce($9, verdict), note = coalesce($10, note),
            technique = coalesce($11, technique), uses = coalesce($12, uses), features = features || coalesce($13, '{}'),
            cloth = coalesce($14, cloth), counts = coalesce($15, counts), simulated = coalesce($16, simulated)
            """,
            cancel,
            Values(parts)
        );

    /// <summary>Takes swatches in, in one step: a known id changes that swatch, any other adds one.</summary>
    /// <remarks>What a line cannot say, such as the working it was sewn for, stays as it is.</remarks>
    /// <returns>How many were taken in.</returns>
    public async Task<int> TakeInAsync(
        Seat seat,
        string says,
        IReadOnlyList<SwatchLine> lines,
        CancellationToken cancel
    )
    {
        var records = JsonSerializer.SerializeToElement(
            lines.Select(l => Record(seat, l.Id, l.Parts))
        );
        var count = await Database.ChangeAsync(
            seat,
            says,
            """
            with taken as (
                insert into swatches (id, workroom_id, updated_by, technique, uses, features, cloth, settings, readings, looks,
                    changed, verdict, counts, simulated, note)
                select id, workroom_id, updated_by, technique, uses, features, cloth, settings, readings, looks, changed,
                    verdict, counts, simulated, note
                from jsonb_populate_recordset(null::swatches, $2)
                on conflict (id) do update set technique = excluded.technique, uses = swatches.uses || excluded.uses,
                    features = excluded.features, cloth = swatches.cloth || excluded.cloth,
                    settings = swatches.settings || excluded.settings, readings = excluded.readings, looks = excluded.looks,
                    changed = coalesce(nullif(excluded.changed, ''), swatches.changed), verdict = excluded.verdict, counts = excluded.counts, note = excluded.note,
                    version = swatches.version + 1, updated_by = excluded.updated_by, updated_at = now()
                where swatches.workroom_id = $1
                returning 1)
            select count(*) as taken from taken
            """,
            r => new Count((int)r.GetInt64("taken")),
            cancel,
            seat.Workroom,
            Database.Json(records)
        );
        return count?.Of ?? 0;
    }

    // A row as JSON, of which the statement takes what it names.
    private static object Record(Seat seat, Guid id, SwatchParts parts) =>
        new
        {
            id,
            workroom_id = seat.Workroom,
            updated_by = seat.By,
            settings = parts.Settings,
            readings = parts.Readings,
            looks = parts.Looks,
            changed = parts.Changed ?? "",
            verdict = parts.Verdict,
            note = parts.Note,
            technique = parts.Technique,
            uses = parts.Uses,
            features = parts.Features,
            cloth = parts.Cloth,
            counts = parts.Counts,
            simulated = parts.Simulated,
        };

    private static object?[] Values(SwatchParts parts) =>
        [
            Database.Json(parts.Settings),
            Database.Json(
                parts.Readings is { } readings ? JsonSerializer.SerializeToElement(readings) : null
            ),
            Database.Texts(parts.Looks),
            Database.Text(parts.Changed),
            Database.Text(parts.Verdict),
            Database.Text(parts.Note),
            Database.Text(parts.Technique),
            Database.Json(parts.Uses),
            Database.Json(parts.Features),
            Database.Json(parts.Cloth),
            Database.Flag(parts.Counts),
            Database.Flag(parts.Simulated),
        ];

    internal static SwatchRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.IsDBNull("working_id") ? null : row.GetGuid("working_id"),
            row.JsonOf("settings"),
            JsonSerializer
                .Deserialize<Dictionary<string, IReadOnlyList<double>>>(row.GetString("readings"))!
                .Where(r => r.Value.Count > 0)
                .ToDictionary(),
            row.GetFieldValue<string[]>("looks"),
            row.GetString("changed"),
            row.GetString("verdict"),
            row.GetString("note"),
            row.GetString("technique"),
            row.JsonOf("uses"),
            row.JsonOf("features"),
            row.JsonOf("cloth"),
            row.GetBoolean("counts"),
            row.GetBoolean("simulated"),
            row.StampOf()
        );
}
