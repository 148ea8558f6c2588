using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.LinesAndShapes.Applique.CornerSwatch>;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>What one corner and one curve on a scrap say: what ten stitches really come to, and how the last one missed.</summary>
/// <param name="Set">What was set for the stitch length.</param>
/// <param name="Ten">What ten repeats came to.</param>
/// <param name="Missed">How far the last was from the corner; null where it was not read.</param>
internal sealed record CornerSwatch(Length Set, Length Ten, Length? Missed, Ruler Ruler)
    : SwatchJudgement
{
    private const int Repeats = 10;

    public static LengthsField TenRead { get; } =
        new LengthsField("tenRepeats", "Ten stitches", Length.FromMillimetres(300))
        {
            Kind = LengthKind.Fine,
        }.Help("From the first sideways stitch to the eleventh, along the edge.");

    public static LengthsField MissedRead { get; } =
        new LengthsField(
            "missed",
            "Last stitch missed the corner by",
            Length.FromMillimetres(20),
            IsNeeded: false
        )
        {
            Kind = LengthKind.Fine,
        }.Help("From the last stitch to the corner.");

    private static readonly LengthField SetField = LengthField
        .Fine("setRepeat", "Length that was set", 0.2, 12, 2.8)
        .Help("On the dial.")
        .Optional();

    private static readonly LookFields Looks = new(AppliqueCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio("factor", "What came out over what was set.", a => a.Factor),
        F.Fine("repeat", "What one stitch came to.", a => a.Ten / Repeats),
        F.Length("missed", LengthKind.Fine, "How far the last was from the corner.", a => a.Missed),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a corner says",
            [SetField, TenRead, MissedRead, Looks.Seen, Looks.Tried],
            Told,
            RawInputs.Of(
                ("setRepeat", 2.8),
                ("tenRepeats", new[] { "27 mm", "27.2 mm" }),
                ("missed", new[] { "0.9 mm" }),
                ("looks", new[] { "misses-corner" })
            ),
            Judge
        );

    /// <summary>What swatches of appliqué measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [TenRead, MissedRead],
            Features = [SetField],
            Knobs = [new("setRepeat", "Stitch length on the dial", "mm", 0.1, 2.8)],
            InShort = swatch =>
                swatch.Mean(TenRead.Name) / Repeats / DialSamples.SetOf(swatch, SetField)
                    is { } factor
                    ? Headlined(factor)
                    : null,
            Teaches =
            [
                new(Dial.Family.Name, "stitch length", reader => AppliquePlan.Of(reader)?.Dial),
            ],
            Sample = swatch => DialSamples.Of(swatch, SetField, TenRead, Repeats),
        };

    public double Factor => Ten / Repeats / Set;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(Factor);

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines =
            [
                $"Set to {Ruler.Fine(Set)}, ten stitches came to {Ruler.Fine(Ten)}.",
            ];
            if (Math.Abs(Factor - 1) > 0.01)
            {
                lines.Add(
                    "The plan now fits its stitches by what this machine gives, not by what its dial says."
                );
            }
            if (Missed is { } missed)
            {
                lines.Add(
                    missed.Millimetres <= 0.2
                        ? $"The last one missed the corner by {Ruler.Fine(missed)}: it is met."
                        : $"The last one missed the corner by {Ruler.Fine(missed)}: turn the last two by hand, or set a tenth more or less."
                );
            }
            return lines;
        }
    }

    private static CornerSwatch? Judge(InputReader reader)
    {
        var set = reader.LengthOrStart(SetField);
        var (ten, missed) = (reader.Lengths(TenRead), reader.Lengths(MissedRead));
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new CornerSwatch(
                set,
                FullnessReading.Mean(ten),
                missed.Count > 0 ? FullnessReading.Mean(missed) : null,
                reader.Ruler
            )
            {
                Readings = Of((TenRead, ten), (MissedRead, missed)),
                Change = change,
                Findings = [],
            };
    }

    private static Fact Headlined(double factor) =>
        new("of the length that was set", DecimalText.Write(factor, 3));
}
