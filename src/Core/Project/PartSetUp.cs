using ZephyrReach.Core.Faults;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Project;

/// <summary>What is set for a part, as the fault finder asks for it: from its plan, and from the supplies that were chosen for it.</summary>
public static class PartSetUp
{
    /// <summary>What each property of a supply is called there.</summary>
    private static readonly (string Kind, string Property, string Field)[] OfSupplies =
    [
        ("cloth", "weight", "clothWeight"),
        ("cloth", "build", "clothBuild"),
        ("needle", "size", "needleSize"),
        ("needle", "point", "needlePoint"),
        ("needle", "twinSpacing", "needleSpacing"),
        ("thread", "tex", "threadTex"),
        ("foot", "grooveWidth", "grooveWidth"),
    ];

    /// <summary>What is known of it.</summary>
    /// <param name="inputs">What was entered for the part, with what is not entered.</param>
    /// <param name="supplyOf">The supply of a kind that was chosen for it; null where none was.</param>
    /// <param name="more">What was said of it beside the plan, such as how long the needle has sewn.</param>
    public static SetUp Of(
        PlannedPart part,
        RawInputs inputs,
        Func<string, Supply?> supplyOf,
        RawInputs more,
        Ruler ruler
    )
    {
        var raw = RawInputs.Empty;
        foreach (var field in SetUp.Group.Fields)
        {
            raw = raw.With(field.Name, inputs, field.Name);
        }
        foreach (var (kind, property, field) in OfSupplies)
        {
            if (supplyOf(kind) is { } supply)
            {
                raw = raw.With(field, supply.Properties, property);
            }
        }
        foreach (var (name, value) in more.Values)
        {
            raw = raw.With(name, value);
        }
        var technique = Craft.Techniques.Named(part.Technique);
        return SetUp.Read(new InputReader(raw.Without("technique"), ruler)) with
        {
            Technique = technique?.CardOf(inputs).Name,
        };
    }
}
