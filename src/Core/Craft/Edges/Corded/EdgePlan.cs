using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Measures;
using Path = ZephyrReach.Core.Drawings.Path;

namespace ZephyrReach.Core.Craft.Edges.Corded;

/// <summary>What is planned for an edge with a cord in its seam, whatever cord that is.</summary>
internal abstract record EdgePlan(EdgeInputs Edge) : WorkPlan
{
    /// <summary>The figures that every such plan tells.</summary>
    internal static IReadOnlyList<Figure> EdgeFigures { get; } =
    [
        Figure<EdgePlan>.Marked("edge", "Along the seam line.", a => a.Edge.Length),
        Figure<EdgePlan>.Fine("covered", "The cord as it lies in the seam.", a => a.Covered),
        Figure<EdgePlan>.Table(
            "sides",
            "From the middle of one corner to the middle of the next.",
            a => a.Edge.Edge.Sides,
            Figure<EdgeSide>.Text("name", "What it is called.", s => s.Name),
            Figure<EdgeSide>.Marked("length", "Along it.", s => Length.FromMillimetres(s.Length))
        ),
        Figure<EdgePlan>.Text(
            "start",
            "In the middle of this side the cord begins and ends.",
            a => a.Edge.Start.Name
        ),
        Figure<EdgePlan>.Fine(
            "cornerRadius",
            "No corner is tighter: three times the covered cord, to 5 mm.",
            a => a.Edge.LeastRadius
        ),
        Figure<EdgePlan>.Table(
            "clips",
            "Where the flange is clipped, bend by bend.",
            a => a.Clips,
            Figure<Clips>.Text("at", "corner or curve.", c => c.Bend.IsCorner ? "corner" : "curve"),
            Figure<Clips>.Count("count", "How many.", c => c.Count),
            Figure<Clips>.Fine("depth", "From the edge of the flange.", c => c.Depth),
            Figure<Clips>.Fine("apart", "Along the cord.", c => c.Apart)
        ),
        Figure<EdgePlan>.Table(
            "lines",
            "The lines of stitching, each nearer to the cord.",
            a => a.Lines,
            Figure<NeedleLine>.Fine("wanted", "From the covered cord.", l => l.Wanted),
            Figure<NeedleLine>.Count(
                "place",
                "Places of the needle from the middle, away from the cord.",
                l => l.Place
            ),
            Figure<NeedleLine>.Length("gives", LengthKind.Fine, "What that comes to.", l => l.Gives)
        ),
        Figure<EdgePlan>.Length(
            "zipLength",
            LengthKind.Marked,
            "How long the zip is.",
            a => a.ZipLength
        ),
        Figure<EdgePlan>.Length(
            "zipEnds",
            LengthKind.Marked,
            "What of its side is sewn up at each end of it.",
            a => a.ZipEnds
        ),
        Figure<EdgePlan>.Fine(
            "thickest",
            "What has to pass under the foot: the cord with its seam and both layers of the piece; beside a zipper foot the seam alone.",
            a => a.Thickest
        ),
        Figure<EdgePlan>.Ratio(
            "minutes",
            "About how long it takes in all: the sum of its steps.",
            a => a.Minutes
        ),
    ];

    /// <summary>About how long it takes in all.</summary>
    public double Minutes => Steps(Ruler).Sum(s => s.Minutes);

    /// <summary>The side where it begins, as it is said.</summary>
    public string SideName => Called(Edge.Start);

    private string Called(EdgeSide side) =>
        Edge.Edge.Sides.Count == 1 ? "it, where it is seen least"
        : Edge.Cover is null ? side.Name
        : $"the {side.Name} side";

    /// <summary>Where the zip is sewn in; null where there is none.</summary>
    public EdgeSide? ZipSide => Edge.ZipSide;

    /// <summary>As zips are sold, in whole centimetres or half inches: not over what its side leaves it; null where there is none.</summary>
    public Length? ZipLength =>
        Edge.ZipLength is { } length
            ? Edge.HasZipAtHand
                ? length
                : Rounding.Down(
                    length,
                    Ruler.Units == UnitSystem.Metric
                        ? Length.FromMillimetres(10)
                        : Length.FromInches(0.5)
                )
            : null;

    /// <summary>The same with how long it is, in words.</summary>
    public string ZipSays =>
        $"On {Called(ZipSide!)}, a zip of {Ruler.Mark(ZipLength!.Value)}: the seam is sewn {Ruler.Mark(ZipEnds!.Value)} at each end of it, both alike";

