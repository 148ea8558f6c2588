using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Rows.BridgedSeam;

/// <summary>Where the first panel that is cut is folded, at true size; each other is folded alike at its gaps.</summary>
internal static class BridgeGuide
{
    public static Guide Of(BridgedSeamPlan a)
    {
        var panel = a.Ask.ReadyMade is null ? 0 : 1;
        var width = a.CutOf(panel);
        var isDifferent = a.Ask.IsUneven || panel > 0;
        List<GuideLine> lines = [];
        Add(panel == a.Ask.Bridges, at => width - at);
        Add(panel == 0, at => at);
        return new Guide(
            isDifferent ? $"Folds of panel {panel + 1}" : "Folds of an outer panel",
            width,
            a.PanelLength,
            lines,
            isDifferent
                ? "As it lies from left to right: fold on the lines. Each other panel is folded alike wherever a gap comes."
                : "The outer edge at the left, the gap at the right: fold on the lines. An inner panel is folded at both sides as this one is at the right."
        );

        void Add(bool isOuter, Func<Length, Length> side)
        {
            var at = isOuter ? a.Ask.Outer : a.Ask.Fold;
            if (at > Length.Zero)
            {
                lines.Add(
                    new(
                        lines.Count + 1,
                        new Point(side(at), Length.Zero),
                        new Point(side(at), a.PanelLength),
                        isOuter ? LineMeaning.Hem : LineMeaning.Fold,
                        isOuter ? "edge" : "fold"
                    )
                );
            }
        }
    }
}
