namespace ZephyrReach.Core.Inputs;

/// <summary>Walks the fields of an ask with all that lies within groups and lists of groups, by their paths.</summary>
public static class Walk
{
    /// <summary>Visits each length that an ask says.</summary>
    /// <param name="fields">What may be said.</param>
    /// <param name="ask">What is said.</param>
    /// <param name="visit">Takes the path, such as <c>path[2].radius</c>, the field, and the group that says it.</param>
    public static void Lengths(
        IReadOnlyList<Field> fields,
        RawInputs ask,
        Action<string, LengthField, RawInputs> visit
    ) =>
        Each(
            fields,
            ask,
            "",
            (path, field, said) =>
            {
                if (field is LengthField length)
                {
                    visit(path, length, said);
                }
            }
        );

    /// <summary>The first thing that an ask says and no field takes, by its path; null when there is none.</summary>
    public static string? Unknown(IReadOnlyList<Field> fields, RawInputs ask, string path = "")
    {
        foreach (var (name, value) in ask.Values)
        {
            var field = fields.FirstOrDefault(f => f.Name == name);
            if (field is null)
            {
                return path + name;
            }
            foreach (var (inner, said, at) in Within(field, value, path))
            {
                if (Unknown(inner, said, at) is { } unknown)
                {
                    return unknown;
                }
            }
        }
        return null;
    }

    /// <summary>The same ask with every value that a field takes changed, at whatever depth.</summary>
    public static RawInputs Map(
        IReadOnlyList<Field> fields,
        RawInputs ask,
        Func<Field, RawValue, RawValue> change
    ) =>
        new(
            ask.Values.ToDictionary(
                v => v.Key,
                v =>
                    fields.FirstOrDefault(f => f.Name == v.Key) switch
                    {
                        GroupField g when v.Value.Group is { } group => RawValue.Of(
                            Map(g.Fields, group, change)
                        ),
                        GroupsField g when v.Value.List is { } list => RawValue.Of([
                            .. list.Select(i =>
                                i.Group is { } group ? RawValue.Of(Map(g.Fields, group, change)) : i
                            ),
                        ]),
                        { } field => change(field, v.Value),
                        null => v.Value,
                    }
            )
        );

    private static void Each(
        IReadOnlyList<Field> fields,
        RawInputs ask,
        string path,
        Action<string, Field, RawInputs> visit
    )
    {
        foreach (var field in fields)
        {
            if (!ask.TryGet(field.Name, out var value))
            {
                continue;
            }
            visit(path + field.Name, field, ask);
            foreach (var (inner, said, at) in Within(field, value, path))
            {
                Each(inner, said, at, visit);
            }
        }
    }

    /// <summary>The groups that a value of a field holds, each with its fields and the path before them.</summary>
    private static IEnumerable<(IReadOnlyList<Field> Fields, RawInputs Said, string Path)> Within(
        Field field,
        RawValue value,
        string path
    ) =>
        field switch
        {
            GroupField g when value.Group is { } group => [(g.Fields, group, $"{path}{g.Name}.")],
            GroupsField g when value.List is { } list => list.Select((v, i) => (v.Group, i))
                .Where(v => v.Group is not null)
                .Select(v => (g.Fields, v.Group!, $"{path}{g.Name}[{v.i}].")),
            _ => [],
        };
}
