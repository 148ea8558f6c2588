using System.Globalization;
using System.Text;
using System.Text.Json;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Swatches;

/// <summary>Swatches as CSV, in and out.</summary>
public static partial class SwatchFileEndpoints
{
    /// <summary>The kinds of things that a swatch is sewn with, each a column with the thing's name.</summary>
    private static readonly string[] Kinds = [.. ThingKinds.All.Select(k => k.Name)];

    private static readonly string[] Columns =
    [
        "id",
        "technique",
        .. Kinds,
        "look",
        "settings",
        .. SwatchWords.Features.Select(f => f.Name),
        .. SwatchWords.Readings.Select(f => f.Name),
        "looks",
        "changed",
        "verdict",
        "counts",
        "simulated",
        "note",
        "sewn",
        "for",
    ];

    /// <summary>Letters of every language as they are.</summary>
    private static readonly JsonSerializerOptions Plain = new()
    {
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>Written for the reader, and passed over on the way in.</summary>
    private static readonly string[] OnlyOut = ["sewn", "for"];

    public static void MapSwatchFiles(this IEndpointRouteBuilder routes)
    {
        var group = routes
            .MapGroup("/api/swatches/csv")
            .WithTags("Swatches")
            .ProducesValidationProblem();
        group
            .MapGet("", WriteAsync)
            .WithSummary("Swatches as CSV, filtered as Swatches is.")
            .Produces<string>(StatusCodes.Status200OK, "text/csv");
        group
            .MapPost("", ReadAsync)
            .WithSummary(
                "Takes swatches in from CSV. A line with a known id changes that swatch, any other adds one that stands alone. When a line is wrong nothing is taken in, unless ?anyway=true."
            )
            .Accepts<string>("text/csv")
            .Produces<CsvReport>();
    }

    private static async Task<IResult> WriteAsync(
        Here here,
        [AsParameters] BookQuery query,
        SwatchBookStore store,
        ThingStore things
    )
    {
        var names = (await things.AllAsync(here.Seat, here.Cancel)).ToDictionary(
            t => t.Id,
            t => t.Name
        );
        var rows = await store.PageAsync(here.Seat, query.Filter, null, 100_000, here.Cancel);
        here.Http.Response.Headers.ContentDisposition = "attachment; filename=\"swatches.csv\"";
        return Results.Text(
            CsvTable.Write(Columns, rows.Select(r => Cells(r, names))),
            "text/csv",
            Encoding.UTF8
        );
    }

    private static IReadOnlyList<string> Cells(BookRow row, Dictionary<Guid, string> names)
    {
        var swatch = row.Swatch;
        return
        [
            swatch.Id.ToString(),
            swatch.Technique,
            .. Kinds.Select(k =>
                k switch
                {
                    "cloth" => row.ClothName,
                    "foot" => row.FootName,
                    _ => swatch.UsedOf(k) is { } id ? names.GetValueOrDefault(id, "") : "",
                }
            ),
            // As it is kept, so that nothing of it is lost; nothing where there is nothing.
            Whole(swatch.Cloth),
            Whole(swatch.Settings),
            .. SwatchWords.Features.Select(f =>
                swatch.Features.TryGetProperty(f.Name, out var figure) ? figure.GetRawText() : ""
            ),
            .. SwatchWords.Readings.Select(f =>
                swatch.Readings.TryGetValue(f.Name, out var all) ? Readings(all) : ""
            ),
            string.Join(';', swatch.Looks),
            swatch.Changed,
            swatch.Verdict,
            swatch.Counts ? "yes" : "no",
            swatch.Simulated ? "yes" : "no",
            swatch.Note,
            swatch.Stamp.CreatedAt.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            row.WorkingName,
        ];

        static string Whole(JsonElement json) =>
            json.EnumerateObject().Any() ? JsonSerializer.Serialize(json, Plain) : "";

        // In mm to a millionth, which is exact for every length that is typed: so nothing is lost on the way out and in again.
        static string Readings(IReadOnlyList<double> all) =>
            string.Join(
                "; ",
                all.Select(mm => mm.ToString("0.######", CultureInfo.InvariantCulture) + " mm")
            );
    }

    private static async Task<IResult> ReadAsync(
        Here here,
        SwatchStore store,
        ThingStore things,
        bool anyway = false
    )
    {
        var lines = await CsvBody.ReadAsync(
            here.Http,
            columns =>
                columns.FirstOrDefault(c => !Columns.Contains(c)) is { } strange
                    ? $"The column “{strange}” is not known; {string.Join(", ", Columns)} are."
                    : null
        );
        var drawer = (await things.AllAsync(here.Seat, here.Cancel)).ToLookup(t =>
            (t.Kind, t.Name.ToLowerInvariant())
        );
        List<SwatchLine> good = [];
        HashSet<Guid> ids = [];
        List<WrongLine> bad = [];
        foreach (var line in lines)
        {
            here.Cancel.ThrowIfCancellationRequested();
            var reader = new LineReader(line, here.Ruler, drawer);
            var swatch = reader.Read();
            if (swatch is not null && !ids.Add(swatch.Id))
            {
                bad.Add(new WrongLine(line.Number, "id", "This id stands in the file twice."));
            }
            else if (swatch is not null)
            {
                good.Add(swatch);
            }
            bad.AddRange(reader.Wrong);
        }
        var taken =
            good.Count == 0 || (bad.Count > 0 && !anyway)
                ? 0
                : await store.TakeInAsync(
                    here.Seat,
                    $"{good.Count} {(good.Count == 1 ? "swatch" : "swatches")} taken in",
                    good,
                    here.Cancel
                );
        return Results.Ok(new CsvReport(taken, good.Count, bad));
    }
}
