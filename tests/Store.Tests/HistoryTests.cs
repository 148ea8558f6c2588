using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

public class HistoryTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task Sixty_steps_of_every_kind_go_back_one_by_one_and_forward_again()
    {
        var seat = await store.SeatAsync();
        List<string> states = [await store.ContentsAsync(seat)];
        await foreach (var _ in SixtyStepsAsync(seat))
        {
            states.Add(await store.ContentsAsync(seat));
        }
        states.Count.ShouldBe(61);

        for (var i = states.Count - 2; i >= 0; i--)
        {
            await TurnAsync(seat, back: true);
            (await store.ContentsAsync(seat)).ShouldBe(states[i], $"after undoing to state {i}");
        }
        (await store.History.LookAsync(seat, Cancel)).Undo.ShouldBeNull();

        for (var i = 1; i < states.Count; i++)
        {
            await TurnAsync(seat, back: false);
            (await store.ContentsAsync(seat)).ShouldBe(states[i], $"after doing state {i} again");
        }
    }

    [Fact]
    public async Task A_step_says_what_it_was_done_to_and_leads_nowhere_once_that_is_gone()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        async Task<History> LookAsync() => await store.History.LookAsync(seat, Cancel);

        var added = (await LookAsync()).Undo!;
        (added.Kind, added.Of, added.Name).ShouldBe(("working", null, working.Name));
        added.Says.ShouldContain(working.Name);
        await store.Swatches.AddAsync(
            seat,
            Guid.CreateVersion7(),
            working.Id,
            new SwatchParts(Readings: Read(("flat", [300]))),
            Cancel
        );
        var swatch = (await LookAsync()).Undo!;
        (swatch.Kind, swatch.Of, swatch.Name).ShouldBe(("working", working.Id, working.Name));
        await TurnAsync(seat, back: true);
        await TurnAsync(seat, back: true);
        var again = (await LookAsync()).Redo!;
        (again.Kind, again.Of, again.Name).ShouldBe(("working", working.Id, working.Name));
    }

    [Fact]
    public async Task One_undo_brings_back_a_deleted_project_with_all_that_hung_on_it()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        await store.Swatches.AddAsync(
            seat,
            Guid.CreateVersion7(),
            working.Id,
            new SwatchParts(Readings: Read(("flat", [300]))),
            Cancel
        );
        await store.CutLists.AddAsync(
            seat,
            new CutListLine(
                Guid.CreateVersion7(),
                working.Id,
                Json("{}"),
                Json("{}"),
                Json("[]"),
                []
            ),
            Cancel
        );
        await store.Keeps.AddAsync(
            seat,
            Guid.CreateVersion7(),
            working.Id,
            new KeepParts(CameOut: "2.21"),
            [],
            Cancel
        );
        var before = await store.ContentsAsync(seat);

        await store.Projects.RemoveAsync(seat, working.ProjectId, null, "project deleted", Cancel);
        (await store.Workings.FindAsync(seat, working.Id, Cancel)).ShouldBeNull();
        await TurnAsync(seat, back: true);

        (await store.ContentsAsync(seat)).ShouldBe(before);
    }

    [Fact]
    public async Task An_undone_record_has_a_new_version_so_that_an_editor_of_the_other_state_is_told()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var changed = await store.Workings.ChangeAsync(
            seat,
            working.Id,
            1,
            "name",
            new WorkingChange("Frill"),
            Cancel
        );
        await TurnAsync(seat, back: true);

        var stale = await store.Workings.ChangeAsync(
            seat,
            working.Id,
            changed.Row!.Stamp.Version,
            "name",
            new WorkingChange("Ruffle"),
            Cancel
        );

        stale.Matched.ShouldBeFalse();
        stale.Row!.Name.ShouldBe(working.Name);
    }

    [Fact]
    public async Task Turning_a_step_twice_turns_it_once_and_only_the_next_one_can_be_turned()
    {
        var seat = await store.SeatAsync();
        await store.WorkingAsync(seat);
        var last = (await store.History.LookAsync(seat, Cancel)).Undo!;

        (await store.History.TurnAsync(seat, last.Id - 1, true, Cancel)).ShouldBeFalse(
            "it is not the last step"
        );
        (await store.History.TurnAsync(seat, last.Id, true, Cancel)).ShouldBeTrue();
        (await store.History.TurnAsync(seat, last.Id, true, Cancel)).ShouldBeFalse(
            "it is undone already"
        );
    }

    [Fact]
    public async Task What_changes_nothing_is_no_step_and_leaves_what_was_undone_to_be_done_again()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        await store.Workings.ChangeAsync(
            seat,
            working.Id,
            1,
            "name",
            new WorkingChange("Frill"),
            Cancel
        );
        await TurnAsync(seat, back: true);
        var before = await store.History.LookAsync(seat, Cancel);

        await store.Projects.AddAsync(seat, working.ProjectId, "again", null, "", Cancel);
        await store.Workings.ChangeAsync(
            seat,
            working.Id,
            1,
            "stale",
            new WorkingChange("Ruffle"),
            Cancel
        );

        (await store.History.LookAsync(seat, Cancel)).ShouldBe(before);
    }

    [Fact]
    public async Task At_least_two_hundred_steps_are_kept_and_not_for_ever_more()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        for (var i = 1; i <= 320; i++)
        {
            var name = new WorkingChange($"Frill {i}");
            (
                await store.Workings.ChangeAsync(seat, working.Id, i, "name", name, Cancel)
            ).Matched.ShouldBeTrue();
        }

        var undone = 0;
        while ((await store.History.LookAsync(seat, Cancel)).Undo is { } step)
        {
            (await store.History.TurnAsync(seat, step.Id, true, Cancel)).ShouldBeTrue();
            undone++;
        }
        undone.ShouldBeInRange(200, 320);
    }

    [Fact]
    public async Task Nobody_undoes_anothers_steps()
    {
        var (ours, theirs) = (await store.SeatAsync(), await store.SeatAsync());
        await store.WorkingAsync(theirs);
        var step = (await store.History.LookAsync(theirs, Cancel)).Undo!;

        (await store.History.TurnAsync(ours, step.Id, true, Cancel)).ShouldBeFalse();
    }

    private async Task TurnAsync(Seat seat, bool back)
    {
        var history = await store.History.LookAsync(seat, Cancel);
        var step = (back ? history.Undo : history.Redo).ShouldNotBeNull();
        (await store.History.TurnAsync(seat, step.Id, back, Cancel)).ShouldBeTrue();
    }

    /// <summary>Sixty requests, each one step: begin, change, freeze, keep, delete, of every kind of record.</summary>
    private async IAsyncEnumerable<int> SixtyStepsAsync(Seat seat)
    {
        for (var round = 0; round < 6; round++)
        {
            var project = Guid.CreateVersion7();
            await store.Projects.AddAsync(
                seat,
                project,
                $"Project {round}",
                new DateOnly(2027, 5, 22),
                "",
                Cancel
            );
            yield return 1;
            var id = Guid.CreateVersion7();
            await store.Workings.AddAsync(
                seat,
                id,
                project,
                "pulled-gathers",
                1,
                "Valance",
                Json("""{"fullness":2}"""),
                Json("{}"),
                null,
                [],
                Cancel
            );
            yield return 2;
            await store.Workings.ChangeAsync(
                seat,
                id,
                1,
                "a",
                new WorkingChange(Ask: Json("""{"finishedEdge":"2.6 m"}""")),
                Cancel
            );
            yield return 3;
            await store.Workings.ChangeAsync(
                seat,
                id,
                2,
                "b",
                new WorkingChange(Ask: Json("""{"fullness":null,"tail":"⅝ in"}""")),
                Cancel
            );
            yield return 4;
            var swatch = Guid.CreateVersion7();
            await store.Swatches.AddAsync(
                seat,
                swatch,
                id,
                new SwatchParts(Readings: Read(("flat", [300])), Looks: ["uneven"]),
                Cancel
            );
            yield return 5;
            await store.Swatches.ChangeAsync(
                seat,
                swatch,
                1,
                new SwatchParts(Readings: Read(("gathered", [136.5, 137])), Verdict: "yes"),
                Cancel
            );
            yield return 6;
            await store.CutLists.AddAsync(
                seat,
                new CutListLine(
                    Guid.CreateVersion7(),
                    id,
                    Json("{}"),
                    Json("""{"stripCount":5}"""),
                    Json("[]"),
                    []
                ),
                Cancel
            );
            yield return 7;
            await store.Keeps.AddAsync(
                seat,
                Guid.CreateVersion7(),
                id,
                new KeepParts(Note: "again"),
                [],
                Cancel
            );
            yield return 8;
            await store.Projects.ChangeAsync(
                seat,
                project,
                1,
                new ProjectChange(WantedBy: new DateChange(null)),
                Cancel
            );
            yield return 9;
            if (round % 2 == 0)
            {
                await store.Workings.RemoveAsync(seat, id, null, "c", Cancel);
            }
            else
            {
                await store.Swatches.RemoveAsync(seat, swatch, null, "d", Cancel);
            }
            yield return 10;
        }
    }
}
