namespace Cistern.Web.Pages.Files;

/// <summary>Uploaded files that were not imported yet, stored beside the data file for a day, in one folder per upload.</summary>
/// <param name="file">The data file.</param>
/// <param name="time">The clock.</param>
public sealed class ImportStaging(DataFile file, TimeProvider time)
{
    private static readonly TimeSpan KeptFor = TimeSpan.FromDays(1);

    private string Root => file.Path + ".in";

    /// <summary>Stores files.</summary>
    /// <param name="files">The uploaded files.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The name of their lot.</returns>
    public async Task<Guid> StoreAsync(IReadOnlyList<IFormFile> files, CancellationToken ct)
    {
        var (importKey, folder) = NewImport();
        for (var i = 0; i < files.Count; i++)
        {
            // A file's name is only shown and never used as a path.
            await File.WriteAllTextAsync(Path.Combine(folder, FormattableString.Invariant($"{i:000}.name")), Named(files[i].FileName), ct);
            await using var to = new FileStream(Path.Combine(folder, FormattableString.Invariant($"{i:000}.data")), OwnersOnly());
            await files[i].CopyToAsync(to, ct);
        }

        return importKey;
    }

    /// <summary>Stores one file that came as text.</summary>
    /// <param name="name">The file's name.</param>
    /// <param name="text">What is in it.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The name of its lot.</returns>
    public async Task<Guid> StoreAsync(string name, string text, CancellationToken ct)
    {
        var (importKey, folder) = NewImport();
        await File.WriteAllTextAsync(Path.Combine(folder, "000.name"), name, ct);
        await using var to = new FileStream(Path.Combine(folder, "000.data"), OwnersOnly());
        await to.WriteAsync(System.Text.Encoding.UTF8.GetBytes(text), ct);
        return importKey;
    }

    /// <summary>Reads the files of an upload; null where they no longer exist.</summary>
    public async Task<IReadOnlyList<IncomingFile>?> ReadAsync(Guid importKey, CancellationToken ct)
    {
        if (!Directory.Exists(Folder(importKey)))
        {
            return null;
        }

        var read = new List<IncomingFile>();
        foreach (var data in Directory.GetFiles(Folder(importKey), "*.data").Order(StringComparer.Ordinal))
        {
            read.Add(IncomingFile.Read(await File.ReadAllTextAsync(Path.ChangeExtension(data, ".name"), ct), await File.ReadAllBytesAsync(data, ct)));
        }

        return read;
    }

    /// <summary>Deletes an upload.</summary>
    public void Remove(Guid importKey)
    {
        if (Directory.Exists(Folder(importKey)))
        {
            Directory.Delete(Folder(importKey), recursive: true);
        }
    }

    /// <summary>Options for a new file that only its owner can read: uploads are as private as the data.</summary>
    private static FileStreamOptions OwnersOnly()
    {
        var options = new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.Write, Options = FileOptions.Asynchronous };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        }

        return options;
    }

    /// <summary>A folder that only its owner can access.</summary>
    private static string OwnersFolder(string path) =>
        (OperatingSystem.IsWindows() ? Directory.CreateDirectory(path) : Directory.CreateDirectory(path, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute)).FullName;

    private (Guid ImportKey, string Folder) NewImport()
    {
        Tidy();
        var importKey = Guid.NewGuid();
        return (importKey, OwnersFolder(Folder(importKey)));
    }

    private string Folder(Guid importKey) => Path.Combine(Root, importKey.ToString("N"));

    private void Tidy()
    {
        if (!Directory.Exists(Root))
        {
            return;
        }

        foreach (var folder in Directory.GetDirectories(Root).Where(folder => Directory.GetCreationTimeUtc(folder) < time.GetUtcNow().UtcDateTime - KeptFor))
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    private static string Named(string name)
    {
        const int Longest = 120;
        var last = Core.Recipes.PlainText.Seen(name[(name.LastIndexOfAny(['/', '\\']) + 1)..]);
        return last.Length == 0 ? "a file" : last.Length > Longest ? last[..Longest] : last;
    }
}
