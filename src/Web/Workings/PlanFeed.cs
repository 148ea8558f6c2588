using System.Text.Json;
using ZephyrReach.Core;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.Swatches;

namespace ZephyrReach.Web.Workings;

/// <summary>Completes the asks of workings with what is not typed: edges of other pieces, cloth on the shelf, swatches.</summary>
/// <remarks>Whatever shows, freezes or counts a plan takes its ask from here, so that a figure is the same everywhere.</remarks>
public sealed class PlanFeed(
    WorkingStore workings,
    CutListStore cutLists,
    ThingStore things,
    SampleFeed samples
)
{
    /// <summary>What bounds a stitch, of the things that the machine is set up with.</summary>
    internal static readonly string[] Bounds =
    [
        "machine.widestStitch",
        "machine.longestStitch",
        "machine.plateOpening",
        "foot.opening",
        "needle.size",
    ];

    private static readonly string[] Used = ["machine", "foot", "needle", "cloth"];

    /// <summary>An ask of a working, complete.</summary>
    public async Task<RawAsk> CompleteAsync(
        Seat seat,
        WorkingRow working,
        RawAsk ask,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var around = await workings.OfProjectsAsync(seat, [working.ProjectId], cancel);
        // It alone, where it neither takes nor gives an edge.
        var chain = around.Any(w => w.Taken.Any()) ? around : [working];
        return (await PlansAsync(seat, chain, ruler, cancel)).Complete(working, ask);
    }

    /// <summary>The plans of all workings of some projects, each reckoned when it is first wanted.</summary>
    public async Task<Plans> PlansAsync(
        Seat seat,
        IReadOnlyList<WorkingRow> rows,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var shelf = await samples.ShelfAsync(seat, rows.Select(w => w.Technique), cancel);
        var used = await things.SomeAsync(
            seat,
            rows.SelectMany(w => Used.Select(w.UsedOf)).OfType<Guid>().ToHashSet(),
            cancel
        );
        if (used.Values.All(t => t.Left is null))
        {
            return new Plans(rows, shelf, used, new HashSet<Guid>(), ruler);
        }
        var cut = await cutLists.CutAsync(seat, [.. rows.Select(w => w.Id)], cancel);
        return new Plans(rows, shelf, used, cut.ToHashSet(), ruler);
    }
}

