using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Project;
using ZephyrReach.Core.Swatches.Learning;
using ZephyrReach.Store;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Swatches;

/// <summary>The range at one place of the plot.</summary>
public sealed record BandOut(double X, double Low, double Mid, double High);

/// <summary>A swatch in the plot.</summary>
/// <param name="X">Its setting.</param>
/// <param name="Value">What it came to.</param>
/// <param name="Expected">What the others predict for it; null where nothing is predicted.</param>
/// <param name="Deviations">How far off that it is, in standard deviations; more is above 0.</param>
/// <param name="Foretold">
/// What was predicted for it before it was sewn; null for one of another working, and where a working has many.
/// </param>
/// <param name="IsSame">Whether it is of the very cloth and foot that are planned.</param>
public sealed record PlotPoint(
    Guid Id,
    double X,
    double Value,
    double? Expected,
    double? Deviations,
    double? Foretold,
    bool IsOdd,
    bool IsSame,
    bool Counts,
    bool Simulated,
    string Cloth,
    string? Colour,
    string Foot,
    string Settings
);

/// <summary>What is planned, and what it is likely to give.</summary>
public sealed record PlannedOut(double X, Interval Range, string Says);

/// <summary>How a working's own swatches narrowed the range, one after the other.</summary>
/// <param name="Count">After so many of them.</param>
public sealed record NarrowedOut(int Count, Interval Range);

/// <summary>What swatches teach against a setting.</summary>
/// <param name="Quantity">What is learnt, in its own words and units.</param>
/// <param name="Axes">What it can be plotted against.</param>
/// <param name="Axis">What it is plotted against.</param>
/// <param name="RestsOn">What it rests on, or why nothing is predicted.</param>
/// <param name="Planned">Null where nothing is predicted, as are the band and what would teach most.</param>
public sealed record LearntOut(
    Quantity Quantity,
    IReadOnlyList<PlotAxis> Axes,
    PlotAxis Axis,
    IReadOnlyList<PlotPoint> Points,
    IReadOnlyList<BandOut> Band,
    PlannedOut? Planned,
    string RestsOn,
    NextSwatch? Next,
    IReadOnlyList<NarrowedOut> Narrowed
);

/// <summary>A plot.</summary>
/// <param name="Technique">Empty when no swatch is measured.</param>
/// <param name="Learnt">Null where there is nothing to plot.</param>
public sealed record PlotOut(string Technique, string TechniqueTitle, LearntOut? Learnt);

/// <summary>The plot of the swatch book, and of a working's samples.</summary>
internal static class SwatchPlot
{
    private const int MostPoints = 500;
    private const int MostSteps = 12;
    private const int BandSteps = 40;

    public static void MapSwatchPlot(this RouteGroupBuilder group) =>
        group
            .MapGet("plot", PlotAsync)
            .WithSummary(
                "What swatches teach against one of their settings: the points, the predicted band and the planned setting. For a part, its own prediction."
            )
            .Produces<PlotOut>();

    private static async Task<IResult> PlotAsync(
        Here here,
        [AsParameters] BookQuery query,
        SwatchBookStore book,
        WorkingStore workings,
        ProjectLoader loader,
        string? x
    )
    {
        PlotOut? plot;
        if (query.Working is { } id)
        {
            if (await workings.FindAsync(here.Seat, id, here.Cancel) is not { } working)
            {
                return Problem.NotFound("There is no such part.");
            }
            var shelf = await loader.ShelfAsync(here.Seat, [working.Technique], here.Cancel);
            plot = await OfPartAsync(here, Planned.Of(working), shelf, x, book);
        }
        else
        {
            var rows = await book.PageAsync(here.Seat, query.Filter, null, MostPoints, here.Cancel);
            plot = OfRows(rows, query.Technique, x, here.Ruler);
        }
        return plot is null
            ? Problem.Field("x", $"“{x}” is nothing that this can be plotted against.")
            : Results.Ok(plot);
    }

    private static async Task<PlotOut?> OfPartAsync(
        Here here,
        PlannedPart part,
        SwatchShelf shelf,
        string? x,
        SwatchBookStore book
    )
    {
        var on = shelf.Of(part);
        var named = (
            await book.SomeAsync(here.Seat, [.. on.Select(s => s.Swatch.Id)], here.Cancel)
        ).ToDictionary(r => r.Swatch.Id);
        var ask = shelf.With(part, part.Inputs);
        if (
            part.Working?.Swatch.Teaches.FirstOrDefault(l => l.Predicts) is not { } lesson
            || lesson.Read(new InputReader(ask, here.Ruler)) is not { } learnt
            || learnt.Samples.Count != on.Count
        )
        {
            return Nothing(part.Technique);
        }
        var own = on.Select((s, i) => (s.Swatch, Place: i))
            .Where(s => s.Swatch.Part == part.Id && s.Swatch.Sewn.Counts)
            .Select(s => s.Place)
            .ToList();
        var foretold = own.TakeLast(MostSteps)
            .ToDictionary(place => on[place].Swatch.Id, place => Foretold(on[place]));
        return Plotted(
            part.Technique,
            lesson,
            learnt,
            x,
            [.. on.Select(s => named[s.Swatch.Id])],
            own,
            foretold
        );

        double? Foretold(ShelfSample sample) =>
            lesson
                .Read(new InputReader(shelf.WithLast(part, ask, sample), here.Ruler))
                ?.Samples[^1]
                .Expected;
    }

