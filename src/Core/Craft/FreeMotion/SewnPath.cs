using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>Where the needle goes, and what is drawn on the fabric for it.</summary>
/// <param name="Stretches">What is sewn, in its order, from the top left of all of it; one for each stretch between jumps.</param>
/// <param name="Outlines">What a fill or letters fill, or what a line runs along; of a meander its field.</param>
internal sealed record SewnPath(
    IReadOnlyList<IReadOnlyList<Point>> Stretches,
    IReadOnlyList<Path> Outlines
)
{
    public static SewnPath None { get; } = new([], []);

    /// <summary>Round a monogram; null where there is none. It is sewn, and fills nothing.</summary>
    public Path? Ring { get; init; }

    /// <summary>The line over a field: loops, or a meander.</summary>
    public static IReadOnlyList<Point> Over(
        string kind,
        Length width,
        Length height,
        Length apart,
        int seed
    ) =>
        kind == FreeMotionFields.Looped
            ? Loops.Of(width, height, apart, seed)
            : Meander.Of(width, height, apart, seed);

    /// <summary>All that is drawn on the cloth.</summary>
    public IReadOnlyList<Path> Sketch => Ring is { } ring ? [.. Outlines, ring] : Outlines;

    /// <summary>How high a capital of a monogram is; null where it is none.</summary>
    public Length? Capital { get; init; }

    /// <summary>The field that says how wide it is; empty where that follows.</summary>
    public string WidthField { get; init; } = "";

    /// <summary>The field that says how high it is.</summary>
    public string HeightField { get; init; } = "";
}

/// <summary>
/// Reads what is filled or followed, and lays the line: a meander over a field, lines to and fro within outlines or letters,
/// or the line itself. All that is said is read first, so that what is wrong with it is said together.
/// </summary>
internal sealed class SewnPathReader
{
    /// <summary>More letters are a name, and no monogram.</summary>
    private const int Monogram = 3;

    private static readonly Length Flat = Length.FromMillimetres(0.1);

    private readonly InputReader reader;
    private readonly FreeMotionInputs ask;
    private readonly Length? width;
    private readonly Length? height;
    private readonly int seed;
    private readonly IReadOnlyList<Path> path;
    private readonly IReadOnlyList<Path> outline;
    private readonly NamedShape shape;
    private readonly ShapeSize size;
    private readonly string? text;
    private readonly Length? cap;
    private readonly bool ring;
    private readonly bool isShaped;

    public SewnPathReader(InputReader reader, FreeMotionInputs ask)
    {
        (this.reader, this.ask) = (reader, ask);
        width = reader.OptionalLength(FreeMotionFields.Width);
        height = reader.OptionalLength(FreeMotionFields.Height);
        seed = (int)reader.NumberOrStart(FreeMotionFields.Seed);
        path = reader.Paths(FreeMotionFields.Path);
        outline = reader.Paths(FreeMotionFields.Outline);
        (shape, size) = Traced.Sized(reader, FreeMotionFields.Shape);
        text = reader.OptionalName(FreeMotionFields.Text);
        cap = reader.OptionalLength(FreeMotionFields.CapHeight);
        _ = reader.OptionalChoice(FreeMotionFields.Font);
        ring = reader.Flag(FreeMotionFields.Ring);
        isShaped = MadeOf(reader) == LineFields.Shaped;
        foreach (var needed in Needed.Where(f => !reader.Has(f)))
        {
            reader.Missing(needed);
        }
    }

    private IEnumerable<Field> Needed =>
        ask.Kind switch
        {
            FreeMotionFields.Meandered or FreeMotionFields.Looped =>
            [
                FreeMotionFields.Width,
                FreeMotionFields.Height,
            ],
            FreeMotionFields.Lettered => [FreeMotionFields.Text, FreeMotionFields.CapHeight],
            _ when isShaped => [LineFields.ShapeWidth],
            FreeMotionFields.Fill => [FreeMotionFields.Outline],
            _ => [FreeMotionFields.Path],
        };

    private static string MadeOf(InputReader reader) =>
        reader.OptionalChoice(FreeMotionFields.Made)
        ?? (
            reader.Has(FreeMotionFields.Path) || reader.Has(FreeMotionFields.Outline)
                ? LineFields.Read
                : LineFields.Shaped
        );

    /// <summary>Lays it; nothing where it cannot be laid, which the reader then says.</summary>
    public SewnPath Lay()
    {
        var laid = ask.Kind switch
        {
            FreeMotionFields.Meandered or FreeMotionFields.Looped => OfField(
                width!.Value,
                height!.Value
            ),
            FreeMotionFields.Lettered => OfLetters(text!, cap!.Value),
            FreeMotionFields.Fill => OfFill(
                isShaped ? shape.At(size) : outline,
                isShaped ? FreeMotionFields.Shape : FreeMotionFields.Outline
            ),
            _ => OfLine(isShaped ? shape.At(size, false) : path),
        };
        return ask.Kind is FreeMotionFields.Line or FreeMotionFields.Fill && isShaped
            ? laid with
            {
                WidthField = shape.Name == "spiral" ? "" : LineFields.ShapeWidth.Name,
                HeightField = LineFields.Sized(reader, FreeMotionFields.Shape)
                    ? LineFields.ShapeHeight.Name
                    : "",
            }
            : laid;
    }