/// <summary>Workings with their plans, which rest on each other where one takes its edge from another.</summary>
/// <param name="used">Things that they use, by id.</param>
/// <param name="cut">Those that are cut: their cloth is no longer on the shelf.</param>
public sealed class Plans(
    IReadOnlyList<WorkingRow> rows,
    SampleShelf shelf,
    IReadOnlyDictionary<Guid, ThingRow> used,
    IReadOnlySet<Guid> cut,
    Ruler ruler
)
{
    /// <summary>Where a cloth says what is left of it.</summary>
    private const string Left = "cloth.lengthLeft";

    private readonly Dictionary<Guid, WorkingRow> byId = rows.ToDictionary(r => r.Id);
    private readonly Dictionary<Guid, Outcome> reckoned = [];
    private readonly Dictionary<Ruler, Plans> byRuler = [];

    /// <summary>What is sewn to each piece.</summary>
    private readonly ILookup<Guid, WorkingRow> carried = rows.Where(r => !r.IsAside)
        .SelectMany(r => r.Taken.Where(t => t.Edge == "lower").Select(t => (t.Working, Row: r)))
        .ToLookup(t => t.Working, t => t.Row);

    /// <summary>The plan of a working as it is kept; no answer where it cannot be reckoned.</summary>
    public Outcome Of(WorkingRow row)
    {
        if (!reckoned.TryGetValue(row.Id, out var outcome))
        {
            var known = Core.Craft.Techniques.WorkingOf(row.Technique)!;
            reckoned[row.Id] = outcome = Light(known.Straight, row);
        }
        return outcome;
    }

    /// <summary>One plan that takes too much leaves the others their time.</summary>
    private Outcome Light(Form form, WorkingRow row)
    {
        try
        {
            return Budget.Part(() =>
                form.Reckon(Complete(row, Reckon.AskJson.Read(row.Ask)), ruler)
            );
        }
        catch (TooMuchException)
        {
            return new Outcome(null, Form.TooMuchAtAll);
        }
    }

    /// <summary>An ask of a working with what is not typed.</summary>
    public RawAsk Complete(WorkingRow row, RawAsk ask)
    {
        // One that is too long, or comes back to its beginning, is let go of.
        var hangs = row.Taken.Any() && Joins.InARow(row, Givers) <= Joins.MostInARow;
        foreach (var (field, other, edge) in row.Taken)
        {
            if (
                hangs
                && byId.GetValueOrDefault(other) is { } giver
                && Core.Craft.Techniques.WorkingOf(giver.Technique) is not null
                && EdgeOf(giver, edge) is { } length
            )
            {
                ask = ask.With(field, RawValue.Of(length.Millimetres))
                    .With(Together.Said.SewnTo, RawValue.Of(giver.Name));
            }
        }
        if (Takes(row, Together.Said.Carries) && carried[row.Id].FirstOrDefault() is { } next)
        {
            ask = ask.With(Together.Said.Carries, RawValue.Of(next.Name));
        }
        // What is on the shelf is never kept in the ask: another piece may be cut from it tomorrow.
        if (
            UsedBy(row, "cloth")?.Left is { } there
            && there > Length.Zero
            && !cut.Contains(row.Id)
            && FieldsOf(row).FirstOrDefault(f => f.From == Left)?.Name is { } atHand
            && !ask.TryGet(atHand, out _)
        )
        {
            ask = ask.With(atHand, RawValue.Of(there.Millimetres));
        }
        return shelf.With(row, AsSetUp(row, ask));
    }

    /// <summary>
    /// How wide machine, foot and needle let a stitch be, where it is not typed: what is chosen is what is reckoned with, also
    /// where it was chosen elsewhere, or changed since.
    /// </summary>
    private RawAsk AsSetUp(WorkingRow row, RawAsk ask)
    {
        foreach (var field in FieldsOf(row))
        {
            if (
                PlanFeed.Bounds.Contains(field.From)
                && field.From.Split('.') is [var kind, var property]
                && !ask.TryGet(field.Name, out _)
                && UsedBy(row, kind) is { } thing
                && Reckon.AskJson.Read(thing.Properties).TryGet(property, out var said)
            )
            {
                ask = ask.With(field.Name, said);
            }
        }
        return ask;
    }

    private ThingRow? UsedBy(WorkingRow row, string kind) =>
        row.UsedOf(kind) is { } id ? used.GetValueOrDefault(id) : null;

    /// <summary>What the plan as it now is means for what was cut by an earlier one; null where nothing changed, or where it cannot be reckoned.</summary>
    public Finding? SinceCut(WorkingRow row, JsonElement then)
    {
        var was = Reckon.AskJson.Read(then);
        var by = AsCut(was, ruler);
        var plans = By(by);
        var now = plans.Complete(row, Reckon.AskJson.Read(row.Ask));
        return
            Core
                .Craft.Techniques.WorkingOf(row.Technique)!
                .CompareAsks(new AskReader(was, by), new AskReader(now, by))
                is { Findings: [var first, ..] }
            ? first
            : null;
    }

    /// <summary>The same workings by another ruler, made once for all that were cut by it.</summary>
    private Plans By(Ruler other)
    {
        if (other == ruler)
        {
            return this;
        }
        return byRuler.TryGetValue(other, out var plans)
            ? plans
            : byRuler[other] = new Plans(rows, shelf, used, cut, other);
    }

    /// <summary>A ruler with the cutting step by which an ask was frozen: turning the units changes nothing of what was cut.</summary>
    public static Ruler AsCut(RawAsk frozen, Ruler ruler) =>
        frozen.TryGet(CuttingStep, out var step) && step.Number is > 0 and var mm
            ? ruler with
            {
                Cutting = Length.FromMillimetres(mm),
            }
            : ruler;

    /// <summary>The field that a frozen ask says even where it was not typed.</summary>
    public const string CuttingStep = "cuttingStep";

    private IEnumerable<WorkingRow> Givers(WorkingRow row) =>
        row.Taken.Select(t => byId.GetValueOrDefault(t.Working)).OfType<WorkingRow>();

    private Length? EdgeOf(WorkingRow giver, string edge) =>
        (Of(giver).Answer as WorkPlan)?.Edges.FirstOrDefault(e => e.Key == edge)?.Length;

    private static bool Takes(WorkingRow row, string field) =>
        FieldsOf(row).Any(f => f.Name == field);

    private static IReadOnlyList<Field> FieldsOf(WorkingRow row) =>
        Core.Craft.Techniques.WorkingOf(row.Technique)?.Straight.Fields ?? [];
}
