using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>
/// Cut, folded, joined and trimmed as it is written, the piece measures what was asked. Each reckoning goes forwards, from what stands
/// on the paper alone: cloth is neither made nor lost.
/// </summary>
public class SewnAsToldTests
{
    /// <summary>What it comes to, what was asked, and how far apart these may lie, in mm; either way, or only above.</summary>
    private readonly record struct Comes(
        string What,
        double To,
        double Asked,
        double Below,
        double Above
    )
    {
        public static Comes Within(string what, double to, double asked, double by) =>
            new(what, to, asked, by, by);
    }

    /// <summary>A plan with its figures, and what stands on paper.</summary>
    private sealed class Told(WorkPlan plan, RawInputs ask, Calculation form, Ruler ruler)
    {
        private readonly Captured figures = Captured.From(plan);

        public WorkPlan Plan => plan;

        public double Marking => ruler.Marking.Millimetres;

        public double Cutting => ruler.Cutting.Millimetres;

        public double Figure(string name) => figures[name];

        public double Said(string field) =>
            new InputReader(ask, ruler)
                .LengthOrStart(form.Fields.OfType<LengthField>().Single(f => f.Name == field))
                .Millimetres;

        /// <summary>Where nothing is said, there is none.</summary>
        public double Optional(string field) =>
            form.Fields.OfType<LengthField>().FirstOrDefault(f => f.Name == field) is { } known
                ? new InputReader(ask, ruler).OptionalLength(known)?.Millimetres ?? 0
                : 0;

        public IReadOnlyList<double> Lengths(string field) =>
            [
                .. new InputReader(ask, ruler)
                    .Lengths(form.Fields.OfType<LengthsField>().Single(f => f.Name == field))
                    .Select(l => l.Millimetres),
            ];

        public bool Has(string field) => ask.TryGet(field, out _);

        public double Number(string field) =>
            new InputReader(ask, ruler).NumberOrStart(
                form.Fields.OfType<NumberField>().Single(f => f.Name == field)
            );

        public bool Is(string field) =>
            new InputReader(ask, ruler).Flag(
                form.Fields.OfType<FlagField>().Single(f => f.Name == field)
            );

        public string Choice(string field) =>
            new InputReader(ask, ruler).ChoiceOrStart(
                form.Fields.OfType<ChoiceField>().Single(f => f.Name == field)
            );

        /// <summary>As it is written, and so as it is cut.</summary>
        public double Written(string text) =>
            new InputReader(RawInputs.Of(("l", text)), ruler)
                .Length(new LengthField("l", "l", Length.Zero, Length.FromMillimetres(1e9)))
                .Millimetres;

        public double Long(Piece piece) => Written(piece.LengthSays(ruler));

        public double Deep(Piece piece) => Written(piece.DepthSays(ruler));

        /// <summary>As it is pressed or marked.</summary>
        public double Marked(double mm) => Written(ruler.Mark(Length.FromMillimetres(mm)));
    }

    private static readonly Dictionary<string, Func<Told, IEnumerable<Comes>>> Forwards = new()
    {
        ["pulled-gathers"] = t => Strips(t, t.Figure("flatEdge")),
        ["gathering-foot"] = t => Strips(t, t.Figure("flatEdge")),
        ["overlock-gathers"] = t => Strips(t, t.Figure("flatEdge")),
        ["tucked-ruffle"] = t => Strips(t, t.Figure("cutLength")),
        ["shirring"] = Shirred,
        ["pintucks"] = Tucked,
        ["stitch-rows"] = Rows,
        ["bridged-seam"] = Bridged,
        ["folded-ribbon"] = Ribbon,
        ["cord-trim"] = Covered,
        ["piping"] = Bias,
        ["fine-piping"] = Bias,
        ["couching"] = Rolled,
    };

    public static TheoryData<string, string> All()
    {
        var all = new TheoryData<string, string>();
        foreach (
            var technique in Techniques.Worked.Where(t =>
                t.Process!.Forward.Compute(t.Process.Forward.Example, Ruler.Metric).Answer
                    is WorkPlan { Pieces: [{ Of: "cloth" or "ribbon" }, ..] }
                    && t.Name is not ("applique" or "darning")
                || Forwards.ContainsKey(t.Name)
            )
        )
        {
            all.Add(technique.Name, "metric");
            all.Add(technique.Name, "imperial");
        }
        return all;
    }

