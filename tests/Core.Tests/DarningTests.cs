using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>A darn: blocks that cover, lines that reach, and what one measured block says of the next.</summary>
public class DarningTests
{
    private static readonly Process Darn = Techniques.WorkingOf("darning")!;

    /// <summary>Any darn by program.</summary>
    private static readonly Gen<RawInputs> AnyBlocks =
        from tear in Gen.Double[1, 90].Array[2]
        from margin in Gen.Double[0, 15]
        from width in Gen.Double[3, 12]
        from foot in Gen.Double[8, 60]
        from overlap in Gen.Double[0, 2.5]
        from lever in Gen.Bool
        select Asked(
            ("tearWidth", tear[0]),
            ("tearLength", tear[1]),
            ("margin", margin),
            ("maxStitchWidth", width),
            ("footLength", foot),
            ("overlap", overlap),
            ("byLever", lever)
        );

    [Fact]
    public void The_blocks_cover_the_area_and_never_leave_it() =>
        AnyBlocks.Sample(ask =>
        {
            if (Darn.Forward.Compute(ask, Ruler.Metric).Answer is not { } answer)
            {
                return true;
            }
            var told = Captured.From(answer);
            var (width, length) = (told["blockWidth"], told["blockLength"]);
            var blocks = told.Rows("blocks");
            var (columns, rows) = ((int)told["columns"], (int)told["rows"]);
            return blocks.Count == columns * rows
                // None begins before the area or ends beyond it; the last ends just at its edge.
                && blocks.All(b => b["x"] > -1e-9 && b["y"] > -1e-9)
                && Near(blocks.Max(b => b["x"]) + width, told["areaWidth"])
                && Near(blocks.Max(b => b["y"]) + length, told["areaLength"])
                // From one to the next there is no gap: each lies over its neighbour by the overlap.
                && Steps(blocks, "x", width, Number(ask, "overlap"))
                && Steps(blocks, "y", length, Number(ask, "overlap"))
                && width <= Number(ask, "maxStitchWidth") * (1 + 1e-9);
        });

    [Fact]
    public void One_block_less_would_not_reach() =>
        AnyBlocks.Sample(ask =>
        {
            if (Darn.Forward.Compute(ask, Ruler.Metric).Answer is not { } answer)
            {
                return true;
            }
            var told = Captured.From(answer);
            var overlap = Number(ask, "overlap");
            double Reach(double count, double most) => count * most - (count - 1) * overlap;
            return told["columns"] == 1
                || Reach(told["columns"] - 1, Number(ask, "maxStitchWidth"))
                    < told["areaWidth"] * (1 + 1e-9);
        });

    [Fact]
    public void Lines_lie_no_further_apart_than_was_asked_and_reach_from_side_to_side() =>
        Gen.Select(Gen.Double[2, 60], Gen.Double[2, 60], Gen.Double[0.3, 3])
            .Sample(
                (width, length, gap) =>
                {
                    var told = Captured.From(
                        Reckon(
                            ("method", "free-motion"),
                            ("tearWidth", width),
                            ("tearLength", length),
                            ("lineGap", gap)
                        )
                    );
                    return told["areaWidth"] / (told["lengthwiseLines"] - 1) <= gap * (1 + 1e-9)
                        && told["areaLength"] / (told["crosswiseLines"] - 1) <= gap * (1 + 1e-9)
                        && Near(
                            told["stitched"],
                            told["lengthwiseLines"] * told["areaLength"]
                                + told["crosswiseLines"] * told["areaWidth"]
                        );
                }
            );

