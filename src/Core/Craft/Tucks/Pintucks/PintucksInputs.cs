using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>A tucked panel as it is wanted, read field by field.</summary>
/// <remarks>Every value is within the ranges of <see cref="PintucksFields"/>; only <see cref="Read"/> makes one.</remarks>
/// <param name="Said">What was said.</param>
internal sealed record PintucksInputs(InputReader Said)
{
    private const double UsualDraw = 0.6;
    private const int MostTucks = 400;

    private static readonly Length UsualSpread = Length.FromMillimetres(0.15);
    private static readonly Length UsualBias = Length.FromMillimetres(0.05);

    public bool IsTwin { get; } = Said.Choice(PintucksFields.Kind) <= 0;

    public Length PanelWidth { get; } = Said.Length(PintucksFields.PanelWidth);

    public Length PanelLength { get; } = Said.LengthOrStart(PintucksFields.PanelLength);

    /// <summary>Their number as it was said beside the groups, which stand in its place; null where it was not.</summary>
    public int? TucksSaid { get; } = (int?)Said.OptionalNumber(PintucksFields.Tucks);

    /// <summary>Tucks in each group, from the left.</summary>
    public IReadOnlyList<int> Groups { get; init; } = ReadGroups(Said);

    public int Tucks => Groups.Sum();

    /// <summary>Groups with a pair or a depth and a spacing of their own; as many as <see cref="Groups"/>.</summary>
    public IReadOnlyList<TuckGroup> Each => each ??= ReadEach();

    private IReadOnlyList<TuckGroup>? each;

    /// <summary>Whether groups differ in more than their number.</summary>
    public bool IsMixed => Each.Any(g => g.Spacing != Spacing || g.Wide != Wide);

    /// <summary>From needle to needle, or how deep a fold is.</summary>
    public Length Wide => IsTwin ? NeedleSpacing : Depth;

    /// <summary>How it is brought to its width: exact, slash or block.</summary>
    public string Method { get; } = Said.ChoiceOrStart(PintucksFields.Method);

    public bool IsBlock => Method == PintucksFields.Block;

    /// <summary>The threads of a pair in two colours; null where they were not named.</summary>
    public string? ThreadLeft { get; } = Said.OptionalName(PintucksFields.ThreadLeft);

    /// <inheritdoc cref="ThreadLeft"/>
    public string? ThreadRight { get; } = Said.OptionalName(PintucksFields.ThreadRight);

    /// <summary>The widest pair that the machine takes; null where that is not known.</summary>
    public Length? WidestPair { get; } = Said.OptionalLength(PintucksFields.WidestPair);

    /// <summary>How many grooves lie between two groups; null where the space was said, or no grooves lead.</summary>
    public int? GroupGrooves =>
        GroupGapSaid is null && GroovePitch is not null ? GroupGroovesSaid : null;

    private int? GroupGroovesSaid { get; } = (int?)Said.OptionalNumber(PintucksFields.GroupGrooves);

    /// <summary>From tuck to tuck: as said, or so many grooves of the foot.</summary>
    public Length Spacing { get; } = ReadSpacing(Said);

    /// <summary>How many grooves over the last tuck runs; null where the spacing was said.</summary>
    public int? GrooveStep { get; } =
        Said.Has(PintucksFields.Spacing)
            ? null
            : (int?)Said.OptionalNumber(PintucksFields.GrooveStep);

    public Length? GroovePitch { get; } = Said.OptionalLength(PintucksFields.GroovePitch);

    public Length? GrooveWidth { get; } = Said.OptionalLength(PintucksFields.GrooveWidth);

    public int? Grooves { get; } = (int?)Said.OptionalNumber(PintucksFields.Grooves);

    /// <summary>Whether the foot spaces the tucks by its grooves, so that only the first line is marked.</summary>
    public bool IsLed => IsTwin && GrooveStep is not null;

    private Length? GroupGapSaid { get; } = Said.OptionalLength(PintucksFields.ClusterGap);

    /// <summary>Centre to centre between two groups; the spacing where there is but one.</summary>
    public Length GroupGap => GroupGapSaid ?? (GroovePitch * GroupGrooves) ?? Spacing;

    public Length SeamAllowance { get; } = Said.Length(PintucksFields.SeamAllowance);

    public Length NeedleSpacing { get; } = Said.LengthOrStart(PintucksFields.NeedleSpacing);

    public Length ClothThickness { get; } = Said.LengthOrStart(PintucksFields.ClothThickness);

    /// <summary>Of the cloth, between its selvedges.</summary>
    public Length ClothWidth { get; } = Said.LengthOrStart(PintucksFields.ClothWidth);

    public bool AcrossGrain { get; } = Said.OptionalChoice(PintucksFields.Grain) == "across";

