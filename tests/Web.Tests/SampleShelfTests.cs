using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Store;
using ZephyrReach.Web.Swatches;

namespace ZephyrReach.Web.Tests;

/// <summary>Which swatches a working's prediction rests on, and how much each of them counts.</summary>
public class SampleShelfTests
{
    private static readonly Guid Foot = Guid.CreateVersion7();
    private static readonly Guid Cloth = Guid.CreateVersion7();
    private static readonly WorkingRow Own = Working(Guid.CreateVersion7(), Foot, Cloth);

    [Fact]
    public void The_same_things_of_the_drawer_count_in_full_and_others_half()
    {
        var shelf = new SampleShelf([
            Swatch(1, uses: (Foot, Cloth)),
            Swatch(2, uses: (Foot, Guid.CreateVersion7())),
            Swatch(3, uses: (Guid.CreateVersion7(), Cloth)),
        ]);

        shelf.Of(Own).Select(s => s.IsSame).ShouldBe([true, false, false]);
    }

    [Fact]
    public void Where_neither_says_what_it_used_the_cloths_name_or_the_own_working_decides()
    {
        var working = Working(Guid.CreateVersion7(), null, null, "ticking");
        var shelf = new SampleShelf([
            Swatch(1, cloth: "ticking"),
            Swatch(2, cloth: "voile"),
            Swatch(3, of: working.Id, cloth: "voile"),
        ]);

        shelf.Of(working).Select(s => s.IsSame).ShouldBe([true, false, true]);
    }

    [Fact]
    public void A_simulated_swatch_gives_way_to_the_first_that_is_really_sewn()
    {
        var simulated = Swatch(1, of: Own.Id, isSimulated: true);
        var others = Swatch(2, of: Guid.CreateVersion7(), isSimulated: true);
        var real = Swatch(3, of: Own.Id);
        var elsewhere = Swatch(4, of: Guid.CreateVersion7());

        Ids([simulated, others]).ShouldBe([simulated.Id, others.Id]);
        // Really sewn elsewhere: the own simulated one still serves, until it has a real one too.
        Ids([simulated, others, elsewhere]).ShouldBe([simulated.Id, elsewhere.Id]);
        Ids([simulated, others, elsewhere, real]).ShouldBe([real.Id, elsewhere.Id]);
    }

    [Fact]
    public void Of_many_it_takes_those_of_the_same_cloth_and_then_the_newest_the_oldest_first()
    {
        var same = Enumerable.Range(0, 20).Select(i => Swatch(i, uses: (Foot, Cloth))).ToList();
        var others = Enumerable
            .Range(100, 300)
            .Select(i => Swatch(i, uses: (Guid.CreateVersion7(), Cloth)))
            .ToList();

        var taken = new SampleShelf([.. others, .. same]).Of(Own);

        taken.Count.ShouldBe(200);
        taken.Count(s => s.IsSame).ShouldBe(20);
        taken.Select(s => s.Swatch.Stamp.CreatedAt).ShouldBeInOrder();
        taken.Select(s => s.Swatch.Id).ShouldContain(others[^1].Id);
        taken.Select(s => s.Swatch.Id).ShouldNotContain(others[0].Id);
    }

    [Fact]
    public void An_ask_gets_its_samples_where_they_predict_and_else_stays_as_it_is()
    {
        var shelf = new SampleShelf([
            Swatch(1, of: Own.Id),
            Swatch(2, technique: "pulled-gathers"),
        ]);
        var ask = RawAsk.Of(("finishedEdge", "2 m"));

        var samples = shelf.With(Own, ask).Values["samples"].List!;
        samples.Count.ShouldBe(1);
        samples[0].Group!.Values["flat"].List!.Single().Number.ShouldBe(300);
        samples[0].Group!.Values["counts"].Flag.ShouldBe(true);
        shelf
            .With(Own with { Technique = "pulled-gathers" }, ask)
            .Values.Keys.ShouldBe(["finishedEdge"]);
    }

    [Fact]
    public void A_swatch_is_in_short_what_its_own_technique_says()
    {
        var block = Swatch(1, technique: "darning") with
        {
            Readings = new Dictionary<string, IReadOnlyList<double>> { ["length"] = [19, 19] },
            Features = Json(new { setLength = 20 }),
        };

        string? Short(SwatchRow row) =>
            SwatchWords.Of(row.Technique)?.InShort(SwatchWords.Sewn(row, true))?.Text;

        Short(Swatch(1)).ShouldBe("1.76");
        Short(block).ShouldBe("0.950");
        Short(block with { Features = Json(new { }) }).ShouldBeNull();
        SwatchWords.SetOf(block).Select(f => f.Text).ShouldBe(["20 mm"]);
        SwatchWords
            .ReadOf(block, Core.Measures.Ruler.Metric)
            .Single()
            .Text.ShouldBe("19 mm; 19 mm");
    }

    private static List<Guid> Ids(IReadOnlyList<SwatchRow> measured) =>
        [.. new SampleShelf(measured).Of(Own).Select(s => s.Swatch.Id).Order()];

    private static WorkingRow Working(Guid id, Guid? foot, Guid? cloth, string name = "") =>
        new(
            id,
            Guid.CreateVersion7(),
            "gathering-foot",
            1,
            "Valance",
            Json(new { }),
            Json(new { name }),
            Json(new { }),
            "sample",
            0,
            Uses(foot, cloth),
            Json(new { }),
            null,
            false,
            default
        );

    private static SwatchRow Swatch(
        int minute,
        Guid? of = null,
        (Guid Foot, Guid Cloth)? uses = null,
        string cloth = "",
        bool isSimulated = false,
        string technique = "gathering-foot"
    ) =>
        new(
            Guid.CreateVersion7(DateTimeOffset.UnixEpoch.AddMinutes(minute)),
            of,
            Json(new { }),
            new Dictionary<string, IReadOnlyList<double>>
            {
                ["flat"] = [300],
                ["gathered"] = [170],
            },
            [],
            "",
            "",
            "",
            technique,
            uses is { } u ? Uses(u.Foot, u.Cloth) : Json(new { }),
            Json(new { stitchLength = 4 }),
            Json(new { name = cloth }),
            true,
            isSimulated,
            new Stamp(
                1,
                "",
                DateTimeOffset.UnixEpoch.AddMinutes(minute),
                DateTimeOffset.UnixEpoch.AddMinutes(minute)
            )
        );

    private static JsonElement Uses(Guid? foot, Guid? cloth) =>
        JsonSerializer.SerializeToElement(
            new Dictionary<string, Guid?> { ["foot"] = foot, ["cloth"] = cloth }
                .Where(u => u.Value is not null)
                .ToDictionary(u => u.Key, u => u.Value)
        );

    private static JsonElement Json(object value) => JsonSerializer.SerializeToElement(value);
}
