using System.Globalization;
using System.Xml;
using System.Xml.Linq;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Files;

public static partial class SvgLines
{
    /// <summary>Writes lines as an SVG at true size: user units are mm.</summary>
    public static string Write(IReadOnlyList<Path> lines, string name)
    {
        var reach = NamedShape.BoundsOf(lines);
        var (width, height) = (Text(reach.To.X), Text(reach.To.Y));
        return new XDocument(
            new XElement(
                Svg + "svg",
                new XAttribute("width", $"{width}mm"),
                new XAttribute("height", $"{height}mm"),
                new XAttribute("viewBox", $"0 0 {width} {height}"),
                new XAttribute("fill", "none"),
                new XAttribute("stroke", "#14213d"),
                new XAttribute("stroke-width", "0.3"),
                new XElement(Svg + "title", string.Concat(name.Where(XmlConvert.IsXmlChar))),
                lines.Select(l => new XElement(Svg + "path", new XAttribute("d", l.Data)))
            )
        ).ToString();
    }

    private static string Text(Length length) =>
        Math.Round(length.Millimetres, 3).ToString(CultureInfo.InvariantCulture);
}
