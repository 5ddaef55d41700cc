using System.Security;
using System.Xml;
using System.Xml.Linq;
using Cistern.Data;
using Microsoft.AspNetCore.DataProtection.Repositories;

namespace Cistern.Web.Frame;

/// <summary>
/// Keeps the keys that guard forms beside the data file, each in a file of its own that only its owner may read. One is
/// on the disk before it is used; one that cannot be read is set aside, and a new one made, rather than every page lost.
/// </summary>
/// <param name="folder">Where they lie.</param>
/// <param name="log">Told of what was set aside.</param>
public sealed class KeyFiles(string folder, ILogger<KeyFiles> log) : IXmlRepository
{
    private readonly Lock one = new();

    /// <inheritdoc/>
    public IReadOnlyCollection<XElement> GetAllElements()
    {
        lock (one)
        {
            Prepare();
            var keys = new List<XElement>();
            foreach (var path in Directory.EnumerateFiles(folder, "*.xml").Order(StringComparer.Ordinal))
            {
                if (Read(path) is { } key)
                {
                    keys.Add(key);
                }
            }

            return keys;
        }
    }

    /// <inheritdoc/>
    public void StoreElement(XElement element, string friendlyName)
    {
        ArgumentNullException.ThrowIfNull(element);
        lock (one)
        {
            Prepare();
            var safe = friendlyName.Length > 0 && friendlyName.All(letter => char.IsAsciiLetterOrDigit(letter) || letter is '-' or '_') ? friendlyName : Guid.NewGuid().ToString();
            DurableFile.Write(Path.Combine(folder, safe + ".xml"), element.ToString());
        }
    }

    /// <summary>What is wrong with the keys, in a sentence; null where nothing is.</summary>
    public string? Problem()
    {
        try
        {
            lock (one)
            {
                return Directory.Exists(folder) && Directory.EnumerateFiles(folder, "*.xml").Any(path => XDocument.Load(path).Root is not null) ? null : $"the keys of its forms are missing from {folder}";
            }
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or SecurityException or XmlException)
        {
            return $"a key of its forms in {folder} cannot be read";
        }
    }

    private void Prepare()
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
    }

    private XElement? Read(string path)
    {
        try
        {
            DurableFile.Shut(path);
            return XDocument.Load(path).Root;
        }
        catch (XmlException error)
        {
            log.LogWarning(error, "The key {Path} cannot be read: it is set aside. Forms that are open now have to be loaded again.", path);
            File.Move(path, path + ".unreadable", overwrite: true);
            return null;
        }
    }
}
