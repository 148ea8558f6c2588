using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Asks with groups and lists of groups, one within the other: read, checked, walked and changed by their paths.</summary>
public class WalkTests
{
    private static readonly LengthField Radius = Mm("radius");
    private static readonly NumberField Turns = new NumberField(
        "turns",
        "Turns",
        1,
        9,
        IsNeeded: false
    );
    private static readonly GroupField Corner = new GroupField("corner", "Corner", [Radius, Turns]);
    private static readonly GroupsField Path = new GroupsField(
        "path",
        "Path",
        [Mm("along"), Corner],
        3
    );
    private static readonly IReadOnlyList<Field> Fields = [Mm("edge"), Path];

    private static readonly RawInputs Said = RawInputs.Of(
        ("edge", "2 m"),
        (
            "path",
            new[]
            {
                RawInputs.Of(
                    ("along", "10 cm"),
                    ("corner", RawInputs.Of(("radius", 5), ("turns", 2)))
                ),
                RawInputs.Of(("along", "20 cm"), ("corner", RawInputs.Of(("radius", "3 mm")))),
            }
        )
    );

    [Fact]
    public void Each_length_is_visited_by_its_path()
    {
        List<string> paths = [];

        Walk.Lengths(Fields, Said, (path, _, _) => paths.Add(path));

        paths.ShouldBe([
            "edge",
            "path[0].along",
            "path[0].corner.radius",
            "path[1].along",
            "path[1].corner.radius",
        ]);
    }

    [Fact]
    public void What_no_field_takes_is_named_by_its_path()
    {
        Walk.Unknown(Fields, Said).ShouldBeNull();
        Walk.Unknown(Fields, Said.With("colour", RawValue.Of("red"))).ShouldBe("colour");
        var strange = RawInputs.Of(
            ("path", new[] { RawInputs.Of(("corner", RawInputs.Of(("radios", 5)))) })
        );
        Walk.Unknown(Fields, strange).ShouldBe("path[0].corner.radios");
    }

    [Fact]
    public void Values_are_changed_at_whatever_depth_and_all_else_stays()
    {
        var doubled = Walk.Map(
            Fields,
            Said,
            (field, value) =>
                field is LengthField && value.Number is { } mm ? RawValue.Of(mm * 2) : value
        );

        var corner = doubled.Values["path"].List![0].Group!.Values["corner"].Group!;
        corner.Values["radius"].Number.ShouldBe(10);
        corner.Values["turns"].Number.ShouldBe(2);
        doubled.Values["edge"].Text.ShouldBe("2 m");
        doubled.Values["path"].List!.Count.ShouldBe(2);
    }

    [Fact]
    public void What_is_wrong_within_a_group_is_named_by_its_path()
    {
        var reader = new InputReader(
            RawInputs.Of(
                (
                    "path",
                    new[]
                    {
                        RawInputs.Of(("along", "10 cm"), ("corner", RawInputs.Of(("radius", 5)))),
                        RawInputs.Of(("corner", RawInputs.Of(("radius", "wide"), ("turns", 40)))),
                    }
                )
            ),
            Ruler.Metric
        );

        foreach (var group in reader.Groups(Path))
        {
            group.Length((LengthField)Path.Fields[0]);
            var corner = group.Group(Corner);
            corner?.Length(Radius);
            corner?.OptionalNumber(Turns);
        }

        reader
            .Errors.Select(e => (e.Field, e.Refusal))
            .ShouldBe([
                ("path[1].along", Refusal.Missing),
                ("path[1].corner.radius", Refusal.Unusable),
                ("path[1].corner.turns", Refusal.Unusable),
            ]);
    }

    [Fact]
    public void A_list_that_is_none_or_too_long_is_refused_as_a_whole()
    {
        string[] Refused(object said)
        {
            var reader = new InputReader(RawInputs.Of(("path", said)), Ruler.Metric);
            reader.Groups(Path).ShouldBeEmpty();
            return [.. reader.Errors.Select(e => e.Field)];
        }

        Refused("round").ShouldBe(["path"]);
        Refused(Enumerable.Repeat(RawInputs.Empty, 4).ToArray()).ShouldBe(["path"]);
    }

    private static LengthField Mm(string name) =>
        new LengthField(name, name, Length.Zero, Length.FromMillimetres(10_000));
}
