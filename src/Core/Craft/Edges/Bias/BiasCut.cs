using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.Bias;

/// <summary>A way to cut the strips, beside the others.</summary>
/// <param name="Name">strips, corner, continuous or remnant.</param>
/// <param name="Cloth">How much of the cloth’s length it takes; nothing of a remnant.</param>
/// <param name="Serves">Whether there is cloth enough.</param>
/// <param name="Says">What it takes and gives, in a few words.</param>
internal sealed record BiasWay(
    string Name,
    string Label,
    Length Cloth,
    int Joins,
    double Minutes,
    bool Serves,
    string Says
);

/// <summary>How the strips of a covering are cut, whichever way: all ways are reckoned, and one is taken.</summary>
/// <param name="Required">How long the strip has to be, joined, for all pieces together.</param>
/// <param name="Method">What was asked: strips, corner, continuous, remnant, or the better.</param>
/// <param name="Angle">Between strip and selvedge, in degrees.</param>
/// <param name="Shape">Of a remnant; null where none was said.</param>
internal sealed partial record BiasCut(
    Length Required,
    Length Width,
    Length ClothWidth,
    Length? ClothAtHand,
    Length Join,
    string Method,
    double Angle,
    IReadOnlyList<Point>? Shape
)
{
    /// <summary>Less than this is no saving that is felt.</summary>
    private static readonly Length Felt = Length.FromMillimetres(150);

    /// <summary>Workshop rule: joins that lie closer are one lump in the cord after the other.</summary>
    private static readonly Length JoinsLie = Length.FromMillimetres(100);

    /// <summary>Needed where a length is written into words.</summary>
    public required Ruler Ruler { get; init; }

    public SelvedgeStrips Single { get; } = new(Required, Width, ClothWidth, Join, Angle);

    /// <summary>
    /// One strip without a join, cut across a corner of the cloth: as from cloth that is L·sin θ wide. Null where it is as long as
    /// the cloth is wide, or lies straight across.
    /// </summary>
    public SelvedgeStrips? Corner
    {
        get
        {
            var across = Rounding.Up(Required * Math.Sin(Angle * Math.PI / 180), Ruler.Cutting);
            return Angle == 90 || across >= ClothWidth
                ? null
                : new(Required, Width, across, Join, Angle);
        }
    }

    /// <summary>The strips as they lie, one by one or the one from a corner.</summary>
    public SelvedgeStrips Laid => Way == BiasFields.Corner ? Corner! : Single;

    public Tube Tube { get; } = new(Required, Width, ClothWidth, Join);

    /// <summary>Null where none was said.</summary>
    public Remnant? Remnant { get; } = Shape is null ? null : new(Shape, Width, Join, Angle);

    /// <summary>The strips that are cut from it: the longest, until they reach; all of them where they do not.</summary>
    public IReadOnlyList<RemnantStrip> FromRemnant => fromRemnant ??= Enough();

    private IReadOnlyList<RemnantStrip>? fromRemnant;

    private List<RemnantStrip> Enough()
    {
        List<RemnantStrip> taken = [];
        var reaches = Length.Zero;
        foreach (var strip in Remnant?.Strips ?? [])
        {
            if (taken.Count > 0 && reaches >= Required)
            {
                break;
            }
            reaches += strip.Length - (taken.Count > 0 ? Remnant!.AtJoin : Length.Zero);
            taken.Add(strip);
        }
        return taken;
    }

    /// <summary>Whether a tube can be sewn for it: it is on the bias.</summary>
    private bool HasTube => Angle == 45 && ClothWidth > 2 * Join + Width;

    /// <summary>
    /// Every way, the better first: what there is cloth for; then what is not one join after the other; then less cloth, where
    /// that is felt; then fewer joins.
    /// </summary>
    public IReadOnlyList<BiasWay> Ways =>
        ways ??= [
            .. AllWays()
                .OrderByDescending(w => w.Serves)
                .ThenBy(IsLumpy)
                .ThenBy(w => Math.Floor(w.Cloth / Felt))
                .ThenBy(w => w.Joins)
                .ThenBy(w => w.Minutes),
        ];

    private IReadOnlyList<BiasWay>? ways;

    /// <summary>What is taken: what was asked for, else the better.</summary>
    public string Way => Ways.Any(w => w.Name == Method) ? Method : Ways[0].Name;

    public BiasWay Taken => Ways.First(w => w.Name == Way);

    /// <summary>Why the first comes first.</summary>
    public string Why
    {
        get
        {
            if (Ways is not [var first, var second, ..])
            {
                return "There is no other way.";
            }
            if (first.Serves != second.Serves)
            {
                return $"Not enough {(second.Name == BiasFields.FromRemnant ? "in the offcut" : "fabric")} for the other method.";
            }
            var saved = second.Cloth - first.Cloth;
            var joins = first.Joins - second.Joins;
            return saved < -Felt
                    ? $"It takes {Ruler.Cut(-saved)} more fabric, and has {Of(-joins, "join")} fewer: each is a lump in the cord."
                : saved > Felt
                    ? $"It takes {Ruler.Cut(saved)} less fabric"
                        + (joins > 0 ? $", and has {Of(joins, "join")} more." : ".")
                : $"It has {Of(Math.Max(0, -joins), "join")} fewer, for about as much fabric.";
        }
    }

    private bool IsLumpy(BiasWay way) => way.Joins > 0 && Required / (way.Joins + 1) < JoinsLie;

    /// <summary>Where the covering is joined, along the joined strip.</summary>
    public IReadOnlyList<Length> JoinsAlong
    {
        get
        {
            switch (Way)
            {
                case BiasFields.Continuous:
                    var each = Required / (Tube.Joins + 1);
                    return [.. Enumerable.Range(1, Tube.Joins).Select(i => i * each)];
                case BiasFields.FromRemnant:
                    List<Length> places = [];
                    var at = Length.Zero;
                    foreach (var strip in FromRemnant.SkipLast(1))
                    {
                        at += strip.Length - Remnant!.AtJoin;
                        places.Add(at + Remnant.AtJoin / 2);
                    }
                    return places;
                default:
                    return [.. Laid.JoinsAlong];
            }
        }
    }

    /// <summary>Of the cloth’s length, to have or to buy.</summary>
    public Length Cloth =>
        Way == BiasFields.FromRemnant ? Shape!.Max(p => p.Y) - Shape!.Min(p => p.Y) : Taken.Cloth;

    /// <summary>What is cut.</summary>
    public IReadOnlyList<Piece> Pieces =>
        Way switch
        {
            BiasFields.Continuous =>
            [
                Piece.Rectangle(
                    "square",
                    1,
                    Tube.IsOblong ? "oblong for the strip" : "square for the strip",
                    Tube.Across,
                    Tube.Along
                ),
            ],
            BiasFields.FromRemnant =>
            [
                .. FromRemnant
                    .Select(s => Rounding.Down(s.Length, Ruler.Cutting))
                    .GroupBy(l => l)
                    .Select(
                        (g, i) =>
                            Piece.Rectangle(
                                $"piece-{i + 1}",
                                g.Count(),
                                "piece of the strip",
                                g.Key,
                                Width
                            ) with
                            {
                                OnBias = Angle != 90,
                                DepthKind = LengthKind.Marked,
                                JoinedBy = Join,
                            }
                    ),
            ],
            _ =>
            [
                Piece.Rectangle(
                    Way == BiasFields.Corner ? "corner-strip" : "strip",
                    Laid.Count,
                    Angle == 90 ? "strip, straight across" : "bias strip",
                    Laid.Each,
                    Width
                ) with
                {
                    OnBias = Angle != 90,
                    DepthKind = LengthKind.Marked,
                    JoinedBy = Join,
                    JoinedTo = Required,
                },
            ],
        };

    /// <summary>Reads how it is cut; null when the reader has errors.</summary>
    public static BiasCut? Read(InputReader reader, Length required, Length width)
    {
        var cut = new BiasCut(
            required,
            width,
            reader.LengthOrStart(BiasFields.ClothWidth),
            reader.OptionalLength(BiasFields.ClothAtHand),
            reader.LengthOrStart(BiasFields.JoinAllowance),
            reader.OptionalChoice(BiasFields.Method) ?? BiasFields.Better,
            BiasFields.ReadAngle(reader),
            BiasFields.ReadRemnant(reader)
        )
        {
            Ruler = reader.Ruler,
        };
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (cut.Method == BiasFields.FromRemnant && cut.Shape is null)
        {
            reader.Missing(BiasFields.RemnantWidth);
            return null;
        }
        if (cut.Method == BiasFields.FromRemnant && cut.Remnant!.Strips.Count == 0)
        {
            reader.Contradiction(
                reader.Has(BiasFields.RemnantCorners)
                    ? BiasFields.RemnantCorners
                    : BiasFields.RemnantWidth,
                $"No strip {reader.Ruler.Mark(width)} wide can be cut from it."
            );
            return null;
        }
        if (cut.Single.Count == 0)
        {
            reader.Contradiction(
                BiasFields.ClothWidth,
                "On fabric so narrow there would be nothing but joins."
            );
            return null;
        }
        return cut;
    }

    private IEnumerable<BiasWay> AllWays()
    {
        yield return new(
            BiasFields.Strips,
            "strips one by one",
            Single.ClothLength,
            Single.Joins,
            Single.Minutes,
            ClothAtHand is not { } there || there >= Single.ClothLength,
            $"{Of(Single.Count, "strip")} from selvedge to selvedge"
        );
        if (Corner is { } corner)
        {
            yield return new(
                BiasFields.Corner,
                "one strip from a corner",
                corner.ClothLength,
                corner.Joins,
                corner.Minutes,
                ClothAtHand is not { } has || has >= corner.ClothLength,
                $"a corner {Ruler.Size(Ruler.Cut(corner.ClothWidth), Ruler.Cut(corner.ClothLength))}, no join"
            );
        }
        if (HasTube)
        {
            yield return new(
                BiasFields.Continuous,
                "continuous bias strip",
                Tube.Along,
                Tube.Joins,
                Tube.Minutes,
                ClothAtHand is not { } enough || enough >= Tube.Along,
                Tube.IsOblong
                    ? $"an oblong {Ruler.Size(Ruler.Cut(Tube.Across), Ruler.Cut(Tube.Along))}"
                    : $"a square {Ruler.Cut(Tube.Side)} each way"
            );
        }
        if (Remnant is { Strips.Count: > 0 } remnant)
        {
            yield return new(
                BiasFields.FromRemnant,
                "from the offcut",
                Length.Zero,
                FromRemnant.Count - 1,
                4 + 2 * FromRemnant.Count + 3 * (FromRemnant.Count - 1),
                remnant.Gives >= Required,
                $"{Of(FromRemnant.Count, "piece")}; all of it gives {Ruler.Write(remnant.Gives, LengthKind.AtMost)}"
            );
        }
    }

    private static string Of(int count, string what) => $"{count} {what}{(count == 1 ? "" : "s")}";
}
