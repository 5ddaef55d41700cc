using System.Runtime.InteropServices;
using Microsoft.Data.Sqlite;

namespace Cistern.Data;

/// <summary>File operations: readable only by the owner, flushed to the disk, and replaced as a whole.</summary>
internal static class Disk
{
    /// <summary>Read and written by the owner alone.</summary>
    public const UnixFileMode OwnerOnly = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private const int NoSpace = 28; // ENOSPC
    private const int ReadOnly = 30; // EROFS
    private const int Busy = 11; // EAGAIN: another process holds the lock

    /// <summary>A path with all symbolic links resolved, so that one file has one name.</summary>
    public static string ResolvedPath(string path)
    {
        var full = Path.GetFullPath(path);
        if (new FileInfo(full).LinkTarget is not null && File.ResolveLinkTarget(full, returnFinalTarget: true) is { } target)
        {
            full = target.FullName;
        }

        var folder = Path.GetDirectoryName(full)!;
        return Path.Combine(folder == Path.GetPathRoot(full) ? folder : ResolvedFolder(folder), Path.GetFileName(full));
    }

    /// <summary>Opens a file that only its owner may read, and creates it where it does not exist.</summary>
    public static FileStream OpenOwned(string path, FileShare share)
    {
        var options = new FileStreamOptions { Mode = FileMode.OpenOrCreate, Access = FileAccess.ReadWrite, Share = share };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = OwnerOnly;
        }

        return new FileStream(path, options);
    }

    /// <summary>Removes all permissions on a file except its owner's.</summary>
    public static void RestrictToOwner(string path)
    {
        if (!OperatingSystem.IsWindows() && File.Exists(path))
        {
            File.SetUnixFileMode(path, OwnerOnly);
        }
    }

    /// <summary>Replaces one file by another; after a power cut either of them is there, complete.</summary>
    public static void Replace(string with, string path)
    {
        using (var file = new FileStream(with, FileMode.Open, FileAccess.ReadWrite, FileShare.ReadWrite))
        {
            file.Flush(flushToDisk: true);
        }

        File.Move(with, path, overwrite: true);
        FlushFolder(Path.GetDirectoryName(path)!);
    }

    /// <summary>Flushes a folder's entries to the disk, so that a new name in it survives a power cut.</summary>
    public static void FlushFolder(string folder)
    {
        if (OperatingSystem.IsWindows())
        {
            return;
        }

        var handle = NativeMethods.Open(folder, 0);
        if (handle >= 0)
        {
            _ = NativeMethods.FSync(handle);
            _ = NativeMethods.Close(handle);
        }
    }

    /// <summary>The problem with a file in words; null for errors that have nothing to do with the disk.</summary>
    public static string? ProblemOf(Exception error) => error switch
    {
        SqliteException { SqliteErrorCode: 13 } => "the disk is full",
        SqliteException { SqliteErrorCode: 8 } => "it can only be read, not written",
        SqliteException { SqliteErrorCode: 14 } => "it cannot be opened; its folder may be missing or not accessible",
        SqliteException { SqliteErrorCode: 10 } => "the disk fails to read or write it",
        SqliteException { SqliteErrorCode: 11 } => "it is damaged",
        SqliteException { SqliteErrorCode: 26 } => "it is not a database",
        SqliteException { SqliteErrorCode: 5 or 6 } => "another program holds it locked",
        DirectoryNotFoundException or FileNotFoundException => "its folder does not exist",
        UnauthorizedAccessException => "this user may not write it, or it is a folder",
        IOException { HResult: NoSpace } => "the disk is full",
        IOException { HResult: ReadOnly } => "its folder is read-only",
        IOException { HResult: Busy } => "another program holds it locked",
        IOException io => io.Message.TrimEnd('.'),
        _ when error.InnerException is { } inner => ProblemOf(inner),
        _ => null,
    };

    /// <summary>Whether another process has locked the file.</summary>
    public static bool IsLocked(IOException error) => error.HResult == Busy || (OperatingSystem.IsWindows() && (error.HResult & 0xFFFF) is 32 or 33);

    private static string ResolvedFolder(string folder) =>
        Directory.ResolveLinkTarget(folder, returnFinalTarget: true)?.FullName
            ?? (Path.GetDirectoryName(folder) is { } parent ? Path.Combine(ResolvedFolder(parent), Path.GetFileName(folder)) : folder);

    private static class NativeMethods
    {
        [DllImport("libc", EntryPoint = "open", SetLastError = true, BestFitMapping = false, ThrowOnUnmappableChar = true)]
        [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
        public static extern int Open([MarshalAs(UnmanagedType.LPUTF8Str)] string path, int flags);

        [DllImport("libc", EntryPoint = "fsync", SetLastError = true)]
        [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
        public static extern int FSync(int handle);

        [DllImport("libc", EntryPoint = "close", SetLastError = true)]
        [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
        public static extern int Close(int handle);
    }
}
