namespace Cistern.Web.Wording;

/// <summary>A grinder's settings in a barista's words.</summary>
public static class GrinderWording
{
    /// <summary>A setting with its label, where the collar has one there.</summary>
    public static string Setting(Grinder grinder, double setting)
    {
        var text = FigureFormat.Setting(setting);
        var label = grinder.LabelList.FirstOrDefault(one => Math.Abs(one.Setting - setting) < 1e-6).Label;
        return label is not null ? $"{label} ({text})"
            : grinder is { Notches: true, Step: > 0 } ? $"{FigureFormat.Setting(Math.Round((setting - grinder.Least) / grinder.Step))} notches ({text} {grinder.SettingName})"
            : $"{text} {grinder.SettingName}";
    }

    // Words for small numbers; to add one, add a line.
    private static readonly Dictionary<string, double> Counts = new(StringComparer.Ordinal)
    {
        ["a"] = 1,
        ["an"] = 1,
        ["slightly"] = 1,
        ["a little"] = 1,
        ["a touch"] = 1,
        ["a bit"] = 1,
        ["a couple"] = 2,
    };

    /// <summary>
    /// Converts a setting as a barista says it to a number: a label of the collar, "usual", "2 finer", "a notch coarser than usual",
    /// "slightly finer". It counts from the usual setting for the brewer, or from the current one where there is no usual one. Other
    /// text is returned unchanged.
    /// </summary>
    /// <param name="grinder">The grinder.</param>
    /// <param name="text">As said.</param>
    /// <param name="family">The brewer family, which has its own usual setting.</param>
    /// <param name="stands">The current setting.</param>
    public static string Read(Grinder grinder, string text, Core.Recipes.BrewerFamily family, double stands)
    {
        var plain = text.Trim();
        if (grinder.LabelList.FirstOrDefault(one => string.Equals(one.Label, plain, StringComparison.OrdinalIgnoreCase)) is { Label: not null } label)
        {
            return FigureFormat.Setting(label.Setting);
        }

        var usual = grinder.UsualFor(family);
        var said = plain.ToLowerInvariant();
        if (said is "usual" or "my usual" or "as usual")
        {
            return usual is { } mine ? FigureFormat.Setting(mine) : text;
        }

        if (Lettered(grinder, said) is { } lettered)
        {
            return FigureFormat.Setting(lettered);
        }

        if (Beside(grinder, said) is { } beside)
        {
            return FigureFormat.Setting(beside);
        }

        // "than usual" refers to the usual setting, "than now" to the current one.
        var from = usual ?? stands;
        if (said.EndsWith(" than usual", StringComparison.Ordinal))
        {
            (said, from) = (said[..^" than usual".Length], usual ?? double.NaN);
        }
        else if (said.EndsWith(" than now", StringComparison.Ordinal))
        {
            (said, from) = (said[..^" than now".Length], stands);
        }

        var finer = said.EndsWith(" finer", StringComparison.Ordinal);
        if (double.IsNaN(from) || (!finer && !said.EndsWith(" coarser", StringComparison.Ordinal)))
        {
            return text;
        }

        var steps = Steps(grinder, said[..said.LastIndexOf(' ')]);
        return double.IsNaN(steps) ? text : FigureFormat.Setting(from + ((finer ? -1 : 1) * Math.Sign(grinder.Scale.UmPerSetting) * steps * grinder.Step));
    }

    /// <summary>The number of steps: "two notches", "1.5 clicks"; NaN where there is none.</summary>
    private static double Steps(Grinder grinder, string said)
    {
        const double MostSteps = 1_000;
        var count = said.Trim();
        foreach (var word in new[] { "notch", "notches", "click", "clicks", "step", "steps", grinder.SettingName.ToLowerInvariant() })
        {
            count = count.EndsWith(" " + word, StringComparison.Ordinal) ? count[..^(word.Length + 1)] : count;
        }

        return Counts.TryGetValue(count, out var told) ? told : NumberWords.All.TryGetValue(count, out var words) ? words : double.TryParse(count.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var typed) && typed < MostSteps ? typed : double.NaN;
    }

