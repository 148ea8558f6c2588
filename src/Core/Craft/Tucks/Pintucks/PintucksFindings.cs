using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Fit.Rules;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>What is noticed in a plan of tucks.</summary>
internal static class PintucksFindings
{
    /// <summary>Workshop rule: a foot with grooves follows no bend tighter than this.</summary>
    public static readonly Length TightestBend = Length.FromMillimetres(60);

    private static readonly Length WideSpread = Length.FromMillimetres(3);

    public static IEnumerable<Finding> In(PintucksPlan a) =>
        Lies(a).Concat(Bends(a)).Concat(Machine(a)).Concat(Learns(a));

    private static IEnumerable<Finding> Lies(PintucksPlan a)
    {
        var ask = a.Ask;
        if (a.Planned.FirstCentre < Length.Zero)
        {
            yield return Finding.Stop(
                "does-not-fit",
                $"The tucks span {a.Ruler.Mark(a.Planned.Span)}, and the panel is {a.Ruler.Mark(ask.PanelWidth)} wide.",
                "The first and the last would lie in the seams.",
                "Fewer tucks, closer ones, or a wider panel."
            );
        }
        else if (a.Marks.Any(m => m.Left < ask.WaveHeight || m.Right > a.Wide - ask.WaveHeight))
        {
            yield return Finding.Stop(
                "off-the-cloth",
                "The outermost lines of stitching would run off the panel as it is cut.",
                "They lie beside the middle of their tuck, and swing with the wave.",
                "Widen the seam allowance, set fewer tucks or closer ones, or make the wave flatter."
            );
        }
        foreach (
            var measured in ask.Course.Where(m =>
                !new Respacing(ask, a.Planned, m) { Findings = [] }.Lands
            )
        )
        {
            yield return Finding.Stop(
                "measure-over",
                $"{measured.Sewn} tucks are said to span {a.Ruler.Mark(measured.Span)}: as far as all of them should.",
                "Nothing is left for the others, so the plan does not go by it.",
                "Measure once more, from the first ridge to the last of those that are sewn."
            );
        }
        var ridge = ask.IsTwin ? ask.NeedleSpacing - ask.TakeUp : ask.Depth;
        if (ask.Tucks > 1 && ridge > ask.Spacing)
        {
            yield return new Finding(
                "ridge-over-spacing",
                ask.IsTwin ? Severity.Stop : Severity.Care,
                ask.IsTwin
                    ? $"A ridge is {a.Ruler.Fine(ridge)} wide, and the next is {a.Ruler.Fine(ask.Spacing)} away."
                    : $"A fold of {a.Ruler.Fine(ridge)} reaches over the next, {a.Ruler.Fine(ask.Spacing)} away.",
                ask.IsTwin
                    ? "The needles would come down in the ridge beside it."
                    : "Each covers the stitching of the one beside it.",
                $"Space them {a.Ruler.Fine(ridge + Length.FromMillimetres(0.5))} or more."
            );
        }
        if (ask.AcrossGrain)
        {
            yield return Finding.Care(
                "across-grain",
                "The tucks run across the grain.",
                "The crosswise threads give: a long ridge stretches as it is sewn, and ripples.",
                "Turn the panel, so that they run with the lengthwise grain; or put a tear-away under it."
            );
        }
        if (ask.TucksSaid is { } said && said != ask.Tucks)
        {
            yield return Finding.Note(
                "groups-count",
                $"The groups add up to {ask.Tucks} tucks; the {said} that are said beside them are not used.",
                "Groups stand in place of their number.",
                $"Say {ask.Tucks}, or take the groups out."
            );
        }
        if (ask.Tucks > 1 && ask.Tucks % 2 == 0)
        {
            yield return Finding.Note(
                "even-number",
                $"{ask.Tucks} is an even number.",
                "None of them lies on the centre line, which the eye looks for.",
                $"{ask.Tucks - 1} or {ask.Tucks + 1} sit better around a centre."
            );
        }
    }

    /// <summary>The tightest bend of y = a·sin(2πx/λ) has the radius λ²/(4π²·a); the tuck that lies furthest to the inside bends tighter by half of the span.</summary>
    private static IEnumerable<Finding> Bends(PintucksPlan a)
    {
        var ask = a.Ask;
        if (!ask.HasWave)
        {
            yield break;
        }
        var first =
            Math.Pow(ask.WaveLength.Millimetres, 2)
            / (4 * Math.PI * Math.PI * ask.WaveHeight.Millimetres);
        var inner = first - a.Planned.Span.Millimetres / 2;
        if (inner < TightestBend.Millimetres)
        {
            var needed =
                2
                * Math.PI
                * Math.Sqrt(
                    ask.WaveHeight.Millimetres
                        * (TightestBend.Millimetres + a.Planned.Span.Millimetres / 2)
                );
            yield return Finding.Stop(
                "bend-too-tight",
                inner > 0
                    ? $"The innermost tuck would bend to a radius of {a.Ruler.Mark(Length.FromMillimetres(inner))}."
                    : "The innermost tuck could not follow the wave at all.",
                $"A pintuck foot follows none under about {a.Ruler.Mark(TightestBend)}.",
                $"Draw the wave {a.Ruler.Cut(Length.FromMillimetres(needed))} long or longer, or flatter, or sew fewer tucks along it."
            );
        }
    }

