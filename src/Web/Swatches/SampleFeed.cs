using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.PullUp;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;

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
    /// <param name="techniques">Any; those without a prediction are passed over.</param>
    public async Task<SampleShelf> ShelfAsync(
        Seat seat,
        IEnumerable<string> techniques,
        CancellationToken cancel
    )
    {
        List<SwatchRow> measured = [];
        foreach (
            var technique in techniques
                .Distinct()
                .Where(t => Core.Craft.Techniques.Named(t)?.Family is not null)
        )
        {
            measured.AddRange(await swatches.MeasuredAsync(seat, technique, Most, cancel));
        }
        return new SampleShelf(measured);
    }

    /// <summary>An ask of a working with the samples that it rests on.</summary>
    public async Task<RawAsk> WithSamplesAsync(
        Seat seat,
        WorkingRow working,
        RawAsk ask,
        CancellationToken cancel
    ) => (await ShelfAsync(seat, [working.Technique], cancel)).With(working, ask);
}

/// <summary>A swatch as a sample for one working.</summary>
/// <param name="IsSame">Whether it was the very cloth and foot.</param>
public sealed record ShelfSample(SwatchRow Swatch, bool IsSame)
{
    /// <summary>The settings and readings as a sample of the API.</summary>
    /// <param name="measuresSteam">Whether what counts is the reading after steam, where there is one.</param>
    public RawValue Ask(bool measuresSteam)
    {
        var values = new Dictionary<string, RawValue>(SwatchFeatures.Sample(Swatch).Values);
        var isSteamed = measuresSteam && Swatch.Steamed.Count > 0;
        values["flat"] = Lengths(Swatch.Flat);
        values["gathered"] = Lengths(isSteamed ? Swatch.Steamed : Swatch.Gathered);
        values["steamed"] = RawValue.Of(isSteamed);
        values["same"] = RawValue.Of(IsSame);
        values["counts"] = RawValue.Of(Swatch.Counts);
        return RawValue.Of(new RawAsk(values));
    }

    private static RawValue Lengths(IReadOnlyList<Length> lengths) =>
        RawValue.Of([.. lengths.Select(l => RawValue.Of(l.Millimetres))]);
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
    public IReadOnlyList<ShelfSample> Of(WorkingRow working)
    {
        var all = byTechnique[working.Technique].ToList();
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

    /// <summary>An ask with its samples; as it is where the technique has no prediction.</summary>
    public RawAsk With(WorkingRow working, RawAsk ask) =>
        Core.Craft.Techniques.Named(working.Technique)?.Family is { } family
            ? ask.With(
                PullUpFields.Samples.Name,
                RawValue.Of([
                    .. Of(working).Select(s => Made(s, family.Knobs.HasFlag(Knobs.Steam))),
                ])
            )
            : ask;

    private RawValue Made(ShelfSample sample, bool measuresSteam)
    {
        var key = (sample.Swatch.Id, sample.IsSame);
        return made.TryGetValue(key, out var value) ? value : made[key] = sample.Ask(measuresSteam);
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

/// <summary>The settings of a swatch as figures.</summary>
public static class SwatchFeatures
{
    /// <summary>What a swatch may say of its settings; each may be left out.</summary>
    public static IReadOnlyList<Field> Fields { get; } =
    [
        PullUpFields.StitchLength with
        {
            IsNeeded = false,
        },
        .. PullUpFields.Settings.Where(f =>
            f != PullUpFields.StitchLength && f != PullUpFields.Steamed
        ),
        PullUpFields.Layers,
    ];

    /// <summary>Reads them: every figure as a plain number, lengths in mm; or what is wrong.</summary>
    public static (JsonElement? Features, IReadOnlyList<FieldError> Errors) Read(
        JsonElement said,
        Ruler ruler
    )
    {
        if (said.ValueKind != JsonValueKind.Object)
        {
            return (
                null,
                [new FieldError("features", Refusal.Unusable, "The settings have to be an object.")]
            );
        }
        var raw = AskJson.Read(said);
        var reader = new AskReader(raw, ruler, "features.");
        var kept = new Dictionary<string, double>();
        foreach (var field in Fields.Where(f => raw.TryGet(f.Name, out _)))
        {
            var figure = field switch
            {
                LengthField length => reader.OptionalLength(length)?.Millimetres,
                NumberField number => reader.OptionalNumber(number),
                _ => null,
            };
            if (figure is { } is_)
            {
                kept[field.Name] = is_;
            }
        }
        List<FieldError> errors = [.. reader.Errors];
        if (raw.Values.Keys.FirstOrDefault(k => Fields.All(f => f.Name != k)) is { } strange)
        {
            errors.Add(
                new FieldError(
                    $"features.{strange}",
                    Refusal.Unusable,
                    $"“{strange}” is not a setting that decides the fullness."
                )
            );
        }
        return (errors.Count > 0 ? null : JsonSerializer.SerializeToElement(kept), errors);
    }

    /// <summary>The settings as a sample of the API says them: of several layers, all of them weigh.</summary>
    public static RawAsk Sample(SwatchRow swatch)
    {
        var raw = AskJson.Read(swatch.Features);
        var ask = raw.Without(PullUpFields.Layers.Name);
        if (!ask.TryGet(PullUpFields.StitchLength.Name, out _))
        {
            ask = ask.With(PullUpFields.StitchLength.Name, RawValue.Of(StitchInWords(swatch) ?? 4));
        }
        return
            raw.TryGet(PullUpFields.Layers.Name, out var layers)
            && layers.Number is > 1 and var count
            && raw.TryGet(PullUpFields.ClothWeight.Name, out var weight)
            && weight.Number is { } grams
            ? ask.With(PullUpFields.ClothWeight.Name, RawValue.Of(Math.Min(2000, grams * count)))
            : ask;
    }

    /// <summary>The stitch in mm as the card said it, such as <c>4.5 mm, dial 4.5</c>; null when it said none.</summary>
    private static double? StitchInWords(SwatchRow swatch) =>
        swatch.Settings.TryGetProperty("Stitch length", out var words)
        && words.ValueKind == JsonValueKind.String
        && LengthReader.ReadFine(words.GetString()!.Split(',')[0])
            is { IsRead: true, Length: var read }
        && read >= PullUpFields.StitchLength.Least
        && read <= PullUpFields.StitchLength.Most
            ? read.Millimetres
            : null;
}
