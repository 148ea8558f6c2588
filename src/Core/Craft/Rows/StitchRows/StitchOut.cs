using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Rows.StitchRows.StitchOut>;

namespace ZephyrReach.Core.Craft.Rows.StitchRows;

/// <summary>One line of a stitch-out: a stitch as it was set, and what it came to.</summary>
/// <param name="Name">Which stitch of the book.</param>
/// <param name="Changed">What was changed for it; empty for nothing.</param>
/// <param name="Length">On the length dial; null where it was not written down.</param>
/// <param name="Width">On the width dial.</param>
/// <param name="Said">One repeat as the book says it at that length; null where it does not.</param>
/// <param name="Ten">What ten repeats measured.</param>
/// <param name="Wide">What it measured from side to side.</param>
internal sealed record StitchLine(
    string Name,
    string Changed,
    Length? Length,
    Length? Width,
    Length? Said,
    Length? Ten,
    Length? Wide,
    string Under,
    bool Tunnelled
)
{
    /// <summary>Repeats that are measured together.</summary>
    public const int Repeats = 10;

    /// <summary>One repeat as it really is.</summary>
    public Length? Repeat => Ten / Repeats;

    /// <summary>What the machine gives of what is set along the row.</summary>
    public double? LengthFactor => Repeat is { } real && Said is { } said ? real / said : null;

    /// <summary>The same across.</summary>
    public double? WidthFactor =>
        Wide is { } real && Width is { } set && set > Measures.Length.Zero ? real / set : null;
}

