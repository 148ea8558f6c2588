namespace ZephyrReach.Core.Measures;

/// <summary>A distance on cloth or on the machine.</summary>
/// <remarks>
/// Held in millimetres. Never NaN or infinite. May be negative as a difference; what an ask accepts is
/// decided by its fields. Rounding happens only in <see cref="Rounding"/> and <see cref="LengthText"/>,
/// which say their direction.
/// </remarks>
public readonly record struct Length : IComparable<Length>
{
    /// <summary>Millimetres in one inch, exactly, by definition of the international inch.</summary>
    public const double MillimetresPerInch = 25.4;

    private Length(double millimetres) => Millimetres = millimetres;

    /// <summary>The distance in millimetres.</summary>
    public double Millimetres { get; }

    /// <summary>The distance in inches.</summary>
    public double Inches => Millimetres / MillimetresPerInch;

    /// <summary>No distance at all.</summary>
    public static Length Zero => default;

    /// <summary>Makes a length from millimetres.</summary>
    /// <exception cref="ArgumentOutOfRangeException"><paramref name="mm"/> is NaN or infinite.</exception>
    public static Length FromMillimetres(double mm) =>
        double.IsFinite(mm) ? new Length(mm) : throw NotFinite(mm);

    /// <summary>Makes a length from inches.</summary>
    /// <exception cref="ArgumentOutOfRangeException"><paramref name="inches"/> is NaN or infinite.</exception>
    public static Length FromInches(double inches) => FromMillimetres(inches * MillimetresPerInch);

    public int CompareTo(Length other) => Millimetres.CompareTo(other.Millimetres);

    public static Length operator +(Length a, Length b) =>
        FromMillimetres(a.Millimetres + b.Millimetres);

    public static Length operator -(Length a, Length b) =>
        FromMillimetres(a.Millimetres - b.Millimetres);

    public static Length operator -(Length a) => FromMillimetres(-a.Millimetres);

    public static Length operator *(Length a, double times) =>
        FromMillimetres(a.Millimetres * times);

    public static Length operator *(double times, Length a) => a * times;

    public static Length operator /(Length a, double parts) =>
        FromMillimetres(a.Millimetres / parts);

    /// <summary>How many times one length goes into another: a ratio.</summary>
    public static double operator /(Length a, Length b) => a.Millimetres / b.Millimetres;

    public static bool operator <(Length a, Length b) => a.Millimetres < b.Millimetres;

    public static bool operator >(Length a, Length b) => a.Millimetres > b.Millimetres;

    public static bool operator <=(Length a, Length b) => a.Millimetres <= b.Millimetres;

    public static bool operator >=(Length a, Length b) => a.Millimetres >= b.Millimetres;

    /// <summary>The shorter of two lengths.</summary>
    public static Length Min(Length a, Length b) => a <= b ? a : b;

    /// <summary>The longer of two lengths.</summary>
    public static Length Max(Length a, Length b) => a >= b ? a : b;

    /// <summary>The distance between two lengths, never negative.</summary>
    public static Length Difference(Length a, Length b) => a >= b ? a - b : b - a;

    // Apart, so that what every operator calls stays small enough to be inlined.
    private static ArgumentOutOfRangeException NotFinite(double mm) =>
        new(nameof(mm), mm, "A length is a finite number.");
}
