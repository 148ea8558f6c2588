using CsCheck;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

public class LengthTests
{
    [Theory]
    [InlineData("92 cm", 920)]
    [InlineData("92cm", 920)]
    [InlineData("36 1/2 in", 927.1)]
    [InlineData("3-5/8\"", 92.075)]
    [InlineData("3⅝ in", 92.075)]
    [InlineData("3 ⅝ in", 92.075)]
    [InlineData("½ in", 12.7)]
    [InlineData("3 5⁄8 in", 92.075)]
    [InlineData("1.5m", 1500)]
    [InlineData("1,5 m", 1500)]
    [InlineData(".5 m", 500)]
    [InlineData("2 yd 4 in", 1930.4)]
    [InlineData("1' 2\"", 355.6)]
    [InlineData("1′ 2″", 355.6)]
    [InlineData("1’ 2”", 355.6)]
    [InlineData("  2   yd    4  in ", 1930.4)]
    [InlineData("1 m 20 cm 5 mm", 1205)]
    [InlineData("1 m + 2 in", 1050.8)]
    [InlineData("1.2 m + 80 cm + 60", 2600)]
    [InlineData("92", 920)]
    [InlineData("0", 0)]
    [InlineData("1 FT 6 Inches", 457.2)]
    public void Reads_what_people_write(string text, double mm)
    {
        var reading = LengthReader.Read(text, UnitSystem.Metric);

        reading.Error.ShouldBeNull();
        reading.Length.Millimetres.ShouldBe(mm, 1e-9);
    }

    [Fact]
    public void A_figure_without_a_unit_takes_the_systems_own()
    {
        LengthReader.Read("3 1/2", UnitSystem.Imperial).Length.Millimetres.ShouldBe(88.9, 1e-9);
        LengthReader.Read("3 1/2", UnitSystem.Metric).Length.Millimetres.ShouldBe(35, 1e-9);
        LengthReader.Read("3 1/2", UnitSystem.Metric).HadUnit.ShouldBeFalse();
        LengthReader.ReadFine("4.5").Length.Millimetres.ShouldBe(4.5);
    }

    [Theory]
    [InlineData("", 1)]
    [InlineData("   ", 1)]
    [InlineData("cm", 1)]
    [InlineData("-5 cm", 1)]
    [InlineData("5 furlongs", 3)]
    [InlineData("1.2.3 cm", 4)]
    [InlineData("1,2.3 cm", 4)]
    [InlineData("3/0 in", 3)]
    [InlineData("1 m 20", 5)]
    [InlineData("4 in 5 in", 6)]
    [InlineData("12 cm!", 6)]
    [InlineData("1 m 2 in", 5)]
    [InlineData("96.5 cm38 in", 8)]
    [InlineData("1 m +", 6)]
    [InlineData("9999999999999 m", 1)]
    [InlineData("1e5 m", 2)]
    public void Refuses_with_the_place(string text, int position)
    {
        var reading = LengthReader.Read(text, UnitSystem.Metric);

        reading.Error.ShouldNotBeNull();
        reading.Position.ShouldBe(position, reading.Error);
    }

    [Theory]
    [InlineData(927.1, "927 mm|92.7 cm", "36 1/2 in")]
    [InlineData(0, "0 mm", "0 in")]
    [InlineData(1.5875, "1.5 mm", "1/16 in")]
    public void Writes_a_marked_length(double mm, string metric, string imperial)
    {
        metric.Split('|').ShouldContain(Ruler.Metric.Mark(Length.FromMillimetres(mm)));
        Ruler.Imperial.Mark(Length.FromMillimetres(mm)).ShouldBe(imperial);
    }

