using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>One tuck of a panel.</summary>
/// <param name="Number">From 1, from the left.</param>
/// <param name="Centre">Of the finished tuck, from the panel's left seam line.</param>
/// <param name="Flat">Of the same on the flat cloth, from the left seam line.</param>
/// <param name="Half">From there to either needle line, or from the fold to the stitching.</param>
internal sealed record Tuck(int Number, Length Centre, Length Flat, Length Half)
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
/// the flat cloth the i-th lies at xᵢ + (i − ½)·u, since i − ½ tucks are taken up before its middle.
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
        var half = ask.IsTwin ? ask.NeedleSpacing / 2 : ask.Depth;
        List<Tuck> tucks = [];
        for (var i = 1; i <= ask.Tucks; i++)
        {
            tucks.Add(new Tuck(i, centre, centre + (i - 0.5) * ask.TakeUp, half));
            centre += i <= gaps.Count ? gaps[i - 1] : Length.Zero;
        }
        return new TuckRun(tucks);
    }

    /// <summary>Centre to centre, from each tuck to the next.</summary>
    public static IReadOnlyList<Length> Gaps(PintucksInputs ask) =>
        [
            .. ask.Groups.SelectMany(
                (count, group) =>
                    Enumerable
                        .Repeat(ask.Spacing, count - 1)
                        .Concat(group < ask.Groups.Count - 1 ? [ask.GroupGap] : [])
            ),
        ];
}
