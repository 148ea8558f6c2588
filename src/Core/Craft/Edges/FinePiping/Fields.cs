using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>What an ask for a piping as fine as a thread may say.</summary>
internal static class Fields
{
    public static NumberField Strands { get; } =
        new("strands", "Strands", "Of thread, twisted together to a cord.", 1, 60, 4, false)
        {
            IsWhole = true,
        };

    public static NumberField Wraps { get; } =
        new(
            "wraps",
            "Wraps round a pencil",
            "Wind the thread round a pencil, side by side, and count.",
            2,
            300
        )
        {
            IsWhole = true,
        };

    public static LengthField WrapSpan { get; } =
        CordedFields.Fine(
            "wrapSpan",
            "Width of those wraps",
            "All of them together, on the pencil.",
            1,
            300,
            10
        );

    public static LengthField Flange { get; } =
        CordedFields.Seam with
        {
            Start = Length.FromMillimetres(8),
        };

    public static LengthField StitchLength { get; } =
        CordedFields.Fine(
            "stitchLength",
            "Stitch length",
            "Short, since it turns tight curves.",
            1,
            6,
            2
        );

    public static IReadOnlyList<Field> All { get; } =
    [
        Strands,
        Wraps,
        WrapSpan,
        .. CordedFields.OfEdge,
        CordedFields.Thickness,
        CordedFields.FaceThickness,
        Flange,
        CordedFields.Overlap,
        .. BiasFields.All,
        .. CordedFields.OfFoot,
        StitchLength,
        .. Together.Fields,
    ];

    /// <summary>How thick the thread is: what so many wraps lie across.</summary>
    public static Length ReadThread(AskReader reader) =>
        reader.LengthOrStart(WrapSpan) / reader.Number(Wraps);
}
