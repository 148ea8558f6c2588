using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Swatches;

/// <summary>One kind of reading that was taken.</summary>
/// <param name="Kind">Its name.</param>
/// <param name="All">Its readings, at least one.</param>
public sealed record Taken(string Kind, IReadOnlyList<Length> All)
{
    /// <summary>How they are written.</summary>
    public LengthKind Written { get; init; } = LengthKind.Marked;

    public Length Mean => FullnessReading.Mean(All);

    /// <summary>From the shortest to the longest.</summary>
    public Length Spread => All.Max() - All.Min();
}

/// <summary>A figure of the swatch that one press takes into the plan.</summary>
/// <param name="Field">The field of the ask.</param>
/// <param name="Value">What it is set to.</param>
/// <param name="Says">What the press is called.</param>
public sealed record TakeOver(string Field, double Value, string Says);

/// <summary>What a sewn swatch says of the plan, whatever its technique: a big figure, a few lines, and one change to try.</summary>
public abstract record SwatchJudgement : Result
{
    /// <summary>The figures that every judgement tells beside its own.</summary>
    protected static IReadOnlyList<Figure> SharedFigures { get; } =
    [
        Figure<SwatchJudgement>.Group(
            "headline",
            "The number it comes to.",
            j => j.Headline,
            [
                Figure<Fact>.Text("figure", "The number.", f => f.Text),
                Figure<Fact>.Text("unit", "What it is a number of.", f => f.Name),
            ]
        ),
        Figure<SwatchJudgement>.Table(
            "lines",
            "What that means, a sentence each.",
            j => j.Lines,
            Figure<string>.Text("says", "The sentence.", s => s)
        ),
        Figure<SwatchJudgement>.Table(
            "readings",
            "Each kind of reading that was taken.",
            j => j.Readings,
            Figure<Taken>.Text("kind", "Its name.", r => r.Kind),
            Figure<Taken>.Count("count", "How many times it was read.", r => r.All.Count),
            Figure<Taken>.Marked("mean", "Their mean.", r => r.Mean) with
            {
                KindOf = WrittenOf,
            },
            Figure<Taken>.Marked("spread", "From the shortest to the longest.", r => r.Spread) with
            {
                KindOf = WrittenOf,
            }
        ),
        Figure<SwatchJudgement>.Group(
            "takeOver",
            "What one press takes into the plan.",
            j => j.TakeOver,
            [
                Figure<TakeOver>.Text("field", "The field of the plan.", t => t.Field),
                Figure<TakeOver>.Ratio("value", "What it is set to.", t => t.Value),
                Figure<TakeOver>.Text("says", "What the press is called.", t => t.Says),
            ],
            false
        ),
        Figure<SwatchJudgement>.Group(
            "firstChange",
            "The one change to try next.",
            j => j.Change,
            [
                Figure<Change>.Text("name", "Its name.", c => c.Name),
                Figure<Change>.Text("seen", "What it answers.", c => c.Seen),
                Figure<Change>.Text("change", "What to change.", c => c.Says),
                Figure<Change>.Text("because", "Why.", c => c.Because),
                Figure<Change>.Count(
                    "left",
                    "How many more changes there are to try after it.",
                    c => c.Left
                ),
            ],
            false
        ),
    ];

    /// <summary>What was read.</summary>
    public required IReadOnlyList<Taken> Readings { get; init; }

    /// <summary>The first change to try; null when nothing was seen that wants one.</summary>
    public required Change? Change { get; init; }

    /// <summary>The figure it comes to, and what it is a figure of.</summary>
    public abstract Fact Headline { get; }

    /// <summary>What that means, a sentence each.</summary>
    public abstract IReadOnlyList<string> Lines { get; }

    /// <summary>What one press takes into the plan; null where there is nothing.</summary>
    public virtual TakeOver? TakeOver => null;

    private static LengthKind WrittenOf(object taken) => ((Taken)taken).Written;

    /// <summary>The kinds of readings that were taken at all.</summary>
    protected static IReadOnlyList<Taken> Of(
        params IReadOnlyList<(LengthsField Field, IReadOnlyList<Length> All)> kinds
    ) =>
        [
            .. kinds
                .Where(k => k.All.Count > 0)
                .Select(k => new Taken(k.Field.Name, k.All) { Written = k.Field.Kind }),
        ];
}

/// <summary>What is seen on a swatch and what was tried already, as fields of an ask.</summary>
public sealed record LookFields(IReadOnlyList<Look> Known)
{
    public ChoicesField Seen { get; } =
        new ChoicesField("looks", "Looks", [.. Known.Select(l => l.Choice)]).Help(
            "What is seen on the swatch."
        );

    public ChoicesField Tried { get; } =
        new ChoicesField(
            "tried",
            "Tried",
            [
                .. Known
                    .SelectMany(l => l.Changes)
                    .Select(c => new Choice(c.Name, c.Says, c.Because))
                    .DistinctBy(c => c.Name),
            ]
        ).Help("Changes that were tried on earlier swatches.");

    /// <summary>The first change to try, by what an ask says was seen.</summary>
    public Change? Read(InputReader reader) =>
        Look.FirstChange(Known, reader.Choices(Seen), reader.Choices(Tried));
}
