using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>Gathers made by the machine, as they are wanted.</summary>
/// <param name="Piece">The strip and the edge, with a fullness that the prediction sets.</param>
/// <param name="Reading">What is known of how much the machine draws up.</param>
/// <param name="Trim">Cut longer by this.</param>
/// <param name="JoinFlat">Whether a flat layer is joined in the same pass.</param>
internal sealed record MachineGathersInputs(
    StripInputs Piece,
    PullUpReading Reading,
    Length Trim,
    bool JoinFlat
)
{
    /// <summary>Reads an ask; null when the reader has errors.</summary>
    /// <param name="reader">The raw ask.</param>
    /// <param name="family">How the machine gathers.</param>
    /// <param name="edge">Stands in for the edge where that is what is sought.</param>
    public static MachineGathersInputs? Read(
        InputReader reader,
        PullUpFamily family,
        Length? edge = null
    )
    {
        var layers = (int)Math.Round(reader.OptionalNumber(MachineGathersFields.Layers) ?? 1);
        var settings = PullUpFields.Planned(reader, family);
        var piece = StripReading.Read(
            reader,
            edge ?? reader.Length(StripFields.FinishedEdge),
            settings.StitchLength,
            layers
        );
        var trim = reader.LengthOrStart(MachineGathersFields.TrimAllowance);
        var joinFlat = reader.Flag(MachineGathersFields.JoinFlat);
        var reading = PullUpReading.Read(reader, family, settings);
        return piece is null || reading is null || reader.Errors.Count > 0
            ? null
            : new MachineGathersInputs(
                piece,
                reading with
                {
                    Most = piece.PacksAt(piece.StitchLength),
                },
                trim,
                joinFlat
            );
    }
}
