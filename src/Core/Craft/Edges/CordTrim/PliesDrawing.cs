using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>The join from near, ply by ply: those of the one end go down into the seam, those of the other over them.</summary>
internal static class PliesDrawing
{
    public const string Name = "plies";

    /// <summary>A ply of the end that is laid first, which goes under.</summary>
    public static string Under(int ply) => $"under-{ply}";

    /// <summary>A ply of the end that is laid over it.</summary>
    public static string Over(int ply) => $"over-{ply}";

    public static IEnumerable<string> All(CordTrimPlan a) =>
        Enumerable.Range(1, a.Ask.Plies).SelectMany(i => (string[])[Under(i), Over(i)]);

    public static Drawing Of(CordTrimPlan a)
    {
        var (plies, ply, cord) = (a.Ask.Plies, a.Ply, a.Ask.Cord);
        // The plies go down one after another, each a ply’s width further on.
        var (slant, each) = (a.Slant, ply * 1.6);
        var half = each * plies + slant + cord;
        var (wide, top) = (half * 2, Length.FromMillimetres(3));
        var seam = top + cord;
        var depth = seam + Length.Max(a.Ask.Tape, slant * 0.7);
        List<Shape> shapes =
        [
            new ClothPiece(new(Length.Zero, seam - cord / 2), new(wide, depth), ClothRole.Plain).In(
                "front"
            ),
            new ClothLine(LineMeaning.Seam, new(Length.Zero, seam), new(wide, seam)).In("seam"),
        ];
        // What is still twisted, as far as the tape holds it.
        shapes.Add(Twisted(cord / 2, cord, "cord-a"));
        shapes.Add(Twisted(wide - cord, wide - cord / 2, "cord-b"));
        for (var i = 1; i <= plies; i++)
        {
            // Within the cord they lie side by side.
            var y = top + cord * ((i - 0.5) / plies);
            shapes.AddRange(Laid(cord, y, half + each * (plies - 2 * i) / 2, 1, Under(i), $"{i}"));
        }
        for (var i = 1; i <= plies; i++)
        {
            var y = top + cord * ((plies - i + 0.5) / plies);
            shapes.AddRange(
                Laid(wide - cord, y, half - each * (plies - 2 * i) / 2, -1, Over(i), $"{i}")
            );
        }
        shapes.Add(
            new ClothLine(
                LineMeaning.Stitch,
                new(Length.Zero, seam + Length.FromMillimetres(0.5)),
                new(wide, seam + Length.FromMillimetres(0.5))
            ).In("across")
        );
        return new Drawing(
            Name,
            "Joining the trim, strand by strand",
            $"{plies} strands of the one end slant down into the seam one after another, each over {a.Ruler.Mark(slant)}; the {plies} of the other are laid over them in the same order, and the seam is sewn across.",
            wide,
            depth,
            shapes,
            true,
            IsCloseUp: true
        );

        PathShape Twisted(Length from, Length to, string part) =>
            new(
                Path.Of(false, new(from, top + cord / 2), new(to, top + cord / 2)),
                LineMeaning.Cord,
                Width: cord
            )
            {
                Part = part,
            };

        // Along the edge, and then down into the seam.
        IEnumerable<Shape> Laid(
            Length from,
            Length y,
            Length down,
            int way,
            string part,
            string number
        )
        {
            var to = Length.Min(wide - ply, Length.Max(ply, down + way * slant));
            var end = new Point(to, depth - ply / 2);
            yield return new PathShape(
                new Path(
                    new(from, y),
                    [
                        new LineTo(new(down, y)),
                        new CubicTo(
                            new(down + way * (slant / 2), y),
                            new(to - way * (slant / 3), seam),
                            end
                        ),
                    ]
                ),
                LineMeaning.Cord,
                Width: ply * 0.9
            ).In(part);
            yield return new Words(end, number, true).In(part);
        }
    }
}
