using ZephyrReach.Core.Measures;
using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

public class DrawerTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task Cutting_takes_cloth_off_the_shelf_once_and_undo_puts_it_back()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var cloth = await ThingAsync(seat, "cloth", Mm(3100));
        var list = Guid.CreateVersion7();

        for (var repeated = 0; repeated < 2; repeated++)
        {
            await CutAsync(seat, working, list, new Taken(cloth, Mm(1575)));
        }
        (await LeftAsync(seat, cloth)).ShouldBe(1525);

        await UndoAsync(seat);
        (await LeftAsync(seat, cloth)).ShouldBe(3100);
        (await store.CutLists.OfWorkingsAsync(seat, [working.Id], Cancel)).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_cut_list_that_is_taken_back_gives_its_cloth_back_once()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var cloth = await ThingAsync(seat, "cloth", Mm(2000));
        var (first, second) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await CutAsync(seat, working, first, new Taken(cloth, Mm(1575)));
        // Of what is left only this much could be taken.
        await CutAsync(seat, working, second, new Taken(cloth, Mm(1575)));
        (await LeftAsync(seat, cloth)).ShouldBe(0);

        await RemoveAsync(second);
        (await LeftAsync(seat, cloth)).ShouldBe(425);
        await RemoveAsync(second);
        (await LeftAsync(seat, cloth)).ShouldBe(425);
        await RemoveAsync(first);
        (await LeftAsync(seat, cloth)).ShouldBe(2000);

        await UndoAsync(seat);
        (await LeftAsync(seat, cloth)).ShouldBe(425);
        await UndoAsync(seat);
        (await LeftAsync(seat, cloth)).ShouldBe(0);

        Task<Changed<CutListRow>> RemoveAsync(Guid list) =>
            store.CutLists.RemoveAsync(seat, list, null, "unlocked", Cancel);
    }

    [Fact]
    public async Task Keeping_takes_thread_off_the_spool_and_never_below_nothing()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var thread = await ThingAsync(seat, "thread", Mm(38_000));
        var keep = Guid.CreateVersion7();

        await store.Keeps.AddAsync(
            seat,
            keep,
            working.Id,
            new KeepParts(CameOut: "2.2"),
            [new Taken(thread, Mm(44_000))],
            Cancel
        );

        (await LeftAsync(seat, thread)).ShouldBe(0);
        await store.Keeps.RemoveAsync(seat, keep, null, "summary deleted", Cancel);
        (await LeftAsync(seat, thread)).ShouldBe(38_000);
        await UndoAsync(seat);
        (await LeftAsync(seat, thread)).ShouldBe(0);
        await UndoAsync(seat);
        (await LeftAsync(seat, thread)).ShouldBe(38_000);
    }

    [Fact]
    public async Task What_another_workroom_owns_is_never_taken()
    {
        var (seat, other) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var cloth = await ThingAsync(other, "cloth", Mm(3100));

        var list = await CutAsync(
            seat,
            await store.WorkingAsync(seat),
            Guid.CreateVersion7(),
            new Taken(cloth, Mm(1575))
        );
        (await LeftAsync(other, cloth)).ShouldBe(3100);
        await store.CutLists.RemoveAsync(seat, list!.Id, null, "unlocked", Cancel);
        (await LeftAsync(other, cloth)).ShouldBe(3100);
    }

    [Fact]
    public async Task A_thing_goes_with_its_notes_and_comes_back_with_them()
    {
        var seat = await store.SeatAsync();
        var (machine, foot) = (await ThingAsync(seat, "machine"), await ThingAsync(seat, "foot"));
        var note = new TriedRow(
            Guid.CreateVersion7(),
            machine,
            foot,
            null,
            true,
            Mm(5),
            new DateOnly(2026, 5, 1),
            "",
            default
        );
        (await store.Tried.AddAsync(seat, note, Cancel)).ShouldNotBeNull();
        var before = await store.ContentsAsync(seat);

        await store.Things.RemoveAsync(seat, machine, null, "taken out", Cancel);
        (await store.Tried.AllAsync(seat, Cancel)).ShouldBeEmpty();
        await UndoAsync(seat);

        (await store.ContentsAsync(seat)).ShouldBe(before);
    }

    [Fact]
    public async Task A_note_needs_a_machine_and_a_foot_of_the_same_workroom()
    {
        var (seat, stranger) = (await store.SeatAsync(), await store.SeatAsync());
        var (machine, foot) = (
            await ThingAsync(seat, "machine"),
            await ThingAsync(stranger, "foot")
        );

        TriedRow Note(Guid m, Guid f) =>
            new(
                Guid.CreateVersion7(),
                m,
                f,
                null,
                true,
                Mm(0),
                new DateOnly(2026, 5, 1),
                "",
                default
            );

        (await store.Tried.AddAsync(seat, Note(machine, foot), Cancel)).ShouldBeNull();
        (await store.Tried.AddAsync(seat, Note(foot, machine), Cancel)).ShouldBeNull();
        (await store.Things.AllAsync(seat, Cancel)).ShouldHaveSingleItem();
    }

    [Fact]
    public async Task A_table_is_taken_in_as_one_step()
    {
        var seat = await store.SeatAsync();
        var known = await ThingAsync(seat, "foot");
        ThingLine[] lines =
        [
            new(known, "renamed", Json("""{"opening":"7 mm"}"""), null),
            new(Guid.CreateVersion7(), "new", Json("{}"), null),
        ];

        (await store.Things.TakeInAsync(seat, "foot", "2 feet taken in", lines, Cancel)).ShouldBe(
            2
        );
        (await store.Things.AllAsync(seat, Cancel))
            .Select(t => t.Name)
            .ShouldBe(["new", "renamed"]);

        await UndoAsync(seat);
        (await store.Things.AllAsync(seat, Cancel)).ShouldHaveSingleItem().Name.ShouldBe("a foot");
    }

    private async Task<Guid> ThingAsync(Seat seat, string kind, Length? left = null)
    {
        var id = Guid.CreateVersion7();
        await store.Things.AddAsync(seat, id, kind, $"a {kind}", Json("{}"), left, Cancel);
        return id;
    }

    private async Task<double?> LeftAsync(Seat seat, Guid id) =>
        (await store.Things.FindAsync(seat, id, Cancel))!.Left?.Millimetres;

    private async Task UndoAsync(Seat seat)
    {
        var step = (await store.History.LookAsync(seat, Cancel)).Undo!;
        (await store.History.TurnAsync(seat, step.Id, true, Cancel)).ShouldBeTrue();
    }

    private Task<CutListRow?> CutAsync(Seat seat, WorkingRow working, Guid id, Taken cloth) =>
        store.CutLists.AddAsync(
            seat,
            new CutListLine(id, working.Id, Json("{}"), Json("{}"), Json("[]"), [cloth]),
            Cancel
        );
}
