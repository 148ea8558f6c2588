using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using Thread = ZephyrReach.Core.Drawer.Thread;

namespace ZephyrReach.Core.Card;

/// <summary>The lines of a card, in the order they are set.</summary>
internal static class Lines
{
    public static List<CardLine> Of(
        CardTechnique technique,
        CardAsk ask,
        StitchPlan plan,
        Length? length,
        Pick pick
    )
    {
        var machine = ask.Machine.Is;
        var steps = machine.Dial.Reachable(TensionOf(technique, ask));
        List<CardLine> lines =
        [
            Foot(pick),
            Needle(technique, ask, pick),
            Threads(
                "needle-thread",
                technique.NeedsOverlocker ? "Needle threads" : "Needle thread",
                technique.Above,
                ask,
                technique.ChosenBelow ? null : ask.Thread,
                pick.Needle.Is
            ),
            technique.ElasticBelow(ask)
                ? ElasticLine(technique, ask)
                : Threads(
                    technique.NeedsOverlocker ? "looper-thread" : "bobbin-thread",
                    technique.NeedsOverlocker ? "Looper threads" : "Bobbin thread",
                    technique.Below,
                    ask,
                    technique.ChosenBelow ? ask.Thread : null
                ),
            new("stitch", "Stitch", plan.Name, "", plan.Because),
            new(
                "length",
                "Stitch length",
                length is { } l ? Say.Mm(l) : plan.LengthSays,
                Truth.OfLength(ask, length)
                    ?? (length == machine.LongestStitch && length is not null ? "longest" : ""),
                $"{plan.LengthBecause}{Truth.RestsOn(machine.StitchDial, length, ask.Wants.DialledLength)}"
            ),
        ];
        if (pick.Width > Length.Zero)
        {
            lines.Add(
                new(
                    "width",
                    "Stitch width",
                    Say.Mm(pick.Width),
                    Truth.OfWidth(ask, pick.Width) ?? "",
                    $"{plan.WidthBecause}{Truth.RestsOn(machine.WidthDial, pick.Width, ask.Wants.DialledWidth)}"
                )
            );
        }
        // An overlocker's needles stand where they stand.
        if (!technique.NeedsOverlocker)
        {
            lines.Add(
                new(
                    "needle-position",
                    "Needle position",
                    technique.Position.Figure,
                    technique.Position.Figure != "middle" && machine.NeedlePositions <= 1
                        ? "move the foot instead"
                        : "",
                    technique.Position.Because
                )
            );
        }
        lines.Add(
            new(
                "needle-tension",
                "Needle tension",
                StepText(steps),
                machine.Dial.Says(steps),
                ask.Wants.TensionSteps is null
                    ? technique.TensionBecause
                    : $"As planned. {technique.TensionBecause}"
            )
        );
        lines.Add(Pressure(technique, machine));
        lines.Add(FeedDogs(technique, machine));
        if (technique.Differential is { } ratio)
        {
            var wanted = ask.Wants.Differential ?? ratio;
            lines.Add(
                new(
                    "differential",
                    "Differential feed",
                    DecimalText.Write(Math.Min(wanted, machine.GreatestDifferential ?? wanted)),
                    machine.GreatestDifferential <= wanted ? "highest" : "",
                    "The front feed dogs push in more than the back ones take away."
                )
            );
        }
        if (ask.Wants.Passes > 1)
        {
            lines.Add(
                new(
                    "passes",
                    "Number of times over the same line",
                    $"{ask.Wants.Passes}, over the same line",
                    "",
                    "Each gathers what the one before gathered; check each by its own number."
                )
            );
        }
        lines.Add(Speed(technique, machine));
        if (ask.Stabiliser is { } under)
        {
            lines.Add(
                new(
                    "stabiliser",
                    "Stabiliser",
                    under.Name,
                    "",
                    technique.Stabiliser(ask) is { } usual
                        ? $"As chosen; usual here: {usual.Figure}. {usual.Because}"
                        : "As chosen."
                )
            );
        }
        else if (technique.Stabiliser(ask) is { } stabiliser)
        {
            lines.Add(
                new(
                    "stabiliser",
                    "Stabiliser",
                    stabiliser.Figure,
                    Owns(ask, stabiliser),
                    stabiliser.Because
                )
            );
        }
        if (technique.Presser is { } presser)
        {
            var stops = machine.NeedleStop == false ? "by handwheel" : "";
            lines.Add(
                new(
                    "presser",
                    "Presser foot and needle-stop",
                    presser.Figure,
                    stops,
                    presser.Because
                )
            );
        }
        lines.Add(
            new(
                "preparation",
                "Preparation",
                technique.Preparation.Figure,
                "",
                technique.Preparation.Because
            )
        );
        lines.AddRange(technique.More(ask));
        var start =
            technique.Start
            ?? (
                technique.NeedsOverlocker
                    ? new Setting(
                        "a chain of a few stitches",
                        "The loopers then hold the edge from the first stitch."
                    )
                    : new Setting(
                        "threads under and behind",
                        "Hold both for the first few stitches so they aren’t pulled down."
                    )
            );
        lines.Add(
            new(
                "start",
                "Starting",
                start.Figure,
                machine.LockStitch == true && technique.Dense ? "lock stitch" : "",
                start.Because
            )
        );
        lines.Add(
            new(
                "hand-wheel",
                "Handwheel",
                "one full stitch",
                "",
                "After any change of foot, needle or width: if the needle can touch metal, do not sew."
            )
        );
        return [.. lines.Select(l => Heated(l, ask.Cloth?.Is))];
    }

