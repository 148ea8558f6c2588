using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>What an ask may say of settings, samples and how sure to be.</summary>
public static class PullUpFields
{
    public static LengthField StitchLength { get; } =
        LengthField
            .Fine("stitchLength", "Stitch length", 0.3, 12, 4)
            .Help("Length of the stitch that gathers.");

    public static NumberField Passes { get; } =
        new NumberField("passes", "Passes", 1, 3, 1, false).Help(
            "How often the same line is sewn over."
        );

    public static NumberField Differential { get; } =
        new NumberField("differential", "Differential", 0.3, 4, 1, false)
            .Help("How much faster the front feed dogs run; 1 is alike.")
            .Step(0.1);

    public static NumberField Layers { get; } =
        new NumberField("layers", "Layers", 1, 6, 1, false).Help(
            "Light layers that are gathered as one; together they weigh as much as all of them."
        );

    public static FlagField Steamed { get; } =
        new FlagField("steamed", "After steam").Help("Whether it is measured after steam.");

    public static LengthField ElasticDiameter { get; } =
        LengthField
            .Fine("elasticDiameter", "Elastic", 0.1, 5)
            .Optional()
            .Help("Diameter of the elastic thread.")
            .From("elastic.diameter");

    public static NumberField ScrewTurns { get; } =
        new NumberField("screwTurns", "Set screw of the foot", -8, 8, IsNeeded: false)
            .Help(
                "Turns of the gathering foot’s set screw from where it usually stands: tighter is above 0 and gathers more. Leave it out where the foot has none."
            )
            .Unit("turns")
            .Step(0.5);

    public static FlagField HeldBack { get; } =
        new FlagField("heldBack", "Behind the foot")
            .Help(
                "Whether a finger holds the fabric back behind the foot: fuller, and as even as the finger."
            )
            .Words("hands off", "held back by a finger");

    /// <summary>The same as it is kept with a swatch.</summary>
    private static NumberField HeldBackFigure { get; } =
        new NumberField(HeldBack.Name, HeldBack.Label, 0, 1, IsNeeded: false)
            .Help("1 where a finger held the fabric back behind the foot.")
            .Whole();

    /// <summary>Where elastic is: swatches of the one say nothing of the other.</summary>
    public static ChoiceField ElasticIn { get; } =
        new ChoiceField(
            "stitch",
            "Elastic in",
            [
                new(
                    "lockstitch",
                    "bobbin",
                    "On an ordinary machine the bobbin runs out; you’re told before which row to change it."
                ),
                new(
                    "looper",
                    "looper (overlocker)",
                    "A chain stitch on an overlocker: the elastic comes from its reel, and draws up much more."
                ),
            ],
            "lockstitch",
            false
        ).Help("Which thread the elastic takes the place of.");

    /// <summary>How elastic draws up where an ask, or a swatch, has it.</summary>
    public static PullUpFamily ElasticOf(InputReader reader) =>
        reader.OptionalChoice(ElasticIn) == "looper"
            ? PullUpFamily.ElasticInLooper
            : PullUpFamily.Elastic;

    /// <summary>Every setting that a sample may have.</summary>
    public static IReadOnlyList<Field> Settings { get; } =
    [
        StitchLength,
        SetUpFields.TensionSteps,
        Passes,
        Differential,
        FabricFields.LayerWeight,
        Steamed,
        ElasticDiameter,
        ElasticIn,
        ScrewTurns,
        HeldBack,
    ];

    /// <summary>The settings that are kept with a swatch; each may be left out.</summary>
    public static IReadOnlyList<Field> Features { get; } =
    [
        StitchLength with
        {
            IsNeeded = false,
        },
        SetUpFields.TensionSteps,
        Passes,
        Differential,
        FabricFields.LayerWeight,
        ElasticDiameter,
        Layers,
        ScrewTurns,
        HeldBackFigure,
    ];

    public static LengthsField Flat { get; } =
        new LengthsField("flat", "Flat", Length.FromMillimetres(20_000)).Help(
            "Between the marks before sewing, read once or several times."
        );

    public static LengthsField Gathered { get; } =
        new LengthsField("gathered", "Gathered", Length.FromMillimetres(20_000)).Help(
            "Between the same marks after sewing."
        );

    public static GroupsField Samples { get; } =
        new GroupsField(
            "samples",
            "Samples",
            [.. Settings, Flat, Gathered, .. SampleWeight.Fields],
            5000
        ).Help("What was sewn and measured.");

