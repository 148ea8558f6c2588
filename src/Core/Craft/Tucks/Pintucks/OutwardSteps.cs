using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

internal static partial class PintucksSteps
{
    /// <summary>The tucks from one count to the next, to the right and to the left in turn.</summary>
    private static SewingStep Outwards(
        PintucksPlan a,
        Ruler ruler,
        string key,
        int done,
        int to,
        string part,
        IReadOnlyList<string>? notYet
    )
    {
        var ask = a.Ask;
        // What was measured last holds for all that is left.
        var measured = ask.Course.LastOrDefault(c => c.Sewn <= done);
        var respacing = measured is null
            ? null
            : new Respacing(ask, Respacing.Along(Before(ask, measured.Sewn)), measured)
            {
                Findings = [],
            };
        var isRespaced = !ask.IsLed && respacing is { Lands: true };
        var (first, last) = SewingOrder.Sewn(ask, to);
        var gap = isRespaced ? respacing!.FromRidge : ask.Spacing + ask.TakeUp;
        var between = isRespaced ? respacing!.BetweenFlat : ask.GroupGap + ask.TakeUp;
        // One figure is not theirs all.
        var differ = ask.IsMixed && !isRespaced;
        var how =
            isRespaced ? AnewFrom(respacing!, SewingOrder.Sewn(ask, done), (first, last), ruler)
            : ask.GrooveStep is not null
                ? $"The last tuck runs {SoleDrawing.Over(ask)}: sew the next along it."
            : $"{(ask.IsTwin ? "Sew each on its marked line" : "Fold each on its marked line")}; on the flat fabric they lie {(differ ? "as their group says" : $"{a.Ruler.Fine(gap)} apart")}{(ask.GroovePitch is null || differ ? "" : $", {SoleDrawing.Over(ask)}")}.";
        var outOfGroup =
            isRespaced || ask.Groups.Count == 1 ? ""
            : ask is { IsLed: true, GroupGrooves: { } over } && !(over > ask.Grooves / 2)
                ? $" From group to group the last tuck runs {over} grooves over{(ask.Grooves is null ? $" where the foot has so many; else mark the next line {a.Ruler.Fine(between)} away" : "")}."
            : $" From group to group it is {a.Ruler.Fine(between)}: mark the first line of each again.";
        var mixed = ask.IsMixed ? $" {Differing(ask, a.Ruler)}" : "";
        return new SewingStep(
            key,
            to == done + 1 ? $"Tuck {to}" : $"Tucks {done + 1} to {to}",
            $"{how}{outOfGroup}{mixed} One to the right, one to the left, from the centre outwards: now those numbered {first} to {last} from the left are sewn.",
            ask.IsTwin && !isRespaced && ask.GrooveStep is not null ? SoleDrawing.Over(ask)
                : differ ? "on the lines"
                : a.Ruler.Fine(gap),
            [
                "All rows run the same way, or every other one the other where the fabric drags.",
                !ask.IsTwin ? "Each fold lies on its line."
                : isRespaced || ask.GrooveStep is null ? "Each is sewn on its marked line."
                : "The last ridge stays in its groove from end to end.",
            ]
        ).At(
            Place.Machine,
            (to - done) * a.Minutes / ask.Tucks,
            ask.IsTwin && !isRespaced && ask.GroovePitch is not null
                ? SoleDrawing.Name
                : PintucksPanelDrawing.FlatName,
            ask.IsTwin && !isRespaced && ask.GroovePitch is not null ? ["last", "next"] : [part],
            ask.IsTwin && !isRespaced && ask.GroovePitch is not null ? null : notYet
        );
    }

    /// <summary>Groups that differ, each with what is set for it.</summary>
    private static string Differing(PintucksInputs ask, Ruler ruler)
    {
        var first = 1;
        List<string> groups = [];
        foreach (var group in ask.Each)
        {
            groups.Add(
                $"{(group.Count == 1 ? $"tuck {first}" : $"tucks {first} to {first + group.Count - 1}")} {(ask.IsTwin ? $"with the twin needle {ruler.Fine(group.Wide)} apart" : $"{ruler.Fine(group.Wide)} deep")}{(group.Count == 1 ? "" : $", each {ruler.Fine(group.Spacing + ask.TakeUpOf(group.Wide))} from the one before")}"
            );
            first += group.Count;
        }
        return $"From the left: {string.Join("; ", groups)}.{(ask.IsTwin && ask.Each.Select(g => g.Wide).Distinct().Count() > 1 ? " Turn the wheel by hand after each change of needles." : "")}";
    }

    /// <summary>
    /// Where the lines lie now. Each is measured from the outermost tuck that is sewn on its side, so that what one is
    /// out does not add to the next.
    /// </summary>
    private static string AnewFrom(
        Respacing respacing,
        (int From, int To) sewn,
        (int From, int To) next,
        Ruler ruler
    )
    {
        var run = respacing.After;
        // Measured from a ridge, half of what it took up is gone; finer than marks, for that is what it mends.
        string Beyond(int ridge, IEnumerable<int> numbers) =>
            string.Join(
                ", ",
                numbers.Select(n =>
                    ruler.Fine(
                        Length.Difference(run.Tucks[n - 1].Flat, run.Tucks[ridge - 1].Flat)
                            - respacing.Taken(run.Tucks[ridge - 1]) / 2
                    )
                )
            );
        var right = Beyond(sewn.To, Enumerable.Range(sewn.To + 1, next.To - sewn.To));
        var left = Beyond(sewn.From, Enumerable.Range(next.From, sewn.From - next.From).Reverse());
        return left == right || left.Length == 0
            ? $"Re-spaced: mark new lines on the flat fabric at {right} from the last ridge{(left.Length == 0 ? "" : ", on either side of those that are sewn")}."
            : $"Re-spaced: mark new lines on the flat fabric, from the last ridge on the right at {right}, from the last on the left at {left}.";
    }

    /// <summary>The ask as it was before so many tucks were measured.</summary>
    private static PintucksInputs Before(PintucksInputs ask, int sewn) =>
        ask with
        {
            Course = [.. ask.Course.Where(c => c.Sewn < sewn)],
        };

    /// <summary>The parts that are sewn after so many checks.</summary>
    private static IReadOnlyList<string> Parts(PintucksInputs ask, int after) =>
        [.. SewingOrder.Checks(ask).Select((_, i) => $"part-{i + 1}").Skip(after), "rest"];
}
