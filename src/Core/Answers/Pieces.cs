using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Answers;

/// <summary>Something to cut.</summary>
/// <param name="Key">Names it, and stays the same when the figures change.</param>
/// <param name="Count">How many.</param>
/// <param name="Name">What it is, in one or two words.</param>
/// <param name="Outline">Its outline in mm, as it is cut; closed.</param>
/// <param name="Of">The kind of thing it is cut from.</param>
/// <param name="GrainUpright">Whether the lengthwise grain runs up the outline; else across.</param>
/// <param name="OnBias">Whether it is cut on the bias.</param>
/// <param name="OnFold">Whether it is cut on a fold.</param>
public sealed record Piece(
    string Key,
    int Count,
    string Name,
    Path Outline,
    string Of = "cloth",
    bool GrainUpright = false,
    bool OnBias = false,
    bool OnFold = false
)
{
    /// <summary>What its fabric is called, where that is not the one of the part; else empty.</summary>
    public string Fabric { get; init; } = "";

    /// <summary>What each gives to a join where all of them are sewn together at their ends, square to the seam; null where they are not.</summary>
    public Length? JoinedBy { get; init; }

    /// <summary>How long they have to be once they are joined; null for as long as they are.</summary>
    public Length? JoinedTo { get; init; }

    /// <summary>How its length is written: as what is cut, or to the marking step where nothing of it is trimmed or gathered away.</summary>
    public LengthKind LengthKind { get; init; } = LengthKind.Cut;

    /// <summary>How its depth is written.</summary>
    public LengthKind DepthKind { get; init; } = LengthKind.Cut;

    /// <summary>The same, sewn by its edges or folds: cut to the marking step, since what is rounded up would stay in it.</summary>
    public Piece Exact() =>
        this with
        {
            LengthKind = LengthKind.Marked,
            DepthKind = LengthKind.Marked,
        };

    /// <summary>How far it reaches across its outline.</summary>
    public Length Length => Outline.Bounds.Width;

    /// <summary>How far it reaches down.</summary>
    public Length Depth => Outline.Bounds.Height;

    /// <summary>A rectangle.</summary>
    public static Piece Rectangle(
        string key,
        int count,
        string name,
        Length length,
        Length depth
    ) => new(key, count, name, Path.Rectangle(length, depth));

    /// <summary>Whether this piece, as it was cut, serves where another is wanted now: as many, and none smaller either way.</summary>
    /// <remarks>An outline that is not a rectangle serves only one of the same shape and size.</remarks>
    public bool Serves(Piece wanted) =>
        Count >= wanted.Count
        && Of == wanted.Of
        && OnBias == wanted.OnBias
        && (
            Outline.IsRectangle && wanted.Outline.IsRectangle
                ? IsAsLong(Length, wanted.Length) && IsAsLong(Depth, wanted.Depth)
                : Outline.Data == wanted.Outline.Data
        );

    /// <summary>Its number and size in words.</summary>
    public string Says(Ruler ruler) => Many(Count, SizeSays(ruler));

    /// <summary>So many of one size in words.</summary>
    public static string Many(int count, string size) => count == 1 ? size : $"{count} of {size}";

    /// <summary>Its size in words.</summary>
    public string SizeSays(Ruler ruler) => Ruler.Size(LengthSays(ruler), DepthSays(ruler));

    /// <summary>Its length in words.</summary>
    public string LengthSays(Ruler ruler) => ruler.Write(Length, LengthKind);

    /// <summary>Its depth in words.</summary>
    public string DepthSays(Ruler ruler) => ruler.Write(Depth, DepthKind);

    /// <summary>To a thousandth of a millimetre, as outlines are written: what is less than that shorter is as long.</summary>
    private static bool IsAsLong(Length was, Length wanted) =>
        was.Millimetres >= wanted.Millimetres - 0.001;
}
