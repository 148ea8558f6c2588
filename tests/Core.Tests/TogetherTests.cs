using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>What every technique is asked alike, whatever else it is asked: how many, what it is sewn to, what it carries.</summary>
public class TogetherTests
{
    public static TheoryData<string> Counted() =>
        [
            .. Techniques
                .Worked.Where(t => t.Process!.Forward.Fields.Any(f => f.Name == "count"))
                .Select(t => t.Name),
        ];

    [Theory]
    [MemberData(nameof(Counted))]
    public void So_many_alike_take_so_many_times_as_much_and_each_is_as_one_whatever_is_asked(
        string name
    )
    {
        var held = 0;
        foreach (var (one, ask) in Plans(name, 80))
        {
            foreach (var count in new[] { 2, 5 })
            {
                // What covers a cord may be cut another way for several: then neither is a part of the other.
                if (
                    Plan(name, ask.With("count", RawValue.Of(count))) is not { } all
                    || FirstCut(all) != FirstCut(one)
                )
                {
                    continue;
                }
                held++;
                all.Together.Count.ShouldBe(count);
                all.Edges.Select(e => e.Length.Millimetres)
                    .ShouldBe(one.Edges.Select(e => e.Length.Millimetres));
                if (ForAll(one.Steps(Ruler.Metric), all.Steps(Ruler.Metric)[^1]) > 1)
                {
                    // Strips are cut, and joined to one, for all of them: never more than one by one, but for what the joins
                    // between take, a strip at most; where they are cut round and round only whole lines count, of which one may be over.
                    var over = all.Pieces.Any(p => p.Key == "square")
                        ? 0.35 * Area(all)
                        : Area(all) / Math.Max(1, all.Pieces.Sum(p => p.Count));
                    (Area(all) - over <= count * Area(one) * (1 + 1e-9)).ShouldBeTrue(
                        $"{name}: {string.Join("; ", all.Pieces.Select(p => p.Says(Ruler.Metric)))} for {count} of {string.Join("; ", one.Pieces.Select(p => p.Says(Ruler.Metric)))}, {string.Join(", ", ask.Values.Select(v => $"{v.Key} {v.Value.Text ?? $"{v.Value.Number}"}"))}"
                    );
                }
                else
                {
                    foreach (var (a, b) in one.Pieces.Zip(all.Pieces))
                    {
                        b.Count.ShouldBe(count * a.Count);
                        (b.Length, b.Depth).ShouldBe((a.Length, a.Depth));
                    }
                }
                foreach (var (a, b) in one.Needs.Zip(all.Needs))
                {
                    var (single, several) = (a.Amount.Millimetres, b.Amount.Millimetres);
                    b.Kind.ShouldBe(a.Kind);
                    if (a.Kind == "cloth")
                    {
                        // Side by side they may share a length of cloth, but never take more than one by one, but for a strip that
                        // the joins between them take.
                        several.ShouldBeInRange(
                            single * (1 - 1e-9),
                            single * count * (1 + 1e-9)
                                + (
                                    all.Pieces.Any(p => p.Key == "strip")
                                        ? 1.5 * all.Pieces.Max(p => p.Depth.Millimetres)
                                        : 0
                                )
                        );
                    }
                    else
                    {
                        several.ShouldBe(single * count, single * count * 1e-9);
                    }
                }
            }
        }
        held.ShouldBeGreaterThan(10);
    }

    [Theory]
    [MemberData(nameof(Counted))]
    public void The_steps_of_several_are_those_of_one_and_then_the_others(string name)
    {
        // Cut one way, whether one or three.
        var example = Techniques
            .WorkingOf(name)!
            .Forward.Example.Without("count")
            .With("method", RawValue.Of("continuous"));
        var one = Plan(name, example)!.Steps(Ruler.Metric);
        var three = Plan(name, example.With("count", RawValue.Of(3)))!.Steps(Ruler.Metric);

        three.Take(one.Count).Select(s => s.Key).ShouldBe(one.Select(s => s.Key));
        var others = three.Skip(one.Count).ShouldHaveSingleItem();
        others.Title.ShouldBe("The other 2");
        // The first step cuts, or marks, for all of them; strips for a cord are made for all of them too.
        var forAll = ForAll(one, others);
        one.Skip(forAll).ShouldNotBeEmpty();
        others.Minutes.ShouldBe(2 * one.Skip(forAll).Sum(s => s.Minutes), 0.2);
        others.Picture.Drawing.ShouldBe(one[^1].Picture.Drawing);
    }

