using System.Reflection;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Documents;

/// <summary>Says of every operation that writes figures that it takes the units they are written in.</summary>
internal sealed class Units : IOpenApiOperationTransformer
{
    public Task TransformAsync(
        OpenApiOperation operation,
        OpenApiOperationTransformerContext context,
        CancellationToken cancellationToken
    )
    {
        var handler = context
            .Description.ActionDescriptor.EndpointMetadata.OfType<MethodInfo>()
            .LastOrDefault();
        if (handler?.GetParameters().Any(p => p.ParameterType == typeof(Here)) == true)
        {
            operation.Parameters ??= [];
            operation.Parameters.Add(
                new OpenApiParameter
                {
                    Name = "units",
                    In = ParameterLocation.Query,
                    Description = "metric or imperial; else the workroom's own.",
                    Schema = new OpenApiSchema
                    {
                        Type = JsonSchemaType.String,
                        Enum = ["metric", "imperial"],
                    },
                }
            );
        }
        return Task.CompletedTask;
    }
}
