namespace ZephyrReach.Core.Paths;

/// <summary>An edge of the outline, turned so that the lines lie level.</summary>
internal readonly record struct HatchEdge(double U1, double V1, double U2, double V2)
{
    public double Low => Math.Min(V1, V2);

    public double High => Math.Max(V1, V2);

    /// <summary>Where it lies at a height that it crosses.</summary>
    public double At(double v) => U1 + (U2 - U1) * (v - V1) / (V2 - V1);

    /// <summary>From where to where it reaches between two heights.</summary>
    public (double Left, double Right) Between(double upper, double lower)
    {
        var (a, b) =
            V1 == V2
                ? (U1, U2)
                : (At(Math.Clamp(V1, upper, lower)), At(Math.Clamp(V2, upper, lower)));
        return (Math.Min(a, b), Math.Max(a, b));
    }

    /// <summary>Whether a way meets it, between its own ends.</summary>
    public bool IsMet((double U, double V) from, (double U, double V) to)
    {
        var (du, dv) = (to.U - from.U, to.V - from.V);
        // Where along the way, and where along the edge, the two meet.
        var (eu, ev) = (U2 - U1, V2 - V1);
        var across = du * ev - dv * eu;
        if (Math.Abs(across) < 1e-12)
        {
            return false;
        }
        var t = ((U1 - from.U) * ev - (V1 - from.V) * eu) / across;
        var s = ((U1 - from.U) * dv - (V1 - from.V) * du) / across;
        return t is > 1e-6 and < 1 - 1e-6 && s is >= 0 and <= 1;
    }
}
