using System.Text.Json;
using System.Text.Json.Nodes;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;
using ZephyrReach.Store;
using ZephyrReach.Web.CutLists;
using ZephyrReach.Web.Guides;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Cutting;

/// <summary>The cutting table of a project: all its parts, on the fabrics there are.</summary>
public static class ProjectCuttingEndpoints
{
    private const double MostSeconds = 10;

    /// <summary>Unlike any difference that is left by writing a length down.</summary>
    private const double SameMm = 0.01;

    public static void MapProjectCutting(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/projects/{id:guid}/cutting")
            .WithTags("Cutting")
            .ProducesValidationProblem();
        group
            .MapGet("", LayAsync)
            .WithSummary(
                "What is still to be cut, fabric by fabric, laid out; fabric takes one of them alone, seconds looks for a better layout, pins are pieces of that fabric that stay where they were put: [{ piece, number, on, x, y, turned }] in mm."
            )
            .Produces<ProjectCuttingOut>();
        group
            .MapGet("paper", PaperAsync)
            .WithSummary(
                "A layout at true size, asked as it was laid out; on is the sheet, 0 for the bolt; ?as=pdf|svg, and for a PDF ?paper=a4|letter."
            )
            .Produces<byte[]>(StatusCodes.Status200OK, "application/pdf", "image/svg+xml");
        group
            .MapPost("cut", CutAsync)
            .WithSummary(
                "Locks the cutting lists of all parts in a layout, takes their fabric, and adds what is left as remnants: one step."
            )
            .Produces<CutAllOut>();
    }

    private static async Task<IResult> LayAsync(
        Here here,
        Guid id,
        ProjectStore projects,
        ProjectLoader loader,
        ThingStore things,
        [AsParameters] LayoutWanted wanted
    )
    {
        if (await projects.FindAsync(here.Seat, id, here.Cancel) is not { } project)
        {
            return Problem.NotFound("There is no such project.");
        }
        if (wanted.Seconds is not (>= 0 and <= MostSeconds))
        {
            return Problem.Field("seconds", $"seconds must be from 0 to {MostSeconds}.");
        }
        var (_, plan) = await loader.WholeAsync(here.Seat, id, here.Ruler, here.Cancel);
        var fabrics = await FabricsAsync(here, things);
        IEnumerable<FabricToCut> Asked(ProjectPlan of) =>
            of.ToCut(fabrics)
                .Where(f => wanted.Fabric.Length == 0 || FabricOut.KeyOf(f) == wanted.Fabric);
        var even = Asked(plan.AtEvenChance())
            .ToDictionary(FabricOut.KeyOf, f => CuttingTable.Lay(f.Task, 0, here.Cancel).Used);
        List<FabricOut> all = [];
        foreach (var fabric in Asked(plan))
        {
            if (As(fabric, wanted, here) is not (var asked, var layout, var fromLeft))
            {
                return Misplaced;
            }
            all.Add(
                FabricOut.Of(
                    asked,
                    layout,
                    asked.Task.Pieces.Any(p => p.IsBias)
                        ? CuttingEndpoints.Lay(asked.Task, 0, !fromLeft, here.Cancel)
                        : null,
                    fromLeft,
                    even.TryGetValue(FabricOut.KeyOf(fabric), out var used) ? used : null,
                    here.Ruler
                )
            );
        }
        return Results.Ok(
            new ProjectCuttingOut(project.Name, all, [.. plan.Unplanned.Select(p => p.Name)])
        );
    }

    private static async Task<IResult> PaperAsync(
        Here here,
        Guid id,
        ProjectLoader loader,
        ThingStore things,
        [AsParameters] LayoutWanted wanted,
        string? paper,
        string? @as,
        int on = 0
    )
    {
        var (_, plan) = await loader.WholeAsync(here.Seat, id, here.Ruler, here.Cancel);
        if (
            plan.ToCut(await FabricsAsync(here, things))
                .FirstOrDefault(f => FabricOut.KeyOf(f) == wanted.Fabric)
            is not { } fabric
        )
        {
            return Problem.NotFound("Nothing is cut from that fabric here.");
        }
        if (As(fabric, wanted, here) is not (var asked, var layout, _))
        {
            return Misplaced;
        }
        return
            on >= 0 && on <= asked.Remnants.Count && LayoutGuide.Of(asked, layout, on) is { } guide
            ? GuideEndpoints.Write(
                here,
                guide,
                on == 0 ? asked.Name : asked.Remnants[on - 1].Name,
                paper,
                @as
            )
            : Problem.NotFound("Nothing is cut from that sheet.");
    }

    private static IResult Misplaced =>
        Problem.Field(
            "pins",
            "It does not lie there: it would reach beyond the fabric, or onto another piece that is pinned, or it may not be turned."
        );

    /// <summary>
    /// A fabric laid out as it is wanted; null where a pin does not lie where it was put. Where it cannot be cut double, or strips not
    /// from what is left, it is not.
    /// </summary>
    private static (FabricToCut Fabric, Layout Layout, bool FromLeft)? As(
        FabricToCut fabric,
        LayoutWanted wanted,
        Here here
    )
    {
        var read = PinIn.Parse(wanted.Pins)?.Select(p => p.Read()).ToList();
        if (read is null || read.Count > CuttingTable.MostPieces || read.Any(p => p is null))
        {
            return null;
        }
        var task = fabric.Task with
        {
            Pins = [.. read.Select(p => p!)],
            EdgeToEdge = wanted.EdgeToEdge,
            IsDouble = wanted.Double && CuttingTable.WhyNotDouble(fabric.Task).Length == 0,
        };
        if (CuttingTable.Misplaced(task) is not null)
        {
            return null;
        }
        var seconds = Math.Clamp(wanted.Seconds, 0, MostSeconds);
        var asked = fabric with { Task = task };
        return
            wanted.FromLeft
            && CuttingEndpoints.Lay(task, seconds, true, here.Cancel) is { } fromLeft
            ? (asked.FromLeft(fromLeft), fromLeft, true)
            : (asked, CuttingEndpoints.Lay(task, seconds, false, here.Cancel)!, false);
    }

