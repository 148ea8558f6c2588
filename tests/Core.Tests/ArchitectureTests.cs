using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Core knows nobody: nothing of ours, and nothing of the web, the database or JSON.</summary>
public class ArchitectureTests
{
    private static readonly ArchUnitNET.Domain.Architecture Core =
        new ArchUnitNET.Loader.ArchLoader().LoadAssemblies(typeof(Length).Assembly).Build();

    [Fact]
    public void Core_refers_to_the_runtime_and_one_library_of_numbers()
    {
        var others = typeof(Length)
            .Assembly.GetReferencedAssemblies()
            .Select(a => a.Name!)
            .Where(name => !Allowed(name));

        others.ShouldBeEmpty();
    }

    [Fact]
    public void Core_touches_no_files_clock_or_network()
    {
        string[] forbidden =
        [
            "System.IO.File",
            "System.IO.Directory",
            "System.Net",
            "System.Data",
            "System.Text.Json",
            "System.DateTime",
            "System.DateTimeOffset",
            "System.Random",
            "Microsoft.AspNetCore",
            "Npgsql",
            "System.Threading.Tasks.Task",
            "System.Environment",
        ];

        var touched = Core
            .Types.SelectMany(t => t.Dependencies)
            .Select(d => d.Target.FullName)
            .Where(name =>
                forbidden.Any(f => name == f || name.StartsWith(f + ".", StringComparison.Ordinal))
            )
            .Distinct();

        touched.ShouldBeEmpty();
    }

    private static bool Allowed(string name) =>
        name
            is "System.Runtime"
                or "System.Collections"
                or "System.Linq"
                or "System.Memory"
                or "System.Private.CoreLib"
                or "System.Threading"
                or "System.Runtime.InteropServices"
                or "MathNet.Numerics";
}
