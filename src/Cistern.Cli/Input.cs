using Cistern.Core.Recipes;

namespace Cistern.Cli;

/// <summary>Files and standard input.</summary>
internal static class Input
{
    /// <summary>The bytes of a file or of standard input; null, with a message on standard error, where they cannot be read.</summary>
    /// <param name="path">The file; - is standard input.</param>
    /// <param name="most">The limit, bytes.</param>
    public static byte[]? Read(string path, int most = RecipeReader.LargestFileBytes)
    {
        try
        {
            using var input = path == "-" ? Console.OpenStandardInput() : File.OpenRead(path);
            // One byte beyond the limit is enough to know that it is too large.
            var buffer = new byte[most + 1];
            var length = input.ReadAtLeast(buffer, buffer.Length, throwOnEndOfStream: false);
            return buffer[..length];
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or NotSupportedException)
        {
            Console.Error.WriteLine($"error: {path}: the file cannot be read. {error.Message}");
            return null;
        }
    }
}
