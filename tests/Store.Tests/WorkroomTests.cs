using ZephyrReach.Core.Measures;
using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>A workroom, what was read into it, and the order of what is in it.</summary>
public class WorkroomTests
{
    [Fact]
    public async Task Each_setting_is_changed_alone_and_undone_alone()
    {
        await using var room = await Room.OpenAsync();
        WorkroomChange[] changes =
        [
            new(Name: "The potting shed"),
            new(Units: UnitSystem.Imperial),
            new(MetricCutting: Mm(2)),
            new(MetricMarking: Mm(1)),
            new(ImperialCutting: Length.FromInches(0.125)),
            new(ImperialMarking: Length.FromInches(0.03125)),
            new(NormalTension: 4.5),
            new(LongestStitch: Mm(7)),
        ];
        List<WorkroomRow> states = [(await room.Workrooms.FirstAsync(Cancel))!];
        foreach (var change in changes)
        {
            var changed = await room.Workrooms.ChangeAsync(
                room.Seat,
                states[^1].Stamp.Version,
                change,
                Cancel
            );
            changed.Matched.ShouldBeTrue();
            states.Add(changed.Row!);
        }

        Said(states[^1])
            .ShouldBe("The potting shed, Imperial, 2 1 0.125 0.03125, tension 4.5, longest 7");
        for (var i = states.Count - 2; i >= 0; i--)
        {
            var step = (await room.History.LookAsync(room.Seat, Cancel)).Undo!;
            await room.History.TurnAsync(room.Seat, step.Id, true, Cancel);
            Said((await room.Workrooms.FirstAsync(Cancel))!).ShouldBe(Said(states[i]));
        }

        static string Said(WorkroomRow row) =>
            FormattableString.Invariant(
                $"{row.Name}, {row.Units}, {row.Metric.Cutting.Millimetres} {row.Metric.Marking.Millimetres} {row.Imperial.Cutting.Inches:0.#####} {row.Imperial.Marking.Inches:0.#####}, tension {row.NormalTension}, longest {row.LongestStitch.Millimetres}"
            );
    }

    [Fact]
    public async Task Of_two_who_change_the_settings_the_second_is_told()
    {
        await using var room = await Room.OpenAsync();

        var first = await room.Workrooms.ChangeAsync(room.Seat, 1, new("Ours"), Cancel);
        var second = await room.Workrooms.ChangeAsync(room.Seat, 1, new("Mine"), Cancel);

        (first.Matched, second.Matched).ShouldBe((true, false));
        second.Row!.Name.ShouldBe("Ours");
    }

    [Fact]
    public async Task A_household_has_one_workroom_however_often_it_is_begun()
    {
        await using var room = await Room.OpenAsync();

        var again = await room.Workrooms.EnsureAsync(Guid.CreateVersion7(), "Another", Cancel);

        again.Id.ShouldBe(room.Seat.Workroom);
        again.Name.ShouldBe("Ours");
    }

    [Fact]
    public async Task What_was_read_in_is_nobodys_to_undo_and_is_read_in_once()
    {
        await using var room = await Room.OpenAsync();
        var project = Guid.CreateVersion7();
        await room.Projects.AddAsync(room.Seat, project, "Open day", null, "", Cancel);
        (await room.Loads.StateAsync(room.Seat, "demo", Cancel)).ShouldBe((false, false));

        await room.Loads.FinishAsync(room.Seat, "demo", [], Cancel);
        await room.Loads.FinishAsync(room.Seat, "demo", [], Cancel);

        (await room.Loads.StateAsync(room.Seat, "demo", Cancel)).ShouldBe((true, false));
        await room.Loads.RememberAsync(room.Seat, "demo", [room.Seat.Workroom], Cancel);
        (await room.Loads.StateAsync(room.Seat, "demo", Cancel)).ShouldBe((true, true));
        (await room.Loads.StateAsync(room.Seat, "other", Cancel)).ShouldBe((false, false));
        (await room.History.LookAsync(room.Seat, Cancel)).ShouldBe(new History(null, null));
        (await room.Projects.FindAsync(room.Seat, project, Cancel)).ShouldNotBeNull();
    }

    [Fact]
    public async Task Workings_stand_in_the_order_they_were_begun_until_they_are_moved()
    {
        await using var room = await Room.OpenAsync();
        var (seat, project) = (room.Seat, Guid.CreateVersion7());
        await room.Projects.AddAsync(seat, project, "Open day", null, "", Cancel);
        List<WorkingRow> all = [];
        foreach (var name in (string[])["valance", "frill", "cuff"])
        {
            all.Add(
                (
                    await room.Workings.AddAsync(
                        seat,
                        Guid.CreateVersion7(),
                        project,
                        "pulled-gathers",
                        1,
                        name,
                        Json("{}"),
                        Json("{}"),
                        null,
                        [],
                        Cancel
                    )
                )!
            );
        }
        all.Select(w => w.Position).ShouldBe([0, 1, 2]);

        await room.Workings.ChangeAsync(
            seat,
            all[2].Id,
            1,
            null,
            new WorkingChange(Position: -1),
            Cancel
        );
        (await NamesAsync()).ShouldBe(["cuff", "valance", "frill"]);
        (await room.History.LookAsync(seat, Cancel)).Undo!.Says.ShouldBe(
            "part “cuff” begun",
            "what has no name is no step of work"
        );

        await room.Workings.RemoveAsync(seat, all[1].Id, null, "deleted", Cancel);
        (await NamesAsync()).ShouldBe(["cuff", "valance"]);

        async Task<IEnumerable<string>> NamesAsync() =>
            (await room.Workings.OfProjectsAsync(seat, [project], Cancel)).Select(w => w.Name);
    }

    /// <summary>A database with one workroom, as a household has it.</summary>
    private sealed record Room(ZephyrReach.Tests.TestDatabase Kept, Npgsql.NpgsqlDataSource Source)
        : IAsyncDisposable
    {
        private readonly Database database = new(Source);

        public Seat Seat { get; private init; }

        public WorkroomStore Workrooms => new(database);

        public ProjectStore Projects => new(database);

        public WorkingStore Workings => new(database);

        public LoadStore Loads => new(database);

        public HistoryStore History => new(database);

        public static async Task<Room> OpenAsync()
        {
            var kept = await ZephyrReach.Tests.TestDatabase.CreateAsync();
            var source = Database.SourceOf(kept.Connection);
            await Migrations.RunAsync(source, () => Task.CompletedTask, Cancel);
            var room = new Room(kept, source);
            var row = await room.Workrooms.EnsureAsync(Guid.CreateVersion7(), "Ours", Cancel);
            return room with { Seat = new Seat(row.Id, "computer") };
        }

        public async ValueTask DisposeAsync()
        {
            await Source.DisposeAsync();
            await Kept.DisposeAsync();
        }
    }
}
