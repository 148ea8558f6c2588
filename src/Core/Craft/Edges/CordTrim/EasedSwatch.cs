using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.CordTrim.EasedSwatch>;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>What trim on a swatch shows: whether it was stretched or pushed, and whether the flange is hidden.</summary>
/// <param name="Used">Of the trim, lying loose.</param>
/// <param name="Sewn">Of the edge.</param>
/// <param name="Gap">From the cord to the last line of stitches; null where it was not read.</param>
internal sealed record EasedSwatch(Length Used, Length Sewn, Length? Gap, Ruler Ruler)
    : SwatchJudgement
{
    /// <summary>Stretched or pushed by less than this is not seen.</summary>
    private const double Least = 0.015;

    /// <summary>A flange that is hidden within this is not seen.</summary>
    private static readonly Length Hidden = Length.FromMillimetres(0.7);

    private static readonly Length Longest = Length.FromMillimetres(3000);

    public static LengthsField UsedRead { get; } =
        new LengthsField("trimUsed", "Trim used", Longest).Help(
            "Between two marks on the trim, lying loose."
        );

    public static LengthsField SewnRead { get; } =
        new LengthsField("edgeSewn", "Edge length", Longest).Help(
            "Between the same two marks, along the edge."
        );

    public static LengthsField GapRead { get; } =
        new LengthsField("gapToCord", "Visible lip", Length.FromMillimetres(20), IsNeeded: false)
        {
            Kind = LengthKind.Fine,
        }.Help("What is seen of the flange, from the right side.");

    private static readonly LookFields Looks = new(CordTrimCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio(
            "eased",
            "trim used/edge sewn − 1: above 0 it was pushed in, below 0 stretched.",
            a => a.Eased
        ),
        F.Flag("isHidden", "Whether the flange is hidden.", a => a.IsHidden),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What trim on a swatch shows",
            [UsedRead, SewnRead, GapRead, Looks.Seen, Looks.Tried],
            Told,
            RawInputs.Of(
                ("trimUsed", new[] { "196 mm" }),
                ("edgeSewn", new[] { "200 mm" }),
                ("gapToCord", new[] { "0.9 mm" }),
                ("looks", new[] { "flange-shows" })
            ),
            Judge
        );

    /// <summary>What swatches of trim measure.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [UsedRead, SewnRead, GapRead],
            InShort = swatch =>
                swatch.Mean(UsedRead.Name) / swatch.Mean(SewnRead.Name) is { } share
                    ? Headlined(share - 1)
                    : null,
        };

    public double Eased => Used / Sewn - 1;

    public bool? IsHidden => Gap is { } gap ? gap <= Hidden : null;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(Eased);

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines =
            [
                Eased switch
                {
                    < -Least =>
                        $"{Ruler.Mark(Sewn)} of edge took {Ruler.Mark(Used)} of trim: it was stretched, and will draw the edge together. Lay it loose.",
                    > Least =>
                        $"{Ruler.Mark(Sewn)} of edge took {Ruler.Mark(Used)} of trim: it was pushed, and will lie in waves. Let it run.",
                    _ =>
                        $"{Ruler.Mark(Sewn)} of edge took {Ruler.Mark(Used)} of trim: it lies as it should.",
                },
            ];
            if (Gap is { } gap)
            {
                lines.Add(
                    gap <= Hidden
                        ? "The flange is hidden."
                        : $"{Ruler.Fine(gap)} of the flange are seen: move the needle one place nearer at the second pass."
                );
            }
            return lines;
        }
    }

    private static EasedSwatch? Judge(InputReader reader)
    {
        var (used, sewn, gap) = (
            reader.Lengths(UsedRead),
            reader.Lengths(SewnRead),
            reader.Lengths(GapRead)
        );
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new EasedSwatch(
                FullnessReading.Mean(used),
                FullnessReading.Mean(sewn),
                gap.Count > 0 ? FullnessReading.Mean(gap) : null,
                reader.Ruler
            )
            {
                Readings = Of((UsedRead, used), (SewnRead, sewn), (GapRead, gap)),
                Change = change,
                Findings = [],
            };
    }

    private static Fact Headlined(double eased) =>
        new(
            eased >= 0 ? "that the trim was pushed in" : "that it was stretched",
            $"{DecimalText.Write(Math.Abs(eased) * 100, 1)} %"
        );
}
