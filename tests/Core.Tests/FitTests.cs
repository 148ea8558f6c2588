using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Findings;
using ZephyrReach.Core.Fit;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;
using ZephyrReach.Core.Supplies;

namespace ZephyrReach.Core.Tests;

public class FitTests
{
    /// <summary>
    /// Each rule at its boundary: all is well just on this side, not just on the other, and not checked where the property
    /// is unknown. A line is: the rule; machine; foot; needle; thread or cloth; what is sewn; what it says.
    /// </summary>
    [Theory]
    [InlineData("mount", "mounts=low-shank", "mount=low-shank", "", "", "", "well")]
    [InlineData("mount", "mounts=low-shank", "mount=snap-on", "", "", "", "stop")]
    [InlineData("mount", "kind=home", "mount=snap-on", "", "", "", "unknown")]
    [InlineData("mount", "mounts=low-shank", "kind=satin", "", "", "", "unknown")]
    [InlineData(
        "needle-system",
        "needleSystem=flat-shank",
        "",
        "needleSystem=flat-shank",
        "",
        "",
        "well"
    )]
    [InlineData(
        "needle-system",
        "needleSystem=flat-shank",
        "",
        "needleSystem=round-shank",
        "",
        "",
        "stop"
    )]
    [InlineData("needle-system", "needleSystem=flat-shank", "", "size=90", "", "", "unknown")]
    [InlineData("width", "widestStitch=5", "", "", "", "width=5", "well")]
    [InlineData("width", "widestStitch=5", "", "", "", "width=5.1", "stop")]
    [InlineData("width", "kind=home", "", "", "", "width=5", "unknown")]
    [InlineData("width", "widestStitch=0", "", "", "", "", "not asked")]
    [InlineData("strike", "", "opening=6.5", "size=90", "", "width=5", "well")]
    [InlineData("strike", "", "opening=6.4", "size=90", "", "width=5", "stop")]
    [InlineData("strike", "", "opening=3.5", "size=90", "", "offset=1", "well")]
    [InlineData("strike", "", "opening=3.4", "size=90", "", "offset=1", "stop")]
    [InlineData("strike", "plateOpening=6.5", "opening=9", "size=90", "", "width=5", "well")]
    [InlineData("strike", "plateOpening=6.4", "opening=9", "size=90", "", "width=5", "stop")]
    [InlineData("strike", "kind=home", "opening=9", "size=90", "", "width=5", "unknown")]
    [InlineData("strike", "plateOpening=1", "opening=9", "size=90", "", "", "well")]
    [InlineData("strike", "", "kind=satin", "size=90", "", "width=5", "unknown")]
    [InlineData("strike", "", "opening=6.5", "point=universal", "", "width=5", "unknown")]
    [InlineData(
        "twin-plate",
        "widestStitch=9,plateOpening=6.7",
        "opening=9",
        "size=90,twinSpacing=3",
        "",
        "width=2",
        "well"
    )]
    [InlineData(
        "twin-plate",
        "widestStitch=9,plateOpening=6.6",
        "opening=9",
        "size=90,twinSpacing=3",
        "",
        "width=2",
        "stop"
    )]
    [InlineData(
        "twin-plate",
        "widestStitch=9,plateOpening=9",
        "opening=6.6",
        "size=90,twinSpacing=3",
        "",
        "width=2",
        "stop"
    )]
    [InlineData(
        "twin-plate",
        "widestStitch=4.9,plateOpening=9",
        "opening=9",
        "size=90,twinSpacing=3",
        "",
        "width=2",
        "stop"
    )]
    [InlineData("twin-plate", "kind=home", "opening=9", "size=90,twinSpacing=3", "", "", "unknown")]
    [InlineData("twin-plate", "kind=home", "opening=3", "size=90,twinSpacing=3", "", "", "stop")]
    [InlineData(
        "twin-plate",
        "plateOpening=9",
        "opening=9",
        "size=90,twinSpacing=0",
        "",
        "",
        "not asked"
    )]
    [InlineData("twin-groove", "", "grooves=5,grooveWidth=3", "twinSpacing=3", "", "", "well")]
    [InlineData("twin-groove", "", "grooves=5,grooveWidth=3", "twinSpacing=3.1", "", "", "stop")]
    [InlineData("twin-groove", "", "grooves=5,grooveWidth=3", "twinSpacing=1.5", "", "", "well")]
    [InlineData("twin-groove", "", "grooves=5,grooveWidth=3", "twinSpacing=1.4", "", "", "care")]
    [InlineData("twin-groove", "", "grooves=5,groovePitch=3", "twinSpacing=2.6", "", "", "stop")]
    [InlineData("twin-groove", "", "grooves=5,groovePitch=3", "twinSpacing=2.5", "", "", "unknown")]
    [InlineData("twin-limit", "widestPair=3", "", "twinSpacing=3", "", "", "well")]
    [InlineData("twin-limit", "widestPair=3", "", "twinSpacing=4", "", "", "stop")]
    [InlineData("twin-groove", "", "kind=pintuck", "twinSpacing=2", "", "", "unknown")]
    [InlineData(
        "straight-plate",
        "widestStitch=5,straightPlate=true",
        "",
        "",
        "",
        "width=1",
        "stop"
    )]
    [InlineData("straight-plate", "widestStitch=0", "", "twinSpacing=2", "", "", "stop")]
    [InlineData("straight-plate", "widestStitch=5", "", "", "", "width=1", "well")]
    [InlineData("straight-plate", "kind=home", "", "", "", "width=1", "unknown")]
    [InlineData("straight-plate", "straightPlate=true", "", "", "", "", "not asked")]
    [InlineData("relief", "", "relief=1.5", "", "", "buildUp=2", "well")]
    [InlineData("relief", "", "relief=1.5", "", "", "buildUp=2.1", "stop")]
    [InlineData("relief", "", "relief=0.3,grooves=1,grooveWidth=3", "", "", "buildUp=4", "well")]
    [InlineData("relief", "", "kind=zipper,relief=0.3", "", "", "buildUp=8", "not asked")]
    [InlineData("relief", "", "kind=satin", "", "", "buildUp=2", "unknown")]
    [InlineData("feed-dogs", "feedDogs=covers", "", "", "", "down", "well")]
    [InlineData("feed-dogs", "feedDogs=neither", "", "", "", "down", "stop")]
    [InlineData("feed-dogs", "kind=home", "", "", "", "down", "unknown")]
    [InlineData("lift", "presserLift=6", "", "", "", "layers=5", "well")]
    [InlineData("lift", "presserLift=6", "", "", "", "layers=5.1", "stop")]
    [InlineData("lift", "kind=home", "", "", "", "layers=2", "unknown")]
    [InlineData("clamp-arm", "clampScrew=true", "clampArm=true", "", "", "", "well")]
    [InlineData("clamp-arm", "clampScrew=false", "clampArm=true", "", "", "", "stop")]
    [InlineData("clamp-arm", "kind=home", "clampArm=true", "", "", "", "unknown")]
    [InlineData("clamp-arm", "clampScrew=false", "kind=darning", "", "", "", "unknown")]
    [InlineData(
        "differential",
        "kind=overlocker,greatestDifferential=2",
        "",
        "",
        "",
        "differential=2",
        "well"
    )]
    [InlineData(
        "differential",
        "kind=overlocker,greatestDifferential=1.9",
        "",
        "",
        "",
        "differential=2",
        "stop"
    )]
    [InlineData("differential", "kind=overlocker", "", "", "", "differential=2", "unknown")]
    [InlineData("differential", "kind=home", "", "", "", "differential=2", "stop")]
    [InlineData("chain-looper", "kind=overlocker,chainLooper=true", "", "", "", "looper", "well")]
    [InlineData("chain-looper", "kind=overlocker,chainLooper=false", "", "", "", "looper", "stop")]
    [InlineData("chain-looper", "kind=overlocker", "", "", "", "looper", "unknown")]
    [InlineData("programmed", "programmedDarning=true", "", "", "", "programmed", "well")]
    [InlineData("programmed", "programmedDarning=false", "", "", "", "programmed", "stop")]
    [InlineData("programmed", "kind=home", "", "", "", "programmed", "unknown")]
    // 27 tex is 0.1954 mm thick, and size 70 passes 0.196 mm.
    [InlineData("eye", "", "", "size=70", "tex=27", "", "well")]
    [InlineData("eye", "", "", "size=69", "tex=27", "", "care")]
    [InlineData("eye", "", "", "size=70", "fibre=cotton", "", "unknown")]
    [InlineData("point", "", "", "point=ballpoint", "build=knit", "", "well")]
    [InlineData("point", "", "", "point=sharp", "build=knit", "", "care")]
    [InlineData("point", "", "", "point=ballpoint", "build=weave,weight=110", "", "care")]
    [InlineData("point", "", "", "point=ballpoint", "build=weave,weight=111", "", "well")]
    [InlineData("point", "", "", "point=universal", "weight=100", "", "unknown")]
    [InlineData("size", "", "", "size=70", "weight=59", "", "well")]
    [InlineData("size", "", "", "size=80", "weight=53.9", "", "care")]
    // Within a tenth of 60 the bands on both sides serve.
    [InlineData("size", "", "", "size=80", "weight=54", "", "well")]
    [InlineData("size", "", "", "size=60", "weight=66", "", "well")]
    [InlineData("size", "", "", "size=60", "weight=66.1", "", "care")]
    [InlineData("size", "", "", "size=80", "weight=60", "", "well")]
    [InlineData("size", "", "", "size=80", "weight=110", "", "well")]
    [InlineData("size", "", "", "size=90", "weight=98.9", "", "care")]
    [InlineData("size", "", "", "size=90", "weight=98.9", "bulky", "well")]
    [InlineData("size", "", "", "size=100", "weight=98.9", "bulky", "care")]
    [InlineData("size", "", "", "size=90", "build=weave", "", "unknown")]
    [InlineData("hand-wheel", "kind=home", "kind=satin", "", "", "", "care")]
    [InlineData("untried", "id=m", "id=f", "", "", "", "care")]
    [InlineData("untried", "kind=home", "kind=satin", "", "", "", "not asked")]
    public void A_rule_holds_at_its_boundary(
        string code,
        string machine,
        string foot,
        string needle,
        string stuff,
        string sewn,
        string says
    )
    {
        var rule = Fitting.Rules.Single(r => r.Code == code);
        var c = Together(machine, foot, needle, stuff, sewn);

        rule.Evaluate(c)
            .ShouldBe(
                says switch
                {
                    "well" => RuleOutcome.Well,
                    "care" => RuleOutcome.Care,
                    "stop" => RuleOutcome.Stop,
                    "unknown" => RuleOutcome.Unknown,
                    _ => RuleOutcome.NotAsked,
                }
            );
        var fitting = Fitting.Of(c);
        if (says is "care" or "stop")
        {
            var finding = fitting.Findings.Single(f => f.Code == code);
            finding.Severity.ShouldBe(says == "stop" ? Severity.Stop : Severity.Care);
            finding.Because.ShouldNotBeEmpty();
            finding.Remedy.ShouldNotBeEmpty();
        }
        else
        {
            fitting.Findings.ShouldNotContain(f => f.Code == code);
            fitting.Unchecked.Any(u => u.Code == code).ShouldBe(says == "unknown");
        }
        Fitting.Glance(c).Verdict.ShouldBe(fitting.Verdict);
    }

