using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Edges.Corded;
using ZephyrReach.Core.Cutting;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Edges.CordTrim;

/// <summary>How a ready-made trim is sewn round an edge.</summary>
internal sealed record CordTrimPlan(CordTrimInputs Ask) : EdgePlan(Ask.Edge)
{
    /// <summary>Beyond what lies over the other end, the tape is freed so far on either side.</summary>
    private static readonly Length Freer = Length.FromMillimetres(20);

    /// <summary>Stiff trim is held first and sewn close the second time; soft trim comes closer at once.</summary>
    private Length Held => Length.FromMillimetres(Ask.IsStiff ? 2 : 1);

    public override IReadOnlyList<Figure> Figures => CordTrimFigures.All;

    public override Length Covered => Ask.Cord;

    /// <summary>The flange goes into the seam: it is clipped as far as it is wide, where it is narrower.</summary>
    public override Length Flange => Ask.Seam;

    public override Length Tape => Ask.Tape;

    public override BesideCord Foot => Ask.Foot;

    /// <summary>The second passes beside the cord: with its middle on the edge, half the blade would go into it.</summary>
    public override IReadOnlyList<Length> Wanted => [Held, BesideCord.HalfBlade];

    /// <summary>
    /// The cord under a groove; beside a zipper foot the plies of both ends, where they go down into the seam. Workshop rule: a
    /// ply presses flat to half.
    /// </summary>
    public override Length Thickest => (Foot.IsZipper ? 2 * (Ply / 2) : Covered) + 2 * Ask.Face;

    public Length Required => Edge.WithEnds(Ask.Overlap);

    public Length Trim => Required * Together.Count;

    public Length Unpick => Ask.Overlap / 2 + Freer;

    /// <summary>p round plies of thickness d lie within a cord of thickness d·(1 + 1/sin(π/p)).</summary>
    public Length Ply => Ask.Cord / (1 + 1 / Math.Sin(Math.PI / Ask.Plies));

    public Length Slant => 4 * Ply;

    public Length NeedleThread =>
        Together.Count
        * (
            2 * Edge.Length * (1 + 2 * Ask.Face / Ask.StitchLength)
            + Edge.Length * (1 + 3 * Ask.Face / Ask.StitchLength)
        );

    /// <summary>A front and a back, as they are cut; null where their size is not known.</summary>
    private (Length Width, Length Height)? CutSize =>
        Edge.Cover is { } cover ? (cover.Width + 2 * Ask.Seam, cover.Height + 2 * Ask.Seam) : null;

    /// <summary>Of the cloth that fronts and backs are cut from; nothing where their size is not known.</summary>
    public Length Cloth => OnCloth.Taken(Pieces, Ask.ClothWidth, Ruler);

    public override IReadOnlyList<Piece> Pieces =>
        CutSize is { } size
            ?
            [
                .. new[] { "front", "back" }.Select(name =>
                    Piece
                        .Rectangle(name, Together.Count, name, size.Width, size.Height)
                        .Exact() with
                    {
                        GrainUpright = true,
                    }
                ),
            ]
            : [];

    public override IReadOnlyList<Fact> Facts
    {
        get
        {
            List<Fact> facts =
            [
                new("Trim needed", Ruler.Write(Trim, LengthKind.Amount)),
                new("Trim per piece", Ruler.Whole(Required)),
            ];
            if (Cloth > Length.Zero)
            {
                facts.Add(new("Fabric needed", Ruler.Cut(Cloth)));
            }
            if (Edge.Edge.IsClosed)
            {
                facts.Add(new("Start", $"middle of {SideName}"));
                facts.Add(new("Unpick the lip", $"{Ruler.Mark(Unpick)} of each end"));
                facts.Add(
                    new("Plies", $"{Ask.Plies} and {Ask.Plies}, down over {Ruler.Mark(Slant)}")
                );
            }
            facts.AddRange(ZipFacts);
            facts.AddRange(
                Lines.Select(l => new Fact(
                    l.Number == 1 ? "First line of stitching" : "Second line of stitching",
                    LineSays(l)
                ))
            );
            facts.Add(TimeInAll);
            return facts;
        }
    }

    public override IReadOnlyList<Fact> Scrap =>
        [
            new("Sew", $"{Ruler.Mark(Sample)} of trim between two small pieces, round one corner"),
            new(
                "First line of stitching",
                Ruler.Fine(Lines[0].Gives ?? Lines[0].Wanted) + " from the cord"
            ),
            new(
                "Second line of stitching",
                Ruler.Fine(Lines[1].Gives ?? Lines[1].Wanted) + " from the cord"
            ),
        ];

    private static readonly Length Sample = Length.FromMillimetres(200);

    public override IReadOnlyList<Need> Needs =>
        [
            .. Cloth > Length.Zero ? [new Need("cloth", Cloth, Stage.Cut)] : Array.Empty<Need>(),
            new("cord", Trim, Stage.Keep),
            new("thread", ThreadUse.OfBoth(NeedleThread), Stage.Keep),
        ];

    public override Guide? Guide => EdgeGuide.Of(this, null);

    public override Summary Summary => InShort($"{Ruler.Fine(Ask.Cord)} trim");

    public override IReadOnlyList<Caution> Cautions => CordTrimTechnique.Hazards;

