using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Lines;

/// <summary>A line to be sewn along, as a path and as the legs that walk it.</summary>
/// <param name="Path">From the top left of all that is read with it.</param>
/// <param name="IsBuilt">Whether it was put together from legs; then each of its corners is one, however slight.</param>
internal sealed record Traced(Path Path, IReadOnlyList<Leg> Legs, bool IsBuilt)
{
    /// <summary>Of the arcs that stand for curves of a file, in mm: finer than any stitch falls.</summary>
    private const double Tolerance = 0.1;

    /// <summary>Ends of a built line that lie no further apart than this are closed by themselves.</summary>
    private static readonly Length NearlyMeeting = Length.FromMillimetres(3);

    /// <summary>Of a built line, in which part of the ask each of its first legs stands; empty otherwise.</summary>
    public IReadOnlyList<int> Parts { get; init; } = [];

    private MeasuredPath? measured;

    public MeasuredPath Measured => measured ??= new(Path);

    /// <summary>How long its legs are.</summary>
    public Length Length => Length.FromMillimetres(Legs.Sum(l => l.Length));

    /// <summary>The line of any path.</summary>
    public static Traced Of(Path path) => new(path, Paths.Legs.Of(path, Tolerance), false);

    /// <summary>Reads the lines that an ask says, whichever way they are made; empty when the reader has errors.</summary>
    /// <param name="made">How it is made; what is not said follows from what there is.</param>
    public static IReadOnlyList<Traced> Read(
        InputReader reader,
        ChoiceField made,
        ChoiceField shape,
        PathDataField outline
    )
    {
        var way =
            reader.OptionalChoice(made)
            ?? (
                reader.Has(outline) ? LineFields.Read
                : reader.Has(shape) && !reader.Has(LineFields.Path) ? LineFields.Shaped
                : LineFields.Built
            );
        return Of(reader, way, shape, outline);
    }

    /// <summary>Reads the lines that an ask says in one of the three ways.</summary>
    public static IReadOnlyList<Traced> Of(
        InputReader reader,
        string way,
        ChoiceField shape,
        PathDataField outline
    )
    {
        var isBuilt = way is not (LineFields.Read or LineFields.Shaped);
        var (paths, named, size, parts, again, isClosed) = All(reader, isBuilt, shape, outline);
        Field needed =
            isBuilt ? LineFields.Path
            : way == LineFields.Read ? outline
            : named == NamedShape.Letters ? LineFields.Letters
            : LineFields.ShapeWidth;
        if (!reader.Has(needed))
        {
            reader.Missing(needed);
        }
        if (reader.Errors.Count > 0)
        {
            return [];
        }
        if (isBuilt)
        {
            return Built(reader, parts, again, isClosed, outline.AreOutlines);
        }
        var lines =
            way == LineFields.Read ? paths : Shape(reader, named, size, outline.AreOutlines);
        return [.. again.Of(Placed(lines)).Select(Of)];
    }

    /// <summary>Looks through what an ask says of lines where none is used: nothing that is said may be wrong.</summary>
    public static void LookThrough(InputReader reader, ChoiceField shape, PathDataField outline) =>
        All(reader, false, shape, outline);

    /// <summary>All three ways are read, since nothing that is said may be wrong; one of them is used.</summary>
    private static Said All(
        InputReader reader,
        bool isBuilt,
        ChoiceField shape,
        PathDataField outline
    )
    {
        var paths = reader.Paths(outline);
        var (named, size) = Sized(reader, shape);
        return new(
            paths,
            named,
            size,
            [
                .. reader
                    .Groups(LineFields.Path)
                    .SelectMany((g, i) => Leg(g, isBuilt).Select(leg => (leg, i))),
            ],
            new Again(
                (int)(reader.OptionalNumber(LineFields.Repeats) ?? 1),
                reader.Flag(LineFields.Mirrored)
            ),
            reader.Flag(LineFields.Closed) || outline.AreOutlines
        );
    }

    private sealed record Said(
        IReadOnlyList<Path> Paths,
        NamedShape Named,
        ShapeSize Size,
        IReadOnlyList<(Leg Leg, int Part)> Parts,
        Again Again,
        bool IsClosed
    );

    /// <summary>The named shape that an ask says, and its size.</summary>
    public static (NamedShape Named, ShapeSize Size) Sized(InputReader reader, ChoiceField field)
    {
        var name = reader.ChoiceOrStart(field);
        return (
            NamedShape.All.First(s => s.Name == name),
            new ShapeSize(
                reader.OptionalLength(LineFields.ShapeWidth) ?? LineFields.ShapeWidth.Least,
                reader.LengthOrStart(LineFields.ShapeHeight),
                (int)reader.NumberOrStart(LineFields.ShapeCount),
                reader.LengthOrStart(LineFields.ShapeCorner),
                reader.LengthOrStart(LineFields.ShapeBand),
                reader.OptionalName(LineFields.Letters) ?? ""
            )
        );
    }

