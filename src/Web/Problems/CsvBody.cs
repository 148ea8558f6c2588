using System.Text;
using ZephyrReach.Files;

namespace ZephyrReach.Web.Problems;

/// <summary>Reads the body of a request as a table.</summary>
public static class CsvBody
{
    /// <summary>Reads the table; or gives the problem to answer with.</summary>
    /// <param name="mostLines">A longer table is refused.</param>
    public static async Task<(
        IReadOnlyList<string> Columns,
        IReadOnlyList<CsvLine> Lines,
        IResult? Refused
    )> ReadAsync(HttpContext http, int mostLines)
    {
        if (
            http.Request.ContentType?.StartsWith("text/csv", StringComparison.OrdinalIgnoreCase)
            != true
        )
        {
            return (
                [],
                [],
                Results.Problem(
                    title: "The body has to be CSV, with the content type text/csv.",
                    statusCode: StatusCodes.Status415UnsupportedMediaType
                )
            );
        }
        using var body = new StreamReader(http.Request.Body, Encoding.UTF8);
        try
        {
            var (columns, lines) = CsvTable.Read(await body.ReadToEndAsync(http.RequestAborted));
            return lines.Count > mostLines
                ? (
                    [],
                    [],
                    Problem.Field(
                        "file",
                        $"The file has {lines.Count} lines; {mostLines} can be taken in at once."
                    )
                )
                : (columns, lines, null);
        }
        catch (FormatException no)
        {
            return ([], [], Problem.Field("file", no.Message));
        }
    }
}
