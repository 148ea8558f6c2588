namespace ZephyrReach.Core.Craft.Tucks.Pintucks;

/// <summary>From the centre outwards: the middle tuck first, then one to the right and one to the left in turn.</summary>
internal static class SewingOrder
{
    /// <summary>The number of the tuck that is sewn first: the middle one, or the left of the two.</summary>
    public static int First(PintucksInputs ask) => (ask.Tucks + 1) / 2;

    /// <summary>The first so many that are sewn: they lie side by side, from one number to another.</summary>
    public static (int From, int To) Sewn(PintucksInputs ask, int count) =>
        (First(ask) - (count - 1) / 2, First(ask) + count / 2);

    /// <summary>After how many the span is measured: a third of them, and two thirds; only where some are left.</summary>
    public static IReadOnlyList<int> Checks(PintucksInputs ask) =>
        [
            .. new[] { (ask.Tucks + 2) / 3, (2 * ask.Tucks + 2) / 3 }
                .Where(m => m >= 2 && m < ask.Tucks)
                .Distinct(),
        ];

    /// <summary>The part of the drawings that a tuck belongs to: first, up to one of the checks, or rest.</summary>
    public static string Part(PintucksInputs ask, int number)
    {
        if (number == First(ask))
        {
            return "first";
        }
        var checks = Checks(ask);
        for (var i = 0; i < checks.Count; i++)
        {
            var (from, to) = Sewn(ask, checks[i]);
            if (number >= from && number <= to)
            {
                return $"part-{i + 1}";
            }
        }
        return "rest";
    }
}
