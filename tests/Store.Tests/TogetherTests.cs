using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>Pieces of one project as they are kept: ways of one, and edges taken from another.</summary>
public class TogetherTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task Ways_of_one_piece_are_chosen_in_one_step_and_stay_within_their_project_and_workroom()
    {
        var seat = await store.SeatAsync();
        var first = await store.WorkingAsync(seat);
        var second = await AnotherAsync("By the foot");
        var third = await AnotherAsync("In small folds");
        var alone = await store.WorkingAsync(seat);
        var before = await store.ContentsAsync(seat);

        var ways = await store.Workings.ChooseAsync(seat, second.Id, Cancel);

        ways.Select(w => (w.Name, w.IsAside))
            .ShouldBe([(first.Name, true), ("By the foot", false), ("In small folds", true)]);
        ways.ShouldAllBe(w => w.Piece == first.Id);
        (await store.Workings.FindAsync(seat, alone.Id, Cancel))!.IsAside.ShouldBeFalse();
        var step = (await store.History.LookAsync(seat, Cancel)).Undo!;
        step.Says.ShouldBe("“By the foot” chosen");
        // Chosen again, nothing is left to do, and nothing to undo.
        await store.Workings.ChooseAsync(seat, second.Id, Cancel);
        (await store.History.LookAsync(seat, Cancel)).Undo.ShouldBe(step);
        (await store.History.TurnAsync(seat, step.Id, true, Cancel)).ShouldBeTrue();
        (await store.Workings.WaysAsync(seat, third, Cancel)).ShouldAllBe(w => !w.IsAside);
        // Its version goes on, and all else is as it was.
        (await store.ContentsAsync(seat)).Length.ShouldBe(before.Length);
        (
            await store.Workings.ChooseAsync(await store.SeatAsync(), second.Id, Cancel)
        ).ShouldBeEmpty();

        async Task<WorkingRow> AnotherAsync(string name) =>
            (
                await store.Workings.AddAsync(
                    seat,
                    Guid.CreateVersion7(),
                    first.ProjectId,
                    "gathering-foot",
                    1,
                    name,
                    Json("{}"),
                    Json("{}"),
                    first.Piece,
                    [],
                    Cancel
                )
            )!;
    }

    [Fact]
    public async Task A_link_is_set_and_taken_out_by_its_field_and_undone()
    {
        var seat = await store.SeatAsync();
        var (upper, lower) = (await store.WorkingAsync(seat), await store.WorkingAsync(seat));
        var link = Json($$"""{"finishedEdge":{"working":"{{upper.Id}}","edge":"lower"} }""");

        var joined = (await ChangeAsync(1, link)).Row!;
        joined.Taken.ShouldBe([("finishedEdge", upper.Id, "lower")]);
        (await ChangeAsync(2, Json("""{"finishedEdge":null}"""))).Row!.Taken.ShouldBeEmpty();
        var step = (await store.History.LookAsync(seat, Cancel)).Undo!;
        await store.History.TurnAsync(seat, step.Id, true, Cancel);
        (await store.Workings.FindAsync(seat, lower.Id, Cancel))!.Taken.ShouldBe([
            ("finishedEdge", upper.Id, "lower"),
        ]);

        Task<Changed<WorkingRow>> ChangeAsync(int version, System.Text.Json.JsonElement links) =>
            store.Workings.ChangeAsync(
                seat,
                lower.Id,
                version,
                "joined",
                new WorkingChange(Links: links),
                Cancel
            );
    }
}
