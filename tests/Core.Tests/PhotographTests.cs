using ZephyrReach.Core.Photographs;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>Measuring in photographs whose truth is known: reckoned with weave, check, shadow, blur, noise, slant and a telephone’s lens.</summary>
public sealed class PhotographTests
{
    /// <summary>The part that is measured: right of the card, in mm.</summary>
    private static readonly Place[] Part =
    [
        new(138, 30),
        new(196, 30),
        new(196, 130),
        new(138, 130),
    ];

    private sealed record Scene(
        Rendered Camera,
        Func<double, double, double> Ground,
        double Noise,
        int Blur
    );

    /// <summary>A fabric with weave and maybe a check, under any camera.</summary>
    private static Scene Any(Random random)
    {
        var weave = 0.7 + 0.3 * random.NextDouble();
        var check = random.Next(3) == 0 ? 7 + 9 * random.NextDouble() : 0;
        var tone = 0.55 + 0.3 * random.NextDouble();
        var (sx, sy) = (140 + 50 * random.NextDouble(), 30 + 90 * random.NextDouble());
        double Ground(double x, double y)
        {
            var shade =
                tone + 0.03 * Math.Sin(2 * Math.PI * x / weave) * Math.Sin(2 * Math.PI * y / weave);
            if (check > 0)
            {
                shade -=
                    0.05 * (x / check % 1 < 0.5 ? 1 : 0) + 0.05 * (y / check % 1 < 0.5 ? 1 : 0);
            }
            // The shadow of a hand.
            return shade
                * (1 - 0.35 * Math.Exp(-(Math.Pow(x - sx, 2) + Math.Pow(y - sy, 2)) / 900));
        }
        return new(
            new Rendered(random, 30 * random.NextDouble(), 0.025 * random.NextDouble()),
            Ground,
            0.01 + 0.03 * random.NextDouble(),
            random.Next(2)
        );
    }

    private static Reading Measure(
        Scene scene,
        Sought what,
        Func<double, double, double> fabric,
        Place[]? part = null
    )
    {
        var picture = scene.Camera.Picture(fabric, scene.Noise, scene.Blur);
        var marks = CardMarks.Find(picture).ShouldNotBeNull("The card is found.");
        return PhotoMeasure.Of(
            picture,
            Plane.OfCard(marks),
            what,
            [.. (part ?? Part).Select(scene.Camera.See)]
        );
    }

    /// <summary>A stitch of thread over a ground: dashes along lines so far apart.</summary>
    private static Func<double, double, double> Rows(
        Func<double, double, double> ground,
        double spacing,
        double angle,
        double start
    )
    {
        var (sin, cos) = Math.SinCos(angle);
        return (x, y) =>
        {
            var across = (y - 30) * cos - (x - 138) * sin - start;
            var along = (x - 138) * cos + (y - 30) * sin;
            var off = across - Math.Round(across / spacing) * spacing;
            var isStitch = (along % 3 + 3) % 3 < 2.4;
            return ground(x, y) - (Math.Abs(off) < 0.35 && isStitch ? 0.33 : 0);
        };
    }

    [Fact]
    public void Rows_are_measured_to_a_hundredth_and_the_bounds_hold()
    {
        var random = new Random(20261201);
        List<double> off = [];
        var (held, right) = (0, 0);
        var pictures = 20 * Deep.Times;
        for (var i = 0; i < pictures; i++)
        {
            var scene = Any(random);
            var spacing = 4 + 9 * random.NextDouble();
            var angle = (random.NextDouble() - 0.5) * 0.5;
            var reading = Measure(
                scene,
                Sought.Rows,
                Rows(scene.Ground, spacing, angle, spacing * random.NextDouble())
            );
            if (reading.Is is not { } measured)
            {
                off.Add(1);
                continue;
            }
            off.Add(Math.Abs(measured.Spacing / spacing - 1));
            held += Math.Abs(measured.Spacing - spacing) <= measured.PlusMinus ? 1 : 0;
            right += Math.Abs(measured.Angle - angle * 180 / Math.PI) < 1.5 ? 1 : 0;
            measured.Lines.Count.ShouldBe(measured.Count);
            // Every line runs through its part of the picture, within a finger’s breadth.
            measured.Lines.ShouldAllBe(l => l.From.X > 0 && l.To.X > 0 && l.From.To(l.To) > 20);
        }
        off.Sort();
        off[off.Count / 2].ShouldBeLessThan(0.015);
        off[(int)(0.95 * off.Count) - 1].ShouldBeLessThan(0.04);
        ((double)held / pictures).ShouldBeInRange(0.8, 1);
        right.ShouldBeGreaterThanOrEqualTo((int)(0.9 * pictures));
    }

    [Fact]
    public void Where_nothing_repeats_nothing_is_measured()
    {
        var random = new Random(7);
        var measured = 0;
        var pictures = 30 * Deep.Times;
        for (var i = 0; i < pictures; i++)
        {
            var scene = Any(random);
            var plain = new Scene(scene.Camera, (_, _) => 0.7, scene.Noise, scene.Blur);
            var weave = 0.7 + 0.3 * random.NextDouble();
            var spots = Enumerable
                .Range(0, random.Next(12))
                .Select(_ =>
                    (
                        X: 138 + 58 * random.NextDouble(),
                        Y: 30 + 100 * random.NextDouble(),
                        R: 1 + 5 * random.NextDouble()
                    )
                )
                .ToArray();
            double Fabric(double x, double y) =>
                0.7
                + 0.03 * Math.Sin(2 * Math.PI * x / weave) * Math.Sin(2 * Math.PI * y / weave)
                - (
                    spots.Any(s => Math.Pow(x - s.X, 2) + Math.Pow(y - s.Y, 2) < s.R * s.R)
                        ? 0.25
                        : 0
                );
            measured += Measure(plain, Sought.Rows, Fabric).Is is null ? 0 : 1;
        }
        measured.ShouldBeLessThanOrEqualTo((int)Math.Ceiling(0.02 * pictures));
    }

