using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;
using ZephyrReach.Core.Swatches.Learning;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>A square with elastic in the bobbin, before and after.</summary>
internal sealed record Drawn(Length Square, Length? Along, Length? Across, bool Same, bool Counts);

/// <summary>Free-motion work, as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Kind">meander, line, fill or letters.</param>
/// <param name="Stretches">What is sewn, in its order, from the top left of all of it; one for each stretch between jumps.</param>
/// <param name="Outlines">What a fill or letters fill, or what a line runs along; of a meander its field.</param>
/// <param name="Apart">From line to line; nothing for a line.</param>
/// <param name="StitchWidth">Of a zigzag; nothing for a straight stitch.</param>
/// <param name="ClothWeight">In g/m².</param>
internal sealed record Ask(
    string Kind,
    IReadOnlyList<IReadOnlyList<Point>> Stretches,
    IReadOnlyList<Path> Outlines,
    Length Apart,
    Length StitchWidth,
    Tempo Tempo,
    int Passes,
    int Layers,
    string Held,
    Length HoopInside,
    bool Elastic,
    Length Thickness,
    double ClothWeight,
    Length MaxStitchWidth,
    Length Bobbin,
    IReadOnlyList<DialSample> Counted,
    IReadOnlyList<Drawn> Squares
)
{
    /// <summary>More stitches than this nobody sews.</summary>
    private const int MostStitches = 200_000;

    /// <summary>More letters are a name, and no monogram.</summary>
    private const int Monogram = 3;

    /// <summary>From one line of a zigzag to the next, of its width: they overlap by a tenth.</summary>
    private const double Overlapped = 0.9;

    private static readonly Length Flat = Length.FromMillimetres(0.1);

    public bool IsZigzag => StitchWidth > Length.Zero;

    /// <summary>Stitches a minute that the machine makes; null where that is not known.</summary>
    public double? Fastest { get; init; }

    /// <summary>Round a monogram; null where there is none. It is sewn, and fills nothing.</summary>
    public Path? Ring { get; init; }

    /// <summary>All that is drawn on the cloth.</summary>
    public IReadOnlyList<Path> Sketch => Ring is { } ring ? [.. Outlines, ring] : Outlines;

    /// <summary>How high a capital of a monogram is; null where it is none.</summary>
    public Length? Capital { get; init; }

    /// <summary>Of the lines of a fill, in degrees.</summary>
    public double Angle { get; init; }

    /// <summary>From the middle of a zigzag to its one side, square to the lines of the fill; in mm.</summary>
    public (double X, double Y) Swing =>
        (
            -Math.Sin(Angle * Math.PI / 180) * StitchWidth.Millimetres / 2,
            Math.Cos(Angle * Math.PI / 180) * StitchWidth.Millimetres / 2
        );

    /// <summary>What a field of it is typed into; empty where it follows.</summary>
    public string WidthField { get; init; } = "";

    public string HeightField { get; init; } = "";

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader)
    {
        var kind = reader.ChoiceOrStart(Fields.Kind);
        var (width, height) = (
            reader.OptionalLength(Fields.Width),
            reader.OptionalLength(Fields.Height)
        );
        var isFilled = kind is Fields.Fill or Fields.Lettered;
        var zigzag = reader.LengthOrStart(Fields.StitchWidth);
        var said = reader.OptionalLength(Fields.LineSpacing);
        var apart =
            isFilled && zigzag > Length.Zero
                ? zigzag * Overlapped
                : said ?? Length.FromMillimetres(kind == Fields.Meandered ? 8 : 1);
        var seed = (int)reader.NumberOrStart(Fields.Seed);
        var angle = reader.NumberOrStart(Fields.Angle);
        var (path, outline) = (reader.Paths(Fields.Path), reader.Paths(Fields.Outline));
        var (shape, size) = Traced.Sized(reader, Fields.Shape);
        var (text, cap) = (
            reader.OptionalName(Fields.Text),
            reader.OptionalLength(Fields.CapHeight)
        );
        _ = reader.OptionalChoice(Fields.Font);
        var ring = reader.Flag(Fields.Ring);
        var made = MadeOf(reader);
        var (held, hoop) = (
            reader.ChoiceOrStart(Fields.Held),
            reader.LengthOrStart(Fields.HoopInside)
        );
        var fastest = reader.OptionalNumber(Fields.Fastest);
        var samples = DialSamples.Read(reader, Fields.Samples);
        var squares = reader.Groups(Fields.Samples).Zip(samples, SquareOf).ToList();
        var ask = new Ask(
            kind,
            [],
            [],
            kind == Fields.Line ? Length.Zero : apart,
            isFilled ? zigzag : Length.Zero,
            new Tempo(Tempo.Usual, 600, 20),
            (int)reader.NumberOrStart(Fields.Passes),
            (int)reader.NumberOrStart(Fields.Layers),
            held,
            hoop,
            reader.Flag(Fields.Elastic),
            reader.LengthOrStart(Fields.ClothThickness),
            reader.NumberOrStart(Fields.ClothWeight),
            reader.LengthOrStart(Fields.MaxStitchWidth),
            reader.LengthOrStart(Fields.BobbinCapacity),
            samples,
            [.. squares.OfType<Drawn>()]
        );
        foreach (var needed in Needed(reader, kind, made).Where(f => !reader.Has(f)))
        {
            reader.Missing(needed);
        }
        if (Tempo.Read(reader) is not { } tempo)
        {
            return null;
        }
        ask = ask with { Tempo = tempo, Angle = isFilled ? angle : 0, Fastest = fastest };
        ask = kind switch
        {
            Fields.Meandered => ask.OfField(reader, width!.Value, height!.Value, seed),
            Fields.Lettered => ask.OfLetters(reader, text!, cap!.Value, angle, ring),
            Fields.Fill => ask.OfFill(
                reader,
                made == LineFields.Read ? outline : shape.At(size),
                angle,
                made == LineFields.Read ? Fields.Outline : Fields.Shape
            ),
            _ => ask.OfLine(made == LineFields.Read ? path : shape.At(size, false)),
        };
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (kind is Fields.Line or Fields.Fill && made == LineFields.Shaped)
        {
            ask = ask with
            {
                WidthField = shape.Name == "spiral" ? "" : LineFields.ShapeWidth.Name,
                HeightField = LineFields.Sized(reader, Fields.Shape)
                    ? LineFields.ShapeHeight.Name
                    : "",
            };
        }
        if (ask.Line / tempo.Stitch * ask.Passes > MostStitches)
        {
            reader.Contradiction(
                Fields.StitchLength,
                $"That would be over {MostStitches} stitches: lengthen them, or sew a part of it."
            );
            return null;
        }
        return ask;
    }

    /// <summary>Along all stretches, once.</summary>
    public Length Line => Length.FromMillimetres(Stretches.Sum(Long));

    public static double Long(IReadOnlyList<Point> line)
    {
        var sum = 0.0;
        for (var i = 1; i < line.Count; i++)
        {
            var (x, y) = (
                (line[i].X - line[i - 1].X).Millimetres,
                (line[i].Y - line[i - 1].Y).Millimetres
            );
            sum += Math.Sqrt(x * x + y * y);
        }
        return sum;
    }

    private Ask OfField(AskReader reader, Length width, Length height, int seed)
    {
        if (Apart * Meander.LeastCells > Length.Min(width, height))
        {
            reader.Contradiction(
                Fields.LineSpacing,
                $"The field must be {Meander.LeastCells} times as wide and as high as its lines lie apart."
            );
            return this;
        }
        if (Meander.Places(width, height, Apart) > Meander.MostPlaces)
        {
            reader.Contradiction(
                Fields.LineSpacing,
                "That is more line than anybody sews: lay the lines further apart, or sew a part of the field."
            );
            return this;
        }
        return this with
        {
            Stretches = [Meander.Of(width, height, Apart, seed)],
            Outlines =
            [
                Path.Of(
                    true,
                    Point.At(0, 0),
                    new Point(width, Length.Zero),
                    new Point(width, height),
                    new Point(Length.Zero, height)
                ),
            ],
            WidthField = Fields.Width.Name,
            HeightField = Fields.Height.Name,
        };
    }

    private Ask OfLine(IReadOnlyList<Path> paths)
    {
        var placed = Traced.Placed(paths);
        return this with
        {
            Outlines = placed,
            Stretches =
            [
                .. placed
                    .Select(p => new MeasuredPath(p))
                    .Where(m => m.Total > 0)
                    .Select(m => m.Points(0, m.Total * (1 - 1e-12), Flat.Millimetres)),
            ],
        };
    }

    private Ask OfFill(AskReader reader, IReadOnlyList<Path> outlines, double angle, Field field)
    {
        var closed = outlines.Where(o => o.IsClosed).ToList();
        if (closed.Count == 0 || closed.Any(o => Area.Wrong(o) is not null))
        {
            reader.Contradiction(field, "The outline isn’t closed, so there is nothing to fill.");
            return this;
        }
        var placed = Traced.Placed(closed);
        if (Hatching.Lines(placed, Apart) > Hatching.Most)
        {
            reader.Contradiction(
                Fields.LineSpacing,
                "That is more line than anybody sews: lay the lines further apart."
            );
            return this;
        }
        var stretches = Hatching.Of(placed, Apart, angle);
        if (stretches.Count == 0)
        {
            reader.Contradiction(field, "It is too narrow for a single line.");
        }
        return this with { Outlines = placed, Stretches = stretches };
    }

    private Ask OfLetters(AskReader reader, string text, Length cap, double angle, bool ring)
    {
        if (Traced.Unwritable(text) is { } wrong)
        {
            reader.Contradiction(Fields.Text, wrong);
            return this;
        }
        var outlines = LetterShapes.Of(text.Trim(), cap);
        if (Hatching.Lines(outlines, Apart) > Hatching.Most)
        {
            reader.Contradiction(Fields.LineSpacing, "That is more line than anybody sews.");
            return this;
        }
        var reach = NamedShape.BoundsOf(outlines);
        // Round the corners of all letters, and half a capital's third away.
        var radius =
            Math.Sqrt(Math.Pow(reach.Width.Millimetres, 2) + Math.Pow(reach.Height.Millimetres, 2))
                / 2
            + cap.Millimetres / 6;
        var (left, top) = ring
            ? (radius - reach.Width.Millimetres / 2, radius - reach.Height.Millimetres / 2)
            : (0.0, 0.0);
        var move = Affine.Move(left - reach.From.X.Millimetres, top - reach.From.Y.Millimetres);
        List<Path> placed = [.. outlines.Select(move.Of)];
        List<IReadOnlyList<Point>> stretches = [.. Hatching.Of(placed, Apart, angle)];
        if (stretches.Count == 0)
        {
            reader.Contradiction(Fields.Text, "The letters are too small for a single line.");
            return this;
        }
        Path? around = null;
        if (ring)
        {
            var circle = NamedShape
                .All.First(s => s.Name == "circle")
                .At(
                    new ShapeSize(
                        Length.FromMillimetres(2 * radius),
                        default,
                        2,
                        default,
                        default,
                        ""
                    )
                )[0];
            var measured = new MeasuredPath(circle);
            stretches.Add(measured.Points(0, measured.Total * (1 - 1e-12), Flat.Millimetres));
            around = circle;
        }
        return this with
        {
            Outlines = placed,
            Stretches = stretches,
            Ring = around,
            Capital = text.Trim().Length <= Monogram ? cap : null,
            // Only where the letters are as high as a capital does the drawing state it.
            HeightField =
                ring || Length.Between(reach.Height, cap).Millimetres > 0.01
                    ? ""
                    : Fields.CapHeight.Name,
        };
    }

    private static string MadeOf(AskReader reader) =>
        reader.OptionalChoice(Fields.Made)
        ?? (
            reader.Has(Fields.Path) || reader.Has(Fields.Outline)
                ? LineFields.Read
                : LineFields.Shaped
        );

    private static IEnumerable<Field> Needed(AskReader reader, string kind, string made) =>
        kind switch
        {
            Fields.Meandered => [Fields.Width, Fields.Height],
            Fields.Lettered => [Fields.Text, Fields.CapHeight],
            _ when made == LineFields.Shaped => [LineFields.ShapeWidth],
            Fields.Fill => [Fields.Outline],
            _ => [Fields.Path],
        };

    private static Drawn? SquareOf(AskReader group, DialSample sample)
    {
        var (square, along, across) = (
            group.OptionalLength(Fields.Square),
            group.OptionalLength(Fields.Along),
            group.OptionalLength(Fields.Across)
        );
        return square is { } flat ? new(flat, along, across, sample.Same, sample.Counts) : null;
    }
}
