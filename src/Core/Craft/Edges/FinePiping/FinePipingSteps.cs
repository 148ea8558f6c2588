using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Bias;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.FinePiping;

/// <summary>The order of work on a fine piping.</summary>
internal static class FinePipingSteps
{
    /// <summary>Strips, cord and the piping itself are made for all pieces at once.</summary>
    public static IReadOnlyList<SewingStep> Of(FinePipingPlan a)
    {
        IReadOnlyList<SewingStep> one = One(a);
        return a.Ask.Together.Steps(one, one.TakeWhile(s => s.Key != "apply").Count());
    }

    private static IReadOnlyList<SewingStep> One(FinePipingPlan a) =>
        [
            .. a.StripsMade,
            .. a.Ask.CordOf == "cord" ? Array.Empty<SewingStep>() : [Twisted(a)],
            Made(a),
            Applied(a),
            .. a.Ask.Binding is null ? [Closed(a)] : new[] { Bound(a) },
        ];

    /// <summary>In place of a second piece a binding closes the seam.</summary>
    private static SewingStep Bound(FinePipingPlan a) =>
        Sewn(
            a,
            "bind",
            "Bind the edge",
            $"Cut the binding {a.Ruler.Mark(a.Ask.Binding!.Width)} wide and join it to {a.Ruler.Whole(a.Ask.Binding.Required)}. Lay it on the piping, right sides together, and sew once more with the thread in the groove; turn it over the edge, fold it in, and catch it behind.",
            Pace.Folded(a.Edge.Length, a.Ask.StitchLength) * 2,
            [
                $"{a.Ruler.Mark(a.Ask.BindingWidth!.Value)} of the binding are seen, all along.",
                $"The piping beside it is {a.Ruler.Fine(a.Covered)} wide.",
            ]
        );

    private static SewingStep Twisted(FinePipingPlan a) =>
        a.Ask.CordOf == FinePipingFields.Roll
            ? new SewingStep(
                "twist",
                "Roll the edge",
                "Overlock one long edge of the strip with a narrow rolled edge, over a strong thread if it is soft: the roll is the cord, and the strip its covering.",
                a.Ruler.Fine(a.Ask.Twist.Thick),
                [$"The roll is {a.Ruler.Fine(a.Ask.Twist.Thick)} thick, and even."],
                Safety.Knife
            ).At(
                Place.Machine,
                Pace.Sewn(a.Ask.Cut.Required, Length.FromMillimetres(2)),
                CordDrawings.Lines,
                ["cord"],
                [Line(a)]
            )
            : new SewingStep(
                "twist",
                "Twist the thread",
                $"Fold or lay {a.Ask.Twist.Strands} strands together, {a.Ruler.Write(a.StrandLength, LengthKind.Amount)} of thread in all, fasten one end, and twist until they lie round. Let it wind back on itself a little, and keep it taut.",
                $"{a.Ask.Twist.Strands} strands",
                [
                    $"It is {a.Ruler.Fine(a.Ask.Twist.Thick)} thick: wound round the pencil it says so.",
                    "It is even, without loops.",
                ]
            ).At(Place.Hand, 5, CordDrawings.Lines, ["cord"], [Line(a)]);

    private static SewingStep Made(FinePipingPlan a) =>
        Sewn(
            a,
            "make",
            "Make it in the groove",
            $"{(a.Ask.CordOf == FinePipingFields.Roll ? "Fold the strip round its rolled edge" : "Lay the thread into the strip, fold the strip over")}, and sew along it with the cord in the middle groove, where you see it come: stitches {a.Ruler.Fine(a.Ask.StitchLength)} long, half speed.",
            Pace.Folded(a.Ask.Cut.Required, a.Ask.StitchLength),
            ["It is one width all along.", "The needle falls beside the cord, never into it."]
        );

    private static SewingStep Applied(FinePipingPlan a) =>
        Sewn(
            a,
            "apply",
            "Apply it in the same groove",
            $"Lay it along the raw edge of the right side, the thread inwards, and sew it on with the thread in the same groove and the needle where it was. {a.ClipsSay}".TrimEnd(),
            Pace.Folded(a.Edge.Length, a.Ask.StitchLength) + a.Clips.Count,
            [
                "The groove is the same: it stays the same width.",
                "Bends are clipped before they come to the needle.",
            ]
        );

    private static SewingStep Closed(FinePipingPlan a) =>
        Sewn(
            a,
            "close",
            "Close the seam",
            "Lay the other piece on, right sides together, and sew once more with the thread in the groove. Trim, turn, and press beside it.",
            Pace.Folded(a.Edge.Length, a.Ask.StitchLength),
            ["No earlier line shows.", $"From the right side it is {a.Ruler.Fine(a.Covered)} wide."]
        );

    private static SewingStep Sewn(
        FinePipingPlan a,
        string key,
        string title,
        string says,
        double minutes,
        IReadOnlyList<string> checks
    ) =>
        new SewingStep(
            key,
            title,
            says,
            a.Foot.Groove is { } groove
                ? $"groove {a.Ruler.Fine(groove)}"
                : $"{a.Ruler.Fine(a.Covered)} wide",
            checks,
            Safety.Needle
        )
            .At(Place.Machine, minutes, CordDrawings.Lines, ["cord", Line(a)])
            .Setting([a.NeedleAt(a.Lines[0]), $"length {a.Ruler.Fine(a.Ask.StitchLength)}"]);

    private static string Line(FinePipingPlan a) => CordDrawings.Line(a.Lines[0]);
}
