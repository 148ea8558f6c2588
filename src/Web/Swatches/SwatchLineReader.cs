using System.Globalization;
using System.Text.Json;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Drawer;

namespace ZephyrReach.Web.Swatches;

public static partial class SwatchFileEndpoints
{
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
