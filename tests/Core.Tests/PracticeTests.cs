using CsCheck;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Practice;

namespace ZephyrReach.Core.Tests;

/// <summary>Scores of made-up hands, and what hands that follow the advice come to.</summary>
public class PracticeTests
{
    private static readonly Exercise Even = Exercise.Named("even")!;

    public static TheoryData<string> Lined() =>
        [.. Exercise.All.Where(e => e.Of == Practised.Line).Select(e => e.Name)];

    [Fact]
    public void Stitches_that_are_alike_and_on_the_line_score_full()
    {
        var score = Score.Of(Even, Along(Even, 2.5, 500))!;

        score.Mean.ShouldBe(2.5, 0.02);
        score.Spread.ShouldBeLessThan(0.02);
        score.Off.ShouldBeLessThan(0.5);
        score.Covered.ShouldBe(1, 0.03);
        (score.Piles, score.Jumps).ShouldBe((0, 0));
        score.Machine.ShouldBe(500, 5);
        score.Hand.ShouldBe(2.5 * 500 / 60, 0.3);
        score.Points.ShouldBeGreaterThan(95);
        score.RunAt.ShouldBe(0);
    }

    [Theory]
    [MemberData(nameof(Lined))]
    public void Every_line_can_be_sewn_well(string name)
    {
        var exercise = Exercise.Named(name)!;
        var score = Score.Of(exercise, Along(exercise, exercise.Stitch, exercise.Machine))!;

        score.Points.ShouldBeGreaterThan(85);
        score.Next.ShouldContain("next exercise");
    }

    /// <summary>What is worse in one thing alone scores less.</summary>
    [Fact]
    public void More_spread_more_off_the_line_and_less_of_it_score_less() =>
        Gen.Select(
                Gen.Double[0, 0.5],
                Gen.Double[0.05, 0.4],
                Gen.Double[0, 6],
                Gen.Double[0.5, 4],
                Gen.Int[1, 1000]
            )
            .Sample(
                (spread, more, off, further, seed) =>
                {
                    var before = Score.Of(Even, Along(Even, 2.5, 500, spread, off, seed))!;
                    var uneven = Score.Of(Even, Along(Even, 2.5, 500, spread + more, off, seed))!;
                    var aside = Score.Of(Even, Along(Even, 2.5, 500, spread, off + further, seed))!;
                    var part = Score.Of(
                        Even,
                        Along(Even, 2.5, 500, spread, off, seed).Take(20).ToList()
                    )!;
                    return aside.Points <= before.Points
                        && uneven.Spread > before.Spread
                        && part.Covered <= before.Covered
                        && before.Points is >= 0 and <= 100;
                }
            );

    [Fact]
    public void What_is_told_is_what_was_made() =>
        Gen.Select(Gen.Double[1, 4], Gen.Double[200, 900], Gen.Double[0, 3])
            .Sample(
                (stitch, machine, off) =>
                {
                    var score = Score.Of(Even, Along(Even, stitch, machine, 0, off))!;
                    return Math.Abs(score.Mean / stitch - 1) < 0.03
                        && Math.Abs(score.Machine / machine - 1) < 0.02
                        && Math.Abs(score.Off - off) < 0.5
                        && Math.Abs(score.Hand - score.Mean * score.Machine / 60) < 1e-9;
                }
            );

    [Fact]
    public void Jumps_from_letter_to_letter_are_no_stitches()
    {
        var name = Exercise.Named("name")!;
        var score = Score.Of(name, Along(name, 2, 500))!;
        name.Lines.Count.ShouldBeGreaterThan(4);
        score.Jumps.ShouldBe(0);
        score.Mean.ShouldBe(2, 0.1);
    }

    [Fact]
    public void Piles_and_stitches_that_bend_a_needle_are_counted()
    {
        List<Fallen> fallen = [];
        for (var i = 0; i < 40; i++)
        {
            // Every fourth lies on the one before, every fifth is too long.
            var x =
                fallen.Count == 0
                    ? 15
                    : fallen[^1].X
                        + (
                            i % 4 == 0 ? 0.1
                            : i % 5 == 0 ? 5
                            : 2.5
                        );
            fallen.Add(new(x, 50, i * 0.12));
        }
        var score = Score.Of(Even, fallen)!;
        score.Piles.ShouldBe(9);
        score.Jumps.ShouldBe(6);
        score.Points.ShouldBeLessThan(60);
    }

