using System.Globalization;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Paths;

/// <summary>The outlines of letters, of the font that ships with the program.</summary>
public static class LetterShapes
{
    /// <summary>A longer word is refused.</summary>
    public const int Most = 24;

    private static readonly Dictionary<char, (double Advance, string Data)> Glyphs = Read();

    /// <summary>The letters that there are.</summary>
    public static IReadOnlyCollection<char> Known => Glyphs.Keys;

    /// <summary>A line of letters side by side, from the left on their base line.</summary>
    /// <param name="capital">How high a capital H is.</param>
    public static IReadOnlyList<Path> Of(string text, Length capital)
    {
        if (!Glyphs.TryGetValue('H', out var h))
        {
            return [];
        }
        var scale = capital.Millimetres / -NamedShape.BoundsOf(Outlines(h.Data)).From.Y.Millimetres;
        var x = 0.0;
        List<Path> all = [];
        foreach (var letter in text)
        {
            if (Glyphs.TryGetValue(letter, out var glyph))
            {
                all.AddRange(
                    Outlines(glyph.Data)
                        .Select(Affine.Scale(scale, scale).Then(Affine.Move(x * scale, 0)).Of)
                );
                x += glyph.Advance;
            }
        }
        return all;
    }

    private static IReadOnlyList<Path> Outlines(string data) =>
        PathData.Read(data, out var paths) is null ? paths : [];

    /// <summary>A line for each letter: the letter, how far it moves on, and its outlines as path data in units of the font.</summary>
    private static Dictionary<char, (double, string)> Read()
    {
        using var stream = typeof(LetterShapes).Assembly.GetManifestResourceStream("letters.txt")!;
        using var reader = new System.IO.StreamReader(stream);
        Dictionary<char, (double, string)> glyphs = new() { [' '] = (0, "") };
        while (reader.ReadLine() is { } line)
        {
            var parts = line.Split('\t');
            glyphs[parts[0][0]] = (double.Parse(parts[1], CultureInfo.InvariantCulture), parts[2]);
        }
        return glyphs;
    }
}
