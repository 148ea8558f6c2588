using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;
using Thread = ZephyrReach.Core.Drawer.Thread;

namespace ZephyrReach.Web.Fit;

/// <summary>A rule of what fits what.</summary>
public sealed record RuleOut(string Code, string Gravest, string Checks);

/// <summary>One cell of a chart.</summary>
/// <param name="V">yes, yes-but or no.</param>
/// <param name="Codes">The rules that have something to say.</param>
/// <param name="Tried">clears, strikes, or left out.</param>
public sealed record ChartCell(string V, IReadOnlyList<string>? Codes, string? Tried);

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

/// <summary>What fits what, and why not.</summary>
public static class FitEndpoints
{
    private static readonly LengthField WidthField = Fine("width", "Stitch width", 15);
    private static readonly LengthField OffsetField = Fine(
        "needleOffset",
        "Needle off centre",
        7.5
    );
    private static readonly LengthField LayersField = Fine("layersThickness", "Layers", 60);
    private static readonly LengthField BuildUpField = Fine("buildUp", "Build-up", 30);
    private static readonly FlagField DownField = new("feedDogsDown", "Feed dogs down", "");
    private static readonly FlagField BulkyField = new("bulky", "Several layers", "");
    private static readonly FlagField LooperField = new("chainLooper", "Chain looper", "");
    private static readonly FlagField ProgramField = new("programmed", "Darning program", "");
    private static readonly NumberField DifferentialField = new(
        "differential",
        "Differential",
        "",
        0.3,
        4,
        IsNeeded: false
    );

