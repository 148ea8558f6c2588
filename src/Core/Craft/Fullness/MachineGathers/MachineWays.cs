using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.WhichWay;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>Gathers that a machine makes, beside other ways of making an edge fuller.</summary>
/// <remarks>What they make cannot be pulled to fit: so much is cut that it is enough nine times in ten on no swatch at all.</remarks>
internal static class MachineWays
{
    public static AsWay ByFoot(Kind kind) =>
        new(
            wanted => Of(wanted, kind, "a gathering foot"),
            new(
                new("gathering-foot", "a gathering foot", "It gathers as it sews."),
                supplies => supplies.Feet.Any(f => f.Is.Kind == FootKinds.Gathering)
            )
        );

    public static AsWay ByOverlocker(Kind kind) =>
        new(
            wanted => Of(wanted, kind, "the overlocker’s differential feed"),
            new(
                new("overlock", "an overlocker with differential feed", "It gathers and neatens."),
                supplies => supplies.Machines.Any(m => m.Is.IsOverlocker)
            )
        );

    /// <summary>Set to the stitch that likely gives the fullness, in as many passes as it takes.</summary>
    private static IEnumerable<Way> Of(EdgeWanted wanted, Kind kind, string title)
    {
        var (piece, fullness) = (wanted.Piece, wanted.Fullness);
        var model = PullUpModel.From(kind.Family, []);
        var set = new PullUpSettings(
            Length.FromMillimetres(4),
            1,
            1,
            kind.Family.Knobs.HasFlag(Knobs.Differential) ? 2 : 1,
            ClothWeight.FromGramsPerSquareMetre(wanted.Weight)
        );
        var reach = new StitchReach(Length.FromMillimetres(1), Length.FromMillimetres(5));
        var setting = TargetSetting.For(model, kind.Family, set, fullness, reach);
        // A knife's second pass would cut into its first.
        if (!setting.Reaches && setting.Fullness < fullness && !kind.Knife)
        {
            setting = TargetSetting.For(
                model,
                kind.Family,
                set with
                {
                    Passes = 2,
                },
                fullness,
                reach
            );
        }
        var (stitch, passes) = (setting.Settings.StitchLength, setting.Settings.Passes);
        var likely = model.Predict(setting.Settings) with { Most = piece.PacksAt(stitch) };
        var cut = piece.FinishedEdge * likely.At(Certainty.Field.Start!.Value);
        var trimmed = (cut + MachineGathersFields.TrimAllowance.Start!.Value) / piece.FinishedEdge;
        if (wanted.Strips(trimmed) is not { } strips)
        {
            yield break;
        }
        var isHeavy = wanted.Weight > MachineGathersFields.Heavy;
        yield return new Way(
            title,
            strips.ClothToBuy,
            Pace.Sewn(strips.SewnFlat * passes, stitch)
                + Pace.Swatches
                // With a knife the flat layer is joined, trimmed and neatened in the same pass.
                + (kind.Knife ? 0 : Pace.Seam(piece.FinishedEdge)),
            2.5,
            setting.Reaches && !isHeavy,
            isHeavy ? "fabric as thick as this hardly gathers this way"
                : setting.Reaches
                    ? $"likely at stitch {DecimalText.Write(stitch.Millimetres, 1)} mm{(passes > 1 ? ", two passes" : "")}; a swatch says for sure"
                : $"comes to about {DecimalText.Write(setting.Fullness)} at the {(setting.Fullness < fullness ? "most" : "least")}"
        )
        {
            StitchLength = stitch,
            Passes = (int)passes,
            TensionSteps = setting.Settings.TensionSteps,
        };
    }
}
