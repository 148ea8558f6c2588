using ZephyrReach.Core.Inputs;

namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>Swatches as the samples of a dial: what was set, what it came to, and whether it counts.</summary>
public static class DialSamples
{
    /// <summary>The field that takes them.</summary>
    public static GroupsField Field() =>
        DialQuestion.Samples with
        {
            Fields = [.. DialQuestion.Samples.Fields, .. SampleWeight.Fields],
            Most = 500,
        };

    /// <summary>Reads them.</summary>
    public static IReadOnlyList<DialSample> Read(InputReader reader, GroupsField field) =>
        [
            .. DialQuestion
                .Read(reader, field)
                .Zip(
                    reader.Groups(field),
                    (sample, group) =>
                    {
                        var (same, counts) = SampleWeight.Read(group);
                        return sample with
                        {
                            Same = same,
                            Counts = counts,
                            Simulated = SampleWeight.IsSimulated(group),
                        };
                    }
                ),
        ];

    /// <summary>A swatch as one of them: several readings of it are one stitch each.</summary>
    /// <param name="set">The setting that is kept with it.</param>
    /// <param name="reading">What was read of it.</param>
    /// <param name="stitches">How many were read together.</param>
    public static RawInputs Of(
        SewnSwatch swatch,
        LengthField set,
        LengthsField reading,
        double stitches = 1
    )
    {
        var was = SetOf(swatch, set);
        var read = swatch.Readings.GetValueOrDefault(reading.Name) ?? [];
        return RawInputs
            .Of(
                ("dialled", was ?? (read.Count > 0 ? read.Average() / stitches : 1)),
                ("stitches", Math.Max(1, read.Count) * stitches),
                ("measured", read.Count > 0 ? read.Sum() : 1)
            )
            .With("same", RawValue.Of(swatch.IsSame))
            // What was set is not known, or it was not read: then it says nothing.
            .With("counts", RawValue.Of(swatch.Counts && was is not null && read.Count > 0));
    }

    /// <summary>What was set for a swatch, in mm; null where that is not known.</summary>
    public static double? SetOf(SewnSwatch swatch, LengthField set) =>
        swatch.Features.TryGet(set.Name, out var was) ? was.Number : null;
}
