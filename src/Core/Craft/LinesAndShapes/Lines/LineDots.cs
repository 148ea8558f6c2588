using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Lines;

/// <summary>The dots that the parts of a built line are pulled by.</summary>
internal static class LineDots
{
    /// <summary>A corner is pulled by a dot so far beyond it, in mm.</summary>
    private const double Beyond = 9;

    /// <summary>A line of more parts than this is typed only.</summary>
    private const int Most = 40;

    /// <param name="place">How the line lies in the drawing.</param>
    public static IEnumerable<Shape> Of(Traced line, Affine place, Ruler ruler)
    {
        if (!line.IsBuilt || line.Parts.Count > Most)
        {
            yield break;
        }
        // Walked from where the line starts in the drawing.
        var start = place.Of(line.Path.Start);
        var (x, y, heading) = (start.X.Millimetres, start.Y.Millimetres, 0.0);
        foreach (var (leg, part) in line.Legs.Zip(line.Parts))
        {
            var name = $"{LineFields.Path.Name}[{part}]";
            var degrees = heading * 180 / Math.PI;
            switch (leg)
            {
                case Straight s:
                    var from = Point.At(x, y);
                    (x, y) = (x + s.Mm * Math.Cos(heading), y + s.Mm * Math.Sin(heading));
                    yield return Along(
                        LineFields.Straight,
                        $"{name}.straight",
                        Point.At(x, y),
                        from,
                        degrees,
                        s.Mm,
                        ruler
                    );
                    break;
                case Curve c:
                    var side = Math.Sign(c.Sweep);
                    var centre = Point.At(
                        x - side * c.Radius * Math.Sin(heading),
                        y + side * c.Radius * Math.Cos(heading)
                    );
                    // From its middle, to where it is when it has gone round half way, and all the way.
                    Point at(double share) =>
                        Point.At(
                            centre.X.Millimetres
                                + side * c.Radius * Math.Sin(heading + share * Turned(c)),
                            centre.Y.Millimetres
                                - side * c.Radius * Math.Cos(heading + share * Turned(c))
                        );
                    var out_ = (heading + Turned(c) / 2) * 180 / Math.PI - side * 90;
                    yield return Along(
                        LineFields.Radius,
                        $"{name}.radius",
                        at(0.5),
                        centre,
                        out_,
                        c.Radius,
                        ruler
                    );
                    var end = at(1);
                    yield return Round(
                        LineFields.Sweep,
                        $"{name}.sweep",
                        end,
                        centre,
                        degrees - side * 90,
                        c.Sweep
                    );
                    (x, y, heading) = (end.X.Millimetres, end.Y.Millimetres, heading + Turned(c));
                    break;
                case OnTheSpot corner:
                    heading += corner.Turn * Math.PI / 180;
                    yield return Round(
                        LineFields.Corner,
                        $"{name}.corner",
                        Point.At(x + Beyond * Math.Cos(heading), y + Beyond * Math.Sin(heading)),
                        Point.At(x, y),
                        degrees,
                        corner.Turn
                    );
                    break;
            }
        }
    }

    private static double Turned(Curve c) => c.Sweep * Math.PI / 180;

    private static Dot Along(
        LengthField field,
        string name,
        Point at,
        Point origin,
        double heading,
        double value,
        Ruler ruler
    ) =>
        new(
            at,
            name,
            field.Label,
            ruler.Mark(Length.FromMillimetres(value)),
            Pull.Along,
            origin,
            heading,
            value,
            field.Least.Millimetres,
            field.Most.Millimetres
        )
        {
            Part = "dots",
        };

    private static Dot Round(
        NumberField field,
        string name,
        Point at,
        Point origin,
        double heading,
        double value
    ) =>
        new(
            at,
            name,
            field.Label,
            $"{DecimalText.Write(value, 1)}°",
            Pull.Round,
            origin,
            heading,
            value,
            field.Least,
            field.Most
        )
        {
            Part = "dots",
        };
}
