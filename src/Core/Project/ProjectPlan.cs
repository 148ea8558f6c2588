using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Project;

/// <summary>
/// The parts of a project with their plans, which rest on each other where one takes its edge from another, on the supplies
/// that were chosen, and on the swatches that were sewn. Each is worked out when it is first wanted.
/// </summary>
/// <remarks>Whatever shows, locks or adds up a plan takes its inputs from here, so that a figure is the same everywhere.</remarks>
public sealed class ProjectPlan
{
    /// <summary>The field that a locked list says even where it was not entered.</summary>
    public const string CuttingStep = "cuttingStep";

    /// <summary>Where a fabric says what is left of it.</summary>
    private const string Left = "cloth.lengthLeft";

    /// <summary>What bounds a stitch, of the things that the machine is set up with.</summary>
    private static readonly string[] Bounds =
    [
        "machine.widestStitch",
        "machine.longestStitch",
        "machine.plateOpening",
        "foot.opening",
        "needle.size",
    ];

    private readonly IReadOnlyDictionary<Guid, Supply> supplies;
    private readonly SwatchShelf swatches;
    private readonly Ruler ruler;
    private readonly Dictionary<Guid, PlannedPart> byId;
    private readonly Dictionary<Guid, Outcome> outcomes = [];
    private readonly Dictionary<Ruler, ProjectPlan> byRuler = [];

    /// <summary>What is sewn to each part.</summary>
    private readonly ILookup<Guid, PlannedPart> carried;

    private ProjectPlan(
        IReadOnlyList<PlannedPart> parts,
        IReadOnlyDictionary<Guid, Supply> supplies,
        SwatchShelf swatches,
        Ruler ruler
    )
    {
        (Parts, this.supplies, this.swatches, this.ruler) = (parts, supplies, swatches, ruler);
        byId = parts.ToDictionary(p => p.Id);
        carried = parts
            .Where(p => !p.IsAside)
            .SelectMany(p => p.Links.Where(l => l.Edge == "lower").Select(l => (l.Part, Taker: p)))
            .ToLookup(t => t.Part, t => t.Taker);
    }

    /// <summary>Its parts, in their order.</summary>
    public IReadOnlyList<PlannedPart> Parts { get; }

    /// <summary>Plans parts together.</summary>
    /// <param name="parts">Those of one project or of several; each link leads to one of them, or to nothing.</param>
    /// <param name="supplies">The things that they use, by id.</param>
    /// <param name="swatches">What was measured of their techniques.</param>
    /// <param name="ruler">What their figures are written against.</param>
    public static ProjectPlan Of(
        IReadOnlyList<PlannedPart> parts,
        IReadOnlyDictionary<Guid, Supply> supplies,
        SwatchShelf swatches,
        Ruler ruler
    ) => new(parts, supplies, swatches, ruler);

    /// <summary>The plan of a part as it is kept; no answer where it cannot be worked out.</summary>
    public Outcome Of(PlannedPart part)
    {
        if (!outcomes.TryGetValue(part.Id, out var outcome))
        {
            outcomes[part.Id] = outcome = Light(part.Working!.Forward, part);
        }
        return outcome;
    }

    /// <summary>The same; null where it cannot be worked out, or where there is no such technique.</summary>
    public WorkPlan? PlanOf(PlannedPart part) =>
        part.Working is null ? null : Of(part).Answer as WorkPlan;

    /// <summary>One plan that takes too much leaves the others their time.</summary>
    private Outcome Light(Calculation form, PlannedPart part)
    {
        try
        {
            return Budget.Part(() => form.Compute(Complete(part, part.Inputs), ruler));
        }
        catch (TooMuchException)
        {
            return new Outcome(null, Calculation.TooMuchAtAll);
        }
    }

    /// <summary>What is next for a part.</summary>
    public NextUp Next(PlannedPart part) =>
        NextUp.For(part.Working!, part.Progress, Of(part), ruler);

    /// <summary>What its swatches changed of the plan of a part; null where they changed nothing.</summary>
    public Fact? ChangedBySwatchesIn(PlannedPart part) =>
        PlanOf(part) is { } plan
            ? ChangedBySwatches.Of(part.Working!.Forward, plan, Complete(part, part.Inputs), ruler)
            : null;

    /// <summary>What all parts that count take of each thing, what runs short first.</summary>
    public IReadOnlyList<TotalLine> Materials() =>
        Total.Of(
            Counted.SelectMany(p =>
                PlanOf(p) is { } plan
                    ? Taking.Of(p, plan, id => supplies.GetValueOrDefault(id))
                    : []
            ),
            id => supplies.GetValueOrDefault(id)?.ToCutFrom,
            ruler
        );

    /// <summary>What is still to be cut, fabric by fabric.</summary>
    /// <param name="fabrics">All that there are, with the remnants of each.</param>
    public IReadOnlyList<FabricToCut> ToCut(IReadOnlyCollection<Supply> fabrics) =>
        FabricToCut.Of(
            Counted
                .Where(p => !p.Progress.IsCut && !p.Progress.IsFinished)
                .Select(p => (Part: p, Plan: PlanOf(p)))
                .Where(p => p.Plan is not null)
                .Select(p => (p.Part, p.Plan!)),
            fabrics,
            ruler
        );

