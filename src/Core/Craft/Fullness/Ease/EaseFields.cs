using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Ease;

/// <summary>What an ask for an eased stretch may say.</summary>
internal static class EaseFields
{
    /// <summary>Between both lengths where they are said in one: 28.5 cm into 24 cm.</summary>
    public const string Into = " into ";

    public static LengthField FlatStretch { get; } =
        LengthField
            .Mm("flatStretch", "The longer edge", 1, 1e6)
            .Help("Flat length between the notches. You can type both: 28.5 cm into 24 cm.") with
        {
            IsSplitAt = Into,
        };

    public static LengthField FinishedEdge { get; } =
        StripFields.FinishedEdge with
        {
            Label = "The shorter edge",
            Help = "What it is sewn to, between the same two notches.",
        };

    public static LengthField PlainBefore { get; } =
        Plain("plainBefore", "Plain before the first notch")
            .Help("Of the longer edge, from its end to the first notch.");

    public static LengthField PlainAfter { get; } =
        Plain("plainAfter", "Plain after the second notch")
            .Help("Of the longer edge, from the second notch to its end.");

    public static ChoiceField Rows { get; } =
        StripFields.Rows with
        {
            Choices = [.. RowScheme.All.Where(r => !r.IsOverThreads).Select(r => r.Choice)],
            Start = "two-inside",
            IsNeeded = false,
        };

    /// <summary>What the cloth is like, and how far it eases in: a workshop rule of fibre and weave, whatever the weight.</summary>
    public static IReadOnlyList<(Choice Choice, double Most)> Weaves { get; } =
    [
        (new("unknown", "not known", "4 % is taken; a swatch says for sure."), 1.04),
        (new("wool", "wool, or loosely woven", "Steam shrinks 8 to 10 % out of it."), 1.09),
        (new("soft", "soft cotton, linen, crêpe", "4 to 5 %."), 1.045),
        (new("knit", "jersey", "5 to 8 %."), 1.065),
        (new("tight", "tightly woven", "Poplin, canvas, denim, microfibre: 2 to 3 %."), 1.025),
    ];

    public static ChoiceField Weave { get; } =
        new ChoiceField(
            "weave",
            "The fabric is",
            [.. Weaves.Select(w => w.Choice)],
            "unknown",
            false
        ).Help("How far it eases in without a fold depends on its weave and fibre.");

    public static LengthField StitchLength { get; } =
        Lightly(StripFields.StitchLength) with
        {
            Help = "Of the easing rows: 3 to 3.5 mm.",
            Start = Length.FromMillimetres(3.5),
        };

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        FlatStretch,
        FinishedEdge,
        PlainBefore,
        PlainAfter,
        Lightly(StripFields.SeamAllowance),
        Rows,
        Lightly(StripFields.RowGap),
        StitchLength,
        Lightly(FabricFields.Thickness),
        Lightly(StripFields.PlainThickness),
        Lightly(StripFields.Tail),
        FabricFields.LayerWeight,
        Weave,
        .. Together.Fields,
    ];

    public static LengthField Lightly(LengthField field) => field with { IsNeeded = false };

    private static LengthField Plain(string name, string label) =>
        LengthField.Mm(name, label, 0, 1e6).Optional();
}
