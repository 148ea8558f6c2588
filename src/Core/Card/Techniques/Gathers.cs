using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Craft.PulledGathers;
using ZephyrReach.Core.Drawer;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Card.Techniques.Usual;

namespace ZephyrReach.Core.Card.Techniques;

/// <summary>Gathers that are pulled up by hand.</summary>
internal static class PulledGathersCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "pulled-gathers",
            Title = "gathered by pulled threads",
            Says = "Rows of long stitches, pulled up by hand.",
            Fields =
            [
                Wants.RowsField,
                Wants.RowGapField,
                Wants.StitchLengthField,
                Wants.TailField,
                Wants.FullnessField,
            ],
            Serves = wants => wants.Rows == "over-threads" ? "gathers-over-threads" : null,
            Feet =
            [
                AllPurpose("It holds the cloth flat; the rows gather only when they are pulled."),
                new(
                    [FootKinds.Satin, FootKinds.Straight],
                    "It holds the cloth flat too.",
                    "Its edges are no usual guide for the rows."
                ),
            ],
            Stitch = ask =>
                new(
                    "straight",
                    "A straight row slides along its thread.",
                    ask.Wants.StitchLength ?? Longest(ask, 5),
                    "The longest stitch, 4 to 5 mm, pulls easily and marks least."
                ),
            Tension = _ => -1,
            TensionBecause =
                "A step below normal lets the bobbin thread lie straight, so that it slides.",
            Bulky = ask => ask.Wants.Layers > 1 || ask.Wants.Fullness >= 2.5,
            Above = new("ordinary", "It stays where it is while the other is pulled."),
            Below = new(
                "strong, another colour",
                "The bobbin thread is the one that is pulled; another colour finds it at once.",
                25,
                60,
                true
            ),
            PressureBecause = "One flat layer, nothing to ease.",
            Speed = new("medium, steady", "Rows that run side by side matter more than haste."),
            Preparation = new(
                "press, mark both edges in equal parts",
                "Marks that meet are what spreads the gathers evenly."
            ),
            More = Tails,
            HasRows = true,
            Checks =
            [
                "Pull the bobbin thread of the swatch: it slides without snapping.",
                "The rows run side by side, and end before the seam.",
            ],
            Alternatives =
            [
                new(
                    "two rows inside the seam allowance",
                    "Nothing to unpick; the gathers can roll at the seam."
                ),
                new(
                    "two rows, one either side",
                    "Gathers lie flat where they are sewn; the lower row is unpicked."
                ),
                new("three rows", "Evenest; when one thread snaps two are left."),
            ],
            Instead =
                "Gather on a lockstitch machine, or on the overlocker with its differential feed.",
            Looks = Judgement.Looks,
        };

    internal static Length Longest(CardAsk ask, double most) =>
        ask.Machine.Is.LongestStitch is { } longest ? Length.Min(longest, Mm(most)) : Mm(most);

    internal static IEnumerable<CardLine> Tails(CardAsk ask)
    {
        yield return new(
            "tails",
            "Tails",
            ask.Ruler.Mark(ask.Wants.Tail ?? Mm(100)),
            "",
            "Long enough to wind round a finger at both ends, and never back-stitched."
        );
        if (ask.Machine.Is.LongestStitch is { } longest && longest < Mm(4))
        {
            yield return new(
                "short-runs",
                "Pulling",
                "in short runs",
                "",
                $"This machine's longest stitch is {Fit.Say.Mm(longest)}; under 4 mm the thread is gripped, and is likelier to snap."
            );
        }
    }
}