    /// <summary>How deep a fold is.</summary>
    public Length Depth { get; } = Said.LengthOrStart(PintucksFields.Depth);

    /// <summary>Where folds are pressed, in words.</summary>
    public string PressedTo { get; } = Said.LabelOrStart(PintucksFields.PressedTo);

    /// <summary>As measured; null where it is learnt or reckoned.</summary>
    public Length? TakeUpSaid { get; } = Said.OptionalLength(PintucksFields.TakeUp);

    /// <summary>As said, 0 to 1; null where it is learnt.</summary>
    private double? DrawSaid { get; } = Said.OptionalNumber(PintucksFields.Draw);

    private Length? SpreadSaid { get; } = Said.OptionalLength(PintucksFields.TakeUpSpread);

    private Length? BiasSaid { get; } = Said.OptionalLength(PintucksFields.TakeUpBias);

    public bool Corded { get; } = Said.Flag(PintucksFields.Corded);

    /// <summary>What swatches say of the draw; null where none were sent, or the tuck is folded.</summary>
    public TuckDraw? Learnt { get; } = TuckDraw.Read(Said);

    /// <summary>How sure the width shall be, 0.5 to 0.99.</summary>
    public double Assurance { get; } = Said.NumberOrStart(PintucksFields.Assurance);

    /// <summary>How wide a stitch may be; none where foot or plate strikes the needles.</summary>
    private Length? Widest { get; } =
        SetUpFields.Widest(
            Said.LengthOrStart(TuckLookFields.WidestStitch),
            [
                Said.OptionalLength(TuckLookFields.FootOpening),
                Said.OptionalLength(TuckLookFields.PlateOpening),
            ],
            Said.NumberOrStart(TuckLookFields.NeedleSize),
            Said.LengthOrStart(PintucksFields.NeedleSpacing)
        );

    /// <summary>Whether a pair passes machine, foot and plate, with its air.</summary>
    public bool PairPasses => Widest is not null;

    private string? OpenStitchSaid { get; } = Said.OptionalChoice(TuckLookFields.OpenStitch);

    /// <summary>The stitch between or over the tucks; none where they are folded.</summary>
    public string OpenStitch => (IsTwin ? OpenStitchSaid : null) ?? "none";

    /// <summary>The widest that both needles clear, with their air; zero where none; null where there is no open stitch, or the foot's opening is not known.</summary>
    public Length? OpenStitchAtMost =>
        Said.OptionalChoice(TuckLookFields.OpenStitch) == "none"
        || !Said.Has(TuckLookFields.FootOpening)
            ? null
            : Widest ?? Length.Zero;

    private bool IsWavy { get; } =
        Said.OptionalChoice(TuckLookFields.FirstLine) == TuckLookFields.Wave;

    private Length WaveHeightSaid { get; } = Said.LengthOrStart(TuckLookFields.WaveHeight);

    /// <summary>From its middle to its crest; nothing for a straight first line.</summary>
    public Length WaveHeight => IsWavy ? WaveHeightSaid : Length.Zero;

    public Length WaveLength { get; } = Said.LengthOrStart(TuckLookFields.WaveLength);

    /// <summary>What was measured on the way, the first first; empty where only the plan is asked for.</summary>
    public IReadOnlyList<MidwayMeasure> Course { get; init; } = [];

    /// <summary>How it stands among other pieces.</summary>
    public Together Together { get; } = Together.Read(Said);

    /// <summary>n − 2t: the cloth between the needles that can be drawn into the ridge; never below nothing.</summary>
    public Length Base => BaseOf(NeedleSpacing);

    private Length BaseOf(Length wide) => Length.Max(Length.Zero, wide - 2 * ClothThickness);

    /// <summary>u: what one tuck takes up, in the mean where groups differ. Folded: twice its depth.</summary>
    public Length TakeUp =>
        IsMixed ? Each.Select(g => g.Count * TakeUpOf(g.Wide)).Sum() / Tucks : TakeUpOf(Wide);

    /// <summary>What a tuck takes up that is so wide; what was measured is of the usual pair, and draws alike in another.</summary>
    public Length TakeUpOf(Length wide) =>
        !IsTwin ? 2 * wide
        : TakeUpSaid is { } said
            ? wide == Wide || Base <= Length.Zero ? said
                : BaseOf(wide) * (said / Base)
        : BaseOf(wide) * (Learnt is { } learnt ? learnt.Mid : DrawSaid ?? UsualDraw);

    /// <summary>σ: how much one tuck differs from the next.</summary>
    public Length Spread => SpreadOf(Wide);

    private Length SpreadOf(Length wide) =>
        SpreadSaid ?? (IsLearnt ? BaseOf(wide) * Learnt!.Foretold.Scatter : UsualSpread);

    /// <summary>δ: how far all of them together may be off.</summary>
    public Length Bias => BiasOf(Wide);

