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
            new SwatchParts(Flat: [Mm(300)]),
            Cancel
        );
        var again = await store.Swatches.AddAsync(
            seat,
            id,
            working.Id,
            new SwatchParts(Flat: [Mm(999)]),
            Cancel
        );

        again!.Flat.ShouldBe(first!.Flat);
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
                new SwatchParts(Flat: [Mm(0)]),
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
        var find = new FindStore(new Database(store.Source));
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

public class MigrationTests
{
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
}
