namespace ZephyrReach.Core.Measures;

/// <summary>The two unit systems that lengths are written in.</summary>
public enum UnitSystem
{
    Metric,
    Imperial,
}

/// <summary>What a length is for, which decides how its text is rounded.</summary>
public enum LengthKind
{
    /// <summary>To be cut: rounded up to the cutting step, so that it is never short.</summary>
    Cut,

    /// <summary>To be marked or compared: rounded to the nearest marking step.</summary>
    Marked,

    /// <summary>
    /// The whole of an edge, told and not marked: as what is marked, and from 2 m on to the nearest cutting step, because
    /// nobody lays metres of cloth to half a millimetre.
    /// </summary>
    Whole,

    /// <summary>What something reaches at the most: as the whole of an edge, and rounded down, so that it does reach.</summary>
    AtMost,

    /// <summary>
    /// To be found on a tape: rounded as what is marked, and always in centimetres or inches, so that a column of marks
    /// reads in one unit.
    /// </summary>
    Tape,

    /// <summary>
    /// Read off a machine's dial or a thickness gauge: to the nearest hundredth of a millimetre, in millimetres
    /// in either system, because dials carry millimetres everywhere.
    /// </summary>
    Fine,

    /// <summary>An amount of thread or cord: rounded up to a tenth of a metre or a quarter yard.</summary>
    Amount,
}

/// <summary>What lengths are written against: a unit system with its cutting and marking steps.</summary>
/// <param name="Units">The system of the text.</param>
/// <param name="Cutting">What is cut is rounded up to this; above 0.</param>
/// <param name="Marking">What is marked is rounded to the nearest of this; above 0.</param>
public sealed record Ruler(UnitSystem Units, Length Cutting, Length Marking)
{
    /// <summary>Centimetres: cut to 5 mm, mark to 0.5 mm.</summary>
    public static Ruler Metric { get; } =
        new(UnitSystem.Metric, Length.FromMillimetres(5), Length.FromMillimetres(0.5));

    /// <summary>Inches: cut to 1/4 in, mark to 1/16 in.</summary>
    public static Ruler Imperial { get; } =
        new(UnitSystem.Imperial, Length.FromInches(0.25), Length.FromInches(1 / 16d));

    /// <summary>Writes a length as this ruler reads it.</summary>
    public string Write(Length length, LengthKind kind) => LengthText.Write(length, kind, this);

    /// <summary>Writes a length that is marked or compared.</summary>
    public string Mark(Length length) => LengthText.Write(length, LengthKind.Marked, this);

    /// <summary>Writes the whole of an edge.</summary>
    public string Whole(Length length) => LengthText.Write(length, LengthKind.Whole, this);

    /// <summary>Writes a length that is read off a dial or a gauge.</summary>
    public string Fine(Length length) => LengthText.Write(length, LengthKind.Fine, this);

    /// <summary>Writes a length that is cut.</summary>
    public string Cut(Length length) => LengthText.Write(length, LengthKind.Cut, this);

    /// <summary>The two numbers of one size, such as 8 × 11 cm: in the unit that both are written in, else in centimetres.</summary>
    /// <param name="one">As it is written, with its unit.</param>
    /// <param name="other">The other, likewise.</param>
    public static string Size(string one, string other)
    {
        var ((a, unit), (b, otherUnit)) = (Parted(one), Parted(other));
        return unit == otherUnit ? $"{a} × {b} {unit}"
            : InCentimetres(a, unit) is { } wide && InCentimetres(b, otherUnit) is { } high
                ? $"{wide} × {high} cm"
            : $"{one} × {other}";
    }

    private static string? InCentimetres(string figure, string unit)
    {
        return unit switch
        {
            "mm" => Times(0.1),
            "cm" => figure,
            "m" => Times(100),
            _ => null,
        };

        string Times(double many) =>
            DecimalText.Write(
                many * double.Parse(figure, System.Globalization.CultureInfo.InvariantCulture),
                3
            );
    }

    private static (string Figure, string Unit) Parted(string length)
    {
        var at = length.LastIndexOf(' ');
        return at < 0 ? (length, "") : (length[..at], length[(at + 1)..]);
    }

    /// <summary>
    /// A length as one begins with it in this system: a metric one as it is, in inches to an eighth, from an inch on to a
    /// quarter, from 3 in to a half, from a foot to a whole one and
    /// from 200 in to a yard. What is smaller than about 1/4 in stays as it is.
    /// </summary>
    public Length Said(Length length)
    {
        var inches = length.Inches;
        return Units == UnitSystem.Metric || inches < 0.22
            ? length
            : Rounding.Nearest(
                length,
                Length.FromInches(
                    inches switch
                    {
                        < 1 => 1 / 8d,
                        < 3 => 1 / 4d,
                        < 12 => 1 / 2d,
                        < 200 => 1,
                        _ => 36,
                    }
                )
            );
    }

    /// <summary>Writes a sum so that it comes out from what is written.</summary>
    public string Sum(SumText sum) => sum.Write(this);
}
