using System.Diagnostics;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>Tables that come from anywhere: every line is taken or named, and none holds the program up.</summary>
public class TableTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task A_stray_quote_is_a_character_like_any_other()
    {
        var (status, report) = await TakeInAsync(
            "elastic",
            "name,diameter\n1/4\" elastic,1 mm\n\"a \"\"round\"\" one\",3 mm\nthe last,2 mm\n"
        );

        status.ShouldBe(HttpStatusCode.OK);
        report.GetProperty("taken").GetInt32().ShouldBe(3);
        var back = await Server.Http.GetStringAsync("/api/drawer/elastic/csv", Server.Cancel);
        back.ShouldContain("\"1/4\"\" elastic\"");
        back.ShouldContain("the last");
    }

    [Theory]
    [InlineData(
        "name,diameter\ngood,1 mm\n\"never closed,1 mm\nlost,2 mm\n",
        "line 3 is never closed"
    )]
    [InlineData("name,diameter\n\"a\"b,1 mm\n", "line 2")]
    [InlineData("name,diameter\nred, wide,1 mm\n", "Line 2 has 3 cells")]
    [InlineData("name,name\na,b\n", "“name” stands there twice")]
    [InlineData("name,colour of hope\na,b\n", "“colour of hope” is not known")]
    [InlineData("\n \n", "its first line has to name the columns")]
    public async Task What_cannot_be_read_is_named_by_its_line_and_nothing_is_taken_in(
        string table,
        string says
    )
    {
        var (status, problem) = await TakeInAsync("elastic", table);

        status.ShouldBe(HttpStatusCode.BadRequest);
        problem.GetProperty("errors").GetProperty("file")[0].GetString()!.ShouldContain(says);
        (
            await Server.Http.GetStringAsync("/api/drawer/elastic/csv", Server.Cancel)
        ).ShouldNotContain("lost");
    }

    [Theory]
    [InlineData("iso-8859-1", true, false)]
    [InlineData("windows-1252", true, false)]
    [InlineData("utf-16", true, true)]
    [InlineData("utf-16BE", false, true)]
    [InlineData("utf-8", false, true)]
    [InlineData("utf-8", false, false)]
    public async Task Letters_are_read_as_they_are_declared(
        string charset,
        bool isSaid,
        bool hasMark
    )
    {
        Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);
        var encoding = Encoding.GetEncoding(charset);
        var name = $"crêpe élastique {charset} {isSaid} {hasMark}";
        byte[] bytes =
        [
            .. hasMark ? encoding.GetPreamble() : [],
            .. encoding.GetBytes($"name,diameter\n{name},1 mm\n"),
        ];

        var (status, _) = await TakeInAsync("elastic", bytes, isSaid ? charset : null);

        status.ShouldBe(HttpStatusCode.OK);
        (await Server.Http.GetStringAsync("/api/drawer/elastic/csv", Server.Cancel)).ShouldContain(
            name
        );
    }

    [Fact]
    public async Task Letters_that_are_none_are_a_sentence()
    {
        var (status, problem) = await TakeInAsync(
            "elastic",
            Encoding.Latin1.GetBytes("name,diameter\ncrêpe,1 mm\n"),
            null
        );

        status.ShouldBe(HttpStatusCode.BadRequest);
        problem
            .GetProperty("errors")
            .GetProperty("file")[0]
            .GetString()!
            .ShouldContain("not UTF-8");
    }

    [Fact]
    public async Task A_thousand_columns_and_lines_are_refused_before_a_line_is_read()
    {
        var table =
            string.Join(',', Enumerable.Range(0, 1000))
            + "\n"
            + string.Concat(Enumerable.Repeat("a\n", 1000));
        var watch = Stopwatch.StartNew();

        var (status, _) = await TakeInAsync("elastic", table);

        status.ShouldBe(HttpStatusCode.BadRequest);
        watch.Elapsed.ShouldBeLessThan(TimeSpan.FromSeconds(5));
    }

    [Fact]
    public async Task What_a_spreadsheet_would_run_goes_out_disarmed_and_comes_back_as_it_was()
    {
        string[] names = ["=1+1", "+49 of it", "-a", "@all", "'=quoted", "-1", "'plain"];
        var sent = names.Select(n => n is "-1" or "'plain" ? n : $"'{n}");
        (await TakeInAsync("cord", $"name\n{string.Join('\n', sent)}\n")).Status.ShouldBe(
            HttpStatusCode.OK
        );

        var csv = await Server.Http.GetStringAsync("/api/drawer/cord/csv", Server.Cancel);
        var cells = csv.Split("\r\n")
            .Skip(1)
            .Select(l => l.Split(','))
            .Where(c => c.Length > 1)
            .Select(c => c[1])
            .ToList();
        cells.ShouldAllBe(c => c == "-1" || !"=+-@".Contains(c[0], StringComparison.Ordinal));
        var (_, things) = await Server.SendAsync(HttpMethod.Get, "/api/drawer");
        var kept = things
            .GetProperty("things")
            .EnumerateArray()
            .Select(t => t.GetProperty("name").GetString());
        names.ShouldBeSubsetOf(kept);

        var (_, again) = await TakeInAsync("cord", csv);
        again.GetProperty("wrong").GetArrayLength().ShouldBe(0);
        (await Server.Http.GetStringAsync("/api/drawer/cord/csv", Server.Cancel)).ShouldBe(csv);
    }

    [Fact]
    public async Task A_long_table_is_one_small_step()
    {
        var before = await SizeAsync();
        var lines = string.Concat(Enumerable.Range(0, 4500).Select(i => $"lawn {i},110,#aabbcc\n"));
        var (_, report) = await TakeInAsync("cloth", "name,weight,colour\n" + lines);
        report.GetProperty("taken").GetInt32().ShouldBe(4500, report.GetRawText());
        (await SizeAsync() - before).ShouldBeLessThan(1_000_000);

        var (_, history) = await Server.SendAsync(HttpMethod.Get, "/api/history");
        var step = history.GetProperty("undo").GetProperty("id").GetInt64();
        foreach (var turn in new[] { "undo", "redo", "undo" })
        {
            await Server.SendAsync(HttpMethod.Post, $"/api/history/{turn}", new { step });
            var csv = await Server.Http.GetStringAsync("/api/drawer/cloth/csv", Server.Cancel);
            csv.Contains("lawn 4499", StringComparison.Ordinal).ShouldBe(turn == "redo");
        }

        async Task<long> SizeAsync()
        {
            await using var connection = new Npgsql.NpgsqlConnection(fixture.Connection);
            await connection.OpenAsync(Server.Cancel);
            await using var command = new Npgsql.NpgsqlCommand(
                "select coalesce(sum(pg_column_size(c)), 0) from changes c",
                connection
            );
            return (long)(await command.ExecuteScalarAsync(Server.Cancel))!;
        }
    }

    private Task<(HttpStatusCode Status, JsonElement Body)> TakeInAsync(
        string kind,
        string table
    ) => TakeInAsync(kind, Encoding.UTF8.GetBytes(table), "utf-8");

    private async Task<(HttpStatusCode Status, JsonElement Body)> TakeInAsync(
        string kind,
        byte[] table,
        string? charset
    )
    {
        using var content = new ByteArrayContent(table);
        content.Headers.ContentType = new MediaTypeHeaderValue("text/csv") { CharSet = charset };
        using var response = await Server.Http.PostAsync(
            $"/api/drawer/{kind}/csv",
            content,
            Server.Cancel
        );
        var text = await response.Content.ReadAsStringAsync(Server.Cancel);
        return (response.StatusCode, JsonDocument.Parse(text).RootElement);
    }
}
