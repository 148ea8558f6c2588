using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Supplies;

/// <summary>The sole of a foot from below, to scale, with the swing of the needle, and handles to adjust it by.</summary>
/// <remarks>
/// The needle comes down at the middle of the opening. How long a sole is plays no part in any rule, so it is drawn
/// 26 mm long. What is not known is drawn at a usual size, and says so.
/// </remarks>
public static class FootDrawing
{
    private const double Sole = 26;
    private const double NeedleAt = 11;
    private const double Margin = 4;

    /// <summary>The stitch whose swing is drawn in.</summary>
    public static LengthField Swing { get; } =
        LengthField
            .Fine("swing", "Stitch width", 0, 15)
            .Optional()
            .Help("The stitch whose swing is drawn in.");

    /// <summary>Draws a foot.</summary>
    /// <param name="swing">The width of the stitch; the blade is drawn as a size 90.</param>
    public static Drawing Of(Foot foot, Length swing)
    {
        var left = Mm(foot.SoleLeft, 8);
        var right = Mm(foot.SoleRight, 8);
        var opening = Mm(foot.Opening, 7);
        var middle = Math.Max(left, opening / 2) + Margin;
        var width = middle + Math.Max(right, opening / 2) + Margin;
        List<Shape> shapes =
        [
            Plate(
                PlateRole.Sole,
                middle - left,
                0,
                middle + right,
                Sole,
                foot.SoleLeft is null || foot.SoleRight is null
            ),
        ];
        if (foot.HasGrooves)
        {
            var count = foot.Grooves ?? 5;
            var pitch = Mm(foot.GroovePitch, 2.6);
            var groove = Mm(foot.GrooveWidth, pitch * 0.7);
            for (var i = 0; i < count; i++)
            {
                var x = middle + (i - (count - 1) / 2d) * pitch;
                shapes.Add(
                    Plate(
                        PlateRole.Groove,
                        x - groove / 2,
                        0,
                        x + groove / 2,
                        Sole,
                        foot.GrooveWidth is null
                    )
                );
            }
            var last = middle + (count % 2 == 1 ? 0 : pitch / 2);
            shapes.Add(new Handle(At(last + groove / 2, Sole - 5), "grooveWidth", At(last, 0), 2));
            if (count > 2)
            {
                shapes.Add(new Handle(At(last + pitch, Sole - 2), "groovePitch", At(last, 0), 1));
            }
        }
        shapes.Add(
            Plate(
                PlateRole.Opening,
                middle - opening / 2,
                NeedleAt - 3,
                middle + opening / 2,
                NeedleAt + 3,
                foot.Opening is null
            )
        );
        if (foot.CordHole is { } hole && hole > Length.Zero)
        {
            var r = hole.Millimetres / 2;
            shapes.Add(Plate(PlateRole.Hole, middle - r, 3, middle + r, 3 + 2 * r, false));
            shapes.Add(new Handle(At(middle + r, 3 + r), "cordHole", At(middle, 0), 2));
        }
        var reach = swing.Millimetres / 2 + 0.45;
        shapes.Add(
            Plate(
                PlateRole.Swing,
                middle - reach,
                NeedleAt - 0.45,
                middle + reach,
                NeedleAt + 0.45,
                false
            )
        );
        shapes.Add(new Handle(At(middle + opening / 2, NeedleAt - 3), "opening", At(middle, 0), 2));
        shapes.Add(new Handle(At(middle - left, Sole / 2 + 5), "soleLeft", At(middle, 0), -1));
        shapes.Add(new Handle(At(middle + right, Sole / 2 + 5), "soleRight", At(middle, 0), 1));
        return new Drawing(
            "foot",
            "The foot from below",
            $"The sole of the foot from below: {Known("opening", foot.Opening)}, {Known("left edge", foot.SoleLeft)}, {Known("right edge", foot.SoleRight)}.",
            Length.FromMillimetres(width),
            Length.FromMillimetres(Sole),
            shapes,
            true,
            true
        );
    }

    private static string Known(string what, Length? length) =>
        length is { } known
            ? $"{what} {DecimalText.Write(known.Millimetres)} mm"
            : $"{what} not known";

    private static double Mm(Length? known, double usual) => known?.Millimetres ?? usual;

    private static Point At(double x, double y) =>
        new(Length.FromMillimetres(x), Length.FromMillimetres(y));

    private static Plate Plate(
        PlateRole role,
        double x,
        double y,
        double toX,
        double toY,
        bool isGuess
    ) => new(At(x, y), At(toX, toY), role, isGuess);
}
