using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.TuckedRuffle;

/// <summary>A ruffle in small folds, as it is wanted.</summary>
/// <param name="Strip">The strip and its edge.</param>
/// <param name="StitchesPerTuck">N, from fold to fold.</param>
/// <param name="Depth">p, how deep a fold lies; reckoned where the fullness was said.</param>
/// <param name="MostDepth">What the attachment can push.</param>
/// <param name="Trim">Cut longer by this.</param>
/// <param name="SaysDepth">Whether the depth was said; else the fullness.</param>
/// <param name="GuideDepth">How far the edge goes into the slot of the attachment.</param>
/// <param name="Samples">How deep swatches were folded, of what is planned.</param>
/// <param name="Assurance">How sure the cut length has to be.</param>
internal sealed record TuckedRuffleInputs(
    StripInputs Strip,
    double StitchesPerTuck,
    Length Depth,
    Length MostDepth,
    Length Trim,
    bool SaysDepth,
    Length GuideDepth,
    IReadOnlyList<DialSample> Samples,
    double Assurance
)
{
    /// <summary>S = N·ℓ, from fold to fold on the finished edge.</summary>
    public Length Spacing => StitchesPerTuck * Strip.StitchLength;

    /// <summary>Three layers of the strip at a fold, and two more for each that it lies on.</summary>
    public double LayersAtFold =>
        1 + 2 * Math.Max(1, Math.Min(1e6, Math.Ceiling(Depth / Spacing - 1e-9)));

    /// <summary>r = 1 + 2p/S.</summary>
    public double Fullness => 1 + 2 * Depth / Spacing;

    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="edge">Stands in for the edge where that is what is sought.</param>
    public static TuckedRuffleInputs? Read(InputReader reader, Length? edge = null)
    {
        var stitch = reader.Length(TuckedRuffleFields.StitchLength);
        var every = reader.Number(TuckedRuffleFields.StitchesPerTuck);
        var strip = StripReading.Read(
            reader,
            edge ?? reader.Length(StripFields.FinishedEdge),
            stitch,
            1
        );
        var depth = reader.OptionalLength(TuckedRuffleFields.TuckDepth);
        var fullness = reader.OptionalNumber(TuckedRuffleFields.Fullness);
        var most = reader.LengthOrStart(TuckedRuffleFields.MaxTuckDepth);
        var trim = reader.LengthOrStart(TuckedRuffleFields.TrimAllowance);
        var guide = reader.LengthOrStart(TuckedRuffleFields.GuideDepth);
        var assurance = reader.NumberOrStart(Certainty.Field);
        if (depth is null && fullness is null)
        {
            reader.Missing(TuckedRuffleFields.Fullness);
        }
        if (depth is not null && fullness is not null)
        {
            reader.Contradiction(
                TuckedRuffleFields.TuckDepth,
                "Enter either the pleat depth or the fullness."
            );
        }
        var folded = depth ?? ((fullness ?? 1) - 1) * every * stitch / 2;
        var samples = PleatDepth.Read(reader, folded);
        return strip is null || reader.Errors.Count > 0
            ? null
            : new TuckedRuffleInputs(
                strip,
                every,
                folded,
                most,
                trim,
                depth is not null,
                guide,
                samples,
                assurance
            );
    }
}

/// <summary>From a ruffle as it is wanted to what is cut and how the attachment is set.</summary>
internal static class TuckedRuffleCalculator
{
    /// <summary>Workshop rule: two parts in a hundred of the depth are not seen.</summary>
    private const double Noticeable = 0.02;

    /// <summary>The intervals that attachments have.</summary>
    private static readonly double[] Intervals = [12, 6, 1];

    public static TuckedRufflePlan? Straight(InputReader reader) =>
        TuckedRuffleInputs.Read(reader) is { } ask ? Straight(ask, reader) : null;

