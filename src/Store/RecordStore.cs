using System.Text.Json;
using Npgsql;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Store;

/// <summary>Something that is used up.</summary>
public sealed record Taken(Guid Thing, Length Length)
{
    /// <summary>
    /// What was taken of each thing, never more than is left of it: a column of an insert, from a list of things in JSON. Of a fabric
    /// that was measured before it was washed that is more than what was cut.
    /// </summary>
    /// <param name="list">The parameter with the list, such as <c>$8</c>.</param>
    internal static string Column(string list) =>
        $"""
            (select coalesce(jsonb_agg(jsonb_build_object('thing', t.id, 'mm', least(t.left_mm, n.mm
                / (1 - case when t.properties ->> 'shrinks' ~ '^[0-9][0-9]?([.][0-9]+)?$' then (t.properties ->> 'shrinks')::double precision else 0 end / 100)))), '[]')
                from jsonb_to_recordset({list}) n (thing uuid, mm double precision)
                join things t on t.id = n.thing and t.workroom_id = $2 and t.left_mm is not null)
            """;

    /// <summary>The list as a parameter.</summary>
    internal static NpgsqlParameter Value(IReadOnlyList<Taken> taken) => Database.Json(Json(taken));

    /// <summary>The list as <see cref="Column"/> reads it.</summary>
    internal static JsonElement Json(IReadOnlyList<Taken> taken) =>
        JsonSerializer.SerializeToElement(
            taken.Select(t => new { thing = t.Thing, mm = t.Length.Millimetres })
        );
}

/// <summary>What the stores of records that live in a workroom share: finding, taking away, telling who was first.</summary>
/// <param name="database">Where they are kept.</param>
/// <param name="table">The table, a name from the migrations.</param>
/// <param name="columns">The columns that a row is read from.</param>
/// <param name="row">Reads a row.</param>
/// <param name="takes">Whether a record uses something up: then the table has <c>taken</c>.</param>
public abstract class RecordStore<T>(
    Database database,
    string table,
    string columns,
    Func<NpgsqlDataReader, T> row,
    bool takes = false
)
    where T : class
{
    protected Database Database { get; } = database;

    /// <summary>Finds a record of the workroom; null when there is none.</summary>
    public async Task<T?> FindAsync(Seat seat, Guid id, CancellationToken cancel) =>
        (await WhereAsync(seat, "id = $2", cancel, seat.Workroom, id)).FirstOrDefault();

    /// <summary>
    /// Takes a record away, with all that hangs on it, and gives back what it took; one step brings it all back.
    /// </summary>
    /// <param name="version">Only if it still has this version; null takes it away whatever its version.</param>
    public async Task<Changed<T>> RemoveAsync(
        Seat seat,
        Guid id,
        int? version,
        string says,
        CancellationToken cancel
    )
    {
        var delete =
            $"delete from {table} where workroom_id = $1 and id = $2 and version = coalesce($3, version)";
        var removed = await Database.ChangeAsync(
            seat,
            says,
            takes
                ? $"""
                with removed as ({delete} returning *),
                raised as (
                    update things t set left_mm = t.left_mm + n.mm, version = t.version + 1, updated_at = now()
                    from removed r, jsonb_to_recordset(r.taken) n (thing uuid, mm double precision)
                    where t.id = n.thing and t.workroom_id = r.workroom_id and t.left_mm is not null)
                select {columns} from removed
                """
                : $"{delete} returning {columns}",
            row,
            cancel,
            seat.Workroom,
            id,
            Store.Database.Whole(version)
        );
        return removed is not null
            ? new(removed, true)
            : new(await FindAsync(seat, id, cancel), false);
    }

    /// <summary>Rows of the workroom ($1) under a condition.</summary>
    protected Task<List<T>> WhereAsync(
        Seat seat,
        string condition,
        CancellationToken cancel,
        params object?[] values
    ) =>
        Database.ReadAsync(
            seat,
            $"select {columns} from {table} where workroom_id = $1 and {condition}",
            row,
            cancel,
            values
        );

    /// <summary>Adds a record. One with this id that is there already is given back as it is.</summary>
    /// <param name="insert">An insert; its second parameter is the workroom.</param>
    protected async Task<T?> AddAsync(
        Seat seat,
        Guid id,
        string says,
        string insert,
        CancellationToken cancel,
        params object?[] values
    ) =>
        await Database.ChangeAsync(
            seat,
            says,
            $"{insert} on conflict (id) do nothing returning {columns}",
            row,
            cancel,
            values
        ) ?? await FindAsync(seat, id, cancel);

    /// <summary>Adds a record, and lowers what is left of things by what it takes: both, once, or neither.</summary>
    /// <param name="insert">An insert that says what it takes; its second parameter is the workroom.</param>
    /// <param name="taken">What is taken at the most.</param>
    protected async Task<T?> AddTakingAsync(
        Seat seat,
        Guid id,
        string says,
        IReadOnlyList<Taken> taken,
        string insert,
        CancellationToken cancel,
        params object?[] values
    ) =>
        await Database.ChangeAsync(
            seat,
            says,
            [.. taken.Select(t => t.Thing)],
            $"""
            with added as ({insert} on conflict (id) do nothing returning *),
            lowered as (
                update things t set left_mm = greatest(0, t.left_mm - n.mm), version = t.version + 1, updated_at = now()
                from added a, jsonb_to_recordset(a.taken) n (thing uuid, mm double precision)
                where t.id = n.thing and t.workroom_id = a.workroom_id)
            select {columns} from added
            """,
            row,
            cancel,
            values
        ) ?? await FindAsync(seat, id, cancel);

    /// <summary>Changes a record if it still has the version that the editor holds.</summary>
    /// <param name="set">What is set, with parameters from $5 on; $1 to $4 are workroom, id, version and seat.</param>
    protected async Task<Changed<T>> ChangeAsync(
        Seat seat,
        Guid id,
        int version,
        string? says,
        string set,
        CancellationToken cancel,
        params object?[] values
    )
    {
        var changed = await Database.ChangeAsync(
            seat,
            says,
            $"""
            update {table} set {set}, version = version + 1, updated_by = $4, updated_at = now()
            where workroom_id = $1 and id = $2 and version = $3
            returning {columns}
            """,
            row,
            cancel,
            [seat.Workroom, id, version, seat.By, .. values]
        );
        return changed is not null
            ? new(changed, true)
            : new(await FindAsync(seat, id, cancel), false);
    }
}
