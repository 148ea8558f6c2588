using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Fit;

/// <summary>The room that a needle, or a pair, has between metal: in the foot's opening and in the plate's.</summary>
/// <remarks>
/// With w the width of the stitch, p the spacing of a pair (0 for one needle) and NM the needle's size, the needle reaches
/// (w + p)/2 + NM/200 + air to the side from the middle of its swing. Air is 0.3 mm for one needle and 0.4 mm for a pair, which flexes
/// (workshop rule). One needle that does not swing stands in the middle of whatever hole its plate has.
/// </remarks>
public static class Clearance
{
    private static readonly Length AirOfOne = Length.FromMillimetres(0.3);
    private static readonly Length AirOfPair = Length.FromMillimetres(0.4);

    /// <summary>What dials step by where nobody knows better.</summary>
    private static readonly Length Step = Length.FromMillimetres(0.5);

    /// <summary>The air that is left on either side.</summary>
    public static Length Air(Length pair) => pair > Length.Zero ? AirOfPair : AirOfOne;

    /// <summary>
    /// The greatest safe width: min(machine − p, 2 · (nearest half opening − NM/200 − air − offset) − p), down to half a millimetre as
    /// dials step.
    /// </summary>
    /// <param name="machine">The widest stitch of the machine; null when not known.</param>
    /// <param name="openings">Of the foot and of the plate; null for what is not known.</param>
    /// <param name="pair">Zero for one needle.</param>
    /// <param name="offset">How far from the middle the needle stands.</param>
    /// <returns>Null where nothing is known, or where not even a straight stitch is safe.</returns>
    public static Length? Widest(
        Length? machine,
        IEnumerable<Length?> openings,
        Length blade,
        Length pair = default,
        Length offset = default
    )
    {
        var most = openings
            .OfType<Length>()
            .Select(o => o - blade - 2 * (Air(pair) + offset) - pair)
            .Concat(machine is { } widest ? [widest - pair] : Array.Empty<Length>())
            .Cast<Length?>()
            .Min();
        return most is { } safe && !Say.Over(Length.Zero, safe) ? Rounding.Down(safe, Step) : null;
    }

    /// <summary>The greatest safe width of what is used together; null where nothing is known or nothing is safe.</summary>
    public static Length? Widest(Combination c)
    {
        if (c.Needle?.Is is not { Blade: { } blade } needle)
        {
            return null;
        }
        var straight = c with { For = c.Sewing with { Width = Length.Zero } };
        return Widest(
                c.Machine?.Is.WidestStitch,
                [c.Foot?.Is.Opening, c.Machine?.Is.PlateOpening],
                blade,
                PairOf(needle),
                c.Sewing.Offset
            ) ?? (!needle.IsTwin && Look(straight) == RuleOutcome.Well ? Length.Zero : null);
    }

    /// <summary>How far the needle reaches from the middle, with its air. The needle's size has to be known.</summary>
    internal static Length Reach(Combination c)
    {
        var needle = c.Needle!.Is;
        var pair = PairOf(needle);
        return (c.Sewing.Width + pair + needle.Blade!.Value) / 2 + Air(pair) + c.Sewing.Offset;
    }

    /// <summary>Whether it clears the foot and the plate; not asked where neither is there.</summary>
    internal static RuleOutcome Look(Combination c)
    {
        var openings = Openings(c).ToList();
        if (openings.Count == 0 || c.Needle is not { Is: var needle })
        {
            // Without a needle it can still be said that the opening is not known.
            return openings.Any(o => o is null) && c.Foot is not null
                ? RuleOutcome.Unknown
                : RuleOutcome.NotAsked;
        }
        if (needle.Blade is null)
        {
            return RuleOutcome.Unknown;
        }
        var reach = Reach(c);
        return openings.Any(o => o is { } wide && Say.Over(reach, wide / 2)) ? RuleOutcome.Stop
            : openings.Contains(null) ? RuleOutcome.Unknown
            : RuleOutcome.Well;
    }

    /// <summary>Whether it is the plate that is struck, because it is the narrower.</summary>
    internal static bool IsByPlate(Combination c) => Narrowest(c) != c.Foot?.Is.Opening;

    /// <summary>The narrowest opening that is known.</summary>
    internal static Length Narrowest(Combination c) => Openings(c).OfType<Length>().Min();

    internal static Length PairOf(Needle? needle) => needle?.TwinSpacing ?? Length.Zero;

    private static IEnumerable<Length?> Openings(Combination c)
    {
        if (c.Foot is { Is: var foot })
        {
            yield return foot.Opening;
        }
        var swings = c.Sewing.Width > Length.Zero || c.Sewing.Offset > Length.Zero;
        if (c.Machine is { Is: var machine } && (swings || c.Needle?.Is.IsTwin == true))
        {
            yield return machine.PlateOpening;
        }
    }
}
