using System.Data;

namespace ZephyrReach.Store;

/// <summary>Something that was found.</summary>
/// <param name="Kind">project, working, swatch, keep, or the kind of a thing of the drawer.</param>
/// <param name="Title">Its name, or the words that were found.</param>
/// <param name="Where">What it belongs to.</param>
/// <param name="Working">The working to open; null for a project.</param>
/// <param name="Project">The project it is in; null for a thing.</param>
/// <param name="Thing">The thing of the drawer.</param>
public sealed record FoundRow(
    string Kind,
    string Title,
    string Where,
    Guid? Working,
    Guid? Project,
    Guid? Thing
);

/// <summary>Finds words anywhere in a workroom.</summary>
public sealed class FindStore(Database database)
{
    private const int Most = 30;

    /// <summary>Everything that holds all words of a text, in any order and whatever their case; names before notes.</summary>
    /// <param name="text">At least one character; % and _ are taken as they are.</param>
    public Task<List<FoundRow>> FindAsync(Seat seat, string text, CancellationToken cancel)
    {
        // Each word somewhere, in whatever order.
        var patterns = text.Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Select(Anywhere)
            .DefaultIfEmpty(Anywhere(text))
            .ToArray();
        return database.ReadAsync(
            seat,
            """
            select kind, title, place, working, project, thing from (
                select 1 as rank, 'working' as kind, w.name as title, p.name as place, w.id as working, p.id as project,
                    null::uuid as thing
                from workings w join projects p on p.id = w.project_id and p.workroom_id = $1
                where w.workroom_id = $1
                    and concat_ws(' ', w.name, p.name, w.cloth ->> 'name', replace(w.technique, '-', ' ')) ilike all ($2)
                union all
                select 2, 'project', p.name, '', null, p.id, null from projects p
                where p.workroom_id = $1 and concat_ws(' ', p.name, p.notes) ilike all ($2)
                union all
                select 3, t.kind, t.name, '', null, null, t.id from things t
                where t.workroom_id = $1 and concat_ws(' ', t.name, t.kind) ilike all ($2)
                union all
                select 4, 'keep', left(k.came_out || ' ' || k.note, 120), w.name, w.id, w.project_id, null
                from keeps k join workings w on w.id = k.working_id and w.workroom_id = $1
                where k.workroom_id = $1 and concat_ws(' ', k.came_out, k.note) ilike any ($2)
                    and concat_ws(' ', k.came_out, k.note, w.name) ilike all ($2)
                union all
                select 5, 'swatch', left(s.note, 120), coalesce(w.name, 'a swatch by itself'), w.id, w.project_id, null
                from swatches s left join workings w on w.id = s.working_id and w.workroom_id = $1
                where s.workroom_id = $1 and s.note ilike any ($2)
                    and concat_ws(' ', s.note, w.name, s.cloth ->> 'name') ilike all ($2)) found
            order by rank, title limit $3
            """,
            r => new FoundRow(
                r.GetString("kind"),
                r.GetString("title"),
                r.GetString("place"),
                r.IsDBNull("working") ? null : r.GetGuid("working"),
                r.IsDBNull("project") ? null : r.GetGuid("project"),
                r.IsDBNull("thing") ? null : r.GetGuid("thing")
            ),
            cancel,
            seat.Workroom,
            patterns,
            Most
        );
    }

    /// <summary>A pattern for a text anywhere; % and _ in it are taken as they are.</summary>
    internal static string Anywhere(string text) =>
        "%" + text.Replace("\\", @"\\").Replace("%", @"\%").Replace("_", @"\_") + "%";
}
