using System.Data;

namespace ZephyrReach.Store;

/// <summary>What is there still of the bundles that were read in.</summary>
/// <param name="Projects">Which projects.</param>
/// <param name="Things">How many things that are owned.</param>
public sealed record ExampleRow(IReadOnlyList<Guid> Projects, int Things);

/// <summary>Remembers which bundles were read in, and what they brought: the example.</summary>
public sealed class LoadStore(Database database)
{
    private const string Brought = "(select unnest(ids) from loads where workroom_id = $1)";

    /// <summary>What goes with an example, in their order: what hangs on projects goes with them.</summary>
    private static readonly string[] Goes =
    [
        "projects t where true",
        "practices t where true",
        """
            things t where not exists (select 1 from workings w where w.workroom_id = $1 and w.uses::text like '%' || t.id || '%')
                and not exists (select 1 from swatches s where s.workroom_id = $1 and s.uses::text like '%' || t.id || '%')
            """,
    ];

    /// <summary>Whether a bundle was read in to its end, and it is known what it brought.</summary>
    public async Task<(bool IsDone, bool IsKnown)> StateAsync(
        Seat seat,
        string name,
        CancellationToken cancel
    ) =>
        (
            await database.ReadAsync(
                seat,
                "select ids <> '{}' from loads where workroom_id = $1 and name = $2",
                r => (true, r.GetBoolean(0)),
                cancel,
                seat.Workroom,
                name
            )
        ).FirstOrDefault();

    /// <summary>Writes down that a bundle was read in, and forgets the steps it took: they are nobody's to undo.</summary>
    /// <param name="ids">What it brought.</param>
    public Task FinishAsync(
        Seat seat,
        string name,
        IEnumerable<Guid> ids,
        CancellationToken cancel
    ) =>
        database.ReadAsync(
            seat,
            """
            with gone as (delete from changes where workroom_id = $1)
            insert into loads (workroom_id, name, ids) values ($1, $2, $3) on conflict do nothing returning 1
            """,
            r => r.GetInt32(0),
            cancel,
            seat.Workroom,
            name,
            ids.ToArray()
        );

    /// <summary>Writes down what a bundle brought that was read in before that was written down.</summary>
    public Task RememberAsync(
        Seat seat,
        string name,
        IEnumerable<Guid> ids,
        CancellationToken cancel
    ) =>
        database.ReadAsync(
            seat,
            "update loads set ids = $3 where workroom_id = $1 and name = $2 returning 1",
            r => r.GetInt32(0),
            cancel,
            seat.Workroom,
            name,
            ids.ToArray()
        );

    /// <summary>What is there still of what bundles brought.</summary>
    public async Task<ExampleRow> ExampleAsync(Seat seat, CancellationToken cancel) =>
        (
            await database.ReadAsync(
                seat,
                $"""
                select coalesce((select array_agg(id order by id desc) from projects where workroom_id = $1 and id in {Brought}), array[]::uuid[]),
                    (select count(*)::integer from things where workroom_id = $1 and id in {Brought})
                """,
                r => new ExampleRow(r.GetFieldValue<Guid[]>(0), r.GetInt32(1)),
                cancel,
                seat.Workroom
            )
        )[0];

    /// <summary>
    /// Takes away all that bundles brought, in one step: projects with all that is in them, tries, and things, but for those that
    /// something else uses by now.
    /// </summary>
    public Task RemoveExampleAsync(Seat seat, CancellationToken cancel)
    {
        database.EnsureRoom();
        return database.InOneAsync(
            seat,
            IsolationLevel.ReadCommitted,
            async one =>
            {
                await one.RunAsync(
                    "select set_config('zr.says', 'example removed', true), hold_workroom($1)",
                    seat.Workroom
                );
                foreach (var rows in Goes)
                {
                    await one.RunAsync(
                        $"delete from {rows} and t.workroom_id = $1 and t.id in {Brought}",
                        seat.Workroom
                    );
                }
            },
            cancel
        );
    }
}
