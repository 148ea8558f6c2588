using System.Data;
using System.Text.Json;
using Npgsql;

namespace ZephyrReach.Store;

/// <summary>Keeps what was practised. A try can be added and taken away, not changed.</summary>
public sealed class PracticeStore(Database database)
    : RecordStore<PracticeRow>(database, "practices", Columns_, Row)
{
    private const string Columns_ = $"id, exercise, figures::text, {Columns.Stamp}";

    /// <summary>More tries than this are not looked back on.</summary>
    private const int Most = 500;

    /// <summary>The tries of the workroom, the newest first.</summary>
    public Task<List<PracticeRow>> NewestAsync(Seat seat, CancellationToken cancel) =>
        WhereAsync(
            seat,
            $"true order by created_at desc, id desc limit {Most}",
            cancel,
            seat.Workroom
        );

    /// <summary>Keeps a try.</summary>
    /// <param name="on">When it was; null for now.</param>
    public Task<PracticeRow?> AddAsync(
        Seat seat,
        Guid id,
        string exercise,
        JsonElement figures,
        DateTimeOffset? on,
        CancellationToken cancel
    ) =>
        AddAsync(
            seat,
            id,
            "a try kept",
            """
            insert into practices (id, workroom_id, exercise, figures, updated_by, created_at)
            values ($1, $2, $3, $4, $5, coalesce($6, now()))
            """,
            cancel,
            [
                id,
                seat.Workroom,
                exercise,
                Database.Json(figures),
                seat.By,
                new NpgsqlParameter
                {
                    Value = on?.ToUniversalTime() ?? (object)DBNull.Value,
                    NpgsqlDbType = NpgsqlTypes.NpgsqlDbType.TimestampTz,
                },
            ]
        );

    private static PracticeRow Row(NpgsqlDataReader row) =>
        new(row.GetGuid("id"), row.GetString("exercise"), row.JsonOf("figures"), row.StampOf());
}
