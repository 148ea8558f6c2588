using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>What the cutting table may be asked, and reading it.</summary>
/// <param name="Task">What is cut from what.</param>
/// <param name="Seconds">About how long is looked for a better layout.</param>
/// <param name="FromLeft">Whether strips on the bias are cut from what all else leaves over.</param>
public sealed record CuttingInputs(CuttingTask Task, double Seconds, bool FromLeft)
{
    private static LengthField Width { get; } =
        LengthField.Mm("width", "Width", 1, 5_000).Help("Between the selvedges.");

    private static PathDataField Outline { get; } = new("outline", "Outline", true);

    private static LengthField Long { get; } = LengthField.Mm("length", "Length", 1, 200_000);

    private static FlagField OneWay { get; } = new("oneWay", "Nap or one-way print");

    private static LengthField RepeatAlong { get; } =
        LengthField.Mm("repeatAlong", "Repeat along", 1, 2_000).Optional();

    private static LengthField RepeatAcross { get; } =
        LengthField.Mm("repeatAcross", "Repeat across", 1, 2_000).Optional();

    private static LengthField There { get; } =
        Long.Optional().Help("What there is of it; left out where it is still to buy.");

    private static FlagField Double { get; } =
        new FlagField("double", "Folded double").Help("Selvedge to selvedge: two are cut at once.");

    public static GroupField Fabric { get; } =
        new("fabric", "Fabric", [Width, There, OneWay, RepeatAlong, RepeatAcross, Double]);

    public static GroupsField Remnants { get; } =
        new("remnants", "Remnants", [Width, Long, Outline], 20);

    private static NumberField Count { get; } =
        new NumberField("count", "How many", 1, CuttingTable.MostPieces, 1, IsNeeded: false)
        {
            IsWhole = true,
        };

    private static NameField Name { get; } = new("name", "Name");

    private static ChoiceField GrainField { get; } =
        new(
            "grain",
            "Grain",
            [
                new("along", "along the selvedge", "Its length lies along the fabric."),
                new("across", "across", "Its length lies from selvedge to selvedge."),
                new("free", "either way", "It lies as it takes least."),
            ],
            "along",
            IsNeeded: false
        );

    private static FlagField Bias { get; } =
        new FlagField("bias", "On the bias").Help(
            "A strip at 45°, its ends on the straight grain."
        );

    private static FlagField Mirrored { get; } =
        new FlagField("mirrored", "In mirrored pairs").Help(
            "Every second one is the mirror image of the one before."
        );

    private static LengthField Join { get; } =
        LengthField
            .Mm("join", "Join allowance", 0, 100)
            .Optional()
            .Help(
                "Where all are sewn together at the ends of their length: what each gives to it."
            );

    public static GroupsField Pieces { get; } =
        new(
            "pieces",
            "Pieces",
            [Name, Count, Width, Long, GrainField, Outline, Mirrored, Bias, Join],
            100
        );

    public static LengthField Between { get; } =
        LengthField.Mm("between", "Space between cuts", 0, 100, 0).Optional();

    public static FlagField EdgeToEdge { get; } =
        new FlagField("edgeToEdge", "Cut right across").Help("Torn, or cut with a rotary cutter.");

    public static FlagField FromLeftField { get; } =
        new FlagField("biasFromLeft", "Bias strips from what is left").Help(
            "Joined as few times as they can be, from what all other pieces leave over."
        );

    public static NumberField SecondsField { get; } =
        new("seconds", "Seconds", 0, 10, 2, IsNeeded: false);

    public static IReadOnlyList<Field> Fields { get; } =
    [Fabric, Remnants, Pieces, Between, EdgeToEdge, FromLeftField, SecondsField];

