using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Faults;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Core.Swatches;

namespace ZephyrReach.Core.Card;

/// <summary>Feet that serve a technique alike.</summary>
/// <param name="Kinds">Their kinds.</param>
/// <param name="Because">Why they serve.</param>
/// <param name="Costs">What it costs to use one of these rather than those before; empty for the best.</param>
public sealed record FootChoice(IReadOnlyList<string> Kinds, string Because, string Costs = "");

/// <summary>The stitch that a technique wants, before a machine has its say.</summary>
/// <param name="Name">Such as <c>zigzag</c>.</param>
/// <param name="Because">Why that.</param>
/// <param name="LengthWanted">Null where hands or the pattern set it.</param>
/// <param name="LengthBecause">Why that length.</param>
/// <param name="LengthSays">Stands in for a figure where there is none.</param>
/// <param name="WidthWanted">Nothing for straight stitches.</param>
/// <param name="WidthLeast">The narrowest that still serves.</param>
/// <param name="WidthBecause">Why that width.</param>
public sealed record StitchPlan(
    string Name,
    string Because,
    Length? LengthWanted,
    string LengthBecause,
    string LengthSays = "",
    Length WidthWanted = default,
    Length WidthLeast = default,
    string WidthBecause = ""
);

/// <summary>A setting in words, with its reason.</summary>
public sealed record Setting(string Figure, string Because)
{
    /// <summary>What part of the machine’s full speed it is; null where it is said in words alone.</summary>
    public double? OfFullSpeed { get; private init; }

    /// <summary>Half of what the machine makes.</summary>
    public static Setting HalfSpeed(string because) =>
        new("half of full", because) { OfFullSpeed = 0.5 };
}

/// <summary>
/// How one technique is set up: the wishes that a card holds against a machine, a cloth and a drawer. The figures are
/// workshop rules; each is given with its reason.
/// </summary>
public sealed record CardTechnique
{
    /// <summary>Its name in addresses, such as <c>couching</c>.</summary>
    public required string Name { get; init; }

    /// <summary>Its name on the screen.</summary>
    public required string Title { get; init; }

    /// <summary>What it makes, in a sentence.</summary>
    public required string Says { get; init; }

    /// <summary>What its card may be told of the piece.</summary>
    public IReadOnlyList<Field> Fields { get; init; } = [];

    /// <summary>Respected ways to do it, of which one is chosen; null when there is but one.</summary>
    public ChoiceField? School { get; init; }

    /// <summary>The same as the piece has it, by the way that is chosen; null where nothing but figures changes.</summary>
    public Func<CardInputs, CardTechnique>? As { get; init; }

    /// <summary>What is made ready for work that is no machine's; then the card is this and nothing else.</summary>
    public IReadOnlyList<CardLine> ByHand { get; init; } = [];

    /// <summary>Feet that serve, the best first.</summary>
    public required IReadOnlyList<FootChoice> Feet { get; init; }

    /// <summary>The same feet in another order, where the piece wants it; null where it never does.</summary>
    public Func<CardInputs, IReadOnlyList<FootChoice>>? FeetFor { get; init; }

    /// <summary>Orders feet of one choice for a cloth: the least comes first.</summary>
    public Func<CardInputs, Foot, double> Rank { get; init; } = (_, _) => 0;

    /// <summary>What else to look for when buying a foot.</summary>
    public Func<CardInputs, string> BuyAlso { get; init; } = _ => "";

    public required Func<CardInputs, StitchPlan> Stitch { get; init; }

    /// <summary>Needle tension in steps from normal.</summary>
    public Func<CardInputs, double> Tension { get; init; } = _ => 0;

    public required string TensionBecause { get; init; }

    /// <summary>Whether a pair of needles is used.</summary>
    public bool Twin { get; init; }

    /// <summary>The point that is wanted in a weave; null for what suits the cloth.</summary>
    public string? Point { get; init; }

    /// <summary>Whether several layers or a thick seam pass under the foot.</summary>
    public Func<CardInputs, bool> Bulky { get; init; } = ask => ask.Wants.Layers > 1;

