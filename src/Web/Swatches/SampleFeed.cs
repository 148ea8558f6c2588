using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Store;
using ZephyrReach.Web.Workings;

namespace ZephyrReach.Web.Swatches;

/// <summary>Gives a working's prediction what the workroom's swatches say.</summary>
/// <remarks>
/// A swatch of the same cloth, foot and machine counts in full, any other of the technique half. One read off the simulated
/// bench serves as long as nothing of the technique was really sewn; and the working it was made for, until that has a real
/// one.
/// </remarks>
public sealed class SampleFeed(SwatchStore swatches)
{
    /// <summary>Older ones say nothing new.</summary>
    private const int Most = 500;

    /// <summary>What was measured of some techniques, each as far back as it says anything new.</summary>
    /// <param name="techniques">Any; those that learn nothing are passed over.</param>
    public async Task<SampleShelf> ShelfAsync(
        Seat seat,
        IEnumerable<string> techniques,
        CancellationToken cancel
    )
    {
        List<SwatchRow> measured = [];
        foreach (var technique in techniques.Distinct())
        {
            if (SwatchWords.Of(technique) is { Learns: true } swatch)
            {
                measured.AddRange(
                    await swatches.MeasuredAsync(seat, technique, swatch.Needed, Most, cancel)
                );
            }
        }
        return new SampleShelf(measured);
    }
}

/// <summary>A swatch as a sample for one working.</summary>
/// <param name="IsSame">Whether it was the very cloth and foot.</param>
public sealed record ShelfSample(SwatchRow Swatch, bool IsSame)
{
    /// <summary>The settings and readings as a sample of the API.</summary>
    public RawValue Ask(SwatchOf of)
    {
        var sample = of.Sample!(SwatchWords.Sewn(Swatch, IsSame));
        return RawValue.Of(Swatch.Simulated ? sample.With("simulated", RawValue.Of(true)) : sample);
    }
}

/// <summary>Measured swatches, from which each working takes those of its technique.</summary>
public sealed class SampleShelf(IReadOnlyList<SwatchRow> measured)
{
    /// <summary>More samples than this say nothing new: the same cloth and foot first, then the newest.</summary>
    private const int MostFor = 200;

    private readonly ILookup<string, SwatchRow> byTechnique = measured.ToLookup(s => s.Technique);

    /// <summary>Each swatch as a sample, made once for all workings that take it.</summary>
    private readonly Dictionary<(Guid Swatch, bool IsSame), RawValue> made = [];

    /// <summary>The samples of a working, the oldest first.</summary>
    /// <param name="before">Only what there was before this swatch; null for all.</param>
    public IReadOnlyList<ShelfSample> Of(WorkingRow working, SwatchRow? before = null)
    {
        var all = byTechnique[working.Technique]
            .Where(s => before is null || s.Stamp.CreatedAt < before.Stamp.CreatedAt)
            .ToList();
        var hasReal = all.Any(s => !s.Simulated);
        var hasOwn = all.Any(s => s.WorkingId == working.Id && !s.Simulated);
        return
        [
            .. all.Where(s => !s.Simulated || !hasReal || (s.WorkingId == working.Id && !hasOwn))
                .Select(s => new ShelfSample(s, IsSame(s, working)))
                .OrderByDescending(s => s.IsSame)
                .ThenByDescending(s => s.Swatch.Stamp.CreatedAt)
                .Take(MostFor)
                .OrderBy(s => s.Swatch.Stamp.CreatedAt)
                .ThenBy(s => s.Swatch.Id),
        ];
    }

    /// <summary>An ask with its samples; as it is where the technique predicts nothing.</summary>
    public RawAsk With(WorkingRow working, RawAsk ask) => With(working, ask, Of(working));

    /// <summary>An ask as it was when a swatch of the working was about to be sewn, with that swatch as its last sample.</summary>
    public RawAsk WithLast(WorkingRow working, RawAsk ask, ShelfSample last) =>
        With(working, ask, [.. Of(working, last.Swatch), last]);

    private RawAsk With(WorkingRow working, RawAsk ask, IEnumerable<ShelfSample> samples) =>
        SwatchWords.Of(working.Technique) is { Learns: true } swatch
            ? ask.With(StoredAsk.Samples, RawValue.Of([.. samples.Select(s => Made(s, swatch))]))
            : ask;

    private RawValue Made(ShelfSample sample, SwatchOf of)
    {
        var key = (sample.Swatch.Id, sample.IsSame);
        return made.TryGetValue(key, out var value) ? value : made[key] = sample.Ask(of);
    }

    /// <summary>
    /// The very cloth and foot: the same things of the drawer. Where neither says what it used, only the working's own
    /// swatches are.
    /// </summary>
    private static bool IsSame(SwatchRow swatch, WorkingRow working)
    {
        var isOwn = swatch.WorkingId == working.Id;
        return Same("cloth", ClothName(swatch.Cloth), ClothName(working.Cloth))
            && Same("foot", "", "")
            && Same("machine", "", "");

        bool Same(string kind, string was, string isNow) =>
            (swatch.UsedOf(kind), working.UsedOf(kind)) switch
            {
                ({ } a, { } b) => a == b,
                (null, null) => isOwn || (was.Length > 0 && was == isNow) || kind != "cloth",
                _ => isOwn,
            };
    }

    private static string ClothName(JsonElement cloth) =>
        cloth.TryGetProperty("name", out var name) && name.ValueKind == JsonValueKind.String
            ? name.GetString()!
            : "";
}
