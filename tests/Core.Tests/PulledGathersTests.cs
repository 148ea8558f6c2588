using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

public class PulledGathersTests
{
    private static readonly Process Technique = Techniques.WorkingOf("pulled-gathers")!;

    [Fact]
    public void Sewn_flat_is_never_below_what_was_asked() =>
        Asked.AnyAwning.Sample(ask =>
        {
            var told = Reckon(ask);
            return told["sewnFlat"] >= told["flatEdge"] * (1 - 1e-9)
                && told["stripLength"]
                    <= (Said(ask, "cut") == "across" ? Number(ask, "clothWidth") : double.MaxValue);
        });

    [Fact]
    public void More_fullness_never_needs_less_cloth() =>
        Gen.Select(Asked.AnyAwning, Gen.Double[1, 1.5])
            .Sample(
                (ask, more) =>
                {
                    var fuller = Math.Min(6, Number(ask, "fullness") * more);
                    return Reckon(ask.With("fullness", RawValue.Of(fuller)))["clothLength"]
                        >= Reckon(ask)["clothLength"];
                }
            );

    [Fact]
    public void Marks_ascend_and_end_at_the_edge() =>
        Asked.AnyAwning.Sample(ask =>
        {
            var told = Reckon(ask);
            var marks = told.Rows("marks");
            var ascend = marks
                .Zip(marks.Skip(1))
                .All(p =>
                    p.First["strip"] < p.Second["strip"] && p.First["edge"] < p.Second["edge"]
                );
            return ascend
                && marks[0]["strip"] == 0
                && Near(marks[^1]["strip"], told["sewnFlat"])
                && Near(marks[^1]["edge"], Number(ask, "finishedEdge"));
        });

    [Fact]
    public void The_greatest_fullness_uses_the_cloth_and_no_more() =>
        Gen.Select(Asked.AnyAwning, Gen.Double[200, 20_000])
            .Sample(
                (ask, cloth) =>
                {
                    ask = ask.With("clothAtHand", RawValue.Of(cloth));
                    var greatest = Turned("fullness-from-cloth", ask)["greatestFullness"];
                    if (greatest is < 1 or > 5.9)
                    {
                        return true;
                    }
                    return Reckon(ask.With("fullness", RawValue.Of(greatest)))["clothLength"]
                            <= cloth * (1 + 1e-9)
                        && Reckon(ask.With("fullness", RawValue.Of(greatest * 1.001)))[
                            "clothLength"
                        ] > cloth;
                }
            );

    [Fact]
    public void The_longest_edge_uses_the_cloth_and_no_more() =>
        Gen.Select(Asked.AnyAwning, Gen.Double[200, 20_000])
            .Sample(
                (ask, cloth) =>
                {
                    ask = ask.With("clothAtHand", RawValue.Of(cloth));
                    var longest = Turned("edge-from-cloth", ask)["longestEdge"];
                    // An edge below the least or over the kilometre that an ask may say has no straight form to agree with.
                    if (
                        longest < 1.1
                        || longest * 1.001
                            > Craft.Fullness.Strips.StripFields.FinishedEdge.Most.Millimetres
                    )
                    {
                        return true;
                    }
                    return Reckon(ask.With("finishedEdge", RawValue.Of(longest)))["clothLength"]
                            <= cloth * (1 + 1e-9)
                        && Reckon(ask.With("finishedEdge", RawValue.Of(longest * 1.001)))[
                            "clothLength"
                        ] > cloth;
                }
            );

    [Fact]
    public void Every_answer_tells_the_figures_it_describes_and_draws_them() =>
        Asked.AnyAwning.Sample(
            ask =>
            {
                var answer = Technique.Forward.Compute(ask, Ruler.Imperial).Answer!;
                var told = Captured.From(answer).Names;
                var described = Technique.Forward.Figures;
                return told.All(n => described.Any(f => f.Name == n))
                    && described.Where(f => f.IsAlways).All(f => told.Contains(f.Name))
                    && answer
                        .Drawings(Ruler.Imperial)
                        .All(d => d.Width > Length.Zero && d.Height > Length.Zero)
                    && answer.Steps(Ruler.Metric).Count > 8
                    && answer.Derivation(Ruler.Imperial).Count > 6;
            },
            iter: 300
        );

    [Fact]
    public void The_hem_is_as_long_as_the_fullness_says() =>
        Asked.AnyAwning.Sample(
            ask =>
            {
                var answer = Technique.Forward.Compute(ask, Ruler.Metric).Answer!;
                var hem = Hem(answer);
                return Math.Abs(
                        MeasuredAlong(hem)
                            / hem.Span.Millimetres
                            / Captured.From(answer)["achievedFullness"]
                            - 1
                    ) < 1e-4;
            },
            iter: 100
        );

