using System.Globalization;
using CsCheck;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

public class DecimalTextTests
{
    [Theory]
    [InlineData(0, 2, "0")]
    [InlineData(2.2, 2, "2.2")]
    [InlineData(1170, 5, "1170")]
    [InlineData(100, 0, "100")]
    [InlineData(0.05, 1, "0.1")]
    [InlineData(0.04, 1, "0")]
    [InlineData(-0.004, 2, "0")]
    [InlineData(-0.5, 0, "−1")]
    [InlineData(0.00001, 5, "0.00001")]
    // Halves on paper, of which a double holds a little less or more.
    [InlineData(0.285, 2, "0.29")]
    [InlineData(1.005, 2, "1.01")]
    [InlineData(2.675, 2, "2.68")]
    [InlineData(-1.005, 2, "−1.01")]
    [InlineData(0.2849999, 2, "0.28")]
    [InlineData(123456789012, 5, "123456789012")]
    public void Writes_no_more_places_than_it_needs(double figure, int places, string text) =>
        DecimalText.Write(figure, places).ShouldBe(text);

    [Fact]
    public void Is_what_decimal_arithmetic_writes() =>
        Gen.Select(Gen.Double[-1e7, 1e7], Gen.Int[0, 9], Gen.Int[0, 5])
            .Sample(
                (any, shift, places) =>
                {
                    // Of few digits, so that halves are among them.
                    var figure = Math.Round(any / Math.Pow(10, shift), 6);
                    var rounded = Math.Round(
                        (decimal)figure,
                        places,
                        MidpointRounding.AwayFromZero
                    );
                    var text = Math.Abs(rounded).ToString("0.#####", CultureInfo.InvariantCulture);
                    var signed = (rounded < 0 ? "−" : "") + text;
                    return DecimalText.Write(figure, places) == signed
                        && DecimalText.Write(figure, places, " cm") == $"{signed} cm";
                }
            );
}
