namespace ZephyrReach.Web.Problems;

/// <summary>A request that is refused before its handler has seen it.</summary>
public sealed class RefusedException : Exception
{
    public RefusedException(IResult answer)
        : base("The request is refused.") => Answer = answer;

    public RefusedException()
        : this(Results.BadRequest()) { }

    public RefusedException(string message)
        : this(Results.Problem(title: message, statusCode: StatusCodes.Status400BadRequest)) { }

    public RefusedException(string message, Exception inner)
        : base(message, inner) => Answer = Results.BadRequest();

    /// <summary>What is answered.</summary>
    public IResult Answer { get; }
}
