using ZephyrReach.Core.Card;
using ZephyrReach.Core.Supplies;
using static ZephyrReach.Core.Card.Usual;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>A very fine piping made in a groove.</summary>
internal static class FinePipingCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "fine-piping",
            Title = "fine piping with a pintuck foot",
            Says =
                "Twisted thread covered with fabric, made and sewn on in one groove of a pintuck foot.",
            Fields = [Wants.CordField, FinePipingFields.CordOf],
            As = ask =>
                ask.Wants.Of(FinePipingFields.CordOf) switch
                {
                    FinePipingFields.Roll => Technique! with
                    {
                        Preparation = new(
                            "roll one edge of the strip; a fine weave",
                            "The roll is the cord, and the strip its covering."
                        ),
                    },
                    "cord" => Technique! with
                    {
                        Preparation = Technique!.Preparation with
                        {
                            Figure = "bias strip of a fine weave",
                        },
                    },
                    _ => Technique!,
                },
            Feet =
            [
                new(
                    [FootKinds.Pintuck],
                    "The same groove makes it and applies it, so it stays one width."
                ),
            ],
            Rank = (ask, foot) =>
                Math.Abs(
                    (foot.GrooveWidth ?? Mm(9)).Millimetres - (ask.Wants.Cord ?? Mm(1)).Millimetres
                ),
            BuyAlso = ask => $"a groove at least {Fit.Say.Mm(ask.Wants.Cord ?? Mm(1))} wide",
            Stitch = _ =>
                new(
                    "straight",
                    "Close beside the thread.",
                    Mm(2),
                    "2 mm: short, because it turns tight curves."
                ),
            TensionBecause = "An ordinary seam.",
            BuildUp = ask => ask.Wants.Cord ?? Mm(1),
            Position = new(
                "just beside the groove",
                "The thread lies in the groove, the needle at its wall."
            ),
            Speed = Setting.HalfSpeed("A fine edge shows every wobble."),
            Preparation = new(
                "twist a double thread; bias strip of a fine weave",
                "The covering must be no thicker than the thread."
            ),
            Checks =
            [
                "It is one width all along.",
                "The needle falls beside the thread, never into it.",
            ],
            Alternatives =
            [
                new("straight-grain strip", "For cord so fine that the grain hardly matters."),
            ],
            Instead = "Make it with a zipper foot, a finer cord and more patience.",
            LookedFor = ["uneven", "pierced", "puckers"],
        };
}
