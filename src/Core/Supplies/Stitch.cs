using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using static ZephyrReach.Core.Supplies.Properties;

namespace ZephyrReach.Core.Supplies;

/// <summary>A stitch of a machine, as it stands in the stitch book. Null is not known.</summary>
/// <param name="Machine">The name of the machine that sews it.</param>
/// <param name="Number">Its number or its key there.</param>
/// <param name="Look">What it is like, of <see cref="StitchLooks"/>.</param>
/// <param name="Length">The usual figure on the length dial.</param>
/// <param name="Width">The usual figure on the width dial.</param>
/// <param name="Repeat">How long one repeat really is at that length.</param>
/// <param name="SameMirrored">Whether it looks the same mirrored.</param>
/// <param name="PairWidth">Safe with a pair of needles up to this width; 0 for never.</param>
/// <param name="Word">Of letters, what they spell.</param>
/// <param name="Pitch">Of letters, from one to the next.</param>
/// <param name="Picture">One repeat as it was drawn; empty for the usual picture of its look.</param>
public sealed record Stitch(
    string? Machine,
    string? Number,
    string? Look,
    Length? Length,
    Length? LeastLength,
    Length? MostLength,
    Length? Width,
    Length? LeastWidth,
    Length? MostWidth,
    Length? Repeat,
    bool? Dense,
    bool? SameMirrored,
    Length? PairWidth,
    string? Word,
    Length? Pitch,
    IReadOnlyList<Path> Picture
) : IThing
{
    /// <summary>The name of its kind.</summary>
    public const string KindName = "machine-stitch";

    /// <summary>A repeat where nothing is known of it.</summary>
    private static readonly Length UsualRepeat = Measures.Length.FromMillimetres(8);

    private static readonly Length UsualWidth = Measures.Length.FromMillimetres(5);

    /// <summary>How many repeats are shown of it.</summary>
    private const int Shown = 3;

    /// <summary>One repeat: of a word, its letters in their pitch; else as it is known.</summary>
    public Length? OneRepeat =>
        Word is { Length: > 0 } word && Pitch is { } pitch ? pitch * word.Length : Repeat;

    /// <summary>One repeat as it is drawn, at its usual width.</summary>
    public IReadOnlyList<Path> Drawn
    {
        get
        {
            var (length, width) = (OneRepeat ?? UsualRepeat, Width ?? UsualWidth);
            return Picture.Count > 0 ? StitchLooks.Fitted(Picture, length, width, length, width)
                : Look == StitchLooks.Letters && Word is { Length: > 0 } word
                    ? StitchLooks.Word(word, length / word.Length, width)
                : StitchLooks.Drawn(Look ?? StitchLooks.Zigzag, length, width);
        }
    }

    private static readonly NameField MachineField = new NameField("onMachine", "On the machine")
    {
        Of = "machine",
    }.Help("The machine that sews it, by its name.");

    private static readonly NameField NumberField = new NameField("number", "Number or key").Help(
        "What is chosen on the machine."
    );

    private static readonly ChoiceField LookField = new ChoiceField(
        "look",
        "Like",
        StitchLooks.Choices,
        IsNeeded: false
    ).Help("What it looks like.");

    private static readonly LengthField LengthField = Fine("length", "Usual length", 0.1, 15)
        .Help("On the length dial.");

    private static readonly LengthField LeastLengthField = Fine(
            "leastLength",
            "Shortest length",
            0.1,
            15
        )
        .Help("The shortest it can be set to.");

    private static readonly LengthField MostLengthField = Fine(
            "mostLength",
            "Longest length",
            0.1,
            15
        )
        .Help("The longest.");

    private static readonly LengthField WidthField = Fine("width", "Usual width", 0, 15)
        .Help("On the width dial; 0 for a straight one.");

    private static readonly LengthField LeastWidthField = Fine(
            "leastWidth",
            "Narrowest width",
            0,
            15
        )
        .Help("The narrowest it can be set to.");

    private static readonly LengthField MostWidthField = Fine("mostWidth", "Widest width", 0, 15)
        .Help("The widest.");

    private static readonly LengthField RepeatField = Fine("repeat", "One repeat", 0.2, 300)
        .Help("How long one really is at its usual length: measure ten, and take a tenth.");

    private static readonly FlagField DenseField = new FlagField("dense", "Dense stitch").Help(
        "Pulls at the fabric, and wants something behind it."
    );

    private static readonly FlagField MirrorField = new FlagField(
        "sameMirrored",
        "The same mirrored"
    ).Help("Whether it looks the same from the other side of its row.");

    private static readonly LengthField PairField = Fine(
            "pairWidth",
            "Widest with a twin needle",
            0,
            15
        )
        .Help("The widest at which a twin needle clears; 0 for never.");

    private static readonly NameField WordField = new NameField("word", "Spells").Help(
        "Of letters: the word that is one repeat."
    );

    private static readonly LengthField PitchField = Fine("pitch", "Letter spacing", 1, 60)
        .Help("Measured over ten of them.");

    private static readonly PathDataField PictureField = new PathDataField(
        "picture",
        "Stitch picture",
        false
    ).Help("One repeat in mm: along the row from 0, and across it from its middle.");

    public static ThingKind Described { get; } =
        new(
            KindName,
            "stitch",
            "stitches",
            "The stitch library: each stitch of a machine with its number, its settings and its picture.",
            [
                MachineField,
                NumberField,
                LookField,
                LengthField,
                LeastLengthField,
                MostLengthField,
                WidthField,
                LeastWidthField,
                MostWidthField,
                RepeatField,
                DenseField,
                MirrorField,
                PairField,
                WordField,
                PitchField,
                PictureField,
            ],
            StitchStarters.All,
            Read
        )
        {
            Draw = thing => Strip((Stitch)thing),
        };

    private static Stitch Read(InputReader reader) =>
        new(
            reader.OptionalName(MachineField),
            reader.OptionalName(NumberField),
            reader.OptionalChoice(LookField),
            reader.OptionalLength(LengthField),
            reader.OptionalLength(LeastLengthField),
            reader.OptionalLength(MostLengthField),
            reader.OptionalLength(WidthField),
            reader.OptionalLength(LeastWidthField),
            reader.OptionalLength(MostWidthField),
            reader.OptionalLength(RepeatField),
            reader.OptionalFlag(DenseField),
            reader.OptionalFlag(MirrorField),
            reader.OptionalLength(PairField),
            reader.OptionalName(WordField),
            reader.OptionalLength(PitchField),
            reader.Paths(PictureField)
        );

    /// <summary>A few repeats side by side, on a strip of cloth.</summary>
    private static Drawing Strip(Stitch stitch)
    {
        var (one, wide) = (
            stitch.OneRepeat ?? UsualRepeat,
            Measures.Length.Max(stitch.Width ?? UsualWidth, Measures.Length.FromMillimetres(1))
        );
        // A word is long enough by itself.
        var count = stitch.Word is { Length: > 2 } ? 1 : Shown;
        var (margin, middle) = (wide * 0.4, wide * 0.9);
        var (width, height) = (one * count + 2 * margin, wide * 1.8);
        return new Drawing(
            "stitch",
            "",
            $"{count} repeats of the stitch, each {DecimalText.Write(one.Millimetres)} mm long and {DecimalText.Write(wide.Millimetres)} mm wide.",
            width,
            height,
            [
                new ClothPiece(
                    new Point(default, default),
                    new Point(width, height),
                    ClothRole.Main
                ),
                new PathShape(
                    Path.Of(false, new Point(margin, middle), new Point(width - margin, middle)),
                    LineMeaning.Thread,
                    Stitches: new StitchLook(one, wide) { Repeat = new Repeat(stitch.Drawn, one) }
                ),
            ],
            true,
            true
        );
    }
}