/// <summary>What a swatch with rows of stitches shows: how far it drew in, what each stitch really is, and what held the cloth flat.</summary>
internal sealed partial record StitchOut(
    Length? AlongBefore,
    Length? AlongAfter,
    Length? AcrossBefore,
    Length? AcrossAfter,
    IReadOnlyList<StitchLine> Sewn,
    Ruler Ruler
) : SwatchJudgement
{
    /// <summary>Marked so far apart along the rows…</summary>
    public static Length Along { get; } = Length.FromMillimetres(200);

    /// <summary>…and across them.</summary>
    public static Length Across { get; } = Length.FromMillimetres(100);

    public static LengthsField AlongBeforeRead { get; } = Between("alongBefore", "Length before");
    public static LengthsField AlongAfterRead { get; } = Between("alongAfter", "Length after");
    public static LengthsField AcrossBeforeRead { get; } = Between("acrossBefore", "Width before");
    public static LengthsField AcrossAfterRead { get; } = Between("acrossAfter", "Width after");

    private static readonly NumberField StabilisedFigure = new NumberField(
        StitchRowsFields.Stabilised.Name,
        StitchRowsFields.Stabilised.Label,
        0,
        1,
        1,
        false
    )
        .Help("1 where something lay under it, else 0.")
        .Whole();

    private static readonly LengthField GapFigure = LengthField
        .Fine("meanGap", "Row spacing", 0.5, 2000, 12)
        .Help("On the mean.")
        .Optional();

    private static readonly LengthField WidthFigure = LengthField
        .Fine("meanWidth", "Stitches wide", 0.1, 15, 5)
        .Help("On the mean.")
        .Optional();

    private const string Nothing = "nothing";

    private static readonly NameField NameOf = new NameField("name", "Stitch").Help(
        "Which one of the book."
    );
    private static readonly NameField ChangedOf = new NameField("changed", "What you changed").Help(
        "What was changed for it."
    );
    private static readonly LengthField LengthOf = Small("length", "Stitch length on the dial", 15);
    private static readonly LengthField WidthOf = Small("width", "Stitch width on the dial", 15);
    private static readonly LengthField SaidOf = Small("said", "Repeat, by the book", 300);
    private static readonly LengthField TenOf = Small("ten", "Length of 10 repeats", 3000);
    private static readonly LengthField WideOf = Small("wide", "Width", 20);
    private static readonly ChoiceField UnderOf = new ChoiceField(
        "under",
        "Stabiliser",
        [
            new(Nothing, "nothing", ""),
            new(Supplies.Stabiliser.TearAway, "tear-away", ""),
            new(Supplies.Stabiliser.CutAway, "cut-away", ""),
            new(Supplies.Stabiliser.WashAway, "wash-away", ""),
            new(Supplies.Stabiliser.Interfacing, "fusible interfacing", ""),
        ],
        Nothing,
        false
    ).Help("What lay under this one.");

    private static readonly FlagField TunnelOf = new FlagField(
        "tunnelled",
        "Puckers into a tunnel"
    ).Help("Whether the fabric was pulled into a tunnel.");

    /// <summary>The stitches of one scrap, line by line.</summary>
    public static GroupsField LinesField { get; } =
        new GroupsField(
            "stitches",
            "Stitches on this swatch",
            [NameOf, ChangedOf, LengthOf, WidthOf, SaidOf, TenOf, WideOf, UnderOf, TunnelOf],
            40
        ).Help("A line for each: how it was set, what ten repeats and its width measured.");

    private static readonly LookFields Looks = new(StitchRowsCard.Technique.Looks);

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Ratio("drawnAlong", "1 − after/before, along the rows.", a => a.Drawn(true)),
        F.Ratio("drawnAcross", "The same across them.", a => a.Drawn(false)),
        F.Table(
            "stitches",
            "Each stitch on it.",
            a => a.Sewn,
            Figure<StitchLine>.Text("name", "Which one.", l => l.Name),
            Figure<StitchLine>.Length(
                "repeat",
                LengthKind.Fine,
                "One repeat: a tenth of ten.",
                l => l.Repeat
            ),
            Figure<StitchLine>.Length("wide", LengthKind.Fine, "From side to side.", l => l.Wide),
            Figure<StitchLine>.Ratio("lengthFactor", "Of what the book says.", l => l.LengthFactor),
            Figure<StitchLine>.Ratio("widthFactor", "Of what was set across.", l => l.WidthFactor)
        ),
        F.MaybeText("serves", "What held the fabric flat, where both were tried.", a => a.Serves),
        .. SharedFigures,
    ];

    public double? Drawn(bool along) =>
        along ? 1 - AlongAfter / AlongBefore : 1 - AcrossAfter / AcrossBefore;

    /// <summary>What held the cloth flat, where one stitch was sewn over several, or over something and over nothing.</summary>
    public string? Serves
    {
        get
        {
            foreach (var stitch in Sewn.GroupBy(l => l.Name))
            {
                var tried = stitch.GroupBy(l => l.Under).ToList();
                if (tried.Count < 2)
                {
                    continue;
                }
                var flat = tried.Where(u => u.All(l => !l.Tunnelled)).Select(u => u.Key).ToList();
                if (flat.Contains(Nothing))
                {
                    return $"“{stitch.Key}” lies flat with nothing under it too: this fabric does not want a stabiliser for it.";
                }
                return flat.Count > 0
                    ? $"“{stitch.Key}” lies flat over {string.Join(" and over ", flat)}, and tunnels over {string.Join(" and over ", tried.Select(u => u.Key).Except(flat))}: this fabric wants {flat[0]}."
                    : $"“{stitch.Key}” tunnels over all that was tried: take something firmer, or an opener stitch.";
            }
            return null;
        }
    }

    public override IReadOnlyList<Figure> Figures => Told;

    public override Fact Headline =>
        Drawn(true) is { } drawn ? Headlined(drawn)
        : Sewn.Count > 0 ? new(Sewn.Count == 1 ? "stitch on it" : "stitches on it", $"{Sewn.Count}")
        : new("", "");

    public override IReadOnlyList<string> Lines
    {
        get
        {
            List<string> lines = [];
            if (Drawn(true) is { } along)
            {
                lines.Add(
                    $"Along the rows {Ruler.Mark(AlongBefore!.Value)} became {Ruler.Mark(AlongAfter!.Value)}: {Percent(along)} drawn in."
                );
            }
            if (Drawn(false) is { } across)
            {
                lines.Add(
                    $"Across them {Ruler.Mark(AcrossBefore!.Value)} became {Ruler.Mark(AcrossAfter!.Value)}: {Percent(across)}."
                );
            }
            lines.AddRange(
                Sewn.Where(l => l.Repeat is not null || l.Wide is not null).Select(Says)
            );
            if (Serves is { } serves)
            {
                lines.Add(serves);
            }
            if (lines.Count == 0)
            {
                lines.Add("Nothing is measured of it yet.");
            }
            return lines;
        }
    }

    private string Says(StitchLine line)
    {
        var repeat = line.Repeat is { } real
            ? $" one repeat {Ruler.Fine(real)}"
                + (
                    line.LengthFactor is { } f && Math.Abs(f - 1) >= 0.005
                        ? $", {Percent(Math.Abs(f - 1))} {(f > 1 ? "more" : "less")} than the book says"
                        : ""
                )
            : "";
        var wide = line.Wide is { } w
            ? $"{(repeat == "" ? "" : ";")} {Ruler.Fine(w)} wide"
                + (line.Width is { } set ? $" where {Ruler.Fine(set)} was set" : "")
            : "";
        return $"“{line.Name}”{(line.Changed == "" ? "" : $", {line.Changed}")}:{repeat}{wide}.";
    }

    private static StitchOut? Judge(InputReader reader)
    {
        var taken = new[] { AlongBeforeRead, AlongAfterRead, AcrossBeforeRead, AcrossAfterRead }
            .Select(f => (Field: f, All: reader.Lengths(f with { IsNeeded = false })))
            .ToList();
        var lines = reader
            .Groups(LinesField)
            .Select(l => new StitchLine(
                l.OptionalName(NameOf) ?? "a stitch",
                l.OptionalName(ChangedOf) ?? "",
                l.OptionalLength(LengthOf),
                l.OptionalLength(WidthOf),
                l.OptionalLength(SaidOf),
                l.OptionalLength(TenOf),
                l.OptionalLength(WideOf),
                UnderOf.Choices.First(c => c.Name == l.ChoiceOrStart(UnderOf)).Label,
                l.Flag(TunnelOf)
            ))
            .ToList();
        _ = reader.OptionalNumber(StabilisedFigure);
        _ = reader.OptionalLength(WidthFigure);
        _ = reader.OptionalLength(GapFigure);
        _ = reader.OptionalNumber(FabricFields.LayerWeight);
        var change = Looks.Read(reader);
        return reader.Errors.Count > 0
            ? null
            : new StitchOut(Mean(0), Mean(1), Mean(2), Mean(3), lines, reader.Ruler)
            {
                Readings = Of([.. taken]),
                Change = change,
                Findings = [],
            };

        Length? Mean(int i) => taken[i].All.Count > 0 ? FullnessReading.Mean(taken[i].All) : null;
    }

    private static Fact Headlined(double drawn) => new("shrinkage along the rows", Percent(drawn));

    private static string Percent(double share) => $"{DecimalText.Write(share * 100, 1)} %";

    private static LengthsField Between(string name, string label) =>
        new LengthsField(name, label, Length.FromMillimetres(2000)).Help(
            "Between two marks, flat."
        );

    private static LengthField Small(string name, string label, double most) =>
        LengthField.Fine(name, label, 0.1, most).Help("As it was set, or measured.").Optional();
}
