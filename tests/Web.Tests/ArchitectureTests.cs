using ZephyrReach.Tests;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Tests;

/// <summary>One folder a feature, and none that uses itself over others.</summary>
public class ArchitectureTests
{
    [Fact]
    public void No_folder_uses_one_that_uses_it()
    {
        var web = new ArchUnitNET.Loader.ArchLoader().LoadAssemblies(typeof(Here).Assembly).Build();

        var uses = Circles.UsesIn(web, "ZephyrReach.Web");
        uses.Count.ShouldBeGreaterThan(15);
        Circles.NoneIn(uses);
    }
}
