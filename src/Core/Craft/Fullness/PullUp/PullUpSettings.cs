using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>What was set, as far as it decides how much the machine draws up.</summary>
/// <param name="StitchLength">Above 0.</param>
/// <param name="TensionSteps">From this machine's own normal; tighter is above 0.</param>
/// <param name="Passes">Over the same line, 1 or more.</param>
/// <param name="Differential">1 where there is none.</param>
/// <param name="Weight">Of the cloth as it is gathered: of several layers, all of them.</param>
/// <param name="Steamed">Whether it is measured after steam.</param>
/// <param name="ElasticDiameter">Null when none is used.</param>
/// <param name="ScrewTurns">Of the foot's set screw, tighter than it stands as usual; null where it has none.</param>
/// <param name="HeldBack">Whether a finger holds the fabric back behind the foot.</param>
public readonly record struct PullUpSettings(
    Length StitchLength,
    double TensionSteps,
    double Passes,
    double Differential,
    ClothWeight Weight,
    bool Steamed = false,
    Length? ElasticDiameter = null,
    double? ScrewTurns = null,
    bool HeldBack = false
)
{
    /// <summary>
    /// The features that the model weighs: 1, ln(stitchLength/3), tensionSteps, passes − 1, differential − 1,
    /// ln(clothWeight/120), steamed, ln(elasticDiameter/0.6), which is 0 when there is no elastic, screwTurns, heldBack.
    /// </summary>
    public double[] Features() =>
        [
            1,
            Math.Log(StitchLength.Millimetres / 3),
            TensionSteps,
            Passes - 1,
            Differential - 1,
            Math.Log(Weight.GramsPerSquareMetre / 120),
            Steamed ? 1 : 0,
            ElasticDiameter is { } d ? Math.Log(d.Millimetres / 0.6) : 0,
            ScrewTurns ?? 0,
            HeldBack ? 1 : 0,
        ];

    /// <summary>The settings that can be turned, by their names.</summary>
    public IReadOnlyDictionary<string, double> Figures =>
        new Dictionary<string, double>
        {
            ["stitchLength"] = StitchLength.Millimetres,
            ["tensionSteps"] = TensionSteps,
            ["passes"] = Passes,
            ["differential"] = Differential,
            ["screwTurns"] = ScrewTurns ?? 0,
            ["heldBack"] = HeldBack ? 1 : 0,
        };

    /// <summary>What differs from other settings, one phrase each, in the words of a card.</summary>
    public IReadOnlyList<string> DifferencesFrom(PullUpSettings other)
    {
        List<string> changes = [];
        if (StitchLength != other.StitchLength)
        {
            changes.Add($"stitch {DecimalText.Write(StitchLength.Millimetres)} mm");
        }
        if (TensionSteps != other.TensionSteps)
        {
            changes.Add(TensionSays(TensionSteps));
        }
        if (Passes != other.Passes)
        {
            changes.Add(Passes == 1 ? "one pass" : $"{DecimalText.Write(Passes)} passes");
        }
        if (Differential != other.Differential)
        {
            changes.Add($"differential {DecimalText.Write(Differential)}");
        }
        if (Steamed != other.Steamed)
        {
            changes.Add(Steamed ? "measured after steam" : "measured before steam");
        }
        if (ScrewTurns != other.ScrewTurns)
        {
            changes.Add(ScrewSays(ScrewTurns ?? 0));
        }
        if (HeldBack != other.HeldBack)
        {
            changes.Add(HeldBack ? "a finger behind the foot" : "hands off");
        }
        return changes;
    }

    /// <summary>The settings in one line.</summary>
    public string Says(Knobs knobs)
    {
        List<string> parts = [$"stitch {DecimalText.Write(StitchLength.Millimetres)} mm"];
        parts.Add(TensionSays(TensionSteps));
        if (knobs.HasFlag(Knobs.Passes))
        {
            parts.Add(Passes == 1 ? "one pass" : $"{DecimalText.Write(Passes)} passes");
        }
        if (knobs.HasFlag(Knobs.Differential))
        {
            parts.Add($"differential {DecimalText.Write(Differential)}");
        }
        if (knobs.HasFlag(Knobs.Steam))
        {
            parts.Add(Steamed ? "after steam" : "before steam");
        }
        if (knobs.HasFlag(Knobs.Screw) && ScrewTurns is { } turns)
        {
            parts.Add(ScrewSays(turns));
        }
        if (knobs.HasFlag(Knobs.HoldingBack) && HeldBack)
        {
            parts.Add("a finger behind the foot");
        }
        return string.Join(", ", parts);
    }

    /// <summary>How far the set screw is turned, in words.</summary>
    public static string ScrewTurn(double turns) =>
        turns == 0
            ? "as usual"
            : $"{DecimalText.Write(Math.Abs(turns))} {(Math.Abs(turns) == 1 ? "turn" : "turns")} {(turns > 0 ? "tighter" : "looser")}";

    private static string ScrewSays(double turns) => $"set screw {ScrewTurn(turns)}";

    private static string TensionSays(double steps) =>
        steps switch
        {
            0 => "tension normal",
            1 => "tension 1 step tighter",
            -1 => "tension 1 step looser",
            > 0 => $"tension {DecimalText.Write(steps)} steps tighter",
            _ => $"tension {DecimalText.Write(-steps)} steps looser",
        };
}

/// <summary>A measured sample.</summary>
/// <param name="Settings">What was set.</param>
/// <param name="Flat">Between the marks before sewing; above 0.</param>
/// <param name="Gathered">Between the same marks after; above 0.</param>
/// <param name="Same">Whether it was the very cloth and foot that are planned; another counts half.</param>
/// <param name="Counts">Whether the person lets it count.</param>
public sealed record PullUpSample(
    PullUpSettings Settings,
    Length Flat,
    Length Gathered,
    bool Same = true,
    bool Counts = true
)
{
    /// <summary>Whether it was never sewn.</summary>
    public bool Simulated { get; init; }

    /// <summary>Flat over gathered.</summary>
    public double Fullness => Flat / Gathered;

    /// <summary>1, or ½ for another cloth or foot; 0 when it does not count.</summary>
    public double Weight =>
        !Counts ? 0
        : Same ? 1
        : 0.5;
}