    [Fact]
    public void The_drawing_shows_every_block_where_its_step_says()
    {
        var answer = Reckon(("tearWidth", 20), ("tearLength", 30));
        var drawing = answer.Drawings(Ruler.Metric)[0];
        var corner = drawing
            .Shapes.OfType<PathShape>()
            .First(s => s.Part == "marks")
            .Path.Points.MinBy(p => p.X.Millimetres + p.Y.Millimetres);
        var steps = answer.Steps(Ruler.Metric);
        foreach (
            var (block, place) in Captured.From(answer).Rows("blocks").Select((b, i) => (b, i))
        )
        {
            var outline = drawing
                .Shapes.OfType<PathShape>()
                .Last(s => s.Part == $"block-{place + 1}")
                .Path.Bounds;
            (outline.From.X - corner.X).Millimetres.ShouldBe(block["x"], 1e-9);
            (outline.From.Y - corner.Y).Millimetres.ShouldBe(block["y"], 1e-9);
            var step = steps.Single(s => s.Key == $"block-{place + 1}");
            step.Says.ShouldContain(Ruler.Metric.Mark(Mm(block["x"])));
            step.Picture.Lit.ShouldBe([$"block-{place + 1}"]);
        }
        var tear = drawing.Shapes.OfType<PathShape>().Single(s => s.Part == "tear").Path.Bounds;
        tear.Width.Millimetres.ShouldBe(20, 1e-9);
        tear.Height.Millimetres.ShouldBe(30, 1e-9);
    }

    [Theory]
    [InlineData(9, 12, 4, false)]
    [InlineData(20, 12, 6, false)]
    [InlineData(26, 12, 7, true)]
    [InlineData(9, 40, 12, true)]
    public void Over_six_blocks_it_is_better_patched(
        double width,
        double length,
        int blocks,
        bool isPatched
    )
    {
        var answer = Reckon(("tearWidth", width), ("tearLength", length));

        Captured.From(answer).Rows("blocks").Count.ShouldBe(blocks);
        answer
            .Findings.Any(f => f.Code == "patch-instead" && f.Severity == Severity.Care)
            .ShouldBe(isPatched);
    }

    [Fact]
    public void By_lever_a_block_is_as_long_as_the_darn()
    {
        var told = Captured.From(Reckon(("tearLength", 60), ("byLever", true)));

        told["rows"].ShouldBe(1);
        told["blockLength"].ShouldBe(told["areaLength"], 1e-9);
    }

    [Fact]
    public void Where_half_of_the_width_is_enough_the_step_says_when_to_stop()
    {
        string SetUp(double width) =>
            Reckon(("tearWidth", width), ("margin", 1.0), ("maxStitchWidth", 9))
                .Steps(Ruler.Metric)
                .Single(s => s.Key == "set-up")
                .Says;

        SetUp(2).ShouldContain("Set the width to 4 mm.");
        SetUp(2).ShouldContain("stop it when 4 mm are covered");
        SetUp(6).ShouldNotContain("stop it");
    }

    [Fact]
    public void Each_of_the_seven_says_what_serves_why_and_what_not_to_do()
    {
        var cases = ((ChoiceField)Darn.Forward.Fields[0]).Choices;
        cases.Count.ShouldBe(7);
        foreach (var what in cases)
        {
            var answer = Reckon(("what", what.Name));
            var finding = answer.Findings.Single(f => f.Code == "what-serves");
            finding.Says.ShouldBe(Captured.From(answer).Said("way"));
            finding.Because.ShouldNotBeEmpty();
            finding.Remedy.ShouldStartWith("Do not ");
        }
        Reckon(("what", "three-cornered")).Steps(Ruler.Metric).ShouldContain(s => s.Key == "close");
        Reckon(("what", "thin")).Steps(Ruler.Metric).ShouldNotContain(s => s.Key == "close");
    }

    [Fact]
    public void What_blocks_came_to_decides_what_to_set_for_the_next()
    {
        RawInputs Block(double set, double came, bool same = true) =>
            RawInputs.Of(("dialled", set), ("stitches", 1), ("measured", came), ("same", same));
        double Set(params RawInputs[] samples) =>
            Captured.From(Reckon(("samples", samples)))["setLength"];

        Set().ShouldBe(24);
        Set(Block(24, 22.8), Block(24, 22.8), Block(24, 22.8)).ShouldBe(25);
        Set(Block(24, 25.5), Block(24, 25.5), Block(24, 25.5)).ShouldBe(23);
        // One of another cloth says half as much.
        Set(Block(24, 21.6, same: false)).ShouldBeLessThan(Set(Block(24, 21.6), Block(24, 21.6)));
    }

