using System.Collections;
using System.Text.Json;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;

namespace ZephyrReach.Web.Reckon;

/// <summary>What is asked to come along with an answer.</summary>
[Flags]
public enum With
{
    Nothing = 0,
    Working = 1,
    Drawings = 2,
    Steps = 4,
    Understood = 8,
    Swatches = 16,
}

/// <summary>An answer with what is needed to write it.</summary>
public readonly record struct Reckoned(
    Result Answer,
    Calculation Form,
    RawInputs Ask,
    Ruler Ruler,
    With With
);

/// <summary>Writes answers as JSON: the figures that they declare, and what was asked to come along.</summary>
public static class AnswerJson
{
    // The two names that stand in every length.
    private static readonly JsonEncodedText Mm = JsonEncodedText.Encode("mm");
    private static readonly JsonEncodedText Text = JsonEncodedText.Encode("text");

    /// <summary>What comes along: <c>?with=working,drawings,steps,understood,swatches</c>.</summary>
    /// <exception cref="RefusedException">Something else is asked for.</exception>
    public static With WithOf(HttpRequest request) =>
        request.Query["with"] is not { Count: > 0 } said
            ? With.Nothing
            : said.SelectMany(words =>
                    (words ?? "").Split(
                        ',',
                        StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
                    )
                )
                .Select(word =>
                    word switch
                    {
                        "working" => With.Working,
                        "drawings" => With.Drawings,
                        "steps" => With.Steps,
                        "understood" => With.Understood,
                        "swatches" => With.Swatches,
                        _ => throw new RefusedException(
                            Problem.Field(
                                "with",
                                "with takes working, drawings, steps, understood and swatches, separated by commas."
                            )
                        ),
                    }
                )
                .Aggregate(With.Nothing, (all, one) => all | one);

    /// <summary>A whole answer as the answer to a request.</summary>
    public static IResult Result(Reckoned reckoned) => Result(json => Write(json, reckoned));

    /// <summary>Anything that is written as one JSON object.</summary>
    public static IResult Result(Action<Utf8JsonWriter> write) => new Written(write);

    /// <summary>A whole answer as it is kept or shown as an example: without what comes along.</summary>
    public static JsonElement Of(Result answer, Calculation form, RawInputs ask, Ruler ruler) =>
        new Written(json =>
            Write(json, new Reckoned(answer, form, ask, ruler, With.Nothing))
        ).Read();

    private static void Write(Utf8JsonWriter json, Reckoned reckoned)
    {
        var (answer, form, ask, ruler, with) = reckoned;
        json.WriteStartObject();
        WriteFigures(json, answer.Figures, answer, ruler);
        Part("findings", answer.Findings);
        if (with.HasFlag(With.Understood))
        {
            Part("understood", Understood(form, ask, ruler));
        }
        if (with.HasFlag(With.Working))
        {
            Part("working", answer.Derivation(ruler));
        }
        if (with.HasFlag(With.Drawings))
        {
            Part("drawings", answer.Drawings(ruler));
        }
        if (with.HasFlag(With.Steps))
        {
            Part("steps", answer.Steps(ruler));
            Part("cautions", answer.Cautions);
        }
        if (
            with.HasFlag(With.Swatches)
            && answer is WorkPlan plan
            && ChangedBySwatches.Of(form, plan, ask, ruler) is { } changed
        )
        {
            Part("changedBySwatches", changed);
        }
        json.WriteEndObject();

        void Part<T>(string name, T value)
        {
            json.WritePropertyName(name);
            JsonSerializer.Serialize(json, value, CraftJson.For(ruler));
        }
    }

    /// <summary>Writes an object with figures, and what was noticed.</summary>
    public static void Write(
        Utf8JsonWriter json,
        IReadOnlyList<Figure> figures,
        object of,
        IReadOnlyList<Finding> findings,
        Ruler ruler
    )
    {
        json.WriteStartObject();
        WriteFigures(json, figures, of, ruler);
        json.WritePropertyName("findings");
        JsonSerializer.Serialize(json, findings, CraftJson.For(ruler));
        json.WriteEndObject();
    }

    /// <summary>Each length of an ask as it was understood, by its path; what cannot be read is left out.</summary>
    public static IReadOnlyDictionary<string, LengthOut> Understood(
        Calculation form,
        RawInputs ask,
        Ruler ruler
    )
    {
        var understood = new Dictionary<string, LengthOut>();
        Walk.Lengths(
            form.Fields,
            ask,
            (path, field, said) =>
            {
                var reader = new InputReader(said, ruler);
                if (reader.OptionalLength(field) is { } length)
                {
                    understood[path] = LengthOut.Of(length, field.Kind, ruler);
                }
            }
        );
        return understood;
    }

    private static void WriteFigures(
        Utf8JsonWriter json,
        IReadOnlyList<Figure> figures,
        object of,
        Ruler ruler
    )
    {
        foreach (var figure in figures)
        {
            if (figure.Take(of) is not { } value)
            {
                continue;
            }
            json.WritePropertyName(figure.Name);
            // Most figures are lengths.
            if (value is Length length)
            {
                Write(json, length, figure.KindOf?.Invoke(of) ?? figure.Kind, ruler);
            }
            else if (value is not string and IEnumerable all)
            {
                json.WriteStartArray();
                foreach (var one in all)
                {
                    Write(json, figure, one!, ruler);
                }
                json.WriteEndArray();
            }
            else
            {
                Write(json, figure, value, ruler);
            }
        }
    }

    private static void Write(Utf8JsonWriter json, Length length, LengthKind kind, Ruler ruler)
    {
        json.WriteStartObject();
        // Exact in mm, rounded in its text.
        json.WritePropertyName(Mm);
        json.WriteExact(length.Millimetres);
        json.WriteString(Text, ruler.Write(length, kind));
        json.WriteEndObject();
    }

    /// <summary>Writes one value of a figure: all of it, or one of its list.</summary>
    private static void Write(Utf8JsonWriter json, Figure figure, object value, Ruler ruler)
    {
        switch (value)
        {
            // What has figures of its own, whatever it is made of.
            case var part when figure.Inner.Count > 0:
                json.WriteStartObject();
                WriteFigures(json, figure.Inner, part, ruler);
                json.WriteEndObject();
                break;
            case Length length:
                Write(json, length, figure.Kind, ruler);
                break;
            case IReadOnlyList<Point> line:
                json.WriteStartArray();
                foreach (var place in line)
                {
                    json.WritePlace(place);
                }
                json.WriteEndArray();
                break;
            case int count:
                json.WriteNumberValue(count);
                break;
            case double ratio:
                json.WriteNumberValue(ratio);
                break;
            case bool flag:
                json.WriteBooleanValue(flag);
                break;
            case string text:
                json.WriteStringValue(text);
                break;
            default:
                throw new InvalidOperationException(
                    $"{figure.Name}: {value.GetType().Name} is no measurement."
                );
        }
    }
}