    public override IReadOnlyList<DerivationLine> Derivation(Ruler ruler) =>
        [
            new(
                "Trim",
                Ruler.Sum(
                    $"{Edge.Length:whole} + {(Edge.Edge.IsClosed ? "" : "2 × ")}{Ask.Overlap} = {Required:whole}"
                ),
                Together.Count > 1 ? $"{Together.Count} of them: {Ruler.Whole(Trim)}." : ""
            ),
            new(
                "Ply",
                Ruler.Sum($"{Ask.Cord:fine} ÷ (1 + 1 ÷ sin(180° ÷ {Ask.Plies})) = {Ply:fine}"),
                "So thick are round strands that fill the cord."
            ),
            new("Down into the seam", Ruler.Sum($"4 × {Ply:fine} = {Slant:fine}")),
            .. Lines
                .Where(l => l.Place is not null)
                .Select(l => new DerivationLine(
                    l.Number == 1 ? "First line of stitching" : "Second line of stitching",
                    Ruler.Sum(
                        $"{l.Place} × {Foot.Step:fine} − {Covered / 2:fine} = {l.Gives!.Value:fine}"
                    )
                )),
            .. CutSize is { } size
                ?
                [
                    new(
                        "Front and back",
                        Ruler.Sum(
                            $"{Edge.Cover!.Value.Width} + 2 × {Ask.Seam} = {size.Width}; {Edge.Cover.Value.Height} + 2 × {Ask.Seam} = {size.Height}"
                        )
                    ),
                ]
                : Array.Empty<DerivationLine>(),
        ];

    public override IReadOnlyList<Drawing> Drawings(Ruler ruler) =>
        [
            EdgeDrawing.Of(
                this,
                "The front with its trim",
                $"{Ruler.Whole(Edge.Length)} of edge with a trim {Ruler.Fine(Ask.Cord)} thick, begun in the middle of {SideName}. {ClipsSay}",
                place => [.. ZipOn(place), .. UnpickedOn(place)]
            ),
            PliesDrawing.Of(this),
            CordDrawings.UnderTheSole(this, "Two passes beside the cord"),
        ];

    /// <summary>How far the flange comes off, on either side of the start.</summary>
    private IEnumerable<Shape> UnpickedOn(Paths.Affine place)
    {
        if (!Edge.Edge.IsClosed)
        {
            yield break;
        }
        foreach (var side in (double[])[-1, 1])
        {
            var at = Edge.Edge.Measured.At(StartsAt + side * Unpick.Millimetres);
            yield return new ClothLine(
                LineMeaning.Join,
                place.Of(at.Beside(0)),
                place.Of(at.Beside(Edge.Edge.Outside * Flange.Millimetres))
            ).In("unpicked");
        }
    }

    /// <summary>The zip, along its side.</summary>
    private IEnumerable<Shape> ZipOn(Paths.Affine place)
    {
        if (ZipSide is not { } side || !Edge.Edge.IsClosed)
        {
            yield break;
        }
        var reach = ZipLength!.Value.Millimetres / 2;
        var beside = -Edge.Edge.Outside * (Covered.Millimetres / 2 + 3);
        yield return new ClothLine(
            LineMeaning.StitchRemoved,
            place.Of(Edge.Edge.Measured.At(side.Middle - reach).Beside(beside)),
            place.Of(Edge.Edge.Measured.At(side.Middle + reach).Beside(beside)),
            "zip"
        ).In("zip");
    }

    public override IReadOnlyList<SewingStep> Steps(Ruler ruler) =>
        Ask.Together.Steps(CordTrimSteps.Of(this));

    /// <summary>Reads and reckons; null when the reader has errors.</summary>
    public static CordTrimPlan? Of(InputReader reader)
    {
        if (CordTrimInputs.Read(reader) is not { } ask)
        {
            return null;
        }
        return new CordTrimPlan(ask)
        {
            Ruler = reader.Ruler,
            Together = ask.Together,
            Findings = [],
        }.WithFindings(a => Noticed(a).Concat(NoticedOnEdges.In(a)));
    }

    private static IEnumerable<Finding> Noticed(CordTrimPlan a)
    {
        if (a.Ask.ClothAtHand is { } there && there < a.Cloth)
        {
            yield return Finding.Stop(
                "cloth-short",
                $"Fronts and backs take {a.Ruler.Cut(a.Cloth)} of fabric; there is {a.Ruler.Mark(there)}.",
                "A back would be missing.",
                "Take another fabric for the backs."
            );
        }
        if (a.Ask.IsStiff && !a.Foot.IsZipper)
        {
            yield return Finding.Care(
                "stiff-in-groove",
                "Stiff trim may leave no room for a foot with a groove.",
                "On a home machine the foot climbs onto it.",
                "Take the zipper foot: a first pass that holds, and a second closer."
            );
        }
        if (a.Ask.IsStiff && a.Edge.Edge.Corners.Any(c => Math.Abs(c.Turn) > 60))
        {
            yield return Finding.Note(
                "stiff-corner",
                "Stiff trim goes round corners unwillingly.",
                "It springs back before the needle holds it.",
                "Snip the flange closer at corners, and turn the wheel by hand there."
            );
        }
        if (a.Ask.Tape < a.Ask.Seam - Length.FromMillimetres(0.05))
        {
            yield return Finding.Note(
                "edges-apart",
                $"The flange is {a.Ruler.Fine(a.Ask.Tape)} wide, the seam allowance {a.Ruler.Fine(a.Ask.Seam)}.",
                "Raw edge on raw edge, the cord would lie outside the seam line.",
                $"Lay the edge of the flange {a.Ruler.Fine(a.Ask.Seam - a.Ask.Tape)} inside the raw edge."
            );
        }
        if (a.Ask.HasZip && a.Ask.BackFirst)
        {
            yield return Finding.Care(
                "zip-last",
                "The zip comes after the back.",
                "It must be sewn into a narrow opening, past the trim on both sides.",
                "Sew it in before the back, unless the cover is there already."
            );
        }
    }
}
