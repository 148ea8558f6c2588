using System.ComponentModel.DataAnnotations;

namespace ZephyrReach.Web.Problems;

/// <summary>An id as clients make them: a UUID of version 7, so that ids sort by when they were made.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class Uuid7Attribute : ValidationAttribute
{
    public Uuid7Attribute()
        : base("The id must be a UUID of version 7, made by the client.") { }

    public override bool IsValid(object? value) => value is Guid { Version: 7 };
}
