using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Project;

/// <summary>A swatch that was measured.</summary>
/// <param name="Part">The part it was sewn for; null where it stands alone.</param>
/// <param name="Technique">The technique it tries.</param>
/// <param name="Fabric">What its fabric is called, where it is no supply; else empty.</param>
/// <param name="Uses">The supplies it was sewn with, by their kind.</param>
/// <param name="IsSimulated">Whether it was never sewn, but made up by the simulated machine.</param>
/// <param name="SewnAt">When it was recorded: greater is later.</param>
/// <param name="Sewn">What was set and read.</param>
public sealed record MeasuredSwatch(
    Guid Id,
    Guid? Part,
    string Technique,
    string Fabric,
    IReadOnlyDictionary<string, Guid> Uses,
    bool IsSimulated,
    long SewnAt,
    SewnSwatch Sewn
)
{
    /// <summary>Its settings and readings as a sample of its technique.</summary>
    /// <param name="isSame">Whether it was sewn with the very fabric, foot and machine.</param>
    public RawValue AsSample(SwatchOf of, bool isSame)
    {
        var sample = of.Sample!(Sewn with { IsSame = isSame });
        return RawValue.Of(IsSimulated ? sample.With("simulated", RawValue.Of(true)) : sample);
    }
}

/// <summary>A swatch as a sample for one part.</summary>
/// <param name="IsSame">Whether it was the very fabric, foot and machine.</param>
public sealed record ShelfSample(MeasuredSwatch Swatch, bool IsSame);

/// <summary>Measured swatches, from which each part takes those of its technique.</summary>
/// <remarks>
/// A swatch of the same fabric, foot and machine counts in full, any other of the technique half. A simulated one serves as
/// long as nothing of the technique was really sewn; and the part it was made for, until that has a real one.
/// </remarks>
public sealed class SwatchShelf(IEnumerable<MeasuredSwatch> measured)
{
    /// <summary>More samples than this say nothing new: the same fabric and foot first, then the newest.</summary>
    private const int MostFor = 200;

    private readonly ILookup<string, MeasuredSwatch> byTechnique = measured.ToLookup(s =>
        s.Technique
    );

    /// <summary>Each swatch as a sample, made once for all parts that take it.</summary>
    private readonly Dictionary<(Guid Swatch, bool IsSame), RawValue> made = [];

    /// <summary>The samples of a part, the oldest first.</summary>
    /// <param name="before">Only what there was before this swatch; null for all.</param>
    public IReadOnlyList<ShelfSample> Of(PlannedPart part, MeasuredSwatch? before = null)
    {
        var all = byTechnique[part.Technique]
            .Where(s => before is null || s.SewnAt < before.SewnAt)
            .ToList();
        var hasReal = all.Any(s => !s.IsSimulated);
        var hasOwn = all.Any(s => s.Part == part.Id && !s.IsSimulated);
        return
        [
            .. all.Where(s => !s.IsSimulated || !hasReal || (s.Part == part.Id && !hasOwn))
                .Select(s => new ShelfSample(s, IsSame(s, part)))
                .OrderByDescending(s => s.IsSame)
                .ThenByDescending(s => s.Swatch.SewnAt)
                .Take(MostFor)
                .OrderBy(s => s.Swatch.SewnAt)
                .ThenBy(s => s.Swatch.Id),
        ];
    }

    /// <summary>Inputs with their samples; as they are where the technique predicts nothing.</summary>
    public RawInputs With(PlannedPart part, RawInputs inputs) => With(part, inputs, Of(part));

    /// <summary>Inputs as they were when a swatch of the part was about to be sewn, with that swatch as their last sample.</summary>
    public RawInputs WithLast(PlannedPart part, RawInputs inputs, ShelfSample last) =>
        With(part, inputs, [.. Of(part, last.Swatch), last]);

    private RawInputs With(PlannedPart part, RawInputs inputs, IEnumerable<ShelfSample> samples) =>
        part.Working?.Swatch is { Learns: true } swatch
            ? inputs.With(
                ChangedBySwatches.Samples,
                RawValue.Of([.. samples.Select(s => Made(s, swatch))])
            )
            : inputs;

    private RawValue Made(ShelfSample sample, SwatchOf of)
    {
        var key = (sample.Swatch.Id, sample.IsSame);
        return made.TryGetValue(key, out var value)
            ? value
            : made[key] = sample.Swatch.AsSample(of, sample.IsSame);
    }

    /// <summary>
    /// The very fabric and foot: the same supplies. Where neither says what it used, only the part's own swatches are.
    /// </summary>
    private static bool IsSame(MeasuredSwatch swatch, PlannedPart part)
    {
        var isOwn = swatch.Part == part.Id;
        return Same("cloth", swatch.Fabric, part.Fabric)
            && Same("foot", "", "")
            && Same("machine", "", "");

        bool Same(string kind, string was, string isNow) =>
            (
                swatch.Uses.TryGetValue(kind, out var used) ? used : (Guid?)null,
                part.Used(kind)
            ) switch
            {
                ({ } a, { } b) => a == b,
                (null, null) => isOwn || (was.Length > 0 && was == isNow) || kind != "cloth",
                _ => isOwn,
            };
    }
}
