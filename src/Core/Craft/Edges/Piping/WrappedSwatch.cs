using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.Learning;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Edges.Piping.WrappedSwatch>;

namespace ZephyrReach.Core.Craft.Edges.Piping;

/// <summary>What a wrapped strip on a scrap says: how wide its flange came out, and how the three lines lie.</summary>
/// <param name="Strip">As it was cut.</param>
/// <param name="Reckoned">Round the cord: π(c + t).</param>
/// <param name="Flange">As it came out.</param>
/// <param name="Wanted">The seam allowance; null where that was not said.</param>
/// <param name="Sewn">From the cord, in their order; those that were read.</param>
/// <param name="Step">From one place of the needle to the next; null where that is not known.</param>
internal sealed record WrappedSwatch(
    Length Strip,
    Length Reckoned,
    Length Flange,
    Length? Wanted,
    IReadOnlyList<Length> Sewn,
    Length? Step,
    Ruler Ruler
) : SwatchJudgement
{
    /// <summary>A flange is as wide as was wanted within this.</summary>
    private static readonly Length Close = Length.FromMillimetres(0.5);

    /// <summary>Each line is nearer by this or more, or an earlier one shows.</summary>
    private static readonly Length Nearer = Length.FromMillimetres(0.25);

    public static LengthsField FlangeRead { get; } =
        new LengthsField("flange", "Flange, wide", Length.FromMillimetres(300))
        {
            Kind = LengthKind.Fine,
        }.Help("From the first line of stitching to the raw edges.");

    private static LengthsField LineRead(int number) =>
        new LengthsField(
            $"line{number}",
            $"Line {number}",
            Length.FromMillimetres(20),
            IsNeeded: false
        )
        {
            Kind = LengthKind.Fine,
        }.Help("From the covered cord to the stitches; a loupe helps.");

    private static readonly LengthsField[] LinesRead = [LineRead(1), LineRead(2), LineRead(3)];

    private static readonly LengthField StripField = Setting("stripWidth", "Strip width", 1, 500)
        .Help("As it was cut.");

    private static readonly LengthField WrapField = Setting("wrap", "Round the cord", 0.5, 300)
        .Help("π(c + t).");

    private static readonly LengthField WantedField = Setting(
            "seamAllowance",
            "Flange wanted",
            0,
            2000
        )
        .Help("As in the plan.");

    private static readonly LengthField ShiftField = Setting(
            "needleShift",
            "Needle moves sideways by",
            0,
            7.5
        )
        .Help("To either side.");

    private static readonly NumberField PositionsField = new NumberField(
        "needlePositions",
        "Needle positions",
        1,
        99,
        null,
        false
    ).Help("From the left to the right.");

    private static readonly LookFields Looks = new(PipingCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("wrapped", "What the wrap took: strip − 2·flange.", a => a.Wrapped),
        F.Ratio("wrapFactor", "That over π(c + t).", a => a.Factor),
        F.Length(
            "wider",
            LengthKind.Fine,
            "How much wider the strip must be for the flange that is wanted: 2·(wanted − flange); below 0 where it may be narrower.",
            a => a.Wider
        ),
        F.Flag(
            "hides",
            "Whether each line is nearer to the cord than the one before.",
            a => a.Hides
        ),
        .. SharedFigures,
    ];

    public static Calculation Form { get; } =
        new(
            SwatchOf.FormName,
            "What a wrapped strip says",
            [
                StripField,
                WrapField,
                WantedField,
                ShiftField,
                PositionsField,
                FlangeRead,
                .. LinesRead,
                Looks.Seen,
                Looks.Tried,
            ],
            Told,
            RawInputs.Of(
                ("stripWidth", 38),
                ("wrap", 13.6),
                ("seamAllowance", 12),
                ("flange", new[] { "11.2 mm", "11.4 mm" }),
                ("line1", new[] { "1.2 mm" }),
                ("line2", new[] { "0.7 mm" }),
                ("line3", new[] { "0.6 mm" }),
                ("looks", new[] { "line-shows" })
            ),
            Judge
        );

    /// <summary>What swatches of piping measure and teach.</summary>
    public static SwatchOf Described { get; } =
        new()
        {
            Readings = [FlangeRead, .. LinesRead],
            Features = [StripField, WrapField],
            Knobs = [new("stripWidth", "Strip width", "mm", 1, 38)],
            InShort = swatch =>
                swatch.Mean(FlangeRead.Name) is { } flange
                    ? Headlined(Length.FromMillimetres(flange), null)
                    : null,
            Teaches = [new(Dial.Family.Name, "wrap", reader => PipingInputs.Read(reader)?.Wraps)],
            Sample = Sampled,
        };

    public Length Wrapped => Strip - 2 * Flange;

    public double Factor => Wrapped / Reckoned;

    public Length? Wider => Wanted is { } wanted ? 2 * (wanted - Flange) : null;

    public bool Hides => Sewn.Zip(Sewn.Skip(1)).All(p => p.First - p.Second >= Nearer);

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline => Headlined(Flange, Ruler);

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines = [];
            if (Wider is { } wider)
            {
                lines.Add(
                    Length.Difference(wider, Length.Zero) <= Close
                        ? $"The flange is {Ruler.Fine(Flange)} wide, as it should be."
                        : $"The flange came out {Ruler.Fine(Flange)} wide instead of {Ruler.Fine(Wanted!.Value)}: the strip may be {Ruler.Fine(Length.Difference(wider, Length.Zero))} {(wider > Length.Zero ? "wider" : "narrower")}."
                );
            }
            lines.Add(
                $"The wrap took {Ruler.Fine(Wrapped)} of the strip; {Ruler.Fine(Reckoned)} were calculated."
            );
            if (Sewn.Count > 1)
            {
                lines.Add(
                    Hides
                        ? $"The lines lie {string.Join(", ", Sewn.Select(Ruler.Fine))} from the cord: each hides the one before."
                        : $"The lines lie {string.Join(", ", Sewn.Select(Ruler.Fine))} from the cord: one does not hide the one before. {Nudge}"
                );
            }
            if (Sewn.Count == 3 && Sewn[2] > Close)
            {
                lines.Add($"The last line leaves {Ruler.Fine(Sewn[2])}: {Nudge}");
            }
            return lines;
        }
    }

    private string Nudge =>
        Step is { } step && step > Length.Zero
            ? $"Move the needle one place nearer for the later line, which is {Ruler.Fine(step)}."
            : "Go a thread nearer with the later line.";

    /// <summary>What it says of wraps: what was reckoned, and what the strip and its flange left for it.</summary>
    private static RawInputs Sampled(SewnSwatch swatch)
    {
        var (strip, wrap) = (
            DialSamples.SetOf(swatch, StripField),
            DialSamples.SetOf(swatch, WrapField)
        );
        var took = strip - 2 * swatch.Mean(FlangeRead.Name);
        var isSaid = took > 0 && wrap > 0;
        return RawInputs
            .Of(
                ("dialled", isSaid ? wrap!.Value : 1.0),
                ("stitches", 1),
                ("measured", isSaid ? took!.Value : 1.0)
            )
            .With("same", RawValue.Of(swatch.IsSame))
            .With("counts", RawValue.Of(swatch.Counts && isSaid));
    }

    private static WrappedSwatch? Judge(InputReader reader)
    {
        var (strip, wrap) = (reader.OptionalLength(StripField), reader.OptionalLength(WrapField));
        var wanted = reader.OptionalLength(WantedField);
        var shift = reader.OptionalLength(ShiftField);
        var positions = reader.OptionalNumber(PositionsField);
        var flange = reader.Lengths(FlangeRead);
        var lines = LinesRead.Select(reader.Lengths).ToList();
        var change = Looks.Read(reader);
        if (strip is null)
        {
            reader.Missing(StripField);
        }
        if (wrap is null)
        {
            reader.Missing(WrapField);
        }
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (FullnessReading.Mean(flange) * 2 >= strip!.Value)
        {
            reader.Contradiction(
                FlangeRead,
                "Both flanges together are wider than the strip was cut."
            );
            return null;
        }
        return new WrappedSwatch(
            strip.Value,
            wrap!.Value,
            FullnessReading.Mean(flange),
            wanted,
            [.. lines.Where(l => l.Count > 0).Select(FullnessReading.Mean)],
            shift is { } s && positions > 1 ? 2 * s / (positions.Value - 1) : null,
            reader.Ruler
        )
        {
            Readings = Of([(FlangeRead, flange), .. LinesRead.Zip(lines)]),
            Change = change,
            Findings = [],
        };
    }

    private static LengthField Setting(string name, string label, double least, double most) =>
        LengthField.Fine(name, label, least, most).Optional();

    private static Fact Headlined(Length flange, Ruler? ruler) =>
        new("flange", (ruler ?? Ruler.Metric).Write(flange, LengthKind.Fine));
}
