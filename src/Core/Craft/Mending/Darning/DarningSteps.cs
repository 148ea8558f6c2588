using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Mending.Darning;

/// <summary>The order of work on a darn.</summary>
internal static class DarningSteps
{
    /// <summary>Of more blocks than this, the others are one step.</summary>
    private const int MostSteps = 24;

    public static IReadOnlyList<SewingStep> Of(DarningPlan a, Ruler ruler) =>
        a.Ask.What is { IsDarned: false } what ? [.. what.IsSeam ? Seam(a, ruler) : ByHand(a)]
        : a.Patch is { } patch ? [.. PatchSteps.Of(patch, ruler)]
        :
        [
            .. Prepared(a, ruler),
            .. a.Ask.IsProgrammed ? Blocks(a, ruler) : Lines(a, ruler),
            new SewingStep(
                "finish",
                "Trim and press",
                a.Ask.What.Behind == Damage.Interfacing
                    ? "Trim the threads, and press from the wrong side over a towel. The interfacing stays as it is fused."
                    : "Trim the threads, and what lies behind to 3 mm beyond the stitches. Press from the wrong side over a towel.",
                "trim, press",
                ["The darn lies flat, and no end is left to catch."],
                Safety.Iron
            ).At(Place.Iron, 2, DarnDrawing.Name, [.. Sewn(a)], ["marks"]),
        ];

    /// <summary>Where only the thread of a seam gave.</summary>
    private static IEnumerable<SewingStep> Seam(DarningPlan a, Ruler ruler)
    {
        yield return new SewingStep(
            "pick",
            "Pick out the loose thread",
            $"Pick out the broken stitches, {ruler.Mark(a.Ask.TearLength)} of them, until both ends hold, and press the seam as it was sewn.",
            "until both ends hold",
            ["Neither edge of the fabric is torn."],
            Safety.Iron
        ).At(Place.Iron, 2, DarnDrawing.Name, ["tear"]);
        yield return new SewingStep(
            "again",
            "Sew the seam again",
            $"Right sides together, on the old line: begin {ruler.Mark(DarningPlan.Past)} before what gave, and end {ruler.Mark(DarningPlan.Past)} past it.",
            ruler.Mark(a.SewnAgain),
            ["It runs along the old line.", "Both ends lie over old stitches and are locked."],
            Safety.Needle
        )
            .At(Place.Machine, 2, DarnDrawing.Name, ["tear"])
            .Setting(["length 2.5 mm"]);
        yield return new SewingStep(
            "press",
            "Press",
            "Press the allowances as they lay before.",
            "press",
            ["From the right side nothing shows."],
            Safety.Iron
        ).At(Place.Iron, 1, DarnDrawing.Name, ["tear"]);
    }

    /// <summary>What a machine would draw together and show.</summary>
    private static IEnumerable<SewingStep> ByHand(DarningPlan a)
    {
        yield return new SewingStep(
            "threads",
            "Draw threads for it",
            "Draw a few threads out of a seam allowance or a hem: of the same fabric they are not seen. Take a fine needle with a round point.",
            "its own threads",
            ["They are longer than the hole by a hand."]
        ).At(Place.Hand, 5, DarnDrawing.Name, ["tear"]);
        yield return new SewingStep(
            "weave",
            "Along, then across",
            "With the fabric flat over something smooth, lay a thread beside each that is broken, along the grain and into sound fabric; then "
                + "across, over one and under the next. Pull none tight.",
            "over one, under one",
            ["The hole keeps its shape.", "No thread pulls."]
        ).At(Place.Hand, Math.Max(1, a.Minutes - 7), DarnDrawing.Name, ["tear"]);
        yield return new SewingStep(
            "press",
            "Press",
            "Press it under a damp fabric, without pushing.",
            "press",
            ["It lies flat."],
            Safety.Iron
        ).At(Place.Iron, 2, DarnDrawing.Name, ["tear"]);
    }

