using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.LinesAndShapes.Couching.RolledStrip>;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Couching;

/// <summary>The question turned round: what cord a strip of knit rolls up to.</summary>
/// <param name="Width">Of the strip.</param>
/// <param name="Thickness">Of one layer of the knit.</param>
internal sealed record RolledStrip(Length Width, Length Thickness) : Result
{
    private static readonly LengthField WidthField = CouchingFields.StripWidth with
    {
        IsNeeded = true,
        ShownWhen = null,
    };

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("cordDiameter", "√(4·w·t/(0.6π)).", a => a.Cord),
        F.Fine(
            "thinnest",
            "Where it is cut a tenth narrower.",
            a => Strip.CordOf(a.Width * 0.9, a.Thickness)
        ),
        F.Fine(
            "thickest",
            "Where it is cut a tenth wider.",
            a => Strip.CordOf(a.Width * 1.1, a.Thickness)
        ),
    ];

    public static Calculation Form { get; } =
        new(
            "strip",
            "What cord a strip rolls up to",
            [WidthField, CouchingFields.StripThickness],
            Told,
            RawInputs.Of(("stripWidth", "20 mm"), ("stripThickness", "0.7 mm")),
            reader =>
            {
                var (width, thickness) = (
                    reader.Length(WidthField),
                    reader.LengthOrStart(CouchingFields.StripThickness)
                );
                return reader.Errors.Count > 0
                    ? null
                    : new RolledStrip(width, thickness) { Findings = [] };
            }
        );

    public Length Cord => Strip.CordOf(Width, Thickness);

    public override IReadOnlyList<Figure> Figures => Told;
}
