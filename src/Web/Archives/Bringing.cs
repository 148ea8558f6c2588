using System.Text.Json.Nodes;
using ZephyrReach.Files;
using ZephyrReach.Store;

namespace ZephyrReach.Web.Archives;

/// <summary>What to do with a record that is there already and differs.</summary>
public enum Differing
{
    /// <summary>What is here stays.</summary>
    Mine,

    /// <summary>What is brought takes its place.</summary>
    Theirs,

    /// <summary>What is brought comes beside it, as a copy: a project with all that is in it, a thing, a swatch that stands alone.</summary>
    Both,
}

/// <summary>Chooses what of an archive is brought in, by how each record stands to what is there.</summary>
/// <param name="everything">The archive's records.</param>
/// <param name="standings">How each stands; that of the settings is under the empty id.</param>
internal sealed class Bringing(JsonObject everything, Dictionary<Guid, Standing> standings)
{
    /// <summary>The names by which records name others.</summary>
    private static readonly string[] References =
    [
        "project_id",
        "working_id",
        "swatch_id",
        "way_of",
        "machine_id",
        "foot_id",
        "needle_id",
    ];

    /// <summary>How many records of a list stand so.</summary>
    public int Count(string list, Standing standing) =>
        Of(list).Count(r => standings[IdOf(r)] == standing);

    /// <summary>What differs, by name: projects for all that is in them, things, swatches that stand alone.</summary>
    public IReadOnlyList<string> Names =>
        [
            .. Of("projects").Where(r => Touched.Contains(IdOf(r))).Select(NameOf),
            .. Of("things").Where(Differs).Select(NameOf),
            .. Of("swatches")
                .Where(r => r["working_id"] is null && Differs(r))
                .Select(_ => "a swatch"),
            .. IsSetOtherwise ? ["how the workroom measures"] : Array.Empty<string>(),
        ];

    private bool IsSetOtherwise =>
        standings.GetValueOrDefault(Guid.Empty, Standing.Same) == Standing.Differs;

    /// <summary>Projects that differ, or of which something does.</summary>
    private HashSet<Guid> Touched =>
        field ??= [
            .. ArchiveStore.Lists.SelectMany(Of).Where(Differs).Select(ProjectOf).OfType<Guid>(),
        ];

    /// <summary>The working of each swatch and the project of each working.</summary>
    private Dictionary<Guid, Guid> Parents =>
        field ??= Of("workings")
            .Select(r => (Id: IdOf(r), Parent: IdIn(r, "project_id")))
            .Concat(Of("swatches").Select(r => (Id: IdOf(r), Parent: IdIn(r, "working_id"))))
            .Where(r => r.Parent is not null)
            .ToDictionary(r => r.Id, r => r.Parent!.Value);

    /// <summary>The lists to bring in, and for each photograph in them the id that its picture has in the archive.</summary>
    public (JsonObject Lists, IReadOnlyDictionary<Guid, Guid> Pictures) Choose(Differing differing)
    {
        Dictionary<Guid, Guid> renamed = [];
        if (differing == Differing.Both)
        {
            foreach (var record in ArchiveStore.Lists.SelectMany(Of).Where(IsCopied))
            {
                renamed[IdOf(record)] = Guid.CreateVersion7();
            }
        }
        var chosen = new JsonObject();
        Dictionary<Guid, Guid> pictures = [];
        foreach (var list in ArchiveStore.Lists)
        {
            var rows = new JsonArray();
            foreach (var record in Of(list))
            {
                var id = IdOf(record);
                var isBrought =
                    standings[id] == Standing.New
                    || renamed.ContainsKey(id)
                    || (differing == Differing.Theirs && Differs(record));
                if (!isBrought)
                {
                    continue;
                }
                var row = renamed.ContainsKey(id)
                    ? Copy(list, record, renamed)
                    : record.DeepClone();
                rows.Add(row);
                if (
                    list == "photographs"
                    && (standings[id] == Standing.New || renamed.ContainsKey(id))
                )
                {
                    pictures[IdOf(row)] = id;
                }
            }
            chosen[list] = rows;
        }
        if (differing == Differing.Theirs && IsSetOtherwise)
        {
            chosen["settings"] = everything["settings"]!.DeepClone();
        }
        return (chosen, pictures);
    }

    /// <summary>Whether a record comes as a copy where both are kept.</summary>
    private bool IsCopied(JsonNode record) =>
        ProjectOf(record) is { } project ? Touched.Contains(project) : Differs(record);

    private static JsonNode Copy(string list, JsonNode record, Dictionary<Guid, Guid> renamed)
    {
        var copy = record.DeepClone();
        copy["id"] = renamed[IdOf(record)].ToString();
        foreach (var reference in References)
        {
            if (IdIn(record, reference) is { } id && renamed.TryGetValue(id, out var now))
            {
                copy[reference] = now.ToString();
            }
        }
        foreach (var (kind, thing) in (copy["uses"] as JsonObject ?? []).ToList())
        {
            if (Guid.TryParse((string?)thing, out var id) && renamed.TryGetValue(id, out var now))
            {
                copy["uses"]![kind] = now.ToString();
            }
        }
        foreach (var (_, link) in (copy["links"] as JsonObject ?? []).ToList())
        {
            if (IdIn(link!, "working") is { } id && renamed.TryGetValue(id, out var now))
            {
                link!["working"] = now.ToString();
            }
        }
        // What its cloth was taken from is the shelf of the other; here nothing was taken for a copy.
        if (copy["taken"] is not null)
        {
            copy["taken"] = new JsonArray();
        }
        if (list is "projects" or "things")
        {
            const string Mark = " (brought in)";
            var name = NameOf(record);
            var most = (list == "things" ? 120 : 200) - Mark.Length;
            copy["name"] = Cut.To(name, most) + Mark;
        }
        return copy;
    }

    /// <summary>The project that a record belongs to; null for one that belongs to none.</summary>
    private Guid? ProjectOf(JsonNode record)
    {
        var at =
            IdIn(record, "swatch_id")
            ?? IdIn(record, "working_id")
            ?? IdIn(record, "project_id")
            ?? IdOf(record);
        // From a photograph it is two steps, whatever a file makes of it.
        for (var step = 0; step < 2 && Parents.TryGetValue(at, out var parent); step++)
        {
            at = parent;
        }
        return Projects.Contains(at) ? at : null;
    }

    private HashSet<Guid> Projects => field ??= [.. Of("projects").Select(IdOf)];

    private bool Differs(JsonNode record) => standings[IdOf(record)] == Standing.Differs;

    private IEnumerable<JsonNode> Of(string list) =>
        ((JsonArray)everything[list]!).OfType<JsonNode>();

    private static Guid IdOf(JsonNode record) => Guid.Parse((string)record["id"]!);

    private static Guid? IdIn(JsonNode record, string name) =>
        Guid.TryParse((string?)record[name], out var id) ? id : null;

    private static string NameOf(JsonNode record) => (string)record["name"]!;
}
