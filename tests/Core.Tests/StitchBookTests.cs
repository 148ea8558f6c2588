using CsCheck;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Tests;

/// <summary>The stitches of a machine as the drawer keeps them: their pictures, their words, and usual ones to begin from.</summary>
public class StitchBookTests
{
    public static TheoryData<string> Looks() => [.. StitchLooks.Choices.Select(c => c.Name)];

    /// <summary>Whatever the size, one repeat lies within its length and between both sides of its row.</summary>
    [Theory]
    [MemberData(nameof(Looks))]
    public void A_picture_fills_its_repeat_and_stays_between_its_sides(string look) =>
        Gen.Select(Gen.Double[1, 40], Gen.Double[0.5, 9])
            .Sample(
                (length, width) =>
                {
                    var all = StitchLooks
                        .Drawn(look, Mm(length), Mm(width))
                        .SelectMany(p => p.Points)
                        .ToList();
                    return all.All(p =>
                            p.X.Millimetres >= -1e-9
                            && p.X.Millimetres <= length + 1e-9
                            && Math.Abs(p.Y.Millimetres) <= width / 2 + 1e-9
                        )
                        && Near(all[0].X.Millimetres, 0)
                        && Near(all[^1].X.Millimetres, length)
                        // One repeat goes on where the last one ended.
                        && Near(all[0].Y.Millimetres, all[^1].Y.Millimetres);
                }
            );

    [Fact]
    public void No_two_looks_are_drawn_alike() =>
        StitchLooks
            .Choices.Where(c => c.Name != StitchLooks.Letters)
            .Select(c => string.Join(" ", StitchLooks.Places(c.Name)))
            .ShouldBeUnique();

    [Fact]
    public void Every_usual_stitch_is_read_and_drawn_to_its_size()
    {
        foreach (var starter in Stitch.Described.Starters)
        {
            var reader = new InputReader(starter.Properties, Ruler.Metric);
            var stitch = (Stitch)Stitch.Described.Read(reader);

            reader.Errors.ShouldBeEmpty(starter.Name);
            var drawing = Stitch.Described.Draw!(stitch);
            DrawingTests.IsTrue(drawing).ShouldBeTrue(starter.Name);
            var look = drawing.Shapes.OfType<PathShape>().Single().Stitches!;
            look.Length.ShouldBe(stitch.OneRepeat!.Value);
            look.Width.ShouldBe(stitch.Width!.Value);
        }
    }

    [Theory]
    [InlineData("PEAS", 7.2, 28.8)]
    [InlineData("O", 5, 5)]
    public void A_word_is_as_long_as_its_letters_in_their_pitch(
        string word,
        double pitch,
        double repeat
    )
    {
        var stitch = Read(("look", "letters"), ("word", word), ("pitch", pitch), ("width", 6));

        stitch.OneRepeat!.Value.Millimetres.ShouldBe(repeat, 1e-9);
        var reach = stitch.Drawn.SelectMany(p => p.Points).ToList();
        reach.Max(p => p.X.Millimetres).ShouldBeInRange(0, repeat);
        reach.Max(p => Math.Abs(p.Y.Millimetres)).ShouldBeLessThanOrEqualTo(3);
        // Each letter by itself: no thread is drawn from one to the next.
        stitch.Drawn.Count.ShouldBeGreaterThanOrEqualTo(word.Length);
    }

    [Fact]
    public void What_was_drawn_of_it_is_its_picture()
    {
        var stitch = Read(
            ("look", "wave"),
            ("repeat", 4),
            ("width", 6),
            ("picture", "M0 0L1 3L3 -3L4 0")
        );

        stitch.Drawn.Single().Data.ShouldBe("M0 0L1 3L3 -3L4 0");
    }

    [Theory]
    [InlineData("picture", "a flower")]
    [InlineData("look", "spiral")]
    [InlineData("repeat", "0")]
    public void What_cannot_be_a_stitch_is_refused_by_its_field(string field, string said)
    {
        var reader = new InputReader(RawInputs.Of((field, said)), Ruler.Metric);
        Stitch.Described.Read(reader);

        reader.Errors.Select(e => e.Field).ShouldBe([field]);
    }

    /// <summary>Nothing known of it is no reason not to draw it.</summary>
    [Fact]
    public void A_stitch_of_which_nothing_is_known_is_drawn_all_the_same() =>
        DrawingTests.IsTrue(Stitch.Described.Draw!(Read())).ShouldBeTrue();

    private static Stitch Read(params (string, object)[] says) =>
        (Stitch)Stitch.Described.Read(new InputReader(RawInputs.Of(says), Ruler.Metric));

    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static bool Near(double a, double b) => Math.Abs(a - b) < 1e-9;
}
