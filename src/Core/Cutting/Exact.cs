using System.Globalization;
using Google.OrTools.Sat;

namespace ZephyrReach.Core.Cutting;

/// <summary>The task as constraints, which a solver tightens from both sides: a better layout, and a proof that less cannot do.</summary>
/// <remarks>
/// Rectangles that do not overlap, with the two sums that follow from it said as well: across any line along the fabric lies no
/// more than its width. Pieces alike are told apart by how far along they lie. It begins from a layout that is known.
/// </remarks>
internal static class Exact
{
    /// <summary>More items than this it hardly helps with.</summary>
    private const int Most = 48;

    /// <summary>How much of its own measure of work the solver does in a second here.</summary>
    private const double WorkInSecond = 0.1;

    /// <summary>Lays the items again, from a layout that is known.</summary>
    /// <param name="known">Where each lies in it.</param>
    /// <param name="atLeast">What is known not to do with less, in ticks.</param>
    /// <param name="seconds">About how long it may take.</param>
    /// <returns>The better layout, or the known one; and what less cannot do.</returns>
    public static (Laid[] Laid, long AtLeast) Lay(
        Board board,
        Laid[] known,
        long atLeast,
        double seconds,
        CancellationToken stop
    )
    {
        var used = board.Used(known);
        if (board.Items.Length > Most || used <= atLeast)
        {
            return (known, atLeast);
        }
        var model = new Model(board, known, used, atLeast);
        var solver = new CpSolver
        {
            StringParameters = string.Create(
                CultureInfo.InvariantCulture,
                $"num_workers:2,interleave_search:true,random_seed:1,max_deterministic_time:{seconds * WorkInSecond:0.###},max_time_in_seconds:{2 * seconds + 1:0.###}"
            ),
        };
        using var stopping = stop.Register(solver.StopSearch);
        var status = solver.Solve(model.Constraints);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return (known, atLeast);
        }
        var bound = Math.Max(atLeast, model.Back(solver.BestObjectiveBound));
        var found = model.Read(solver);
        return board.Used(found) < used
            ? (found, Math.Min(bound, board.Used(found)))
            : (known, Math.Min(bound, used));
    }

    private sealed class Model
    {
        private readonly Board board;

        /// <summary>Everything is a whole number of these: small numbers are reckoned with faster.</summary>
        private readonly long unit;

        private readonly List<(
            int Item,
            int Sheet,
            bool Turn,
            ILiteral Is,
            IntVar X,
            IntVar Y
        )> ways = [];

        public CpModel Constraints { get; } = new();

        public Model(Board board, Laid[] known, long used, long atLeast)
        {
            this.board = board;
            unit = Unit(board);
            var length = Constraints.NewIntVar(
                (atLeast + unit - 1) / unit,
                used / unit + 1,
                "used"
            );
            for (var sheet = 0; sheet < board.Sheets; sheet++)
            {
                Fill(sheet, known, used, length);
            }
            for (var i = 0; i < board.Items.Length; i++)
            {
                Constraints.AddExactlyOne(ways.Where(w => w.Item == i).Select(w => w.Is));
            }
            TellApart();
            Constraints.Minimize(length);
        }

        /// <summary>The largest length of which all others are multiples.</summary>
        private static long Unit(Board board)
        {
            var unit = board.Between;
            foreach (
                var length in board
                    .Items.SelectMany(i => (long[])[i.Width, i.Height])
                    .Concat(board.Widths)
                    .Concat(board.Heights.Skip(1))
                    .Append(board.StepX == 1 ? 0 : board.StepX)
                    .Append(board.StepY == 1 ? 0 : board.StepY)
                    .Concat(board.Items.SelectMany(i => new[] { i.PhaseX, i.PhaseY }))
                    .Concat(
                        board.Pinned.SelectMany(p => p is { } pin ? new[] { pin.X, pin.Y } : [])
                    )
            )
            {
                unit = Gcd(unit, length);
            }
            return Math.Max(1, unit);
        }

        private static long Gcd(long a, long b) => b == 0 ? a : Gcd(b, a % b);

        private void Fill(int sheet, Laid[] known, long used, IntVar length)
        {
            var apart = Constraints.AddNoOverlap2D();
            var (width, height) = (board.Widths[sheet], sheet == 0 ? used : board.Heights[sheet]);
            var room = Constraints.AddCumulative((width + board.Between) / unit);
            for (var i = 0; i < board.Items.Length; i++)
            {
                var item = board.Items[i];
                var mayTurn = item.MayTurn || board.Pinned[i] is { Turn: true };
                for (var way = 0; way < (mayTurn ? 2 : 1); way++)
                {
                    var turn = way == 1;
                    var (across, along) = (item.Across(turn), item.Along(turn));
                    if (item.PhaseX + across > width || item.PhaseY + along > height)
                    {
                        continue;
                    }
                    var name = $"{i} {sheet} {way}";
                    var isHere = Constraints.NewBoolVar(name);
                    var (x, fromX) = Place(
                        board.StepX,
                        item.PhaseX,
                        item.IsAtFold ? 0 : width - across,
                        $"x {name}"
                    );
                    var (y, fromY) = Place(board.StepY, item.PhaseY, height - along, $"y {name}");
                    var (wide, high) = (
                        (across + board.Between) / unit,
                        (along + board.Between) / unit
                    );
                    var down = Constraints.NewOptionalFixedSizeIntervalVar(
                        fromY,
                        high,
                        isHere,
                        name
                    );
                    apart.AddRectangle(
                        Constraints.NewOptionalFixedSizeIntervalVar(fromX, wide, isHere, name),
                        down
                    );
                    room.AddDemand(down, wide);
                    if (sheet == 0)
                    {
                        Constraints.Add(fromY + along / unit <= length).OnlyEnforceIf(isHere);
                    }
                    ways.Add((i, sheet, turn, isHere, x, y));
                    if (board.Pinned[i] is { } pin)
                    {
                        Constraints.Add(isHere == (pin.Sheet == sheet && pin.Turn == turn ? 1 : 0));
                        Constraints.Add(fromX == pin.X / unit).OnlyEnforceIf(isHere);
                        Constraints.Add(fromY == pin.Y / unit).OnlyEnforceIf(isHere);
                    }
                    var isKnown = known[i].Sheet == sheet && known[i].Turn == turn;
                    Constraints.AddHint(isHere, isKnown ? 1 : 0);
                    if (isKnown)
                    {
                        Constraints.AddHint(x, (known[i].X - item.PhaseX) / Of(board.StepX));
                        Constraints.AddHint(y, (known[i].Y - item.PhaseY) / Of(board.StepY));
                    }
                }
            }
        }

        /// <summary>A place in whole steps, and what that is in units.</summary>
        private (IntVar Steps, LinearExpr At) Place(long step, long phase, long most, string name)
        {
            var steps = Constraints.NewIntVar(0, (most - phase) / Of(step), name);
            return (steps, steps * (Of(step) / unit) + phase / unit);
        }

        private long Of(long step) => step == 1 ? unit : step;

        /// <summary>Of pieces alike the first lies nearest to the cut end.</summary>
        private void TellApart()
        {
            if (board.Sheets > 1 || board.HasPins)
            {
                return;
            }
            for (var i = 1; i < board.Items.Length; i++)
            {
                var (a, b) = (
                    ways.Where(w => w.Item == i - 1).ToList(),
                    ways.Where(w => w.Item == i).ToList()
                );
                if (
                    board.Items[i].IsLike(board.Items[i - 1])
                    && a is [var first]
                    && b is [var next]
                )
                {
                    Constraints.Add(first.Y <= next.Y);
                }
            }
        }

        /// <summary>What less than cannot do, in ticks: up to the next that the sizes can come to.</summary>
        public long Back(double units) => (long)Math.Ceiling(units - 1e-6) * unit;

        public Laid[] Read(CpSolver solver)
        {
            var laid = new Laid[board.Items.Length];
            foreach (var way in ways.Where(w => solver.BooleanValue(w.Is)))
            {
                var item = board.Items[way.Item];
                laid[way.Item] = new Laid(
                    way.Sheet,
                    solver.Value(way.X) * Of(board.StepX) + item.PhaseX,
                    solver.Value(way.Y) * Of(board.StepY) + item.PhaseY,
                    way.Turn
                );
            }
            return laid;
        }
    }
}
