using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Card;

/// <summary>Writes the card of a technique for a machine, a cloth and what is in the drawer.</summary>
/// <remarks>
/// The technique says what it wants, the machine what it can, and <see cref="Fitting"/> what goes together: the card
/// recommends nothing that a rule stops, and no figure outside the machine's range.
/// </remarks>
public static class CardWriter
{
    /// <summary>Writes a card.</summary>
    public static SettingsCard Write(CardTechnique any, CardInputs ask)
    {
        var technique = any.As?.Invoke(ask) ?? any;
        if (technique.ByHand is [_, ..] hand)
        {
            return new SettingsCard(
                technique.Name,
                technique.Title,
                "",
                true,
                hand,
                [],
                [],
                technique.Alternatives,
                technique.Checks,
                []
            )
            {
                Findings = [],
            };
        }
        var plan = technique.Stitch(ask);
        var machine = ask.Machine.Is;
        List<Finding> findings = [];
        var stops = Cannot(technique, ask, plan);
        if (stops.Count > 0)
        {
            return Impossible(technique, ask, stops);
        }
        var length = LengthOn(machine, plan, findings);
        var wanted = WidthOn(machine, plan, findings);
        var pick = Pick.For(technique, ask, plan, wanted);
        if (pick.Width < wanted)
        {
            findings.Add(
                Finding.Care(
                    "narrower",
                    $"{pick.Foot?.Name ?? "The plate"} lets a stitch of {Say.Mm(pick.Width)} through, and {Say.Mm(wanted)} would be better.",
                    plan.WidthBecause,
                    "Keep to the narrower stitch here, or find a foot with a wider opening."
                )
            );
        }
        var together = Fitting.Of(pick.Combination(ask));
        findings.AddRange(pick.Misfits(ask));
        findings.AddRange(together.Findings.Where(f => f.Code != "hand-wheel"));
        findings.AddRange(Lines.Noticed(technique, ask));
        var lines = Lines.Of(technique, ask, plan, length, pick);
        return new SettingsCard(
            technique.Name,
            technique.Title,
            ask.Machine.Name,
            true,
            lines,
            pick.Options,
            technique.HasRows ? Guides.Of(ask, pick) : [],
            technique.Alternatives,
            technique.Checks,
            [.. together.Unchecked.Select(u => u.Says).Distinct()]
        )
        {
            Findings = Finding.GravestFirst(findings),
        };
    }

    /// <summary>What a technique wants of a machine and a cloth, before anything else is known of the piece.</summary>
    public static Sewing Wanted(
        CardTechnique technique,
        Owned<Machine>? machine,
        Owned<Cloth>? cloth,
        Ruler ruler
    )
    {
        var wants = new Wants(new InputReader(RawInputs.Empty, ruler), technique);
        var ask = new CardInputs(
            machine ?? new Owned<Machine>("", "your machine", Machine.Unknown),
            DrawerContents.Empty,
            cloth,
            null,
            null,
            wants,
            ruler
        );
        return SewingOf(technique, ask, technique.Stitch(ask).WidthLeast);
    }

    /// <summary>What a technique asks of a machine, at a width.</summary>
    internal static Sewing SewingOf(
        CardTechnique technique,
        CardInputs ask,
        Length width,
        Foot? foot = null
    ) =>
        new(
            width,
            // A zipper foot moves along its bar, and the needle stays in its notch.
            ask.Machine.Is.NeedlePositions > 1
            && foot?.Kind != FootKinds.Zipper
                ? technique.Offset
                : Length.Zero,
            FeedDogsDown: technique.FeedDogsDown,
            Layers: ask.Cloth?.Is.Thickness is { } thick ? thick * ask.Wants.Layers : null,
            Bulky: technique.Bulky(ask),
            BuildUp: technique.BuildUp(ask),
            ChainLooper: technique.NeedsChainLooper,
            Differential: technique.Differential,
            Programmed: technique.NeedsProgram
        );

    private static List<Finding> Cannot(CardTechnique technique, CardInputs ask, StitchPlan plan)
    {
        var machine = ask.Machine;
        if (technique.NeedsOverlocker != machine.Is.IsOverlocker && machine.Is.Kind is not null)
        {
            return
            [
                Finding.Stop(
                    "wrong-machine",
                    technique.NeedsOverlocker
                        ? $"{machine.Name} isn’t an overlocker."
                        : $"{machine.Name} is an overlocker.",
                    technique.NeedsChainLooper
                            ? "The elastic is laid by the looper of a chain stitch."
                        : technique.NeedsOverlocker
                            ? "The gathers are made by feed dogs that run at two speeds, and wrapped by loopers."
                        : "It trims as it sews, and has no bobbin and no free stitch.",
                    technique.Instead
                ),
            ];
        }
        var needle = new Owned<Needle>(
            "",
            technique.Twin ? "twin-needle pintucks" : "a needle",
            new Needle(null, 80, null, Length.FromMillimetres(technique.Twin ? 1.6 : 0))
        );
        var alone = Fitting.Of(
            new Combination(
                ask.Machine,
                Needle: needle,
                For: SewingOf(technique, ask, plan.WidthLeast)
            )
        );
        return [.. alone.Findings.Where(f => f.Severity == Severity.Stop)];
    }

    private static SettingsCard Impossible(
        CardTechnique technique,
        CardInputs ask,
        List<Finding> stops
    ) =>
        new(
            technique.Name,
            technique.Title,
            ask.Machine.Name,
            false,
            [
                new CardLine(
                    "instead",
                    "Instead",
                    technique.Instead,
                    "",
                    $"{ask.Machine.Name} cannot sew this."
                ),
            ],
            [],
            [],
            technique.Alternatives,
            [],
            []
        )
        {
            Findings = stops,
        };

    /// <summary>The stitch length that the machine makes, nearest to the one that is wanted.</summary>
    private static Length? LengthOn(Machine machine, StitchPlan plan, List<Finding> findings)
    {
        if (plan.LengthWanted is not { } wanted)
        {
            return null;
        }
        var length = wanted;
        if (machine.LongestStitch is { } longest)
        {
            length = Length.Min(length, longest);
        }
        if (machine.ShortestStitch is { } shortest)
        {
            length = Length.Max(length, shortest);
        }
        if (length != wanted)
        {
            findings.Add(
                Finding.Care(
                    length < wanted ? "stitch-beyond-machine" : "stitch-below-machine",
                    $"A stitch of {Say.Mm(wanted)} would be right, and this machine makes {Say.Mm(length)} at {(length < wanted ? "most" : "least")}.",
                    plan.LengthBecause,
                    length < wanted
                        ? "Sew at its longest, loosen the needle tension one more step, and let the swatch decide."
                        : "Sew at its shortest, and let the swatch decide."
                )
            );
        }
        return length;
    }

    private static Length WidthOn(Machine machine, StitchPlan plan, List<Finding> findings)
    {
        if (machine.WidestStitch is not { } widest || !Say.Over(plan.WidthWanted, widest))
        {
            return plan.WidthWanted;
        }
        findings.Add(
            Finding.Care(
                "narrower",
                $"{Say.Mm(plan.WidthWanted)} wide would be better; this machine makes {Say.Mm(widest)} at most.",
                plan.WidthBecause,
                "Keep to its widest stitch."
            )
        );
        return widest;
    }
}
