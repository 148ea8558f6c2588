using System.Text.Json;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Photographs;
using ZephyrReach.Web.Measures;

namespace ZephyrReach.Web.Photographs;

/// <summary>What is measured in a picture.</summary>
/// <param name="What">rows, folds, strip, stitches or line.</param>
/// <param name="Scale">card, or { points: [[x, y], [x, y]], length }: two places in px, and how far apart they are.</param>
/// <param name="Part">Four corners of the part, round it, in px; its first side runs along the edge, strip or seam.</param>
/// <param name="Lines">Where a hand pulled the lines to, each as [[x, y], [x, y]]: then these are measured; left out, they are looked for.</param>
public sealed record MeasureAsk(
    string? What,
    JsonElement Scale,
    double[][]? Part,
    double[][][]? Lines = null
)
{
    /// <summary>More lines than these are not looked at.</summary>
    private const int MostLines = 400;

    /// <summary>The lines that a hand pulled; null where one is none.</summary>
    public IReadOnlyList<Line>? Pulled
    {
        get
        {
            if (Lines is not { Length: <= MostLines } all)
            {
                return null;
            }
            var read = all.Select(l => Read(l, 2) is [var from, var to] ? new Line(from, to) : null)
                .ToList();
            return read.Any(l => l is null) ? null : [.. read.Select(l => l!)];
        }
    }

    /// <summary>What to look for; null where that is not known.</summary>
    public Sought? Sought =>
        Enum.TryParse<Sought>(What, ignoreCase: true, out var sought)
        && Enum.IsDefined(sought)
        && !int.TryParse(What, out _)
            ? sought
            : null;

    public bool ByCard => Scale.ValueKind == JsonValueKind.String && Scale.GetString() == "card";

    /// <summary>The corners of the part; null where they are not four.</summary>
    public IReadOnlyList<Place>? Corners => Read(Part, 4);

    /// <summary>Two places and how far apart they are in mm; null where that is not said.</summary>
    public (Place From, Place To, double Mm)? Two(Ruler ruler)
    {
        if (
            Scale.ValueKind != JsonValueKind.Object
            || !Scale.TryGetProperty("points", out var points)
            || !Scale.TryGetProperty("length", out var length)
        )
        {
            return null;
        }
        try
        {
            var mm =
                length.ValueKind == JsonValueKind.Number ? length.GetDouble()
                : LengthReader.Read(length.GetString() ?? "", ruler.Units) is { IsRead: true } read
                    ? read.Length.Millimetres
                : 0;
            return
                Read(points.Deserialize<double[][]>(), 2) is [var from, var to]
                && mm is >= 2 and <= 5000
                && from.To(to) >= 10
                ? (from, to, mm)
                : null;
        }
        catch (Exception wrong) when (wrong is JsonException or InvalidOperationException)
        {
            return null;
        }
    }

    private static List<Place>? Read(double[][]? points, int count) =>
        points is { } all
        && all.Length == count
        && all.All(p => p is [var x, var y] && Math.Abs(x) < 1e6 && Math.Abs(y) < 1e6)
            ? [.. all.Select(p => new Place(p[0], p[1]))]
            : null;
}

/// <summary>What was measured.</summary>
/// <param name="Spacing">Of rows and folds from one to the next, of a strip its width, of stitches their length, of a seam how far it strays.</param>
/// <param name="Angle">Between the lines and the first side of the part, in degrees.</param>
/// <param name="Evenness">0 to 1.</param>
/// <param name="PlusMinus">About nine times in ten it is within so much of that.</param>
/// <param name="Lines">Each as [[x, y], [x, y]] in px of the picture.</param>
/// <param name="Odd">Which of them lie unlike the others, from 0.</param>
/// <param name="IsRectified">Whether slant and perspective were taken out.</param>
public sealed record MeasuredOut(
    LengthOut Spacing,
    double Angle,
    int Count,
    double Evenness,
    LengthOut PlusMinus,
    IReadOnlyList<double[][]> Lines,
    IReadOnlyList<int> Odd,
    bool IsRectified
)
{
    /// <summary>In mm.</summary>
    private const double FinelyTo = 20;

    public static MeasuredOut Of(Measured m, double scale, bool isRectified, Ruler ruler)
    {
        // A strip is written as anything is marked; what is small, finely.
        LengthOut Written(double mm) =>
            LengthOut.Of(
                Length.FromMillimetres(mm),
                mm < FinelyTo ? LengthKind.Fine : LengthKind.Marked,
                ruler
            );
        double[] At(Place p) => [Math.Round(p.X / scale, 2), Math.Round(p.Y / scale, 2)];
        return new(
            Written(m.Spacing),
            Math.Round(m.Angle, 2),
            m.Count,
            Math.Round(m.Evenness, 3),
            Written(m.PlusMinus),
            [.. m.Lines.Select(l => (double[][])[At(l.From), At(l.To)])],
            m.Odd,
            isRectified
        );
    }
}
