using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Tests;

/// <summary>Whether a stitch lands in every corner, what change makes it, and what is cut for it.</summary>
public class AppliqueTests
{
    private static readonly Calculation Straight = Techniques.WorkingOf("applique")!.Forward;

    private const string ImportedLeaf = "M12 74C8 40 30 10 70 6C74 44 52 72 20 78L6 92L0 86Z";

    [Theory]
    [InlineData("heart")]
    [InlineData("star")]
    [InlineData("file")]
    public void A_heart_a_star_and_a_leaf_from_a_file_are_met_in_every_corner_as_they_are_or_changed(
        string what
    )
    {
        for (var size = 40; size <= 120; size += 8)
        {
            var ask =
                what == "file"
                    ? RawInputs.Of(("made", "file"), ("outline", Scaled(ImportedLeaf, size / 80.0)))
                    : RawInputs.Of(
                        ("made", "shape"),
                        ("shape", what),
                        ("shapeWidth", size),
                        ("shapeHeight", size * 0.93)
                    );
            var told = Captured.From(Plan(ask));
            if (told["miss"] <= 0.2)
            {
                continue;
            }
            var change = told.Inner("change");
            change["miss"].ShouldBeLessThanOrEqualTo(0.2, $"{what} {size}");
            change["furthest"].ShouldBeLessThan(1.5, $"{what} {size}");
            // What is to be set for it does what it says.
            var after = ask;
            foreach (var set in change.Rows("sets"))
            {
                after = after.With(set.Said("field"), RawValue.Of(set.Said("to")));
            }
            Captured.From(Plan(after))["miss"].ShouldBeLessThanOrEqualTo(0.21, $"{what} {size}");
        }
    }

    [Fact]
    public void The_stitches_of_a_side_come_to_its_length_but_for_what_is_missed() =>
        AnyStar.Sample(outline =>
        {
            var told = Captured.From(Plan(RawInputs.Of(("outline", outline))));
            var best = told["bestRepeat"];
            var sides = told.Rows("segments");
            return Math.Abs(told.List("lengths").Sum() - told["perimeter"]) < 1e-6
                && sides.All(s =>
                    Math.Abs(Math.Abs(s["length"] - s["count"] * s["repeat"]) - s["miss"]) < 1e-9
                    && Math.Abs(Math.Abs(s["length"] - s["plannedCount"] * best) - s["plannedMiss"])
                        < 1e-9
                    && s["miss"] <= s["plannedMiss"] + 1e-9
                )
                && Math.Abs(sides.Max(s => s["plannedMiss"]) - told["miss"]) < 1e-12;
        });

    /// <summary>Tried one by one, no other stitch length misses less.</summary>
    [Fact]
    public void No_other_stitch_length_misses_less() =>
        Gen.Select(AnyStar, Gen.Double[2, 4], Gen.Double[0.9, 1.1])
            .Sample(
                (outline, wanted, factor) =>
                {
                    wanted = Math.Round(wanted, 1);
                    var told = Captured.From(
                        Plan(
                            RawInputs.Of(
                                ("outline", outline),
                                ("repeat", wanted),
                                ("dialFactor", factor)
                            )
                        )
                    );
                    var lengths = told.List("lengths");
                    double miss(double p) =>
                        lengths.Max(l =>
                            Math.Abs(l - Math.Max(1, Math.Round(l / (p * factor))) * p * factor)
                        );
                    return Enumerable
                        .Range(-5, 11)
                        .Select(i => wanted + i * 0.1)
                        .All(p => miss(p) >= told["miss"] - 1e-9);
                }
            );

