using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.FreeMotion.HandSwatch>;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>What a line of ten centimetres and a loop say of her hands; and a square, of elastic.</summary>
/// <param name="Planned">The stitch that was planned.</param>
/// <param name="Machine">What the machine ran at, stitches a minute.</param>
/// <param name="OnLine">Of ten stitches along the line, read once or several times.</param>
/// <param name="InLoop">The same in the loop; empty where it was not read.</param>
/// <param name="Along">What the square came to, from top to bottom; null where there is none.</param>
internal sealed record HandSwatch(
    Length Planned,
    double Machine,
    IReadOnlyList<Length> OnLine,
    IReadOnlyList<Length> InLoop,
    Length? Along,
    Length? Across,
    Ruler Ruler
) : SwatchJudgement
{
    /// <summary>The line that is sewn on a scrap.</summary>
    public static readonly Length LineDrawn = Length.FromMillimetres(100);

    /// <summary>The square that is sewn with elastic in the bobbin.</summary>
    public static readonly Length SquareDrawn = Length.FromMillimetres(100);

    private const int Counted = 10;

    /// <summary>Workshop rule: stitches within a fifth of each other look even.</summary>
    private const double Even = 0.2;

    public static LengthsField LineRead { get; } =
        Read("tenOnLine", "Ten stitches on the line")
            .Help("Ten stitches along the line; anywhere, and several times.");

    public static LengthsField LoopRead { get; } =
        Read("tenInLoop", "Ten stitches in the loop").Help("Ten stitches in the loop.").Optional();

    public static LengthsField AlongRead { get; } =
        Read("squareAlong", "Length of the square")
            .Help("What a square of 100 mm with elastic came to.")
            .Optional();

    public static LengthsField AcrossRead { get; } =
        Read("squareAcross", "Width of the square").Help("The same, from side to side.").Optional();

    private static readonly LengthField PlannedField = LengthField
        .Fine("plannedStitch", "Stitch that was planned", 0.1, 12, 2)
        .Help("As in the plan.")
        .Optional();

    private static readonly NumberField MachineField = FreeMotionFields.MachineSpeed;

    private static readonly LookFields Looks = new(FreeMotionCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("stitch", "Her mean stitch along the line.", a => a.Stitch),
        F.Ratio("handSpeed", "stitch·n/60: the speed of her hands, mm a second.", a => a.Hand),
        F.Ratio("factor", "stitch over what was planned.", a => a.Factor),
        F.Ratio(
            "spread",
            "From the shortest to the longest reading, over the mean.",
            a => a.Spread
        ),
        F.Ratio("loopFactor", "The stitch in the loop over that on the line.", a => a.LoopFactor),
        F.Ratio("drawnAlong", "What the square came to over 100 mm.", a => a.Along / SquareDrawn),
        F.Ratio("drawnAcross", "The same across.", a => a.Across / SquareDrawn),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a line and a loop say",
            [
                PlannedField,
                MachineField,
                LineRead,
                LoopRead,
                AlongRead,
                AcrossRead,
                Looks.Seen,
                Looks.Tried,
            ],
            Told,
            RawInputs.Of(
                ("plannedStitch", 2),
                ("machineSpeed", 600),
                ("tenOnLine", new[] { "26 mm", "24 mm" }),
                ("tenInLoop", new[] { "19 mm" }),
                ("squareAlong", new[] { "82 mm" }),
                ("squareAcross", new[] { "79 mm" })
            ),
            Judge
        );

    /// <summary>What swatches of free-motion work measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [LineRead, LoopRead, AlongRead, AcrossRead],
            Features = [PlannedField, MachineField],
            Shown = swatch =>
                RawInputs
                    .Empty.With("kind", RawValue.Of("meander"))
                    .With("width", RawValue.Of("10 cm"))
                    .With("height", RawValue.Of("8 cm"))
                    .With("lineSpacing", RawValue.Of("12 mm"))
                    .With("stitchLength", swatch.Features, PlannedField.Name),
            Knobs =
            [
                new("plannedStitch", "Stitch planned", "mm", 0.5, 2),
                new("machineSpeed", "Machine", "", 50, 600),
            ],
            InShort = swatch =>
                swatch.Mean(LineRead.Name) is { } ten
                    ? new Fact("a stitch", $"{DecimalText.Write(ten / Counted)} mm")
                    : null,
            Teaches =
            [
                new(
                    Families.HandFamily.Name,
                    "your hand",
                    reader => FreeMotionPlan.Of(reader)?.Hand
                ),
                new(
                    "draw-in-across",
                    "Scale in, across",
                    reader => FreeMotionPlan.Of(reader)?.Across
                ),
                new("draw-in-along", "Scale in, along", reader => FreeMotionPlan.Of(reader)?.Along),
            ],
            Sample = Sampled,
        };

    public Length Stitch => FullnessReading.Mean(OnLine) / Counted;

    public double Hand => Stitch.Millimetres * Machine / 60;

    public double Factor => Stitch / Planned;

    public double? Spread =>
        OnLine.Count > 1 ? (OnLine.Max() - OnLine.Min()) / FullnessReading.Mean(OnLine) : null;

    public double? LoopFactor =>
        InLoop.Count > 0 ? FullnessReading.Mean(InLoop) / FullnessReading.Mean(OnLine) : null;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => new("a stitch", Ruler.Fine(Stitch));

    public override IReadOnlyList<string> Lines
    {
        get
        {
            var keep = Math.Round(Machine * Factor / 10) * 10;
            List<string> lines =
            [
                $"At {DecimalText.Write(Machine, 0)} a minute your hands moved {DecimalText.Write(Hand, 1)} mm a second.",
                Math.Abs(Factor - 1) <= Even / 2 ? "That is the stitch that was planned."
                : Factor > 1
                    ? $"Stitches came out longer than planned: run the machine at {DecimalText.Write(keep, 0)}, or move more slowly."
                : $"Stitches came out shorter than planned: run the machine at {DecimalText.Write(keep, 0)}, or move faster.",
            ];
            if (Spread is > Even)
            {
                lines.Add(
                    "They are uneven: keep the foot still, and count aloud while the hands move."
                );
            }
            if (LoopFactor is { } loop && Math.Abs(loop - 1) > Even)
            {
                lines.Add(
                    loop < 1
                        ? "In the loop they are shorter: hands slow down in curves. Let the machine slow down there too."
                        : "In the loop they are longer: hands hurry through curves. Turn from the wrists, more slowly."
                );
            }
            if (Along is { } along && Across is { } across)
            {
                lines.Add(
                    $"The square drew in to {Ruler.Size(Ruler.Mark(across), Ruler.Mark(along))}: the plan goes by it."
                );
            }
            return lines;
        }
    }

    private static HandSwatch? Judge(InputReader reader)
    {
        var planned = reader.LengthOrStart(PlannedField);
        var machine = reader.NumberOrStart(MachineField);
        var (line, loop) = (reader.Lengths(LineRead), reader.Lengths(LoopRead));
        var (along, across) = (reader.Lengths(AlongRead), reader.Lengths(AcrossRead));
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new HandSwatch(
                planned,
                machine,
                line,
                loop,
                along.Count > 0 ? FullnessReading.Mean(along) : null,
                across.Count > 0 ? FullnessReading.Mean(across) : null,
                reader.Ruler
            )
            {
                Readings = Of(
                    (LineRead, line),
                    (LoopRead, loop),
                    (AlongRead, along),
                    (AcrossRead, across)
                ),
                Change = change,
                Findings = [],
            };
    }

    /// <summary>Ten stitches against those that were planned, and the square against what it was.</summary>
    private static RawInputs Sampled(SewnSwatch swatch)
    {
        var sample = DialSamples.Of(swatch, PlannedField, LineRead, Counted);
        var (along, across) = (swatch.Mean(AlongRead.Name), swatch.Mean(AcrossRead.Name));
        if (along is null && across is null)
        {
            return sample;
        }
        sample = sample.With("square", RawValue.Of(SquareDrawn.Millimetres));
        sample = along is { } a ? sample.With("along", RawValue.Of(a)) : sample;
        return across is { } b ? sample.With("across", RawValue.Of(b)) : sample;
    }

    private static LengthsField Read(string name, string label) =>
        new LengthsField(name, label, Length.FromMillimetres(500)) { Kind = LengthKind.Fine };
}
