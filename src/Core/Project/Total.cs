using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Project;

/// <summary>What one piece of work takes of one thing.</summary>
/// <param name="Kind">The kind of thing, such as <c>cloth</c>.</param>
/// <param name="Thing">The thing in the drawer; null where none was chosen.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Amount">How much.</param>
/// <param name="IsTaken">Whether it was taken off the shelf already: cut, or used up.</param>
/// <param name="For">The piece of work.</param>
public sealed record Taking(
    string Kind,
    Guid? Thing,
    string Name,
    Length Amount,
    bool IsTaken,
    string For
)
{
    /// <summary>What a part takes; what is cut is taken with the cutting list, all else when it is finished.</summary>
    /// <param name="supplyOf">A thing by its id; null for one that is gone.</param>
    public static IEnumerable<Taking> Of(
        PlannedPart part,
        WorkPlan plan,
        Func<Guid, Supply?> supplyOf
    ) =>
        plan.Needs.Select(need =>
        {
            var thing =
                need.Name.Length == 0 && part.Used(need.Kind) is { } id ? supplyOf(id) : null;
            return new Taking(
                need.Kind,
                thing?.Id,
                thing?.Name
                    ?? (
                        need.Name.Length > 0 ? need.Name
                        : need.Kind == "cloth" && part.Fabric.Length > 0 ? part.Fabric
                        : need.Kind
                    ),
                need.Amount,
                part.Progress.IsFinished || (need.Until == Stage.Cut && part.Progress.IsCut),
                part.Name
            );
        });

    /// <summary>What a plan uses up of the chosen things at the end of a stage: once for each thing.</summary>
    public static IReadOnlyList<(Guid Thing, Length Amount)> UsedUp(
        WorkPlan plan,
        Func<string, Guid?> used,
        Stage until
    ) =>
        [
            .. plan
                .Needs.Where(n => n.Until == until && n.Name.Length == 0)
                .GroupBy(n => used(n.Kind))
                .Where(g => g.Key is not null)
                .Select(g => (g.Key!.Value, g.Sum(n => n.Amount))),
        ];

    /// <summary>How an amount of a kind is written.</summary>
    public static LengthKind Written(string kind) =>
        kind == "cloth" ? LengthKind.Cut : LengthKind.Amount;
}

/// <summary>What all pieces of work together take of one thing, against what is there.</summary>
/// <param name="Needed">In all.</param>
/// <param name="Taken">Of that, what was taken already; it is no longer on the shelf.</param>
/// <param name="Left">What is on the shelf; null where that is not known.</param>
/// <param name="Short">What is missing for the rest; nothing where it is enough, or where the shelf is not known.</param>
/// <param name="Buy">What is missing as it is sold, or empty.</param>
/// <param name="For">The pieces of work, each once.</param>
public sealed record TotalLine(
    string Kind,
    Guid? Thing,
    string Name,
    Length Needed,
    Length Taken,
    Length? Left,
    Length Short,
    string Buy,
    IReadOnlyList<string> For
)
{
    /// <summary>What is still to be taken.</summary>
    public Length Still => Length.Max(Length.Zero, Needed - Taken);
}

/// <summary>Adds up what pieces of work take, thing by thing.</summary>
public static class Total
{
    /// <summary>The lines, what runs short first, then by kind as they come.</summary>
    /// <param name="takings">What each piece takes.</param>
    /// <param name="left">What is left of a thing; null where that is not known.</param>
    /// <param name="ruler">How what is bought is written.</param>
    public static IReadOnlyList<TotalLine> Of(
        IEnumerable<Taking> takings,
        Func<Guid, Length?> left,
        Ruler ruler
    ) =>
        [
            .. takings
                // A cloth that is not in the drawer is known by its name.
                .GroupBy(t => (t.Kind, t.Thing, Name: t.Thing is null ? t.Name : ""))
                .Select(g => Line(g.Key.Kind, g.Key.Thing, [.. g], left, ruler))
                .OrderByDescending(l => l.Short > Length.Zero),
        ];

    private static TotalLine Line(
        string kind,
        Guid? thing,
        IReadOnlyList<Taking> all,
        Func<Guid, Length?> left,
        Ruler ruler
    )
    {
        var needed = Sum(all);
        var taken = Sum(all.Where(t => t.IsTaken));
        var there = thing is { } id ? left(id) : null;
        var missing = there is { } shelf
            ? Length.Max(Length.Zero, needed - taken - shelf)
            : Length.Zero;
        return new TotalLine(
            kind,
            thing,
            all[0].Name,
            needed,
            taken,
            there,
            missing,
            missing > Length.Zero ? RetailUnits.Says(kind, missing, ruler) : "",
            [.. all.Select(t => t.For).Distinct()]
        );
    }

    private static Length Sum(IEnumerable<Taking> takings) => takings.Sum(t => t.Amount);
}

/// <summary>How things are sold: by the length, or on reels.</summary>
/// <remarks>Workshop rule: cloth by 10 cm or an eighth of a yard, with 3 % for the first wash and 5 cm to square its ends, thread on spools of 100 m, elastic thread on reels of 20 m, cord and stabiliser by half metres or half yards.</remarks>
public static class RetailUnits
{
    /// <summary>A missing length, rounded up to how it is sold.</summary>
    public static string Says(string kind, Length missing, Ruler ruler)
    {
        if (Reel(kind) is { } reel)
        {
            var reels = (int)Rounding.CeilingTolerant(missing / reel.Length);
            return $"{reels} {(reels == 1 ? reel.Name : reel.Name + "s")} of {DecimalText.Write(reel.Length.Millimetres / 1000)} m";
        }
        var isMetric = ruler.Units == UnitSystem.Metric;
        var step = (kind == "cloth", isMetric) switch
        {
            (true, true) => Length.FromMillimetres(100),
            (true, false) => Length.FromInches(4.5),
            (false, true) => Length.FromMillimetres(500),
            _ => Length.FromInches(18),
        };
        var bought = Rounding.Up(kind == "cloth" ? missing * Washed + Squared : missing, step);
        var length = isMetric
            ? $"{DecimalText.Write(bought.Millimetres / 1000)} m"
            : $"{Yards(bought.Inches / 36)} yd";
        return kind == "cloth"
            ? $"{length}, with 3 % for the wash and {ruler.Mark(Squared)} for its ends"
            : length;
    }

    private const double Washed = 1.03;

    private static readonly Length Squared = Length.FromMillimetres(50);

    private static (string Name, Length Length)? Reel(string kind) =>
        kind switch
        {
            "thread" => ("spool", Length.FromMillimetres(100_000)),
            "elastic" => ("reel", Length.FromMillimetres(20_000)),
            _ => null,
        };

    private static string Yards(double yards)
    {
        var eighths = (int)Math.Round(yards * 8);
        var (whole, part) = (eighths / 8, eighths % 8);
        var fraction = part switch
        {
            0 => "",
            4 => "1/2",
            2 or 6 => $"{part / 2}/4",
            _ => $"{part}/8",
        };
        return (whole, fraction) switch
        {
            (_, "") => $"{whole}",
            (0, _) => fraction,
            _ => $"{whole} {fraction}",
        };
    }
}
