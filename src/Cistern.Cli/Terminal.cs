using System.Text;

namespace Cistern.Cli;

/// <summary>Where a command reads and writes: results go to <see cref="Out"/>, findings and progress to <see cref="Error"/>.</summary>
/// <param name="input">Standard input.</param>
/// <param name="output">Standard output.</param>
/// <param name="error">Standard error.</param>
public sealed class Terminal(Stream input, TextWriter output, TextWriter error) : IDisposable
{
    /// <summary>Standard output.</summary>
    public TextWriter Out => output;

    /// <summary>Standard error.</summary>
    public TextWriter Error => error;

    /// <summary>The terminal of this process. It writes UTF-8 in every locale, because JSON is UTF-8.</summary>
    public static Terminal OfProcess() => new(Console.OpenStandardInput(), Writer(Console.OpenStandardOutput()), Writer(Console.OpenStandardError()));

    /// <summary>The bytes of a file or of standard input; null, with a message on standard error, where they cannot be read.</summary>
    /// <param name="path">The file; - is standard input.</param>
    /// <param name="most">The limit, bytes.</param>
    public byte[]? Read(string path, int most = RecipeReader.MaxFileBytes)
    {
        try
        {
            using var file = path == "-" ? null : File.OpenRead(path);
            // One byte beyond the limit is enough to know that it is too large.
            var buffer = new byte[most + 1];
            var length = (file ?? input).ReadAtLeast(buffer, buffer.Length, throwOnEndOfStream: false);
            return buffer[..length];
        }
        catch (Exception refused) when (refused is IOException or UnauthorizedAccessException or NotSupportedException)
        {
            error.WriteLine($"error: {path}: the file cannot be read. {refused.Message}");
            return null;
        }
    }

    /// <summary>Writes a file's findings on standard error.</summary>
    /// <param name="path">The file; - is standard input.</param>
    /// <param name="findings">What was found.</param>
    public void Tell(string path, IEnumerable<Finding> findings)
    {
        foreach (var finding in findings)
        {
            error.WriteLine($"{(path == "-" ? "standard input" : path)}: {finding}");
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        input.Dispose();
        output.Dispose();
        error.Dispose();
    }

    private static StreamWriter Writer(Stream stream) => new(stream, new UTF8Encoding(encoderShouldEmitUTF8Identifier: false)) { AutoFlush = true };
}
