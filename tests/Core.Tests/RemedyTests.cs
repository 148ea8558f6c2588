using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>A remedy cures: taken as it is said, what was found is gone or less grave, and nothing graver has come.</summary>
public class RemedyTests
{
    public static TheoryData<string> All() => [.. Techniques.Worked.Select(t => t.Name)];

    [Theory]
    [MemberData(nameof(All))]
    public void What_a_remedy_sets_cures(string technique)
    {
        var form = Techniques.WorkingOf(technique)!.Forward;
        var chance = new Random(3);
        for (var i = 0; i < 400 * Deep.Times; i++)
        {
            var ruler = i % 2 == 0 ? Ruler.Metric : Ruler.Imperial;
            var ask = AnyAskTests.Changed(form, chance);
            if (form.Compute(ask, ruler).Answer is not { } answer)
            {
                continue;
            }
            foreach (var found in answer.Findings.Where(f => f.Cure is not null))
            {
                var cure = found.Cure!;
                // A plain number is typed as one.
                var value =
                    form.Fields.Single(f => f.Name == cure.Field) is NumberField
                        ? RawValue.Of(
                            double.Parse(
                                cure.Value,
                                System.Globalization.CultureInfo.InvariantCulture
                            )
                        )
                        : RawValue.Of(cure.Value);
                var outcome = form.Compute(ask.With(cure.Field, value), ruler);
                outcome.Errors.ShouldBeEmpty($"{found.Code}: {cure}");
                var after = outcome.Answer!.Findings;
                after.ShouldNotContain(
                    f => f.Code == found.Code && f.Severity >= found.Severity,
                    $"{found.Says} {found.Remedy} {cure}"
                );
                after
                    .Where(f => f.Severity == Severity.Stop)
                    .Select(f => f.Code)
                    .ShouldBeSubsetOf(
                        answer.Findings.Where(f => f.Severity == Severity.Stop).Select(f => f.Code),
                        $"{found.Code}: {cure}"
                    );
            }
        }
    }
}
