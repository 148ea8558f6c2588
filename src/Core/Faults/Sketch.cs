using System.Globalization;
using System.Text;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Faults;

/// <summary>A symptom drawn in a few lines, 120 by 80 and to no scale: fabric from the front or from the back, or seen from its edge.</summary>
internal sealed class Sketch
{
    public const double Wide = 120;
    public const double High = 80;

    private readonly List<Shape> shapes = [];

    private Sketch() { }

    public static Sketch Front => new Sketch().Fabric(ClothRole.Main);

    public static Sketch Back => new Sketch().Fabric(ClothRole.Plain);

    public static Sketch FromSide => new();

    /// <summary>What was drawn, named as its symptom.</summary>
    public Drawing Of(Symptom symptom) =>
        new(
            symptom.Name,
            symptom.Says,
            symptom.Shows,
            Length.FromMillimetres(Wide),
            Length.FromMillimetres(High),
            shapes,
            false,
            IsCloseUp: true
        );

    private Sketch Fabric(ClothRole role)
    {
        shapes.Add(new ClothPiece(Point.At(0, 0), Point.At(Wide, High), role));
        return this;
    }

    /// <summary>Thread, as path data.</summary>
    public Sketch Thread(string data) => Draw(data, LineMeaning.Thread);

    /// <summary>A cord or elastic, as path data.</summary>
    public Sketch Cord(string data, double width = 12) => Draw(data, LineMeaning.Cord, width);

    /// <summary>Fabric from its edge, or the outline of a tool.</summary>
    public Sketch Edge(string data, double width = 0) => Draw(data, LineMeaning.Profile, width);

    /// <summary>Folds and creases.</summary>
    public Sketch Folds(string data) => Draw(data, LineMeaning.Fold);

    /// <summary>How it should be.</summary>
    public Sketch Wanted(string data) => Draw(data, LineMeaning.Seam);

    /// <summary>Another piece of fabric, closed.</summary>
    public Sketch Piece(string data, ClothRole role = ClothRole.Plain)
    {
        PathData.Read(data, out var paths);
        shapes.AddRange(
            paths.Select(p => new PathShape(p with { IsClosed = true }, LineMeaning.Profile, role))
        );
        return this;
    }

    private Sketch Draw(string data, LineMeaning meaning, double width = 0)
    {
        PathData.Read(data, out var paths);
        shapes.AddRange(
            paths.Select(p => new PathShape(p, meaning, Width: Length.FromMillimetres(width)))
        );
        return this;
    }

    /// <summary>A row of eight straight stitches from left to right.</summary>
    /// <param name="missing">Which are not there, from 0.</param>
    public static string Row(double y = 40, params int[] missing) =>
        Each(8, i => missing.Contains(i) ? "" : Said($"M{6 + 14 * i} {y}h10"));

    /// <summary>A loop between any two of its stitches.</summary>
    /// <param name="deep">Below 0 they stand above it.</param>
    public static string Loops(double deep, double y = 40) =>
        Each(
            7,
            i =>
                Said(
                    $"M{16 + 14 * i} {y}C{10 + 14 * i} {y + deep} {26 + 14 * i} {y + deep} {20 + 14 * i} {y}"
                )
        );

    /// <summary>A zigzag.</summary>
    public static string Zigzag(
        double y,
        double width,
        double step,
        double from = 6,
        double to = 114
    )
    {
        var data = new StringBuilder(Said($"M{from} {y - width / 2}"));
        var i = 1;
        for (var x = from + step; x <= to; x += step, i++)
        {
            data.Append(Said($"L{x} {y + (i % 2 == 0 ? -width : width) / 2}"));
        }
        return data.ToString();
    }

    /// <summary>A wave.</summary>
    public static string Wave(double y, double high, double step, double from = 0, double to = Wide)
    {
        var data = new StringBuilder(Said($"M{from} {y}"));
        var i = 0;
        for (var x = from; x + step <= to + 1e-6; x += step, i++)
        {
            var bend = y + (i % 2 == 0 ? -high : high);
            data.Append(Said($"C{x + step / 3} {bend} {x + 2 * step / 3} {bend} {x + step} {y}"));
        }
        return data.ToString();
    }

    /// <summary>Upright lines.</summary>
    /// <param name="lean">How far to the right each ends below.</param>
    public static string Uprights(double top, double bottom, double lean, params double[] at) =>
        string.Concat(at.Select(x => Said($"M{x} {top}L{x + lean} {bottom}")));

    /// <summary>Circles.</summary>
    public static string Circles(double y, double r, params double[] at) =>
        string.Concat(
            at.Select(x =>
                Said($"M{x - r} {y}A{r} {r} 0 1 1 {x + r} {y}A{r} {r} 0 1 1 {x - r} {y}")
            )
        );

    public static string Each(int count, Func<int, string> of) =>
        string.Concat(Enumerable.Range(0, count).Select(of));

    private static string Said(FormattableString text) =>
        text.ToString(CultureInfo.InvariantCulture);
}
