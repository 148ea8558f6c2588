using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft.PulledGathers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;

namespace ZephyrReach.Core.Craft;

/// <summary>What a sewn swatch says of the plan.</summary>
/// <param name="Reading">Flat over gathered, and how sure that is.</param>
/// <param name="Target">The fullness that was planned.</param>
/// <param name="FinishedEdge">The real edge; null when it was not said.</param>
/// <param name="Steamed">The fullness after steam; null when it was not read.</param>
/// <param name="Spring">How far it stretches out again, stretched over gathered; null when it was not read.</param>
/// <param name="Change">The first change to try; null when nothing was seen that wants one.</param>
internal sealed record SwatchAnswer(
    FullnessReading Reading,
    double Target,
    Length? FinishedEdge,
    FullnessReading? Steamed,
    double? Spring,
    Change? Change
) : Reckoning
{
    /// <summary>Every kind of reading that was taken, by its name.</summary>
    public required IReadOnlyList<(
        string Kind,
        IReadOnlyList<Length> Readings
    )> Readings { get; init; }

    public static IReadOnlyList<Figure> Figures { get; } =
    [
        new("fullness", FigureShape.Ratio, "Flat over gathered, from the means of the readings."),
        new("low", FigureShape.Ratio, "The least it may be, given how finely it was read."),
        new("high", FigureShape.Ratio, "The most it may be."),
        new("flatSpread", FigureShape.Length, "Between the shortest and the longest flat reading."),
        new(
            "gatheredSpread",
            FigureShape.Length,
            "Between the shortest and the longest gathered reading."
        ),
        new(
            "fromTarget",
            FigureShape.Ratio,
            "How far from the planned fullness, as a part of it: 0.05 is 5 % fuller."
        ),
        new("steamedFullness", FigureShape.Ratio, "After steam.", false),
        new("spring", FigureShape.Ratio, "Stretched over gathered.", false),
        new(
            "readings",
            FigureShape.Table,
            "Each kind of reading that was taken.",
            Inner:
            [
                new("kind", FigureShape.Text, "flat, gathered, steamed or stretched."),
                new("count", FigureShape.Count, "How many times it was read."),
                new("mean", FigureShape.Length, "Their mean."),
                new("spread", FigureShape.Length, "From the shortest to the longest."),
            ]
        ),
        new(
            "flatForEdge",
            FigureShape.Length,
            "The flat edge that the real edge takes at this fullness.",
            false
        ),
        new("flatGiveOrTake", FigureShape.Length, "How sure that is, either way.", false),
        new(
            "firstChange",
            FigureShape.Group,
            "The one change to try next.",
            false,
            [
                new("seen", FigureShape.Text, "What it answers."),
                new("change", FigureShape.Text, "What to change."),
                new("because", FigureShape.Text, "Why."),
                new("left", FigureShape.Count, "How many more changes there are to try after it."),
            ]
        ),
    ];

    public override void Tell(IFigures figures)
    {
        figures.Ratio("fullness", Reading.Fullness);
        figures.Ratio("low", Reading.Low);
        figures.Ratio("high", Reading.High);
        figures.Length("flatSpread", Reading.FlatSpread, LengthKind.Marked);
        figures.Length("gatheredSpread", Reading.GatheredSpread, LengthKind.Marked);
        figures.Ratio("fromTarget", Reading.Fullness / Target - 1);
        if (Steamed is { } steamed)
        {
            figures.Ratio("steamedFullness", steamed.Fullness);
        }
        if (Spring is { } spring)
        {
            figures.Ratio("spring", spring);
        }
        figures.Table(
            "readings",
            Readings.Count,
            (i, row) =>
            {
                var (kind, readings) = Readings[i];
                row.Text("kind", kind);
                row.Count("count", readings.Count);
                row.Length("mean", FullnessReading.Mean(readings), LengthKind.Marked);
                row.Length("spread", readings.Max() - readings.Min(), LengthKind.Marked);
            }
        );
        if (FinishedEdge is { } edge)
        {
            figures.Length("flatForEdge", edge * Reading.Fullness, LengthKind.Cut);
            figures.Length(
                "flatGiveOrTake",
                edge * ((Reading.High - Reading.Low) / 2),
                LengthKind.Cut
            );
        }
        if (Change is { } change)
        {
            figures.Group(
                "firstChange",
                group =>
                {
                    group.Text("seen", change.Seen);
                    group.Text("change", change.Says);
                    group.Text("because", change.Because);
                    group.Count("left", change.Left);
                }
            );
        }
    }
}

/// <summary>From the readings of a swatch to its fullness, a judgement and the next change.</summary>
internal static class SwatchForm
{
    private static readonly Length Longest = Length.FromMillimetres(20_000);

