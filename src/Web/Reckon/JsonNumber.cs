using System.Globalization;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>Writes numbers as JSON: the shortest figure that reads back as the same number.</summary>
public static class JsonNumber
{
    /// <summary>No number writes more bytes than this.</summary>
    public const int MostBytes = 32;

    private const double MostThousandths = 1e15;

    /// <summary>Writes a finite number.</summary>
    /// <param name="written">Takes at least <see cref="MostBytes"/>.</param>
    /// <returns>How many bytes were written.</returns>
    /// <remarks>
    /// Most figures are whole thousandths. Dividing two whole numbers rounds to the nearest double, and of the
    /// figures with up to fifteen digits only one lies nearest to a double; so when the quotient gives the number back,
    /// the digits of the thousandths are its shortest figure. The general search costs ten times as much.
    /// </remarks>
    public static int Write(double number, Span<byte> written)
    {
        var thousandths = Math.Round(number * 1000);
        if (
            !(Math.Abs(thousandths) < MostThousandths)
            || thousandths / 1000 != number
            || (number == 0 && double.IsNegative(number))
        )
        {
            number.TryFormat(written, out var length, default, CultureInfo.InvariantCulture);
            return length;
        }
        var at = 0;
        var all = (ulong)Math.Abs(thousandths);
        var (whole, rest) = (all / 1000, (uint)(all % 1000));
        if (number < 0)
        {
            written[at++] = (byte)'-';
        }
        at = DecimalText.Whole(written, at, whole);
        if (rest > 0)
        {
            written[at] = (byte)'.';
            written[at + 1] = (byte)('0' + rest / 100);
            written[at + 2] = (byte)('0' + rest / 10 % 10);
            written[at + 3] = (byte)('0' + rest % 10);
            at +=
                rest % 100 == 0 ? 2
                : rest % 10 == 0 ? 3
                : 4;
        }
        return at;
    }
}
