using System.Net;
using System.Text.Json;
using Npgsql;

namespace ZephyrReach.Web.Tests;

/// <summary>A neighbour's workroom in the same database: nothing of it is seen, named, counted or changed.</summary>
public class WallTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private const string Mark = "Neighbour";

    private static readonly Guid Room = Guid.CreateVersion7();
    private static readonly Dictionary<string, Guid> Ids = new[]
    {
        "projects",
        "workings",
        "swatches",
        "cut_lists",
        "keeps",
        "practices",
        "photographs",
        "cloth",
        "machine",
        "foot",
        "tried_notes",
    }.ToDictionary(t => t, _ => Guid.CreateVersion7());

    private Server Server => fixture.Server;

    [Fact]
    public async Task The_program_owns_nothing_is_no_superuser_and_walls_hold_for_all_it_keeps()
    {
        await Server.SendAsync(HttpMethod.Get, "/api/bench");
        var roles = await RowsAsync(
            """
            select distinct a.usename || ' ' || r.rolsuper || ' ' || r.rolbypassrls || ' ' || r.rolcreaterole || ' '
                || (select count(*) from pg_class c where c.relowner = r.oid)
            from pg_stat_activity a join pg_roles r on r.rolname = a.usename
            where a.datname = current_database() and a.pid <> pg_backend_pid()
            """
        );
        roles.ShouldBe(["zephyr_reach_program false false false 0"]);
        (
            await RowsAsync(
                """
                select relname::text from pg_class
                where relnamespace = 'public'::regnamespace and relkind = 'r' and not (relrowsecurity and relforcerowsecurity)
                """
            )
        ).ShouldBe(["schemaversions"]);
        // Whatever names another record names it within the workroom.
        (
            await RowsAsync(
                """
                select conname::text from pg_constraint
                where contype = 'f' and array_length(conkey, 1) = 1 and confrelid <> 'workrooms'::regclass
                """
            )
        ).ShouldBeEmpty();
    }

    [Fact]
    public async Task Nothing_of_a_neighbour_shows_on_any_route()
    {
        await MoveInAsync();
        var (_, document) = await Server.SendAsync(HttpMethod.Get, "/openapi/v1.json");
        var paths = document.GetProperty("paths").EnumerateObject().ToList();
        paths.Count.ShouldBeGreaterThan(40);
        var walked = 0;
        foreach (var path in paths)
        {
            foreach (var verb in path.Value.EnumerateObject())
            {
                if (!HttpMethods.Contains(verb.Name))
                {
                    continue;
                }
                foreach (
                    var id in path.Name.Contains("{id}", StringComparison.Ordinal)
                        ? [.. Ids.Values]
                        : new[] { Room }
                )
                {
                    var at = path
                        .Name.Replace("{id}", id.ToString(), StringComparison.Ordinal)
                        .Replace("{kind}", "cloth", StringComparison.Ordinal)
                        .Replace("{technique}", "pulled-gathers", StringComparison.Ordinal)
                        .Replace("{question}", "which-way", StringComparison.Ordinal);
                    var query =
                        $"?q={Mark}&text={Mark}&project={Ids["projects"]}&id={Ids["swatches"]}&working={Ids["workings"]}";
                    foreach (var asked in new[] { at, at + query })
                    {
                        var (answer, _) = await Server.SendAsync(
                            new HttpMethod(verb.Name),
                            asked,
                            verb.Name is "get" or "delete"
                                ? null
                                : new { id = Guid.CreateVersion7(), name = "Taken over" },
                            verb.Name is "patch" or "put" ? "1" : null
                        );
                        walked++;
                        ((int)answer.StatusCode).ShouldBeLessThan(500, asked);
                        var bytes = await answer.Content.ReadAsByteArrayAsync(Server.Cancel);
                        var text = System.Text.Encoding.UTF8.GetString(bytes);
                        text.ShouldNotContain(Mark, Case.Sensitive, $"{verb.Name} {asked}");
                        if (at.Contains(id.ToString(), StringComparison.Ordinal))
                        {
                            answer.StatusCode.ShouldNotBe(
                                HttpStatusCode.NoContent,
                                $"{verb.Name} {asked}"
                            );
                        }
                    }
                }
            }
        }
        walked.ShouldBeGreaterThan(200);
        (
            await RowsAsync($"select count(*)::text from workings where workroom_id = '{Room}'")
        ).ShouldBe(["1"]);
        await UntouchedAsync();
    }

    [Fact]
    public async Task A_neighbours_steps_are_not_turned_and_its_ids_are_not_taken_over()
    {
        await MoveInAsync();
        var step = long.Parse(
            (await RowsAsync($"select max(step)::text from changes where workroom_id = '{Room}'"))[
                0
            ],
            System.Globalization.CultureInfo.InvariantCulture
        );
        var (_, turned) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/history/undo",
            new { step }
        );
        turned.GetProperty("turned").GetBoolean().ShouldBeFalse();

        var (added, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new { id = Ids["projects"], name = "Taken over" }
        );
        ((int)added.StatusCode).ShouldBeInRange(400, 499);
        var (into, _) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/workings",
            new
            {
                id = Guid.CreateVersion7(),
                projectId = Ids["projects"],
                technique = "pulled-gathers",
                name = "Taken over",
                ask = new { },
            }
        );
        ((int)into.StatusCode).ShouldBeInRange(400, 499);
        await UntouchedAsync();
    }

    private static readonly HashSet<string> HttpMethods = ["get", "post", "patch", "put", "delete"];

    /// <summary>The neighbour is as it moved in.</summary>
    private async Task UntouchedAsync() =>
        (
            await RowsAsync(
                $"select name || version from projects where workroom_id = '{Room}' union all select name || version from workings where workroom_id = '{Room}' union all select note || version from swatches where workroom_id = '{Room}'"
            )
        ).ShouldBe([$"{Mark} project1", $"{Mark} working1", $"{Mark} note1"], ignoreOrder: true);

    private async Task MoveInAsync()
    {
        if ((await RowsAsync($"select name from workrooms where id = '{Room}'")).Count > 0)
        {
            return;
        }
        await RowsAsync(
            $$"""
            select set_config('zr.says', '{{Mark}} moved in', true);
            insert into workrooms (id, name) values ('{{Room}}', '{{Mark}} room');
            insert into projects (id, workroom_id, name) values ('{{Ids[
                "projects"
            ]}}', '{{Room}}', '{{Mark}} project');
            insert into workings (id, workroom_id, project_id, technique, schema_version, name, ask, cloth)
                values ('{{Ids["workings"]}}', '{{Room}}', '{{Ids[
                "projects"
            ]}}', 'pulled-gathers', 1, '{{Mark}} working', '{}', '{}');
            insert into swatches (id, workroom_id, working_id, technique, note, cloth, settings)
                values ('{{Ids["swatches"]}}', '{{Room}}', '{{Ids[
                "workings"
            ]}}', 'pulled-gathers', '{{Mark}} note',
                    '{"name":"{{Mark}} cloth"}', '{"Foot":"{{Mark}} foot"}');
            insert into cut_lists (id, workroom_id, working_id, ask, answer, swatches)
                values ('{{Ids["cut_lists"]}}', '{{Room}}', '{{Ids[
                "workings"
            ]}}', '{}', '{"{{Mark}}":1}', '[]');
            insert into keeps (id, workroom_id, working_id, note)
                values ('{{Ids["keeps"]}}', '{{Room}}', '{{Ids["workings"]}}', '{{Mark}} keep');
            insert into practices (id, workroom_id, exercise, figures)
                values ('{{Ids["practices"]}}', '{{Room}}', '{{Mark}}', '{}');
            insert into photographs (id, workroom_id, swatch_id, width, height)
                values ('{{Ids["photographs"]}}', '{{Room}}', '{{Ids["swatches"]}}', 3, 2);
            insert into pictures (id, workroom_id, jpeg, small) values ('{{Ids[
                "photographs"
            ]}}', '{{Room}}', '{{Mark}}', '{{Mark}}');
            insert into things (id, workroom_id, kind, name) values
                ('{{Ids["cloth"]}}', '{{Room}}', 'cloth', '{{Mark}} cloth'), ('{{Ids[
                "machine"
            ]}}', '{{Room}}', 'machine', '{{Mark}} machine'),
                ('{{Ids["foot"]}}', '{{Room}}', 'foot', '{{Mark}} foot');
            insert into tried_notes (id, workroom_id, machine_id, foot_id, clears, tried_on, note)
                values ('{{Ids["tried_notes"]}}', '{{Room}}', '{{Ids["machine"]}}', '{{Ids[
                "foot"
            ]}}', true, now(), '{{Mark}} tried')
            """
        );
    }

    /// <summary>The first column of what a statement gives, as the owner of the tables sees it.</summary>
    private async Task<List<string>> RowsAsync(string sql)
    {
        await using var connection = new NpgsqlConnection(fixture.Connection);
        await connection.OpenAsync(Server.Cancel);
        await using var command = new NpgsqlCommand(sql, connection);
        await using var reader = await command.ExecuteReaderAsync(Server.Cancel);
        List<string> rows = [];
        while (await reader.ReadAsync(Server.Cancel))
        {
            rows.Add(reader.GetString(0));
        }
        return rows;
    }
}
