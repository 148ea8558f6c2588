using System.Buffers;
using System.Text.Encodings.Web;
using System.Text.Json;
using Microsoft.Extensions.ObjectPool;
using ZephyrReach.Core;

namespace ZephyrReach.Web.Reckon;

/// <summary>An answer that writes itself as one JSON object.</summary>
/// <remarks>
/// It is written whole before the first byte goes out, so that what fails on the way is still answered as a problem; into a
/// buffer that is used again.
/// </remarks>
internal sealed class Written : IResult
{
    /// <summary>An answer is no larger; more nobody looks at.</summary>
    public const int Most = 8 * 1024 * 1024;

    private static readonly JsonWriterOptions Options = new()
    {
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        // What writes is declared once for all answers, and tests read what it writes.
        SkipValidation = true,
    };

    private static readonly ObjectPool<ArrayBufferWriter<byte>> Buffers =
        new DefaultObjectPoolProvider().Create(new Cleared());

    private readonly ArrayBufferWriter<byte> buffer = Buffers.Get();

    /// <exception cref="TooMuchException">It would be larger than <see cref="Most"/>.</exception>
    public Written(Action<Utf8JsonWriter> write)
    {
        using var json = new Utf8JsonWriter(new Bounded(buffer), Options);
        write(json);
    }

    public async Task ExecuteAsync(HttpContext httpContext)
    {
        try
        {
            using var room = await UnderWay.EnterAsync(
                buffer.WrittenCount,
                httpContext.RequestAborted
            );
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
    public JsonElement Read() => JsonDocument.Parse(buffer.WrittenMemory.ToArray()).RootElement;

    /// <summary>A buffer that refuses to grow beyond an answer.</summary>
    private sealed class Bounded(ArrayBufferWriter<byte> inner) : IBufferWriter<byte>
    {
        public void Advance(int count) => inner.Advance(count);

        public Memory<byte> GetMemory(int sizeHint = 0)
        {
            Look(sizeHint);
            return inner.GetMemory(sizeHint);
        }

        public Span<byte> GetSpan(int sizeHint = 0)
        {
            Look(sizeHint);
            return inner.GetSpan(sizeHint);
        }

        private void Look(int more)
        {
            if (inner.WrittenCount + more > Most)
            {
                throw new TooMuchException("The answer would be larger than anybody looks at.");
            }
        }
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
