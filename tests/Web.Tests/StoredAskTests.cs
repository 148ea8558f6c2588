using System.Text.Json;
using CsCheck;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workings;

namespace ZephyrReach.Web.Tests;

/// <summary>Asks on their way into the store and out of it: nothing that was typed changes, and nothing that cannot be is kept.</summary>
public class StoredAskTests
{
    public static TheoryData<string> Worked() =>
        [.. Core.Craft.Techniques.Worked.Select(t => t.Name)];

    [Theory]
    [MemberData(nameof(Worked))]
    public void A_stored_ask_means_the_same_whatever_units_it_is_opened_in(string name)
    {
        var working = Core.Craft.Techniques.WorkingOf(name)!;
        var fields = working.Forward.Fields;
        var example = AskJson.Of(working.Forward.Example);
        foreach (var units in new[] { UnitSystem.Metric, UnitSystem.Imperial })
        {
            var kept = StoredAsk.Spelled(fields, example, units);
            var back = AskJson.Read(JsonDocument.Parse(kept.GetRawText()).RootElement);

            // Spelled once, it is spelled.
            StoredAsk
                .Spelled(fields, kept, UnitSystem.Metric)
                .GetRawText()
                .ShouldBe(kept.GetRawText());
            StoredAsk.Check(working, kept, Ruler.Metric).ShouldBeEmpty();
            var was = Understood(working, working.Forward.Example, RulerOf(units));
            Understood(working, back, Ruler.Metric).ShouldBe(was);
            Understood(working, back, Ruler.Imperial).ShouldBe(was);
        }
    }

    [Theory]
    [MemberData(nameof(Worked))]
    public void An_ask_that_is_half_typed_is_kept_and_one_that_is_wrong_is_named(string name)
    {
        var working = Core.Craft.Techniques.WorkingOf(name)!;
        var example = working.Forward.Example;
        // What another field leaves unused is not looked at until it is used.
        var fields = working.Forward.Fields.Where(f =>
            f.Name != Core.Craft.ChangedBySwatches.Samples
            && (f.ShownWhen is not { Not: true } when || !Says(example, when))
        );
        foreach (var field in fields)
        {
            var without = AskJson.Of(working.Forward.Example.Without(field.Name));
            StoredAsk.Check(working, without, Ruler.Metric).ShouldBeEmpty(field.Name);
            var wrong = field switch
            {
                LengthField or LengthsField or NumberField or CountsField => RawValue.Of(
                    "as long as the table"
                ),
                FlagField => RawValue.Of("perhaps"),
                _ => RawValue.Of(99),
            };
            StoredAsk
                .Check(
                    working,
                    AskJson.Of(working.Forward.Example.With(field.Name, wrong)),
                    Ruler.Metric
                )
                .Select(e => e.Field)
                .ShouldContain(field.Name);
        }
    }

    [Fact]
    public void Nothing_but_an_object_of_known_fields_is_kept()
    {
        var working = Core.Craft.Techniques.WorkingOf("pulled-gathers")!;
        string[] Wrong(string json) =>
            [
                .. StoredAsk
                    .Check(working, JsonDocument.Parse(json).RootElement, Ruler.Metric)
                    .Select(e => e.Field),
            ];

        Wrong("[1, 2]").ShouldBe(["ask"]);
        Wrong("""{"finishedEdgy": "2 m"}""").ShouldBe(["finishedEdgy"]);
        Wrong("""{"samples": []}""").ShouldBe(["samples"]);
        Wrong("{" + string.Join(",", Enumerable.Range(0, 70).Select(i => $"\"f{i}\":1")) + "}")
            .ShouldBe(["ask"]);
        Wrong("""{"finishedEdge": null}""").ShouldBeEmpty();
    }

    [Fact]
    public void What_is_set_to_nothing_stays_so_on_its_way_to_the_store()
    {
        var fields = Core.Craft.Techniques.WorkingOf("pulled-gathers")!.Forward.Fields;
        var spelled = StoredAsk.Spelled(
            fields,
            JsonDocument.Parse("""{"finishedEdge": "36 1/2", "clothAtHand": null}""").RootElement,
            UnitSystem.Imperial
        );

        spelled.GetProperty("finishedEdge").GetString().ShouldBe("36 1/2 in");
        spelled.GetProperty("clothAtHand").ValueKind.ShouldBe(JsonValueKind.Null);
    }

    [Fact]
    public void Whatever_is_read_is_written_as_it_was()
    {
        var value = Gen.OneOf(
            Gen.Double[-1e6, 1e6].Select(d => (object)d),
            Gen.Bool.Select(b => (object)b),
            Gen.String[Gen.Char.AlphaNumeric, 0, 12].Select(s => (object)s)
        );
        Gen.Dictionary(Gen.String[Gen.Char['a', 'z'], 1, 8], value)[0, 6]
            .Select(inner => new Dictionary<string, object>
            {
                ["plain"] = inner,
                ["list"] = new[] { inner, inner },
            })
            .Sample(ask =>
            {
                var json = JsonSerializer.SerializeToElement(ask);
                return JsonElement.DeepEquals(AskJson.Of(AskJson.Read(json)), json);
            });
    }

    [Fact]
    public void An_ask_of_a_technique_that_is_gone_says_so()
    {
        var nothing = JsonDocument.Parse("{}").RootElement;

        StoredAsk.Troubles("smocking", nothing).Keys.ShouldBe(["technique"]);
        StoredAsk.Troubles("darning", nothing).ShouldBeEmpty();
    }

    private static Dictionary<string, double> Understood(
        Process working,
        RawInputs ask,
        Ruler ruler
    ) =>
        AnswerJson
            .Understood(working.Forward, ask, ruler)
            .ToDictionary(u => u.Key, u => Math.Round(u.Value.Mm, 6));

    private static bool Says(RawInputs ask, ShownWhen when) =>
        ask.TryGet(when.Field, out var value)
        && (value.Text ?? (value.Flag == true ? "true" : "")) == when.Is;

    private static Ruler RulerOf(UnitSystem units) =>
        units == UnitSystem.Metric ? Ruler.Metric : Ruler.Imperial;
}
