using System.Text;
using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;

namespace ZephyrReach.Web.Reckon;

/// <summary>The names of the fields that asks may say: each is one string, however often it is sent.</summary>
/// <remarks>An ask says some twenty fields, and making their names anew would be a third of what reading it takes.</remarks>
public static class FieldNames
{
    private const int Places = 1024;

    private static readonly string?[] Known = Gathered();

    /// <summary>The field name that a reader stands at.</summary>
    /// <exception cref="InvalidOperationException">It is no Unicode.</exception>
    public static string At(ref Utf8JsonReader json)
    {
        if (!json.HasValueSequence && !json.ValueIsEscaped && json.ValueSpan.Length > 0)
        {
            var known = Known[PlaceOf(json.ValueSpan)];
            if (known is not null && Ascii.Equals(json.ValueSpan, known))
            {
                return known;
            }
        }
        return json.GetString()!;
    }

    /// <summary>The names by their places; of two names with one place, the later is made anew each time.</summary>
    private static string?[] Gathered()
    {
        var known = new string?[Places];
        foreach (
            var name in Core
                .Craft.Techniques.All.SelectMany(t => t.Turned.Prepend(t.Straight))
                .Concat(Questions.All)
                .SelectMany(f => f.Fields)
                .SelectMany(Names)
        )
        {
            known[PlaceOf(Encoding.ASCII.GetBytes(name))] ??= name;
        }
        return known;
    }

    private static IEnumerable<string> Names(Field field) =>
        field switch
        {
            GroupField group => group.Fields.SelectMany(Names).Prepend(field.Name),
            GroupsField groups => groups.Fields.SelectMany(Names).Prepend(field.Name),
            _ => [field.Name],
        };

    private static int PlaceOf(ReadOnlySpan<byte> name) =>
        (name.Length * 397 + name[0] * 31 + name[^1] * 7 + name[name.Length / 2]) % Places;
}
