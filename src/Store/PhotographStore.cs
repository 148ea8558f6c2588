using System.Data;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>A picture as it is kept: upright, at most 2000 px either way, and small for lists.</summary>
public sealed record Picture(byte[] Jpeg, byte[] Small, int Width, int Height);

/// <summary>Keeps photographs of swatches.</summary>
public sealed class PhotographStore(Database database)
    : RecordStore<PhotographRow>(database, "photographs", Columns_, Row)
{
    private const string Columns_ = $"id, swatch_id, width, height, {Columns.Stamp}";

    /// <summary>The photographs of some swatches, in the order they were added.</summary>
    public Task<List<PhotographRow>> OfSwatchesAsync(
        Seat seat,
        IEnumerable<Guid> swatches,
        CancellationToken cancel
    ) =>
        WhereAsync(
            seat,
            "swatch_id = any ($2) order by id",
            cancel,
            seat.Workroom,
            swatches.ToArray()
        );

    /// <summary>Adds a photograph; null when there is no such swatch, or another picture is or was kept under this id.</summary>
    public async Task<PhotographRow?> AddAsync(
        Seat seat,
        Guid id,
        Guid swatch,
        Picture picture,
        CancellationToken cancel
    )
    {
        var added = await AddAsync(
            seat,
            id,
            "photograph added",
            """
            insert into photographs (id, workroom_id, swatch_id, updated_by, width, height)
            select $1, $2, s.id, $4, $5, $6 from swatches s,
                (select forget_pictures($2)) forgotten,
                lateral (select keep_picture($1, $2, $7, $8) as is_it) kept
            where s.id = $3 and s.workroom_id = $2 and kept.is_it
            """,
            cancel,
            id,
            seat.Workroom,
            swatch,
            seat.By,
            picture.Width,
            picture.Height,
            picture.Jpeg,
            picture.Small
        );
        // One that is there already is given back: but only if it is this picture.
        return added is null || await IsAsync(seat, id, picture, cancel) ? added : null;
    }

    private async Task<bool> IsAsync(
        Seat seat,
        Guid id,
        Picture picture,
        CancellationToken cancel
    ) =>
        (
            await Database.ReadAsync(
                seat,
                "select jpeg = $3 from pictures where workroom_id = $1 and id = $2",
                r => r.GetBoolean(0),
                cancel,
                seat.Workroom,
                id,
                picture.Jpeg
            )
        )
            is [true];

    /// <summary>The picture of a photograph as JPEG; null when there is none.</summary>
    /// <param name="small">Whether the one for lists is wanted.</param>
    public async Task<byte[]?> PictureAsync(
        Seat seat,
        Guid id,
        bool small,
        CancellationToken cancel
    ) =>
        (
            await Database.ReadAsync(
                seat,
                $"""
                select p.{(
                    small ? "small" : "jpeg"
                )} as picture from pictures p join photographs f on f.id = p.id and f.workroom_id = p.workroom_id
                where f.workroom_id = $1 and f.id = $2
                """,
                r => r.GetFieldValue<byte[]>("picture"),
                cancel,
                seat.Workroom,
                id
            )
        ).FirstOrDefault();

    private static PhotographRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetGuid("swatch_id"),
            row.GetInt32("width"),
            row.GetInt32("height"),
            row.StampOf()
        );
}
