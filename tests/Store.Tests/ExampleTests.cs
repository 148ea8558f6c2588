using Shouldly;
using Xunit;
using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>The example that a new workroom begins with.</summary>
public class ExampleTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task It_goes_in_one_step_but_for_what_is_used_and_one_undo_brings_it_back()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var (used, unused) = (await ThingAsync(seat, "cloth"), await ThingAsync(seat, "cloth"));
        await store.Loads.FinishAsync(seat, "example", [working.ProjectId, used, unused], Cancel);
        var own = await store.WorkingAsync(seat);
        await store.Workings.ChangeAsync(
            seat,
            own.Id,
            1,
            "fabric chosen",
            new WorkingChange(Uses: Json($$"""{"cloth":"{{used}}"}""")),
            Cancel
        );
        var before = await store.ContentsAsync(seat);
        (await store.Loads.ExampleAsync(seat, Cancel)).Projects.ShouldBe([working.ProjectId]);

        await store.Loads.RemoveExampleAsync(seat, Cancel);

        (await store.Loads.ExampleAsync(seat, Cancel)).Projects.ShouldBeEmpty();
        (await store.Workings.FindAsync(seat, working.Id, Cancel)).ShouldBeNull();
        (await store.Things.FindAsync(seat, unused, Cancel)).ShouldBeNull();
        (await store.Things.FindAsync(seat, used, Cancel)).ShouldNotBeNull();
        (await store.Workings.FindAsync(seat, own.Id, Cancel)).ShouldNotBeNull();
        var step = (await store.History.LookAsync(seat, Cancel)).Undo!;
        step.Says.ShouldBe("example removed");
        await store.History.TurnAsync(seat, step.Id, true, Cancel);
        (await store.ContentsAsync(seat)).ShouldBe(before);
    }

    [Fact]
    public async Task A_new_part_begins_with_the_usual_thing_of_each_kind_that_it_uses()
    {
        var seat = await store.SeatAsync();
        await ThingAsync(seat, "thread");
        var usual = await ThingAsync(seat, "thread", """{"usual":true}""");
        await ThingAsync(seat, "cloth", """{"usual":true}""");
        var project = (await store.WorkingAsync(seat)).ProjectId;

        var begun = await store.Workings.AddAsync(
            seat,
            Guid.CreateVersion7(),
            project,
            "pulled-gathers",
            1,
            "Frill",
            Json("{}"),
            Json("{}"),
            null,
            ["thread"],
            Cancel
        );

        begun!.UsedOf("thread").ShouldBe(usual);
        begun.UsedOf("cloth").ShouldBeNull();
    }

    private async Task<Guid> ThingAsync(Seat seat, string kind, string properties = "{}")
    {
        var id = Guid.CreateVersion7();
        await store.Things.AddAsync(seat, id, kind, $"{kind} {id}", Json(properties), null, Cancel);
        return id;
    }
}
