using System.Collections.Immutable;
using System.IO.Compression;
using System.Text;
using System.Text.Json.Nodes;

namespace Cistern.Data.Files;

/// <summary>
/// A recipe or a brew as a short text for a QR code: its JSON without white space, compressed (Brotli, RFC 7932) and encoded in the
/// alphanumeric alphabet (Base45, RFC 9285).
/// </summary>
public static class CodeText
{
    /// <summary>Prefix by which such a text is recognised.</summary>
    public const string Mark = "CISTERN1:";

    /// <summary>Terminator: a blank is a valid character, and one at the end could get lost.</summary>
    public const char End = '.';

    /// <summary>The most alphanumeric characters in one QR code: version 40 with the lowest error correction.</summary>
    public const int MaxLength = 4_296;

    /// <summary>The largest file that is decompressed, bytes: many times what a QR code holds, and quickly read.</summary>
    private const int MaxFileBytes = 256 * 1024;

    private const int Base = 45;
    private const string Alphabet = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:";

    /// <summary>A recipe as such a text; null where it is too long for one code.</summary>
    public static string? Of(Recipe recipe) => Write(RecipeWriter.Write(recipe));

    /// <summary>A brew as such a text, without readings and forecasts; null where it is too long for one code.</summary>
    public static string? Of(BrewRecord brew) =>
        Write(BrewWriter.Write(brew with { Kept = null, Forecast = null, Readings = ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty }));

    /// <summary>Reads such a text.</summary>
    /// <param name="text">As scanned or typed; surrounding white space is ignored.</param>
    /// <returns>The JSON, or what is wrong with the text.</returns>
    public static (string? Json, string? Problem) Read(string text)
    {
        const string Remedy = "Scan the code again, or copy the whole text.";
        var typed = text.Trim();
        if (!typed.StartsWith(Mark, StringComparison.OrdinalIgnoreCase))
        {
            return (null, $"That is not a code of Cistern: it does not begin with {Mark}");
        }

        if (typed[^1] != End)
        {
            return (null, $"Its end is missing: it ends with {End} {Remedy}");
        }

        if (Bytes(typed[Mark.Length..^1].ToUpperInvariant()) is not { } packed)
        {
            return (null, $"A character is wrong or missing. {Remedy}");
        }

        var file = new byte[MaxFileBytes];
        if (!BrotliDecoder.TryDecompress(packed, file, out var length) || length == 0)
        {
            return (null, $"It is incomplete or damaged. {Remedy}");
        }

        try
        {
            return (new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(file, 0, length), null);
        }
        catch (DecoderFallbackException)
        {
            return (null, $"It is damaged. {Remedy}");
        }
    }

    private static string? Write(string json)
    {
        const int MostCompression = 11;
        const int Window = 22;
        var plain = Encoding.UTF8.GetBytes(JsonNode.Parse(json)!.ToJsonString());
        var packed = new byte[BrotliEncoder.GetMaxCompressedLength(plain.Length)];
        if (!BrotliEncoder.TryCompress(plain, packed, out var length, MostCompression, Window))
        {
            return null;
        }

        var text = Mark + Encode(packed.AsSpan(0, length)) + End;
        return text.Length <= MaxLength ? text : null;
    }

    /// <summary>Two bytes become three characters, one becomes two: RFC 9285.</summary>
    private static string Encode(ReadOnlySpan<byte> bytes)
    {
        var text = new StringBuilder(bytes.Length * 3 / 2 + 2);
        for (var i = 0; i < bytes.Length; i += 2)
        {
            var two = i + 1 < bytes.Length;
            var value = two ? (bytes[i] << 8) | bytes[i + 1] : bytes[i];
            for (var digit = 0; digit < (two ? 3 : 2); digit++)
            {
                text.Append(Alphabet[value % Base]);
                value /= Base;
            }
        }

        return text.ToString();
    }

    private static byte[]? Bytes(string letters)
    {
        var bytes = new List<byte>(letters.Length * 2 / 3 + 1);
        for (var i = 0; i < letters.Length; i += 3)
        {
            var count = Math.Min(3, letters.Length - i);
            var value = 0;
            for (var digit = count - 1; digit >= 0; digit--)
            {
                var place = Alphabet.IndexOf(letters[i + digit], StringComparison.Ordinal);
                if (place < 0)
                {
                    return null;
                }

                value = (value * Base) + place;
            }

            if (count == 1 || value > (count == 3 ? ushort.MaxValue : byte.MaxValue))
            {
                return null;
            }

            if (count == 3)
            {
                bytes.Add((byte)(value >> 8));
            }

            bytes.Add((byte)value);
        }

        return [.. bytes];
    }
}
