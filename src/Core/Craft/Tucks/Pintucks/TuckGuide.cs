using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>The lines of every tuck on the flat panel at true size, as they lie now.</summary>
internal static class TuckGuide
{
    /// <summary>A wave is drawn in straight pieces of about this length: none lies a tenth of a millimetre off where the bend is one that a foot follows.</summary>
    private static readonly Length Piece = Length.FromMillimetres(5);

    private const int MostPieces = 200;

    /// <summary>Of more tucks along a wave only the middle lines are drawn.</summary>
    private const int MostWithNeedles = 60;

    public static Guide Of(PintucksPlan a)
    {
        var height = a.CutLength;
        List<GuideLine> lines = [];
        foreach (var mark in a.Marks)
        {
            lines.AddRange(
                Lines(
                    a,
                    mark.Number,
                    mark.Centre,
                    a.Ask.IsTwin ? LineMeaning.Chalk : LineMeaning.Fold
                )
            );
            if (!a.Ask.HasWave || a.Ask.Tucks <= MostWithNeedles)
            {
                lines.AddRange(Lines(a, 0, mark.Left, LineMeaning.Stitch));
                // The number stands beside the tuck, where no line runs through it.
                lines.AddRange(Lines(a, 0, mark.Right, LineMeaning.Stitch, $"{mark.Number}"));
            }
        }
        return new Guide(
            "Lines of the tucks",
            a.Wide,
            height,
            lines,
            a.Ask.IsTwin
                ? "The left cut edge of the flat panel at the left; the full lines lie between the needles."
                : "The left cut edge of the flat panel at the left; fold on the full lines, sew on the broken ones."
        );
    }

    private static IEnumerable<GuideLine> Lines(
        PintucksPlan a,
        int number,
        Length x,
        LineMeaning meaning,
        string label = ""
    )
    {
        var height = a.CutLength;
        var pieces = a.Ask.HasWave
            ? (int)Math.Clamp(Rounding.CeilingTolerant(height / Piece), 1, MostPieces)
            : 1;
        for (var i = 0; i < pieces; i++)
        {
            yield return new GuideLine(number, At(i), At(i + 1), meaning, i == 0 ? label : "");
        }

        Point At(int i)
        {
            var y = height * ((double)i / pieces);
            return new Point(x + a.Ask.WaveAt(y), y);
        }
    }
}
