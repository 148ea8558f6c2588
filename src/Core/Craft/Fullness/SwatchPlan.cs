using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.SwatchPlan>;

namespace ZephyrReach.Core.Craft.Fullness;

/// <summary>How to cut and mark a swatch before the cloth itself is cut.</summary>
/// <remarks>
/// Workshop rule: 300 mm (12 in) between two marks is enough for a reading good to a hundredth; 25 mm (1 in) beyond each
/// mark keeps the ends out of it; the depth is that of the piece, but no more than 150 mm (6 in) is worth cutting.
/// </remarks>
/// <param name="MarkedFlat">Between the two marks, flat.</param>
/// <param name="CutLength">Of the scrap.</param>
/// <param name="CutDepth">Of the scrap.</param>
/// <param name="GathersTo">What lies between the marks once it is as full as planned.</param>
public sealed record SwatchPlan(
    Length MarkedFlat,
    Length CutLength,
    Length CutDepth,
    Length GathersTo
)
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Marked("markedFlat", "Between the two marks, flat.", p => p.MarkedFlat),
        F.Cut("cutLength", "Length of the swatch.", p => p.CutLength),
        F.Cut("cutDepth", "Depth of the swatch.", p => p.CutDepth),
        F.Marked("gathersTo", "Between the marks once it is as full as planned.", p => p.GathersTo),
    ];

    /// <summary>The swatch for a piece of a depth that comes to a fullness.</summary>
    public static SwatchPlan For(Length cutDepth, double fullness, UnitSystem units)
    {
        var unit = units == UnitSystem.Metric ? Length.FromMillimetres(25) : Length.FromInches(1);
        var flat = 12 * unit;
        return new SwatchPlan(
            flat,
            flat + 2 * unit,
            Length.Min(cutDepth, 6 * unit),
            flat / fullness
        );
    }

    /// <summary>The same in words.</summary>
    /// <param name="makes">What it is made to.</param>
    public IReadOnlyList<Fact> Scrap(Ruler ruler, string makes) =>
        [
            new(
                "Cut a piece of the same fabric",
                Ruler.Size(ruler.Cut(CutLength), ruler.Cut(CutDepth))
            ),
            new("Mark two lines apart", ruler.Mark(MarkedFlat)),
            new(makes, ruler.Mark(GathersTo)),
        ];
}
