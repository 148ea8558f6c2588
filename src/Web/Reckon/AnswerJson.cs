using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>Writes answers as JSON, with what was asked to come along.</summary>
public static class AnswerJson
{
    /// <summary>Writes a whole answer.</summary>
    public static void Write(Utf8JsonWriter json, Reckoned reckoned)
    {
        var (answer, form, ask, ruler, with) = reckoned;
        json.WriteStartObject();
        answer.Tell(new JsonFigures(json, ruler));
        json.WritePropertyName("findings");
        Write(json, answer.Findings);
        if (with.HasFlag(With.Understood))
        {
            json.WritePropertyName("understood");
            WriteUnderstood(json, form, ask, ruler);
        }
        if (with.HasFlag(With.Working))
        {
            WriteWorking(json, answer.Pencil(ruler));
        }
        if (with.HasFlag(With.Drawings))
        {
            json.WriteStartArray("drawings");
            foreach (var drawing in answer.Drawings(ruler))
            {
                DrawingJson.Write(json, drawing, ruler);
            }
            json.WriteEndArray();
        }
        if (with.HasFlag(With.Steps))
        {
            WriteSteps(json, answer.Steps(ruler));
            json.WriteStartArray("cautions");
            foreach (var caution in answer.Cautions)
            {
                Write(json, caution);
            }
            json.WriteEndArray();
        }
        json.WriteEndObject();
    }

    /// <summary>Writes findings, gravest first as they come.</summary>
    public static void Write(Utf8JsonWriter json, IReadOnlyList<Finding> findings)
    {
        json.WriteStartArray();
        foreach (var finding in findings)
        {
            json.WriteStartObject();
            json.WriteString("code", finding.Code);
            json.WriteString(
                "severity",
                finding.Severity switch
                {
                    Severity.Stop => "stop",
                    Severity.Care => "care",
                    _ => "note",
                }
            );
            json.WriteString("says", finding.Says);
            json.WriteString("because", finding.Because);
            json.WriteString("remedy", finding.Remedy);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    /// <summary>Writes each length of an ask as it was understood; what cannot be read is left out.</summary>
    public static void WriteUnderstood(Utf8JsonWriter json, Form form, RawAsk ask, Ruler ruler)
    {
        json.WriteStartObject();
        foreach (var field in form.Fields.OfType<LengthField>())
        {
            var reader = new AskReader(ask, ruler);
            if (reader.Has(field) && reader.OptionalLength(field) is { } length)
            {
                json.WritePropertyName(field.Name);
                JsonFigures.Write(json, length, field.Kind, ruler);
            }
        }
        json.WriteEndObject();
    }

    private static void WriteWorking(Utf8JsonWriter json, IReadOnlyList<PencilLine> lines)
    {
        json.WriteStartArray("working");
        foreach (var line in lines)
        {
            json.WriteStartObject();
            json.WriteString("title", line.Title);
            json.WriteString("sum", line.Sum);
            json.WriteString("because", line.Because);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteSteps(Utf8JsonWriter json, IReadOnlyList<SewingStep> steps)
    {
        json.WriteStartArray("steps");
        foreach (var step in steps)
        {
            json.WriteStartObject();
            json.WriteString("key", step.Key);
            json.WriteString("title", step.Title);
            json.WriteString("says", step.Says);
            json.WriteString("big", step.Big);
            json.WriteBoolean("takesMeasure", step.TakesMeasure);
            json.WriteStartArray("checks");
            foreach (var check in step.Checks)
            {
                json.WriteStringValue(check);
            }
            json.WriteEndArray();
            json.WriteStartArray("schools");
            foreach (var school in step.Schools)
            {
                json.WriteStartObject();
                json.WriteString("name", school.Name);
                json.WriteString("follows", school.Follows);
                json.WriteEndObject();
            }
            json.WriteEndArray();
            if (step.Caution is { } caution)
            {
                json.WritePropertyName("caution");
                Write(json, caution);
            }
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void Write(Utf8JsonWriter json, Caution caution)
    {
        json.WriteStartObject();
        json.WriteString("code", caution.Code);
        json.WriteString("says", caution.Says);
        json.WriteEndObject();
    }
}

/// <summary>An answer with what is needed to write it.</summary>
public readonly record struct Reckoned(
    Reckoning Answer,
    Form Form,
    RawAsk Ask,
    Ruler Ruler,
    With With
);