    private static readonly LengthsField Flat = new(
        "flat",
        "Flat",
        "Between the marks before pulling, read once or several times.",
        Longest
    );

    private static readonly LengthsField Gathered = new(
        "gathered",
        "Gathered",
        "Between the same marks once it is pulled up.",
        Longest
    );

    private static readonly LengthsField Steamed = Gathered with
    {
        Name = "steamed",
        Label = "Steamed",
        Says = "The same after steam, once it is dry.",
        IsNeeded = false,
    };

    private static readonly LengthsField Stretched = Gathered with
    {
        Name = "stretched",
        Label = "Stretched",
        Says = "The same, pulled out as far as it goes without force.",
        IsNeeded = false,
    };

    private static readonly LengthField Edge = Fields.FinishedEdge with { IsNeeded = false };

    /// <summary>The form of a technique.</summary>
    /// <param name="looks">What is looked for on its swatches, and what to try for each.</param>
    public static Form For(IReadOnlyList<Look> looks)
    {
        var seen = new ChoicesField(
            "looks",
            "Looks",
            "What is seen on the swatch.",
            [.. looks.Select(l => l.Choice)]
        );
        var tried = new ChoicesField(
            "tried",
            "Tried",
            "Changes that were tried on earlier swatches.",
            [
                .. looks
                    .SelectMany(l => l.Changes)
                    .Select(c => new Choice(c.Name, c.Says, c.Because))
                    .DistinctBy(c => c.Name),
            ]
        );
        return new Form(
            "swatch",
            "What a swatch says",
            [Fields.Fullness, Edge, Flat, Gathered, Steamed, Stretched, seen, tried],
            SwatchAnswer.Figures,
            new RawAsk(
                new Dictionary<string, RawValue>
                {
                    ["fullness"] = RawValue.Of(2.2),
                    ["finishedEdge"] = RawValue.Of("2.6 m"),
                    ["flat"] = RawValue.Of("30 cm"),
                    ["gathered"] = RawValue.Of([RawValue.Of("16.2 cm"), RawValue.Of("16.4 cm")]),
                    ["looks"] = RawValue.Of([RawValue.Of("not-full-enough")]),
                }
            ),
            reader => Judge(reader, looks, seen, tried)
        );
    }

    private static SwatchAnswer? Judge(
        AskReader reader,
        IReadOnlyList<Look> known,
        ChoicesField seen,
        ChoicesField triedField
    )
    {
        var target = reader.Number(Fields.Fullness);
        var edge = reader.OptionalLength(Edge);
        var (flat, gathered) = (reader.Lengths(Flat), reader.Lengths(Gathered));
        var (steamed, stretched) = (reader.Lengths(Steamed), reader.Lengths(Stretched));
        var (looks, tried) = (reader.Choices(seen), reader.Choices(triedField));
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        var reading = FullnessReading.Of(flat, gathered, reader.Ruler.Marking);
        return new SwatchAnswer(
            reading,
            target,
            edge,
            steamed.Count > 0 ? FullnessReading.Of(flat, steamed, reader.Ruler.Marking) : null,
            stretched.Count > 0
                ? FullnessReading.Mean(stretched) / FullnessReading.Mean(gathered)
                : null,
            Look.FirstChange(known, looks, tried)
        )
        {
            Readings =
            [
                .. new[]
                {
                    (Flat.Name, flat),
                    (Gathered.Name, gathered),
                    (Steamed.Name, steamed),
                    (Stretched.Name, stretched),
                }.Where(r => r.Item2.Count > 0),
            ],
            Findings = Noticed(reading, reader.Ruler),
        };
    }

    private static List<Finding> Noticed(FullnessReading reading, Ruler ruler)
    {
        List<Finding> findings = [];
        if (reading.Fullness < 1)
        {
            findings.Add(
                new Finding(
                    "longer-than-flat",
                    Severity.Care,
                    "It measures longer gathered than flat.",
                    "Gathers can only make it shorter.",
                    "Look whether the two figures stand the right way round."
                )
            );
        }
        if ((reading.High - reading.Low) / reading.Fullness > 0.1)
        {
            findings.Add(
                new Finding(
                    "unsure-reading",
                    Severity.Note,
                    $"The readings leave {DecimalText.Write(reading.Low)} to {DecimalText.Write(reading.High)} open.",
                    $"They differ by {ruler.Mark(Length.Max(reading.FlatSpread, reading.GatheredSpread))}, or the swatch is short.",
                    "Spread the gathers evenly and measure once more, or sew a longer swatch."
                )
            );
        }
        return findings;
    }
}
