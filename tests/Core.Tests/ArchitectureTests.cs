using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>Core knows nobody: nothing of ours, and nothing of the web, the database or JSON.</summary>
public class ArchitectureTests
{
    private static readonly ArchUnitNET.Domain.Architecture Core =
        new ArchUnitNET.Loader.ArchLoader().LoadAssemblies(typeof(Length).Assembly).Build();

    [Fact]
    public void No_file_is_longer_than_is_read_at_once()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "run")))
        {
            folder = folder.Parent!;
        }
        Directory
            .EnumerateFiles(
                Path.Combine(folder.FullName, "src"),
                "*.cs",
                SearchOption.AllDirectories
            )
            .Where(f => !f.Split(Path.DirectorySeparatorChar).Any(p => p is "bin" or "obj"))
            .Select(f => (f, Lines: File.ReadLines(f).Count(l => !string.IsNullOrWhiteSpace(l))))
            .Where(f => f.Lines > 300)
            .ShouldBeEmpty();
    }

    [Fact]
    public void Core_refers_to_the_runtime_and_to_libraries_of_numbers_of_areas_and_of_constraints()
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

    /// <summary>A folder may use another, and never be used by it in turn, however far round.</summary>
    [Fact]
    public void No_folder_uses_one_that_uses_it()
    {
        var uses = Circles.UsesIn(Core, "ZephyrReach.Core");
        uses.Count.ShouldBeGreaterThan(8);
        Circles.NoneIn(uses);
        foreach (var folder in uses.Where(u => u.Key is not ("Craft" or "Project")))
        {
            folder.ShouldNotContain("Craft", $"{folder.Key} uses Craft");
        }
    }

    /// <summary>What techniques share stands in folders that belong to none of them: beside their kin, or within it.</summary>
    [Fact]
    public void No_technique_uses_another()
    {
        string[] shared = ["Strips", "PullUp", "WhichWay", "Lines", "Bias", "Corded", "Book"];
        // Which lines there are is asked of edges, of couched cords and of free-motion alike.
        string[] acrossKin = ["LinesAndShapes.Lines"];
        var between = Core
            .Types.Select(t => (Type: t, From: PlaceOf(t.FullName)))
            .Where(t => t.From is not null)
            .SelectMany(t =>
                t.Type.Dependencies.Select(d => PlaceOf(d.Target.FullName))
                    .Where(to => to is not null)
                    .Select(to => (From: t.From!.Value, To: to!.Value))
            )
            .Where(u => u.From != u.To)
            .Where(u => !acrossKin.Contains($"{u.To.Kin}.{u.To.Technique}"))
            .Where(u =>
                u.From.Kin != u.To.Kin
                || (u.To.Technique.Length > 0 && !shared.Contains(u.To.Technique))
            )
            .Distinct();

        between.ShouldBeEmpty();
    }

    /// <summary>The kin and the folder within it that a type of Craft stands in; null where it is shared by all.</summary>
    private static (string Kin, string Technique)? PlaceOf(string name) =>
        Circles.Part(name, "ZephyrReach.Core.Craft") is { } kin && kin != "Terms"
            ? (kin, Circles.Part(name, $"ZephyrReach.Core.Craft.{kin}") ?? "")
            : null;

    private static bool Allowed(string name) =>
        name
            is "System.Runtime"
                or "System.Collections"
                or "System.Linq"
                or "System.Memory"
                or "System.Private.CoreLib"
                or "System.Threading"
                or "System.Runtime.InteropServices"
                or "Google.OrTools"
                or "MathNet.Numerics"
                or "NetTopologySuite";
}
