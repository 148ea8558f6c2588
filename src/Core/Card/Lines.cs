using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Card;

/// <summary>The lines of a card: one small function a line.</summary>
internal static partial class Lines
{
    /// <summary>Each line by itself, in the order in which they are set; what plays no part is left out.</summary>
    public static List<CardLine> Of(
        CardTechnique technique,
        CardInputs ask,
        StitchPlan plan,
        Length? length,
        Pick pick
    )
    {
        IEnumerable<CardLine?> lines =
        [
            Foot(pick),
            Needle(technique, ask, pick),
            ThreadLines.Above(technique, ask, pick),
            ThreadLines.Below(technique, ask),
            new("stitch", "Stitch", plan.Name, "", plan.Because),
            .. OnDisplay(ask.Wants),
            StitchLength(ask, plan, length),
            StitchWidth(ask, plan, pick),
            Position(technique, ask),
            Tension(technique, ask),
            Pressure(technique, ask.Machine.Is),
            FeedDogs(technique, ask.Machine.Is),
            Differential(technique, ask),
            Passes(ask),
            Speed(technique, ask.Machine.Is),
            Under(technique, ask),
            Presser(technique, ask),
            Plain("preparation", "Preparation", technique.Preparation),
            .. technique.More(ask),
            Starting(technique, ask),
            new(
                "hand-wheel",
                "Handwheel",
                "one full stitch",
                "",
                "After any change of foot, needle or width: if the needle can touch metal, do not sew."
            ),
        ];
        return [.. lines.OfType<CardLine>().Select(l => Heated(l, ask.Cloth?.Is))];
    }

    /// <summary>What the machine’s own display says of the stitch, where the plan has it.</summary>
    private static IEnumerable<CardLine> OnDisplay(Wants wants)
    {
        if (wants.Of(Wants.ProgramField) is { } number)
        {
            yield return new("program", "On the machine", number, "", "As its display has it.");
        }
        if (wants.Of(Wants.FootAskedField) is { } foot)
        {
            yield return new(
                "foot-asked",
                "The machine asks for",
                $"foot {foot}",
                "",
                "Its own foot for this stitch. Another that serves is turned through one whole stitch by hand first."
            );
        }
    }

    private static CardLine Plain(string key, string setting, Setting says, string dial = "") =>
        new(key, setting, says.Figure, dial, says.Because);

    private static CardLine StitchLength(CardInputs ask, StitchPlan plan, Length? length)
    {
        var machine = ask.Machine.Is;
        return new(
            "length",
            "Stitch length",
            length is { } l ? Say.Mm(l) : plan.LengthSays,
            DialCorrection.OfLength(ask, length)
                ?? (length == machine.LongestStitch && length is not null ? "longest" : ""),
            $"{plan.LengthBecause}{DialCorrection.RestsOn(machine.StitchDial, length, ask.Wants.DialledLength)}"
        );
    }

    private static CardLine? StitchWidth(CardInputs ask, StitchPlan plan, Pick pick) =>
        pick.Width > Length.Zero
            ? new(
                "width",
                "Stitch width",
                Say.Mm(pick.Width),
                DialCorrection.OfWidth(ask, pick.Width) ?? "",
                $"{plan.WidthBecause}{DialCorrection.RestsOn(ask.Machine.Is.WidthDial, pick.Width, ask.Wants.DialledWidth)}"
            )
            : null;

    /// <summary>An overlocker’s needles stand where they stand.</summary>
    private static CardLine? Position(CardTechnique technique, CardInputs ask) =>
        technique.NeedsOverlocker
            ? null
            : Plain(
                "needle-position",
                "Needle position",
                technique.Position,
                technique.Position.Figure != CardTechnique.Middle
                && ask.Machine.Is.NeedlePositions <= 1
                    ? "move the foot instead"
                    : ""
            );

    private static CardLine Tension(CardTechnique technique, CardInputs ask)
    {
        var dial = ask.Machine.Is.Dial;
        var steps = dial.Reachable(TensionOf(technique, ask));
        return new(
            "needle-tension",
            "Needle tension",
            StepText(steps),
            dial.Says(steps),
            ask.Wants.TensionSteps is null
                ? technique.TensionBecause
                : $"As planned. {technique.TensionBecause}"
        );
    }

    private static CardLine? Differential(CardTechnique technique, CardInputs ask)
    {
        if (technique.Differential is not { } ratio)
        {
            return null;
        }
        var (wanted, most) = (ask.Wants.Differential ?? ratio, ask.Machine.Is.GreatestDifferential);
        return new(
            "differential",
            "Differential feed",
            DecimalText.Write(Math.Min(wanted, most ?? wanted)),
            most <= wanted ? "highest" : "",
            "The front feed dogs push in more than the back ones take away."
        );
    }

    private static CardLine? Passes(CardInputs ask) =>
        ask.Wants.Passes > 1
            ? new(
                "passes",
                "Number of times over the same line",
                $"{ask.Wants.Passes}, over the same line",
                "",
                "Each gathers what the one before gathered; check each by its own number."
            )
            : null;

    /// <summary>What lies under it: what was chosen, or what is usual.</summary>
    private static CardLine? Under(CardTechnique technique, CardInputs ask)
    {
        var usual = technique.Stabiliser(ask);
        return ask.Stabiliser is { } chosen
                ? new(
                    "stabiliser",
                    "Stabiliser",
                    chosen.Name,
                    "",
                    usual is null
                        ? "As chosen."
                        : $"As chosen; usual here: {usual.Figure}. {usual.Because}"
                )
            : usual is null ? null
            : Plain("stabiliser", "Stabiliser", usual, Owns(ask, usual));
    }

    private static readonly Setting Chain = new(
        "a chain of a few stitches",
        "The loopers then hold the edge from the first stitch."
    );

    private static readonly Setting ThreadsHeld = new(
        "threads under and behind",
        "Hold both for the first few stitches so they aren’t pulled down."
    );

    private static CardLine Starting(CardTechnique technique, CardInputs ask) =>
        Plain(
            "start",
            "Starting",
            technique.Start ?? (technique.NeedsOverlocker ? Chain : ThreadsHeld),
            ask.Machine.Is.LockStitch == true && technique.Dense ? "lock stitch" : ""
        );

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
    private static double TensionOf(CardTechnique technique, CardInputs ask) =>
        ask.Wants.TensionSteps ?? technique.Tension(ask);

    /// <summary>What the machine makes harder, and what the cloth does not like.</summary>
    public static IEnumerable<Finding> Noticed(CardTechnique technique, CardInputs ask)
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

    private static CardLine Needle(CardTechnique technique, CardInputs ask, Pick pick)
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
            Supplies.Needle.Ballpoint or Supplies.Needle.Stretch =>
                "Its round point parts the loops of a knit.",
            Supplies.Needle.Sharp => "Its fine point keeps the line straight in a fine weave.",
            Supplies.Needle.Jeans => "Strong and sharp, for a dense, thick weave.",
            Supplies.Needle.Embroidery or Supplies.Needle.Topstitch =>
                "Its large eye spares the thread.",
            _ => "Its point suits most weaves.",
        };

    private static string Owns(CardInputs ask, Setting wanted)
    {
        var known = ((ChoiceField)Supplies.Stabiliser.Described.Fields[0]).Choices.FirstOrDefault(
            k => Plain(wanted.Figure).StartsWith(Plain(k.Name), StringComparison.Ordinal)
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
