using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Tests;

/// <summary>What every technique has to keep, so that the screens that know none of them can show it. A new one passes by being registered.</summary>
public class ContractTests
{
    private static readonly string[] Given =
    [
        "samples",
        Together.Said.SewnTo,
        Together.Said.Carries,
    ];

    public static TheoryData<string> Worked() => [.. Techniques.Worked.Select(t => t.Name)];

    public static TheoryData<string, string> Forms() => AnyAskTests.Forms();

    public static TheoryData<string> Named() => [.. Techniques.All.Select(t => t.Name)];

    [Theory]
    [MemberData(nameof(Named))]
    public void Says_its_names_its_kin_and_its_cards(string name)
    {
        var technique = Techniques.Named(name)!;

        technique.Title.ShouldNotBeEmpty();
        technique.Short.Length.ShouldBeInRange(3, 20);
        technique.Says.ShouldEndWith(".");
        technique.Cards.ShouldNotBeEmpty();
        technique.Cards.ShouldAllBe(c => Techniques.CardNamed(c.Name) == c && c.Looks.Count > 0);
        technique.CardOf(RawInputs.Empty).ShouldBeOneOf([.. technique.Cards]);
    }

    [Fact]
    public void No_name_is_given_twice() =>
        Techniques
            .All.Select(t => t.Name)
            .Concat(Questions.All.Select(q => q.Name))
            .ShouldBeUnique();

