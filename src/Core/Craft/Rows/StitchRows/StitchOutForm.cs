using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

internal sealed partial record StitchOut
{
    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a swatch with rows of stitches shows",
            [
                .. new[]
                {
                    AlongBeforeRead,
                    AlongAfterRead,
                    AcrossBeforeRead,
                    AcrossAfterRead,
                }.Select(f => f with { IsNeeded = false }),
                StabilisedFigure,
                WidthFigure,
                GapFigure,
                FabricFields.LayerWeight,
                LinesField,
                Looks.Seen,
                Looks.Tried,
            ],
            Told,
            RawInputs.Of(
                ("alongBefore", new[] { "200 mm" }),
                ("alongAfter", new[] { "193 mm", "194 mm" }),
                ("acrossBefore", new[] { "100 mm" }),
                ("acrossAfter", new[] { "98.5 mm" }),
                ("stabilised", 1),
                ("meanWidth", 5),
                ("meanGap", 12),
                ("clothWeight", 180),
                (
                    "stitches",
                    new[]
                    {
                        RawInputs.Of(
                            ("name", "leaf stem"),
                            ("length", 2.5),
                            ("width", 6),
                            ("said", 10),
                            ("ten", "97 mm"),
                            ("wide", 5.8),
                            ("under", Supplies.Stabiliser.TearAway)
                        ),
                        RawInputs.Of(
                            ("name", "leaf stem"),
                            ("changed", "no stabiliser"),
                            ("length", 2.5),
                            ("width", 6),
                            ("said", 10),
                            ("ten", "93 mm"),
                            ("wide", 5.7),
                            ("tunnelled", true)
                        ),
                    }
                ),
                ("looks", new[] { "right" })
            ),
            Judge
        );

    /// <summary>What stitch-outs measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [AlongBeforeRead, AlongAfterRead, AcrossBeforeRead, AcrossAfterRead],
            Shown = _ =>
                RawInputs
                    .Empty.With("width", RawValue.Of("10 cm"))
                    .With("height", RawValue.Of("8 cm")),
            Features =
            [
                StabilisedFigure,
                WidthFigure,
                GapFigure,
                FabricFields.LayerWeight,
                LinesField,
            ],
            Knobs =
            [
                new(StabilisedFigure.Name, "Backed", Control.NoOrYes, 1, 1),
                new(WidthFigure.Name, "Wide", "mm", 0.5, 5),
                new(GapFigure.Name, "Gap", "mm", 0.5, 12),
            ],
            InShort = swatch =>
                1 - swatch.Mean(AlongAfterRead.Name) / swatch.Mean(AlongBeforeRead.Name)
                    is { } drawn
                    ? Headlined(drawn)
                    : null,
            Teaches =
            [
                new(
                    ShrunkLearnt.AlongFamily.Name,
                    "shrinkage along the rows",
                    reader => StitchRowsInputs.Read(reader)?.Shrink?.Along,
                    Sew
                ),
                new(
                    ShrunkLearnt.AcrossFamily.Name,
                    "Scale in across them",
                    reader => StitchRowsInputs.Read(reader)?.Shrink?.Across
                ),
            ],
            Sample = Sample,
        };

    /// <summary>A swatch as a sample of how far such rows draw in.</summary>
    private static RawInputs Sample(SewnSwatch swatch)
    {
        var f = swatch.Features;
        var raw = RawInputs.Of(
            ("stabilised", Figure(f, StabilisedFigure.Name, 1) > 0),
            ("stitchWidth", Figure(f, WidthFigure.Name, 5)),
            ("rowGap", Figure(f, GapFigure.Name, 12)),
            ("same", swatch.IsSame),
            ("counts", swatch.Counts)
        );
        foreach (var reading in Described.Readings)
        {
            raw = raw.With(reading.Name, RawValue.Of(swatch.Mean(reading.Name) ?? 1));
        }
        return f.TryGet(FabricFields.LayerWeight.Name, out var weight)
            ? raw.With(FabricFields.LayerWeight.Name, weight)
            : raw;
    }

    /// <summary>What a simulated machine makes of a scrap.</summary>
    private static Dictionary<string, double> Sew(SimulatedSwatch swatch)
    {
        var settings = new ShrinkSettings(
            (
                swatch.Settings.Has(StitchRowsFields.Stabilised)
                    ? swatch.Settings.OptionalFlag(StitchRowsFields.Stabilised)
                    : true
            ) ?? true,
            swatch.Settings.OptionalLength(WidthFigure) ?? WidthFigure.Start!.Value,
            swatch.Settings.OptionalLength(GapFigure) ?? GapFigure.Start!.Value,
            swatch.Settings.OptionalNumber(FabricFields.LayerWeight)
        );
        double After(Length before, Family family) =>
            Length
                .Max(
                    swatch.Settings.Ruler.Marking,
                    Rounding.Nearest(
                        before
                            * Math.Exp(
                                -Math.Max(
                                    0,
                                    SimulatedParameters
                                        .Of(family, swatch.Seed)
                                        .Response(settings.Features, swatch.Piece)
                                )
                            ),
                        swatch.Settings.Ruler.Marking
                    )
                )
                .Millimetres;
        return new()
        {
            [AlongBeforeRead.Name] = Along.Millimetres,
            [AlongAfterRead.Name] = After(Along, ShrunkLearnt.AlongFamily),
            [AcrossBeforeRead.Name] = Across.Millimetres,
            [AcrossAfterRead.Name] = After(Across, ShrunkLearnt.AcrossFamily),
        };
    }

    private static double Figure(RawInputs features, string name, double usual) =>
        features.TryGet(name, out var said)
            ? said.Number
                ?? (
                    said.Flag is { } flag
                        ? flag
                            ? 1
                            : 0
                        : usual
                )
            : usual;
}
