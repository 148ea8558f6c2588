using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Swatches.Learning.DialAnswer>;

namespace ZephyrReach.Core.Swatches.Learning;

/// <summary>What to set on a dial for a length that is wanted.</summary>
/// <param name="Dial">What is known of the dial.</param>
/// <param name="Step">The dial's step.</param>
/// <param name="Least">Its lowest figure.</param>
/// <param name="Most">Its highest.</param>
public sealed record DialAnswer(Dial Dial, Length Step, Length Least, Length Most) : Result
{
    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio(
            "factor",
            "What the machine gives for each millimetre that is dialled.",
            a => a.Dial.Factor
        ),
        F.Ratio("low", "19 times out of 20 give more.", a => a.Dial.Predicted.Low),
        F.Ratio("high", "19 times out of 20 give less.", a => a.Dial.Predicted.High),
        F.Fine("set", "What to set: wanted/f to the nearest step of the dial.", a => a.Set),
        F.Fine("comesTo", "What that comes to: set · f.", a => a.ComesTo),
        F.Count("evidence", "The samples it rests on.", a => a.Dial.All.Count(s => s.Counts)),
        F.Text("restsOn", "The same in a sentence.", a => a.Dial.RestsOn),
        F.Table(
            "samples",
            "Each sample against what the others say.",
            a => a.Dial.Samples,
            Figure<LearntSample>.Ratio("value", "What it came to.", s => s.Value),
            Figure<LearntSample>.Ratio("expected", "What the others say.", s => s.Expected),
            Figure<LearntSample>.Ratio(
                "deviations",
                "How far off, in standard deviations.",
                s => s.Deviations
            ),
            Figure<LearntSample>.Flag("odd", "Whether that is more than three.", s => s.IsOdd)
        ),
    ];

    public override IReadOnlyList<Figure> Figures => Told;

    /// <summary>wanted/f to the nearest step, halves up, within least and most.</summary>
    public Length Set
    {
        get
        {
            var steps = Math.Floor(Dial.Wanted / Dial.Factor / Step + 0.5 + 1e-9);
            return Length.Max(Least, Length.Min(Most, Step * steps));
        }
    }

    public Length ComesTo => Set * Dial.Factor;
}

/// <summary>What a dial really gives, asked by itself.</summary>
public static class DialQuestion
{
    public static LengthField Wanted { get; } =
        LengthField
            .Fine("wanted", "Length wanted", 0.1, 100)
            .Help("The length or width that one stitch should have.");

    /// <summary>No dial of a machine goes further.</summary>
    public static Length MostDialled { get; } = Length.FromMillimetres(15);

    private static readonly LengthField Step = LengthField
        .Fine("step", "Dial step", 0.01, 5)
        .Help("From one number of the dial to the next.") with
    {
        Start = Length.FromMillimetres(0.1),
    };

    private static readonly LengthField Least = LengthField
        .Fine("least", "Least", 0, 100)
        .Help("The dial's lowest number.") with
    {
        Start = Length.FromMillimetres(0.5),
    };

    private static readonly LengthField Most = LengthField
        .Fine("most", "Most", 0.1, 200)
        .Help("The dial's highest number.") with
    {
        Start = Length.FromMillimetres(5),
    };

    /// <summary>What was dialled and measured.</summary>
    public static GroupsField Samples { get; } =
        new GroupsField(
            "samples",
            "Measured length",
            [
                LengthField.Fine("dialled", "Dial setting", 0.1, 100).Help("What the dial showed."),
                new NumberField("stitches", "Stitches", 1, 1000, 10).Help(
                    "How many were measured."
                ),
                LengthField
                    .Fine("measured", "Measured length", 0.1, 20_000)
                    .Help("All of them together."),
            ],
            50
        ).Help("What was set, and what so many stitches of it measured.");

    public static Calculation Form { get; } =
        new(
            "dial",
            "What this machine really gives for what is dialled",
            [Wanted, Step, Least, Most, Samples],
            DialAnswer.Told,
            RawInputs.Of(
                ("wanted", 3),
                ("step", 0.1),
                ("least", 0.5),
                ("most", 5),
                (
                    "samples",
                    new[]
                    {
                        RawInputs.Of(("dialled", 3), ("stitches", 10), ("measured", "28.6 mm")),
                    }
                )
            ),
            Work
        );

    /// <summary>Reads what was dialled and measured.</summary>
    public static IReadOnlyList<DialSample> Read(InputReader reader, GroupsField field) =>
        [
            .. reader
                .Groups(field)
                .Select(s => new DialSample(
                    s.Length((LengthField)field.Fields[0]),
                    s.Number((NumberField)field.Fields[1]),
                    s.Length((LengthField)field.Fields[2])
                )),
        ];

    private static DialAnswer? Work(InputReader reader)
    {
        var (wanted, step) = (reader.Length(Wanted), reader.Length(Step));
        var (least, most) = (reader.Length(Least), reader.Length(Most));
        var samples = Read(reader, Samples);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (most < least)
        {
            reader.Contradiction(Most, "The highest number cannot be below the lowest.");
            return null;
        }
        var answer = new DialAnswer(new Dial(samples, wanted, "The dial"), step, least, most)
        {
            Findings = [],
        };
        return answer with { Findings = [.. Noticed(answer)] };
    }

    private static IEnumerable<Finding> Noticed(DialAnswer a)
    {
        if (Length.Difference(a.ComesTo, a.Dial.Wanted) > a.Step * a.Dial.Factor)
        {
            yield return Finding.Care(
                "out-of-reach",
                $"The dial ends at {Mm(a.Set)}: that comes to {Mm(a.ComesTo)}.",
                $"{Mm(a.Dial.Wanted)} is wanted.",
                "Choose a stitch nearer to what this machine reaches."
            );
        }
        foreach (var (sample, i) in a.Dial.Samples.Select((s, i) => (s, i)).Where(s => s.s.IsOdd))
        {
            yield return Learnt.Odd(
                sample.Deviations,
                $"Measure {i + 1} gave {DecimalText.Write(sample.Value, 3)} of what was dialled, and the others say {DecimalText.Write(sample.Expected, 3)}.",
                "Were the stitches counted twice? It counts until you take it out."
            );
        }
    }

    private static string Mm(Length length) => $"{DecimalText.Write(length.Millimetres)} mm";
}