    private static IEnumerable<SewingStep> Prepared(DarningPlan a, Ruler ruler)
    {
        var sewn = Sewn(a);
        yield return new SewingStep(
            "tidy",
            "Tidy the edges",
            "Trim loose threads, no fabric. Bring the edges as near together as they are by themselves, and press.",
            ruler.Mark(a.Ask.TearWidth) + " × " + ruler.Mark(a.Ask.TearLength),
            ["The tear measures what you entered."],
            Safety.Iron
        ).At(Place.Iron, 2, DarnDrawing.Name, ["tear"], [.. sewn, "backing", "marks"]);
        var size = $"{ruler.Cut(a.BackingWidth)} wide and {ruler.Cut(a.BackingLength)} long";
        yield return (
            a.Ask.What.Behind switch
            {
                Damage.Scrap => new SewingStep(
                    "backing",
                    "A piece of fabric behind",
                    $"Cut a piece of the same fabric {size}, with its grain along the garment’s, and baste it to the wrong side.",
                    Ruler.Size(ruler.Cut(a.BackingWidth), ruler.Cut(a.BackingLength)),
                    ["It reaches beyond the tear all round.", "Its grain runs with the fabric’s."]
                ).At(Place.Table, 3, DarnDrawing.Name, ["backing", "tear"], [.. sewn, "marks"]),
                Damage.Stretching => new SewingStep(
                    "backing",
                    "Something that stretches behind",
                    $"Cut a piece of thin knit {size}, and baste it to the wrong side with nothing pulled.",
                    Ruler.Size(ruler.Cut(a.BackingWidth), ruler.Cut(a.BackingLength)),
                    [
                        "It reaches beyond the tear all round.",
                        "It stretches the same way as the fabric.",
                    ]
                ).At(Place.Table, 3, DarnDrawing.Name, ["backing", "tear"], [.. sewn, "marks"]),
                _ => new SewingStep(
                    "backing",
                    "Fuse the backing",
                    $"Cut interfacing {size}, and fuse it to the wrong side.",
                    Ruler.Size(ruler.Cut(a.BackingWidth), ruler.Cut(a.BackingLength)),
                    ["It reaches beyond the tear all round.", "It stays when a corner is lifted."],
                    Safety.Iron
                ).At(Place.Iron, 3, DarnDrawing.Name, ["backing", "tear"], [.. sewn, "marks"]),
            }
        );
        if (a.Ask.What.ClosesFirst)
        {
            yield return new SewingStep(
                "close",
                "Close the edges",
                "Bring the flap back to where it was, and sew along the tear with a wide zigzag that catches both edges.",
                "wide zigzag",
                ["Both edges are caught, and lie beside each other."]
            ).At(Place.Machine, 3, DarnDrawing.Name, ["tear"], [.. sewn, "marks"]);
        }
        yield return new SewingStep(
            "marks",
            "Mark the corners",
            $"Chalk the four corners of {ruler.Mark(a.Ask.AreaWidth)} by {ruler.Mark(a.Ask.AreaLength)}: {ruler.Mark(a.Ask.Margin)} beyond the tear on every side.",
            Ruler.Size(ruler.Mark(a.Ask.AreaWidth), ruler.Mark(a.Ask.AreaLength)),
            ["Every corner lies in sound fabric.", "The sides run with the grain."]
        ).At(Place.Table, 2, DarnDrawing.Name, ["marks"], sewn);
    }

    private static IEnumerable<SewingStep> Blocks(DarningPlan a, Ruler ruler)
    {
        var sewn = Sewn(a);
        var first = a.Ask.AwayFirst ? "near" : "far";
        var set = a.Ask.ByLever
            ? $"Choose the darning program{Asked(a.Ask)}. The lever is tapped by hand: at the mark below, and at the mark above."
            : $"Choose the darning program{Asked(a.Ask)}, and set the slide of the foot to {a.Ruler.Fine(a.SetLength)}.";
        yield return new SewingStep(
            "set-up",
            a.Ask.ByLever ? "Set the width" : "Set the foot",
            set
                + $" Set the width to {a.Ruler.Fine(a.SetWidth)}."
                + (
                    a.StopsEarly
                        ? $" If the program's width cannot be set: stop it when {a.Ruler.Fine(a.BlockWidth)} are covered, and tie off by hand."
                        : ""
                ),
            a.Ruler.Fine(a.Ask.ByLever ? a.SetWidth : a.SetLength),
            [
                a.Ask.ByLever
                    ? "The lever answers when it is tapped. If it does not: stop, foot up and down, begin the program anew, and tap it to its end."
                    : "The buttonhole lever is down.",
                $"The first line runs {(a.Ask.AwayFirst ? "away from" : "towards")} you on the swatch.",
            ],
            Schools:
            [
                new("foot with a slide", "It measures the length by itself."),
                new(
                    "lever tapped by hand, with an ordinary foot",
                    "As long as you let it; the eye does the measuring."
                ),
            ],
            Caution: Safety.Needle
        )
            .At(Place.Machine, 3, DarnDrawing.Name, ["marks"], sewn)
            .Setting(
                a.Ask.ByLever
                    ? [$"width {a.Ruler.Fine(a.SetWidth)}"]
                    : [$"slide {a.Ruler.Fine(a.SetLength)}", $"width {a.Ruler.Fine(a.SetWidth)}"]
            );
        foreach (var block in a.Blocks.Take(MostSteps))
        {
            var below = a.Ask.AwayFirst ? block.Y + a.BlockLength : block.Y;
            yield return new SewingStep(
                DarnDrawing.Part(block),
                $"Block {block.Number} of {a.Blocks.Count}",
                $"From the top left corner mark {ruler.Mark(block.X)} to the right and {ruler.Mark(below)} down is its {first} left corner. "
                    + "Needle down on it, and let the program run to its end.",
                $"→ {ruler.Mark(block.X)}  ↓ {ruler.Mark(below)}",
                [
                    block.Number == 1
                        ? "It begins in sound fabric."
                        : $"It lies {a.Ruler.Fine(a.Ask.Overlap)} over the block beside it.",
                    "It ended by itself, and tied off.",
                ]
            ).At(
                Place.Machine,
                DarningPlan.MinutesOfBlock,
                DarnDrawing.Name,
                [DarnDrawing.Part(block)],
                [.. a.Blocks.Skip(block.Number).Select(DarnDrawing.Part)]
            );
        }
        if (a.Blocks.Count > MostSteps)
        {
            yield return new SewingStep(
                "other-blocks",
                "The other blocks",
                $"Sew blocks {MostSteps + 1} to {a.Blocks.Count} in the same way, row by row.",
                $"{a.Blocks.Count - MostSteps}",
                ["Each lies over the one beside it."]
            ).At(
                Place.Machine,
                (a.Blocks.Count - MostSteps) * DarningPlan.MinutesOfBlock,
                DarnDrawing.Name,
                [.. a.Blocks.Skip(MostSteps).Select(DarnDrawing.Part)]
            );
        }
    }