    [Fact]
    public void It_does_not_matter_which_way_round_or_how_turned_an_outline_is_drawn() =>
        Gen.Select(AnyStar, Gen.Double[-170, 170])
            .Sample(
                (outline, turn) =>
                {
                    PathData.Read(outline, out var paths);
                    var back = paths[0].Reverse().Data;
                    var there = Captured.From(Plan(RawInputs.Of(("outline", outline))));
                    var other = Captured.From(
                        Plan(RawInputs.Of(("outline", back), ("turn", turn)))
                    );
                    return Math.Abs(there["perimeter"] - other["perimeter"]) < 0.02
                        && there["outsideCorners"] == other["outsideCorners"]
                        && there["insideCorners"] == other["insideCorners"]
                        && Math.Abs(there["stitches"] - other["stitches"]) <= 1;
                }
            );

    [Fact]
    public void Round_the_shape_every_stitch_is_counted_from_stop_to_stop()
    {
        var plan = Plan(
            RawInputs.Of(
                ("made", "shape"),
                ("shape", "star"),
                ("shapeWidth", 90),
                ("shapeHeight", 86)
            )
        );
        var round = plan.Steps(Ruler.Metric).Single(s => s.Stops.Count > 0);

        round.Stops.Count(s => s.Turn != 0).ShouldBe(10);
        round.Stops.Sum(s => s.Stitches).ShouldBe((int)Captured.From(plan)["stitches"]);
        // It begins in an inside corner, where it shows least, and its points turn the other way than its hollows.
        round.Says.ShouldContain("in the inside corner");
        round.Stops.Take(10).Count(s => s.Turn < 0).ShouldBe(5);
        round.Stops.Where(s => s.Turn < 0).ShouldAllBe(s => s.Needle == "in the corner");
    }

    [Fact]
    public void What_lies_under_another_is_cut_longer_there_and_not_stitched()
    {
        var ask = RawInputs.Of(
            ("made", "shape"),
            ("shape", "rounded"),
            ("shapeWidth", 40),
            ("shapeHeight", 60),
            ("shapeCorner", 1),
            ("piece", "stalk"),
            (
                "over",
                RawValue.Of([
                    RawValue.Of(
                        RawInputs.Of(
                            ("shape", "rounded"),
                            ("shapeWidth", 80),
                            ("shapeHeight", 40),
                            ("shapeCorner", 1),
                            ("y", 50),
                            ("piece", "pot")
                        )
                    ),
                ])
            )
        );
        var plan = Plan(ask);
        var told = Captured.From(plan);

        var stalk = plan.Pieces.Single(p => p.Name == "stalk");
        // From 60 to 65 mm, where it goes under the pot; elsewhere as it is.
        stalk.Depth.Millimetres.ShouldBe(65, 0.05);
        stalk.Length.Millimetres.ShouldBe(45, 0.05);
        told["stitched"].ShouldBeLessThan(told["perimeter"] - 50);
        told.Rows("segments")
            .Count(s => s.Said("shape") == "stalk" && s["isFree"] == 1)
            .ShouldBe(1);
        plan.Findings.ShouldContain(f => f.Code == "tucked-under");
        var steps = plan.Steps(Ruler.Metric).Where(s => s.Stops.Count > 0).ToList();
        steps.Select(s => s.Title).ShouldBe(["Sew round the stalk", "Sew round the pot"]);
        steps[0].Says.ShouldContain("comes out from under");
    }

    [Fact]
    public void A_hole_is_sewn_round_too_and_its_corners_point_the_other_way()
    {
        var told = Captured.From(Plan(RawInputs.Of(("outline", "M0 0H60V60H0ZM20 20H40V40H20Z"))));

        told["outsideCorners"].ShouldBe(4);
        told["insideCorners"].ShouldBe(4);
        told["perimeter"].ShouldBe(320, 1e-9);
        Captured
            .From(
                Plan(
                    RawInputs.Of(
                        ("made", "shape"),
                        ("shape", "letters"),
                        ("letters", "AB"),
                        ("shapeHeight", 50)
                    )
                )
            )["perimeter"]
            .ShouldBeGreaterThan(400);
    }

