using System.Text;
using ZephyrReach.Files;

namespace ZephyrReach.Web.Problems;

/// <summary>Reads the body of a request as a table.</summary>
public static class CsvBody
{
    /// <summary>A longer table is refused.</summary>
    private const int MostLines = 5000;

    /// <summary>
    /// Reads the table. Its letters are those of its byte order mark, else of the charset that is declared, else UTF-8.
    /// </summary>
    /// <param name="wrongWith">What is wrong with a heading, or null.</param>
    /// <exception cref="RefusedException">It is no table, or its heading is wrong.</exception>
    public static async Task<IReadOnlyList<CsvLine>> ReadAsync(
        HttpContext http,
        Func<IReadOnlyList<string>, string?> wrongWith
    )
    {
        if (
            !System.Net.Http.Headers.MediaTypeHeaderValue.TryParse(
                http.Request.ContentType,
                out var type
            ) || !string.Equals(type.MediaType, "text/csv", StringComparison.OrdinalIgnoreCase)
        )
        {
            throw new RefusedException(
                Results.Problem(
                    title: "The body must be CSV, with the content type text/csv.",
                    statusCode: StatusCodes.Status415UnsupportedMediaType
                )
            );
        }
        using var body = new MemoryStream();
        await http.Request.Body.CopyToAsync(body, http.RequestAborted);
        try
        {
            return CsvTable.Read(
                Text(body.ToArray(), type.CharSet),
                wrongWith,
                MostLines,
                http.RequestAborted
            );
        }
        catch (FormatException no)
        {
            throw new RefusedException(Problem.Field("file", no.Message));
        }
    }

    /// <exception cref="FormatException">The bytes are no such letters, or the charset is not known.</exception>
    private static string Text(byte[] bytes, string? charset)
    {
        var letters = bytes switch
        {
            [0xEF, 0xBB, 0xBF, ..] => "utf-8",
            [0xFF, 0xFE, ..] => "utf-16",
            [0xFE, 0xFF, ..] => "utf-16BE",
            _ => charset?.Trim('"') ?? "utf-8",
        };
        try
        {
            // The code pages of older spreadsheets too.
            var encoding =
                CodePagesEncodingProvider.Instance.GetEncoding(
                    letters,
                    EncoderFallback.ExceptionFallback,
                    DecoderFallback.ExceptionFallback
                )
                ?? Encoding.GetEncoding(
                    letters,
                    EncoderFallback.ExceptionFallback,
                    DecoderFallback.ExceptionFallback
                );
            return encoding.GetString(bytes);
        }
        catch (DecoderFallbackException)
        {
            throw new FormatException(
                $"The file is not {letters.ToUpperInvariant()}: save it as CSV in UTF-8, or say its charset with the content type."
            );
        }
        catch (Exception no) when (no is ArgumentException or NotSupportedException)
        {
            throw new FormatException(
                $"The charset “{letters}” is not known: save the file in UTF-8."
            );
        }
    }
}
