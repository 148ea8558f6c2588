using System.Globalization;
using Microsoft.AspNetCore.Http.Features;
using Npgsql;
using ZephyrReach.Files;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Archives;

/// <summary>How the records of a kind in an archive stand to what is there.</summary>
/// <param name="List">The kind: things, tried_notes, projects, workings, swatches, cut_lists, keeps, practices or photographs.</param>
public sealed record ArchiveList(string List, int New, int Same, int Differing);

/// <summary>What an archive would bring.</summary>
/// <param name="Of">workroom or project.</param>
/// <param name="Differing">What is there already and differs, by name; no more than twenty.</param>
public sealed record ArchiveReport(
    string Of,
    DateTimeOffset MadeAt,
    IReadOnlyList<ArchiveList> Lists,
    IReadOnlyList<string> Differing
);

/// <summary>How many records were brought in.</summary>
public sealed record ArchiveBrought(int Count);

/// <summary>Everything of a workroom or a project in one file, out and in.</summary>
public static class ArchiveEndpoints
{
    private const string Zip = "application/zip";

    /// <summary>Names of what differs that are told; more say nothing more.</summary>
    private const int MostNames = 20;

    /// <summary>An archive takes memory and disk, so one is dealt with at a time.</summary>
    private static readonly SemaphoreSlim Admitted = new(1);

    /// <summary>A file of no more bytes takes little to read.</summary>
    private const int Small = 64 * 1024;

    private static readonly TimeSpan LongestWait = TimeSpan.FromSeconds(20);

    public static void MapArchives(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/archive").WithTags("Archive").ProducesValidationProblem();
        group
            .MapGet("", TakeOutAsync)
            .WithSummary(
                "Everything of the workroom, or of ?project=, in one zip: workroom.json and the photographs."
            )
            .Produces<byte[]>(StatusCodes.Status200OK, Zip);
        group
            .MapGet(
                "schema",
                () => Results.Text(ArchiveReader.SchemaText, "application/schema+json")
            )
            .WithSummary("The JSON Schema of workroom.json in an archive.");
        group
            .MapPost("look", LookAsync)
            .WithSummary("What an archive would bring: nothing is changed.")
            .Accepts<byte[]>(Zip)
            .Produces<ArchiveReport>();
        group
            .MapPost("", BringInAsync)
            .WithSummary(
                "Brings an archive in, in one step: all of it or nothing. Of what differs ?differing=mine|theirs|both stays."
            )
            .Accepts<byte[]>(Zip)
            .Produces<ArchiveBrought>();
    }

    private static async Task<IResult> TakeOutAsync(
        Here here,
        ArchiveStore store,
        ProjectStore projects,
        TimeProvider clock,
        Guid? project
    )
    {
        var named = "everything";
        if (project is { } id)
        {
            if (await projects.FindAsync(here.Seat, id, here.Cancel) is not { } found)
            {
                return Problem.NotFound("There is no such project.");
            }
            named = string.Concat(found.Name.Where(c => char.IsAsciiLetterOrDigit(c) || c == ' '))
                .Trim()
                .Replace(' ', '-');
        }
        var file = Temporary();
        try
        {
            var now = clock.GetUtcNow();
            await store.TakeOutAsync(
                here.Seat,
                project,
                (settings, lists, pictures) =>
                    ArchiveFile.WriteAsync(file, now, settings, lists, Triples(pictures)),
                here.Cancel
            );
            file.Position = 0;
            return Results.Stream(
                file,
                Zip,
                $"{named}-{now.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)}.zip"
            );
        }
        catch
        {
            await file.DisposeAsync();
            throw;
        }

        static async IAsyncEnumerable<(Guid, byte[], byte[])> Triples(IAsyncEnumerable<Jpegs> all)
        {
            await foreach (var one in all)
            {
                yield return (one.Id, one.Large, one.Small);
            }
        }
    }

