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
                "What is still to be cut, fabric by fabric, laid out; fabric takes one of them alone, seconds looks for a better layout, pins are pieces of that fabric that stay where they were put: [{ piece, number, on, x, y }] in mm."
            )
            .Produces<ProjectCuttingOut>();
        group
            .MapGet("paper", PaperAsync)
            .WithSummary(
                "A layout at true size: fabric, seconds, edgeToEdge and pins as it was laid out; on is the sheet, 0 for the bolt; ?as=pdf|svg, and for a PDF ?paper=a4|letter."
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
        string fabric = "",
        double seconds = 0,
        bool edgeToEdge = false,
        string pins = ""
    )
    {
        if (await projects.FindAsync(here.Seat, id, here.Cancel) is not { } project)
        {
            return Problem.NotFound("There is no such project.");
        }
        if (seconds is not (>= 0 and <= MostSeconds))
        {
            return Problem.Field("seconds", $"seconds must be from 0 to {MostSeconds}.");
        }
        var (_, plan) = await loader.WholeAsync(here.Seat, id, here.Ruler, here.Cancel);
        var fabrics = await FabricsAsync(here, things);
        IEnumerable<FabricToCut> Asked(ProjectPlan of) =>
            of.ToCut(fabrics).Where(f => fabric.Length == 0 || FabricOut.KeyOf(f) == fabric);
        var even = Asked(plan.AtEvenChance())
            .ToDictionary(FabricOut.KeyOf, f => CuttingTable.Lay(f.Task, 0, here.Cancel).Used);
        var all = Asked(plan).ToList();
        if (pins.Length > 0)
        {
            if (all is not [var one] || Pinned(one, PinIn.Parse(pins)) is not { } pinned)
            {
                return Misplaced;
            }
            all = [pinned];
        }
        return Results.Ok(
            new ProjectCuttingOut(
                project.Name,
                [
                    .. all.Select(f =>
                        FabricOut.Of(
                            f,
                            Laid(f, seconds, edgeToEdge, here),
                            even.TryGetValue(FabricOut.KeyOf(f), out var used) ? used : null,
                            here.Ruler
                        )
                    ),
                ],
                [.. plan.Unplanned.Select(p => p.Name)]
            )
        );
    }

    private static async Task<IResult> PaperAsync(
        Here here,
        Guid id,
        ProjectLoader loader,
        ThingStore things,
        string fabric,
        string? paper,
        string? @as,
        int on = 0,
        double seconds = 0,
        bool edgeToEdge = false,
        string pins = ""
    )
    {
        var (_, plan) = await loader.WholeAsync(here.Seat, id, here.Ruler, here.Cancel);
        if (
            plan.ToCut(await FabricsAsync(here, things))
                .FirstOrDefault(f => FabricOut.KeyOf(f) == fabric)
            is not { } asked
        )
        {
            return Problem.NotFound("Nothing is cut from that fabric here.");
        }
        if (Pinned(asked, PinIn.Parse(pins)) is not { } pinned)
        {
            return Misplaced;
        }
        var layout = Laid(pinned, Math.Clamp(seconds, 0, MostSeconds), edgeToEdge, here);
        return
            on >= 0
            && on <= pinned.Remnants.Count
            && LayoutGuide.Of(pinned, layout, on) is { } guide
            ? GuideEndpoints.Write(
                here,
                guide,
                on == 0 ? pinned.Name : pinned.Remnants[on - 1].Name,
                paper,
                @as
            )
            : Problem.NotFound("Nothing is cut from that sheet.");
    }

    private static IResult Misplaced =>
        Problem.Field(
            "pins",
            "It does not lie there: it would reach beyond the fabric, or onto another piece that is pinned."
        );

    /// <summary>The same with pieces pinned; null where one does not lie where it was put.</summary>
    private static FabricToCut? Pinned(FabricToCut fabric, IReadOnlyList<PinIn>? pins)
    {
        var read = pins?.Select(p => p.Read()).ToList();
        if (read is null || read.Count > CuttingTable.MostPieces || read.Any(p => p is null))
        {
            return null;
        }
        var task = fabric.Task with { Pins = [.. read.Select(p => p!)] };
        return CuttingTable.Misplaced(task) is null ? fabric with { Task = task } : null;
    }

    private static Layout Laid(FabricToCut fabric, double seconds, bool edgeToEdge, Here here) =>
        CuttingEndpoints.Lay(fabric.Task with { EdgeToEdge = edgeToEdge }, seconds, here.Cancel);

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
                .FirstOrDefault(f => FabricOut.KeyOf(f) == cut.Fabric)
            is not { } asked
        )
        {
            return Problem.NotFound("Nothing is cut from that fabric here any more.");
        }
        if (Pinned(asked, cut.Pins ?? []) is not { } fabric)
        {
            return Misplaced;
        }
        var layout = Laid(fabric, Math.Clamp(cut.Seconds, 0, MostSeconds), cut.EdgeToEdge, here);
        if (Math.Abs(layout.Used.Millimetres - cut.Used) > SameMm)
        {
            return Problem.Conflict("The layout has changed since: look at it again.");
        }
        var parts = fabric.Pieces.Select(p => p.Part).Distinct().ToList();
        if (cut.Ids.Count < parts.Count + layout.Left.Count)
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
            : layout
                .Left.Select((l, i) => Remnant(cut.Ids[parts.Count + i], known, l, here.Ruler))
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
            double Area(Placement p) => p.Across.Millimetres * p.Along.Millimetres;
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
        var size = Ruler.Size(ruler.Mark(left.Width), ruler.Mark(left.Long));
        var properties = JsonNode.Parse(of.Properties.GetRawText())!.AsObject();
        properties.Remove(Core.Supplies.UsualThings.FieldName);
        // What is left of a remnant is one of the same fabric.
        properties[Core.Supplies.Cloth.RemnantField.Name] ??= of.Name;
        properties["usableWidth"] = $"{Math.Floor(left.Width.Millimetres)} mm";
        return new ThingLine(
            id,
            $"{of.Name}, {size}",
            JsonSerializer.SerializeToElement(properties),
            Length.FromMillimetres(Math.Floor(left.Long.Millimetres))
        );
    }
}
