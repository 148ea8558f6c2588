using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>Remnants of any shape: what is cut from one is cut from the largest rectangle on the grain that lies within it.</summary>
internal static class Inscribed
{
    /// <summary>The remnant is taken in so many steps each way; what a step is not wholly within is left out.</summary>
    private const int Steps = 200;

    /// <summary>From remnants of any shape: from the largest rectangle within each.</summary>
    /// <param name="lay">Lays rectangles from rectangles.</param>
    public static Layout Lay(CuttingTask task, Func<CuttingTask, Layout> lay)
    {
        var within = task
            .Remnants.Select(r =>
                r.Outline is { } outline ? Of(outline) : (Point.At(0, 0), r.Width, r.Long!.Value)
            )
            .ToList();
        Point From(int on) => on == 0 ? Point.At(0, 0) : within[on - 1].Item1;
        var layout = lay(
            task with
            {
                Remnants = [.. within.Select(w => new Sheet(w.Item2, w.Item3))],
                Pins =
                [
                    .. task.Pins.Select(p =>
                        p with
                        {
                            X = p.X - From(p.On).X,
                            Y = p.Y - From(p.On).Y,
                        }
                    ),
                ],
            }
        );
        return layout with
        {
            Placements =
            [
                .. layout.Placements.Select(p =>
                    p with
                    {
                        X = p.X + From(p.On).X,
                        Y = p.Y + From(p.On).Y,
                    }
                ),
            ],
            Left =
            [
                .. layout.Left.Select(l =>
                    l with
                    {
                        X = l.X + From(l.On).X,
                        Y = l.Y + From(l.On).Y,
                    }
                ),
            ],
            Cuts = layout
                .Cuts?.Select(c =>
                {
                    var (along, across) = (From(c.On).Y, From(c.On).X);
                    return c.IsAcross
                        ? c with
                        {
                            At = c.At + along,
                            From = c.From + across,
                            To = c.To + across,
                        }
                        : c with
                        {
                            At = c.At + across,
                            From = c.From + along,
                            To = c.To + along,
                        };
                })
                .ToList(),
        };
    }

    /// <returns>Its upper left corner and its size; of no size where nothing lies within.</returns>
    public static (Point At, Length Width, Length Long) Of(Path outline)
    {
        var bounds = outline.Bounds;
        var corners = outline
            .Points.Select(p =>
                (X: (p.X - bounds.From.X).Millimetres, Y: (p.Y - bounds.From.Y).Millimetres)
            )
            .ToArray();
        var (dx, dy) = (bounds.Width.Millimetres / Steps, bounds.Height.Millimetres / Steps);
        var inside = new bool[Steps + 1, Steps + 1];
        for (var i = 0; i <= Steps; i++)
        {
            for (var j = 0; j <= Steps; j++)
            {
                inside[i, j] = IsInside(i * dx, j * dy, corners);
            }
        }
        var best = (X: 0, Y: 0, Wide: 0, Long: 0);
        var free = new int[Steps];
        for (var j = 0; j < Steps; j++)
        {
            for (var i = 0; i < Steps; i++)
            {
                free[i] = IsWithin(inside, i, j) ? free[i] + 1 : 0;
            }
            for (var i = 0; i < Steps; i++)
            {
                var high = int.MaxValue;
                for (var k = i; k < Steps && free[k] > 0; k++)
                {
                    high = Math.Min(high, free[k]);
                    if ((k - i + 1) * high > best.Wide * best.Long)
                    {
                        best = (i, j - high + 1, k - i + 1, high);
                    }
                }
            }
        }
        return (
            Point.At(best.X * dx, best.Y * dy),
            Length.FromMillimetres(best.Wide * dx),
            Length.FromMillimetres(best.Long * dy)
        );
    }

    private static bool IsWithin(bool[,] inside, int i, int j) =>
        inside[i, j] && inside[i + 1, j] && inside[i, j + 1] && inside[i + 1, j + 1];

    /// <summary>By the edges to its right; on an edge counts as inside.</summary>
    private static bool IsInside(double x, double y, (double X, double Y)[] of)
    {
        const double Near = 1e-6;
        var isInside = false;
        for (var i = 0; i < of.Length; i++)
        {
            var (a, b) = (of[i], of[(i + 1) % of.Length]);
            var cross = (b.X - a.X) * (y - a.Y) - (b.Y - a.Y) * (x - a.X);
            if (
                Math.Abs(cross) <= Near * (1 + Math.Abs(b.X - a.X) + Math.Abs(b.Y - a.Y))
                && x >= Math.Min(a.X, b.X) - Near
                && x <= Math.Max(a.X, b.X) + Near
                && y >= Math.Min(a.Y, b.Y) - Near
                && y <= Math.Max(a.Y, b.Y) + Near
            )
            {
                return true;
            }
            if (a.Y > y != b.Y > y && x < a.X + (b.X - a.X) * (y - a.Y) / (b.Y - a.Y))
            {
                isInside = !isInside;
            }
        }
        return isInside;
    }
}
