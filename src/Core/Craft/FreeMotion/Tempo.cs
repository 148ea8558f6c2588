using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>Stitch length, machine speed and hand speed, of which any two say the third: v = ℓ·n/60.</summary>
/// <param name="Stitch">ℓ.</param>
/// <param name="Machine">n, stitches a minute.</param>
/// <param name="Hand">v, mm a second.</param>
internal sealed record Tempo(Length Stitch, double Machine, double Hand)
{
    /// <summary>The stitch to aim at, where nothing says it.</summary>
    public static readonly Length Usual = Length.FromMillimetres(2);

    /// <summary>All three may be said, where they agree to this.</summary>
    private const double Agree = 0.005;

    /// <summary>A stitch that is longer than this is pulled while the needle is down, and bends it: workshop rule.</summary>
    public static readonly Length Bends = Length.FromMillimetres(4);

    /// <summary>Shorter stitches than this lie on each other.</summary>
    public static readonly Length Piles = Length.FromMillimetres(0.6);

    /// <summary>The same of a zigzag, which lies side by side.</summary>
    public static readonly Length PilesInSatin = Length.FromMillimetres(0.25);

    /// <summary>Stitches along a line: ceil(line/ℓ).</summary>
    public int Stitches(Length line) => (int)Rounding.CeilingTolerant(line / Stitch);

    /// <summary>Reads the three; null when the reader has errors, or less than two are said and none begins with anything.</summary>
    /// <param name="needsTwo">Whether two have to be said; else a stitch of 2 mm and 600 a minute are begun with.</param>
    public static Tempo? Read(InputReader reader, bool needsTwo = false)
    {
        var stitch = reader.OptionalLength(FreeMotionFields.StitchLength)?.Millimetres;
        var machine = reader.OptionalNumber(FreeMotionFields.MachineSpeed);
        var hand = reader.OptionalNumber(FreeMotionFields.HandSpeed);
        if (needsTwo && new[] { stitch, machine, hand }.Count(s => s is not null) < 2)
        {
            Field missing =
                stitch is null && !reader.Has(FreeMotionFields.StitchLength) && hand is null
                    ? FreeMotionFields.StitchLength
                : machine is null && !reader.Has(FreeMotionFields.MachineSpeed)
                    ? FreeMotionFields.MachineSpeed
                : FreeMotionFields.HandSpeed;
            reader.Missing(missing);
        }
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        // Hands that are said go before the stitch that a new ask begins with.
        machine ??=
            stitch is { } s && hand is { } h
                ? 60 * h / s
                : FreeMotionFields.MachineSpeed.Start!.Value;
        stitch ??= hand is { } v ? 60 * v / machine.Value : Usual.Millimetres;
        hand ??= stitch.Value * machine.Value / 60;
        if (Math.Abs(stitch.Value * machine.Value / 60 / hand.Value - 1) > Agree)
        {
            reader.Contradiction(
                FreeMotionFields.HandSpeed,
                $"{DecimalText.Write(stitch.Value)} mm at {DecimalText.Write(machine.Value, 0)} a minute takes {DecimalText.Write(stitch.Value * machine.Value / 60, 1)} mm/s. Say two of the three."
            );
            return null;
        }
        return new(Length.FromMillimetres(stitch.Value), machine.Value, hand.Value);
    }
}
