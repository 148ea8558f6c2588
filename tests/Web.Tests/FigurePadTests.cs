using System.Text.Json;
using CsCheck;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Tests;

public class FigurePadTests
{
    private static readonly Gen<string> Texts = Gen.OneOf(
            Gen.Char[' ', '~'],
            Gen.Char['\0', '\u00ff'],
            OneOf('"', '\\', '×', '⅝', '\u2028', '\ufeff')
        )
        .Array[0, 40]
        .Select(letters => new string(letters) + (letters.Length % 3 == 0 ? "🧵" : ""));

    private static Gen<T> OneOf<T>(params T[] values) =>
        Gen.Int[0, values.Length - 1].Select(i => values[i]);

    [Fact]
    public void Whatever_a_text_says_it_reads_back_as_it_was()
    {
        Texts.Sample(
            text =>
            {
                var pad = new FigurePad();
                pad.Begin(Ruler.Metric);
                pad.Count("before", 1);
                pad.Text("said", text);
                pad.Flag("after", true);
                pad.End();
                using var json = JsonDocument.Parse(pad.Written);
                return json.RootElement.GetProperty("said").GetString() == text
                    && json.RootElement.GetProperty("after").GetBoolean();
            },
            iter: 5_000
        );
    }

    [Fact]
    public void A_field_is_read_by_the_name_it_was_sent_by()
    {
        // Names that begin, end and measure alike share a place among the known ones.
        Gen.OneOf(
                OneOf("finishedEdge", "fullness", "samples", "rows", "use"),
                OneOf("finxshedEdge", "fuxlness", "saxples", "rqws", "é", ""),
                Texts
            )
            .Sample(
                name =>
                {
                    var body = JsonSerializer.SerializeToUtf8Bytes(
                        new Dictionary<string, int> { [name] = 7 }
                    );
                    var json = new Utf8JsonReader(body);
                    json.Read();
                    json.Read();
                    return FieldNames.At(ref json) == name;
                },
                iter: 5_000
            );
    }

    [Fact]
    public void A_raw_value_is_what_it_was_made_of_and_nothing_else()
    {
        var group = RawAsk.Empty.With("fullness", RawValue.Of(2.2));
        (RawValue Value, string Shape)[] made =
        [
            (RawValue.Of(0), "number"),
            (RawValue.Of("0"), "text"),
            (RawValue.Of(true), "flag"),
            (RawValue.Of(false), "flag"),
            (RawValue.Of([RawValue.Of(1)]), "list"),
            (RawValue.Of(group), "group"),
            (RawValue.Unusable, ""),
        ];
        foreach (var (value, shape) in made)
        {
            var shapes = new (string Name, bool Is)[]
            {
                ("number", value.Number is not null),
                ("text", value.Text is not null),
                ("flag", value.Flag is not null),
                ("list", value.List is not null),
                ("group", value.Group is not null),
            };
            Assert.Equal(shape, string.Join(' ', shapes.Where(s => s.Is).Select(s => s.Name)));
        }
        Assert.True(RawValue.Of(true).Flag);
        Assert.False(RawValue.Of(false).Flag);
        Assert.Equal(0, RawValue.Of(0).Number);
    }
}
