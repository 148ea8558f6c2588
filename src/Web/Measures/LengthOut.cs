using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Measures;

/// <summary>A length as it goes out: exact in mm, rounded in its text.</summary>
public sealed record LengthOut(double Mm, string Text)
{
    public static LengthOut Of(Length length, LengthKind kind, Ruler ruler) =>
        new(length.Millimetres, ruler.Write(length, kind));
}
