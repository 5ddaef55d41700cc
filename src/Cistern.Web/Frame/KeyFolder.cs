using System.Security;
using System.Xml;
using System.Xml.Linq;

namespace Cistern.Web.Frame;

/// <summary>The folder of the keys that protect forms, beside the data file. The framework reads and writes the keys.</summary>
public static class KeyFolder
{
    /// <summary>Where the keys of a data file lie.</summary>
    public static string Of(DataFile file) => file.Path + ".keys";

    /// <summary>Creates the folder, readable only by its owner, and renames keys that cannot be read, since the framework would fail on every page.</summary>
    /// <param name="folder">The folder.</param>
    /// <param name="log">Receives each renamed key.</param>
    public static DirectoryInfo Prepare(string folder, ILogger log)
    {
        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(folder);
        }
        else
        {
            const UnixFileMode Owner = UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute;
            Directory.CreateDirectory(folder, Owner);
            File.SetUnixFileMode(folder, Owner);
        }

        foreach (var path in Directory.GetFiles(folder, "*.xml"))
        {
            if (!IsReadable(path))
            {
                log.LogWarning("Data protection key {Path} cannot be read; renamed it to .unreadable. Forms that are open have to be loaded again.", path);
                File.Move(path, path + ".unreadable", overwrite: true);
            }
        }

        return new DirectoryInfo(folder);
    }

    /// <summary>What is wrong with the keys, as a sentence; null where nothing is.</summary>
    public static string? Problem(string folder) =>
        !Directory.Exists(folder) || Directory.GetFiles(folder, "*.xml") is { Length: 0 } ? $"the keys of its forms are missing from {folder}"
        : Array.TrueForAll(Directory.GetFiles(folder, "*.xml"), IsReadable) ? null : $"a key of its forms in {folder} cannot be read";

    private static bool IsReadable(string path)
    {
        try
        {
            return XDocument.Load(path).Root is not null;
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or SecurityException or XmlException)
        {
            return false;
        }
    }
}
