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
public sealed record SwatchLine(
    Guid Id,
    string Technique,
    JsonElement Uses,
    JsonElement Features,
    JsonElement Cloth,
    JsonElement Settings,
    IReadOnlyList<Length> Flat,
    IReadOnlyList<Length> Gathered,
    IReadOnlyList<Length> Steamed,
    IReadOnlyList<Length> Stretched,
    IReadOnlyList<string> Looks,
    string Verdict,
    bool Counts,
    bool Simulated,
    string Note
);

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
            insert into swatches (id, workroom_id, working_id, updated_by, settings, flat_mm, gathered_mm, steamed_mm,
                stretched_mm, looks, changed, verdict, note, technique, uses, features, cloth, counts, simulated)
            select $1, $2, w.id, $4, coalesce($5, '{}'), coalesce($6, '{}'), coalesce($7, '{}'), coalesce($8, '{}'),
                coalesce($9, '{}'), coalesce($10, '{}'), coalesce($11, ''), coalesce($12, ''), coalesce($13, ''),
                coalesce($14, w.technique, ''), coalesce($15, w.uses, '{}'), coalesce($16, '{}'),
                coalesce($17, w.cloth, '{}'), coalesce($18, true), coalesce($19, false)
            from (select) one left join workings w on w.id = $3 and w.workroom_id = $2
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
        var json = JsonSerializer.SerializeToElement(
            lines.Select(l => new
            {
                id = l.Id,
                technique = l.Technique,
                uses = l.Uses,
                features = l.Features,
                cloth = l.Cloth,
                settings = l.Settings,
                flat_mm = Mm(l.Flat),
                gathered_mm = Mm(l.Gathered),
                steamed_mm = Mm(l.Steamed),
                stretched_mm = Mm(l.Stretched),
                looks = l.Looks,
                verdict = l.Verdict,
                counts = l.Counts,
                simulated = l.Simulated,
                note = l.Note,
            })
        );
        var count = await Database.ChangeAsync(
            says,
            """
            with lines as (
                select * from jsonb_to_recordset($3) as l(id uuid, technique text, uses jsonb, features jsonb, cloth jsonb,
                    settings jsonb, flat_mm double precision[], gathered_mm double precision[], steamed_mm double precision[],
                    stretched_mm double precision[], looks text[], verdict text, counts boolean, simulated boolean, note text)),
            taken as (
                insert into swatches (id, workroom_id, updated_by, technique, uses, features, cloth, settings, flat_mm,
                    gathered_mm, steamed_mm, stretched_mm, looks, verdict, counts, simulated, note)
                select id, $1, $2, technique, uses, features, cloth, settings, flat_mm, gathered_mm, steamed_mm, stretched_mm,
                    looks, verdict, counts, simulated, note from lines
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
            seat.By,
            Database.Json(json)
        );
        return count?.Of ?? 0;

        static IReadOnlyList<double> Mm(IReadOnlyList<Length> lengths) =>
            [.. lengths.Select(l => l.Millimetres)];
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
