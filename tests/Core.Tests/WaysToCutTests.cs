using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Tests;

/// <summary>Ways to cut, each worked by hand: by outlines, double, matched across joins, and on the bias.</summary>
public sealed class WaysToCutTests
{
    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static CuttingTask On(double width, params PieceToCut[] pieces) =>
        new(new Sheet(Mm(width), null), [], pieces);

    private static PieceToCut Piece(int count, double width, double length) =>
        new("a", count, Mm(width), Mm(length), Grain.Along);

    private static Layout Lay(CuttingTask task, double seconds = 0) =>
        CuttingTable.Lay(task, seconds, TestContext.Current.CancellationToken);

    private static Path Outline(params (double X, double Y)[] at) =>
        Path.Of(true, [.. at.Select(p => Point.At(p.X, p.Y))]);

    [Fact]
    public void Two_halves_of_a_square_lie_in_it_and_the_bound_is_their_area()
    {
        var half = Piece(2, 200, 200) with { Outline = Outline((0, 0), (200, 0), (0, 200)) };
        var layout = Lay(On(200, half), 0.5);
        // Along the slant they are as far apart as a band is wide.
        layout.Used.Millimetres.ShouldBeInRange(200, 203);
        layout.AtLeast.Millimetres.ShouldBe(200, 1e-3);
        layout.Placements.Count(p => p.IsHalfTurned).ShouldBe(1);
        // A print that runs one way leaves none of them on its head.
        Lay(On(200, half) with { OneWay = true }, 0.5).Used.Millimetres.ShouldBe(400, 1);
    }

    [Fact]
    public void A_small_piece_lies_in_the_hollow_of_a_large_one()
    {
        // An L of 300 × 300, 100 wide, leaves 200 × 200 of its rectangle free.
        var angle = Piece(1, 300, 300) with
        {
            Outline = Outline((0, 0), (300, 0), (300, 100), (100, 100), (100, 300), (0, 300)),
        };
        var layout = Lay(On(300, angle, Piece(1, 190, 190)), 0.5);
        layout.Used.Millimetres.ShouldBe(300, 1e-3);
        // By cuts that go right across nothing lies in a hollow.
        Lay(On(300, angle, Piece(1, 190, 190)) with { EdgeToEdge = true })
            .Used.Millimetres.ShouldBe(490, 1e-3);
    }

    [Fact]
    public void Folded_double_two_are_cut_at_once_and_one_that_is_over_on_the_fold()
    {
        // On 700 of the fold: a pair of 300 beside half of 300, and 700 − 450 free to the selvedges.
        var layout = Lay(On(1400, Piece(3, 300, 400)) with { IsDouble = true });
        layout.Used.Millimetres.ShouldBe(400, 1e-3);
        layout.IsProven.ShouldBeTrue();
        layout.Placements.Count(p => p.IsOnFold).ShouldBe(1);
        layout.Placements.Count(p => p.IsMirrored).ShouldBe(1);
        var left = layout.Left.ShouldHaveSingleItem();
        (left.Count, left.IsAtFold, Math.Round(left.OpenWidth.Millimetres)).ShouldBe(
            (2, false, 250)
        );
        // Wider than half of the fabric: not by pairs, each on the fold.
        Lay(On(1400, Piece(2, 900, 300)) with { IsDouble = true })
            .Used.Millimetres.ShouldBe(600, 1e-3);
    }

    [Theory]
    [InlineData(true, false, false, "single layer")]
    [InlineData(false, true, false, "one way")]
    [InlineData(false, false, true, "one by one")]
    public void What_cannot_be_cut_double_says_why(bool bias, bool oneWay, bool joined, string why)
    {
        var piece = Piece(2, 40, 400) with
        {
            IsBias = bias,
            Joined = joined ? new Joined(Mm(10)) : null,
        };
        var task = On(1400, piece) with { OneWay = oneWay, RepeatAlong = bias ? null : Mm(64) };
        CuttingTable.WhyNotDouble(task).ShouldContain(why);
    }

    [Fact]
    public void Strips_that_are_joined_begin_where_the_pattern_of_the_one_before_ends()
    {
        // From seam to seam 500 − 2·10 = 480, which is 7 repeats of 64 and 32: the second begins 32 behind a repeat, the third on one.
        var strip = Piece(3, 80, 500) with
        {
            Joined = new Joined(Mm(10)),
        };
        var layout = Lay(On(1400, strip) with { RepeatAlong = Mm(64) });
        layout.Placements.Select(p => Math.Round(p.Y.Millimetres % 64, 3)).ShouldBe([0, 32, 0]);
        layout.Used.Millimetres.ShouldBe(532, 1e-3);
        // As long as the fabric is wide, there is no room to move them.
        var across = Piece(2, 1400, 80) with
        {
            Joined = new Joined(Mm(10), IsAcross: true),
        };
        Lay(On(1400, across) with { RepeatAcross = Mm(64) }).Unmatched.ShouldBe([0]);
    }

