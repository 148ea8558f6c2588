using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>The sole of the foot lying on the tucks, to scale: which groove the last tuck runs in while the next is sewn in the middle one.</summary>
internal static class SoleDrawing
{
    public const string Name = "sole";

    private const double Sole = 20;
    private const double Reach = 8;

    public static Drawing Of(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var isGuess = ask.GroovePitch is null || ask.Grooves is null;
        var grooves = ask.Grooves ?? 7;
        var pitch =
            ask.GroovePitch
            ?? Length.FromMillimetres(Math.Max(1.6, ask.NeedleSpacing.Millimetres * 1.15));
        var groove = ask.GrooveWidth ?? pitch * 0.75;
        var half = pitch * (grooves / 2.0) + Length.FromMillimetres(2);
        var shown = Length.Max(half, ask.Spacing + ask.NeedleSpacing) + Length.FromMillimetres(3);
        var (width, height) = (2 * shown, Length.FromMillimetres(Sole + 2 * Reach));
        var middle = shown;
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("cloth"),
            Plate(PlateRole.Sole, middle - half, middle + half, isGuess),
        ];
        for (var i = 0; i < grooves; i++)
        {
            var x = middle + (i - (grooves - 1) / 2.0) * pitch;
            shapes.Add(Plate(PlateRole.Groove, x - groove / 2, x + groove / 2, isGuess));
        }
        // The tucks that are sewn lie to the left; the new one comes out from under the needles.
        for (var i = 1; middle - i * ask.Spacing > ask.NeedleSpacing && i <= 12; i++)
        {
            shapes.AddRange(Ridge(a, middle - i * ask.Spacing, Length.Zero, height, "last"));
        }
        var needles = Length.FromMillimetres(Reach + Sole * 0.45);
        shapes.AddRange(Ridge(a, middle, Length.Zero, needles, "next"));
        foreach (var side in new[] { -1, 1 })
        {
            var x = middle + side * (ask.NeedleSpacing / 2);
            shapes.Add(
                new Plate(
                    new Point(
                        x - Length.FromMillimetres(0.4),
                        needles - Length.FromMillimetres(0.4)
                    ),
                    new Point(
                        x + Length.FromMillimetres(0.4),
                        needles + Length.FromMillimetres(0.4)
                    ),
                    PlateRole.Hole,
                    false
                ).In("needles")
            );
        }
        shapes.Add(
            Dimension.Below(
                middle - ask.Spacing,
                middle,
                height,
                LengthKind.Fine,
                $"· {Over(ask, pitch)}",
                states: ask.Spacing
            )
        );
        shapes.Add(
            Dimension.Above(
                middle - ask.NeedleSpacing / 2,
                middle + ask.NeedleSpacing / 2,
                Length.Zero,
                LengthKind.Fine,
                field: PintucksFields.NeedleSpacing.Name,
                states: ask.NeedleSpacing
            )
        );
        return new Drawing(
            Name,
            "Underside of the foot on the tucks",
            $"The twin needle stands in the middle groove; the last tuck runs {a.Ruler.Fine(ask.Spacing)} away, {Over(ask, pitch)}.",
            width,
            height,
            shapes,
            true,
            IsCloseUp: true
        );

        static Plate Plate(PlateRole role, Length from, Length to, bool isGuess) =>
            new(
                new Point(from, Length.FromMillimetres(Reach)),
                new Point(to, Length.FromMillimetres(Reach + Sole)),
                role,
                isGuess
            )
            {
                Part = role.ToString().ToLowerInvariant(),
            };
    }

    /// <summary>How many grooves over the last tuck runs, in words; how far it misses them where the spacing is none of theirs.</summary>
    public static string Over(PintucksInputs ask, Length? said = null)
    {
        if ((said ?? ask.GroovePitch) is not { } pitch)
        {
            return "by eye";
        }
        var over = Math.Max(1, Math.Round(ask.Spacing / pitch));
        var text = over == 1 ? "one groove over" : $"{DecimalText.Write(over, 0)} grooves over";
        return Length.Difference(ask.Spacing, pitch * over) > pitch / 8
            ? $"nearest to {text}"
            : text;
    }

    private static IEnumerable<Shape> Ridge(
        PintucksPlan a,
        Length x,
        Length from,
        Length to,
        string part
    )
    {
        var half = Length.Max(Length.FromMillimetres(0.3), a.Ask.NeedleSpacing - a.Ask.TakeUp) / 2;
        foreach (var at in new[] { x - half, x + half })
        {
            yield return new ClothLine(
                LineMeaning.Stitch,
                new Point(at, from),
                new Point(at, to)
            ).In(part);
        }
    }
}
