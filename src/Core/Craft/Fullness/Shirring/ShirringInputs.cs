using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>How the rows follow each other.</summary>
internal enum Layout
{
    Pivot,
    Rows,
    Spiral,
}

/// <summary>A shirred panel as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="ShirringFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
/// <param name="Reading">What is known of how far the elastic draws up, measured after steam.</param>
internal sealed record ShirringInputs(InputReader Said, PullUpReading Reading)
{
    public Length RelaxedWidth { get; } = Said.Length(ShirringFields.RelaxedWidth);

    /// <summary>r, the flat panel over the relaxed one.</summary>
    public required double Fullness { get; init; }

    public Length PanelHeight { get; } = Said.Length(ShirringFields.PanelHeight);

    public Length EdgeAllowance { get; } = Said.LengthOrStart(ShirringFields.EdgeAllowance);

    public Length TopMargin { get; } = Said.Length(ShirringFields.TopMargin);

    public Length BottomMargin { get; } = Said.Length(ShirringFields.BottomMargin);

    public Length RowGap { get; } = Said.Length(ShirringFields.RowGap);

    public Length SeamAllowance { get; } = Said.Length(ShirringFields.SeamAllowance);

    /// <summary>
    /// How they follow each other when they are sewn: rows that do not run straight across, and a chain stitch turned at the
    /// end of each, can only be sewn one by one.
    /// </summary>
    public Layout Layout =>
        Shape != RowShape.Straight || (InLooper && AskedLayout == Layout.Pivot)
            ? Layout.Rows
            : AskedLayout;

    /// <summary>How they were asked to follow each other.</summary>
    public Layout AskedLayout { get; } = (Layout)Math.Max(0, Said.Choice(ShirringFields.Layout));

    /// <summary>How the rows run.</summary>
    public RowShape Shape { get; } = (RowShape)Math.Max(0, Said.Choice(ShirringFields.RowShape));

    private readonly int over = Math.Max(0, Said.Choice(ShirringFields.RowsOver));

    /// <summary>Parts that are shirred by themselves: two where rows lie at both sides.</summary>
    public int Parts => IsWhole || over < 2 ? 1 : 2;

    /// <summary>Whether rows go from seam to seam; round a neckline they always do.</summary>
    public bool IsWhole => over == 0 || Shape == RowShape.Neckline;

    /// <summary>What stays plain, all together.</summary>
    public Length Plain =>
        IsWhole ? Length.Zero : Said.OptionalLength(ShirringFields.PlainWidth) ?? Length.Zero;

    /// <summary>One part that is shirred, at rest.</summary>
    public Length PartWidth => (RelaxedWidth - Plain) / Parts;

    /// <summary>Of slanting rows against the width, in radians.</summary>
    public double Angle { get; } = Said.NumberOrStart(ShirringFields.RowAngle) * Math.PI / 180;

    public Length WaveHeight { get; } = Said.LengthOrStart(ShirringFields.WaveHeight);

    public Length WaveLength { get; } = Said.LengthOrStart(ShirringFields.WaveLength);

    public Length NeckRadius { get; } = Said.LengthOrStart(ShirringFields.NeckRadius);

    /// <summary>From the needle to the edge of the foot; null where that is not known.</summary>
    public Length? FootEdge { get; } = Said.OptionalLength(ShirringFields.FootEdge);

    public bool InLooper => Reading.Family == PullUpFamily.ElasticInLooper;

    /// <summary>Of elastic, for each length of seam.</summary>
    public double ElasticFactor { get; } = Said.NumberOrStart(ShirringFields.ElasticFactor);

    public Length BobbinCapacity { get; } = Said.Length(ShirringFields.BobbinCapacity);

    public Length Tail { get; } = Said.Length(ShirringFields.Tail);

    public Length StitchLength => Reading.Planned.StitchLength;

    public Length ClothThickness { get; } = Said.Length(ShirringFields.ClothThickness);

    public Length? MustPassOver { get; } = Said.OptionalLength(ShirringFields.MustPassOver);

    public Length? BodyMeasure { get; } = Said.OptionalLength(ShirringFields.BodyMeasure);

    public Length ClothWidth { get; } = Said.LengthOrStart(ShirringFields.ClothWidth);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>Between the first row and the last: H − top − bottom; 0 or above.</summary>
    public Length RowsHeight => PanelHeight - TopMargin - BottomMargin;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="fullness">Stands in for the fullness where that is what is sought.</param>
    public static ShirringInputs? Read(InputReader reader, double? fullness = null)
    {
        var r = fullness ?? reader.Number(ShirringFields.Fullness);
        // What counts is the panel as it is worn, after steam.
        var family = PullUpFields.ElasticOf(reader);
        var reading = PullUpReading.Read(reader, family, PullUpFields.Planned(reader, family));
        var ask = new ShirringInputs(reader, reading!) { Fullness = r };
        if (reading is null || reader.Errors.Count > 0)
        {
            return null;
        }
        // Turned to the fullness that is wanted, whichever it is.
        ask = ask with
        {
            Reading = reading with { Target = r },
        };
        if (ask.RowsHeight < Length.Zero)
        {
            reader.Contradiction(
                ShirringFields.PanelHeight,
                $"The margins, {reader.Ruler.Mark(ask.TopMargin + ask.BottomMargin)}, are more than the panel is high: there is no room for a row."
            );
            return null;
        }
        if (ask.Plain >= ask.RelaxedWidth)
        {
            reader.Contradiction(
                ShirringFields.PlainWidth,
                "What stays plain has to be less than the finished width: nothing would be left for the rows."
            );
            return null;
        }
        if (ask.RowsHeight / ask.RowGap > 99_999)
        {
            reader.Contradiction(
                ShirringFields.RowGap,
                "This would be more than 100,000 rows. Set them further apart."
            );
            return null;
        }
        return ask;
    }
}
