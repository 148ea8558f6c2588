using System.Data;
using System.Text.Json;
using Npgsql;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Store;

/// <summary>What a swatch says; in a change, null leaves it as it is.</summary>
/// <param name="Features">In a change, those to set; the others stay as they are.</param>
public sealed record SwatchParts(
    JsonElement? Settings = null,
    IReadOnlyList<Length>? Flat = null,
    IReadOnlyList<Length>? Gathered = null,
    IReadOnlyList<Length>? Steamed = null,
    IReadOnlyList<Length>? Stretched = null,
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
        "id, working_id, settings::text, flat_mm, gathered_mm, steamed_mm, stretched_mm, looks, changed, verdict, note, "
        + "technique, uses::text, features::text, cloth::text, counts, simulated, "
        + Columns.Stamp;

    private readonly SharedAdding<SwatchRow> adding = database.Sharing(
        "swatch added",
        "swatches",
        """
        insert into swatches (id, workroom_id, working_id, updated_by, settings, flat_mm, gathered_mm, steamed_mm,
            stretched_mm, looks, changed, verdict, note, technique, uses, features, cloth, counts, simulated)
        select r.id, r.workroom_id, w.id, r.updated_by, coalesce(r.settings, '{}'), coalesce(r.flat_mm, '{}'),
            coalesce(r.gathered_mm, '{}'), coalesce(r.steamed_mm, '{}'), coalesce(r.stretched_mm, '{}'),
            coalesce(r.looks, '{}'), coalesce(r.changed, ''), coalesce(r.verdict, ''), coalesce(r.note, ''),
            coalesce(r.technique, w.technique, ''), coalesce(r.uses, w.uses, '{}'), coalesce(r.features, '{}'),
            coalesce(r.cloth, w.cloth, '{}'), coalesce(r.counts, true), coalesce(r.simulated, false)
        from jsonb_populate_recordset(null::swatches, $1) r
            left join workings w on w.id = r.working_id and w.workroom_id = r.workroom_id
        where w.id is not null or r.working_id is null
        """,
        Columns_,
        Row
    );

    /// <summary>The swatches of some workings, in the order they were sewn.</summary>
    public Task<List<SwatchRow>> OfWorkingsAsync(
        Seat seat,
        IEnumerable<Guid> workings,
        CancellationToken cancel
    ) =>
        WhereAsync(
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

    /// <summary>Measured swatches of a technique, the newest first: what predictions rest on.</summary>
    /// <param name="most">No more than this.</param>
    public Task<List<SwatchRow>> MeasuredAsync(
        Seat seat,
        string technique,
        int most,
        CancellationToken cancel
    ) =>
        WhereAsync(
            """
            technique = $2 and cardinality(flat_mm) > 0 and cardinality(gathered_mm) > 0
            order by created_at desc, id desc limit $3
            """,
            cancel,
            seat.Workroom,
            technique,
            most
        );

    /// <summary>Adds a swatch; null when there is no such working.</summary>
    /// <param name="working">The working it is sewn for, whose technique, cloth and things it takes; null for one that stands alone.</param>
    public async Task<SwatchRow?> AddAsync(
        Seat seat,
        Guid id,
        Guid? working,
        SwatchParts parts,
        CancellationToken cancel
    )
    {
        var record = JsonSerializer.Serialize(Record(seat, id, working, parts));
        return await adding.AddAsync(seat.Workroom, id, record, cancel)
            ?? await FindAsync(seat, id, cancel);
    }

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
            settings = coalesce($5, settings), flat_mm = coalesce($6, flat_mm), gathered_mm = coalesce($7, gathered_mm),
            steamed_mm = coalesce($8, steamed_mm), stretched_mm = coalesce($9, stretched_mm),
            looks = coalesce($10, looks), changed = coalesce($11, changed), verdict = coalesce($12, verdict),
            note = coalesce($13, note), technique = coalesce($14, technique), uses = coalesce($15, uses),
            features = features || coalesce($16, '{}'), cloth = coalesce($17, cloth), counts = coalesce($18, counts),
            simulated = coalesce($19, simulated)
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
            lines.Select(l => Record(seat, l.Id, null, l.Parts))
        );
        var count = await Database.ChangeAsync(
            says,
            """
            with taken as (
                insert into swatches (id, workroom_id, updated_by, technique, uses, features, cloth, settings, flat_mm,
                    gathered_mm, steamed_mm, stretched_mm, looks, verdict, counts, simulated, note)
                select id, workroom_id, updated_by, technique, uses, features, cloth, settings, flat_mm, gathered_mm,
                    steamed_mm, stretched_mm, looks, verdict, counts, simulated, note
                from jsonb_populate_recordset(null::swatches, $2)
                on conflict (id) do update set technique = excluded.technique, uses = swatches.uses || excluded.uses,
                    features = excluded.features, cloth = swatches.cloth || excluded.cloth,
                    settings = swatches.settings || excluded.settings, flat_mm = excluded.flat_mm,
                    gathered_mm = excluded.gathered_mm, steamed_mm = excluded.steamed_mm,
                    stretched_mm = excluded.stretched_mm, looks = excluded.looks, verdict = excluded.verdict,
                    counts = excluded.counts, note = excluded.note, version = swatches.version + 1,
                    updated_by = excluded.updated_by, updated_at = now()
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

    // A row as JSON, of which the statements take what they name.
    private static object Record(Seat seat, Guid id, Guid? working, SwatchParts parts)
    {
        return new
        {
            id,
            workroom_id = seat.Workroom,
            working_id = working,
            updated_by = seat.By,
            settings = parts.Settings,
            flat_mm = Mm(parts.Flat),
            gathered_mm = Mm(parts.Gathered),
            steamed_mm = Mm(parts.Steamed),
            stretched_mm = Mm(parts.Stretched),
            looks = parts.Looks,
            changed = parts.Changed,
            verdict = parts.Verdict,
            note = parts.Note,
            technique = parts.Technique,
            uses = parts.Uses,
            features = parts.Features,
            cloth = parts.Cloth,
            counts = parts.Counts,
            simulated = parts.Simulated,
        };

        static IEnumerable<double>? Mm(IReadOnlyList<Length>? lengths) =>
            lengths?.Select(l => l.Millimetres);
    }

    private static object?[] Values(SwatchParts parts) =>
        [
            Database.Json(parts.Settings),
            Database.Lengths(parts.Flat),
            Database.Lengths(parts.Gathered),
            Database.Lengths(parts.Steamed),
            Database.Lengths(parts.Stretched),
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
            row.LengthsOf("flat_mm"),
            row.LengthsOf("gathered_mm"),
            row.LengthsOf("steamed_mm"),
            row.LengthsOf("stretched_mm"),
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
