using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.CutLists;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Swatches;
using ZephyrReach.Web.Workings;

namespace ZephyrReach.Web.Hosting;

/// <summary>Reads a bundle into a workroom, once. Begun again after a crash, it adds what is not there yet.</summary>
public sealed class BundleLoader(
    ProjectStore projects,
    WorkingStore workings,
    SwatchStore swatches,
    KeepStore keeps,
    Freezer freezer,
    ThingStore things,
    TriedStore tried,
    PracticeStore practices,
    LoadStore loads
)
{
    /// <summary>Reads the bundle in, unless that was done before.</summary>
    /// <param name="workroom">Where to.</param>
    /// <param name="path">The file; its name is what is remembered.</param>
    /// <param name="cancel">Ends the loading; begun again, it goes on.</param>
    /// <exception cref="FormatException">The file is no bundle, or holds an ask that cannot be used.</exception>
    public async Task LoadOnceAsync(WorkroomRow workroom, string path, CancellationToken cancel)
    {
        var seat = new Seat(workroom.Id, "");
        var name = Path.GetFileNameWithoutExtension(path);
        var (isDone, isKnown) = await loads.StateAsync(seat, name, cancel);
        if (isDone && isKnown)
        {
            return;
        }
        await using var file = File.OpenRead(path);
        var bundle = await Bundle.ReadAsync(file, cancel);
        if (isDone)
        {
            await loads.RememberAsync(seat, name, bundle.Ids, cancel);
            return;
        }
        if (bundle.Drawer is { } drawer)
        {
            await AddAsync(seat, workroom.RulerFor(workroom.Units), drawer, cancel);
        }
        foreach (var project in bundle.Projects)
        {
            await projects.AddAsync(
                seat,
                project.Id,
                project.Name,
                project.WantedBy,
                project.Notes,
                cancel
            );
            foreach (var working in project.Workings)
            {
                await AddAsync(
                    seat,
                    workroom.RulerFor(workroom.Units),
                    project.Id,
                    working,
                    cancel
                );
            }
        }
        foreach (var practised in bundle.Practice ?? [])
        {
            await practices.AddAsync(
                seat,
                practised.Id,
                practised.Exercise,
                practised.Figures,
                practised.At,
                cancel
            );
        }
        await loads.FinishAsync(seat, name, bundle.Ids, cancel);
    }

    private async Task AddAsync(
        Seat seat,
        Ruler ruler,
        BundleDrawer drawer,
        CancellationToken cancel
    )
    {
        foreach (var thing in drawer.Things)
        {
            var kind =
                ThingKinds.Named(thing.Kind)
                ?? throw new FormatException(
                    $"“{thing.Name}” is of a kind that is not known: {thing.Kind}."
                );
            var (stored, errors) = StoredThing.Read(kind, thing.Properties, null, ruler);
            if (stored is null)
            {
                throw new FormatException(
                    $"“{thing.Name}” cannot be read in: {errors[0].Field}: {errors[0].Says}"
                );
            }
            await things.AddAsync(
                seat,
                thing.Id,
                kind.Name,
                thing.Name,
                stored.Properties,
                stored.Left?.Length,
                cancel
            );
        }
        foreach (var note in drawer.Tried ?? [])
        {
            await tried.AddAsync(
                seat,
                new TriedRow(
                    note.Id,
                    note.Machine,
                    note.Foot,
                    note.Needle,
                    note.Clears,
                    Length.FromMillimetres(note.Width),
                    note.On,
                    note.Note,
                    default
                ),
                cancel
            );
        }
    }

    private async Task AddAsync(
        Seat seat,
        Ruler ruler,
        Guid project,
        BundleWorking working,
        CancellationToken cancel
    )
    {
        var known =
            Core.Craft.Techniques.WorkingOf(working.Technique)
            ?? throw new FormatException(
                $"“{working.Name}” is of a technique that is not known: {working.Technique}."
            );
        Refuse(working.Name, known, working.Ask, ruler);
        var row =
            await workings.AddAsync(
                seat,
                working.Id,
                project,
                working.Technique,
                known.SchemaVersion,
                working.Name,
                working.Ask,
                working.Cloth,
                working.WayOf,
                [],
                cancel
            ) ?? throw new FormatException($"“{working.Name}” could not be added.");
        foreach (var swatch in working.Swatches ?? [])
        {
            await swatches.AddAsync(seat, swatch.Id, row.Id, Parts(swatch, working, ruler), cancel);
        }
        foreach (var list in working.CutLists ?? [])
        {
            Refuse(working.Name, known, list.Ask, ruler);
            await freezer.FreezeAsync(seat, list.Id, row, list.Ask, ruler, cancel);
        }
        if (working.Keep is { } keep)
        {
            var settings = JsonSerializer.SerializeToElement(keep.Settings);
            await keeps.AddAsync(
                seat,
                keep.Id,
                row.Id,
                new KeepParts(settings, keep.CameOut, keep.Verdict, keep.Note),
                [],
                cancel
            );
        }
        if (
            row.Stage != working.Stage
            || working is not { Progress: null, Uses: null, Links: null }
        )
        {
            await workings.ChangeAsync(
                seat,
                row.Id,
                row.Stamp.Version,
                "read in",
                new WorkingChange(
                    Stage: working.Stage,
                    Progress: working.Progress,
                    Uses: Json(working.Uses),
                    Links: working.Links is { } links
                        ? JsonSerializer.SerializeToElement(links, JsonSerializerOptions.Web)
                        : null
                ),
                cancel
            );
        }
    }

    private static void Refuse(string name, Process working, JsonElement ask, Ruler ruler)
    {
        if (StoredAsk.Check(working, ask, ruler) is [var first, ..])
        {
            throw new FormatException($"“{name}” cannot be read in: {first.Field}: {first.Says}");
        }
    }

    private static SwatchParts Parts(BundleSwatch swatch, BundleWorking working, Ruler ruler)
    {
        List<FieldError> errors = [];
        var features = SwatchWords.ReadFeatures(Json(swatch.Features), ruler, errors);
        var readings = SwatchWords.ReadReadings(Json(swatch.Readings), ruler, errors);
        if (errors is [var first, ..])
        {
            throw new FormatException(
                $"A swatch of “{working.Name}” cannot be read in: {first.Field}: {first.Says}"
            );
        }
        return new(
            JsonSerializer.SerializeToElement(swatch.Settings),
            readings,
            swatch.Looks,
            swatch.Changed,
            swatch.Verdict,
            swatch.Note,
            Features: features,
            Uses: Json(swatch.Uses ?? working.Uses),
            Counts: swatch.Counts,
            Simulated: swatch.Simulated
        );
    }

    private static JsonElement? Json<T>(T? value)
        where T : class => value is null ? null : JsonSerializer.SerializeToElement(value);
}