    [Fact]
    public void Every_rule_of_the_workshop_is_there_and_found_by_itself() =>
        Fitting
            .Rules.Select(r => r.Code)
            .Order()
            .ShouldBe(
                new[]
                {
                    "mount",
                    "needle-system",
                    "width",
                    "strike",
                    "twin-plate",
                    "twin-groove",
                    "twin-limit",
                    "straight-plate",
                    "relief",
                    "feed-dogs",
                    "lift",
                    "clamp-arm",
                    "differential",
                    "chain-looper",
                    "programmed",
                    "eye",
                    "point",
                    "size",
                    "hand-wheel",
                    "untried",
                }.Order()
            );

    [Theory]
    // 6 − 1.0 − 2 · 0.4 − 4 = 0.2 is no width that a dial has.
    [InlineData("widestStitch=7,plateOpening=6", "opening=9", "size=100,twinSpacing=4", 0.0)]
    [InlineData("widestStitch=7,plateOpening=8", "opening=5", "size=80,twinSpacing=2", 1.0)]
    [InlineData("widestStitch=7,plateOpening=8", "opening=7.5", "size=100,twinSpacing=4", 1.5)]
    [InlineData("widestStitch=5,plateOpening=9", "opening=9", "size=80,twinSpacing=4", 1.0)]
    [InlineData("widestStitch=7,plateOpening=8", "opening=2", "size=80", 0.5)]
    [InlineData("widestStitch=9,plateOpening=5", "opening=14", "size=80", 3.5)]
    [InlineData("widestStitch=7,plateOpening=8", "opening=3", "size=80,twinSpacing=2", null)]
    public void The_greatest_safe_width_leaves_room_for_the_blade_and_air(
        string machine,
        string foot,
        string needle,
        double? safe
    )
    {
        var c = Together(machine, foot, needle, "", "");

        Clearance.Widest(c).ShouldBe(safe is { } mm ? Length.FromMillimetres(mm) : null);
    }