    /// <summary>What heat does to this cloth stands on the line that brings an iron near it.</summary>
    private static CardLine Heated(CardLine line, Cloth? cloth)
    {
        var words = $"{line.Figure} {line.Because}";
        if (
            !HotWords.Any(w => words.Contains(w, StringComparison.OrdinalIgnoreCase))
            || cloth is null
        )
        {
            return line;
        }
        var melts = cloth.Fibre is "nylon" or "polyester";
        var caution = melts
            ? $" {char.ToUpperInvariant(cloth.Fibre![0])}{cloth.Fibre[1..]} melts: cool iron, fabric between."
            : "";
        caution +=
            cloth.Build == Cloth.Net && words.Contains("fus", StringComparison.OrdinalIgnoreCase)
                ? " Glue comes through a net: paper both sides."
                : "";
        return line with { Because = line.Because + caution };
    }

    private static readonly string[] HotWords = ["press ", "pressed", "steam", "fus"];

    /// <summary>What the plan says, which samples may have taught; else what is usual.</summary>
    private static double TensionOf(CardTechnique technique, CardAsk ask) =>
        ask.Wants.TensionSteps ?? technique.Tension(ask);

    /// <summary>What the machine makes harder, and what the cloth does not like.</summary>
    public static IEnumerable<Finding> Noticed(CardTechnique technique, CardAsk ask)
    {
        var wanted = TensionOf(technique, ask);
        var reached = ask.Machine.Is.Dial.Reachable(wanted);
        if (Math.Abs(reached - wanted) > 1e-9)
        {
            yield return Finding.Note(
                "dial-end",
                $"The dial ends at {DecimalText.Write(ask.Machine.Is.Dial.At(wanted)!.Value)}: {StepText(wanted)} cannot be reached.",
                technique.TensionBecause,
                "Sew at its end, and see what the swatch says."
            );
        }
        if (ask.Grams > technique.MostGrams)
        {
            yield return Finding.Care(
                "thick-cloth",
                $"{ask.Cloth!.Name} is {DecimalText.Write(ask.Grams.Value, 0)} g/m²: thick fabric hardly gathers this way.",
                "The plate or the elastic has to bend it, and its weight pulls it flat again.",
                "Take a lighter fabric, or gather by pulled threads."
            );
        }
    }

    internal static string StepText(double steps) =>
        steps == 0
            ? "normal"
            : $"{(steps < 0 ? "−" : "+")}{DecimalText.Write(Math.Abs(steps))} step{(Math.Abs(steps) == 1 ? "" : "s")}";

    private static CardLine Foot(Pick pick) =>
        pick.Foot is { } foot
            ? new("foot", "Foot", foot.Name, "", pick.Options[0].Because)
            : new(
                "foot",
                "Foot",
                pick.Options[^1].Name,
                "none of yours fits",
                pick.Options[^1].Because
            );

