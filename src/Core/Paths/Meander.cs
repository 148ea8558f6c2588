using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>One line that fills a field and never crosses or touches itself.</summary>
/// <remarks>
/// A spanning tree is grown on a coarse grid, by chance but the same for the same seed; the line walks once around it on a grid
/// twice as fine, and it is led through those places as a spline. Lines that walk along either side of a branch cannot meet.
/// </remarks>
public static class Meander
{
    /// <summary>A field has to be so many times as wide and as high as its lines are apart, or there is nothing to wander in.</summary>
    public const double LeastCells = 4;

    /// <summary>A line of more turns nobody sews.</summary>
    public const int MostPlaces = 60_000;

    /// <summary>Rounding its corners makes the line shorter by about this: the grid is so much finer that the field is filled as its spacing says.</summary>
    private const double Rounding = 0.91;

    /// <summary>How far a place lies off the grid, of the way from place to place.</summary>
    private const double Wanders = 0.17;

    /// <summary>How far a rounded corner strays from its arc, in mm.</summary>
    private const double Flat = 0.1;

    /// <summary>How many places the line goes through.</summary>
    /// <param name="apart">From line to line; above 0.</param>
    public static double Places(Length width, Length height, Length apart) =>
        4 * (width / (2 * apart)) * (height / (2 * apart));

    /// <summary>The line, from the top left of the field, curves flattened to a tenth of a millimetre.</summary>
    /// <param name="width">Of the field.</param>
    /// <param name="height">Of the field.</param>
    /// <param name="apart">From line to line; a quarter of either side at the most.</param>
    /// <param name="seed">The same makes the same line.</param>
    public static IReadOnlyList<Point> Of(Length width, Length height, Length apart, int seed)
    {
        var (columns, rows) = Cells(width / apart, height / apart);
        var chance = new Chance(seed);
        var open = Grown(columns, rows, chance);
        var (dx, dy) = (width.Millimetres / (2 * columns), height.Millimetres / (2 * rows));
        var places = Walked(columns, rows, open)
            .Select(p => (X: (p.X + 0.5 + Aside()) * dx, Y: (p.Y + 0.5 + Aside()) * dy))
            .ToList();
        return Rounded(places);

        // A hand wanders off the grid a little, and never so far that lines meet.
        double Aside() => Wanders * (2 * chance.Share() - 1);
    }

    /// <summary>How many cells side by side and one below the other make the line as long as the field should have.</summary>
    /// <param name="across">How many spacings wide the field is.</param>
    /// <param name="down">How many high.</param>
    private static (int Columns, int Rows) Cells(double across, double down)
    {
        // On a grid of a/(2C) by b/(2R) the line fills (C/(a/2g) + R/(b/2g))/2 of what it should, if its corners were square.
        return (
            from columns in Around(across)
            from rows in Around(down)
            orderby Math.Abs(Rounding * (2 * columns / across + 2 * rows / down) / 2 - 1)
            select (columns, rows)
        ).First();

        static int[] Around(double spacings)
        {
            var cells = (int)Math.Floor(spacings / 2 / Rounding);
            return [Math.Max(1, cells), cells + 1];
        }
    }

    /// <summary>A tree that reaches every cell, as the ways that are open: to the right of a cell, and below it.</summary>
    private static (bool[,] Right, bool[,] Below) Grown(int columns, int rows, Chance chance)
    {
        var (right, below) = (new bool[columns, rows], new bool[columns, rows]);
        var reached = new bool[columns, rows];
        List<(int X, int Y)> growing = [(chance.Below(columns), chance.Below(rows))];
        reached[growing[0].X, growing[0].Y] = true;
        while (growing.Count > 0)
        {
            // From the newest it grows in long arms, from any other it branches: a little of both wanders best.
            var place = chance.Below(3) == 0 ? chance.Below(growing.Count) : growing.Count - 1;
            var (x, y) = growing[place];
            var turn = chance.Below(4);
            var grew = false;
            for (var k = 0; k < 4 && !grew; k++)
            {
                var (nx, ny) = ((turn + k) % 4) switch
                {
                    0 => (x + 1, y),
                    1 => (x, y + 1),
                    2 => (x - 1, y),
                    _ => (x, y - 1),
                };
                if (nx < 0 || ny < 0 || nx >= columns || ny >= rows || reached[nx, ny])
                {
                    continue;
                }
                reached[nx, ny] = true;
                (nx != x ? right : below)[Math.Min(x, nx), Math.Min(y, ny)] = true;
                growing.Add((nx, ny));
                grew = true;
            }
            if (!grew)
            {
                growing[place] = growing[^1];
                growing.RemoveAt(growing.Count - 1);
            }
        }
        return (right, below);
    }

