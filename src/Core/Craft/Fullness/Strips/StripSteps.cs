using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.Strips;

/// <summary>The steps that every strip goes through before it is gathered.</summary>
internal static class StripSteps
{
    /// <summary>Cutting, joining and the lower edge, as far as there are any.</summary>
    /// <param name="isPulled">
    /// Whether it is pulled to any length. What a machine gathers is trimmed when it is gathered: then a ring stays open, and its last
    /// join closes it.
    /// </param>
    /// <param name="layers">How many alike lie on each other.</param>
    public static IEnumerable<SewingStep> Of(
        StripPlan a,
        Ruler ruler,
        bool isPulled = true,
        int layers = 1
    )
    {
        yield return Cut(a, ruler).At(Place.Table, Pace.Cut(a.AllStrips), "layout", ["strips"]);
        var closes = a.Ask.Closed && isPulled;
        var joins = closes ? a.Joins : a.StripCount - 1;
        if (joins > 0)
        {
            yield return Join(a, ruler, closes, joins)
                .At(
                    Place.Machine,
                    3 * joins * a.Ask.Layers,
                    "edges",
                    ["joins"],
                    ["marks", "rows", "plain"]
                );
        }
        if (a.Ask.Doubled || (a.Ask.IsHemmed && a.Ask.HemAllowance > Length.Zero))
        {
            yield return LowerEdge(a, ruler)
                .At(
                    Place.Iron,
                    Pace.Pressed(a.SewnFlat) + (a.Ask.Doubled ? 0 : Pace.Sewn(a.SewnFlat, Stitch)),
                    "edges",
                    ["lower-edge"],
                    ["marks", "rows", "plain"]
                );
        }
    }

    /// <summary>What is said at the end of an edge that the next piece is sewn to; else nothing.</summary>
    public static string LowerEdgeStays(StripPlan a) =>
        a.Ask.Together.Carries is { } next && !a.Ask.Doubled
            ? $" The lower edge stays raw: “{next}” is sewn to it."
            : "";

    private static readonly Length Stitch = Length.FromMillimetres(2.5);

    private static SewingStep Cut(StripPlan a, Ruler ruler) =>
        new(
            "cut",
            a.AllStrips == 1 ? "Cut the strip" : "Cut the strips",
            $"Cut {a.AllStrips} {(a.AllStrips == 1 ? "strip" : "strips, each")}{(a.Ask.Layers > 1 ? $" ({a.AllStrips / a.Ask.Layers} for each of the {a.Ask.Layers} layers)" : "")}{(a.Ask.Together.Count > 1 && a.StripCount > 1 ? $" of {a.StripCount} for each piece," : "")} {ruler.Cut(a.StripLength)} long and {ruler.Cut(a.Ask.CutDepth)} deep, "
                + $"{(a.Ask.Along ? "along the selvedge" : "across the fabric, from selvedge to selvedge")}.",
            Piece.Many(
                a.AllStrips,
                Ruler.Size(ruler.Cut(a.StripLength), ruler.Cut(a.Ask.CutDepth))
            ),
            [
                "The cut edge follows one thread of the fabric.",
                "All strips lie the same way up, for nap and print.",
            ]
        );

    private static SewingStep Join(StripPlan a, Ruler ruler, bool closes, int joins) =>
        new(
            "join",
            closes ? "Join the strips into a loop" : "Join the strips",
            $"Sew {joins} {(joins == 1 ? "join" : "joins")} with {ruler.Mark(a.Ask.JoinAllowance)} allowance and press them open"
                + (a.Ask.Layers > 1 ? $", for each of the {a.Ask.Layers} layers." : ".")
                + (
                    a.Ask.Closed && !closes
                        ? " It stays open: the last join closes the loop once it is gathered and trimmed."
                        : ""
                ),
            joins == 1 ? "1 join" : $"{joins} joins",
            [
                closes
                    ? $"The loop measures {ruler.Whole(a.SewnFlat)} round."
                    : $"The strip measures {ruler.Whole(a.SewnFlat + (a.Ask.Closed ? 2 * a.Ask.JoinAllowance : a.Ask.BothEnds))} from end to end.",
                "No strip is twisted, right sides all face one way.",
            ],
            Safety.Iron
        );

    /// <summary>As deep as it is cut: up to the cutting step.</summary>
    private static Length DepthCut(StripPlan a, Ruler ruler) =>
        Rounding.Up(a.Ask.CutDepth, ruler.Cutting);

    /// <summary>What is turned up for the hem: all that the finished depth and the seam leave.</summary>
    private static Length Turned(StripPlan a, Ruler ruler) =>
        DepthCut(a, ruler) - a.Ask.FinishedDepth - a.Ask.SeamAllowance;

    private static SewingStep LowerEdge(StripPlan a, Ruler ruler) =>
        a.Ask.Doubled
            ? new(
                "fold",
                "Fold it lengthwise",
                "Fold the strip along its length, wrong sides together, press, and baste the raw edges together.",
                ruler.Mark(DepthCut(a, ruler) / 2),
                [
                    "Both raw edges lie exactly on each other.",
                    $"The seam will run {ruler.Mark(a.Ask.FinishedDepth)} from the fold.",
                ],
                Safety.Iron
            )
            : new(
                "hem",
                "Hem the lower edge",
                $"Turn up {ruler.Mark(Turned(a, ruler) / 2)} twice, so that no raw edge is left, press and stitch while the strip is still flat.",
                $"2 × {ruler.Mark(Turned(a, ruler) / 2)}",
                [
                    $"From the raw edge to the hem it measures {ruler.Mark(a.Ask.FinishedDepth + a.Ask.SeamAllowance)}.",
                ],
                Safety.Iron
            );
}