    /// <summary>The same parts cut so that each is as likely too short as too long: what it costs to be surer is told against that.</summary>
    public ProjectPlan AtEvenChance() =>
        Of(
            [
                .. Parts.Select(p =>
                    FieldsOf(p).Any(f => f.Name == Certainty.Field.Name)
                        ? p with
                        {
                            Inputs = p.Inputs.With(Certainty.Field.Name, RawValue.Of(0.5)),
                        }
                        : p
                ),
            ],
            supplies,
            swatches,
            ruler
        );

    /// <summary>The parts that count and cannot be worked out yet.</summary>
    public IEnumerable<PlannedPart> Unplanned => Counted.Where(p => PlanOf(p) is null);

    /// <summary>Those that count: of the ways of doing one piece the chosen one, else the first.</summary>
    private IEnumerable<PlannedPart> Counted =>
        Parts.GroupBy(p => p.Piece).Select(g => g.FirstOrDefault(p => !p.IsAside) ?? g.First());

    /// <summary>Inputs of a part with what is not entered.</summary>
    public RawInputs Complete(PlannedPart part, RawInputs inputs)
    {
        // One that is too long, or comes back to its beginning, is let go of.
        var hangs = part.Links.Count > 0 && Chains.InARow(part.Id, Givers) <= Chains.MostInARow;
        foreach (var (field, other, edge) in part.Links)
        {
            if (
                hangs
                && byId.GetValueOrDefault(other) is { Working: not null } giver
                && EdgeOf(giver, edge) is { } length
            )
            {
                inputs = inputs
                    .With(field, RawValue.Of(length.Millimetres))
                    .With(Together.Said.SewnTo, RawValue.Of(giver.Name));
            }
        }
        if (
            FieldsOf(part).Any(f => f.Name == Together.Said.Carries)
            && carried[part.Id].FirstOrDefault() is { } next
        )
        {
            inputs = inputs.With(Together.Said.Carries, RawValue.Of(next.Name));
        }
        // What is on the shelf is never kept with the inputs: another part may be cut from it tomorrow.
        if (
            UsedBy(part, "cloth")?.ToCutFrom is { } there
            && there > Length.Zero
            && !part.Progress.IsCut
            && FieldsOf(part).FirstOrDefault(f => f.From == Left)?.Name is { } atHand
            && !inputs.TryGet(atHand, out _)
        )
        {
            inputs = inputs.With(atHand, RawValue.Of(there.Millimetres));
        }
        return swatches.With(part, AsSetUp(part, inputs));
    }

    /// <summary>
    /// How wide machine, foot and needle let a stitch be, where it is not entered: what is chosen is what is reckoned with, also
    /// where it was chosen elsewhere, or changed since.
    /// </summary>
    private RawInputs AsSetUp(PlannedPart part, RawInputs inputs)
    {
        foreach (var field in FieldsOf(part).Where(f => Bounds.Contains(f.From)))
        {
            if (
                field.From.Split('.') is [var kind, var property]
                && !inputs.TryGet(field.Name, out _)
                && UsedBy(part, kind) is { } thing
                && thing.Properties.TryGet(property, out var said)
            )
            {
                inputs = inputs.With(field.Name, said);
            }
        }
        return inputs;
    }

    /// <summary>What the plan as it now is means for what was cut by an earlier one; null where nothing changed, or where it cannot be worked out.</summary>
    /// <param name="locked">The inputs it was cut by.</param>
    public Finding? SinceCut(PlannedPart part, RawInputs locked)
    {
        var by = AsCut(locked, ruler);
        var now = By(by).Complete(part, part.Inputs);
        return
            part.Working!.CompareAsks(new InputReader(locked, by), new InputReader(now, by))
                is { Findings: [var first, ..] }
            ? first
            : null;
    }

    /// <summary>The same parts by another ruler, made once for all that were cut by it.</summary>
    private ProjectPlan By(Ruler other)
    {
        if (other == ruler)
        {
            return this;
        }
        return byRuler.TryGetValue(other, out var plan)
            ? plan
            : byRuler[other] = Of(Parts, supplies, swatches, other);
    }

    /// <summary>A ruler with the cutting step by which inputs were locked: turning the units changes nothing of what was cut.</summary>
    public static Ruler AsCut(RawInputs locked, Ruler ruler) =>
        locked.TryGet(CuttingStep, out var step) && step.Number is > 0 and var mm
            ? ruler with
            {
                Cutting = Length.FromMillimetres(mm),
            }
            : ruler;

    private Supply? UsedBy(PlannedPart part, string kind) =>
        part.Used(kind) is { } id ? supplies.GetValueOrDefault(id) : null;

    private IEnumerable<Guid> Givers(Guid part) =>
        byId.GetValueOrDefault(part)?.Links.Select(l => l.Part).Where(byId.ContainsKey) ?? [];

    private Length? EdgeOf(PlannedPart giver, string edge) =>
        PlanOf(giver)?.Edges.FirstOrDefault(e => e.Key == edge)?.Length;

    private static IReadOnlyList<Field> FieldsOf(PlannedPart part) =>
        part.Working?.Forward.Fields ?? [];
}