    /// <summary>A plot for no working: at what was set last, every swatch counting alike.</summary>
    private static PlotOut? OfRows(
        IReadOnlyList<BookRow> all,
        string? asked,
        string? x,
        Ruler ruler
    )
    {
        // One technique at a time: that which is asked for, or one that is predicted, with the most swatches.
        var rows = all.Where(r => IsMeasured(r.Swatch))
            .GroupBy(r => r.Swatch.Technique)
            .MaxBy(g => (SwatchWords.Of(g.Key)!.Learns, g.Count()))
            ?.Reverse()
            .ToList();
        if (rows is null)
        {
            return Nothing(asked ?? "");
        }
        var technique = rows[0].Swatch.Technique;
        var of = SwatchWords.Of(technique)!;
        var samples = rows.Select(r => Planned.Of(r.Swatch).AsSample(of, true)).ToList();
        var ask = samples[^1].Group!.With(ChangedBySwatches.Samples, RawValue.Of(samples));
        return
            of.Teaches is [var lesson, ..] && lesson.Read(new InputReader(ask, ruler)) is { } learnt
            ? Plotted(technique, lesson, learnt, x, rows)
            : Nothing(technique);
    }

    private static bool IsMeasured(SwatchRow swatch) =>
        SwatchWords.Of(swatch.Technique) is { Sample: not null } of
        && of.Needed.All(n => swatch.Readings.TryGetValue(n, out var all) && all.Count > 0);

    /// <returns>Null when it cannot be plotted against that.</returns>
    private static PlotOut? Plotted(
        string technique,
        Lesson lesson,
        Learnt learnt,
        string? x,
        IReadOnlyList<BookRow> rows,
        IReadOnlyList<int>? own = null,
        IReadOnlyDictionary<Guid, double?>? foretold = null
    )
    {
        var axes = learnt.Axes;
        if ((x is null ? axes[0] : axes.FirstOrDefault(a => a.Name == x)) is not { } axis)
        {
            return null;
        }
        var points = Points(axis, learnt, rows, foretold);
        return new PlotOut(
            technique,
            Core.Craft.Techniques.TitleOf(technique),
            lesson.Predicts
                ? new LearntOut(
                    learnt.Quantity,
                    axes,
                    axis,
                    points,
                    Band(learnt, axis),
                    new PlannedOut(learnt.PlannedOn(axis), learnt.Predicted, learnt.PlannedSays),
                    learnt.RestsOn,
                    learnt.Next,
                    own is null ? [] : Narrowed(learnt, own)
                )
                : new LearntOut(
                    learnt.Quantity with
                    {
                        Wanted = null,
                    },
                    axes,
                    axis,
                    [
                        .. points.Select(p =>
                            p with
                            {
                                Expected = null,
                                Deviations = null,
                                Foretold = null,
                                IsOdd = false,
                            }
                        ),
                    ],
                    [],
                    null,
                    lesson.WhyNot,
                    null,
                    []
                )
        );
    }

    private static IReadOnlyList<BandOut> Band(Learnt learnt, PlotAxis axis) =>
        [
            .. Enumerable
                .Range(0, BandSteps + 1)
                .Select(i =>
                {
                    var x = axis.From + (axis.To - axis.From) * i / BandSteps;
                    var (low, mid, high) = learnt.PredictedAt(axis, x);
                    return new BandOut(x, low, mid, high);
                }),
        ];

    private static IReadOnlyList<PlotPoint> Points(
        PlotAxis axis,
        Learnt learnt,
        IReadOnlyList<BookRow> rows,
        IReadOnlyDictionary<Guid, double?>? foretold
    ) =>
        [
            .. learnt
                .Samples.Zip(rows, (sample, row) => (sample, row))
                .Select(
                    (s, i) =>
                        new PlotPoint(
                            s.row.Swatch.Id,
                            learnt.SampleOn(axis, i),
                            s.sample.Value,
                            s.sample.Expected,
                            s.sample.Deviations,
                            foretold?.GetValueOrDefault(s.row.Swatch.Id),
                            s.sample.IsOdd,
                            s.sample.Same,
                            s.sample.Counts,
                            s.row.Swatch.Simulated,
                            s.row.ClothName,
                            s.row.Swatch.Cloth.TryGetProperty("colour", out var colour)
                                ? colour.GetString()
                                : null,
                            s.row.FootName,
                            s.sample.Says
                        )
                ),
        ];

    /// <summary>The prediction after none, one, two … of the working's own swatches, with all others known from the start.</summary>
    private static IReadOnlyList<NarrowedOut> Narrowed(Learnt learnt, IReadOnlyList<int> own)
    {
        var shown = Math.Max(0, own.Count - MostSteps);
        return
        [
            .. Enumerable
                .Range(shown, own.Count - shown + 1)
                .Select(count => new NarrowedOut(
                    count,
                    learnt.Without(own.Skip(count).ToHashSet())
                )),
        ];
    }

    private static PlotOut Nothing(string technique) =>
        new(technique, Core.Craft.Techniques.TitleOf(technique), null);
}
