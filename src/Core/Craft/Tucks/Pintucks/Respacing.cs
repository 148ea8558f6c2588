using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using F = ZephyrReach.Core.Answers.Figure<ZephyrReach.Core.Craft.Tucks.Pintucks.Respacing>;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>A measure that was taken on the way.</summary>
/// <param name="Sewn">m: how many tucks were sewn, side by side; 2 or more.</param>
/// <param name="From">The number of the first of them, from the left.</param>
/// <param name="Span">M: from the first of them to the last, centre to centre.</param>
internal sealed record MidwayMeasure(int Sewn, int From, Length Span)
{
    public int To => From + Sewn - 1;
}

/// <summary>Half way: what the tucks really took up, and where the rest go so that the run still lands on its span.</summary>
/// <remarks>
/// With Pm the planned span of those that are sewn, û = u + (Pm − M)/(m − 1), finishedGap = (span − M)/(k − m) and flatGap =
/// finishedGap + û. Where groups are wider apart, each gap that is left changes by the same, so that the groups stay groups:
/// finishedGap is then their mean. A second measure goes by the lines as they lay after the first.
/// </remarks>
internal sealed record Respacing(PintucksInputs Ask, TuckRun Before, MidwayMeasure Measured)
    : Result
{
    /// <summary>A change of more than this part of the spacing is seen.</summary>
    private const double Seen = 0.1;

    public static IReadOnlyList<Figure> Told { get; } =
    [
        F.Fine("takeUp", "û: what each really took up.", a => a.TakeUp),
        F.Length("should", LengthKind.Marked, "What they were to span.", a => a.Planned),
        F.Length("measured", LengthKind.Marked, "What they span.", a => a.Measured.Span),
        F.Fine("finishedGap", "From tuck to tuck, for those still to sew.", a => a.FinishedGap),
        F.Fine("flatGap", "The same on the flat fabric.", a => a.FlatGap),
        F.Marked(
            "panelLands",
            "cut − 2·seamAllowance − k·û: fabric is conserved, wherever the ridges lie.",
            a => a.PanelLands
        ),
        F.Marked(
            "shortBy",
            "panelWidth − panelLands; below nothing where there is fabric to spare.",
            a => a.ShortBy
        ),
        F.Lengths(
            "flatCentres",
            LengthKind.Marked,
            "Every tuck on the flat fabric from the left seam line, those still to sew as they now lie.",
            a => [.. a.After.Tucks.Select(t => t.Flat)]
        ),
    ];

    public static Calculation Form { get; } =
        new(
            "respace",
            "Half way: where the rest go so that the panel lands on its width",
            [
                .. PintucksFields.All,
                PintucksFields.Sewn,
                PintucksFields.From,
                PintucksFields.Measured,
            ],
            Told,
            PintucksTechnique
                .Example.With("sewn", RawValue.Of(5))
                .With("from", RawValue.Of(6))
                .With("measured", RawValue.Of("23.5 mm")),
            Of
        );

    public override IReadOnlyList<Figure> Figures => Told;

    /// <summary>Whether anything is left for the tucks still to sew.</summary>
    public bool Lands => FinishedGap > Length.Zero;

    private int Left => Ask.Tucks - Measured.Sewn;

    /// <summary>Pm: what they were to span.</summary>
    public Length Planned =>
        Before.Tucks[Measured.To - 1].Centre - Before.Tucks[Measured.From - 1].Centre;

    /// <summary>û: the cloth that lay between the first and the last of their lines, less what is left of it.</summary>
    public Length TakeUp =>
        (Before.Tucks[Measured.To - 1].Flat - Before.Tucks[Measured.From - 1].Flat - Measured.Span)
        / (Measured.Sewn - 1);

    public Length FinishedGap => (TuckRun.Of(Ask).Span - Measured.Span) / Left;

    public Length FlatGap => FinishedGap + TakeUp;

    /// <summary>What the panel comes to between its seam lines once all are sewn: what is cut for it, less what each takes up.</summary>
    public Length PanelLands =>
        Ask.PanelWidth + Ask.Reserve + Ask.Tucks * Ask.TakeUp - Before.Tucks.Select(Taken).Sum();

    /// <summary>What a tuck really takes up: û, or, where groups differ, as much more or less of its own.</summary>
    public Length Taken(Tuck tuck) => Ask.IsMixed ? tuck.TakeUp * Share : TakeUp;

    /// <summary>What the tucks that were measured took up, of what was planned for them.</summary>
    private double Share
    {
        get
        {
            var planned = Enumerable
                .Range(Measured.From, Measured.Sewn - 1)
                .Select(i => (Before.Tucks[i - 1].TakeUp + Before.Tucks[i].TakeUp) / 2)
                .Sum();
            return planned > Length.Zero ? (Measured.Sewn - 1) * TakeUp / planned : 1;
        }
    }

    /// <summary>Between the lines of two neighbours on the flat cloth, less their finished gap: half of either.</summary>
    private Length Between(int left) =>
        (Taken(Before.Tucks[left]) + Taken(Before.Tucks[left + 1])) / 2;

    public Length ShortBy => Ask.PanelWidth - PanelLands;

    /// <summary>From a ridge that is sewn to the next line within a group: half of what that takes is taken already.</summary>
    public Length FromRidge => WithinFlat - TakeUp / 2;

    /// <summary>On the flat cloth, from tuck to tuck within a group.</summary>
    public Length WithinFlat => Ask.Spacing + Change + TakeUp;

    /// <summary>On the flat cloth, from group to group.</summary>
    public Length BetweenFlat => Ask.GroupGap + Change + TakeUp;

    /// <summary>By how much each gap that is left changes.</summary>
    public Length Change => FinishedGap - PlannedGap;

    /// <summary>The tucks as they lie now: those that are sewn where they were marked, the others outwards from them.</summary>
    public TuckRun After
    {
        get
        {
            var gaps = TuckRun.Gaps(Ask);
            var tucks = Before.Tucks.ToArray();
            var span = Measured.Span;
            var planned = Planned;
            // The sewn ones keep their lines; what they came to is spread over them evenly.
            var first = tucks[Measured.From - 1];
            for (var i = Measured.From; i < Measured.To; i++)
            {
                var share =
                    planned > Length.Zero
                        ? (Before.Tucks[i].Centre - first.Centre) / planned
                        : (double)(i - Measured.From + 1) / (Measured.Sewn - 1);
                tucks[i] = tucks[i] with { Centre = first.Centre + span * share };
            }
            for (var i = Measured.To; i < tucks.Length; i++)
            {
                var gap = gaps[i - 1] + Change;
                tucks[i] = tucks[i] with
                {
                    Centre = tucks[i - 1].Centre + gap,
                    Flat = tucks[i - 1].Flat + gap + Between(i - 1),
                };
            }
            for (var i = Measured.From - 2; i >= 0; i--)
            {
                var gap = gaps[i] + Change;
                tucks[i] = tucks[i] with
                {
                    Centre = tucks[i + 1].Centre - gap,
                    Flat = tucks[i + 1].Flat - gap - Between(i),
                };
            }
            return new TuckRun(tucks);
        }
    }

    private Length PlannedGap => (TuckRun.Of(Ask).Span - OriginallyPlanned) / Left;

    private Length OriginallyPlanned
    {
        get
        {
            var planned = TuckRun.Of(Ask).Tucks;
            return planned[Measured.To - 1].Centre - planned[Measured.From - 1].Centre;
        }
    }

    /// <summary>The run after all that was measured on the way.</summary>
    public static TuckRun Along(PintucksInputs ask) =>
        ask.Course.Aggregate(
            TuckRun.Of(ask),
            (run, measured) =>
                // Where grooves lead, no line is marked, and none is marked anew.
                !ask.IsLed
                && new Respacing(ask, run, measured) { Findings = [] } is { Lands: true } respacing
                    ? respacing.After
                    : run
        );

    /// <summary>Reads what was measured on the way, in the order of how much was sewn.</summary>
    public static IReadOnlyList<MidwayMeasure> ReadCourse(InputReader reader, int tucks) =>
        [
            .. reader
                .Groups(PintucksFields.Course)
                .Select(row => Read(row, tucks))
                .OfType<MidwayMeasure>()
                .OrderBy(m => m.Sewn),
        ];

    private static MidwayMeasure? Read(InputReader reader, int tucks)
    {
        var (sewn, from) = ((int)reader.Number(PintucksFields.Sewn), FirstOf(reader));
        var span = reader.Length(PintucksFields.Measured);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (sewn >= tucks || from + sewn - 1 > tucks)
        {
            reader.Contradiction(
                PintucksFields.Sewn,
                $"Of {tucks} tucks at least one must be left, and no more can be sewn than lie there."
            );
            return null;
        }
        return new MidwayMeasure(sewn, from, span);
    }

    private static int FirstOf(InputReader reader) =>
        (int)(reader.OptionalNumber(PintucksFields.From) ?? 1);

    public static Respacing? Of(InputReader reader)
    {
        if (
            PintucksInputs.Read(reader) is not { } ask
            || Read(reader, ask.Tucks) is not { } measured
        )
        {
            return null;
        }
        // What was measured later than this is not known yet.
        ask = ask with
        {
            Course = [.. ask.Course.Where(c => c.Sewn < measured.Sewn)],
        };
        var answer = new Respacing(ask, Along(ask), measured) { Findings = [] };
        if (!answer.Lands)
        {
            reader.Contradiction(
                PintucksFields.Measured,
                "They already reach as far as all of them should: measured from the first centre to the last?"
            );
            return null;
        }
        return answer with
        {
            Findings = Finding.GravestFirst([
                answer.Judge(reader.Ruler),
                .. answer.Short(reader.Ruler),
            ]),
        };
    }

    /// <summary>Spacing the rest anew moves the ridges and makes no cloth.</summary>
    private IEnumerable<Finding> Short(Ruler ruler)
    {
        if (Ask.IsLed || ShortBy <= ruler.Marking)
        {
            yield break;
        }
        var leftOut = (int)Math.Min(Left, Rounding.CeilingTolerant(ShortBy / TakeUp));
        yield return Finding.Care(
            "cloth-short",
            $"The panel then comes to {ruler.Mark(PanelLands)}: {ruler.Mark(ShortBy)} short.",
            $"Each tuck takes {ruler.Fine(TakeUp)} in place of {ruler.Fine(Ask.TakeUp)}. Spaced again the ridges land on their span, and the fabric is missing beside them.",
            $"Leave {leftOut} out, or let the margins be {ruler.Mark(ShortBy / 2)} narrower on either side, or begin again with a piece {ruler.Cut(ShortBy)} wider."
        );
    }

    private Finding Judge(Ruler ruler)
    {
        if (!Ask.IsLed)
        {
            return Marked(ruler);
        }
        var off = Length.Difference(Measured.Span, Planned);
        return off <= ruler.Marking
            ? Finding.Note(
                "on-course",
                $"{Measured.Sewn} tucks span {ruler.Mark(Measured.Span)}, as the grooves space them.",
                "Led by grooves, nothing is marked, and nothing must be marked again.",
                "Sew on as before."
            )
            : Finding.Care(
                "off-grooves",
                $"{Measured.Sewn} tucks span {ruler.Mark(Measured.Span)}, and by the grooves they would span {ruler.Mark(Planned)}.",
                "A ridge has left its groove, or it was measured along another line.",
                "Measure again, pressed and flat. Where it is so, see that the last ridge stays in its groove from end to end."
            );
    }

    private Finding Marked(Ruler ruler)
    {
        string fine(Length length) => ruler.Fine(length);
        var took =
            $"{Measured.Sewn} tucks span {fine(Measured.Span)}, and were to span {fine(Planned)}: each takes up {fine(TakeUp)}.";
        var groups = Ask.Groups.Count > 1 ? $", and {fine(BetweenFlat)} from group to group" : "";
        var rest = $"Now mark the other {Left} {fine(WithinFlat)} apart{groups} on the flat fabric";
        var by = Length.Difference(FinishedGap, PlannedGap);
        if (by > Ask.Spacing * Seen)
        {
            return Finding.Care(
                "visible-correction",
                $"{took} The rest would stand {fine(FinishedGap)} apart in place of {fine(PlannedGap)}.",
                "A change of more than a tenth of the spacing is seen.",
                $"{rest}; or keep the spacing and let the margins take it: {fine(Left * by / 2)} {(FinishedGap > PlannedGap ? "more" : "less")} on either side."
            );
        }
        return Finding.Note(
            by.Millimetres < 0.005 ? "on-course" : "re-spaced",
            took,
            by.Millimetres < 0.005 ? "As planned." : $"{fine(by)} from tuck to tuck is not seen.",
            $"{rest}{(ShortBy <= ruler.Marking ? ": the panel lands on its width" : "")}."
        );
    }
}