    [Fact]
    public void A_strip_stitches_folds_and_a_seam_are_measured_too()
    {
        var random = new Random(3);
        for (var i = 0; i < 4; i++)
        {
            var scene = new Scene(
                new Rendered(random, 20 * random.NextDouble(), 0.01, 1200),
                (_, _) => 0.72,
                0.015,
                0
            );
            // A pale strip on a dark table, 24 to 40 mm wide, along the first side.
            var wide = 24 + 16 * random.NextDouble();
            Place[] across = [new(140, 40), new(195, 40), new(195, 100), new(140, 100)];
            var strip = Measure(
                scene,
                Sought.Strip,
                (_, y) => Math.Abs(y - 70) < wide / 2 ? 0.8 : 0.35,
                across
            );
            strip.Is.ShouldNotBeNull(strip.Wrong).Spacing.ShouldBe(wide, 0.025 * wide);

            // One line of stitches of 2.5 to 4 mm.
            var stitch = 2.5 + 1.5 * random.NextDouble();
            Place[] near = [new(140, 60), new(196, 60), new(196, 72), new(140, 72)];
            var stitches = Measure(
                scene,
                Sought.Stitches,
                (x, y) => Math.Abs(y - 66) < 0.4 && (x / stitch % 1) < 0.75 ? 0.3 : 0.72,
                near
            );
            stitches.Is.ShouldNotBeNull(stitches.Wrong).Spacing.ShouldBe(stitch, 0.03 * stitch);

            // Folds about 5 mm apart, none quite like the next.
            var folds = Measure(
                scene,
                Sought.Folds,
                (x, y) =>
                    0.6
                    + 0.2
                        * Math.Sin(
                            2 * Math.PI * (x / 5 + 0.06 * Math.Sin(x / 3) + 0.02 * Math.Sin(y / 9))
                        )
            );
            folds.Is.ShouldNotBeNull(folds.Wrong).Spacing.ShouldBe(5, 0.25);
            folds.Is!.Count.ShouldBeInRange(9, 13);

            // A seam that strays by 1.5 mm from a straight line.
            Place[] along = [new(140, 50), new(196, 50), new(196, 90), new(140, 90)];
            var seam = Measure(
                scene,
                Sought.Line,
                (x, y) =>
                    Math.Abs(y - 70 - 1.5 * Math.Sin(Math.PI * (x - 140) / 28)) < 0.5 ? 0.25 : 0.72,
                along
            );
            seam.Is.ShouldNotBeNull(seam.Wrong).Spacing.ShouldBe(1.5, 0.35);
        }
    }

    [Fact]
    public void Lines_that_a_hand_pulled_are_what_they_come_to()
    {
        // Ten px to a mm: three lines 8 mm apart, falling 3 in 4, so 0.8·8 square to each other.
        var plane = Plane.OfTwo(new(0, 0), new(1000, 0), 100);
        Line At(double y) => new(new(100, y), new(500, y + 300));
        Place[] part = [new(0, 0), new(900, 0), new(900, 900), new(0, 900)];
        var measured = ByHand.Of(plane, [At(100), At(180), At(260)], part).Is!;
        measured.Spacing.ShouldBe(6.4, 1e-6);
        measured.Angle.ShouldBe(Math.Atan2(3, 4) * 180 / Math.PI, 1e-6);
        (measured.Count, measured.Evenness).ShouldBe((3, 1));
        ByHand.Of(plane, [At(100)], part).Wrong.ShouldNotBeNull();
    }

    [Fact]
    public void Without_the_card_two_places_give_the_scale_and_slant_is_not_known()
    {
        var camera = new Rendered(new Random(5), 0, 0);
        var picture = camera.Picture(Rows((_, _) => 0.7, 8, 0, 1), 0.01, 0);
        var plane = Plane.OfTwo(camera.See(new(138, 30)), camera.See(new(188, 30)), 50);
        plane.IsRectified.ShouldBeFalse();
        var reading = PhotoMeasure.Of(picture, plane, Sought.Rows, [.. Part.Select(camera.See)]);
        reading.Is.ShouldNotBeNull(reading.Wrong).Spacing.ShouldBe(8, 0.12);
        // A part of a few px, or beyond the picture, says so.
        PhotoMeasure
            .Of(picture, plane, Sought.Rows, [new(5, 5), new(15, 5), new(15, 15), new(5, 15)])
            .Wrong.ShouldNotBeNull();
        PhotoMeasure
            .Of(
                picture,
                plane,
                Sought.Rows,
                [new(-900, -900), new(-300, -900), new(-300, -400), new(-900, -400)]
            )
            .Wrong.ShouldNotBeNull();
        CardMarks.Find(new Grey(200, 200, [.. Enumerable.Repeat(0.5f, 40_000)])).ShouldBeNull();
    }
}
