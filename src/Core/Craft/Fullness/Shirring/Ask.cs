using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>How the rows follow each other.</summary>
internal enum Layout
{
    Pivot,
    Rows,
    Spiral,
}

/// <summary>A shirred panel as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Reading">What is known of how far the elastic draws up, measured after steam.</param>
internal sealed record Ask(
    Length RelaxedWidth,
    double Fullness,
    Length PanelHeight,
    Length EdgeAllowance,
    Length TopMargin,
    Length BottomMargin,
    Length RowGap,
    Length SeamAllowance,
    Layout Layout,
    bool InLooper,
    double ElasticFactor,
    Length BobbinCapacity,
    Length Tail,
    Length StitchLength,
    Length ClothThickness,
    Length? MustPassOver,
    Length? BodyMeasure,
    Length ClothWidth,
    PullUpReading Reading
)
{
    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; init; } = Together.Alone;

    /// <summary>Between the first row and the last: H − top − bottom; 0 or above.</summary>
    public Length RowsHeight => PanelHeight - TopMargin - BottomMargin;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="fullness">Stands in for the fullness where that is what is sought.</param>
    public static Ask? Read(AskReader reader, double? fullness = null)
    {
        var r = fullness ?? reader.Number(Fields.Fullness);
        // What counts is the panel as it is worn, after steam.
        var family = PullUpFields.ElasticOf(reader);
        var planned = PullUpFields.Planned(reader, family);
        var reading = PullUpReading.Read(reader, family, planned);
        var ask = new Ask(
            reader.Length(Fields.RelaxedWidth),
            r,
            reader.Length(Fields.PanelHeight),
            reader.LengthOrStart(Fields.EdgeAllowance),
            reader.Length(Fields.TopMargin),
            reader.Length(Fields.BottomMargin),
            reader.Length(Fields.RowGap),
            reader.Length(Fields.SeamAllowance),
            (Layout)Math.Max(0, reader.Choice(Fields.Layout)),
            family == PullUpFamily.ElasticInLooper,
            reader.NumberOrStart(Fields.ElasticFactor),
            reader.Length(Fields.BobbinCapacity),
            reader.Length(Fields.Tail),
            planned.StitchLength,
            reader.Length(Fields.ClothThickness),
            reader.OptionalLength(Fields.MustPassOver),
            reader.OptionalLength(Fields.BodyMeasure),
            reader.LengthOrStart(Fields.ClothWidth),
            reading!
        )
        {
            Together = Together.Read(reader),
        };
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
                Fields.PanelHeight,
                $"The margins, {reader.Ruler.Mark(ask.TopMargin + ask.BottomMargin)}, are more than the panel is high: there is no room for a row."
            );
            return null;
        }
        if (ask.RowsHeight / ask.RowGap > 99_999)
        {
            reader.Contradiction(
                Fields.RowGap,
                "This would be more than 100,000 rows. Set them further apart."
            );
            return null;
        }
        return ask;
    }
}