    /// <summary>What of its side is sewn up at each end of the zip; below nothing where it is longer than its side.</summary>
    public Length? ZipEnds =>
        ZipSide is { } side ? (Length.FromMillimetres(side.Length) - ZipLength!.Value) / 2 : null;

    /// <summary>The zip among the facts of a plan; nothing where there is none.</summary>
    protected IEnumerable<Fact> ZipFacts =>
        ZipLength is { } length
            ?
            [
                new("Zip", $"{Ruler.Mark(length)}, on {OpeningName}"),
                new("Sewn at each end of it", Ruler.Mark(ZipEnds!.Value)),
            ]
            : [];

    /// <summary>Where the cover is turned and filled, in words.</summary>
    public string OpeningName => ZipSide is { } side ? Called(side) : SideName;

    /// <summary>The cord as it lies in the seam, from side to side.</summary>
    public abstract Length Covered { get; }

    /// <summary>The cord without its covering.</summary>
    public virtual Length Bare => Covered;

    /// <summary>From the cord to the raw edge.</summary>
    public abstract Length Flange { get; }

    /// <summary>How wide the flange itself is that is clipped: as a rule it ends with the raw edge.</summary>
    public virtual Length Tape => Flange;

    public abstract BesideCord Foot { get; }

    /// <summary>How far from the cord each line lies, the furthest first.</summary>
    public abstract IReadOnlyList<Length> Wanted { get; }

    public abstract Length Thickest { get; }

    /// <summary>Joins of the covering along one round, in mm from where the edge starts; none for a cord that is bought covered.</summary>
    public virtual IReadOnlyList<double> JoinsOnEdge => [];

    /// <summary>Where the cord begins along the edge, in mm.</summary>
    public virtual double StartsAt => Edge.Edge.IsClosed ? Edge.Start.Middle : 0;

    public IReadOnlyList<NeedleLine> Lines => lines ??= Foot.Lines(Covered, Wanted);

    private IReadOnlyList<NeedleLine>? lines;

    /// <summary>Bend by bend.</summary>
    public IReadOnlyList<Clips> Clips =>
        clips ??= [.. Edge.Edge.Bends.Select(b => Corded.Clips.Of(b, Tape))];

    private IReadOnlyList<Clips>? clips;

    public override IReadOnlyList<Path> Traces => [Edge.Edge.Path];

    /// <summary>Where the needle stands for a line, in words.</summary>
    public string NeedleAt(NeedleLine line) =>
        line.Place is { } place
            ? $"needle {place} {(place == 1 ? "place" : "places")} to the side"
            : (Foot.IsZipper ? "zipper foot" : "by eye")
                + (
                    line.Wanted > Length.Zero
                        ? $", {Ruler.Fine(line.Wanted)} from the cord"
                        : " against the cord"
                );

    /// <summary>The same with how far from the cord that is.</summary>
    public string LineSays(NeedleLine line) =>
        line.Gives is { } gives
            ? $"{Ruler.Fine(gives)} from the cord ({NeedleAt(line)})"
            : NeedleAt(line);

    /// <summary>How the flange is clipped, in a sentence; empty where there is no bend.</summary>
    public string ClipsSay
    {
        get
        {
            var corners = Clips.Where(c => c.Bend.IsCorner).ToList();
            var curves = Clips.Where(c => !c.Bend.IsCorner).ToList();
            List<string> says = [];
            if (corners.Count > 0)
            {
                var (least, most) = (corners.Min(c => c.Count), corners.Max(c => c.Count));
                says.Add(
                    $"{(corners.Count == 1 ? "At the corner" : $"At each of {corners.Count} corners")} {(least == most ? $"{most}" : $"{least} to {most}")} {(most == 1 ? "clip" : "clips")}, {Ruler.Fine(corners[0].Depth)} deep."
                );
            }
            if (curves.Count > 0)
            {
                says.Add(
                    $"In {(curves.Count == 1 ? "the curve" : "curves")} a clip every {Ruler.Fine(curves.Min(c => c.Apart))}, {Ruler.Fine(curves[0].Depth)} deep."
                );
            }
            if (Clips.Any(c => !c.Bend.IsOutward))
            {
                says.Add("Where it bends inwards the flange lies over itself: clip it there too.");
            }
            return string.Join(" ", says);
        }
    }

    /// <summary>The edge in short, for a list.</summary>
    protected Summary InShort(string of) =>
        new(
            Edge.Pad is { } pad
                ? $"{of} round {Ruler.Size(Ruler.Mark(pad.Width), Ruler.Mark(pad.Height))}"
                : $"{of} along {Ruler.Whole(Edge.Length)}",
            EdgeDrawing.Picture("in-short", "", Edge.Edge)
        );
}
