using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;
using ZephyrReach.Store;
using ZephyrReach.Web.Measures;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Techniques;

namespace ZephyrReach.Web.Drawer;

/// <summary>A thing to put into the drawer.</summary>
/// <param name="Id">A UUID of version 7, made by the client.</param>
/// <param name="Kind">machine, foot, needle, thread, elastic, cloth, stabiliser, cord, ribbon, hoop or machine-stitch.</param>
/// <param name="Properties">What is known of it, by field; what is left out is not known.</param>
public sealed record ThingIn(
    [property: Uuid7] Guid Id,
    [property: Required] string Kind,
    [property: Required, Name(120)] string Name,
    JsonElement? Properties
);

/// <summary>What may be changed of a thing. What is left out stays as it is.</summary>
/// <param name="Properties">The fields to change; null makes one unknown.</param>
public sealed record ThingPatch([property: Name(120)] string? Name, JsonElement? Properties);

/// <summary>A thing as it goes out.</summary>
/// <param name="Properties">What is known of it, as it was typed.</param>
/// <param name="Understood">Each length, exact and in the units asked for.</param>
/// <param name="Drawing">The thing to scale, such as the sole of a foot; null where its kind is not drawn.</param>
public sealed record ThingOut(
    Guid Id,
    string Kind,
    string Name,
    IReadOnlyDictionary<string, JsonElement> Properties,
    IReadOnlyDictionary<string, LengthOut> Understood,
    JsonElement? Drawing,
    int Version
)
{
    public static ThingOut Of(ThingRow row, Ruler ruler)
    {
        var kind = ThingKinds.Named(row.Kind)!;
        var properties = row.Properties.EnumerateObject().ToDictionary(p => p.Name, p => p.Value);
        var understood = new Dictionary<string, LengthOut>();
        var reader = new InputReader(AskJson.Read(row.Properties), ruler);
        foreach (var field in kind.Fields.OfType<LengthField>())
        {
            if (reader.OptionalLength(field) is { } length)
            {
                understood[field.Name] = LengthOut.Of(length, field.Kind, ruler);
            }
        }
        if (row.Left is { } left && kind.Left is { } stock)
        {
            // What is left was lowered since it was typed, so it is written anew.
            var text = LengthOut.Of(left, LengthKind.Marked, ruler);
            properties[stock.Name] = JsonSerializer.SerializeToElement(text.Text);
            understood[stock.Name] = text;
        }
        return new(
            row.Id,
            row.Kind,
            row.Name,
            properties,
            understood,
            kind.Draw?.Invoke(kind.Read(reader)) is { } drawing
                ? CraftJson.Of(drawing, ruler)
                : null,
            row.Stamp.Version
        );
    }
}

/// <summary>A usual thing to begin from.</summary>
/// <param name="Drawing">One to scale; null where its kind is not drawn.</param>
public sealed record StarterOut(
    string Name,
    string Says,
    JsonElement Properties,
    JsonElement? Drawing
);

/// <summary>A kind of thing: what can be said of one.</summary>
/// <param name="Measured">What measures of one tell about it; empty where none do.</param>
public sealed record KindOut(
    string Name,
    string Title,
    string Plural,
    string Says,
    IReadOnlyList<FieldOut> Fields,
    IReadOnlyList<StarterOut> Starters,
    IReadOnlyList<Measured> Measured
)
{
    public static KindOut Of(ThingKind kind, Ruler ruler) =>
        new(
            kind.Name,
            kind.Title,
            kind.Plural,
            kind.Says,
            FieldOut.All(kind.Fields, ruler),
            [
                .. kind.Starters.Select(s => new StarterOut(
                    s.Name,
                    s.Says,
                    AskJson.Of(s.Properties),
                    kind.Draw?.Invoke(kind.Read(new InputReader(s.Properties, ruler)))
                        is { } drawing
                        ? CraftJson.Of(drawing, ruler)
                        : null
                )),
            ],
            kind.Measured
        );
}

/// <summary>A note that a foot was tried on a machine.</summary>
/// <param name="Needle">The needle; left out when any single one was meant.</param>
/// <param name="Clears">Whether the needle cleared the foot, or struck.</param>
/// <param name="Width">The stitch width it was tried at; left out for straight stitches.</param>
/// <param name="On">The day; today when it is left out.</param>
public sealed record TriedIn(
    [property: Uuid7] Guid Id,
    Guid Machine,
    Guid Foot,
    Guid? Needle,
    bool Clears,
    [property: Range(0, 15)] double? Width,
    DateOnly? On,
    [property: StringLength(1000)] string? Note
);

/// <summary>A tried note as it goes out.</summary>
public sealed record TriedOut(
    Guid Id,
    Guid Machine,
    Guid Foot,
    Guid? Needle,
    bool Clears,
    double Width,
    DateOnly On,
    string Note
)
{
    public static TriedOut Of(TriedRow row) =>
        new(
            row.Id,
            row.Machine,
            row.Foot,
            row.Needle,
            row.Clears,
            row.Width.Millimetres,
            row.On,
            row.Note
        );
}

/// <summary>Everything in the drawer, and what was tried.</summary>
public sealed record DrawerOut(IReadOnlyList<ThingOut> Things, IReadOnlyList<TriedOut> Tried);

/// <summary>A thread beside a cloth.</summary>
/// <param name="Difference">CIEDE2000.</param>
/// <param name="Seen">invisible mend, close, or contrast.</param>
public sealed record NearThreadOut(
    string Id,
    string Name,
    string Colour,
    double Difference,
    string Seen
);

/// <summary>What came of a file: what would be taken in, and what is wrong, line by line.</summary>
/// <param name="Taken">How many were taken in; 0 when something is wrong and nothing was said to go on.</param>
/// <param name="Good">How many lines are right.</param>
/// <param name="Wrong">The lines that are not.</param>
public sealed record CsvReport(int Taken, int Good, IReadOnlyList<WrongLine> Wrong);

/// <summary>A line that cannot be taken in.</summary>
/// <param name="Line">Counted from 1, with the heading.</param>
/// <param name="Column">The column; empty when it is the whole line.</param>
/// <param name="Says">What is wrong and what would be right.</param>
public sealed record WrongLine(int Line, string Column, string Says);