    [Fact]
    public void Strips_at_45_degrees_lie_beside_each_other_in_as_many_groups_as_there_is_room_for()
    {
        // Each 600/√2 = 424 across: three groups on 1400, of two, two and none; two take 424 + 2·√2·40 of the length.
        var layout = Lay(On(1400, Piece(4, 40, 600) with { IsBias = true }));
        layout.Used.Millimetres.ShouldBe(600 / Math.Sqrt(2) + 2 * Math.Sqrt(2) * 40, 1e-3);
        // On 600 there is room for one group.
        layout = Lay(On(600, Piece(4, 40, 600) with { IsBias = true }));
        layout.Used.Millimetres.ShouldBe(600 / Math.Sqrt(2) + 4 * Math.Sqrt(2) * 40, 1e-3);
        layout
            .Placements.Select(p => Math.Round(p.Y.Millimetres, 2))
            .ShouldBe([0, 56.57, 113.14, 169.71]);
    }

    [Fact]
    public void Strips_from_what_is_left_are_joined_as_few_times_as_they_can_be()
    {
        // A panel of 900 leaves 500 × 1000: strips of 500·√2 = 707, of which three reach 2000 with two joins of 2√2·6.
        var bias = Piece(2, 40, 1009) with
        {
            IsBias = true,
            Joined = new Joined(Mm(6), Mm(2000)),
        };
        var task = On(1400, Piece(1, 900, 1000), bias);
        var layout = BiasFromLeft.Lay(task, 0, TestContext.Current.CancellationToken)!;
        layout.Used.Millimetres.ShouldBe(1000, 1e-3);
        var strips = layout.Placements.Where(p => p.Piece == 1).ToList();
        strips.Count.ShouldBe(3);
        strips.ShouldAllBe(s => s.Across.Millimetres <= 500 + 1e-6);
        BiasFromLeft
            .Together(strips.Select(s => Math.Sqrt(2) * s.Across), Mm(6))
            .Millimetres.ShouldBeGreaterThanOrEqualTo(2000);
        Lay(task).Used.ShouldBeGreaterThan(layout.Used);
        // Twenty metres are not in it.
        BiasFromLeft
            .Lay(
                On(1400, Piece(1, 900, 1000), bias with { Joined = new Joined(Mm(6), Mm(20_000)) }),
                0,
                TestContext.Current.CancellationToken
            )
            .ShouldBeNull();
    }

    [Fact]
    public void From_a_remnant_of_any_shape_is_cut_what_lies_within_it()
    {
        // A triangle 600 wide and 600 long holds 300 × 300, half of its sides, and no more.
        var triangle = new Sheet(Mm(600), Mm(600))
        {
            Outline = Outline((0, 0), (600, 0), (0, 600)),
        };
        Layout From(double side) =>
            Lay(On(1400, Piece(1, side, side)) with { Remnants = [triangle] });
        var held = From(290).Placements.Single();
        held.On.ShouldBe(1);
        (held.X + held.Across + held.Y + held.Along).Millimetres.ShouldBeLessThanOrEqualTo(
            600 + 1e-6
        );
        From(310).Placements.Single().On.ShouldBe(0);
    }

    [Theory]
    [InlineData("0 0, 60 0, 60 30, 20 50", true)]
    [InlineData("0 0; 60 0; 0 60.5", true)]
    [InlineData("0 0, 60 0", false)]
    [InlineData("0 0, 60, 60 30", false)]
    [InlineData("0 0, 60 60, 60 0, 0 60", false)]
    public void The_corners_of_a_remnant_are_read_in_centimetres(string said, bool isRead)
    {
        var reader = new InputReader(RawInputs.Of(("corners", said)), Ruler.Imperial);
        var cloth = (Cloth)Cloth.Described.Read(reader)!;
        (cloth.Outline is not null).ShouldBe(isRead);
        reader.Errors.Count.ShouldBe(isRead ? 0 : 1);
        if (isRead)
        {
            cloth.Outline!.Bounds.Width.Millimetres.ShouldBe(600, 1e-9);
        }
    }

    [Fact]
    public void All_parts_together_take_no_more_than_one_after_the_other()
    {
        var random = new Random(7);
        for (var i = 0; i < 300; i++)
        {
            var task = On(
                1400,
                [
                    .. Enumerable
                        .Range(0, random.Next(2, 7))
                        .Select(_ =>
                            Piece(random.Next(1, 6), random.Next(50, 1300), random.Next(50, 900))
                        ),
                ]
            );
            var apart = task.Pieces.Sum(p =>
                OnCloth.Taken(p.Count, p.Width, p.Long, task.Bolt.Width)
            );
            Lay(task).Used.ShouldBeLessThanOrEqualTo(apart);
        }
    }

    [Fact]
    public void A_piece_is_turned_by_hand_unless_the_print_runs_one_way()
    {
        var task = On(1400, Piece(1, 300, 500)) with
        {
            Pins = [new Pin(0, 1, 0, Mm(100), Mm(50), IsTurned: true)],
        };
        CuttingTable.Misplaced(task).ShouldBeNull();
        var place = Lay(task, 0.05).Placements.Single();
        place.IsTurned.ShouldBeTrue();
        (place.Across.Millimetres, place.Along.Millimetres).ShouldBe((500, 300));
        CuttingTable.Misplaced(task with { OneWay = true }).ShouldNotBeNull();
    }
}
