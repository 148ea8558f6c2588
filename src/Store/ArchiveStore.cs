using System.Data;
using System.Text.Json.Nodes;

namespace ZephyrReach.Store;

/// <summary>Takes all of a workroom or a project out, list by list as it is kept, and brings such lists in.</summary>
public sealed partial class ArchiveStore(Database database)
{
    private const string InProject =
        "working_id in (select id from workings where workroom_id = $1 and project_id = $2)";

    /// <summary>The lists, each before those that name its records; and what of a list belongs to a project.</summary>
    private static readonly (string Name, string OfProject)[] Tables =
    [
        (
            "things",
            """
            id in (
                with used as (
                    select u.value::uuid as id from workings w, jsonb_each_text(w.uses) u
                        where w.workroom_id = $1 and w.project_id = $2
                    union select u.value::uuid from swatches s join workings w on w.id = s.working_id, jsonb_each_text(s.uses) u
                        where w.workroom_id = $1 and w.project_id = $2)
                select id from used
                union select s.machine_id from things s join used on used.id = s.id where s.machine_id is not null)
            """
        ),
        ("tried_notes", "false"),
        ("projects", "id = $2"),
        ("workings", "project_id = $2"),
        ("swatches", InProject),
        ("cut_lists", InProject),
        ("keeps", InProject),
        ("practices", "false"),
        ("photographs", $"swatch_id in (select id from swatches where {InProject})"),
    ];

    /// <summary>What a record is without what only this workroom knows of it.</summary>
    private const string Bare =
        "to_jsonb(t) - '{workroom_id,version,updated_by,updated_at}'::text[]";

    private const string BareSettings = $"{Bare} - '{{id,created_at}}'::text[]";

    /// <summary>What is said of ids that are another record's, here or in another workroom.</summary>
    public const string InUse =
        "Some of it has ids that are in use for something else; nothing was brought in.";

    /// <summary>More than a view ever takes: all of it is read or written at once.</summary>
    private const string Patiently = "set local statement_timeout = '120s'";

    /// <summary>The names of the lists, each before those that name its records.</summary>
    public static IReadOnlyList<string> Lists { get; } = [.. Tables.Select(t => t.Name)];

    /// <summary>Takes everything out, as it is at one moment.</summary>
    /// <param name="project">Only this project and what it uses; null for the whole workroom.</param>
    /// <param name="write">Given the settings, which a project has none of, the lists, and the pictures one by one.</param>
    public Task TakeOutAsync(
        Seat seat,
        Guid? project,
        Func<
            string?,
            IReadOnlyDictionary<string, List<string>>,
            IAsyncEnumerable<Jpegs>,
            Task
        > write,
        CancellationToken cancel
    ) =>
        database.InOneAsync(
            seat,
            IsolationLevel.RepeatableRead,
            async one =>
            {
                await one.RunAsync(Patiently);
                await one.RunAsync("set local timezone = 'UTC'");
                var settings = project is null
                    ? (
                        await one.ReadAsync(
                            $"select ({BareSettings})::text from workrooms t where id = $1",
                            r => r.GetString(0),
                            seat.Workroom
                        )
                    )[0]
                    : null;
                Dictionary<string, List<string>> lists = [];
                foreach (var (name, of) in Tables)
                {
                    lists[name] = await one.ReadAsync(
                        $"select ({Bare})::text from {name} t where workroom_id = $1 and ($2::uuid is null or {of}) order by id",
                        r => r.GetString(0),
                        seat.Workroom,
                        Database.Id(project)
                    );
                }
                await write(
                    settings,
                    lists,
                    PicturesAsync(one, seat, lists["photographs"], cancel)
                );
            },
            cancel
        );

    /// <summary>Brings records in as <see cref="BringInAsync"/> does, and takes all of it back before anybody sees it.</summary>
    public async Task RehearseAsync(
        Seat seat,
        JsonObject everything,
        Choosing choose,
        Func<Guid, Task<Jpegs>> picture,
        CancellationToken cancel
    )
    {
        try
        {
            await database.InOneAsync(
                seat,
                IsolationLevel.ReadCommitted,
                async one =>
                {
                    // Beside whoever changes something: what is taken back gets in nobody's way.
                    await one.RunAsync("select hold_workroom($1)", seat.Workroom);
                    await BringAsync(one, seat, everything, choose, picture);
                    await one.RunAsync("set constraints all immediate");
                    throw new TakenBackException();
                },
                cancel
            );
        }
        catch (TakenBackException)
        {
            // Nothing of it is left.
        }
    }