    [Fact]
    public void Overlaps_that_leave_nothing_and_blocks_without_end_are_refused_at_their_field()
    {
        string[] Refused(params (string, object)[] but) =>
            [.. Darn.Forward.Compute(Asked(but), Ruler.Metric).Errors.Select(e => e.Field)];

        Refused(("overlap", 7), ("maxStitchWidth", 7)).ShouldBe(["overlap"]);
        Refused(("overlap", 8), ("maxStitchWidth", 9), ("footLength", 8)).ShouldBe(["overlap"]);
        Refused(("tearWidth", 200), ("tearLength", 200), ("maxStitchWidth", 1), ("overlap", 0))
            .ShouldBe(["maxStitchWidth"]);
    }

    [Fact]
    public void A_patch_that_is_cut_as_told_lies_as_drawn_and_both_rows_hold_it() =>
        Gen.Select(Gen.Double[5, 120], Gen.Double[5, 120], Gen.Double[14, 60], Gen.Double[0, 20])
            .Sample(
                (width, length, beyond, turned) =>
                {
                    var told = (WorkPlan)Reckon(
                        ("what", "strained"),
                        ("tearWidth", width),
                        ("tearLength", length),
                        ("method", "patch"),
                        ("margin", 6),
                        ("patchBeyond", beyond),
                        ("patchTurned", turned)
                    );
                    var figures = Captured.From(told);
                    var drawing = told.Drawings(Ruler.Metric)[0];
                    double Wide(string part) =>
                        drawing
                            .Shapes.OfType<PathShape>()
                            .Where(s => s.Part == part)
                            .Max(s => new Paths.MeasuredPath(s.Path).Bounds.Width.Millimetres);
                    return Math.Abs(figures["patchWidth"] - 2 * turned - Wide("patch")) < 1e-6
                        && Math.Abs(Wide("patch") - width - 2 * beyond) < 1e-6
                        // The row round the tear runs in sound fabric, and inside the one at the edge.
                        && Wide("round-tear") > width
                        && Wide("round-tear") < Wide("round")
                        && Wide("round") < Wide("patch")
                        && told.Findings.All(f => f.Severity == Severity.Note)
                        && told.Steps(Ruler.Metric).Select(s => s.Key).Contains("turn-under")
                            == turned > 0;
                },
                iter: 60
            );

    [Fact]
    public void Nothing_is_cut_the_backing_is_taken_from_a_scrap()
    {
        var plan = (WorkPlan)Reckon();

        Darn.Has(Stage.Cut).ShouldBeFalse();
        plan.Pieces.ShouldHaveSingleItem().Of.ShouldBe("stabiliser");
        plan.Needs.ShouldNotContain(n => n.Kind == "cloth" || n.Kind == "stabiliser");
    }

    private static RawInputs Asked(params (string Field, object Value)[] but) =>
        but.Aggregate(Darn.Forward.Example, (ask, b) => ask.With(b.Field, RawValue.Of(b.Value)));

    private static Result Reckon(params (string Field, object Value)[] but)
    {
        var outcome = Darn.Forward.Compute(Asked(but), Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return outcome.Answer!;
    }

    private static bool Steps(
        IReadOnlyList<Captured> blocks,
        string along,
        double size,
        double overlap
    )
    {
        var places = blocks.Select(b => Math.Round(b[along], 6)).Distinct().Order().ToList();
        return places
            .Zip(places.Skip(1))
            .All(p => Math.Abs(p.Second - p.First - size + overlap) < 1e-5);
    }

    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static double Number(RawInputs ask, string field) => ask.Values[field].Number!.Value;

    private static bool Near(double a, double b) =>
        Math.Abs(a - b) <= 1e-9 * Math.Max(1, Math.Abs(b));
}