    private static IEnumerable<SewingStep> Lines(DarningPlan a, Ruler ruler)
    {
        yield return new SewingStep(
            "hoop",
            "Hoop the fabric",
            $"Lay the fabric into a hoop of {ruler.Mark(a.Hoop)} or more inside, wrong side down, {(a.Ask.What.IsOpen ? "flat and not stretched" : "drum-tight")}.",
            ruler.Mark(a.Hoop),
            [
                a.Ask.What.IsOpen
                    ? "It lies as wide as it did before."
                    : "It sounds when it is tapped.",
                "The grain is straight both ways.",
            ]
        ).At(Place.Hand, 2, DarnDrawing.Name, ["marks", "tear"], ["along", "across"]);
        yield return new SewingStep(
            "set-up",
            "Feed dogs down",
            "Lower or cover the feed dogs, fit the darning foot, and put it down although it hovers. Bring the bobbin thread up, a few stitches on the spot, trim.",
            "feed dogs down",
            ["The foot is down.", "Both threads lie on top."],
            Schools:
            [
                new("closed foot", "Nothing catches in it."),
                new("open-toe foot", "You see the line; it can catch in a loop."),
                new(
                    "thread down through the hole of the foot, and held",
                    "No end is sewn in; it is trimmed at the end."
                ),
                new("thread trimmed after a few stitches", "Nothing lies in the way of the lines."),
            ],
            Caution: Safety.Needle
        )
            .At(Place.Machine, 3, DarnDrawing.Name, ["marks"], ["along", "across"])
            .Setting(["feed dogs down", $"stitch by hand, {a.Ruler.Fine(a.Ask.StitchLength)}"]);
        var share = (double)a.LengthwiseLines / (a.LengthwiseLines + a.CrosswiseLines);
        yield return new SewingStep(
            "along",
            "Lines along",
            $"Even lines back and forth, {a.LengthwiseLines} of them, {a.Ruler.Fine(a.Ask.LineGap)} apart, {ruler.Mark(a.Ask.AreaLength)} long: into sound fabric at either end.",
            $"{a.LengthwiseLines} lines, {a.Ruler.Fine(a.Ask.LineGap)} apart",
            ["Small turns at the ends, no knots.", "The fabric stays flat."]
        ).At(
            Place.Machine,
            Math.Max(0.1, a.Minutes * share),
            DarnDrawing.Name,
            ["along"],
            ["across"]
        );
        yield return new SewingStep(
            "across",
            "A quarter turn, lines across",
            $"Turn the hoop a quarter, and sew {a.CrosswiseLines} lines across the first, {a.Ruler.Fine(a.Ask.LineGap)} apart, {ruler.Mark(a.Ask.AreaWidth)} long.",
            $"{a.CrosswiseLines} lines, {a.Ruler.Fine(a.Ask.LineGap)} apart",
            ["No gap is left that a finger goes through."]
        ).At(Place.Machine, Math.Max(0.1, a.Minutes * (1 - share)), DarnDrawing.Name, ["across"]);
    }

    /// <summary>The number on the machine and the foot that it asks for, where they are known.</summary>
    private static string Asked(DarningInputs ask) =>
        (ask.Program is { } number ? $" ({number} on the machine)" : "")
        + (ask.FootAsked is { } foot ? $" with foot {foot}, which it asks for" : "");

    /// <summary>The parts of the drawing that are sewn.</summary>
    private static IReadOnlyList<string> Sewn(DarningPlan a) =>
        a.Ask.IsProgrammed ? [.. a.Blocks.Select(DarnDrawing.Part)] : ["along", "across"];
}
