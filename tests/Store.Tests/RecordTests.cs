using System.Text.Json;
using Npgsql;
using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

public class RecordTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task The_same_id_again_is_the_same_record()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var id = Guid.CreateVersion7();

        var first = await store.Swatches.AddAsync(
            seat,
            id,
            working.Id,
            new SwatchParts(Readings: Read(("flat", [300]))),
            Cancel
        );
        var again = await store.Swatches.AddAsync(
            seat,
            id,
            working.Id,
            new SwatchParts(Readings: Read(("flat", [999]))),
            Cancel
        );

        again!.Readings["flat"].ShouldBe(first!.Readings["flat"]);
        (await store.Swatches.OfWorkingsAsync(seat, [working.Id], Cancel)).ShouldHaveSingleItem();
    }

    [Fact]
    public async Task Of_two_editors_with_one_version_one_is_told_who_was_first()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);

        var both = await Task.WhenAll(
            store.Workings.ChangeAsync(
                seat with
                {
                    By = "telephone",
                },
                working.Id,
                1,
                "x",
                new WorkingChange("Frill"),
                Cancel
            ),
            store.Workings.ChangeAsync(
                seat with
                {
                    By = "tablet",
                },
                working.Id,
                1,
                "x",
                new WorkingChange("Ruffle"),
                Cancel
            )
        );

        var first = both.Single(c => c.Matched);
        var second = both.Single(c => !c.Matched);
        second.Row!.Name.ShouldBe(first.Row!.Name);
        second.Row.Stamp.UpdatedBy.ShouldBe(first.Row.Stamp.UpdatedBy);
    }

    [Fact]
    public async Task A_field_of_the_ask_is_changed_without_touching_the_others()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);

        var changed = await store.Workings.ChangeAsync(
            seat,
            working.Id,
            1,
            "x",
            new WorkingChange(Ask: Json("""{"fullness":null,"tail":"10 cm"}""")),
            Cancel
        );

        changed
            .Row!.Ask.EnumerateObject()
            .Select(p => p.Name)
            .ShouldBe(["tail", "finishedEdge"], ignoreOrder: true);
    }

    [Fact]
    public async Task One_workroom_neither_sees_nor_changes_nor_deletes_what_is_anothers()
    {
        var (ours, theirs) = (await store.SeatAsync(), await store.SeatAsync());
        var working = await store.WorkingAsync(theirs);

        (await store.Workings.FindAsync(ours, working.Id, Cancel)).ShouldBeNull();
        (
            await store.Workings.ChangeAsync(
                ours,
                working.Id,
                1,
                "x",
                new WorkingChange("Mine"),
                Cancel
            )
        ).Row.ShouldBeNull();
        (await store.Workings.RemoveAsync(ours, working.Id, null, "x", Cancel)).Row.ShouldBeNull();
        (
            await store.Swatches.AddAsync(
                ours,
                Guid.CreateVersion7(),
                working.Id,
                new SwatchParts(),
                Cancel
            )
        ).ShouldBeNull();
        (await store.Projects.PageAsync(ours, null, 10, Cancel)).ShouldBeEmpty();
        (await store.Workings.FindAsync(theirs, working.Id, Cancel))!.Name.ShouldBe(working.Name);
    }

    [Fact]
    public async Task Projects_come_by_pages_without_a_gap()
    {
        var seat = await store.SeatAsync();
        var now = DateTimeOffset.UtcNow;
        for (var i = 0; i < 7; i++)
        {
            await store.Projects.AddAsync(
                seat,
                Guid.CreateVersion7(now.AddMilliseconds(i)),
                $"Project {i}",
                null,
                "",
                Cancel
            );
        }

        List<string> names = [];
        Guid? cursor = null;
        do
        {
            var page = await store.Projects.PageAsync(seat, cursor, 3, Cancel);
            names.AddRange(page.Select(p => p.Name));
            cursor = page.Count == 3 ? page[^1].Id : null;
        } while (cursor is not null);

        names.ShouldBe(Enumerable.Range(0, 7).Reverse().Select(i => $"Project {i}"));
    }

    [Fact]
    public async Task A_reading_of_nothing_is_refused_by_the_database_itself()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);

        var refused = await Should.ThrowAsync<PostgresException>(() =>
            store.Swatches.AddAsync(
                seat,
                Guid.CreateVersion7(),
                working.Id,
                new SwatchParts(Readings: Read(("flat", [0]))),
                Cancel
            )
        );

        refused.SqlState.ShouldBe(PostgresErrorCodes.CheckViolation);
    }

    [Fact]
    public async Task What_is_refused_spoils_no_answer_to_those_who_come_after()
    {
        var seat = await store.SeatAsync();
        await using var source = Database.SourceOf($"{store.Connection};Maximum Pool Size=1");
        var projects = new ProjectStore(new Database(source));

        // A connection comes to know a statement at the second time, so that this is the one to refuse.
        foreach (var notes in (string[])["a", "no text: \0", "b", "c"])
        {
            var id = Guid.CreateVersion7();
            var adding = projects.AddAsync(seat, id, "Open day", null, notes, Cancel);
            if (notes.Contains('\0', StringComparison.Ordinal))
            {
                await Should.ThrowAsync<PostgresException>(adding);
                continue;
            }
            (await adding).ShouldNotBeNull().Notes.ShouldBe(notes);
        }
    }

    [Fact]
    public async Task Words_are_found_as_they_are_with_their_percent_signs()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var find = store.Finds;
        await store.Swatches.AddAsync(
            seat,
            Guid.CreateVersion7(),
            working.Id,
            new SwatchParts(Note: "100% linen_blend"),
            Cancel
        );

        (await find.FindAsync(seat, "VALANCE", Cancel))
            .ShouldHaveSingleItem()
            .Kind.ShouldBe("working");
        (await find.FindAsync(seat, "0% LINEN_", Cancel))
            .ShouldHaveSingleItem()
            .Working.ShouldBe(working.Id);
        (await find.FindAsync(seat, "1%linen", Cancel)).ShouldBeEmpty();
    }
}