    public ThreadWanted Above { get; init; } =
        new("ordinary", "Nothing here strains it, and the eye of the needle passes it.");

    public ThreadWanted Below { get; init; } =
        new("the same", "With the same thread top and bottom the stitch locks in the middle.");

    /// <summary>Whether the thread that is chosen for the piece is the one below, because that is the one that counts.</summary>
    public bool ChosenBelow { get; init; }

    /// <summary>Whether elastic goes below.</summary>
    public Func<CardInputs, bool> ElasticBelow { get; init; } = _ => false;

    /// <summary>Heavier cloth hardly answers to it, in grams a square metre; null where weight does not matter.</summary>
    public double? MostGrams { get; init; }

    /// <summary>Foot pressure in steps from normal.</summary>
    public double Pressure { get; init; }

    public string PressureBecause { get; init; } = "Flat layers need no extra pressure.";

    public bool FeedDogsDown { get; init; }

    /// <summary>Differential feed; null where it plays no part.</summary>
    public double? Differential { get; init; }

    public bool NeedsOverlocker { get; init; }

    /// <summary>Whether it is sewn with a chain stitch.</summary>
    public bool NeedsChainLooper { get; init; }

    public bool NeedsProgram { get; init; }

    /// <summary>How a line is begun; null for as usual.</summary>
    public Setting? Start { get; init; }

    public Setting Speed { get; init; } =
        new("medium, steady", "An even pace makes even stitches.");

    /// <summary>Whether dense or decorative stitches want something under the cloth, whatever the cloth.</summary>
    public bool Dense { get; init; }

    /// <summary>The stabiliser for a cloth; null for none.</summary>
    public Func<CardInputs, Setting?> Stabiliser { get; init; } = _ => null;

    /// <summary>What to do with the presser and the needle stop.</summary>
    public Setting? Presser { get; init; }

    /// <summary>Where the needle stands.</summary>
    public Setting Position { get; init; } =
        new(Middle, "The foot holds evenly on both sides of it.");

    /// <summary>Where a needle stands that is not moved.</summary>
    public const string Middle = "middle";

    /// <summary>How far the needle is moved, where it can be, with any foot that does not move itself.</summary>
    public Length Offset { get; init; }

    /// <summary>What is done before the first stitch.</summary>
    public required Setting Preparation { get; init; }

    /// <summary>Lines of its own.</summary>
    public Func<CardInputs, IEnumerable<CardLine>> More { get; init; } = _ => [];

    /// <summary>What is looked at first.</summary>
    public required IReadOnlyList<string> Checks { get; init; }

    /// <summary>Other respected ways, with what follows.</summary>
    public IReadOnlyList<School> Alternatives { get; init; } = [];

    /// <summary>What to do where a machine cannot.</summary>
    public required string Instead { get; init; }

    /// <summary>Height of a cord or a build-up of stitches under the foot; null for none.</summary>
    public Func<CardInputs, Length?> BuildUp { get; init; } = _ => null;

    /// <summary>Whether rows lie side by side, so that edges and grooves guide them.</summary>
    public bool HasRows { get; init; }

    /// <summary>Whether any foot that serves may guide its rows, each by the side of the last; else the picked one along its middle.</summary>
    public bool GuidedByAnyFoot { get; init; }

    /// <summary>The symptoms that are looked for on a swatch, by their names in <see cref="FaultBook"/>.</summary>
    public required IReadOnlyList<string> LookedFor { get; init; }

    private IReadOnlyList<Look>? looks;

    /// <summary>What is looked for on a swatch, and what to try for each, the likeliest first.</summary>
    public IReadOnlyList<Look> Looks => looks ??= FaultBook.LooksOf(Name, LookedFor);

    /// <summary>Everything the card may be told.</summary>
    public IReadOnlyList<Field> AllFields =>
        [
            .. Fields,
            .. School is { } school ? new Field[] { school } : [],
            Wants.LayersField,
            Wants.ClothWeightField,
            Wants.DialledLengthField,
            Wants.DialledWidthField,
        ];
}
