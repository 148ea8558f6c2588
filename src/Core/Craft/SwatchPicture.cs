using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft;

/// <summary>What a swatch looks like: a plan as small as one, with the settings that it was sewn with.</summary>
public static class SwatchPicture
{
    /// <summary>Draws a swatch, without figures; what its technique makes in small where no plan is as small as that.</summary>
    public static Drawing Of(Process working, SewnSwatch swatch, Ruler ruler)
    {
        if (working.Swatch.Drawn is { } drawn)
        {
            return drawn(swatch);
        }
        if (working.Swatch.Shown is not { } shown)
        {
            return working.Mark;
        }
        var form = working.Forward;
        var ask = form.Example;
        foreach (var (name, value) in swatch.Features.Values.Concat(shown(swatch).Values))
        {
            ask = form.Fields.Any(f => f.Name == name) ? ask.With(name, value) : ask;
        }
        return form.Compute(ask, ruler).Answer?.Drawings(ruler) is [var first, ..]
            ? first with
            {
                Shapes =
                [
                    .. first.Shapes.Where(s => s is not (Dimension or Words or Dot or Handle)),
                ],
            }
            : working.Mark;
    }
}