/// <summary>A workroom that was filled and half undone by version 7 of the schema.</summary>
public class MigrationTests
{
    private static readonly string Kept = Path.Combine(AppContext.BaseDirectory, "Kept");

    [Fact]
    public async Task Four_copies_that_start_at_once_migrate_once_and_take_turns()
    {
        await using var database = await ZephyrReach.Tests.TestDatabase.CreateAsync();
        await using var source = NpgsqlDataSource.Create(database.Connection);
        var (inside, most, turns) = (0, 0, 0);

        await Task.WhenAll(
            Enumerable
                .Range(0, 4)
                .Select(_ =>
                    Migrations.RunAsync(
                        source,
                        async () =>
                        {
                            most = Math.Max(most, Interlocked.Increment(ref inside));
                            await new WorkroomStore(new Database(source)).EnsureAsync(
                                Guid.CreateVersion7(),
                                "Ours",
                                Cancel
                            );
                            Interlocked.Increment(ref turns);
                            Interlocked.Decrement(ref inside);
                        },
                        Cancel
                    )
                )
        );

        (most, turns).ShouldBe((1, 4));
        await using var count = source.CreateCommand("select count(*) from workrooms");
        (await count.ExecuteScalarAsync(Cancel)).ShouldBe(1L);
    }

    [Fact]
    public async Task What_was_kept_before_opens_with_every_figure_and_is_undone_and_done_again_through_the_change()
    {
        await using var database = await ZephyrReach.Tests.TestDatabase.CreateAsync();
        await FillAsync(database.Connection);
        await using var source = Database.SourceOf(database.Connection);
        await Migrations.RunAsync(source, () => Task.CompletedTask, Cancel);
        var workroom = await new WorkroomStore(new Database(source)).FirstAsync(Cancel);
        var seat = new Seat(workroom!.Id, "");
        var was = Json(await File.ReadAllTextAsync(Path.Combine(Kept, "version-7.json"), Cancel));

        (await StateAsync(source, seat)).ShouldBe(Expected(was.GetProperty("now")));

        var redone = await TurnAllAsync(source, seat, back: false);
        redone.ShouldBe(was.GetProperty("undone").GetInt32());
        (await StateAsync(source, seat)).ShouldBe(Expected(was.GetProperty("full")));

        var undone = await TurnAllAsync(source, seat, back: true);
        undone.ShouldBe(was.GetProperty("steps").GetInt32());
        (await StateAsync(source, seat)).ShouldBe(Expected(was.GetProperty("start")));

        await TurnAllAsync(source, seat, back: false);
        (await StateAsync(source, seat)).ShouldBe(Expected(was.GetProperty("full")));
    }

    private static async Task FillAsync(string connection)
    {
        await using var file = File.OpenRead(Path.Combine(Kept, "version-7.sql.gz"));
        using var sql = new StreamReader(
            new System.IO.Compression.GZipStream(
                file,
                System.IO.Compression.CompressionMode.Decompress
            )
        );
        await using var source = NpgsqlDataSource.Create(connection);
        await using var fill = source.CreateCommand(await sql.ReadToEndAsync(Cancel));
        await fill.ExecuteNonQueryAsync(Cancel);
        // The dump leaves its session without a search path.
        NpgsqlConnection.ClearAllPools();
    }

