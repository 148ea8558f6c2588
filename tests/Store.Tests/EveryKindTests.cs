using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>What holds for every kind of record. A new kind joins by a line in <see cref="PlaceAsync"/>.</summary>
public class EveryKindTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    public static TheoryData<string> Kinds() =>
        [
            "project",
            "working",
            "swatch",
            "photograph",
            "cutting list",
            "summary",
            "thing",
            "note",
            "try",
        ];

    public static TheoryData<string> ThatChange() =>
        ["project", "working", "swatch", "summary", "thing"];

    [Theory]
    [MemberData(nameof(Kinds))]
    public async Task Twice_under_one_id_is_one_record_and_one_step(string kind)
    {
        var seat = await store.SeatAsync();
        var place = await PlaceAsync(kind, seat);
        var id = Guid.CreateVersion7();

        (await place.Add(id)).ShouldBe(1);
        var (after, step) = (await store.ContentsAsync(seat), await LastAsync(seat));
        (await place.Add(id)).ShouldBe(1);

        (await store.ContentsAsync(seat)).ShouldBe(after);
        (await LastAsync(seat)).ShouldBe(step);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public async Task Beginning_is_undone_and_done_again_and_an_editor_of_the_first_is_told(
        string kind
    )
    {
        var seat = await store.SeatAsync();
        var place = await PlaceAsync(kind, seat);
        var before = await store.ContentsAsync(seat);
        var id = Guid.CreateVersion7();
        await place.Add(id);
        var after = await store.ContentsAsync(seat);
        after.ShouldNotBe(before);

        await TurnAsync(seat, back: true);
        (await place.Find(seat, id)).ShouldBeNull();
        (await store.ContentsAsync(seat)).ShouldBe(before);

        await TurnAsync(seat, back: false);
        (await place.Find(seat, id)).ShouldNotBeNull().ShouldBeGreaterThan(1);
        (await store.ContentsAsync(seat)).ShouldBe(after);
        (await place.Remove(seat, id, 1)).ShouldBe((true, false), "version 1 is gone for ever");
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public async Task It_goes_only_in_the_version_that_was_seen_and_comes_back_whole(string kind)
    {
        var seat = await store.SeatAsync();
        var place = await PlaceAsync(kind, seat);
        var id = Guid.CreateVersion7();
        await place.Add(id);
        var whole = await store.ContentsAsync(seat);
        var step = await LastAsync(seat);

        (await place.Remove(seat, id, 7)).ShouldBe((true, false));
        (await LastAsync(seat)).ShouldBe(step, "what is refused is no step");
        (await place.Remove(seat, id, 1)).ShouldBe((true, true));
        (await place.Find(seat, id)).ShouldBeNull();
        (await place.Remove(seat, id, null)).ShouldBe((false, false), "it is gone already");

        await TurnAsync(seat, back: true);
        (await store.ContentsAsync(seat)).ShouldBe(whole);
        await TurnAsync(seat, back: false);
        (await place.Find(seat, id)).ShouldBeNull();
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public async Task Another_workroom_neither_finds_nor_removes_nor_takes_it_over(string kind)
    {
        var (ours, theirs) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var place = await PlaceAsync(kind, theirs);
        var mine = await PlaceAsync(kind, ours);
        var id = Guid.CreateVersion7();
        await place.Add(id);
        var (before, own) = (await store.ContentsAsync(theirs), await store.ContentsAsync(ours));

        (await place.Find(ours, id)).ShouldBeNull();
        (await place.Remove(ours, id, null)).ShouldBe((false, false));
        (await mine.Add(id)).ShouldBeNull("the id is taken, and nothing is told of whose it is");

        (await store.ContentsAsync(theirs)).ShouldBe(before);
        (await store.ContentsAsync(ours)).ShouldBe(own);
    }

    [Theory]
    [MemberData(nameof(ThatChange))]
    public async Task A_change_is_undone_alone_and_a_stale_one_is_told_who_was_first(string kind)
    {
        var seat = await store.SeatAsync();
        var place = await PlaceAsync(kind, seat);
        var id = Guid.CreateVersion7();
        await place.Add(id);
        var first = await store.ContentsAsync(seat);

        (await place.Change!(seat, id, 1)).ShouldBe((2, true));
        var second = await store.ContentsAsync(seat);
        second.ShouldNotBe(first);
        (await place.Change!(seat, id, 1)).ShouldBe((2, false));
        (await store.ContentsAsync(seat)).ShouldBe(second);

        await TurnAsync(seat, back: true);
        (await store.ContentsAsync(seat)).ShouldBe(first);
        (await place.Change!(seat, id, 2)).ShouldBe((3, false), "an undo is a change too");
        await TurnAsync(seat, back: false);
        (await store.ContentsAsync(seat)).ShouldBe(second);
    }

    [Theory]
    [MemberData(nameof(ThatChange))]
    public async Task Nobody_changes_what_is_anothers_or_what_is_not_there(string kind)
    {
        var (ours, theirs) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var place = await PlaceAsync(kind, theirs);
        var id = Guid.CreateVersion7();
        await place.Add(id);
        var before = await store.ContentsAsync(theirs);

        (await place.Change!(ours, id, 1)).ShouldBe((null, false));
        (await place.Change!(theirs, Guid.CreateVersion7(), 1)).ShouldBe((null, false));

        (await store.ContentsAsync(theirs)).ShouldBe(before);
        (await LastAsync(ours)).ShouldBeNull();
    }

    [Theory]
    [MemberData(nameof(ThatChange))]
    public async Task Of_many_who_change_the_same_version_at_once_one_does(string kind)
    {
        var seat = await store.SeatAsync();
        var place = await PlaceAsync(kind, seat);
        var id = Guid.CreateVersion7();
        await place.Add(id);

        var all = await Task.WhenAll(
            Enumerable.Range(0, 8).Select(_ => place.Change!(seat, id, 1))
        );

        all.Count(c => c.Matched).ShouldBe(1);
        all.ShouldAllBe(c => c.Version == 2);
    }

    private async Task<long?> LastAsync(Seat seat) => (await LookAsync(seat)).Undo?.Id;

    /// <summary>Tries have steps of their own.</summary>
    private async Task<History> LookAsync(Seat seat) =>
        await store.History.LookAsync(seat, Cancel, "practice") is var tried
        && (tried.Undo ?? tried.Redo) is not null
            ? tried
            : await store.History.LookAsync(seat, Cancel);

    private async Task TurnAsync(Seat seat, bool back)
    {
        var history = await LookAsync(seat);
        var step = (back ? history.Undo : history.Redo).ShouldNotBeNull();
        (await store.History.TurnAsync(seat, step.Id, back, Cancel)).ShouldBeTrue();
    }

    /// <summary>Where a record of a kind is added: what it hangs on is there.</summary>
    /// <param name="Add">Adds one; its version, or null when it cannot be.</param>
    /// <param name="Change">Changes one, never to what it was; its version as it now is, and whether it was that one.</param>
    private sealed record Place(
        Func<Guid, Task<int?>> Add,
        Func<Seat, Guid, Task<int?>> Find,
        Func<Seat, Guid, int?, Task<(bool IsThere, bool Matched)>> Remove,
        Func<Seat, Guid, int, Task<(int? Version, bool Matched)>>? Change = null
    );

    private async Task<Place> PlaceAsync(string kind, Seat seat)
    {
        switch (kind)
        {
            case "project":
                return Of(
                    store.Projects,
                    id =>
                        store.Projects.AddAsync(
                            seat,
                            id,
                            "Open day",
                            new DateOnly(2027, 5, 22),
                            "by the gate",
                            Cancel
                        ),
                    (s, id, version) =>
                        store.Projects.ChangeAsync(
                            s,
                            id,
                            version,
                            new ProjectChange("Harvest", new DateChange(null)),
                            Cancel
                        )
                );
            case "thing":
                return Of(
                    store.Things,
                    id =>
                        store.Things.AddAsync(
                            seat,
                            id,
                            "cloth",
                            "striped ticking",
                            Json("""{"width":"140 cm"}"""),
                            Mm(3100),
                            Cancel
                        ),
                    (s, id, version) =>
                        store.Things.ChangeAsync(
                            s,
                            id,
                            version,
                            "a length cut off",
                            new ThingChange(null, null, new LeftChange(Mm(2500))),
                            Cancel
                        )
                );
            case "try":
                return Of(
                    store.Practices,
                    id =>
                        store.Practices.AddAsync(
                            seat,
                            id,
                            "even",
                            Json("""{"stitches": 40}"""),
                            null,
                            Cancel
                        )
                );
            case "note":
                var (machine, foot) = (
                    await ThingAsync(seat, "machine"),
                    await ThingAsync(seat, "foot")
                );
                return Of(
                    store.Tried,
                    id =>
                        store.Tried.AddAsync(
                            seat,
                            new TriedRow(
                                id,
                                machine,
                                foot,
                                null,
                                false,
                                Mm(4),
                                new DateOnly(2026, 5, 1),
                                "strikes at the left",
                                default
                            ),
                            Cancel
                        )
                );
        }

        var working = await store.WorkingAsync(seat);
        switch (kind)
        {
            case "working":
                return Of(
                    store.Workings,
                    id =>
                        store.Workings.AddAsync(
                            seat,
                            id,
                            working.ProjectId,
                            "darning",
                            1,
                            "Elbow of the potting smock",
                            Json("""{"tearWidth":"18 mm"}"""),
                            Json("""{"name":"drill"}"""),
                            null,
                            [],
                            Cancel
                        ),
                    (s, id, version) =>
                        store.Workings.ChangeAsync(
                            s,
                            id,
                            version,
                            "longer",
                            new WorkingChange(Ask: Json("""{"tearLength":"25 mm"}""")),
                            Cancel
                        )
                );
            case "swatch":
                return Of(
                    store.Swatches,
                    id =>
                        store.Swatches.AddAsync(
                            seat,
                            id,
                            working.Id,
                            new SwatchParts(
                                Readings: Read(("flat", [300]), ("gathered", [136, 137])),
                                Looks: ["uneven"],
                                Note: "the first"
                            ),
                            Cancel
                        ),
                    (s, id, version) =>
                        store.Swatches.ChangeAsync(
                            s,
                            id,
                            version,
                            new SwatchParts(Verdict: "nearly", Counts: false),
                            Cancel
                        )
                );
            case "photograph":
                var swatch = await store.Swatches.AddAsync(
                    seat,
                    Guid.CreateVersion7(),
                    working.Id,
                    new SwatchParts(),
                    Cancel
                );
                return Of(
                    store.Photographs,
                    id =>
                        store.Photographs.AddAsync(
                            seat,
                            id,
                            swatch!.Id,
                            new Picture([1, 2, 3], [1], 40, 30),
                            Cancel
                        )
                );
            case "cutting list":
                return Of(
                    store.CutLists,
                    id =>
                        store.CutLists.AddAsync(
                            seat,
                            new CutListLine(
                                id,
                                working.Id,
                                Json("""{"finishedEdge":"2.6 m"}"""),
                                Json("""{"stripCount":5}"""),
                                Json("[]"),
                                []
                            ),
                            Cancel
                        )
                );
            case "summary":
                return Of(
                    store.Keeps,
                    id =>
                        store.Keeps.AddAsync(
                            seat,
                            id,
                            working.Id,
                            new KeepParts(CameOut: "2.21 times full"),
                            [],
                            Cancel
                        ),
                    (s, id, version) =>
                        store.Keeps.ChangeAsync(
                            s,
                            id,
                            version,
                            new KeepParts(Verdict: "yes", Note: "again"),
                            Cancel
                        )
                );
            default:
                throw new ArgumentOutOfRangeException(nameof(kind), kind, null);
        }
    }

    private static Place Of<T>(
        RecordStore<T> records,
        Func<Guid, Task<T?>> add,
        Func<Seat, Guid, int, Task<Changed<T>>>? change = null
    )
        where T : class, IRow =>
        new(
            async id => (await add(id))?.Stamp.Version,
            async (seat, id) => (await records.FindAsync(seat, id, Cancel))?.Stamp.Version,
            async (seat, id, version) =>
            {
                var removed = await records.RemoveAsync(seat, id, version, "taken away", Cancel);
                return (removed.Row is not null, removed.Matched);
            },
            change is null
                ? null
                : async (seat, id, version) =>
                {
                    var changed = await change(seat, id, version);
                    return (changed.Row?.Stamp.Version, changed.Matched);
                }
        );

    private async Task<Guid> ThingAsync(Seat seat, string kind)
    {
        var id = Guid.CreateVersion7();
        await store.Things.AddAsync(seat, id, kind, $"a {kind}", Json("{}"), null, Cancel);
        return id;
    }
}
