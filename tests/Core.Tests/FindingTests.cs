using CsCheck;
using ZephyrReach.Core.Findings;

namespace ZephyrReach.Core.Tests;

public class FindingTests
{
    [Fact]
    public void The_gravest_come_first_and_those_alike_stay_as_they_were_noticed() =>
        Gen.Enum<Severity>()
            .List[0, 8]
            .Sample(severities =>
            {
                var noticed = severities
                    .Select((s, i) => new Finding($"{i}", s, "Says.", "Because.", "Remedy."))
                    .ToList();
                var ordered = Finding.GravestFirst(noticed);
                ordered.ShouldBe(noticed, ignoreOrder: true);
                foreach (var (a, b) in ordered.Zip(ordered.Skip(1)))
                {
                    var inOrder =
                        a.Severity > b.Severity
                        || (a.Severity == b.Severity && noticed.IndexOf(a) < noticed.IndexOf(b));
                    inOrder.ShouldBeTrue();
                }
            });
}
