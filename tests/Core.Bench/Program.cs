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

#pragma warning disable CA1050 // A program of one file has no namespace.
/// <summary>What one reckoning costs in the core, without the web around it.</summary>
[MemoryDiagnoser]
public class Reckonings
{
    private readonly Form form = Techniques.Named("pulled-gathers")!.Straight;
    private readonly RawAsk ask = Techniques.Named("pulled-gathers")!.Straight.Example;

    [Benchmark(Description = "reckon pulled gathers, no drawings")]
    public Outcome Reckon() => form.Reckon(ask, Ruler.Metric);

    [Benchmark(Description = "the same with its four drawings")]
    public int WithDrawings() =>
        form.Reckon(ask, Ruler.Metric).Answer!.Drawings(Ruler.Metric).Count;
}
