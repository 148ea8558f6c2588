using System.Globalization;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>Reads SVG path data: every command, absolute and relative.</summary>
public static class PathData
{
    /// <summary>More steps than this nobody sews round.</summary>
    public const int MostSteps = 5000;

    /// <summary>Nothing that is sewn is as large, in units of the data.</summary>
    private const double Furthest = 100_000;

    /// <summary>Reads path data in mm.</summary>
    /// <param name="text">The data.</param>
    /// <param name="paths">The paths, one for each <c>M</c> that is followed by something.</param>
    /// <returns>What is wrong with it in a sentence, or null.</returns>
    public static string? Read(string text, out IReadOnlyList<Path> paths)
    {
        var reader = new Reader(text);
        var wrong = reader.All();
        paths = wrong is null ? reader.Paths : [];
        return wrong ?? (paths.Count == 0 ? "There is no line in it." : null);
    }

    private sealed class Reader(string text)
    {
        private readonly List<Path> paths = [];
        private readonly List<PathStep> steps = [];
        private int at;
        private int count;
        private (double X, double Y) here;
        private (double X, double Y) start;

        /// <summary>The control point before, which a smooth curve mirrors.</summary>
        private (double X, double Y) control;
        private char before = ' ';

        public IReadOnlyList<Path> Paths => paths;

        public string? All()
        {
            var command = ' ';
            while (Skip())
            {
                if (char.IsAsciiLetter(text[at]))
                {
                    command = text[at++];
                }
                else if (command is ' ' or 'Z' or 'z')
                {
                    return $"A number stands where a command should, at letter {at + 1}.";
                }
                if (before == ' ' && command is not ('M' or 'm'))
                {
                    return "It has to begin with M: where the line starts.";
                }
                if (!Step(command))
                {
                    return $"It cannot be read from letter {Math.Min(at + 1, text.Length)} on.";
                }
                if (count > MostSteps)
                {
                    return $"It has more than {MostSteps} steps: simplify it where it was drawn.";
                }
                if (!IsNear(here) || !IsNear(control))
                {
                    return "It reaches further than a hundred metres.";
                }
                // After a move further pairs are lines.
                before = command;
                command = command switch
                {
                    'M' => 'L',
                    'm' => 'l',
                    _ => command,
                };
            }
            End(false);
            return null;
        }

        private bool Step(char command)
        {
            var by = char.IsAsciiLetterLower(command) ? here : (X: 0, Y: 0);
            switch (char.ToUpperInvariant(command))
            {
                case 'M':
                    if (!Pair(by, out var to))
                    {
                        return false;
                    }
                    End(false);
                    (here, start, control) = (to, to, to);
                    return true;
                case 'L':
                    return Pair(by, out to) && Line(to);
                case 'H':
                    return Number(out var x) && Line((x + by.X, here.Y));
                case 'V':
                    return Number(out var y) && Line((here.X, y + by.Y));
                case 'C':
                    return Pair(by, out var c1)
                        && Pair(by, out var c2)
                        && Pair(by, out to)
                        && Curve(c1, c2, to, c2);
                case 'S':
                    c1 = Mirrored("CcSs");
                    return Pair(by, out c2) && Pair(by, out to) && Curve(c1, c2, to, c2);
                case 'Q':
                    return Pair(by, out var q) && Pair(by, out to) && Quadratic(q, to);
                case 'T':
                    q = Mirrored("QqTt");
                    return Pair(by, out to) && Quadratic(q, to);
                case 'A':
                    return Number(out var rx)
                        && Number(out var ry)
                        && Number(out var turned)
                        && Flag(out var isLong)
                        && Flag(out var clockwise)
                        && Pair(by, out to)
                        && Arc(Math.Abs(rx), Math.Abs(ry), turned, isLong, clockwise, to);
                case 'Z':
                    End(true);
                    (here, control) = (start, start);
                    return true;
                default:
                    return false;
            }
        }

        private bool Line((double X, double Y) to)
        {
            Add(new LineTo(At(to)), to, to);
            return true;
        }

        private bool Curve(
            (double X, double Y) c1,
            (double X, double Y) c2,
            (double X, double Y) to,
            (double X, double Y) mirrors
        )
        {
            if (!IsNear(c1) || !IsNear(c2))
            {
                control = c1;
                return IsNear(c2) || IsNear(to);
            }
            Add(new CubicTo(At(c1), At(c2), At(to)), to, mirrors);
            return true;
        }

