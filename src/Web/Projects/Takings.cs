using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Order;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Projects;

/// <summary>What workings take of the things in the drawer.</summary>
internal static class Takings
{
    /// <summary>Those that count: of the ways of doing one piece the chosen one, else the first.</summary>
    public static IEnumerable<WorkingRow> Counted(IEnumerable<WorkingRow> workings) =>
        workings.GroupBy(w => w.Piece).Select(g => g.FirstOrDefault(w => !w.IsAside) ?? g.First());

    /// <summary>What the workings that count take together of each thing.</summary>
    /// <param name="planOf">The plan of a working; null while it cannot be reckoned.</param>
    /// <param name="isCut">Whether a working is cut.</param>
    /// <param name="isKept">Whether it is kept.</param>
    /// <param name="things">The drawer.</param>
    public static IReadOnlyList<TotalLine> Together(
        IEnumerable<WorkingRow> workings,
        Func<WorkingRow, WorkPlan?> planOf,
        Func<Guid, bool> isCut,
        Func<Guid, bool> isKept,
        IReadOnlyList<ThingRow> things,
        Ruler ruler
    )
    {
        var byId = things.ToDictionary(t => t.Id);
        return Total.Of(
            Counted(workings)
                .SelectMany(w =>
                    planOf(w) is { } plan
                        ? Of(
                            w,
                            plan,
                            isCut(w.Id),
                            isKept(w.Id),
                            id => byId.GetValueOrDefault(id)?.Name
                        )
                        : []
                ),
            id => byId.GetValueOrDefault(id)?.Left,
            ruler
        );
    }

    /// <summary>What a working takes; what is cut is taken with the cut list, all else when it is kept.</summary>
    /// <param name="nameOf">The name of a thing; null for one that is gone.</param>
    private static IEnumerable<Taking> Of(
        WorkingRow working,
        WorkPlan plan,
        bool isCut,
        bool isKept,
        Func<Guid, string?> nameOf
    ) =>
        plan.Needs.Select(need =>
        {
            var thing =
                need.Name.Length == 0
                && working.UsedOf(need.Kind) is { } id
                && nameOf(id) is not null
                    ? id
                    : (Guid?)null;
            return new Taking(
                need.Kind,
                thing,
                thing is { } known ? nameOf(known)!
                    : need.Name.Length > 0 ? need.Name
                    : Unnamed(working, need.Kind),
                need.Amount,
                isKept || (need.Until == Stage.Cut && isCut),
                working.Name
            );
        });

    /// <summary>How an amount of a kind is written.</summary>
    public static LengthKind Written(string kind) =>
        kind == "cloth" ? LengthKind.Cut : LengthKind.Amount;

    /// <summary>A thing that was not chosen from the drawer: a cloth by the name it was given.</summary>
    private static string Unnamed(WorkingRow working, string kind) =>
        kind == "cloth"
        && working.Cloth.TryGetProperty("name", out var name)
        && name.GetString() is { Length: > 0 } called
            ? called
            : kind;
}
