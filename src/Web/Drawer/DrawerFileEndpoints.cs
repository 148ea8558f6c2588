using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Drawer;

/// <summary>Things as CSV, in and out: one file for each kind, a column for each property.</summary>
public static class DrawerFileEndpoints
{
    private const string Id = "id";
    private const string Name = "name";

    public static void MapDrawerFiles(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/drawer").WithTags("Supplies").ProducesValidationProblem();
        group
            .MapGet("{kind}/csv", WriteAsync)
            .WithSummary("The things of one kind as CSV.")
            .Produces<string>(StatusCodes.Status200OK, "text/csv");
        group
            .MapPost("{kind}/csv", ReadAsync)
            .WithSummary(
                "Takes things in from CSV. A line with a known id changes that thing, any other adds one. When a line is wrong nothing is taken in, unless ?anyway=true."
            )
            .Accepts<string>("text/csv")
            .Produces<CsvReport>();
    }

    private static async Task<IResult> WriteAsync(Here here, string kind, ThingStore store)
    {
        if (ThingKinds.Named(kind) is not { } known)
        {
            return Problem.NotFound("There is no such kind of thing.");
        }
        var rows = (await store.AllAsync(here.Seat, here.Cancel)).Where(r => r.Kind == kind);
        var csv = CsvTable.Write(
            [Id, Name, .. known.Fields.Select(f => f.Name)],
            rows.Select(r =>
            {
                var thing = ThingOut.Of(r, here.Ruler);
                return (IReadOnlyList<string>)
                    [
                        r.Id.ToString(),
                        r.Name,
                        .. known.Fields.Select(f =>
                            Cell(thing.Properties.GetValueOrDefault(f.Name))
                        ),
                    ];
            })
        );
        here.Http.Response.Headers.ContentDisposition =
            $"attachment; filename=\"{known.Plural.Replace(' ', '-')}.csv\"";
        return Results.Text(csv, "text/csv", Encoding.UTF8);
    }

    private static async Task<IResult> ReadAsync(
        Here here,
        string kind,
        ThingStore store,
        bool anyway = false
    )
    {
        if (ThingKinds.Named(kind) is not { } known)
        {
            return Problem.NotFound("There is no such kind of thing.");
        }
        var lines = await CsvBody.ReadAsync(
            here.Http,
            columns =>
                columns.FirstOrDefault(c =>
                    c is not (Id or Name) && known.Fields.All(f => f.Name != c)
                )
                    is { } strange
                    ? $"The column “{strange}” is not known; {string.Join(", ", known.Fields.Select(f => f.Name).Prepend(Name))} are."
                : columns.Contains(Name) ? null
                : "There is no column “name”."
        );
        var ours = (await store.AllAsync(here.Seat, here.Cancel)).ToDictionary(r => r.Id);
        List<ThingLine> good = [];
        HashSet<Guid> ids = [];
        List<WrongLine> bad = [];
        foreach (var line in lines)
        {
            here.Cancel.ThrowIfCancellationRequested();
            var (thing, troubles) = Read(known, line, ours, here.Ruler);
            bad.AddRange(troubles);
            if (thing is not null && !ids.Add(thing.Id))
            {
                bad.Add(new WrongLine(line.Number, Id, "This id stands in the file twice."));
            }
            else if (thing is not null)
            {
                good.Add(thing);
            }
        }
        var taken =
            good.Count == 0 || (bad.Count > 0 && !anyway)
                ? 0
                : await store.TakeInAsync(
                    here.Seat,
                    known.Name,
                    $"{good.Count} {(good.Count == 1 ? known.Title : known.Plural)} taken in",
                    good,
                    here.Cancel
                );
        return Results.Ok(new CsvReport(taken, good.Count, bad));
    }

    private static (ThingLine? Thing, IReadOnlyList<WrongLine> Wrong) Read(
        ThingKind kind,
        CsvLine line,
        Dictionary<Guid, ThingRow> ours,
        Ruler ruler
    )
    {
        var id = Guid.CreateVersion7();
        if (line.Cells.GetValueOrDefault(Id) is { Length: > 0 } given)
        {
            if (!Guid.TryParse(given, out id) || id.Version != 7)
            {
                return (
                    null,
                    [
                        new WrongLine(
                            line.Number,
                            Id,
                            "This is no id; leave it empty for a new thing."
                        ),
                    ]
                );
            }
            if (ours.TryGetValue(id, out var row) && row.Kind != kind.Name)
            {
                return (
                    null,
                    [new WrongLine(line.Number, Id, $"This id is that of a {row.Kind}.")]
                );
            }
        }
        var name = line.Cells[Name];
        if (name.Length is 0 or > 120 || name.Contains('\0', StringComparison.Ordinal))
        {
            return (
                null,
                [
                    new WrongLine(
                        line.Number,
                        Name,
                        "The name is missing or too long (120 characters at most)."
                    ),
                ]
            );
        }
        var properties = new JsonObject();
        List<WrongLine> wrong = [];
        foreach (var field in kind.Fields)
        {
            if (line.Cells.GetValueOrDefault(field.Name) is not { Length: > 0 } cell)
            {
                continue;
            }
            if (ValueOf(field, cell) is { } value)
            {
                properties[field.Name] = value;
            }
            else
            {
                wrong.Add(
                    new WrongLine(
                        line.Number,
                        field.Name,
                        $"“{cell}” is not {field switch { FlagField => "yes or no", GroupsField => "a list", _ => "a number" }}."
                    )
                );
            }
        }
        var (stored, errors) = StoredThing.Read(
            kind,
            JsonSerializer.SerializeToElement(properties),
            null,
            ruler
        );
        wrong.AddRange(errors.Select(e => new WrongLine(line.Number, e.Field, e.Says)));
        return wrong.Count > 0
            ? (null, wrong)
            : (new ThingLine(id, name, stored!.Properties, stored.Left?.Length), []);
    }

    private static JsonNode? ValueOf(Field field, string cell) =>
        field switch
        {
            NumberField => double.TryParse(
                cell.Replace(',', '.'),
                System.Globalization.NumberStyles.Float,
                System.Globalization.CultureInfo.InvariantCulture,
                out var number
            )
                ? JsonValue.Create(number)
                : null,
            FlagField => cell.ToLowerInvariant() switch
            {
                "yes" or "true" or "1" => JsonValue.Create(true),
                "no" or "false" or "0" => JsonValue.Create(false),
                _ => null,
            },
            GroupsField => Listed(cell),
            ChoicesField => new JsonArray([.. cell.Split(';').Select(c => (JsonNode?)c.Trim())]),
            _ => JsonValue.Create(cell),
        };

    private static JsonNode? Listed(string cell)
    {
        try
        {
            return JsonNode.Parse(cell) as JsonArray;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    private static string Cell(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.True => "yes",
            JsonValueKind.False => "no",
            // Groups of figures, such as what a dial measured, stand there as JSON.
            JsonValueKind.Array
                when value.EnumerateArray().Any(v => v.ValueKind != JsonValueKind.String) =>
                value.GetRawText(),
            JsonValueKind.Array => string.Join(
                ';',
                value.EnumerateArray().Select(v => v.GetString())
            ),
            JsonValueKind.String => value.GetString()!,
            JsonValueKind.Number => value.GetRawText(),
            _ => "",
        };
}
