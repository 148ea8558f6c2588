using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

internal sealed partial record AppliquePlan
{
    private List<Turning> TurningsOf(Round round, Length tolerance)
    {
        var pivots = Stops
            .Of(round.Legs, Step, tolerance, Ask.CornerAngle, true)
            .All.Where(s => s.Kind == StopKind.Pivot)
            .ToList();
        List<Turning> all = [];
        var (sewn, last) = (0, 0);
        foreach (var (side, from, to) in round.Sewn(Step.Millimetres))
        {
            foreach (var pivot in Along(pivots, round.Measured.Total, from, to))
            {
                Add(
                    sewn + (int)Math.Round((pivot.At.Millimetres - from) / Step.Millimetres),
                    pivot.Turn,
                    StopKind.Pivot,
                    pivot.At,
                    pivot.Turn > 0 ? "outside, at the edge" : "in the shape"
                );
            }
            sewn += CountOf(to - from);
            if (side.Ends is { } corner && Math.Abs(to - side.To) < 1e-6)
            {
                Add(
                    sewn,
                    corner.Turn,
                    StopKind.Corner,
                    Length.FromMillimetres(corner.At),
                    corner.IsOutside ? "in the corner" : "in the corner, at the cut"
                );
            }
        }
        return all;

        void Add(int stitch, double turn, StopKind kind, Length at, string needle)
        {
            if (all is [.., var before] && stitch <= before.Stitch && before.Turn > 0 == turn > 0)
            {
                all[^1] = before with { Turn = before.Turn + turn, Kind = kind, Needle = needle };
                return;
            }
            stitch = Math.Max(stitch, last);
            all.Add(new(all.Count + 1, stitch, stitch - last, turn, kind, at, needle));
            last = stitch;
        }
    }

    /// <summary>The pivots between two places, those beyond the end of the outline too.</summary>
    private static IEnumerable<Stop> Along(
        IReadOnlyList<Stop> pivots,
        double whole,
        double from,
        double to
    ) =>
        pivots
            .Concat(pivots.Select(p => p with { At = p.At + Length.FromMillimetres(whole) }))
            .Where(p => p.At.Millimetres > from + 0.5 && p.At.Millimetres < to - 0.5);
}
