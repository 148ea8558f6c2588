using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>What an ask may say of strips that are gathered into an edge.</summary>
public static class StripFields
{
    private static readonly Length OneKilometre = Length.FromMillimetres(1e6);

    public static LengthField FinishedEdge { get; } =
        new(
            "finishedEdge",
            "Finished length",
            "Length of the edge it will be sewn to. Several lengths are added together.",
            Mm(1),
            OneKilometre
        )
        {
            IsEdge = true,
        };

    public static NumberField Fullness { get; } =
        new(
            "fullness",
            "Fullness",
            "How many times longer the flat strip is than the finished edge.",
            1,
            6,
            2
        )
        {
            Step = 0.05,
        };

    public static FlagField Closed { get; } =
        new("closed", "Edge", "Whether the edge runs round and meets itself.")
        {
            No = "two ends",
            Yes = "closed loop",
            ComesAlong = true,
        };

    public static LengthField FinishedDepth { get; } =
        new(
            "finishedDepth",
            "Finished depth",
            "From the seam line to the finished lower edge.",
            Mm(1),
            OneKilometre,
            Mm(200)
        );

    public static LengthField SeamAllowance { get; } =
        Allowance("seamAllowance", "Seam allowance", "From the raw edge to the seam line.", 15);

    public static LengthField HemAllowance { get; } =
        Allowance(
            "hemAllowance",
            "Hem allowance",
            "Fabric turned up for the hem; not needed when the strip is folded double.",
            20,
            false
        ) with
        {
            ShownWhen = new("doubled", "true", Not: true),
        };

    public static FlagField Doubled { get; } =
        new(
            "doubled",
            "Lower edge",
            "Whether the strip is folded lengthwise, so that it needs no hem."
        )
        {
            No = "hemmed",
            Yes = "folded double",
        };

    public static LengthField JoinAllowance { get; } =
        Allowance(
            "joinAllowance",
            "Seam allowance between strips",
            "Seam allowance at each end where strips are joined.",
            12
        );

    public static LengthField EndAllowance { get; } =
        Allowance(
            "endAllowance",
            "End allowance",
            "Length left ungathered at each open end; a closed loop has none.",
            15,
            false
        ) with
        {
            ShownWhen = new("closed", "true", Not: true),
        };

    public static ChoiceField Cut { get; } =
        new(
            "cut",
            "Cut strips",
            "Which way the strips lie on the fabric.",
            [
                new Choice(
                    "across",
                    "across the fabric",
                    "Strips run from selvedge to selvedge: less fabric to buy for long edges, more joins; crosswise grain is a "
                        + "little softer to gather."
                ),
                new Choice(
                    "along",
                    "along the selvedge",
                    "One strip along the selvedge: no joins, stripes run with the strip; needs a long piece of fabric."
                ),
            ],
            "across"
        );

    public static ChoiceField Rows { get; } =
        new(
            "rows",
            "Gathering rows",
            "The gathering rows and where they lie.",
            [.. RowScheme.All.Select(r => r.Choice)],
            "three-straddling"
        );

    public static LengthField RowGap { get; } =
        new(
            "rowGap",
            "Row spacing",
            "Distance from one row to the next.",
            Mm(0.1),
            Mm(1000),
            Mm(6)
        );

    public static LengthField StitchLength { get; } =
        new(
            "stitchLength",
            "Stitch length",
            "Of the gathering rows: the longest the machine makes, 4 to 5 mm.",
            Mm(0.1),
            Mm(25),
            Mm(4.5),
            LengthKind.Fine
        );

    /// <summary>Rows are sewn no longer than that.</summary>
    public static LengthField LongestStitch { get; } =
        LengthField
            .Fine("longestStitch", "Longest stitch", "That the machine makes.", 1, 12)
            .Optional() with
        {
            From = "machine.longestStitch",
        };

    public static LengthField PlainThickness { get; } =
        Thickness(
            "plainThickness",
            "Thickness of the piece it is sewn to",
            "Of all layers of the piece it is sewn to.",
            0.6
        );

    public static LengthField Tail { get; } =
        Allowance("tail", "Tails", "Thread left at each end of a row for pulling.", 100);

    public static LengthField CuttingStep { get; } =
        new(
            "cuttingStep",
            "Round strip lengths up to",
            "Strip lengths are rounded up to this.",
            Mm(0.01),
            Mm(1000),
            IsNeeded: false
        );

    public static LengthField ZigzagWidth { get; } =
        new(
            "zigzagWidth",
            "Zigzag width",
            "Of a zigzag over threads: 3 mm, and at least the threads and 1.5 mm.",
            Mm(0.1),
            Mm(25),
            Mm(3),
            LengthKind.Fine,
            IsNeeded: false
        )
        {
            ShownWhen = new("rows", "over-threads"),
        };

    public static LengthField Bobbin { get; } =
        new(
            "bobbinCapacity",
            "Length per bobbin",
            "How much thread a bobbin holds.",
            Mm(1000),
            OneKilometre,
            IsNeeded: false
        )
        {
            From = "machine.bobbinThread",
        };

    public static ChoiceField Use { get; } =
        new(
            "use",
            "Use",
            "Where the gathers are used.",
            [.. Uses.All.Select(u => u.Choice)],
            IsNeeded: false
        )
        {
            ComesAlong = true,
        };

    /// <summary>Every field of the straight form, in the order of planning.</summary>
    public static IReadOnlyList<Field> All { get; } =
    [
        FinishedEdge,
        Fullness,
        Closed,
        FinishedDepth,
        SeamAllowance,
        HemAllowance,
        Doubled,
        JoinAllowance,
        EndAllowance,
        FabricFields.Width,
        Cut,
        Rows,
        RowGap,
        StitchLength,
        LongestStitch,
        FabricFields.Thickness,
        PlainThickness,
        Tail,
        CuttingStep,
        ZigzagWidth,
        Bobbin,
        FabricFields.AtHand,
        FabricFields.Weight,
        Use,
        .. Answers.Together.Fields,
    ];

    private static Length Mm(double mm) => Length.FromMillimetres(mm);

    private static LengthField Allowance(
        string name,
        string label,
        string says,
        double startMm,
        bool needed = true
    ) => new(name, label, says, Length.Zero, Mm(2000), Mm(startMm), IsNeeded: needed);

    private static LengthField Thickness(string name, string label, string says, double startMm) =>
        new(name, label, says, Length.Zero, Mm(50), Mm(startMm), LengthKind.Fine);
}