    /// <summary>Reads what is asked; null when the reader has errors. A piece that lies on no sheet is refused by its name.</summary>
    public static CuttingInputs? Read(InputReader said)
    {
        if (said.Group(Fabric) is not { } fabric)
        {
            return null;
        }
        var remnants = said.Groups(Remnants);
        var pieces = said.Groups(Pieces);
        if (pieces.Count == 0 && said.Errors.Count == 0)
        {
            said.Missing(Pieces);
        }
        var task = new CuttingTask(
            new Sheet(fabric.Length(Width), fabric.OptionalLength(There)),
            [.. remnants.Select(RemnantOf)],
            [.. pieces.Select(PieceOf)]
        )
        {
            OneWay = fabric.Flag(OneWay),
            RepeatAlong = fabric.OptionalLength(RepeatAlong),
            RepeatAcross = fabric.OptionalLength(RepeatAcross),
            IsDouble = fabric.Flag(Double),
            Between = said.OptionalLength(Between) ?? Length.Zero,
            EdgeToEdge = said.Flag(EdgeToEdge),
        };
        var fromLeft = said.Flag(FromLeftField);
        var seconds = said.OptionalNumber(SecondsField) ?? SecondsField.Start!.Value;
        if (
            said.Errors.Count == 0
            && task.IsDouble
            && CuttingTable.WhyNotDouble(task) is { Length: > 0 } why
        )
        {
            fabric.Contradiction(Double, why);
        }
        if (said.Errors.Count == 0)
        {
            CheckFit(said, pieces, task);
        }
        return said.Errors.Count > 0 ? null : new CuttingInputs(task, seconds, fromLeft);
    }

    private static Sheet RemnantOf(InputReader said) =>
        new(said.Length(Width), said.Length(Long)) { Outline = OutlineOf(said) };

    /// <summary>An outline of the size that is said; null where there is none, or where it is another.</summary>
    private static Path? OutlineOf(InputReader said)
    {
        if (said.Paths(Outline) is not [var path, ..])
        {
            return null;
        }
        var (width, length) = (said.Length(Width), said.Length(Long));
        var outline = Outlines.Upright(path, true);
        var size = outline.Bounds;
        if (!(Fits(size.Width, width) && Fits(size.Height, length)))
        {
            said.Contradiction(
                Outline,
                $"The outline is {said.Ruler.Mark(size.Width)} wide and {said.Ruler.Mark(size.Height)} long, unlike what is said."
            );
        }
        return outline;
    }

    private static PieceToCut PieceOf(InputReader said)
    {
        var (width, length) = (said.Length(Width), said.Length(Long));
        var outline = OutlineOf(said);
        return new(
            said.OptionalName(Name) ?? "",
            (int)(said.OptionalNumber(Count) ?? 1),
            outline?.Bounds.Width ?? width,
            outline?.Bounds.Height ?? length,
            said.OptionalChoice(GrainField) switch
            {
                "across" => Grain.Across,
                "free" => Grain.Free,
                _ => Grain.Along,
            },
            said.Flag(Bias)
        )
        {
            Outline = outline,
            IsMirrored = said.Flag(Mirrored),
            Joined = said.OptionalLength(Join) is { } by ? new Joined(by) : null,
        };
    }

    /// <summary>To half a millimetre, as it may have been written.</summary>
    private static bool Fits(Length drawn, Length said) =>
        Length.Difference(drawn, said).Millimetres <= 0.5;

    private static void CheckFit(
        InputReader said,
        IReadOnlyList<InputReader> pieces,
        CuttingTask task
    )
    {
        if (task.Pieces.Sum(p => p.Count) > CuttingTable.MostPieces)
        {
            said.Contradiction(
                Pieces,
                $"At most {CuttingTable.MostPieces} pieces are laid out at a time."
            );
            return;
        }
        for (var i = 0; i < pieces.Count; i++)
        {
            var piece = task.Pieces[i];
            if (CuttingTable.WidestFor(task, piece) is { } widest)
            {
                pieces[i]
                    .Contradiction(
                        piece.IsBias || piece.Grain == Grain.Across ? Long : Width,
                        $"{(piece.Name.Length > 0 ? $"“{piece.Name}”" : "This piece")} fits nowhere: at most {said.Ruler.Write(Rounding.Down(widest, said.Ruler.Marking), LengthKind.Marked)} {(piece.IsBias ? "of a slanted strip " : "")}lies across this fabric."
                    );
            }
        }
    }
}
