using System.Buffers;
using System.Text.Encodings.Web;
using System.Text.Json;
using Microsoft.Extensions.ObjectPool;

namespace ZephyrReach.Web.Reckon;

/// <summary>An answer that writes itself as one JSON object.</summary>
/// <remarks>
/// It is written whole before the first byte goes out, so that what fails on the way is still answered as a problem; into a
/// buffer that is used again.
/// </remarks>
internal sealed class Written(Action<Utf8JsonWriter> write) : IResult
{
    private static readonly JsonWriterOptions Options = new()
    {
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        // What writes is declared once for all answers, and tests read what it writes.
        SkipValidation = true,
    };

    private static readonly ObjectPool<ArrayBufferWriter<byte>> Buffers =
        new DefaultObjectPoolProvider().Create(new Cleared());

    public async Task ExecuteAsync(HttpContext httpContext)
    {
        var buffer = Buffers.Get();
        try
        {
            WriteTo(buffer);
            httpContext.Response.ContentType = "application/json; charset=utf-8";
            httpContext.Response.ContentLength = buffer.WrittenCount;
            await httpContext.Response.BodyWriter.WriteAsync(
                buffer.WrittenMemory,
                CancellationToken.None
            );
        }
        finally
        {
            Buffers.Return(buffer);
        }
    }

    /// <summary>The object by itself.</summary>
    public JsonElement Read()
    {
        var buffer = new ArrayBufferWriter<byte>();
        WriteTo(buffer);
        return JsonDocument.Parse(buffer.WrittenMemory).RootElement;
    }

    private void WriteTo(ArrayBufferWriter<byte> buffer)
    {
        using var json = new Utf8JsonWriter(buffer, Options);
        write(json);
    }

    private sealed class Cleared : PooledObjectPolicy<ArrayBufferWriter<byte>>
    {
        /// <summary>One that a large answer has grown is let go.</summary>
        private const int Largest = 256 * 1024;

        public override ArrayBufferWriter<byte> Create() => new(16 * 1024);

        public override bool Return(ArrayBufferWriter<byte> obj)
        {
            obj.ResetWrittenCount();
            return obj.Capacity <= Largest;
        }
    }
}
