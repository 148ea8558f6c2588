using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Card;

/// <summary>What to set on a dial that was measured, so that the stitch comes out as it is wanted.</summary>
internal static class DialCorrection
{
    /// <summary>Dials are read to a tenth of a millimetre.</summary>
    private static readonly Length Step = Length.FromMillimetres(0.1);

    /// <summary>For a stitch length: what the plan knows of its dial; else what rows on this machine measured. Null where neither says anything, or none is wanted.</summary>
    public static string? OfLength(CardInputs ask, Length? wanted) =>
        ask.Wants.DialledLength is { } dialled ? Known(dialled, wanted)
        : wanted is { } length
            ? Of(
                ask.Machine.Is.StitchDial,
                length,
                ask.Machine.Is.ShortestStitch ?? Step,
                ask.Machine.Is.LongestStitch ?? DialQuestion.MostDialled
            )
        : null;

    /// <summary>For a stitch width.</summary>
    public static string? OfWidth(CardInputs ask, Length wanted) =>
        ask.Wants.DialledWidth is { } dialled
            ? Known(dialled, wanted)
            : Of(
                ask.Machine.Is.WidthDial,
                wanted,
                Length.Zero,
                ask.Machine.Is.WidestStitch ?? DialQuestion.MostDialled
            );

    /// <summary>What the machine’s own measures rest on, after the reason of the setting; nothing where they are not asked.</summary>
    public static string RestsOn(
        IReadOnlyList<DialSample> measured,
        Length? wanted,
        Length? known
    ) =>
        measured.Count == 0 || known is not null || wanted is not { } length
            ? ""
            : $" What to set: {char.ToLowerInvariant(DialOf(measured, length).RestsOn[0])}{DialOf(measured, length).RestsOn[1..]}";

    /// <summary>What is set, where that is not what is wanted.</summary>
    private static string? Known(Length dialled, Length? wanted) =>
        wanted is { } length && Length.Difference(dialled, length).Millimetres < 0.005
            ? null
            : $"set {Say.Mm(dialled)}, by your swatches";

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
        return $"set {Say.Mm(answer.Set)}: your machine then sews {Say.Mm(answer.ComesTo)}";
    }

    private static Dial DialOf(IReadOnlyList<DialSample> measured, Length wanted) =>
        new(measured, wanted, "The dial");
}