    /// <summary>Whatever is owned: set to the greatest safe width nothing strikes, half a step wider something does.</summary>
    [Fact]
    public void The_greatest_safe_width_is_safe_and_the_greatest() =>
        Gen.Select(
                Gen.Double[3, 12],
                Gen.Double[3, 12],
                Gen.Double[3, 9],
                Gen.Int[60, 110],
                Gen.Int[0, 5].Select(i => new[] { 0, 1.6, 2, 2.5, 3, 4 }[i])
            )
            .Sample(
                (opening, plate, widest, size, pair) =>
                {
                    var c = Together(
                        $"widestStitch={widest:R},plateOpening={plate:R}",
                        $"opening={opening:R}",
                        $"size={size},twinSpacing={pair:R}",
                        "",
                        ""
                    );
                    bool Stops(Length width) =>
                        Fitting
                            .Of(c with { For = new Sewing(width) })
                            .Findings.Any(f =>
                                f
                                    is {
                                        Severity: Severity.Stop,
                                        Code: "strike" or "twin-plate" or "width"
                                    }
                            );
                    return Clearance.Widest(c) is { } safe
                        ? !Stops(safe) && Stops(safe + Length.FromMillimetres(0.5))
                        : Stops(Length.Zero);
                },
                iter: 2000
            );

