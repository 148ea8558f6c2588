using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace ZephyrReach.Files;

/// <summary>A line of a table: its number in the file, and its cells by column.</summary>
public sealed record CsvLine(int Number, IReadOnlyDictionary<string, string> Cells);

/// <summary>Tables as CSV after RFC 4180: a heading, commas, quotes where they are needed, UTF-8.</summary>
public static class CsvTable
{
    /// <summary>Writes a table.</summary>
    /// <param name="columns">The heading.</param>
    /// <param name="rows">Cells in the order of the columns.</param>
    public static string Write(
        IReadOnlyList<string> columns,
        IEnumerable<IReadOnlyList<string>> rows
    )
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, Settings()))
        {
            foreach (var column in columns)
            {
                csv.WriteField(column);
            }
            csv.NextRecord();
            foreach (var row in rows)
            {
                foreach (var cell in row)
                {
                    csv.WriteField(cell);
                }
                csv.NextRecord();
            }
        }
        return text.ToString();
    }

    /// <summary>Reads a table. Empty lines are passed over; a line that is too short has empty cells at its end.</summary>
    /// <exception cref="FormatException">There is no heading, or a quote is never closed.</exception>
    public static (IReadOnlyList<string> Columns, IReadOnlyList<CsvLine> Lines) Read(string text)
    {
        try
        {
            using var csv = new CsvReader(new StringReader(text.TrimStart('\uFEFF')), Settings());
            if (!csv.Read() || !csv.ReadHeader() || csv.HeaderRecord is not { Length: > 0 } header)
            {
                throw new FormatException(
                    "The file is empty: its first line has to name the columns."
                );
            }
            List<string> columns = [.. header.Select(h => h.Trim())];
            List<CsvLine> lines = [];
            while (csv.Read())
            {
                var cells = new Dictionary<string, string>();
                for (var i = 0; i < columns.Count; i++)
                {
                    cells[columns[i]] = (
                        csv.TryGetField<string>(i, out var cell) ? cell : ""
                    )!.Trim();
                }
                if (cells.Values.Any(c => c.Length > 0))
                {
                    lines.Add(new CsvLine(csv.Parser.RawRow, cells));
                }
            }
            return (columns, lines);
        }
        catch (BadDataException)
        {
            throw new FormatException(
                "A quote is opened and never closed, or stands in the middle of a cell."
            );
        }
    }

    private static CsvConfiguration Settings() =>
        new(CultureInfo.InvariantCulture)
        {
            IgnoreBlankLines = true,
            DetectDelimiter = true,
            DetectDelimiterValues = [",", ";", "\t"],
        };
}
