using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Answers;

/// <summary>An edge of a finished piece that another piece can be sewn to.</summary>
/// <param name="Key">Names it in a link, such as <c>lower</c>.</param>
/// <param name="Name">Which edge it is, in words.</param>
/// <param name="Length">How long it is, flat, as the other piece meets it.</param>
public sealed record Edge(string Key, string Name, Length Length);

/// <summary>How a piece stands among others: how many of it there are, and what it is sewn to. Every technique asks it alike.</summary>
/// <param name="Count">How many alike, 1 or more; every figure but the totals is that of one.</param>
/// <param name="SewnTo">What its edge is sewn to, by name; null where that is not known.</param>
/// <param name="Carries">What is sewn to its lower edge, by name; null where that edge is its own.</param>
public sealed record Together(int Count, string? SewnTo, string? Carries)
{
    /// <summary>One piece by itself.</summary>
    public static Together Alone { get; } = new(1, null, null);

    private static readonly NumberField CountField = new NumberField(
        "count",
        "How many the same",
        1,
        100,
        1,
        false
    )
        .Help("How many identical pieces you are making, e.g. two cuffs.")
        .Whole();

    private static readonly NameField SewnToField = new NameField("sewnTo", "Sewn to").Help(
        "The piece whose edge it is sewn to, by name; a link says it."
    );

    private static readonly NameField CarriesField = new NameField(
        "carries",
        "Has sewn to its lower edge"
    ).Help(
        "The piece that is sewn to its lower edge, by name; then that edge has a seam and no hem. A link says it."
    );

    /// <summary>What an ask may say of it.</summary>
    public static IReadOnlyList<Field> Fields { get; } = [CountField, SewnToField, CarriesField];

    /// <summary>The names of the two that a link says.</summary>
    public static (string SewnTo, string Carries) Said => (SewnToField.Name, CarriesField.Name);

    /// <summary>The edge to which it is sewn, after “to”.</summary>
    /// <param name="other">What it is called where nothing is known of it.</param>
    public string ToEdge(string other) =>
        SewnTo is { } name ? $"the lower edge of “{name}”" : other;

    /// <summary>Reads it; what is not said is as for one piece by itself.</summary>
    public static Together Read(InputReader reader) =>
        new(
            (int)(reader.OptionalNumber(CountField) ?? 1),
            reader.OptionalName(SewnToField),
            reader.OptionalName(CarriesField)
        );

    /// <summary>Whatever is cut was washed before: what shrinks later takes its seams along.</summary>
    private static SewingStep Washed(SewingStep step) =>
        step.Key == "cut"
            ? step with
            {
                Checks =
                [
                    "The fabric was washed and pressed as it will be later, before it is cut.",
                    .. step.Checks,
                ],
            }
            : step;

    /// <summary>The step for all but the first.</summary>
    internal const string Others = "others";

    /// <summary>The steps of one piece, and what is done for the others.</summary>
    /// <param name="forAll">How many of the first steps are done for all of them at once: cutting, at least.</param>
    public IReadOnlyList<SewingStep> Steps(IReadOnlyList<SewingStep> one, int forAll = 1)
    {
        one = [.. one.Select(Washed)];
        if (Count == 1)
        {
            return one;
        }
        var last = one[^1];
        var others = Count - 1;
        return
        [
            .. one,
            new SewingStep(
                Others,
                others == 1 ? "The other one" : $"The other {others}",
                $"Sew {(others == 1 ? "the other one" : $"the other {others}")} just the same, from {(forAll == 1 ? "the second step" : $"“{one[forAll].Title}”")} on: the same settings, the same thread.",
                others == 1 ? "1 more" : $"{others} more",
                [$"Laid on each other, all {Count} measure the same."]
            ).At(
                Place.Machine,
                others * one.Skip(forAll).Sum(s => s.Minutes),
                last.Picture.Drawing,
                last.Picture.Lit,
                last.Picture.NotYet
            ),
        ];
    }
}