    private static async Task<IReadOnlyCollection<Supply>> FabricsAsync(
        Here here,
        ThingStore things
    ) =>
        [
            .. (await things.AllAsync(here.Seat, here.Cancel))
                .Where(t => t.Kind == "cloth")
                .Select(Planned.Of),
        ];

    private static async Task<IResult> CutAsync(
        Here here,
        Guid id,
        CutAllIn cut,
        ProjectLoader loader,
        ThingStore things,
        CutListStore cutLists,
        Freezer freezer
    )
    {
        var (rows, plan) = await loader.WholeAsync(here.Seat, id, here.Ruler, here.Cancel);
        if (
            plan.ToCut(await FabricsAsync(here, things))
                .FirstOrDefault(f => FabricOut.KeyOf(f) == cut.Layout.Fabric)
            is not { } there
        )
        {
            return Problem.NotFound("Nothing is cut from that fabric here any more.");
        }
        if (As(there, cut.Layout, here) is not (var fabric, var layout, _))
        {
            return Misplaced;
        }
        if (Math.Abs(layout.Used.Millimetres - cut.Used) > SameMm)
        {
            return Problem.Conflict("The layout has changed since: look at it again.");
        }
        var parts = fabric.Pieces.Select(p => p.Part).Distinct().ToList();
        var over = layout.LeftOfCut.SelectMany(l => Enumerable.Repeat(l, l.Count)).ToList();
        if (cut.Ids.Count < parts.Count + over.Count)
        {
            return Problem.Field("ids", "ids must be one for each part and each remnant.");
        }
        List<CutListLine> lines = [];
        foreach (var part in parts)
        {
            var row = rows.First(r => r.Id == part);
            var (line, errors) = await freezer.PrepareAsync(
                here.Seat,
                cut.Ids[lines.Count],
                row,
                row.Ask,
                here.Ruler,
                here.Cancel
            );
            if (line is null)
            {
                return Problem.Fields(errors);
            }
            lines.Add(line with { Taken = TakenBy(part, fabric, layout, line.Taken) });
        }
        var known = fabric.Thing is { } thing
            ? await things.FindAsync(here.Seat, thing, here.Cancel)
            : null;
        var left = known is null
            ? []
            : over.Select((l, i) => Remnant(cut.Ids[parts.Count + i], known, l, here.Ruler))
                .ToList();
        return await cutLists.AddAllAsync(
            here.Seat,
            $"cut from “{(fabric.Name.Length > 0 ? fabric.Name : "fabric")}”",
            lines,
            left,
            here.Cancel
        )
            ? Results.Ok(
                new CutAllOut(
                    [.. fabric.Pieces.Select(p => p.PartName).Distinct()],
                    [.. left.Select(l => l.Name)]
                )
            )
            : Problem.NotFound("One of the parts is not there any more.");
    }

    /// <summary>
    /// What a part takes off the shelf: of the bolt and of each remnant its share by area, and all else as by itself.
    /// </summary>
    private static IReadOnlyList<Taken> TakenBy(
        Guid part,
        FabricToCut fabric,
        Layout layout,
        IReadOnlyList<Taken> byItself
    )
    {
        List<Taken> taken = [.. byItself.Where(t => t.Thing != fabric.Thing)];
        foreach (var sheet in layout.Placements.GroupBy(p => p.On))
        {
            double Area(Placement p) =>
                p.Across.Millimetres * p.Along.Millimetres * (p.IsOnFold ? 2 : 1);
            var share =
                sheet.Where(p => fabric.Pieces[p.Piece].Part == part).Sum(Area) / sheet.Sum(Area);
            var (thing, length) =
                sheet.Key == 0
                    ? (fabric.Thing, layout.Used)
                    : (
                        fabric.Remnants[sheet.Key - 1].Id,
                        fabric.Task.Remnants[sheet.Key - 1].Long!.Value
                    );
            if (thing is { } used && share > 0)
            {
                taken.Add(new Taken(used, share * length));
            }
        }
        return taken;
    }

    /// <summary>What is left as a fabric of the supplies: like the one that it was cut from, as large as it is.</summary>
    private static ThingLine Remnant(Guid id, ThingRow of, Offcut left, Ruler ruler)
    {
        var size = Ruler.Size(ruler.Mark(left.OpenWidth), ruler.Mark(left.Long));
        var properties = JsonNode.Parse(of.Properties.GetRawText())!.AsObject();
        properties.Remove(Core.Supplies.UsualThings.FieldName);
        properties.Remove(Core.Supplies.Cloth.ShrinksField.Name);
        // What is left of a remnant is one of the same fabric.
        properties[Core.Supplies.Cloth.RemnantField.Name] ??= of.Name;
        properties["usableWidth"] = $"{Math.Floor(left.OpenWidth.Millimetres)} mm";
        return new ThingLine(
            id,
            $"{of.Name}, {size}",
            JsonSerializer.SerializeToElement(properties),
            Length.FromMillimetres(Math.Floor(left.Long.Millimetres))
        );
    }
}
