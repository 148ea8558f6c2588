using Npgsql;
using static ZephyrReach.Store.Tests.StoreFixture;

namespace ZephyrReach.Store.Tests;

/// <summary>Additions that are asked for at the same time.</summary>
public class TogetherTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private readonly SwatchStore swatches = store.Swatches;

    [Fact]
    public async Task Forty_at_once_share_transactions_and_each_is_a_step_of_its_own()
    {
        var (seat, other) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var (ours, theirs) = (await store.WorkingAsync(seat), await store.WorkingAsync(other));
        var before = await store.ContentsAsync(seat);

        await Task.WhenAll(
            Enumerable
                .Range(0, 40)
                .Select(i => AddAsync(seat, ours, $"ours {i}"))
                .Concat(Enumerable.Range(0, 10).Select(i => AddAsync(other, theirs, $"theirs {i}")))
        );

        (
            await CountAsync(
                "select count(distinct xmin::text) from swatches where working_id = $1",
                ours.Id
            )
        ).ShouldBeLessThan(40);
        var left = 40;
        (await CountAsync(seat, ours)).ShouldBe(left);
        while (left > 0)
        {
            var step = (await store.History.LookAsync(seat, Cancel)).Undo.ShouldNotBeNull();
            (await store.History.TurnAsync(seat, step.Id, true, Cancel)).ShouldBeTrue();
            (await CountAsync(seat, ours)).ShouldBe(--left);
        }
        (await store.ContentsAsync(seat)).ShouldBe(before);
        (await CountAsync(other, theirs)).ShouldBe(10);
    }

    [Fact]
    public async Task What_one_is_refused_for_or_does_not_wait_for_takes_nothing_from_the_others()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var gone = new CancellationToken(canceled: true);

        // Several times, as connections come to know the statement one after the other.
        for (var round = 0; round < 20; round++)
        {
            var all = Enumerable
                .Range(0, 30)
                .Select(i =>
                    i switch
                    {
                        3 or 11 or 12 => AddAsync(seat, working, "no text: \0"),
                        17 => AddAsync(seat, working, "left", gone),
                        _ => AddAsync(seat, working, $"swatch {i}"),
                    }
                )
                .ToList();

            foreach (var (i, task) in all.Index())
            {
                if (i is 3 or 11 or 12)
                {
                    (await Should.ThrowAsync<PostgresException>(task)).SqlState.ShouldBe(
                        PostgresErrorCodes.UntranslatableCharacter
                    );
                }
                else if (i == 17)
                {
                    await Should.ThrowAsync<OperationCanceledException>(task);
                }
                else
                {
                    (await task).ShouldNotBeNull().Note.ShouldBe($"swatch {i}");
                }
            }
        }
        (await CountAsync(seat, working)).ShouldBeInRange(20 * 26, 20 * 27);
    }

    [Fact]
    public async Task One_that_waits_for_a_row_which_another_holds_keeps_nobody_else_waiting()
    {
        var seat = await store.SeatAsync();
        var (held, free) = (await store.WorkingAsync(seat), await store.WorkingAsync(seat));
        await using var other = await store.Source.OpenConnectionAsync(Cancel);
        await using var holding = await other.BeginTransactionAsync(Cancel);
        await using var hold = new NpgsqlCommand(
            "select 1 from workings where id = $1 for update",
            other
        );
        hold.Parameters.Add(new NpgsqlParameter { Value = held.Id });
        await hold.ExecuteNonQueryAsync(Cancel);

        var waits = AddAsync(seat, held, "waits");
        var others = Enumerable.Range(0, 20).Select(i => AddAsync(seat, free, $"free {i}"));
        await Task.WhenAll(others).WaitAsync(TimeSpan.FromSeconds(20), Cancel);
        (await CountAsync(seat, free)).ShouldBe(20);
        waits.IsCompleted.ShouldBeFalse();

        await holding.RollbackAsync(Cancel);
        (await waits).ShouldNotBeNull().Note.ShouldBe("waits");
    }

    [Fact]
    public async Task The_same_id_at_once_is_one_record_for_all_who_ask()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);
        var id = Guid.CreateVersion7();

        var rows = await Task.WhenAll(
            Enumerable.Range(0, 20).Select(i => AddAsync(seat, working, $"note {i}", id: id))
        );

        rows.Select(r => r!.Note).Distinct().ShouldHaveSingleItem();
        (await CountAsync(seat, working)).ShouldBe(1);
    }

    [Fact]
    public async Task An_id_that_two_workrooms_ask_for_at_once_goes_to_one_of_them()
    {
        var (seat, other) = (await store.SeatAsync(), await store.SeatAsync("tablet"));
        var (ours, theirs) = (await store.WorkingAsync(seat), await store.WorkingAsync(other));

        // The first goes ahead alone, so that the two behind it go together.
        for (var round = 0; round < 10; round++)
        {
            var id = Guid.CreateVersion7();
            var first = AddAsync(seat, ours, "first");
            var rows = await Task.WhenAll(
                AddAsync(seat, ours, "ours", id: id),
                AddAsync(other, theirs, "theirs", id: id)
            );
            await first;

            rows.Where(r => r is not null).ShouldHaveSingleItem();
            rows[0]?.WorkingId.ShouldBe(ours.Id);
            rows[1]?.WorkingId.ShouldBe(theirs.Id);
        }
    }

    [Fact]
    public async Task Of_three_hundred_at_least_two_hundred_steps_are_kept_and_the_oldest_forgotten()
    {
        var seat = await store.SeatAsync();
        var working = await store.WorkingAsync(seat);

        await Task.WhenAll(
            Enumerable.Range(0, 300).Select(i => AddAsync(seat, working, $"swatch {i}"))
        );

        (
            await CountAsync("select count(*) from changes where workroom_id = $1", seat.Workroom)
        ).ShouldBeInRange(200, 300);
        (await CountAsync(seat, working)).ShouldBe(300);
    }

    private Task<SwatchRow?> AddAsync(
        Seat seat,
        WorkingRow working,
        string note,
        CancellationToken? cancel = null,
        Guid? id = null
    ) =>
        swatches.AddAsync(
            seat,
            id ?? Guid.CreateVersion7(),
            working.Id,
            new SwatchParts(Flat: [Mm(300)], Note: note),
            cancel ?? Cancel
        );

    private async Task<int> CountAsync(Seat seat, WorkingRow working) =>
        (await swatches.OfWorkingsAsync(seat, [working.Id], Cancel)).Count;

    private async Task<long> CountAsync(string sql, Guid id)
    {
        await using var command = store.Source.CreateCommand(sql);
        command.Parameters.Add(new NpgsqlParameter { Value = id });
        return (long)(await command.ExecuteScalarAsync(Cancel))!;
    }
}