    public static void MapFit(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/fit").WithTags("Fit").ProducesValidationProblem();
        group
            .MapPost("", CheckAsync)
            .WithSummary(
                "Whether things go together: machine, foot, needle, thread, cloth, each an id from the drawer or what is known of it; and width, feedDogsDown, layersThickness, buildUp, differential, or a technique."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<JsonElement>();
        group
            .MapGet(
                "rules",
                () => Fitting.Rules.Select(r => new RuleOut(r.Code, Word(r.Gravest), r.Checks))
            )
            .WithSummary("Every rule, with what it checks.");
        group
            .MapGet("chart", ChartAsync)
            .WithSummary(
                "Machines by feet; or, for one machine, feet by needles. A technique narrows it."
            )
            .Produces<ChartOut>();
    }

    private static async Task<IResult> CheckAsync(
        HttpContext http,
        CurrentWorkroom workroom,
        DrawerReader drawer
    )
    {
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var (body, problem) = await AskJson.ReadBodyAsync(http.Request);
        if (body is null)
        {
            return problem!;
        }
        using (body)
        {
            var open = await drawer.OpenAsync(
                await workroom.SeatAsync(http),
                ruler,
                http.RequestAborted
            );
            var json = body.RootElement;
            var (machine, e1) = open.Named<Machine>(json, "machine");
            var (foot, e2) = open.Named<Foot>(json, "foot");
            var (needle, e3) = open.Named<Needle>(json, "needle");
            var (thread, e4) = open.Named<Thread>(json, "thread");
            var (cloth, e5) = open.Named<Cloth>(json, "cloth");
            var (sewing, errors) = SewingOf(json, machine, cloth, ruler);
            List<FieldError> all =
            [
                .. new[] { e1, e2, e3, e4, e5 }.OfType<FieldError>(),
                .. errors,
            ];
            if (all.Count > 0)
            {
                return Problem.Fields(all);
            }
            var c = new Combination(machine, foot, needle, thread, cloth, sewing, open.Tried);
            var pad = FigurePad.OfThread;
            pad.Begin(ruler);
            Tell(pad, c, Fitting.Of(c));
            pad.End();
            return Results.Bytes(pad.Written.ToArray(), "application/json; charset=utf-8");
        }
    }

    private static void Tell(FigurePad pad, Combination c, Fitting fitting)
    {
        pad.Text("verdict", Word(fitting.Verdict));
        AnswerJson.Tell(pad, fitting.Findings);
        pad.Table(
            "unchecked",
            fitting.Unchecked.Count,
            (i, row) =>
            {
                row.Text("code", fitting.Unchecked[i].Code);
                row.Text("says", fitting.Unchecked[i].Says);
            }
        );
        if (fitting.Tried is { } tried)
        {
            pad.Text("tried", tried.Clears ? "clears" : "strikes");
        }
        if (Core.Fit.Rules.TwinPlate.SafeWidth(c) is { } safe)
        {
            pad.Length("greatestSafeWidth", safe, LengthKind.Fine);
        }
    }

    /// <summary>What is to be sewn: said outright, or as a technique wants it of this machine and cloth.</summary>
    private static (Sewing Sewing, IReadOnlyList<FieldError> Errors) SewingOf(
        JsonElement json,
        Owned<Machine>? machine,
        Owned<Cloth>? cloth,
        Ruler ruler
    )
    {
        var reader = new AskReader(AskJson.Read(json), ruler);
        var sewing = new Sewing(
            reader.OptionalLength(WidthField) ?? Length.Zero,
            reader.OptionalLength(OffsetField) ?? Length.Zero,
            reader.Flag(DownField),
            reader.OptionalLength(LayersField),
            reader.Flag(BulkyField),
            reader.OptionalLength(BuildUpField),
            reader.OptionalNumber(DifferentialField),
            reader.Flag(LooperField),
            reader.Flag(ProgramField)
        );
        if (
            !json.TryGetProperty("technique", out var said)
            || said.ValueKind != JsonValueKind.String
        )
        {
            return (sewing, reader.Errors);
        }
        if (CardTechniques.Named(said.GetString()!) is not { } technique)
        {
            return (
                sewing,
                [new FieldError("technique", Refusal.Unusable, "There is no such technique.")]
            );
        }
        var wanted = CardWriter.Wanted(technique, machine, cloth, ruler);
        return (
            reader.Has(WidthField) ? wanted with { Width = sewing.Width } : wanted,
            reader.Errors
        );
    }

    private static async Task<IResult> ChartAsync(
        HttpContext http,
        CurrentWorkroom workroom,
        DrawerReader drawer,
        string? machine,
        string? technique
    )
    {
        var known = technique is null ? null : CardTechniques.Named(technique);
        if (technique is not null && known is null)
        {
            return Problem.Field("technique", "There is no such technique.");
        }
        var open = await drawer.OpenAsync(
            await workroom.SeatAsync(http),
            Ruler.Metric,
            http.RequestAborted
        );
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
            return Results.Ok(
                Chart(
                    machines,
                    feet,
                    m =>
                        (
                            known is null
                                ? Sewing.Plain
                                : CardWriter.Wanted(known, m, null, Ruler.Metric)
                        ),
                    (m, f, sewing) =>
                        new Combination(m, f, Reference(m, known), For: sewing, Tried: tried)
                )
            );
        }
        if (machines.FirstOrDefault(m => m.Id == machine) is not { } one)
        {
            return Problem.Field("machine", "There is no such machine in the drawer.");
        }
        var sewn = known is null ? Sewing.Plain : CardWriter.Wanted(known, one, null, Ruler.Metric);
        var needles = open.Of<Needle>("needle")
            .Where(n => known is null || n.Is.IsTwin == known.Twin)
            .ToList();
        return Results.Ok(
            Chart(
                feet,
                needles,
                _ => sewn,
                (f, n, sewing) => new Combination(one, f, n, For: sewing, Tried: tried)
            )
        );
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

    private static ChartOut Chart<TDown, TAcross>(
        IReadOnlyList<Owned<TDown>> down,
        IReadOnlyList<Owned<TAcross>> across,
        Func<Owned<TDown>, Sewing> sewing,
        Func<Owned<TDown>, Owned<TAcross>, Sewing, Combination> together
    )
        where TDown : class, IThing
        where TAcross : class, IThing =>
        new(
            [.. down.Select(d => new ChartThing(d.Id, d.Name))],
            [.. across.Select(a => new ChartThing(a.Id, a.Name))],
            [
                .. down.Select(d =>
                {
                    var sewn = sewing(d);
                    return (IReadOnlyList<ChartCell>)
                        [.. across.Select(a => Cell(together(d, a, sewn)))];
                }),
            ]
        );

    private static ChartCell Cell(Combination c)
    {
        var (verdict, codes) = Fitting.Glance(c);
        var note = c.Note;
        return new(
            Word(verdict),
            codes.Count > 0 ? codes : null,
            note is null ? null
                : note.Clears ? "clears"
                : "strikes"
        );
    }

    private static string Word(Verdict verdict) =>
        verdict switch
        {
            Verdict.Yes => "yes",
            Verdict.YesBut => "yes-but",
            _ => "no",
        };

    private static string Word(Severity severity) =>
        severity switch
        {
            Severity.Stop => "stop",
            Severity.Care => "care",
            _ => "note",
        };

    private static LengthField Fine(string name, string label, double most) =>
        new(
            name,
            label,
            "",
            Length.Zero,
            Length.FromMillimetres(most),
            Kind: LengthKind.Fine,
            IsNeeded: false
        );
}
