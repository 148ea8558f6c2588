using Shouldly;
using Xunit;
using ZephyrReach.Core.Craft.Terms;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

public class GlossaryTests
{
    [Fact]
    public void Every_word_stands_once_and_has_a_picture_in_both_units()
    {
        Glossary.All.Count.ShouldBeGreaterThan(60);
        Glossary.All.SelectMany(t => t.Also.Prepend(t.Name)).ShouldBeUnique();
        foreach (var term in Glossary.All)
        {
            term.Says.ShouldEndWith(".");
            foreach (var ruler in new[] { Ruler.Metric, Ruler.Imperial })
            {
                var picture = term.Draw(ruler);
                picture.Drawing.Shapes.ShouldNotBeEmpty(term.Name);
                if (picture.Moment is { } moment)
                {
                    moment.Drawing.ShouldBe(picture.Drawing.Name);
                    picture
                        .Drawing.Shapes.Select(s => s.Part)
                        .ShouldContain(p => moment.Lit.Contains(p!), term.Name);
                }
            }
        }
    }
}
