using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Craft.Fullness.PulledGathers;

/// <summary>Asks from the allotment open day, for the API's examples.</summary>
internal static class PulledGathersExample
{
    /// <summary>The awning valance over the seedling stall.</summary>
    public static RawInputs Awning { get; } =
        new(
            new Dictionary<string, RawValue>
            {
                ["finishedEdge"] = RawValue.Of("2.6 m"),
                ["fullness"] = RawValue.Of(2.2),
                ["closed"] = RawValue.Of(false),
                ["finishedDepth"] = RawValue.Of("28 cm"),
                ["seamAllowance"] = RawValue.Of("15 mm"),
                ["hemAllowance"] = RawValue.Of("2 cm"),
                ["doubled"] = RawValue.Of(false),
                ["joinAllowance"] = RawValue.Of("12 mm"),
                ["endAllowance"] = RawValue.Of("15 mm"),
                ["clothWidth"] = RawValue.Of("138 cm"),
                ["cut"] = RawValue.Of("across"),
                ["rows"] = RawValue.Of("three-straddling"),
                ["rowGap"] = RawValue.Of(6),
                ["stitchLength"] = RawValue.Of(4.5),
                ["clothThickness"] = RawValue.Of(0.35),
                ["plainThickness"] = RawValue.Of(0.7),
                ["tail"] = RawValue.Of("10 cm"),
                ["clothWeight"] = RawValue.Of(140),
                ["use"] = RawValue.Of("valance"),
            }
        );

    public static RawInputs With(RawInputs ask, string field, string text) =>
        ask.With(field, RawValue.Of(text));
}
