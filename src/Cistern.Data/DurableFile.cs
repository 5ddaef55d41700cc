namespace Cistern.Data;

/// <summary>Small files beside the data file, kept as it is: on the disk when it says so, and their owner's only.</summary>
public static class DurableFile
{
    /// <summary>Writes a file whole or not at all.</summary>
    /// <param name="path">Where it goes.</param>
    /// <param name="text">What it holds.</param>
    public static void Write(string path, string text)
    {
        var building = path + ".new";
        File.Delete(building);
        using (var writer = new StreamWriter(Disk.Own(building, FileShare.None)))
        {
            writer.Write(text);
        }

        Disk.Replace(building, path);
    }

    /// <summary>Takes a file from everybody but its owner.</summary>
    public static void Shut(string path) => Disk.Shut(path);
}
