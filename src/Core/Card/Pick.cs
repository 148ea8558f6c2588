using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;

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
    private static readonly double[] UsualPairs = [4, 3, 2.5, 2, 1.6];

    /// <summary>The combination that the card recommends.</summary>
    public Combination Combination(CardAsk ask) =>
        new(
            ask.Machine,
            Foot,
            Needle,
            ask.Thread,
            ask.Cloth,
            CardWriter.SewingOf(Technique, ask, Width, Foot?.Is),
            ask.Drawer.Tried
        );

    /// <summary>Picks foot and needle together, because each has to clear the other.</summary>
    /// <param name="wanted">The stitch width that is wanted; down to the plan's least where no foot lets it through.</param>
    public static Pick For(CardTechnique technique, CardAsk ask, StitchPlan plan, Length wanted)
    {
        technique = technique with { Feet = technique.FeetFor?.Invoke(ask) ?? technique.Feet };
        var found = Candidates(technique, ask, wanted);
        var width = wanted;
        if (found.Count == 0 && plan.WidthLeast < wanted)
        {
            // Half a millimetre at a time, as dials step, down to the narrowest that serves.
            while (found.Count == 0 && width > plan.WidthLeast)
            {
                width = Length.Max(plan.WidthLeast, width - Length.FromMillimetres(0.5));
                found = Candidates(technique, ask, width);
            }
        }
        var best = found.Count > 0 ? found[0] : (Candidate?)null;
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
        var needle = best?.Needle ?? Needles(technique, ask, null).First();
        if (best is null || best.Value.Choice.Costs.Length > 0)
        {
            options.Add(Buy(technique, ask, wanted, needle));
        }
        return new Pick(technique, best?.Foot, needle, best is null ? wanted : width, options);
    }

    private static List<Candidate> Candidates(CardTechnique technique, CardAsk ask, Length width)
    {
        List<(Candidate Candidate, int Place, Verdict Verdict)> found = [];
        foreach (var foot in ask.Drawer.Feet)
        {
            var place = PlaceOf(technique, foot.Is.Kind);
            if (place < 0)
            {
                continue;
            }
            foreach (var needle in Needles(technique, ask, foot.Is))
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
                if (verdict != Verdict.No && HasAir(c))
                {
                    found.Add((new Candidate(foot, needle, technique.Feet[place]), place, verdict));
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

    /// <summary>
    /// Whether a pair of needles has the air that a single one must have. The rule for pairs asks for none; what is
    /// recommended leaves it.
    /// </summary>
    private static bool HasAir(Combination c)
    {
        if (
            c.Needle is not { Is: { IsTwin: true, Blade: { } blade } needle }
            || c.Note is { Clears: true }
        )
        {
            return true;
        }
        var takes = needle.TwinSpacing!.Value + c.Sewing.Width + blade + 2 * Fit.Rules.Strike.Air;
        return !(c.Foot?.Is.Opening is { } foot && Say.Over(takes, foot))
            && !(c.Machine?.Is.PlateOpening is { } plate && Say.Over(takes, plate));
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

    /// <summary>Needles to try with a foot, the best first: those that are owned, then one to look for.</summary>
    private static IEnumerable<Owned<Needle>> Needles(
        CardTechnique technique,
        CardAsk ask,
        Foot? foot
    )
    {
        var (from, to) = Sizes(technique, ask);
        var point = PointFor(technique, ask.Cloth?.Is);
        var owned = ask.Drawer.Needles.Where(n =>
            n.Is.IsTwin == technique.Twin
            && n.Is.Size is not null
            && n.Is.System is { } system
            && (ask.Machine.Is.NeedleSystem is null || ask.Machine.Is.NeedleSystem == system)
        );
        if (technique.Twin)
        {
            var groove = foot?.GrooveWidth;
            return owned
                .Where(n => groove is null || !Say.Over(n.Is.TwinSpacing!.Value, groove.Value))
                .OrderByDescending(n => n.Is.TwinSpacing!.Value)
                .Concat(
                    UsualPairs
                        .Where(s => groove is null ? s == 2 : s <= groove.Value.Millimetres + 1e-9)
                        .Select(s => Described(ask, point, from, s))
                );
        }
        return owned
            .Where(n => n.Is.Size >= from && n.Is.Size <= to && Suits(n.Is, point, ask.Cloth?.Is))
            .OrderBy(n => n.Is.Point == point ? 0 : 1)
            .ThenBy(n => Math.Abs(n.Is.Size!.Value - (from + to) / 2d))
            .Append(Described(ask, point, technique.Bulky(ask) ? to : from, 0));
    }

    /// <summary>The band for the cloth, raised where the thread needs a larger eye.</summary>
    private static (int From, int To) Sizes(CardTechnique technique, CardAsk ask)
    {
        var (from, to) =
            ask.Cloth?.Is.Weight is { } weight ? NeedleSize.For(weight, technique.Bulky(ask))
            : technique.Bulky(ask) ? (80, 100)
            : (80, 90);
        if (ask.Thread?.Is.Diameter is { } thick)
        {
            var eye = Fit.Rules.Eye.NeedleFor(thick);
            (from, to) = (Math.Max(from, eye), Math.Max(to, eye));
        }
        return (from, to);
    }

    private static string PointFor(CardTechnique technique, Cloth? cloth) =>
        cloth?.Build == Cloth.Knit
            ? cloth.Stretch >= 25
                ? Drawer.Needle.Stretch
                : Drawer.Needle.Ballpoint
            : technique.Point is { } wanted
                ? wanted
                : cloth?.Weight?.GramsPerSquareMetre is < 80
                    ? Drawer.Needle.Sharp
                    : cloth?.Weight?.GramsPerSquareMetre is > 300
                        ? Drawer.Needle.Jeans
                        : Drawer.Needle.Universal;

    /// <summary>Whether a point serves in place of the best one.</summary>
    private static bool Suits(Drawer.Needle needle, string best, Cloth? cloth) =>
        needle.Point == best
        || (
            needle.Point
                is Drawer.Needle.Universal
                    or Drawer.Needle.Sharp
                    or Drawer.Needle.Embroidery
                    or Drawer.Needle.Topstitch
            && cloth?.Build != Cloth.Knit
        )
        || (
            cloth?.Build == Cloth.Knit
            && needle.Point is Drawer.Needle.Ballpoint or Drawer.Needle.Stretch
        );

    private static Owned<Needle> Described(CardAsk ask, string point, int size, double spacing)
    {
        var pair = spacing > 0;
        var name = pair ? $"twin {DecimalText.Write(spacing)}, size {size}" : $"{point} {size}";
        return new Owned<Needle>(
            "",
            name,
            new Drawer.Needle(
                ask.Machine.Is.NeedleSystem,
                size,
                pair ? Drawer.Needle.Universal : point,
                Length.FromMillimetres(spacing)
            )
        );
    }

    private static FootOption Option(string rank, Candidate c) =>
        new(rank, c.Foot.Id, c.Foot.Name, c.Choice.Because, c.Choice.Costs);

    private static FootOption Buy(
        CardTechnique technique,
        CardAsk ask,
        Length width,
        Owned<Needle> needle
    )
    {
        var machine = ask.Machine.Is;
        var blade = needle.Is.Blade ?? Length.FromMillimetres(0.9);
        var opening =
            width + (needle.Is.TwinSpacing ?? Length.Zero) + blade + 2 * Fit.Rules.Strike.Air;
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