/// <summary>A zigzag over two drawn-out threads.</summary>
internal static class OverThreadsCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "gathers-over-threads",
            Title = "gathered over drawn-out threads",
            Says =
                "A wide zigzag over two threads that are pulled: no stitch is pulled, so nothing snaps.",
            Fields = [Wants.RowsField, Wants.StitchWidthField, Wants.TailField, Wants.CordField],
            Feet =
            [
                AllPurpose("Wide enough for the zigzag, and flat."),
                new(
                    [FootKinds.Satin],
                    "Wide, and hollow for the threads.",
                    "It presses the cloth a little less."
                ),
            ],
            Stitch = ask =>
                new(
                    "zigzag",
                    "It bridges the two drawn-out threads without catching them.",
                    Mm(4),
                    "Long enough to slide over the threads.",
                    "",
                    Length.Max(
                        ask.Wants.StitchWidth ?? Mm(3),
                        (ask.Wants.Cord ?? Mm(0.6)) + Mm(1.5)
                    ),
                    (ask.Wants.Cord ?? Mm(0.6)) + Mm(1.5),
                    "3 mm, and at least the threads and 1.5 mm: the needle falls clear on both sides."
                ),
            TensionBecause = "No stitch is pulled.",
            Preparation = new(
                "draw both threads out to the flat length",
                "They lie along the line and are fixed at one end before the other is pulled."
            ),
            More = PulledGathersCard.Tails,
            Checks =
            [
                "The needle falls clear of the threads on both sides.",
                "The threads slide from end to end.",
            ],
            Alternatives =
            [
                new("a separate strong cord", "Thicker and easier to find; takes a wider zigzag."),
            ],
            Instead = "Sew rows of the longest straight stitch and pull those.",
            Looks =
            [
                Right,
                Look(
                    "caught",
                    "threads caught",
                    "The threads do not slide.",
                    Try(
                        "wider",
                        "Make the zigzag half a millimetre wider.",
                        "A needle that pierces the thread holds it."
                    ),
                    Try(
                        "guide-threads",
                        "Hold the threads in the middle of the foot.",
                        "They wander to one side."
                    )
                ),
                LoopsBelow,
                Skips,
            ],
        };
}

/// <summary>Gathers made by a foot.</summary>
internal static class GatheringFootCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "gathering-foot",
            Title = "gathered by a foot",
            Says =
                "A foot that holds the cloth back gathers as it sews; what it gathers cannot be pulled after.",
            Feet =
            [
                new(
                    [FootKinds.Gathering],
                    "It grips the cloth against the feed and lets go behind the needle; with a slot it joins a flat layer at once."
                ),
            ],
            Rank = (_, foot) => foot.Slot == true ? 0 : 1,
            BuyAlso = _ => "a slot if a flat layer is to be joined at once",
            Stitch = ask =>
                new(
                    "straight",
                    "Each stitch holds a little more cloth than its length.",
                    ask.Wants.StitchLength ?? PulledGathersCard.Longest(ask, 4),
                    "From 3 mm to the longest: a longer stitch gathers more."
                ),
            Tension = _ => 1.5,
            TensionBecause =
                "One to two steps tighter: the tight thread draws the stitches together.",
            Pressure = 1,
            PressureBecause = "A firmer foot holds the cloth back more.",
            Speed = new("half", "Attachments want time; a change of pace changes the gathers."),
            Preparation = new(
                "a measured strip of the same cloth",
                "The machine decides how full it gets: measure before anything is cut."
            ),
            Checks =
            [
                "Measure the strip flat and gathered.",
                "With a slot: the flat layer stays home against its guide.",
            ],
            Alternatives =
            [
                new("a second pass over the same line", "Fuller; a little less even."),
                new("a finger behind the foot", "Fuller; as even as the finger."),
            ],
            Instead = "Gather by pulled threads: any machine with a long straight stitch does.",
            Looks =
            [
                Right,
                Look(
                    "not-full-enough",
                    "not full enough",
                    "It comes out longer than it should.",
                    Try(
                        "longer-stitch",
                        "Lengthen the stitch by half a millimetre.",
                        "More cloth in each stitch."
                    ),
                    Try(
                        "tension-up",
                        "Tighten the needle tension one step.",
                        "A tighter thread draws up more."
                    ),
                    Try(
                        "pressure-up",
                        "Press the foot one turn harder.",
                        "It holds the cloth back more."
                    ),
                    Try(
                        "second-pass",
                        "Sew a second pass over the same line.",
                        "It gathers what is gathered again."
                    ),
                    Try(
                        "other-cloth",
                        "Take a lighter cloth, or another technique.",
                        "Thick cloth hardly gathers here."
                    )
                ),
                Look(
                    "too-full",
                    "too full",
                    "It comes out shorter than it should.",
                    Try(
                        "shorter-stitch",
                        "Shorten the stitch by half a millimetre.",
                        "Less cloth in each stitch."
                    ),
                    Try("tension-down", "Loosen the needle tension one step.", "It draws up less."),
                    Try("pressure-down", "Press the foot one turn less.", "It lets go sooner.")
                ),
                Look(
                    "piles-up",
                    "cloth piles up",
                    "It jams under the foot.",
                    Try(
                        "let-go",
                        "Guide only; never pull.",
                        "Pulled cloth comes under the needle twice."
                    ),
                    Try(
                        "longer-stitch",
                        "Lengthen the stitch.",
                        "Short stitches do not carry it away."
                    )
                ),
                Look(
                    "slid-out",
                    "the flat layer slid out",
                    "It left the slot.",
                    Try(
                        "watch-guide",
                        "Watch the guide, not the needle.",
                        "The flat layer must stay home the whole way."
                    )
                ),
                LoopsBelow,
            ],
        };
}

