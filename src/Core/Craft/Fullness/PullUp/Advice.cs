using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>The swatch that would teach most.</summary>
/// <param name="Settings">What to set for it.</param>
/// <param name="Lessens">By what part the variance of the prediction at the plan would shrink, 0 to 1.</param>
/// <param name="Says">What to do, in a sentence.</param>
public sealed record NextSample(PullUpSettings Settings, double Lessens, string Says)
{
    private const double StitchStep = 0.5;
    private const double DifferentialStep = 0.25;
    private const double MostPasses = 3;
    private const double MostTension = 4;

    /// <summary>
    /// Of the present settings and those one step of one knob from it, that which most reduces the prediction's variance
    /// at the plan. One thing is changed at a time, so that the swatch also tells what did it.
    /// </summary>
    /// <param name="model">What is known.</param>
    /// <param name="family">Which knobs there are.</param>
    /// <param name="present">What is set now.</param>
    /// <param name="planned">What will be sewn.</param>
    /// <param name="reach">What the machine can.</param>
    public static NextSample For(
        PullUpModel model,
        PullUpFamily family,
        PullUpSettings present,
        PullUpSettings planned,
        StitchReach reach
    )
    {
        var best = present;
        var most = model.Lessens(present, planned);
        foreach (var near in Near(family.Knobs, present, reach))
        {
            var lessens = model.Lessens(near, planned);
            // A change has to be worth its trouble: a hundredth of the band cannot be seen.
            if (lessens > most + 0.01)
            {
                (best, most) = (near, lessens);
            }
        }
        var changes = best.DifferencesFrom(present);
        var narrower = DecimalText.Write(100 * (1 - Math.Sqrt(1 - most)), 0);
        return new NextSample(
            best,
            most,
            (
                changes.Count == 0
                    ? "Sew another exactly as planned"
                    : $"Sew the next one with {changes[0]}"
            )
                + $": the range would narrow by about {narrower} %."
                + (model.Beyond(best) is { Length: > 0 } beyond ? $" That is {beyond}." : "")
        );
    }

    private static IEnumerable<PullUpSettings> Near(
        Knobs knobs,
        PullUpSettings now,
        StitchReach reach
    )
    {
        foreach (var step in new[] { 1, -1 })
        {
            var stitch = Length.FromMillimetres(now.StitchLength.Millimetres + step * StitchStep);
            if (stitch >= reach.Least && stitch <= reach.Most)
            {
                yield return now with
                {
                    StitchLength = stitch,
                };
            }
            if (Math.Abs(now.TensionSteps + step) <= MostTension)
            {
                yield return now with
                {
                    TensionSteps = now.TensionSteps + step,
                };
            }
            if (
                knobs.HasFlag(Knobs.Passes)
                && now.Passes + step >= 1
                && now.Passes + step <= MostPasses
            )
            {
                yield return now with
                {
                    Passes = now.Passes + step,
                };
            }
            if (knobs.HasFlag(Knobs.Screw) && now.ScrewTurns is { } turns)
            {
                yield return now with
                {
                    ScrewTurns = turns + step,
                };
            }
            var differential = now.Differential + step * DifferentialStep;
            if (knobs.HasFlag(Knobs.Differential) && differential is >= 0.7 and <= 2)
            {
                yield return now with
                {
                    Differential = differential,
                };
            }
        }
        if (knobs.HasFlag(Knobs.Steam))
        {
            yield return now with
            {
                Steamed = !now.Steamed,
            };
        }
    }
}

/// <summary>The stitch lengths that a machine has.</summary>
public readonly record struct StitchReach(Length Least, Length Most);

