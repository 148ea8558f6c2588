using ZephyrReach.Core.Craft.LinesAndShapes.Lines;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>An edge along which a cord lies, as it is wanted.</summary>
/// <param name="Edge">Its seam line.</param>
/// <param name="Lengths">What was measured, where edges were said; else its own length.</param>
/// <param name="Cover">Of a cushion, from seam to seam; null of anything else.</param>
/// <param name="Pad">Of a cushion, its pad.</param>
/// <param name="Line">The line as it was drawn, with its corners; null where none was.</param>
/// <param name="LeastSeen">Which side, from 1; null where that was not said.</param>
/// <param name="LeastRadius">No corner is tighter for this cord.</param>
internal sealed record EdgeInputs(
    CordedEdge Edge,
    IReadOnlyList<Length> Lengths,
    (Length Width, Length Height)? Cover,
    (Length Width, Length Height)? Pad,
    Traced? Line,
    int? LeastSeen,
    Length LeastRadius
)
{
    /// <summary>The field that says how wide what was drawn is; empty where none does.</summary>
    public string WidthField { get; init; } = "";

    /// <summary>The field that says how high it is.</summary>
    public string HeightField { get; init; } = "";

    /// <summary>Workshop rule: a cord lies in no tighter curve than three times its covered thickness, to 5 mm.</summary>
    private const double TightestCurve = 3;

    private static readonly Length RadiusStep = Length.FromMillimetres(5);

    /// <summary>A plump corner pokes out, unless it is rounder by this.</summary>
    private static readonly Length Rounder = Length.FromMillimetres(10);

    private static readonly string[] OfCushion = ["top", "right", "bottom", "left"];

    /// <summary>Σ of the edges.</summary>
    public Length Length => Length.FromMillimetres(Lengths.Sum(l => l.Millimetres));

    /// <summary>Along it, and what the ends take: of a closed edge they meet once, of an open one each goes on.</summary>
    public Length WithEnds(Length overlap) => Length + (Edge.IsClosed ? overlap : 2 * overlap);

    /// <summary>Whether a zip is sewn in.</summary>
    public bool HasZip { get; init; }

    /// <summary>On which side that is, from 1; null where that was not said.</summary>
    public int? ZipOn { get; init; }

    /// <summary>What is sewn up at either end of a zip; of a short side less.</summary>
    private Length SewnUp { get; init; } = CordedFields.ZipSewnUp.Start!.Value;

    /// <summary>Whether its zip is there already.</summary>
    public bool HasZipAtHand => ZipAtHand is not null;

    /// <summary>A zip that is there; null where none is.</summary>
    private Length? ZipAtHand { get; init; }

    /// <summary>
    /// Where the cord begins and ends: the side that is seen least. Below on a cushion, else the longest; the one beside that
    /// where a zip lies there, for two bulks must not meet.
    /// </summary>
    public EdgeSide Start =>
        Said(LeastSeen) ?? (HasZip && Edge.Sides.Count > 1 ? Beside(ZipSide!) : Edge.Sides[Hidden]);

    /// <summary>Where the zip is: below on a cushion, else along the longest side, or beside that where the cord begins there.</summary>
    public EdgeSide? ZipSide =>
        !HasZip
            ? null
            : Said(ZipOn)
                ?? (
                    Edge.Sides.Count > 1 && Edge.Sides[Hidden].Number == LeastSeen
                        ? Beside(Edge.Sides[Hidden])
                        : Edge.Sides[Hidden]
                );

    /// <summary>How long the zip is: the one there is, or its side less what is sewn up at each end.</summary>
    public Length? ZipLength =>
        ZipSide is { } side
            ? ZipAtHand
                ?? Length.Max(
                    Length.FromMillimetres(side.Length) - 2 * SewnUp,
                    Length.FromMillimetres(side.Length * 0.6)
                )
            : null;

    private EdgeSide? Said(int? number) => Edge.Sides.FirstOrDefault(s => s.Number == number);

    private EdgeSide Beside(EdgeSide side) =>
        Edge.Sides[(side.Number - 2 + Edge.Sides.Count) % Edge.Sides.Count];

    /// <summary>Which side is seen least, where nobody says.</summary>
    private int Hidden =>
        Cover is not null
            ? Math.Min(2, Edge.Sides.Count - 1)
            : Edge.Sides.MaxBy(s => s.Length)!.Number - 1;

    public static Length TightestFor(Length covered) =>
        Rounding.Up(covered * TightestCurve, RadiusStep);

    /// <summary>Reads it; null when the reader has errors.</summary>
    /// <param name="covered">The cord with its covering, from side to side; nothing while that has errors.</param>
    /// <param name="hasZip">Whether a zip is sewn in on one side.</param>
    public static EdgeInputs? Read(InputReader reader, Length covered, bool hasZip = false)
    {
        var made =
            reader.OptionalChoice(CordedFields.Made)
            ?? (
                reader.Has(CordedFields.Edges) ? CordedFields.Listed
                : reader.Has(CordedFields.Outline) ? LineFields.Read
                : reader.Has(LineFields.Path) ? LineFields.Built
                : CordedFields.Cushion
            );
        var least = TightestFor(covered);
        var radius =
            reader.OptionalLength(CordedFields.CornerRadius) is { } said && said > Length.Zero
                ? said
                : least;
        var leastSeen = (int?)reader.OptionalNumber(CordedFields.LeastSeen);
        var zipOn = (int?)reader.OptionalNumber(CordedFields.ZipSide);
        _ = reader.OptionalLength(CordedFields.ZipSewnUp);
        _ = reader.OptionalLength(CordedFields.ZipAtHand);
        LookThrough(reader, made);
        if (reader.Errors.Any(e => e.Refusal != Refusal.Missing))
        {
            return null;
        }
        var ask = made switch
        {
            CordedFields.Cushion => OfPad(reader, radius),
            CordedFields.Listed => OfEdges(reader, radius),
            _ => OfLine(reader, made, radius),
        };
        if (ask is null || reader.Errors.Count > 0)
        {
            return null;
        }
        foreach (
            var (field, number) in new[]
            {
                (CordedFields.LeastSeen, leastSeen),
                (CordedFields.ZipSide, zipOn),
            }
        )
        {
            if (number > ask.Edge.Sides.Count)
            {
                reader.Contradiction(
                    field,
                    ask.Edge.Sides.Count == 1
                        ? "There is one side only."
                        : $"There are {ask.Edge.Sides.Count} sides."
                );
                return null;
            }
        }
        return ask with
        {
            LeastSeen = leastSeen,
            LeastRadius = least,
            HasZip = hasZip,
            ZipOn = zipOn,
            SewnUp = reader.LengthOrStart(CordedFields.ZipSewnUp),
            ZipAtHand = reader.OptionalLength(CordedFields.ZipAtHand),
        };
    }

    /// <summary>What is said of ways that are not used: nothing that is said may be wrong.</summary>
    private static void LookThrough(InputReader reader, string made)
    {
        if (made != CordedFields.Cushion)
        {
            reader.OptionalLength(CordedFields.CushionWidth);
            reader.OptionalLength(CordedFields.CushionHeight);
            reader.OptionalChoice(CordedFields.Plumpness);
        }
        if (made != CordedFields.Listed)
        {
            reader.Lengths(CordedFields.Edges);
        }
        if (made is CordedFields.Cushion or CordedFields.Listed)
        {
            Traced.LookThrough(reader, CordedFields.Shape, CordedFields.Outline);
        }
    }

    private static EdgeInputs? OfPad(InputReader reader, Length radius)
    {
        var (width, height) = (
            Needed(reader, CordedFields.CushionWidth),
            Needed(reader, CordedFields.CushionHeight)
        );
        var plump = reader.OptionalChoice(CordedFields.Plumpness) ?? "flat";
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        // A small pad is not made smaller by more than a tenth.
        var less = Length.Min(
            Length.FromMillimetres(
                plump switch
                {
                    "full" => 20,
                    "plump" => 40,
                    _ => 0,
                }
            ),
            Length.Min(width, height) / 10
        );
        var round = plump == "plump" ? radius + Rounder : radius;
        var cover = (Width: width - less, Height: height - less);
        var at = (less / 2).Millimetres;
        var line = Path.Of(
            true,
            Point.At(at, at),
            Point.At(at + cover.Width.Millimetres, at),
            Point.At(at + cover.Width.Millimetres, at + cover.Height.Millimetres),
            Point.At(at, at + cover.Height.Millimetres)
        );
        var edge = CordedEdge.Of(line, round.Millimetres, OfCushion);
        return new(
            edge,
            [.. edge.Sides.Select(s => Length.FromMillimetres(s.Length))],
            cover,
            (width, height),
            null,
            null,
            Length.Zero
        );
    }

    private static EdgeInputs? OfEdges(InputReader reader, Length radius)
    {
        if (!reader.Has(CordedFields.Edges))
        {
            reader.Missing(CordedFields.Edges);
        }
        var lengths = reader.Lengths(CordedFields.Edges);
        var closed = reader.Flag(CordedFields.Closed);
        if (reader.Errors.Count > 0)
        {
            return null;
        }
        if (lengths.Sum(l => l.Millimetres) < 1)
        {
            reader.Contradiction(CordedFields.Edges, "An edge must be a millimetre long or more.");
            return null;
        }
        var line = CordedEdge.Laid([.. lengths.Select(l => l.Millimetres)], closed);
        return new(
            CordedEdge.Of(line, radius.Millimetres),
            lengths,
            null,
            null,
            null,
            null,
            Length.Zero
        );
    }

    private static EdgeInputs? OfLine(InputReader reader, string made, Length radius)
    {
        var lines = Traced.Of(reader, made, CordedFields.Shape, CordedFields.Outline);
        if (reader.Errors.Count > 0 || lines.Count == 0)
        {
            return null;
        }
        // Of several outlines the largest is the edge; the others are what it goes round.
        var line = lines.MaxBy(l => l.Length)!;
        var edge = CordedEdge.Of(line.Path, radius.Millimetres);
        if (edge.Length < Length.FromMillimetres(1))
        {
            reader.Contradiction(CordedFields.Made, "An edge must be a millimetre long or more.");
            return null;
        }
        return new(edge, [edge.Length], null, null, line, null, Length.Zero)
        {
            WidthField = LineFields.WidthField(reader, CordedFields.Made, CordedFields.Shape),
            HeightField = LineFields.HeightField(reader, CordedFields.Made, CordedFields.Shape),
        };
    }

    private static Length Needed(InputReader reader, LengthField field)
    {
        if (!reader.Has(field))
        {
            reader.Missing(field);
        }
        return reader.OptionalLength(field) ?? field.Least;
    }
}
