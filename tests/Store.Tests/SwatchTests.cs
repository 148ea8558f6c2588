using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>What a swatch keeps of its working, of its readings and of its pictures.</summary>
public class SwatchTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task A_swatch_takes_technique_cloth_and_things_from_its_working_and_keeps_them()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var cloth = Json("""{"name":"striped ticking"}""");
        var uses = Json($$"""{"cloth":"{{Guid.CreateVersion7()}}"}""");
        await store.Workings.ChangeAsync(
            seat,
            working.Id,
            1,
            "cloth",
            new WorkingChange(Cloth: cloth, Uses: uses),
            Cancel
        );

        var swatch = await AddAsync(seat, working.Id, new SwatchParts());
        await store.Workings.ChangeAsync(
            seat,
            working.Id,
            2,
            "another",
            new WorkingChange(Cloth: Json("""{"name":"lawn"}""")),
            Cancel
        );

        swatch.Technique.ShouldBe("pulled-gathers");
        swatch.Uses.GetRawText().ShouldBe(uses.GetRawText().Replace("\":\"", "\": \""));
        var now = await store.Swatches.FindAsync(seat, swatch.Id, Cancel);
        now!.Cloth.GetProperty("name").GetString().ShouldBe("striped ticking");
        now.Counts.ShouldBeTrue();
        now.Simulated.ShouldBeFalse();
    }

    [Fact]
    public async Task Readings_are_set_one_by_one_and_an_empty_one_is_taken_out()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var swatch = await AddAsync(
            seat,
            working.Id,
            new SwatchParts(Readings: Read(("flat", [300]), ("gathered", [136, 137.5])))
        );

        var steamed = await ChangeAsync(1, Read(("steamed", [139])));
        steamed.ShouldBe(["flat 300", "gathered 136 137.5", "steamed 139"]);
        var again = await ChangeAsync(2, Read(("gathered", [141])));
        again.ShouldBe(["flat 300", "gathered 141", "steamed 139"]);
        var less = await ChangeAsync(3, Read(("flat", []), ("steamed", [])));
        less.ShouldBe(["gathered 141"]);

        async Task<IEnumerable<string>> ChangeAsync(
            int version,
            IReadOnlyDictionary<string, IReadOnlyList<double>> readings
        )
        {
            var changed = await store.Swatches.ChangeAsync(
                seat,
                swatch.Id,
                version,
                new SwatchParts(Readings: readings),
                Cancel
            );
            changed.Matched.ShouldBeTrue();
            return changed
                .Row!.Readings.OrderBy(r => r.Key)
                .Select(r => $"{r.Key} {string.Join(' ', r.Value)}");
        }
    }

    [Theory]
    [InlineData(0)]
    [InlineData(-1)]
    [InlineData(double.NaN)]
    public async Task What_was_not_measured_is_never_kept_as_a_reading(double mm)
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var swatch = await AddAsync(
            seat,
            working.Id,
            new SwatchParts(Readings: Read(("flat", [300])))
        );

        await Should.ThrowAsync<Exception>(() =>
            store.Swatches.ChangeAsync(
                seat,
                swatch.Id,
                1,
                new SwatchParts(Readings: Read(("gathered", [136, mm]))),
                Cancel
            )
        );

        var now = await store.Swatches.FindAsync(seat, swatch.Id, Cancel);
        (now!.Stamp.Version, now.Readings.Count).ShouldBe((1, 1));
    }

    [Fact]
    public async Task Only_what_was_measured_wholly_is_learnt_from_and_the_newest_first()
    {
        var (seat, other) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var working = await store.WorkingAsync(seat);
        List<Guid> whole = [];
        for (var i = 0; i < 4; i++)
        {
            whole.Insert(
                0,
                (
                    await AddAsync(
                        seat,
                        working.Id,
                        new SwatchParts(Readings: Read(("flat", [300]), ("gathered", [130 + i])))
                    )
                ).Id
            );
            await AddAsync(seat, working.Id, new SwatchParts(Readings: Read(("flat", [300]))));
        }
        await AddAsync(
            seat,
            null,
            new SwatchParts(
                Technique: "shirring",
                Readings: Read(("flat", [300]), ("gathered", [170]))
            )
        );
        await AddAsync(
            other,
            null,
            new SwatchParts(
                Technique: "pulled-gathers",
                Readings: Read(("flat", [300]), ("gathered", [170]))
            )
        );

        (await MeasuredAsync(["flat", "gathered"], 10)).ShouldBe(whole);
        (await MeasuredAsync(["flat", "gathered"], 3)).ShouldBe(whole.Take(3));
        (await MeasuredAsync(["flat"], 100)).Count.ShouldBe(8);
        (await MeasuredAsync(["flat", "gathered", "steamed"], 10)).ShouldBeEmpty();

        async Task<List<Guid>> MeasuredAsync(string[] needed, int most) =>
            [
                .. (
                    await store.Swatches.MeasuredAsync(seat, "pulled-gathers", needed, most, Cancel)
                ).Select(s => s.Id),
            ];
    }

    [Fact]
    public async Task The_tally_counts_what_is_there_and_tells_the_verdict_on_the_last()
    {
        var seat = await store.SeatAsync();
        var (one, none) = (await store.WorkingAsync(seat), await store.WorkingAsync(seat));
        await AddAsync(seat, one.Id, new SwatchParts(Verdict: "no"));
        var second = await AddAsync(seat, one.Id, new SwatchParts(Verdict: "yes"));
        var last = await AddAsync(seat, one.Id, new SwatchParts());

        (await TallyAsync()).ShouldBe(new SwatchTally(one.Id, 3, ""));
        await store.Swatches.RemoveAsync(seat, last.Id, null, "taken out", Cancel);
        (await TallyAsync()).ShouldBe(new SwatchTally(one.Id, 2, "yes"));
        await store.Swatches.RemoveAsync(seat, second.Id, null, "taken out", Cancel);
        (await TallyAsync()).ShouldBe(new SwatchTally(one.Id, 1, "no"));

        async Task<SwatchTally> TallyAsync() =>
            (
                await store.Swatches.TallyAsync(seat, [one.Id, none.Id], Cancel)
            ).ShouldHaveSingleItem();
    }

    [Fact]
    public async Task A_table_changes_the_swatches_it_knows_adds_the_others_and_leaves_what_it_cannot_say()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var known = await AddAsync(
            seat,
            working.Id,
            new SwatchParts(
                Settings: Json("""{"Needle":"universal 80"}"""),
                Readings: Read(("flat", [300]), ("steamed", [140])),
                Changed: "tension",
                Simulated: true
            )
        );
        var before = await store.ContentsAsync(seat);
        var line = Line() with { Readings = Read(("flat", [300]), ("gathered", [150])) };
        var fresh = Guid.CreateVersion7();

        var taken = await store.Swatches.TakeInAsync(
            seat,
            "2 swatches taken in",
            [new(known.Id, line), new(fresh, Line())],
            Cancel
        );

        taken.ShouldBe(2);
        var now = (await store.Swatches.FindAsync(seat, known.Id, Cancel))!;
        (now.WorkingId, now.Changed, now.Simulated).ShouldBe((working.Id, "tension", true));
        now.Readings.Keys.ShouldBe(["flat", "gathered"], ignoreOrder: true);
        now.Settings.GetProperty("Needle").GetString().ShouldBe("universal 80");
        (await store.Swatches.FindAsync(seat, fresh, Cancel))!.WorkingId.ShouldBeNull();

        var step = (await store.History.LookAsync(seat, Cancel)).Undo!;
        step.Says.ShouldBe("2 swatches taken in");
        await store.History.TurnAsync(seat, step.Id, true, Cancel);
        (await store.ContentsAsync(seat)).ShouldBe(before);
    }

    [Fact]
    public async Task A_table_never_reaches_a_swatch_of_another_workroom()
    {
        var (ours, theirs) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var swatch = await AddAsync(theirs, null, new SwatchParts(Note: "theirs"));
        var before = await store.ContentsAsync(theirs);

        var taken = await store.Swatches.TakeInAsync(
            ours,
            "1 swatch taken in",
            [new(swatch.Id, Line())],
            Cancel
        );

        taken.ShouldBe(0);
        (await store.ContentsAsync(theirs)).ShouldBe(before);
        (await store.ContentsAsync(ours)).ShouldNotContain($"{swatch.Id}");
    }

    [Fact]
    public async Task A_picture_comes_back_with_its_photograph_and_is_shown_in_its_workroom_only()
    {
        var (seat, other) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var swatch = await AddAsync(seat, null, new SwatchParts());
        var id = Guid.CreateVersion7();
        var picture = new Picture([10, 20, 30], [10], 400, 300);
        await store.Photographs.AddAsync(seat, id, swatch.Id, picture, Cancel);

        (await PictureAsync(seat, small: false)).ShouldBe([10, 20, 30]);
        (await PictureAsync(seat, small: true)).ShouldBe([10]);
        (await PictureAsync(other, small: true)).ShouldBeNull();

        // The swatch goes, and the photograph with it; one step brings back both.
        await store.Swatches.RemoveAsync(seat, swatch.Id, null, "taken out", Cancel);
        (await PictureAsync(seat, small: false)).ShouldBeNull();
        (await store.Photographs.OfSwatchesAsync(seat, [swatch.Id], Cancel)).ShouldBeEmpty();
        var step = (await store.History.LookAsync(seat, Cancel)).Undo!;
        await store.History.TurnAsync(seat, step.Id, true, Cancel);
        (await PictureAsync(seat, small: false)).ShouldBe([10, 20, 30]);

        Task<byte[]?> PictureAsync(Seat by, bool small) =>
            store.Photographs.PictureAsync(by, id, small, Cancel);
    }

    private static SwatchParts Line() =>
        new(
            Json("{}"),
            Read(),
            [],
            null,
            "",
            "",
            "pulled-gathers",
            Json("{}"),
            Json("{}"),
            Json("{}"),
            true,
            false
        );

    private async Task<SwatchRow> AddAsync(Seat seat, Guid? working, SwatchParts parts) =>
        (await store.Swatches.AddAsync(seat, Guid.CreateVersion7(), working, parts, Cancel))!;
}