    [Fact]
    public void Too_few_stitches_say_nothing()
    {
        Score.Of(Even, Along(Even, 2.5, 500).Take(Score.Least - 1).ToList()).ShouldBeNull();
        Score.Of(Even, [.. Enumerable.Repeat(new Fallen(15, 50, 0), 9)])!.Points.ShouldBe(0);
    }

    [Theory]
    [InlineData(4.0, 500, "long", 800)]
    [InlineData(1.5, 500, "short", 300)]
    public void Stitches_that_are_too_long_or_too_short_say_how_the_machine_is_to_run(
        double stitch,
        double machine,
        string says,
        double at
    )
    {
        var score = Score.Of(Even, Along(Even, stitch, machine))!;
        score.Next.ShouldContain(says);
        score.RunAt.ShouldBe(at);
    }

    [Fact]
    public void A_leaf_is_covered_by_lines_over_it_and_what_lies_outside_is_off()
    {
        var leaf = Exercise.Named("leaf")!;
        List<Fallen> filled = [];
        var lines = Hatching.Of(leaf.Lines, Measures.Length.FromMillimetres(4), 0);
        foreach (var p in lines.SelectMany(l => l))
        {
            var last =
                filled.Count == 0 ? new Fallen(p.X.Millimetres, p.Y.Millimetres, 0) : filled[^1];
            var (dx, dy) = (p.X.Millimetres - last.X, p.Y.Millimetres - last.Y);
            var steps = Math.Max(1, (int)(Math.Sqrt(dx * dx + dy * dy) / 2));
            for (var k = 1; k <= steps; k++)
            {
                filled.Add(
                    new(last.X + dx * k / steps, last.Y + dy * k / steps, filled.Count * 0.1)
                );
            }
        }
        var good = Score.Of(leaf, filled)!;
        good.Covered.ShouldBeGreaterThan(0.95);
        good.Off.ShouldBeLessThan(0.6);

        var aside = Score.Of(leaf, [.. filled.Select(f => f with { Y = f.Y + 25 })])!;
        aside.Covered.ShouldBeLessThan(0.8);
        aside.Farthest.ShouldBeGreaterThan(15);
    }

    [Fact]
    public void A_stop_is_measured_from_the_corner()
    {
        var corner = Exercise.Named("corner")!;
        Score.Of(corner, Runs(105, 107.5, 102.5))!.Off.ShouldBe(5.0 / 3, 1e-6);
        Score.Of(corner, Runs(105, 105))!.Next.ShouldContain("Within a stitch");
        Score.Of(corner, Runs(120, 117))!.Next.ShouldContain("sooner");

        static List<Fallen> Runs(params double[] stops)
        {
            List<Fallen> fallen = [];
            foreach (var stop in stops)
            {
                for (var x = stop - 60; x <= stop + 1e-9; x += 2.5)
                {
                    fallen.Add(new(x, 50, fallen.Count * 0.2));
                }
            }
            return fallen;
        }
    }

    [Fact]
    public void Presses_in_time_and_out_of_time_are_told_apart()
    {
        var timing = Exercise.Named("timing")!;
        Score.Of(timing, Pressed(1, 1, 1, 1))!.Next.ShouldContain("In time");
        Score.Of(timing, Pressed(1, 0, 1, 1))!.Next.ShouldContain("before you pressed");
        Score.Of(timing, Pressed(2, 1, 2, 1))!.Next.ShouldContain("twice");

        static List<Fallen> Pressed(params int[] presses)
        {
            List<Fallen> fallen = [new(15, 50, 0)];
            for (var i = 0; i < 30; i++)
            {
                fallen.Add(
                    new(fallen[^1].X + 2.5 * presses[i % presses.Length], 50, (i + 1) * 0.6)
                );
            }
            return fallen;
        }
    }

    [Fact]
    public void Parts_of_a_gathered_edge_that_lie_alike_score_more()
    {
        var gather = Exercise.Named("gather")!;
        var alike = Score.Of(gather, Marks(_ => 7.5))!;
        var heaped = Score.Of(gather, Marks(i => i < 6 ? 11 : 4))!;
        alike.Points.ShouldBeGreaterThan(heaped.Points);
        alike.Next.ShouldContain("lies alike");
        heaped.Next.ShouldContain("Spread");

        static List<Fallen> Marks(Func<int, double> part)
        {
            List<Fallen> marks = [new(0, 0, 0)];
            for (var i = 0; i < 12; i++)
            {
                marks.Add(new(marks[^1].X + part(i), 0, i + 1));
            }
            return marks;
        }
    }

