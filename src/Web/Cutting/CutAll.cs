using System.Text.Json;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Cutting;

/// <summary>That a fabric is cut as it was laid out.</summary>
/// <param name="Fabric">Which, by its key.</param>
/// <param name="Seconds">As it was laid out.</param>
/// <param name="Used">What that used of the bolt, in mm: with any other nothing is cut.</param>
/// <param name="Pins">Pieces that were put where they lie.</param>
/// <param name="Ids">UUIDs of version 7, made by the client: one for each part and each remnant that is left, more than enough.</param>
public sealed record CutAllIn(
    string Fabric,
    double Seconds,
    bool EdgeToEdge,
    double Used,
    IReadOnlyList<Guid> Ids,
    IReadOnlyList<PinIn>? Pins = null
);

/// <summary>A piece that stays where it was put.</summary>
/// <param name="Piece">Which of the fabric’s pieces, from 0.</param>
/// <param name="Number">Which of those alike, from 1.</param>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
/// <param name="X">From the left selvedge, in mm.</param>
/// <param name="Y">From the cut end, in mm.</param>
public sealed record PinIn(int Piece, int Number, int On, double X, double Y)
{
    /// <summary>Longer than any fabric.</summary>
    private const double Most = 1e6;

    public Pin? Read() =>
        X is >= 0 and <= Most && Y is >= 0 and <= Most
            ? new(Piece, Number, On, Length.FromMillimetres(X), Length.FromMillimetres(Y))
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
