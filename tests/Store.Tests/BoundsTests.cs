using System.Text.Json.Nodes;
using CsCheck;
using Npgsql;
using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>What is large goes as it came, what is practised pushes nothing out, and stitches keep their machine.</summary>
public class BoundsTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task A_step_of_thousands_of_rows_goes_back_and_forth_as_one()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        await RunAsync(
            seat,
            """
            insert into workings (id, workroom_id, project_id, technique, schema_version, name, ask, cloth, position)
            select gen_random_uuid(), workroom_id, project_id, technique, 1, 'tier ' || n, ask, cloth, n
            from workings, generate_series(1, 4000) n where workroom_id = $1
            """
        );
        var before = await store.ContentsAsync(seat);
        await store.Projects.RemoveAsync(seat, working.ProjectId, null, "project deleted", Cancel);
        var after = await store.ContentsAsync(seat);

        // The shortest that a row by row turn of half as many took was over six seconds.
        await TurnAsync(seat, true);
        (await store.ContentsAsync(seat)).ShouldBe(before);
        await TurnAsync(seat, false);
        (await store.ContentsAsync(seat)).ShouldBe(after);
        await TurnAsync(seat, true);
        (await store.ContentsAsync(seat)).ShouldBe(before);
    }

    [Fact]
    public async Task Whatever_is_brought_in_is_undone_and_done_again_without_a_difference()
    {
        var archives = new ArchiveStore(new Database(store.Source));
        await Gen.Select(Gen.Int[0, 4], Gen.Int[0, 6], Gen.Int[0, 3], Gen.Bool)
            .SampleAsync(
                async (projects, workings, tries, again) =>
                {
                    var seat = await store.SeatAsync();
                    await store.WorkingAsync(seat);
                    var lists = Lists(projects, workings, tries);
                    var before = await store.ContentsAsync(seat);
                    var count = await BringAsync(seat, lists);
                    if (count > 0 && again)
                    {
                        // What is there already becomes what is brought: some of a step's rows change, and are not added.
                        lists["projects"]!
                            .AsArray()
                            .ToList()
                            .ForEach(p => p!["notes"] = "brought in again");
                        before = await store.ContentsAsync(seat);
                        count = await BringAsync(seat, lists);
                    }
                    var after = await store.ContentsAsync(seat);
                    if (count == 0)
                    {
                        return;
                    }
                    var track =
                        lists.Count(l => l.Value is JsonArray { Count: > 0 }) == 1 && tries > 0
                            ? "practice"
                            : "";
                    foreach (var back in new[] { true, false, true })
                    {
                        await TurnAsync(seat, back, track);
                        (await store.ContentsAsync(seat)).ShouldBe(back ? before : after);
                    }
                },
                iter: 20,
                threads: 1
            );

        Task<int> BringAsync(Seat seat, JsonObject lists) =>
            archives.BringInAsync(
                seat,
                "an archive brought in",
                lists,
                _ => (lists, new Dictionary<Guid, Guid>()),
                _ => throw new InvalidOperationException("There is no picture."),
                Cancel
            );
    }

    /// <summary>So many projects, in each so many workings, and so many tries.</summary>
    private static JsonObject Lists(int projects, int workings, int tries)
    {
        const string At = "2026-11-01T10:00:00Z";
        JsonObject lists = new(
            ArchiveStore.Lists.Select(l => KeyValuePair.Create(l, (JsonNode?)new JsonArray()))
        );
        for (var p = 0; p < projects; p++)
        {
            var project = Guid.CreateVersion7();
            lists["projects"]!
                .AsArray()
                .Add(
                    JsonNode.Parse(
                        $$"""{"id":"{{project}}","name":"p","wanted_by":null,"notes":"","created_at":"{{At}}"}"""
                    )
                );
            for (var w = 0; w < workings; w++)
            {
                lists["workings"]!
                    .AsArray()
                    .Add(
                        JsonNode.Parse(
                            $$"""
                            {"id":"{{Guid.CreateVersion7()}}","project_id":"{{project}}","technique":"pulled-gathers","schema_version":1,"name":"w",
                            "ask":{},"cloth":{},"progress":{},"stage":"plan","position":{{w}},"uses":{},"links":{},"way_of":null,"aside":false,"created_at":"{{At}}"}
                            """
                        )
                    );
            }
        }
        for (var t = 0; t < tries; t++)
        {
            lists["practices"]!
                .AsArray()
                .Add(
                    JsonNode.Parse(
                        $$"""{"id":"{{Guid.CreateVersion7()}}","exercise":"even","figures":{},"created_at":"{{At}}"}"""
                    )
                );
        }
        return lists;
    }

    [Fact]
    public async Task Tries_push_out_nobodys_steps_and_are_undone_by_themselves()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var last = (await store.History.LookAsync(seat, Cancel)).Undo!;
        var tries = Enumerable.Range(0, 520).Select(_ => Guid.CreateVersion7()).ToList();
        foreach (var id in tries)
        {
            await store.Practices.AddAsync(seat, id, "straight", Json("{}"), null, Cancel);
        }

        (await store.History.LookAsync(seat, Cancel)).Undo.ShouldBe(last);
        await TurnAsync(seat, true, "practice");
        (await store.Practices.FindAsync(seat, tries[^1], Cancel)).ShouldBeNull();
        (await store.Practices.FindAsync(seat, tries[^2], Cancel)).ShouldNotBeNull();
        await TurnAsync(seat, true);
        (await store.Workings.FindAsync(seat, working.Id, Cancel)).ShouldBeNull();
        await TurnAsync(seat, false, "practice");
        (await store.Practices.FindAsync(seat, tries[^1], Cancel)).ShouldNotBeNull();
    }

    [Fact]
    public async Task A_stitch_that_comes_while_its_machine_is_renamed_follows_or_is_refused()
    {
        var (followed, refused) = (0, 0);
        for (var round = 0; (followed == 0 || refused == 0) && round < 200; round++)
        {
            var seat = await store.SeatAsync();
            var machine = await AddAsync(seat, "machine", "window machine", "{}");
            var rename = store.Things.ChangeAsync(
                seat,
                machine,
                1,
                "name",
                new ThingChange("garden machine", null, null),
                Cancel
            );
            // Sometimes a little later: both orders have to be seen.
            await Task.Delay(round % 4, Cancel);
            var stitch = Guid.CreateVersion7();
            try
            {
                await store.Things.AddAsync(
                    seat,
                    stitch,
                    "machine-stitch",
                    "feather",
                    Json("""{"onMachine":"window machine"}"""),
                    null,
                    Cancel
                );
                await rename;
                (await store.Things.FindAsync(seat, stitch, Cancel))!
                    .Properties.GetProperty("onMachine")
                    .GetString()
                    .ShouldBe("garden machine");
                followed++;
            }
            catch (PostgresException no) when (no.SqlState == "ZR001")
            {
                await rename;
                refused++;
            }
        }
        followed.ShouldBeGreaterThan(0);
        refused.ShouldBeGreaterThan(0);
    }

    [Fact]
    public async Task No_machine_takes_the_name_of_another()
    {
        var seat = await store.SeatAsync();
        var alpha = await AddAsync(seat, "machine", "window machine", "{}");
        await AddAsync(seat, "machine", "garden machine", "{}");

        await Should.ThrowAsync<PostgresException>(() =>
            store.Things.ChangeAsync(
                seat,
                alpha,
                1,
                "name",
                new ThingChange("garden machine", null, null),
                Cancel
            )
        );
    }

    [Fact]
    public async Task Stitches_outlive_their_machine_and_are_its_again_when_it_comes_back()
    {
        var seat = await store.SeatAsync();
        var machine = await AddAsync(seat, "machine", "window machine", "{}");
        var stitch = await AddAsync(
            seat,
            "machine-stitch",
            "feather",
            """{"onMachine":"window machine","number":"3"}"""
        );
        async Task ShouldBeOnAsync(string name, Guid? id)
        {
            var row = (await store.Things.FindAsync(seat, stitch, Cancel))!;
            row.Properties.GetProperty("onMachine").GetString().ShouldBe(name);
            row.Properties.GetProperty("number").GetString().ShouldBe("3");
            (await KnownAsync(seat, stitch)).ShouldBe(id);
        }

        await ShouldBeOnAsync("window machine", machine);
        await store.Things.RemoveAsync(seat, machine, null, "taken out", Cancel);
        await ShouldBeOnAsync("window machine", null);
        await TurnAsync(seat, true);
        await ShouldBeOnAsync("window machine", machine);
        await TurnAsync(seat, false);
        await ShouldBeOnAsync("window machine", null);
        // What waits goes to the next of that name, and follows it.
        var next = await AddAsync(seat, "machine", "garden machine", "{}");
        await store.Things.ChangeAsync(
            seat,
            next,
            1,
            "name",
            new ThingChange("window machine", null, null),
            Cancel
        );
        await ShouldBeOnAsync("window machine", next);
    }

    /// <summary>What a connection holds prepared may be of a database that is another one by now.</summary>
    [Fact]
    public async Task After_an_answer_that_nobody_expects_connections_are_made_anew()
    {
        var builder = new NpgsqlConnectionStringBuilder(store.Connection) { MaxPoolSize = 1 };
        await using var source = Database.SourceOf(builder.ConnectionString);
        var database = new Database(source);
        async Task<int> BackendAsync(string also = "0") =>
            (
                await database.ReadAsync(
                    null,
                    $"select pg_backend_pid() + {also}",
                    r => r.GetInt32(0),
                    Cancel
                )
            )[0];
        var first = await BackendAsync();

        await Should.ThrowAsync<PostgresException>(() =>
            database.ReadAsync(
                null,
                "insert into things (id, workroom_id, kind, name, properties) values ($1, $1, 'foot', null, '{}') returning 1",
                r => r.GetInt32(0),
                Cancel,
                Guid.CreateVersion7()
            )
        );
        (await BackendAsync()).ShouldBe(first);
        await Should.ThrowAsync<PostgresException>(() => BackendAsync("1 / 0"));
        (await BackendAsync()).ShouldNotBe(first);
    }

    private async Task<Guid?> KnownAsync(Seat seat, Guid stitch) =>
        (
            await new Database(store.Source).ReadAsync(
                seat,
                "select machine_id from things where id = $1",
                r => r.IsDBNull(0) ? (Guid?)null : r.GetGuid(0),
                Cancel,
                stitch
            )
        )[0];

    private async Task<Guid> AddAsync(Seat seat, string kind, string name, string properties)
    {
        var id = Guid.CreateVersion7();
        await store.Things.AddAsync(seat, id, kind, name, Json(properties), null, Cancel);
        return id;
    }

    private async Task RunAsync(Seat seat, string sql)
    {
        await using var command = store.Source.CreateCommand(sql);
        command.Parameters.Add(new NpgsqlParameter { Value = seat.Workroom });
        await command.ExecuteNonQueryAsync(Cancel);
    }

    private async Task TurnAsync(Seat seat, bool back, string track = "")
    {
        var history = await store.History.LookAsync(seat, Cancel, track);
        var step = (back ? history.Undo : history.Redo).ShouldNotBeNull();
        (await store.History.TurnAsync(seat, step.Id, back, Cancel)).ShouldBeTrue();
    }
}
