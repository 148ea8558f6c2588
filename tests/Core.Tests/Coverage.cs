using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Holds predictions against simulated benches, whose truth is known.</summary>
internal static class Coverage
{
    /// <summary>The part of benches whose next piece lies in the predicted band of 9 times out of 10.</summary>
    /// <param name="family">How the fullness is made.</param>
    /// <param name="swatches">How many are sewn first, each as was advised.</param>
    /// <param name="benches">How many machines are drawn.</param>
    public static double Of(PullUpFamily family, int swatches, int benches) =>
        Enumerable
            .Range(0, benches)
            .Average(seed =>
            {
                var (bench, prediction) = Learn(family, swatches, seed);
                var truth = bench.Fullness(Planned, 1000);
                return truth >= prediction.Low && truth <= prediction.High ? 1.0 : 0;
            });

    /// <summary>How far the even chance lies from what pieces come to on average: the median over benches.</summary>
    public static double MedianMiss(PullUpFamily family, int swatches, int benches) =>
        Enumerable
            .Range(0, benches)
            .Select(seed =>
            {
                var (bench, prediction) = Learn(family, swatches, seed);
                var truth = Enumerable.Range(2000, 40).Average(p => bench.Fullness(Planned, p));
                return Math.Abs(prediction.Mid / truth - 1);
            })
            .Order()
            .ElementAt(benches / 2);

    private static PullUpSettings Planned { get; } =
        new(Length.FromMillimetres(4), 1, 1, 1, ClothWeight.FromGramsPerSquareMetre(140));

    private static (SimulatedBench Bench, Prediction Prediction) Learn(
        PullUpFamily family,
        int swatches,
        int seed
    )
    {
        var bench = SimulatedBench.Of(family, seed);
        var reach = new StitchReach(Length.FromMillimetres(1), Length.FromMillimetres(5));
        // Long enough that the ruler's step is no part of the scatter.
        var flat = Length.FromMillimetres(1000);
        List<PullUpSample> samples = [];
        var settings = Planned;
        for (var i = 0; i < swatches; i++)
        {
            var gathered = bench.Sew(settings, flat, i, Length.FromMillimetres(0.5));
            samples.Add(new PullUpSample(settings, flat, gathered));
            settings = NextSample
                .For(PullUpModel.From(family, samples), family, settings, Planned, reach)
                .Settings;
        }
        return (bench, PullUpModel.From(family, samples).Predict(Planned));
    }
}
