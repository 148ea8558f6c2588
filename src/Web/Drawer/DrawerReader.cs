using System.Text.Json;
using ZephyrReach.Core.Card;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Store;
using ZephyrReach.Web.Reckon;
using Thread = ZephyrReach.Core.Supplies.Thread;

namespace ZephyrReach.Web.Drawer;

/// <summary>The drawer of a workroom as the craft reads it.</summary>
public sealed record OpenDrawer(
    IReadOnlyList<ThingRow> Rows,
    IReadOnlyList<TriedRow> Notes,
    Ruler Ruler
)
{
    private readonly Dictionary<string, object> read = [];

    /// <summary>The things of one kind.</summary>
    public IReadOnlyList<Owned<T>> Of<T>(string kind)
        where T : class, IThing
    {
        if (read.TryGetValue(kind, out var things))
        {
            return (IReadOnlyList<Owned<T>>)things;
        }
        var known = ThingKinds.Named(kind)!;
        List<Owned<T>> owned =
        [
            .. Rows.Where(r => r.Kind == kind)
                .Select(r => new Owned<T>(r.Id.ToString(), r.Name, (T)Read(known, r))),
        ];
        read[kind] = owned;
        return owned;
    }

    /// <summary>What a card may choose from.</summary>
    public DrawerContents Contents =>
        new(
            Of<Machine>("machine"),
            Of<Foot>("foot"),
            Of<Needle>("needle"),
            Of<Thread>("thread"),
            Of<Elastic>("elastic"),
            Of<Stabiliser>("stabiliser"),
            Tried
        );

    /// <summary>What was tried.</summary>
    public IReadOnlyList<TriedNote> Tried =>
        [
            .. Notes.Select(n => new TriedNote(
                n.Machine.ToString(),
                n.Foot.ToString(),
                n.Needle is { } id
                    ? Of<Needle>("needle")
                        .FirstOrDefault(o => o.Id == id.ToString())
                        ?.Is.TwinSpacing
                        ?? Length.Zero
                    : null,
                n.Clears,
                n.Width,
                n.On
            )),
        ];

    /// <summary>
    /// The thing that a request names: by its id in the drawer, or described in place.
    /// </summary>
    /// <returns>Null when the request says nothing of it; an error when what it says cannot be used.</returns>
    public (Owned<T>? Thing, FieldError? Error) Named<T>(JsonElement body, string kind)
        where T : class, IThing
    {
        if (!body.TryGetProperty(kind, out var said) || said.ValueKind == JsonValueKind.Null)
        {
            return (null, null);
        }
        if (said.ValueKind == JsonValueKind.String)
        {
            var owned = Of<T>(kind).FirstOrDefault(o => o.Id == said.GetString());
            return owned is null
                ? (
                    null,
                    new FieldError(
                        kind,
                        Refusal.Unusable,
                        $"There is no such {ThingKinds.Named(kind)!.Title} in your supplies."
                    )
                )
                : (owned, null);
        }
        var known = ThingKinds.Named(kind)!;
        if (said.ValueKind != JsonValueKind.Object)
        {
            return (
                null,
                new FieldError(
                    kind,
                    Refusal.Unusable,
                    $"{kind} must be an id from your supplies, or an object of what is known of it."
                )
            );
        }
        var name =
            said.TryGetProperty("name", out var n) && n.ValueKind == JsonValueKind.String
                ? n.GetString()!
                : $"this {known.Title}";
        var reader = new InputReader(AskJson.Read(said), Ruler);
        var thing = (T)known.Read(reader);
        return reader.Errors is [var first, ..]
            ? (null, new FieldError($"{kind}.{first.Field}", first.Refusal, first.Says))
            : (new Owned<T>("", name, thing), null);
    }

    private IThing Read(ThingKind kind, ThingRow row)
    {
        var properties = AskJson.Read(row.Properties);
        if (row.Left is { } left && kind.Left is { } stock)
        {
            properties = properties.With(stock.Name, RawValue.Of(left.Millimetres));
        }
        // A property that a newer rule no longer takes counts as not known, and is never a reason to lose the thing.
        return kind.Read(new InputReader(properties, Ruler));
    }
}

/// <summary>Opens the drawer.</summary>
public sealed class DrawerReader(ThingStore things, TriedStore tried)
{
    public async Task<OpenDrawer> OpenAsync(Seat seat, Ruler ruler, CancellationToken cancel) =>
        new(await things.AllAsync(seat, cancel), await tried.AllAsync(seat, cancel), ruler);
}
