using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;
using static ZephyrReach.Core.Inputs.RawInputs;

namespace ZephyrReach.Core.Supplies;

/// <summary>A sewing machine, read property by property. Lengths in mm on the machine; null is not known.</summary>
/// <param name="Said">What is known of it.</param>
public sealed record Machine(InputReader Said) : IThing
{
    /// <summary>home, industrial or overlocker.</summary>
    public string? Kind { get; } = Said.OptionalChoice(MachineFields.Kind);

    /// <summary>The foot mounts it takes; empty when not known.</summary>
    public IReadOnlyList<string> Mounts { get; } = Said.Choices(MachineFields.Mounts);

    public string? NeedleSystem { get; } = Said.OptionalChoice(MachineFields.System);

    /// <summary>0 for straight stitches only.</summary>
    public Length? WidestStitch { get; init; } = Said.OptionalLength(MachineFields.Widest);

    public Length? ShortestStitch { get; } = Said.OptionalLength(MachineFields.Shortest);

    public Length? LongestStitch { get; } = Said.OptionalLength(MachineFields.Longest);

    /// <summary>Width of the hole in the needle plate.</summary>
    public Length? PlateOpening { get; } = Said.OptionalLength(MachineFields.Plate);

    /// <summary>The widest pair of needles that it takes.</summary>
    public Length? WidestPair { get; } = Said.OptionalLength(MachineFields.Pair);

    public bool? StraightPlate { get; } = Said.OptionalFlag(MachineFields.Straight);

    /// <summary>How many places the needle can be put to, evenly spaced.</summary>
    public int? NeedlePositions { get; } = (int?)Said.OptionalNumber(MachineFields.Positions);

    /// <summary>How far it goes to either side of the middle.</summary>
    public Length? NeedleShift { get; } = Said.OptionalLength(MachineFields.Shift);

    /// <summary>lowers, covers or neither.</summary>
    public string? FeedDogs { get; } = Said.OptionalChoice(MachineFields.Feed);

    public string? Bobbin { get; } = Said.OptionalChoice(MachineFields.Bobbin);

    public Length? BobbinThread { get; } = Said.OptionalLength(MachineFields.BobbinHolds);

    public Length? BobbinElastic { get; } = Said.OptionalLength(MachineFields.BobbinElasticHolds);

    public Length? PresserLift { get; } = Said.OptionalLength(MachineFields.Lift);

    public bool? Pressure { get; } = Said.OptionalFlag(MachineFields.Pressure);

    public bool? ClampScrew { get; } = Said.OptionalFlag(MachineFields.Clamp);

    /// <summary>Stitches a minute.</summary>
    public double? Fastest { get; } = Said.OptionalNumber(MachineFields.Fastest);

    public bool? NeedleStop { get; } = Said.OptionalFlag(MachineFields.Stop);

    public bool? ProgrammedDarning { get; } = Said.OptionalFlag(MachineFields.Darns);

    public bool? LockStitch { get; } = Said.OptionalFlag(MachineFields.Locks);

    /// <summary>Its needle tension.</summary>
    public TensionDial Dial { get; init; } =
        new(
            Said.OptionalNumber(MachineFields.Normal),
            Said.OptionalNumber(MachineFields.Lowest),
            Said.OptionalNumber(MachineFields.Highest)
        );

    public double? LeastDifferential { get; } = Said.OptionalNumber(MachineFields.LeastDiff);

    public double? GreatestDifferential { get; } = Said.OptionalNumber(MachineFields.MostDiff);

    public bool? ChainLooper { get; } = Said.OptionalFlag(MachineFields.Looper);

    /// <summary>What so many stitches of a dialled length measured on it.</summary>
    public IReadOnlyList<DialSample> StitchDial { get; } =
        DialQuestion.Read(Said, MachineFields.StitchDial);

    /// <summary>What stitches of a dialled width measured from side to side.</summary>
    public IReadOnlyList<DialSample> WidthDial { get; } =
        DialQuestion.Read(Said, MachineFields.WidthDial);

    /// <summary>Whether it is taken where no machine is chosen; of several that are, the one that does the work best.</summary>
    public bool IsMine { get; init; } = Said.Flag(MachineFields.Mine);

    /// <summary>Whether it is known to sew straight stitches only, by its plate or for good.</summary>
    public bool IsStraightOnly => StraightPlate == true || WidestStitch == Length.Zero;

    /// <summary>Whether it is an overlocker.</summary>
    public bool IsOverlocker => Kind == Overlocker;

    public const string Overlocker = "overlocker";

    public static ThingKind Described { get; } =
        new(
            "machine",
            "machine",
            "machines",
            "What sews: its stitches, its needle, its feet, its dials.",
            [.. MachineFields.All],
            Starters.Machines,
            Read
        )
        {
            Measured =
            [
                new(
                    MachineFields.StitchDial.Name,
                    DialQuestion.Form.Name,
                    "What the stitch-length dial really sews"
                ),
                new(
                    MachineFields.WidthDial.Name,
                    DialQuestion.Form.Name,
                    "What its stitch-width dial really gives"
                ),
            ],
        };

    /// <summary>A machine of which nothing is known.</summary>
    public static Machine Unknown { get; } =
        (Machine)Read(new InputReader(RawInputs.Empty, Ruler.Metric));

    /// <summary>A machine of which nothing is known but what an older workroom had written down.</summary>
    public static Machine Plain(double normalTension, Length longestStitch) =>
        (Machine)Read(
            new InputReader(
                Of(
                    ("normalTension", normalTension),
                    ("longestStitch", longestStitch.Millimetres),
                    ("kind", "home")
                ),
                Ruler.Metric
            )
        );

    private static Machine Read(InputReader reader)
    {
        var machine = new Machine(reader);
        if (machine.ShortestStitch > machine.LongestStitch)
        {
            reader.Contradiction(
                MachineFields.Shortest,
                "The shortest stitch is longer than the longest."
            );
        }
        var dial = machine.Dial;
        if (dial.Lowest > dial.Highest || dial.Normal < dial.Lowest || dial.Normal > dial.Highest)
        {
            reader.Contradiction(
                MachineFields.Normal,
                "Normal tension has to lie between the dial's ends."
            );
        }
        return machine;
    }
}
