using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Card;

/// <summary>Which needles to try for a technique: by the cloth its size and point, and one up where layers ask for it.</summary>
internal static class NeedlePick
{
    private static readonly double[] UsualPairs = [4, 3, 2.5, 2, 1.6];

    /// <summary>Needles to try with a foot, the best first: the chosen one, else those that are owned, then one to look for.</summary>
    public static IEnumerable<Owned<Needle>> For(
        CardTechnique technique,
        CardInputs ask,
        Foot? foot
    )
    {
        if (ask.Needle is { } chosen)
        {
            return [chosen];
        }
        var (from, to) = ask.Cloth?.Is.Weight is { } weight ? NeedleSize.For(weight) : (80, 90);
        // What the thread needs of the eye comes on top of what the layers ask for, not before it.
        var eye = ask.Thread?.Is.Diameter is { } thick ? Fit.Rules.Eye.NeedleFor(thick) : from;
        var point = PointFor(technique, ask.Cloth?.Is);
        var owned = ask.Drawer.Needles.Where(n =>
            n.Is.IsTwin == technique.Twin
            && n.Is.Size is not null
            && n.Is.System is { } system
            && (ask.Machine.Is.NeedleSystem is null || ask.Machine.Is.NeedleSystem == system)
        );
        if (technique.Twin)
        {
            // The plan is reckoned with one pair, and that is what is set.
            if (ask.Wants.Pair is { } planned)
            {
                return owned
                    .Where(n =>
                        Length.Difference(n.Is.TwinSpacing!.Value, planned).Millimetres < 0.01
                    )
                    .Append(Described(ask, point, Math.Max(from, eye), planned.Millimetres));
            }
            var groove = foot?.GrooveAtMost;
            return owned
                .Where(n => groove is null || !Say.Over(n.Is.TwinSpacing!.Value, groove.Value))
                .OrderByDescending(n => n.Is.TwinSpacing!.Value)
                .Concat(
                    UsualPairs
                        .Where(s => groove is null ? s == 2 : s <= groove.Value.Millimetres + 1e-9)
                        // The closest pair there is, where none is close enough: the rules then say so.
                        .DefaultIfEmpty(UsualPairs[^1])
                        .Select(s => Described(ask, point, Math.Max(from, eye), s))
                );
        }
        var suiting = owned.Where(n => Suits(n.Is, point, ask.Cloth?.Is)).ToList();
        if (technique.Bulky(ask))
        {
            from = to = OneUp(suiting, from, to);
        }
        (from, to) = (Math.Max(from, eye), Math.Max(to, eye));
        return suiting
            .Where(n => n.Is.Size >= from && n.Is.Size <= to)
            .OrderBy(n => n.Is.Point == point ? 0 : 1)
            .ThenBy(n => Math.Abs(n.Is.Size!.Value - (from + to) / 2d))
            .ThenBy(n => n.Is.Size)
            .Append(Described(ask, point, from, 0));
    }

    /// <summary>For layers or bulk the next size of the drawer above what one layer takes: one up, and never more.</summary>
    private static int OneUp(IReadOnlyList<Owned<Needle>> suiting, int from, int to)
    {
        var sizes = suiting.Select(n => n.Is.Size!.Value).Distinct().Order().ToList();
        var one = sizes
            .Where(s => s >= from && s <= to)
            .OrderBy(s => Math.Abs(s - (from + to) / 2d))
            .ThenBy(s => s)
            .FirstOrDefault(from);
        return sizes.Where(s => s > one && s <= one + 10).FirstOrDefault(one + 10);
    }

    private static string PointFor(CardTechnique technique, Cloth? cloth) =>
        cloth?.Build == Cloth.Knit
            ? cloth.Stretch >= 25
                ? Supplies.Needle.Stretch
                : Supplies.Needle.Ballpoint
            : technique.Point is { } wanted
                ? wanted
                : cloth?.Weight?.GramsPerSquareMetre is < 80
                    ? Supplies.Needle.Sharp
                    : cloth?.Weight?.GramsPerSquareMetre is > 300
                        ? Supplies.Needle.Jeans
                        : Supplies.Needle.Universal;

    /// <summary>Whether a point serves in place of the best one.</summary>
    private static bool Suits(Supplies.Needle needle, string best, Cloth? cloth) =>
        needle.Point == best
        || (
            needle.Point
                is Supplies.Needle.Universal
                    or Supplies.Needle.Sharp
                    or Supplies.Needle.Embroidery
                    or Supplies.Needle.Topstitch
            && cloth?.Build != Cloth.Knit
        )
        || (
            cloth?.Build == Cloth.Knit
            && needle.Point is Supplies.Needle.Ballpoint or Supplies.Needle.Stretch
        );

    private static Owned<Needle> Described(CardInputs ask, string point, int size, double spacing)
    {
        var pair = spacing > 0;
        var name = pair ? $"twin {DecimalText.Write(spacing)}, size {size}" : $"{point} {size}";
        return new Owned<Needle>(
            "",
            name,
            new Supplies.Needle(
                ask.Machine.Is.NeedleSystem,
                size,
                pair ? Supplies.Needle.Universal : point,
                Length.FromMillimetres(spacing)
            )
        );
    }
}
