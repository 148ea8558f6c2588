using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Fit.Rules;

/// <summary>A pair of needles has to clear the plate and the foot.</summary>
/// <remarks>The spacing, the stitch and one blade against the opening of the plate, and against that of the foot.</remarks>
public sealed class TwinPlate : FitRule
{
    public override string Code => "twin-plate";
    public override string Checks =>
        "Whether both needles of a pair clear the plate and the foot; shows the greatest safe width.";
    public override Severity Gravest => Severity.Stop;

    public override Sight Look(Combination c)
    {
        if (
            c.Needle is not { Is: { IsTwin: true } needle }
            || (c.Machine is null && c.Foot is null)
        )
        {
            return Sight.NotAsked;
        }
        if (c.Note is { Clears: true })
        {
            return Sight.Well;
        }
        if (needle.Blade is not { } blade)
        {
            return Sight.Unknown;
        }
        var takes = needle.TwinSpacing!.Value + c.Sewing.Width + blade;
        var unknown = false;
        foreach (var opening in Openings(c))
        {
            if (opening is not { } wide)
            {
                unknown = true;
            }
            else if (Say.Over(takes, wide))
            {
                return Sight.Stop;
            }
        }
        return unknown ? Sight.Unknown : Sight.Well;
    }

    public override Finding Explain(Combination c)
    {
        var spacing = c.Needle!.Is.TwinSpacing!.Value;
        var safe = SafeWidth(c);
        return Stop(
            $"The pair, {Say.Mm(spacing)} apart, would strike {(Tight(c, c.Machine?.Is.PlateOpening) ? "the plate" : Say.Name(c.Foot!))}.",
            $"With its stitch and one blade it takes {Say.Mm(spacing + c.Sewing.Width + c.Needle.Is.Blade!.Value)}; the narrowest opening is {Say.Mm(Openings(c).OfType<Length>().Min())}.",
            safe is { } widest && widest > Length.Zero
                ? $"Greatest safe width with this pair: {Say.Mm(widest)}."
                : "Take a pair that stands closer, and straight stitches."
        );
    }

    public override string Wants(Combination c) =>
        c.Needle!.Is.Blade is null ? "the needle's size"
        : c.Machine is { Is.PlateOpening: null } ? "the machine's plate opening"
        : "the foot's needle opening";

    /// <summary>min(machine width, openings) − spacing; null when none of them is known.</summary>
    public static Length? SafeWidth(Combination c)
    {
        var known = Openings(c).Append(c.Machine?.Is.WidestStitch).OfType<Length>().ToList();
        return known.Count == 0 || c.Needle?.Is.TwinSpacing is not { } spacing
            ? null
            : Length.Max(Length.Zero, known.Min() - spacing);
    }

    private static bool Tight(Combination c, Length? opening) =>
        opening is { } wide
        && Say.Over(
            c.Needle!.Is.TwinSpacing!.Value + c.Sewing.Width + c.Needle.Is.Blade!.Value,
            wide
        );

    private static IEnumerable<Length?> Openings(Combination c)
    {
        if (c.Machine is { Is: var machine })
        {
            yield return machine.PlateOpening;
        }
        if (c.Foot is { Is: var foot })
        {
            yield return foot.Opening;
        }
    }
}
