using CsCheck;
using MathNet.Numerics.LinearAlgebra;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Tests;

/// <summary>The one model that every family learns by, whatever its features: against the formula written out anew.</summary>
public class LearningTests
{
    private static readonly Gen<Family> AnyFamily =
        from means in Gen.Double[-2, 2].Array[1, 5]
        from deviations in Gen.Double[0.2, 3].Array[means.Length]
        from a in Gen.Double[1.2, 6]
        from b in Gen.Double[0.001, 2]
        select new Family(
            "any",
            [.. means.Zip(deviations, (m, d) => new Weight("a feature", m, d))],
            a,
            b
        );

    private static readonly Gen<(Family Family, Observation[] Seen)> Any =
        from family in AnyFamily
        from seen in (
            from x in Gen.Double[-2, 2].Array[family.Weights.Count]
            from y in Gen.Double[-3, 3]
            from w in Gen.Int[0, 2].Select(i => new[] { 1, 0.5, 0.25 }[i])
            select new Observation(x, y, w)
        ).Array[0, 10]
        select (family, seen);

    [Fact]
    public void The_posterior_is_that_of_the_formula_written_out() =>
        Any.Sample(
            (family, seen) =>
            {
                var at = family.Weights.Select((_, i) => 0.3 * i - 0.5).ToArray();
                var foretold = new Regression(family, seen).At(at);

                var written = WrittenOut(family, seen);
                var x = Vector<double>.Build.Dense(at);
                var spread = x * written.Covariance * x;
                return Near(foretold.Location, x * written.Mean)
                    && Near(foretold.Freedom, 2 * written.A)
                    && Near(foretold.Scatter, Math.Sqrt(written.B / written.A), 1e-6)
                    && Near(foretold.Mean, Math.Sqrt(written.B / written.A * spread), 1e-6)
                    && Near(foretold.Scale, Math.Sqrt(written.B / written.A * (1 + spread)), 1e-6);
            }
        );

    [Fact]
    public void It_does_not_matter_in_which_order_things_were_seen() =>
        Any.Sample(
            (family, seen) =>
            {
                var at = family.Weights.Select(_ => 1.0).ToArray();
                var (one, other) = (
                    new Regression(family, seen).At(at),
                    new Regression(family, [.. seen.Reverse()]).At(at)
                );
                return Near(one.Location, other.Location) && Near(one.Scale, other.Scale);
            }
        );

    [Fact]
    public void Seen_twice_at_half_weight_is_seen_once_and_without_weight_never() =>
        Any.Sample(
            (family, seen) =>
            {
                var at = family.Weights.Select(_ => 1.0).ToArray();
                var once = new Regression(family, seen).At(at);
                var halves = seen.Select(s => s with { W = s.W / 2 });
                var twice = new Regression(family, [.. halves, .. halves]).At(at);
                var unseen = seen.Select(s => s with { Y = s.Y + 9, W = 0 });
                var more = new Regression(family, [.. seen, .. unseen]).At(at);
                return Near(once.Location, twice.Location)
                    && Near(once.Scale, twice.Scale)
                    && Near(once.Location, more.Location)
                    && Near(once.Scale, more.Scale);
            }
        );

    [Fact]
    public void The_scale_of_the_next_is_what_is_not_known_and_what_scatters() =>
        Any.Sample(
            (family, seen) =>
            {
                var foretold = new Regression(family, seen).At([
                    .. family.Weights.Select(_ => 0.7),
                ]);
                return Near(
                    foretold.Scale * foretold.Scale,
                    foretold.Mean * foretold.Mean + foretold.Scatter * foretold.Scatter
                );
            }
        );

    [Fact]
    public void How_sure_a_response_is_and_the_response_for_being_so_sure_undo_each_other() =>
        Gen.Select(Any, Gen.Double[0.02, 0.98])
            .Sample(
                (any, assurance) =>
                {
                    var foretold = new Regression(any.Family, any.Seen).At([
                        .. any.Family.Weights.Select(_ => 1.0),
                    ]);
                    var response = foretold.Quantile(assurance);
                    return Near(foretold.SureOf(response), assurance, 1e-6)
                        && Near(foretold.Quantile(0.5), foretold.Location, 1e-6)
                        // The mean is known better than the next piece is.
                        && Math.Abs(foretold.OfMean(assurance) - foretold.Location)
                            <= Math.Abs(response - foretold.Location) + 1e-9;
                }
            );

    [Fact]
    public void One_more_lessens_what_is_not_known_by_what_was_promised() =>
        Any.Sample(
            (family, seen) =>
            {
                double[] next = [.. family.Weights.Select((_, i) => i == 0 ? 1 : 0.4)];
                double[] planned = [.. family.Weights.Select((_, i) => i == 0 ? 1.0 : -0.2)];
                var before = new Regression(family, seen);
                var after = new Regression(family, [.. seen, new Observation(next, 0)]);
                // Of 1 + x·V·x: σ² is left out, which depends on what comes out.
                double Unknown(Regression model)
                {
                    var at = model.At(planned);
                    return at.Scale * at.Scale / (at.Scatter * at.Scatter);
                }
                var lessens = before.Lessens(next, planned);
                return lessens is >= 0 and < 1
                    && Near(Unknown(after), Unknown(before) * (1 - lessens), 1e-6);
            }
        );

