using System.Text.RegularExpressions;
using System.Xml;
using System.Xml.Linq;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Files;

/// <summary>What came of reading lines from an SVG file.</summary>
/// <param name="Lines">In mm, from the top left of all of them; empty where something is wrong.</param>
/// <param name="Wrong">What is wrong with the file, in a sentence; empty where nothing is.</param>
public sealed record LinesRead(IReadOnlyList<Path> Lines, string Wrong);

/// <summary>Lines and outlines from SVG files, and to them. A file from elsewhere is read for its geometry, and for nothing else.</summary>
public static partial class SvgLines
{
    /// <summary>A larger file is refused.</summary>
    public const int MostBytes = 1024 * 1024;

    /// <summary>Groups within groups; deeper no hand draws.</summary>
    private const int MostDepth = 60;

    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    /// <summary>Elements whose content is not drawn where it stands.</summary>
    private static readonly HashSet<string> NotDrawn =
    [
        "defs",
        "symbol",
        "clipPath",
        "mask",
        "pattern",
        "marker",
        "metadata",
        "title",
        "desc",
        "style",
        "filter",
        "linearGradient",
        "radialGradient",
    ];

    /// <summary>Reads the lines of a file.</summary>
    /// <param name="file">The file, of at most <see cref="MostBytes"/>.</param>
    /// <param name="width">How wide they are wanted; null for as they are.</param>
    /// <param name="height">How high; with a width too, they fit into both.</param>
    /// <param name="outlines">Whether each has to be closed, and may not cross itself.</param>
    public static LinesRead Read(Stream file, Length? width, Length? height, bool outlines)
    {
        var reading = new Reading();
        try
        {
            using var reader = XmlReader.Create(
                file,
                new XmlReaderSettings
                {
                    DtdProcessing = DtdProcessing.Prohibit,
                    XmlResolver = null,
                    MaxCharactersInDocument = MostBytes,
                    IgnoreComments = true,
                    IgnoreProcessingInstructions = true,
                }
            );
            reading.All(reader);
        }
        catch (XmlException wrong)
        {
            return Refused(
                wrong.Message.Contains("DTD", StringComparison.Ordinal)
                    ? "The file declares entities or a document type: save it as plain SVG."
                    : $"The SVG is damaged at line {wrong.LineNumber}."
            );
        }
        return reading.Wrong.Length > 0
            ? Refused(reading.Wrong)
            : Sized(reading.Lines, width, height, outlines);
    }

    private static LinesRead Sized(
        IReadOnlyList<Path> lines,
        Length? width,
        Length? height,
        bool outlines
    )
    {
        if (lines.Count == 0)
        {
            return Refused(
                "There is no line in the file. Letters must be turned into outlines first."
            );
        }
        var reach = NamedShape.BoundsOf(lines);
        if (Length.Max(reach.Width, reach.Height).Millimetres < 1e-6)
        {
            return Refused("All that is in the file lies in one point.");
        }
        var scale = Math.Min(
            width is { } w && reach.Width.Millimetres > 1e-6 ? w / reach.Width : double.MaxValue,
            height is { } h && reach.Height.Millimetres > 1e-6 ? h / reach.Height : double.MaxValue
        );
        var place = Affine
            .Move(-reach.From.X.Millimetres, -reach.From.Y.Millimetres)
            .Then(scale < double.MaxValue ? Affine.Scale(scale, scale) : Affine.Same);
        IReadOnlyList<Path> sized = [.. lines.Select(place.Of)];
        if (sized.Any(l => new MeasuredPath(l).Total < 0.5))
        {
            sized = [.. sized.Where(l => new MeasuredPath(l).Total >= 0.5)];
        }
        if (outlines && sized.Select(Unclosed).FirstOrDefault(u => u is not null) is { } open)
        {
            return Refused(open);
        }
        if (outlines)
        {
            sized = [.. sized.Select(l => l with { IsClosed = true })];
            if (sized.Select(Area.Wrong).FirstOrDefault(x => x is not null) is { } wrong)
            {
                return Refused($"An outline cannot be cut out. {wrong}");
            }
        }
        return new(sized, "");
    }

    private static string? Unclosed(Path line)
    {
        var apart = line.Gap.Millimetres;
        return line.IsClosed || apart <= Core.Inputs.PathDataField.Meeting
            ? null
            : $"An outline is not closed: its ends lie {DecimalText.Write(apart, 1)} mm apart.";
    }

    private static LinesRead Refused(string wrong) => new([], wrong);

    /// <summary>No measure needs more; a longer text is none, and is not looked at.</summary>
    private const int LongestMeasure = 60;

    // What repeats is bounded, so that no text makes it go over itself again and again.
    [GeneratedRegex(@"^([+-]?[0-9.]+(?:[eE][+-]?\d+)?)\s{0,9}([a-z%]*)$")]
    private static partial Regex Measure();

    [GeneratedRegex(@"(\b\w{1,20})\s{0,9}\(([^()]*)\)")]
    private static partial Regex OneTransform();

    [GeneratedRegex(@"[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?")]
    private static partial Regex OneNumber();
}
