using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using ZephyrReach.Core.Faults;
using ZephyrReach.Core.Measures;
using ZephyrReach.Web.Reckon;

namespace ZephyrReach.Web.Faults;

/// <summary>Something that can be seen to be wrong.</summary>
/// <param name="Kin">stitches, fabric, gathers, tucks, lines, edges, mending, hands or machine.</param>
/// <param name="From">front, back or side.</param>
/// <param name="Says">What it is called.</param>
/// <param name="Shows">How it shows.</param>
public sealed record SymptomOut(
    string Name,
    string Says,
    string Shows,
    string Kin,
    string From,
    JsonElement Drawing
)
{
    public static SymptomOut Of(Symptom symptom, Ruler ruler) =>
        new(
            symptom.Name,
            symptom.Says,
            symptom.Shows,
            symptom.Kin switch
            {
                SymptomKin.LinesAndRows => "lines",
                SymptomKin.FreeMotion => "hands",
                var kin => kin.ToString().ToLowerInvariant(),
            },
            symptom.From.ToString().ToLowerInvariant(),
            CraftJson.Of(SymptomDrawings.Of(symptom), ruler)
        );
}

/// <summary>What may be behind it.</summary>
/// <param name="Cause">Its name; of two together both, with a plus between; other for what is not in the book.</param>
/// <param name="Probability">0 to 1; of all that are told it comes to 1.</param>
/// <param name="Because">What speaks for it.</param>
public sealed record CauseOut(string Cause, string Says, double Probability, string Because);

/// <summary>The one thing to try next.</summary>
/// <param name="Cures">How likely it is to cure, 0 to 1.</param>
/// <param name="Off">What to do first where a hand comes near the needle; empty where none does.</param>
public sealed record NextTryOut(
    string Try,
    string Says,
    double Minutes,
    string Because,
    double Cures,
    string Off
);

/// <summary>What was found.</summary>
/// <param name="Next">Null when nothing is left to try.</param>
/// <param name="Tried">What was tried, in words.</param>
public sealed record FoundOut(
    IReadOnlyList<CauseOut> Causes,
    NextTryOut? Next,
    IReadOnlyList<string> Tried
)
{
    /// <summary>More causes than these are told as one.</summary>
    private const int Told = 12;

    public static FoundOut Of(Found found, IReadOnlyList<AttemptMade> tried)
    {
        var told = found.Suspicions.Take(Told).ToList();
        var rest = Math.Max(0, 1 - told.Sum(s => s.Probability));
        return new(
            [
                .. told.Select(s => new CauseOut(
                    string.Join('+', s.Causes.Select(c => c.Name)),
                    string.Join(" And: ", s.Causes.Select(c => c.Says)),
                    s.Probability,
                    s.Because
                )),
                new CauseOut("other", "Something else.", rest, "Not everything is in the book."),
            ],
            found.Next is { } next
                ? new(
                    next.Attempt.Name,
                    next.Attempt.Says,
                    next.Attempt.Minutes,
                    next.Because,
                    next.Cures,
                    next.Attempt.AtNeedle ? Attempt.SwitchOff : ""
                )
                : null,
            [.. tried.Select(t => FaultBook.Attempts.First(a => a.Name == t.Attempt).Says)]
        );
    }
}

/// <summary>A fault that was cured while a part was sewn.</summary>
/// <param name="Symptoms">What was seen.</param>
/// <param name="Try">What cured it.</param>
/// <param name="Says">The same in words.</param>
/// <param name="Causes">How likely each cause was then, by its name.</param>
/// <param name="On">The day, such as 2027-05-14.</param>
/// <param name="Machine">The machine that it was sewn on; null where none was chosen.</param>
/// <param name="Swatch">The swatch that it was seen on; null where it was seen on the piece.</param>
public sealed record Cured(
    [property: MaxLength(8)] string[] Symptoms,
    [property: Required, StringLength(40)] string Try,
    [property: StringLength(200)] string? Says,
    [property: MaxLength(12)] Dictionary<string, double> Causes,
    DateOnly On,
    Guid? Machine,
    Guid? Swatch
);
