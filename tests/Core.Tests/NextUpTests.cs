using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;

namespace ZephyrReach.Core.Tests;

/// <summary>What is next, for any technique: the first of its stages that has not ended.</summary>
public class NextUpTests
{
    public static TheoryData<string> All() => ContractTests.Worked();

    [Theory]
    [MemberData(nameof(All))]
    public void Goes_through_the_stages_as_each_of_them_ends(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var steps = ContractTests.Plan(name, Ruler.Metric).Steps(Ruler.Metric);
        var cuts = working.Has(Stage.Cut);
        var at = Begun;

        Next(working, at).Stage.ShouldBe(Stage.SetUp);
        at = at with { Stage = Stage.Sample };
        Next(working, at)
            .ShouldBe(new NextUp(Stage.Sample, "Next: sew a test swatch.", "a swatch"));
        at = at with { Swatches = 1, LastVerdict = "nearly" };
        Next(working, at).WaitsFor.ShouldBe("a good swatch");
        at = at with { LastVerdict = "yes" };
        if (cuts)
        {
            Next(working, at).Stage.ShouldBe(Stage.Cut);
            Next(working, at).Says.ShouldBe(steps[0].Says);
            at = at with { IsCut = true };
        }
        Next(working, at).Stage.ShouldBe(Stage.Sew);
        Next(working, at).Says.ShouldContain($"step {(cuts ? 2 : 1)} of {steps.Count}");
        at = at with { StepsDone = 3 };
        Next(working, at).Says.ShouldBe($"{steps[3].Title}: step 4 of {steps.Count}.");
        at = at with { StepsDone = steps.Count };
        Next(working, at).Says.ShouldBe("Next: note how it turned out.");
        Next(working, at with { IsFinished = true }).IsDone.ShouldBeTrue();
    }

    [Theory]
    [MemberData(nameof(All))]
    public void A_figure_that_is_missing_is_asked_for_by_its_name(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var field = working.Forward.Fields.First(f => f.Name == working.First.Field);
        var ask = working.Forward.Example.Without(field.Name);

        var next = Next(working, Begun, ask);

        next.Stage.ShouldBe(Stage.Plan);
        next.Says.ShouldBe(
            $"Next: enter the {char.ToLowerInvariant(field.Label[0])}{field.Label[1..]}."
        );
        next.WaitsFor.ShouldBe("a measure");
    }

    [Fact]
    public void What_cannot_be_sewn_goes_back_to_the_plan_until_it_is_cut()
    {
        var working = Techniques.WorkingOf("pulled-gathers")!;
        var ask = Asked.Awning(("rows", "two-inside"), ("rowGap", "8.5 mm"));
        var at = Begun with { Stage = Stage.Cut, LastVerdict = "yes", Swatches = 1 };

        Next(working, at, ask).Stage.ShouldBe(Stage.Plan);
        Next(working, at with { IsCut = true }, ask).Stage.ShouldBe(Stage.Sew);
    }

    [Fact]
    public void A_figure_that_cannot_be_waits_for_one_that_can()
    {
        var working = Techniques.WorkingOf("pulled-gathers")!;

        var next = Next(working, Begun, Asked.Awning(("finishedEdge", "round the table")));

        next.Stage.ShouldBe(Stage.Plan);
        next.WaitsFor.ShouldBe("a corrected measurement");
    }

    [Fact]
    public void More_steps_done_than_there_are_is_all_of_them()
    {
        var working = Techniques.WorkingOf("darning")!;

        Next(working, Begun with { StepsDone = 400 }).Stage.ShouldBe(Stage.Keep);
    }

    private static PartProgress Begun { get; } = new(Stage.Plan);

    private static NextUp Next(Process working, PartProgress at, RawInputs? ask = null) =>
        NextUp.For(
            working,
            at,
            working.Forward.Compute(ask ?? working.Forward.Example, Ruler.Metric),
            Ruler.Metric
        );
}
