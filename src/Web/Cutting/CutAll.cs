using System.Text.Json;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Cutting;

/// <summary>How one fabric of a project is laid out.</summary>
/// <param name="Fabric">Which, by its key; empty for all of them.</param>
/// <param name="Seconds">How long is looked for a better layout, 0 to 10.</param>
/// <param name="EdgeToEdge">Whether every cut goes right across what is left.</param>
/// <param name="Double">Whether it is folded double, so that two are cut at once.</param>
/// <param name="FromLeft">Whether strips on the bias are cut from what the other pieces leave over.</param>
/// <param name="Pins">Pieces that were put where they lie, as a list in JSON: [{ piece, number, on, x, y, turned }] in mm.</param>
public sealed record LayoutWanted(
    string Fabric = "",
    double Seconds = 0,
    bool EdgeToEdge = false,
    bool Double = false,
    bool FromLeft = false,
    string Pins = ""
);

/// <summary>That a fabric is cut as it was laid out.</summary>
/// <param name="Layout">How that was.</param>
/// <param name="Used">What it used of the bolt, in mm: with any other nothing is cut.</param>
/// <param name="Ids">UUIDs of version 7, made by the client: one for each part and each remnant that is left, more than enough.</param>
public sealed record CutAllIn(LayoutWanted Layout, double Used, IReadOnlyList<Guid> Ids);

/// <summary>A piece that stays where it was put.</summary>
/// <param name="Piece">Which of the fabric’s pieces, from 0.</param>
/// <param name="Number">Which of those alike, from 1.</param>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
/// <param name="X">From the left selvedge, in mm.</param>
/// <param name="Y">From the cut end, in mm.</param>
/// <param name="Turned">Whether it was turned by a quarter.</param>
public sealed record PinIn(int Piece, int Number, int On, double X, double Y, bool Turned = false)
{
    /// <summary>Longer than any fabric.</summary>
    private const double Most = 1e6;

    public Pin? Read() =>
        X is >= 0 and <= Most && Y is >= 0 and <= Most
            ? new(Piece, Number, On, Length.FromMillimetres(X), Length.FromMillimetres(Y), Turned)
            : null;

    /// <summary>Pins in a query: a list in JSON; null where it is none.</summary>
    public static IReadOnlyList<PinIn>? Parse(string json)
    {
        try
        {
            return json.Length == 0
                ? []
                : JsonSerializer.Deserialize<List<PinIn>>(json, JsonSerializerOptions.Web);
        }
        catch (JsonException)
        {
            return null;
        }
    }
}

/// <summary>What was cut.</summary>
/// <param name="Parts">The parts whose lists are locked now.</param>
/// <param name="Remnants">What is left, by the name that it has in the supplies now.</param>
public sealed record CutAllOut(IReadOnlyList<string> Parts, IReadOnlyList<string> Remnants);
