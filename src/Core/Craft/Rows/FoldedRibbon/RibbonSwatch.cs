using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.FoldedRibbon.RibbonSwatch>;

namespace ZephyrReach.Core.Craft.Rows.FoldedRibbon;

/// <summary>What ten legs on a scrap say: how far each really went on.</summary>
/// <param name="Ten">What ten legs reached.</param>
/// <param name="Set">How far each was meant to go on.</param>
/// <param name="Wide">How wide the band came out; null where it was not read.</param>
internal sealed record RibbonSwatch(Length Ten, Length Set, Length? Wide, Ruler Ruler)
    : SwatchJudgement
{
    private const int Legs = 10;

    public static LengthsField TenRead { get; } =
        new LengthsField("tenLegs", "Length of ten folds", Length.FromMillimetres(4000)).Help(
            "From the first catch to the eleventh."
        );

    public static LengthsField WideRead { get; } =
        new LengthsField(
            "bandRead",
            "Band width",
            Length.FromMillimetres(400),
            IsNeeded: false
        ).Help("From fold to fold, square to the line.");

    private static readonly LengthField SetField = LengthField
        .Fine("setLeg", "Planned advance per fold", 1, 400, 12)
        .Help("How far each was meant to go on.")
        .Optional();

    private static readonly LookFields Looks = new(FoldedRibbonCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("leg", "A tenth of ten.", a => a.Leg),
        F.Ratio("factor", "What folds came to over what was meant.", a => a.Leg / a.Set),
        F.Length(
            "uneven",
            LengthKind.Fine,
            "Band less fold: 0 where every fold lies at 45°.",
            a => a.Uneven
        ),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What ten folds on a swatch show",
            [SetField, TenRead, WideRead, Looks.Seen, Looks.Tried],
            Told,
            RawInputs.Of(
                ("setLeg", 12),
                ("tenLegs", new[] { "124 mm", "123 mm" }),
                ("bandRead", new[] { "12 mm" }),
                ("looks", new[] { "uneven-band" })
            ),
            Judge
        );

    /// <summary>What swatches of folded ribbon measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [TenRead, WideRead],
            Features = [SetField],
            Knobs = [new(SetField.Name, "Each fold", "mm", 0.5, 12)],
            InShort = swatch =>
                swatch.Mean(TenRead.Name) is { } ten
                    ? Headlined(Length.FromMillimetres(ten) / Legs)
                    : null,
            Teaches =
            [
                new(Dial.Family.Name, "each fold", reader => FoldedRibbonPlan.Of(reader)?.Dial),
            ],
            Sample = swatch => DialSamples.Of(swatch, SetField, TenRead, Legs),
        };

    public Length Leg => Ten / Legs;

    public Length? Uneven => Wide - Leg;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(Leg);

    public override IReadOnlyList<string> Lines
    {
        get
        {
            var share = Leg / Set - 1;
            List<string> lines =
            [
                Math.Abs(share) < 0.01
                    ? $"Each fold went on by {Ruler.Fine(Leg)}, as it was meant to."
                    : $"Each fold went on by {Ruler.Fine(Leg)}, {DecimalText.Write(Math.Abs(share) * 100, 1)} % {(share > 0 ? "further" : "less far")} than it was meant to; the plan learns it.",
            ];
            if (Uneven is { } uneven)
            {
                lines.Add(
                    Math.Abs(uneven.Millimetres) < 0.5
                        ? "The band is as wide as a fold goes on: the folds lie at 45°."
                        : $"The band is {Ruler.Fine(Wide!.Value)} wide: its folds lie {(uneven > Length.Zero ? "steeper" : "flatter")} than 45°."
                );
            }
            return lines;
        }
    }

    private static RibbonSwatch? Judge(InputReader reader)
    {
        var set = reader.LengthOrStart(SetField);
        var (ten, wide) = (reader.Lengths(TenRead), reader.Lengths(WideRead));
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new RibbonSwatch(
                FullnessReading.Mean(ten),
                set,
                wide.Count > 0 ? FullnessReading.Mean(wide) : null,
                reader.Ruler
            )
            {
                Readings = Of((TenRead, ten), (WideRead, wide)),
                Change = change,
                Findings = [],
            };
    }

    private static Fact Headlined(Length leg) =>
        new("on with each fold", $"{DecimalText.Write(leg.Millimetres)} mm");
}
