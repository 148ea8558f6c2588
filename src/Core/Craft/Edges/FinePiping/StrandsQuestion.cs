using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.FinePiping.StrandsQuestion>;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>The question turned round: how many strands fill a groove.</summary>
/// <param name="Groove">How wide it is.</param>
/// <param name="Covering">One layer of the covering.</param>
/// <param name="Thread">How thick one strand is.</param>
internal sealed record StrandsQuestion(Length Groove, Length Covering, Length Thread) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Count(
            "strands",
            "floor(0.7·((groove − 2t)/d)²), and one at least.",
            a => a.Twist.Strands
        ),
        F.Fine("cordThickness", "What they come to: d·√(k/0.7).", a => a.Twist.Thick),
        F.Fine("covered", "With the covering on both sides.", a => a.Twist.Thick + 2 * a.Covering),
    ];

    public static Calculation Form { get; } =
        new(
            "strands",
            "How many strands fill a groove",
            [
                CordedFields.Groove with
                {
                    IsNeeded = true,
                    ShownWhen = null,
                },
                CordedFields.Thickness,
                FinePipingFields.Wraps,
                FinePipingFields.WrapSpan,
            ],
            Told,
            RawInputs.Of(
                ("grooveWidth", "1.6 mm"),
                ("clothThickness", "0.15 mm"),
                ("wraps", 24),
                ("wrapSpan", "10 mm")
            ),
            reader =>
            {
                var groove = reader.OptionalLength(CordedFields.Groove);
                var covering = reader.LengthOrStart(CordedFields.Thickness);
                var thread = FinePipingFields.ReadThread(reader);
                if (groove is null && reader.Errors.Count == 0)
                {
                    reader.Missing(CordedFields.Groove);
                }
                return reader.Errors.Count > 0
                    ? null
                    : new StrandsQuestion(groove!.Value, covering, thread) { Findings = [] };
            }
        );

    public Twist Twist =>
        new(Thread, Twist.StrandsFor(Length.Max(Length.Zero, Groove - 2 * Covering), Thread));

    public override IReadOnlyList<Figure> Figures => Told;
}
