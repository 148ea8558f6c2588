using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Faults;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Tests;

namespace ZephyrReach.Core.Tests;

/// <summary>The fault finder: what its book holds, and how soon it finds what is wrong in a workshop that is unlike its book.</summary>
public sealed class FaultFinderTests
{
    private static Found Find(
        IReadOnlyList<string> symptoms,
        SetUp? setUp = null,
        params IReadOnlyList<AttemptMade> tried
    ) => FaultFinder.Find(symptoms, setUp ?? new SetUp(), tried);

    [Fact]
    public void The_book_is_whole()
    {
        FaultBook.Symptoms.Select(s => s.Name).ShouldBeUnique();
        FaultBook.Causes.Select(c => c.Name).ShouldBeUnique();
        // One name, one thing to do.
        FaultBook.Attempts.Select(a => a.Name).ShouldBeUnique();
        FaultBook.Causes.ShouldAllBe(c =>
            c.Common > 0
            && c.Makes.Count > 0
            && c.Cures.Count > 0
            && c.Makes.All(m => m.Value > 0 && m.Value < 1 && FaultBook.Named(m.Key) != null)
            && c.Techniques.All(t => Techniques.CardNamed(t) != null)
        );
        // Whatever is seen, there is something behind it, and something to try.
        foreach (var symptom in FaultBook.Symptoms)
        {
            var found = Find([symptom.Name]);
            found.Next.ShouldNotBeNull(symptom.Name);
            found
                .Suspicions[0]
                .Causes.ShouldContain(c => c.Makes.ContainsKey(symptom.Name), symptom.Name);
            FaultBook.Checklist(null, symptom.Name).ShouldNotBeEmpty();
        }
        foreach (var card in Techniques.Cards.Where(c => c.ByHand.Count == 0))
        {
            foreach (var look in card.Looks.Skip(1))
            {
                look.Changes.ShouldNotBeEmpty($"{look.Choice.Name} of {card.Name}");
            }
        }
    }

    [Fact]
    public void Each_symptom_has_a_drawing_of_its_own_within_its_frame()
    {
        var all = FaultBook.Symptoms.Select(SymptomDrawings.Of).ToList();
        all.Select(d =>
                string.Join(
                    ' ',
                    d.Shapes.OfType<Drawings.PathShape>().Select(s => s.Path.Data + s.Meaning)
                )
            )
            .ShouldBeUnique();
        foreach (var drawing in all)
        {
            var paths = drawing.Shapes.OfType<Drawings.PathShape>().ToList();
            paths.ShouldNotBeEmpty(drawing.Name);
            foreach (var at in paths.Select(p => p.Path.Bounds))
            {
                at.From.X.Millimetres.ShouldBeGreaterThanOrEqualTo(-1, drawing.Name);
                at.To.X.Millimetres.ShouldBeLessThanOrEqualTo(121, drawing.Name);
                at.From.Y.Millimetres.ShouldBeGreaterThanOrEqualTo(-1, drawing.Name);
                at.To.Y.Millimetres.ShouldBeLessThanOrEqualTo(81, drawing.Name);
            }
        }
    }

    [Fact]
    public void Chances_come_to_one_and_what_was_the_same_twice_is_not_tried_again()
    {
        var made = new List<AttemptMade>();
        for (var i = 0; i < 30; i++)
        {
            var found = Find(["skips", "frays"], null, made);
            (found.Suspicions.Sum(s => s.Probability) + found.Unknown).ShouldBe(1, 1e-9);
            found.Suspicions.ShouldAllBe(s => s.Probability > 0 && s.Probability <= 1);
            if (found.Next is not { } next)
            {
                return;
            }
            made.Count(m => m.Attempt == next.Attempt.Name).ShouldBeLessThan(2);
            made.Add(new(next.Attempt.Name, TryResult.Same));
        }
        Assert.Fail("There is always something left to try.");
    }