    private static Task<IResult> LookAsync(Here here, ArchiveStore store) =>
        WithArchiveAsync(
            here,
            async archive =>
            {
                var everything = archive.Everything;
                // Brought in as it would be, and taken back before anybody sees it: what cannot come in is told here too.
                Bringing? bringing = null;
                await store.RehearseAsync(
                    here.Seat,
                    everything,
                    standings => (bringing = new(everything, standings)).Choose(Differing.Mine),
                    id => PictureAsync(archive, id, here.Cancel),
                    here.Cancel
                );
                return Results.Ok(
                    new ArchiveReport(
                        (string)everything["of"]!,
                        DateTimeOffset.Parse(
                            (string)everything["madeAt"]!,
                            CultureInfo.InvariantCulture
                        ),
                        [
                            .. ArchiveStore.Lists.Select(l => new ArchiveList(
                                l,
                                bringing!.Count(l, Standing.New),
                                bringing!.Count(l, Standing.Same),
                                bringing!.Count(l, Standing.Differs)
                            )),
                        ],
                        [.. bringing!.Names.Take(MostNames)]
                    )
                );
            }
        );

    private static Task<IResult> BringInAsync(
        Here here,
        ArchiveStore store,
        CurrentWorkroom workroom,
        string differing = "mine"
    )
    {
        if (!Enum.TryParse<Differing>(differing, true, out var choice) || !Enum.IsDefined(choice))
        {
            return Task.FromResult(
                Problem.Field("differing", "differing must be mine, theirs or both.")
            );
        }
        return WithArchiveAsync(
            here,
            async archive =>
            {
                var count = await store.BringInAsync(
                    here.Seat,
                    "an archive brought in",
                    archive.Everything,
                    standings => new Bringing(archive.Everything, standings).Choose(choice),
                    id => PictureAsync(archive, id, here.Cancel),
                    here.Cancel
                );
                workroom.Forget();
                return Results.Ok(new ArchiveBrought(count));
            }
        );
    }

    private static async Task<Jpegs> PictureAsync(
        ArchiveReader archive,
        Guid id,
        CancellationToken cancel
    )
    {
        var (large, small) = await archive.PictureOfAsync(id, cancel);
        return new Jpegs(id, large, small);
    }

    /// <summary>Reads the archive that a request brings, and does something with it.</summary>
    private static async Task<IResult> WithArchiveAsync(
        Here here,
        Func<ArchiveReader, Task<IResult>> work
    )
    {
        var request = here.Http.Request;
        if (request.ContentType?.Split(';')[0].Trim() != Zip)
        {
            return Results.Problem(
                title: $"An archive has to come as {Zip}.",
                statusCode: StatusCodes.Status415UnsupportedMediaType
            );
        }
        if (here.Http.Features.Get<IHttpMaxRequestBodySizeFeature>() is { IsReadOnly: false } most)
        {
            most.MaxRequestBodySize = ArchiveFile.Largest;
        }
        here.Http.RefuseSlowBody();
        // Taken to the end first: one that comes slowly holds up nobody but itself.
        await using var file = Temporary();
        await request.Body.CopyToAsync(file, here.Cancel);
        file.Position = 0;
        if (!await Admitted.WaitAsync(LongestWait, here.Cancel))
        {
            return Problem.Busy("Another archive is being read: try again in a moment.");
        }
        try
        {
            await using var archive = await ArchiveReader.OpenAsync(file, here.Cancel);
            Rules.Hold(archive.Everything, here.Cancel);
            return await work(archive);
        }
        catch (FormatException no)
        {
            return Problem.Field("file", no.Message);
        }
        catch (PostgresException no) when (no.SqlState == PostgresErrorCodes.InsufficientPrivilege)
        {
            return Problem.Field("file", ArchiveStore.InUse);
        }
        catch (PostgresException no)
            when (no.SqlState.StartsWith("22", StringComparison.Ordinal)
                || no.SqlState.StartsWith("23", StringComparison.Ordinal)
            )
        {
            return Problem.Field(
                "file",
                no.SqlState == PostgresErrorCodes.ForeignKeyViolation
                    ? "The archive does not hold together: something in it belongs to what is neither in it nor here."
                    : $"The archive holds what can’t be saved{(no.TableName is { } table ? $", in {table}" : "")}; nothing was brought in."
            );
        }
        finally
        {
            if (file.Length > Small)
            {
                // What a large one took would stay with the program for long: it is seldom that one comes.
                GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, true, true);
            }
            Admitted.Release();
        }
    }

    /// <summary>A file that is gone when it is closed.</summary>
    private static FileStream Temporary() =>
        new(
            Path.Combine(Path.GetTempPath(), Path.GetRandomFileName()),
            FileMode.CreateNew,
            FileAccess.ReadWrite,
            FileShare.None,
            81920,
            FileOptions.DeleteOnClose | FileOptions.Asynchronous
        );
}
