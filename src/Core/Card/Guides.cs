using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Card;

/// <summary>Row gaps that can be guided without marking: by the edges of the sole, by grooves, with the needle moved.</summary>
internal static class Guides
{
    private const int Most = 12;
    private static readonly Length Least = Length.FromMillimetres(0.5);

    /// <summary>The gaps of the picked foot, or of every foot that serves, the nearest to the wanted one first; without a wish, the narrowest first.</summary>
    /// <remarks>
    /// An edge of the sole runs along the last row, so the gap is that edge's distance from the needle; and where rows are wide,
    /// half of the row before beside it, since the edge runs along its side. A needle moved towards an edge comes nearer to it,
    /// and goes as much further from the other.
    /// </remarks>
    public static IReadOnlyList<Guide> Of(CardInputs ask, Pick pick)
    {
        List<(Length Gap, string Says)> gaps = [];
        if (pick.Technique.GuidedByAnyFoot)
        {
            foreach (var foot in ask.Drawer.Feet)
            {
                var with = pick with { Foot = foot };
                if (
                    foot.Is.HasGrooves
                    || Fitting.Glance(with.Combination(ask)).Verdict == Verdict.No
                )
                {
                    continue;
                }
                gaps.AddRange(
                    Edges(foot.Is, pick.Width / 2, [Length.Zero])
                        .Select(g => (g.Gap, $"{foot.Name}, {g.Says}"))
                );
            }
        }
        else if (pick.Foot is { Is: var foot })
        {
            gaps.AddRange(Grooves(foot));
            gaps.AddRange(Edges(foot, Length.Zero, [.. Shifts(ask, pick)]));
        }
        var wanted = ask.Wants.RowGap;
        return
        [
            .. gaps.Where(g => g.Gap >= Least)
                .OrderBy(g =>
                    wanted is { } w ? Length.Difference(g.Gap, w).Millimetres : g.Gap.Millimetres
                )
                .ThenBy(g => g.Says.Length)
                .DistinctBy(g => Math.Round(g.Gap.Millimetres, 2))
                .Take(Most)
                .Select(g => new Guide(
                    g.Gap,
                    g.Says,
                    wanted is { } w ? Length.Difference(g.Gap, w) : null
                )),
        ];
    }

    /// <summary>The last row in a groove beside the needle's.</summary>
    private static IEnumerable<(Length Gap, string Says)> Grooves(Foot foot)
    {
        if (foot.GroovePitch is not { } pitch || !foot.HasGrooves)
        {
            yield break;
        }
        var last = Math.Max(1, (foot.Grooves ?? 3) - 1);
        for (var k = 1; k <= Math.Min(3, last); k++)
        {
            yield return (
                pitch * k,
                k == 1 ? "the last row in the next groove" : $"the last row {k} grooves away"
            );
        }
    }

    /// <summary>An edge of the sole along the last row, with the needle where it is and moved.</summary>
    /// <param name="row">Half of the row before.</param>
    private static IEnumerable<(Length Gap, string Says)> Edges(
        Foot foot,
        Length row,
        IReadOnlyList<Length> shifts
    )
    {
        foreach (var shift in shifts)
        {
            var needle =
                shift == Length.Zero
                    ? ""
                    : $", needle {Say.Mm(shift < Length.Zero ? -shift : shift)} {(shift < Length.Zero ? "left" : "right")}";
            if (foot.SoleLeft is { } left)
            {
                yield return (
                    left + shift + row,
                    $"left edge of the sole along the last row{needle}"
                );
            }
            if (foot.SoleRight is { } right)
            {
                yield return (
                    right - shift + row,
                    $"right edge of the sole along the last row{needle}"
                );
            }
        }
    }

    /// <summary>Needle positions that clear the foot and the plate, the middle first.</summary>
    private static IEnumerable<Length> Shifts(CardInputs ask, Pick pick)
    {
        yield return Length.Zero;
        if (
            pick.Technique.Twin
            || pick.Width > Length.Zero
            || ask.Machine.Is
                is not { NeedlePositions: > 2 and var positions, NeedleShift: { } far }
        )
        {
            yield break;
        }
        var each = far * 2 / (positions - 1);
        for (var i = 1; i <= (positions - 1) / 2; i++)
        {
            foreach (var shift in new[] { each * i, -(each * i) })
            {
                var moved = pick.Combination(ask);
                moved = moved with { For = moved.Sewing with { Offset = each * i } };
                if (Fitting.Glance(moved).Verdict != Verdict.No)
                {
                    yield return shift;
                }
            }
        }
    }
}
