using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Craft.LinesAndShapes.Applique;

/// <summary>A stop of one of several outlines.</summary>
internal sealed record OnRound(int Round, Turning Turn);

/// <summary>The least change of one outline, in words and as what is set for it.</summary>
internal sealed record SettingChange(AppliquePlan Of, Round Round, LeastChange Is)
{
    /// <summary>What to change, in a clause: make the leaf 1.2 mm longer.</summary>
    public string Says
    {
        get
        {
            var name = Round.Shape.Name;
            if (Is.Corners.Count == 0)
            {
                var words = new[]
                {
                    By(Is.Wider, "wider", "narrower"),
                    By(Is.Higher, "higher", "lower"),
                }.Where(w => w.Length > 0);
                return $"make the {name} {string.Join(" and ", words)}";
            }
            var moves = Is
                .Corners.Take(4)
                .Select(m =>
                    $"corner {m.Corner} by {string.Join(" and ", new[] { By(m.X, "to the right", "to the left"), By(m.Y, "down", "up") }.Where(w => w.Length > 0))}"
                );
            return $"of the {name} move {string.Join(", ", moves)}"
                + (Is.Corners.Count > 4 ? $", and {Is.Corners.Count - 4} more by less" : "");
        }
    }

    /// <summary>The fields that are set: a size where one says it, else the outline.</summary>
    public IReadOnlyList<Fact> Sets
    {
        get
        {
            var shape = Round.Shape;
            if (Is.Corners.Count == 0 && shape.IsStretched)
            {
                var reach = new MeasuredPath(Is.Outline).Bounds;
                return
                [
                    new($"{shape.At}{LineFields.ShapeWidth.Name}", Exact(reach.Width)),
                    new($"{shape.At}{LineFields.ShapeHeight.Name}", Exact(reach.Height)),
                ];
            }
            var outlines = shape.Outlines.Select(o => o == Round.Path ? Is.Outline : o);
            var sets = new Fact(
                $"{shape.At}{AppliqueFields.Outline.Name}",
                string.Concat(outlines.Select(o => o.Data))
            );
            return shape.At.Length == 0
                ? [sets, new(AppliqueFields.Made.Name, LineFields.Read)]
                : [sets];
        }
    }

    private string By(Length by, string more, string less) =>
        Math.Abs(by.Millimetres) < 0.05
            ? ""
            : $"{Of.Ruler.Fine(Rounding.Nearest(Length.Difference(by, Length.Zero), Length.FromMillimetres(0.1)))} {(by > Length.Zero ? more : less)}";

    /// <summary>Finer than it is marked: a stitch is to land.</summary>
    private static string Exact(Length length) => $"{DecimalText.Write(length.Millimetres, 2)} mm";
}
