using System.Net;
using System.Text;
using QRCoder;

namespace Cistern.Web.Frame;

/// <summary>QR codes.</summary>
public static class QrPicture
{
    /// <summary>The white margin that the standard requires, in modules.</summary>
    private const int Edge = 4;

    /// <summary>Draws one for a console: two rows per line, dark modules as block characters; the margin is the console's background.</summary>
    /// <param name="text">The text.</param>
    public static IReadOnlyList<string> Lines(string text)
    {
        using var data = QRCodeGenerator.GenerateQrCode(text, QRCodeGenerator.ECCLevel.L);
        var rows = data.ModuleMatrix;
        bool Dark(int y, int x) => y < rows.Count && rows[y][x];
        return [.. Enumerable.Range(0, (rows.Count + 1) / 2).Select(line => string.Concat(Enumerable.Range(0, rows[0].Count).Select(x => (Dark(2 * line, x), Dark((2 * line) + 1, x)) switch
        {
            (true, true) => '█',
            (true, false) => '▀',
            (false, true) => '▄',
            _ => ' ',
        })))];
    }

    /// <summary>Draws one as SVG, black on white in either theme, as readers need it.</summary>
    /// <param name="text">The text.</param>
    /// <param name="label">Its text alternative.</param>
    /// <exception cref="QRCoder.Exceptions.DataTooLongException">The text is too long for one code.</exception>
    public static string Draw(string text, string label)
    {
        using var data = QRCodeGenerator.GenerateQrCode(text, QRCodeGenerator.ECCLevel.L);
        var rows = data.ModuleMatrix;
        // Without the library's margin, which is added here.
        var from = rows.FindIndex(row => row.Cast<bool>().Any(dark => dark));
        var size = rows.Count - (2 * from);
        var path = new StringBuilder();
        for (var y = 0; y < size; y++)
        {
            for (var x = 0; x < size; x++)
            {
                var start = x;
                while (x < size && rows[y + from][x + from])
                {
                    x++;
                }

                if (x > start)
                {
                    path.Append(CultureInfo.InvariantCulture, $"M{start + Edge} {y + Edge}h{x - start}v1h-{x - start}z");
                }
            }
        }

        var side = size + (2 * Edge);
        return string.Create(CultureInfo.InvariantCulture, $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {side} {side}\" class=\"qr\" role=\"img\" aria-label=\"{WebUtility.HtmlEncode(label)}\" shape-rendering=\"crispEdges\"><rect width=\"{side}\" height=\"{side}\" fill=\"#fff\"/><path d=\"{path}\" fill=\"#000\"/></svg>");
    }
}
