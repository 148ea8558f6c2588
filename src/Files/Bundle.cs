using System.Text.Json;
using System.Text.Json.Serialization;

namespace ZephyrReach.Files;

/// <summary>Projects with all that belongs to them, as one JSON file that anybody can read and write.</summary>
/// <param name="Format">Always <see cref="Bundle.Name"/>.</param>
/// <param name="Version">The version of the format; this one reads version 1.</param>
/// <param name="Title">What the bundle is, for people.</param>
/// <param name="Projects">The projects.</param>
/// <param name="Drawer">What is owned.</param>
/// <param name="Practice">What was practised on the simulated machine.</param>
public sealed record Bundle(
    string Format,
    int Version,
    string Title,
    IReadOnlyList<BundleProject> Projects,
    BundleDrawer? Drawer = null,
    IReadOnlyList<BundlePractice>? Practice = null
)
{
    /// <summary>The name that every bundle carries.</summary>
    public const string Name = "zephyr-reach-bundle";

    private const int Newest = 1;

    /// <summary>What it brings that stands by itself: projects, things, tries.</summary>
    [JsonIgnore]
    public IEnumerable<Guid> Ids =>
        [
            .. Projects.Select(p => p.Id),
            .. Drawer?.Things.Select(t => t.Id) ?? [],
            .. Practice?.Select(p => p.Id) ?? [],
        ];

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        ReadCommentHandling = JsonCommentHandling.Skip,
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = true,
    };

    /// <summary>Reads a bundle.</summary>
    /// <param name="json">The file.</param>
    /// <param name="cancel">Ends the reading.</param>
    /// <exception cref="FormatException">It is not a bundle, or of a version that is not known; the message says which.</exception>
    public static async Task<Bundle> ReadAsync(Stream json, CancellationToken cancel)
    {
        Bundle? bundle;
        try
        {
            bundle = await JsonSerializer.DeserializeAsync<Bundle>(json, Options, cancel);
        }
        catch (JsonException wrong)
        {
            throw new FormatException($"This is not a bundle: {wrong.Message}", wrong);
        }
        if (bundle is not { Format: Name })
        {
            throw new FormatException($"This is not a bundle: its format is not “{Name}”.");
        }
        return bundle.Version == Newest
            ? bundle
            : throw new FormatException(
                $"This bundle is of version {bundle.Version}; version {Newest} can be read."
            );
    }
}

/// <summary>A project in a bundle.</summary>
public sealed record BundleProject(
    Guid Id,
    string Name,
    DateOnly? WantedBy,
    string Notes,
    IReadOnlyList<BundleWorking> Workings
);

/// <summary>A working in a bundle.</summary>
/// <param name="Ask">What was typed, by field.</param>
/// <param name="Uses">Things of the drawer, by kind.</param>
/// <param name="Links">Edges that it takes from other workings of the project, by field.</param>
/// <param name="WayOf">Another working, before it, of which it is another way.</param>
/// <param name="CutLists">Frozen lists; one without an answer is reckoned from its ask when it is read in.</param>
public sealed record BundleWorking(
    Guid Id,
    string Technique,
    string Name,
    string Stage,
    JsonElement Ask,
    JsonElement Cloth,
    JsonElement? Progress = null,
    IReadOnlyList<BundleSwatch>? Swatches = null,
    IReadOnlyList<BundleCutList>? CutLists = null,
    BundleKeep? Keep = null,
    IReadOnlyDictionary<string, Guid>? Uses = null,
    IReadOnlyDictionary<string, BundleLink>? Links = null,
    Guid? WayOf = null
);

/// <summary>An edge that a working in a bundle takes from another.</summary>
public sealed record BundleLink(Guid Working, string Edge);

/// <summary>What is owned, in a bundle.</summary>
public sealed record BundleDrawer(
    IReadOnlyList<BundleThing> Things,
    IReadOnlyList<BundleTried>? Tried = null
);

/// <summary>A thing in a bundle; its properties are as they would be typed.</summary>
public sealed record BundleThing(Guid Id, string Kind, string Name, JsonElement Properties);

/// <summary>A note in a bundle that a foot was tried on a machine; the width is in mm.</summary>
public sealed record BundleTried(
    Guid Id,
    Guid Machine,
    Guid Foot,
    bool Clears,
    DateOnly On,
    Guid? Needle = null,
    double Width = 0,
    string Note = ""
);

/// <summary>A try on the simulated machine, in a bundle.</summary>
/// <param name="Figures">What it was scored by.</param>
public sealed record BundlePractice(
    Guid Id,
    string Exercise,
    DateTimeOffset At,
    JsonElement Figures
);

/// <summary>A swatch in a bundle. What is left out is that of its working.</summary>
/// <param name="Readings">What was measured, by the names that its technique gives; in mm.</param>
/// <param name="Features">The settings that decide what comes out, as figures, and the lines of a scrap; lengths in mm.</param>
/// <param name="Counts">Whether predictions learn from it.</param>
/// <param name="Simulated">Whether it was read off the simulated bench.</param>
public sealed record BundleSwatch(
    Guid Id,
    IReadOnlyDictionary<string, string> Settings,
    IReadOnlyDictionary<string, IReadOnlyList<double>> Readings,
    IReadOnlyList<string>? Looks = null,
    string Changed = "",
    string Verdict = "",
    string Note = "",
    IReadOnlyDictionary<string, JsonElement>? Features = null,
    IReadOnlyDictionary<string, Guid>? Uses = null,
    bool Counts = true,
    bool Simulated = false
);

/// <summary>A frozen cut list in a bundle.</summary>
public sealed record BundleCutList(Guid Id, JsonElement Ask, JsonElement? Answer = null);

/// <summary>A kept summary in a bundle.</summary>
public sealed record BundleKeep(
    Guid Id,
    IReadOnlyDictionary<string, string> Settings,
    string CameOut,
    string Verdict,
    string Note
);
