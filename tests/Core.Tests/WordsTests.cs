using System.Collections;
using System.Text.RegularExpressions;
using Shouldly;
using Xunit;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Craft.Terms;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Tests;

/// <summary>One plain word for one thing: what was called otherwise once is not called so anywhere any more.</summary>
public partial class WordsTests
{
    /// <summary>What holds words that a person reads; names of fields and steps are not among them.</summary>
    private static readonly HashSet<string> Read =
    [
        "Label",
        "Says",
        "Title",
        "Short",
        "Begin",
        "Question",
        "Ends",
        "Follows",
        "Because",
        "Remedy",
        "Sum",
        "Change",
        "Text",
        "Big",
        "Checks",
        "Plural",
        "Setting",
        "Dial",
        "Unit",
        "WhyNot",
        "Evenness",
        "Summary",
        "Sets",
    ];

    public static TheoryData<string> Worked => [.. Techniques.Worked.Select(t => t.Name)];

    [Theory]
    [MemberData(nameof(Worked))]
    public void A_technique_is_said_in_plain_words(string name)
    {
        var technique = Techniques.Named(name)!;
        foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
        {
            var form = technique.Process!.Forward;
            var plan = (WorkPlan)form.Compute(form.Example, ruler).Answer!;
            object?[] said =
            [
                technique,
                technique.Cards,
                plan.Summary,
                plan.Findings,
                plan.Facts,
                plan.Steps(ruler),
                plan.Derivation(ruler),
                plan.Drawings(ruler),
            ];
            string.Join("\n", Old(said)).ShouldBeEmpty();
        }
    }

    [Fact]
    public void What_is_owned_and_what_words_mean_is_said_in_plain_words() =>
        string.Join("\n", Old([ThingKinds.All, Glossary.All])).ShouldBeEmpty();

    private static List<string> Old(IEnumerable<object?> said) =>
        [
            .. said.SelectMany(s => TextsIn(s, [], true))
                .Distinct()
                .Where(t => OldWord().IsMatch(t))
                .Order(StringComparer.Ordinal),
        ];

    /// <summary>All that is read of an object, and of what hangs on it.</summary>
    private static IEnumerable<string> TextsIn(object? at, HashSet<object> seen, bool isRead)
    {
        switch (at)
        {
            case string text:
                return isRead ? [text] : [];
            case null or Delegate or Type or RawInputs:
                return [];
            case IEnumerable many:
                return [.. many.Cast<object?>().SelectMany(m => TextsIn(m, seen, isRead))];
        }
        var type = at.GetType();
        if (
            type.Namespace?.StartsWith("ZephyrReach.Core", StringComparison.Ordinal) != true
            || type.IsEnum
            || (!type.IsValueType && !seen.Add(at))
        )
        {
            return [];
        }
        return
        [
            .. type.GetProperties()
                .Where(p => p.CanRead && p.GetIndexParameters().Length == 0)
                .Where(p => p.GetMethod is { IsStatic: false })
                .SelectMany(p => TextsIn(p.GetValue(at), seen, Read.Contains(p.Name))),
        ];
    }

    [GeneratedRegex(
        """
            \b(workings?|bench|drawer|reckon\w*|workroom|cloths?|pairs?\ of\ needles|tuck\ foot|foot\ with\ grooves
            |(pleating|folding)\ attachment|stitch\ book|schools?|swatch\ book|take\ it|take\ back|do\ again|kept
            |nine\ in\ ten|even\ chance|lock\ the\ cutting\ list|the\ card|laid\ aside|scraps?|not\ said|is\ said|frozen|frost|bites?)\b
            """,
        RegexOptions.IgnoreCase | RegexOptions.IgnorePatternWhitespace
    )]
    private static partial Regex OldWord();
}
