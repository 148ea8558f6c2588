using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Cutting;

/// <summary>What the cutting table may be asked, and reading it.</summary>
/// <param name="Task">What is cut from what.</param>
/// <param name="Seconds">About how long is looked for a better layout.</param>
public sealed record CuttingInputs(CuttingTask Task, double Seconds)
{
    private static LengthField Width { get; } =
        LengthField.Mm("width", "Width", 1, 5_000).Help("Between the selvedges.");

    private static LengthField Long { get; } = LengthField.Mm("length", "Length", 1, 200_000);

    public static GroupField Fabric { get; } =
        new(
            "fabric",
            "Fabric",
            [
                Width,
                Long.Optional().Help("What there is of it; left out where it is still to buy."),
                new FlagField("oneWay", "Nap or one-way print"),
                LengthField.Mm("repeatAlong", "Repeat along", 1, 2_000).Optional(),
                LengthField.Mm("repeatAcross", "Repeat across", 1, 2_000).Optional(),
            ]
        );

    public static GroupsField Remnants { get; } = new("remnants", "Remnants", [Width, Long], 20);

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

    private static PathDataField Outline { get; } = new("outline", "Outline", true);

    public static GroupsField Pieces { get; } =
        new("pieces", "Pieces", [Name, Count, Width, Long, GrainField, Outline, Bias], 100);

    public static LengthField Between { get; } =
        LengthField.Mm("between", "Space between cuts", 0, 100, 0).Optional();

    public static FlagField EdgeToEdge { get; } =
        new FlagField("edgeToEdge", "Cut right across").Help("Torn, or cut with a rotary cutter.");

    public static NumberField SecondsField { get; } =
        new("seconds", "Seconds", 0, 10, 2, IsNeeded: false);

    public static IReadOnlyList<Field> Fields { get; } =
    [Fabric, Remnants, Pieces, Between, EdgeToEdge, SecondsField];

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
            new Sheet(fabric.Length(Width), fabric.OptionalLength((LengthField)Fabric.Fields[1])),
            [.. remnants.Select(r => new Sheet(r.Length(Width), r.Length(Long)))],
            [.. pieces.Select(PieceOf)]
        )
        {
            OneWay = fabric.Flag((FlagField)Fabric.Fields[2]),
            RepeatAlong = fabric.OptionalLength((LengthField)Fabric.Fields[3]),
            RepeatAcross = fabric.OptionalLength((LengthField)Fabric.Fields[4]),
            Between = said.OptionalLength(Between) ?? Length.Zero,
            EdgeToEdge = said.Flag(EdgeToEdge),
        };
        var seconds = said.OptionalNumber(SecondsField) ?? SecondsField.Start!.Value;
        if (said.Errors.Count == 0)
        {
            CheckFit(said, pieces, task);
        }
        return said.Errors.Count > 0 ? null : new CuttingInputs(task, seconds);
    }

    private static PieceToCut PieceOf(InputReader said)
    {
        _ = said.Paths(Outline);
        return new(
            said.OptionalName(Name) ?? "",
            (int)(said.OptionalNumber(Count) ?? 1),
            said.Length(Width),
            said.Length(Long),
            said.OptionalChoice(GrainField) switch
            {
                "across" => Grain.Across,
                "free" => Grain.Free,
                _ => Grain.Along,
            },
            said.Flag(Bias)
        );
    }

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