    [Fact]
    public void A_thousand_alike_leave_what_was_believed_behind()
    {
        var family = new Family("any", [new("1", 0, 1), new("slope", 0, 1)], 3, 0.02);
        var seen = Enumerable
            .Range(0, 1000)
            .Select(i => new Observation([1, i % 10 / 10.0], 2 + 3 * (i % 10 / 10.0)))
            .ToList();

        var model = new Regression(family, seen);

        model.Weights[0].ShouldBe(2, 0.01);
        model.Weights[1].ShouldBe(3, 0.03);
        model.Residuals().ShouldAllBe(r => !r.IsOdd);
    }

    [Fact]
    public void What_lies_far_off_is_odd_and_its_neighbours_are_not()
    {
        var family = new Family("any", [new("1", 0, 1.5)], 3, 0.002);
        List<Observation> seen = [.. Enumerable.Repeat(new Observation([1], 0.01), 8)];
        seen.Insert(3, new Observation([1], 0.9));

        var residuals = new Regression(family, seen).Residuals();

        residuals.Select(r => r.IsOdd).ShouldBe(Enumerable.Range(0, 9).Select(i => i == 3));
        residuals[3].Deviations.ShouldBeGreaterThan(3);
        residuals[3].Expected.ShouldBe(0.01, 0.002);
    }

    /// <summary>By inverses and the other form of bₙ, so that nothing is shared with what is tested.</summary>
    private static (Matrix<double> Covariance, Vector<double> Mean, double A, double B) WrittenOut(
        Family family,
        IReadOnlyList<Observation> seen
    )
    {
        var n = family.Weights.Count;
        var prior = Vector<double>.Build.Dense(n, i => family.Weights[i].Mean);
        var precision = Matrix<double>.Build.Diagonal(
            n,
            n,
            i => 1 / Math.Pow(family.Weights[i].Deviation, 2)
        );
        var rows = Matrix<double>.Build.Dense(seen.Count + 1, n);
        var responses = Vector<double>.Build.Dense(seen.Count + 1);
        for (var k = 0; k < seen.Count; k++)
        {
            var root = Math.Sqrt(seen[k].W);
            rows.SetRow(k, [.. seen[k].X.Select(x => root * x)]);
            responses[k] = root * seen[k].Y;
        }
        var posterior = precision + rows.Transpose() * rows;
        var mean = posterior.Inverse() * (precision * prior + rows.Transpose() * responses);
        return (
            posterior.Inverse(),
            mean,
            family.A + seen.Sum(s => s.W) / 2,
            family.B
                + (responses * responses + prior * precision * prior - mean * posterior * mean) / 2
        );
    }

    private static bool Near(double a, double b, double within = 1e-8) =>
        Math.Abs(a - b) <= within * Math.Max(1, Math.Abs(a));
}

/// <summary>The simulated machines: drawn from what is believed, each always the same.</summary>
public class SimulatedTruthTests
{
    private static readonly Family Family = new(
        "any",
        [new("1", 0.6, 2), new("turned", 0.06, 0.4)],
        3,
        0.02
    );

    [Fact]
    public void The_same_machine_sews_the_same_piece_alike_and_another_otherwise()
    {
        for (var seed = 0; seed < 20; seed++)
        {
            var (one, again, other) = (
                SimulatedParameters.Of(Family, seed),
                SimulatedParameters.Of(Family, seed),
                SimulatedParameters.Of(Family, seed + 1000)
            );
            for (var piece = 0; piece < 5; piece++)
            {
                var response = one.Response([1, 0], piece);
                again.Response([1, 0], piece).ShouldBe(response);
                other.Response([1, 0], piece).ShouldNotBe(response);
                one.Response([1, 0], piece + 1).ShouldNotBe(response);
            }
        }
    }

    [Fact]
    public void Over_many_machines_they_are_what_is_believed()
    {
        var responses = Enumerable
            .Range(0, 4000)
            .Select(seed => SimulatedParameters.Of(Family, seed).Response([1, 2], 0))
            .ToList();
        var middle = responses.Average();
        var spread = Math.Sqrt(responses.Average(r => Math.Pow(r - middle, 2)));

        // The mean 0.6 + 2 · 0.06; the variance E σ² · (1 + 2² + (2 · 0.4)²), with E σ² = b/(a − 1) = 0.01.
        middle.ShouldBe(0.72, 0.02);
        spread.ShouldBe(Math.Sqrt(0.01 * (1 + 4 + 0.64)), 0.02);
    }

    [Fact]
    public void What_a_machine_shows_again_and_again_is_learnt()
    {
        var truth = SimulatedParameters.Of(Family, 11);
        double[] x = [1, 1];
        var seen = Enumerable
            .Range(0, 400)
            .Select(piece => new Observation(x, truth.Response(x, piece)))
            .ToList();
        var foretold = new Regression(Family, seen).At(x);

        foretold.Location.ShouldBe(seen.Average(s => s.Y), 0.002);
        foretold.Mean.ShouldBeLessThan(foretold.Scatter / 10);
    }
}