    [Theory]
    [MemberData(nameof(All))]
    public void Comes_out_as_it_was_asked(string technique, string units)
    {
        var ruler = units == "metric" ? Ruler.Metric : Ruler.Imperial;
        var form = Techniques.WorkingOf(technique)!.Forward;
        var chance = new Random(5);
        var came = 0;
        for (var i = 0; i < 150 * Deep.Times; i++)
        {
            // As it is planned, before anything was measured on the way or frozen.
            var ask = (i == 0 ? form.Example : AnyAskTests.Changed(form, chance))
                .Without("cuttingStep")
                .Without("course");
            if (form.Compute(ask, ruler).Answer is not WorkPlan plan || plan.Pieces.Count == 0)
            {
                continue;
            }
            foreach (var comes in Forwards[technique](new Told(plan, ask, form, ruler)))
            {
                (comes.To - comes.Asked).ShouldBeInRange(
                    -comes.Below - 1e-6 * Math.Abs(comes.Asked) - 1e-6,
                    comes.Above + 1e-6 * Math.Abs(comes.Asked) + 1e-6,
                    $"{comes.What}: {comes.To} where {comes.Asked} was asked of {string.Join(", ", ask.Values.Select(v => $"{v.Key} {v.Value.Text ?? $"{v.Value.Number}"}"))}"
                );
            }
            came++;
        }
        if (technique != "couching")
        {
            came.ShouldBeGreaterThan(20);
        }
    }

    /// <summary>Strips are joined end to end, or to a ring; each ends in its allowance, and none is short.</summary>
    private static IEnumerable<Comes> Strips(Told t, double flat)
    {
        var strip = t.Plan.Pieces[0];
        var (join, closed) = (t.Said("joinAllowance"), t.Is("closed"));
        var layers = t.Plan.Pieces[0].Count / (t.Plan.Together.Count * t.Figure("stripCount"));
        var count = strip.Count / t.Plan.Together.Count / layers;
        var ends = closed ? 0 : 2 * t.Optional("endAllowance");
        var joins = closed ? count : count - 1;
        yield return new(
            "joined",
            count * t.Long(strip) - 2 * join * joins - ends,
            flat,
            // A strip is never longer than the cloth is wide.
            t.Marking,
            count * t.Cutting
        );
        var (depth, seam) = (t.Said("finishedDepth"), t.Said("seamAllowance"));
        var below = t.Is("doubled") ? 0 : Lower(t);
        yield return new(
            "deep",
            t.Is("doubled") ? t.Deep(strip) / 2 - seam : t.Deep(strip) - seam - below,
            depth,
            0,
            t.Cutting
        );
    }

    private static double Lower(Told t) =>
        t.Plan.Together.Carries is null ? t.Optional("hemAllowance") : t.Said("seamAllowance");

    private static IEnumerable<Comes> Shirred(Told t)
    {
        var panel = t.Plan.Pieces[0];
        var edge = t.Said("edgeAllowance");
        // A panel round a neckline is cut as a ring: what holds of it is in its own test.
        if (!panel.Outline.IsRectangle)
        {
            yield break;
        }
        var high = t.Said("panelHeight");
        var margins = t.Said("topMargin") + t.Said("bottomMargin");
        // Slanting and waving rows draw the height in too, where they lie.
        yield return Comes.Within(
            "high",
            (t.Deep(panel) - 2 * edge - margins) / Heightens(t) + margins,
            high,
            t.Marking / 2
        );
        // Joined, less a seam at either side: no less than the panel as it was reckoned to be sure.
        var widths = t.Figure("widths");
        yield return new(
            "wide",
            widths * t.Long(panel) - 2 * (widths - 1) * t.Said("seamAllowance"),
            t.Figure("sureWidth"),
            0,
            widths * t.Cutting
        );
        var rows = t.Plan.Guide!.Lines;
        if (rows.Count > 1 && Heightens(t) == 1)
        {
            yield return Comes.Within(
                "below the last row",
                panel.Depth.Millimetres - edge - rows[^1].From.Y.Millimetres,
                t.Said("bottomMargin"),
                0.01
            );
        }
    }

    private static double Heightens(Told t) =>
        ShirringTests.Heightens(
            t.Choice("rowShape"),
            t.Number("rowAngle"),
            t.Said("waveHeight"),
            t.Said("waveLength"),
            t.Figure("sureFullness")
        );

    /// <summary>Each tuck takes its cloth; what was cut to be sure is trimmed, as much on either side of the middle.</summary>
    private static IEnumerable<Comes> Tucked(Told t)
    {
        var panel = t.Plan.Pieces[0];
        var seams = 2 * t.Said("seamAllowance");
        var after = t.Long(panel) - t.Figure("extraWidth") - seams;
        yield return new("wide", after, t.Said("panelWidth"), 0, double.PositiveInfinity);
        var marks = Captured.From(t.Plan).Rows("marks");
        yield return Comes.Within(
            "middle",
            (marks[0]["centre"] + marks[^1]["centre"]) / 2,
            panel.Length.Millimetres / 2,
            0.01
        );
    }

