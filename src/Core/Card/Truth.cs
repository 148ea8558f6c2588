using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Card;

/// <summary>What to set on a dial that was measured, so that the stitch comes out as it is wanted.</summary>
internal static class Truth
{
    /// <summary>Dials are read to a tenth of a millimetre.</summary>
    private static readonly Length Step = Length.FromMillimetres(0.1);

    /// <summary>For a stitch length; null where nothing was measured, or none is wanted.</summary>
    public static string? OfLength(Machine machine, Length? wanted) =>
        wanted is { } length
            ? Of(
                machine.StitchDial,
                length,
                machine.ShortestStitch ?? Step,
                machine.LongestStitch ?? DialQuestion.MostDialled
            )
            : null;

    /// <summary>For a stitch width.</summary>
    public static string? OfWidth(Machine machine, Length wanted) =>
        Of(
            machine.WidthDial,
            wanted,
            Length.Zero,
            machine.WidestStitch ?? DialQuestion.MostDialled
        );

    /// <summary>What it rests on, after the reason of the setting; nothing where nothing was measured.</summary>
    public static string RestsOn(IReadOnlyList<DialSample> measured, Length? wanted) =>
        measured.Count == 0 || wanted is not { } length
            ? ""
            : $" What to set: {char.ToLowerInvariant(DialOf(measured, length).RestsOn[0])}{DialOf(measured, length).RestsOn[1..]}";

    private static string? Of(
        IReadOnlyList<DialSample> measured,
        Length wanted,
        Length least,
        Length most
    )
    {
        if (measured.Count == 0)
        {
            return null;
        }
        var answer = new DialAnswer(DialOf(measured, wanted), Step, least, Length.Max(least, most))
        {
            Findings = [],
        };
        return $"set {Say.Mm(answer.Set)}: this machine gives {Say.Mm(answer.ComesTo)} there";
    }

    private static Dial DialOf(IReadOnlyList<DialSample> measured, Length wanted) =>
        new(measured, wanted, "The dial");
}
