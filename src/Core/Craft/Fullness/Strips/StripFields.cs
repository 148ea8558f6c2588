using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>What an ask may say of strips that are gathered into an edge.</summary>
public static class StripFields
{
    private static readonly Length OneKilometre = Length.FromMillimetres(1e6);

    public static LengthField FinishedEdge { get; } =
        LengthField
            .Mm("finishedEdge", "Finished length", 1, 1e6)
            .Help("Length of the edge it will be sewn to. Several lengths are added together.")
            .Edge();

    public static NumberField Fullness { get; } =
        new NumberField("fullness", "Fullness", 1, 6, 2)
            .Help("How many times longer the flat strip is than the finished edge.")
            .Step(0.05);

    public static FlagField Closed { get; } =
        new FlagField("closed", "Edge")
            .Help("Whether the edge runs round and meets itself.")
            .ComesAlong()
            .Words("two ends", "closed loop");

    public static LengthField FinishedDepth { get; } =
        LengthField
            .Mm("finishedDepth", "Finished depth", 1, 1e6, 200)
            .Help("From the seam line to the finished lower edge.");

    public static LengthField SeamAllowance { get; } =
        Allowance("seamAllowance", "Seam allowance", 15)
            .Help("From the raw edge to the seam line.");

    public static LengthField HemAllowance { get; } =
        Allowance("hemAllowance", "Hem allowance", 20, false)
            .Help("Fabric turned up for the hem; not needed when the strip is folded double.")
            .Unless("doubled", "true");

    public static FlagField Doubled { get; } =
        new FlagField("doubled", "Lower edge")
            .Help("Whether the strip is folded lengthwise, so that it needs no hem.")
            .Words("hemmed", "folded double");

    public static LengthField JoinAllowance { get; } =
        Allowance("joinAllowance", "Seam allowance between strips", 12)
            .Help("Seam allowance at each end where strips are joined.");

    public static LengthField EndAllowance { get; } =
        Allowance("endAllowance", "End allowance", 15, false)
            .Help("Length left ungathered at each open end; a closed loop has none.")
            .Unless("closed", "true");

    public static ChoiceField Cut { get; } =
        new ChoiceField(
            "cut",
            "Cut strips",
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
                    "Along the selvedge: no joins or few, stripes run with the strip; needs a long piece of fabric."
                ),
            ],
            "across"
        ).Help("Which way the strips lie on the fabric.");

    public static NumberField StripsAlong { get; } =
        new NumberField("stripsAlong", "Strips along the selvedge", 1, 100, 1, false)
            .Help(
                "How many are joined into one: side by side in one length of the fabric they need less of it."
            )
            .Whole()
            .When("cut", "along");

    public static ChoiceField Rows { get; } =
        new ChoiceField(
            "rows",
            "Gathering rows",
            [.. RowScheme.All.Select(r => r.Choice)],
            "three-straddling"
        ).Help("The gathering rows and where they lie.");

    public static LengthField RowGap { get; } =
        LengthField
            .Mm("rowGap", "Row spacing", 0.1, 1000, 6)
            .Help("Distance from one row to the next.");

    public static LengthField StitchLength { get; } =
        LengthField
            .Fine("stitchLength", "Stitch length", 0.1, 25, 4.5)
            .Help("Of the gathering rows: the longest the machine makes, 4 to 5 mm.");

    /// <summary>Rows are sewn no longer than that.</summary>
    public static LengthField LongestStitch { get; } =
        LengthField
            .Fine("longestStitch", "Longest stitch", 1, 12)
            .Help("That the machine makes.")
            .Optional()
            .From("machine.longestStitch");

    public static LengthField PlainThickness { get; } =
        Thickness("plainThickness", "Thickness of the piece it is sewn to", 0.6)
            .Help("Of all layers of the piece it is sewn to.");

    public static LengthField Tail { get; } =
        Allowance("tail", "Tails", 100).Help("Thread left at each end of a row for pulling.");

    public static LengthField CuttingStep { get; } =
        LengthField
            .Mm("cuttingStep", "Round strip lengths up to", 0.01, 1000)
            .Optional()
            .Help("Strip lengths are rounded up to this.");

    public static LengthField ZigzagWidth { get; } =
        LengthField
            .Fine("zigzagWidth", "Zigzag width", 0.1, 25, 3)
            .Optional()
            .Help("Of a zigzag over threads: 3 mm, and at least the threads and 1.5 mm.")
            .When("rows", "over-threads");

    public static LengthField Bobbin { get; } =
        LengthField
            .Mm("bobbinCapacity", "Length per bobbin", 1000, 1e6)
            .Optional()
            .Help("How much thread a bobbin holds.")
            .From("machine.bobbinThread");

    public static ChoiceField Use { get; } =
        new ChoiceField("use", "Use", [.. Uses.All.Select(u => u.Choice)], IsNeeded: false)
            .Help("Where the gathers are used.")
            .ComesAlong();

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
        StripsAlong,
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
        double startMm,
        bool needed = true
    ) => new LengthField(name, label, Length.Zero, Mm(2000), Mm(startMm), IsNeeded: needed);

    private static LengthField Thickness(string name, string label, double startMm) =>
        new LengthField(name, label, Length.Zero, Mm(50), Mm(startMm), LengthKind.Fine);
}