    /// <summary>Trimmed to the finished size and its seams; and never smaller than that once the stitching drew it in as told.</summary>
    private static IEnumerable<Comes> Rows(Told t)
    {
        var piece = t.Plan.Pieces[0];
        foreach (
            var (cut, outline, said) in new[]
            {
                (t.Long(piece), "outlineWidth", "width"),
                (t.Deep(piece), "outlineHeight", "height"),
            }
        )
        {
            var (drawn, finished) = (t.Figure(outline), t.Said(said));
            yield return new($"{said} cut", cut, drawn, 0.01, double.PositiveInfinity);
            yield return new($"{said} drawn in", drawn, finished, 0, double.PositiveInfinity);
        }
    }

    /// <summary>Folded where it is measured from the edge, gap by gap; the outer edges are turned in until it measures what was asked.</summary>
    private static IEnumerable<Comes> Bridged(Told t)
    {
        var (bridges, gap) = ((int)t.Number("bridges"), t.Said("gap"));
        var fold = t.Marked(t.Said("foldAllowance"));
        var isReady = t.Choice("readyMade") != "cut";
        // Every panel less its folds, the gaps between, and what is there already: between the outer edges, with their hems.
        var folds = 2 * bridges - (isReady ? 1 : 0);
        var ready = isReady
            ? t.Lengths("panelWidths").FirstOrDefault(t.Figure("panelFinished"))
            : 0;
        var wide =
            t.Plan.Pieces.Sum(p => p.Count / t.Plan.Together.Count * t.Long(p))
            - folds * fold
            + bridges * gap
            + ready;
        yield return Comes.Within(
            "wide with its hems",
            wide,
            t.Said("totalWidth") + (isReady ? 1 : 2) * t.Said("outerAllowance"),
            (bridges + 1) * 2 * t.Marking
        );
        var outer = t.Plan.Pieces[0];
        yield return Comes.Within(
            "long",
            t.Deep(outer) - 2 * t.Said("endAllowance"),
            t.Said("seamLength"),
            t.Marking / 2
        );
    }

    /// <summary>Leg by leg at 45°, and a tail at either end.</summary>
    private static IEnumerable<Comes> Ribbon(Told t)
    {
        var legs = Math.Max(1, Math.Floor(t.Said("run") / t.Said("legAdvance") + 0.5));
        var laid = 2 * t.Said("tail") + legs * (t.Said("run") / legs) * Math.Sqrt(2);
        yield return new("ribbon", t.Long(t.Plan.Pieces[0]), laid, 0, t.Cutting);
    }

    /// <summary>A cover is its pad with a seam all round, cut to the line.</summary>
    private static IEnumerable<Comes> Covered(Told t)
    {
        var seams = 2 * t.Said("seamAllowance");
        var plump = t.Choice("plumpness") switch
        {
            "full" => 20.0,
            "plump" => 40,
            _ => 0,
        };
        var (width, height) = (t.Said("cushionWidth"), t.Said("cushionHeight"));
        plump = Math.Min(plump, Math.Min(width, height) / 10);
        yield return Comes.Within(
            "wide",
            t.Long(t.Plan.Pieces[0]) - seams,
            width - plump,
            t.Marking / 2
        );
        yield return Comes.Within(
            "high",
            t.Deep(t.Plan.Pieces[0]) - seams,
            height - plump,
            t.Marking / 2
        );
    }

    /// <summary>Strips from selvedge to selvedge, joined on the slant, are as long as what they cover.</summary>
    private static IEnumerable<Comes> Bias(Told t)
    {
        var strips = t.Plan.Pieces.Where(p => p.Key == "strip").ToList();
        if (strips.Count == 0)
        {
            yield break;
        }
        var strip = strips[0];
        var slant = strip.OnBias ? Math.Sqrt(2) : 1;
        var join = t.Said("joinAllowance");
        yield return new(
            "joined",
            strip.Count * strip.Length.Millimetres - 2 * (strip.Count - 1) * join * slant,
            t.Figure("required"),
            t.Marking,
            double.PositiveInfinity
        );
    }

    /// <summary>A strip that is rolled up makes the cord that was asked, to a twentieth.</summary>
    private static IEnumerable<Comes> Rolled(Told t)
    {
        if (t.Plan.Pieces is [{ Key: "strip" } strip])
        {
            var (cord, thick) = (t.Said("cordDiameter"), t.Said("stripThickness"));
            var rolled = Math.Sqrt(4 * t.Deep(strip) * thick / (0.6 * Math.PI));
            yield return Comes.Within("cord", rolled, cord, Math.Max(0.06 * cord, 0.15));
        }
    }
}
