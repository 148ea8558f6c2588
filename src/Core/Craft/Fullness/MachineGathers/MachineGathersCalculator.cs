using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft.Fullness.PullUp;
using ZephyrReach.Core.Craft.Fullness.Strips;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Craft.Fullness.MachineGathers;

/// <summary>From an edge and what the samples say to what is cut.</summary>
/// <remarks>
/// What the machine gathers cannot be pulled to fit afterwards. So the flat edge is the length that is enough with the
/// assurance asked for, F·exp(quantile), and an allowance to trim; the strips for it are cut, joined and laid as for
/// pulled gathers of that fullness.
/// </remarks>
internal static class MachineGathersCalculator
{
    private static readonly Length Thick = Length.FromMillimetres(1);

    public static MachineGathersPlan? Straight(InputReader reader, Kind kind) =>
        MachineGathersInputs.Read(reader, kind.Family) is { } ask
            ? Straight(ask, kind, reader)
            : null;

    public static MachineGathersPlan? Straight(
        MachineGathersInputs ask,
        Kind kind,
        InputReader reader
    )
    {
        var edge = ask.Piece.FinishedEdge;
        var cutLength = edge * ask.Reading.Prediction.At(ask.Reading.Assurance);
        var strips = StripReckon.Straight(
            ask.Piece with
            {
                Fullness = (cutLength + ask.Trim) / edge,
            },
            reader
        );
        if (strips is null)
        {
            return null;
        }
        return new MachineGathersPlan(ask, kind, strips, cutLength)
        {
            Findings = [],
            Ruler = reader.Ruler,
            Together = ask.Piece.Together,
        }.WithFindings(a => Noticed(a, reader.Ruler));
    }

    private static IEnumerable<Finding> Noticed(MachineGathersPlan a, Ruler ruler)
    {
        var set = a.Ask.Reading.Planned;
        foreach (var finding in a.Ask.Reading.Noticed())
        {
            yield return finding;
        }
        foreach (var finding in a.Strips.Noticed)
        {
            yield return finding;
        }
        if (a.Kind.Knife && set.Passes > 1)
        {
            yield return Finding.Stop(
                "second-pass-cuts",
                "A second pass on the overlocker cuts into the first.",
                "Its knife trims the edge that the loopers have wrapped.",
                "Sew one pass, and turn up the differential or lengthen the stitch.",
                new(PullUpFields.Passes.Name, "1")
            );
        }
        else if (set.Passes > 2)
        {
            yield return Finding.Care(
                "passes",
                "A third pass gathers little more.",
                "Each finds less fabric to draw up, and pierces the stitches of those before.",
                "Sew two, and a lighter fabric or another technique for more.",
                new(PullUpFields.Passes.Name, "2")
            );
        }
        if (a.IsPacked)
        {
            yield return Finding.Care(
                "packed",
                $"Folds of this fabric lie on each other from a fullness of {DecimalText.Write(a.Ask.Reading.Most)} on.",
                $"A stitch of {ruler.Fine(set.StitchLength)} draws up to a thickness of the fabric at the most.",
                "Nothing fuller is calculated with. Sew a measured strip first."
            );
        }
        if (
            a.Ask.Piece.Thick >= Thick
            || set.Weight.GramsPerSquareMetre > MachineGathersFields.Heavy
        )
        {
            yield return Finding.Care(
                "hardly-gathers",
                a.Ask.Piece.Thick >= Thick
                    ? $"{ruler.Fine(a.Ask.Piece.Thick)} of fabric hardly gathers this way."
                    : $"Fabric of {DecimalText.Write(set.Weight.GramsPerSquareMetre, 0)} g/m² hardly gathers this way.",
                "Thick fabric does not fold between two stitches.",
                "Sew a strip first; or gather by pulled threads, or take fewer layers."
            );
        }
        if (
            set.StitchLength < Length.FromMillimetres(3)
            && set.TensionSteps <= 0
            && set.Differential <= 1
        )
        {
            yield return Finding.Care(
                "nothing-gathers",
                "With a short stitch and normal tension hardly anything gathers.",
                "It is the long stitch and the tight thread that draw the fabric up.",
                "Lengthen the stitch to 4 mm or more, and tighten the needle tension a step or two."
            );
        }
        if (a.Ask.JoinFlat && a.Kind.Family == PullUpFamily.GatheringFoot && set.Passes > 1)
        {
            yield return Finding.Stop(
                "join-in-one-pass",
                "A flat layer can only be joined in one pass.",
                "A second pass over the same line would gather the flat layer too.",
                "Gather first in as many passes as it takes, and join the flat layer after; or plan one pass."
            );
        }
        if (a.Ask.Piece.FinishedEdge * a.Ask.Reading.Prediction.Low > a.CutLength)
        {
            yield return Finding.Care(
                "unlikely-enough",
                "The cut length is hardly ever enough.",
                "Even the least fullness that is likely takes more.",
                "Be surer of it: 9 times out of 10."
            );
        }
    }
}