    public static TuckedRufflePlan? Straight(TuckedRuffleInputs ask, InputReader reader)
    {
        var edge = ask.Strip.FinishedEdge;
        var flat = ask.Fullness * edge;
        var strips = StripReckon.Straight(
            ask.Strip with
            {
                Fullness = (flat + ask.Trim) / edge,
            },
            reader,
            ask.LayersAtFold
        );
        if (strips is null)
        {
            return null;
        }
        return new TuckedRufflePlan(ask, strips, flat)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = ask.Strip.Together,
        }.WithFindings(a => Noticed(a, reader.Ruler));
    }

    private static IEnumerable<Finding> Noticed(TuckedRufflePlan a, Ruler ruler)
    {
        var ask = a.Ask;
        if (ask.Depth == Length.Zero)
        {
            yield return Finding.Stop(
                "no-folds",
                "At a fullness of 1 there are no folds.",
                "The strip is as long as the edge.",
                "Take a fullness of 1.2 or more.",
                0.2 * ask.Spacing / 2 > ask.MostDepth
                    ? null
                    : new(TuckedRuffleFields.Fullness.Name, "1.2")
            );
        }
        if (ask.Depth.Millimetres > ask.MostDepth.Millimetres * (1 + 1e-9))
        {
            yield return Finding.Stop(
                "too-deep",
                $"A fold of {ruler.Fine(ask.Depth)} is deeper than the attachment makes, {ruler.Fine(ask.MostDepth)}.",
                "Past its end the arm strikes or slips, and the folds come out uneven.",
                Remedy(ask)
            );
        }
        if (a.Overlap > 1 + 1e-9)
        {
            yield return Finding.Note(
                "folds-overlap",
                $"Each fold lies over {DecimalText.Write(a.Overlap)} times the distance to the next.",
                "Over 1, folds lie on each other: fuller to look at, and thicker to sew.",
                "If it is too thick, fold less often or less deep."
            );
        }
        if (a.Folds is { } folds && Length.Difference(folds, ask.Depth) > ask.Depth * Noticeable)
        {
            yield return Finding.Note(
                "screw-off",
                $"By your swatches the screw folds {ruler.Fine(folds)} deep; {ruler.Fine(ask.Depth)} is planned.",
                a.Pushes.RestsOn,
                folds < ask.Depth
                    ? "Turn it tighter, which is deeper, or plan the depth that it folds."
                    : "Turn it looser, or plan the depth that it folds.",
                    // So far off, something else is wrong: it was another screw, or was measured otherwise.
                    folds > ask.MostDepth
                    || folds < ask.Depth / 2
                    || folds > 2 * ask.Depth
                        ? null
                    : ask.SaysDepth ? new(TuckedRuffleFields.TuckDepth.Name, ruler.Fine(folds))
                    : new(
                        TuckedRuffleFields.Fullness.Name,
                        DecimalText.Write(
                            Math.Floor((1 + 2 * folds / ask.Spacing) * 1000) / 1000,
                            3
                        )
                    )
            );
        }
        var missing = a.ShouldItPushDeeper - a.FlatEdge - ask.Trim;
        if (missing > Length.Zero)
        {
            var trim = Rounding.Up(ask.Trim + missing, ruler.Cutting);
            yield return Finding.Note(
                "spread",
                a.Folds is null
                    ? $"Should the attachment fold a tenth deeper, {ruler.Mark(missing)} of strip would be missing."
                    : $"Should it fold as deep as it may by your swatches, {ruler.Mark(missing)} of strip would be missing.",
                a.Folds is null
                    ? "Attachments come to within 5 to 10 % of what they are set to, and nothing can be pulled to fit."
                    : a.Pushes.RestsOn,
                $"Cut {ruler.Cut(trim)} longer to trim, or sew ten folds on a test swatch and enter what they took.",
                trim <= TuckedRuffleFields.TrimAllowance.Most
                    ? new(TuckedRuffleFields.TrimAllowance.Name, ruler.Cut(trim))
                    : null
            );
        }
        foreach (var finding in a.Strips.Noticed)
        {
            yield return finding;
        }
    }

    /// <summary>The next interval or stitch length that gives the same fullness with a fold that can be pushed.</summary>
    private static string Remedy(TuckedRuffleInputs ask)
    {
        // p = (r − 1)·N·ℓ/2 has to come down to the most, at the same r.
        var room = ask.MostDepth.Millimetres * 2 / (ask.Fullness - 1);
        List<string> ways = [];
        var next = Intervals.FirstOrDefault(n =>
            n < ask.StitchesPerTuck && n * ask.Strip.StitchLength.Millimetres <= room * (1 + 1e-9)
        );
        if (next > 0)
        {
            ways.Add(next == 1 ? "Fold at every stitch" : $"Fold every {next:0} stitches");
        }
        var stitch = Math.Floor(room / ask.StitchesPerTuck * 10 + 1e-9) / 10;
        if (stitch >= 1)
        {
            ways.Add(
                $"{(ways.Count == 0 ? "S" : "s")}horten the stitch to {DecimalText.Write(stitch, 1)} mm"
            );
        }
        var fullness = 1 + 2 * ask.MostDepth / ask.Spacing;
        var less =
            $"take no more fullness than {DecimalText.Write(Math.Floor(fullness * 100) / 100)}";
        return ways.Count == 0
            ? $"{Sentence.Begin(less)} as it is set."
            : $"{string.Join(", or ", ways)}; or {less} as it is set.";
    }
}
