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

    /// <summary>What lies in the covering.</summary>
    public static ChoiceField CordOf { get; } =
        new ChoiceField(
            "cordOf",
            "Cord of",
            [
                new(Threads, "twisted threads", "As thick as is wanted: by the number of strands."),
                new(
                    Roll,
                    "the roll of a rolled edge",
                    "An overlocker’s rolled edge along a strip of the covering itself: cord and covering in one."
                ),
                new("cord", "a fine cord or strong thread", "As it is."),
            ],
            Threads,
            false
        ).Help("What the piping is filled with.");

    public const string Threads = "threads";
    public const string Roll = "roll";

    public static LengthField RollThickness { get; } =
        CordedFields
            .Fine("rollThickness", "It is thick", 0.3, 5, 1.2)
            .Help("Of the roll, or of the cord: as a gauge says.")
            .When("cordOf", Roll, "cord");

    public static LengthField BindingWidth { get; } =
        LengthField
            .Mm("bindingWidth", "Finished width of the binding", 3, 60)
            .Help(
                "An edge that is bound with this piping in the seam of the binding: says how wide and how long to cut the binding."
            )
            .Optional();

    public static IReadOnlyList<Field> All { get; } =
    [
        CordOf,
        RollThickness,
        BindingWidth,
        Strands,
        Wraps,
        WrapSpan,
        .. CordedFields.OfEdge,
        CordedFields.Thickness,
        CordedFields.FaceThickness,
        Flange,
        CordedFields.Overlap,
        CordedFields.ReadyBinding,
        .. BiasFields.All,
        .. CordedFields.OfFoot,
        StitchLength,
        .. Together.Fields,
    ];

    /// <summary>How thick the thread is: what so many wraps lie across.</summary>
    public static Length ReadThread(InputReader reader) =>
        reader.LengthOrStart(WrapSpan) / reader.Number(Wraps);
}