    [Theory]
    // A strike that was seen stops what the sum lets through, from its width on.
    [InlineData(false, 3, 3, "", Verdict.No)]
    [InlineData(false, 3, 2, "", Verdict.Yes)]
    // A pass that was seen lets through what the sum stops, up to its width and not beyond.
    [InlineData(true, 8, 7, "", Verdict.Yes)]
    [InlineData(true, 6, 7, "", Verdict.No)]
    // A pass without a needle says nothing of a pair.
    [InlineData(true, 8, 3, "twin", Verdict.No)]
    public void What_was_tried_outranks_the_sum(
        bool clears,
        double triedAt,
        double width,
        string needle,
        Verdict verdict
    )
    {
        var c = Together(
            "id=m,mounts=snap-on,needleSystem=flat-shank,widestStitch=9,plateOpening=9",
            "id=f,mount=snap-on,opening=7",
            needle == "twin"
                ? "needleSystem=flat-shank,size=90,twinSpacing=6"
                : "needleSystem=flat-shank,size=90",
            "",
            $"width={width}"
        ) with
        {
            Tried =
            [
                new TriedNote(
                    "m",
                    "f",
                    null,
                    clears,
                    Length.FromMillimetres(triedAt),
                    new DateOnly(2026, 5, 1)
                ),
            ],
        };

        Fitting.Of(c).Verdict.ShouldBe(verdict);
    }

    [Fact]
    public void A_wider_stitch_never_fits_where_a_narrower_one_struck() =>
        Gen.Select(Gen.Double[0, 9], Gen.Double[0, 9], Gen.Double[1, 12], Gen.Int[60, 120])
            .Sample(
                (a, b, opening, size) =>
                {
                    var (narrow, wide) = (Math.Min(a, b), Math.Max(a, b));
                    Verdict At(double width) =>
                        Fitting
                            .Of(
                                new Combination(
                                    Foot: Foot($"opening={opening:R}"),
                                    Needle: Needle($"size={size}"),
                                    For: new Sewing(Length.FromMillimetres(width))
                                )
                            )
                            .Verdict;
                    return At(narrow) <= At(wide);
                }
            );

