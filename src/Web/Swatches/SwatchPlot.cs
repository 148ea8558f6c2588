using ZephyrReach.Core.Asks;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches;
using ZephyrReach.Core.Swatches.PullUp;
using ZephyrReach.Store;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Swatches;

/// <summary>A predicted range: nineteen in twenty are fuller than low, the even chance, nineteen in twenty less full than high.</summary>
public sealed record RangeOut(double Low, double Mid, double High)
{
    public static RangeOut Of(Prediction prediction) =>
        new(prediction.Low, prediction.Mid, prediction.High);
}

/// <summary>The range at one place of the plot.</summary>
public sealed record BandOut(double X, double Low, double Mid, double High);

/// <summary>A swatch in the plot.</summary>
/// <param name="X">Its setting.</param>
/// <param name="Expected">What the others predict for it; null where nothing is predicted.</param>
/// <param name="Deviations">How far off that it is, in standard deviations; fuller is above 0.</param>
/// <param name="IsSame">Whether it is of the very cloth and foot that are planned.</param>
public sealed record PlotPoint(
    Guid Id,
    double X,
    double Fullness,
    double? Expected,
    double? Deviations,
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
public sealed record PlannedOut(double X, RangeOut Fullness, string Says);

/// <summary>How a working's own swatches narrowed the range, one after the other.</summary>
/// <param name="Count">After so many of them.</param>
public sealed record NarrowedOut(int Count, RangeOut Fullness);

/// <summary>The swatch that would teach most.</summary>
/// <param name="Features">Its settings as figures, as a new swatch keeps them.</param>
public sealed record NextOut(
    string Says,
    double Lessens,
    IReadOnlyDictionary<string, double> Features
);

/// <summary>Fullness against a setting.</summary>
/// <param name="Technique">Empty when no swatch is measured.</param>
/// <param name="Learns">Whether there is a prediction: where the machine makes the fullness.</param>
public sealed record PlotOut(
    string Technique,
    string TechniqueTitle,
    bool Learns,
    string X,
    string XLabel,
    string Unit,
    double From,
    double To,
    IReadOnlyList<PlotPoint> Points,
    IReadOnlyList<BandOut> Band,
    PlannedOut? Planned,
    string RestsOn,
    NextOut? Next,
    IReadOnlyList<NarrowedOut> Narrowed
);

/// <summary>The plot of the swatch book, and of a working's samples.</summary>
internal static class SwatchPlot
{
    private const int MostPoints = 500;
    private const int MostSteps = 12;

    public static void MapSwatchPlot(this RouteGroupBuilder group) =>
        group
            .MapGet("plot", PlotAsync)
            .WithSummary(
                "Fullness against stitch length, tension or passes: the points, the predicted band and the planned setting. For a working, its own prediction."
            )
            .Produces<PlotOut>();

    private static async Task<IResult> PlotAsync(
        HttpContext http,
        [AsParameters] BookQuery query,
        CurrentWorkroom workroom,
        SwatchBookStore book,
        WorkingStore workings,
        SampleFeed samples,
        string x = "stitchLength"
    )
    {
        if (Axis.All.FirstOrDefault(a => a.Name == x) is not { } axis)
        {
            return Problem.Field(
                "x",
                $"x has to be one of {string.Join(", ", Axis.All.Select(a => a.Name))}."
            );
        }
        var (ruler, wrong) = await Asked.RulerAsync(http.Request, workroom);
        if (wrong is not null)
        {
            return wrong;
        }
        var seat = await workroom.SeatAsync(http);
        var cancel = http.RequestAborted;
        if (query.Working is { } id)
        {
            if (await workings.FindAsync(seat, id, cancel) is not { } working)
            {
                return Problem.NotFound("There is no such working.");
            }
            var shelf = await samples.ShelfAsync(seat, [working.Technique], cancel);
            return Results.Ok(
                await OfWorkingAsync(seat, working, shelf, axis, book, ruler, cancel)
            );
        }
        var rows = (await book.PageAsync(seat, query.Filter, null, MostPoints, cancel))
            .Where(r => r.Swatch.Flat.Count > 0 && r.Swatch.Gathered.Count > 0)
            .ToList();
        // One technique at a time: that which is asked for, or one that is predicted, with the most swatches.
        var technique =
            rows.GroupBy(r => r.Swatch.Technique)
                .MaxBy(g => (Core.Craft.Techniques.Named(g.Key)?.Family is not null, g.Count()))
                ?.Key
            ?? query.Technique
            ?? "";
        return Results.Ok(
            OfRows([.. rows.Where(r => r.Swatch.Technique == technique)], technique, axis, ruler)
        );
    }

    private static async Task<PlotOut> OfWorkingAsync(
        Seat seat,
        WorkingRow working,
        SampleShelf shelf,
        Axis axis,
        SwatchBookStore book,
        Ruler ruler,
        CancellationToken cancel
    )
    {
        var technique = Core.Craft.Techniques.Named(working.Technique);
        var on = shelf.Of(working);
        var named = (
            await book.SomeAsync(seat, [.. on.Select(s => s.Swatch.Id)], cancel)
        ).ToDictionary(r => r.Swatch.Id);
        if (technique?.Family is not { } family)
        {
            return Nothing(working.Technique, axis);
        }
        on = [.. on.Where(s => named.ContainsKey(s.Swatch.Id))];
        var reading = ReadingOf(family, shelf.With(working, AskJson.Read(working.Ask)), ruler);
        if (reading is null || reading.Samples.Count != on.Count)
        {
            return Nothing(working.Technique, axis);
        }
        var own = on.Select(
                (s, i) => (s.Swatch.WorkingId == working.Id && s.Swatch.Counts, Place: i)
            )
            .Where(s => s.Item1)
            .Select(s => s.Place)
            .ToList();
        return Plotted(
            working.Technique,
            axis,
            reading,
            [.. on.Select(s => named[s.Swatch.Id])],
            Narrowed(reading, own)
        );
    }

    /// <summary>A prediction for no working: at what was set most often, every swatch counting alike.</summary>
    private static PlotOut OfRows(
        IReadOnlyList<BookRow> rows,
        string technique,
        Axis axis,
        Ruler ruler
    )
    {
        if (rows.Count == 0)
        {
            return Nothing(technique, axis);
        }
        var family = Core.Craft.Techniques.Named(technique)?.Family;
        var steam = family?.Knobs.HasFlag(Knobs.Steam) ?? false;
        rows = [.. rows.Reverse()];
        var ask = SwatchFeatures
            .Sample(rows[^1].Swatch)
            .With("steamed", RawValue.Of(steam))
            .With(
                PullUpFields.Samples.Name,
                RawValue.Of([.. rows.Select(r => new ShelfSample(r.Swatch, true).Ask(steam))])
            );
        var reading = ReadingOf(family ?? PullUpFamily.GatheringFoot, ask, ruler);
        return reading is null ? Nothing(technique, axis)
            : family is null
                ? Plotted(technique, axis, reading, rows, []) with
                {
                    Learns = false,
                    Band = [],
                    Planned = null,
                    Next = null,
                    RestsOn =
                        "Gathers pulled by hand go to any fullness: there is nothing to predict.",
                    Points =
                    [
                        .. Points(axis, reading, rows)
                            .Select(p =>
                                p with
                                {
                                    Expected = null,
                                    Deviations = null,
                                    IsOdd = false,
                                }
                            ),
                    ],
                }
            : Plotted(technique, axis, reading, rows, []);
    }

    private static PullUpReading? ReadingOf(PullUpFamily family, RawAsk ask, Ruler ruler)
    {
        var reader = new AskReader(ask, ruler);
        var planned = PullUpFields.Planned(reader, family);
        return PullUpReading.Read(reader, family, planned);
    }

    private static PlotOut Plotted(
        string technique,
        Axis axis,
        PullUpReading reading,
        IReadOnlyList<BookRow> rows,
        IReadOnlyList<NarrowedOut> narrowed
    )
    {
        var (from, to) = axis.Range([reading.Planned, .. reading.Samples.Select(s => s.Settings)]);
        var next = reading.Next;
        return new PlotOut(
            technique,
            BookSwatch.Title(technique),
            true,
            axis.Name,
            axis.Label,
            axis.Unit,
            from,
            to,
            Points(axis, reading, rows),
            [
                .. axis.Band(reading.Model, reading.Planned, from, to)
                    .Select(b => new BandOut(
                        b.X,
                        b.Prediction.Low,
                        b.Prediction.Mid,
                        b.Prediction.High
                    )),
            ],
            new PlannedOut(
                axis.Of(reading.Planned),
                RangeOut.Of(reading.Prediction),
                reading.Planned.Says(reading.Family.Knobs)
            ),
            reading.RestsOn,
            new NextOut(next.Says, next.Lessens, Figures(next.Settings)),
            narrowed
        );
    }

    private static IReadOnlyList<PlotPoint> Points(
        Axis axis,
        PullUpReading reading,
        IReadOnlyList<BookRow> rows
    ) =>
        [
            .. reading
                .Model.Residuals()
                .Zip(
                    rows,
                    (r, row) =>
                        new PlotPoint(
                            row.Swatch.Id,
                            axis.Of(r.Sample.Settings),
                            r.Sample.Fullness,
                            r.Expected,
                            r.Deviations,
                            r.IsOdd,
                            r.Sample.Same,
                            r.Sample.Counts,
                            row.Swatch.Simulated,
                            row.ClothName,
                            row.Swatch.Cloth.TryGetProperty("colour", out var colour)
                                ? colour.GetString()
                                : null,
                            row.FootName,
                            r.Sample.Settings.Says(reading.Family.Knobs)
                        )
                ),
        ];

    /// <summary>The prediction after none, one, two … of the working's own swatches, with all others known from the start.</summary>
    private static IReadOnlyList<NarrowedOut> Narrowed(PullUpReading reading, List<int> own)
    {
        var shown = own.Count > MostSteps ? own.Count - MostSteps : 0;
        return
        [
            .. Enumerable
                .Range(shown, own.Count - shown + 1)
                .Select(count =>
                {
                    var left = own.Skip(count).ToHashSet();
                    var model = PullUpModel.From(
                        reading.Family,
                        [.. reading.Samples.Where((_, i) => !left.Contains(i))]
                    );
                    return new NarrowedOut(count, RangeOut.Of(model.Predict(reading.Planned)));
                }),
        ];
    }

    private static Dictionary<string, double> Figures(PullUpSettings settings)
    {
        var figures = new Dictionary<string, double>
        {
            ["stitchLength"] = settings.StitchLength.Millimetres,
            ["tensionSteps"] = settings.TensionSteps,
            ["passes"] = settings.Passes,
            ["differential"] = settings.Differential,
        };
        return figures;
    }

    private static PlotOut Nothing(string technique, Axis axis) =>
        new(
            technique,
            BookSwatch.Title(technique),
            false,
            axis.Name,
            axis.Label,
            axis.Unit,
            axis.Least,
            axis.Most,
            [],
            [],
            null,
            "",
            null,
            []
        );
}