    private static IReadOnlyList<Path> Shape(
        InputReader reader,
        NamedShape named,
        ShapeSize size,
        bool outlines
    )
    {
        if (named == NamedShape.Letters && Unwritable(size.Text) is { } wrong)
        {
            reader.Contradiction(LineFields.Letters, wrong);
            return [];
        }
        if (named == NamedShape.Ring && size.Band * 2 >= size.Width * 0.96)
        {
            reader.Contradiction(
                LineFields.ShapeBand,
                "The band must be less than half as wide as the ring."
            );
            return [];
        }
        return named.At(size, outlines);
    }

    /// <summary>How often lines come again.</summary>
    /// <param name="Mirrored">Whether left and right change over every other time.</param>
    private sealed record Again(int Times, bool Mirrored)
    {
        /// <summary>The same lines side by side along a straight edge.</summary>
        public IReadOnlyList<Path> Of(IReadOnlyList<Path> lines)
        {
            if (Times == 1 || lines.Count == 0)
            {
                return lines;
            }
            var width = NamedShape.BoundsOf(lines).Width.Millimetres;
            var edge = new MeasuredPath(
                Path.Of(false, Point.At(0, 0), Point.At(Math.Max(1, Times * width), 0))
            );
            return
            [
                .. lines
                    .SelectMany(line => NamedShape.Along(line, edge, width, Times))
                    .Select(
                        (copy, i) =>
                            Mirrored && i % Times % 2 == 1
                                ? Affine.Mirror((i % Times + 0.5) * width).Of(copy)
                                : copy
                    ),
            ];
        }
    }

    /// <summary>Why a text cannot be written with the letters there are, in a sentence; null where it can.</summary>
    public static string? Unwritable(string text)
    {
        if (text.Length > LetterShapes.Most)
        {
            return $"At most {LetterShapes.Most} letters.";
        }
        if (text.Where(c => !LetterShapes.Known.Contains(c)).Take(1).ToList() is [var unknown])
        {
            return $"There is no outline for “{unknown}”.";
        }
        return text.Trim().Length == 0 ? "A letter or more." : null;
    }

    private static IReadOnlyList<Traced> Built(
        InputReader reader,
        IReadOnlyList<(Leg Leg, int Part)> parts,
        Again again,
        bool closed,
        bool outlines
    )
    {
        var legs = Paths.Legs.Repeated([.. parts.Select(p => p.Leg)], again.Times, again.Mirrored);
        if (legs.Sum(l => l.Length) < 1)
        {
            reader.Contradiction(LineFields.Path, "A line must be a millimetre long or more.");
            return [];
        }
        if (legs.Sum(l => l.Length) > 1e6)
        {
            reader.Contradiction(LineFields.Path, "That is over a kilometre.");
            return [];
        }
        var line = new Traced(Paths.Legs.Walked(legs, closed), legs, true);
        if (!closed && line.Path.Gap <= NearlyMeeting && line.Path.Gap * 10 < line.Length)
        {
            line = line with { Path = line.Path with { IsClosed = true } };
        }
        if (outlines && Area.Wrong(line.Path) is { } wrong)
        {
            reader.Contradiction(LineFields.Path, wrong);
            return [];
        }
        return
        [
            line with
            {
                Path = Placed([line.Path])[0],
                Parts = [.. parts.Select(p => p.Part)],
            },
        ];
    }

    /// <summary>What a part says: straight on, round a curve, or a corner.</summary>
    /// <param name="isUsed">Whether what is half said is missing.</param>
    private static IEnumerable<Leg> Leg(InputReader part, bool isUsed)
    {
        var straight = part.OptionalLength(LineFields.Straight);
        var radius = part.OptionalLength(LineFields.Radius);
        var sweep = part.OptionalNumber(LineFields.Sweep);
        var corner = part.OptionalNumber(LineFields.Corner);
        if (
            isUsed
            && straight is null
            && corner is null
            && (radius is null) != (sweep is null)
            && part.Has(LineFields.Radius) != part.Has(LineFields.Sweep)
        )
        {
            part.Missing(radius is null ? LineFields.Radius : LineFields.Sweep);
        }
        if (straight is { } s)
        {
            yield return new Straight(s.Millimetres);
        }
        if (radius is { } r && sweep is { } w && w != 0)
        {
            yield return new Curve(r.Millimetres, w);
        }
        if (corner is { } c && c != 0)
        {
            yield return new OnTheSpot(c);
        }
    }

    /// <summary>Moved so that all of them reach from the top left corner.</summary>
    public static IReadOnlyList<Path> Placed(IReadOnlyList<Path> paths)
    {
        if (paths.Count == 0)
        {
            return paths;
        }
        var from = NamedShape.BoundsOf(paths).From;
        var move = Affine.Move(-from.X.Millimetres, -from.Y.Millimetres);
        return [.. paths.Select(move.Of)];
    }
}
