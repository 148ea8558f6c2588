using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Ready-made trim ply by ply, and a piping in the groove of a tuck foot.</summary>
public class TrimTests
{
    private static readonly Calculation Trim = Techniques.WorkingOf("cord-trim")!.Forward;

    private static readonly Calculation Fine = Techniques.WorkingOf("fine-piping")!.Forward;

    private static readonly Gen<RawInputs> AnyTrim =
        from width in Gen.Double[120, 900]
        from height in Gen.Double[120, 900]
        from cord in Gen.Double[2, 14]
        from plies in Gen.Int[2, 8]
        from stiffness in Gen.OneOf("soft", "firm", "stiff")
        from foot in Gen.OneOf("groove", "zipper")
        from zip in Gen.Bool
        from order in Gen.OneOf("zip-first", "back-first")
        select RawInputs.Of(
            ("made", "cushion"),
            ("cushionWidth", width),
            ("cushionHeight", height),
            ("cordDiameter", cord),
            ("plies", plies),
            ("stiffness", stiffness),
            ("withFoot", foot),
            ("zip", zip),
            ("zipOrder", order)
        );

    [Fact]
    public void Every_ply_of_both_ends_is_drawn_and_laid_in_its_order() =>
        AnyTrim.Sample(ask =>
        {
            var plan = Plan(Trim, ask);
            var plies = (int)ask.Values["plies"].Number!.Value;
            var drawing = plan.Drawings(Ruler.Metric).Single(d => d.Name == "plies");
            var parts = drawing.Shapes.OfType<PathShape>().Select(s => s.Part).ToList();
            var laid = plan.Steps(Ruler.Metric)
                .Where(s => s.Key.StartsWith("ply-", default))
                .ToList();
            // Each step lights its own ply; those that come later are not there yet.
            return parts.Count(p => p.StartsWith("under-", default)) == plies
                && parts.Count(p => p.StartsWith("over-", default)) == plies
                && laid.Count == plies
                && laid.Select((s, i) => (s, i))
                    .All(l =>
                        l.s.Picture.Lit.Single() == $"over-{l.i + 1}"
                        && l.s.Picture.NotYet!.Count == plies - l.i
                    )
                && DrawingTests.IsTrue(drawing);
        });

    [Fact]
    public void The_zip_comes_before_the_back_or_after_it_as_was_chosen() =>
        AnyTrim.Sample(ask =>
        {
            var steps = Plan(Trim, ask).Steps(Ruler.Metric).Select(s => s.Key).ToList();
            var (zip, back) = (steps.IndexOf("zip"), steps.IndexOf("back"));
            return ask.Values["zip"].Flag == true
                ? ask.Values["zipOrder"].Text == "zip-first"
                    ? zip >= 0 && zip < back
                    : zip > back
                : zip < 0;
        });

    [Fact]
    public void Fronts_and_backs_lie_on_the_cloth_that_is_told() =>
        Gen.Select(AnyTrim, Gen.Double[500, 1600], Gen.Int[1, 5])
            .Sample(
                (ask, cloth, count) =>
                {
                    var plan = Plan(
                        Trim,
                        ask.With("clothWidth", RawValue.Of(cloth))
                            .With("count", RawValue.Of((double)count))
                    );
                    // As they are cut: to the marking step.
                    double Cut(Length length) =>
                        Rounding.Nearest(length, Ruler.Metric.Marking).Millimetres;
                    var area = plan.Pieces.Sum(p => p.Count * Cut(p.Length) * Cut(p.Depth));
                    var told = Captured.From(plan)["clothLength"];
                    return plan.Pieces.Sum(p => p.Count) == 2 * count
                        && (
                            plan.Pieces[0].Length.Millimetres > cloth || told * cloth >= area - 1e-6
                        );
                }
            );

    [Fact]
    public void Stiff_trim_under_a_groove_is_warned_of_and_beside_a_zipper_foot_it_is_not() =>
        AnyTrim.Sample(ask =>
        {
            var plan = Plan(Trim, ask);
            return plan.Findings.Any(f => f.Code == "stiff-in-groove")
                == (
                    ask.Values["stiffness"].Text == "stiff"
                    && ask.Values["withFoot"].Text == "groove"
                );
        });

    [Fact]
    public void More_strands_are_never_thinner_and_those_that_fill_a_groove_fit_it() =>
        Gen.Select(Gen.Double[0.8, 5], Gen.Double[0.05, 0.3], Gen.Int[8, 60])
            .Sample(
                (groove, cloth, wraps) =>
                {
                    var answer = Captured.From(
                        Techniques
                            .WorkingOf("fine-piping")!
                            .CalculationNamed("strands")!
                            .Compute(
                                RawInputs.Of(
                                    ("grooveWidth", groove),
                                    ("clothThickness", cloth),
                                    ("wraps", wraps)
                                ),
                                Ruler.Metric
                            )
                            .Answer!
                    );
                    var (thread, strands) = (10.0 / wraps, (int)answer["strands"]);
                    var more = Captured.From(
                        Plan(
                            Fine,
                            Fine.Example.With("wraps", RawValue.Of((double)wraps))
                                .With("strands", RawValue.Of(Math.Min(60, strands + 1.0)))
                        )
                    );
                    return (strands == 1 || answer["covered"] <= groove + 1e-9)
                        && (strands >= 60 || more["cordThickness"] > answer["cordThickness"] - 1e-9)
                        && answer["cordThickness"] >= thread - 1e-9;
                }
            );

    [Fact]
    public void One_place_of_the_needle_makes_applies_and_closes_a_fine_piping()
    {
        var plan = Plan(Fine, Fine.Example);
        var set = plan.Steps(Ruler.Metric)
            .Where(s => s.Sets.Count > 0)
            .Select(s => s.Sets[0])
            .ToList();

        set.Count.ShouldBe(3);
        set.Distinct().Count().ShouldBe(1);
        plan.Facts.Single(f => f.Name == "Needle").Text.ShouldContain(set[0]);
    }

    /// <summary>Several pieces: strips and cord are made for all at once, and only what is sewn piece by piece comes again.</summary>
    [Theory]
    [InlineData("piping", "mark")]
    [InlineData("fine-piping", "apply")]
    public void What_is_made_for_all_pieces_at_once_is_not_made_again(string name, string first)
    {
        var form = Techniques.WorkingOf(name)!.Forward;
        var one = Plan(form, form.Example);
        var four = Plan(form, form.Example.With("count", RawValue.Of(4.0)));
        var (single, many) = (one.Steps(Ruler.Metric), four.Steps(Ruler.Metric));
        var again = single.SkipWhile(s => s.Key != first).Sum(s => s.Minutes);

        many[^1].Key.ShouldBe("others");
        many[^1].Minutes.ShouldBe(3 * again, 0.2);
        many[^1].Says.ShouldContain(single.Single(s => s.Key == first).Title);
        Captured.From(four)["minutes"].ShouldBe(many.Sum(s => s.Minutes), 1e-9);
    }

    [Fact]
    public void Nothing_stops_what_the_drawer_of_the_demonstration_can_sew()
    {
        foreach (var name in new[] { "piping", "fine-piping", "cord-trim" })
        {
            var form = Techniques.WorkingOf(name)!.Forward;
            Plan(form, form.Example)
                .Findings.ShouldNotContain(f => f.Severity == Severity.Stop, name);
        }
    }

    private static WorkPlan Plan(Calculation form, RawInputs ask)
    {
        var outcome = form.Compute(ask, Ruler.Metric);
        outcome.Errors.Select(e => $"{e.Field}: {e.Says}").ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }
}