    private Length BiasOf(Length wide) =>
        BiasSaid ?? (IsLearnt ? BaseOf(wide) * Learnt!.Foretold.Mean : UsualBias);

    /// <summary>√(k·σ² + (k·δ)²): one standard deviation of the finished width; summed over groups that differ.</summary>
    public Length WidthSpread =>
        Length.FromMillimetres(
            Math.Sqrt(
                Each.Sum(g => g.Count * Math.Pow(SpreadOf(g.Wide).Millimetres, 2))
                    + Math.Pow(Each.Sum(g => g.Count * BiasOf(g.Wide).Millimetres), 2)
            )
        );

    /// <summary>max(0, t_ν(p)) · widthSpread: what is cut beside the plain sum, to be as sure as asked; nothing where nothing is learnt.</summary>
    public Length Reserve =>
        IsLearnt ? Math.Max(0, Learnt!.Quantile(Assurance)) * WidthSpread : Length.Zero;

    /// <summary>Whether the take-up is what swatches say.</summary>
    public bool IsLearnt => IsTwin && TakeUpSaid is null && Learnt is not null;

    public bool HasWave => WaveHeight > Length.Zero;

    /// <summary>How far the wave lies from its middle, so far down the panel; nothing where the first line is straight.</summary>
    public Length WaveAt(Length y) => WaveHeight * Math.Sin(2 * Math.PI * (y / WaveLength));

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="withCourse">Whether what was measured on the way is read: turned forms do not go by it.</param>
    public static PintucksInputs? Read(InputReader reader, bool withCourse = true)
    {
        var ask = new PintucksInputs(reader);
        if (
            ask.Groups.Count > 1
            && ask.GroupGapSaid is null
            && ask.GroupGrooves is null
            && reader.Errors.Count == 0
        )
        {
            reader.Missing(PintucksFields.ClusterGap);
        }
        if (withCourse)
        {
            // The plan goes by neither, only its turned forms do; but what is typed wrong is said where it is typed.
            reader.OptionalLength(PintucksFields.ClothAtHand);
            reader.OptionalLength(PintucksFields.Margin);
            ask = ask with { Course = Respacing.ReadCourse(reader, ask.Tucks) };
        }
        return reader.Errors.Count > 0 ? null : ask;
    }

    /// <summary>The tucks in groups: as the pattern says, in clusters, or all in one.</summary>
    private static IReadOnlyList<int> ReadGroups(InputReader reader)
    {
        var said = reader.OptionalNumber(PintucksFields.Tucks);
        var pattern = reader.Counts(PintucksFields.Pattern);
        var cluster = reader.OptionalNumber(PintucksFields.Cluster);
        if (reader.Groups(PintucksFields.Mixed) is [_, ..] mixed)
        {
            IReadOnlyList<int> counts = [.. mixed.Select(g => (int)g.Number(OfGroup))];
            if (counts.Sum() > MostTucks)
            {
                reader.Contradiction(
                    PintucksFields.Mixed,
                    $"At most {MostTucks} tucks can be calculated."
                );
            }
            return counts;
        }
        if (pattern.Count > 0)
        {
            if (pattern.Sum() > MostTucks)
            {
                reader.Contradiction(
                    PintucksFields.Pattern,
                    $"At most {MostTucks} tucks can be calculated."
                );
            }
            return pattern;
        }
        if (said is null)
        {
            if (reader.Errors.Count == 0)
            {
                reader.Missing(PintucksFields.Tucks);
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

    private static NumberField OfGroup => (NumberField)PintucksFields.Mixed.Fields[0];

    private IReadOnlyList<TuckGroup> ReadEach()
    {
        var mixed = Said.Groups(PintucksFields.Mixed);
        Length? Own(int group, int field) =>
            group < mixed.Count
                ? mixed[group].OptionalLength((LengthField)PintucksFields.Mixed.Fields[field])
                : null;
        return
        [
            .. Groups.Select(
                (count, i) => new TuckGroup(count, Own(i, 1) ?? Spacing, Own(i, 2) ?? Wide)
            ),
        ];
    }

    /// <summary>The spacing as said, or so many grooves of the foot.</summary>
    private static Length ReadSpacing(InputReader reader)
    {
        var said = reader.OptionalLength(PintucksFields.Spacing);
        var step = reader.OptionalNumber(PintucksFields.GrooveStep);
        var pitch = reader.OptionalLength(PintucksFields.GroovePitch);
        if (said is null && (step is null || pitch is null) && reader.Errors.Count == 0)
        {
            reader.Missing(step is null ? PintucksFields.Spacing : PintucksFields.GroovePitch);
        }
        return said ?? (pitch * (int?)step) ?? PintucksFields.Spacing.Least;
    }
}
