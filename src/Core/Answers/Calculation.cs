using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Answers;

/// <summary>Either an answer or what is wrong with the ask.</summary>
/// <param name="Answer">The answer; null when there are errors.</param>
/// <param name="Errors">What is wrong, by field; empty when there is an answer.</param>
public readonly record struct Outcome(Result? Answer, IReadOnlyList<FieldError> Errors);

/// <summary>One question that is answered, such as a technique's straight one or one of its turned-round forms.</summary>
/// <param name="Name">Its name in the address; empty for the straight form.</param>
/// <param name="Title">What it answers, in a few words.</param>
/// <param name="Fields">What an ask may say.</param>
/// <param name="Figures">What an answer tells.</param>
/// <param name="Example">An ask that is answered, from the demonstration scenario.</param>
/// <param name="Work">Reads and reckons; returns null when the reader has errors.</param>
public sealed record Calculation(
    string Name,
    string Title,
    IReadOnlyList<Field> Fields,
    IReadOnlyList<Figure> Figures,
    RawInputs Example,
    Func<InputReader, Result?> Work
)
{
    /// <summary>Answers an ask. Never throws for what the ask says.</summary>
    public Outcome Compute(RawInputs ask, Ruler ruler)
    {
        var reader = new InputReader(ask, ruler);
        var answer = Work(reader);
        return reader.Errors.Count > 0 ? new Outcome(null, reader.Errors) : new Outcome(answer, []);
    }

    /// <summary>What of an ask that was too much to reckon would make it lighter, by field.</summary>
    public IReadOnlyList<FieldError> TooMuch(RawInputs ask)
    {
        var heavy = Fields.Where(f => f.Eases.Length > 0 && ask.TryGet(f.Name, out _)).ToList();
        return heavy.Count == 0
            ? TooMuchAtAll
            :
            [
                .. heavy.Select(f => new FieldError(
                    f.Name,
                    Refusal.TooMuch,
                    $"This is more than can be calculated at once: take {f.Eases}."
                )),
            ];
    }

    /// <summary>The same where nothing is known of the ask.</summary>
    public static IReadOnlyList<FieldError> TooMuchAtAll { get; } =
    [new("", Refusal.TooMuch, new TooMuchException().Message)];

    /// <summary>
    /// What is wrong with an ask that is still being written: fields that are missing or contradict each other are
    /// not errors yet.
    /// </summary>
    /// <remarks>One that takes much work may be written all the same: its plan says so.</remarks>
    public IReadOnlyList<FieldError> CheckUnfinished(RawInputs ask, Ruler ruler)
    {
        try
        {
            return Budget.Part<IReadOnlyList<FieldError>>(() =>
                [
                    .. Compute(ask, ruler)
                        .Errors.Concat(Unread(ask, ruler))
                        .Where(e => e.Refusal == Refusal.Unusable)
                        .DistinctBy(e => e.Field),
                ]
            );
        }
        catch (TooMuchException)
        {
            return [];
        }
    }

    /// <summary>What is wrong with fields that this way of asking does not take: what is kept can be read, whatever is chosen next.</summary>
    private IReadOnlyList<FieldError> Unread(RawInputs ask, Ruler ruler)
    {
        var reader = new InputReader(ask, ruler);
        foreach (
            var field in Fields.Where(f =>
                f
                    is LengthField { IsSplitAt: "" }
                        or NumberField
                        or FlagField
                        or ChoiceField
                        or NameField
            )
        )
        {
            reader.Check(field);
        }
        return reader.Errors;
    }
}
