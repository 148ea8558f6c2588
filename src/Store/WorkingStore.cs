using System.Data;
using System.Text.Json;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>What may be changed of a working; null leaves it as it is.</summary>
/// <param name="Ask">Fields to set; a field set to null is taken out.</param>
/// <param name="Cloth">The whole of the cloth's name and look.</param>
/// <param name="Progress">The whole of the progress.</param>
/// <param name="Uses">Things of the drawer to set, by kind; a kind set to null is taken out.</param>
/// <param name="Links">Edges to take from other pieces, by field; a field set to null is taken out.</param>
public sealed record WorkingChange(
    string? Name = null,
    JsonElement? Ask = null,
    JsonElement? Cloth = null,
    JsonElement? Progress = null,
    string? Stage = null,
    int? Position = null,
    JsonElement? Uses = null,
    JsonElement? Links = null
);

/// <summary>Keeps workings.</summary>
public sealed class WorkingStore(Database database)
    : RecordStore<WorkingRow>(database, "workings", Columns_, Row)
{
    private const string Columns_ =
        "id, project_id, technique, schema_version, name, ask::text, cloth::text, progress::text, stage, position, uses::text, "
        + "links::text, way_of, aside, "
        + Columns.Stamp;

    /// <summary>
    /// Looks at links and writes them while nobody else does, on whichever server: two at once could close a circle.
    /// </summary>
    /// <remarks>It holds a connection for that alone; so one at a time is let in on a server.</remarks>
    public Task<T> WhileLinkingAsync<T>(Seat seat, Func<Task<T>> work, CancellationToken cancel) =>
        Database.InOneAsync(
            seat,
            System.Data.IsolationLevel.ReadCommitted,
            async one =>
            {
                await one.RunAsync(
                    "select pg_advisory_xact_lock(hashtextextended($1::text, 11))",
                    seat.Workroom
                );
                return await work();
            },
            cancel
        );

    /// <summary>The workings of some projects, in their order.</summary>
    public Task<List<WorkingRow>> OfProjectsAsync(
        Seat seat,
        IEnumerable<Guid> projects,
        CancellationToken cancel
    ) =>
        WhereAsync(
            seat,
            "project_id = any ($2) order by position, id",
            cancel,
            seat.Workroom,
            projects.ToArray()
        );

    /// <summary>The workings of every project in which a thing of the drawer was chosen, in their order.</summary>
    public Task<List<WorkingRow>> WhereThingsAreUsedAsync(Seat seat, CancellationToken cancel) =>
        WhereAsync(
            seat,
            "project_id in (select project_id from workings where workroom_id = $1 and uses <> '{}') order by project_id desc, position, id",
            cancel,
            seat.Workroom
        );

    /// <summary>Those in which something went wrong and was cured.</summary>
    public Task<List<WorkingRow>> CuredAsync(Seat seat, CancellationToken cancel) =>
        WhereAsync(
            seat,
            "jsonb_exists(progress, 'cured') order by updated_at desc limit 500",
            cancel,
            seat.Workroom
        );

    /// <summary>Adds a working at the end of its project; null when there is no such project.</summary>
    /// <param name="usual">Kinds of things of which it begins with the usual one.</param>
    public Task<WorkingRow?> AddAsync(
        Seat seat,
        Guid id,
        Guid project,
        string technique,
        int schemaVersion,
        string name,
        JsonElement ask,
        JsonElement cloth,
        Guid? wayOf,
        IReadOnlyList<string> usual,
        CancellationToken cancel
    ) =>
        AddAsync(
            seat,
            id,
            $"part “{name}” begun",
            """
            insert into workings
                (id, workroom_id, project_id, technique, schema_version, name, ask, cloth, position, updated_by, way_of, uses)
            select $1, $2, p.id, $4, $5, $6, $7, $8,
                coalesce((select max(position) + 1 from workings where project_id = p.id and workroom_id = $2), 0), $9, $10,
                coalesce((select jsonb_object_agg(kind, id) from (
                    select distinct on (kind) kind, id from things where workroom_id = $2 and kind = any ($11)
                        and properties -> 'usual' = 'true' order by kind, updated_at desc) usual), '{}')
            from projects p where p.id = $3 and p.workroom_id = $2
            """,
            cancel,
            id,
            seat.Workroom,
            project,
            technique,
            schemaVersion,
            name,
            Database.Json(ask),
            Database.Json(cloth),
            seat.By,
            wayOf,
            usual.ToArray()
        );

    /// <summary>Changes a working if it still has the version that the editor holds.</summary>
    /// <param name="says">The step in a few words; null when the change is no step of work.</param>
    public Task<Changed<WorkingRow>> ChangeAsync(
        Seat seat,
        Guid id,
        int version,
        string? says,
        WorkingChange change,
        CancellationToken cancel
    ) =>
        ChangeAsync(
            seat,
            id,
            version,
            says,
            """
            name = coalesce($5, name), ask = jsonb_strip_nulls(ask || coalesce($6, '{}')), cloth = coalesce($7, cloth),
            progress = coalesce($8, progress), stage = coalesce($9, stage), position = coalesce($10, position),
            uses = jsonb_strip_nulls(uses || coalesce($11, '{}')), links = jsonb_strip_nulls(links || coalesce($12, '{}'))
            """,
            cancel,
            Database.Text(change.Name),
            Database.Json(change.Ask),
            Database.Json(change.Cloth),
            Database.Json(change.Progress),
            Database.Text(change.Stage),
            Database.Whole(change.Position),
            Database.Json(change.Uses),
            Database.Json(change.Links)
        );

    /// <summary>
    /// Chooses one of the ways of doing a piece: the others are laid aside, in one step. With none to lay aside nothing
    /// changes.
    /// </summary>
    /// <returns>All ways as they now are; none when there is no such working.</returns>
    public async Task<List<WorkingRow>> ChooseAsync(Seat seat, Guid id, CancellationToken cancel)
    {
        if (await FindAsync(seat, id, cancel) is not { } chosen)
        {
            return [];
        }
        await Database.ChangeAsync(
            seat,
            $"“{chosen.Name}” chosen",
            $"""
            -- All of them are written, also those that stand right: so that of two who choose at once the later waits for the
            -- earlier, and one stands.
            update workings set aside = id <> $2, version = version + 1, updated_by = $3, updated_at = now()
            where workroom_id = $1 and coalesce(way_of, id) = $4 and project_id = $5 and exists (
                select 1 from workings w where w.workroom_id = $1 and coalesce(w.way_of, w.id) = $4
                    and w.project_id = $5 and w.aside <> (w.id <> $2))
            returning {Columns_}
            """,
            Row,
            cancel,
            seat.Workroom,
            id,
            seat.By,
            chosen.Piece,
            chosen.ProjectId
        );
        return await WaysAsync(seat, chosen, cancel);
    }

    /// <summary>The ways of doing the same piece, itself among them, in their order.</summary>
    public Task<List<WorkingRow>> WaysAsync(
        Seat seat,
        WorkingRow working,
        CancellationToken cancel
    ) =>
        WhereAsync(
            seat,
            "coalesce(way_of, id) = $2 and project_id = $3 order by position, id",
            cancel,
            seat.Workroom,
            working.Piece,
            working.ProjectId
        );

    private static WorkingRow Row(NpgsqlDataReader row) =>
        new(
            row.GetGuid("id"),
            row.GetGuid("project_id"),
            row.GetString("technique"),
            row.GetInt32("schema_version"),
            row.GetString("name"),
            row.JsonOf("ask"),
            row.JsonOf("cloth"),
            row.JsonOf("progress"),
            row.GetString("stage"),
            row.GetInt32("position"),
            row.JsonOf("uses"),
            row.JsonOf("links"),
            row.IsDBNull("way_of") ? null : row.GetGuid("way_of"),
            row.GetBoolean("aside"),
            row.StampOf()
        );
}
