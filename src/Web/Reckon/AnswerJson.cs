using System.Text.Json;
using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>Writes answers as JSON, with what was asked to come along.</summary>
public static class AnswerJson
{
    /// <summary>Writes a whole answer on a pad.</summary>
    public static void Write(FigurePad pad, Reckoned reckoned)
    {
        var (answer, form, ask, ruler, with) = reckoned;
        pad.Begin(ruler);
        answer.Tell(pad);
        Tell(pad, answer.Findings);
        if (with.HasFlag(With.Understood))
        {
            pad.Part("understood", json => WriteUnderstood(json, form, ask, ruler));
        }
        if (with.HasFlag(With.Working))
        {
            pad.Part("working", json => Write(json, answer.Pencil(ruler)));
        }
        if (with.HasFlag(With.Drawings))
        {
            pad.Part("drawings", json => DrawingJson.Write(json, answer.Drawings(ruler), ruler));
        }
        if (with.HasFlag(With.Steps))
        {
            pad.Part("steps", json => Write(json, answer.Steps(ruler)));
            pad.Part("cautions", json => Write(json, answer.Cautions));
        }
        pad.End();
    }

    /// <summary>A whole answer as it is kept or shown as an example: without what comes along.</summary>
    public static JsonElement Of(Reckoning answer, Form form, RawAsk ask, Ruler ruler)
    {
        var pad = FigurePad.OfThread;
        Write(pad, new Reckoned(answer, form, ask, ruler, With.Nothing));
        using var json = JsonDocument.Parse(pad.Written);
        return json.RootElement.Clone();
    }

    /// <summary>Tells findings, in the order they come.</summary>
    public static void Tell(IFigures figures, IReadOnlyList<Finding> findings) =>
        figures.Table(
            "findings",
            findings.Count,
            (i, row) =>
            {
                var finding = findings[i];
                row.Text("code", finding.Code);
                row.Text(
                    "severity",
                    finding.Severity switch
                    {
                        Severity.Stop => "stop",
                        Severity.Care => "care",
                        _ => "note",
                    }
                );
                row.Text("says", finding.Says);
                row.Text("because", finding.Because);
                row.Text("remedy", finding.Remedy);
            }
        );

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
                FigurePad.Write(json, length, field.Kind, ruler);
            }
        }
        json.WriteEndObject();
    }

    private static void Write(Utf8JsonWriter json, IReadOnlyList<PencilLine> lines)
    {
        json.WriteStartArray();
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

    private static void Write(Utf8JsonWriter json, IReadOnlyList<Caution> cautions)
    {
        json.WriteStartArray();
        foreach (var caution in cautions)
        {
            Write(json, caution);
        }
        json.WriteEndArray();
    }

    private static void Write(Utf8JsonWriter json, IReadOnlyList<SewingStep> steps)
    {
        json.WriteStartArray();
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
