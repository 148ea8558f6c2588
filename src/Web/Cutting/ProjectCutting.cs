using System.Text.Json;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;
using ZephyrReach.Web.Measures;

namespace ZephyrReach.Web.Cutting;

/// <summary>A piece of a part in a layout.</summary>
/// <param name="Mark">What stands on it.</param>
/// <param name="Size">As it is cut.</param>
public sealed record PartPieceOut(
    Guid Part,
    string PartName,
    string Name,
    int Count,
    string Mark,
    string Size
)
{
    public static PartPieceOut Of(PartPiece piece, Ruler ruler) =>
        new(
            piece.Part,
            piece.PartName,
            piece.Piece.Name,
            piece.Piece.Count,
            piece.Mark,
            piece.Piece.SizeSays(ruler)
        );
}

/// <summary>A sheet that is cut into.</summary>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
public sealed record SheetOut(int On, string Name, JsonElement Drawing);

/// <summary>A piece where it lies, in the order of cutting.</summary>
/// <param name="Mark">What stands on it, with its number where there are several.</param>
/// <param name="Sheet">What it is cut from.</param>
/// <param name="FromEnd">From the cut end to its nearest side.</param>
/// <param name="FromSelvedge">From the left selvedge to its nearest side.</param>
public sealed record PlacedOut(
    string Mark,
    string Name,
    string PartName,
    string Size,
    string Sheet,
    LengthOut FromEnd,
    LengthOut FromSelvedge
);

/// <summary>How much is bought in a width that it is sold in.</summary>
/// <param name="Used">What all pieces take of it, without remnants.</param>
/// <param name="Buy">That, as it is sold.</param>
public sealed record BuyingOut(LengthOut Width, LengthOut Used, string Buy);

/// <summary>What of a project is cut from one fabric, laid out.</summary>
/// <param name="Key">Names it among the fabrics of the project.</param>
/// <param name="Thing">The fabric in the supplies; null where none was chosen.</param>
/// <param name="Width">Between its selvedges.</param>
/// <param name="Left">What there is of it; null where that is not known.</param>
/// <param name="Short">What is missing; null where it is enough, or where it is not known what there is.</param>
/// <param name="PartByPart">What it takes where each part is cut by itself.</param>
/// <param name="Saved">What is saved against that; null where nothing is.</param>
/// <param name="ForCertainty">What of it is cut to be surer than half the time that it is long enough; null where nothing is.</param>
/// <param name="Remnants">The sizes of what is left over, as they are written.</param>
/// <param name="TooLarge">Pieces that do not lie on it, whichever way.</param>
public sealed record FabricOut(
    string Key,
    Guid? Thing,
    string Name,
    LengthOut Width,
    LengthOut? Left,
    LengthOut? Short,
    LengthOut PartByPart,
    LengthOut? Saved,
    LengthOut? ForCertainty,
    IReadOnlyList<PartPieceOut> Pieces,
    IReadOnlyList<PartPieceOut> TooLarge,
    IReadOnlyList<SheetOut> Sheets,
    IReadOnlyList<PlacedOut> Order,
    IReadOnlyList<BuyingOut> Buying,
    IReadOnlyList<string> Remnants,
    LayoutOut Layout
)
{
    /// <summary>As fabric is sold.</summary>
    private static readonly double[] SoldMetric = [900, 1100, 1400, 1500];

    private static readonly double[] SoldImperial = [36 * 25.4, 44 * 25.4, 54 * 25.4, 60 * 25.4];

    public static FabricOut Of(FabricToCut fabric, Layout layout, Length? even, Ruler ruler)
    {
        LengthOut Cut(Length length) => LengthOut.Of(length, LengthKind.Cut, ruler);
        LengthOut Mark(Length length) => LengthOut.Of(length, LengthKind.Marked, ruler);
        return new(
            KeyOf(fabric),
            fabric.Thing,
            fabric.Name,
            Mark(fabric.Task.Bolt.Width),
            fabric.Left is { } left ? Mark(left) : null,
            fabric.Left is { } there && layout.Used > there ? Cut(layout.Used - there) : null,
            Cut(fabric.PartByPart),
            fabric.PartByPart > layout.Used ? Mark(fabric.PartByPart - layout.Used) : null,
            even is { } least && layout.Used > least ? Mark(layout.Used - least) : null,
            [.. fabric.Pieces.Select(p => PartPieceOut.Of(p, ruler))],
            [.. fabric.TooLarge.Select(p => PartPieceOut.Of(p, ruler))],
            [
                .. OnFabricDrawing
                    .All(fabric, layout, ruler)
                    .Select(s => new SheetOut(
                        s.On,
                        s.On == 0 ? fabric.Name : fabric.Remnants[s.On - 1].Name,
                        Reckon.CraftJson.Of(s.Drawing, ruler)
                    )),
            ],
            [
                .. layout
                    .Placements.OrderBy(p => p.On == 0 ? int.MaxValue : p.On)
                    .ThenBy(p => p.Y)
                    .ThenBy(p => p.X)
                    .Select(p => Placed(fabric, p, ruler)),
            ],
            Buyings(fabric, ruler),
            [.. layout.Left.Select(l => Ruler.Size(ruler.Mark(l.Width), ruler.Mark(l.Long)))],
            LayoutOut.Of(layout, ruler)
        );
    }

    public static string KeyOf(FabricToCut fabric) =>
        fabric.Thing?.ToString() ?? $"named {fabric.Name}";

    private static PlacedOut Placed(FabricToCut fabric, Placement place, Ruler ruler)
    {
        var piece = fabric.Pieces[place.Piece];
        return new(
            LayoutGuide.MarkOf(fabric, place),
            piece.Piece.Name,
            piece.PartName,
            piece.Piece.SizeSays(ruler),
            place.On == 0 ? fabric.Name : fabric.Remnants[place.On - 1].Name,
            LengthOut.Of(place.Y, LengthKind.Marked, ruler),
            LengthOut.Of(place.X, LengthKind.Marked, ruler)
        );
    }

    /// <summary>In each width that all pieces lie on, the first layout that is found.</summary>
    private static IReadOnlyList<BuyingOut> Buyings(FabricToCut fabric, Ruler ruler) =>
        [
            .. (ruler.Units == UnitSystem.Metric ? SoldMetric : SoldImperial)
                .Select(mm => new Sheet(Length.FromMillimetres(mm), null))
                .Select(bolt => fabric.Task with { Bolt = bolt, Remnants = [] })
                .Where(task => task.Pieces.All(p => CuttingTable.WidestFor(task, p) is null))
                .Select(task =>
                {
                    var used = CuttingTable.Lay(task, 0).Used;
                    return new BuyingOut(
                        LengthOut.Of(task.Bolt.Width, LengthKind.Marked, ruler),
                        LengthOut.Of(used, LengthKind.Cut, ruler),
                        RetailUnits.Says("cloth", used, ruler)
                    );
                }),
        ];
}

/// <summary>The cutting table of a project.</summary>
/// <param name="Name">What the project is called.</param>
/// <param name="Unsaid">Parts that cannot be worked out yet, and so are not in it.</param>
public sealed record ProjectCuttingOut(
    string Name,
    IReadOnlyList<FabricOut> Fabrics,
    IReadOnlyList<string> Unsaid
);
