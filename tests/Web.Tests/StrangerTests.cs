using System.Net;
using System.Net.Sockets;
using System.Text;

namespace ZephyrReach.Web.Tests;

/// <summary>Nobody but the program's own page is let in, and what it says of itself keeps others out.</summary>
public class StrangerTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private Server Server => fixture.Server;

    [Theory]
    [InlineData("127.0.0.1", HttpStatusCode.OK)]
    [InlineData("localhost", HttpStatusCode.OK)]
    [InlineData("[::1]", HttpStatusCode.OK)]
    [InlineData("sewing.example", HttpStatusCode.MisdirectedRequest)]
    [InlineData("127.0.0.1.example", HttpStatusCode.MisdirectedRequest)]
    [InlineData("192.168.0.4", HttpStatusCode.MisdirectedRequest)]
    public async Task Only_a_name_that_it_is_served_under_is_answered(
        string host,
        HttpStatusCode status
    )
    {
        foreach (var path in new[] { "/api/bench", "/", "/health" })
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, path);
            request.Headers.Host = $"{host}:{Server.Port}";
            using var answer = await Server.Http.SendAsync(request, Server.Cancel);
            answer.StatusCode.ShouldBe(status, path);
        }
    }

    [Theory]
    [InlineData("Origin", "null")]
    [InlineData("Origin", "http://sewing.example")]
    [InlineData("Origin", "http://127.0.0.1:1")]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    public async Task A_change_from_another_page_is_refused_and_a_look_is_not(
        string header,
        string value
    )
    {
        foreach (var method in new[] { HttpMethod.Post, HttpMethod.Patch, HttpMethod.Delete })
        {
            using var change = new HttpRequestMessage(method, "/api/projects");
            change.Headers.TryAddWithoutValidation(header, value);
            change.Content = new StringContent("{}", Encoding.UTF8, "text/plain");
            using var answer = await Server.Http.SendAsync(change, Server.Cancel);
            answer.StatusCode.ShouldBe(HttpStatusCode.Forbidden);
            answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        }
        using var look = new HttpRequestMessage(HttpMethod.Get, "/api/projects");
        look.Headers.TryAddWithoutValidation(header, value);
        (await Server.Http.SendAsync(look, Server.Cancel)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Its_own_page_is_let_in()
    {
        using var change = new HttpRequestMessage(HttpMethod.Post, "/api/projects");
        change.Headers.Add("Origin", $"http://127.0.0.1:{Server.Port}");
        change.Headers.Add("Sec-Fetch-Site", "same-origin");
        change.Content = new StringContent(
            $$"""{"id":"{{Guid.CreateVersion7()}}","name":"Bunting"}""",
            Encoding.UTF8,
            "application/json"
        );
        (await Server.Http.SendAsync(change, Server.Cancel)).StatusCode.ShouldBe(
            HttpStatusCode.Created
        );
    }

    [Theory]
    [InlineData("/api/bench")]
    [InlineData("/health")]
    [InlineData("/")]
    [InlineData("/api/nothing")]
    public async Task Head_is_answered_as_get_is_without_a_body(string path)
    {
        using var get = await Server.Http.GetAsync(path, Server.Cancel);
        using var request = new HttpRequestMessage(HttpMethod.Head, path);
        using var head = await Server.Http.SendAsync(request, Server.Cancel);

        head.StatusCode.ShouldBe(get.StatusCode);
        head.Content.Headers.ContentType.ShouldBe(get.Content.Headers.ContentType);
        (await head.Content.ReadAsByteArrayAsync(Server.Cancel)).ShouldBeEmpty();
    }

    [Fact]
    public async Task The_page_lets_nothing_run_or_look_but_what_is_served()
    {
        using var page = await Server.Http.GetAsync("/", Server.Cancel);
        using var again = await Server.Http.GetAsync("/", Server.Cancel);
        string Header(string name, HttpResponseMessage? of = null) =>
            string.Join(' ', (of ?? page).Headers.GetValues(name));

        var policy = Header("Content-Security-Policy");
        policy.ShouldNotContain("unsafe");
        policy.ShouldContain("form-action 'none'");
        policy.ShouldContain("frame-ancestors 'none'");
        Header("Cross-Origin-Opener-Policy").ShouldBe("same-origin");
        Header("Cross-Origin-Embedder-Policy").ShouldBe("require-corp");
        Header("Cross-Origin-Resource-Policy").ShouldBe("same-origin");
        Header("Permissions-Policy").ShouldContain("camera=()");
        // The nonce is that of this page alone.
        Header("Content-Security-Policy", again).ShouldNotBe(policy);
        var html = await page.Content.ReadAsStringAsync(Server.Cancel);
        var nonce = html.Split("nonce=\"")[1].Split('"')[0];
        policy.ShouldContain($"'nonce-{nonce}'");
        html.ShouldNotContain("<style");
    }

    [Fact]
    public async Task A_seat_with_a_long_name_is_cut_between_letters()
    {
        var seat = new string('x', 39) + "🧵🧵";
        var id = Guid.CreateVersion7();
        using var client = new TcpClient();
        await client.ConnectAsync(IPAddress.Loopback, Server.Port, Server.Cancel);
        var body = $$"""{"id":"{{id}}","name":"Bunting"}""";
        var text =
            $"POST /api/projects HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\nZr-Seat: {seat}\r\n"
            + $"Content-Type: application/json\r\nContent-Length: {body.Length}\r\n\r\n{body}";
        await client.GetStream().WriteAsync(Encoding.UTF8.GetBytes(text), Server.Cancel);
        using var reader = new StreamReader(client.GetStream());

        (await reader.ReadToEndAsync(Server.Cancel)).ShouldStartWith("HTTP/1.1 201");
    }
}
