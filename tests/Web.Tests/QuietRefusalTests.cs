using System.Net;
using System.Text;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>A refusal is an answer for the interface, and keeps its status for everybody else.</summary>
public class QuietRefusalTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    [Theory]
    [InlineData(
        "POST",
        "/api/reckon/pulled-gathers?units=metric",
        "{\"finishedEdge\":\"2.\"}",
        400
    )]
    [InlineData("GET", "/api/workings/019a0000-0000-7000-8000-000000000000", null, 404)]
    [InlineData("POST", "/api/reckon/knitting", "{}", 404)]
    public async Task A_refusal_says_its_status_where_it_is_asked_to_be_quiet(
        string method,
        string path,
        string? body,
        int status
    )
    {
        var loud = await Ask(method, path, body, isQuiet: false);
        var quiet = await Ask(method, path, body, isQuiet: true);

        ((int)loud.StatusCode).ShouldBe(status);
        quiet.StatusCode.ShouldBe(HttpStatusCode.OK);
        foreach (var answer in new[] { loud, quiet })
        {
            answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
            var problem = JsonDocument
                .Parse(await answer.Content.ReadAsStringAsync(Server.Cancel))
                .RootElement;
            problem.GetProperty("status").GetInt32().ShouldBe(status);
            problem.GetProperty("title").GetString().ShouldNotBeNullOrEmpty();
        }
    }

    [Fact]
    public async Task What_is_broken_stays_loud()
    {
        var large = $"{{\"note\":\"{new string('x', 300_000)}\"}}";
        var answer = await Ask("POST", "/api/reckon/pulled-gathers", large, isQuiet: true);

        answer.StatusCode.ShouldBe(HttpStatusCode.RequestEntityTooLarge);
    }

    private async Task<HttpResponseMessage> Ask(
        string method,
        string path,
        string? body,
        bool isQuiet
    )
    {
        var request = new HttpRequestMessage(new HttpMethod(method), path);
        if (body is not null)
        {
            request.Content = new StringContent(body, Encoding.UTF8, "application/json");
        }
        if (isQuiet)
        {
            request.Headers.Add("Zr-Refusals", "answered");
        }
        return await fixture.Server.Http.SendAsync(request, Server.Cancel);
    }
}
