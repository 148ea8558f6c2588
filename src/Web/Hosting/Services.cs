using System.Text.Json;
using System.Text.Json.Serialization;
using OpenTelemetry.Metrics;
using OpenTelemetry.Trace;
using ZephyrReach.Store;
using ZephyrReach.Web.CutLists;
using ZephyrReach.Web.Documents;
using ZephyrReach.Web.Drawer;
using ZephyrReach.Web.Planning;
using ZephyrReach.Web.Problems;
using ZephyrReach.Web.Reckon;
using ZephyrReach.Web.Requests;

namespace ZephyrReach.Web.Hosting;

/// <summary>What the program is made of.</summary>
public static class Services
{
    public static void Add(WebApplicationBuilder builder, Settings settings)
    {
        // The client is built beside the program, and served from there whatever the environment is called.
        builder.WebHost.UseStaticWebAssets();
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.ListenLocalhostOnly(settings.Port);
            kestrel.AddServerHeader = false;
            // What waits to be read of a file that is not admitted yet: times two hundred at once.
            kestrel.Limits.MaxRequestBufferSize = 256 * 1024;
            // Who reads more slowly than that holds what is being sent from the others.
            kestrel.Limits.MinResponseDataRate = new(32 * 1024, TimeSpan.FromSeconds(10));
        });
        builder.Logging.ClearProviders();
        builder.Logging.AddJsonConsole(options => options.UseUtcTimestamp = true);
        builder.Logging.SetMinimumLevel(LogLevel.Warning);

        var services = builder.Services;
        // Who is still served then is cut off: what takes longer ends with its budget.
        services.Configure<HostOptions>(o => o.ShutdownTimeout = TimeSpan.FromSeconds(4));
        services.AddSingleton<Access>();
        services.AddSingleton(s => Database.SourceOf(s.GetRequiredService<Access>().Connection));
        services.AddSingleton(TimeProvider.System);
        services.AddSingleton(new Room(Environment.GetEnvironmentVariable("ZR_ROOM")));
        services.AddSingleton<Database>();
        services.AddSingleton<WorkroomStore>();
        services.AddSingleton<ProjectStore>();
        services.AddSingleton<WorkingStore>();
        services.AddSingleton<SwatchStore>();
        services.AddSingleton<SwatchBookStore>();
        services.AddSingleton<PhotographStore>();
        services.AddSingleton<ProjectLoader>();
        services.AddSingleton<CutListStore>();
        services.AddSingleton<PracticeStore>();
        services.AddSingleton<KeepStore>();
        services.AddSingleton<HistoryStore>();
        services.AddSingleton<FindStore>();
        services.AddSingleton<ThingStore>();
        services.AddSingleton<TriedStore>();
        services.AddSingleton<DrawerReader>();
        services.AddSingleton<LoadStore>();
        services.AddSingleton<ArchiveStore>();
        services.AddSingleton<CurrentWorkroom>();
        services.AddSingleton<Desk>();
        services.AddSingleton<Freezer>();
        services.AddSingleton<BundleLoader>();

        services.AddProblemDetails(options =>
            options.CustomizeProblemDetails = context => CamelCaseFields(context.ProblemDetails)
        );
        services.AddExceptionHandler<Refusals>();
        services.AddValidation();
        services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
        services.ConfigureHttpJsonOptions(options =>
        {
            CraftJson.Extend(options.SerializerOptions);
            options.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            options.SerializerOptions.AllowDuplicateProperties = false;
        });
        services.AddOpenApi(
            DocumentEndpoint.Name,
            options =>
                options.AddDocumentTransformer<CraftDocument>().AddOperationTransformer<Units>()
        );
        AddWatching(builder);
    }

    /// <summary>Names the fields of a refused body as the body names them.</summary>
    private static void CamelCaseFields(Microsoft.AspNetCore.Mvc.ProblemDetails problem)
    {
        if (problem is not HttpValidationProblemDetails { Errors: var errors })
        {
            return;
        }
        foreach (var (field, says) in errors.ToList())
        {
            errors.Remove(field);
            errors[
                string.Join('.', field.Split('.').Select(JsonNamingPolicy.CamelCase.ConvertName))
            ] = says;
        }
    }

    /// <summary>Metrics and traces, off unless somewhere to send them is configured.</summary>
    private static void AddWatching(WebApplicationBuilder builder)
    {
        if (string.IsNullOrEmpty(builder.Configuration["OTEL_EXPORTER_OTLP_ENDPOINT"]))
        {
            return;
        }
        builder
            .Services.AddOpenTelemetry()
            .WithMetrics(m => m.AddAspNetCoreInstrumentation().AddMeter("Npgsql").AddOtlpExporter())
            .WithTracing(t =>
                t.AddAspNetCoreInstrumentation().AddSource("Npgsql").AddOtlpExporter()
            );
    }

    private static void ListenLocalhostOnly(
        this Microsoft.AspNetCore.Server.Kestrel.Core.KestrelServerOptions kestrel,
        int port
    ) => kestrel.Listen(System.Net.IPAddress.Loopback, port);
}
