using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Practice;

/// <summary>One thing to try next: what stands most in the way comes first.</summary>
internal static class Advice
{
    /// <summary>A step of the pedal that is felt, stitches a minute.</summary>
    private const double Step = 50;

    /// <summary>Stitches within this of the stitch that is aimed at are as they should be.</summary>
    private const double Near = 0.15;

    /// <returns>The words, and the machine speed that they say; 0 where they say none.</returns>
    public static (string Next, double RunAt) Of(Exercise exercise, Score s)
    {
        switch (exercise.Of)
        {
            case Practised.Timing:
                return (
                    s.Jumps > s.Piles
                        ? "You press twice for a stitch. Listen to the needle, and press when it comes up."
                    : s.Piles > 0
                        ? "Some stitches came before you pressed. Count aloud with the needle."
                    : "In time. Try it ten stitches a minute faster.",
                    s.Jumps + s.Piles > 0 ? 0 : Math.Round(s.Machine / 10 + 1) * 10
                );
            case Practised.Corner:
                return (
                    s.Off > exercise.Stitch
                        ? "Let go a stitch sooner, and take the last one by the handwheel."
                        : "Within a stitch. Try it a little faster.",
                    s.Off > exercise.Stitch ? 0 : Faster(s.Machine)
                );
            case Practised.Pull:
                return (
                    s.Spread > 0.15
                        ? "Spread from where it lies thickest to where it is flat, a little at a time, before you pull again."
                        : "It lies alike. Try it with fewer strokes.",
                    0
                );
            case Practised.Edge:
                return (
                    s.Off > 1.5
                        ? "Look at the foot’s side a finger ahead of the needle, never at the needle itself."
                        : "The edge stays. Try it a little faster.",
                    s.Off > 1.5 ? 0 : Faster(s.Machine)
                );
        }
        if (s.Covered < 0.5)
        {
            return ("Sew all of it, however it looks: evenness comes with the way.", 0);
        }
        // A stitch is hand over machine: the machine is set to the hands, and not the hands to the machine.
        if (exercise.Stitch > 0 && s.Mean > 0 && s.Machine > 0)
        {
            var factor = s.Mean / exercise.Stitch;
            if (Math.Abs(factor - 1) > Near)
            {
                var at = Math.Clamp(Math.Round(s.Machine * factor / Step) * Step, 100, 1000);
                return (
                    factor > 1
                        ? $"Stitches of {DecimalText.Write(s.Mean, 1)} mm are long: your hands are quicker than the machine. Run it at {DecimalText.Write(at, 0)} a minute, and leave your hands as they are."
                        : $"Stitches of {DecimalText.Write(s.Mean, 1)} mm are short: run the machine at {DecimalText.Write(at, 0)} a minute, or let your hands go faster.",
                    at
                );
            }
        }
        if (s.Piles > s.Stitches / 20)
        {
            return (
                "Stitches pile up where your hands stop. Stop the machine first, then the hands.",
                0
            );
        }
        if (s.Jumps > s.Stitches / 20)
        {
            return (
                "Some stitches are long enough to bend a needle. Move only while you hear it run evenly.",
                0
            );
        }
        if (s.Evenness < 0.75)
        {
            return (
                "The speed of your hands changes on the way. Breathe, and count aloud as you go.",
                0
            );
        }
        if (s.Spread > 0.3)
        {
            return ("Move from the elbows, both hands flat: small jerks come from the fingers.", 0);
        }
        if (exercise.Of != Practised.Area && s.Off > 1.5)
        {
            return (
                "Look a finger ahead of the needle, where the line goes, and your hands follow.",
                0
            );
        }
        return s.Covered < 0.85
            ? ("Even. Now go all the way, to the end of it.", 0)
            : ("Even, and on the line. Try the next exercise.", 0);
    }

    private static double Faster(double machine) =>
        Math.Clamp(Math.Round(machine * 1.15 / Step) * Step, 100, 1000);
}
