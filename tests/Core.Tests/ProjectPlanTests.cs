using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;

namespace ZephyrReach.Core.Tests;

/// <summary>Parts planned together: on which swatches, supplies and other parts a plan rests.</summary>
public class ProjectPlanTests
{
    private static readonly Guid Foot = Guid.CreateVersion7();
    private static readonly Guid Cloth = Guid.CreateVersion7();
    private static readonly PlannedPart Own = Part(uses: (Foot, Cloth));

    [Fact]
    public void The_same_supplies_count_in_full_and_others_half()
    {
        var shelf = new SwatchShelf([
            Swatch(1, uses: (Foot, Cloth)),
            Swatch(2, uses: (Foot, Guid.CreateVersion7())),
            Swatch(3, uses: (Guid.CreateVersion7(), Cloth)),
        ]);

        shelf.Of(Own).Select(s => s.IsSame).ShouldBe([true, false, false]);
    }

    [Fact]
    public void Where_neither_says_what_it_used_the_fabrics_name_or_the_own_part_decides()
    {
        var part = Part(fabric: "ticking");
        var shelf = new SwatchShelf([
            Swatch(1, fabric: "ticking"),
            Swatch(2, fabric: "voile"),
            Swatch(3, of: part.Id, fabric: "voile"),
        ]);

        shelf.Of(part).Select(s => s.IsSame).ShouldBe([true, false, true]);
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

        static List<Guid> Ids(IReadOnlyList<MeasuredSwatch> measured) =>
            [.. new SwatchShelf(measured).Of(Own).Select(s => s.Swatch.Id).Order()];
    }

    [Fact]
    public void Of_many_it_takes_those_of_the_same_fabric_and_then_the_newest_the_oldest_first()
    {
        var same = Enumerable.Range(0, 20).Select(i => Swatch(i, uses: (Foot, Cloth))).ToList();
        var others = Enumerable
            .Range(100, 300)
            .Select(i => Swatch(i, uses: (Guid.CreateVersion7(), Cloth)))
            .ToList();

        var taken = new SwatchShelf([.. others, .. same]).Of(Own);

        taken.Count.ShouldBe(200);
        taken.Count(s => s.IsSame).ShouldBe(20);
        taken.Select(s => s.Swatch.SewnAt).ShouldBeInOrder();
        taken.Select(s => s.Swatch.Id).ShouldContain(others[^1].Id);
        taken.Select(s => s.Swatch.Id).ShouldNotContain(others[0].Id);
    }

    [Fact]
    public void Inputs_get_their_samples_where_they_predict_and_else_stay_as_they_are()
    {
        var shelf = new SwatchShelf([
            Swatch(1, of: Own.Id),
            Swatch(2) with
            {
                Technique = "pulled-gathers",
            },
        ]);
        var inputs = RawInputs.Of(("finishedEdge", "2 m"));

        var samples = shelf.With(Own, inputs).Values["samples"].List!;
        samples.Count.ShouldBe(1);
        samples[0].Group!.Values["flat"].List!.Single().Number.ShouldBe(300);
        samples[0].Group!.Values["counts"].Flag.ShouldBe(true);
        shelf
            .With(Own with { Technique = "pulled-gathers" }, inputs)
            .Values.Keys.ShouldBe(["finishedEdge"]);
    }

    /// <summary>However long a chain is, nobody’s plan ends the program.</summary>
    [Fact]
    public void A_chain_of_parts_has_an_end()
    {
        List<PlannedPart> tiers = [Tier()];
        for (var i = 1; i < 20_000; i++)
        {
            tiers.Add(Tier() with { Links = [new("finishedEdge", tiers[^1].Id, "lower")] });
        }
        var plan = Planned(tiers);

        plan.PlanOf(tiers[^1]).ShouldNotBeNull();
        plan.PlanOf(tiers[2]).ShouldNotBeNull();
        IEnumerable<Guid> Givers(Guid id) => tiers.First(t => t.Id == id).Links.Select(l => l.Part);
        Chains.InARow(tiers[9].Id, Givers).ShouldBe(10);
        Chains.InARow(tiers[500].Id, Givers).ShouldBe(Chains.MostInARow + 1);
        Chains.Reaches(tiers[9].Id, tiers[0].Id, Givers).ShouldBeTrue();
        Chains.Reaches(tiers[0].Id, tiers[9].Id, Givers).ShouldBeFalse();
    }

