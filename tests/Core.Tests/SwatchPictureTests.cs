using CsCheck;
using Shouldly;
using Xunit;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Tests;

/// <summary>What a swatch looks like, and what it changes.</summary>
public class SwatchPictureTests
{
    public static TheoryData<string> Worked => [.. Techniques.Worked.Select(t => t.Name)];

    [Theory]
    [MemberData(nameof(Worked))]
    public void A_swatch_is_drawn_as_small_as_it_is_and_without_figures(string name)
    {
        var working = Techniques.WorkingOf(name)!;
        var drawing = SwatchPicture.Of(working, Sewn(1.8), Ruler.Metric);

        drawing.Shapes.ShouldNotBeEmpty();
        drawing.Shapes.ShouldAllBe(s => !(s is Dimension || s is Words));
        drawing.Width.Millimetres.ShouldBeLessThan(260);
        if (working.Swatch is { Shown: not null, Drawn: null })
        {
            // It is the plan of a swatch, and not what is drawn where there is none.
            drawing.ShouldNotBe(working.Mark);
        }
    }

    [Fact]
    public void What_was_gathered_more_stands_in_more_folds()
    {
        var working = Techniques.WorkingOf("gathering-foot")!;
        double Folds(double fullness) =>
            SwatchPicture
                .Of(working, Sewn(fullness), Ruler.Metric)
                .Shapes.OfType<GatheredCloth>()
                .Single()
                .Hem.Amplitude.Millimetres;

        Folds(2.6).ShouldBeGreaterThan(Folds(1.4));
    }

    /// <summary>A swatch that came out fuller or less full than was thought changes what is cut, and it is said.</summary>
    [Fact]
    public void What_swatches_change_is_said_before_and_after_in_one_unit()
    {
        var form = Techniques.WorkingOf("gathering-foot")!.Forward;
        Gen.Double[1.2, 2.6]
            .Sample(
                fullness =>
                {
                    var ask = form.Example.With(
                        "samples",
                        RawValue.Of([
                            RawValue.Of(
                                Techniques
                                    .WorkingOf("gathering-foot")!
                                    .Swatch.Sample!(Sewn(fullness))
                            ),
                        ])
                    );
                    var plan = (WorkPlan)form.Compute(ask, Ruler.Metric).Answer!;
                    var bare = (WorkPlan)
                        form.Compute(form.Example.Without("samples"), Ruler.Metric).Answer!;
                    var changed = ChangedBySwatches.Of(form, plan, ask, Ruler.Metric);
                    var (was, now) = (
                        bare.Pieces[0].LengthSays(Ruler.Metric),
                        plan.Pieces[0].LengthSays(Ruler.Metric)
                    );
                    if (was != now)
                    {
                        changed!.Text.ShouldBe(
                            $"{was.Replace(" cm", "", StringComparison.Ordinal)} → {now}"
                        );
                    }
                    // Where its edge likely lies brackets what is wanted or what is cut says so.
                    var becomes = plan.Expected!.Becomes!;
                    (becomes.Low <= becomes.Mid && becomes.Mid <= becomes.High).ShouldBeTrue();
                    becomes.Flat.ShouldBeGreaterThan(becomes.Mid);
                },
                iter: 20
            );
        ChangedBySwatches
            .Of(
                form,
                (WorkPlan)form.Compute(form.Example, Ruler.Metric).Answer!,
                form.Example,
                Ruler.Metric
            )
            .ShouldBeNull();
    }

    private static SewnSwatch Sewn(double fullness) =>
        new(
            new Dictionary<string, IReadOnlyList<double>>
            {
                ["flat"] = [100 * fullness],
                ["gathered"] = [100],
            },
            RawInputs.Of(("stitchLength", 4)),
            new Dictionary<string, string>(),
            true,
            true
        );
}
