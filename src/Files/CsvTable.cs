using System.Buffers;
using System.Text;
using System.Text.RegularExpressions;

namespace ZephyrReach.Files;

/// <summary>A line of a table: its number in the file, and its cells by column.</summary>
public sealed record CsvLine(int Number, IReadOnlyDictionary<string, string> Cells);

/// <summary>
/// Tables as CSV after RFC 4180: a heading, cells parted by commas (semicolons and tabs are read too), quotes where they are
/// needed.
/// </summary>
/// <remarks>
/// Read by ourselves, because a reader that takes a stray quote (1/4" elastic) for an opening one swallows the lines after it
/// without a word. What a spreadsheet would take for a formula goes out with an apostrophe before it, which is taken off
/// again on the way in.
/// </remarks>
public static partial class CsvTable
{
    private static readonly char[] Delimiters = [',', ';', '\t'];

    private static readonly SearchValues<char> NeedQuotes = SearchValues.Create("\",;\t\r\n");

    /// <summary>Writes a table.</summary>
    /// <param name="columns">The heading.</param>
    /// <param name="rows">Cells in the order of the columns.</param>
    public static string Write(
        IReadOnlyList<string> columns,
        IEnumerable<IReadOnlyList<string>> rows
    )
    {
        var text = new StringBuilder();
        foreach (var row in rows.Prepend(columns))
        {
            text.AppendJoin(',', row.Select(c => Quoted(Disarmed(c)))).Append("\r\n");
        }
        return text.ToString();
    }

    /// <summary>Reads a table. Empty lines are passed over; a line that is too short has empty cells at its end.</summary>
    /// <param name="wrongWith">What is wrong with a heading, or null; asked before any line is read.</param>
    /// <param name="mostLines">A longer table is refused.</param>
    /// <exception cref="FormatException">There is no heading, or a line that cannot be read; the message names it.</exception>
    public static IReadOnlyList<CsvLine> Read(
        string text,
        Func<IReadOnlyList<string>, string?> wrongWith,
        int mostLines,
        CancellationToken cancel
    )
    {
        if (text.Contains('\0'))
        {
            throw new FormatException("The file has the character U+0000 in it: is it a table?");
        }
        using var records = Records(text.TrimStart('\uFEFF'), cancel).GetEnumerator();
        if (!records.MoveNext())
        {
            throw new FormatException("The file is empty: its first line has to name the columns.");
        }
        IReadOnlyList<string> columns = [.. records.Current.Cells.Select(c => c.Trim())];
        var twice = columns.GroupBy(c => c).FirstOrDefault(g => g.Count() > 1)?.Key;
        if (
            (twice is null ? wrongWith(columns) : $"The column “{twice}” stands there twice.") is
            { } no
        )
        {
            throw new FormatException(no);
        }
        List<CsvLine> lines = [];
        while (records.MoveNext())
        {
            var (number, cells) = records.Current;
            if (lines.Count == mostLines)
            {
                throw new FormatException(
                    $"The file has more than {mostLines} lines; no more can be taken in at once."
                );
            }
            if (cells.Skip(columns.Count).Any(c => c.Trim().Length > 0))
            {
                throw new FormatException(
                    $"Line {number} has {cells.Count} cells, and there are {columns.Count} columns: a comma in a text needs quotes around it."
                );
            }
            lines.Add(
                new CsvLine(
                    number,
                    columns
                        .Select((name, i) => (name, Cell: i < cells.Count ? cells[i] : ""))
                        .ToDictionary(c => c.name, c => Armed(c.Cell.Trim()))
                )
            );
        }
        return lines;
    }

    /// <summary>The lines that say anything, each with the number of the line in the file that it begins in.</summary>
    private static IEnumerable<(int Number, IReadOnlyList<string> Cells)> Records(
        string text,
        CancellationToken cancel
    )
    {
        var heading = text.Split('\n', 2)[0];
        var delimiter = Delimiters.MaxBy(d => heading.Count(c => c == d));
        var (at, line) = (0, 1);
        while (at < text.Length)
        {
            cancel.ThrowIfCancellationRequested();
            var begun = line;
            List<string> cells = [];
            do
            {
                cells.Add(
                    at < text.Length && text[at] == '"'
                        ? QuotedCell(text, delimiter, ref at, ref line)
                        : PlainCell(text, delimiter, ref at)
                );
            } while (at < text.Length && text[at++] == delimiter);
            if (at > 0 && text[at - 1] == '\n')
            {
                line++;
            }
            if (cells.Any(c => c.Trim().Length > 0))
            {
                yield return (begun, cells);
            }
        }
    }

    /// <summary>A cell without quotes around it; one within it is a character like any other.</summary>
    private static string PlainCell(string text, char delimiter, ref int at)
    {
        var begun = at;
        while (at < text.Length && text[at] != delimiter && text[at] != '\n')
        {
            at++;
        }
        return text[begun..at].TrimEnd('\r');
    }

    private static string QuotedCell(string text, char delimiter, ref int at, ref int line)
    {
        var opened = line;
        var cell = new StringBuilder();
        for (at++; at < text.Length; at++)
        {
            if (text[at] == '"')
            {
                if (at + 1 >= text.Length || text[at + 1] != '"')
                {
                    break;
                }
                at++;
            }
            else if (text[at] == '\n')
            {
                line++;
            }
            cell.Append(text[at]);
        }
        if (at >= text.Length)
        {
            throw new FormatException(
                $"The quote that is opened in line {opened} is never closed."
            );
        }
        at++;
        while (at < text.Length && text[at] is ' ' or '\r')
        {
            at++;
        }
        if (at < text.Length && text[at] != delimiter && text[at] != '\n')
        {
            throw new FormatException(
                $"In line {line} a text goes on after its closing quote: a quote within quotes is written twice."
            );
        }
        return cell.ToString();
    }

    private static string Quoted(string cell) =>
        cell.AsSpan().ContainsAny(NeedQuotes)
            ? $"\"{cell.Replace("\"", "\"\"", StringComparison.Ordinal)}\""
            : cell;

    private static string Disarmed(string cell) =>
        LikeFormula().IsMatch(cell) && !Number().IsMatch(cell) ? "'" + cell : cell;

    private static string Armed(string cell) =>
        cell.StartsWith('\'') && LikeFormula().IsMatch(cell) ? cell[1..] : cell;

    /// <summary>A text that is a formula to a spreadsheet, or was one before it was disarmed.</summary>
    [GeneratedRegex(@"^'*[=+\-@\t\r]")]
    private static partial Regex LikeFormula();

    [GeneratedRegex(@"^[+\-]?\d+([.,]\d+)?$")]
    private static partial Regex Number();
}
