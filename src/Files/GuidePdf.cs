using PdfSharp.Drawing;
using PdfSharp.Fonts;
using PdfSharp.Pdf;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Files;

/// <summary>A size of paper, in mm.</summary>
public sealed record Paper(string Name, double Width, double Height)
{
    public static Paper A4 { get; } = new("a4", 210, 297);

    public static Paper Letter { get; } = new("letter", 215.9, 279.4);
}

/// <summary>What is written on a guide beside its lines.</summary>
/// <param name="Name">What it is a guide for, in the person's own words.</param>
/// <param name="Ruler">The units it is said in.</param>
public sealed record GuideSheet(string Name, Ruler Ruler);

/// <summary>
/// Writes a guide as a PDF at true size, in vectors, over as many sheets as it takes: each with a margin that every printer
/// leaves, a number, and match marks where it meets the next; the first with a square to test the printer by.
/// </summary>
public static class GuidePdf
{
    /// <summary>No printer leaves more white than this.</summary>
    private const double Margin = 12;

    /// <summary>What stands above the guide on the first row of sheets: the test square and the words.</summary>
    private const double Head = 62;

    private const double Square = 50;
    private const double Point = 72 / 25.4;

    /// <summary>More than this nobody sticks together.</summary>
    public const int MostSheets = 120;

    static GuidePdf() => GlobalFontSettings.FontResolver ??= new ShippedFont();

    /// <summary>How many sheets a guide takes, upright or lying, whichever is fewer.</summary>
    public static int SheetsOf(Guide guide, Paper paper)
    {
        var (lies, across, down) = Layout(guide, paper);
        return across * down;
    }

    /// <summary>Writes a guide.</summary>
    /// <exception cref="ArgumentException">It takes more than <see cref="MostSheets"/>.</exception>
    public static byte[] Write(Guide guide, Paper paper, GuideSheet sheet)
    {
        var (lies, across, down) = Layout(guide, paper);
        if (across * down > MostSheets)
        {
            throw new ArgumentException($"It takes {across * down} sheets.", nameof(guide));
        }
        var (wide, high) = Tile(paper, lies);
        using var document = new PdfDocument();
        document.Info.Title = $"{sheet.Name}: {guide.Title}";
        for (var row = 0; row < down; row++)
        {
            for (var column = 0; column < across; column++)
            {
                var page = document.AddPage();
                page.Width = XUnit.FromMillimeter(lies ? paper.Height : paper.Width);
                page.Height = XUnit.FromMillimeter(lies ? paper.Width : paper.Height);
                using var draw = XGraphics.FromPdfPage(page);
                var corner = new XPoint(column * wide, row * high - Head);
                Lines(draw, guide, corner, wide, high);
                Edges(draw, wide, high, column, row, across, down);
                Words(draw, guide, sheet, paper, row * across + column + 1, across * down, wide);
            }
        }
        using var stream = new MemoryStream();
        document.Save(stream);
        return stream.ToArray();
    }

    /// <summary>What of a sheet is drawn on.</summary>
    private static (double Wide, double High) Tile(Paper paper, bool lies) =>
        lies
            ? (paper.Height - 2 * Margin, paper.Width - 2 * Margin)
            : (paper.Width - 2 * Margin, paper.Height - 2 * Margin);

    private static (bool Lies, int Across, int Down) Layout(Guide guide, Paper paper)
    {
        var (upright, lying) = (Sheets(false), Sheets(true));
        return lying.Across * lying.Down < upright.Across * upright.Down
            ? (true, lying.Across, lying.Down)
            : (false, upright.Across, upright.Down);

        (int Across, int Down) Sheets(bool lies)
        {
            var (wide, high) = Tile(paper, lies);
            return (
                (int)Math.Max(1, Rounding.CeilingTolerant(guide.Width.Millimetres / wide)),
                (int)Math.Max(1, Rounding.CeilingTolerant((guide.Height.Millimetres + Head) / high))
            );
        }
    }

    private static void Lines(XGraphics draw, Guide guide, XPoint corner, double wide, double high)
    {
        var before = draw.Save();
        draw.IntersectClip(Box(0, 0, wide, high));
        foreach (
            var line in guide
                .Outline.Concat(guide.Lines)
                .Concat(guide.Paths.SelectMany(Straightened))
        )
        {
            var (x1, x2) = (line.From.X.Millimetres - corner.X, line.To.X.Millimetres - corner.X);
            var (y1, y2) = (line.From.Y.Millimetres - corner.Y, line.To.Y.Millimetres - corner.Y);
            // What does not touch this sheet is not written on it.
            if (
                Math.Max(x1, x2) < 0
                || Math.Min(x1, x2) > wide
                || Math.Max(y1, y2) < 0
                || Math.Min(y1, y2) > high
            )
            {
                continue;
            }
            var pen = new XPen(XColors.Black, line.Number > 0 ? 0.3 * Point : 0.2 * Point);
            if (GuideLook.DashOf(line.Meaning) is { Count: > 0 } dash)
            {
                // In widths of the pen.
                pen.DashPattern = [.. dash.Select(d => d * Point / pen.Width)];
            }
            draw.DrawLine(pen, At(x1, y1), At(x2, y2));
            if (line.Label.Length > 0 && x1 >= 0 && y1 >= -5)
            {
                draw.DrawString(line.Label, Font(8), XBrushes.Black, At(x1 + 0.8, y1 + 4));
            }
        }
        draw.Restore(before);
    }

