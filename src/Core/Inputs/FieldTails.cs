namespace ZephyrReach.Core.Inputs;

/// <summary>What is said of a field behind its name and its range, each in a few words.</summary>
public static class FieldTails
{
    /// <summary>What it means, in a sentence.</summary>
    public static T Help<T>(this T field, string help)
        where T : Field => As(field, field with { Help = help });

    /// <summary>Where a thing of the supplies says it, such as <c>cloth.thickness</c>.</summary>
    public static T From<T>(this T field, string property)
        where T : Field => As(field, field with { From = property });

    /// <summary>It is shown while another field says one of these.</summary>
    public static T When<T>(this T field, Field other, string says, params IReadOnlyList<string> or)
        where T : Field => field.When(other.Name, says, or);

    /// <summary>It is shown while another field, by its name, says one of these.</summary>
    public static T When<T>(
        this T field,
        string other,
        string says,
        params IReadOnlyList<string> or
    )
        where T : Field => As(field, field with { ShownWhen = new(other, says) { Or = or } });

    /// <summary>It is shown unless another field says this.</summary>
    public static T Unless<T>(this T field, Field other, string says)
        where T : Field => field.Unless(other.Name, says);

    /// <summary>It is shown unless another field, by its name, says this.</summary>
    public static T Unless<T>(this T field, string other, string says)
        where T : Field => As(field, field with { ShownWhen = new(other, says, Not: true) });

    /// <summary>It need not be said.</summary>
    public static T Optional<T>(this T field)
        where T : Field => As(field, field with { IsNeeded = false });

    /// <summary>It is the same for a piece that is sewn to this edge.</summary>
    public static T ComesAlong<T>(this T field)
        where T : Field => As(field, field with { ComesAlong = true });

    /// <summary>It is an edge, whose length another piece can give.</summary>
    public static T Edge<T>(this T field)
        where T : Field => As(field, field with { IsEdge = true });

    /// <summary>What of it makes an ask lighter to reckon, such as <c>fewer tucks</c>.</summary>
    public static T Eases<T>(this T field, string what)
        where T : Field => As(field, field with { Eases = what });

    /// <summary>The words for no and for yes.</summary>
    public static FlagField Words(this FlagField field, string no, string yes) =>
        field with
        {
            No = no,
            Yes = yes,
        };

    /// <summary>What stands after the figure.</summary>
    public static NumberField Unit(this NumberField field, string unit) =>
        field with
        {
            Unit = unit,
        };

    /// <summary>How far one press of an arrow key turns it.</summary>
    public static NumberField Step(this NumberField field, double step) =>
        field with
        {
            Step = step,
        };

    /// <summary>It counts things: a fraction is refused.</summary>
    public static NumberField Whole(this NumberField field) => field with { IsWhole = true };

    private static T As<T>(T _, Field changed)
        where T : Field => (T)changed;
}
