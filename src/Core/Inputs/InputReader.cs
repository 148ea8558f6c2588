using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Inputs;

/// <summary>Why a field could not be used.</summary>
public enum Refusal
{
    /// <summary>It was not said, and is needed.</summary>
    Missing,

    /// <summary>It was said in a way that cannot be read, or is out of its range.</summary>
    Unusable,

    /// <summary>It reads well, but contradicts another field.</summary>
    Contradicts,

    /// <summary>It reads well, and takes more work than any ask may.</summary>
    TooMuch,
}

/// <summary>What is wrong with one field of an ask.</summary>
/// <param name="Field">The field's name in the API.</param>
/// <param name="Refusal">The kind of trouble.</param>
/// <param name="Says">What is wrong and what would be right, in a sentence or two.</param>
public sealed record FieldError(string Field, Refusal Refusal, string Says);

/// <summary>What is wrong with an ask, in its order. A field may be read as often as it is wanted: each is there once.</summary>
internal sealed class FieldErrors
{
    private readonly List<FieldError> all = [];
    private readonly HashSet<FieldError> known = [];

    public IReadOnlyList<FieldError> All => all;

    public void Add(FieldError error)
    {
        if (known.Add(error))
        {
            all.Add(error);
        }
    }
}

/// <summary>Reads the fields of one raw ask, and gathers what is wrong with them.</summary>
/// <remarks>
/// A field that cannot be read gives its least value and an error; whoever computes with the values looks at
/// <see cref="Errors"/> first.
/// </remarks>
public sealed partial class InputReader
{
    private readonly RawInputs raw;
    private readonly FieldErrors errors;

    /// <summary>What a reading below this means is not a length: no ruler shows it.</summary>
    private static readonly Length LeastReading = Measures.Length.FromMillimetres(0.01);

    /// <summary>What stands before a field's name in an error: <c>samples[2].</c> inside a group, else nothing.</summary>
    private readonly string path;

    public InputReader(RawInputs raw, Ruler ruler)
        : this(raw, ruler, new(), "") { }

    /// <summary>A reader of fields that lie within something else: its errors name them by a path.</summary>
    /// <param name="path">What stands before each name, such as <c>features.</c></param>
    public InputReader(RawInputs raw, Ruler ruler, string path)
        : this(raw, ruler, new(), path) { }

    private InputReader(RawInputs raw, Ruler ruler, FieldErrors errors, string path)
    {
        (this.raw, Ruler, this.errors, this.path) = (raw, ruler, errors, path);
    }

    public IReadOnlyList<FieldError> Errors => errors.All;

    /// <summary>The ruler that the answer is written against.</summary>
    public Ruler Ruler { get; }

    /// <summary>The same ask with one field set and another left out; what is wrong with it is this reader's too.</summary>
    public InputReader With(string field, RawValue value, string without) =>
        new(raw.With(field, value).Without(without), Ruler, errors, path);

    /// <summary>
    /// The same ask with two lengths that are said in one, such as 28.5 cm into 24 cm, told apart; what is wrong with it is
    /// this reader's too. A second length that is said by itself as well contradicts it.
    /// </summary>
    public InputReader Split(LengthField first, LengthField second)
    {
        if (
            !raw.TryGet(first.Name, out var value)
            || value.Text?.Split(first.IsSplitAt) is not [var one, var other]
        )
        {
            return this;
        }
        var apart = raw.With(first.Name, RawValue.Of(one));
        if (Has(second))
        {
            Contradiction(
                second,
                $"It is entered twice: here, and after the {first.Label.ToLowerInvariant()}."
            );
        }
        else
        {
            apart = apart.With(second.Name, RawValue.Of(other));
        }
        return new(apart, Ruler, errors, path);
    }

    /// <summary>The same ask with these fields alone; what is wrong with it is this reader's too.</summary>
    public InputReader Only(IReadOnlyList<Field> fields) =>
        new(
            new RawInputs(raw.Values.Where(v => fields.Any(f => f.Name == v.Key)).ToDictionary()),
            Ruler,
            errors,
            path
        );

    /// <summary>Whether the ask says anything for a field.</summary>
    public bool Has(Field field) => raw.TryGet(field.Name, out _);

    /// <summary>Records that a field contradicts another one.</summary>
    public void Contradiction(Field field, string says) => Refuse(field, Refusal.Contradicts, says);

    /// <summary>Records that a field is needed after all, because of what another one says.</summary>
    public void Missing(Field field) =>
        Refuse(field, Refusal.Missing, $"{field.Label} is missing.");

    /// <summary>Reads a length; several in a list are added up.</summary>
    public Length Length(LengthField field) => OptionalLength(field) ?? field.Least;

