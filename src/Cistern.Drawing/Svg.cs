using System.Net;
using System.Runtime.CompilerServices;
using System.Text;

namespace Cistern.Drawing;

/// <summary>Writes SVG with presentation attributes and classes, and without style attributes, which the Content-Security-Policy forbids.</summary>
internal sealed class Svg
{
    private readonly StringBuilder text = new(8_000);

    public Svg Add(string raw)
    {
        text.Append(raw);
        return this;
    }

    /// <summary>Appends text, with numbers to a tenth of a pixel in invariant culture.</summary>
    public Svg Add([InterpolatedStringHandlerArgument("")] ref Fragment fragment)
    {
        _ = fragment;
        return this;
    }

    /// <summary>A label.</summary>
    public Svg Text(double x, double y, string css, string content, string anchor = "start") =>
        Add($"<text x=\"{x}\" y=\"{y}\" class=\"{css}\"{(anchor == "start" ? "" : $" text-anchor=\"{anchor}\"")}>{Encode(content)}</text>");

    public override string ToString() => text.ToString();

    /// <summary>Text for XML: a control character would make the whole drawing invalid.</summary>
    public static string Encode(string content) => WebUtility.HtmlEncode(PlainText.Seen(content));

    /// <summary>Writes interpolated values directly into the drawing.</summary>
    [InterpolatedStringHandler]
    public readonly ref struct Fragment
    {
        private readonly StringBuilder text;

        public Fragment(int literalLength, int formattedCount, Svg svg)
        {
            text = svg.text;
            text.EnsureCapacity(text.Length + literalLength + (6 * formattedCount));
        }

        public void AppendLiteral(string value) => text.Append(value);

        public void AppendFormatted(string? value) => text.Append(value);

        public void AppendFormatted(double value) => text.Append(CultureInfo.InvariantCulture, $"{Math.Round(value, 1)}");

        public void AppendFormatted<T>(T value, string? format = null)
            where T : IFormattable => text.Append(value.ToString(format, CultureInfo.InvariantCulture));
    }
}
