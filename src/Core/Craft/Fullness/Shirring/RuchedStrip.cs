using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.Shirring.RuchedStrip>;

namespace ZephyrReach.Core.Craft.Fullness.Shirring;

/// <summary>A strip, sewn along in a wide zigzag with elastic, that becomes a ruched trim: how long it has to be to go round.</summary>
/// <remarks>strip = way round × what a test strip drew up to (flat over drawn) + 2·join; elastic = w × way round.</remarks>
/// <param name="Way">That it goes round.</param>
/// <param name="Draws">Flat over drawn.</param>
/// <param name="Join">Seam allowance at either end.</param>
/// <param name="Elastic">That it takes.</param>
internal sealed record RuchedStrip(Length Way, double Draws, Length Join, Length Elastic) : Result
{
    /// <summary>How a plan asks for it.</summary>
    public static FieldGroup Group { get; } =
        new(
            Asking.Folded,
            "A ruched strip to go round an edge",
            ShirringFields.WayRound.Name,
            ShirringFields.TestFlat.Name,
            ShirringFields.TestDrawn.Name
        );

    public static Inverse Asked { get; } =
        new("ruched-strip", ShirringFields.WayRound.Name, "stripLength", "cut the ruched strip");

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Cut("stripLength", "The strip, cut across a knit.", a => a.Strip),
        F.Ratio("draws", "Flat over drawn.", a => a.Draws),
        F.Amount("elastic", "The elastic that it takes.", a => a.Elastic),
    ];

    public Length Strip => Way * Draws + 2 * Join;

    public override IReadOnlyList<Figure> Figures => Told;

    public static Calculation Form { get; } =
        new(
            Asked.Form,
            "How long a ruched strip has to be to go round",
            [
                .. ShirringFields.All.Select(f =>
                    f.Name == ShirringFields.WayRound.Name ? f with { IsNeeded = true }
                    : f.Name == PullUpFields.StitchLength.Name ? f
                    : f with { IsNeeded = false }
                ),
            ],
            Told,
            ShirringExample
                .Smock.With(ShirringFields.WayRound.Name, RawValue.Of("62 cm"))
                .With(ShirringFields.TestFlat.Name, RawValue.Of("30 cm"))
                .With(ShirringFields.TestDrawn.Name, RawValue.Of("19 cm")),
            Work
        );

    private static RuchedStrip? Work(InputReader reader)
    {
        var way = reader.Length(ShirringFields.WayRound with { IsNeeded = true });
        var (flat, drawn) = (
            reader.OptionalLength(ShirringFields.TestFlat),
            reader.OptionalLength(ShirringFields.TestDrawn)
        );
        var family = PullUpFields.ElasticOf(reader);
        var reading = PullUpReading.Read(reader, family, PullUpFields.Planned(reader, family));
        var join = reader.LengthOrStart(ShirringFields.SeamAllowance.Optional());
        var factor = reader.NumberOrStart(ShirringFields.ElasticFactor);
        if (reading is null || reader.Errors.Count > 0)
        {
            return null;
        }
        var isTested = flat is not null && drawn is not null;
        var draws = isTested
            ? Math.Max(1, flat!.Value / drawn!.Value)
            : reading.Prediction.At(reading.Assurance);
        return new RuchedStrip(way, draws, join, factor * way)
        {
            Findings = isTested
                ? []
                :
                [
                    Finding.Note(
                        "no-test-strip",
                        $"Reckoned with {DecimalText.Write(draws)}, as straight rows draw up.",
                        reading.RestsOn,
                        "Sew a test strip of 30 cm in the same zigzag, and enter what it became."
                    ),
                ],
        };
    }
}