    public static NumberField TargetFullness { get; } =
        new NumberField("targetFullness", "Target fullness", 1, 6, null, false)
            .Help("Works out the stitch length for this fullness.")
            .Step(0.05);

    public static LengthField MinStitchLength { get; } =
        Reach("minStitchLength", "Shortest stitch", 1).From("machine.shortestStitch");

    public static LengthField MaxStitchLength { get; } =
        Reach("maxStitchLength", "Longest stitch", 5).From("machine.longestStitch");

    /// <summary>What may be said beside the settings.</summary>
    public static IReadOnlyList<Field> Beside { get; } =
    [Samples, Certainty.Field, TargetFullness, MinStitchLength, MaxStitchLength];

    /// <summary>Reads settings.</summary>
    /// <param name="reader">Where they are said.</param>
    /// <param name="weight">Stands in for a weight that is not said.</param>
    public static PullUpSettings Read(
        InputReader reader,
        double weight = FabricFields.UsualWeight
    ) =>
        new(
            reader.Length(StitchLength),
            reader.OptionalNumber(SetUpFields.TensionSteps) ?? 0,
            reader.OptionalNumber(Passes) ?? 1,
            reader.OptionalNumber(Differential) ?? 1,
            Measures.ClothWeight.FromGramsPerSquareMetre(
                reader.OptionalNumber(FabricFields.LayerWeight) ?? weight
            ),
            reader.Flag(Steamed),
            reader.OptionalLength(ElasticDiameter),
            reader.OptionalNumber(ScrewTurns),
            reader.Flag(HeldBack)
        );

    /// <summary>The settings that are planned: what a family has no knob for is as it is without one.</summary>
    /// <param name="reader">Where they are said, with <c>layers</c> where several are gathered as one.</param>
    /// <param name="family">How the fullness is made; elastic is judged after steam.</param>
    public static PullUpSettings Planned(InputReader reader, PullUpFamily family)
    {
        var settings = Read(reader);
        var layers = reader.OptionalNumber(Layers) ?? 1;
        return settings with
        {
            Passes = family.Knobs.HasFlag(Knobs.Passes) ? settings.Passes : 1,
            Differential = family.Knobs.HasFlag(Knobs.Differential) ? settings.Differential : 1,
            Steamed = family.Knobs.HasFlag(Knobs.Steam),
            ScrewTurns = family.Knobs.HasFlag(Knobs.Screw) ? settings.ScrewTurns : null,
            HeldBack = family.Knobs.HasFlag(Knobs.HoldingBack) && settings.HeldBack,
            Weight = Measures.ClothWeight.FromGramsPerSquareMetre(
                Math.Min(2000, settings.Weight.GramsPerSquareMetre * layers)
            ),
        };
    }

    /// <summary>Reads the samples.</summary>
    /// <param name="family">How the fullness is made: elastic in the other place is read, and does not count.</param>
    public static IReadOnlyList<PullUpSample> ReadSamples(
        InputReader reader,
        PullUpSettings planned,
        PullUpFamily family
    )
    {
        List<PullUpSample> samples = [];
        foreach (var sample in reader.Groups(Samples))
        {
            var settings = Read(sample, planned.Weight.GramsPerSquareMetre);
            var (flat, gathered) = (sample.Lengths(Flat), sample.Lengths(Gathered));
            var (same, counts) = SampleWeight.Read(sample);
            if (flat.Count > 0 && gathered.Count > 0)
            {
                samples.Add(
                    new PullUpSample(
                        settings,
                        FullnessReading.Mean(flat),
                        FullnessReading.Mean(gathered),
                        same,
                        counts && (!family.IsElastic || ElasticOf(sample) == family)
                    )
                    {
                        Simulated = SampleWeight.IsSimulated(sample),
                    }
                );
            }
        }
        return samples;
    }

    /// <summary>Reads what the machine's stitch reaches.</summary>
    public static StitchReach ReadReach(InputReader reader)
    {
        var least = reader.OptionalLength(MinStitchLength) ?? MinStitchLength.Start!.Value;
        var most = reader.OptionalLength(MaxStitchLength) ?? MaxStitchLength.Start!.Value;
        if (most < least)
        {
            reader.Contradiction(
                MaxStitchLength,
                "The longest stitch cannot be shorter than the shortest."
            );
        }
        return new StitchReach(least, Length.Max(least, most));
    }

    private static LengthField Reach(string name, string label, double start) =>
        new LengthField(
            name,
            label,
            Length.FromMillimetres(0.2),
            Length.FromMillimetres(12),
            Length.FromMillimetres(start),
            LengthKind.Fine,
            false
        ).Help("What the machine has.");
}
