using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Practice;

/// <summary>What a try came to, from the stitches that fell, with one thing to try next.</summary>
/// <param name="Exercise">What was practised.</param>
/// <param name="Stitches">How many fell.</param>
/// <param name="Mean">Of their lengths, in mm; jumps between lines left out.</param>
/// <param name="Spread">Of their lengths: the standard deviation over the mean.</param>
/// <param name="Evenness">Of the thirds of the try, the shortest mean stitch over the longest; 1 is the same all along.</param>
/// <param name="Off">From the line, at the mean; in mm. Of an edge, from where it should be.</param>
/// <param name="Farthest">From the line, at the most.</param>
/// <param name="Covered">How much of the line, or of the area, was sewn; 0 to 1.</param>
/// <param name="Piles">Stitches that lie on the one before.</param>
/// <param name="Jumps">Stitches that are too long for a needle.</param>
/// <param name="Machine">Stitches a minute, as they fell.</param>
/// <param name="Hand">The speed of the hands, mm a second: mean·n/60.</param>
/// <param name="Points">All of it in one figure, 0 to 100.</param>
/// <param name="RunAt">The machine speed to try next; 0 where it says nothing of that.</param>
/// <param name="Next">The one thing to try next, in words.</param>
public sealed record Score(
    string Exercise,
    int Stitches,
    double Mean,
    double Spread,
    double Evenness,
    double Off,
    double Farthest,
    double Covered,
    int Piles,
    int Jumps,
    double Machine,
    double Hand,
    double Points,
    double RunAt,
    string Next
)
{
    /// <summary>Stitches nearer than this lie on each other, in mm.</summary>
    private const double Pile = 0.5;

    /// <summary>Longer ones bend a needle, in mm.</summary>
    private const double Jump = 4;

    /// <summary>A gap that is longer, or lasts longer, is a jump from line to line and no stitch; in mm, and in seconds.</summary>
    private const double Lifted = 12;

    private const double Paused = 2;

    /// <summary>Fewer stitches say nothing.</summary>
    public const int Least = 8;

    /// <summary>More are not looked at.</summary>
    public const int Most = 20_000;

    /// <summary>Scores a try; null where too few stitches fell to say anything.</summary>
    public static Score? Of(Exercise exercise, IReadOnlyList<Fallen> fallen)
    {
        if (fallen.Count < Least)
        {
            return null;
        }
        List<double> lengths = [];
        List<double> times = [];
        for (var i = 1; i < fallen.Count; i++)
        {
            var (a, b) = (fallen[i - 1], fallen[i]);
            var far = Far(a.X - b.X, a.Y - b.Y);
            if (exercise.Of != Practised.Pull && (far > Lifted || b.At - a.At > Paused))
            {
                continue;
            }
            lengths.Add(far);
            times.Add(b.At - a.At);
        }
        if (lengths.Count < Least - 1)
        {
            return null;
        }
        var mean = lengths.Average();
        var spread =
            mean > 1e-9 ? Math.Sqrt(lengths.Average(l => (l - mean) * (l - mean))) / mean : 0;
        var third = Math.Max(1, lengths.Count / 3);
        var thirds = lengths.Chunk(third).Take(3).Select(c => c.Average()).ToList();
        var (off, farthest, covered) = exercise.Of switch
        {
            Practised.Area => InArea(exercise, fallen),
            Practised.Corner => AtCorner(exercise, fallen),
            _ => OnLine(exercise, fallen),
        };
        var isPulled = exercise.Of == Practised.Pull;
        var machine = times.Sum() > 0 ? 60 * times.Count / times.Sum() : 0;
        var bare = new Score(
            exercise.Name,
            fallen.Count,
            mean,
            spread,
            thirds.Max() > 1e-9 ? thirds.Min() / thirds.Max() : 0,
            off,
            farthest,
            covered,
            isPulled ? 0 : lengths.Count(l => l < Pile),
            isPulled ? 0 : lengths.Count(l => l > Jump),
            machine,
            mean * machine / 60,
            0,
            0,
            ""
        );
        var (next, runAt) = Advice.Of(exercise, bare);
        return bare with { Points = PointsOf(exercise, bare), Next = next, RunAt = runAt };
    }

    /// <summary>
    /// 100 for a try that covers all of it with stitches that are alike and lie on the line. Workshop rule: an even line spreads by a
    /// tenth, and a millimetre off is seen.
    /// </summary>
    private static double PointsOf(Exercise exercise, Score s)
    {
        var even = 1 / (1 + Math.Pow(s.Spread / 0.35, 2));
        var near = exercise.Of == Practised.Area ? 1 : 1 / (1 + Math.Pow(s.Off / 2.5, 2));
        var clean = 1 - Math.Min(0.6, 2.0 * (s.Piles + s.Jumps) / s.Stitches);
        var stitch =
            exercise.Stitch > 0
                ? Math.Min(s.Mean / exercise.Stitch, exercise.Stitch / Math.Max(1e-9, s.Mean))
                : 1;
        return Math.Round(
            100 * even * near * clean * Math.Sqrt(Math.Max(0, stitch)) * (0.4 + 0.6 * s.Covered),
            1
        );
    }

    /// <summary>How far from the lines stitches fell, and how much of the lines has one within three millimetres.</summary>
    private static (double Off, double Farthest, double Covered) OnLine(
        Exercise exercise,
        IReadOnlyList<Fallen> fallen
    )
    {
        var places = exercise
            .Lines.Select(l => new MeasuredPath(l))
            .SelectMany(l =>
                Enumerable
                    .Range(0, (int)Math.Ceiling(l.Total) + 1)
                    .Select(k => l.At(Math.Min(k, l.Total)).Point)
            )
            .Select(p => (X: p.X.Millimetres, Y: p.Y.Millimetres))
            .ToList();
        if (places.Count == 0)
        {
            return (0, 0, 1);
        }
        var away = fallen.Select(f => places.Min(p => Far(p.X - f.X, p.Y - f.Y))).ToList();
        var covered = places.Count(p => fallen.Any(f => Far(p.X - f.X, p.Y - f.Y) <= 3));
        return (away.Average(), away.Max(), (double)covered / places.Count);
    }

    /// <summary>How far from the corner the needle stood where she stopped, at the mean and at the most.</summary>
    private static (double Off, double Farthest, double Covered) AtCorner(
        Exercise exercise,
        IReadOnlyList<Fallen> fallen
    )
    {
        var corner = exercise.Lines[0].Points[1];
        var stops = fallen
            .Where(
                (f, i) =>
                    i == fallen.Count - 1
                    || Far(fallen[i + 1].X - f.X, fallen[i + 1].Y - f.Y) > Lifted
            )
            .Select(f => Far(f.X - corner.X.Millimetres, f.Y - corner.Y.Millimetres))
            .ToList();
        return (stops.Average(), stops.Max(), 1);
    }

    /// <summary>Of an area: what lies outside is off; what has a stitch within five millimetres is covered.</summary>
    private static (double Off, double Farthest, double Covered) InArea(
        Exercise exercise,
        IReadOnlyList<Fallen> fallen
    )
    {
        var area = Area.Of(exercise.Lines);
        var (off, farthest, _) = OnLine(
            exercise,
            [
                .. fallen
                    .Where(f => !area.Covers(Drawings.Point.At(f.X, f.Y)))
                    .DefaultIfEmpty(new Fallen(double.NaN, 0, 0)),
            ]
        );
        var reach = NamedShape.BoundsOf(exercise.Lines);
        var (all, near) = (0, 0);
        for (var x = reach.From.X.Millimetres + 2; x < reach.To.X.Millimetres; x += 4)
        {
            for (var y = reach.From.Y.Millimetres + 2; y < reach.To.Y.Millimetres; y += 4)
            {
                if (area.Covers(Drawings.Point.At(x, y)))
                {
                    all++;
                    near += fallen.Any(f => Far(f.X - x, f.Y - y) <= 5) ? 1 : 0;
                }
            }
        }
        return (
            double.IsNaN(off) ? 0 : off,
            double.IsNaN(farthest) ? 0 : farthest,
            all == 0 ? 0 : (double)near / all
        );
    }

    private static double Far(double x, double y) => Math.Sqrt(x * x + y * y);
}
