using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>Through the cloth, near: what the bobbin thread draws together between two needles, or how a fold lies.</summary>
internal static class TuckCloseUp
{
    public const string Name = "close-up";

    public static Drawing Of(PintucksPlan a, Ruler ruler) => a.Ask.IsTwin ? Ridge(a) : Fold(a);

    /// <summary>From left to right: flat, needle to needle, and the ridge that it becomes.</summary>
    private static Drawing Ridge(PintucksPlan a)
    {
        var ask = a.Ask;
        var (n, t) = (ask.NeedleSpacing, ask.ClothThickness);
        // What is left between the needle lines, and how high the rest stands: an arch as long as it was flat.
        var narrow = Length.Max(n * 0.15, n - ask.TakeUp);
        var rise = Length.FromMillimetres(
            Math.Sqrt(Math.Max(0, Math.Pow(n.Millimetres, 2) - Math.Pow(narrow.Millimetres, 2))) / 2
        );
        var rest = n * 0.9;
        var ground = rise + t + Length.FromMillimetres(1.2);
        var height = ground + t + Length.FromMillimetres(1.4);
        var flat = rest;
        var ridge = flat + n + 2 * rest;
        var width = ridge + narrow + rest;
        List<Shape> shapes =
        [
            Cloth(Length.Zero, flat + n + rest / 2, ground, t),
            Needle(flat, ground),
            Needle(flat + n, ground),
            Cloth(ridge - rest, ridge, ground, t),
            Cloth(ridge + narrow, width, ground, t),
            new PathShape(
                new Path(
                    new Point(ridge, ground),
                    [
                        new CubicTo(
                            new Point(ridge - narrow * 0.1, ground - rise * 1.33),
                            new Point(ridge + narrow * 1.1, ground - rise * 1.33),
                            new Point(ridge + narrow, ground)
                        ),
                        new LineTo(new Point(ridge + narrow, ground + t)),
                        new CubicTo(
                            new Point(ridge + narrow * 0.95, ground + t - rise),
                            new Point(ridge + narrow * 0.05, ground + t - rise),
                            new Point(ridge, ground + t)
                        ),
                    ],
                    true
                ),
                LineMeaning.Profile,
                ClothRole.Main
            ).In("ridge"),
            // The one bobbin thread from needle line to needle line.
            new PathShape(
                Path.Of(
                    false,
                    new Point(ridge, ground + t),
                    new Point(ridge + narrow / 2, ground + t + Length.FromMillimetres(0.5)),
                    new Point(ridge + narrow, ground + t)
                ),
                LineMeaning.Stitch
            ).In("bobbin"),
        ];
        if (ask.Corded)
        {
            var cord = Length.Min(narrow, rise) * 0.45;
            shapes.Add(
                new PathShape(
                    Path.Of(
                        false,
                        new Point(ridge + narrow / 2 - cord / 4, ground + t - cord / 2),
                        new Point(ridge + narrow / 2 + cord / 4, ground + t - cord / 2)
                    ),
                    LineMeaning.Cord,
                    Width: cord
                ).In("cord")
            );
        }
        shapes.Add(
            Dimension.Above(
                flat,
                flat + n,
                Length.Zero,
                LengthKind.Fine,
                "needles",
                PintucksFields.NeedleSpacing.Name,
                states: n
            )
        );
        shapes.Add(
            Dimension.Right(
                ground,
                ground + t,
                width,
                LengthKind.Fine,
                field: PintucksFields.ClothThickness.Name,
                states: t
            )
        );
        shapes.Add(
            Dimension.Below(
                ridge,
                ridge + narrow,
                height,
                LengthKind.Fine,
                "visible width left between tucks",
                states: narrow
            )
        );
        return new Drawing(
            Name,
            "Cross-section",
            $"Two needles {a.Ruler.Fine(n)} apart; one thread below draws them together, and {a.Ruler.Fine(ask.TakeUp)} stand up as a ridge.",
            width,
            height,
            shapes,
            false,
            IsCloseUp: true
        );
    }

    private static Drawing Fold(PintucksPlan a)
    {
        var depth = a.Ask.Depth;
        var t = Length.Max(a.Ask.ClothThickness, depth / 12);
        var rest = depth * 1.4;
        var width = 2 * rest + depth;
        var ground = Length.FromMillimetres(2) + 2 * t;
        List<Shape> shapes =
        [
            Cloth(Length.Zero, width, ground, t),
            Cloth(rest, rest + depth, ground - t, t) with
            {
                Part = "ridge",
            },
            Cloth(rest, rest + depth, ground - 2 * t, t) with
            {
                Part = "ridge",
            },
            new ClothLine(
                LineMeaning.Stitch,
                new Point(rest + depth, ground - 2 * t),
                new Point(rest + depth, ground + t)
            ).In("stitching"),
            Dimension.Above(
                rest,
                rest + depth,
                Length.Zero,
                LengthKind.Fine,
                "from fold to stitching",
                PintucksFields.Depth.Name,
                states: depth
            ),
        ];
        return new Drawing(
            Name,
            "Cross-section",
            $"A fold lies {a.Ruler.Fine(depth)} over the fabric and is sewn at its root: it takes up twice that.",
            width,
            ground + t + Length.FromMillimetres(1),
            shapes,
            false,
            IsCloseUp: true
        );
    }

    private static PathShape Cloth(Length from, Length to, Length top, Length thick) =>
        new(
            Path.Of(
                true,
                new Point(from, top),
                new Point(to, top),
                new Point(to, top + thick),
                new Point(from, top + thick)
            ),
            LineMeaning.Profile,
            ClothRole.Main
        )
        {
            Part = "cloth",
        };

    private static ClothLine Needle(Length x, Length ground) =>
        new(LineMeaning.Chalk, new Point(x, Length.FromMillimetres(0.4)), new Point(x, ground))
        {
            Part = "needles",
        };
}