    [Fact]
    public void A_very_short_edge_with_a_coarse_cutting_step_is_drawn_as_full_as_it_comes_out()
    {
        var answer = Technique
            .Forward.Compute(
                Asked.Awning(("finishedEdge", 2), ("fullness", 6), ("cuttingStep", 100)),
                Ruler.Metric
            )
            .Answer!;
        var reached = Captured.From(answer)["achievedFullness"];
        var hem = Hem(answer);

        reached.ShouldBeGreaterThan(25);
        (MeasuredAlong(hem) / hem.Span.Millimetres).ShouldBe(reached, reached * 1e-3);
    }

    [Theory]
    [InlineData(29_430.000_01)]
    [InlineData(36_000.000_000_01)]
    public void An_edge_not_gathered_at_all_is_drawn_straight_whatever_its_last_bits(double edge)
    {
        var answer = Technique
            .Forward.Compute(
                Asked.Awning(
                    ("finishedEdge", edge),
                    ("fullness", 1),
                    ("cut", "along"),
                    ("joinAllowance", 0),
                    ("endAllowance", 0)
                ),
                Ruler.Metric
            )
            .Answer!;

        Captured.From(answer)["achievedFullness"].ShouldBeLessThan(1);
        Hem(answer).Amplitude.ShouldBe(Length.Zero);
    }

    [Theory]
    [InlineData("rows", "two-inside", "rowGap", "8.5 mm", "row-off-edge", Severity.Stop)]
    [InlineData("clothThickness", "1.2", "plainThickness", "0.6", "bulk", Severity.Care)]
    [InlineData("cut", "along", "clothAtHand", "3.1 m", "cloth-short", Severity.Stop)]
    [InlineData("cut", "along", "clothWidth", "30 cm", "too-deep-for-width", Severity.Stop)]
    [InlineData("stitchLength", "3", "tail", "5 cm", "short-tails", Severity.Care)]
    [InlineData("fullness", "", "clothWeight", "", "unusual-fullness", Severity.Note)]
    public void Notices(
        string field,
        string value,
        string field2,
        string value2,
        string code,
        Severity severity
    )
    {
        var ask =
            value.Length == 0
                ? Asked.Awning((field, 4.0), (field2, 300))
                : Asked.Awning((field, value), (field2, value2));

        var findings = Technique.Forward.Compute(ask, Ruler.Metric).Answer!.Findings;

        findings.ShouldContain(f => f.Code == code && f.Severity == severity);
        findings.ShouldBeInOrder(
            SortDirection.Descending,
            Comparer<Finding>.Create((a, b) => a.Severity.CompareTo(b.Severity))
        );
    }

    [Fact]
    public void A_row_at_exactly_3_mm_and_a_seam_of_exactly_3_mm_pass()
    {
        var ask = Asked.Awning(
            ("seamAllowance", 12),
            ("rowGap", 6),
            ("rows", "two-inside"),
            ("finishedEdge", 1000),
            ("fullness", 2),
            ("closed", true),
            ("cut", "along"),
            ("joinAllowance", 0),
            ("clothThickness", 1),
            ("plainThickness", 1)
        );

        var codes = Technique
            .Forward.Compute(ask, Ruler.Metric)
            .Answer!.Findings.Select(f => f.Code);

        codes.ShouldNotContain("row-off-edge");
        codes.ShouldNotContain("bulk");
    }

    [Theory]
    [InlineData("finishedEdge", -1.0)]
    [InlineData("finishedEdge", 1_000_001.0)]
    [InlineData("fullness", 0.99)]
    [InlineData("fullness", 6.01)]
    [InlineData("fullness", double.NaN)]
    [InlineData("stitchLength", 0.0)]
    [InlineData("clothWidth", 24.0)]
    [InlineData("finishedEdge", "two metres")]
    [InlineData("cut", "slantwise")]
    [InlineData("closed", "yes")]
    public void Refuses_at_the_field(string field, object value)
    {
        var outcome = Technique.Forward.Compute(Asked.Awning((field, value)), Ruler.Metric);

        outcome.Answer.ShouldBeNull();
        outcome.Errors.ShouldHaveSingleItem().Field.ShouldBe(field);
    }

    [Fact]
    public void What_is_not_used_need_not_be_said()
    {
        var raw = Asked
            .Awning(("closed", true), ("doubled", true))
            .Values.Where(v => v.Key is not ("endAllowance" or "hemAllowance"));

        Technique
            .Forward.Compute(new RawInputs(raw.ToDictionary()), Ruler.Metric)
            .Errors.ShouldBeEmpty();
        Technique
            .Forward.Compute(
                new RawInputs(
                    Asked.Awning().Values.Where(v => v.Key != "endAllowance").ToDictionary()
                ),
                Ruler.Metric
            )
            .Errors.ShouldHaveSingleItem()
            .Refusal.ShouldBe(Refusal.Missing);
    }

    [Fact]
    public void Several_edges_are_added_up() =>
        Reckon(Asked.Awning(("finishedEdge", new[] { "1.2 m", "80 cm", "60" })))["flatEdge"]
            .ShouldBe(5720, 1e-9);

