using System.Text.Json;

namespace Cistern.Core.Fitting;

/// <summary>What was learned, as JSON for the command line.</summary>
public static class FitJson
{
    /// <summary>Writes what was learned as one object.</summary>
    /// <param name="json">Where to.</param>
    /// <param name="learned">What was learned.</param>
    /// <param name="predictions">Predictions for recipes.</param>
    public static void Write(Utf8JsonWriter json, Learned learned, IEnumerable<Forecast> predictions)
    {
        json.WriteStartObject();
        json.WriteNumber("brews", learned.Brews);
        json.WriteString("model", Forecast.ModelVersion);
        json.WriteStartArray("parameters");
        foreach (var one in learned.Parameters)
        {
            json.WriteStartObject();
            json.WriteString("name", one.Prior.Name);
            Number("value", one.Value);
            Number("prior", one.Prior.Prior);
            Number("low", one.Low);
            Number("high", one.High);
            json.WriteString("unit", one.Prior.Unit);
            json.WriteString("of", Words<FitScope>.Of(one.Prior.Scope));
            json.WriteString("whose", one.Whose);
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteStartArray("leftOut");
        foreach (var brew in learned.LeftOut.GroupBy(one => one.Name, StringComparer.Ordinal))
        {
            json.WriteStartObject();
            json.WriteString("id", brew.Key);
            foreach (var (name, of) in ((string, Func<LeftOut, double>)[])[("foretold", one => one.Expected), ("measured", one => one.Measured), ("unfitted", one => one.Unfitted)])
            {
                json.WriteStartObject(name);
                // How a press felt cannot be compared with a force.
                foreach (var one in brew.Where(one => one.Figure != FitFigure.PressFelt).DistinctBy(one => one.Figure))
                {
                    Number(Name(one.Figure), of(one));
                }

                json.WriteEndObject();
            }

            json.WriteBoolean("odd", brew.Any(one => one.Odd));
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteStartArray("predictions");
        foreach (var forecast in predictions)
        {
            json.WriteStartObject();
            json.WriteString("id", forecast.Recipe.Id);
            json.WriteStartObject("figures");
            foreach (var (name, band) in Confidence.OfFigures(forecast))
            {
                json.WriteStartObject(name);
                Number("value", band.Value);
                Number("low", band.Low);
                Number("high", band.High);
                json.WriteEndObject();
            }

            json.WriteEndObject();
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();

        void Number(string name, double value) => json.WriteNumber(name, Math.Round(value, 5));
    }

    private static string Name(FitFigure figure) => figure switch
    {
        FitFigure.TdsPercent => "tdsPercent",
        FitFigure.DrinkG => "beverageG",
        FitFigure.DrawdownS => "drawdownS",
        FitFigure.SlurryC => "slurryC",
        FitFigure.PressFelt => "pressFelt",
    };
}
