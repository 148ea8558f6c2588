namespace ZephyrReach.Core.Practice;

/// <summary>A stitch as it fell on the cloth.</summary>
/// <param name="X">In mm from the left of the cloth.</param>
/// <param name="Y">In mm from its top.</param>
/// <param name="At">When, in seconds from the first press of the pedal.</param>
public readonly record struct Fallen(double X, double Y, double At);
