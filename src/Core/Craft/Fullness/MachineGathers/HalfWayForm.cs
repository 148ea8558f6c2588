using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.MachineGathers.MachineGathersHalfWayAnswer>;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>Whether the rest will reach, from what the first third became.</summary>
/// <param name="Should">What one third has to become at the least: more is trimmed, less falls short.</param>
/// <param name="Measured">The mean of the thirds that were measured.</param>
/// <param name="Parts">How many were measured: 1 or 2.</param>
/// <param name="RestFullness">What the rest has to come to so that the whole fits.</param>
/// <param name="Likely">What it will likely come to at these settings, now that this much is sewn.</param>
/// <param name="Setting">The stitch length that would bring it there; null when none is needed.</param>
internal sealed record MachineGathersHalfWayAnswer(
    Length Should,
    Length Measured,
    int Parts,
    double RestFullness,
    double Likely,
    TargetSetting? Setting
) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Marked("should", "What one third has to become at the least.", a => a.Should),
        F.Marked("measured", "What it became.", a => a.Measured),
        F.Count("parts", "How many thirds were measured.", a => a.Parts),
        F.Count("partsLeft", "How many are still to be sewn.", a => 3 - a.Parts),
        F.Ratio("sewnFullness", "What the sewn part came to.", a => a.SewnFullness),
        F.Ratio("restFullness", "What the rest has to come to.", a => a.RestFullness),
        F.Ratio("likely", "What it will likely come to as it is set.", a => a.Likely),
        F.Length(
            "stitchLength",
            LengthKind.Fine,
            "The stitch that brings it there.",
            a => a.Setting?.Settings.StitchLength
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    /// <summary>What the sewn part came to.</summary>
    public required double SewnFullness { get; init; }
}

/// <summary>The half-way check of gathers that cannot be pulled afterwards.</summary>
/// <remarks>
/// Each sewn third is one more sample of this very piece, and counts as one. The rest may leave something over but nothing
/// short.
/// </remarks>
internal static class HalfWayForm
{
    /// <summary>Workshop rule: three parts in a hundred even out under the fingers.</summary>
    private const double EvensOut = 0.03;

    public static Calculation For(Kind kind, RawInputs example) =>
        new(
            "half-way",
            "Will the rest reach?",
            [.. MachineGathersFields.All(kind.Family), Thirds.Measured],
            MachineGathersHalfWayAnswer.Told,
            example.With("measured", RawValue.Of("86 cm")),
            reader => Check(reader, kind)
        );

    private static MachineGathersHalfWayAnswer? Check(InputReader reader, Kind kind)
    {
        var measured = reader.Lengths(Thirds.Measured);
        if (
            MachineGathersCalculator.Straight(reader, kind) is not { } plan
            || reader.Errors.Count > 0
        )
        {
            return null;
        }
        var edge = plan.Ask.Piece.FinishedEdge;
        if (Thirds.Of(measured, plan.CutLength, edge, reader) is not { } thirds)
        {
            return null;
        }
        var rest = thirds.Rest;
        var reading = plan.Ask.Reading;
        var model = PullUpModel.From(
            reading.Family,
            [
                .. reading.Samples,
                .. measured.Select(m => new PullUpSample(reading.Planned, thirds.Flat, m)),
            ]
        );
        var likely = model.Predict(reading.Planned).Mid;
        var setting =
            likely <= rest * (1 + EvensOut / 2) && likely >= rest * (1 - 3 * EvensOut)
                ? null
                : TargetSetting.For(
                    model,
                    reading.Family,
                    reading.Planned,
                    Math.Max(1, rest),
                    reading.Reach
                );
        var answer = new MachineGathersHalfWayAnswer(
            thirds.Should,
            thirds.Mean,
            measured.Count,
            rest,
            likely,
            setting
        )
        {
            Findings = [],
            SewnFullness = thirds.Sewn,
        };
        return answer with { Findings = [Judge(answer, plan, reader.Ruler)] };
    }

    private static Finding Judge(
        MachineGathersHalfWayAnswer a,
        MachineGathersPlan plan,
        Ruler ruler
    )
    {
        var (sewn, rest, likely) = (
            DecimalText.Write(a.SewnFullness),
            DecimalText.Write(a.RestFullness),
            DecimalText.Write(a.Likely)
        );
        var set = plan.Ask.Reading.Planned;
        if (a.Setting is null)
        {
            return Finding.Note(
                "on-course",
                $"It will reach: what is sewn came to {sewn}, and the rest may come to {rest}.",
                $"At these settings it will likely come to {likely}.",
                "Sew on at the same pace; what is over is trimmed."
            );
        }
        if (a.Likely > a.RestFullness)
        {
            return Finding.Care(
                "will-be-short",
                $"The rest will likely come to {likely}, and may be no fuller than {rest}.",
                $"What is sewn came to {sewn}: sewn on like this the strip ends before the edge does.",
                a.Setting.Reaches
                    ? Change(a.Setting, set)
                    : $"Set the stitch to {Mm(a.Setting)} and loosen the needle tension a step; ease the gathers out over the whole before it is pinned, or join in another piece."
            );
        }
        return Finding.Note(
            "will-be-over",
            $"The rest will likely come to {likely}, and {rest} would still fit.",
            $"What is sewn came to {sewn}: sewn on like this about {ruler.Mark((plan.Ask.Piece.FinishedEdge - a.Measured * a.Parts) * Math.Max(0, a.RestFullness - a.Likely))} stays over.",
            "Sew on and trim what is over"
                + (
                    a.Setting.Reaches
                        ? $"; or use it up: {LowerFirst(Change(a.Setting, set))}"
                        : "."
                )
        );
    }

    private static string Change(TargetSetting setting, PullUpSettings set)
    {
        var by = setting.Settings.StitchLength - set.StitchLength;
        return Math.Abs(by.Millimetres) <= 1.5
            ? $"Set the stitch to {Mm(setting)} for the rest; over a hand's breadth, so that it does not show where."
            : $"Turn the needle tension a step {(by > Length.Zero ? "tighter" : "looser")} first; the stitch alone would have to go to {Mm(setting)}, and that shows.";
    }

    private static string Mm(TargetSetting setting) =>
        $"{DecimalText.Write(setting.Settings.StitchLength.Millimetres, 1)} mm";

    private static string LowerFirst(string text) => char.ToLowerInvariant(text[0]) + text[1..];
}
