using CsCheck;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Tests;

/// <summary>What scraps with rows on them teach, held against the formulas written out; and the thread and the dials of rows.</summary>
public class RowsLearntTests
{
    private static readonly Process Rows = Techniques.WorkingOf("stitch-rows")!;

    private sealed record Scrap(
        bool Held,
        double Width,
        double Gap,
        double Grams,
        double Along,
        double Across,
        bool Same
    )
    {
        public double[] X => [1, Held ? 1 : 0, Width / Gap, Math.Log(Grams / 120)];

        public RawInputs Ask =>
            RawInputs.Of(
                ("stabilised", Held),
                ("stitchWidth", Width),
                ("rowGap", Gap),
                ("clothWeight", Grams),
                ("alongBefore", 200),
                ("alongAfter", Along),
                ("acrossBefore", 100),
                ("acrossAfter", Across),
                ("same", Same)
            );
    }

    private static readonly Gen<Scrap> AnyScrap =
        from held in Gen.Bool
        from width in Gen.Double[1, 7]
        from gap in Gen.Double[6, 30]
        from grams in Gen.Double[60, 300]
        from along in Gen.Double[180, 201]
        from across in Gen.Double[92, 100.5]
        from same in Gen.Bool
        select new Scrap(held, width, gap, grams, along, across, same);

    /// <summary>Vₙ = (V⁻¹ + XᵀX)⁻¹ and the rest of the regression with matrices, and the cut size from its quantiles.</summary>
    [Fact]
    public void The_cut_size_is_what_the_regression_says_along_and_across() =>
        Gen.Select(AnyScrap.Array[0, 5], AnyScrap, Gen.Double[0.5, 0.98], Gen.Double[-90, 90])
            .Sample(
                (scraps, planned, sure, angle) =>
                {
                    var plan = Plan(
                        RawInputs.Of(
                            ("width", 400),
                            ("height", 300),
                            ("angle", angle),
                            ("rowGap", planned.Gap),
                            ("stitchWidth", planned.Width),
                            ("repeatLength", 10),
                            ("stabilised", planned.Held),
                            ("clothWeight", planned.Grams),
                            ("assurance", sure),
                            ("samples", scraps.Select(s => (object)s.Ask).ToArray())
                        )
                    );
                    var told = Captured.From(plan);
                    var a = Math.Max(
                        0,
                        Quantile(
                            scraps,
                            s => Math.Log(200 / s.Along),
                            planned,
                            sure,
                            [0.03, -0.02, 0.03, -0.01],
                            [1, 0.6, 1, 0.4]
                        )
                    );
                    var b = Math.Max(
                        0,
                        Quantile(
                            scraps,
                            s => Math.Log(100 / s.Across),
                            planned,
                            sure,
                            [0.015, -0.01, 0.02, -0.01],
                            [1, 0.6, 1, 0.4]
                        )
                    );
                    var cos = Math.Pow(Math.Cos(angle * Math.PI / 180), 2);
                    return Near(told["cutWidth"], 400 * Math.Exp(a * cos + b * (1 - cos)))
                        && Near(told["cutHeight"], 300 * Math.Exp(a * (1 - cos) + b * cos));
                }
            );

    /// <summary>Of all figures of the dial, tried one by one, none leaves less bare without passing the end.</summary>
    [Fact]
    public void The_length_that_is_set_is_the_best_that_the_dial_has() =>
        Gen.Select(Gen.Double[120, 900], Gen.Double[4, 25], Gen.Int[5, 45], Gen.Double[0, 3])
            .Sample(
                (width, repeat, tenths, range) =>
                {
                    var dial = tenths / 10.0;
                    var row = Captured
                        .From(
                            Plan(
                                RawInputs.Of(
                                    ("width", width),
                                    ("height", 20),
                                    ("angle", 0),
                                    ("rowGap", 15),
                                    (
                                        "pattern",
                                        new[]
                                        {
                                            RawInputs.Of(
                                                ("stitchWidth", 3),
                                                ("repeatLength", repeat),
                                                ("stitchLength", dial)
                                            ),
                                        }
                                    ),
                                    ("fit", "whole"),
                                    ("repeatRange", range)
                                )
                            )
                        )
                        .Rows("settings")[0];
                    var best = Enumerable
                        .Range(1, 150)
                        .Select(i => i / 10.0)
                        .Where(q =>
                            q == dial || Math.Abs(q - dial) * repeat / dial <= range * (1 + 1e-9)
                        )
                        .Select(q => repeat * q / dial)
                        .Where(p => p <= width)
                        .Select(p => width - Math.Floor(width / p + 1e-9) * p)
                        .DefaultIfEmpty(width)
                        .Min();
                    return Math.Abs(2 * row["start"] - Math.Max(0, best)) < 2e-5;
                }
            );