    [Fact]
    public void Rounds_what_is_cut_up_and_what_is_marked_to_the_nearest()
    {
        var length = Length.FromMillimetres(1161.1);

        Ruler.Metric.Cut(length).ShouldBe("116.5 cm");
        Ruler.Metric.Mark(length).ShouldBe("116.1 cm");
        Ruler.Imperial.Cut(length).ShouldBe("45 3/4 in");
        Ruler.Imperial.Mark(length).ShouldBe("45 11/16 in");
        Ruler.Metric.Cut(Length.FromMillimetres(3150)).ShouldBe("3.15 m");
        Ruler.Imperial.Cut(Length.FromInches(76)).ShouldBe("76 in");
        Ruler.Metric.Write(Length.FromMillimetres(11862.5), LengthKind.Amount).ShouldBe("11.9 m");
    }

    [Fact]
    public void Reading_what_was_written_gives_back_the_same_marked_figure() =>
        Gen.Double[0, 100_000]
            .Sample(mm =>
            {
                foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
                {
                    var length = Length.FromMillimetres(mm);
                    foreach (var system in new[] { UnitSystem.Metric, UnitSystem.Imperial })
                    {
                        var reading = LengthReader.Read(ruler.Mark(length), system);
                        if (
                            !reading.IsRead
                            || Length.Difference(reading.Length, length)
                                > ruler.Marking / 2 + Length.FromMillimetres(1e-6)
                        )
                        {
                            return false;
                        }
                        if (ruler.Mark(reading.Length) != ruler.Mark(length))
                        {
                            return false;
                        }
                    }
                }
                return true;
            });

    [Theory]
    [InlineData(2.1, "3/32 in")]
    [InlineData(3.58, "5/32 in")]
    [InlineData(3.8, "5/32 in")]
    [InlineData(7.16, "5/16 in")]
    public void What_is_small_is_marked_finer_in_inches(double mm, string marked) =>
        Ruler.Imperial.Mark(Length.FromMillimetres(mm)).ShouldBe(marked);

    [Theory]
    [InlineData(2, 2)]
    [InlineData(6, 0.25)]
    [InlineData(10, 0.375)]
    [InlineData(12, 0.5)]
    [InlineData(15, 0.625)]
    [InlineData(20, 0.75)]
    [InlineData(25, 1)]
    [InlineData(100, 4)]
    [InlineData(200, 8)]
    [InlineData(1380, 54)]
    public void What_one_begins_with_is_said_in_the_own_unit(double mm, double said)
    {
        var length = Length.FromMillimetres(mm);

        Ruler.Metric.Said(length).ShouldBe(length);
        Ruler.Imperial.Said(length).ShouldBe(mm < 5 ? length : Length.FromInches(said));
    }

    [Fact]
    public void What_is_cut_is_never_short_of_what_is_needed() =>
        Gen.Double[0, 100_000]
            .Sample(mm =>
                new[] { Ruler.Metric, Ruler.Imperial }.All(ruler =>
                    LengthReader
                        .Read(ruler.Cut(Length.FromMillimetres(mm)), ruler.Units)
                        .Length.Millimetres
                    >= mm - 1e-4
                )
            );

    [Fact]
    public void No_text_makes_the_reader_throw() =>
        Gen.String[Gen.Char["0123456789 ./,'\"⅝½cminftyd+-⁄″′e"], 0, 24]
            .Sample(text =>
            {
                var reading = LengthReader.Read(text, UnitSystem.Metric);
                return reading.IsRead || reading.Position is >= 1 and <= 25;
            });

    [Theory]
    [InlineData(24.0000000001, 24)]
    [InlineData(23.9999999999, 24)]
    [InlineData(24.001, 25)]
    public void Counts_are_guarded_against_the_last_bits(double x, double up) =>
        Rounding.CeilingTolerant(x).ShouldBe(up);

    [Theory]
    [InlineData("80 mm", "11 cm", "8 × 11 cm")]
    [InlineData("1.2 m", "31.5 cm", "120 × 31.5 cm")]
    [InlineData("45 mm", "65 mm", "45 × 65 mm")]
    [InlineData("12.5 mm", "2.005 m", "1.25 × 200.5 cm")]
    [InlineData("4 1/4 in", "6 in", "4 1/4 × 6 in")]
    public void The_two_numbers_of_a_size_carry_one_unit(string one, string other, string size) =>
        Ruler.Size(one, other).ShouldBe(size);
}
