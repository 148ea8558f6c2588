using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Tucks.Pintucks.TuckSwatch>;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What a tucked swatch shows: what each tuck took up, and what that makes of the panel.</summary>
/// <param name="FlatMean">Between the marks before sewing.</param>
/// <param name="TuckedMean">After.</param>
/// <param name="Tucks">Between the marks.</param>
/// <param name="Base">n − 2t; null where the needles were not said.</param>
/// <param name="Expected">What was expected to be drawn of that; null where it was not said.</param>
/// <param name="InPanel">How many tucks the panel has; null where it was not said.</param>
internal sealed record TuckSwatch(
    Length FlatMean,
    Length TuckedMean,
    double Tucks,
    Length? Base,
    double? Expected,
    double? InPanel,
    Ruler Ruler
) : SwatchJudgement
{
    /// <summary>A scrap is marked so far apart…</summary>
    public static Length Between { get; } = Length.FromMillimetres(100);

    /// <summary>…and so many tucks are sewn into it.</summary>
    public const int UsualTucks = 7;

    private static readonly NumberField TucksField = new NumberField(
        "tucksSewn",
        "Tucks",
        1,
        100,
        UsualTucks,
        false
    ).Help("How many were sewn between the marks.");

    /// <summary>Settings of a swatch are kept as figures: whether a cord lay under it is one of them.</summary>
    private static readonly NumberField CordedFigure = new NumberField(
        PintucksFields.Corded.Name,
        "Cord",
        0,
        1,
        0,
        false
    )
        .Help("1 where a cord lay under the ridge, else 0.")
        .Whole();

    private static readonly NumberField Against = new NumberField(
        "expected",
        "Expected",
        0,
        2,
        null,
        false
    ).Help("What was expected to be drawn of the fabric between the needles.");

    private static readonly NumberField Panel = new NumberField(
        "tucks",
        "In the panel",
        1,
        400,
        null,
        false
    ).Help("How many tucks it has.");

    private static readonly LookFields Looks = new(PintucksCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("takeUp", "(flat − tucked)/tucks.", a => a.TakeUp),
        F.Ratio("draw", "Of the fabric between the needles.", a => a.Draw),
        F.Length(
            "forPanel",
            LengthKind.Marked,
            "What that makes over the whole panel, against what was expected.",
            a => a.ForPanel
        ),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a tucked swatch shows",
            [
                TuckSamples.FlatRead,
                TuckSamples.TuckedRead,
                TucksField,
                PintucksFields.NeedleSpacing with
                {
                    ShownWhen = null,
                    Start = null,
                },
                PintucksFields.ClothThickness with
                {
                    ShownWhen = null,
                },
                Against,
                Panel,
                Looks.Seen,
                Looks.Tried,
            ],
            Told,
            RawInputs.Of(
                ("flat", new[] { "100 mm" }),
                ("tucked", new[] { "92.5 mm", "92.7 mm" }),
                ("tucksSewn", 7),
                ("needleSpacing", 2.5),
                ("clothThickness", 0.3),
                ("expected", 0.66),
                ("tucks", 15),
                ("looks", new[] { "flat" })
            ),
            Judge
        );

    /// <summary>What swatches of tucks measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [TuckSamples.FlatRead, TuckSamples.TuckedRead],
            Against = Against.Name,
            Shown = swatch =>
                RawInputs
                    .Empty.With("panelWidth", RawValue.Of("10 cm"))
                    .With("panelLength", RawValue.Of("8 cm"))
                    .With("tucks", RawValue.Of(5))
                    .With("tucks", swatch.Features, TucksField.Name),
            Features =
            [
                TucksField,
                PintucksFields.NeedleSpacing with
                {
                    ShownWhen = null,
                },
                PintucksFields.ClothThickness with
                {
                    ShownWhen = null,
                },
                PintucksFields.TensionSteps with
                {
                    ShownWhen = null,
                },
                CordedFigure,
                FabricFields.LayerWeight,
            ],
            Knobs =
            [
                new(TucksField.Name, "Tucks", "", 1, UsualTucks),
                new(PintucksFields.NeedleSpacing.Name, "Twin-needle spacing", "mm", 0.5, 2.5),
                new(PintucksFields.TensionSteps.Name, "Tension", "steps", 1, 1, "needle-tension"),
                new(CordedFigure.Name, CordedFigure.Label, Control.NoOrYes, 1, 0),
            ],
            OfPiece = new Dictionary<string, string> { [TucksField.Name] = "tucks" },
            InShort = swatch =>
                swatch.Mean(TuckSamples.FlatRead.Name) - swatch.Mean(TuckSamples.TuckedRead.Name)
                    is { } taken
                    ? Headlined(Length.FromMillimetres(taken / Number(swatch.Features, TucksField)))
                    : null,
            Teaches =
            [
                new(
                    TuckDraw.Family.Name,
                    "draw",
                    reader => PintucksInputs.Read(reader, withCourse: false)?.Learnt,
                    Sew
                ),
            ],
            Sample = Sample,
        };

    public Length TakeUp => (FlatMean - TuckedMean) / Tucks;

    public double? Draw => Base is { } cloth && cloth > Length.Zero ? TakeUp / cloth : null;

    public Length? ForPanel =>
        Expected is { } draw && Base is { } cloth && InPanel is { } tucks
            ? tucks * (TakeUp - draw * cloth)
            : null;

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(TakeUp);

    public override TakeOver? TakeOver =>
        TakeUp > Length.Zero
            ? new(
                PintucksFields.TakeUp.Name,
                TakeUp.Millimetres,
                $"Plan with {Ruler.Fine(TakeUp)} each"
            )
            : null;

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines =
            [
                $"{DecimalText.Write(Tucks, 0)} tucks drew {Ruler.Fine(FlatMean)} to {Ruler.Fine(TuckedMean)}: {Ruler.Fine(TakeUp)} each.",
            ];
            if (Draw is { } draw)
            {
                lines.Add($"That is {DecimalText.Write(draw)} of the fabric between the needles.");
            }
            if (ForPanel is { } over && Math.Abs(over.Millimetres) >= 0.5)
            {
                lines.Add(
                    $"Over {DecimalText.Write(InPanel!.Value, 0)} tucks the panel would come out {Ruler.Mark(Length.Difference(over, Length.Zero))} {(over > Length.Zero ? "narrower" : "wider")} than was expected; the plan learns it."
                );
            }
            return lines;
        }
    }

    private static TuckSwatch? Judge(InputReader reader)
    {
        var (flat, tucked) = (
            reader.Lengths(TuckSamples.FlatRead),
            reader.Lengths(TuckSamples.TuckedRead)
        );
        var tucks = reader.OptionalNumber(TucksField) ?? UsualTucks;
        var needles = reader.OptionalLength(PintucksFields.NeedleSpacing);
        var cloth = reader.OptionalLength(PintucksFields.ClothThickness);
        var (expected, panel) = (reader.OptionalNumber(Against), reader.OptionalNumber(Panel));
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new TuckSwatch(
                FullnessReading.Mean(flat),
                FullnessReading.Mean(tucked),
                tucks,
                needles - 2 * (cloth ?? PintucksFields.ClothThickness.Start!.Value),
                expected,
                panel,
                reader.Ruler
            )
            {
                Readings = Of((TuckSamples.FlatRead, flat), (TuckSamples.TuckedRead, tucked)),
                Change = change,
                Findings = [],
            };
    }

    /// <summary>A swatch as a sample of the draw.</summary>
    private static RawInputs Sample(SewnSwatch swatch) =>
        swatch
            .Features.Without(TucksField.Name)
            .With("tucks", RawValue.Of(Number(swatch.Features, TucksField)))
            .With(CordedFigure.Name, RawValue.Of(Number(swatch.Features, CordedFigure) > 0))
            .With("flat", swatch.Read(TuckSamples.FlatRead.Name)!.Value)
            .With("tucked", swatch.Read(TuckSamples.TuckedRead.Name)!.Value)
            .With("same", RawValue.Of(swatch.IsSame))
            .With("counts", RawValue.Of(swatch.Counts));

    /// <summary>What a simulated machine makes of a scrap.</summary>
    private static Dictionary<string, double> Sew(SimulatedSwatch swatch)
    {
        var settings = new TuckSettings(
            swatch.Settings.OptionalNumber(PintucksFields.TensionSteps) ?? 0,
            swatch.Settings.OptionalNumber(CordedFigure) > 0,
            ClothWeight.FromGramsPerSquareMetre(
                swatch.Settings.OptionalNumber(FabricFields.LayerWeight) ?? FabricFields.UsualWeight
            )
        );
        var needles = swatch.Settings.LengthOrStart(PintucksFields.NeedleSpacing);
        var cloth = swatch.Settings.LengthOrStart(PintucksFields.ClothThickness);
        var tucks = swatch.Settings.NumberOrStart(TucksField);
        var draw = Math.Max(
            0,
            SimulatedParameters
                .Of(TuckDraw.Family, swatch.Seed)
                .Response(settings.Features, swatch.Piece)
        );
        var taken = tucks * draw * Length.Max(Length.Zero, needles - 2 * cloth);
        var marking = swatch.Settings.Ruler.Marking;
        return new()
        {
            ["flat"] = swatch.Flat.Millimetres,
            ["tucked"] = Length
                .Max(marking, Rounding.Nearest(swatch.Flat - taken, marking))
                .Millimetres,
        };
    }

    private static double Number(RawInputs features, NumberField field) =>
        features.TryGet(field.Name, out var said) && said.Number is { } number
            ? number
            : field.Start!.Value;

    private static Fact Headlined(Length takeUp) =>
        new("taken up by each", $"{DecimalText.Write(takeUp.Millimetres)} mm");
}
