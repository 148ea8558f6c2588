namespace ZephyrReach.Store.Tests;

public class RoomTests
{
    [Fact]
    public void A_file_that_finds_no_room_is_known_by_it_and_no_other_failure_is()
    {
        using var full = new FileStream(
            "/dev/full",
            FileMode.Open,
            FileAccess.Write,
            FileShare.None,
            0
        );

        NoRoomException.Is(Should.Throw<IOException>(() => full.WriteByte(1))).ShouldBeTrue();
        NoRoomException
            .Is(Should.Throw<IOException>(() => File.OpenRead("/proc/there-is-none")))
            .ShouldBeFalse();
    }
}
