using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Card;

internal static partial class Lines
{
    private static CardLine Pressure(CardTechnique technique, Machine machine)
    {
        var figure = StepText(technique.Pressure).Replace("step", "turn", StringComparison.Ordinal);
        return machine.Pressure == false && technique.Pressure != 0
            ? new(
                "pressure",
                "Foot pressure",
                "unchanged",
                "not adjustable",
                $"{technique.PressureBecause} Here hold the fabric back lightly behind the foot instead."
            )
            : new("pressure", "Foot pressure", figure, "", technique.PressureBecause);
    }

    private static CardLine FeedDogs(CardTechnique technique, Machine machine) =>
        technique.FeedDogsDown
            ? new(
                "feed-dogs",
                "Feed dogs",
                machine.FeedDogs == "covers" ? "covered" : "down",
                "",
                "Your hands move the fabric, in every direction."
            )
            : new("feed-dogs", "Feed dogs", "up", "", "The machine feeds the fabric evenly.");

    private static CardLine Speed(CardTechnique technique, Machine machine) =>
        Plain(
            "speed",
            "Speed",
            technique.Speed,
            technique.Speed.OfFullSpeed * machine.Fastest is { } pace
                ? $"about {DecimalText.Write(pace, 0)} a minute"
                : ""
        );

    private static CardLine? Presser(CardTechnique technique, CardInputs ask) =>
        technique.Presser is { } presser
            ? Plain(
                "presser",
                "Presser foot and needle-stop",
                presser,
                ask.Machine.Is.NeedleStop == false ? "by handwheel" : ""
            )
            : null;
}
