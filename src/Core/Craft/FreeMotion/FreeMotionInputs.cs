using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>A square with elastic in the bobbin, before and after.</summary>
internal sealed record ElasticSquare(
    Length Square,
    Length? Along,
    Length? Across,
    bool Same,
    bool Counts
);

/// <summary>Free-motion work, as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="FreeMotionFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Kind">meander, line, fill or letters.</param>
internal sealed record FreeMotionInputs(InputReader Said, string Kind)
{
    /// <summary>More stitches than this nobody sews.</summary>
    private const int MostStitches = 200_000;

    /// <summary>From one line of a zigzag to the next, of its width: they overlap by a tenth.</summary>
    private const double Overlapped = 0.9;

    private bool IsFilled => Kind is FreeMotionFields.Fill or FreeMotionFields.Lettered;

    /// <summary>Whether the line goes over a field: as a meander or in loops.</summary>
    public bool IsField => Kind is FreeMotionFields.Meandered or FreeMotionFields.Looped;

    /// <summary>Of a zigzag; nothing for a straight stitch.</summary>
    public Length StitchWidth { get; } = Said.LengthOrStart(FreeMotionFields.StitchWidth);

    public bool IsZigzag => StitchWidth > Length.Zero;

    private Length? ApartSaid { get; } = Said.OptionalLength(FreeMotionFields.LineSpacing);

    /// <summary>From line to line; nothing for a line.</summary>
    public Length Apart =>
        Kind == FreeMotionFields.Line ? Length.Zero
        : IsZigzag && IsFilled ? StitchWidth * Overlapped
        : ApartSaid ?? Length.FromMillimetres(IsField ? 8 : 1);

    private double AngleSaid { get; } = Said.NumberOrStart(FreeMotionFields.Angle);

    /// <summary>Of the lines of a fill, in degrees.</summary>
    public double Angle => IsFilled ? AngleSaid : 0;

    /// <summary>Where the needle goes.</summary>
    public SewnPath Way { get; private init; } = SewnPath.None;

    /// <inheritdoc cref="SewnPath.Stretches"/>
    public IReadOnlyList<IReadOnlyList<Point>> Stretches => Way.Stretches;

    /// <inheritdoc cref="SewnPath.Outlines"/>
    public IReadOnlyList<Path> Outlines => Way.Outlines;

    /// <summary>Stitch, machine and hands.</summary>
    public Tempo Tempo { get; private init; } = new(Tempo.Usual, 600, 20);

    /// <summary>Stitches a minute that the machine makes; null where that is not known.</summary>
    public double? Fastest { get; } = Said.OptionalNumber(FreeMotionFields.Fastest);

    public int Passes { get; } = (int)Said.NumberOrStart(FreeMotionFields.Passes);

    public int Layers { get; } = (int)Said.NumberOrStart(FreeMotionFields.Layers);

    public string Held { get; } = Said.ChoiceOrStart(FreeMotionFields.Held);

    public Length HoopInside { get; } = Said.LengthOrStart(FreeMotionFields.HoopInside);

    public bool Elastic { get; } = Said.Flag(FreeMotionFields.Elastic);

    public Length Thickness { get; } = Said.LengthOrStart(FreeMotionFields.ClothThickness);

    /// <summary>In g/m².</summary>
    public double ClothWeight { get; } = Said.NumberOrStart(FreeMotionFields.ClothWeight);

    public Length MaxStitchWidth { get; } = Said.LengthOrStart(FreeMotionFields.MaxStitchWidth);

    /// <summary>What a full bobbin holds of what is wound on it: elastic fills it far sooner, where that is said.</summary>
    public Length Bobbin { get; } =
        Said.Flag(FreeMotionFields.Elastic)
        && Said.OptionalLength(FreeMotionFields.BobbinElastic) is { } elastic
            ? elastic
            : Said.LengthOrStart(FreeMotionFields.BobbinCapacity);

    /// <summary>What her stitches came to against what was planned.</summary>
    public IReadOnlyList<DialSample> Counted { get; } =
        DialSamples.Read(Said, FreeMotionFields.Samples);

    /// <summary>What elastic made of squares.</summary>
    public IReadOnlyList<ElasticSquare> Squares { get; } =
    [
        .. Said.Groups(FreeMotionFields.Samples)
            .Zip(DialSamples.Read(Said, FreeMotionFields.Samples), SquareOf)
            .OfType<ElasticSquare>(),
    ];

    /// <summary>
    /// From the middle of a zigzag to its one side, in mm: square to the lines of a fill, which is turned so; else from left to right,
    /// as the fabric lies before the machine.
    /// </summary>
    public (double X, double Y) Swing =>
        IsFilled
            ? (
                -Math.Sin(Angle * Math.PI / 180) * StitchWidth.Millimetres / 2,
                Math.Cos(Angle * Math.PI / 180) * StitchWidth.Millimetres / 2
            )
            : (StitchWidth.Millimetres / 2, 0);

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static FreeMotionInputs? Read(InputReader reader)
    {
        var ask = new FreeMotionInputs(reader, reader.ChoiceOrStart(FreeMotionFields.Kind));
        var path = new SewnPathReader(reader, ask);
        if (Tempo.Read(reader) is not { } tempo)
        {
            return null;
        }
        ask = ask with { Tempo = tempo, Way = path.Lay() };
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (ask.Line / tempo.Stitch * ask.Passes > MostStitches)
        {
            reader.Contradiction(
                FreeMotionFields.StitchLength,
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

    private static ElasticSquare? SquareOf(InputReader group, DialSample sample)
    {
        var (square, along, across) = (
            group.OptionalLength(FreeMotionFields.Square),
            group.OptionalLength(FreeMotionFields.Along),
            group.OptionalLength(FreeMotionFields.Across)
        );
        return square is { } flat ? new(flat, along, across, sample.Same, sample.Counts) : null;
    }
}