/// <summary>The stitch length that reaches a fullness, or the nearest.</summary>
/// <param name="Settings">With that stitch length.</param>
/// <param name="Fullness">What it is likely to give.</param>
/// <param name="Reaches">Whether that is what was wanted.</param>
/// <param name="Would">What else would get there, the least trouble first; empty when it reaches.</param>
public sealed record TargetSetting(
    PullUpSettings Settings,
    double Fullness,
    bool Reaches,
    IReadOnlyList<string> Would
)
{
    /// <summary>Seeks the stitch length.</summary>
    /// <remarks>
    /// ln(fullness) = c + β·ln(ℓ/3), with c from the other features, so ℓ = 3·exp((ln(target) − c)/β). A β of nothing, or a
    /// length that the machine has not, gives the end of its reach that comes nearest.
    /// </remarks>
    public static TargetSetting For(
        PullUpModel model,
        PullUpFamily family,
        PullUpSettings at,
        double target,
        StitchReach reach
    )
    {
        var weight = model.Weights[1];
        var others =
            model.Predict(at).Location - weight * Math.Log(at.StitchLength.Millimetres / 3);
        var wanted = 3 * Math.Exp(Math.Clamp((Math.Log(target) - others) / weight, -50, 50));
        var within = double.IsFinite(wanted)
            ? Math.Clamp(wanted, reach.Least.Millimetres, reach.Most.Millimetres)
            : at.StitchLength.Millimetres;
        var set = at with { StitchLength = Length.FromMillimetres(within) };
        var ends = new[]
        {
            set,
            at with
            {
                StitchLength = reach.Least,
            },
            at with
            {
                StitchLength = reach.Most,
            },
        };
        var best = ends.MinBy(e => Off(model, e, target));
        var reaches = Off(model, best, target) < 1e-6;
        return new TargetSetting(
            best,
            model.Predict(best).Mid,
            reaches,
            reaches ? [] : [.. Ways(model, family, best, target)]
        );
    }

    private static double Off(PullUpModel model, PullUpSettings at, double target) =>
        Math.Abs(Math.Log(model.Predict(at).Mid) - Math.Log(target));

    private static IEnumerable<string> Ways(
        PullUpModel model,
        PullUpFamily family,
        PullUpSettings at,
        double target
    )
    {
        var more = target > model.Predict(at).Mid;
        bool Gets(PullUpSettings s) =>
            more ? model.Predict(s).Mid >= target : model.Predict(s).Mid <= target;
        // Beyond what was sewn the model only supposes; that is said.
        string Supposed(PullUpSettings s, string says) =>
            model.Beyond(s) is { Length: > 0 } beyond ? $"{says} ({beyond}: a swatch first)" : says;
        for (var steps = 1; steps <= 2; steps++)
        {
            var turned = at with { TensionSteps = at.TensionSteps + (more ? steps : -steps) };
            if (Gets(turned))
            {
                yield return Supposed(
                    turned,
                    steps == 1
                        ? $"one step of tension {(more ? "tighter" : "looser")}"
                        : $"{steps} steps of tension {(more ? "tighter" : "looser")}"
                );
                break;
            }
        }
        if (family.Knobs.HasFlag(Knobs.Screw) && at.ScrewTurns is { } screw)
        {
            var turned = at with { ScrewTurns = screw + (more ? 1 : -1) };
            if (Gets(turned))
            {
                yield return Supposed(
                    turned,
                    $"one turn of the set screw {(more ? "tighter" : "looser")}"
                );
            }
        }
        if (more && family.Knobs.HasFlag(Knobs.HoldingBack) && !at.HeldBack)
        {
            var held = at with { HeldBack = true };
            if (Gets(held))
            {
                yield return Supposed(held, "a finger behind the foot");
            }
        }
        if (family.Knobs.HasFlag(Knobs.Passes))
        {
            var passes = at with { Passes = Math.Max(1, at.Passes + (more ? 1 : -1)) };
            if (Gets(passes))
            {
                yield return Supposed(
                    passes,
                    more ? "one more pass over the same line" : "one pass less"
                );
            }
        }
        if (family.Knobs.HasFlag(Knobs.Differential))
        {
            var turned = at with { Differential = more ? 2 : 1 };
            if (Gets(turned))
            {
                yield return $"the differential at {DecimalText.Write(turned.Differential)}";
            }
        }
        if (more)
        {
            yield return "gathers pulled up by hand, which go to any fullness";
        }
        else
        {
            yield return "the rest let out by hand before it is joined";
        }
    }
}
