using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using Thread = ZephyrReach.Core.Supplies.Thread;

namespace ZephyrReach.Core.Fit;

/// <summary>What is going to be sewn, as far as the parts of a machine care.</summary>
/// <param name="Width">Width of the stitch; nothing for straight stitches.</param>
/// <param name="Offset">How far from the middle the needle stands, to either side.</param>
/// <param name="FeedDogsDown">Whether the feed dogs have to be out of the way.</param>
/// <param name="Layers">How thick what passes under the foot is; null when not known.</param>
/// <param name="Bulky">Several layers or a thick seam.</param>
/// <param name="BuildUp">Height of a cord or a build-up of thread that passes under the sole; null for none.</param>
/// <param name="Differential">The differential feed that is wanted; null for none.</param>
/// <param name="ChainLooper">Whether a chain-stitch looper is needed.</param>
/// <param name="Programmed">Whether the machine has to darn by itself.</param>
public sealed record Sewing(
    Length Width = default,
    Length Offset = default,
    bool FeedDogsDown = false,
    Length? Layers = null,
    bool Bulky = false,
    Length? BuildUp = null,
    double? Differential = null,
    bool ChainLooper = false,
    bool Programmed = false
)
{
    /// <summary>A straight stitch from the middle, and nothing special.</summary>
    public static Sewing Plain { get; } = new();
}

/// <summary>A note that a foot was tried on a machine.</summary>
/// <param name="Machine">The machine's id.</param>
/// <param name="Foot">The foot's id.</param>
/// <param name="Pair">The spacing of the pair it was tried with; zero for one needle; null when any was meant.</param>
/// <param name="Clears">Whether the needle cleared the foot all through its swing, or struck.</param>
/// <param name="Width">The stitch width it was tried at; nothing for straight stitches.</param>
/// <param name="On">The day.</param>
public sealed record TriedNote(
    string Machine,
    string Foot,
    Length? Pair,
    bool Clears,
    Length Width,
    DateOnly On
)
{
    /// <summary>
    /// Whether the note says something of a combination. That it clears counts up to the width it was tried at, and for a
    /// pair of needles only when a pair of that spacing was tried; that it strikes counts from that width on.
    /// </summary>
    public bool Covers(Combination c) =>
        IsOf(c)
        && (
            Clears
                ? c.Sewing.Width <= Width && c.Sewing.Offset == Length.Zero
                : c.Sewing.Width >= Width
        );

    /// <summary>Whether it is about this machine, this foot and this kind of needle: one, or a pair of this spacing.</summary>
    internal bool IsOf(Combination c) =>
        c.Machine?.Id == Machine
        && c.Foot?.Id == Foot
        && ((Pair is null && !Clears) || (Pair ?? Length.Zero) == Clearance.PairOf(c.Needle?.Is));
}

/// <summary>Things that are to be used together, and for what. What is left out is not looked at.</summary>
/// <param name="Tried">The drawer's notes.</param>
public sealed record Combination(
    Owned<Machine>? Machine = null,
    Owned<Foot>? Foot = null,
    Owned<Needle>? Needle = null,
    Owned<Thread>? Thread = null,
    Owned<Cloth>? Cloth = null,
    Sewing? For = null,
    IReadOnlyList<TriedNote>? Tried = null
)
{
    public Sewing Sewing => For ?? Sewing.Plain;

    /// <summary>The newest note that covers it; a strike counts before a pass of the same day.</summary>
    public TriedNote? Note
    {
        get
        {
            // By hand, because every rule of every cell of a chart asks.
            TriedNote? newest = null;
            for (var i = 0; i < (Tried?.Count ?? 0); i++)
            {
                var note = Tried![i];
                if (
                    note.Covers(this)
                    && (
                        newest is null
                        || note.On > newest.On
                        || (note.On == newest.On && newest.Clears && !note.Clears)
                    )
                )
                {
                    newest = note;
                }
            }
            return newest;
        }
    }
}
