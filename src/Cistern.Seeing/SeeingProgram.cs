using System.Globalization;

namespace Cistern.Seeing;

/// <summary>
/// Looks at pictures in a process of its own, which ends with them: a fault of the native library, and what it takes of memory,
/// never reach whoever started it.
/// </summary>
public static class SeeingProgram
{
    /// <summary>The command-line argument that starts this program.</summary>
    public const string Word = "grind";

    /// <summary>Includes every grain, for a page that draws them.</summary>
    public const string WithGrains = "--grains";

    /// <summary>The printed length of the card's line, mm.</summary>
    public const string Ruler = "--ruler-mm";

    /// <summary>Re-encodes one picture instead of measuring, and writes its bytes to standard output.</summary>
    public const string Remake = "--remake";

    /// <summary>The file name that stands for standard input.</summary>
    public const string StandardInput = "-";

    /// <summary>Prints a line of JSON for each picture. Exit code 0, also for a refusal; 2 where a file is missing or an option is unknown.</summary>
    /// <param name="args">Pictures and options.</param>
    public static int Run(IReadOnlyList<string> args)
    {
        if (args is [Remake, var kept])
            return Remade(kept);
        var pictures = new List<string>();
        var withGrains = false;
        var rulerMm = ScaleCard.RulerMm;
        for (var i = 0; i < args.Count; i++)
        {
            if (args[i] == WithGrains)
                withGrains = true;
            else if (args[i] == Ruler)
            {
                if (++i >= args.Count || !double.TryParse(args[i], NumberStyles.Float, CultureInfo.InvariantCulture, out rulerMm) || rulerMm is not (>= ScaleCard.MinRulerMm and <= ScaleCard.LongestRulerMm))
                    return Wrong($"{Ruler} takes the length of the card's line, {ScaleCard.MinRulerMm} to {ScaleCard.LongestRulerMm} mm.");
            }
            else if (args[i] != StandardInput && args[i].StartsWith('-'))
                return Wrong($"{args[i]} is no option. cistern {Word} PICTURE… takes {Ruler} LENGTH.");
            else
                pictures.Add(args[i]);
        }
        if (pictures.Count == 0)
            return Wrong($"cistern {Word} PICTURE… takes at least one picture.");

        var exit = 0;
        foreach (var picture in pictures)
        {
            try
            {
                Console.Out.WriteLine(GrindAnswer.Of(picture, GrindMeasurer.Measure(Bytes(picture), rulerMm), withGrains).Write());
            }
            catch (Exception e) when (e is IOException or UnauthorizedAccessException)
            {
                exit = Wrong($"{picture}: {e.Message}");
            }
        }
        return exit;
    }

    private static int Remade(string picture)
    {
        if (ReencodedPicture.Of(Bytes(picture)) is not { } made)
            return Wrong("no picture that can be kept");
        using var to = Console.OpenStandardOutput();
        to.Write(made.Write());
        return 0;
    }

    // One byte beyond the limit is enough to know that it is too large.
    private static byte[] Bytes(string picture)
    {
        using var from = picture == StandardInput ? Console.OpenStandardInput() : File.OpenRead(picture);
        using var bytes = new MemoryStream();
        var part = new byte[81920];
        for (int read; bytes.Length <= PictureHeader.MaxBytes && (read = from.Read(part)) > 0;)
            bytes.Write(part, 0, read);
        return bytes.ToArray();
    }

    private static int Wrong(string message)
    {
        Console.Error.WriteLine($"error: {message}");
        return 2;
    }
}
