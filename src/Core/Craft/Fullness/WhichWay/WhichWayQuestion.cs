using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.WhichWay;

/// <summary>Which way of making the fullness suits an edge: the ways side by side, the best for the purpose first.</summary>
/// <remarks>
/// Cloth is what each technique itself would cut at its usual settings; for those that cannot be pulled to fit, so much
/// that it is enough nine times in ten on no swatch at all. Minutes are a workshop rule: see <see cref="Pace"/>.
/// </remarks>
internal static class WhichWayQuestion
{
    private static IReadOnlyList<Technique> Makers { get; } =
    [.. Techniques.Worked.Where(t => t.Process!.AsWay is not null)];

    private static readonly ChoiceField PurposeField = new ChoiceField(
        "purpose",
        "It",
        [.. Purpose.All.Select(p => p.Choice)],
        "must-fit",
        false
    ).Help("What matters most.");

    public static ChoicesField Has { get; } =
        new ChoicesField(
            "has",
            "In your supplies",
            [.. Makers.Select(t => t.Process!.AsWay!.Need?.Choice).OfType<Choice>()]
        ).Help("What is owned of what the ways need; leave it out when it is not known.");

    public static Calculation Form { get; } =
        new(
            "which-way",
            "Which way suits this edge",
            [
                StripFields.FinishedEdge,
                StripFields.Fullness,
                PurposeField,
                Has,
                FabricFields.LayerWeight,
                .. StripReading.Fields,
            ],
            WhichWayAnswer.Told,
            new RawInputs(
                new Dictionary<string, RawValue>
                {
                    ["finishedEdge"] = RawValue.Of("2.6 m"),
                    ["fullness"] = RawValue.Of(2.2),
                    ["purpose"] = RawValue.Of("long-run"),
                    ["clothWeight"] = RawValue.Of(140),
                    ["has"] = RawValue.Of([RawValue.Of("gathering-foot"), RawValue.Of("overlock")]),
                }
            ),
            Work
        );

    /// <summary>An ask with what the supplies have of what the ways need; supplies of which nothing was said have nothing missing.</summary>
    public static RawInputs With(RawInputs ask, DrawerContents supplies) =>
        supplies.Machines.Count + supplies.Feet.Count == 0
            ? ask
            : ask.With(
                Has.Name,
                RawValue.Of([
                    .. Makers
                        .Select(t => t.Process!.AsWay!.Need)
                        .OfType<WayNeed>()
                        .Where(n => n.IsOwned(supplies))
                        .Select(n => RawValue.Of(n.Choice.Name)),
                ])
            );

    private static WhichWayAnswer? Work(InputReader reader)
    {
        var edge = reader.Length(StripFields.FinishedEdge);
        var fullness = reader.Number(StripFields.Fullness);
        var purpose = Purpose.All[Math.Max(0, reader.Choice(PurposeField))];
        var weight = reader.OptionalNumber(FabricFields.LayerWeight) ?? FabricFields.UsualWeight;
        var has = reader.Has(Has) ? reader.Choices(Has) : null;
        var piece = StripReading.Read(reader, edge, Length.FromMillimetres(4), 1);
        if (piece is null || reader.Errors.Count > 0)
        {
            return null;
        }
        var wanted = new EdgeWanted(piece, fullness, weight, reader);
        var ways = Makers
            .Where(t => purpose.Stretch > 0 || !t.Process!.AsWay!.Stretches)
            .SelectMany(t =>
                t.Process!.AsWay!.Of(wanted).Select(way => (Maker: t, Way: Of(t, way, has)))
            )
            .ToList();
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        var (least, quickest) = (ways.Min(w => w.Way.Cloth), ways.Min(w => w.Way.Minutes));
        return new WhichWayAnswer(
            [
                .. ways.Select(w =>
                        Judged(w.Way, w.Maker.Process!.AsWay!, purpose, least, quickest)
                    )
                    .OrderByDescending(w => w.Score),
            ],
            fullness
        )
        {
            Findings = [],
        };
    }

    /// <summary>A way with what its technique says of all its ways.</summary>
    private static Way Of(Technique technique, Way way, IReadOnlyList<string>? has)
    {
        var (quality, need) = (technique.Process!.Quality!, technique.Process.AsWay!.Need);
        return way with
        {
            Technique = technique.Name,
            EvennessSays = way.EvennessSays.Length > 0 ? way.EvennessSays : quality.Evenness,
            Adjustable = quality.IsAdjustable,
            Needs = need?.Choice.Label ?? "",
            Has = need is null ? null : has?.Contains(need.Choice.Name),
        };
    }

    private static Way Judged(
        Way way,
        AsWay made,
        Purpose purpose,
        Length leastCloth,
        double quickest
    )
    {
        var quick = quickest / way.Minutes;
        var folds = made.Folds ? 1.0 : 0;
        var stretch = made.Stretches ? 1.0 : 0;
        var score =
            purpose.Fits * (way.Adjustable ? 1 : 0)
            + purpose.Quick * quick
            + purpose.Even * way.Evenness / 3
            + (purpose.Folds > 0 ? purpose.Folds : -1) * folds
            + purpose.Stretch * stretch
            + 0.5 * (leastCloth / way.Cloth)
            - (way.Reaches ? 0 : 2)
            - (way.Has == false ? 4 : 0);
        List<string> reasons = [];
        if (way.Has == false)
        {
            reasons.Add($"there is no {Bare(way.Needs)} in your supplies");
        }
        if (!way.Reaches)
        {
            reasons.Add(way.ReachSays);
        }
        if (purpose.Stretch * stretch > 0)
        {
            reasons.Add("it is the only one that stretches");
        }
        if (folds > 0)
        {
            reasons.Add(
                purpose.Folds > 0
                    ? "it makes the small folds that are wanted"
                    : "it makes small folds, not soft gathers"
            );
        }
        if (way.Adjustable && purpose.Fits >= 1)
        {
            reasons.Add("it can be pulled to fit to the last millimetre");
        }
        else if (!way.Adjustable && purpose.Fits >= 3)
        {
            reasons.Add("it cannot be pulled to fit afterwards");
        }
        if (purpose.Quick >= 1)
        {
            reasons.Add(
                quick > 0.95 ? "it is the quickest"
                : quick > 0.6 ? "it is quick"
                : "it takes time"
            );
        }
        if (reasons.Count == 0)
        {
            reasons.Add($"it is {way.EvennessSays}");
        }
        var why = string.Join(", and ", reasons.Take(3));
        return way with { Score = score, Why = $"{Sentence.Begin(why)}." };
    }

    private static string Bare(string needs) =>
        needs.StartsWith("an ", StringComparison.Ordinal) ? needs[3..]
        : needs.StartsWith("a ", StringComparison.Ordinal) ? needs[2..]
        : needs;
}
