using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>The panel finished with its ridges, and flat with every line that is sewn.</summary>
internal static class PintucksPanelDrawing
{
    public const string FinishedName = "finished";
    public const string FlatName = "flat";

    /// <summary>A wave is drawn in so many straight pieces.</summary>
    private const int Pieces = 48;

    public static Drawing Finished(PintucksPlan a)
    {
        var ask = a.Ask;
        var (width, height) = (ask.PanelWidth, ask.PanelLength);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("cloth"),
        ];
        foreach (var tuck in a.Run.Tucks)
        {
            // A ridge is as wide as what is left between its needle lines; a fold as deep as it is.
            var ridge = ask.IsTwin
                ? Length.Max(Length.FromMillimetres(0.3), 2 * tuck.Half - tuck.TakeUp)
                : tuck.Half;
            var part = SewingOrder.Part(ask, tuck.Number);
            shapes.AddRange(
                ask.IsTwin
                    ?
                    [
                        Line(ask, tuck.Centre - ridge / 2, LineMeaning.Stitch, height, part),
                        Line(ask, tuck.Centre + ridge / 2, LineMeaning.Stitch, height, part),
                    ]
                    :
                    [
                        Line(ask, tuck.Centre, LineMeaning.Fold, height, part),
                        Line(ask, tuck.Centre + ridge, LineMeaning.Stitch, height, part),
                    ]
            );
        }
        var (first, second) = (a.Run.Tucks[0], a.Run.Tucks.Skip(1).FirstOrDefault());
        shapes.Add(
            Across(height, Length.Zero, width, ask.PanelWidth, LengthKind.Marked, "finished") with
            {
                Field = PintucksFields.PanelWidth.Name,
            }
        );
        shapes.Add(
            Dimension.Right(
                Length.Zero,
                height,
                width,
                LengthKind.Marked,
                field: PintucksFields.PanelLength.Name
            )
        );
        if (first.Centre > Length.Zero)
        {
            shapes.Add(Above(Length.Zero, first.Centre, LengthKind.Marked, ""));
        }
        if (second is not null && ask.Groups[0] > 1)
        {
            var stated = Above(first.Centre, second.Centre, LengthKind.Fine, "");
            shapes.Add(
                ask.Course.Count == 0 && ask.GrooveStep is null
                    ? stated with
                    {
                        Field = PintucksFields.Spacing.Name,
                    }
                    : stated
            );
        }
        if (ask.Groups.Count > 1)
        {
            // The last of them, so that it stands apart from the spacing.
            var at = ask.Tucks - ask.Groups[^1];
            var (from, to) = (a.Run.Tucks[at - 1].Centre, a.Run.Tucks[at].Centre);
            var gap = Above(from, to, LengthKind.Fine, "");
            shapes.Add(
                ask.Course.Count == 0 ? gap with { Field = PintucksFields.ClusterGap.Name } : gap
            );
        }
        return new Drawing(
            FinishedName,
            "Finished",
            $"A panel with {ask.Tucks} tucks{(ask.Groups.Count > 1 ? $" in groups of {string.Join(", ", ask.Groups)}" : "")}, centred in its width.",
            width,
            height,
            shapes,
            !ask.AcrossGrain
        );
    }

    public static Drawing Flat(PintucksPlan a, Ruler ruler)
    {
        var ask = a.Ask;
        var (width, height, seam) = (a.Wide, a.CutLength, ask.SeamAllowance);
        List<Shape> shapes =
        [
            new ClothPiece(Point.At(0, 0), new Point(width, height), ClothRole.Main).In("cloth"),
            Seam(a.Beside, Length.Zero, a.Beside, height),
            Seam(width - a.Beside, Length.Zero, width - a.Beside, height),
            Seam(Length.Zero, seam, width, seam),
            Seam(Length.Zero, height - seam, width, height - seam),
        ];
        foreach (var tuck in a.Marks)
        {
            var part = SewingOrder.Part(ask, tuck.Number);
            if (!ask.IsTwin)
            {
                shapes.Add(Line(ask, tuck.Centre, LineMeaning.Fold, height, part));
            }
            shapes.Add(Line(ask, tuck.Left, LineMeaning.Stitch, height, part));
            shapes.Add(Line(ask, tuck.Right, LineMeaning.Stitch, height, part));
        }
        var middle = a.Marks[SewingOrder.First(ask) - 1];
        shapes.Add(new Notch(new Point(middle.Centre, Length.Zero), 0).In("first"));
        shapes.Add(
            new GrainArrow(
                ask.AcrossGrain
                    ? new Point(width * 0.2, height * 0.92)
                    : new Point(width * 0.1, height * 0.25),
                ask.AcrossGrain
                    ? new Point(width * 0.8, height * 0.92)
                    : new Point(width * 0.1, height * 0.75)
            )
        );
        shapes.Add(Across(height, Length.Zero, width, width, LengthKind.Cut, "cut"));
        shapes.Add(Dimension.Right(Length.Zero, height, width, LengthKind.Cut, "cut"));
        shapes.Add(
            Above(Length.Zero, middle.Centre, LengthKind.Marked, "to the first line") with
            {
                Part = "first",
            }
        );
        if (seam > Length.Zero)
        {
            shapes.Add(
                Dimension.Left(
                    Length.Zero,
                    seam,
                    Length.Zero,
                    LengthKind.Marked,
                    field: PintucksFields.SeamAllowance.Name
                )
            );
        }
        return new Drawing(
            FlatName,
            "Flat, as cut and marked",
            $"The flat panel, {ruler.Cut(width)} wide, with the lines of {ask.Tucks} tucks; the first to be sewn lies {ruler.Mark(middle.Centre)} from the left cut edge.",
            width,
            height,
            shapes,
            !ask.AcrossGrain,
            IsForCutting: true
        );
    }

    /// <summary>A line of a tuck down the panel: straight, or along the wave.</summary>
    private static Shape Line(
        PintucksInputs ask,
        Length x,
        LineMeaning meaning,
        Length height,
        string part
    ) =>
        ask.HasWave
            ? new PathShape(
                Path.Of(
                    false,
                    [
                        .. Enumerable
                            .Range(0, Pieces + 1)
                            .Select(i =>
                            {
                                var y = height * ((double)i / Pieces);
                                return new Point(x + ask.WaveAt(y), y);
                            }),
                    ]
                ),
                meaning
            ).In(part)
            : new ClothLine(meaning, new Point(x, Length.Zero), new Point(x, height)).In(part);

    private static ClothLine Seam(Length x1, Length y1, Length x2, Length y2) =>
        new(LineMeaning.Seam, new Point(x1, y1), new Point(x2, y2)) { Part = "seam" };

    private static Dimension Across(
        Length height,
        Length from,
        Length to,
        Length states,
        LengthKind kind,
        string note
    ) => new(new Point(from, height), new Point(to, height), Side.Below, states, kind, note);

    private static Dimension Above(Length from, Length to, LengthKind kind, string note) =>
        new(
            new Point(from, Length.Zero),
            new Point(to, Length.Zero),
            Side.Above,
            to - from,
            kind,
            note
        );
}
