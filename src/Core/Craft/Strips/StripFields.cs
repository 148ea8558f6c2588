using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Strips;

/// <summary>What an ask may say of strips that are gathered into an edge.</summary>
public static class StripFields
{
    private static readonly Length OneKilometre = Length.FromMillimetres(1e6);

    public static LengthField FinishedEdge { get; } =
        new(
            "finishedEdge",
            "Finished edge",
            "The edge that the gathers are sewn to; several lengths are added up.",
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
            "How many times the finished edge is gathered into it.",
            1,
            6,
            2
        )
        {
            Step = 0.05,
        };

    public static FlagField Closed { get; } =
        new("closed", "The edge is", "Whether the edge runs round and meets itself.")
        {
            No = "open",
            Yes = "ring",
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
        Allowance("seamAllowance", "Seam", "From the raw edge to the seam line.", 15);

    public static LengthField HemAllowance { get; } =
        Allowance(
            "hemAllowance",
            "Hem",
            "What is turned up below; not used when the strip is doubled.",
            20,
            false
        ) with
        {
            ShownWhen = new("doubled", "true", Not: true),
        };

    public static FlagField Doubled { get; } =
        new(
            "doubled",
            "The strip is",
            "Whether the strip is folded lengthwise, so that it needs no hem."
        )
        {
            No = "hemmed",
            Yes = "doubled",
        };

    public static LengthField JoinAllowance { get; } =
        Allowance("joinAllowance", "Joins", "What each strip gives to a join at one end.", 12);

    public static LengthField EndAllowance { get; } =
        Allowance(
            "endAllowance",
            "Ends",
            "What each open end keeps free of gathers; a ring has none.",
            15,
            false
        ) with
        {
            ShownWhen = new("closed", "true", Not: true),
        };

    public static LengthField ClothWidth { get; } =
        new(
            "clothWidth",
            "Usable width",
            "The cloth between its selvedges, without what cannot be used.",
            Mm(1),
            OneKilometre,
            Mm(1380)
        )
        {
            From = "cloth.usableWidth",
        };

    public static ChoiceField Cut { get; } =
        new(
            "cut",
            "Cut",
            "Which way the strips lie on the cloth.",
            [
                new Choice(
                    "across",
                    "across",
                    "Strips run from selvedge to selvedge: less cloth to buy for long edges, more joins; crosswise grain is a "
                        + "little softer to gather."
                ),
                new Choice(
                    "along",
                    "along",
                    "One strip along the selvedge: no joins, stripes run with the strip; needs a long piece of cloth."
                ),
            ],
            "across"
        );

    public static ChoiceField Rows { get; } =
        new(
            "rows",
            "Rows",
            "The gathering rows and where they lie.",
            [.. RowScheme.All.Select(r => r.Choice)],
            "three-straddling"
        );

    public static LengthField RowGap { get; } =
        new("rowGap", "Row gap", "Between neighbouring rows.", Mm(0.1), Mm(1000), Mm(6));

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

    public static LengthField ClothThickness { get; } =
        Thickness("clothThickness", "Thickness", "Of one layer of the gathered cloth.", 0.3) with
        {
            From = "cloth.thickness",
        };

    public static LengthField PlainThickness { get; } =
        Thickness(
            "plainThickness",
            "Plain edge thickness",
            "Of all layers of the piece it is sewn to.",
            0.6
        );

    public static LengthField Tail { get; } =
        Allowance(
            "tail",
            "Tails",
            "The thread left hanging at each end of a row, to pull by.",
            100
        );

    public static LengthField CuttingStep { get; } =
        new(
            "cuttingStep",
            "Cutting step",
            "Strip lengths are rounded up to this; else to the step of the units asked for.",
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
            "On a bobbin",
            "How much thread a bobbin holds.",
            Mm(1000),
            OneKilometre,
            IsNeeded: false
        )
        {
            From = "machine.bobbinThread",
        };

    public static LengthField ClothAtHand { get; } =
        new(
            "clothAtHand",
            "Cloth there is",
            "How much length of the cloth there is, when it is owned already.",
            Mm(1),
            OneKilometre,
            IsNeeded: false
        )
        {
            From = "cloth.lengthLeft",
        };

    public static NumberField ClothWeight { get; } =
        new(
            "clothWeight",
            "Weight",
            "Of the cloth, in grams per square metre.",
            1,
            2000,
            IsNeeded: false
        )
        {
            Unit = "g/m²",
            Step = 5,
            From = "cloth.weight",
        };

    public static ChoiceField Use { get; } =
        new(
            "use",
            "For",
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
        ClothWidth,
        Cut,
        Rows,
        RowGap,
        StitchLength,
        ClothThickness,
        PlainThickness,
        Tail,
        CuttingStep,
        ZigzagWidth,
        Bobbin,
        ClothAtHand,
        ClothWeight,
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
