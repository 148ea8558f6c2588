using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Columns;
using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Loggers;
using BenchmarkDotNet.Running;
using BenchmarkDotNet.Toolchains.InProcess.Emit;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.PullUp;
using ZephyrReach.Core.Tests;

var config = ManualConfig
    .CreateEmpty()
    .AddJob(
        Job.Default.WithToolchain(InProcessEmitToolchain.Instance)
            .WithWarmupCount(5)
            .WithIterationCount(12)
    )
    .AddColumnProvider(DefaultColumnProviders.Instance)
    .WithOptions(ConfigOptions.DisableLogFile)
    .AddLogger(NullLogger.Instance);
foreach (var report in BenchmarkRunner.Run<Reckonings>(config).Reports)
{
    var name = report.BenchmarkCase.Descriptor.WorkloadMethodDisplayInfo;
    var bytes = report.GcStats.GetBytesAllocatedPerOperation(report.BenchmarkCase) ?? 0;
    Console.WriteLine(
        $"{name.Trim('\''), -42} {report.ResultStatistics!.Mean / 1000, 8:0.00} µs {bytes, 8} B"
    );
}

foreach (var family in PullUpFamily.All)
{
    var covered = new[] { 0, 1, 3, 8 }.Select(n =>
        $"{n} swatches {100 * Coverage.Of(family, n, 2000):0.0} %"
    );
    Console.WriteLine($"coverage, {family.Name, -16} {string.Join(", ", covered)}");
    Console.WriteLine(
        $"median miss of the even chance after 3 swatches, {family.Name}: {100 * Coverage.MedianMiss(family, 3, 1000):0.0} %"
    );
}

#pragma warning disable CA1050 // A program of one file has no namespace.
/// <summary>What one reckoning costs in the core, without the web around it.</summary>
[MemoryDiagnoser]
public class Reckonings
{
    private readonly Form form = Techniques.Named("pulled-gathers")!.Straight;
    private readonly RawAsk ask = Techniques.Named("pulled-gathers")!.Straight.Example;

    private readonly Form pullUp = Questions.Named("pull-up")!;
    private readonly RawAsk samples = Samples(200);

    [Benchmark(Description = "reckon pulled gathers, no drawings")]
    public Outcome Reckon() => form.Reckon(ask, Ruler.Metric);

    [Benchmark(Description = "the same with its four drawings")]
    public int WithDrawings() =>
        form.Reckon(ask, Ruler.Metric).Answer!.Drawings(Ruler.Metric).Count;

    [Benchmark(Description = "what 200 samples say, with what to sew next")]
    public int PullUp()
    {
        var figures = new Counter();
        pullUp.Reckon(samples, Ruler.Metric).Answer!.Tell(figures);
        return figures.Count;
    }

    /// <summary>The example with many samples of the simulated bench.</summary>
    private static RawAsk Samples(int count)
    {
        var bench = SimulatedBench.Of(PullUpFamily.GatheringFoot, 3);
        return Questions
            .Named("pull-up")!
            .Example.With(
                "samples",
                RawValue.Of([
                    .. Enumerable
                        .Range(0, count)
                        .Select(i =>
                        {
                            var stitch = 2 + i % 7 * 0.5;
                            var settings = new PullUpSettings(
                                Length.FromMillimetres(stitch),
                                i % 4,
                                1,
                                1,
                                ClothWeight.FromGramsPerSquareMetre(120)
                            );
                            var gathered = bench.Sew(
                                settings,
                                Length.FromMillimetres(300),
                                i,
                                Length.FromMillimetres(0.5)
                            );
                            return RawValue.Of(
                                new RawAsk(
                                    new Dictionary<string, RawValue>
                                    {
                                        ["stitchLength"] = RawValue.Of(stitch),
                                        ["tensionSteps"] = RawValue.Of(i % 4),
                                        ["flat"] = RawValue.Of(300),
                                        ["gathered"] = RawValue.Of(gathered.Millimetres),
                                    }
                                )
                            );
                        }),
                ])
            );
    }
}

/// <summary>Takes figures and keeps none, so that only the reckoning is measured.</summary>
internal sealed class Counter : IFigures
{
    public int Count { get; private set; }

    void IFigures.Length(string name, Length length, LengthKind kind) => Count++;

    public void Lengths(string name, IReadOnlyList<Length> lengths, LengthKind kind) => Count++;

    void IFigures.Count(string name, int count) => Count++;

    public void Counts(string name, IReadOnlyList<int> counts) => Count++;

    public void Ratio(string name, double ratio) => Count++;

    public void Flag(string name, bool flag) => Count++;

    public void Text(string name, string text) => Count++;

    public void Table(string name, int rows, Action<int, IFigures> row)
    {
        for (var i = 0; i < rows; i++)
        {
            row(i, this);
        }
    }

    public void Group(string name, Action<IFigures> figures) => figures(this);
}
