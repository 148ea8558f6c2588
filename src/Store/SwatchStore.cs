using System.Data;
using System.Text.Json;
using Npgsql;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Store;

/// <summary>What a swatch says; in a change, null leaves it as it is.</summary>
public sealed record SwatchParts(
    JsonElement? Settings = null,
    IReadOnlyList<Length>? Flat = null,
    IReadOnlyList<Length>? Gathered = null,
    IReadOnlyList<Length>? Steamed = null,
    IReadOnlyList<Length>? Stretched = null,
    IReadOnlyList<string>? Looks = null,
    string? Changed = null,
    string? Verdict = null,
    string? Note = null
);

/// <summary>How many swatches a working has, and the verdict on the last.</summary>
public sealed record SwatchTally(Guid WorkingId, int Sewn, string LastVerdict);

/// <summary>Keeps swatches.</summary>
public sealed class SwatchStore(Database database)
    : RecordStore<SwatchRow>(database, "swatches", Columns_, Row)
{
    private const string Columns_ =
        "id, working_id, settings::text, flat_mm, gathered_mm, steamed_mm, stretched_mm, looks, changed, verdict, note, "
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

    /// <summary>Adds a swatch; null when there is no such working.</summary>
    public Task<SwatchRow?> AddAsync(
        Seat seat,
        Guid id,
        Guid working,
        SwatchParts parts,
        CancellationToken cancel
    ) =>
        AddAsync(
            seat,
            id,
            "swatch added",
            """
            insert into swatches (id, workroom_id, working_id, updated_by, settings, flat_mm, gathered_mm, steamed_mm,
                stretched_mm, looks, changed, verdict, note)
            select $1, $2, w.id, $4, coalesce($5, '{}'), coalesce($6, '{}'), coalesce($7, '{}'), coalesce($8, '{}'),
                coalesce($9, '{}'), coalesce($10, '{}'), coalesce($11, ''), coalesce($12, ''), coalesce($13, '')
            from workings w where w.id = $3 and w.workroom_id = $2
            """,
            cancel,
            [id, seat.Workroom, working, seat.By, .. Values(parts)]
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
            note = coalesce($13, note)
            """,
            cancel,
            Values(parts)
        );

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
        ];

    private static SwatchRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetGuid("working_id"),
            row.JsonOf("settings"),
            row.LengthsOf("flat_mm"),
            row.LengthsOf("gathered_mm"),
            row.LengthsOf("steamed_mm"),
            row.LengthsOf("stretched_mm"),
            row.GetFieldValue<string[]>("looks"),
            row.GetString("changed"),
            row.GetString("verdict"),
            row.GetString("note"),
            row.StampOf()
        );
}