    /// <summary>Reads "7C": a number on the collar and a letter for its subdivision, A for the number itself; null for anything else.</summary>
    private static double? Lettered(Grinder grinder, string said)
    {
        const double Hair = 1e-6;
        return said.Length >= 2 && said[^1] is >= 'a' and <= 'z' and var letter && double.TryParse(said[..^1].Trim(), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number)
            && (letter - 'a') * grinder.Step is var part && part < 1 - Hair && grinder.Step < 1 ? number + part : null;
    }

    /// <summary>Reads "a notch above 5", "two below 20", "between 5 and 6"; null for anything else.</summary>
    private static double? Beside(Grinder grinder, string said)
    {
        if (said.StartsWith("between ", StringComparison.Ordinal) && said["between ".Length..].Split(" and ") is [var low, var high] && Plain(low) is { } from && Plain(high) is { } to)
        {
            return (from + to) / 2;
        }

        foreach (var (word, way) in ((string, int)[])[(" above ", 1), (" over ", 1), (" past ", 1), (" below ", -1), (" under ", -1)])
        {
            if (said.Split(word) is [var count, var place] && Plain(place) is { } stands && Steps(grinder, count) is var steps && !double.IsNaN(steps))
            {
                return stands + (way * steps * grinder.Step);
            }
        }

        return null;

        static double? Plain(string text) => TypedNumber.Read(text, -1_000_000, 1_000_000, "").Value;
    }

    /// <summary>Details of a setting: its notches, its size and how well that is known, its tolerance, and its distance from the usual setting.</summary>
    /// <param name="grinder">The grinder.</param>
    /// <param name="setting">The setting; null where what was typed is invalid.</param>
    /// <param name="medianUm">Its median, µm.</param>
    /// <param name="mayBeOff">Its tolerance in words; null where it hardly matters.</param>
    /// <param name="family">The brewer family.</param>
    public static IEnumerable<string?> Details(Grinder grinder, double? setting, double medianUm, string? mayBeOff, Core.Recipes.BrewerFamily family)
    {
        var half = setting is { } at ? grinder.HalfWidthUm(at) : null;
        yield return grinder.Notches && setting is { } notch ? Setting(grinder, notch) : null;
        yield return $"{(grinder.Estimated ? "about " : "")}{FigureFormat.Number(medianUm, 0)} µm{(half is { } wide ? $", give or take {FigureFormat.Number(wide, 0)}" : "")}";
        yield return mayBeOff;
        yield return setting is { } usual ? FromUsual(grinder, usual, family) : null;
    }

    /// <summary>The distance from a family's usual setting in the grinder's own steps: "2 clicks finer than usual"; null where that is unknown.</summary>
    public static string? FromUsual(Grinder grinder, double setting, Core.Recipes.BrewerFamily family)
    {
        if (grinder.UsualFor(family) is not { } usual || grinder.Step <= 0)
        {
            return null;
        }

        var steps = Math.Round((setting - usual) / grinder.Step);
        var way = steps < 0 == grinder.Scale.UmPerSetting > 0 ? "finer" : "coarser";
        var many = grinder.Notches ? "notches" : grinder.Step == 1 ? grinder.SettingName : "steps";
        return steps == 0 ? "your usual" : $"{FigureFormat.Setting(Math.Abs(steps))} {(Math.Abs(steps) == 1 ? One(many) : many)} {way} than usual";
    }

    /// <summary>The singular of what a grinder counts in: "click" for "clicks". A name without a known plural is unchanged.</summary>
    private static string One(string many) => many switch
    {
        "notches" => "notch",
        _ when many.EndsWith('s') && !many.EndsWith("ss", StringComparison.Ordinal) => many[..^1],
        _ => many,
    };
}