    [Theory]
    [InlineData(140, "valance", 1.8, 2.2)]
    [InlineData(140, null, 1.7, 2.2)]
    [InlineData(40, null, 2.5, 3)]
    [InlineData(320, "curtain", 1.5, 2)]
    [InlineData(60, "curtain", 2.5, 3)]
    [InlineData(600, "tier", 1.25, 1.5)]
    public void Suggests_a_fullness(int grams, string? use, double low, double high)
    {
        var raw = Asked.Awning(("clothWeight", grams), ("use", use ?? "valance"));
        var ask = use is null
            ? new RawInputs(raw.Values.Where(v => v.Key != "use").ToDictionary())
            : raw;

        var suggested = Reckon(ask).Inner("suggested");

        suggested["low"].ShouldBe(low, 1e-9);
        suggested["high"].ShouldBe(high, 1e-9);
        suggested.Said("because").ShouldContain($"{grams} g/m²");
    }

    [Fact]
    public void A_swatch_says_its_fullness_how_sure_it_is_and_one_change()
    {
        var told = Turned(
            "swatch",
            new RawInputs(
                new Dictionary<string, RawValue>
                {
                    ["fullness"] = RawValue.Of(2.2),
                    ["finishedEdge"] = RawValue.Of(2600),
                    ["flat"] = RawValue.Of(300),
                    ["gathered"] = RawValue.Of([RawValue.Of(149), RawValue.Of(151)]),
                    ["looks"] = RawValue.Of([RawValue.Of("snapped")]),
                    ["tried"] = RawValue.Of([RawValue.Of("strong-bobbin")]),
                }
            )
        );

        told["fullness"].ShouldBe(2, 1e-9);
        told["fromTarget"].ShouldBe(2 / 2.2 - 1, 1e-9);
        told["flatForEdge"].ShouldBe(5200, 1e-9);
        told["low"].ShouldBeLessThan(2);
        told["high"].ShouldBeGreaterThan(2);
        told.Inner("firstChange").Said("change").ShouldStartWith("Lengthen the stitch");
        told.Inner("firstChange")["left"].ShouldBe(2);
    }

    [Theory]
    [InlineData("16.2 cm", "on-course")]
    [InlineData("17.5 cm", "parts-long")]
    [InlineData("15 cm", "parts-short")]
    public void Half_way_it_says_whether_to_go_on(string measured, string code)
    {
        var outcome = Technique
            .CalculationNamed("half-way")!
            .Compute(Asked.Awning(("measured", new[] { measured, measured })), Ruler.Metric);

        outcome.Answer!.Findings.ShouldHaveSingleItem().Code.ShouldBe(code);
        Captured.From(outcome.Answer)["should"].ShouldBe(162.5, 1e-9);
    }

    [Theory]
    [InlineData("fullness", 2.0, "cut-serves")]
    [InlineData("fullness", 2.6, "cut-too-short")]
    [InlineData("finishedDepth", "35 cm", "cut-too-shallow")]
    public void A_change_after_cutting_is_held_against_what_was_cut(
        string field,
        object value,
        string code
    )
    {
        var comparison = Technique.CompareAsks(
            new InputReader(Asked.Awning(), Ruler.Metric),
            new InputReader(Asked.Awning((field, value)), Ruler.Metric)
        );

        comparison!.Differences.ShouldNotBeEmpty();
        comparison.Findings.ShouldHaveSingleItem().Code.ShouldBe(code);
    }

    private static Wave Hem(Result answer) =>
        answer
            .Drawings(Ruler.Metric)
            .SelectMany(d => d.Shapes)
            .OfType<GatheredCloth>()
            .Single()
            .Hem;

    private static Captured Reckon(RawInputs ask) =>
        Captured.From(Technique.Forward.Compute(ask, Ruler.Metric).Answer!);

    private static Captured Turned(string form, RawInputs ask) =>
        Captured.From(Technique.CalculationNamed(form)!.Compute(ask, Ruler.Metric).Answer!);

    private static double Number(RawInputs ask, string field) => ask.Values[field].Number!.Value;

    private static string Said(RawInputs ask, string field) => ask.Values[field].Text!;

    private static bool Near(double a, double b) =>
        Math.Abs(a - b) <= 1e-9 * Math.Max(1, Math.Abs(b));

    /// <summary>Walks along the drawn wave with a very short pair of compasses.</summary>
    private static double MeasuredAlong(Wave wave)
    {
        var steps = wave.Folds * 400;
        double sum = 0;
        for (var i = 0; i < steps; i++)
        {
            var (a, b) = (wave.Span * ((double)i / steps), wave.Span * ((i + 1d) / steps));
            sum += Math.Sqrt(
                Math.Pow((b - a).Millimetres, 2)
                    + Math.Pow((wave.HeightAt(b) - wave.HeightAt(a)).Millimetres, 2)
            );
        }
        return sum;
    }
}