    /// <summary>A curve as straight pieces that no printer tells from it.</summary>
    private static IEnumerable<GuideLine> Straightened(GuidePath path)
    {
        var line = new MeasuredPath(path.Path);
        var points = line.Points(0, line.Total, 0.03);
        return points
            .Zip(points.Skip(1))
            .Select(
                (p, i) =>
                    new GuideLine(1, p.First, p.Second, path.Meaning, i == 0 ? path.Label : "")
            );
    }

    /// <summary>The frame of the sheet, with a triangle half way along each edge that meets another sheet: put together, two make a diamond.</summary>
    private static void Edges(
        XGraphics draw,
        double wide,
        double high,
        int column,
        int row,
        int across,
        int down
    )
    {
        var pen = new XPen(XColors.Gray, 0.1 * Point);
        draw.DrawRectangle(pen, Box(0, 0, wide, high));
        void Mark(double x, double y, double dx, double dy, string name)
        {
            draw.DrawPolygon(
                XBrushes.Black,
                [
                    At(x - dy * 3, y - dx * 3),
                    At(x + dy * 3, y + dx * 3),
                    At(x + dx * 3, y + dy * 3),
                ],
                XFillMode.Winding
            );
            draw.DrawString(name, Font(7), XBrushes.Black, At(x + dx * 5 - 1.5, y + dy * 5 + 1.5));
        }
        // The joint between two sheets has one name on both: the row and the column before it.
        if (column > 0)
        {
            Mark(0, high / 2, 1, 0, $"{row + 1}.{column}");
        }
        if (column < across - 1)
        {
            Mark(wide, high / 2, -1, 0, $"{row + 1}.{column + 1}");
        }
        if (row > 0)
        {
            Mark(wide / 2, 0, 0, 1, $"{Letter(column)}{row}");
        }
        if (row < down - 1)
        {
            Mark(wide / 2, high, 0, -1, $"{Letter(column)}{row + 1}");
        }
    }

    private static string Letter(int column) => $"{(char)('A' + column % 26)}";

    private static void Words(
        XGraphics draw,
        Guide guide,
        GuideSheet sheet,
        Paper paper,
        int number,
        int count,
        double wide
    )
    {
        var units = sheet.Ruler.Units == UnitSystem.Metric ? "centimetres" : "inches";
        draw.DrawString(
            $"{Fitted(sheet.Name)} · sheet {number} of {count} · print at 100 %, not “fitted to the page” · {units}",
            Font(8),
            XBrushes.Black,
            At(0, -3)
        );
        if (number > 1)
        {
            return;
        }
        draw.DrawRectangle(new XPen(XColors.Black, 0.2 * Point), Box(4, 4, Square, Square));
        draw.DrawString(
            $"{sheet.Ruler.Write(Length.FromMillimetres(Square), LengthKind.Fine)} square:",
            Font(9),
            XBrushes.Black,
            At(7, 26)
        );
        draw.DrawString("measure it first", Font(9), XBrushes.Black, At(7, 31));
        var x = Square + 10;
        draw.DrawString(Fitted(sheet.Name), Font(14), XBrushes.Black, At(x, 12));
        draw.DrawString(guide.Title, Font(11), XBrushes.Black, At(x, 20));
        draw.DrawString(
            $"{sheet.Ruler.Write(guide.Width, LengthKind.Tape)} × {sheet.Ruler.Write(guide.Height, LengthKind.Tape)}",
            Font(11),
            XBrushes.Black,
            At(x, 27)
        );
        var y = 35.0;
        foreach (var part in Wrapped(guide.Says, (wide - x) * Point, Font(9), draw))
        {
            draw.DrawString(part, Font(9), XBrushes.Black, At(x, y));
            y += 4.5;
        }
        if (count > 1)
        {
            draw.DrawString(
                "Cut along the grey frames, and join where the triangles and their names meet.",
                Font(9),
                XBrushes.Black,
                At(x, y)
            );
        }
    }

    private static IEnumerable<string> Wrapped(
        string text,
        double width,
        XFont font,
        XGraphics draw
    )
    {
        var line = "";
        foreach (var word in text.Split(' '))
        {
            var longer = line.Length == 0 ? word : $"{line} {word}";
            if (line.Length > 0 && draw.MeasureString(longer, font).Width > width)
            {
                yield return line;
                line = word;
            }
            else
            {
                line = longer;
            }
        }
        yield return line;
    }

    private static string Fitted(string name) => name.Length <= 46 ? name : Cut.To(name, 45) + "…";

    private static XPoint At(double x, double y) => new((Margin + x) * Point, (Margin + y) * Point);

    private static XRect Box(double x, double y, double width, double height) =>
        new(At(x, y), new XSize(width * Point, height * Point));

    private static XFont Font(double size) => new(ShippedFont.Name, size);

    /// <summary>The font that ships with the program, and no other.</summary>
    private sealed class ShippedFont : IFontResolver
    {
        public const string Name = "Figtree";

        private static readonly byte[] Bytes = Read();

        public FontResolverInfo ResolveTypeface(string familyName, bool isBold, bool isItalic) =>
            new(Name);

        public byte[] GetFont(string faceName) => Bytes;

        private static byte[] Read()
        {
            using var stream = typeof(GuidePdf).Assembly.GetManifestResourceStream(
                "Figtree-Medium.ttf"
            )!;
            var bytes = new byte[stream.Length];
            stream.ReadExactly(bytes);
            return bytes;
        }
    }
}
