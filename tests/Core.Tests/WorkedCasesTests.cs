using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Every worked case in cases/: the names in <c>expect</c> are names in the answer.</summary>
public class WorkedCasesTests
{
    public static TheoryData<string, int> Cases()
    {
        var data = new TheoryData<string, int>();
        foreach (var file in Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "cases")))
        {
            var count = JsonDocument.Parse(File.ReadAllText(file)).RootElement.GetArrayLength();
            for (var i = 0; i < count; i++)
            {
                data.Add(Path.GetFileName(file), i);
            }
        }
        return data;
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void Comes_out_as_worked(string file, int place)
    {
        var path = Path.Combine(AppContext.BaseDirectory, "cases", file);
        var worked = JsonDocument.Parse(File.ReadAllText(path)).RootElement[place];
        var technique = Techniques
            .Named(worked.GetProperty("technique").GetString()!)
            .ShouldNotBeNull();

        var outcome = technique.Straight.Reckon(
            Asked.FromJson(worked.GetProperty("ask")),
            Ruler.Metric
        );

        var told = Captured.From(outcome.Answer.ShouldNotBeNull());
        foreach (var expected in worked.GetProperty("expect").EnumerateObject())
        {
            if (expected.Value.ValueKind == JsonValueKind.Array)
            {
                var list = expected.Value.EnumerateArray().Select(e => e.GetDouble()).ToList();
                told.List(expected.Name).Count.ShouldBe(list.Count);
                foreach (var (is_, should) in told.List(expected.Name).Zip(list))
                {
                    is_.ShouldBe(should, 1e-9 * Math.Max(1, Math.Abs(should)), expected.Name);
                }
            }
            else
            {
                var should = expected.Value.GetDouble();
                told[expected.Name]
                    .ShouldBe(should, 1e-9 * Math.Max(1, Math.Abs(should)), expected.Name);
            }
        }
    }
}
