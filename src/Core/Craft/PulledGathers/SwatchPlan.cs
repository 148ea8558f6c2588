using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.PulledGathers;

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
    public static IReadOnlyList<Figure> Figures { get; } =
    [
        new("markedFlat", FigureShape.Length, "Between the two marks, flat."),
        new("cutLength", FigureShape.Length, "Length of the scrap."),
        new("cutDepth", FigureShape.Length, "Depth of the scrap."),
        new("gathersTo", FigureShape.Length, "Between the marks once it is as full as planned."),
    ];

    /// <summary>The swatch for a piece.</summary>
    public static SwatchPlan For(Ask ask, UnitSystem units) =>
        For(ask.CutDepth, ask.Fullness, units);

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

    public void Tell(IFigures figures)
    {
        figures.Length("markedFlat", MarkedFlat, LengthKind.Marked);
        figures.Length("cutLength", CutLength, LengthKind.Cut);
        figures.Length("cutDepth", CutDepth, LengthKind.Cut);
        figures.Length("gathersTo", GathersTo, LengthKind.Marked);
    }
}
