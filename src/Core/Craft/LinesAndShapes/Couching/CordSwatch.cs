using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.LinesAndShapes.Couching.CordSwatch>;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>What a couched line on a scrap says: whether the cord was pulled, and whether the needle clears it.</summary>
/// <param name="Cord">What it used of the cord, lying loose.</param>
/// <param name="Line">The line that was sewn.</param>
/// <param name="SetWidth">What was set for the zigzag.</param>
/// <param name="Width">What it came to; null where it was not read.</param>
/// <param name="Thick">How thick the cord is; null where that was not said.</param>
internal sealed record CordSwatch(
    Length Cord,
    Length Line,
    Length SetWidth,
    Length? Width,
    Length? Thick,
    Ruler Ruler
) : SwatchJudgement
{
    private static readonly Length Longest = Length.FromMillimetres(2000);

    /// <summary>A cord that is pulled by less than this springs back unseen.</summary>
    private const double LeastPull = 0.02;

    public static LengthsField CordRead { get; } =
        new LengthsField("cordUsed", "Cord used, without its ends", Longest).Help(
            "Between two marks on the cord, lying loose, before it is sewn. Slanted ends that lie over each other are not counted."
        );

    public static LengthsField LineRead { get; } =
        new LengthsField("lineSewn", "Line sewn", Longest).Help(
            "Between the same two marks, couched."
        );

    public static LengthsField WidthRead { get; } =
        new LengthsField("zigzag", "Zigzag width", Length.FromMillimetres(20), IsNeeded: false)
        {
            Kind = LengthKind.Fine,
        }.Help("From hole to hole, square to the line.");

    private static readonly LengthField SetWidthField = LengthField
        .Fine("setZigzag", "Width that was set", 0.5, 15, 4)
        .Help("On the dial.")
        .Optional();

    private static readonly LengthField ThickField = LengthField
        .Fine("cordDiameter", "Cord thickness", 0.3, 30)
        .Help("As in the plan.")
        .Optional();

    private static readonly LookFields Looks = new(CouchingCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio("pulled", "1 − cord used/line sewn: by how much it was stretched.", a => a.Pulled),
        F.Ratio(
            "widthFactor",
            "What the zigzag came to over what was set.",
            a => a.Width / a.SetWidth
        ),
        F.Length(
            "clears",
            LengthKind.Fine,
            "(width − cord)/2: from the cord to the middle of a hole, on either side.",
            a => a.Clears
        ),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a couched line says",
            [SetWidthField, ThickField, CordRead, LineRead, WidthRead, Looks.Seen, Looks.Tried],
            Told,
            RawInputs.Of(
                ("setZigzag", 5),
                ("cordDiameter", 3),
                ("cordUsed", new[] { "98 mm", "98.5 mm" }),
                ("lineSewn", new[] { "100 mm" }),
                ("zigzag", new[] { "4.8 mm", "4.9 mm" }),
                ("looks", new[] { "buckles" })
            ),
            Judge
        );

    /// <summary>What swatches of couching measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [CordRead, LineRead, WidthRead],
            Features = [SetWidthField],
            Knobs = [new("setZigzag", "Stitch width on the dial", "mm", 0.5, 5)],
            InShort = swatch =>
                swatch.Mean(CordRead.Name) / swatch.Mean(LineRead.Name) is { } used
                    ? Headlined(1 - used)
                    : null,
            Teaches =
            [
                new(Dial.Family.Name, "zigzag width", reader => CouchingPlan.Of(reader)?.Dial),
            ],
            Sample = swatch => DialSamples.Of(swatch, SetWidthField, WidthRead),
        };

    public double Pulled => 1 - Cord / Line;

    public Length? Clears => Thick is { } thick && Width is { } width ? (width - thick) / 2 : null;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(Pulled);

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines =
            [
                Pulled switch
                {
                    > LeastPull =>
                        $"{Ruler.Mark(Line)} of line took {Ruler.Mark(Cord)} of cord: it was pulled, and will spring back. Feed it loose.",
                    < -LeastPull =>
                        $"{Ruler.Mark(Line)} of line took {Ruler.Mark(Cord)} of cord: it lies in waves. Let the machine take it.",
                    _ =>
                        $"{Ruler.Mark(Line)} of line took {Ruler.Mark(Cord)} of cord: it was fed as it should be.",
                },
            ];
            if (Width is { } width)
            {
                lines.Add(
                    $"Set to {Ruler.Fine(SetWidth)}, the zigzag came to {Ruler.Fine(width)}."
                );
            }
            if (Clears is { } clears)
            {
                lines.Add(
                    clears.Millimetres >= 0.4
                        ? $"It clears the cord by {Ruler.Fine(clears)} on either side."
                        : $"It clears the cord by no more than {Ruler.Fine(clears)} on either side: make it half a millimetre wider."
                );
            }
            return lines;
        }
    }

    private static CordSwatch? Judge(InputReader reader)
    {
        var set = reader.LengthOrStart(SetWidthField);
        var thick = reader.OptionalLength(ThickField);
        var (cord, line, width) = (
            reader.Lengths(CordRead),
            reader.Lengths(LineRead),
            reader.Lengths(WidthRead)
        );
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new CordSwatch(
                FullnessReading.Mean(cord),
                FullnessReading.Mean(line),
                set,
                width.Count > 0 ? FullnessReading.Mean(width) : null,
                thick,
                reader.Ruler
            )
            {
                Readings = Of((CordRead, cord), (LineRead, line), (WidthRead, width)),
                Change = change,
                Findings = [],
            };
    }

    private static Fact Headlined(double pulled) =>
        new(
            pulled >= 0 ? "that the cord was pulled" : "that it was pushed",
            $"{DecimalText.Write(Math.Abs(pulled) * 100, 1)} %"
        );
}
