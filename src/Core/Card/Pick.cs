using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Card;

/// <summary>The foot and the needle for a card: the best that are owned and go together.</summary>
/// <param name="Foot">Null when no owned foot serves.</param>
/// <param name="Needle">One that is owned, or described with an empty id when none serves.</param>
/// <param name="Width">The stitch width that foot and needle let through.</param>
/// <param name="Options">The foot to take, the next best, or what to look for.</param>
internal sealed record Pick(
    CardTechnique Technique,
    Owned<Foot>? Foot,
    Owned<Needle> Needle,
    Length Width,
    IReadOnlyList<FootOption> Options
)
{
    /// <summary>The combination that the card recommends.</summary>
    public Combination Combination(CardInputs ask) =>
        new(
            ask.Machine,
            Foot,
            Needle,
            ask.Thread,
            ask.Cloth,
            CardWriter.SewingOf(Technique, ask, Width, Foot?.Is),
            ask.Drawer.Tried
        );

    /// <summary>
    /// Picks foot and needle together, because each has to clear the other. What was chosen is taken as it is; what the card would
    /// rather have stands beside it.
    /// </summary>
    /// <param name="wanted">The stitch width that is wanted; down to the plan's least where no foot lets it through.</param>
    public static Pick For(CardTechnique technique, CardInputs ask, StitchPlan plan, Length wanted)
    {
        technique = technique with { Feet = technique.FeetFor?.Invoke(ask) ?? technique.Feet };
        // Half a millimetre at a time, as dials step, down to the narrowest that serves.
        var width = wanted;
        var found = Candidates(technique, ask, width);
        while (found.Count == 0 && width > plan.WidthLeast)
        {
            width = Length.Max(plan.WidthLeast, width - Length.FromMillimetres(0.5));
            found = Candidates(technique, ask, width);
        }
        var best = found.Count > 0 ? found[0] : (Candidate?)null;
        if (ask.Foot is not null || ask.Needle is not null)
        {
            return Chosen(technique, ask, plan, wanted, best, width);
        }
        List<FootOption> options = [];
        if (best is { } first)
        {
            options.Add(Option("best", first));
            var next = found.FirstOrDefault(c => c.Foot.Id != first.Foot.Id);
            if (next.Foot is not null)
            {
                options.Add(Option("next", next));
            }
        }
        var needle = best?.Needle ?? NeedlePick.For(technique, ask, null).First();
        if (best is null || best.Value.Choice.Costs.Length > 0)
        {
            options.Add(Buy(technique, ask, wanted, needle));
        }
        return new Pick(
            technique,
            best?.Foot,
            needle,
            best is null ? PastPlate(technique, ask, needle, wanted) : width,
            options
        );
    }

    /// <summary>Without a foot it is the plate alone that bounds the stitch.</summary>
    private static Length PastPlate(
        CardTechnique technique,
        CardInputs ask,
        Owned<Needle> needle,
        Length wanted
    ) =>
        Clearance.Widest(
            new Combination(
                ask.Machine,
                Needle: needle,
                For: CardWriter.SewingOf(technique, ask, wanted)
            )
        )
            is { } safe
            ? Length.Min(wanted, safe)
            : wanted;

    /// <summary>With a foot or a needle that was chosen, whether it serves or not.</summary>
    private static Pick Chosen(
        CardTechnique technique,
        CardInputs ask,
        StitchPlan plan,
        Length wanted,
        Candidate? best,
        Length width
    )
    {
        var rather = For(technique, ask with { Foot = null, Needle = null }, plan, wanted);
        var foot = ask.Foot ?? best?.Foot ?? rather.Foot;
        var needle = ask.Needle ?? best?.Needle ?? NeedlePick.For(technique, ask, foot?.Is).First();
        List<FootOption> options = [];
        if (foot is not null)
        {
            var place = PlaceOf(technique, foot.Is.Kind);
            options.Add(
                place < 0
                    ? new FootOption("chosen", foot.Id, foot.Name, "As chosen.", "")
                    : Option("chosen", new Candidate(foot, needle, technique.Feet[place]))
            );
        }
        options.AddRange(rather.Options.Where(o => o.Id.Length == 0 || o.Id != foot?.Id));
        return new Pick(technique, foot, needle, best is null ? plan.WidthLeast : width, options)
        {
            Rather = rather,
        };
    }

    /// <summary>What the card would take, where something else was chosen.</summary>
    public Pick? Rather { get; private init; }

    /// <summary>What was chosen and does not belong to this technique at all; what does not go together, the rules say.</summary>
    public IEnumerable<Finding> Misfits(CardInputs ask)
    {
        if (ask.Foot is { } foot && PlaceOf(Technique, foot.Is.Kind) < 0)
        {
            yield return Finding.Care(
                "foot-for-another",
                $"{foot.Name} is not a foot for this.",
                $"What serves here: {string.Join(", ", Technique.Feet.SelectMany(f => f.Kinds).Distinct().Select(FootKinds.Label))}. {Technique.Feet[0].Because}",
                Rather?.Foot is { } other
                    ? $"Take {other.Name}."
                    : $"No foot of your supplies serves; look for a {FootKinds.Label(Technique.Feet[0].Kinds[0])} foot.",
                Rather?.Foot is { Id.Length: > 0 } cure ? new Cure("foot", cure.Id) : null
            );
        }
        if (ask.Needle is { } needle && needle.Is.IsTwin != Technique.Twin)
        {
            yield return Finding.Stop(
                "needle-for-another",
                Technique.Twin
                    ? $"{needle.Name} is one needle, and this is sewn with a twin needle."
                    : $"{needle.Name} is a twin needle, and this is sewn with one needle.",
                Technique.Twin
                    ? "Two lines of stitching side by side pull the ridge up between them."
                    : "A twin needle would sew two lines, and strike where there is room for one needle.",
                Rather is { } other ? $"Take {other.Needle.Name}." : "Take another needle.",
                Rather?.Needle is { Id.Length: > 0 } cure ? new Cure("needle", cure.Id) : null
            );
        }
    }

    private static List<Candidate> Candidates(CardTechnique technique, CardInputs ask, Length width)
    {
        List<(Candidate Candidate, int Place, Verdict Verdict)> found = [];
        foreach (var foot in ask.Foot is { } only ? [only] : ask.Drawer.Feet)
        {
            var place = PlaceOf(technique, foot.Is.Kind);
            if (place < 0 && ask.Foot is null)
            {
                continue;
            }
            foreach (var needle in NeedlePick.For(technique, ask, foot.Is))
            {
                var c = new Combination(
                    ask.Machine,
                    foot,
                    needle,
                    ask.Thread,
                    ask.Cloth,
                    CardWriter.SewingOf(technique, ask, width, foot.Is),
                    ask.Drawer.Tried
                );
                var (verdict, _) = Fitting.Glance(c);
                if (verdict != Verdict.No)
                {
                    found.Add(
                        (
                            new Candidate(foot, needle, technique.Feet[Math.Max(0, place)]),
                            place,
                            verdict
                        )
                    );
                    break;
                }
            }
        }
        return
        [
            .. found
                .OrderBy(f => f.Place)
                // A foot of which enough is known comes before a stranger that may suit the cloth better.
                .ThenBy(f => f.Verdict)
                .ThenBy(f => technique.Rank(ask, f.Candidate.Foot.Is))
                .ThenBy(f =>
                    ask.Drawer.Tried.Any(t =>
                        t.Clears && t.Foot == f.Candidate.Foot.Id && t.Machine == ask.Machine.Id
                    )
                        ? 0
                        : 1
                )
                .ThenBy(f => f.Candidate.Foot.Name, StringComparer.Ordinal)
                .Select(f => f.Candidate),
        ];
    }

    private static int PlaceOf(CardTechnique technique, string? kind)
    {
        for (var i = 0; i < technique.Feet.Count; i++)
        {
            if (kind is not null && technique.Feet[i].Kinds.Contains(kind))
            {
                return i;
            }
        }
        return -1;
    }

    private static FootOption Option(string rank, Candidate c) =>
        new(rank, c.Foot.Id, c.Foot.Name, c.Choice.Because, c.Choice.Costs);

    private static FootOption Buy(
        CardTechnique technique,
        CardInputs ask,
        Length width,
        Owned<Needle> needle
    )
    {
        var machine = ask.Machine.Is;
        var blade = needle.Is.Blade ?? Length.FromMillimetres(0.9);
        var pair = needle.Is.TwinSpacing ?? Length.Zero;
        var sewing = CardWriter.SewingOf(technique, ask, width);
        // Beside a cord the needle stands as far out as that is thick.
        var offset =
            sewing.Offset > Length.Zero && technique.BuildUp(ask) is { } cord
                ? Length.Max(sewing.Offset, cord / 2 + (ask.Cloth?.Is.Thickness ?? Length.Zero))
                : sewing.Offset;
        var opening = width + pair + blade + 2 * (Clearance.Air(pair) + offset);
        var mount =
            machine.Mounts.Count == 0
                ? "a mount that fits the machine"
                : $"{string.Join(" or ", machine.Mounts.Select(m => MountChoices.All.First(x => x.Name == m).Label))} mount";
        var also = technique.BuyAlso(ask);
        return new FootOption(
            "buy",
            "",
            $"{FootKinds.Label(technique.Feet[0].Kinds[0])} foot",
            $"Look for: {mount}, an opening of at least {Say.Mm(opening)}{(also.Length > 0 ? ", " + also : "")}.",
            ""
        );
    }

    private readonly record struct Candidate(
        Owned<Foot> Foot,
        Owned<Needle> Needle,
        FootChoice Choice
    );
}