    [Fact]
    public void A_tier_takes_its_edge_from_the_one_above_it_and_both_say_so()
    {
        var upper = Tier() with { Name = "Upper" };
        var lower = Tier() with
        {
            Name = "Lower",
            Links = [new("finishedEdge", upper.Id, "lower")],
        };
        var plan = Planned([upper, lower]);

        var flat = plan.PlanOf(upper)!.Edges.Single(e => e.Key == "lower").Length;
        plan.Complete(lower, lower.Inputs)
            .Values["finishedEdge"]
            .Number!.Value.ShouldBe(flat.Millimetres, 1e-9);
        plan.PlanOf(lower)!.Steps(Ruler.Metric).ShouldContain(s => s.Says.Contains("“Upper”"));
        plan.PlanOf(upper)!.Steps(Ruler.Metric).ShouldContain(s => s.Says.Contains("“Lower”"));
    }

    [Fact]
    public void What_all_parts_take_is_added_up_once_for_each_piece_against_what_is_there()
    {
        var fabric = new Supply(Cloth, "ticking", RawInputs.Empty, Length.FromMillimetres(500));
        var one = Tier() with { Uses = new Dictionary<string, Guid> { ["cloth"] = Cloth } };
        var way = one with { Id = Guid.CreateVersion7(), Piece = one.Id, IsAside = true };
        var cut = one with
        {
            Id = Guid.CreateVersion7(),
            Name = "Cut",
            Progress = new(Stage.Sew, IsCut: true),
        };
        TotalLine Line(params PlannedPart[] parts) =>
            ProjectPlan
                .Of(
                    [.. parts.Select(p => p with { Piece = p.IsAside ? one.Id : p.Id })],
                    new Dictionary<Guid, Supply> { [Cloth] = fabric },
                    new SwatchShelf([]),
                    Ruler.Metric
                )
                .Materials()
                .Single(l => l.Thing == Cloth);

        var alone = Line(one);
        alone.Name.ShouldBe("ticking");
        Line(one, way).Needed.ShouldBe(alone.Needed);
        Line(one, cut).Needed.ShouldBe(alone.Needed * 2);
        Line(one, cut).Still.ShouldBe(alone.Needed);
        (alone.Short > Length.Zero).ShouldBe(alone.Needed > fabric.Left!.Value);
        alone.Buy.Length.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void A_machine_that_is_chosen_bounds_what_is_planned_for_it_and_what_is_entered_stands()
    {
        var machine = Guid.CreateVersion7();
        var part = Tier() with { Uses = new Dictionary<string, Guid> { ["machine"] = machine } };
        var plan = ProjectPlan.Of(
            [part],
            new Dictionary<Guid, Supply>
            {
                [machine] = new(
                    machine,
                    "grandmother’s",
                    RawInputs.Of(("longestStitch", "4 mm")),
                    null
                ),
            },
            new SwatchShelf([]),
            Ruler.Metric
        );

        plan.Complete(part, part.Inputs).Values["longestStitch"].Text.ShouldBe("4 mm");
        plan.Complete(part, part.Inputs.With("longestStitch", RawValue.Of("5 mm")))
            .Values["longestStitch"]
            .Text.ShouldBe("5 mm");
        plan.PlanOf(part)!
            .Steps(Ruler.Metric)
            .Single(s => s.Key == "rows")
            .Sets.ShouldBe(["stitch 4 mm"]);
    }

    private static ProjectPlan Planned(IReadOnlyList<PlannedPart> parts) =>
        ProjectPlan.Of(parts, new Dictionary<Guid, Supply>(), new SwatchShelf([]), Ruler.Metric);

    private static PlannedPart Tier() =>
        Part() with
        {
            Id = Guid.CreateVersion7(),
            Technique = "pulled-gathers",
            Inputs = Techniques.WorkingOf("pulled-gathers")!.Forward.Example,
        };

    private static PlannedPart Part((Guid Foot, Guid Cloth)? uses = null, string fabric = "") =>
        new(
            Guid.CreateVersion7(),
            "Valance",
            "gathering-foot",
            RawInputs.Empty,
            [],
            Uses(uses),
            false,
            new(Stage.Sample)
        )
        {
            Fabric = fabric,
        };

    private static MeasuredSwatch Swatch(
        int minute,
        Guid? of = null,
        (Guid Foot, Guid Cloth)? uses = null,
        string fabric = "",
        bool isSimulated = false
    ) =>
        new(
            Guid.CreateVersion7(DateTimeOffset.UnixEpoch.AddMinutes(minute)),
            of,
            "gathering-foot",
            fabric,
            Uses(uses),
            isSimulated,
            minute,
            new(
                new Dictionary<string, IReadOnlyList<double>>
                {
                    ["flat"] = [300],
                    ["gathered"] = [170],
                },
                RawInputs.Of(("stitchLength", 4)),
                new Dictionary<string, string>(),
                true,
                true
            )
        );

    private static Dictionary<string, Guid> Uses((Guid Foot, Guid Cloth)? uses) =>
        uses is { } u ? new() { ["foot"] = u.Foot, ["cloth"] = u.Cloth } : [];
}
