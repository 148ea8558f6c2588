using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.FinePiping.EvenSwatch>;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>What a fine piping on a scrap says: how wide it came out, and how evenly.</summary>
/// <param name="Width">From its fold to the stitches.</param>
/// <param name="Spread">From the narrowest reading to the widest.</param>
/// <param name="Reckoned">The covered cord; null where that was not said.</param>
internal sealed record EvenSwatch(Length Width, Length Spread, Length? Reckoned, Ruler Ruler)
    : SwatchJudgement
{
    /// <summary>More than this is seen.</summary>
    private static readonly Length Seen = Length.FromMillimetres(0.3);

    public static LengthsField WidthRead { get; } =
        new LengthsField("pipingWidth", "Piping, wide", Length.FromMillimetres(30))
        {
            Kind = LengthKind.Fine,
        }.Help("From its fold to the stitches, at three places or more.");

    private static readonly LengthField CoveredField = LengthField
        .Fine("covered", "Covered cord", 0.1, 40)
        .Help("As in the plan.")
        .Optional();

    private static readonly LookFields Looks = new(FinePipingCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("width", "Their mean.", a => a.Width),
        F.Fine("spread", "From the narrowest to the widest.", a => a.Spread),
        F.Flag("isEven", "Whether that is less than is seen: 0.3 mm.", a => a.IsEven),
        F.Length(
            "loose",
            LengthKind.Fine,
            "How much wider it is than the covered cord.",
            a => a.Loose
        ),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a fine piping says",
            [CoveredField, WidthRead, Looks.Seen, Looks.Tried],
            Told,
            RawInputs.Of(
                ("covered", 1.3),
                ("pipingWidth", new[] { "1.4 mm", "1.5 mm", "1.4 mm" }),
                ("looks", new[] { "uneven" })
            ),
            Judge
        );

    /// <summary>What swatches of fine piping measure.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [WidthRead],
            Features = [CoveredField],
            InShort = swatch =>
                swatch.Mean(WidthRead.Name) is { } width
                    ? Headlined(Length.FromMillimetres(width), Ruler.Metric)
                    : null,
        };

    public bool IsEven => Spread <= Seen;

    public Length? Loose => Width - Reckoned;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(Width, Ruler);

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines =
            [
                IsEven
                    ? $"It is even: within {Ruler.Fine(Spread)}."
                    : $"It is {Ruler.Fine(Spread)} wider in one place than in another: that is seen. Keep to one groove, and sew slower.",
            ];
            if (Loose is { } loose)
            {
                lines.Add(
                    loose > Seen
                        ? $"It is {Ruler.Fine(loose)} wider than its cord: move the needle one place nearer, or twist more strands."
                    : loose < Length.Zero - Seen
                        ? "It is narrower than its cord: the needle pierces it. Move it one place outwards."
                    : "It lies close round its cord."
                );
            }
            return lines;
        }
    }

    private static EvenSwatch? Judge(InputReader reader)
    {
        var covered = reader.OptionalLength(CoveredField);
        var width = reader.Lengths(WidthRead);
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new EvenSwatch(
                FullnessReading.Mean(width),
                width.Max() - width.Min(),
                covered,
                reader.Ruler
            )
            {
                Readings = Of((WidthRead, width)),
                Change = change,
                Findings = [],
            };
    }

    private static Fact Headlined(Length width, Ruler ruler) => new("wide", ruler.Fine(width));
}
