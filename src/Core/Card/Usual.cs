using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Card;

/// <summary>What the cards of several techniques have in common.</summary>
public static class Usual
{
    public static Length Mm(double mm) => Length.FromMillimetres(mm);

    /// <summary>A stabiliser where the stitch is dense, or the cloth is thin or gives.</summary>
    public static Setting? ForDense(CardInputs ask) =>
        ask.Cloth?.Is.Gives == true
            ? new("cut-away", "The fabric gives, and would go on giving after a tear-away is gone.")
        : ask.Cloth?.Is.Build == Cloth.Net
            ? new("wash-away", "A net has nothing to hide a rest of paper in.")
        : new(
            "tear-away",
            "Dense stitches pull the fabric into a tunnel; something firm holds it flat."
        );

    /// <summary>A stabiliser only where the cloth is thin or gives.</summary>
    public static Setting? ForThin(CardInputs ask) => ask.NeedsStabiliser ? ForDense(ask) : null;

    public static Setting HoopOrStabiliser(CardInputs ask) =>
        ask.Wants.Layers > 1
            ? new("none, the layers hold", "Basted layers are firm enough to move by hand.")
        : ask.Cloth?.Is.Gives == true
            ? new(
                "cut-away, hooped with the knit unstretched",
                "A knit goes on giving after it is sewn; pulled in the hoop, it springs back into puckers."
            )
        : new(
            "tear-away, or a hoop drum-tight",
            "A single layer would be drawn together under the needle."
        );

    /// <summary>The longest stitch of the machine, and no more than a figure in mm.</summary>
    public static Length Longest(CardInputs ask, double most) =>
        ask.Machine.Is.LongestStitch is { } longest ? Length.Min(longest, Mm(most)) : Mm(most);

    /// <summary>The all-purpose foot first.</summary>
    public static FootChoice AllPurpose(string because) => new([FootKinds.AllPurpose], because);
}
