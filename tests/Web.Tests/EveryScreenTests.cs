using System.Net;
using System.Text.Json;

namespace ZephyrReach.Web.Tests;

/// <summary>Every working of the demonstration, looked at from all sides: a figure is the same wherever it is said.</summary>
public class EveryScreenTests(ServerFixture fixture) : IClassFixture<ServerFixture>
{
    private static readonly string[] Systems = ["metric", "imperial"];

    private Server Server => fixture.Server;

    /// <summary>What is frozen is what was planned, to the last figure, in whichever units it was looked at.</summary>
    [Fact]
    public async Task What_is_cut_is_what_is_planned()
    {
        var seen = 0;
        foreach (var working in await WorkingsAsync())
        {
            var plan = await ReckonedAsync(working, "metric");
            if (!plan.TryGetProperty("pieces", out var pieces) || pieces.GetArrayLength() == 0)
            {
                continue;
            }
            var (frozen, list) = await Server.SendAsync(
                HttpMethod.Post,
                $"/api/workings/{IdOf(working)}/cut-lists",
                new { id = Guid.CreateVersion7() }
            );
            if (list.ToString().Contains("Nothing is cut", StringComparison.Ordinal))
            {
                continue;
            }
            frozen.StatusCode.ShouldBe(HttpStatusCode.Created, list.ToString());
            var cut = list.GetProperty("answer");
            Texts(cut.GetProperty("facts")).ShouldBe(Texts(plan.GetProperty("facts")));
            cut.GetProperty("pieces")
                .EnumerateArray()
                .Select(Said)
                .ShouldBe(pieces.EnumerateArray().Select(Said), NameOf(working));
            seen++;
        }
        seen.ShouldBeGreaterThan(12);

        static string Said(JsonElement piece) =>
            $"{piece.GetProperty("count")} {piece.GetProperty("name")} {Text(piece, "length")} {Text(piece, "depth")}";
    }

    /// <summary>A length that is read off the screen and typed in again is the length that is cut, within what is marked.</summary>
    [Fact]
    public async Task What_is_written_can_be_typed_in_again_in_either_units()
    {
        foreach (var working in await WorkingsAsync())
        {
            foreach (var units in Systems)
            {
                var plan = await ReckonedAsync(working, units);
                foreach (var (text, mm) in Lengths(plan))
                {
                    var (read, again) = await Server.SendAsync(
                        HttpMethod.Get,
                        $"/api/lengths?text={Uri.EscapeDataString(text)}&units={units}"
                    );
                    read.StatusCode.ShouldBe(HttpStatusCode.OK, $"{NameOf(working)}: {text}");
                    // What is cut goes up to the next whole step, what is bought to what is sold: half a yard at the most.
                    again
                        .GetProperty("mm")
                        .GetDouble()
                        .ShouldBeInRange(
                            mm - 4,
                            mm + Math.Clamp(0.08 * mm, 230, 457),
                            $"{NameOf(working)}: {text}"
                        );
                }
            }
        }
    }

    /// <summary>With other units the figures are written otherwise, and nothing else is.</summary>
    [Fact]
    public async Task Inches_change_how_a_plan_is_written_and_not_what_it_is()
    {
        foreach (var working in await WorkingsAsync())
        {
            var (metric, imperial) = (
                await ReckonedAsync(working, "metric"),
                await ReckonedAsync(working, "imperial")
            );
            Names(imperial, "facts", "name").ShouldBe(Names(metric, "facts", "name"));
            Names(imperial, "findings", "code").ShouldBe(Names(metric, "findings", "code"));
            Names(imperial, "steps", "key").ShouldBe(Names(metric, "steps", "key"));
            Names(imperial, "drawings", "name").ShouldBe(Names(metric, "drawings", "name"));
            Sum(imperial, "minutes")
                .ShouldBe(Sum(metric, "minutes"), 0.05 * Sum(metric, "minutes"));
            metric.GetProperty("facts").ToString().ShouldNotContain(" in,", Case.Sensitive);
        }

        static List<string?> Names(JsonElement plan, string list, string name) =>
            [
                .. plan.GetProperty(list)
                    .EnumerateArray()
                    .Select(e => e.GetProperty(name).GetString()),
            ];

        static double Sum(JsonElement plan, string name) =>
            plan.GetProperty("steps").EnumerateArray().Sum(s => s.GetProperty(name).GetDouble());
    }

    /// <summary>The piece that is cut is said in the step that cuts it, as the list of what to cut says it.</summary>
    [Fact]
    public async Task The_step_says_what_the_list_says()
    {
        foreach (var working in await WorkingsAsync())
        {
            foreach (var units in Systems)
            {
                var plan = await ReckonedAsync(working, units);
                var steps = plan.GetProperty("steps")
                    .EnumerateArray()
                    .Where(s => s.GetProperty("key").GetString() == "cut")
                    .ToList();
                if (steps is not [var cut] || !plan.TryGetProperty("pieces", out var pieces))
                {
                    continue;
                }
                var piece = pieces[0];
                var said =
                    $"{cut.GetProperty("big")} {cut.GetProperty("says")} {cut.GetProperty("checks")} {cut.GetProperty("table")}";
                // Of a size both numbers carry one unit.
                var length = Text(piece, "length");
                var size = piece.TryGetProperty("depth", out _)
                    ? Core.Measures.Ruler.Size(length, Text(piece, "depth"))
                    : length;
                (
                    said.Contains(size, StringComparison.Ordinal)
                    || said.Contains(length, StringComparison.Ordinal)
                ).ShouldBeTrue($"{NameOf(working)}: {length} in {said}");
            }
        }
    }