    private static async Task<int> TurnAllAsync(NpgsqlDataSource source, Seat seat, bool back)
    {
        var history = new HistoryStore(new Database(source));
        var turned = 0;
        while (true)
        {
            var next = await history.LookAsync(seat, Cancel);
            if ((back ? next.Undo : next.Redo) is not { } step)
            {
                return turned;
            }
            (await history.TurnAsync(seat, step.Id, back, Cancel)).ShouldBeTrue();
            turned++;
        }
    }

    /// <summary>All that can be seen of the workroom, a line each.</summary>
    private static async Task<string> StateAsync(NpgsqlDataSource source, Seat seat)
    {
        List<string> lines = [];
        foreach (
            var sql in (string[])
                [
                    """
                        select 'swatch ' || id, jsonb_build_object('readings', readings, 'looks', to_jsonb(looks), 'verdict', verdict,
                            'note', note, 'features', features, 'technique', technique, 'counts', counts)::text
                        from swatches where workroom_id = $1
                        """,
                    """
                        select 'photographs ' || swatch_id, jsonb_agg(id order by id)::text
                        from photographs where workroom_id = $1 group by swatch_id
                        """,
                    """
                        select 'cut ' || working_id, jsonb_agg(jsonb_build_object('id', id, 'ask', ask, 'swatches',
                            jsonb_array_length(swatches)) order by created_at desc, id desc)::text
                        from cut_lists where workroom_id = $1 group by working_id
                        """,
                    """
                        select 'keep ' || working_id, jsonb_build_object('cameOut', came_out, 'verdict', verdict, 'note', note)::text
                        from keeps where workroom_id = $1
                        """,
                    """
                        select 'thing ' || id, jsonb_build_object('name', name, 'left', left_mm)::text
                        from things where workroom_id = $1
                        """,
                    """
                        select 'working ' || id, jsonb_build_object('name', name, 'stage', stage, 'ask', ask, 'uses', uses)::text
                        from workings where workroom_id = $1
                        """,
                ]
        )
        {
            await using var command = source.CreateCommand(sql);
            command.Parameters.Add(new NpgsqlParameter { Value = seat.Workroom });
            await using var reader = await command.ExecuteReaderAsync(Cancel);
            while (await reader.ReadAsync(Cancel))
            {
                lines.Add($"{reader.GetString(0)} {Canonical(Json(reader.GetString(1)))}");
            }
        }
        return string.Join('\n', lines.Order(StringComparer.Ordinal));
    }

    /// <summary>The same lines, of what version 7 told before the change.</summary>
    private static string Expected(JsonElement state)
    {
        var swatches = All("swatches")
            .Select(s =>
            {
                var now = System.Text.Json.Nodes.JsonObject.Create(s.Value)!;
                var readings = new System.Text.Json.Nodes.JsonObject();
                foreach (var kind in (string[])["flat", "gathered", "steamed", "stretched"])
                {
                    if (now[kind]!.AsArray().Count > 0)
                    {
                        readings[kind] = now[kind]!.DeepClone();
                    }
                    now.Remove(kind);
                }
                now["readings"] = readings;
                return $"swatch {s.Name} {Canonical(Json(now.ToJsonString()))}";
            });
        return string.Join(
            '\n',
            swatches
                .Concat(Lines("photographs", "photographs"))
                .Concat(
                    Lines("cut", "cutLists").Where(l => !l.EndsWith("[]", StringComparison.Ordinal))
                )
                .Concat(Lines("keep", "keeps"))
                .Concat(Lines("thing", "things"))
                .Concat(Lines("working", "workings"))
                .Order(StringComparer.Ordinal)
        );

        IEnumerable<(string Name, JsonElement Value)> All(string kind) =>
            state.GetProperty(kind).EnumerateObject().Select(p => (p.Name, p.Value));

        IEnumerable<string> Lines(string prefix, string kind) =>
            All(kind).Select(p => $"{prefix} {p.Name} {Canonical(p.Value)}");
    }

    /// <summary>JSON in one form, whoever wrote it: fields by name, numbers by value.</summary>
    private static string Canonical(JsonElement json) =>
        json.ValueKind switch
        {
            JsonValueKind.Object => "{"
                + string.Join(
                    ',',
                    json.EnumerateObject()
                        .OrderBy(p => p.Name, StringComparer.Ordinal)
                        .Select(p => $"{p.Name}:{Canonical(p.Value)}")
                )
                + "}",
            JsonValueKind.Array => $"[{string.Join(',', json.EnumerateArray().Select(Canonical))}]",
            JsonValueKind.Number => json.GetDouble()
                .ToString("R", System.Globalization.CultureInfo.InvariantCulture),
            _ => json.ToString(),
        };
}
