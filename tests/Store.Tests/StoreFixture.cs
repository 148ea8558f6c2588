using System.Text.Json;
using Npgsql;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Store.Tests;

/// <summary>The stores on a database of their own.</summary>
public sealed class StoreFixture : IAsyncLifetime
{
    private TestDatabase? database;
    private NpgsqlDataSource? source;

    public string Connection => database!.Connection;

    public NpgsqlDataSource Source => source!;

    public WorkroomStore Workrooms => new(new Database(Source));

    public ProjectStore Projects => new(new Database(Source));

    public WorkingStore Workings => new(new Database(Source));

    public SwatchStore Swatches => new(new Database(Source));

    public PhotographStore Photographs => new(new Database(Source));

    public SwatchBookStore Book => new(new Database(Source));

    public FindStore Finds => new(new Database(Source));

    public LoadStore Loads => new(new Database(Source));

    public CutListStore CutLists => new(new Database(Source));

    public ThingStore Things => new(new Database(Source));

    public TriedStore Tried => new(new Database(Source));

    public PracticeStore Practices => new(new Database(Source));

    public KeepStore Keeps => new(new Database(Source));

    public HistoryStore History => new(new Database(Source));

    public static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public static JsonElement Json(string json) => JsonDocument.Parse(json).RootElement;

    public static Length Mm(double mm) => Length.FromMillimetres(mm);

    /// <summary>Readings of a swatch by their names.</summary>
    public static Dictionary<string, IReadOnlyList<double>> Read(
        params (string Name, double[] Readings)[] all
    ) => all.ToDictionary(r => r.Name, r => (IReadOnlyList<double>)r.Readings);

    public async ValueTask InitializeAsync()
    {
        database = await TestDatabase.CreateAsync();
        source = Database.SourceOf(Connection);
        await Migrations.RunAsync(Source, () => Task.CompletedTask, CancellationToken.None);
    }

    /// <summary>A fresh workroom, so that tests do not see each other's steps.</summary>
    public async Task<Seat> SeatAsync(string by = "computer")
    {
        var id = Guid.CreateVersion7();
        await using var command = Source.CreateCommand(
            "insert into workrooms (id, name) values ($1, 'test')"
        );
        command.Parameters.Add(new NpgsqlParameter { Value = id });
        await command.ExecuteNonQueryAsync(Cancel);
        return new Seat(id, by);
    }

    /// <summary>A project with one working.</summary>
    public async Task<WorkingRow> WorkingAsync(Seat seat)
    {
        var project = Guid.CreateVersion7();
        await Projects.AddAsync(seat, project, "Allotment open day", null, "", Cancel);
        return (
            await Workings.AddAsync(
                seat,
                Guid.CreateVersion7(),
                project,
                "pulled-gathers",
                1,
                "Valance over the seedling stall",
                Json("""{"finishedEdge":"2.6 m","fullness":2.2}"""),
                Json("{}"),
                null,
                [],
                Cancel
            )
        )!;
    }

    /// <summary>Everything in a workroom that undo has to bring back, as one text.</summary>
    public async Task<string> ContentsAsync(Seat seat)
    {
        string[] tables =
        [
            "workrooms",
            "projects",
            "workings",
            "swatches",
            "cut_lists",
            "keeps",
            "practices",
            "photographs",
            "things",
            "tried_notes",
        ];
        var all = string.Join(
            " union all ",
            tables.Select(t =>
                $"select '{t}' || (to_jsonb(x) - 'version' - 'updated_at' - 'updated_by')::text as line from {t} x where workroom_id = $1"
            )
        );
        await using var command = Source.CreateCommand(
            $"select coalesce(string_agg(line, E'\\n' order by line), '') from ({all}) a"
        );
        command.Parameters.Add(new NpgsqlParameter { Value = seat.Workroom });
        return (string)(await command.ExecuteScalarAsync(Cancel))!;
    }

    public async ValueTask DisposeAsync()
    {
        await Source.DisposeAsync();
        await database!.DisposeAsync();
    }
}
