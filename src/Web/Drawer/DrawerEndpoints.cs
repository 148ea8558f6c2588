using System.Text.Json;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;
using Thread = ZephyrReach.Core.Supplies.Thread;

namespace ZephyrReach.Web.Drawer;

/// <summary>What is owned.</summary>
public static class DrawerEndpoints
{
    private static readonly Records<ThingRow> Things = new(
        "There is no such thing in your supplies.",
        ThingOut.Of
    );

    private static readonly Records<TriedRow> Notes = new(
        "There is no such note.",
        (row, _) => TriedOut.Of(row)
    );

    public static void MapDrawer(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/drawer").WithTags("Supplies").ProducesValidationProblem();
        group.MapGet("", AllAsync).WithSummary("Everything in your supplies, and what was tried.");
        group
            .MapGet("kinds", (Here here) => ThingKinds.All.Select(k => KindOut.Of(k, here.Ruler)))
            .WithSummary(
                "The kinds of things, what can be said of each, and usual ones to begin from."
            );
        group
            .MapPost("things", AddAsync)
            .WithSummary("Adds a thing to the supplies.")
            .Produces<ThingOut>(StatusCodes.Status201Created);
        group
            .MapPatch("things/{id:guid}", ChangeAsync)
            .WithSummary("Changes a thing; a property set to null is not known.")
            .Produces<ThingOut>();
        Things.MapRemove<ThingStore>(
            group,
            "things/{id:guid}",
            "taken from your supplies",
            "Takes a thing away, with its tried notes; one undo brings all back."
        );
        group
            .MapPost("tried", AddTriedAsync)
            .WithSummary("Notes that a foot was tried on a machine, and clears or hits.")
            .Produces<TriedOut>(StatusCodes.Status201Created);
        Notes.MapRemove<TriedStore>(
            group,
            "tried/{id:guid}",
            "tried note taken away",
            "Takes a note away."
        );
        group
            .MapGet("nearest-threads", NearestAsync)
            .WithSummary(
                "The threads that are owned, the nearest in colour to a fabric or a colour first."
            )
            .Produces<IReadOnlyList<NearThreadOut>>();
        group
            .MapPost("foot/drawing", DrawFootAsync)
            .WithSummary(
                "The sole of a foot to scale, with handles to pull, and the swing of a needle."
            )
            .Accepts<JsonElement>("application/json")
            .Produces<JsonElement>();
    }

    private static async Task<DrawerOut> AllAsync(Here here, DrawerReader drawer)
    {
        var open = await drawer.OpenAsync(here.Seat, here.Ruler, here.Cancel);
        return new DrawerOut(
            [.. open.Rows.Select(r => ThingOut.Of(r, here.Ruler))],
            [.. open.Notes.Select(TriedOut.Of)]
        );
    }

    private static async Task<IResult> AddAsync(Here here, ThingIn thing, ThingStore store)
    {
        if (ThingKinds.Named(thing.Kind) is not { } kind)
        {
            return Problem.Field(
                "kind",
                $"kind must be one of {string.Join(", ", ThingKinds.All.Select(k => k.Name))}."
            );
        }
        var (stored, errors) = StoredThing.Read(
            kind,
            thing.Properties ?? JsonSerializer.SerializeToElement(new { }),
            null,
            here.Ruler
        );
        return stored is null
            ? Problem.Fields(errors)
            : Things.Added(
                here,
                await store.AddAsync(
                    here.Seat,
                    thing.Id,
                    kind.Name,
                    thing.Name,
                    stored.Properties,
                    stored.Left?.Length,
                    here.Cancel
                ),
                row => $"/api/drawer/things/{row.Id}"
            );
    }

    private static async Task<IResult> ChangeAsync(
        Here here,
        IfMatch version,
        Guid id,
        ThingPatch change,
        ThingStore store
    )
    {
        if (await store.FindAsync(here.Seat, id, here.Cancel) is not { } before)
        {
            return Things.Found(here, null);
        }
        StoredThing? stored = null;
        if (change.Properties is { } said)
        {
            (stored, var errors) = StoredThing.Read(
                ThingKinds.Named(before.Kind)!,
                said,
                before.Properties,
                here.Ruler
            );
            if (stored is null)
            {
                return Problem.Fields(errors);
            }
        }
        return Things.Changed(
            here,
            await store.ChangeAsync(
                here.Seat,
                id,
                version.Version,
                $"“{before.Name}” adjusted",
                new ThingChange(change.Name, stored?.Properties, stored?.Left),
                here.Cancel
            )
        );
    }

    private static async Task<IResult> AddTriedAsync(
        Here here,
        TriedIn note,
        TriedStore store,
        TimeProvider clock
    ) =>
        Notes.Added(
            here,
            await store.AddAsync(
                here.Seat,
                new TriedRow(
                    note.Id,
                    note.Machine,
                    note.Foot,
                    note.Needle,
                    note.Clears,
                    Length.FromMillimetres(note.Width ?? 0),
                    note.On ?? DateOnly.FromDateTime(clock.GetLocalNow().DateTime),
                    note.Note ?? "",
                    default
                ),
                here.Cancel
            ),
            row => $"/api/drawer/tried/{row.Id}",
            () =>
                Problem.Field("foot", "There is no such machine, foot or needle in your supplies.")
        );

    private static async Task<IResult> NearestAsync(
        Here here,
        DrawerReader drawer,
        Guid? cloth,
        string? colour
    )
    {
        var open = await drawer.OpenAsync(here.Seat, here.Ruler, here.Cancel);
        Colour wanted;
        if (cloth is { } id)
        {
            var owned = open.Of<Cloth>("cloth").FirstOrDefault(c => c.Id == id.ToString());
            if (owned is null)
            {
                return Things.Found(here, null);
            }
            if (owned.Is.Colour is not { } of)
            {
                return Problem.Field("cloth", $"The colour of {owned.Name} is not known.");
            }
            wanted = of;
        }
        else if (!Colour.TryRead(colour, out wanted))
        {
            return Problem.Field(
                "colour",
                "Give a fabric of your supplies, or a colour such as #1a2b3c."
            );
        }
        return Results.Ok(
            ThreadMatch
                .Nearest(open.Of<Thread>("thread"), wanted)
                .Select(n => new NearThreadOut(
                    n.Thread.Id,
                    n.Thread.Name,
                    n.Thread.Is.Colour!.Value.ToString(),
                    Math.Round(n.Difference, 2),
                    n.Seen
                ))
        );
    }

    /// <summary>Body: what is known of the foot; and <c>swing</c>, the width of the stitch that is drawn in.</summary>
    private static async Task<IResult> DrawFootAsync(Here here)
    {
        var reader = new InputReader(await AskJson.ReadAskAsync(here.Http.Request), here.Ruler);
        var foot = (Foot)Foot.Described.Read(reader);
        var swing = reader.OptionalLength(FootDrawing.Swing) ?? Length.Zero;
        return reader.Errors.Count > 0
            ? Problem.Fields(reader.Errors)
            : Results.Json(FootDrawing.Of(foot, swing), CraftJson.For(here.Ruler));
    }
}
