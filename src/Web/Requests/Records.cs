using ZephyrReach.Core.Measures;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Requests;

/// <summary>How one kind of record is answered: found, added, changed or taken away.</summary>
/// <param name="Missing">What is said where there is none.</param>
/// <param name="Body">The record as it goes out.</param>
public sealed record Records<TRow>(string Missing, Func<TRow, Ruler, object> Body)
    where TRow : class, IRow
{
    /// <summary>The record with its version as entity tag; or 404.</summary>
    public IResult Found(Here here, TRow? row) =>
        row is null ? Problem.NotFound(Missing) : Tagged(here, row, Results.Ok);

    /// <summary>201 with the record; or what is said where it could not be added.</summary>
    public IResult Added(
        Here here,
        TRow? row,
        Func<TRow, string> at,
        Func<IResult>? otherwise = null
    ) =>
        row is null
            ? otherwise?.Invoke() ?? Problem.NotFound(Missing)
            : Tagged(here, row, body => Results.Created(at(row), body));

    /// <summary>The record as it now is; 412 with who was first; or 404.</summary>
    public IResult Changed(Here here, Changed<TRow> changed) =>
        changed.Matched || changed.Row is null
            ? Found(here, changed.Row)
            : Overtaken(here, changed.Row);

    /// <summary>412, with the record as it is.</summary>
    public IResult Overtaken(Here here, TRow row) =>
        Problem.Overtaken(
            row.Stamp.Version,
            row.Stamp.UpdatedBy,
            row.Stamp.UpdatedAt,
            Body(row, here.Ruler)
        );

    /// <summary>Takes a record away: 204, 412 where If-Match says another version, or 404.</summary>
    /// <param name="says">The step in a few words.</param>
    /// <param name="summary">What the route does.</param>
    public RouteHandlerBuilder MapRemove<TStore>(
        RouteGroupBuilder group,
        string pattern,
        string says,
        string summary
    )
        where TStore : RecordStore<TRow> =>
        group
            .MapDelete(
                pattern,
                async (Guid id, Here here, TStore store) =>
                {
                    var removed = await store.RemoveAsync(
                        here.Seat,
                        id,
                        IfMatch.Of(here.Http),
                        says,
                        here.Cancel
                    );
                    return removed.Matched ? Results.NoContent() : Changed(here, removed);
                }
            )
            .WithSummary(summary)
            .Produces(StatusCodes.Status204NoContent);

    private IResult Tagged(Here here, TRow row, Func<object, IResult> with)
    {
        here.Http.Response.Headers.ETag = $"\"{row.Stamp.Version}\"";
        return with(Body(row, here.Ruler));
    }
}
