using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.Piping.RemnantQuestion>;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>The question turned round: how much piping a remnant gives.</summary>
internal sealed record RemnantQuestion(Covering Covering, Remnant Remnant) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Marked("stripWidth", "roundUp(π(c + t) + 2s).", a => a.Covering.Width),
        F.Length(
            "gives",
            LengthKind.AtMost,
            "Of joined strip: Σ pieces less what the joins take.",
            a => a.Remnant.Gives
        ),
        F.Count("count", "Pieces.", a => a.Remnant.Strips.Count),
        F.Lengths(
            "lengths",
            LengthKind.AtMost,
            "Of each along its middle, the longest first.",
            a => [.. a.Remnant.Strips.Select(s => s.Length)]
        ),
    ];

    public static Calculation Form { get; } =
        new(
            "remnant",
            "How much piping an offcut gives",
            [
                PipingFields.CordDiameter,
                CordedFields.Thickness,
                CordedFields.Seam,
                BiasFields.StepUp,
                BiasFields.JoinAllowance,
                BiasFields.Grain,
                BiasFields.Angle,
                BiasFields.RemnantWidth,
                BiasFields.RemnantHeight,
                BiasFields.RemnantCorners,
            ],
            Told,
            RawInputs.Of(
                ("cordDiameter", "4 mm"),
                ("clothThickness", "0.34 mm"),
                ("seamAllowance", "12 mm"),
                ("remnantWidth", "45 cm"),
                ("remnantHeight", "60 cm")
            ),
            Work
        );

    public override IReadOnlyList<Figure> Figures => Told;

    private static RemnantQuestion? Work(InputReader reader)
    {
        var covering = new Covering(
            reader.Length(PipingFields.CordDiameter),
            reader.LengthOrStart(CordedFields.Thickness),
            reader.LengthOrStart(CordedFields.Seam),
            BiasFields.ReadStep(reader),
            1
        );
        var (join, angle) = (
            reader.LengthOrStart(BiasFields.JoinAllowance),
            BiasFields.ReadAngle(reader)
        );
        var shape = BiasFields.ReadRemnant(reader);
        if (shape is null && reader.Errors.Count == 0)
        {
            reader.Missing(
                reader.Has(BiasFields.RemnantWidth)
                    ? BiasFields.RemnantHeight
                    : BiasFields.RemnantWidth
            );
        }
        return reader.Errors.Count > 0
            ? null
            : new RemnantQuestion(covering, new(shape!, covering.Width, join, angle))
            {
                Findings = [],
            };
    }
}
