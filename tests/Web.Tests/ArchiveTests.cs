using System.IO.Compression;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Json.Schema;
using SkiaSharp;
using ZephyrReach.Files;
using ZephyrReach.Tests;

namespace ZephyrReach.Web.Tests;

/// <summary>All of it out in one file, and back in: nothing is lost, nothing is doubled, and nothing hostile comes along.</summary>
public class ArchiveTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Fact]
    public async Task What_goes_out_is_what_the_schema_says_and_whole()
    {
        await PhotographAsync();
        var zip = await OutAsync(Server);
        var everything = RecordsOf(zip);

        JsonSchema.FromText(ArchiveReader.SchemaText).Evaluate(everything).IsValid.ShouldBeTrue();
        (await Server.Http.GetStringAsync("/api/archive/schema", Server.Cancel)).ShouldBe(
            ArchiveReader.SchemaText
        );
        foreach (var list in Lists)
        {
            // Every kind of record is in it, so that every kind is held by these tests.
            everything[list]!.AsArray().ShouldNotBeEmpty(list);
        }
        everything["settings"]!["units"]!.GetValue<string>().ShouldBe("metric");
    }

    [Fact]
    public async Task Out_into_an_empty_workroom_and_out_again_is_the_same_but_for_the_time()
    {
        await PhotographAsync();
        var first = await OutAsync(Server);
        await using var database = await TestDatabase.CreateAsync();
        await using var empty = await Server.StartAsync(database.Connection, "--empty");

        var look = await LookAsync(empty, first);
        look.GetProperty("lists")
            .EnumerateArray()
            .ShouldAllBe(l =>
                l.GetProperty("new").GetInt32() > 0 && l.GetProperty("differing").GetInt32() == 0
            );
        (await InAsync(empty, first, "theirs")).Status.ShouldBe(HttpStatusCode.OK);
        var second = await OutAsync(empty);

        Same(second, first);
        // The pages are those of the other house too.
        foreach (var page in new[] { "/api/bench", "/api/swatches", "/api/drawer" })
        {
            var (there, here) = (
                await empty.Http.GetStringAsync(page, Server.Cancel),
                await Server.Http.GetStringAsync(page, Server.Cancel)
            );
            Versionless(there).ShouldBe(Versionless(here), page);
        }
        // One step, and it goes back.
        await TurnAsync(empty, "undo");
        RecordsOf(await OutAsync(empty))["projects"]!.AsArray().ShouldBeEmpty();
        await TurnAsync(empty, "redo");
        Same(await OutAsync(empty), first);
    }

    [Fact]
    public async Task An_archive_of_before_is_the_same_as_one_of_today()
    {
        await PhotographAsync();
        var now = await OutAsync(Server);
        RecordsOf(now)["things"]!.AsArray().ShouldContain(t => t!["machine_id"] != null);

        (await LookAsync(Server, Spoil(now, "version 1")))
            .GetProperty("lists")
            .EnumerateArray()
            .ShouldAllBe(l =>
                l.GetProperty("new").GetInt32() == 0 && l.GetProperty("differing").GetInt32() == 0
            );
    }

    [Fact]
    public async Task Of_what_differs_mine_theirs_or_both_is_there_afterwards()
    {
        await using var database = await TestDatabase.CreateAsync();
        await using var house = await Server.StartAsync(database.Connection);
        var taken = await OutAsync(house);
        (await LookAsync(house, taken)).GetProperty("differing").GetArrayLength().ShouldBe(0);
        var projects = RecordsOf(taken)["projects"]!.AsArray().Count;
        // One of which a piece takes its edge from another.
        var chained = RecordsOf(taken)["workings"]!
            .AsArray()
            .First(w => w!["links"]!.AsObject().Count > 0)!;
        var project = RecordsOf(taken)["projects"]!
            .AsArray()
            .Single(p => (string)p!["id"]! == (string)chained["project_id"]!)!;
        var (id, name) = ((string)project["id"]!, (string)project["name"]!);
        await house.SendAsync(
            HttpMethod.Patch,
            $"/api/projects/{id}",
            new { name = "Renamed since" },
            "1"
        );
        await house.SendAsync(
            HttpMethod.Post,
            "/api/projects",
            new { id = Guid.CreateVersion7(), name = "Bunting" }
        );
        (await LookAsync(house, taken))
            .GetProperty("differing")
            .EnumerateArray()
            .Select(n => n.GetString())
            .ShouldBe([name]);

        await InAsync(house, taken, "mine");
        var mine = await NamesAsync(house);
        mine.Count.ShouldBe(projects + 1);
        mine.ShouldContain("Renamed since");
        mine.ShouldNotContain(name);

        await InAsync(house, taken, "both");
        var both = await NamesAsync(house);
        both.ShouldContain("Renamed since");
        both.ShouldContain($"{name} (brought in)");
        var after = RecordsOf(await OutAsync(house));
        var copy = after["projects"]!
            .AsArray()
            .Single(p => (string)p!["name"]! == $"{name} (brought in)")!;
        int Workings(JsonNode of) =>
            after["workings"]!.AsArray().Count(w => (string)w!["project_id"]! == (string)of["id"]!);
        Workings(copy).ShouldBe(Workings(project));
        Workings(copy).ShouldBeGreaterThan(2);
        // The copy stands by itself: what it takes its edges from is its own.
        var own = after["workings"]!
            .AsArray()
            .Where(w => (string)w!["project_id"]! == (string)copy["id"]!)
            .Select(w => (string)w!["id"]!)
            .ToHashSet();
        foreach (
            var working in after["workings"]!.AsArray().Where(w => own.Contains((string)w!["id"]!))
        )
        {
            foreach (var (_, link) in working!["links"]!.AsObject())
            {
                own.ShouldContain((string)link!["working"]!);
            }
        }
        await TurnAsync(house, "undo");

        await InAsync(house, taken, "theirs");
        var theirs = await NamesAsync(house);
        theirs.Count.ShouldBe(projects + 1);
        theirs.ShouldContain(name);
        theirs.ShouldNotContain("Renamed since");
        await TurnAsync(house, "undo");
        (await NamesAsync(house)).ShouldContain("Renamed since");
    }

    [Fact]
    public async Task A_project_alone_has_all_that_it_uses_and_nothing_else()
    {
        var all = RecordsOf(await OutAsync(Server));
        var project = (string)all["projects"]![0]!["id"]!;
        var zip = await OutAsync(Server, $"?project={project}");
        var one = RecordsOf(zip);

        one["projects"]!.AsArray().Count.ShouldBe(1);
        one["workings"]!.AsArray().ShouldAllBe(w => (string)w!["project_id"]! == project);
        one.ContainsKey("settings").ShouldBeFalse();
        one["things"]!.AsArray().Count.ShouldBeLessThan(all["things"]!.AsArray().Count);

        await using var database = await TestDatabase.CreateAsync();
        await using var empty = await Server.StartAsync(database.Connection, "--empty");
        (await InAsync(empty, zip, "mine")).Status.ShouldBe(HttpStatusCode.OK);
        Same(await OutAsync(empty, $"?project={project}"), zip);
    }

    private static readonly (string What, string Says)[] Hostile =
    [
        ("no zip", "isn’t a Zephyr Reach export"),
        ("empty zip", "isn’t a Zephyr Reach export"),
        ("a path", "does not belong"),
        ("a path upwards", "does not belong"),
        ("another format", "isn’t a Zephyr Reach export"),
        ("a newer version", "newer program"),
        ("a broken record", "damaged at"),
        ("a field that is not known", "damaged at"),
        ("a use that is no id", "damaged at"),
        ("the same id twice", "stands in the file twice"),
        ("a part of no project", "does not hold together"),
        ("a part of itself", "does not hold together"),
        ("a picture that is missing", "missing"),
        ("a picture that is none", "none that the program keeps"),
        ("broken JSON", "isn’t a Zephyr Reach export"),
        ("a bomb", "unpacks to more"),
        ("millions of lists", "more in it"),
        ("one endless text", "more in it"),
        ("a text with U+0000", "U+0000"),
    ];

    [Fact]
    public async Task What_cannot_be_brought_in_is_a_sentence_and_nothing_is_changed()
    {
        await PhotographAsync();
        var zip = await OutAsync(Server);
        await using var database = await TestDatabase.CreateAsync();
        await using var empty = await Server.StartAsync(database.Connection, "--empty");
        foreach (var (what, says) in Hostile)
        {
            var (status, problem) = await InAsync(empty, Spoil(zip, what), "theirs");

            status.ShouldBe(HttpStatusCode.BadRequest, what);
            problem
                .GetProperty("errors")
                .GetProperty("file")[0]
                .GetString()!
                .ShouldContain(says, Case.Sensitive, what);
        }
        var after = RecordsOf(await OutAsync(empty));
        Lists.ShouldAllBe(l => after[l]!.AsArray().Count == 0);
        var (_, history) = await empty.SendAsync(HttpMethod.Get, "/api/history");
        history.GetProperty("undo").ValueKind.ShouldBe(JsonValueKind.Null);
    }

    [Fact]
    public async Task A_picture_comes_in_without_what_it_says_beside_and_is_the_same_to_the_pixel()
    {
        await PhotographAsync();
        var zip = await OutAsync(Server);
        await using var database = await TestDatabase.CreateAsync();
        await using var empty = await Server.StartAsync(database.Connection, "--empty");

        var (status, _) = await InAsync(empty, Spoil(zip, "a picture that says where"), "theirs");

        status.ShouldBe(HttpStatusCode.OK);
        var pictures = EntriesOf(zip).Where(e => e.Name != "workroom.json").ToList();
        var after = EntriesOf(await OutAsync(empty)).ToDictionary(e => e.Name, e => e.Bytes);
        pictures.ShouldNotBeEmpty();
        pictures.ShouldAllBe(p => p.Bytes.SequenceEqual(after[p.Name]));
    }

    private static readonly string[] Lists =
    [
        "things",
        "tried_notes",
        "projects",
        "workings",
        "swatches",
        "cut_lists",
        "keeps",
        "practices",
        "photographs",
    ];

    private static byte[] Spoil(byte[] zip, string what)
    {
        if (what == "no zip")
        {
            return Encoding.ASCII.GetBytes("This is a letter.");
        }
        var everything = RecordsOf(zip);
        var pictures =
            what == "empty zip"
                ? []
                : EntriesOf(zip).Where(e => e.Name != "workroom.json").ToList();
        switch (what)
        {
            case "another format":
                everything["format"] = "cookbook";
                break;
            case "a newer version":
                everything["version"] = 99;
                break;
            case "version 1":
                everything["version"] = 1;
                NameMachines(everything["things"]!.AsArray());
                break;
            case "a broken record":
                everything["workings"]![0]!["stage"] = "somewhere";
                break;
            case "a field that is not known":
                everything["things"]![0]!["workroom_id"] = Guid.CreateVersion7().ToString();
                break;
            case "a use that is no id":
                everything["swatches"]![0]!["uses"]!["cloth"] = "'; drop table swatches";
                break;
            case "the same id twice":
                everything["things"]!.AsArray().Add(everything["things"]![0]!.DeepClone());
                break;
            case "a part of no project":
                everything["workings"]![0]!["project_id"] = Guid.CreateVersion7().ToString();
                break;
            case "a part of itself":
                everything["workings"]![0]!["project_id"] = everything["workings"]![0]![
                    "id"
                ]!.DeepClone();
                break;
            case "a text with U+0000":
                everything["projects"]![0]!["notes"] = "a\0b";
                break;
            case "a picture that is missing":
                pictures.RemoveAt(0);
                break;
            case "a picture that says where":
                for (var i = 0; i < pictures.Count; i++)
                {
                    var jpeg = pictures[i].Bytes;
                    pictures[i] = (
                        pictures[i].Name,
                        [
                            .. jpeg[..2],
                            .. (byte[])[0xFF, 0xE1, 0, 12],
                            .. "Exif\0\0here"u8,
                            .. jpeg[2..],
                            .. "<html>"u8,
                        ]
                    );
                }
                break;
            case "a picture that is none":
                pictures[0] = (pictures[0].Name, Encoding.ASCII.GetBytes("<script>"));
                break;
        }
        using var file = new MemoryStream();
        using (var to = new ZipArchive(file, ZipArchiveMode.Create, true))
        {
            void Add(string name, ReadOnlySpan<byte> bytes)
            {
                using var entry = to.CreateEntry(name, CompressionLevel.Fastest).Open();
                entry.Write(bytes);
            }
            if (what != "empty zip")
            {
                Add(
                    "workroom.json",
                    Encoding.UTF8.GetBytes(
                        what switch
                        {
                            "broken JSON" => "{\"format\":",
                            "millions of lists" =>
                                $$"""{"projects":[{{string.Concat(Enumerable.Repeat("[],", 1_600_000))}}[]]}""",
                            "one endless text" => $$"""{"of":"{{new string('a', 2_000_000)}}"}""",
                            _ => everything.ToJsonString(),
                        }
                    )
                );
            }
            foreach (var (name, bytes) in pictures)
            {
                Add(name, bytes);
            }
            if (what.StartsWith("a path", StringComparison.Ordinal))
            {
                Add(what == "a path" ? "notes.txt" : "photographs/../../etc/passwd", [1]);
            }
        }
        return what == "a bomb" ? Bomb() : file.ToArray();
    }

    /// <summary>As it was before stitches knew their machine by id.</summary>
    private static void NameMachines(JsonArray things)
    {
        var names = things.ToDictionary(t => (string)t!["id"]!, t => (string)t!["name"]!);
        foreach (var thing in things.OfType<JsonObject>())
        {
            if ((string?)thing["machine_id"] is { } machine)
            {
                thing["properties"]!["onMachine"] = names[machine];
            }
            thing.Remove("machine_id");
        }
    }

    /// <summary>A quarter of a megabyte that unpacks to more than a quarter of a gigabyte.</summary>
    private static byte[] Bomb()
    {
        using var file = new MemoryStream();
        using (var zip = new ZipArchive(file, ZipArchiveMode.Create, true))
        {
            using var entry = zip.CreateEntry("workroom.json", CompressionLevel.Optimal).Open();
            var blank = new byte[1 << 20];
            for (var i = 0; i < 257; i++)
            {
                entry.Write(blank);
            }
        }
        return file.ToArray();
    }

    private async Task PhotographAsync()
    {
        var (_, book) = await Server.SendAsync(HttpMethod.Get, "/api/swatches");
        var swatch = book.GetProperty("swatches")[0]
            .GetProperty("swatch")
            .GetProperty("id")
            .GetGuid();
        using var scene = new SKBitmap(30, 20);
        using var data = scene.Encode(SKEncodedImageFormat.Png, 100);
        using var content = new ByteArrayContent(data.ToArray());
        content.Headers.ContentType = new MediaTypeHeaderValue("image/png");
        await Server.Http.PostAsync(
            $"/api/swatches/{swatch}/photographs?id={Guid.CreateVersion7()}",
            content,
            Server.Cancel
        );
    }

    private static Task<byte[]> OutAsync(Server server, string query = "") =>
        server.Http.GetByteArrayAsync($"/api/archive{query}", Server.Cancel);

    private static async Task<JsonElement> LookAsync(Server server, byte[] zip)
    {
        var (status, report) = await PostAsync(server, "/api/archive/look", zip);
        status.ShouldBe(HttpStatusCode.OK, report.GetRawText());
        return report;
    }

    private static Task<(HttpStatusCode Status, JsonElement Body)> InAsync(
        Server server,
        byte[] zip,
        string differing
    ) => PostAsync(server, $"/api/archive?differing={differing}", zip);

    private static async Task<(HttpStatusCode Status, JsonElement Body)> PostAsync(
        Server server,
        string path,
        byte[] zip
    )
    {
        using var content = new ByteArrayContent(zip);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/zip");
        using var answer = await server.Http.PostAsync(path, content, Server.Cancel);
        var text = await answer.Content.ReadAsStringAsync(Server.Cancel);
        return (answer.StatusCode, JsonDocument.Parse(text).RootElement);
    }

    private static async Task TurnAsync(Server server, string turn)
    {
        var (_, history) = await server.SendAsync(HttpMethod.Get, "/api/history");
        var step = history.GetProperty(turn).GetProperty("id").GetInt64();
        var (_, after) = await server.SendAsync(
            HttpMethod.Post,
            $"/api/history/{turn}",
            new { step }
        );
        after.GetProperty("turned").GetBoolean().ShouldBeTrue();
    }

    private static async Task<List<string>> NamesAsync(Server server)
    {
        var (_, page) = await server.SendAsync(HttpMethod.Get, "/api/projects");
        return
        [
            .. page.GetProperty("projects")
                .EnumerateArray()
                .Select(p => p.GetProperty("name").GetString()!),
        ];
    }

    private static JsonObject RecordsOf(byte[] zip) =>
        JsonNode.Parse(EntriesOf(zip).Single(e => e.Name == "workroom.json").Bytes)!.AsObject();

    private static List<(string Name, byte[] Bytes)> EntriesOf(byte[] zip)
    {
        using var archive = new ZipArchive(new MemoryStream(zip));
        return
        [
            .. archive.Entries.Select(e =>
            {
                using var bytes = new MemoryStream();
                using var entry = e.Open();
                entry.CopyTo(bytes);
                return (e.FullName, bytes.ToArray());
            }),
        ];
    }

    private static void Same(byte[] one, byte[] other)
    {
        var (a, b) = (RecordsOf(one), RecordsOf(other));
        a.Remove("madeAt");
        b.Remove("madeAt");
        a.ToJsonString().ShouldBe(b.ToJsonString());
        EntriesOf(one)
            .Skip(1)
            .Select(e =>
                $"{e.Name} {Convert.ToHexString(System.Security.Cryptography.SHA256.HashData(e.Bytes))}"
            )
            .ShouldBe(
                EntriesOf(other)
                    .Skip(1)
                    .Select(e =>
                        $"{e.Name} {Convert.ToHexString(System.Security.Cryptography.SHA256.HashData(e.Bytes))}"
                    )
            );
    }

    private static string Versionless(string json) =>
        System.Text.RegularExpressions.Regex.Replace(json, "\"version\":\\d+", "\"version\":0");
}
