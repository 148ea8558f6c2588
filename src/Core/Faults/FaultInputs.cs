using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Faults;

/// <summary>What is seen, what was set, and what was tried already.</summary>
/// <param name="Symptoms">By name; at least one.</param>
/// <param name="Tried">In its order.</param>
public sealed record FaultInputs(
    IReadOnlyList<string> Symptoms,
    SetUp SetUp,
    IReadOnlyList<AttemptMade> Tried
)
{
    /// <summary>More is not seen on one piece.</summary>
    private const int MostSymptoms = 8;

    /// <summary>Longer it is not looked for.</summary>
    private const int MostTried = 40;

    public static ChoicesField SymptomsField { get; } =
        new(
            "symptoms",
            "What do you see?",
            [.. FaultBook.Symptoms.Select(s => new Choice(s.Name, s.Says, s.Shows))]
        );

    private static ChoiceField TryField { get; } =
        new("try", "Tried", [.. FaultBook.Attempts.Select(a => new Choice(a.Name, a.Says, ""))]);

    private static ChoiceField ResultField { get; } =
        new(
            "result",
            "What it did",
            [
                new("gone", "gone", "It is mended."),
                new("better", "better", "Some of it is left."),
                new("same", "the same", "Nothing changed."),
                new("worse", "worse", ""),
            ]
        );

    public static GroupsField TriedField { get; } =
        new("tried", "Tried already", [TryField, ResultField], MostTried);

    private static GroupField SetUpField { get; } = SetUp.Group with { IsNeeded = false };

    public static IReadOnlyList<Field> Fields { get; } = [SymptomsField, SetUpField, TriedField];

    /// <summary>Reads what is asked; null when the reader has errors.</summary>
    public static FaultInputs? Read(InputReader said)
    {
        var symptoms = said.Choices(SymptomsField);
        if (symptoms.Count == 0 && said.Errors.Count == 0)
        {
            said.Missing(SymptomsField);
        }
        else if (symptoms.Count > MostSymptoms)
        {
            said.Contradiction(SymptomsField, $"At most {MostSymptoms} are looked at together.");
        }
        var setUp =
            said.Has(SetUpField) && said.Group(SetUpField) is { } set
                ? SetUp.Read(set)
                : new SetUp();
        var tried = said.Groups(TriedField)
            .Select(t => new AttemptMade(
                TryField.Choices[t.Choice(TryField)].Name,
                Enum.Parse<TryResult>(
                    ResultField.Choices[t.Choice(ResultField)].Name,
                    ignoreCase: true
                )
            ))
            .ToList();
        return said.Errors.Count > 0 ? null : new(symptoms.Distinct().ToList(), setUp, tried);
    }
}
