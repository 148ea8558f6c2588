using System.Globalization;
using System.Text;
using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Measures;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Swatches;

/// <summary>Swatches as CSV, in and out.</summary>
public static class SwatchFileEndpoints
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

    /// <summary>Reads one line, and says what is wrong with it by column.</summary>
    private sealed class LineReader(
        CsvLine line,
        Ruler ruler,
        ILookup<(string Kind, string Name), ThingRow> drawer
    )
    {
        public List<WrongLine> Wrong { get; } = [];

        public SwatchLine? Read()
        {
            var id = Guid.CreateVersion7();
            var given = Cell("id");
            if (given.Length > 0 && (!Guid.TryParse(given, out id) || id.Version != 7))
            {
                Bad("id", "This is no id; leave it empty for a new swatch.");
            }
            var technique = Cell("technique");
            if (technique.Length > 0 && !SwatchWords.Knows(technique))
            {
                Bad("technique", $"The technique “{technique}” is not known here.");
            }
            var verdict = Cell("verdict");
            if (verdict is not ("" or "yes" or "nearly" or "no"))
            {
                Bad("verdict", "A verdict is yes, nearly or no.");
            }
            var note = Cell("note");
            if (note.Length > 4000 || note.Contains('\0', StringComparison.Ordinal))
            {
                Bad("note", "A note has at most 4000 characters.");
            }
            var uses = new Dictionary<string, Guid>();
            foreach (var kind in Kinds)
            {
                if (Cell(kind).Length > 120)
                {
                    Bad(kind, "A name has at most 120 characters.");
                }
                Use(kind, Cell(kind));
            }
            var settings = Texts("settings");
            if (Cell("foot") is { Length: > 0 } foot && !uses.ContainsKey("foot"))
            {
                settings["Foot"] = foot;
            }
            var look = Texts("look");
            if (Cell("cloth") is { Length: > 0 } cloth)
            {
                look["name"] = cloth;
            }
            var changed = Cell("changed");
            if (changed.Length > 200)
            {
                Bad("changed", "What was changed has at most 200 characters.");
            }
            var readings = Readings();
            var looks = Cell("looks")
                .Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
            var features = Features();
            return Wrong.Count > 0
                ? null
                : new SwatchLine(
                    id,
                    new SwatchParts(
                        Settings: JsonSerializer.SerializeToElement(settings),
                        Readings: readings,
                        Looks: looks,
                        Changed: changed,
                        Verdict: verdict,
                        Note: note,
                        Technique: technique,
                        Uses: JsonSerializer.SerializeToElement(uses),
                        Features: features,
                        Cloth: JsonSerializer.SerializeToElement(look),
                        Counts: Yes("counts", true),
                        Simulated: Yes("simulated", false)
                    )
                );

            void Use(string kind, string name)
            {
                if (
                    name.Length > 0
                    && drawer[(kind, name.ToLowerInvariant())].FirstOrDefault() is { } thing
                )
                {
                    uses[kind] = thing.Id;
                }
            }
        }

        /// <summary>Texts by name, as JSON in a cell.</summary>
        private Dictionary<string, string?> Texts(string column)
        {
            if (Cell(column) is not { Length: > 0 } cell)
            {
                return [];
            }
            try
            {
                var read = JsonSerializer.Deserialize<Dictionary<string, string?>>(cell) ?? [];
                if (read.Count <= 60 && read.Values.All(v => v is null or { Length: <= 200 }))
                {
                    return read;
                }
            }
            catch (JsonException)
            {
                // Said below, as all that is wrong with it is.
            }
            Bad(column, "This is no JSON with short texts by name, as it goes out.");
            return [];
        }

        private string Cell(string column) => line.Cells.GetValueOrDefault(column) ?? "";

        private void Bad(string column, string says) =>
            Wrong.Add(new WrongLine(line.Number, column, says));

        private bool Yes(string column, bool otherwise)
        {
            switch (Cell(column).ToLowerInvariant())
            {
                case "":
                    return otherwise;
                case "yes" or "true" or "1":
                    return true;
                case "no" or "false" or "0":
                    return false;
                default:
                    Bad(column, $"“{Cell(column)}” is not yes or no.");
                    return otherwise;
            }
        }

        private IReadOnlyDictionary<string, IReadOnlyList<double>>? Readings()
        {
            List<FieldError> errors = [];
            var said = SwatchWords.Readings.ToDictionary(
                f => f.Name,
                f =>
                    Cell(f.Name)
                        .Split(
                            ';',
                            StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries
                        )
            );
            var read = SwatchWords.ReadReadings(
                JsonSerializer.SerializeToElement(said),
                ruler,
                errors
            );
            Bad(errors);
            return read;
        }

        private JsonElement Features()
        {
            List<FieldError> errors = [];
            var said = SwatchWords
                .Features.Select(f => (f.Name, Cell: Cell(f.Name)))
                .Where(f => f.Cell.Length > 0)
                .ToDictionary(f => f.Name, f => ValueOf(f.Cell));
            var read = SwatchWords.ReadFeatures(
                JsonSerializer.SerializeToElement(said),
                ruler,
                errors
            );
            Bad(errors);
            return read!.Value;
        }

        /// <summary>A figure, the lines of a scrap as they were written, or what is refused where it is read.</summary>
        private static object ValueOf(string cell)
        {
            if (
                double.TryParse(
                    cell.Replace(',', '.'),
                    NumberStyles.Float,
                    CultureInfo.InvariantCulture,
                    out var number
                )
            )
            {
                return number;
            }
            try
            {
                return cell.StartsWith('[') ? JsonSerializer.Deserialize<JsonElement>(cell) : cell;
            }
            catch (JsonException)
            {
                return cell;
            }
        }

        /// <summary>What is wrong within readings or settings stands in the column of that name.</summary>
        private void Bad(IEnumerable<FieldError> errors) =>
            Wrong.AddRange(
                errors.Select(e => new WrongLine(
                    line.Number,
                    e.Field[(e.Field.IndexOf('.', StringComparison.Ordinal) + 1)..].Split('[')[0],
                    e.Says
                ))
            );
    }
}
