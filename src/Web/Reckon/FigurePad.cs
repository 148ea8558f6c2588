using System.Buffers;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using ZephyrReach.Core.Craft;
using ZephyrReach.Core.Measures;

namespace ZephyrReach.Web.Reckon;

/// <summary>Writes the figures of an answer as JSON: a length is its mm and its text.</summary>
/// <remarks>
/// An answer holds some eighty lengths. A general writer looks at every name and every text for what has to be escaped,
/// and keeps track of where commas go, which together costs more than the reckoning. Names here are the API's own and
/// lengths are digits and units, so only texts are escaped. What is no figure goes through the general writer, as a
/// part.
/// </remarks>
public sealed class FigurePad : IFigures, IBufferWriter<byte>
{
    /// <summary>No length writes more bytes than this.</summary>
    private const int MostBytesOfLength = LengthText.MostBytes + JsonNumber.MostBytes + 20;

    /// <summary>What a JSON text has to escape, and controls: texts with any of these are rare.</summary>
    private static readonly SearchValues<char> Escaped = SearchValues.Create([
        '"',
        '\\',
        .. Enumerable.Range(0, 0x20).Select(c => (char)c),
        .. Enumerable.Range(0x7F, 0x21).Select(c => (char)c),
    ]);

    [ThreadStatic]
    private static FigurePad? ofThread;

    private byte[] bytes = new byte[16 * 1024];
    private Utf8JsonWriter? part;
    private int at;
    private bool isFirst;
    private Ruler ruler = Ruler.Metric;

    /// <summary>The pad of the running thread, which nobody else uses before the next wait.</summary>
    public static FigurePad OfThread => ofThread ??= new FigurePad();

    /// <summary>What was written since the pad was last begun; holds until it is begun again.</summary>
    public ReadOnlyMemory<byte> Written => bytes.AsMemory(0, at);

    /// <summary>Begins an answer on an empty pad.</summary>
    /// <param name="against">The ruler that lengths are written against.</param>
    public void Begin(Ruler against)
    {
        (at, ruler, isFirst) = (0, against, true);
        Put("{"u8);
    }

    /// <summary>Ends the answer.</summary>
    public void End() => Put("}"u8);

    /// <summary>Writes a value that the general writer knows how to write.</summary>
    public void Part(string name, Action<Utf8JsonWriter> write)
    {
        Name(name);
        part ??= new Utf8JsonWriter(this, ReckonEndpoints.WriterOptions);
        part.Reset(this);
        write(part);
        part.Flush();
    }

    public void Advance(int count) => at += count;

    public Memory<byte> GetMemory(int sizeHint = 0)
    {
        Room(Math.Max(1, sizeHint));
        return bytes.AsMemory(at);
    }

    public Span<byte> GetSpan(int sizeHint = 0) => Room(Math.Max(1, sizeHint));

    public void Length(string name, Length length, LengthKind kind)
    {
        Name(name);
        Write(length, kind);
    }

    public void Lengths(string name, IReadOnlyList<Length> lengths, LengthKind kind)
    {
        Name(name);
        Put("["u8);
        for (var i = 0; i < lengths.Count; i++)
        {
            Put(i == 0 ? default : ","u8);
            Write(lengths[i], kind);
        }
        Put("]"u8);
    }

    public void Count(string name, int count)
    {
        Name(name);
        Number(count);
    }

    public void Counts(string name, IReadOnlyList<int> counts)
    {
        Name(name);
        Put("["u8);
        for (var i = 0; i < counts.Count; i++)
        {
            Put(i == 0 ? default : ","u8);
            Number(counts[i]);
        }
        Put("]"u8);
    }

    public void Ratio(string name, double ratio)
    {
        Name(name);
        Number(ratio);
    }

    public void Flag(string name, bool flag)
    {
        Name(name);
        Put(flag ? "true"u8 : "false"u8);
    }

    public void Text(string name, string text)
    {
        Name(name);
        if (text.AsSpan().ContainsAny(Escaped))
        {
            text = JavaScriptEncoder.UnsafeRelaxedJsonEscaping.Encode(text);
        }
        // UTF-8 takes up to three bytes a character.
        var room = Room(3 * text.Length + 2);
        room[0] = (byte)'"';
        var end = 1 + Encoding.UTF8.GetBytes(text, room[1..]);
        room[end] = (byte)'"';
        at += end + 1;
    }

    public void Table(string name, int rows, Action<int, IFigures> row)
    {
        Name(name);
        Put("["u8);
        for (var i = 0; i < rows; i++)
        {
            Put(i == 0 ? "{"u8 : ",{"u8);
            isFirst = true;
            row(i, this);
            Put("}"u8);
        }
        Put("]"u8);
        isFirst = false;
    }

    public void Group(string name, Action<IFigures> figures)
    {
        Name(name);
        Put("{"u8);
        isFirst = true;
        figures(this);
        Put("}"u8);
        isFirst = false;
    }

    /// <summary>Writes one length where the general writer stands.</summary>
    public static void Write(Utf8JsonWriter json, Length length, LengthKind kind, Ruler ruler)
    {
        Span<byte> written = stackalloc byte[MostBytesOfLength];
        var end = Write(length, kind, ruler, written);
        json.WriteRawValue(written[..end], skipInputValidation: true);
    }

    /// <summary>Writes one length: exact in mm, rounded in its text.</summary>
    /// <param name="written">Takes at least <see cref="MostBytesOfLength"/>.</param>
    /// <returns>How many bytes were written.</returns>
    private static int Write(Length length, LengthKind kind, Ruler ruler, Span<byte> written)
    {
        "{\"mm\":"u8.CopyTo(written);
        var at = 6;
        at += JsonNumber.Write(length.Millimetres, written[at..]);
        ",\"text\":\""u8.CopyTo(written[at..]);
        at += 9;
        at += LengthText.Write(length, kind, ruler, written[at..]);
        "\"}"u8.CopyTo(written[at..]);
        return at + 2;
    }

    private void Name(string name)
    {
        var room = Room(name.Length + 4);
        var end = 0;
        if (!isFirst)
        {
            room[end++] = (byte)',';
        }
        isFirst = false;
        room[end++] = (byte)'"';
        end += Encoding.ASCII.GetBytes(name, room[end..]);
        room[end++] = (byte)'"';
        room[end++] = (byte)':';
        at += end;
    }

    private void Number(double number) =>
        at += JsonNumber.Write(number, Room(JsonNumber.MostBytes));

    private void Write(Length length, LengthKind kind) =>
        at += Write(length, kind, ruler, Room(MostBytesOfLength));

    private void Put(ReadOnlySpan<byte> piece)
    {
        piece.CopyTo(Room(piece.Length));
        at += piece.Length;
    }

    private Span<byte> Room(int size)
    {
        if (bytes.Length - at < size)
        {
            Array.Resize(ref bytes, Math.Max(2 * bytes.Length, at + size));
        }
        return bytes.AsSpan(at);
    }
}
