using CsCheck;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;

namespace ZephyrReach.Core.Tests;

/// <summary>What pieces take together, against what is there, and what is missing as it is sold.</summary>
public class TotalTests
{
    private static readonly Guid Cloth = Guid.Parse("01a1dc70-1039-783d-9443-000b01af0f5f");

    [Theory]
    [InlineData("cloth", 1, "0.1 m", "1/8 yd")]
    [InlineData("cloth", 1230, "1.4 m", "1 1/2 yd")]
    [InlineData("cloth", 914.4, "1 m", "1 1/8 yd")]
    [InlineData("cord", 1230, "1.5 m", "1 1/2 yd")]
    [InlineData("stabiliser", 400, "0.5 m", "1/2 yd")]
    [InlineData("thread", 100_000, "1 spool of 100 m", "1 spool of 100 m")]
    [InlineData("thread", 100_001, "2 spools of 100 m", "2 spools of 100 m")]
    [InlineData("elastic", 5400, "1 reel of 20 m", "1 reel of 20 m")]
    public void What_is_missing_is_rounded_up_to_how_it_is_sold(
        string kind,
        double mm,
        string metric,
        string imperial
    )
    {
        RetailUnits
            .Says(kind, Length.FromMillimetres(mm), Ruler.Metric)
            .Split(',')[0]
            .ShouldBe(metric);
        RetailUnits
            .Says(kind, Length.FromMillimetres(mm), Ruler.Imperial)
            .Split(',')[0]
            .ShouldBe(imperial);
    }

    [Fact]
    public void What_was_taken_is_never_wanted_again_and_a_shelf_that_is_not_known_is_never_short() =>
        Gen.Select(Gen.Double[1, 5000].Array[1, 6], Gen.Bool.Array[6], Gen.Double[0, 9000])
            .Sample(
                (amounts, taken, shelf) =>
                {
                    var takings = amounts
                        .Select((mm, i) => Of("cloth", Cloth, mm, taken[i], $"{i % 3}"))
                        .ToList();
                    var line = Total
                        .Of(takings, _ => Length.FromMillimetres(shelf), Ruler.Metric)
                        .ShouldHaveSingleItem();
                    var still = amounts.Where((_, i) => !taken[i]).Sum();

                    line.Needed.Millimetres.ShouldBe(amounts.Sum(), 1e-6);
                    line.Still.Millimetres.ShouldBe(still, 1e-6);
                    line.Short.Millimetres.ShouldBe(Math.Max(0, still - shelf), 1e-6);
                    (line.Buy.Length > 0).ShouldBe(line.Short > Length.Zero);
                    line.For.ShouldBeUnique();
                    Total.Of(takings, _ => null, Ruler.Metric).Single().Buy.ShouldBeEmpty();
                }
            );

    [Fact]
    public void Things_that_were_not_chosen_are_told_apart_by_name_and_what_is_short_comes_first()
    {
        var lines = Total.Of(
            [
                Of("thread", null, 10, false, "Frill", "thread"),
                Of("cloth", null, 10, false, "Frill", "lawn"),
                Of("cloth", null, 20, false, "Bib", "ticking"),
                Of("cloth", Cloth, 500, false, "Bib", "voile"),
                Of("cloth", null, 5, false, "Cuff", "lawn"),
            ],
            _ => Length.FromMillimetres(100),
            Ruler.Metric
        );

        lines
            .Select(l => (l.Name, l.Needed.Millimetres))
            .ShouldBe([("voile", 500), ("thread", 10), ("lawn", 15), ("ticking", 20)]);
        lines[0].Buy.ShouldBe("0.5 m, with 3 % for the wash and 50 mm for its ends");
        lines[2].For.ShouldBe(["Frill", "Cuff"]);
    }

    private static Taking Of(
        string kind,
        Guid? thing,
        double mm,
        bool isTaken,
        string for_,
        string name = "voile"
    ) => new(kind, thing, name, Length.FromMillimetres(mm), isTaken, for_);
}