/// <summary>Gathers made by differential feed.</summary>
internal static class OverlockGathersCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "overlock-gathers",
            Title = "gathered on the overlocker",
            Says =
                "Front feed dogs that run faster than the back ones gather the lower layer as it is overlocked.",
            NeedsOverlocker = true,
            Feet =
            [
                new(
                    [FootKinds.OverlockGathering],
                    "It gathers the lower layer and leads the upper through flat."
                ),
                new(
                    [FootKinds.Overlock],
                    "Light cloth gathers by the differential alone.",
                    "Less full, and both layers gather: the flat one is joined after."
                ),
            ],
            BuyAlso = _ => "a slot for the flat layer",
            Stitch = ask =>
                new(
                    "overlock, four threads",
                    "It gathers, trims and wraps at once.",
                    ask.Wants.StitchLength ?? Mm(4),
                    "3.5 to 4 mm: the longer, the more it gathers."
                ),
            Tension = _ => 1,
            TensionBecause = "Needles one step tighter: they draw the edge together.",
            Above = new("ordinary, alike on both needles", "Two needles share the pull."),
            Below = new("ordinary or woolly", "It only wraps the edge."),
            Differential = 2,
            PressureBecause = "The feed does the work.",
            Speed = new("medium, steady", "A change of pace changes the gathers."),
            Preparation = new(
                "lower layer first, then the upper into the slot",
                "The lower has to be caught before the upper is slid in."
            ),
            More = _ =>
                [
                    new CardLine(
                        "knife",
                        "Knife",
                        "in, as the edge needs",
                        "",
                        "Loops that hang over the edge mean the knife stands too far from the needle for this cloth."
                    ),
                ],
            Checks =
            [
                "No loops hang over the edge.",
                "Measure the strip flat and gathered.",
                "Hands stay clear of the knife.",
            ],
            Alternatives =
            [
                new("gather alone, join after", "More control over the flat layer; one more seam."),
            ],
            Instead = "Gather with a gathering foot or by pulled threads on a lockstitch machine.",
            Looks =
            [
                Right,
                Look(
                    "not-full-enough",
                    "not full enough",
                    "It comes out longer than it should.",
                    Try("differential-up", "Turn the differential up.", "It is what gathers."),
                    Try("longer-stitch", "Lengthen the stitch.", "More cloth in each."),
                    Try(
                        "tension-up",
                        "Tighten both needle tensions one step.",
                        "They draw the edge together."
                    ),
                    Try(
                        "gathering-foot",
                        "Use the gathering foot.",
                        "It holds the upper layer back."
                    )
                ),
                Look(
                    "too-full",
                    "too full",
                    "It comes out shorter than it should.",
                    Try("differential-down", "Turn the differential down.", "It is what gathers."),
                    Try("shorter-stitch", "Shorten the stitch.", "Less cloth in each.")
                ),
                Look(
                    "edge-loops",
                    "loops at the edge",
                    "Looper threads hang over.",
                    Try(
                        "knife-in",
                        "Bring the knife nearer to the needle.",
                        "The edge is cut too narrow for the loops."
                    ),
                    Try(
                        "looper-tension",
                        "Tighten the looper tensions half a step.",
                        "They lie too loose."
                    )
                ),
                Skips,
            ],
        };
}

