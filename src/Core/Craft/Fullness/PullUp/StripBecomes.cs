using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Fullness.PullUp.StripBecomes>;

namespace ZephyrReach.Core.Craft.Fullness.PullUp;

/// <summary>What a strip that is there becomes at these settings, after one pass and after two.</summary>
/// <remarks>L over the fullness that is likely: nineteen in twenty come out longer than L/high, and shorter than L/low.</remarks>
/// <param name="Reading">What is known of how much the machine draws up.</param>
/// <param name="Strip">L, flat.</param>
/// <param name="Ruler">What lengths in words are written against.</param>
internal sealed record StripBecomes(PullUpReading Reading, Length Strip, Ruler Ruler) : Result
{
    /// <summary>The name of the form in the address.</summary>
    public const string FormName = "strip-becomes";

    /// <summary>The strip, as a plan may say it.</summary>
    public static LengthField There { get; } =
        LengthField
            .Mm("stripThere", "A strip you have", 1, 1e6)
            .Optional()
            .Help("A strip that is cut already, flat: says what it becomes at these settings.");

    /// <summary>How a plan asks for it.</summary>
    public static FieldGroup Group { get; } =
        new(Asking.Folded, "What does a strip become?", There.Name);

    /// <summary>The question, shown as soon as the strip is said.</summary>
    public static Inverse Asked { get; } =
        new(FormName, There.Name, "becomesSays", "that strip becomes");

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Table(
            "passes",
            "What it becomes, pass by pass.",
            a => a.Passes,
            Figure<AfterPass>.Count("pass", "How often the line was sewn over.", p => p.Pass),
            Figure<AfterPass>.Marked("low", "19 times out of 20 it is longer.", p => p.Low),
            Figure<AfterPass>.Marked("mid", "As often longer as shorter.", p => p.Mid),
            Figure<AfterPass>.Marked("high", "19 times out of 20 it is shorter.", p => p.High)
        ),
        F.Text("becomesSays", "The same in words.", a => a.Says),
        F.Text("restsOn", "What that rests on.", a => a.Reading.RestsOn),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    /// <summary>One pass and two; one alone where no second can be sewn.</summary>
    public IReadOnlyList<AfterPass> Passes =>
        [
            .. Enumerable
                .Range(1, Reading.Family.Knobs.HasFlag(Knobs.Passes) && !HasKnife ? 2 : 1)
                .Select(After),
        ];

    /// <summary>Whether a second pass would cut into the first.</summary>
    public bool HasKnife { get; init; }

    private string Says =>
        Passes is [var one, var two]
            ? $"{Said(one)} in one pass, {Said(two)} in two"
            : Said(Passes[0]);

    private string Said(AfterPass pass) =>
        $"about {Ruler.Mark(pass.Mid)} ({Ruler.Mark(pass.Low)} to {Ruler.Mark(pass.High)})";

    private AfterPass After(int pass)
    {
        var likely = (Reading with { Planned = Reading.Planned with { Passes = pass } }).Prediction;
        return new(pass, Strip / likely.High, Strip / likely.Mid, Strip / likely.Low);
    }

    /// <summary>The form of a technique.</summary>
    /// <param name="fields">What its plan may say, with the strip among it.</param>
    /// <param name="edge">What the plan needs and this does not.</param>
    /// <param name="read">Reads what is known, where the edge stands for any.</param>
    /// <param name="hasKnife">Whether a second pass would cut into the first.</param>
    public static Calculation For(
        IReadOnlyList<Field> fields,
        LengthField edge,
        RawInputs example,
        Func<InputReader, PullUpReading?> read,
        bool hasKnife = false
    )
    {
        var strip = There with { IsNeeded = true };
        return new(
            FormName,
            "What a strip that is there becomes",
            [
                .. fields.Select(f =>
                    f.Name == There.Name ? strip
                    : f.Name == edge.Name ? edge.Optional()
                    : f
                ),
            ],
            Told,
            example.With(There.Name, RawValue.Of("1 m")),
            reader =>
            {
                var length = reader.Length(strip);
                return read(reader) is { } reading
                    ? new StripBecomes(reading, length, reader.Ruler)
                    {
                        Findings = [.. reading.Noticed()],
                        HasKnife = hasKnife,
                    }
                    : null;
            }
        );
    }
}

/// <summary>What a strip becomes after so many passes.</summary>
/// <param name="Low">19 times out of 20 it is longer.</param>
/// <param name="Mid">As often longer as shorter.</param>
/// <param name="High">19 times out of 20 it is shorter.</param>
internal sealed record AfterPass(int Pass, Length Low, Length Mid, Length High);
