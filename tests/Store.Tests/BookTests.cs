using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>The swatch book and the search: what is found by which words, over a whole workroom.</summary>
public class BookTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task Every_filter_leaves_what_it_says_and_counts_the_same()
    {
        var book = await FillAsync();

        await FoundAsync(new(Cloth: "striped ticking"), "first", "second");
        await FoundAsync(new(Cloth: "lawn"), "third");
        await FoundAsync(new(Foot: "ruffler"), "second");
        await FoundAsync(new(Foot: "gathering foot"), "third");
        await FoundAsync(new(Technique: "gathering-foot"), "third");
        await FoundAsync(new(Verdict: "nearly"), "first", "third");
        await FoundAsync(new(Working: book.Working), "first", "second");
        await FoundAsync(new(Cloth: "striped ticking", Verdict: "nearly"), "first");
        await FoundAsync(new(), "first", "second", "third");
        await FoundAsync(new(Cloth: "ticking"));

        async Task FoundAsync(SwatchFilter filter, params string[] notes)
        {
            var page = await store.Book.PageAsync(book.Seat, filter, null, 10, Cancel);
            page.Select(r => r.Swatch.Note[..^1].Trim()).Reverse().ShouldBe(notes);
            (await store.Book.CountAsync(book.Seat, filter, Cancel)).ShouldBe(notes.Length);
        }
    }

    [Theory]
    [InlineData("FIRST", 1)]
    [InlineData("uneven", 1)]
    [InlineData("universal", 1)]
    [InlineData("Valance", 2)]
    [InlineData("ruff", 1)]
    [InlineData("awn", 1)]
    [InlineData("%", 1)]
    [InlineData("_", 0)]
    [InlineData("\\", 0)]
    public async Task Words_are_found_in_notes_settings_looks_and_names_as_they_are(
        string text,
        int found
    )
    {
        var book = await FillAsync();

        (await store.Book.CountAsync(book.Seat, new SwatchFilter(Text: text), Cancel)).ShouldBe(
            found
        );
    }

    [Fact]
    public async Task A_cloth_that_is_renamed_is_renamed_in_the_book_and_one_that_is_gone_keeps_its_name()
    {
        var book = await FillAsync();
        await store.Things.ChangeAsync(
            book.Seat,
            book.Cloth,
            1,
            "renamed",
            new ThingChange("awning stripe", null, null),
            Cancel
        );
        (await NamesAsync()).ShouldBe(["awning stripe", "awning stripe", "lawn"]);

        await store.Things.RemoveAsync(book.Seat, book.Cloth, null, "used up", Cancel);
        // As the swatch itself remembers it.
        (await NamesAsync()).ShouldBe(["ticking, as it was", "ticking, as it was", "lawn"]);

        async Task<IEnumerable<string>> NamesAsync() =>
            (await store.Book.PageAsync(book.Seat, new SwatchFilter(), null, 10, Cancel))
                .Select(r => r.ClothName)
                .Reverse();
    }

    [Fact]
    public async Task There_is_to_choose_from_what_there_is_and_how_often()
    {
        var book = await FillAsync();

        var facets = await store.Book.FacetsAsync(book.Seat, Cancel);

        facets
            .Select(f => $"{f.Facet}: {f.Name} {f.Count}")
            .ShouldBe([
                "cloth: striped ticking 2",
                "cloth: lawn 1",
                "foot: gathering foot 1",
                "foot: ruffler 1",
                "technique: pulled-gathers 2",
                "technique: gathering-foot 1",
                "verdict: nearly 2",
                "verdict: yes 1",
                $"year: {DateTime.UtcNow.Year} 3",
            ]);
        var stranger = await store.SeatAsync();
        (await store.Book.FacetsAsync(stranger, Cancel)).ShouldBeEmpty();
    }

    [Fact]
    public async Task The_pages_of_the_book_have_neither_gap_nor_double_where_many_came_at_once()
    {
        var seat = await store.SeatAsync();
        var lines = Enumerable
            .Range(0, 23)
            .Select(i => new SwatchLine(Guid.CreateVersion7(), Alone($"note {i}")))
            .ToList();
        // All of one moment: their ids alone give them an order.
        await store.Swatches.TakeInAsync(seat, "taken in", lines, Cancel);

        List<Guid> seen = [];
        List<BookRow> page;
        SwatchRow? last = null;
        do
        {
            page = await store.Book.PageAsync(
                seat,
                new SwatchFilter(),
                last is null ? null : new BookPlace(last.Stamp.CreatedAt, last.Id),
                5,
                Cancel
            );
            seen.AddRange(page.Select(r => r.Swatch.Id));
            last = page[^1].Swatch;
            // The next page is there also when the swatch that this one ended with is not.
            await store.Swatches.RemoveAsync(seat, last.Id, null, "swatch deleted", Cancel);
        } while (page.Count == 5);

        seen.ShouldBe(lines.Select(l => l.Id).OrderDescending());
    }

    [Fact]
    public async Task Some_by_their_ids_are_those_of_the_workroom_with_their_photographs()
    {
        var book = await FillAsync();
        var (seat, other) = (book.Seat, await store.SeatAsync());
        // Two of one moment are in no order of their own.
        List<Guid> photographs =
        [
            .. new[] { Guid.CreateVersion7(), Guid.CreateVersion7() }.Order(),
        ];
        foreach (var id in photographs)
        {
            await store.Photographs.AddAsync(
                seat,
                id,
                book.Third,
                new Picture([1], [1], 4, 3),
                Cancel
            );
        }
        Guid[] asked = [book.Third, Guid.CreateVersion7()];

        var found = (await store.Book.SomeAsync(seat, asked, Cancel)).ShouldHaveSingleItem();
        found.Photographs.ShouldBe(photographs);
        found.WorkingName.ShouldBeEmpty();
        (await store.Book.SomeAsync(other, asked, Cancel)).ShouldBeEmpty();
    }

    [Fact]
    public async Task The_search_names_what_it_found_with_where_it_is_and_names_come_before_notes()
    {
        var book = await FillAsync();
        await store.Keeps.AddAsync(
            book.Seat,
            Guid.CreateVersion7(),
            book.Working,
            new KeepParts(CameOut: "the valance hangs straight"),
            [],
            Cancel
        );

        var found = await store.Finds.FindAsync(book.Seat, "valance", Cancel);

        found
            .Select(f => (f.Kind, f.Where))
            .ShouldBe([
                ("working", "Allotment open day"),
                ("keep", "Valance over the seedling stall"),
            ]);
        found.ShouldAllBe(f => f.Working == book.Working);
        (await store.Finds.FindAsync(book.Seat, "RUFFLER", Cancel))
            .ShouldHaveSingleItem()
            .Thing.ShouldBe(book.Foot);
        // Words in any order, of the piece and of where it is.
        (await store.Finds.FindAsync(book.Seat, "stall open valance", Cancel))
            .ShouldHaveSingleItem()
            .Working.ShouldBe(book.Working);
        (await store.Finds.FindAsync(book.Seat, "valance nowhere", Cancel)).ShouldBeEmpty();
        (await store.Finds.FindAsync(book.Seat, "third", Cancel))
            .ShouldHaveSingleItem()
            .Where.ShouldBe("a swatch by itself");
        (await store.Finds.FindAsync(await store.SeatAsync(), "valance", Cancel)).ShouldBeEmpty();
    }

    [Fact]
    public async Task The_search_ends_at_thirty_and_keeps_the_names()
    {
        var seat = await store.SeatAsync();
        var lines = Enumerable
            .Range(0, 40)
            .Select(i => new SwatchLine(Guid.CreateVersion7(), Alone($"smock {i}")))
            .ToList();
        await store.Swatches.TakeInAsync(seat, "taken in", lines, Cancel);
        await store.Projects.AddAsync(seat, Guid.CreateVersion7(), "Smock", null, "", Cancel);

        var found = await store.Finds.FindAsync(seat, "smock", Cancel);

        found.Count.ShouldBe(30);
        found[0].Kind.ShouldBe("project");
    }

    [Fact]
    public async Task The_book_is_narrowed_by_machine_and_by_the_year_it_was_sewn_in()
    {
        var book = await FillAsync();
        var machine = Guid.CreateVersion7();
        await store.Things.AddAsync(
            book.Seat,
            machine,
            "machine",
            "window machine",
            Json("{}"),
            null,
            Cancel
        );
        var line = new SwatchLine(
            Guid.CreateVersion7(),
            Alone("last year’s setting") with
            {
                Uses = Json($$"""{"machine":"{{machine}}"}"""),
            }
        );
        await store.Swatches.TakeInAsync(book.Seat, "taken in", [line], Cancel);
        var year = DateTime.UtcNow.Year;

        (await CountAsync(new SwatchFilter(Machine: "window machine"))).ShouldBe(1);
        (await CountAsync(new SwatchFilter(Machine: "shed overlocker"))).ShouldBe(0);
        (await CountAsync(new SwatchFilter(Year: year))).ShouldBe(4);
        (await CountAsync(new SwatchFilter(Year: year - 1))).ShouldBe(0);
        (
            await CountAsync(new SwatchFilter(Machine: "window machine", Text: "window setting"))
        ).ShouldBe(0);
        var facets = await store.Book.FacetsAsync(book.Seat, Cancel);
        facets
            .Where(f => f.Facet is "machine" or "year")
            .Select(f => (f.Name, f.Count))
            .ShouldBe([("window machine", 1), ($"{year}", 4)]);

        Task<int> CountAsync(SwatchFilter filter) =>
            store.Book.CountAsync(book.Seat, filter, Cancel);
    }

    private sealed record Book(Seat Seat, Guid Working, Guid Cloth, Guid Foot, Guid Third);

    /// <summary>Two swatches of a working in striped ticking, the second by a ruffler, and one alone in lawn.</summary>
    private async Task<Book> FillAsync()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var (cloth, foot) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        var nothing = Json("{}");
        await store.Things.AddAsync(seat, cloth, "cloth", "striped ticking", nothing, null, Cancel);
        await store.Things.AddAsync(seat, foot, "foot", "ruffler", nothing, null, Cancel);
        var ticking = Json("""{"name":"ticking, as it was"}""");
        await AddAsync(
            working.Id,
            new SwatchParts(
                Uses: Json($$"""{"cloth":"{{cloth}}"}"""),
                Cloth: ticking,
                Looks: ["uneven"],
                Verdict: "nearly",
                Note: "first %"
            )
        );
        await AddAsync(
            working.Id,
            new SwatchParts(
                Uses: Json($$"""{"cloth":"{{cloth}}","foot":"{{foot}}"}"""),
                Cloth: ticking,
                Settings: Json("""{"Needle":"universal 80"}"""),
                Verdict: "yes",
                Note: "second."
            )
        );
        var third = await AddAsync(
            null,
            new SwatchParts(
                Technique: "gathering-foot",
                Cloth: Json("""{"name":"lawn"}"""),
                Settings: Json("""{"Foot":"gathering foot"}"""),
                Verdict: "nearly",
                Note: "third."
            )
        );
        return new Book(seat, working.Id, cloth, foot, third);

        async Task<Guid> AddAsync(Guid? of, SwatchParts parts)
        {
            var id = Guid.CreateVersion7();
            await store.Swatches.AddAsync(seat, id, of, parts, Cancel);
            return id;
        }
    }

    private static SwatchParts Alone(string note) =>
        new(
            Json("{}"),
            Read(),
            [],
            null,
            "",
            note,
            "shirring",
            Json("{}"),
            Json("{}"),
            Json("{}"),
            true,
            false
        );
}