    /// <summary>How many of the first steps are done for all pieces at once: those before the one from which the others begin.</summary>
    private static int ForAll(IReadOnlyList<SewingStep> one, SewingStep others) =>
        one.TakeWhile(s => !others.Says.Contains($"“{s.Title}”")).Count() is var before
        && before < one.Count
            ? before
            : 1;

    private static string FirstCut(WorkPlan plan) =>
        plan.Pieces is [var first, ..] ? first.Key : "";

    private static double Area(WorkPlan plan) =>
        plan.Pieces.Sum(p => p.Count * p.Length.Millimetres * p.Depth.Millimetres);

    [Theory]
    [InlineData(0)]
    [InlineData(1.5)]
    [InlineData(101)]
    public void A_number_that_is_none_is_refused_at_its_field(double count)
    {
        foreach (var name in Counted())
        {
            var ask = Techniques.WorkingOf(name)!.Forward.Example.With("count", RawValue.Of(count));
            Techniques
                .WorkingOf(name)!
                .Forward.Compute(ask, Ruler.Metric)
                .Errors.ShouldHaveSingleItem()
                .Field.ShouldBe("count", name);
        }
    }

    [Theory]
    [MemberData(nameof(Counted))]
    public void What_carries_the_next_piece_has_a_seam_below_in_place_of_its_hem(string name)
    {
        var fields = Techniques.WorkingOf(name)!.Forward.Fields;
        if (fields.All(f => f.Name != "hemAllowance"))
        {
            return;
        }
        foreach (var (plain, ask) in Plans(name, 60))
        {
            if (ask.TryGet("doubled", out var doubled) && doubled.Flag == true)
            {
                continue;
            }
            var reader = new InputReader(ask, Ruler.Metric);
            var (seam, hem) = (
                Said(reader, fields, "seamAllowance"),
                Said(reader, fields, "hemAllowance")
            );
            if (
                Plan(name, ask.With(Together.Said.Carries, RawValue.Of("Lower tier")))
                is not { } carrying
            )
            {
                continue;
            }
            (carrying.Pieces[0].Depth - plain.Pieces[0].Depth).Millimetres.ShouldBe(
                (seam - hem).Millimetres,
                1e-6
            );
            var steps = carrying.Steps(Ruler.Metric);
            steps.ShouldNotContain(s => s.Key == "hem");
            steps.ShouldContain(s =>
                s.Says.Contains("“Lower tier” is sewn to it", StringComparison.Ordinal)
            );
        }
    }

    [Fact]
    public void An_edge_that_is_given_can_be_taken_and_keeps_its_key()
    {
        foreach (var technique in Techniques.Worked)
        {
            var plan = Plan(technique.Name, technique.Process!.Forward.Example)!;
            plan.Edges.Select(e => e.Key).ShouldBeUnique();
            plan.Edges.ShouldAllBe(e => e.Length > Length.Zero && e.Name.Length > 0);
            foreach (var taker in Techniques.Worked)
            {
                var straight = taker.Process!.Forward;
                foreach (var field in straight.Fields.OfType<LengthField>().Where(f => f.IsEdge))
                {
                    foreach (var edge in plan.Edges)
                    {
                        // Any edge that is given is one that may be taken, at its exact length.
                        straight
                            .Compute(
                                straight.Example.With(
                                    field.Name,
                                    RawValue.Of(edge.Length.Millimetres)
                                ),
                                Ruler.Metric
                            )
                            .Errors.ShouldNotContain(e =>
                                e.Field == field.Name && e.Refusal == Refusal.Unusable
                            );
                    }
                }
            }
        }
    }

    /// <summary>Plans of any asks that can be sewn, with their asks.</summary>
    private static IEnumerable<(WorkPlan Plan, RawInputs Ask)> Plans(string name, int seeds)
    {
        var straight = Techniques.WorkingOf(name)!.Forward;
        for (var seed = 0; seed < seeds; seed++)
        {
            var ask = AnyAskTests
                .Changed(straight, new Random(seed))
                .Without("count")
                .Without(Together.Said.Carries);
            if (Plan(name, ask) is { } plan)
            {
                yield return (plan, ask);
            }
        }
    }

    private static WorkPlan? Plan(string name, RawInputs ask) =>
        Techniques.WorkingOf(name)!.Forward.Compute(ask, Ruler.Metric).Answer as WorkPlan;

    private static Length Said(InputReader reader, IReadOnlyList<Field> fields, string name)
    {
        var field = (LengthField)fields.Single(f => f.Name == name);
        return reader.OptionalLength(field)
            ?? (name == "hemAllowance" ? Length.Zero : field.Start!.Value);
    }
}
