using System.Runtime.CompilerServices;
using System.Text.Json;

namespace ZephyrReach.Store;

public sealed partial class ArchiveStore
{
    private static async IAsyncEnumerable<Jpegs> PicturesAsync(
        Transaction one,
        Seat seat,
        List<string> photographs,
        [EnumeratorCancellation] CancellationToken cancel
    )
    {
        foreach (var photograph in photographs)
        {
            cancel.ThrowIfCancellationRequested();
            var id = JsonDocument.Parse(photograph).RootElement.GetProperty("id").GetGuid();
            var jpegs = await one.ReadAsync(
                "select jpeg, small from pictures where workroom_id = $1 and id = $2",
                r => new Jpegs(id, r.GetFieldValue<byte[]>(0), r.GetFieldValue<byte[]>(1)),
                seat.Workroom,
                id
            );
            yield return jpegs[0];
        }
    }
}