    private static IEnumerable<Finding> Machine(PintucksPlan a)
    {
        var ask = a.Ask;
        if (
            ask.IsTwin
            && ask.GrooveWidth is { } groove
            && TwinGroove.Judge(ask.NeedleSpacing, groove) is { } judged
        )
        {
            yield return judged;
        }
        if (ask.IsTwin && !ask.PairPasses)
        {
            yield return Finding.Stop(
                "strike",
                $"A twin needle {a.Ruler.Fine(ask.NeedleSpacing)} apart does not pass this machine, its plate or the foot.",
                "With the blades and a little air there is no room for both: one of them strikes metal.",
                "Use a narrower twin needle, or fold the tucks."
            );
        }
        if (
            ask is { IsTwin: true, WidestPair: { } most }
            && ask.Each.Max(g => g.Wide) is var pair
            && Say.Over(pair, most)
        )
        {
            yield return TwinLimit.Judge(pair, most);
        }
        if (ask.IsTwin && ask.Base <= Length.Zero)
        {
            yield return Finding.Stop(
                "nothing-between",
                $"Two layers of {a.Ruler.Fine(ask.ClothThickness)} fill the {a.Ruler.Fine(ask.NeedleSpacing)} between the needles.",
                "Nothing is left to be drawn into a ridge.",
                "A wider twin needle, thinner fabric, or folded tucks."
            );
        }
        if (ask.GrooveStep is { } step && ask.Grooves is { } grooves && step > grooves / 2)
        {
            yield return Finding.Care(
                "grooves-short",
                $"The last tuck would run {step} grooves over, and the foot has {grooves}.",
                $"From the middle groove there are {grooves / 2} to either side.",
                $"At most {grooves / 2} grooves over, or mark each tuck."
            );
        }
        if (ask.OpenStitch is not ("none" or TuckLookFields.OverCord) && a.ClearWidth is null)
        {
            yield return Finding.Care(
                "opening-unknown",
                "How wide the foot opens is not known, so no open stitch is safe with this twin needle.",
                "Swung too wide, one of the needles strikes the foot.",
                "Choose the foot in Set up, or say its needle opening."
            );
        }
        if (
            ask.OpenStitch != TuckLookFields.OverCord
            && a.ClearWidth is { } clear
            && clear < Length.FromMillimetres(1)
        )
        {
            yield return Finding.Stop(
                "stitch-too-narrow",
                clear > Length.Zero
                    ? $"Both needles clear a stitch of {a.Ruler.Fine(clear)} only."
                    : "Both needles clear straight stitches at the most.",
                "Wider, one of them strikes the foot or the plate.",
                "A narrower twin needle, or the open stitch with a single needle afterwards."
            );
        }
    }

    private static IEnumerable<Finding> Learns(PintucksPlan a)
    {
        var ask = a.Ask;
        if (a.WidthSpread > WideSpread)
        {
            yield return Finding.Care(
                "spread-wide",
                $"The width may come out {a.Ruler.Fine(a.WidthSpread)} more or less.",
                $"A little on each of {ask.Tucks} tucks adds up.",
                ask.IsTwin && (ask.Learnt?.Evidence ?? 0) < 2
                    ? "Sew a swatch or two first: they narrow it most. And measure earlier, after a few tucks."
                    : $"Measure earlier: after {Math.Max(2, a.CheckAfter / 2)} tucks, and again after {a.CheckAfter}."
            );
        }
        if (ask.Learnt is not { } learnt)
        {
            yield break;
        }
        if (learnt.Evidence == 0 && ask.IsLearnt)
        {
            yield return Finding.Note(
                "no-sample",
                "How much a tuck takes up is not measured yet.",
                learnt.RestsOn,
                "Sew five tucks on a test swatch: the first swatch already narrows it a good deal."
            );
        }
        foreach (var (sample, i) in learnt.All.Select((s, i) => (s, i)).Where(s => !s.s.Teaches))
        {
            yield return Finding.Note(
                "teaches-nothing",
                $"Swatch {i + 1} had {a.Ruler.Fine(Length.Max(Length.Zero, sample.Base))} of fabric between the needles.",
                "Under 0.3 mm what a ruler reads says nothing of the draw.",
                "A wider twin needle, or thinner fabric; this one is not used."
            );
        }
        foreach (var (sample, i) in learnt.Samples.Select((s, i) => (s, i)))
        {
            if (sample is { IsOdd: true, Counts: true })
            {
                yield return Learnt.Odd(
                    sample.Deviations,
                    $"Swatch {i + 1} drew {DecimalText.Write(sample.Value)}, and the others say {DecimalText.Write(sample.Expected)}.",
                    "Were the tucks counted right, and was it the same twin needle? It counts until you leave it out."
                );
            }
        }
    }
}
