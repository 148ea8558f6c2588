using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Craft.Rows.Book;

/// <summary>A stitch as a plan takes it from the stitch book, or as it is typed.</summary>
/// <param name="Name">What she calls it; null where it was typed.</param>
/// <param name="Number">Its number or key on the machine; null where that is not known.</param>
/// <param name="Width">From side to side; above 0.</param>
/// <param name="Repeat">One repeat, as it really is; above 0.</param>
/// <param name="Dial">The figure on the length dial that gives that repeat; null where that is not known.</param>
/// <param name="Look">What it is like.</param>
/// <param name="Word">Of letters, what they spell.</param>
/// <param name="Dense">Whether it is sewn densely.</param>
/// <param name="Picture">One repeat as it was drawn; empty for the usual picture of its look.</param>
/// <param name="PairWidth">How wide it may be with a pair of needles; null where that is not known.</param>
internal sealed record BookStitch(
    string? Name,
    string? Number,
    Length Width,
    Length Repeat,
    Length? Dial,
    string Look,
    string? Word,
    bool Dense,
    IReadOnlyList<Path> Picture,
    Length? PairWidth = null
)
{
    /// <summary>Where the dial is not known: stitches of this length, which is what open decorative stitches are made of.</summary>
    private static readonly Length UsualStitch = Length.FromMillimetres(2.5);

    private static readonly LengthField WidthField = LengthField
        .Fine("stitchWidth", "Stitch width", 0.2, 15, 5)
        .Help("From side to side.")
        .From(Stitch.KindName + ".width");

    private static readonly LengthField RepeatField = LengthField
        .Fine("repeatLength", "One repeat", 0.2, 300, 10)
        .Help("As it really comes out: measure ten, and take a tenth.")
        .From(Stitch.KindName + ".repeat");

    private static readonly LengthField DialField = LengthField
        .Fine("stitchLength", "Stitch length on the dial", 0.1, 15)
        .Help("On the dial, for that repeat.")
        .Optional()
        .From(Stitch.KindName + ".length");

    private static readonly NameField NameOf = new NameField("name", "Stitch")
        .Help("What she calls it.")
        .From(Stitch.KindName + ".name");

    private static readonly NameField NumberOf = new NameField("number", "Number")
        .Help("What is chosen on the machine.")
        .From(Stitch.KindName + ".number");

    private static readonly ChoiceField LookOf = new ChoiceField(
        "look",
        "Like",
        StitchLooks.Choices,
        StitchLooks.Zigzag,
        false
    )
        .Help("What it looks like.")
        .From(Stitch.KindName + ".look");

    private static readonly NameField WordOf = new NameField("word", "Spells")
        .Help("Of letters: the word.")
        .From(Stitch.KindName + ".word");

    private static readonly FlagField DenseOf = new FlagField("dense", "Dense stitch")
        .Help("It pulls at the fabric.")
        .From(Stitch.KindName + ".dense");

    private static readonly PathDataField PictureOf = new PathDataField(
        "picture",
        "Stitch picture",
        false
    )
        .Help("One repeat in mm, as the book draws it.")
        .From(Stitch.KindName + ".picture");

    private static readonly LengthField PairOf = LengthField
        .Fine("pairWidth", "Widest with a twin needle", 0, 15)
        .Help("The widest at which a twin needle clears.")
        .Optional()
        .From(Stitch.KindName + ".pairWidth");

    /// <summary>The width by itself, for one stitch alone.</summary>
    public static LengthField OneWidth { get; } = WidthField.Optional().From("");

    /// <summary>The repeat by itself, for one stitch alone.</summary>
    public static LengthField OneRepeat { get; } = RepeatField.Optional().From("");

    /// <summary>What may be said of each stitch of a list.</summary>
    public static IReadOnlyList<Field> Fields { get; } =
    [
        NameOf,
        NumberOf,
        WidthField,
        RepeatField,
        DialField,
        LookOf,
        WordOf,
        DenseOf,
        PictureOf,
        PairOf,
    ];

    /// <summary>Stitches in turn.</summary>
    public static GroupsField ListOf(string name, string label, int most) =>
        new GroupsField(name, label, Fields, most).From(Stitch.KindName);

    /// <summary>Reads a list of them.</summary>
    public static IReadOnlyList<BookStitch> Read(InputReader reader, GroupsField field) =>
        [
            .. reader
                .Groups(field)
                .Select(s => new BookStitch(
                    s.OptionalName(NameOf),
                    s.OptionalName(NumberOf),
                    s.Length(WidthField),
                    s.Length(RepeatField),
                    s.OptionalLength(DialField),
                    s.ChoiceOrStart(LookOf),
                    s.OptionalName(WordOf),
                    s.Flag(DenseOf),
                    s.Paths(PictureOf),
                    s.OptionalLength(PairOf)
                )),
        ];

    /// <summary>A stitch of which only its size was typed.</summary>
    public static BookStitch Typed(Length width, Length repeat) =>
        new(null, null, width, repeat, null, StitchLooks.Zigzag, null, false, []);

    /// <summary>The same stitch spelling other words, where it is letters: as much longer as there are more of them.</summary>
    public BookStitch Spelling(string? words) =>
        words is null || Look != StitchLooks.Letters
            ? this
            : this with
            {
                Word = words,
                Repeat = Repeat / Math.Max(1, Word?.Length ?? 1) * words.Length,
            };

    /// <summary>Whether it is sewn so densely that it pulls at the cloth.</summary>
    public bool IsDense => Dense || StitchLooks.IsDense(Look);

    /// <summary>What it is called.</summary>
    public string Called =>
        Name is { } name
            ? Number is { } number
                ? $"{name}, number {number}"
                : name
            : "the stitch";

    /// <summary>Where the needle goes in one repeat, at its size.</summary>
    public IReadOnlyList<Path> Drawn =>
        Picture.Count > 0 ? StitchLooks.Fitted(Picture, Repeat, Width, Drawn_.Width, Drawn_.Height)
        : Look == StitchLooks.Letters && Word is { Length: > 0 } word
            ? StitchLooks.Word(word, Repeat / word.Length, Width)
        : StitchLooks.Drawn(Look, Repeat, Width);

    /// <summary>How one repeat of its row is drawn, at a length.</summary>
    public StitchLook LookAt(Length repeat) =>
        new(repeat, Width) { Repeat = new Repeat(Drawn, Repeat) };

    /// <summary>Needle points in one repeat: p/ℓ where the dial is known and every stitch goes on by it, as in dense ones; else those of its picture, at least one in 2.5 mm.</summary>
    public int Stitches =>
        IsDense && Dial is { } dial
            ? (int)Math.Clamp(Rounding.CeilingTolerant(Repeat / dial), 1, 10_000)
            : Math.Max(
                Picture.Count > 0 || Look != StitchLooks.Zigzag
                    ? Drawn.Sum(p => p.Points.Count - 1)
                    : 2,
                (int)Rounding.CeilingTolerant(Repeat / UsualStitch)
            );

    /// <summary>
    /// Thread above in one repeat; the bobbin takes as much. Dense: n·(√((p/n)² + z²) + t), every stitch as wide as the
    /// widest; open: the way of the needle, and t for each stitch.
    /// </summary>
    public Length Thread(Length thickness)
    {
        var n = Stitches;
        var step = (Repeat / n).Millimetres;
        var swung = Length.FromMillimetres(
            n * Math.Sqrt(step * step + Math.Pow(Width.Millimetres, 2))
        );
        return (IsDense || Look == StitchLooks.Zigzag ? swung : Drawn.Sum(p => p.Along))
            + n * thickness;
    }

    /// <summary>Between which figures its picture was drawn.</summary>
    private Bounds Drawn_
    {
        get
        {
            var all = Picture.Select(p => p.Bounds).ToList();
            return new(
                new Point(Length.Zero, all.Min(b => b.From.Y)),
                new Point(
                    Length.Max(all.Max(b => b.To.X), Length.FromMillimetres(0.1)),
                    all.Max(b => b.To.Y)
                )
            );
        }
    }
}