        /// <summary>A quadratic curve is a cubic one whose control points lie two thirds of the way to its own.</summary>
        private bool Quadratic((double X, double Y) q, (double X, double Y) to) =>
            Curve(
                (here.X + (q.X - here.X) * 2 / 3, here.Y + (q.Y - here.Y) * 2 / 3),
                (to.X + (q.X - to.X) * 2 / 3, to.Y + (q.Y - to.Y) * 2 / 3),
                to,
                q
            );

        private bool Arc(
            double rx,
            double ry,
            double turned,
            bool isLong,
            bool clockwise,
            (double X, double Y) to
        )
        {
            if (!(rx < Furthest && ry < Furthest && Math.Abs(turned) < 1e6))
            {
                return false;
            }
            if (rx < 1e-9 || ry < 1e-9 || (to.X == here.X && to.Y == here.Y))
            {
                return Line(to);
            }
            var circle = new ArcTo(At(to), Length.FromMillimetres(rx), clockwise, isLong);
            if (Math.Abs(rx - ry) <= 1e-9 * rx)
            {
                Add(circle, to, to);
                return true;
            }
            // An ellipse is a circle that was turned and drawn out: it is undone, and done to the curves of the circle.
            var drawnOut = Affine.Scale(1, ry / rx).Then(Affine.Turn(turned));
            var undo = Affine.Turn(-turned).Then(Affine.Scale(1, rx / ry));
            var round = new Path(undo.Of(At(here)), [circle with { To = undo.Of(At(to)) }]);
            var curves = drawnOut
                .Of(
                    new Path(
                        round.Start,
                        [.. Curves.Of(CircleArc.Of(round.Start, (ArcTo)round.Steps[0]))]
                    )
                )
                .Steps;
            foreach (var curve in curves)
            {
                var end = (curve.To.X.Millimetres, curve.To.Y.Millimetres);
                Add(curve, end, end);
            }
            here = to;
            return true;
        }

        private void Add(PathStep step, (double X, double Y) to, (double X, double Y) mirrors)
        {
            if (steps.Count == 0 && before is 'Z' or 'z')
            {
                start = here;
            }
            (here, control) = (to, mirrors);
            count++;
            if (IsNear(to))
            {
                steps.Add(step);
            }
        }

        private void End(bool isClosed)
        {
            if (steps.Count > 0)
            {
                paths.Add(new Path(At(start), Closed(isClosed), isClosed));
            }
            steps.Clear();
        }

        /// <summary>A straight step back to the start is what closing it does.</summary>
        private IReadOnlyList<PathStep> Closed(bool isClosed) =>
            isClosed && steps.Count > 1 && steps[^1] is LineTo last && last.To == At(start)
                ? [.. steps.SkipLast(1)]
                : [.. steps];

        private (double X, double Y) Mirrored(string after) =>
            after.Contains(before) ? (2 * here.X - control.X, 2 * here.Y - control.Y) : here;

        private static Point At((double X, double Y) p) => Point.At(p.X, p.Y);

        private static bool IsNear((double X, double Y) p) =>
            Math.Abs(p.X) < Furthest && Math.Abs(p.Y) < Furthest;

        private bool Pair((double X, double Y) by, out (double X, double Y) pair)
        {
            pair = by;
            if (!Number(out var x) || !Number(out var y))
            {
                return false;
            }
            pair = (by.X + x, by.Y + y);
            return true;
        }

        /// <summary>A flag is one digit, and may stand close to what follows.</summary>
        private bool Flag(out bool flag)
        {
            flag = false;
            if (!Skip() || text[at] is not ('0' or '1'))
            {
                return false;
            }
            flag = text[at++] == '1';
            return true;
        }

        private bool Number(out double number)
        {
            number = 0;
            if (!Skip())
            {
                return false;
            }
            var from = at;
            if (text[at] is '+' or '-')
            {
                at++;
            }
            Digits();
            if (at < text.Length && text[at] == '.')
            {
                at++;
                Digits();
            }
            if (
                at + 1 < text.Length
                && text[at] is 'e' or 'E'
                && (char.IsAsciiDigit(text[at + 1]) || text[at + 1] is '+' or '-')
            )
            {
                at += 2;
                Digits();
            }
            return double.TryParse(
                    text.AsSpan(from, at - from),
                    NumberStyles.Float,
                    CultureInfo.InvariantCulture,
                    out number
                ) && double.IsFinite(number);
        }

        private void Digits()
        {
            while (at < text.Length && char.IsAsciiDigit(text[at]))
            {
                at++;
            }
        }

        /// <summary>Goes on to what is neither blank nor comma.</summary>
        private bool Skip()
        {
            while (at < text.Length && (char.IsWhiteSpace(text[at]) || text[at] == ','))
            {
                at++;
            }
            return at < text.Length;
        }
    }
}