    [Theory]
    [InlineData("loops-below", "not-in-discs", "rethread")]
    [InlineData("loops-above", "bobbin-free", "reseat-bobbin")]
    [InlineData("skips", "needle-worn", "new-needle")]
    [InlineData("creeps", "layers-drift", "hold-layers")]
    public void By_one_symptom_the_commonest_cause_is_suspected_and_its_cure_tried(
        string symptom,
        string cause,
        string attempt
    )
    {
        var found = Find([symptom]);
        found.Suspicions[0].Causes.Select(c => c.Name).ShouldBe([cause]);
        found.Next!.Attempt.Name.ShouldBe(attempt);
    }

    [Fact]
    public void What_was_set_bears_on_what_is_suspected()
    {
        double Of(string cause, Found found) =>
            found.Suspicions.Where(s => s.Causes.Any(c => c.Name == cause)).Sum(s => s.Probability);
        var plain = Find(["loops-below"]);
        var loose = Find(["loops-below"], new SetUp(TensionSteps: -2));
        Of("tension-loose", loose).ShouldBeGreaterThan(1.5 * Of("tension-loose", plain));
        loose
            .Suspicions.First(s => s.Causes[0].Name == "tension-loose")
            .Because.ShouldContain("settings card");
        // A needle of 70 is too thin for a thread of tex 80: 0.336/0.28 wants 120.
        new SetUp(ThreadTex: 80).LeastNeedle!.Value.ShouldBe(120.1, 0.1);
        var thin = Find(["frays"], new SetUp(NeedleSize: 70, ThreadTex: 80));
        thin.Suspicions[0].Causes.ShouldContain(c => c.Name == "needle-thin");
        // One that cured on this machine before is thought of sooner.
        var learnt = FaultFinder.Find(
            ["skips"],
            new SetUp(),
            [],
            new Dictionary<string, double> { ["point-wrong"] = 5 }
        );
        learnt.Suspicions[0].Causes[0].Name.ShouldBe("point-wrong");
        // A technique narrows it.
        Find(["uneven"], new SetUp("folded-tucks"))
            .Suspicions[0]
            .Causes[0]
            .Name.ShouldBe("no-guide");
        Find(["uneven"], new SetUp("fine-piping"))
            .Suspicions[0]
            .Causes[0]
            .Name.ShouldBe("other-groove");
    }

    [Fact]
    public void What_was_tried_and_did_nothing_is_suspected_less_and_two_causes_are_told_together()
    {
        var before = Find(["loops-below"]);
        var after = Find(["loops-below"], null, new AttemptMade("rethread", TryResult.Same));
        after.Suspicions[0].Causes[0].Name.ShouldNotBe("not-in-discs");
        before.Next!.Attempt.Name.ShouldNotBe(after.Next!.Attempt.Name);
        Find(["loops-below"], null, new AttemptMade("rethread", TryResult.Gone))
            .Suspicions[0]
            .Causes[0]
            .Name.ShouldBe("not-in-discs");
        // Nothing makes both of these by itself: a pair is likelier than any single cause.
        Find(["needle-marks", "elastic-loose"], new SetUp("shirring"))
            .Suspicions[0]
            .Causes.Count.ShouldBe(2);
    }

    /// <summary>
    /// A workshop whose causes are as common, show as often and are cured as often as the book says, but for a third each way: of how
    /// common something is, and of the odds of what happens or does not.
    /// </summary>
    private sealed class Workshop(Random random)
    {
        private readonly Dictionary<string, double> off = [];

        private double Off(string what) =>
            off.TryGetValue(what, out var by)
                ? by
                : off[what] = 2 / 3d + random.NextDouble() * 2 / 3;

        private bool Happens(string what, double often)
        {
            var odds = often / (1 - often) * Off(what);
            return random.NextDouble() < odds / (1 + odds);
        }

        public Cause Draw(IReadOnlyList<Cause> causes)
        {
            var at = random.NextDouble() * causes.Sum(c => Off(c.Name) * c.Common);
            foreach (var cause in causes)
            {
                at -= Off(cause.Name) * cause.Common;
                if (at <= 0)
                {
                    return cause;
                }
            }
            return causes[^1];
        }

        public List<string> Shown(Cause cause) =>
            [
                .. cause
                    .Makes.Where(m => Happens($"{cause.Name} {m.Key}", m.Value))
                    .Select(m => m.Key),
            ];

