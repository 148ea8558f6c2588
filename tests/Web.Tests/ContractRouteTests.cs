using System.Net;
using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Tests;

/// <summary>What every technique keeps as it is run: its working is kept and reckoned, its swatch entered, judged and undone.</summary>
public class ContractRouteTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    public static TheoryData<string> Worked() =>
        [.. Core.Craft.Techniques.Worked.Select(t => t.Name)];

    private Server Server => fixture.Server;

    [Theory]
    [MemberData(nameof(Worked))]
    public async Task Is_described_so_that_a_screen_can_be_made_of_it(string name)
    {
        var (_, list) = await Get("/api/techniques");
        list.EnumerateArray().Select(t => Text(t, "name")).ShouldContain(name);
        var (_, technique) = await Get($"/api/techniques/{name}");
        var fields = technique
            .GetProperty("fields")
            .EnumerateArray()
            .ToDictionary(f => Text(f, "name"));
        fields.Keys.ShouldContain(Text(technique.GetProperty("first"), "field"));
        technique
            .GetProperty("groups")
            .EnumerateArray()
            .SelectMany(g => g.GetProperty("fields").EnumerateArray())
            .ShouldAllBe(f => fields.ContainsKey(f.GetString()!));
        technique.GetProperty("stages").GetArrayLength().ShouldBeGreaterThan(2);
        technique
            .GetProperty("swatch")
            .GetProperty("readings")
            .GetArrayLength()
            .ShouldBeGreaterThan(0);
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public async Task A_working_answers_as_the_pure_route_does_and_its_figures_are_the_same_everywhere(
        string name
    )
    {
        var ask = AskJson.Of(Core.Craft.Techniques.WorkingOf(name)!.Forward.Example);
        var id = await Begin(name, ask);
        foreach (var units in new[] { "metric", "imperial" })
        {
            var query = $"?units={units}&with=steps,drawings";
            var (_, pure) = await Post($"/api/reckon/{name}{query}", ask);
            var (_, kept) = await Get($"/api/workings/{id}");
            var (_, own) = await Post($"/api/workings/{id}/reckon{query}", kept.GetProperty("ask"));
            // What swatches of the workroom say may differ; what is cut without them may not.
            if (!Core.Craft.Techniques.WorkingOf(name)!.Swatch.Learns)
            {
                JsonElement.DeepEquals(own, pure).ShouldBeTrue();
            }
            var drawings = own.GetProperty("drawings")
                .EnumerateArray()
                .Select(d => Text(d, "name"))
                .ToHashSet();
            own.GetProperty("steps")
                .EnumerateArray()
                .Select(s => Text(s.GetProperty("picture"), "drawing"))
                .ShouldAllBe(d => drawings.Contains(d));
        }
        var (_, bench) = await Get("/api/bench");
        var row = bench
            .GetProperty("projects")
            .EnumerateArray()
            .SelectMany(p => p.GetProperty("workings").EnumerateArray())
            .Single(w => w.GetProperty("id").GetGuid() == id);
        Text(row, "summary").ShouldNotBeEmpty();
        row.GetProperty("picture").GetProperty("shapes").GetArrayLength().ShouldBeGreaterThan(0);
        Text(row, "nextStage").ShouldBe("set-up");
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public async Task What_it_writes_has_the_shape_that_it_declares(string name)
    {
        var working = Core.Craft.Techniques.WorkingOf(name)!;
        foreach (var form in working.Inverses.Prepend(working.Forward))
        {
            var (_, told) = await Post(
                $"/api/reckon/{name}{(form.Name.Length == 0 ? "" : $"/{form.Name}")}",
                AskJson.Of(form.Example)
            );
            HasAll(told, form.Figures, $"{name}/{form.Name}");
        }
    }

    private static void HasAll(JsonElement told, IReadOnlyList<Figure> figures, string path)
    {
        told.ValueKind.ShouldBe(JsonValueKind.Object, path);
        foreach (var figure in figures)
        {
            var at = $"{path}.{figure.Name}";
            if (told.TryGetProperty(figure.Name, out var value))
            {
                HasShape(value, figure, at);
            }
            else
            {
                figure.IsAlways.ShouldBeFalse(at);
            }
        }
    }

    private static void HasShape(JsonElement value, Figure figure, string at)
    {
        switch (figure.Shape)
        {
            case FigureShape.Lengths or FigureShape.Counts or FigureShape.Table:
                var one = figure with
                {
                    Shape =
                        figure.Shape == FigureShape.Lengths ? FigureShape.Length
                        : figure.Shape == FigureShape.Counts ? FigureShape.Count
                        : FigureShape.Group,
                };
                value.EnumerateArray().ToList().ForEach(v => HasShape(v, one, at));
                break;
            case FigureShape.Lines:
                value
                    .EnumerateArray()
                    .ShouldAllBe(line => line.EnumerateArray().All(p => p.GetArrayLength() == 2));
                break;
            case FigureShape.Length:
                double.IsFinite(value.GetProperty("mm").GetDouble()).ShouldBeTrue(at);
                value.GetProperty("text").GetString().ShouldNotBeNullOrEmpty(at);
                break;
            case FigureShape.Group:
                HasAll(value, figure.Inner, at);
                break;
            case FigureShape.Count:
                value.TryGetInt32(out _).ShouldBeTrue(at);
                break;
            case FigureShape.Ratio:
                value.ValueKind.ShouldBe(JsonValueKind.Number, at);
                break;
            case FigureShape.Flag:
                value.ValueKind.ShouldBeOneOf(JsonValueKind.True, JsonValueKind.False);
                break;
            default:
                value.ValueKind.ShouldBe(JsonValueKind.String, at);
                break;
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public async Task A_swatch_is_entered_judged_shown_and_undone(string name)
    {
        var working = Core.Craft.Techniques.WorkingOf(name)!;
        var id = await Begin(name, AskJson.Of(working.Forward.Example));
        var form = working.CalculationNamed(SwatchOf.FormName)!;
        var said = form.Example.Values;
        var swatch = Guid.CreateVersion7();
        var (added, _) = await Post("/api/swatches", new { id = swatch, workingId = id });
        added.StatusCode.ShouldBe(HttpStatusCode.Created);

        var (response, read) = await Server.SendAsync(
            HttpMethod.Patch,
            $"/api/swatches/{swatch}",
            new
            {
                readings = Said(said, working.Swatch.Readings.Select(r => r.Name)),
                features = Said(said, working.Swatch.Features.Select(f => f.Name)),
                verdict = "nearly",
            },
            ifMatch: "1"
        );
        response.StatusCode.ShouldBe(HttpStatusCode.OK, read.ToString());
        read.GetProperty("readings")
            .EnumerateObject()
            .Select(r => r.Name)
            .ShouldBeSubsetOf(working.Swatch.Readings.Select(r => r.Name));

        var (_, judged) = await Post($"/api/reckon/{name}/swatch", AskJson.Of(form.Example));
        var (_, book) = await Get($"/api/swatches?working={id}");
        var shown = book.GetProperty("swatches").EnumerateArray().Single();
        Text(shown.GetProperty("headline"), "text")
            .ShouldBe(Text(judged.GetProperty("headline"), "figure"));
        shown.GetProperty("read").GetArrayLength().ShouldBeGreaterThan(0);
        var (_, plot) = await Get($"/api/swatches/plot?working={id}");
        if (working.Swatch.Learns)
        {
            plot.GetProperty("learnt")
                .GetProperty("points")
                .EnumerateArray()
                .Select(p => p.GetProperty("id").GetGuid())
                .ShouldContain(swatch);
        }

        await Turn("undo");
        (await Swatches(id)).Single().GetProperty("readings").EnumerateObject().ShouldBeEmpty();
        await Turn("undo");
        (await Swatches(id)).ShouldBeEmpty();
        await Turn("redo");
        await Turn("redo");
        var back = (await Swatches(id)).Single();
        JsonElement
            .DeepEquals(back.GetProperty("readings"), read.GetProperty("readings"))
            .ShouldBeTrue();
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public async Task Its_card_is_written_for_every_machine_of_the_demonstration(string name)
    {
        var (_, drawer) = await Get("/api/drawer");
        var machines = drawer
            .GetProperty("things")
            .EnumerateArray()
            .Where(t => Text(t, "kind") == "machine")
            .ToList();
        machines.Count.ShouldBe(3);
        foreach (var machine in machines)
        {
            var ask = AskJson
                .Read(AskJson.Of(Core.Craft.Techniques.WorkingOf(name)!.Forward.Example))
                .With("machine", RawValue.Of(Text(machine, "id")));
            var (response, card) = await Post($"/api/card/{name}", AskJson.Of(ask));

            response.StatusCode.ShouldBe(HttpStatusCode.OK, card.ToString());
            Text(card, "machine").ShouldBe(Text(machine, "name"));
            card.GetProperty("lines").GetArrayLength().ShouldBeGreaterThan(0);
            var stops = card.GetProperty("findings")
                .EnumerateArray()
                .Count(f => Text(f, "severity") == "stop");
            card.GetProperty("isPossible").GetBoolean().ShouldBe(stops == 0);
        }
    }

    private async Task<Guid> Begin(string technique, JsonElement ask)
    {
        var (project, id) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await Post("/api/projects", new { id = project, name = $"Of {technique}" });
        var (response, body) = await Post(
            "/api/workings",
            new
            {
                id,
                projectId = project,
                technique,
                name = technique,
                ask,
            }
        );
        response.StatusCode.ShouldBe(HttpStatusCode.Created, body.ToString());
        return id;
    }

    /// <summary>Takes back, or does again, the step that is next.</summary>
    private async Task Turn(string way)
    {
        var (_, history) = await Get("/api/history");
        var step = history.GetProperty(way).GetProperty("id").GetInt64();
        var (_, after) = await Post($"/api/history/{way}", new { step });
        after.GetProperty("turned").GetBoolean().ShouldBeTrue();
    }

    private async Task<IReadOnlyList<JsonElement>> Swatches(Guid working) =>
        [.. (await Get($"/api/workings/{working}/swatches")).Body.EnumerateArray()];

    private Task<(HttpResponseMessage Response, JsonElement Body)> Get(string path) =>
        Server.SendAsync(HttpMethod.Get, path);

    private Task<(HttpResponseMessage Response, JsonElement Body)> Post(string path, object body) =>
        Server.SendAsync(HttpMethod.Post, path, body);

    private static JsonElement Said(
        IReadOnlyDictionary<string, RawValue> said,
        IEnumerable<string> names
    ) => AskJson.Of(new RawInputs(said.Where(v => names.Contains(v.Key)).ToDictionary()));

    private static string Text(JsonElement of, string name) => of.GetProperty(name).GetString()!;
}
