using System.Diagnostics;

namespace ZephyrReach.Store;

/// <summary>
/// How much room the disk has where the database lies. PostgreSQL that meets a full disk stops altogether, so nothing more is
/// kept a little before.
/// </summary>
/// <param name="folder">Where the database lies; null where that is not known, as on another machine.</param>
public sealed class Room(string? folder)
{
    /// <summary>Less than this is too little, in bytes: PostgreSQL writes its log in files of 16 MB.</summary>
    private const long Least = 64 * 1024 * 1024;

    private static readonly TimeSpan Fresh = TimeSpan.FromSeconds(1);

    private long lookedAt;
    private bool isTight;

    /// <summary>Whether there is too little room to keep anything more.</summary>
    public bool IsTight
    {
        get
        {
            if (folder is not null && (lookedAt == 0 || Stopwatch.GetElapsedTime(lookedAt) > Fresh))
            {
                lookedAt = Stopwatch.GetTimestamp();
                isTight = new DriveInfo(folder).AvailableFreeSpace < Least;
            }
            return isTight;
        }
    }
}

/// <summary>The disk is nearly full, and nothing was kept.</summary>
public sealed class NoRoomException : IOException
{
    public NoRoomException()
        : base("The disk is nearly full: nothing more can be kept until there is room.") { }

    /// <summary>Whether it is that a file found no room: ENOSPC.</summary>
    public static bool Is(Exception exception) =>
        exception is NoRoomException or IOException { HResult: 28 };

    public NoRoomException(string message)
        : base(message) { }

    public NoRoomException(string message, Exception inner)
        : base(message, inner) { }
}
