using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using PdfSharp.Pdf;
using PdfSharp.Pdf.IO;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Paths;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Tests;

/// <summary>Guides as they come out of the printer: read back, and measured.</summary>
public partial class GuideTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private const double Point = 72 / 25.4;

    public static TheoryData<string> Worked() =>
        [.. Core.Craft.Techniques.Worked.Select(t => t.Name)];

    private Server Server => fixture.Server;

    [Theory]
    [MemberData(nameof(Worked))]
    public async Task Every_technique_that_marks_cloth_has_its_marks_on_paper_and_in_one_piece(
        string name
    )
    {
        var (_, described) = await Server.SendAsync(HttpMethod.Get, $"/api/techniques/{name}");
        described.GetProperty("hasGuide").GetBoolean().ShouldBeTrue();
        var ask = AskJson.Of(Core.Craft.Techniques.WorkingOf(name)!.Forward.Example);

        var svg = XDocument.Parse(Encoding.UTF8.GetString(await TakeAsync(name, ask, "as=svg")));
        var root = svg.Root!;
        root.Attribute("width")!.Value.ShouldEndWith("mm");
        var box = root.Attribute("viewBox")!.Value.Split(' ').Select(Number).ToList();
        $"{box[2].ToString(CultureInfo.InvariantCulture)}mm".ShouldBe(
            root.Attribute("width")!.Value
        );
        var marks = LinesOf(svg).Where(l => l.Mark > 0).ToList();
        marks.Select(m => m.Mark).Distinct().ShouldBe(Enumerable.Range(1, marks.Max(m => m.Mark)));
        marks.ShouldAllBe(m => m.X1 >= -1e-3 && m.X2 <= box[2] + 1e-3);

        foreach (var paper in new[] { "a4", "letter" })
        {
            using var pdf = Read(await TakeAsync(name, ask, $"paper={paper}"));
            var (width, height) = paper == "a4" ? (210.0, 297.0) : (215.9, 279.4);
            foreach (var page in pdf.Pages)
            {
                new[] { page.Width.Millimeter, page.Height.Millimeter }
                    .Order()
                    .Zip(new[] { width, height }.Order())
                    .ShouldAllBe(p => Math.Abs(p.First - p.Second) < 0.01);
            }
            // The square to test the printer by, on the first sheet and on no other.
            pdf.Pages.Cast<PdfPage>()
                .Select(
                    (page, i) =>
                        (
                            Has: Drawn(page).Any(d => Near(d.Width, 50) && Near(d.Height, 50)),
                            First: i == 0
                        )
                )
                .ShouldAllBe(p => p.Has == p.First);
        }
    }

    [Fact]
    public async Task The_tucks_lie_in_the_file_where_the_plan_marks_them_from_the_cut_edge()
    {
        var ask = AskJson.Of(Core.Craft.Techniques.WorkingOf("pintucks")!.Forward.Example);
        var (_, told) = await Server.SendAsync(HttpMethod.Post, "/api/reckon/pintucks", ask);
        var flat = told.GetProperty("marks")
            .EnumerateArray()
            .Select(m => m.GetProperty("centre").GetProperty("mm").GetDouble())
            .ToList();

        var svg = XDocument.Parse(
            Encoding.UTF8.GetString(await TakeAsync("pintucks", ask, "as=svg"))
        );
        var marks = LinesOf(svg).Where(l => l.Mark > 0).ToList();
        marks.Select(m => m.Mark).ShouldBe(Enumerable.Range(1, flat.Count));
        foreach (var (mark, centre) in marks.Zip(flat))
        {
            mark.X1.ShouldBe(centre, 0.001);
            mark.X2.ShouldBe(mark.X1);
        }

        // On paper, each as far from the left edge of the cloth, over all sheets, within a tenth of a millimetre.
        using var pdf = Read(await TakeAsync("pintucks", ask, "paper=a4"));
        var first = Strokes(pdf.Pages[0]).ToList();
        var left = 12.0;
        foreach (var centre in flat)
        {
            first.ShouldContain(
                s => Math.Abs(s.X1 - left - centre) < 0.1 && Math.Abs(s.X1 - s.X2) < 0.01,
                $"{centre}"
            );
        }
    }

    [Fact]
    public async Task A_guide_over_several_sheets_goes_on_where_the_last_one_ended()
    {
        var ask = AskJson.Of(Core.Craft.Techniques.WorkingOf("pulled-gathers")!.Forward.Example);
        var svg = XDocument.Parse(
            Encoding.UTF8.GetString(await TakeAsync("pulled-gathers", ask, "as=svg"))
        );
        using var pdf = Read(await TakeAsync("pulled-gathers", ask, "paper=a4"));
        pdf.PageCount.ShouldBeGreaterThan(10);
        var tile = pdf.Pages[0].Width.Millimeter - 24;

        var onPaper = pdf
            .Pages.Cast<PdfPage>()
            .SelectMany(
                (page, i) =>
                    Strokes(page)
                        .Where(s => Math.Abs(s.X1 - s.X2) < 0.01)
                        .Select(s => s.X1 - 12 + i * tile)
            )
            .ToList();
        foreach (var mark in LinesOf(svg).Where(l => l.Mark > 0))
        {
            onPaper.ShouldContain(x => Math.Abs(x - mark.X1) < 0.1, $"{mark.X1}");
        }
    }

    [Fact]
    public async Task A_workings_guide_goes_by_what_was_measured_on_the_way()
    {
        var (_, bench) = await Server.SendAsync(HttpMethod.Get, "/api/bench");
        var bib = bench
            .GetProperty("projects")
            .EnumerateArray()
            .SelectMany(p => p.GetProperty("workings").EnumerateArray())
            .Single(w => w.GetProperty("name").GetString() == "Tucked bib")
            .GetProperty("id")
            .GetGuid();
        var (_, working) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{bib}");
        var (_, told) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{bib}/reckon",
            working.GetProperty("ask")
        );

        var svg = XDocument.Parse(
            await Server.Http.GetStringAsync($"/api/workings/{bib}/guide?as=svg", Server.Cancel)
        );
        LinesOf(svg)
            .Where(l => l.Mark > 0)
            .Select(l => l.X1)
            .Zip(
                told.GetProperty("marks")
                    .EnumerateArray()
                    .Select(m => m.GetProperty("centre").GetProperty("mm").GetDouble())
            )
            .ShouldAllBe(p => Math.Abs(p.First - p.Second) < 0.001);

        using var pdf = Read(
            await Server.Http.GetByteArrayAsync($"/api/workings/{bib}/guide", Server.Cancel)
        );
        pdf.Info.Title.ShouldBe("Tucked bib: Lines of the tucks");
    }

    [Theory]
    [InlineData("/api/guides/pintucks?paper=a3", HttpStatusCode.BadRequest)]
    [InlineData("/api/guides/pintucks?as=png", HttpStatusCode.BadRequest)]
    [InlineData("/api/guides/knitting", HttpStatusCode.NotFound)]
    public async Task What_cannot_be_is_refused_in_a_sentence(string path, HttpStatusCode code)
    {
        var ask = AskJson.Of(Core.Craft.Techniques.WorkingOf("pintucks")!.Forward.Example);

        var (response, problem) = await Server.SendAsync(HttpMethod.Post, path, ask);

        response.StatusCode.ShouldBe(code);
        problem.GetProperty("title").GetString().ShouldNotBeNullOrEmpty();
    }

    [Fact]
    public async Task What_would_take_more_paper_than_anybody_joins_says_so_and_a_wrong_ask_its_field()
    {
        var (far, why) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/guides/pulled-gathers?as=pdf",
            AskJson.Of(
                Core.Craft.Techniques.WorkingOf("pulled-gathers")!
                    .Forward.Example.With("finishedEdge", Core.Inputs.RawValue.Of("90 m"))
            )
        );
        far.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        why.GetProperty("errors").GetProperty("paper")[0].GetString()!.ShouldContain("sheets");

        var (_, wrong) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/guides/pintucks",
            new { panelWidth = "wide" }
        );
        wrong.GetProperty("errors").TryGetProperty("panelWidth", out _).ShouldBeTrue();
    }

    private async Task<byte[]> TakeAsync(string technique, JsonElement ask, string query)
    {
        using var content = new StringContent(ask.GetRawText(), Encoding.UTF8, "application/json");
        var response = await Server.Http.PostAsync(
            $"/api/guides/{technique}?{query}",
            content,
            Server.Cancel
        );
        response.StatusCode.ShouldBe(HttpStatusCode.OK);
        return await response.Content.ReadAsByteArrayAsync(Server.Cancel);
    }

    private static IEnumerable<(int Mark, double X1, double X2)> LinesOf(XDocument svg) =>
        svg.Descendants()
            .Where(e => e.Name.LocalName is "line" or "path")
            .Select(e =>
            {
                var mark = (int?)e.Attribute("data-mark") ?? 0;
                if (e.Name.LocalName == "line")
                {
                    return (
                        mark,
                        Number(e.Attribute("x1")!.Value),
                        Number(e.Attribute("x2")!.Value)
                    );
                }
                PathData.Read(e.Attribute("d")!.Value, out var paths).ShouldBeNull();
                var reach = NamedShape.BoundsOf(paths);
                return (mark, reach.From.X.Millimetres, reach.To.X.Millimetres);
            });

    private static PdfDocument Read(byte[] pdf) =>
        PdfReader.Open(new MemoryStream(pdf), PdfDocumentOpenMode.Import);

    /// <summary>The straight strokes of a page, in mm from its left and its lower edge.</summary>
    private static IEnumerable<(double X1, double Y1, double X2, double Y2)> Strokes(
        PdfPage page
    ) =>
        Line()
            .Matches(ContentOf(page))
            .Select(m =>
                (
                    Number(m.Groups[1].Value) / Point,
                    Number(m.Groups[2].Value) / Point,
                    Number(m.Groups[3].Value) / Point,
                    Number(m.Groups[4].Value) / Point
                )
            );

    /// <summary>The rectangles of a page, in mm.</summary>
    private static IEnumerable<(double Width, double Height)> Drawn(PdfPage page) =>
        Rectangle()
            .Matches(ContentOf(page))
            .Select(m =>
                (
                    Math.Abs(Number(m.Groups[1].Value)) / Point,
                    Math.Abs(Number(m.Groups[2].Value)) / Point
                )
            );

    private static string ContentOf(PdfPage page) =>
        Encoding.Latin1.GetString(page.Contents.CreateSingleContent().Stream.UnfilteredValue);

    [GeneratedRegex(@"([-\d.]+) ([-\d.]+) m\s+([-\d.]+) ([-\d.]+) l\s+S")]
    private static partial Regex Line();

    [GeneratedRegex(@"[-\d.]+ [-\d.]+ ([-\d.]+) ([-\d.]+) re")]
    private static partial Regex Rectangle();

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    private static bool Near(double a, double b) => Math.Abs(a - b) < 0.02;
}
