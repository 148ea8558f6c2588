using System.Text.Json.Nodes;
using ZephyrReach.Core.Project;

namespace ZephyrReach.Web.Archives;

/// <summary>What an archive is held to beyond its schema: what the API would let nobody keep does not come in with a file.</summary>
internal static class Rules
{
    /// <exception cref="FormatException">It breaks one; the message says which, and where.</exception>
    public static void Hold(JsonObject everything, CancellationToken cancel)
    {
        var workings = ((JsonArray)everything["workings"]!)
            .Select(w => new Brought(w!))
            .ToDictionary(w => w.Id);
        foreach (var working in workings.Values)
        {
            cancel.ThrowIfCancellationRequested();
            if (Core.Craft.Techniques.WorkingOf(working.Technique) is not { } known)
            {
                continue;
            }
            if (working.SchemaVersion > known.SchemaVersion)
            {
                throw new FormatException(
                    $"“{working.Name}” was made by a newer program, and cannot be read by this one."
                );
            }
            foreach (var (field, (giver, _)) in working.Takes)
            {
                if (
                    !known.Forward.Fields.Any(f => f.Name == field && f.IsEdge)
                    || workings.GetValueOrDefault(giver)?.Project != working.Project
                )
                {
                    throw new FormatException(
                        $"“{working.Name}” takes an edge that no piece of its project can give."
                    );
                }
            }
        }
        HoldChains(workings);
        HoldWays(workings.Values);
    }

    /// <summary>No chain comes back to its beginning, and none is too long.</summary>
    private static void HoldChains(Dictionary<Guid, Brought> workings)
    {
        // From those that take nothing on, level by level; what is never reached hangs on itself.
        Dictionary<Guid, int> rows = [];
        var takers = workings
            .Values.SelectMany(w => w.Takes.Values.Select(t => (t.Working, w.Id)))
            .Where(t => workings.ContainsKey(t.Working))
            .ToLookup(t => t.Working, t => t.Id);
        var open = workings.Values.ToDictionary(
            w => w.Id,
            w => w.Takes.Values.Count(t => workings.ContainsKey(t.Working))
        );
        Queue<Guid> ready = new(open.Where(w => w.Value == 0).Select(w => w.Key));
        while (ready.TryDequeue(out var id))
        {
            var row = rows.GetValueOrDefault(id) + 1;
            rows[id] = row;
            if (row > Chains.MostInARow)
            {
                throw new FormatException(
                    $"More than {Chains.MostInARow} pieces hang on each other in a row, at “{workings[id].Name}”."
                );
            }
            foreach (var taker in takers[id])
            {
                rows[taker] = Math.Max(rows.GetValueOrDefault(taker), row);
                if (--open[taker] == 0)
                {
                    ready.Enqueue(taker);
                }
            }
        }
        if (open.FirstOrDefault(w => w.Value > 0) is { Value: > 0, Key: var hanging })
        {
            throw new FormatException(
                $"“{workings[hanging].Name}” takes an edge from a piece that hangs on it."
            );
        }
    }

    /// <summary>Of the ways of doing a piece one stands.</summary>
    private static void HoldWays(IEnumerable<Brought> workings)
    {
        foreach (var ways in workings.GroupBy(w => w.Piece))
        {
            if (ways.All(w => w.IsAside))
            {
                throw new FormatException(
                    $"All ways of doing “{ways.First().Name}” are laid aside: one has to stand."
                );
            }
        }
    }

    /// <summary>A working of an archive, as far as it is looked at here.</summary>
    private sealed class Brought(JsonNode row)
    {
        public Guid Id { get; } = Guid.Parse((string)row["id"]!);

        public Guid Project { get; } = Guid.Parse((string)row["project_id"]!);

        public string Name { get; } = (string)row["name"]!;

        public string Technique { get; } = (string)row["technique"]!;

        public int SchemaVersion { get; } = (int)row["schema_version"]!;

        public bool IsAside { get; } = (bool)row["aside"]!;

        public Guid Piece { get; } = Guid.Parse((string?)row["way_of"] ?? (string)row["id"]!);

        public Dictionary<string, (Guid Working, string Edge)> Takes { get; } =
            ((JsonObject)row["links"]!).ToDictionary(
                l => l.Key,
                l => (Guid.Parse((string)l.Value!["working"]!), (string)l.Value["edge"]!)
            );
    }
}
