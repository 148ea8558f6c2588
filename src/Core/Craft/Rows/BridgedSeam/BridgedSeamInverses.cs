using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.BridgedSeam.BridgedSeamInversePlan>;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>What the machine’s widest stitch, or panels that are cut, allow. What a form does not give is null.</summary>
internal sealed record BridgedSeamInversePlan : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Length(
            "gap",
            LengthKind.Fine,
            "The widest gap that the stitch catches across.",
            a => a.Gap
        ),
        F.Length("totalWidth", LengthKind.Marked, "The finished width.", a => a.Total),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    public Length? Gap { get; init; }
    public Length? Total { get; init; }
}

/// <summary>Bridged seams turned round.</summary>
internal static class BridgedSeamInverses
{
    private static readonly LengthField Panel = BridgedSeamFields.PanelAtHand with
    {
        IsNeeded = true,
    };

    /// <summary>g = the widest safe stitch, down to the dial’s step, − 2 · bite.</summary>
    public static Calculation FromStitch { get; } =
        new(
            "gap-from-stitch",
            "From the machine’s widest stitch: the widest gap",
            [
                BridgedSeamFields.MaxStitchWidth,
                BridgedSeamFields.FootOpening,
                BridgedSeamFields.PlateOpening,
                BridgedSeamFields.NeedleSize,
                BridgedSeamFields.Bite,
                BridgedSeamFields.WidthStep,
            ],
            BridgedSeamInversePlan.Told,
            RawInputs.Of(("maxStitchWidth", 7), ("bite", 1.2), ("widthStep", 0.5)),
            reader =>
            {
                var widest = BridgedSeamInputs.Safe(reader);
                var (bite, step) = (
                    reader.LengthOrStart(BridgedSeamFields.Bite),
                    reader.LengthOrStart(BridgedSeamFields.WidthStep)
                );
                return reader.Errors.Count > 0
                    ? null
                    : new BridgedSeamInversePlan
                    {
                        Gap = Length.Max(Length.Zero, Rounding.Down(widest, step) - 2 * bite),
                        Findings = [],
                    };
            }
        );

    /// <summary>Z = (k + 1)·panel + k·g − 2k·f − 2·o, where all panels are cut as wide: every fold and both outer edges come off.</summary>
    public static Calculation FromPanels { get; } =
        new(
            "total-from-panels",
            "From panels that are cut already: the finished width",
            [
                .. BridgedSeamFields.All.Where(f =>
                    f.Name != Panel.Name && f.Name != BridgedSeamFields.TotalWidth.Name
                ),
                Panel,
            ],
            BridgedSeamInversePlan.Told,
            BridgedSeamTechnique
                .Example.Without("totalWidth")
                .With("panelAtHand", RawValue.Of("16 cm")),
            reader =>
            {
                var panel = reader.Length(Panel);
                var (bridges, gap) = (
                    (int)reader.Number(BridgedSeamFields.Bridges),
                    reader.Length(BridgedSeamFields.Gap)
                );
                var (fold, outer) = (
                    reader.Length(BridgedSeamFields.FoldAllowance),
                    reader.Length(BridgedSeamFields.OuterAllowance)
                );
                if (reader.Errors.Count > 0)
                {
                    return null;
                }
                var total = (bridges + 1) * panel + bridges * gap - 2 * bridges * fold - 2 * outer;
                if (total <= Length.Zero)
                {
                    reader.Contradiction(Panel, "Folds and outer edges take all of such panels.");
                    return null;
                }
                return new BridgedSeamInversePlan { Total = total, Findings = [] };
            }
        );
}
