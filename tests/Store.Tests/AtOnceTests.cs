using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>Two hands at once: what each was told is what is there.</summary>
public class AtOnceTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task Of_an_undo_beside_an_edit_nothing_is_lost_that_was_answered()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var version = working.Stamp.Version;
        for (var round = 0; round < 120; round++)
        {
            var first = await RenameAsync(seat, working.Id, version, $"first {round}");
            var step = (await store.History.LookAsync(seat, Cancel)).Undo!.Id;

            var undo = store.History.TurnAsync(seat, step, true, Cancel);
            await Task.Delay(TimeSpan.FromMilliseconds(round % 4), Cancel);
            var edit = RenameAsync(seat, working.Id, first.Row!.Stamp.Version, $"second {round}");
            var (turned, edited) = (await undo, await edit);

            var now = (await store.Workings.FindAsync(seat, working.Id, Cancel))!;
            // One of them was first; the other was told so, and did nothing.
            turned.ShouldNotBe(edited.Matched, $"round {round}");
            now.Name.ShouldBe(
                edited.Matched ? $"second {round}"
                : round == 0 ? working.Name
                : now.Name
            );
            if (edited.Matched)
            {
                (await store.History.LookAsync(seat, Cancel)).Undo!.Id.ShouldBeGreaterThan(step);
            }
            version = now.Stamp.Version;
        }
    }

    [Fact]
    public async Task Undoing_that_a_project_was_begun_beside_adding_to_it_leaves_both_or_neither()
    {
        for (var round = 0; round < 40; round++)
        {
            var seat = await store.SeatAsync();
            var (project, working) = (Guid.CreateVersion7(), Guid.CreateVersion7());
            await store.Projects.AddAsync(seat, project, "Bunting", null, "", Cancel);
            var step = (await store.History.LookAsync(seat, Cancel)).Undo!.Id;

            var undo = store.History.TurnAsync(seat, step, true, Cancel);
            await Task.Delay(TimeSpan.FromMilliseconds(round % 4), Cancel);
            var added = await AddAsync(seat, working, project);

            (await undo).ShouldBe(added is null, $"round {round}");
            (await store.Projects.FindAsync(seat, project, Cancel) is not null).ShouldBe(
                added is not null
            );
            (await store.Workings.FindAsync(seat, working, Cancel) is not null).ShouldBe(
                added is not null
            );
        }
    }

    [Fact]
    public async Task What_goes_with_a_row_that_an_undo_takes_away_comes_back_when_it_is_done_again()
    {
        var seat = await store.SeatAsync();
        var project = Guid.CreateVersion7();
        await store.Projects.AddAsync(seat, project, "Bunting", null, "", Cancel);
        // Put there by no step of work: an import by hand, or a step that is forgotten.
        await using (
            var command = store.Source.CreateCommand(
                """
                insert into workings (id, workroom_id, project_id, technique, schema_version, name, ask, cloth)
                select gen_random_uuid(), $1, $2, 'pulled-gathers', 1, 'Flag', '{}', '{}'
                """
            )
        )
        {
            command.Parameters.Add(new Npgsql.NpgsqlParameter { Value = seat.Workroom });
            command.Parameters.Add(new Npgsql.NpgsqlParameter { Value = project });
            await command.ExecuteNonQueryAsync(Cancel);
        }
        var before = await store.ContentsAsync(seat);
        var step = (await store.History.LookAsync(seat, Cancel)).Undo!.Id;

        for (var turn = 0; turn < 2; turn++)
        {
            (await store.History.TurnAsync(seat, step, true, Cancel)).ShouldBeTrue();
            (await store.ContentsAsync(seat)).ShouldNotContain("Flag");
            (await store.History.TurnAsync(seat, step, false, Cancel)).ShouldBeTrue();
            (await store.ContentsAsync(seat)).ShouldBe(before);
        }
    }

    [Fact]
    public async Task What_was_left_behind_by_a_newer_deed_cannot_be_done_again()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        await store.Workings.RemoveAsync(seat, working.Id, null, "working deleted", Cancel);
        await TurnNextAsync(seat, back: true);
        var back = (await store.Workings.FindAsync(seat, working.Id, Cancel))!;
        await RenameAsync(seat, working.Id, back.Stamp.Version, "Awning");
        await TurnNextAsync(seat, back: true);

        (await store.History.LookAsync(seat, Cancel)).Redo!.Says.ShouldBe("renamed");
        await TurnNextAsync(seat, back: false);
        (await store.Workings.FindAsync(seat, working.Id, Cancel))!.Name.ShouldBe("Awning");
        (await store.History.LookAsync(seat, Cancel)).Redo.ShouldBeNull();
    }

    [Fact]
    public async Task Cloth_does_not_multiply_when_lists_are_frozen_and_taken_back_at_once()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var cloth = Guid.CreateVersion7();
        await store.Things.AddAsync(
            seat,
            cloth,
            "cloth",
            "blue-stripe ticking",
            Json("{}"),
            Mm(3000),
            Cancel
        );
        for (var round = 0; round < 12; round++)
        {
            var lists = await Task.WhenAll(
                Enumerable
                    .Range(0, 6)
                    .Select(async _ =>
                    {
                        var id = Guid.CreateVersion7();
                        await store.CutLists.AddAsync(
                            seat,
                            new CutListLine(
                                id,
                                working.Id,
                                Json("{}"),
                                Json("{}"),
                                Json("[]"),
                                [new Taken(cloth, Mm(800))]
                            ),
                            Cancel
                        );
                        return id;
                    })
            );
            (await LeftAsync()).ShouldBe(0, 1e-9);
            await Task.WhenAll(
                lists.Select(id => store.CutLists.RemoveAsync(seat, id, null, "unlocked", Cancel))
            );
            (await LeftAsync()).ShouldBe(3000, 1e-9, $"round {round}");
        }

        async Task<double> LeftAsync() =>
            (await store.Things.FindAsync(seat, cloth, Cancel))!.Left!.Value.Millimetres;
    }

    private Task<Changed<WorkingRow>> RenameAsync(Seat seat, Guid id, int version, string name) =>
        store.Workings.ChangeAsync(
            seat,
            id,
            version,
            "renamed",
            new WorkingChange(Name: name),
            Cancel
        );

    private Task<WorkingRow?> AddAsync(Seat seat, Guid id, Guid project) =>
        store.Workings.AddAsync(
            seat,
            id,
            project,
            "pulled-gathers",
            1,
            "Flag",
            Json("{}"),
            Json("{}"),
            null,
            [],
            Cancel
        );

    private async Task TurnNextAsync(Seat seat, bool back)
    {
        var history = await store.History.LookAsync(seat, Cancel);
        var step = (back ? history.Undo : history.Redo)!.Id;
        (await store.History.TurnAsync(seat, step, back, Cancel)).ShouldBeTrue();
    }
}
