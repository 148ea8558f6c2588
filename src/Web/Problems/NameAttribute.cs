using System.ComponentModel.DataAnnotations;

namespace ZephyrReach.Web.Problems;

/// <summary>A name to find something by: not only spaces, and no longer than a line. Null is for <c>Required</c> to refuse.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class NameAttribute : StringLengthAttribute
{
    /// <param name="most">The most characters, 1 or more.</param>
    public NameAttribute(int most = 200)
        : base(most) => MinimumLength = 1;

    public override bool IsValid(object? value) =>
        base.IsValid(value) && (value is null || !string.IsNullOrWhiteSpace((string)value));

    public override string FormatErrorMessage(string name) =>
        $"A name has to say something, in at most {MaximumLength} characters.";
}
