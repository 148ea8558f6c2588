using System.Text.Json;
using ZephyrReach.Core.Drawings;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>Writes numbers as they come out of a reckoning.</summary>
internal static class Numbers
{
    /// <summary>A double holds all digits of a whole number up to here.</summary>
    private const double DigitsHeld = 1e15;

    /// <summary>
    /// Writes all of a number. Of a double the digits have to be searched for, which takes longer than to write them; of one with
    /// three decimals or fewer, as most lengths are, they are known.
    /// </summary>
    public static void WriteExact(this Utf8JsonWriter json, double number)
    {
        var thousandths = Math.Round(number * 1000);
        if (Math.Abs(thousandths) > DigitsHeld || thousandths / 1000 != number)
        {
            json.WriteNumberValue(number);
            return;
        }
        var digits = (long)thousandths;
        byte decimals = 3;
        for (; decimals > 0 && digits % 10 == 0; decimals--)
        {
            digits /= 10;
        }
        if (decimals == 0)
        {
            json.WriteNumberValue(digits);
            return;
        }
        var size = (ulong)Math.Abs(digits);
        json.WriteNumberValue(new decimal((int)size, (int)(size >> 32), 0, digits < 0, decimals));
    }

    /// <summary>Writes a length of a drawing: a thousandth of a millimetre is finer than any shows, or any needle, and half the text.</summary>
    public static void WriteDrawn(this Utf8JsonWriter json, Length length) =>
        json.WriteExact(Math.Round(length.Millimetres, 3));

    /// <summary>Writes a place as a pair.</summary>
    public static void WritePlace(this Utf8JsonWriter json, Point place)
    {
        json.WriteStartArray();
        json.WriteDrawn(place.X);
        json.WriteDrawn(place.Y);
        json.WriteEndArray();
    }
}