    [Theory]
    [MemberData(nameof(Forms))]
    public void Tells_the_figures_it_declares_each_of_its_shape(string technique, string name)
    {
        var form = AnyAskTests.FormOf(technique, name);
        form.Figures.Select(f => f.Name).ShouldBeUnique();
        form.Figures.ShouldAllBe(f => f.Says.Length > 0);
        foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
        {
            var outcome = form.Compute(form.Example, ruler);
            outcome.Errors.ShouldBeEmpty();
            var answer = outcome.Answer!;
            answer.Figures.ShouldBe(form.Figures);
            Tells(form.Figures, answer);
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Asks_every_field_once_in_its_groups(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var fields = working.Forward.Fields.Select(f => f.Name).ToList();
        var asked = working
            .Groups.Where(g => g.When != Asking.Cut)
            .SelectMany(g => g.Fields)
            .ToList();

        asked.ShouldBeUnique();
        asked.ShouldBeSubsetOf(fields);
        // What is not asked comes from elsewhere: the samples, the workroom, or what is measured on the way.
        var onTheWay = Plan(name, Ruler.Metric)
            .Steps(Ruler.Metric)
            .Select(s => s.Measure?.Into ?? "");
        fields.Except(asked).Except(Given).Except(onTheWay).ShouldBeSubsetOf(["cuttingStep"]);
        asked.ShouldContain(working.First.Field);
        working.Either.ShouldBeSubsetOf(fields);
        (working.Either.Count is 0 or 2).ShouldBeTrue();
        foreach (var field in working.Forward.Fields)
        {
            field.Label.ShouldNotBeEmpty();
            // A card is asked with the things of the drawer beside the plan, by their kinds.
            Supplies.ThingKinds.Named(field.Name).ShouldBeNull(field.Name);
            (field.ShownWhen is { } when ? fields.Contains(when.Field) : true).ShouldBeTrue(
                field.Name
            );
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void What_a_new_ask_begins_with_misses_only_what_it_asks_first(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var start = new RawInputs(
            working
                .Forward.Fields.Where(f => !working.Either.Skip(1).Contains(f.Name))
                .Select(f => (f.Name, Value: StartOf(f)))
                .Where(f => f.Value is not null)
                .ToDictionary(f => f.Name, f => f.Value!.Value)
        );

        var outcome = working.Forward.Compute(start, Ruler.Metric);

        outcome.Errors.ShouldAllBe(e => e.Refusal == Refusal.Missing);
        outcome.Errors.Select(e => e.Field).ShouldContain(working.First.Field);
        working.Forward.CheckUnfinished(start, Ruler.Metric).ShouldBeEmpty();
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void What_is_turned_round_gives_a_figure_of_its_form(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        foreach (var turned in working.Allows)
        {
            var form = working.CalculationNamed(turned.Form).ShouldNotBeNull();
            form.Figures.ShouldContain(f => f.Name == turned.Gives);
            form.Fields.ShouldContain(f => f.Name == turned.Needs);
            (
                turned.Sets == "" || working.Forward.Fields.Any(f => f.Name == turned.Sets)
            ).ShouldBeTrue();
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Goes_through_its_stages_in_their_order(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var stages = working.Stages.Select(s => s.Stage).ToList();

        stages.ShouldBe(stages.Order());
        stages.ShouldBeUnique();
        stages.ShouldContain(Stage.Plan);
        working.Stages.ShouldAllBe(s => s.Ends.Length > 0);
        working.Cautions.ShouldContain(c => c.Code == "needle");
        working.Cautions.SelectMany(c => c.At).ShouldAllBe(at => stages.Contains(at));
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Every_step_has_its_picture_place_and_time(string name)
    {
        foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
        {
            var plan = Plan(name, ruler);
            var drawings = plan.Drawings(ruler).ToDictionary(d => d.Name);
            var steps = plan.Steps(ruler);
            steps.Count.ShouldBeGreaterThan(4);
            steps.Select(s => s.Key).ShouldBeUnique();
            foreach (var step in steps)
            {
                step.Says.ShouldNotBeEmpty();
                step.Big.ShouldNotBeEmpty(step.Key);
                step.Checks.ShouldNotBeEmpty(step.Key);
                (step.Minutes > 0).ShouldBeTrue(step.Key);
                var picture = step.Picture.ShouldNotBeNull(step.Key);
                var parts = drawings
                    .ShouldContainKeyAndGet(picture.Drawing)
                    .Shapes.Select(s => s.Part)
                    .ToHashSet();
                picture.Lit.ShouldBeSubsetOf(parts, step.Key);
                (picture.NotYet ?? []).Intersect(picture.Lit).ShouldBeEmpty(step.Key);
                if (step.Measure is { } measure)
                {
                    Techniques
                        .WorkingOf(name)!
                        .CalculationNamed(measure.Form)!
                        .Fields.ShouldContain(f => f.Name == measure.Field);
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Its_steps_say_the_figures_of_its_answer(string name)
    {
        foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
        {
            var plan = Plan(name, ruler);
            var said = string.Join(
                " ",
                plan.Steps(ruler)
                    .SelectMany(s =>
                        (string[])[s.Says, s.Big, .. s.Checks, .. s.Table.Select(t => t.Text)]
                    )
            );
            foreach (var piece in plan.Pieces.Where(p => p.Of == "cloth"))
            {
                if (!said.Contains(piece.SizeSays(ruler), StringComparison.Ordinal))
                {
                    said.ShouldContain(piece.LengthSays(ruler));
                    said.ShouldContain(piece.DepthSays(ruler));
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Its_drawings_lie_within_their_frames_and_say_what_they_span(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
        {
            var plan = Plan(name, ruler);
            var drawings = plan.Drawings(ruler);
            drawings.Select(d => d.Name).ShouldBeUnique();
            drawings.ShouldNotBeEmpty();
            foreach (var drawing in drawings)
            {
                drawing.Says.ShouldNotBeEmpty();
                DrawingTests.IsTrue(drawing).ShouldBeTrue(drawing.Name);
                drawing
                    .Shapes.OfType<Dimension>()
                    .Where(d => d.Field.Length > 0)
                    .ShouldAllBe(d => working.Forward.Fields.Any(f => f.Name == d.Field));
            }
            DrawingTests.IsWithin(plan.Summary.Picture).ShouldBeTrue();
            plan.Summary.Text.ShouldNotBeEmpty();
            DrawingTests.IsWithin(working.Mark).ShouldBeTrue();
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Its_guide_lies_on_what_is_cut_and_numbers_its_marks_whatever_is_asked(string name)
    {
        var straight = Techniques.WorkingOf(name)!.Forward;
        for (var seed = 0; seed < 200; seed++)
        {
            var ask = AnyAskTests.Changed(straight, new Random(seed));
            // What cannot be sewn need not be marked.
            if (
                straight.Compute(ask, Ruler.Metric).Answer is not WorkPlan plan
                || plan.Findings.Any(f => f.Severity == Severity.Stop)
                || plan.Guide is not { } guide
            )
            {
                continue;
            }
            var marks = guide.Lines.Select(l => l.Number).Where(n => n > 0).Distinct().ToList();
            marks.Order().ShouldBe(Enumerable.Range(1, marks.Count));
            guide.Says.ShouldNotBeEmpty();
            foreach (var end in guide.Lines.SelectMany(l => (Point[])[l.From, l.To]))
            {
                var (x, y) = (end.X.Millimetres, end.Y.Millimetres);
                x.ShouldBeInRange(-1e-6, guide.Width.Millimetres + 1e-6, $"{name} {seed}");
                y.ShouldBeInRange(-1e-6, guide.Height.Millimetres + 1e-6, $"{name} {seed}");
            }
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void What_is_measured_on_the_way_is_kept_in_a_field_of_the_plan_or_taken_by_its_form(
        string name
    )
    {
        var working = Techniques.WorkingOf(name)!;
        foreach (
            var measure in Plan(name, Ruler.Metric)
                .Steps(Ruler.Metric)
                .Select(s => s.Measure)
                .OfType<StepMeasure>()
        )
        {
            var form = working.CalculationNamed(measure.Form).ShouldNotBeNull();
            var taken = form.Fields.Select(f => f.Name).ToList();
            taken.ShouldContain(measure.Field);
            measure.With.Keys.ShouldBeSubsetOf(taken);
            if (measure.Into.Length == 0)
            {
                continue;
            }
            var rows = working
                .Forward.Fields.Single(f => f.Name == measure.Into)
                .ShouldBeOfType<GroupsField>();
            rows.Fields.Select(f => f.Name)
                .ShouldBe([.. measure.With.Keys, measure.Field], ignoreOrder: true);
        }
    }

    /// <summary>A swatch is read in before it is known of which technique it is: a name means one thing.</summary>
    [Fact]
    public void Settings_that_swatches_keep_under_one_name_have_one_range()
    {
        var kept = Techniques
            .Worked.SelectMany(t => t.Process!.Swatch.Features)
            .ToLookup(f => f.Name);

        foreach (var name in kept)
        {
            name.Select(f =>
                    f switch
                    {
                        LengthField l => (l.Least, l.Most),
                        NumberField n => (
                            Length.FromMillimetres(n.Least),
                            Length.FromMillimetres(n.Most)
                        ),
                        _ => (Length.Zero, Length.Zero),
                    }
                )
                .Distinct()
                .Count()
                .ShouldBe(1, name.Key);
        }
    }

    /// <summary>A new swatch keeps what the plan sets: it finds it in the ask, or in the answer, under the same name.</summary>
    [Theory]
    [MemberData(nameof(Worked))]
    public void What_is_turned_between_swatches_is_said_by_the_plan(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var said = working
            .Forward.Fields.Select(f => f.Name)
            .Concat(working.Forward.Figures.Select(f => f.Name));

        (
            working.Swatch.Knobs.Count == 0 || working.Swatch.Knobs.Any(k => said.Contains(k.Name))
        ).ShouldBeTrue();
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void A_finished_piece_is_a_swatch_whose_settings_are_figures_of_its_plan(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        working.Swatch.OfPiece.Keys.ShouldBeSubsetOf(working.Swatch.Features.Select(f => f.Name));
        working.Swatch.OfPiece.Values.ShouldBeSubsetOf(working.Forward.Figures.Select(f => f.Name));
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Its_pieces_and_what_it_needs_agree(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var plan = Plan(name, Ruler.Metric);

        plan.Pieces.Select(p => p.Key).ShouldBeUnique();
        plan.Needs.Select(n => (n.Kind, n.Name)).ShouldBeUnique();
        plan.Needs.ShouldAllBe(n => n.Amount > Length.Zero);
        plan.Needs.ShouldAllBe(n => working.Has(n.Until));
        foreach (var piece in plan.Pieces)
        {
            piece.Count.ShouldBeGreaterThan(0);
            var (least, most) = (piece.Outline.Bounds.From, piece.Outline.Bounds.To);
            (most.X - least.X).Millimetres.ShouldBe(piece.Length.Millimetres, 1e-6, piece.Key);
            (most.Y - least.Y).Millimetres.ShouldBe(piece.Depth.Millimetres, 1e-6, piece.Key);
        }
        if (working.Has(Stage.Cut))
        {
            plan.Pieces.ShouldContain(p => p.Of == "cloth");
            plan.Needs.ShouldContain(n => n.Kind == "cloth" && n.Until == Stage.Cut);
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void A_plan_held_against_itself_is_unchanged(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var comparison = working.CompareAsks(
            new InputReader(working.Forward.Example, Ruler.Metric),
            new InputReader(working.Forward.Example, Ruler.Metric)
        );

        comparison!.Differences.ShouldBeEmpty();
        comparison.Findings.ShouldBeEmpty();
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void Its_swatch_is_read_judged_and_put_in_short(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var swatch = working.Swatch;
        var form = working.CalculationNamed(SwatchOf.FormName).ShouldNotBeNull();
        swatch.Readings.ShouldNotBeEmpty();
        swatch.Needed.ShouldNotBeEmpty();
        swatch.Readings.ShouldAllBe(r => form.Fields.Any(f => f.Name == r.Name));
        (swatch.Against == "" || form.Fields.Any(f => f.Name == swatch.Against)).ShouldBeTrue();

        var judged = form.Compute(form.Example, Ruler.Metric)
            .Answer.ShouldBeAssignableTo<SwatchJudgement>()!;
        judged.Headline.Text.ShouldNotBeEmpty();
        judged.Lines.ShouldNotBeEmpty();
        judged.Readings.Select(r => r.Kind).ShouldBeSubsetOf(swatch.Readings.Select(r => r.Name));

        var sewn = Sewn(swatch, form.Example);
        swatch.InShort(sewn).ShouldNotBeNull().Text.ShouldBe(judged.Headline.Text);
        swatch
            .InShort(sewn with { Readings = new Dictionary<string, IReadOnlyList<double>>() })
            .ShouldBeNull();
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void What_swatches_teach_is_read_plotted_and_narrows(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var swatch = working.Swatch;
        var sewn = Sewn(swatch, working.CalculationNamed(SwatchOf.FormName)!.Example);
        foreach (var lesson in swatch.Teaches)
        {
            var sample = swatch.Sample.ShouldNotBeNull()(sewn);
            var ask = (lesson.Predicts ? working.Forward.Example : sample).With(
                Given[0],
                RawValue.Of([.. Enumerable.Repeat(RawValue.Of(sample), 4)])
            );
            var learnt = lesson.Read(new InputReader(ask, Ruler.Metric)).ShouldNotBeNull();

            learnt.Samples.Count.ShouldBe(4);
            learnt.RestsOn.ShouldContain("4 swatches");
            learnt.Axes.ShouldNotBeEmpty();
            var (low, mid, high) = learnt.Predicted;
            (low < mid && mid < high).ShouldBeTrue();
            var (from, _, to) = learnt.Without(Enumerable.Range(0, 4).ToHashSet());
            (high / low).ShouldBeLessThan(to / from);
            foreach (var axis in learnt.Axes)
            {
                axis.From.ShouldBeLessThan(axis.To);
                learnt.SampleOn(axis, 3).ShouldBeInRange(axis.From, axis.To);
                learnt.PlannedOn(axis).ShouldBeInRange(axis.From, axis.To);
                var there = learnt.PredictedAt(axis, learnt.PlannedOn(axis));
                there.Mid.ShouldBe(mid, 1e-9);
            }
            learnt.Next.Lessens.ShouldBeInRange(0, 1);
            learnt.Next.Settings.Keys.ShouldAllBe(k =>
                swatch.Features.Any(f => f.Name == k)
                || working.Forward.Fields.Any(f => f.Name == k)
            );
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void A_simulated_swatch_gives_every_reading_that_is_needed_the_same_each_time(
        string name
    )
    {
        var working = Techniques.WorkingOf(name)!;
        foreach (
            var sew in working
                .Swatch.Teaches.Select(l => l.Sew)
                .OfType<Func<SimulatedSwatch, IReadOnlyDictionary<string, double>>>()
        )
        {
            SimulatedSwatch Of(int piece) =>
                new(
                    new InputReader(working.Forward.Example, Ruler.Metric),
                    Length.FromMillimetres(300),
                    7,
                    piece
                );
            sew(Of(0)).Keys.ShouldBe(sew(Of(0)).Keys);
            sew(Of(0)).Values.ShouldBe(sew(Of(0)).Values);
            working.Swatch.Needed.ShouldBeSubsetOf(sew(Of(1)).Keys);
        }
    }

    internal static WorkPlan Plan(string name, Ruler ruler)
    {
        var straight = Techniques.WorkingOf(name)!.Forward;
        return (WorkPlan)straight.Compute(straight.Example, ruler).Answer!;
    }

    /// <summary>A swatch with the readings and settings of an ask.</summary>
    private static SewnSwatch Sewn(SwatchOf swatch, RawInputs ask)
    {
        var reader = new InputReader(ask, Ruler.Metric);
        return new SewnSwatch(
            swatch
                .Readings.Where(r => reader.Has(r))
                .ToDictionary(
                    r => r.Name,
                    r => (IReadOnlyList<double>)[.. reader.Lengths(r).Select(l => l.Millimetres)]
                ),
            new RawInputs(
                ask.Values.Where(v => swatch.Features.Any(f => f.Name == v.Key)).ToDictionary()
            ),
            new Dictionary<string, string>(),
            true,
            true
        );
    }

    private static RawValue? StartOf(Field field) =>
        field switch
        {
            LengthField { Start: { } start } => RawValue.Of(start.Millimetres),
            NumberField { Start: { } start } => RawValue.Of(start),
            FlagField flag => RawValue.Of(flag.Start),
            ChoiceField { Start: { } start } => RawValue.Of(start),
            _ => null,
        };

    private static void Tells(IReadOnlyList<Figure> figures, object of)
    {
        foreach (var figure in figures)
        {
            var value = figure.Take(of);
            if (value is null)
            {
                figure.IsAlways.ShouldBeFalse(figure.Name);
                continue;
            }
            switch (figure.Shape)
            {
                case FigureShape.Length:
                    value.ShouldBeOfType<Length>(figure.Name);
                    break;
                case FigureShape.Table:
                    ((IReadOnlyList<object>)value).ToList().ForEach(r => Tells(figure.Inner, r));
                    break;
                case FigureShape.Group:
                    Tells(figure.Inner, value);
                    break;
                case FigureShape.Ratio:
                    double.IsFinite(value.ShouldBeOfType<double>(figure.Name)).ShouldBeTrue();
                    break;
                default:
                    value.ShouldNotBeNull();
                    break;
            }
        }
    }
}

internal static class Shoulds
{
    public static TValue ShouldContainKeyAndGet<TKey, TValue>(
        this Dictionary<TKey, TValue> all,
        TKey key
    )
        where TKey : notnull
    {
        all.ShouldContainKey(key);
        return all[key];
    }
}
