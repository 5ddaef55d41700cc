using System.Globalization;
using System.Net;
using System.Text;
using Cistern.Core.Recipes;

namespace Cistern.Drawing;

/// <summary>Writes SVG by presentation attributes and classes: no style attribute, which a strict page would refuse.</summary>
internal sealed class Svg
{
    private readonly StringBuilder text = new(8_000);

    public Svg Add(string raw)
    {
        text.Append(raw);
        return this;
    }

    /// <summary>Appends with numbers to a tenth of a pixel, in invariant culture.</summary>
    public Svg Add(FormattableString formatted)
    {
        text.AppendFormat(CultureInfo.InvariantCulture, formatted.Format, [.. formatted.GetArguments().Select(Rounded)]);
        return this;
    }

    /// <summary>A label.</summary>
    public Svg Text(double x, double y, string css, string content, string anchor = "start") =>
        Add($"<text x=\"{x}\" y=\"{y}\" class=\"{css}\"{(anchor == "start" ? "" : $" text-anchor=\"{anchor}\"")}>{Encode(content)}</text>");

    public override string ToString() => text.ToString();

    /// <summary>Text as XML takes it: a control character would make the whole picture none.</summary>
    public static string Encode(string content) => WebUtility.HtmlEncode(PlainText.Seen(content));

    private static object? Rounded(object? value) => value is double number ? Math.Round(number, 1) : value;
}
