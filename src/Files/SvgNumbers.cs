using System.Globalization;
using System.Text.RegularExpressions;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Files;

public static partial class SvgLines
{
    private static Affine? Transform(string text)
    {
        var all = Affine.Same;
        var at = 0;
        foreach (Match one in OneTransform().Matches(text))
        {
            if (!IsBetween(text.AsSpan(at, one.Index - at)))
            {
                return null;
            }
            at = one.Index + one.Length;
            var change = (one.Groups[1].Value, Numbers(one.Groups[2].Value)) switch
            {
                ("matrix", [var a, var b, var c, var d, var e, var f]) => new Affine(
                    a,
                    b,
                    c,
                    d,
                    e,
                    f
                ),
                ("translate", [var x]) => Affine.Move(x, 0),
                ("translate", [var x, var y]) => Affine.Move(x, y),
                ("scale", [var s]) => Affine.Scale(s, s),
                ("scale", [var x, var y]) => Affine.Scale(x, y),
                ("rotate", [var turn]) => Affine.Turn(turn),
                ("rotate", [var turn, var x, var y]) => Affine
                    .Move(-x, -y)
                    .Then(Affine.Turn(turn))
                    .Then(Affine.Move(x, y)),
                ("skewX", [var s]) => new Affine(1, 0, Math.Tan(s * Math.PI / 180), 1, 0, 0),
                ("skewY", [var s]) => new Affine(1, Math.Tan(s * Math.PI / 180), 0, 1, 0, 0),
                _ => (Affine?)null,
            };
            if (change is not { } known)
            {
                return null;
            }
            // What stands first is done last.
            all = known.Then(all);
        }
        return IsBetween(text.AsSpan(at)) ? all : null;

        static bool IsBetween(ReadOnlySpan<char> text) => text.Trim(" ,\n\t\r").IsEmpty;
    }

    private static List<double> Numbers(string text) =>
        [
            .. OneNumber()
                .Matches(text)
                .Select(m => Number(m.Value, out var n) ? n : 0)
                .Take(2 * PathData.MostSteps + 4),
        ];

    private static bool Number(string text, out double number) =>
        double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out number)
        && double.IsFinite(number);
}