    private static CardLine Needle(CardTechnique technique, CardAsk ask, Pick pick)
    {
        var needle = pick.Needle;
        var cloth = ask.Grams is { } grams
            ? $"For {DecimalText.Write(grams, 0)} g/m²{(technique.Bulky(ask) ? ", one size up for the layers" : "")}."
            : "Fabric weight unknown, so a medium size.";
        return new(
            "needle",
            "Needle",
            needle.Name,
            needle.Id.Length == 0 ? "not in your supplies" : "",
            ask.Needle is not null ? "As chosen."
                : technique.Twin && ask.Wants.Pair is not null
                    ? $"The twin needle that is planned. {cloth}"
                : technique.Twin
                    ? $"{(pick.Foot?.Is.GrooveWidth is { } groove ? $"The widest twin needle whose ridge stands in a groove of {Say.Mm(groove)}." : "A twin needle that suits the groove.")} {cloth}"
                : $"{cloth} {PointReason(needle.Is.Point)}"
        );
    }

    private static string PointReason(string? point) =>
        point switch
        {
            Drawer.Needle.Ballpoint or Drawer.Needle.Stretch =>
                "Its round point parts the loops of a knit.",
            Drawer.Needle.Sharp => "Its fine point keeps the line straight in a fine weave.",
            Drawer.Needle.Jeans => "Strong and sharp, for a dense, thick weave.",
            Drawer.Needle.Embroidery or Drawer.Needle.Topstitch =>
                "Its large eye spares the thread.",
            _ => "Its point suits most weaves.",
        };

    private static CardLine Threads(
        string key,
        string setting,
        ThreadWanted wanted,
        CardAsk ask,
        Owned<Thread>? chosen,
        Drawer.Needle? through = null
    )
    {
        var passing = ask
            .Drawer.Threads.Where(t => through is null || Fit.Rules.Eye.Passes(t.Is, through))
            .ToList();
        var thread =
            chosen
            ?? ThreadMatch.Best(passing, wanted, ask.Cloth?.Is)
            ?? ThreadMatch.Best(ask.Drawer.Threads, wanted, ask.Cloth?.Is);
        var seen =
            thread?.Is.Colour is { } colour && ask.Cloth?.Is.Colour is { } cloth
                ? ThreadMatch.Visible(Lab.Difference(colour.ToLab(), cloth.ToLab()))
                : "";
        return thread is null
            ? new(key, setting, wanted.Says, "", wanted.Because)
            : new(key, setting, thread.Name, seen, wanted.Because);
    }

    private static CardLine ElasticLine(CardTechnique technique, CardAsk ask)
    {
        var elastic = ask.Elastic ?? ThreadMatch.Best(ask.Drawer.Elastics, ask.Cloth?.Is);
        var name = elastic?.Name ?? "elastic thread, about 0.6 mm";
        if (technique.NeedsChainLooper)
        {
            return new(
                "looper-thread",
                "Looper thread",
                name,
                "",
                "Loose through its whole path, and never pulled up."
            );
        }
        var isThick = elastic?.Is.Diameter > ThreadMatch.Thick;
        return new(
            "bobbin-thread",
            "Bobbin thread",
            name,
            isThick ? "bobbin loosened" : "",
            isThick
                ? "Thick elastic needs the bobbin's screw opened: keep a second, marked case for it. Wind it one way and stay with it."
                : "Wind it one way and stay with it: how far it draws up belongs to how it was wound."
        );
    }

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

    private static CardLine Speed(CardTechnique technique, Machine machine)
    {
        var half =
            machine.Fastest is { } fastest && technique.Speed.Figure == "half"
                ? $"about {DecimalText.Write(fastest / 2, 0)} a minute"
                : "";
        return new(
            "speed",
            "Speed",
            technique.Speed.Figure == "half" ? "half of full" : technique.Speed.Figure,
            half,
            technique.Speed.Because
        );
    }

    private static string Owns(CardAsk ask, Setting wanted)
    {
        var known = ((ChoiceField)Drawer.Stabiliser.Described.Fields[0]).Choices.FirstOrDefault(k =>
            Plain(wanted.Figure).StartsWith(Plain(k.Name), StringComparison.Ordinal)
        );
        return
            known is null
            || ask.Drawer.Stabilisers.Count == 0
            || ask.Drawer.Stabilisers.Any(s => s.Is.Kind == known.Name)
            ? ""
            : "not in your supplies";

        static string Plain(string text) => text.Replace('-', ' ');
    }
}
