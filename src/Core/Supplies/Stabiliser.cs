using ZephyrReach.Core.Inputs;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>What holds cloth while dense stitches are sewn, or stays in it.</summary>
public sealed record Stabiliser(string? Kind) : IThing
{
    public const string TearAway = "tear-away";
    public const string CutAway = "cut-away";
    public const string WashAway = "wash-away";
    public const string Interfacing = "fusible-interfacing";
    public const string PaperBacked = "paper-backed";
    public const string Sticky = "sticky-backed";

    private static readonly ChoiceField KindField = Choice(
        "kind",
        "Kind",
        new Choice(TearAway, "tear-away", "For firm fabric; torn off after."),
        new Choice(CutAway, "cut-away", "Stays: for fabric that stretches."),
        new Choice(WashAway, "wash-away", "For nets and loose texture; washed out."),
        new Choice(Interfacing, "fusible interfacing", "Ironed on; stays: behind darns."),
        new Choice(PaperBacked, "paper-backed fusible", "Glues a shape on: for appliqué."),
        new Choice(
            Sticky,
            "sticky-backed fusible",
            "Sticks until it is pressed: a shape can be laid again."
        )
    );

    public static ThingKind Described { get; } =
        new(
            "stabiliser",
            "stabiliser",
            "stabilisers",
            "What goes under or behind the fabric.",
            [KindField],
            Starters.Stabilisers,
            reader => new Stabiliser(reader.OptionalChoice(KindField))
        );
}