    /// <summary>A drawing says no other figure than the plan: what it states is a field, or stands among the lengths that are told.</summary>
    [Fact]
    public async Task Every_picture_that_a_step_shows_is_there_with_the_parts_it_lights()
    {
        foreach (var working in await WorkingsAsync())
        {
            var plan = await ReckonedAsync(working, "imperial");
            var parts = plan.GetProperty("drawings")
                .EnumerateArray()
                .ToDictionary(
                    d => d.GetProperty("name").GetString()!,
                    d =>
                        d.GetProperty("shapes")
                            .EnumerateArray()
                            .Select(s => s.GetProperty("part").GetString())
                            .ToHashSet()
                );
            foreach (var step in plan.GetProperty("steps").EnumerateArray())
            {
                var picture = step.GetProperty("picture");
                var name = picture.GetProperty("drawing").GetString()!;
                if (!parts.TryGetValue(name, out var shown))
                {
                    continue;
                }
                foreach (var lit in picture.GetProperty("lit").EnumerateArray())
                {
                    shown.ShouldContain(lit.GetString(), $"{NameOf(working)}: {name}");
                }
            }
        }
    }

    /// <summary>A wrap that takes more makes the strip wider, on every screen at once; taken back, all is as it was.</summary>
    [Theory]
    [InlineData("metric", "40 mm", "43 mm")]
    [InlineData("imperial", "1 5/8 in", "1 3/4 in")]
    public async Task A_strip_that_a_sample_makes_wider_is_wider_everywhere_and_undone_is_as_it_was(
        string units,
        string before,
        string after
    )
    {
        var working = (await WorkingsAsync()).Single(w => NameOf(w) == "Kneeler pads");
        var planned = await EverywhereAsync(before);

        var swatch = Guid.CreateVersion7();
        var (added, body) = await Server.SendAsync(
            HttpMethod.Post,
            "/api/swatches",
            new
            {
                id = swatch,
                workingId = IdOf(working),
                readings = new
                {
                    flange = new[] { "10.6 mm", "10.7 mm" },
                    line1 = new[] { "1.2 mm" },
                    line2 = new[] { "0.7 mm" },
                    line3 = new[] { "0.2 mm" },
                },
                features = new
                {
                    stripWidth = Mm(planned, "stripWidth"),
                    wrap = Mm(planned, "wrap"),
                },
            }
        );
        added.StatusCode.ShouldBe(HttpStatusCode.Created, body.ToString());
        await EverywhereAsync(after);

        await Server.SendAsync(HttpMethod.Delete, $"/api/swatches/{swatch}", null, "1");
        await EverywhereAsync(before);

        async Task<JsonElement> EverywhereAsync(string wide)
        {
            var plan = await ReckonedAsync(working, units);
            Text(plan, "stripWidth").ShouldBe(wide);
            plan.GetProperty("facts")
                .EnumerateArray()
                .Single(f => f.GetProperty("name").GetString() == "Strip width")
                .GetProperty("text")
                .GetString()
                .ShouldBe(wide);
            plan.GetProperty("scrap").ToString().ShouldContain(wide);
            plan.GetProperty("steps").ToString().ShouldContain(wide);
            var guide = await Server.Http.GetStringAsync(
                $"/api/workings/{IdOf(working)}/guide?as=svg&units={units}",
                Server.Cancel
            );
            guide.ShouldContain(wide);
            return plan;
        }
    }

    private async Task<List<JsonElement>> WorkingsAsync()
    {
        var (_, bench) = await Server.SendAsync(HttpMethod.Get, "/api/bench?units=metric");
        List<JsonElement> workings = [];
        foreach (
            var id in bench
                .GetProperty("projects")
                .EnumerateArray()
                .SelectMany(p => p.GetProperty("workings").EnumerateArray())
                .Select(w => w.GetProperty("id").GetString())
        )
        {
            var (_, working) = await Server.SendAsync(HttpMethod.Get, $"/api/workings/{id}");
            workings.Add(working);
        }
        return workings;
    }

    private async Task<JsonElement> ReckonedAsync(JsonElement working, string units)
    {
        var (reckoned, plan) = await Server.SendAsync(
            HttpMethod.Post,
            $"/api/workings/{IdOf(working)}/reckon?units={units}&with=steps,drawings",
            working.GetProperty("ask").ToString()
        );
        reckoned.StatusCode.ShouldBe(HttpStatusCode.OK, $"{NameOf(working)}: {plan}");
        return plan;
    }

    private static string IdOf(JsonElement working) => working.GetProperty("id").GetString()!;

    private static string NameOf(JsonElement working) => working.GetProperty("name").GetString()!;

    private static string Text(JsonElement of, string name) =>
        of.GetProperty(name).GetProperty("text").GetString()!;

    private static double Mm(JsonElement of, string name) =>
        of.GetProperty(name).GetProperty("mm").GetDouble();

    private static List<string> Texts(JsonElement facts) =>
        [
            .. facts
                .EnumerateArray()
                .Select(f => $"{f.GetProperty("name")}: {f.GetProperty("text")}"),
        ];

    /// <summary>Every length that an answer tells by itself, as it is written and in mm.</summary>
    private static IEnumerable<(string Text, double Mm)> Lengths(JsonElement plan) =>
        plan.EnumerateObject()
            .Select(p => p.Value)
            .Where(v =>
                v.ValueKind == JsonValueKind.Object
                && v.TryGetProperty("mm", out _)
                && v.TryGetProperty("text", out _)
            )
            .Select(v => (v.GetProperty("text").GetString()!, v.GetProperty("mm").GetDouble()))
            .Where(v => double.IsFinite(v.Item2) && v.Item2 > 0);
}
