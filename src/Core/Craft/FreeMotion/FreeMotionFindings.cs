using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Swatches.Learning;

namespace ZephyrReach.Core.Craft.FreeMotion;

/// <summary>What is to be known about free-motion work before it is sewn.</summary>
internal static class FreeMotionFindings
{
    public static IEnumerable<Finding> In(FreeMotionPlan a) =>
        OfPace(a.Ask.Tempo, a.Ruler, a.Ask.IsZigzag, a.Ask.Fastest)
            .Concat(OfTheWork(a))
            .Concat(OfSwatches(a));

    /// <param name="isZigzag">Satin lies close: each stitch goes to the other side.</param>
    /// <summary>Stitches too long for the needle, or so short that thread piles up.</summary>
    /// <param name="fastest">What the machine makes, in stitches a minute; null where that is not known.</param>
    public static IEnumerable<Finding> OfPace(
        Tempo tempo,
        Ruler ruler,
        bool isZigzag = false,
        double? fastest = null
    )
    {
        if (tempo.Machine > fastest)
        {
            yield return Finding.Care(
                "faster-than-machine",
                $"The machine makes {DecimalText.Write(fastest.Value, 0)} stitches a minute, and {DecimalText.Write(tempo.Machine, 0)} are planned.",
                "At its own speed the stitches come out longer, for the hands are as quick.",
                $"Run it at {DecimalText.Write(fastest.Value, 0)}, and move the fabric as much slower.",
                new(
                    FreeMotionFields.MachineSpeed.Name,
                    DecimalText.Write(Math.Floor(fastest.Value), 0)
                )
            );
        }

        if (tempo.Stitch > Tempo.Bends)
        {
            var needed = Math.Ceiling(tempo.Hand * 60 / Tempo.Bends.Millimetres / 50) * 50;
            var most = Math.Min(
                fastest ?? FreeMotionFields.MachineSpeed.Most,
                FreeMotionFields.MachineSpeed.Most
            );
            var slower = Math.Floor(tempo.Machine * Tempo.Bends.Millimetres / 60);
            yield return new(
                "needle-bends",
                tempo.Stitch > 2 * Tempo.Bends ? Severity.Stop : Severity.Care,
                $"Stitches of {ruler.Fine(tempo.Stitch)} bend the needle.",
                "The fabric goes on while the needle is still in it.",
                $"Slower hands: {DecimalText.Write(slower, 0)} mm a second or less"
                    + (
                        needed <= most
                            ? $", or the machine at {DecimalText.Write(needed, 0)} a minute or more."
                            : "."
                    )
            );
        }
        if (tempo.Stitch < (isZigzag ? Tempo.PilesInSatin : Tempo.Piles))
        {
            yield return Finding.Care(
                "piles-up",
                $"Stitches of {ruler.Fine(tempo.Stitch)} lie on each other.",
                "Thread builds up under the foot, and breaks.",
                $"Quicker hands: {DecimalText.Write(Math.Ceiling(tempo.Machine / 60), 0)} mm/s give a millimetre a stitch."
            );
        }
    }

    private static IEnumerable<Finding> OfTheWork(FreeMotionPlan a)
    {
        var ask = a.Ask;
        if (ask.StitchWidth > ask.MaxStitchWidth)
        {
            yield return Finding.Stop(
                "wider-than-machine",
                $"The column is {a.Ruler.Fine(ask.StitchWidth)} wide, and the machine swings {a.Ruler.Fine(ask.MaxStitchWidth)}.",
                "No needle reaches both sides.",
                $"Make it {a.Ruler.Fine(ask.MaxStitchWidth)} or less, or sew two columns side by side."
            );
        }
        if (a.ColumnWidth is { } column && !ask.IsZigzag)
        {
            yield return Finding.Note(
                "columns",
                $"For a monogram this high, columns of {a.Ruler.Fine(column)} are usual.",
                "A zigzag, the machine brisk and the hands slow, gives satin.",
                $"Set the zigzag {a.Ruler.Fine(column)} wide and the stitch to 0.4 mm."
            );
        }
        if (ask.Layers == 1 && (ask.Held is FreeMotionFields.Loose or FreeMotionFields.Basted))
        {
            yield return Finding.Care(
                "nothing-holds",
                "A single layer, and nothing holds it.",
                "The thread draws it together under the needle.",
                "Hoop it drum-tight, or lay stabiliser behind it."
            );
        }
        if (a.Density is { } density && density > a.MostDense)
        {
            yield return Finding.Care(
                "too-dense",
                $"{DecimalText.Write(density)} stitches lie on a square millimetre; this fabric bears about {DecimalText.Write(a.MostDense, 1)}.",
                "So many holes stiffen it, and the thread breaks on thread.",
                "Lay the lines further apart, lengthen the stitch, or sew over it once less."
            );
        }
        if (ask.Kind == FreeMotionFields.Line && a.Crossings > 0)
        {
            yield return Finding.Note(
                "crosses-itself",
                a.Crossings == 1
                    ? "The line crosses itself once."
                    : $"The line crosses itself {a.Crossings} times.",
                "Three layers of stitches lie there, and a quilting line should never cross.",
                "In a drawing that is no fault: go over it without stopping. Else lead the line round."
            );
        }
        if (ask.Held == FreeMotionFields.Hoop && !a.Hooping.HoldsAll)
        {
            yield return Finding.Note(
                "hoop-moves",
                $"A hoop of {a.Ruler.Mark(ask.HoopInside)} is moved: {a.Hooping.Fields.Count} places.",
                $"All of it needs {a.Ruler.Mark(a.Hooping.Needed)} inside.",
                "Stop with the needle down where lines leave the field, and begin there again after it is moved."
            );
        }
        if (ask.Elastic && !ask.IsField)
        {
            yield return Finding.Note(
                "elastic-field",
                "Elastic draws in along every line.",
                "A field of lines both ways draws in evenly; a line or a letter puckers.",
                "For a texture, sew a meander."
            );
        }
        if (a.BobbinEnds.Count > 0)
        {
            yield return Finding.Note(
                "bobbin-ends",
                a.BobbinEnds.Count == 1
                    ? $"The bobbin runs out after {a.Ruler.Write(a.BobbinEnds[0], LengthKind.Amount)} of line."
                    : $"The bobbin runs out {a.BobbinEnds.Count} times, first after {a.Ruler.Write(a.BobbinEnds[0], LengthKind.Amount)} of line.",
                $"A stitch takes {DecimalText.Write(a.PerStitch.Millimetres)} mm of it.",
                $"Wind {a.Bobbins} before you begin."
            );
        }
    }

    private static IEnumerable<Finding> OfSwatches(FreeMotionPlan a) =>
        a
            .Hand.Samples.Select((s, i) => (Sample: s, Place: i + 1))
            .Where(s => s.Sample.IsOdd)
            .Select(s =>
                Learnt.Odd(
                    s.Sample.Deviations,
                    $"Line {s.Place} came to {DecimalText.Write(s.Sample.Value, 2)} of the stitch that was planned, and the others say {DecimalText.Write(s.Sample.Expected, 2)}.",
                    "Were the stitches counted twice? It counts until you take it out."
                )
            );
}
