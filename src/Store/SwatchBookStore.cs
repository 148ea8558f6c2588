using System.Data;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>Which swatches are wanted; what is null or empty does not narrow.</summary>
/// <param name="Year">In which it was sewn.</param>
/// <param name="Text">Anywhere in what is written of a swatch, whatever its case; % and _ are taken as they are.</param>
public sealed record SwatchFilter(
    string? Cloth = null,
    string? Foot = null,
    string? Technique = null,
    string? Verdict = null,
    string? Text = null,
    Guid? Working = null,
    string? Machine = null,
    int? Year = null
);

/// <summary>A swatch in the book: with the names of what it belongs to.</summary>
/// <param name="ClothName">The cloth's name as it now is, or as it was when it is in the drawer no more.</param>
/// <param name="FootName">The foot's name, or empty.</param>
/// <param name="WorkingName">The working it was sewn for, or empty.</param>
/// <param name="Photographs">The ids of its photographs.</param>
public sealed record BookRow(
    SwatchRow Swatch,
    string ClothName,
    string FootName,
    string WorkingName,
    IReadOnlyList<Guid> Photographs
);

/// <summary>A place in the book: between two swatches, whether the one before it is still there or not.</summary>
public sealed record BookPlace(DateTimeOffset At, Guid Id);

/// <summary>How many swatches there are of one cloth, foot, technique, verdict, machine or year.</summary>
/// <param name="Facet">cloth, foot, technique, verdict, machine or year.</param>
public sealed record FacetRow(string Facet, string Name, int Count);

/// <summary>Finds swatches over the whole workroom.</summary>
public sealed class SwatchBookStore(Database database)
{
    /// <summary>Swatches with their names; $1 is the workroom, $2 to $9 the filter.</summary>
    private const string Filtered = """
        from swatches s
        left join workings w on w.id = s.working_id and w.workroom_id = $1
        left join things c on c.id = (s.uses ->> 'cloth')::uuid and c.workroom_id = $1
        left join things f on f.id = (s.uses ->> 'foot')::uuid and f.workroom_id = $1
        left join things m on m.id = (s.uses ->> 'machine')::uuid and m.workroom_id = $1
        where s.workroom_id = $1
            and ($2::text is null or coalesce(c.name, s.cloth ->> 'name', '') = $2)
            and ($3::text is null or coalesce(f.name, s.settings ->> 'Foot', '') = $3)
            and ($4::text is null or s.technique = $4)
            and ($5::text is null or s.verdict = $5)
            and ($6::text is null or s.note ilike $6 or s.settings::text ilike $6 or c.name ilike $6 or s.cloth ->> 'name' ilike $6
                or f.name ilike $6 or m.name ilike $6 or w.name ilike $6 or array_to_string(s.looks, ' ') ilike $6)
            and ($7::uuid is null or s.working_id = $7)
            and ($8::text is null or coalesce(m.name, '') = $8)
            and ($9::int is null or extract(year from s.created_at) = $9)
        """;

    private const string Named = """
        s.id, s.working_id, s.settings::text, s.readings::text, s.looks, s.changed,
            s.verdict, s.note, s.technique, s.uses::text, s.features::text, s.cloth::text, s.counts, s.simulated, s.version,
            s.updated_by, s.created_at, s.updated_at, coalesce(c.name, s.cloth ->> 'name', '') as cloth_name,
            coalesce(f.name, s.settings ->> 'Foot', '') as foot_name, coalesce(w.name, '') as working_name,
            array(select p.id from photographs p where p.workroom_id = $1 and p.swatch_id = s.id order by p.id) as photographs
        """;

    /// <summary>A page of swatches, the newest first.</summary>
    /// <param name="after">Where the page before ended; its last swatch may be gone since.</param>
    /// <param name="size">No more than this.</param>
    public Task<List<BookRow>> PageAsync(
        Seat seat,
        SwatchFilter filter,
        BookPlace? after,
        int size,
        CancellationToken cancel
    ) =>
        database.ReadAsync(
            seat,
            $"""
            select {Named} {Filtered}
                and ($10::uuid is null or (s.created_at, s.id) < ($11, $10))
            order by s.created_at desc, s.id desc limit $12
            """,
            Row,
            cancel,
            [.. Values(seat, filter), Database.Id(after?.Id), Database.Moment(after?.At), size]
        );

    /// <summary>Some swatches by their ids, in no order.</summary>
    public Task<List<BookRow>> SomeAsync(
        Seat seat,
        IReadOnlyList<Guid> ids,
        CancellationToken cancel
    ) =>
        database.ReadAsync(
            seat,
            $"select {Named} {Filtered} and s.id = any ($10)",
            Row,
            cancel,
            [.. Values(seat, new SwatchFilter()), ids.ToArray()]
        );

    /// <summary>How many swatches a filter leaves.</summary>
    public async Task<int> CountAsync(Seat seat, SwatchFilter filter, CancellationToken cancel) =>
        (
            await database.ReadAsync(
                seat,
                $"select count(*)::int as n {Filtered}",
                r => r.GetInt32("n"),
                cancel,
                Values(seat, filter)
            )
        )[0];

    /// <summary>What there is to choose from: every cloth, foot, technique, verdict, machine and year of the workroom's swatches.</summary>
    public Task<List<FacetRow>> FacetsAsync(Seat seat, CancellationToken cancel) =>
        database.ReadAsync(
            seat,
            """
            with named as (
                select coalesce(c.name, s.cloth ->> 'name', '') as cloth, coalesce(f.name, s.settings ->> 'Foot', '') as foot,
                    s.technique, s.verdict, coalesce(m.name, '') as machine, extract(year from s.created_at)::text as year
                from swatches s left join things c on c.id = (s.uses ->> 'cloth')::uuid and c.workroom_id = $1
                left join things f on f.id = (s.uses ->> 'foot')::uuid and f.workroom_id = $1
                left join things m on m.id = (s.uses ->> 'machine')::uuid and m.workroom_id = $1
                where s.workroom_id = $1)
            select facet, name, count(*)::int as n
            from named cross join lateral (values ('cloth', cloth), ('foot', foot), ('technique', technique),
                ('verdict', verdict), ('machine', machine), ('year', year)) as each (facet, name)
            where name <> '' group by facet, name order by facet, n desc, name
            """,
            r => new FacetRow(r.GetString("facet"), r.GetString("name"), r.GetInt32("n")),
            cancel,
            seat.Workroom
        );

    private static object?[] Values(Seat seat, SwatchFilter filter) =>
        [
            seat.Workroom,
            Database.Text(filter.Cloth),
            Database.Text(filter.Foot),
            Database.Text(filter.Technique),
            Database.Text(filter.Verdict),
            Database.Text(filter.Text is { Length: > 0 } text ? FindStore.Anywhere(text) : null),
            Database.Id(filter.Working),
            Database.Text(filter.Machine),
            Database.Whole(filter.Year),
        ];

    private static BookRow Row(NpgsqlDataReader row) =>
        new(
            SwatchStore.Row(row),
            row.GetString("cloth_name"),
            row.GetString("foot_name"),
            row.GetString("working_name"),
            row.GetFieldValue<Guid[]>("photographs")
        );
}
