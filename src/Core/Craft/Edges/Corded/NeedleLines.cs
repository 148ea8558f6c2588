using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>One line of stitching beside the cord.</summary>
/// <param name="Number">From 1, in the order they are sewn.</param>
/// <param name="Wanted">From the covered cord.</param>
/// <param name="Place">How many places from the middle the needle stands; null where this foot or machine does not reach.</param>
/// <param name="Gives">What that comes to; null with it.</param>
internal sealed record NeedleLine(int Number, Length Wanted, int? Place, Length? Gives);

/// <summary>What keeps the needle beside a cord: a foot with a groove and a needle that moves, or a zipper foot.</summary>
/// <param name="IsZipper">Whether the edge of a zipper foot goes along the cord.</param>
/// <param name="Groove">Null where it is not known.</param>
/// <param name="Opening">Null where it is not known.</param>
/// <param name="Positions">How many places the needle has.</param>
/// <param name="Shift">From the middle to either side.</param>
/// <param name="Lift">How high the foot goes.</param>
internal sealed record BesideCord(
    bool IsZipper,
    Length? Groove,
    Length? Opening,
    int Positions,
    Length Shift,
    Length Lift
)
{
    /// <summary>Half a blade of the usual size, NM 90.</summary>
    public static Length HalfBlade { get; } = Length.FromMillimetres(0.45);

    /// <summary>The same with air beside it, as the rule of the needle’s strike has it.</summary>
    private static readonly Length Blade = HalfBlade + Length.FromMillimetres(0.3);

    /// <summary>From one place of the needle to the next; nothing where it does not move.</summary>
    public Length Step => Positions > 1 ? 2 * Shift / (Positions - 1) : Length.Zero;

    /// <summary>How far the needle goes to the side with this foot.</summary>
    public Length Reach =>
        Opening is { } opening
            ? Length.Max(Length.Zero, Length.Min(Shift, opening / 2 - Blade))
            : Shift;

    /// <summary>
    /// How deep a cord lies in the foot: a round groove is half as deep as it is wide. Where its width is not known, the foot is taken
    /// to be one for this cord.
    /// </summary>
    public Length Hollow(Length covered) => IsZipper ? Length.Zero : (Groove ?? covered) / 2;

    /// <summary>Whether a cord lies in the groove: that is at least as wide as the cord without its covering, which gives.</summary>
    public bool Holds(Length cord) => Groove is not { } groove || groove >= cord;

    /// <summary>Where the needle stands for each line, the cord lying in the middle of the groove: each at least one place nearer than the one before.</summary>
    /// <param name="covered">The covered cord, from side to side.</param>
    /// <param name="wanted">How far from it each line lies, the furthest first.</param>
    public IReadOnlyList<NeedleLine> Lines(Length covered, params IReadOnlyList<Length> wanted)
    {
        if (IsZipper || Step <= Length.Zero)
        {
            return [.. wanted.Select((w, i) => new NeedleLine(i + 1, w, null, null))];
        }
        List<NeedleLine> lines = [];
        // The nearest is found first: no place nearer than the cord itself.
        var least = (int)Math.Min(1e6, Rounding.CeilingTolerant((covered / 2 + wanted[^1]) / Step));
        for (var i = wanted.Count - 1; i >= 0; i--)
        {
            var place = Math.Max(least, (int)Math.Round((covered / 2 + wanted[i]) / Step));
            least = place + 1;
            var reaches = Step * place <= Reach + Length.FromMillimetres(1e-6);
            lines.Insert(
                0,
                new(
                    i + 1,
                    wanted[i],
                    reaches ? place : null,
                    reaches ? Step * place - covered / 2 : null
                )
            );
        }
        return lines;
    }

    public static BesideCord Read(InputReader reader) =>
        new(
            reader.ChoiceOrStart(CordedFields.Foot) == CordedFields.Zipper,
            reader.OptionalLength(CordedFields.Groove),
            reader.OptionalLength(CordedFields.Opening),
            (int)reader.NumberOrStart(CordedFields.Positions),
            reader.LengthOrStart(CordedFields.Shift),
            reader.LengthOrStart(CordedFields.Lift)
        );
}
