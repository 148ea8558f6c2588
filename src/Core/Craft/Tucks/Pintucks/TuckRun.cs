using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>Tucks that lie together.</summary>
/// <param name="Spacing">From one to the next, finished.</param>
/// <param name="Wide">From needle to needle, or how deep each fold is.</param>
internal sealed record TuckGroup(int Count, Length Spacing, Length Wide);

/// <summary>One tuck of a panel.</summary>
/// <param name="Number">From 1, from the left.</param>
/// <param name="Centre">Of the finished tuck, from the panel's left seam line.</param>
/// <param name="Flat">Of the same on the flat cloth, from the left seam line.</param>
/// <param name="Half">From there to either needle line, or from the fold to the stitching.</param>
/// <param name="TakeUp">What it takes up, as planned.</param>
internal sealed record Tuck(int Number, Length Centre, Length Flat, Length Half, Length TakeUp)
{
    public Length Left => Flat - Half;

    public Length Right => Flat + Half;
}

/// <summary>The lines of a tuck on the flat cloth, from the left cut edge.</summary>
/// <param name="Left">The left needle line, or the left stitching line of a fold.</param>
/// <param name="Centre">Its middle, or the fold.</param>
internal sealed record TuckMarks(int Number, Length Left, Length Centre, Length Right);

/// <summary>Where the tucks lie, finished and flat, with what was re-spaced on the way.</summary>
/// <remarks>
/// Centres are evenly spaced, wider between groups, and the whole run is centred in the panel: firstCentre = (P − span)/2. On
/// the flat cloth the i-th lies at xᵢ + (i − ½)·u, since i − ½ tucks are taken up before its middle; where groups differ, at
/// xᵢ + Σ u of those before it + ½·u of its own.
/// </remarks>
internal sealed record TuckRun(IReadOnlyList<Tuck> Tucks)
{
    public Length Span => Tucks[^1].Centre - Tucks[0].Centre;

    public Length FirstCentre => Tucks[0].Centre;

    /// <summary>Lays the tucks out as they are planned.</summary>
    public static TuckRun Of(PintucksInputs ask)
    {
        var gaps = Gaps(ask);
        var span = gaps.Sum();
        var centre = (ask.PanelWidth - span) / 2;
        List<Tuck> tucks = [];
        var (number, taken) = (0, Length.Zero);
        foreach (var group in ask.Each)
        {
            var u = ask.TakeUpOf(group.Wide);
            for (var i = 1; i <= group.Count; i++)
            {
                tucks.Add(
                    new Tuck(
                        ++number,
                        centre,
                        centre + taken + (i - 0.5) * u,
                        ask.IsTwin ? group.Wide / 2 : group.Wide,
                        u
                    )
                );
                centre += number <= gaps.Count ? gaps[number - 1] : Length.Zero;
            }
            taken += group.Count * u;
        }
        return new TuckRun(tucks);
    }

    /// <summary>Centre to centre, from each tuck to the next.</summary>
    public static IReadOnlyList<Length> Gaps(PintucksInputs ask) =>
        [
            .. ask.Each.SelectMany(
                (group, i) =>
                    Enumerable
                        .Repeat(group.Spacing, group.Count - 1)
                        .Concat(i < ask.Each.Count - 1 ? [ask.GroupGap] : [])
            ),
        ];
}
