using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>Strips at 45° cut from what all other pieces leave over, joined as few times as they can be.</summary>
public static class BiasFromLeft
{
    /// <summary>A shorter strip is not worth its join.</summary>
    private static readonly Length Least = Length.FromMillimetres(120);

    /// <summary>So many places are tried for the first strip of a rectangle.</summary>
    private const int Places = 24;

    private static double Root2 { get; } = Math.Sqrt(2);

    /// <summary>What a join takes of two strips together: 2q/sin 45°.</summary>
    /// <param name="by">What each gives to it, square to the seam.</param>
    public static Length TakenByJoin(Length by) => 2 * Root2 * by;

    /// <summary>How long strips are once they are joined.</summary>
    public static Length Together(IEnumerable<Length> strips, Length by)
    {
        var all = strips.ToList();
        return all.Sum() - Math.Max(0, all.Count - 1) * TakenByJoin(by);
    }

    /// <summary>How long the strips of a piece have to be together.</summary>
    public static Length Needed(PieceToCut piece) =>
        piece.Joined?.Needed
        ?? Together(Enumerable.Repeat(piece.Long, piece.Count), piece.Joined?.By ?? Length.Zero);

    /// <summary>
    /// Everything laid out, the strips on the bias last and from what is left; null where that is not enough for them, or where there
    /// are none.
    /// </summary>
    /// <inheritdoc cref="CuttingTable.Lay"/>
    public static Layout? Lay(CuttingTask task, double seconds, CancellationToken stop = default)
    {
        var straight = Enumerable
            .Range(0, task.Pieces.Count)
            .Where(i => !task.Pieces[i].IsBias)
            .ToList();
        if (straight.Count == task.Pieces.Count || task.IsDouble)
        {
            return null;
        }
        var places = straight
            .Select((piece, place) => (piece, place))
            .ToDictionary(p => p.piece, p => p.place);
        var rest = CuttingTable.Lay(
            task with
            {
                Pieces = [.. straight.Select(i => task.Pieces[i])],
                Pins =
                [
                    .. task
                        .Pins.Where(p => places.ContainsKey(p.Piece))
                        .Select(p => p with { Piece = places[p.Piece] }),
                ],
            },
            seconds,
            stop
        );
        List<Offcut> left = [.. rest.Left, .. Untouched(task, rest)];
        List<Placement> strips = [];
        foreach (
            var index in Enumerable
                .Range(0, task.Pieces.Count)
                .Where(i => task.Pieces[i].IsBias)
                .OrderByDescending(i => Needed(task.Pieces[i]))
        )
        {
            if (!Cut(task, index, left, strips))
            {
                return null;
            }
        }
        return rest with
        {
            Placements =
            [
                .. rest
                    .Placements.Select(p => p with { Piece = straight[p.Piece] })
                    .Concat(strips)
                    .OrderBy(p => p.Piece),
            ],
            Left = left,
            // The strips might be cut from less; that is not looked for.
            AtLeast = Length.Min(rest.AtLeast, rest.Used),
            Unmatched = [.. rest.Unmatched.Select(i => straight[i])],
        };
    }

    /// <summary>Remnants that nothing was laid on, where only those are told that were cut into.</summary>
    private static IEnumerable<Offcut> Untouched(CuttingTask task, Layout layout) =>
        task
            .Remnants.Select(
                (r, i) => new Offcut(i + 1, Length.Zero, Length.Zero, r.Width, r.Long!.Value)
            )
            .Where(o =>
                layout.Left.All(l => l.On != o.On) && layout.Placements.All(p => p.On != o.On)
            );

    /// <summary>Takes the longest strips that what is left gives until they are enough; what they are cut from is used up.</summary>
    private static bool Cut(CuttingTask task, int index, List<Offcut> left, List<Placement> strips)
    {
        var piece = task.Pieces[index];
        var join = TakenByJoin(piece.Joined?.By ?? Length.Zero);
        var missing = Needed(piece);
        var number = 0;
        foreach (
            var (from, strip) in left.SelectMany(o =>
                    Strips(o, piece.Width, task.Between, index).Select(s => (o, s))
                )
                .OrderByDescending(s => s.s.Across)
                .ToList()
        )
        {
            if (missing <= Length.Zero)
            {
                break;
            }
            missing -= Root2 * strip.Across - (number > 0 ? join : Length.Zero);
            strips.Add(strip with { Number = ++number });
            left.Remove(from);
        }
        return missing <= Length.Zero;
    }

    /// <summary>
    /// The strips of a rectangle: bands √2·w apart along its left side, each from where it comes in to where it goes out over its
    /// whole width; begun where they come to most.
    /// </summary>
    private static List<Placement> Strips(Offcut of, Length width, Length between, int piece)
    {
        var wide = Root2 * width;
        var step = Root2 * (width + between);
        return Enumerable
            .Range(0, Places)
            .Select(k => All(Length.Zero - of.Width + k * step / Places).ToList())
            .MaxBy(strips => strips.Sum(s => s.Across))!;

        IEnumerable<Placement> All(Length first)
        {
            for (var at = first; at + wide <= of.Long; at += step)
            {
                var begin = Length.Max(Length.Zero, Length.Zero - at);
                var end = Length.Min(of.Width, of.Long - at - wide);
                if (Root2 * (end - begin) >= Least)
                {
                    yield return new Placement(
                        piece,
                        0,
                        of.On,
                        of.X + begin,
                        of.Y + at + begin,
                        false,
                        end - begin,
                        end - begin + wide
                    );
                }
            }
        }
    }
}
