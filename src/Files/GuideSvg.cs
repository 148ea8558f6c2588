using System.Globalization;
using System.Xml.Linq;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Files;

/// <summary>Writes a guide as one SVG at true size: user units are mm, 0 is the left cut edge.</summary>
public static class GuideSvg
{
    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    /// <summary>Writes a guide. Every mark is a <c>line</c> with its number in <c>data-mark</c>.</summary>
    /// <param name="name">What it is a guide for, in the person's own words.</param>
    public static string Write(Guide guide, string name)
    {
        var (width, height) = (Text(guide.Width), Text(guide.Height));
        return new XDocument(
            new XElement(
                Svg + "svg",
                new XAttribute("width", $"{width}mm"),
                new XAttribute("height", $"{height}mm"),
                new XAttribute("viewBox", $"0 0 {width} {height}"),
                new XAttribute("fill", "none"),
                new XAttribute("stroke", "#14213d"),
                new XAttribute("stroke-width", "0.3"),
                new XAttribute("font-family", "sans-serif"),
                new XAttribute("font-size", "4"),
                new XElement(Svg + "title", Clean($"{name}: {guide.Title}")),
                new XElement(Svg + "desc", Clean($"{guide.Says} Print at 100 %.")),
                guide.Outline.Select(Line),
                guide.Lines.Select(Line),
                guide.Paths.Select(
                    (p, i) =>
                        new XElement(
                            Svg + "path",
                            new XAttribute("d", p.Path.Data),
                            // Numbered on after what is straight.
                            new XAttribute(
                                "data-mark",
                                guide.Lines.Select(l => l.Number).DefaultIfEmpty().Max() + i + 1
                            ),
                            Dashed(p.Meaning)
                        )
                ),
                guide.Labels.Select(l => new XElement(
                    Svg + "text",
                    new XAttribute("x", Text(l.At.X + Length.FromMillimetres(0.8))),
                    new XAttribute("y", Text(l.At.Y + Length.FromMillimetres(4.5))),
                    new XAttribute("fill", "#14213d"),
                    new XAttribute("stroke", "none"),
                    Clean(l.Text)
                ))
            )
        ).ToString();
    }

    private static XElement Line(GuideLine line)
    {
        var element = new XElement(
            Svg + "line",
            new XAttribute("x1", Text(line.From.X)),
            new XAttribute("y1", Text(line.From.Y)),
            new XAttribute("x2", Text(line.To.X)),
            new XAttribute("y2", Text(line.To.Y))
        );
        if (line.Number > 0)
        {
            element.Add(new XAttribute("data-mark", line.Number));
        }
        element.Add(Dashed(line.Meaning));
        return element;
    }

    private static XAttribute? Dashed(LineMeaning meaning) =>
        GuideLook.DashOf(meaning) is { Count: > 0 } dash
            ? new XAttribute(
                "stroke-dasharray",
                string.Join(' ', dash.Select(d => d.ToString(CultureInfo.InvariantCulture)))
            )
            : null;

    /// <summary>To a thousandth of a millimetre.</summary>
    private static string Text(Length length) =>
        Math.Round(length.Millimetres, 3).ToString(CultureInfo.InvariantCulture);

    /// <summary>Without what XML cannot hold.</summary>
    private static string Clean(string text) =>
        string.Concat(text.Where(System.Xml.XmlConvert.IsXmlChar));
}

/// <summary>How lines of a guide are told apart on paper, where there is no colour: by their dashes, in mm.</summary>
internal static class GuideLook
{
    public static IReadOnlyList<double> DashOf(LineMeaning meaning) =>
        meaning switch
        {
            LineMeaning.Stitch => [3, 1.2],
            LineMeaning.Seam => [0.3, 1.4],
            LineMeaning.Tear => [1, 1],
            _ => [],
        };
}
