using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Workrooms;

namespace ZephyrReach.Web.Reckon;

/// <summary>What is asked to come along with an answer.</summary>
[Flags]
public enum With
{
    Nothing = 0,
    Working = 1,
    Drawings = 2,
    Steps = 4,
    Understood = 8,
}

/// <summary>Reads the query of a reckoning: the units and what comes along.</summary>
public static class Asked
{
    /// <summary>The ruler asked for: <c>?units=metric|imperial</c>, else the workroom's own.</summary>
    public static async ValueTask<(Ruler Ruler, IResult? Problem)> RulerAsync(
        HttpRequest request,
        CurrentWorkroom workroom
    )
    {
        var units = request.Query["units"];
        var row = await workroom.RowAsync(request.HttpContext);
        if (units.Count == 0)
        {
            return (row.RulerFor(row.Units), null);
        }
        return units.ToString() switch
        {
            "metric" => (row.Metric, null),
            "imperial" => (row.Imperial, null),
            _ => (
                Ruler.Metric,
                Problems.Problem.Field("units", "units has to be “metric” or “imperial”.")
            ),
        };
    }

    /// <summary>What comes along: <c>?with=working,drawings,steps,understood</c>.</summary>
    public static (With With, IResult? Problem) WithOf(HttpRequest request)
    {
        var with = With.Nothing;
        foreach (var words in request.Query["with"])
        {
            foreach (
                var word in (words ?? "").Split(
                    ',',
                    StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
                )
            )
            {
                var one = word switch
                {
                    "working" => With.Working,
                    "drawings" => With.Drawings,
                    "steps" => With.Steps,
                    "understood" => With.Understood,
                    _ => With.Nothing,
                };
                if (one == With.Nothing)
                {
                    return (
                        with,
                        Problems.Problem.Field(
                            "with",
                            "with takes working, drawings, steps and understood, separated by commas."
                        )
                    );
                }
                with |= one;
            }
        }
        return (with, null);
    }
}
