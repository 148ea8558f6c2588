namespace ZephyrReach.Core.Photographs;

/// <summary>Finds the corner marks of the printed card: a dot within a ring, dark on white.</summary>
public static class CardMarks
{
    /// <summary>Across a ring, in mm.</summary>
    public const double Ring = 12;

    /// <summary>Across what is white within it.</summary>
    public const double Within = 8;

    /// <summary>Across its dot.</summary>
    public const double Dot = 4;

    /// <summary>Darker than what lies around it by so much is dark.</summary>
    private const float Darker = 0.1f;

    private readonly record struct Blob(
        int Area,
        Place Middle,
        int Left,
        int Top,
        int Right,
        int Bottom
    )
    {
        public double Size => (Right - Left + Bottom - Top) / 2.0 + 1;
    }

    /// <summary>The four marks, clockwise round the card; null where there are not four.</summary>
    public static IReadOnlyList<Place>? Find(Grey picture)
    {
        var blobs = Dark(picture);
        List<(Place At, double Size)> marks = [];
        foreach (var ring in blobs.Where(b => b.Size >= 10 && b.Area < 0.75 * b.Size * b.Size))
        {
            var dot = blobs
                .Where(b =>
                    b.Left > ring.Left
                    && b.Right < ring.Right
                    && b.Top > ring.Top
                    && b.Bottom < ring.Bottom
                    && b.Size > 0.2 * ring.Size
                    && b.Size < 0.55 * ring.Size
                    && b.Area > 0.5 * b.Size * b.Size
                    && b.Middle.To(ring.Middle) < 0.12 * ring.Size
                )
                .Cast<Blob?>()
                .FirstOrDefault();
            if (dot is { } found)
            {
                marks.Add((found.Middle, ring.Size));
            }
        }
        return marks.Count < 4 ? null : InOrder(Alike(marks));
    }

    /// <summary>The four whose sizes are most alike.</summary>
    private static IReadOnlyList<Place> Alike(List<(Place At, double Size)> marks)
    {
        var bySize = marks.OrderBy(m => m.Size).ToList();
        var first = Enumerable
            .Range(0, bySize.Count - 3)
            .MinBy(i => bySize[i + 3].Size / bySize[i].Size);
        return [.. bySize.Skip(first).Take(4).Select(m => m.At)];
    }

    private static IReadOnlyList<Place> InOrder(IReadOnlyList<Place> marks)
    {
        var middle = new Place(marks.Average(m => m.X), marks.Average(m => m.Y));
        return [.. marks.OrderBy(m => Math.Atan2(m.Y - middle.Y, m.X - middle.X))];
    }

    /// <summary>What is dark and hangs together.</summary>
    private static List<Blob> Dark(Grey picture)
    {
        var (w, h) = (picture.Width, picture.Height);
        var around = picture.Blurred(Math.Max(8, w / 24));
        var of = new int[w * h];
        var seen = new Stack<int>();
        List<Blob> blobs = [];
        for (var start = 0; start < of.Length; start++)
        {
            if (of[start] != 0 || !IsDark(start))
            {
                continue;
            }
            var (area, sx, sy, left, top, right, bottom) = (0, 0.0, 0.0, w, h, 0, 0);
            of[start] = 1;
            seen.Push(start);
            while (seen.TryPop(out var at))
            {
                var (x, y) = (at % w, at / w);
                (area, sx, sy) = (area + 1, sx + x, sy + y);
                (left, right) = (Math.Min(left, x), Math.Max(right, x));
                (top, bottom) = (Math.Min(top, y), Math.Max(bottom, y));
                Visit(x > 0, at - 1);
                Visit(x < w - 1, at + 1);
                Visit(y > 0, at - w);
                Visit(y < h - 1, at + w);
            }
            if (area >= 12 && area < w * h / 8)
            {
                blobs.Add(new(area, new(sx / area, sy / area), left, top, right, bottom));
            }
        }
        return blobs;

        bool IsDark(int at) => picture.Values[at] < around.Values[at] - Darker;

        void Visit(bool isThere, int at)
        {
            if (isThere && of[at] == 0 && IsDark(at))
            {
                of[at] = 1;
                seen.Push(at);
            }
        }
    }
}
