using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>A tucked panel as it is wanted.</summary>
/// <remarks>Every value is within the ranges of <see cref="Fields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Groups">Tucks in each group, from the left.</param>
/// <param name="GroupGap">Centre to centre between two groups; the spacing where there is but one.</param>
/// <param name="TakeUpSaid">As measured; null where it is learnt or reckoned.</param>
/// <param name="DrawSaid">As said, 0 to 1; null where it is learnt.</param>
/// <param name="PressedTo">Where folds are pressed, in words.</param>
/// <param name="Learnt">What swatches say of the draw; null where none were sent, or the tuck is folded.</param>
/// <param name="GrooveStep">How many grooves over the last tuck runs; null where the spacing was said.</param>
/// <param name="WaveHeight">From its middle to its crest; nothing for a straight first line.</param>
/// <param name="OpenStitchAtMost">The widest that both needles clear, with their air; zero where none; null where there is no open stitch, or the foot's opening is not known.</param>
/// <param name="TucksSaid">Their number as it was said beside the groups, which stand in its place; null where it was not.</param>
/// <param name="Course">What was measured on the way, the first first.</param>
internal sealed record Ask(
    bool IsTwin,
    Length PanelWidth,
    Length PanelLength,
    IReadOnlyList<int> Groups,
    Length Spacing,
    Length GroupGap,
    Length SeamAllowance,
    Length NeedleSpacing,
    Length ClothThickness,
    Length Depth,
    Length? TakeUpSaid,
    double? DrawSaid,
    Length? SpreadSaid,
    Length? BiasSaid,
    string PressedTo,
    TuckDraw? Learnt,
    double Assurance,
    bool Corded,
    int? GrooveStep,
    Length? GroovePitch,
    Length? GrooveWidth,
    int? Grooves,
    bool AcrossGrain,
    Length WaveHeight,
    Length WaveLength,
    string OpenStitch,
    Length? OpenStitchAtMost,
    IReadOnlyList<Measured> Course,
    int? TucksSaid
)
{
    /// <summary>Whether a pair passes machine, foot and plate, with its air.</summary>
    public required bool PairPasses { get; init; }

    /// <summary>Of the cloth, between its selvedges.</summary>
    public required Length ClothWidth { get; init; }

    private const double UsualDraw = 0.6;
    private const int MostTucks = 400;

    private static readonly Length UsualSpread = Length.FromMillimetres(0.15);
    private static readonly Length UsualBias = Length.FromMillimetres(0.05);

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; init; } = Together.Alone;

    public int Tucks => Groups.Sum();

    /// <summary>n − 2t: the cloth between the needles that can be drawn into the ridge; never below nothing.</summary>
    public Length Base => Length.Max(Length.Zero, NeedleSpacing - 2 * ClothThickness);

    /// <summary>u: what one tuck takes up. Folded: twice its depth.</summary>
    public Length TakeUp =>
        !IsTwin
            ? 2 * Depth
            : TakeUpSaid
                ?? (Learnt is { } learnt ? Base * learnt.Mid : Base * (DrawSaid ?? UsualDraw));

    /// <summary>σ: how much one tuck differs from the next.</summary>
    public Length Spread =>
        SpreadSaid ?? (IsLearnt ? Base * Learnt!.Foretold.Scatter : UsualSpread);

    /// <summary>δ: how far all of them together may be off.</summary>
    public Length Bias => BiasSaid ?? (IsLearnt ? Base * Learnt!.Foretold.Mean : UsualBias);

    /// <summary>√(k·σ² + (k·δ)²): one standard deviation of the finished width.</summary>
    public Length WidthSpread =>
        Length.FromMillimetres(
            Math.Sqrt(
                Tucks * Math.Pow(Spread.Millimetres, 2) + Math.Pow(Tucks * Bias.Millimetres, 2)
            )
        );

    /// <summary>max(0, t_ν(p)) · widthSpread: what is cut beside the plain sum, to be as sure as asked; nothing where nothing is learnt.</summary>
    public Length Reserve =>
        IsLearnt ? Math.Max(0, Learnt!.Quantile(Assurance)) * WidthSpread : Length.Zero;

    /// <summary>Whether the take-up is what swatches say.</summary>
    public bool IsLearnt => IsTwin && TakeUpSaid is null && Learnt is not null;

    /// <summary>Whether the foot spaces the tucks by its grooves, so that only the first line is marked.</summary>
    public bool IsLed => IsTwin && GrooveStep is not null;

    public bool HasWave => WaveHeight > Length.Zero;

    /// <summary>How far the wave lies from its middle, so far down the panel; nothing where the first line is straight.</summary>
    public Length WaveAt(Length y) => WaveHeight * Math.Sin(2 * Math.PI * (y / WaveLength));

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    public static Ask? Read(AskReader reader, bool withCourse = true)
    {
        var isTwin = reader.Choice(Fields.Kind) <= 0;
        var (width, length) = (
            reader.Length(Fields.PanelWidth),
            reader.LengthOrStart(Fields.PanelLength)
        );
        var said = reader.OptionalNumber(Fields.Tucks);
        var groups = ReadGroups(reader, said);
        var (spacing, step) = ReadSpacing(reader);
        var gap = reader.OptionalLength(Fields.ClusterGap);
        if (groups.Count > 1 && gap is null && reader.Errors.Count == 0)
        {
            reader.Missing(Fields.ClusterGap);
        }
        var (waveHeight, openStitch) = (
            reader.LengthOrStart(Fields.WaveHeight),
            reader.OptionalChoice(Fields.OpenStitch)
        );
        var hasWave = reader.OptionalChoice(Fields.FirstLine) == Fields.Wave;
        var (widest, pair) = (
            reader.LengthOrStart(Fields.WidestStitch),
            reader.LengthOrStart(Fields.NeedleSpacing)
        );
        var (opening, plate) = (
            reader.OptionalLength(Fields.FootOpening),
            reader.OptionalLength(Fields.PlateOpening)
        );
        var size = reader.NumberOrStart(Fields.NeedleSize);
        var planned = TuckSettings.Read(reader);
        if (withCourse)
        {
            // The plan goes by neither, only its turned forms do; but what is typed wrong is said where it is typed.
            reader.OptionalLength(Fields.ClothAtHand);
            reader.OptionalLength(Fields.Margin);
        }
        var ask = new Ask(
            isTwin,
            width,
            length,
            groups,
            spacing,
            gap ?? spacing,
            reader.Length(Fields.SeamAllowance),
            pair,
            reader.LengthOrStart(Fields.ClothThickness),
            reader.LengthOrStart(Fields.Depth),
            reader.OptionalLength(Fields.TakeUp),
            reader.OptionalNumber(Fields.Draw),
            reader.OptionalLength(Fields.TakeUpSpread),
            reader.OptionalLength(Fields.TakeUpBias),
            Fields
                .PressedTo.Choices.Single(c => c.Name == reader.ChoiceOrStart(Fields.PressedTo))
                .Label,
            isTwin && reader.Has(TuckSamples.Field)
                ? new TuckDraw(TuckSamples.Read(reader, planned), planned)
                : null,
            reader.NumberOrStart(Fields.Assurance),
            planned.Corded,
            step,
            reader.OptionalLength(Fields.GroovePitch),
            reader.OptionalLength(Fields.GrooveWidth),
            (int?)reader.OptionalNumber(Fields.Grooves),
            reader.OptionalChoice(Fields.Grain) == "across",
            hasWave ? waveHeight : Length.Zero,
            reader.LengthOrStart(Fields.WaveLength),
            isTwin ? openStitch ?? "none" : "none",
            openStitch == "none" || opening is null
                ? null
                : SetUpFields.Widest(widest, [opening, plate], size, pair) ?? Length.Zero,
            withCourse ? Respacing.ReadCourse(reader, groups.Sum()) : [],
            (int?)said
        )
        {
            Together = Together.Read(reader),
            ClothWidth = reader.LengthOrStart(Fields.ClothWidth),
            PairPasses = SetUpFields.Widest(widest, [opening, plate], size, pair) is not null,
        };
        return reader.Errors.Count > 0 ? null : ask;
    }

    /// <summary>The tucks in groups: as the pattern says, in clusters, or all in one.</summary>
    private static IReadOnlyList<int> ReadGroups(AskReader reader, double? said)
    {
        var pattern = reader.Counts(Fields.Pattern);
        var cluster = reader.OptionalNumber(Fields.Cluster);
        if (pattern.Count > 0)
        {
            if (pattern.Sum() > MostTucks)
            {
                reader.Contradiction(
                    Fields.Pattern,
                    $"At most {MostTucks} tucks can be calculated."
                );
            }
            return pattern;
        }
        if (said is null)
        {
            if (reader.Errors.Count == 0)
            {
                reader.Missing(Fields.Tucks);
            }
            return [1];
        }
        var tucks = (int)said;
        if (cluster is not { } each || each >= tucks)
        {
            return [tucks];
        }
        var size = (int)each;
        return
        [
            .. Enumerable.Repeat(size, tucks / size),
            .. tucks % size > 0 ? new[] { tucks % size } : [],
        ];
    }

    /// <summary>The spacing as said, or so many grooves of the foot.</summary>
    private static (Length Spacing, int? Step) ReadSpacing(AskReader reader)
    {
        var said = reader.OptionalLength(Fields.Spacing);
        var step = reader.OptionalNumber(Fields.GrooveStep);
        var pitch = reader.OptionalLength(Fields.GroovePitch);
        if (said is { } spacing)
        {
            return (spacing, null);
        }
        if (step is { } grooves && pitch is { } each)
        {
            return (each * (int)grooves, (int)grooves);
        }
        if (reader.Errors.Count == 0)
        {
            reader.Missing(step is null ? Fields.Spacing : Fields.GroovePitch);
        }
        return (Fields.Spacing.Least, null);
    }
}