    /// <summary>Around the tree with one hand on it, from the top left place until the next would be the first again.</summary>
    private static IEnumerable<(int X, int Y)> Walked(
        int columns,
        int rows,
        (bool[,] Right, bool[,] Below) open
    )
    {
        var (x, y, heading) = (0, 0, 1);
        var count = 4 * columns * rows;
        for (var i = 0; i < count; i++)
        {
            yield return (x, y);
            // The tree is kept on the left: left where that way is free, else on, else to the right.
            for (var k = 3; k < 7; k++)
            {
                var next = (heading + k) % 4;
                var (nx, ny) = Step(x, y, next);
                if (Goes(x, y, nx, ny))
                {
                    (x, y, heading) = (nx, ny, next);
                    break;
                }
            }
        }

        // Within a cell one goes unless a branch of the tree lies between; from cell to cell only along a branch.
        bool Goes(int x, int y, int nx, int ny)
        {
            if (nx < 0 || ny < 0 || nx >= 2 * columns || ny >= 2 * rows)
            {
                return false;
            }
            var (cx, cy) = (x / 2, y / 2);
            if (nx / 2 != cx || ny / 2 != cy)
            {
                return nx != x
                    ? open.Right[Math.Min(cx, nx / 2), cy]
                    : open.Below[cx, Math.Min(cy, ny / 2)];
            }
            return nx != x
                ? !(y % 2 == 0 ? cy > 0 && open.Below[cx, cy - 1] : open.Below[cx, cy])
                : !(x % 2 == 0 ? cx > 0 && open.Right[cx - 1, cy] : open.Right[cx, cy]);
        }
    }

    private static (int X, int Y) Step(int x, int y, int heading) =>
        heading switch
        {
            0 => (x + 1, y),
            1 => (x, y + 1),
            2 => (x - 1, y),
            _ => (x, y - 1),
        };

    /// <summary>A quadratic spline that the places pull at: it stays between them, and turns no corner.</summary>
    private static List<Point> Rounded(List<(double X, double Y)> places)
    {
        List<Point> line = [Point.At(places[0].X, places[0].Y)];
        var from = places[0];
        for (var i = 1; i < places.Count - 1; i++)
        {
            var (at, next) = (places[i], places[i + 1]);
            var to =
                i == places.Count - 2 ? next : (X: (at.X + next.X) / 2, Y: (at.Y + next.Y) / 2);
            // A chord of 1/n of it strays by |a − 2b + c|/(4n²).
            var bend = Math.Sqrt(
                Math.Pow(from.X - 2 * at.X + to.X, 2) + Math.Pow(from.Y - 2 * at.Y + to.Y, 2)
            );
            var parts = Math.Max(4, (int)Math.Ceiling(Math.Sqrt(bend / (4 * Flat))));
            for (var k = 1; k <= parts; k++)
            {
                var t = (double)k / parts;
                var (u, v, w) = ((1 - t) * (1 - t), 2 * t * (1 - t), t * t);
                line.Add(
                    Point.At(u * from.X + v * at.X + w * to.X, u * from.Y + v * at.Y + w * to.Y)
                );
            }
            from = to;
        }
        return line;
    }
}

/// <summary>Chance that is the same for the same seed, on every machine: a linear congruence of 64 bits.</summary>
public sealed class Chance(int seed)
{
    private ulong state = unchecked((ulong)seed * 0x9E3779B97F4A7C15UL + 0x1234567);

    /// <summary>A number from 0 to one below a bound.</summary>
    public int Below(int bound) => (int)(Next() % (ulong)bound);

    /// <summary>A number from 0 to 1.</summary>
    public double Share() => Next() / (double)(1UL << 31);

    private ulong Next()
    {
        state = unchecked(state * 6364136223846793005UL + 1442695040888963407UL);
        return state >> 33;
    }
}