/// <summary>Small even folds made by the pleating attachment.</summary>
internal static class TuckedRuffleCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "tucked-ruffle",
            Title = "ruffle in small folds",
            Says = "An arm pushes a bite of cloth under the needle every so many stitches.",
            Fields = [Wants.EveryField, Wants.StitchLengthField],
            Feet =
            [
                new(
                    [FootKinds.Pleating],
                    "Its arm rides on the needle clamp and pushes the folds."
                ),
            ],
            BuyAlso = _ => "an arm that reaches this machine's needle clamp",
            Stitch = ask =>
                new(
                    "straight",
                    "Each fold is held by the stitches up to the next.",
                    ask.Wants.StitchLength ?? Mm(2.5),
                    "2.5 to 3 mm: with the interval it sets how close the folds lie."
                ),
            TensionBecause = "The arm makes the fullness, not the thread.",
            Bulky = _ => true,
            Speed = new("half", "The arm has to come back between two folds."),
            PressureBecause = "The blades have to slide.",
            Preparation = new(
                "baste the raw edges together",
                "Both layers then feed as one, and neither slips out of the guide."
            ),
            More = ask =>
                [
                    new CardLine(
                        "every",
                        "A fold every",
                        ask.Wants.Every is 1 ? "stitch" : $"{ask.Wants.Every ?? 6} stitches",
                        "",
                        "Every stitch for a full ruffle, every 6 for an even one, every 12 for folds apart."
                    ),
                    new CardLine(
                        "depth",
                        "Depth screw",
                        "from shallow to deep",
                        "",
                        "The screw sets how much the arm pushes; deeper is fuller."
                    ),
                ],
            Checks =
            [
                "The arm rides on the clamp screw all the way round.",
                "Measure ten folds flat and sewn.",
            ],
            Alternatives = [new("cut longer and trim", "Nothing can be pulled to fit afterwards.")],
            Instead = "Fold and press small pleats by hand, or gather by pulled threads.",
            Looks =
            [
                Right,
                Look(
                    "not-full-enough",
                    "not full enough",
                    "The folds are shallow or far apart.",
                    Try(
                        "deeper",
                        "Turn the depth screw a quarter deeper.",
                        "Each fold takes more."
                    ),
                    Try("closer", "Fold at every 6 stitches rather than every 12.", "More folds."),
                    Try("shorter-stitch", "Shorten the stitch.", "The same count in less length.")
                ),
                Look(
                    "too-full",
                    "too full",
                    "Folds lie on each other.",
                    Try(
                        "shallower",
                        "Turn the depth screw a quarter back.",
                        "Each fold takes less."
                    ),
                    Try("longer-stitch", "Lengthen the stitch.", "The folds move apart.")
                ),
                Look(
                    "slipped",
                    "a layer slipped out",
                    "The fold caught one layer only.",
                    Try("baste", "Baste the raw edges together.", "Then both layers feed as one.")
                ),
                Skips,
            ],
        };
}