    /// <summary>Reads a length that may be left out.</summary>
    public Length? OptionalLength(LengthField field)
    {
        if (!Take(field, out var value))
        {
            return null;
        }
        if (Total(field, value) is not { } total)
        {
            return null;
        }
        if (total >= field.Least && total <= field.Most)
        {
            return total;
        }
        Unusable(
            field,
            $"{field.Label} must be between {Ruler.Fine(field.Least)} and {Ruler.Write(field.Most, field.Kind == LengthKind.Marked ? LengthKind.Cut : field.Kind)}."
        );
        return null;
    }

    /// <summary>Reads a plain number.</summary>
    public double Number(NumberField field) => OptionalNumber(field) ?? field.Least;

    /// <summary>Reads a plain number that may be left out.</summary>
    public double? OptionalNumber(NumberField field)
    {
        if (!Take(field, out var value))
        {
            return null;
        }
        if (value.Number is not { } number || !double.IsFinite(number))
        {
            Unusable(
                field,
                $"{field.Label} must be a number, such as {DecimalText.Write(field.Start ?? field.Least)}."
            );
            return null;
        }
        if (number < field.Least || number > field.Most)
        {
            Unusable(
                field,
                $"{field.Label} must be between {DecimalText.Write(field.Least)} and {DecimalText.Write(field.Most)}."
            );
            return null;
        }
        if (field.IsWhole && number % 1 != 0)
        {
            Unusable(field, $"{field.Label} must be a whole number.");
            return null;
        }
        return number;
    }

    /// <summary>Reads a yes or no.</summary>
    public bool Flag(FlagField field)
    {
        if (!Take(field, out var value))
        {
            return false;
        }
        if (value.Flag is { } flag)
        {
            return flag;
        }
        Unusable(field, $"{field.Label} must be true or false.");
        return false;
    }

    /// <summary>Reads a yes or no that may not be known.</summary>
    public bool? OptionalFlag(FlagField field) => Has(field) ? Flag(field) : null;

    /// <summary>Reads a group of fields: its own reader, whose errors are this one's too; null when it is not said.</summary>
    public InputReader? Group(GroupField field)
    {
        if (!Take(field, out var value))
        {
            return null;
        }
        if (value.Group is { } group)
        {
            return new InputReader(group, Ruler, errors, $"{path}{field.Name}.");
        }
        Unusable(field, $"{field.Label} must be an object of fields.");
        return null;
    }

    /// <summary>Reads a list of groups: a reader for each, in their order.</summary>
    public IReadOnlyList<InputReader> Groups(GroupsField field)
    {
        if (!Take(field, out var value))
        {
            return [];
        }
        if (value.List is not { } list || list.Count > field.Most)
        {
            Unusable(field, $"{field.Label} must be a list of at most {field.Most}.");
            return [];
        }
        var readers = new List<InputReader>(list.Count);
        for (var i = 0; i < list.Count; i++)
        {
            if (list[i].Group is not { } group)
            {
                Unusable(field, $"{field.Label}: each must be an object of fields.");
                return [];
            }
            readers.Add(new InputReader(group, Ruler, errors, $"{path}{field.Name}[{i}]."));
        }
        return readers;
    }

    private bool Take(Field field, out RawValue value)
    {
        if (raw.TryGet(field.Name, out value))
        {
            return true;
        }
        if (field.IsNeeded)
        {
            Missing(field);
        }
        return false;
    }

    private void Unusable(Field field, string says) => Refuse(field, Refusal.Unusable, says);

    private void Refuse(Field field, Refusal refusal, string says) =>
        errors.Add(new FieldError(path + field.Name, refusal, says));

    /// <summary>A length, or the sum of several; null when one of them cannot be read.</summary>
    private Length? Total(LengthField field, RawValue value)
    {
        if (value.List is not { } list)
        {
            return ReadLength(field, value, field.Kind);
        }
        var total = Measures.Length.Zero;
        foreach (var part in list)
        {
            if (ReadLength(field, part, field.Kind) is not { } length)
            {
                return null;
            }
            total += length;
        }
        return total;
    }

    private Length? ReadLength(Field field, RawValue value, LengthKind kind)
    {
        if (value.Number is { } mm && double.IsFinite(mm))
        {
            return Measures.Length.FromMillimetres(mm);
        }
        if (value.Text is null)
        {
            Unusable(
                field,
                $"{field.Label} must be a length: millimetres, or a text such as “92 cm” or “36 1/2 in”."
            );
            return null;
        }
        var reading =
            kind == LengthKind.Fine
                ? LengthReader.ReadFine(value.Text)
                : LengthReader.Read(value.Text, Ruler.Units);
        if (!reading.IsRead)
        {
            Unusable(field, reading.Error!);
            return null;
        }
        return reading.Length;
    }
}
