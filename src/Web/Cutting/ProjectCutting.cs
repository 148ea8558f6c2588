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
    /// <param name="inAll">Of strips of several lengths: how long they are together; else null.</param>
    public static PartPieceOut Of(PartPiece piece, Length? inAll, Ruler ruler) =>
        new(
            piece.Part,
            piece.PartName,
            piece.Piece.Name,
            piece.Piece.Count,
            piece.Mark,
            inAll is { } together
                ? $"{piece.Piece.DepthSays(ruler)} wide, {ruler.Mark(together)} joined"
                : piece.Piece.SizeSays(ruler)
        );
}

/// <summary>A sheet that is cut into.</summary>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
public sealed record SheetOut(int On, string Name, JsonElement Drawing);

/// <summary>A piece where it lies, in the order of cutting.</summary>
/// <param name="Mark">What stands on it, with its number where there are several.</param>
/// <param name="Piece">Which of the fabric’s pieces, from 0.</param>
/// <param name="Number">Which of those alike, from 1; the first of two that are cut at once.</param>
/// <param name="Count">How many are cut at once.</param>
/// <param name="On">0 for the bolt, from 1 the remnants.</param>
/// <param name="Across">How far it reaches across the fabric.</param>
/// <param name="Along">How far it reaches along it.</param>
/// <param name="CanMove">Whether a hand may put it elsewhere.</param>
/// <param name="Sheet">What it is cut from.</param>
/// <param name="FromEnd">From the cut end to its nearest side.</param>
/// <param name="FromSelvedge">From the left selvedge to its nearest side.</param>
public sealed record PlacedOut(
    string Mark,
    int Piece,
    int Number,
    int Count,
    string Name,
    Guid Part,
    string PartName,
    string Size,
    int On,
    string Sheet,
    LengthOut Across,
    LengthOut Along,
    bool OnFold,
    bool CanMove,
    LengthOut FromEnd,
    LengthOut FromSelvedge
);

/// <summary>How much is bought in a width that it is sold in.</summary>
/// <param name="Used">What all pieces take of it, without remnants.</param>
/// <param name="Buy">That, as it is sold.</param>
/// <param name="Leaves">The largest that is left over then, or empty.</param>
public sealed record BuyingOut(LengthOut Width, LengthOut Used, string Buy, string Leaves);

/// <summary>Strips on the bias cut one way: with how many joins, and how much of the bolt everything uses then.</summary>
public sealed record BiasWayOut(int Strips, int Joins, LengthOut Used);

/// <summary>Strips on the bias as pieces of their own, and from what the other pieces leave over.</summary>
/// <param name="FromLeft">Null where what is left is not enough.</param>
public sealed record BiasOut(BiasWayOut Own, BiasWayOut? FromLeft);

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
/// <param name="Unmatched">Strips whose pattern does not go on across their joins, since they are as long as the fabric is wide.</param>
/// <param name="WhyNotDouble">Why it is not cut folded double; empty where it can be.</param>
/// <param name="Bias">Null where nothing is cut on the bias.</param>
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
    IReadOnlyList<string> Unmatched,
    string WhyNotDouble,
    BiasOut? Bias,
    LayoutOut Layout
)
{
    /// <summary>As fabric is sold.</summary>
    private static readonly double[] SoldMetric = [900, 1100, 1400, 1500];

    private static readonly double[] SoldImperial = [36 * 25.4, 44 * 25.4, 54 * 25.4, 60 * 25.4];

    /// <param name="other">The same with strips on the bias cut the other way; null where there are none, or where that cannot be.</param>
    /// <param name="fromLeft">Whether they are cut from what is left.</param>
    public static FabricOut Of(
        FabricToCut fabric,
        Layout layout,
        Layout? other,
        bool fromLeft,
        Length? even,
        Ruler ruler
    )
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
            [
                .. fabric.Pieces.Select(
                    (p, i) =>
                        PartPieceOut.Of(
                            p,
                            fromLeft && fabric.Task.Pieces[i].IsBias
                                ? BiasFromLeft.Needed(fabric.Task.Pieces[i])
                                : null,
                            ruler
                        )
                ),
            ],
            [.. fabric.TooLarge.Select(p => PartPieceOut.Of(p, null, ruler))],
            [
                .. OnFabricDrawing
                    .All(fabric, layout, ruler)
                    .Select(s => new SheetOut(
                        s.On,
                        s.On == 0 ? fabric.Name : fabric.Remnants[s.On - 1].Name,
                        Reckon.CraftJson.Of(s.Drawing, ruler)
                    )),
            ],
            [.. LaidPiece.All(fabric, layout).Select(p => Placed(fabric, p, ruler))],
            Buyings(fabric, ruler),
            [
                .. layout.LeftOfCut.Select(l =>
                    Core.Answers.Piece.Many(
                        l.Count,
                        Ruler.Size(ruler.Mark(l.OpenWidth), ruler.Mark(l.Long))
                    )
                ),
            ],
            [.. layout.Unmatched.Select(i => fabric.Pieces[i].Mark)],
            CuttingTable.WhyNotDouble(fabric.Task),
            fabric.Task.Pieces.Any(p => p.IsBias)
                ? new BiasOut(
                    Way(fabric, fromLeft ? other! : layout, ruler),
                    (fromLeft ? layout : other) is { } rest ? Way(fabric, rest, ruler) : null
                )
                : null,
            LayoutOut.Of(layout, ruler)
        );
    }

    public static string KeyOf(FabricToCut fabric) =>
        fabric.Thing?.ToString() ?? $"named {fabric.Name}";

    private static BiasWayOut Way(FabricToCut fabric, Layout layout, Ruler ruler)
    {
        var strips = layout
            .Placements.Where(p => fabric.Task.Pieces[p.Piece].IsBias)
            .GroupBy(p => p.Piece)
            .Select(g => g.Count())
            .ToList();
        return new(
            strips.Sum(),
            strips.Sum(n => n - 1),
            LengthOut.Of(layout.Used, LengthKind.Cut, ruler)
        );
    }

    private static PlacedOut Placed(FabricToCut fabric, LaidPiece laid, Ruler ruler)
    {
        var (place, cut) = (laid.Place, fabric.Task.Pieces[laid.Place.Piece]);
        LengthOut Mark(Length length) => LengthOut.Of(length, LengthKind.Marked, ruler);
        return new(
            laid.Mark,
            place.Piece,
            place.Number,
            laid.Count,
            laid.Of.Piece.Name,
            laid.Of.Part,
            laid.Of.PartName,
            laid.SizeSays(cut, ruler),
            place.On,
            place.On == 0 ? fabric.Name : fabric.Remnants[place.On - 1].Name,
            Mark(place.Across),
            Mark(place.Along),
            place.IsOnFold,
            !cut.IsBias,
            Mark(place.Y),
            Mark(place.X)
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
                    var layout = CuttingTable.Lay(task, 0);
                    var used = layout.Used;
                    return new BuyingOut(
                        LengthOut.Of(task.Bolt.Width, LengthKind.Marked, ruler),
                        LengthOut.Of(used, LengthKind.Cut, ruler),
                        RetailUnits.Says("cloth", used, ruler),
                        layout.Left is [var left, ..]
                            ? Ruler.Size(ruler.Mark(left.OpenWidth), ruler.Mark(left.Long))
                            : ""
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
