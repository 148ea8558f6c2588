using System.Text.Json;
using CsCheck;
using ZephyrReach.Core.Answers;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Inputs;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Core.Tests;

/// <summary>Keeps what an answer tells, by name, so that a test can compare it.</summary>
internal sealed class Captured
{
    private readonly Dictionary<string, object> told;

    private Captured(IReadOnlyList<Figure> figures, object of) =>
        told = figures
            .Select(f => (f.Name, Value: f.Take(of) is { } value ? Plain(f, value) : null))
            .Where(f => f.Value is not null)
            .ToDictionary(f => f.Name, f => f.Value!);

    public IReadOnlyCollection<string> Names => told.Keys;

    public double this[string name] => Convert.ToDouble(told[name], null);

    public static Captured From(Result answer) => new(answer.Figures, answer);

    private static object Plain(Figure figure, object value) =>
        value switch
        {
            Length length => length.Millimetres,
            IReadOnlyList<Length> lengths => lengths.Select(l => l.Millimetres).ToList(),
            IReadOnlyList<int> counts => counts.Select(c => (double)c).ToList(),
            _ when figure.Shape == FigureShape.Table => ((IReadOnlyList<object>)value)
                .Select(row => new Captured(figure.Inner, row))
                .ToList(),
            _ when figure.Shape == FigureShape.Group => new Captured(figure.Inner, value),
            _ => value,
        };

    public IReadOnlyList<double> List(string name) => (IReadOnlyList<double>)told[name];

    public IReadOnlyList<IReadOnlyList<Drawings.Point>> Polylines(string name) =>
        (IReadOnlyList<IReadOnlyList<Drawings.Point>>)told[name];

    public IReadOnlyList<Captured> Rows(string name) => (IReadOnlyList<Captured>)told[name];

    public Captured Inner(string name) => (Captured)told[name];

    public string Said(string name) => (string)told[name];

    /// <summary>That no figure is anything but a figure.</summary>
    public void ShouldBeFinite()
    {
        foreach (var (name, value) in told)
        {
            switch (value)
            {
                case double figure:
                    double.IsFinite(figure).ShouldBeTrue(name);
                    break;
                case IReadOnlyList<double> figures:
                    figures.ShouldAllBe(f => double.IsFinite(f), name);
                    break;
                case IReadOnlyList<Captured> rows:
                    rows.ToList().ForEach(r => r.ShouldBeFinite());
                    break;
                case Captured inner:
                    inner.ShouldBeFinite();
                    break;
            }
        }
    }
}

/// <summary>Makes asks for tests.</summary>
internal static class Asked
{
    /// <summary>Any gathered strip that can be answered, in any combination of ring, fold, direction and rows.</summary>
    public static readonly Gen<RawInputs> AnyAwning =
        from edge in Gen.Double[5, 40_000]
        from fullness in Gen.Double[1, 6]
        from depth in Gen.Double[5, 900]
        from allowances in Gen.Double[0, 25].Array[4]
        from width in Gen.Double[120, 3000]
        from flags in Gen.Bool.Array[3]
        from rows in Gen.Int[0, 3]
        select Awning(
            ("finishedEdge", edge),
            ("fullness", fullness),
            ("finishedDepth", depth),
            ("seamAllowance", allowances[0]),
            ("hemAllowance", allowances[1]),
            ("joinAllowance", allowances[2]),
            ("endAllowance", allowances[3]),
            ("clothWidth", width),
            ("closed", flags[0]),
            ("doubled", flags[1]),
            ("cut", flags[2] ? "along" : "across"),
            (
                "rows",
                new[] { "two-inside", "two-straddling", "three-straddling", "over-threads" }[rows]
            )
        );

    /// <summary>Reads an ask out of JSON, as the web does.</summary>
    public static RawInputs FromJson(JsonElement ask) =>
        new(ask.EnumerateObject().ToDictionary(p => p.Name, p => ValueOf(p.Value)));

    /// <summary>The awning valance of the demonstration, with some fields said otherwise.</summary>
    public static RawInputs Awning(params (string Field, object Value)[] but) =>
        but.Aggregate(
            Techniques.WorkingOf("pulled-gathers")!.Forward.Example,
            (ask, b) => ask.With(b.Field, RawValue.Of(b.Value))
        );

    private static RawValue ValueOf(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.Number => RawValue.Of(value.GetDouble()),
            JsonValueKind.String => RawValue.Of(value.GetString()!),
            JsonValueKind.True or JsonValueKind.False => RawValue.Of(value.GetBoolean()),
            JsonValueKind.Object => RawValue.Of(FromJson(value)),
            JsonValueKind.Array => RawValue.Of([.. value.EnumerateArray().Select(ValueOf)]),
            _ => RawValue.Unusable,
        };
}
