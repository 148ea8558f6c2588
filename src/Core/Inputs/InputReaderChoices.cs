using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Inputs;

public sealed partial class InputReader
{
    /// <summary>Reads one of a list of choices: its place in the list, or -1 when it is not said.</summary>
    public int Choice(ChoiceField field)
    {
        if (!Take(field, out var value))
        {
            return -1;
        }
        var place = PlaceOf(field.Choices, value);
        if (place < 0)
        {
            Unusable(field, $"{field.Label} must be one of {Names(field.Choices)}.");
        }
        return place;
    }

    /// <summary>Reads any number of a list of choices, in the order they were said.</summary>
    public IReadOnlyList<string> Choices(ChoicesField field)
    {
        if (!Take(field, out var value))
        {
            return [];
        }
        IReadOnlyList<RawValue> said = value.List ?? [value];
        if (said.Count > 50 || said.Any(s => PlaceOf(field.Choices, s) < 0))
        {
            Unusable(field, $"{field.Label} must be a list from {Names(field.Choices)}.");
            return [];
        }
        return [.. said.Select(s => s.Text!).Distinct()];
    }

    /// <summary>Reads a field for nothing but what is wrong with it.</summary>
    public void Check(Field field)
    {
        switch (field)
        {
            case LengthField length:
                OptionalLength(length);
                break;
            case NumberField number:
                OptionalNumber(number);
                break;
            case FlagField flag:
                Flag(flag);
                break;
            case ChoiceField choice:
                Choice(choice);
                break;
            case NameField name:
                OptionalName(name);
                break;
            default:
                throw new ArgumentException($"A {field.GetType().Name} is read by its own.");
        }
    }

    /// <summary>Reads one of a list of choices by its name; null when it is not said.</summary>
    public string? OptionalChoice(ChoiceField field) =>
        Choice(field) is >= 0 and var place ? field.Choices[place].Name : null;

    private static string Names(IReadOnlyList<Choice> choices) =>
        string.Join(", ", choices.Select(c => $"“{c.Name}”"));

    private static int PlaceOf(IReadOnlyList<Choice> choices, RawValue value)
    {
        for (var i = 0; i < choices.Count; i++)
        {
            if (choices[i].Name == value.Text)
            {
                return i;
            }
        }
        return -1;
    }

    /// <summary>Reads a colour; null when it is not said.</summary>
    public Colour? OptionalColour(ColourField field)
    {
        if (!Take(field, out var value))
        {
            return null;
        }
        if (Colour.TryRead(value.Text, out var colour))
        {
            return colour;
        }
        Unusable(field, $"{field.Label} must be a colour, such as #1a2b3c.");
        return null;
    }

    /// <summary>Reads a name; null when it is not said, or empty.</summary>
    public string? OptionalName(NameField field)
    {
        if (!Take(field, out var value))
        {
            return null;
        }
        if (value.Text is { Length: <= NameField.Most } name)
        {
            return name.Trim() is { Length: > 0 } said ? said : null;
        }
        Unusable(field, $"{field.Label} must be a name of at most {NameField.Most} letters.");
        return null;
    }

    /// <summary>Reads path data; empty when it is not said.</summary>
    public IReadOnlyList<Path> Paths(PathDataField field)
    {
        if (!Take(field, out var value))
        {
            return [];
        }
        if (value.Text is not { Length: <= PathDataField.MostLetters } data)
        {
            Unusable(field, $"{field.Label} must be path data, such as “M0 0 L40 0 L20 30 Z”.");
            return [];
        }
        var wrong = PathData.Read(data, out var paths);
        if (wrong is null && field.AreOutlines)
        {
            wrong = paths.Select(Unclosed).FirstOrDefault(w => w is not null);
            paths = [.. paths.Select(p => p with { IsClosed = true })];
            wrong ??= paths.Select(Area.Wrong).FirstOrDefault(w => w is not null);
        }
        if (wrong is null)
        {
            return paths;
        }
        Unusable(field, $"{field.Label}: {wrong}");
        return [];

        string? Unclosed(Path path)
        {
            if (path.IsClosed)
            {
                return null;
            }
            return path.Gap.Millimetres > PathDataField.Meeting
                ? $"it is not closed: its ends lie {Ruler.Fine(path.Gap)} apart."
                : null;
        }
    }

    /// <summary>Reads whole numbers in their order; empty when they are not said.</summary>
    public IReadOnlyList<int> Counts(CountsField field)
    {
        if (!Take(field, out var value))
        {
            return [];
        }
        IReadOnlyList<double?> said = value.Text is { } text
            ?
            [
                .. text.Split([' ', '+', ',', ';', '/'], StringSplitOptions.RemoveEmptyEntries)
                    .Select(part => int.TryParse(part, out var count) ? count : (double?)null),
            ]
            : [.. (value.List ?? [value]).Select(v => v.Number)];
        if (
            said.Count is 0
            || said.Count > field.MostCounts
            || said.Any(n => !(n >= field.Least && n <= field.Most) || n % 1 != 0)
        )
        {
            Unusable(
                field,
                $"{field.Label} must be whole numbers from {field.Least} to {field.Most}, such as 3 + 5 + 3."
            );
            return [];
        }
        return [.. said.Select(n => (int)n!.Value)];
    }

    /// <summary>Reads several lengths, each of a hundredth of a millimetre or more.</summary>
    public IReadOnlyList<Length> Lengths(LengthsField field)
    {
        if (!Take(field, out var value))
        {
            return [];
        }
        IReadOnlyList<RawValue> parts =
            value.List
            ?? (
                value.Text is { } text && text.Contains(';', StringComparison.Ordinal)
                    ?
                    [
                        .. text.Split(
                                ';',
                                StringSplitOptions.TrimEntries
                                    | StringSplitOptions.RemoveEmptyEntries
                            )
                            .Select(RawValue.Of),
                    ]
                    : [value]
            );
        if (parts.Count > field.MostReadings || (parts.Count == 0 && field.IsNeeded))
        {
            Unusable(field, $"{field.Label} takes 1 to {field.MostReadings} lengths.");
            return [];
        }
        var lengths = new List<Length>(parts.Count);
        foreach (var part in parts)
        {
            if (ReadLength(field, part, field.Kind) is not { } length)
            {
                return [];
            }
            if (length < LeastReading || length > field.Most)
            {
                Unusable(
                    field,
                    $"{field.Label}: each must be more than nothing and at most {Ruler.Write(field.Most, field.Kind)}."
                );
                return [];
            }
            lengths.Add(length);
        }
        return lengths;
    }
}
