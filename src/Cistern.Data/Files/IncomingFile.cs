using System.Text;
using System.Text.Json;

namespace Cistern.Data.Files;

/// <summary>A file to be imported: its content, or why it is refused. It is imported completely or not at all.</summary>
/// <param name="Name">The file's name.</param>
/// <param name="Brews">The brews in it.</param>
/// <param name="Recipes">The recipes in it.</param>
/// <param name="Things">The things for the shelf in it.</param>
/// <param name="Findings">The findings; where one is an error, everything else is empty.</param>
public sealed record IncomingFile(string Name, IReadOnlyList<BrewRecord> Brews, IReadOnlyList<Recipe> Recipes, IReadOnlyList<ShelfThing> Things, IReadOnlyList<Finding> Findings)
{
    /// <summary>The largest file accepted, bytes.</summary>
    public const int MaxBytes = BrewReader.MaxFileBytes;

    /// <summary>Reads a file; its content determines its kind, not its name. No content makes it throw.</summary>
    /// <param name="name">Its name.</param>
    /// <param name="bytes">The content.</param>
    public static IncomingFile Read(string name, ReadOnlyMemory<byte> bytes)
    {
        var head = bytes.Span;
        if (head.IsEmpty)
        {
            return Refused(name, FindingKinds.FileEmpty);
        }

        if (head.Length > MaxBytes)
        {
            return Refused(name, FindingKinds.ImportTooLarge, MaxBytes / 1048576, head.Length / 1048576.0);
        }

        if (head.StartsWith("PK"u8))
        {
            return Refused(name, FindingKinds.ArchiveRefused);
        }

        if (head.StartsWith("SQLite format 3"u8))
        {
            return Refused(name, FindingKinds.DataFileRefused);
        }

        if (head.StartsWith((ReadOnlySpan<byte>)[0xFF, 0xFE]) || head.StartsWith((ReadOnlySpan<byte>)[0xFE, 0xFF]) || head[..Math.Min(head.Length, 4096)].Contains((byte)0))
        {
            return Refused(name, FindingKinds.OtherEncoding, "another encoding");
        }

        var at = head.StartsWith(Encoding.UTF8.Preamble) ? Encoding.UTF8.Preamble.Length : 0;
        while (at < head.Length && head[at] is (byte)' ' or (byte)'\n' or (byte)'\r' or (byte)'\t')
        {
            at++;
        }

        return at < head.Length && head[at] is (byte)'{' or (byte)'[' ? OfJson(name, bytes) : OfText(name, head);
    }

    private static IncomingFile OfText(string name, ReadOnlySpan<byte> bytes)
    {
        string text;
        try
        {
            text = new UTF8Encoding(encoderShouldEmitUTF8Identifier: false, throwOnInvalidBytes: true).GetString(bytes).TrimStart('\uFEFF');
        }
        catch (ArgumentException)
        {
            return Refused(name, FindingKinds.OtherEncoding, "bytes that are not");
        }

        if (!BrewTable.IsTable(text))
        {
            return Refused(name, FindingKinds.UnknownFile, string.Join(", ", BrewTable.Names.Take(8)));
        }

        var (brews, findings) = BrewTable.Read(text);
        return new IncomingFile(name, brews, [], [], findings);
    }

    private static IncomingFile OfJson(string name, ReadOnlyMemory<byte> bytes)
    {
        switch (FormatOf(bytes))
        {
            case Recipe.FormatName:
                var recipes = RecipeReader.Read(bytes);
                return new IncomingFile(name, [], recipes.Recipes, [], recipes.Findings);
            case ShelfFile.FormatName:
                var (things, findings) = ShelfFile.Read(bytes);
                return new IncomingFile(name, [], [], things, findings);
            default:
                // Anything else is read as brews, so that the findings say what is missing.
                var brews = BrewReader.Read(bytes);
                return new IncomingFile(name, brews.Brews, [], [], brews.Findings);
        }
    }

    /// <summary>The value of the first <c>format</c> of an object, or of the first object of an array; null where there is none.</summary>
    private static string? FormatOf(ReadOnlyMemory<byte> bytes)
    {
        try
        {
            var span = bytes.Span;
            var reader = new Utf8JsonReader(span.StartsWith(Encoding.UTF8.Preamble) ? span[Encoding.UTF8.Preamble.Length..] : span, new JsonReaderOptions { MaxDepth = 32 });
            reader.Read();
            var depth = reader.TokenType == JsonTokenType.StartArray ? 2 : 1;
            while (reader.Read())
            {
                if (reader.TokenType == JsonTokenType.PropertyName && reader.CurrentDepth == depth)
                {
                    var format = reader.ValueTextEquals("format");
                    reader.Read();
                    if (format)
                    {
                        return reader.TokenType == JsonTokenType.String ? reader.GetString() : null;
                    }

                    reader.Skip();
                }
            }
        }
        catch (Exception error) when (error is JsonException or InvalidOperationException)
        {
            // The reader of the whole file reports the place of the error.
        }

        return null;
    }

    private static IncomingFile Refused(string name, FindingKind kind, params object[] arguments) => new(name, [], [], [], [kind.At("", arguments)]);
}