    [Fact]
    public void A_turned_edge_is_cut_with_what_is_turned_under_and_needs_no_fusible()
    {
        var ask = RawInputs.Of(
            ("outline", "M0 0H60V40H0Z"),
            ("stitch", "turned"),
            ("allowance", 6)
        );
        var plan = Plan(ask);

        plan.Pieces.Single(p => p.Of == "cloth").Length.Millimetres.ShouldBe(72, 0.05);
        plan.Steps(Ruler.Metric).ShouldContain(s => s.Key == "turn-under");
        Captured.From(plan).Rows("fusible").ShouldBeEmpty();
    }

    [Theory]
    [InlineData("blanket", 20, 2.5, 2.8)]
    [InlineData("satin", 20, 2, 0.35)]
    [InlineData("satin", 70, 3.5, 0.35)]
    [InlineData("satin", 300, 4, 0.35)]
    [InlineData("turned", 70, 1, 1.5)]
    public void What_is_not_said_of_the_stitch_is_as_usual_for_it(
        string stitch,
        double size,
        double bite,
        double repeat
    )
    {
        var told = Captured.From(
            Plan(RawInputs.Of(("outline", $"M0 0H{size}V{size}H0Z"), ("stitch", stitch)))
        );

        told["bite"].ShouldBe(bite, 1e-9);
        told["bestRepeat"].ShouldBeInRange(repeat * 0.7, repeat * 1.3);
        told["miss"].ShouldBeLessThan(repeat / 2 + 1e-9);
    }

    [Fact]
    public void What_is_traced_is_the_mirror_of_what_is_seen()
    {
        var told = Captured.From(Plan(RawInputs.Of(("outline", "M0 0H40L0 30Z"))));
        var traced = told.Rows("fusible")[0];
        PathData.Read(traced.Said("outline"), out var paths);

        // The corner that is a right angle lies on the left as it is seen, and on the right as it is traced.
        paths[0].Points.ShouldContain(p => p.X.Millimetres > 39.9 && p.Y.Millimetres > 29.9);
        paths[0].Points.ShouldNotContain(p => p.X.Millimetres < 0.1 && p.Y.Millimetres > 1);
        traced["width"].ShouldBe(50, 1e-6);
    }

    [Fact]
    public void What_the_machine_really_gives_moves_the_stitch_that_fits()
    {
        var ask = RawInputs.Of(("outline", "M0 0H56V56H0Z"), ("repeat", 2.8));
        Captured.From(Plan(ask))["bestRepeat"].ShouldBe(2.8, 1e-9);
        var sample = RawValue.Of(
            RawInputs.Of(("dialled", 2.8), ("stitches", 10), ("measured", 26.6))
        );

        var taught = Captured.From(
            Plan(ask.With("samples", RawValue.Of([.. Enumerable.Repeat(sample, 8)])))
        );

        taught["dialFactor"].ShouldBe(0.95, 0.01);
        (taught["bestRepeat"] * taught["dialFactor"]).ShouldBeInRange(2.2, 3.4);
        taught["miss"].ShouldBeLessThan(0.5);
    }

    private static readonly Gen<string> AnyStar = Gen.Select(
        Gen.Int[3, 8],
        Gen.Double[20, 70],
        Gen.Double[0.4, 0.9].Array[16],
        (points, size, radii) =>
            string.Concat(
                Enumerable
                    .Range(0, points)
                    .Select(i =>
                    {
                        var (sin, cos) = Math.SinCos(2 * Math.PI * i / points);
                        var r = size * radii[i];
                        return FormattableString.Invariant(
                            $"{(i == 0 ? 'M' : 'L')}{size + r * cos:0.##} {size + r * sin:0.##} "
                        );
                    })
            ) + "Z"
    );

    private static string Scaled(string data, double scale)
    {
        PathData.Read(data, out var paths);
        return Affine.Scale(scale, scale).Of(paths[0]).Data;
    }

    private static WorkPlan Plan(RawInputs ask)
    {
        var outcome = Straight.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }
}