    /// <summary>The thread of a zigzag is a sum of hypotenuses, with what goes through the cloth; dense stitches take more than open ones.</summary>
    [Fact]
    public void Thread_is_the_way_of_the_needle_and_the_thickness_at_every_stitch()
    {
        double Thread(string look, bool dense, double dial) =>
            Captured.From(
                Plan(
                    RawInputs.Of(
                        ("width", 100),
                        ("height", 10),
                        ("angle", 0),
                        ("rowGap", 20),
                        ("tail", 0),
                        ("clothThickness", 0.5),
                        (
                            "pattern",
                            new[]
                            {
                                RawInputs.Of(
                                    ("stitchWidth", 4),
                                    ("repeatLength", 5),
                                    ("stitchLength", dial),
                                    ("look", look),
                                    ("dense", dense)
                                ),
                            }
                        )
                    )
                )
            )["needleThread"];

        // Twenty repeats of two swings, each 2.5 on and 4 across; 15 % to spare.
        Thread("zigzag", false, 2.5)
            .ShouldBe(1.15 * 20 * 2 * (Math.Sqrt(2.5 * 2.5 + 16) + 0.5), 1e-6);
        // Dense: a stitch every 0.4 mm.
        Thread("satin", true, 0.4)
            .ShouldBe(1.15 * 20 * (13 * Math.Sqrt(Math.Pow(5 / 13.0, 2) + 16) + 13 * 0.5), 1e-6);
        Thread("wave", false, 2.5).ShouldBeLessThan(Thread("satin", true, 0.4) / 2);
    }

    [Fact]
    public void Longer_rows_and_more_of_them_take_more_thread() =>
        Gen.Select(Gen.Double[60, 500], Gen.Double[60, 500], Gen.Double[6, 30])
            .Sample(
                (width, height, gap) =>
                {
                    double Of(double w, double h, double g) =>
                        Captured.From(
                            Plan(
                                RawInputs.Of(
                                    ("width", w),
                                    ("height", h),
                                    ("angle", 30),
                                    ("rowGap", g),
                                    ("stitchWidth", 4),
                                    ("repeatLength", 8)
                                )
                            )
                        )["needleThread"];
                    return Of(width * 1.5, height * 1.5, gap) > Of(width, height, gap)
                        && Of(width, height, gap / 2) > Of(width, height, gap);
                }
            );

    /// <summary>A scrap that was sewn without its marks read teaches nothing of how far rows draw in, and is judged by its stitches all the same.</summary>
    [Fact]
    public void A_scrap_of_stitches_alone_is_judged_by_them()
    {
        var judged = (SwatchJudgement)
            Rows.CalculationNamed(SwatchOf.FormName)!
                .Compute(
                    RawInputs.Of(
                        (
                            "stitches",
                            new[]
                            {
                                RawInputs.Of(("name", "fern"), ("said", 7.4), ("ten", 78)),
                                RawInputs.Of(("name", "bars")),
                            }
                        )
                    ),
                    Ruler.Metric
                )
                .Answer!;

        judged.Headline.Text.ShouldBe("2");
        judged.Lines.ShouldHaveSingleItem().ShouldContain("7.8 mm, 5.4 % more than the book says");
        judged.Readings.ShouldBeEmpty();
        Captured.From(judged).Rows("stitches")[1].Names.ShouldNotContain("repeat");
    }

    [Theory]
    [InlineData("stitches[0].ten", "ten", "soon")]
    [InlineData("stitches[0].under", "under", "a carpet")]
    public void What_cannot_be_on_a_scrap_is_named_with_its_line(
        string path,
        string field,
        string said
    ) =>
        Rows.CalculationNamed(SwatchOf.FormName)!
            .Compute(
                RawInputs.Of(("stitches", new[] { RawInputs.Of(("name", "fern"), (field, said)) })),
                Ruler.Metric
            )
            .Errors.Select(e => e.Field)
            .ShouldBe([path]);

    private static double Quantile(
        Scrap[] scraps,
        Func<Scrap, double> response,
        Scrap planned,
        double sure,
        double[] mean,
        double[] deviations
    )
    {
        const double a = 3;
        const double b = 0.0008;
        double W(Scrap s) => s.Same ? 1 : 0.5;
        var m = Vector<double>.Build.Dense(mean);
        var prior = Matrix<double>.Build.DenseOfDiagonalArray([
            .. deviations.Select(d => 1 / (d * d)),
        ]);
        var precision = prior.Clone();
        var moment = prior * m;
        var square = m * (prior * m);
        foreach (var scrap in scraps)
        {
            var x = Vector<double>.Build.Dense(scrap.X);
            precision += W(scrap) * x.OuterProduct(x);
            moment += W(scrap) * response(scrap) * x;
            square += W(scrap) * Math.Pow(response(scrap), 2);
        }
        var spread = precision.Inverse();
        var learnt = spread * moment;
        var an = a + scraps.Sum(W) / 2;
        var bn = b + (square - learnt * (precision * learnt)) / 2;
        var at = Vector<double>.Build.Dense(planned.X);
        var scale = Math.Sqrt(bn / an * (1 + at * (spread * at)));
        return StudentT.InvCDF(at * learnt, scale, 2 * an, sure);
    }

    private static WorkPlan Plan(RawInputs ask)
    {
        var outcome = Rows.Forward.Compute(ask, Ruler.Metric);
        outcome.Errors.ShouldBeEmpty();
        return (WorkPlan)outcome.Answer!;
    }

    private static bool Near(double a, double b) => Math.Abs(a - b) < 1e-6 * Math.Max(1, b);
}
