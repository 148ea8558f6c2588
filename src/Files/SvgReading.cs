using System.Xml;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Files;

public static partial class SvgLines
{
    /// <summary>One file as it is read, element by element.</summary>
    private sealed class Reading
    {
        private readonly List<Path> lines = [];
        private readonly Stack<Affine> places = new();
        private int steps;

        public IReadOnlyList<Path> Lines => lines;

        public string Wrong { get; private set; } = "";

        public void All(XmlReader reader)
        {
            var skipped = 0;
            while (Wrong.Length == 0 && reader.Read())
            {
                switch (reader.NodeType)
                {
                    case XmlNodeType.Element:
                        var isEmpty = reader.IsEmptyElement;
                        var name = reader.LocalName;
                        var says = AttributesOf(reader);
                        Refuse(name, says);
                        if (places.Count == 0 && name != "svg")
                        {
                            Wrong = "This isn’t an SVG file.";
                        }
                        var isHidden =
                            skipped > 0
                            || NotDrawn.Contains(name)
                            || says.GetValueOrDefault("display") == "none"
                            || Squeezed(says.GetValueOrDefault("style"))
                                .Contains("display:none", StringComparison.Ordinal);
                        var place = Placed(name, says);
                        if (!isHidden && Wrong.Length == 0)
                        {
                            Draw(name, says, place);
                        }
                        if (!isEmpty)
                        {
                            places.Push(place);
                            skipped = isHidden ? skipped + 1 : 0;
                            if (places.Count > MostDepth)
                            {
                                Wrong =
                                    "Its groups lie too deep within each other: ungroup it where it was drawn.";
                            }
                        }
                        break;
                    case XmlNodeType.EndElement:
                        places.Pop();
                        skipped = Math.Max(0, skipped - 1);
                        break;
                }
            }
        }

        private void Refuse(string name, Dictionary<string, string> says)
        {
            if (name is "script" or "foreignObject" || says.Keys.Any(IsHandler))
            {
                Wrong = "The file holds a script: save it as plain SVG, and it can be read.";
            }
            else if (name is "use" or "a" or "image" || says.ContainsKey("href"))
            {
                Wrong =
                    "The file holds links to something else: turn clones and pictures into paths where it was drawn.";
            }
        }

        private static bool IsHandler(string name) =>
            name.StartsWith("on", StringComparison.OrdinalIgnoreCase);

        private static Dictionary<string, string> AttributesOf(XmlReader reader)
        {
            Dictionary<string, string> says = [];
            while (reader.MoveToNextAttribute())
            {
                if (reader.Prefix != "xmlns" && reader.Name != "xmlns")
                {
                    says[reader.LocalName] = reader.Value;
                }
            }
            return says;
        }

        private Affine Placed(string name, Dictionary<string, string> says)
        {
            var around = places.Count > 0 ? places.Peek() : Affine.Same;
            var own = Affine.Same;
            if (says.TryGetValue("transform", out var transform))
            {
                if (Transform(transform) is not { } read)
                {
                    Wrong = $"A change of place cannot be read: “{Shortened(transform)}”.";
                    return around;
                }
                own = read;
            }
            if (name == "svg")
            {
                own = Viewed(says).Then(own);
            }
            return own.Then(around);
        }

        /// <summary>From user units to mm: by the width that is said for the view box, else 96 to the inch.</summary>
        private Affine Viewed(Dictionary<string, string> says)
        {
            const double pixel = Length.MillimetresPerInch / 96;
            var box = Numbers(says.GetValueOrDefault("viewBox") ?? "");
            var (width, height) = (Mm(says, "width"), Mm(says, "height"));
            var isInner = places.Count > 0;
            if (box is not [var x, var y, > 0 and var wide, > 0 and var high])
            {
                return isInner ? Affine.Same : Affine.Scale(pixel, pixel);
            }
            var scale =
                width is > 0 && height is > 0 ? Math.Min(width.Value / wide, height.Value / high)
                : width is > 0 ? width.Value / wide
                : height is > 0 ? height.Value / high
                : pixel;
            // Within another one units are those of the outer.
            scale = isInner ? scale / pixel : scale;
            return Affine.Move(-x, -y).Then(Affine.Scale(scale, scale));
        }

        private static double? Mm(Dictionary<string, string> says, string name)
        {
            var text = (says.GetValueOrDefault(name) ?? "").Trim();
            var found = Measure().Match(text);
            if (
                text.Length > LongestMeasure
                || !found.Success
                || !Number(found.Groups[1].Value, out var number)
            )
            {
                return null;
            }
            const double inch = Length.MillimetresPerInch;
            return found.Groups[2].Value switch
            {
                "mm" => number,
                "cm" => number * 10,
                "in" => number * inch,
                "pt" => number * inch / 72,
                "pc" => number * inch / 6,
                "%" => null,
                _ => number * inch / 96,
            };
        }

