using System.Globalization;
using Cistern.Data.Shelf;

namespace Cistern.Web.Wording;

/// <summary>Tells a mill's setting as the barista would say it.</summary>
public static class MillWording
{
    /// <summary>A setting with its label, where the collar has one there.</summary>
    public static string Setting(Mill mill, double setting)
    {
        var text = Number(setting);
        var label = mill.LabelList.FirstOrDefault(one => Math.Abs(one.Setting - setting) < 1e-6).Label;
        return label is null ? $"{text} {(mill.Notches ? $"{mill.SettingName}, counted by notches" : mill.SettingName)}" : $"{label} ({text})";
    }

    /// <summary>
    /// A setting as a barista may say it: a label of the collar, "usual", "2 finer", "3 coarser". What is none of these
    /// comes back as it was.
    /// </summary>
    public static string Read(Mill mill, string text)
    {
        var plain = text.Trim();
        if (mill.LabelList.FirstOrDefault(one => string.Equals(one.Label, plain, StringComparison.OrdinalIgnoreCase)) is { Label: not null } label)
        {
            return Number(label.Setting);
        }

        if (mill.UsualFilterSetting is not { } usual)
        {
            return text;
        }

        var words = plain.ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var sign = words is [_, "finer" or "coarser", ..] ? (words[1] == "finer" ? -1 : 1) * Math.Sign(mill.UmPerSetting) : 0;
        return words is ["usual"] ? Number(usual)
            : sign != 0 && double.TryParse(words[0], NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var steps) && steps < 1_000 ? Number(usual + (sign * steps * mill.Step))
            : text;
    }

    /// <summary>The steps from the usual filter setting: "2 finer than usual"; null where none is known.</summary>
    public static string? FromUsual(Mill mill, double setting)
    {
        if (mill.UsualFilterSetting is not { } usual || mill.Step <= 0)
        {
            return null;
        }

        var steps = Math.Round((setting - usual) / mill.Step);
        return steps == 0 ? "the usual for paper"
            : string.Create(CultureInfo.InvariantCulture, $"{Math.Abs(steps):0} {(steps < 0 == mill.UmPerSetting > 0 ? "finer" : "coarser")} than usual");
    }

    private static string Number(double setting) => setting.ToString("0.##", CultureInfo.InvariantCulture);
}
