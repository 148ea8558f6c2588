using System.Text.Json;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;
using Thread = ZephyrReach.Core.Supplies.Thread;

namespace ZephyrReach.Web.Fit;

/// <summary>A rule of what fits what.</summary>
public sealed record RuleOut(string Code, string Gravest, string Checks);

/// <summary>Whether things go together.</summary>
/// <param name="Verdict">yes, yes-but or no.</param>
/// <param name="Unchecked">Rules that could not be asked, and what they would need to know.</param>
/// <param name="Tried">clears, strikes, or left out.</param>
/// <param name="GreatestSafeWidth">Of a zigzag with this needle or pair; left out where it is not known, or where none is safe.</param>
public sealed record FitOut(
    string Verdict,
    IReadOnlyList<Finding> Findings,
    IReadOnlyList<Unchecked> Unchecked,
    string? Tried,
    LengthOut? GreatestSafeWidth
)
{
    public static FitOut Of(Combination c, Ruler ruler)
    {
        var fitting = Fitting.Of(c);
        return new(
            FitEndpoints.Word(fitting.Verdict),
            fitting.Findings,
            fitting.Unchecked,
            FitEndpoints.Word(fitting.Tried),
            Clearance.Widest(c) is { } safe ? LengthOut.Of(safe, LengthKind.Fine, ruler) : null
        );
    }
}

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
    private static readonly FlagField DownField = new FlagField("feedDogsDown", "Feed dogs down");
    private static readonly FlagField BulkyField = new FlagField("bulky", "Several layers");
    private static readonly FlagField LooperField = new FlagField("chainLooper", "Chain looper");
    private static readonly FlagField ProgramField = new FlagField("programmed", "Darning program");
    private static readonly NumberField DifferentialField = new NumberField(
        "differential",
        "Differential",
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
                "Whether things go together: machine, foot, needle, thread, fabric, each an id from your supplies or what is known of it; and width, feedDogsDown, layersThickness, buildUp, differential, or a technique."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<FitOut>();
        group
            .MapGet(
                "rules",
                () => Fitting.Rules.Select(r => new RuleOut(r.Code, Word(r.Gravest), r.Checks))
            )
            .WithSummary("Every rule, with what it checks.");
        group.MapChart();
    }

    private static async Task<IResult> CheckAsync(Here here, DrawerReader drawer)
    {
        var json = await AskJson.ReadBodyAsync(here.Http.Request);
        var open = await drawer.OpenAsync(here.Seat, here.Ruler, here.Cancel);
        var (machine, e1) = open.Named<Machine>(json, "machine");
        var (foot, e2) = open.Named<Foot>(json, "foot");
        var (needle, e3) = open.Named<Needle>(json, "needle");
        var (thread, e4) = open.Named<Thread>(json, "thread");
        var (cloth, e5) = open.Named<Cloth>(json, "cloth");
        var (sewing, errors) = SewingOf(json, machine, cloth, here.Ruler);
        List<FieldError> all = [.. new[] { e1, e2, e3, e4, e5 }.OfType<FieldError>(), .. errors];
        if (all.Count > 0)
        {
            return Problem.Fields(all);
        }
        var c = new Combination(machine, foot, needle, thread, cloth, sewing, open.Tried);
        return Results.Json(FitOut.Of(c, here.Ruler), CraftJson.For(here.Ruler));
    }

    /// <summary>What is to be sewn: said outright, or as a technique wants it of this machine and cloth.</summary>
    private static (Sewing Sewing, IReadOnlyList<FieldError> Errors) SewingOf(
        JsonElement json,
        Owned<Machine>? machine,
        Owned<Cloth>? cloth,
        Ruler ruler
    )
    {
        var reader = new InputReader(AskJson.Read(json), ruler);
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
        if (Core.Craft.Techniques.CardNamed(said.GetString()!) is not { } technique)
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

    internal static string Word(Verdict verdict) =>
        verdict switch
        {
            Verdict.Yes => "yes",
            Verdict.YesBut => "yes-but",
            _ => "no",
        };

    internal static string? Word(TriedNote? note) =>
        note is null ? null
        : note.Clears ? "clears"
        : "strikes";

    private static string Word(Severity severity) =>
        severity switch
        {
            Severity.Stop => "stop",
            Severity.Care => "care",
            _ => "note",
        };

    private static LengthField Fine(string name, string label, double most) =>
        new LengthField(
            name,
            label,
            Length.Zero,
            Length.FromMillimetres(most),
            Kind: LengthKind.Fine,
            IsNeeded: false
        );
}
