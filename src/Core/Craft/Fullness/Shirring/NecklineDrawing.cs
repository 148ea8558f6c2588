using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>A panel whose upper edge is a neckline: a part of a ring, with rows along its circles.</summary>
/// <remarks>An edge W long on a circle of radius ρ spans W/ρ; a row at a distance d below it has the radius ρ + d.</remarks>
internal static class NecklineDrawing
{
    /// <summary>More than this of a circle closes up before it can be cut in one piece.</summary>
    public const double Widest = 0.95 * 2 * Math.PI;

    /// <summary>How far round it goes, in radians.</summary>
    /// <param name="width">Along the neckline.</param>
    public static double Spans(ShirringInputs ask, Length width) =>
        Math.Min(Widest, width / ask.NeckRadius);

    /// <summary>The panel as it is cut, with its seams.</summary>
    public static Path Cut(ShirringPlan a) =>
        Ring.Of(a, a.CutFlat, a.Ask.EdgeAllowance, a.Ask.SeamAllowance).Outline;

    public static Drawing AtRest(ShirringPlan a) =>
        Drawn(
            a,
            Ring.Of(a, a.Ask.RelaxedWidth, Length.Zero, Length.Zero),
            "at-rest",
            "Relaxed",
            $"The panel drawn up: {a.Rows} rows of elastic, each longer than the one above it.",
            isFlat: false
        );

    public static Drawing Flat(ShirringPlan a) =>
        Drawn(
            a,
            Ring.Of(a, a.CutFlat, a.Ask.EdgeAllowance, a.Ask.SeamAllowance),
            "flat",
            "Flat, as cut and sewn",
            $"The panel flat, cut as a part of a ring, with {a.Rows} rows round the neckline.",
            isFlat: true
        );

    /// <summary>The ring as it is cut, with its rows, at true size.</summary>
    public static Guide Guide(ShirringPlan a)
    {
        var ring = Ring.Of(a, a.CutFlat, a.Ask.EdgeAllowance, a.Ask.SeamAllowance);
        var bounds = ring.Outline.Bounds;
        return new Guide(
            "Rows of elastic round the neckline",
            bounds.Width,
            bounds.Height,
            [],
            "The rectangle is the fabric that it is cut from, with the grain down its middle: cut along the ring, and mark the rows."
        )
        {
            Paths =
            [
                new GuidePath(ring.Outline, LineMeaning.Seam, ""),
                .. Enumerable
                    .Range(1, a.Rows)
                    .Select(row => new GuidePath(
                        ring.Row(a.Ask.TopMargin + a.Laid.At(row)),
                        LineMeaning.Stitch,
                        $"{row}"
                    )),
            ],
        };
    }

    private static Drawing Drawn(
        ShirringPlan a,
        Ring ring,
        string name,
        string title,
        string says,
        bool isFlat
    )
    {
        List<Shape> shapes =
        [
            new PathShape(ring.Outline, Fill: ClothRole.Main).In(isFlat ? "cloth" : "panel"),
        ];
        foreach (var row in ShirringPanelDrawing.Shown(a))
        {
            shapes.Add(
                new PathShape(ring.Row(a.Ask.TopMargin + a.Laid.At(row)), LineMeaning.Stitch).In(
                    isFlat ? ShirringPanelDrawing.PartOf(a, row) : "rows"
                )
            );
        }
        if (isFlat)
        {
            shapes.Add(new PathShape(ring.Row(Length.Zero), LineMeaning.Seam).In("seam"));
        }
        var bounds = ring.Outline.Bounds;
        shapes.Add(
            Dimension.Below(
                Length.Zero,
                bounds.Width,
                bounds.Height,
                isFlat ? LengthKind.Cut : LengthKind.Marked,
                isFlat ? "cut" : "at rest, round the neckline",
                isFlat ? "" : ShirringFields.RelaxedWidth.Name,
                isFlat ? null : a.Ask.RelaxedWidth
            )
        );
        return new Drawing(
            name,
            title + ShirringPanelDrawing.Note(a),
            says,
            bounds.Width,
            bounds.Height,
            shapes,
            true,
            IsForCutting: isFlat
        )
        {
            Nears = isFlat
                ?
                [
                    .. ShirringPanelDrawing
                        .Led(a)
                        .Select(row => new Near(
                            ring.Row(a.Ask.TopMargin + a.Laid.At(row)).Start,
                            a.ActualGap * 8,
                            0,
                            $"row {row}"
                        )),
                ]
                : [],
        };
    }

    /// <summary>A part of a ring below its centre.</summary>
    private sealed record Ring(
        double Radius,
        double Inner,
        double Outer,
        double Angle,
        double X,
        double Y
    )
    {
        public static Ring Of(ShirringPlan a, Length width, Length edge, Length seam)
        {
            var radius = a.Ask.NeckRadius.Millimetres;
            var height = (a.CutHeight - 2 * a.Ask.EdgeAllowance).Millimetres + edge.Millimetres;
            var (inner, outer) = (Math.Max(1, radius - edge.Millimetres), radius + height);
            var angle = Math.Min(Widest, Spans(a.Ask, width) + 2 * seam.Millimetres / radius);
            return new Ring(
                radius,
                inner,
                outer,
                angle,
                outer * Math.Sin(Math.Min(angle / 2, Math.PI / 2)),
                -Math.Min(inner * Math.Cos(angle / 2), outer * Math.Cos(angle / 2))
            );
        }

        public Path Outline =>
            new(
                At(Inner, -1),
                [
                    Arc(Inner, 1),
                    new LineTo(At(Outer, 1)),
                    Arc(Outer, -1),
                    new LineTo(At(Inner, -1)),
                ],
                true
            );

        /// <summary>A row below the neckline, from left to right.</summary>
        public Path Row(Length below)
        {
            var radius = Radius + below.Millimetres;
            return new(At(radius, -1), [Arc(radius, 1)]);
        }

        private ArcTo Arc(double radius, int to) =>
            new(At(radius, to), Length.FromMillimetres(radius), to < 0, Angle > Math.PI);

        private Point At(double radius, int side) =>
            Point.At(X + radius * Math.Sin(side * Angle / 2), Y + radius * Math.Cos(Angle / 2));
    }
}