    /// <summary>
    /// Brings records in, in one transaction and one step, while nobody else changes anything. When anything of it cannot be
    /// kept, nothing is.
    /// </summary>
    /// <param name="says">The step in a few words.</param>
    /// <param name="choose">
    /// Given how each record stands to what is there: the lists that are brought in, and for each photograph in them the id
    /// under which its picture is had.
    /// </param>
    /// <param name="picture">The picture of a photograph, by the id it is had under.</param>
    /// <returns>How many records were brought in.</returns>
    public Task<int> BringInAsync(
        Seat seat,
        string says,
        JsonObject everything,
        Choosing choose,
        Func<Guid, Task<Jpegs>> picture,
        CancellationToken cancel
    )
    {
        database.EnsureRoom();
        return database.InOneAsync(
            seat,
            IsolationLevel.ReadCommitted,
            async one =>
            {
                await one.RunAsync(
                    "select set_config('zr.says', $1, true), pg_advisory_xact_lock(hashtextextended($2::text, 10))",
                    says,
                    seat.Workroom
                );
                return await BringAsync(one, seat, everything, choose, picture);
            },
            cancel
        );
    }

    private static async Task<int> BringAsync(
        Transaction one,
        Seat seat,
        JsonObject everything,
        Choosing choose,
        Func<Guid, Task<Jpegs>> picture
    )
    {
        await one.RunAsync(Patiently);
        var (lists, pictures) = choose(await LookAsync(one, seat, everything));
        await one.RunAsync("set constraints all deferred");
        foreach (var (photograph, from) in pictures)
        {
            var jpegs = await picture(from);
            var kept = await one.ReadAsync(
                "select keep_picture($1, $2, $3, $4)",
                r => r.GetBoolean(0),
                photograph,
                seat.Workroom,
                jpegs.Large,
                jpegs.Small
            );
            if (!kept[0])
            {
                throw new FormatException(InUse);
            }
        }
        var count = 0;
        foreach (var name in Lists)
        {
            if (lists[name] is not JsonArray { Count: > 0 } rows)
            {
                continue;
            }
            var brought = await one.ReadAsync(
                "select bring_in($1, $2, $3, $4)",
                r => r.GetInt32(0),
                name,
                seat.Workroom,
                seat.By,
                Database.Json(rows)
            );
            if (brought[0] != rows.Count)
            {
                throw new FormatException(InUse);
            }
            count += rows.Count;
        }
        if (lists["settings"] is JsonObject settings)
        {
            count += await SetAsync(one, seat, settings);
        }
        return count;
    }

    private static async Task<Dictionary<Guid, Standing>> LookAsync(
        Transaction one,
        Seat seat,
        JsonObject everything
    )
    {
        await one.RunAsync("set local timezone = 'UTC'");
        Dictionary<Guid, Standing> standings = [];
        foreach (var name in Lists)
        {
            var rows = await one.ReadAsync(
                $"""
                select (n ->> 'id')::uuid, t.id is not null, coalesce({Bare} = n, false)
                from jsonb_array_elements($2) n
                left join {name} t on t.id = (n ->> 'id')::uuid and t.workroom_id = $1
                """,
                r => (Id: r.GetGuid(0), IsThere: r.GetBoolean(1), IsSame: r.GetBoolean(2)),
                seat.Workroom,
                Database.Json(everything[name]!)
            );
            foreach (var row in rows)
            {
                if (
                    !standings.TryAdd(
                        row.Id,
                        !row.IsThere ? Standing.New
                            : row.IsSame ? Standing.Same
                            : Standing.Differs
                    )
                )
                {
                    throw new FormatException($"The id {row.Id} stands in the file twice.");
                }
            }
        }
        if (everything["settings"] is { } settings)
        {
            var same = await one.ReadAsync(
                $"select {BareSettings} = $2 from workrooms t where id = $1",
                r => r.GetBoolean(0),
                seat.Workroom,
                Database.Json(settings)
            );
            standings[Guid.Empty] = same[0] ? Standing.Same : Standing.Differs;
        }
        return standings;
    }

    private static async Task<int> SetAsync(Transaction one, Seat seat, JsonObject settings)
    {
        var columns = string.Join(", ", settings.Select(s => s.Key));
        await one.RunAsync(
            $"""
            update workrooms set ({columns}, version, updated_by, updated_at) = (
                select {columns}, workrooms.version + 1, $3, now() from jsonb_to_record($2) as s(
                    name text, units text, metric_cutting_mm double precision, metric_marking_mm double precision,
                    imperial_cutting_in double precision, imperial_marking_in double precision,
                    normal_tension double precision, longest_stitch_mm double precision))
            where id = $1
            """,
            seat.Workroom,
            Database.Json(settings),
            seat.By
        );
        return 1;
    }

    /// <summary>Ends a rehearsal.</summary>
    private sealed class TakenBackException : Exception;
}
