namespace ZephyrReach.Store;

/// <summary>Remembers which bundles were read in.</summary>
public sealed class LoadStore(Database database)
{
    /// <summary>Whether a bundle was read in to its end.</summary>
    public async Task<bool> IsDoneAsync(Seat seat, string name, CancellationToken cancel) =>
        (
            await database.ReadAsync(
                seat,
                "select 1 from loads where workroom_id = $1 and name = $2",
                r => r.GetInt32(0),
                cancel,
                seat.Workroom,
                name
            )
        ).Count > 0;

    /// <summary>Writes down that a bundle was read in, and forgets the steps it took: they are nobody's to undo.</summary>
    public Task FinishAsync(Seat seat, string name, CancellationToken cancel) =>
        database.ReadAsync(
            seat,
            """
            with gone as (delete from changes where workroom_id = $1)
            insert into loads (workroom_id, name) values ($1, $2) on conflict do nothing returning 1
            """,
            r => r.GetInt32(0),
            cancel,
            seat.Workroom,
            name
        );
}