    /// <summary>
    /// Hands that have never done it have a pace of their own. They are drawn half towards the pace that is asked of them, and
    /// waver the more the further that is from their own. They are told a stitch and a machine speed, and follow only the advice.
    /// </summary>
    [Fact]
    public void Ten_minutes_of_following_the_advice_even_out_the_stitches_of_any_hand() =>
        Gen.Select(Gen.Double[6, 45], Gen.Int[1, 100_000])
            .Sample(
                (own, seed) =>
                {
                    var machine = Even.Machine;
                    List<Score> tries = [];
                    // A try with a look at what it says takes well under a minute.
                    for (var i = 0; i < 10; i++)
                    {
                        var asked = Even.Stitch * machine / 60;
                        var pace = (asked + own) / 2;
                        var wavers = 0.06 + 0.9 * Math.Abs(asked - own) / own * 0.5;
                        var score = Score.Of(
                            Even,
                            Along(
                                Even,
                                60 * pace / machine,
                                machine,
                                Math.Min(wavers, 0.8),
                                0.5,
                                seed + i
                            )
                        );
                        // Stitches so long that few fall say nothing; then it is tried again.
                        if (score is null)
                        {
                            continue;
                        }
                        tries.Add(score);
                        machine = score.RunAt > 0 ? score.RunAt : machine;
                    }
                    var (first, last) = (tries[0], tries.TakeLast(3).ToList());
                    // What is asked of them at first is 20.8 mm a second.
                    var isOff = Math.Abs(own - Even.Stitch * Even.Machine / 60) > 12;
                    // Hands that are at ease from the start have nothing to gain, and lose nothing but chance.
                    return !isOff
                        ? last.Average(s => s.Points) >= first.Points - 12
                        : last.Average(s => s.Points) > first.Points
                            && last.Average(s => s.Spread) < first.Spread
                            && last.Average(s => Math.Abs(s.Mean - Even.Stitch))
                                < Math.Abs(first.Mean - Even.Stitch);
                }
            );

    [Fact]
    public void The_pace_that_is_kept_rests_on_the_newest_even_tries()
    {
        KeptPace.Of([]).ShouldBeNull();
        KeptPace.Of([(20, 500, 0.9)]).ShouldBeNull();
        var pace = KeptPace.Of(
            Enumerable
                .Repeat((Hand: 20.0, Machine: 500.0, Spread: 0.2), KeptPace.Newest)
                .Append((Hand: 90.0, Machine: 900.0, Spread: 0.1))
        )!;
        (pace.Hand, pace.Machine, pace.Tries).ShouldBe((20, 500, KeptPace.Newest));
    }

    [Fact]
    public void Some_exercises_need_no_pointer_and_all_lie_on_the_cloth()
    {
        Exercise.All.Count(e => e.ByKeys).ShouldBeGreaterThanOrEqualTo(4);
        Exercise.All.Select(e => e.Name).ShouldBeUnique();
        foreach (var line in Exercise.All.SelectMany(e => e.Lines))
        {
            var reach = new MeasuredPath(line).Bounds;
            reach.From.X.Millimetres.ShouldBeGreaterThanOrEqualTo(0);
            reach.From.Y.Millimetres.ShouldBeGreaterThanOrEqualTo(0);
            reach.To.X.Millimetres.ShouldBeLessThanOrEqualTo(Exercise.Wide + 1e-9);
            reach.To.Y.Millimetres.ShouldBeLessThanOrEqualTo(Exercise.High + 1e-9);
        }
    }

    /// <summary>A hand along the lines of an exercise.</summary>
    /// <param name="stitch">Its mean stitch, in mm.</param>
    /// <param name="spread">Of its stitches, over their mean.</param>
    /// <param name="off">How far beside the line it goes.</param>
    private static List<Fallen> Along(
        Exercise exercise,
        double stitch,
        double machine,
        double spread = 0,
        double off = 0,
        int seed = 1
    )
    {
        var chance = new Random(seed);
        List<Fallen> fallen = [];
        var time = 0.0;
        foreach (var line in exercise.Lines.Select(l => new MeasuredPath(l)))
        {
            for (var at = 0.0; at <= line.Total; )
            {
                var place = line.At(at).Beside(off);
                fallen.Add(new(place.X.Millimetres, place.Y.Millimetres, time));
                time += 60 / machine;
                // Even over ±√3 spreads, as a uniform chance does.
                at +=
                    stitch
                    * Math.Max(0.02, 1 + spread * Math.Sqrt(3) * (2 * chance.NextDouble() - 1));
            }
            time += 3;
        }
        return fallen;
    }
}
