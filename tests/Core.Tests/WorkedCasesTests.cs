using System.Text.Json;
using ZephyrReach.Core.Answers;
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

    /// <summary>A question that only lays other answers side by side has no figures of its own.</summary>
    [Theory]
    [MemberData(nameof(AnyAskTests.Forms), MemberType = typeof(AnyAskTests))]
    public void Every_form_has_six_or_more(string technique, string form)
    {
        if (form == "which-way")
        {
            return;
        }
        var worked = Directory
            .GetFiles(Path.Combine(AppContext.BaseDirectory, "cases"))
            .SelectMany(f => JsonDocument.Parse(File.ReadAllText(f)).RootElement.EnumerateArray())
            .Count(c =>
                NamesOf(c) == (technique == "" ? form : technique, technique == "" ? "" : form)
            );

        worked.ShouldBeGreaterThanOrEqualTo(6);
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void Comes_out_as_worked(string file, int place)
    {
        var path = Path.Combine(AppContext.BaseDirectory, "cases", file);
        var worked = JsonDocument.Parse(File.ReadAllText(path)).RootElement[place];
        var (name, turned) = NamesOf(worked);
        var form = (
            Techniques.WorkingOf(name)?.CalculationNamed(turned) ?? Questions.Named(name)
        ).ShouldNotBeNull();

        var outcome = form.Compute(Asked.FromJson(worked.GetProperty("ask")), Ruler.Metric);

        outcome.Errors.Select(e => e.Says).ShouldBeEmpty();
        Compare(Captured.From(outcome.Answer.ShouldNotBeNull()), worked.GetProperty("expect"));
    }

    /// <summary>A technique and a form of it: apart, or as an address.</summary>
    private static (string Technique, string Form) NamesOf(JsonElement worked)
    {
        var names = worked.GetProperty("technique").GetString()!.Split('/');
        return (
            names[0],
            worked.TryGetProperty("form", out var said) ? said.GetString()!
            : names.Length > 1 ? names[1]
            : ""
        );
    }

    private static void Compare(Captured told, JsonElement expect)
    {
        foreach (var expected in expect.EnumerateObject())
        {
            switch (expected.Value.ValueKind)
            {
                case JsonValueKind.Object:
                    Compare(told.Inner(expected.Name), expected.Value);
                    break;
                case JsonValueKind.Array
                    when expected.Value.EnumerateArray().FirstOrDefault().ValueKind
                        == JsonValueKind.Object:
                    var rows = told.Rows(expected.Name);
                    rows.Count.ShouldBe(expected.Value.GetArrayLength());
                    foreach (var (row, should) in rows.Zip(expected.Value.EnumerateArray()))
                    {
                        Compare(row, should);
                    }
                    break;
                case JsonValueKind.Array:
                    var list = expected.Value.EnumerateArray().Select(e => e.GetDouble()).ToList();
                    told.List(expected.Name).Count.ShouldBe(list.Count);
                    foreach (var (is_, should) in told.List(expected.Name).Zip(list))
                    {
                        ShouldBe(is_, should, expected.Name);
                    }
                    break;
                case JsonValueKind.String:
                    told.Said(expected.Name).ShouldBe(expected.Value.GetString());
                    break;
                default:
                    ShouldBe(told[expected.Name], expected.Value.GetDouble(), expected.Name);
                    break;
            }
        }
    }

    // The quantiles of the worked cases were found by an iteration that stops near 1e-8.
    private static void ShouldBe(double is_, double should, string name) =>
        is_.ShouldBe(
            should,
            (
                name
                    is "low"
                        or "mid"
                        or "high"
                        or "expectedSurplus"
                        or "cutLength"
                        or "flatEdge"
                        or "longestEdge"
                        or "sewnFullness"
                        or "restFullness"
                    ? 5e-8
                    : 1e-9
            ) * Math.Max(1, Math.Abs(should)),
            name
        );
}
