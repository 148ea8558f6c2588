using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>What an ask for a piping as fine as a thread may say.</summary>
internal static class FinePipingFields
{
    public static NumberField Strands { get; } =
        new NumberField("strands", "Strands", 1, 60, 4, false)
            .Help("Of thread, twisted together to a cord.")
            .Whole();

    public static NumberField Wraps { get; } =
        new NumberField("wraps", "Wraps round a pencil", 2, 300)
            .Help("Wind the thread round a pencil, side by side, and count.")
            .Whole();

    public static LengthField WrapSpan { get; } =
        CordedFields
            .Fine("wrapSpan", "Width of those wraps", 1, 300, 10)
            .Help("All of them together, on the pencil.");

    public static LengthField Flange { get; } =
        CordedFields.Seam with
        {
            Start = Length.FromMillimetres(8),
        };

    public static LengthField StitchLength { get; } =
        CordedFields
            .Fine("stitchLength", "Stitch length", 1, 6, 2)
            .Help("Short, since it turns tight curves.");

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
    public static Length ReadThread(InputReader reader) =>
        reader.LengthOrStart(WrapSpan) / reader.Number(Wraps);
}
