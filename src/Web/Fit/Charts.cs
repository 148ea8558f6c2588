using System.Text.Json.Serialization;
using ZephyrReach.Core;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Fit;

/// <summary>One cell of a chart.</summary>
/// <param name="V">yes, yes-but or no.</param>
/// <param name="Codes">The rules that have something to say.</param>
/// <param name="Tried">clears, strikes, or left out.</param>
public sealed record ChartCell(
    string V,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
        IReadOnlyList<string>? Codes,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Tried
);

/// <summary>A row or column of a chart.</summary>
public sealed record ChartThing(string Id, string Name);

/// <summary>What fits what.</summary>
/// <param name="Down">The rows.</param>
/// <param name="Across">The columns.</param>
/// <param name="Cells">Row by row.</param>
public sealed record ChartOut(
    IReadOnlyList<ChartThing> Down,
    IReadOnlyList<ChartThing> Across,
    IReadOnlyList<IReadOnlyList<ChartCell>> Cells
);

/// <summary>Charts of what fits what.</summary>
internal static class Charts
{
    /// <summary>More nobody looks through.</summary>
    private const int MostCells = 100_000;

    /// <summary>What a look at one cell takes, in units of work.</summary>
    private const int Looked = 50;

    public static void MapChart(this RouteGroupBuilder group) =>
        group
            .MapGet("chart", ChartAsync)
            .WithSummary(
                "Machines by feet; or, for one machine, feet by needles. A technique narrows it."
            )
            .Produces<ChartOut>();

    private static async Task<IResult> ChartAsync(
        Here here,
        DrawerReader drawer,
        string? machine,
        string? technique
    )
    {
        var known = technique is null ? null : Core.Craft.Techniques.CardNamed(technique);
        if (technique is not null && known is null)
        {
            return Problem.Field("technique", "There is no such technique.");
        }
        var open = await drawer.OpenAsync(here.Seat, here.Ruler, here.Cancel);
        var machines = open.Of<Machine>("machine");
        var feet = open.Of<Foot>("foot")
            .Where(f =>
                known is null
                || known.Feet.Any(c => f.Is.Kind is { } kind && c.Kinds.Contains(kind))
            )
            .ToList();
        var tried = open.Tried;
        if (machine is null)
        {
            return Chart(
                machines,
                feet,
                m =>
                {
                    var sewn = Sewn(m);
                    var needle = Reference(m, known);
                    List<TriedNote> notes = [.. tried.Where(n => n.Machine == m.Id)];
                    return f => new Combination(m, f, needle, For: sewn, Tried: notes);
                }
            );
        }
        if (machines.FirstOrDefault(m => m.Id == machine) is not { } one)
        {
            return Problem.Field("machine", "There is no such machine in your supplies.");
        }
        var needles = open.Of<Needle>("needle")
            .Where(n => known is null || n.Is.IsTwin == known.Twin)
            .ToList();
        var sewing = Sewn(one);
        return Chart(
            feet,
            needles,
            f => n => new Combination(one, f, n, For: sewing, Tried: tried)
        );

        Sewing Sewn(Owned<Machine> m) =>
            known is null ? Sewing.Plain : CardWriter.Wanted(known, m, null, here.Ruler);
    }

    /// <summary>The needle that a chart without needles is drawn for: size 90 of the machine's own system.</summary>
    private static Owned<Needle>? Reference(Owned<Machine> machine, CardTechnique? technique) =>
        new(
            "",
            "a size 90 needle",
            new Needle(
                machine.Is.NeedleSystem,
                90,
                Needle.Universal,
                Length.FromMillimetres(technique?.Twin == true ? 1.6 : 0)
            )
        );

    private static IResult Chart<TDown, TAcross>(
        IReadOnlyList<Owned<TDown>> down,
        IReadOnlyList<Owned<TAcross>> across,
        Func<Owned<TDown>, Func<Owned<TAcross>, Combination>> row
    )
        where TDown : class, IThing
        where TAcross : class, IThing =>
        (long)down.Count * across.Count > MostCells
            ? Problem.Field(
                "technique",
                $"That would be {down.Count} by {across.Count}: choose a technique, so that fewer are compared."
            )
            : Results.Ok(
                new ChartOut(
                    [.. down.Select(d => new ChartThing(d.Id, d.Name))],
                    [.. across.Select(a => new ChartThing(a.Id, a.Name))],
                    [
                        .. down.Select(row)
                            .Select(together =>
                                (IReadOnlyList<ChartCell>)[.. across.Select(a => Cell(together(a)))]
                            ),
                    ]
                )
            );

    private static ChartCell Cell(Combination c)
    {
        Budget.Spend(Looked);
        var (verdict, codes) = Fitting.Glance(c);
        return new(
            FitEndpoints.Word(verdict),
            codes.Count > 0 ? codes : null,
            FitEndpoints.Word(c.Note)
        );
    }
}