        public bool Cures(Cause cause, string attempt) =>
            cause.Cures.FirstOrDefault(c => c.Attempt.Name == attempt) is { } cure
            && Happens($"{cause.Name} by {attempt}", cure.Often);
    }

    [Fact]
    public void In_a_workshop_unlike_its_book_a_fault_is_gone_within_two_tries_and_sooner_than_by_a_checklist()
    {
        var random = new Random(20261201);
        List<int> tries = [];
        var (minutes, byList) = (0.0, 0.0);
        string[] techniques =
        [
            .. Techniques.Cards.Where(c => c.ByHand.Count == 0).Select(c => c.Name),
        ];
        for (var run = 0; run < 400 * Deep.Times; run++)
        {
            var workshop = new Workshop(random);
            var technique = techniques[random.Next(techniques.Length)];
            // What belongs to the technique is met as often as all else together.
            var known = FaultBook.Causes.Where(c => c.IsMetWith(technique)).ToList();
            var cause = workshop.Draw(known);
            var seen = workshop.Shown(cause);
            if (seen.Count == 0)
            {
                continue;
            }
            List<AttemptMade> made = [];
            var isGone = false;
            while (!isGone)
            {
                if (Find(seen, new SetUp(technique), made).Next is not { } next)
                {
                    break;
                }
                minutes += next.Attempt.Minutes;
                isGone = workshop.Cures(cause, next.Attempt.Name);
                // One answer in ten is wrong.
                var answer =
                    random.NextDouble() < 0.1 ? (TryResult)(1 + random.Next(3))
                    : isGone ? TryResult.Gone
                    : TryResult.Same;
                made.Add(new(next.Attempt.Name, answer));
            }
            tries.Add(isGone ? made.Count : int.MaxValue);
            byList += ByChecklist(workshop, cause, technique, seen);
        }
        tries.Sort();
        tries[tries.Count / 2].ShouldBeLessThanOrEqualTo(2);
        tries[tries.Count * 9 / 10].ShouldBeLessThanOrEqualTo(4);
        minutes.ShouldBeLessThanOrEqualTo(2 / 3d * byList, $"{minutes} against {byList}");
    }

    /// <summary>The minutes that the lists of all that is seen take, one try after another, each once more where it was in vain.</summary>
    private static double ByChecklist(
        Workshop workshop,
        Cause cause,
        string technique,
        List<string> seen
    )
    {
        var minutes = 0.0;
        for (var round = 0; round < 3; round++)
        {
            foreach (
                var cure in seen.SelectMany(s => FaultBook.Checklist(technique, s))
                    .DistinctBy(c => c.Attempt.Name)
            )
            {
                minutes += cure.Attempt.Minutes;
                if (workshop.Cures(cause, cure.Attempt.Name))
                {
                    return minutes;
                }
            }
        }
        return minutes;
    }

    [Fact]
    public void What_is_asked_is_read_and_a_strange_symptom_is_named()
    {
        FaultInputs? Read(RawInputs raw, out IReadOnlyList<FieldError> errors)
        {
            var reader = new InputReader(raw, Ruler.Metric);
            var read = FaultInputs.Read(reader);
            errors = reader.Errors;
            return read;
        }
        var read = Read(
            RawInputs.Of(
                ("symptoms", new[] { "skips" }),
                ("setUp", RawInputs.Of(("needleSize", 80), ("clothBuild", "knit"))),
                ("tried", new[] { RawInputs.Of(("try", "new-needle"), ("result", "same")) })
            ),
            out _
        )!;
        read.SetUp.IsKnit.ShouldBeTrue();
        read.Tried.ShouldBe([new AttemptMade("new-needle", TryResult.Same)]);
        Read(RawInputs.Of(("symptoms", new[] { "smells" })), out var strange).ShouldBeNull();
        strange.Single().Field.ShouldBe("symptoms");
        Read(RawInputs.Of(), out var none).ShouldBeNull();
        none.Single().Field.ShouldBe("symptoms");
    }
}
