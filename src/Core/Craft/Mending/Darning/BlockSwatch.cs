using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Mending.Darning.BlockSwatch>;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>What a swatch of one block says: what it came to of what was set.</summary>
/// <param name="Set">What was set for its length.</param>
/// <param name="Came">What it came to.</param>
/// <param name="SetWidth">What was set for its width; null where that was not said.</param>
/// <param name="CameWide">What it came to across; null where it was not read.</param>
internal sealed record BlockSwatch(
    Length Set,
    Length Came,
    Length? SetWidth,
    Length? CameWide,
    Ruler Ruler
) : SwatchJudgement
{
    private static readonly Length Longest = Length.FromMillimetres(300);

    public static LengthsField LengthRead { get; } =
        new LengthsField("length", "Actual length", Longest) { Kind = LengthKind.Fine }.Help(
            "From the first stitch to the last, read once or several times."
        );

    public static LengthsField WidthRead { get; } =
        new LengthsField("width", "Actual width", Longest, IsNeeded: false)
        {
            Kind = LengthKind.Fine,
        }.Help("From the first line to the last.");

    private static readonly LengthField SetLengthField = SetField("setLength", "Set length", 25);
    private static readonly LengthField SetWidthField = SetField("setWidth", "Set width", null);

    private static readonly LookFields Looks = new(ProgrammedDarningCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio("factor", "What came out over what was set.", a => a.Factor),
        F.Ratio("widthFactor", "The same across.", a => a.CameWide / a.SetWidth),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a block says",
            [SetLengthField, SetWidthField, LengthRead, WidthRead, Looks.Seen, Looks.Tried],
            Told,
            RawInputs.Of(
                ("setLength", 20),
                ("setWidth", 7),
                ("length", new[] { "19 mm", "19.2 mm" }),
                ("width", new[] { "7 mm" }),
                ("looks", new[] { "short" })
            ),
            Judge
        );

    /// <summary>What swatches of a darn measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [LengthRead, WidthRead],
            Features = [SetLengthField, SetWidthField],
            Knobs =
            [
                new("setLength", "Set length", "mm", 0.5, 20),
                new("setWidth", "Set width", "mm", 0.5, 7),
            ],
            InShort = swatch =>
                swatch.Mean(LengthRead.Name) / DialSamples.SetOf(swatch, SetLengthField)
                    is { } factor
                    ? Headlined(factor)
                    : null,
            Teaches =
            [
                new(Dial.Family.Name, "block length", reader => DarningPlan.Of(reader)?.Dial),
            ],
            Sample = swatch => DialSamples.Of(swatch, SetLengthField, LengthRead),
        };

    public double Factor => Came / Set;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(Factor);

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines = [$"Set to {Ruler.Fine(Set)}, it came to {Ruler.Fine(Came)}."];
            if (Math.Abs(Factor - 1) > 0.01)
            {
                lines.Add(
                    $"For {Ruler.Fine(Set)}, set {Ruler.Fine(Rounding.Nearest(Set / Factor, Length.FromMillimetres(0.5)))}: the plan does so by itself."
                );
            }
            if (SetWidth is { } set && CameWide is { } wide)
            {
                lines.Add($"Across: set to {Ruler.Fine(set)}, it came to {Ruler.Fine(wide)}.");
            }
            return lines;
        }
    }

    private static BlockSwatch? Judge(InputReader reader)
    {
        var set = reader.Length(SetLengthField);
        var wide = reader.OptionalLength(SetWidthField);
        var (length, width) = (reader.Lengths(LengthRead), reader.Lengths(WidthRead));
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new BlockSwatch(
                set,
                FullnessReading.Mean(length),
                wide,
                width.Count > 0 ? FullnessReading.Mean(width) : null,
                reader.Ruler
            )
            {
                Readings = Of((LengthRead, length), (WidthRead, width)),
                Change = change,
                Findings = [],
            };
    }

    private static Fact Headlined(double factor) =>
        new(
            "of the length that was set",
            factor.ToString("0.000", System.Globalization.CultureInfo.InvariantCulture)
        );

    private static LengthField SetField(string name, string label, double? start) =>
        new LengthField(
            name,
            label,
            Length.FromMillimetres(0.5),
            Longest,
            start is { } mm ? Length.FromMillimetres(mm) : null,
            LengthKind.Fine,
            start is not null
        ).Help("What was set on the foot or the machine.");
}
