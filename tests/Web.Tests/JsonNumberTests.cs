using System.Globalization;
using System.Text;
using CsCheck;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Tests;

public class JsonNumberTests
{
    private static readonly double[] Edges =
    [
        0,
        -0.0,
        0.001,
        1e12,
        1e15,
        double.Epsilon,
        double.MaxValue,
    ];

    [Fact]
    public void A_number_is_written_as_its_shortest_figure()
    {
        Gen.OneOf(
                Gen.Double,
                Gen.Long[-1_000_000_000, 1_000_000_000].Select(n => n / 1000d),
                Gen.Int[-5_000_000, 5_000_000].Select(n => n / 16d * 25.4),
                Gen.Int[0, Edges.Length - 1].Select(i => Edges[i])
            )
            .Where(double.IsFinite)
            .Sample(
                number =>
                {
                    Span<byte> written = stackalloc byte[JsonNumber.MostBytes];
                    var text = Encoding.UTF8.GetString(
                        written[..JsonNumber.Write(number, written)]
                    );
                    var shortest = number.ToString("R", CultureInfo.InvariantCulture);
                    return double.Parse(text, CultureInfo.InvariantCulture).Equals(number)
                        && text.Length <= shortest.Length;
                },
                iter: 20_000
            );
    }
}
