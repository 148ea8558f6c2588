using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft;

/// <summary>The techniques that the program knows: one line each.</summary>
public static class Techniques
{
    public static IReadOnlyList<Technique> All { get; } =
    [
        Fullness.PulledGathers.PulledGathersTechnique.Technique,
        Fullness.MachineGathers.MachineGathersTechnique.GatheringFoot,
        Fullness.MachineGathers.MachineGathersTechnique.Overlock,
        Fullness.TuckedRuffle.TuckedRuffleTechnique.Technique,
        Fullness.Shirring.ShirringTechnique.Technique,
        Fullness.Ease.EaseTechnique.Technique,
        Tucks.Pintucks.PintucksTechnique.Technique,
        Rows.StitchRows.StitchRowsTechnique.Technique,
        Rows.BridgedSeam.BridgedSeamTechnique.Technique,
        Rows.FoldedRibbon.FoldedRibbonTechnique.Technique,
        Edges.Piping.PipingTechnique.Technique,
        Edges.FinePiping.FinePipingTechnique.Technique,
        Edges.CordTrim.CordTrimTechnique.Technique,
        LinesAndShapes.Couching.CouchingTechnique.Technique,
        LinesAndShapes.Applique.AppliqueTechnique.Technique,
        Mending.Darning.DarningTechnique.Technique,
        FreeMotion.FreeMotionTechnique.Technique,
    ];

    /// <summary>Those in which a piece can be worked.</summary>
    public static IReadOnlyList<Technique> Worked { get; } =
    [.. All.Where(t => t.Process is not null)];

    /// <summary>Every card.</summary>
    public static IReadOnlyList<CardTechnique> Cards { get; } = [.. All.SelectMany(t => t.Cards)];

    /// <summary>Finds a technique by its name; null when there is none.</summary>
    public static Technique? Named(string name) => All.FirstOrDefault(t => t.Name == name);

    /// <summary>Finds how a technique is worked, by its name; null when there is none, or it is not worked yet.</summary>
    public static Process? WorkingOf(string name) => Named(name)?.Process;

    /// <summary>Finds a card by its own name; null when there is none.</summary>
    public static CardTechnique? CardNamed(string name) =>
        Cards.FirstOrDefault(c => c.Name == name);

    /// <summary>The name on the screen of a technique or of one of its cards; the name itself when it is neither.</summary>
    public static string TitleOf(string name) =>
        Named(name)?.Title ?? CardNamed(name)?.Title ?? name;
}

/// <summary>Questions that belong to no one technique, one line each; reckoned as a technique is.</summary>
public static class Questions
{
    public static IReadOnlyList<Calculation> All { get; } =
    [PullUpQuestion.Form, DialQuestion.Form, Fullness.WhichWay.WhichWayQuestion.Form];

    /// <summary>An ask of a question, with what the supplies have of what it asks for; as it is where they play no part.</summary>
    public static RawInputs With(string name, RawInputs ask, DrawerContents supplies) =>
        name == Fullness.WhichWay.WhichWayQuestion.Form.Name
            ? Fullness.WhichWay.WhichWayQuestion.With(ask, supplies)
            : ask;

    /// <summary>Finds a question by its name; null when there is none.</summary>
    public static Calculation? Named(string name) => All.FirstOrDefault(f => f.Name == name);
}
