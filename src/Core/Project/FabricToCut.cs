using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Project;

/// <summary>A piece of a part that is still to be cut.</summary>
/// <param name="Mark">What stands on it in a layout: a letter for each, such as <c>B</c>.</param>
public sealed record PartPiece(Guid Part, string PartName, Piece Piece, string Mark);

/// <summary>What of a project is cut from one fabric, all parts together.</summary>
/// <param name="Thing">The fabric in the supplies; null where none was chosen.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Left">What there is of it to cut from, once it is washed; null where that is not known.</param>
/// <param name="Remnants">What was left of it before, in the order of the task’s remnants.</param>
/// <param name="Pieces">In the order of the task’s pieces.</param>
/// <param name="TooLarge">Those that do not lie on it, whichever way; they are not in the task.</param>
/// <param name="PartByPart">What it takes where each part is cut by itself.</param>
public sealed record FabricToCut(
    Guid? Thing,
    string Name,
    Length? Left,
    IReadOnlyList<Supply> Remnants,
    IReadOnlyList<PartPiece> Pieces,
    IReadOnlyList<PartPiece> TooLarge,
    Length PartByPart,
    CuttingTask Task
)
{
    /// <summary>The fabrics of parts, each with what is cut from it; those first of which most pieces are cut.</summary>
    /// <param name="parts">Those that count and are not cut yet, with their plans.</param>
    /// <param name="supplies">All fabrics that there are.</param>
    /// <param name="ruler">How sizes are written, which is as they are cut.</param>
    public static IReadOnlyList<FabricToCut> Of(
        IEnumerable<(PlannedPart Part, WorkPlan Plan)> parts,
        IReadOnlyCollection<Supply> supplies,
        Ruler ruler
    ) =>
        [
            .. parts
                .SelectMany(p =>
                    p.Plan.Pieces.Where(piece => piece.Of == "cloth")
                        .Select(piece =>
                            (p.Part, p.Plan, Piece: piece, Fabric: FabricOf(p.Part, piece))
                        )
                )
                .GroupBy(p => p.Fabric)
                .Select(of =>
                    One(of.Key, [.. of.Select(p => (p.Part, p.Plan, p.Piece))], supplies, ruler)
                )
                .OrderByDescending(f => f.Pieces.Sum(p => p.Piece.Count)),
        ];

    private static (Guid? Thing, string Name) FabricOf(PlannedPart part, Piece piece) =>
        piece.Fabric.Length > 0 ? (null, piece.Fabric)
        : part.Used("cloth") is { } id ? (id, "")
        : (null, part.Fabric);

    private static FabricToCut One(
        (Guid? Thing, string Name) fabric,
        IReadOnlyList<(PlannedPart Part, WorkPlan Plan, Piece Piece)> pieces,
        IReadOnlyCollection<Supply> supplies,
        Ruler ruler
    )
    {
        var thing = supplies.FirstOrDefault(s => s.Id == fabric.Thing);
        var known = thing is null ? null : Read(thing, ruler);
        var name = thing?.Name ?? fabric.Name;
        var remnants = supplies
            .Where(s => thing is not null && s.Id != thing.Id && s.Left > Length.Zero)
            .Select(s => (Supply: s, Is: Read(s, ruler)))
            .Where(r => r.Is is { UsableWidth: not null } && r.Is.RemnantOf == name)
            .ToList();
        var bolt = new Sheet(known?.UsableWidth ?? OnCloth.UsualWidth, thing?.ToCutFrom);
        var all = pieces
            .Select((p, i) => new PartPiece(p.Part.Id, p.Part.Name, p.Piece, MarkOf(i)))
            .ToList();
        var task = new CuttingTask(bolt, [.. remnants.Select(r => RemnantOf(r.Is!, r.Supply))], [])
        {
            OneWay = known?.Nap == true,
            RepeatAlong = known?.RepeatAlong,
            RepeatAcross = known?.RepeatAcross,
        };
        var lies = all.ToLookup(p =>
            CuttingTable.WidestFor(task, ToCut(p.Piece, bolt, ruler)) is null
        );
        PartPiece[] laid = [.. lies[true]];
        return new FabricToCut(
            thing?.Id,
            name,
            thing?.ToCutFrom,
            [.. remnants.Select(r => r.Supply)],
            laid,
            [.. lies[false]],
            pieces
                .Select(p => (p.Part.Id, p.Plan, p.Piece.Fabric))
                .DistinctBy(p => (p.Id, p.Fabric))
                .Sum(p =>
                    p.Plan.Needs.Where(n => n.Kind == "cloth" && n.Name == p.Fabric)
                        .Sum(n => n.Amount)
                ),
            task with
            {
                Pieces = [.. laid.Select(p => ToCut(p.Piece, bolt, ruler))],
            }
        );
    }

    /// <summary>As large as it is said to be, or as its outline is.</summary>
    private static Sheet RemnantOf(Cloth cloth, Supply supply)
    {
        if (cloth.Outline is not { } drawn)
        {
            return new(cloth.UsableWidth!.Value, supply.ToCutFrom);
        }
        var outline = Outlines.Upright(drawn, true);
        return new(outline.Bounds.Width, outline.Bounds.Height) { Outline = outline };
    }

    /// <summary>A sheet as wide as it lies: half where it is folded.</summary>
    /// <param name="on">0 for the bolt, from 1 the remnants.</param>
    public Sheet SheetOf(int on)
    {
        var sheet = on == 0 ? Task.Bolt : Task.Remnants[on - 1];
        return Task.IsDouble ? sheet with { Width = sheet.Width / 2 } : sheet;
    }

    /// <summary>The same with strips on the bias as they are cut from what all other pieces leave over.</summary>
    public FabricToCut FromLeft(Layout layout) =>
        this with
        {
            Pieces =
            [
                .. Pieces.Select(
                    (p, i) =>
                        Task.Pieces[i].IsBias
                            ? p with
                            {
                                Piece = p.Piece with
                                {
                                    Count = layout.Placements.Count(l => l.Piece == i),
                                },
                            }
                            : p
                ),
            ],
        };

    private static Cloth? Read(Supply supply, Ruler ruler) =>
        Cloth.Described.Read(new InputReader(supply.Properties, ruler)) as Cloth;

    /// <summary>
    /// As large as it is written, or as its outline is; a slanted strip as long as its middle line, and no longer than lies across.
    /// </summary>
    private static PieceToCut ToCut(Piece piece, Sheet bolt, Ruler ruler)
    {
        var joined = piece.JoinedBy is { } by
            ? new Joined(by, piece.JoinedTo, IsAcross: piece.GrainUpright && !piece.OnBias)
            : null;
        if (piece.OnBias)
        {
            return new(
                piece.Name,
                piece.Count,
                piece.Depth,
                Length.Min(piece.Length, Math.Sqrt(2) * bolt.Width),
                Grain.Along,
                IsBias: true
            )
            {
                Joined = joined,
            };
        }
        if (piece.Outline.IsRectangle)
        {
            var (across, along) = OnCloth.Lies(piece, ruler);
            return new(piece.Name, piece.Count, across, along, Grain.Along) { Joined = joined };
        }
        var outline = Outlines.Upright(piece.Outline, piece.GrainUpright);
        var size = outline.Bounds;
        return new(piece.Name, piece.Count, size.Width, size.Height, Grain.Along)
        {
            Outline = outline,
        };
    }

    /// <summary>A to Z, then AA.</summary>
    private static string MarkOf(int index) =>
        index < 26 ? $"{(char)('A' + index)}" : $"{MarkOf(index / 26 - 1)}{MarkOf(index % 26)}";
}