    private SewnPath Refused(Field field, string says)
    {
        reader.Contradiction(field, says);
        return SewnPath.None;
    }

    private SewnPath OfField(Length across, Length down)
    {
        if (ask.Apart * Meander.LeastCells > Length.Min(across, down))
        {
            return Refused(
                FreeMotionFields.LineSpacing,
                $"The field must be {Meander.LeastCells} times as wide and as high as its lines lie apart."
            );
        }
        var isLooped = ask.Kind == FreeMotionFields.Looped;
        var places = isLooped
            ? Loops.Places(across, down, ask.Apart) * 4
            : Meander.Places(across, down, ask.Apart);
        if (places > Meander.MostPlaces)
        {
            return Refused(
                FreeMotionFields.LineSpacing,
                "That is more line than anybody sews: lay the lines further apart, or sew a part of the field."
            );
        }
        var field = Path.Of(
            true,
            Point.At(0, 0),
            new Point(across, Length.Zero),
            new Point(across, down),
            new Point(Length.Zero, down)
        );
        return new([SewnPath.Over(ask.Kind, across, down, ask.Apart, seed)], [field])
        {
            WidthField = FreeMotionFields.Width.Name,
            HeightField = FreeMotionFields.Height.Name,
        };
    }

    private static SewnPath OfLine(IReadOnlyList<Path> paths)
    {
        var placed = Traced.Placed(paths);
        return new(
            [.. placed.Select(p => new MeasuredPath(p)).Where(m => m.Total > 0).Select(Walked)],
            placed
        );
    }

    private SewnPath OfFill(IReadOnlyList<Path> outlines, Field field)
    {
        var closed = outlines.Where(o => o.IsClosed).ToList();
        if (closed.Count == 0 || closed.Any(o => Area.Wrong(o) is not null))
        {
            return Refused(field, "The outline isn’t closed, so there is nothing to fill.");
        }
        var placed = Traced.Placed(closed);
        if (Hatching.Lines(placed, ask.Apart) > Hatching.Most)
        {
            return Refused(
                FreeMotionFields.LineSpacing,
                "That is more line than anybody sews: lay the lines further apart."
            );
        }
        var stretches = Hatching.Of(placed, ask.Apart, ask.Angle);
        return stretches.Count == 0
            ? Refused(field, "It is too narrow for a single line.")
            : new(stretches, placed);
    }

    private SewnPath OfLetters(string said, Length high)
    {
        if (Traced.Unwritable(said) is { } wrong)
        {
            return Refused(FreeMotionFields.Text, wrong);
        }
        var letters = LetterShapes.Of(said.Trim(), high);
        if (Hatching.Lines(letters, ask.Apart) > Hatching.Most)
        {
            return Refused(FreeMotionFields.LineSpacing, "That is more line than anybody sews.");
        }
        var reach = NamedShape.BoundsOf(letters);
        var (wide, tall) = (reach.Width.Millimetres, reach.Height.Millimetres);
        // Round the corners of all letters, and half a capital's third away.
        var radius = Math.Sqrt(wide * wide + tall * tall) / 2 + high.Millimetres / 6;
        var (left, top) = ring ? (radius - wide / 2, radius - tall / 2) : (0.0, 0.0);
        var move = Affine.Move(left - reach.From.X.Millimetres, top - reach.From.Y.Millimetres);
        List<Path> placed = [.. letters.Select(move.Of)];
        var stretches = Hatching.Of(placed, ask.Apart, ask.Angle);
        if (stretches.Count == 0)
        {
            return Refused(FreeMotionFields.Text, "The letters are too small for a single line.");
        }
        var circle = ring ? NamedShape.CircleOf(Length.FromMillimetres(2 * radius)) : null;
        return new(circle is null ? stretches : [.. stretches, Walked(new(circle))], placed)
        {
            Ring = circle,
            Capital = said.Trim().Length <= Monogram ? high : null,
            // Only where the letters are as high as a capital does the drawing state it.
            HeightField =
                ring || Length.Difference(reach.Height, high).Millimetres > 0.01
                    ? ""
                    : FreeMotionFields.CapHeight.Name,
        };
    }

    private static IReadOnlyList<Point> Walked(MeasuredPath line) =>
        line.Points(0, line.Total * (1 - 1e-12), Flat.Millimetres);
}
