using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>One shape, where it lies.</summary>
/// <param name="Number">From 1, from beneath to above.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Outlines">Where they lie on the ground: the outer ones clockwise, those of holes the other way.</param>
/// <param name="AreReversed">Of each, whether that is the other way round than it was said.</param>
/// <param name="Colour">Of its cloth; empty for the working's own.</param>
/// <param name="At">Where its fields stand in the ask: nothing for the first, else such as <c>over[0].</c></param>
/// <param name="IsStretched">Whether fields say its width and height.</param>
internal sealed record ShapeOn(
    int Number,
    string Name,
    IReadOnlyList<Path> Outlines,
    IReadOnlyList<bool> AreReversed,
    string Colour,
    string At,
    bool IsStretched
)
{
    /// <summary>What it covers.</summary>
    public Area Area => area ??= Area.Of(Outlines);

    private Area? area;
}

/// <summary>Shapes on a ground, as they are wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Shapes">From beneath to above; one or more.</param>
/// <param name="DialFactor">What the machine gives of what is set; null for what swatches say.</param>
/// <param name="Measured">What rows of the stitch came to against what was set.</param>
internal sealed record Ask(
    IReadOnlyList<ShapeOn> Shapes,
    string Stitch,
    Length Repeat,
    Length RepeatRange,
    Length RepeatStep,
    Length Bite,
    bool SecondPass,
    Length Allowance,
    Length Under,
    Length Tolerance,
    double CornerAngle,
    double? DialFactor,
    Length MaxStitchWidth,
    Length ClothThickness,
    double Speed,
    IReadOnlyList<DialSample> Measured
)
{
    /// <summary>More stitches than this are absurd.</summary>
    private const int MostStitches = 100_000;

    /// <summary>The field that says how wide the first shape is; empty where none does.</summary>
    public string WidthField { get; init; } = "";

    /// <summary>The field that says how high it is.</summary>
    public string HeightField { get; init; } = "";

    private static readonly Length Half = Length.FromMillimetres(0.5);

    /// <summary>Open, close, or just enough to hold a fold.</summary>
    private static Length UsualRepeat(string stitch) =>
        Length.FromMillimetres(
            stitch switch
            {
                Fields.Satin => 0.35,
                Fields.Turned => 1.5,
                _ => 2.8,
            }
        );

    /// <summary>A satin stitch is as wide as its shape is large: a twentieth of it, between 2 and 4 mm.</summary>
    private static Length UsualBite(string stitch, IReadOnlyList<ShapeOn> shapes)
    {
        if (stitch != Fields.Satin || shapes.Count == 0)
        {
            return Length.FromMillimetres(stitch == Fields.Turned ? 1 : 2.5);
        }
        var reach = NamedShape.BoundsOf([.. shapes.SelectMany(s => s.Outlines)]);
        var size = Length.Min(reach.Width, reach.Height) / 20;
        return Rounding.Nearest(
            Length.Max(Length.FromMillimetres(2), Length.Min(Length.FromMillimetres(4), size)),
            Half
        );
    }

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var first = Traced.Read(reader, Fields.Made, Fields.Shape, Fields.Outline);
        var width = LineFields.WidthField(reader, Fields.Made, Fields.Shape);
        var height = LineFields.HeightField(reader, Fields.Made, Fields.Shape);
        var isStretched = width.Length > 0 && height.Length > 0;
        if (reader.OptionalNumber(Fields.Turn) is not (null or 0))
        {
            // What it measures across is not its own width then.
            (width, height) = ("", "");
        }
        List<ShapeOn> shapes = [];
        Add(reader, first, "", isStretched);
        foreach (var (group, i) in reader.Groups(Fields.Over).Select((g, i) => (g, i)))
        {
            var isRead =
                (
                    group.OptionalChoice(Fields.Made)
                    ?? (group.Has(Fields.Outline) ? LineFields.Read : "")
                ) == LineFields.Read;
            Add(
                group,
                Traced.Of(
                    group,
                    isRead ? LineFields.Read : LineFields.Shaped,
                    Fields.Shape,
                    Fields.Outline
                ),
                $"{Fields.Over.Name}[{i}].",
                !isRead && LineFields.Sized(group, Fields.Shape)
            );
        }
        var stitch = reader.ChoiceOrStart(Fields.Stitch);
        var repeat = reader.OptionalLength(Fields.Repeat) ?? UsualRepeat(stitch);
        var step = reader.LengthOrStart(Fields.RepeatStep);
        var ask = new Ask(
            shapes,
            stitch,
            repeat,
            reader.OptionalLength(Fields.RepeatRange)
                ?? Rounding.Down(Length.Min(Half, repeat / 7 * 2), step),
            step,
            reader.OptionalLength(Fields.Bite) ?? UsualBite(stitch, shapes),
            reader.Flag(Fields.SecondPass) && stitch == Fields.Satin,
            reader.LengthOrStart(Fields.Allowance),
            reader.LengthOrStart(Fields.Under),
            reader.LengthOrStart(Fields.Tolerance),
            reader.NumberOrStart(Fields.CornerAngle),
            reader.OptionalNumber(Fields.DialFactor),
            reader.LengthOrStart(Fields.MaxStitchWidth),
            reader.LengthOrStart(Fields.ClothThickness),
            reader.NumberOrStart(LineFields.Speed),
            DialSamples.Read(reader, Fields.Samples)
        )
        {
            WidthField = width,
            HeightField = height,
        };
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        var least = ask.Repeat - ask.RepeatRange;
        if (least < ask.RepeatStep && ask.RepeatRange > Length.Zero)
        {
            reader.Contradiction(
                Fields.RepeatRange,
                "It must be less than the stitch length, by a step or more."
            );
            return null;
        }
        var around = ask.Shapes.Sum(s => s.Outlines.Sum(o => new MeasuredPath(o).Total));
        if (around / ask.Repeat.Millimetres > MostStitches)
        {
            reader.Contradiction(
                Fields.Repeat,
                $"That would be over {MostStitches} stitches: lengthen them."
            );
            return null;
        }
        return ask;

        void Add(AskReader group, IReadOnlyList<Traced> lines, string at, bool isStretched)
        {
            var name = group.OptionalName(Fields.Piece);
            var (x, y) = (group.OptionalLength(Fields.X), group.OptionalLength(Fields.Y));
            var turn = group.OptionalNumber(Fields.Turn) ?? 0;
            var mirrored = group.Flag(Fields.Mirrored);
            var colour = group.OptionalColour(Fields.Colour);
            if (group.Errors.Count > 0 || lines.Count == 0)
            {
                return;
            }
            var turned = (mirrored ? Affine.Mirror(0) : Affine.Same).Then(Affine.Turn(turn));
            var paths = lines.Select(l => turned.Of(l.Path)).ToList();
            var reach = NamedShape.BoundsOf(paths);
            var place = Affine.Move(
                ((x ?? Length.Zero) - reach.From.X).Millimetres,
                ((y ?? Length.Zero) - reach.From.Y).Millimetres
            );
            List<Path> outlines = [];
            List<bool> reversed = [];
            paths = [.. paths.Select(place.Of)];
            var areas = paths.Count > 1 ? paths.Select(p => Area.Of([p])).ToList() : [];
            foreach (var (path, i) in paths.Select((p, i) => (p, i)))
            {
                // An outline within an odd number of others is that of a hole.
                var isHole = areas.Where((a, j) => j != i && a.Covers(path.Start)).Count() % 2 == 1;
                var clockwise = new MeasuredPath(path).SignedArea > 0;
                reversed.Add(clockwise == isHole);
                outlines.Add(clockwise == isHole ? path.Reverse() : path);
            }
            shapes.Add(
                new ShapeOn(
                    shapes.Count + 1,
                    name ?? (shapes.Count == 0 ? "shape" : $"shape {shapes.Count + 1}"),
                    outlines,
                    reversed,
                    colour?.ToString() ?? "",
                    at,
                    isStretched
                )
            );
        }
    }
}
