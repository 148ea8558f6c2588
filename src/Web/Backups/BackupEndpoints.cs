using System.Globalization;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Backups;

/// <summary>What is known of the backups that are made by themselves.</summary>
/// <param name="Folder">Where they lie; null where the database is not our own, and its backups are its own.</param>
/// <param name="Last">When the last that succeeded was made; null when there is none yet.</param>
/// <param name="IsLate">Whether none succeeded for three days.</param>
public sealed record BackupsOut(string? Folder, DateTimeOffset? Last, bool IsLate);

/// <summary>Backups: <c>tools/backup</c> makes them, and each is in its folder only once it was read back.</summary>
public static class BackupEndpoints
{
    private const string Prefix = "zephyr-reach-";
    private const string Suffix = ".dump";
    private static readonly TimeSpan Late = TimeSpan.FromDays(3);

    public static void MapBackups(this IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/backups", Look)
            .WithTags("Backups")
            .WithSummary("When the last backup was made, and where they lie.");

    private static BackupsOut Look(Here here, TimeProvider clock)
    {
        if (Environment.GetEnvironmentVariable("ZR_BACKUPS") is not { Length: > 0 } folder)
        {
            return new BackupsOut(null, null, false);
        }
        DateTimeOffset? last = Directory.Exists(folder)
            ? Directory
                .EnumerateFiles(folder, $"{Prefix}*{Suffix}")
                .Select(MadeAt)
                .OfType<DateTimeOffset>()
                .Select(at => (DateTimeOffset?)at)
                .Max()
            : null;
        // Before the first one, the house itself has to be old enough to have had one.
        var since = last ?? here.Workroom.Stamp.CreatedAt;
        return new BackupsOut(Path.GetFullPath(folder), last, clock.GetUtcNow() - since > Late);
    }

    private static DateTimeOffset? MadeAt(string file) =>
        DateTimeOffset.TryParseExact(
            Path.GetFileName(file)[Prefix.Length..^Suffix.Length],
            "yyyy-MM-dd'T'HH-mm-ss'Z'",
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal,
            out var at
        )
            ? at
            : null;
}
