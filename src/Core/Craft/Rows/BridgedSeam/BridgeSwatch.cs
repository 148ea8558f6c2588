using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.BridgedSeam.BridgeSwatch>;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>What a bridge between two strips says: whether the gap was kept, and how far the stitch bites.</summary>
/// <param name="GapMean">Between the folds, sewn.</param>
/// <param name="WideMean">Of the stitch, from hole to hole; null where it was not read.</param>
/// <param name="Set">What was set for its width.</param>
/// <param name="Wanted">The gap that is planned; null where that was not said.</param>
/// <param name="Bite">The bite that is planned; null where that was not said.</param>
internal sealed record BridgeSwatch(
    Length GapMean,
    Length? WideMean,
    Length Set,
    Length? Wanted,
    Length? Bite,
    Ruler Ruler
) : SwatchJudgement
{
    /// <summary>A gap that is off by less is as planned.</summary>
    private static readonly Length AsPlanned = Length.FromMillimetres(0.3);

    public static LengthsField GapRead { get; } =
        Small("gapSewn", "Gap as sewn").Help("From fold to fold, at three places.") with
        {
            IsNeeded = true,
        };

    public static LengthsField WideRead { get; } =
        Small("acrossSewn", "Stitch width").Help("From hole to hole, square to the seam.");

    private static readonly LengthField SetField = LengthField
        .Fine("setAcross", "Width that was set", 0.5, 15, 5.5)
        .Help("On the dial.")
        .Optional();

    private static readonly LengthField GapField = BridgedSeamFields.Gap with { IsNeeded = false };

    private static readonly LookFields Looks = new(BridgedSeamCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Length("off", LengthKind.Fine, "Gap sewn less gap planned.", a => a.Off),
        F.Length("bites", LengthKind.Fine, "(width − gap)/2: into each fold.", a => a.Bites),
        F.Ratio(
            "widthFactor",
            "What the stitch came to over what was set.",
            a => a.WideMean / a.Set
        ),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a bridge between two strips says",
            [
                SetField,
                GapField,
                BridgedSeamFields.Bite,
                GapRead,
                WideRead,
                Looks.Seen,
                Looks.Tried,
            ],
            Told,
            RawInputs.Of(
                ("setAcross", 5.5),
                ("gap", 3),
                ("bite", 1.2),
                ("gapSewn", new[] { "2.8 mm", "2.7 mm" }),
                ("acrossSewn", new[] { "5.2 mm", "5.3 mm" }),
                ("looks", new[] { "pulled-together" })
            ),
            Judge
        );

    /// <summary>What swatches of bridges measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [GapRead, WideRead],
            Features = [SetField],
            Knobs = [new(SetField.Name, "Stitch width on the dial", "mm", 0.5, 5.5)],
            InShort = swatch =>
                swatch.Mean(GapRead.Name) is { } gap
                    ? Headlined(Length.FromMillimetres(gap))
                    : null,
            Teaches =
            [
                new(
                    Dial.Family.Name,
                    "width across the gap",
                    reader => BridgedSeamPlan.Of(reader)?.Dial
                ),
            ],
            Sample = swatch => DialSamples.Of(swatch, SetField, WideRead),
        };

    public Length? Off => GapMean - Wanted;

    public Length? Bites => (WideMean - GapMean) / 2;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(GapMean);

    public override TakeOver? TakeOver =>
        Off is { } off && Length.Difference(off, Length.Zero) > AsPlanned
            ? new(
                BridgedSeamFields.Gap.Name,
                GapMean.Millimetres,
                $"Plan with a gap of {Ruler.Fine(GapMean)}"
            )
            : null;

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines = [];
            if (Off is { } off)
            {
                lines.Add(
                    off > AsPlanned
                        ? $"The folds stand {Ruler.Fine(off)} further apart than planned: they drifted off the bar."
                    : off < -AsPlanned ? $"The folds were drawn {Ruler.Fine(-off)} together."
                    : "The gap was kept."
                );
            }
            if (WideMean is { } wide)
            {
                lines.Add($"Set to {Ruler.Fine(Set)}, the stitch came to {Ruler.Fine(wide)}.");
            }
            if (Bites is { } bites)
            {
                lines.Add(
                    bites <= Length.Zero ? "It misses the folds: wider, or a narrower gap."
                    : Bite is { } wanted && bites < wanted * 0.8
                        ? $"It catches {Ruler.Fine(bites)} into each fold, less than {Ruler.Fine(wanted)}: make it wider."
                    : $"It catches {Ruler.Fine(bites)} into each fold."
                );
            }
            if (lines.Count == 0)
            {
                lines.Add($"The folds stand {Ruler.Fine(GapMean)} apart.");
            }
            return lines;
        }
    }

    private static BridgeSwatch? Judge(InputReader reader)
    {
        var set = reader.LengthOrStart(SetField);
        var (gap, bite) = (
            reader.OptionalLength(GapField),
            reader.OptionalLength(BridgedSeamFields.Bite)
        );
        var (sewn, wide) = (reader.Lengths(GapRead), reader.Lengths(WideRead));
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new BridgeSwatch(
                FullnessReading.Mean(sewn),
                wide.Count > 0 ? FullnessReading.Mean(wide) : null,
                set,
                gap,
                bite,
                reader.Ruler
            )
            {
                Readings = Of((GapRead, sewn), (WideRead, wide)),
                Change = change,
                Findings = [],
            };
    }

    private static Fact Headlined(Length gap) =>
        new("from fold to fold", $"{DecimalText.Write(gap.Millimetres)} mm");

    private static LengthsField Small(string name, string label) =>
        new LengthsField(name, label, Length.FromMillimetres(20), IsNeeded: false)
        {
            Kind = LengthKind.Fine,
        };
}
