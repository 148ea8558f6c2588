using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Paths;

namespace ZephyrReach.Core.Supplies;

/// <summary>What a stitch is like, and how one repeat of it is drawn where nothing truer was drawn of it.</summary>
public static class StitchLooks
{
    public const string Letters = "letters";
    public const string Zigzag = "zigzag";

    /// <summary>A satin shape is drawn with so many swings to a repeat: as many as can be told apart.</summary>
    private const int Swings = 16;

    /// <summary>A bend is drawn in so many straight parts to a repeat.</summary>
    private const int Parts = 16;

    public static IReadOnlyList<Choice> Choices { get; } =
    [
        new(Zigzag, "zigzag", "Back and forth, the plain one."),
        new("bar", "bar", "A line with a bar across it."),
        new("wave", "wave", "One line that swings gently."),
        new("scallop", "scallop", "Bows along one edge."),
        new("leaf", "leaf", "A stem with leaves to either side."),
        new("blanket", "blanket", "A line along one edge, with bars into the other."),
        new("cross", "cross", "Crosses side by side."),
        new("satin", "satin shape", "A filled shape, densely sewn."),
        new(Letters, "letters", "A word in the machine’s letters."),
    ];

    /// <summary>Whether a look is sewn densely wherever it is.</summary>
    public static bool IsDense(string look) => look is "satin" or Letters;

    /// <summary>Where the needle goes in one repeat: from 0 to 1 along the row, from −½ to ½ across it.</summary>
    public static IReadOnlyList<(double Along, double Across)> Places(string look) =>
        look switch
        {
            "bar" => [(0, 0), (0.5, 0), (0.5, -0.5), (0.5, 0.5), (0.5, 0), (1, 0)],
            "wave" => Bend(t => 0.5 * Math.Sin(2 * Math.PI * t)),
            "scallop" => Bend(t => 0.5 - Math.Sin(Math.PI * t)),
            "leaf" =>
            [
                (0, 0),
                (0.2, 0),
                (0.3, -0.35),
                (0.5, -0.5),
                (0.45, -0.2),
                (0.2, 0),
                (0.55, 0),
                (0.65, 0.35),
                (0.85, 0.5),
                (0.8, 0.2),
                (0.55, 0),
                (1, 0),
            ],
            "blanket" => [(0, 0.5), (0.5, 0.5), (0.5, -0.5), (0.5, 0.5), (1, 0.5)],
            "cross" =>
            [
                (0, 0),
                (0.5, 0),
                (0.85, -0.5),
                (0.15, 0.5),
                (0.5, 0),
                (0.15, -0.5),
                (0.85, 0.5),
                (0.5, 0),
                (1, 0),
            ],
            "satin" or Letters =>
            [
                .. Enumerable
                    .Range(0, Swings + 1)
                    .Select(i =>
                        (
                            (double)i / Swings,
                            0.5 * Math.Sin(Math.PI * i / Swings) * (i % 2 == 0 ? 1 : -1)
                        )
                    ),
            ],
            _ => [(0, 0.5), (0.5, -0.5), (1, 0.5)],
        };

    /// <summary>One repeat of a look at a size.</summary>
    /// <param name="length">Of the repeat, along the row.</param>
    /// <param name="width">From side to side.</param>
    public static IReadOnlyList<Path> Drawn(string look, Length length, Length width) =>
        [
            Path.Of(
                false,
                [.. Places(look).Select(p => new Point(length * p.Along, width * p.Across))]
            ),
        ];

    /// <summary>A word, each letter in its pitch and as high as the stitch is wide, as lines along the row.</summary>
    /// <param name="pitch">From letter to letter.</param>
    public static IReadOnlyList<Path> Word(string word, Length pitch, Length width)
    {
        List<Path> all = [];
        foreach (var (letter, i) in word.Select((l, i) => (l, i)))
        {
            var drawn = LetterShapes.Of($"{letter}", width * 0.7);
            if (drawn.Count == 0)
            {
                continue;
            }
            var (from, to) = NamedShape.BoundsOf(drawn);
            // In the middle of its pitch, and between both sides of the row.
            var place = Affine.Move(
                (pitch * (i + 0.5) - (from.X + to.X) / 2).Millimetres,
                (width * 0.35).Millimetres
            );
            all.AddRange(drawn.Select(place.Of));
        }
        return all.Count == 0 ? Drawn("satin", pitch * Math.Max(1, word.Length), width) : all;
    }

    /// <summary>A picture that was drawn at another size, at this one: lengthwise from its start, and across from its middle.</summary>
    public static IReadOnlyList<Path> Fitted(
        IReadOnlyList<Path> picture,
        Length length,
        Length width,
        Length ofLength,
        Length ofWidth
    )
    {
        var scale = Affine.Scale(length / ofLength, ofWidth > Length.Zero ? width / ofWidth : 1);
        return [.. picture.Select(scale.Of)];
    }

    private static (double, double)[] Bend(Func<double, double> across) =>
        [
            .. Enumerable
                .Range(0, Parts + 1)
                .Select(i => ((double)i / Parts, across((double)i / Parts))),
        ];
}
