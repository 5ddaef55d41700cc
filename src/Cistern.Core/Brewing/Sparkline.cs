using System.Text;

namespace Cistern.Core.Brewing;

/// <summary>A small brew chart, stored with each brew so that lists need no forecasts.</summary>
public static class Sparkline
{
    /// <summary>Width of the drawing.</summary>
    public const int Width = 100;

    /// <summary>Height of the drawing.</summary>
    public const int Height = 24;

    /// <summary>The outline of the vessel's lane as the points of an SVG polygon.</summary>
    /// <param name="forecast">A forecast with its series.</param>
    public static string Points(Forecast forecast)
    {
        var series = forecast.Series;
        var fromS = series[0].TimeS;
        var lengthS = Math.Max(1, series[^1].TimeS - fromS);
        var mostG = Math.Max(1, series.Max(sample => sample.ContactWaterG + sample.AnnulusG));
        var text = new StringBuilder();
        var lastX = -1.0;
        foreach (var sample in series)
        {
            var x = Math.Round((sample.TimeS - fromS) / lengthS * Width);
            if (x > lastX)
            {
                lastX = x;
                text.Append(CultureInfo.InvariantCulture, $"{x:0},{Height - ((sample.ContactWaterG + sample.AnnulusG) / mostG * (Height - 1)):0.#} ");
            }
        }

        return text.Append(CultureInfo.InvariantCulture, $"{Width},{Height} 0,{Height}").ToString();
    }
}