/// <summary>Rows with elastic in the bobbin.</summary>
internal static class ShirringCard
{
    public static CardTechnique Technique { get; } =
        new()
        {
            Name = "shirring",
            Title = "shirred with elastic thread",
            Says =
                "Close rows with elastic in the bobbin: a panel that draws in and stretches back.",
            Fields = [Wants.RowGapField, Wants.StitchLengthField],
            ElasticBelow = true,
            Feet =
            [
                new([FootKinds.Satin], "Its hollow sole lets the cloth contract as it is sewn."),
                new(
                    [FootKinds.AllPurpose],
                    "It does well.",
                    "A flat sole lets the cloth contract less."
                ),
            ],
            Stitch = ask =>
                new(
                    "straight",
                    "Every stitch lays a length of elastic.",
                    ask.Wants.StitchLength ?? Mm(4),
                    "3.5 to 5 mm: a longer stitch draws up more."
                ),
            TensionBecause = "The elastic does the drawing up.",
            Preparation = new(
                "draw the first line on the right side",
                "Every later row follows the one before."
            ),
            More = ask =>
                [
                    new CardLine(
                        "bobbin-check",
                        "Elastic in the bobbin",
                        ask.Machine.Is.Bobbin == "drop-in"
                            ? "in the slot, up across the top"
                            : "in a marked case of its own",
                        "",
                        ask.Machine.Is.Bobbin == "drop-in"
                            ? "Look that it really lies in the tension slot, and comes up across the top of the bobbin."
                            : "Its screw is opened for elastic; keep the ordinary case as it is."
                    ),
                    new CardLine(
                        "tail-elastic",
                        "Elastic tail",
                        ask.Ruler.Mark(Mm(120)),
                        "",
                        "The needle picks elastic up reluctantly."
                    ),
                    new CardLine(
                        "steam",
                        "At the end",
                        "hold steam over it",
                        "",
                        "Steam draws it up further; keep the iron off the elastic, and fingers out of the steam."
                    ),
                ],
            HasRows = true,
            Speed = new("medium, steady", "Stretch what is sewn flat while the next row goes in."),
            Checks =
            [
                "Measure flat, sewn, and steamed.",
                "It opens far enough to pass over the widest part.",
            ],
            Alternatives =
            [
                new("wound by hand without stretch", "Softest; draws up least."),
                new(
                    "wound by hand with a slight even stretch",
                    "Draws up more; as even as the hand."
                ),
                new("wound by machine, past the tension disc", "Evenest; guide it with a finger."),
                new(
                    "one line that pivots in the seam allowance",
                    "Few ends; the turns must stay in the allowance."
                ),
                new("separate rows", "Each is secured by itself."),
            ],
            Instead = "Zigzag over elastic thread and pull it up, on a lockstitch machine.",
            Looks =
            [
                Right,
                Look(
                    "not-full-enough",
                    "draws up too little",
                    "It stays wider than it should.",
                    Try("steam", "Hold steam over it and measure again.", "It draws up further."),
                    Try(
                        "longer-stitch",
                        "Lengthen the stitch by half a millimetre.",
                        "More elastic for each stitch to pull."
                    ),
                    Try(
                        "tension-up",
                        "Tighten the needle tension one step.",
                        "It holds the elastic shorter."
                    ),
                    Try("closer-rows", "Bring the rows closer.", "More rows pull together."),
                    Try("thicker-elastic", "Take a thicker elastic.", "It pulls harder.")
                ),
                Look(
                    "too-full",
                    "draws up too much",
                    "It is narrower than it should be.",
                    Try(
                        "shorter-stitch",
                        "Shorten the stitch by half a millimetre.",
                        "Less elastic in each."
                    ),
                    Try("wider-rows", "Set the rows further apart.", "Fewer rows pull together.")
                ),
                Look(
                    "elastic-loose",
                    "elastic lies in loops",
                    "It hangs loose on the reverse.",
                    Try(
                        "in-slot",
                        "Put the bobbin in again, elastic in its slot.",
                        "It was not under tension."
                    ),
                    Try("rewind", "Wind it again, evenly.", "Loose turns come off loose.")
                ),
                Skips,
            ],
        };
}
