using System.Buffers;
using System.IO.Compression;
using System.Net;
using System.Text;
using System.Text.Json;
using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Tests;

public class ReckonRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private const string Gathers = "/api/reckon/pulled-gathers";

    private static readonly string[] Odd =
    [
        "true",
        "false",
        "null",
        "[]",
        "{}",
        "[1,\"2 m\"]",
        "\"across\"",
        "\"along\"",
        "\"over-threads\"",
        "1e300",
        "1e-300",
        "-0",
    ];

    private Server Server => fixture.Server;

    [Fact]
    public async Task Every_example_in_the_document_is_answered_as_the_document_describes()
    {
        var (_, document) = await Server.SendAsync(HttpMethod.Get, "/openapi/v1.json");
        var reckoning = document
            .GetProperty("paths")
            .EnumerateObject()
            .Where(p => p.Name.StartsWith("/api/reckon/", StringComparison.Ordinal))
            .ToList();
        reckoning.Count.ShouldBeGreaterThanOrEqualTo(6);
        var schemas = document.GetProperty("components").GetProperty("schemas");
        foreach (var path in reckoning)
        {
            var post = path.Value.GetProperty("post");
            var example = post.GetProperty("requestBody")
                .GetProperty("content")
                .GetProperty("application/json")
                .GetProperty("example");
            var schema = post.GetProperty("responses")
                .GetProperty("200")
                .GetProperty("content")
                .GetProperty("application/json")
                .GetProperty("schema")
                .GetProperty("$ref")
                .GetString()!
                .Split('/')[^1];

            var (response, answer) = await Server.SendAsync(
                HttpMethod.Post,
                path.Name,
                example.GetRawText()
            );

            response.StatusCode.ShouldBe(HttpStatusCode.OK, path.Name);
            var described = schemas
                .GetProperty(schema)
                .GetProperty("properties")
                .EnumerateObject()
                .Select(p => p.Name)
                .ToList();
            var told = answer.EnumerateObject().Select(p => p.Name).ToList();
            told.ShouldBeSubsetOf(described, path.Name);
            schemas
                .GetProperty(schema)
                .GetProperty("required")
                .EnumerateArray()
                .Select(r => r.GetString()!)
                .ShouldBeSubsetOf(told, path.Name);
        }
    }

    [Fact]
    public async Task A_length_comes_out_as_mm_and_text_in_the_units_asked_for_and_parts_come_only_when_asked()
    {
        var ask = await ExampleAsync();
        var (_, metric) = await Server.SendAsync(HttpMethod.Post, $"{Gathers}?units=metric", ask);
        var (_, imperial) = await Server.SendAsync(
            HttpMethod.Post,
            $"{Gathers}?units=imperial&with=working,drawings,steps",
            ask
        );

        metric.GetProperty("cutDepth").GetProperty("mm").GetDouble().ShouldBe(315);
        metric.GetProperty("cutDepth").GetProperty("text").GetString().ShouldBe("31.5 cm");
        imperial.GetProperty("cutDepth").GetProperty("mm").GetDouble().ShouldBe(315);
        imperial.GetProperty("cutDepth").GetProperty("text").GetString().ShouldBe("12 1/2 in");
        metric.TryGetProperty("drawings", out _).ShouldBeFalse();
        imperial.GetProperty("drawings").GetArrayLength().ShouldBe(4);
        imperial.GetProperty("steps").GetArrayLength().ShouldBeGreaterThan(8);
        imperial
            .GetProperty("working")[0]
            .GetProperty("sum")
            .GetString()
            .ShouldBe("102 23/64 in × 2.2 = 225 3/16 in");
    }

    [Theory]
    [InlineData("{", 400)]
    [InlineData("[]", 400)]
    [InlineData("null", 400)]
    [InlineData("", 400)]
    [InlineData("{}", 400)]
    [InlineData(
        "{\"finishedEdge\":{\"a\":{\"a\":{\"a\":{\"a\":{\"a\":{\"a\":{\"a\":1}}}}}}}}",
        400
    )]
    [InlineData("{\"finishedEdge\":1e999}", 400)]
    [InlineData("{\"fullness\":2,\"fullness\":2.2}", 400)]
    [InlineData("{\"finishedEdge\":\"\\ud800\"}", 400)]
    [InlineData("{\"fullness\":2} {}", 400)]
    public async Task A_body_that_cannot_be_used_is_a_problem(string body, int status)
    {
        var (response, problem) = await Server.SendAsync(HttpMethod.Post, Gathers, body);

        ((int)response.StatusCode).ShouldBe(status);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        problem.GetProperty("title").GetString().ShouldNotBeNullOrEmpty();
    }

    [Fact]
    public async Task Each_bad_field_is_named_and_what_was_understood_comes_along()
    {
        var (response, problem) = await Server.SendAsync(
            HttpMethod.Post,
            $"{Gathers}?with=understood&units=metric",
            """{"finishedEdge":"2 m 6","fullness":9,"closed":"yes","cut":"up","finishedDepth":"11 in"}"""
        );

        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        var errors = problem.GetProperty("errors");
        errors.GetProperty("finishedEdge")[0].GetString()!.ShouldContain("character 5");
        foreach (var field in new[] { "fullness", "closed", "cut", "rows", "clothWidth" })
        {
            errors.TryGetProperty(field, out _).ShouldBeTrue(field);
        }
        problem
            .GetProperty("missing")
            .EnumerateArray()
            .Select(m => m.GetString())
            .ShouldContain("rows");
        problem
            .GetProperty("understood")
            .GetProperty("finishedDepth")
            .GetProperty("text")
            .GetString()
            .ShouldBe("27.95 cm");
    }

    [Theory]
    [InlineData("POST", "/api/reckon/knitting", "application/json", 404)]
    [InlineData("POST", "/api/reckon/pulled-gathers/sideways", "application/json", 404)]
    [InlineData("POST", "/api/card/knitting", "application/json", 404)]
    [InlineData("POST", Gathers, "text/plain", 415)]
    [InlineData("POST", "/api/projects", "text/plain", 415)]
    [InlineData("GET", Gathers, null, 405)]
    [InlineData("GET", "/api/nothing", null, 404)]
    [InlineData("POST", Gathers + "?units=cubits", "application/json", 400)]
    [InlineData("POST", Gathers + "?with=everything", "application/json", 400)]
    public async Task The_right_refusal(string method, string path, string? type, int status)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), path);
        if (type is not null)
        {
            request.Content = new StringContent("{}", Encoding.UTF8, type);
        }

        var response = await Server.Http.SendAsync(request, Server.Cancel);

        ((int)response.StatusCode).ShouldBe(status);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Theory]
    [InlineData("/api/workroom", false)]
    [InlineData("/api/nothing", false)]
    [InlineData("/workings/any/plan", true)]
    [InlineData("/mark.svg", true)]
    public async Task Nothing_is_taken_for_another_type_and_what_can_be_a_page_loads_only_its_own(
        string path,
        bool isPage
    )
    {
        using var response = await Server.Http.GetAsync(path, Server.Cancel);

        response.Headers.GetValues("X-Content-Type-Options").ShouldBe(["nosniff"]);
        response.Headers.TryGetValues("Content-Security-Policy", out var policy).ShouldBe(isPage);
        (policy?.Single() ?? "default-src 'self'").ShouldStartWith("default-src 'self'");
    }

    [Theory]
    [InlineData(Gathers)]
    [InlineData("/api/projects")]
    public async Task A_body_over_64_kB_is_refused_whether_its_length_is_said_or_not(string path)
    {
        var body = Encoding.UTF8.GetBytes("{\"a\":\"" + new string('x', 300_000) + "\"}");
        foreach (
            var content in new HttpContent[]
            {
                new ByteArrayContent(body),
                new StreamContent(new Unmeasured(body)),
            }
        )
        {
            content.Headers.ContentType = new("application/json");
            var response = await Server.Http.PostAsync(path, content, Server.Cancel);
            response.StatusCode.ShouldBe(HttpStatusCode.RequestEntityTooLarge);
        }
    }

    [Fact]
    public async Task No_body_whatever_makes_the_program_fail()
    {
        var value = Gen.OneOf(
            Gen.Double.Select(d => JsonSerializer.Serialize(double.IsFinite(d) ? d : 0)),
            Gen.Double[-10, 3000].Select(d => JsonSerializer.Serialize(d)),
            Gen.String[Gen.Char["0123456789 ./,'\"⅝cmin-+yd\0\ud83e"], 0, 12]
                .Select(s => JsonSerializer.Serialize(s)),
            Gen.Int[0, Odd.Length - 1].Select(i => Odd[i])
        );
        var fields = (await ExampleElementAsync())
            .EnumerateObject()
            .Select(p => (p.Name, p.Value.GetRawText()))
            .ToArray();
        var body =
            from changed in Gen.Int[0, fields.Length - 1].Array[1, 4]
            from values in value.Array[4]
            select "{"
                + string.Join(
                    ",",
                    fields.Select(
                        (f, i) =>
                            $"\"{f.Name}\":{(Array.IndexOf(changed, i) is >= 0 and var at ? values[at] : f.Item2)}"
                    )
                )
                + "}";
        string[] forms = ["", "/fullness-from-cloth", "/edge-from-cloth", "/half-way", "/swatch"];
        await Gen.Select(body, Gen.Int[0, forms.Length - 1])
            .SampleAsync(
                async (json, form) =>
                {
                    using var content = new StringContent(json, Encoding.UTF8, "application/json");
                    var response = await Server.Http.PostAsync(
                        $"{Gathers}{forms[form]}?with=working,drawings,steps,understood",
                        content,
                        Server.Cancel
                    );
                    var text = await response.Content.ReadAsStringAsync(Server.Cancel);
                    return (int)response.StatusCode is 200 or 400
                        && !text.Contains("NaN")
                        && JsonDocument.Parse(text) is not null;
                },
                iter: 1500,
                threads: 2
            );
    }

    /// <summary>What the client keeps of the document is all but what is reckoned, so that a technique adds nothing to it.</summary>
    [Fact]
    public async Task The_document_is_packed_for_who_unpacks_it_and_says_the_same()
    {
        var plain = await Server.Http.GetByteArrayAsync("/openapi/v1.json", Server.Cancel);
        using var asked = new HttpRequestMessage(HttpMethod.Get, "/openapi/v1.json");
        asked.Headers.AcceptEncoding.ParseAdd("gzip, br");
        using var answer = await Server.Http.SendAsync(asked, Server.Cancel);
        answer.Content.Headers.ContentEncoding.ShouldBe(["gzip"]);
        answer.Headers.Vary.ShouldBe(["Accept-Encoding"]);
        var packed = await answer.Content.ReadAsByteArrayAsync(Server.Cancel);
        packed.Length.ShouldBeLessThan(plain.Length / 4);
        using var unpacked = new MemoryStream();
        await new GZipStream(new MemoryStream(packed), CompressionMode.Decompress).CopyToAsync(
            unpacked,
            Server.Cancel
        );
        unpacked.ToArray().ShouldBe(plain);
    }

    [Fact]
    public void Every_length_goes_out_exactly_whatever_its_decimals() =>
        Gen.Select(Gen.Double[-1e7, 1e7], Gen.Int[0, 9], Gen.Int[0, 12])
            .Sample(
                (any, shift, decimals) =>
                {
                    var mm = Math.Round(any / Math.Pow(10, shift), decimals);
                    var buffer = new ArrayBufferWriter<byte>();
                    using (var json = new Utf8JsonWriter(buffer))
                    {
                        AnswerJson.Write(json, ALength, mm, [], Ruler.Metric);
                    }
                    return JsonDocument
                            .Parse(buffer.WrittenMemory)
                            .RootElement.GetProperty("length")
                            .GetProperty("mm")
                            .GetDouble() == mm;
                }
            );

    private static readonly Figure[] ALength =
    [
        Figure<object>.Marked("length", "As it is.", mm => Length.FromMillimetres((double)mm)),
    ];

    [Fact]
    public async Task The_document_that_the_client_keeps_is_the_one_that_is_served()
    {
        var (_, served) = await Server.SendAsync(HttpMethod.Get, "/openapi/v1.json");
        var kept = JsonDocument
            .Parse(
                await File.ReadAllTextAsync(
                    Server.FileAt("src/client/api/openapi.json"),
                    Server.Cancel
                )
            )
            .RootElement;
        const string why = "run node tools/types.mjs with the address of a running program";

        var paths = kept.GetProperty("paths").EnumerateObject().ToList();
        paths
            .Select(p => p.Name)
            .ShouldBe(
                served
                    .GetProperty("paths")
                    .EnumerateObject()
                    .Select(p => p.Name)
                    .Where(p => !p.StartsWith("/api/reckon/") && !p.StartsWith("/api/card/")),
                why
            );
        foreach (var path in paths.Where(p => p.Name != "/api/fit"))
        {
            JsonElement
                .DeepEquals(path.Value, served.GetProperty("paths").GetProperty(path.Name))
                .ShouldBeTrue($"{path.Name}: {why}");
        }
        var schemas = served.GetProperty("components").GetProperty("schemas");
        foreach (
            var schema in kept.GetProperty("components").GetProperty("schemas").EnumerateObject()
        )
        {
            JsonElement
                .DeepEquals(schema.Value, schemas.GetProperty(schema.Name))
                .ShouldBeTrue($"{schema.Name}: {why}");
        }
    }

    [Theory]
    [InlineData("36 1/2 in", 0, "metric", "92.7 cm")]
    [InlineData("92", 1, "metric", "92.05 cm")]
    [InlineData("36 1/2", -1, "imperial", "36 7/16 in")]
    [InlineData("0", -5, "imperial", "0 in")]
    public async Task A_length_is_read_and_nudged_by_marking_steps(
        string text,
        int nudge,
        string units,
        string says
    )
    {
        var (_, length) = await Server.SendAsync(
            HttpMethod.Get,
            $"/api/lengths?text={Uri.EscapeDataString(text)}&nudge={nudge}&units={units}"
        );

        length.GetProperty("text").GetString().ShouldBe(says);
    }

    private async Task<JsonElement> ExampleElementAsync()
    {
        var (_, document) = await Server.SendAsync(HttpMethod.Get, "/openapi/v1.json");
        return document
            .GetProperty("paths")
            .GetProperty(Gathers)
            .GetProperty("post")
            .GetProperty("requestBody")
            .GetProperty("content")
            .GetProperty("application/json")
            .GetProperty("example");
    }

    private async Task<string> ExampleAsync() => (await ExampleElementAsync()).GetRawText();

    /// <summary>A body whose length is not known beforehand, so that it is sent in chunks.</summary>
    private sealed class Unmeasured(byte[] body) : MemoryStream(body)
    {
        public override bool CanSeek => false;
    }
}
