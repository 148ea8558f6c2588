using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Project;

/// <summary>A part of a project as planning sees it: one technique at one place, with what was entered and chosen for it.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Technique">The name of its technique.</param>
/// <param name="Inputs">What was entered, by field.</param>
/// <param name="Links">The edges that it takes from other parts.</param>
/// <param name="Uses">The supplies that were chosen for it, by their kind.</param>
/// <param name="IsAside">Whether another way of doing the same piece was chosen.</param>
/// <param name="Progress">How far it has come.</param>
public sealed record PlannedPart(
    Guid Id,
    string Name,
    string Technique,
    RawInputs Inputs,
    IReadOnlyList<EdgeLink> Links,
    IReadOnlyDictionary<string, Guid> Uses,
    bool IsAside,
    PartProgress Progress
)
{
    /// <summary>The piece that it is a way of doing: the first way names it, itself too.</summary>
    public Guid Piece { get; init; } = Id;

    /// <summary>What its fabric is called, where that was entered and not chosen; else empty.</summary>
    public string Fabric { get; init; } = "";

    /// <summary>How its technique is worked; null where there is no such technique.</summary>
    public Process? Working => Techniques.WorkingOf(Technique);

    /// <summary>The supply of a kind that was chosen; null where none was.</summary>
    public Guid? Used(string kind) => Uses.TryGetValue(kind, out var id) ? id : null;
}

/// <summary>An edge that a part takes from another of its project.</summary>
/// <param name="Field">The field that takes its length.</param>
/// <param name="Part">The other part.</param>
/// <param name="Edge">Which of its edges, by its key.</param>
public sealed record EdgeLink(string Field, Guid Part, string Edge);

/// <summary>How far a part has come.</summary>
/// <param name="Stage">The stage the person is at.</param>
/// <param name="Swatches">How many were sewn.</param>
/// <param name="LastVerdict">Of the last swatch: yes, nearly, no, or empty.</param>
/// <param name="IsCut">Whether a cutting list was locked.</param>
/// <param name="StepsDone">How many sewing steps are done.</param>
/// <param name="IsFinished">Whether it was noted how it turned out.</param>
public sealed record PartProgress(
    Stage Stage,
    int Swatches = 0,
    string LastVerdict = "",
    bool IsCut = false,
    int StepsDone = 0,
    bool IsFinished = false
);

/// <summary>A thing of the supplies, as planning sees it.</summary>
/// <param name="Properties">What is known of it, by property.</param>
/// <param name="Left">What is left of it; null where that is not known, or where it is not used up.</param>
public sealed record Supply(Guid Id, string Name, RawInputs Properties, Length? Left)
{
    /// <summary>What a length on the shelf comes to once it is washed: 1, or less for a fabric that will shrink.</summary>
    public double OnceWashed =>
        Properties.TryGet(Cloth.ShrinksField.Name, out var said)
        && said.Number is > 0 and < 100 and var lost
            ? 1 - lost / 100
            : 1;

    /// <summary>What there is of it to cut from.</summary>
    public Length? ToCutFrom => Left * OnceWashed;
}