        private void Draw(string name, Dictionary<string, string> says, Affine place)
        {
            double number(string key) =>
                Number(
                    (says.GetValueOrDefault(key) ?? "0").Replace(
                        "px",
                        "",
                        StringComparison.Ordinal
                    ),
                    out var n
                )
                    ? n
                    : 0;
            switch (name)
            {
                case "path":
                    if (says.GetValueOrDefault("d") is { } d && d.Trim().Length > 0)
                    {
                        if (PathData.Read(d, out var paths) is { } wrong)
                        {
                            Wrong = $"A path cannot be used. {wrong}";
                            return;
                        }
                        Add(paths, place);
                    }
                    break;
                case "rect" when number("width") > 0 && number("height") > 0:
                    Add([Box(number)], place);
                    break;
                case "circle" when number("r") > 0:
                    Add([Oval(number("cx"), number("cy"), number("r"), number("r"))], place);
                    break;
                case "ellipse" when number("rx") > 0 && number("ry") > 0:
                    Add([Oval(number("cx"), number("cy"), number("rx"), number("ry"))], place);
                    break;
                case "line":
                    Add(
                        [
                            Path.Of(
                                false,
                                Point.At(number("x1"), number("y1")),
                                Point.At(number("x2"), number("y2"))
                            ),
                        ],
                        place
                    );
                    break;
                case "polyline" or "polygon":
                    var all = Numbers(says.GetValueOrDefault("points") ?? "");
                    if (all.Count >= 4)
                    {
                        Add(
                            [
                                Path.Of(
                                    name == "polygon",
                                    [
                                        .. Enumerable
                                            .Range(0, all.Count / 2)
                                            .Select(i => Point.At(all[2 * i], all[2 * i + 1])),
                                    ]
                                ),
                            ],
                            place
                        );
                    }
                    break;
            }
        }

        private void Add(IReadOnlyList<Path> paths, Affine place)
        {
            steps += paths.Sum(p => p.Steps.Count);
            if (steps > PathData.MostSteps)
            {
                Wrong =
                    $"The file has more than {PathData.MostSteps} segments: simplify it where it was drawn.";
                return;
            }
            if (!place.IsWithin(1e9))
            {
                Wrong = "Something in it is changed by a figure beyond all measure.";
                return;
            }
            if (Math.Abs(place.Determinant) < 1e-12)
            {
                return;
            }
            foreach (var path in paths.Select(place.Of))
            {
                if (
                    path.Bounds is var b
                    && new[] { b.From.X, b.From.Y, b.To.X, b.To.Y }.Any(l =>
                        !(Math.Abs(l.Millimetres) < 1e6)
                    )
                )
                {
                    Wrong = "Something in it lies further than a kilometre away.";
                    return;
                }
                lines.Add(path);
            }
        }

        private static Path Box(Func<string, double> number)
        {
            var (x, y, w, h) = (number("x"), number("y"), number("width"), number("height"));
            var (rx, ry) = (number("rx"), number("ry"));
            (rx, ry) = (rx > 0 ? rx : ry, ry > 0 ? ry : rx);
            (rx, ry) = (Math.Min(rx, w / 2), Math.Min(ry, h / 2));
            var data =
                rx > 0
                    ? FormattableString.Invariant(
                        $"M{x + rx} {y}H{x + w - rx}A{rx} {ry} 0 0 1 {x + w} {y + ry}V{y + h - ry}A{rx} {ry} 0 0 1 {x + w - rx} {y + h}H{x + rx}A{rx} {ry} 0 0 1 {x} {y + h - ry}V{y + ry}A{rx} {ry} 0 0 1 {x + rx} {y}Z"
                    )
                    : FormattableString.Invariant($"M{x} {y}h{w}v{h}h{-w}Z");
            return PathData.Read(data, out var paths) is null
                ? paths[0]
                : Path.Of(false, Point.At(x, y));
        }

        private static Path Oval(double cx, double cy, double rx, double ry) =>
            Affine
                .Scale(rx, ry)
                .Then(Affine.Move(cx, cy))
                .Of(
                    new Path(
                        Point.At(0, -1),
                        [
                            new ArcTo(Point.At(0, 1), Length.FromMillimetres(1), true),
                            new ArcTo(Point.At(0, -1), Length.FromMillimetres(1), true),
                        ],
                        true
                    )
                );

        private static string Squeezed(string? style) =>
            (style ?? "").Replace(" ", "", StringComparison.Ordinal);

        private static string Shortened(string text) => Cut.To(text, 40);
    }
}
