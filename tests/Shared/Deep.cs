namespace ZephyrReach.Tests;

/// <summary>How many times as often as usual a property is tried: once, unless <c>./test deep</c> says more.</summary>
public static class Deep
{
    public static int Times { get; } =
        int.TryParse(Environment.GetEnvironmentVariable("ZR_DEEP"), out var times) ? times : 1;
}
