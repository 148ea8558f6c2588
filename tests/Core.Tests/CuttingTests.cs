using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>How much cloth pieces take, in the one room where that is reckoned.</summary>
public class CuttingTests
{
    [Fact]
    public void What_is_cut_fits_and_none_lies_alone_where_there_is_room()
    {
        var piece =
            from count in Gen.Int[1, 4]
            from across in Gen.Double[10, 1380]
            from along in Gen.Double[10, 900]
            select Piece.Rectangle("piece", count, "piece", Mm(across), Mm(along)) with
            {
                GrainUpright = true,
            };
        piece
            .Array[1, 8]
            .Sample(pieces =>
            {
                var taken = OnCloth.Taken(pieces, OnCloth.UsualWidth, Ruler.Metric).Millimetres;
                double Along(Piece p) => Math.Ceiling(p.Depth.Millimetres / 5 - 1e-9) * 5;
                return taken * 1380
                        >= pieces.Sum(p => p.Count * p.Length.Millimetres * p.Depth.Millimetres)
                            - 1e-6
                    && taken <= pieces.Sum(p => p.Count * Along(p)) + 1e-6
                    && taken >= pieces.Max(Along) - 1e-6
                    && Math.Abs(
                        taken
                            - OnCloth
                                .Taken(pieces.Reverse().ToList(), OnCloth.UsualWidth, Ruler.Metric)
                                .Millimetres
                    ) < 1e-6;
            });
    }

    [Theory]
    [InlineData(2, 650, 1)]
    [InlineData(2, 700, 2)]
    [InlineData(7, 400, 3)]
    [InlineData(1, 2000, 1)]
    public void Alike_lie_side_by_side(int count, double across, int rows) =>
        OnCloth
            .Taken(count, Mm(across), Mm(120), OnCloth.UsualWidth)
            .Millimetres.ShouldBe(rows * 120);

    /// <summary>Across the grain a panel’s width lies along the cloth.</summary>
    [Fact]
    public void A_tucked_panel_across_the_grain_takes_its_width()
    {
        var form = Techniques.WorkingOf("pintucks")!.Forward;
        WorkPlan Plan(string grain) =>
            (WorkPlan)
                form.Compute(form.Example.With("grain", RawValue.Of(grain)), Ruler.Metric).Answer!;
        Length Cloth(string grain) => Plan(grain).Needs.Single(n => n.Kind == "cloth").Amount;
        var panel = Plan("along").Pieces[0];

        Length.Difference(Cloth("along"), panel.Depth).ShouldBeLessThan(Ruler.Metric.Cutting);
        Length.Difference(Cloth("across"), panel.Length).ShouldBeLessThan(Ruler.Metric.Cutting);
    }

    private static Length Mm(double mm) => Length.FromMillimetres(mm);
}