    [Fact]
    public void Steps_to_the_dial_and_back_are_the_same_within_its_ends() =>
        Gen.Select(Gen.Int[0, 8], Gen.Double[-6, 6])
            .Sample(
                (normal, steps) =>
                {
                    var dial = new TensionDial(normal, 0, 9);
                    var figure = dial.At(steps)!.Value;
                    return figure is >= 0 and <= 9
                        && Math.Abs(dial.StepsAt(figure)!.Value - dial.Reachable(steps)) < 1e-9
                        && (
                            normal + steps is < 0 or > 9
                            || Math.Abs(dial.Reachable(steps) - steps) < 1e-9
                        );
                }
            );

    internal static Owned<Machine> Machine(string said) => Owned<Machine>("machine", said);

    internal static Owned<Foot> Foot(string said) => Owned<Foot>("foot", said);

    internal static Owned<Needle> Needle(string said) => Owned<Needle>("needle", said);

    /// <summary>A thing from <c>field=value,field=value</c>.</summary>
    internal static Owned<T> Owned<T>(string kind, string said)
        where T : class, IThing
    {
        var pairs = said.Split(',', StringSplitOptions.RemoveEmptyEntries)
            .Select(p => p.Split('='))
            .ToDictionary(p => p[0], p => p[1]);
        var fields = ThingKinds.Named(kind)!;
        var reader = new InputReader(
            new RawInputs(
                pairs
                    .Where(p => p.Key != "id")
                    .ToDictionary(
                        p => p.Key,
                        p => Value(fields.Fields.Single(f => f.Name == p.Key), p.Value)
                    )
            ),
            Ruler.Metric
        );
        var thing = (T)fields.Read(reader);
        reader.Errors.ShouldBeEmpty(said);
        return new Owned<T>(pairs.GetValueOrDefault("id", ""), $"the {kind}", thing);
    }

    private static RawValue Value(Field field, string said) =>
        field switch
        {
            FlagField => RawValue.Of(said == "true"),
            NumberField or LengthField => RawValue.Of(
                double.Parse(said, System.Globalization.CultureInfo.InvariantCulture)
            ),
            ChoicesField => RawValue.Of([.. said.Split('+').Select(RawValue.Of)]),
            _ => RawValue.Of(said),
        };

    private static Combination Together(
        string machine,
        string foot,
        string needle,
        string stuff,
        string sewn
    )
    {
        var parts = sewn.Split(',', StringSplitOptions.RemoveEmptyEntries)
            .Select(p => p.Split('='))
            .ToDictionary(p => p[0], p => p.Length > 1 ? Mm(p[1]) : Length.Zero);
        var isThread =
            stuff.StartsWith("tex", StringComparison.Ordinal)
            || stuff.StartsWith("fibre", StringComparison.Ordinal);
        return new Combination(
            machine.Length > 0 ? Machine(machine) : null,
            foot.Length > 0 ? Foot(foot) : null,
            needle.Length > 0 ? Needle(needle) : null,
            isThread ? Owned<Supplies.Thread>("thread", stuff) : null,
            stuff.Length > 0 && !isThread ? Owned<Cloth>("cloth", stuff) : null,
            new Sewing(
                parts.GetValueOrDefault("width"),
                parts.GetValueOrDefault("offset"),
                parts.ContainsKey("down"),
                parts.TryGetValue("layers", out var layers) ? layers : null,
                parts.ContainsKey("bulky"),
                parts.TryGetValue("buildUp", out var high) ? high : null,
                parts.TryGetValue("differential", out var feed) ? feed.Millimetres : null,
                parts.ContainsKey("looper"),
                parts.ContainsKey("programmed")
            )
        );
    }

    private static Length Mm(string text) =>
        Length.FromMillimetres(
            double.Parse(text, System.Globalization.CultureInfo.InvariantCulture)
        );
}
