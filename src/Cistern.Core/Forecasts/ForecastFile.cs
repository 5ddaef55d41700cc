using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;

namespace Cistern.Core.Forecasts;

/// <summary>The forecasts of a file of recipes, for the command line and the API.</summary>
/// <param name="Forecasts">One for each recipe; empty when the file was refused.</param>
/// <param name="Findings">The findings of the file and of each forecast.</param>
public sealed record ForecastFile(IReadOnlyList<Forecast> Forecasts, IReadOnlyList<Finding> Findings)
{
    private static readonly JsonWriterOptions OneLine = new() { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    /// <summary>Whether the file was refused.</summary>
    public bool Refused => Forecasts.Count == 0;

    /// <summary>Reads, checks and forecasts a file. No file content makes it throw.</summary>
    /// <param name="utf8">The file.</param>
    /// <param name="model">The model.</param>
    /// <param name="options">Options of the forecasts; null for totals and series.</param>
    public static ForecastFile Read(ReadOnlyMemory<byte> utf8, ForecastModel model, ForecastOptions? options = null)
    {
        var file = RecipeReader.Read(utf8);
        var findings = new List<Finding>(file.Findings);
        if (!file.Accepted)
        {
            return new ForecastFile([], findings);
        }

        var forecasts = new List<Forecast>(file.Recipes.Length);
        for (var i = 0; i < file.Recipes.Length; i++)
        {
            var forecast = model.Run(file.Recipes[i], options);
            forecasts.Add(forecast);
            findings.AddRange(ForecastFindings.Of(forecast, file.Recipes.Length == 1 ? "" : string.Create(CultureInfo.InvariantCulture, $"[{i}]")));
        }

        return new ForecastFile(forecasts, findings);
    }

    /// <summary>A forecast as a JSON object on one line, with figures under their public names.</summary>
    public static string Line(Forecast forecast)
    {
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream, OneLine))
        {
            Write(json, forecast);
        }

        return Encoding.UTF8.GetString(stream.ToArray());
    }

    /// <summary>Writes one forecast as a JSON object.</summary>
    public static void Write(Utf8JsonWriter json, Forecast forecast)
    {
        json.WriteStartObject();
        json.WriteString("id", forecast.Recipe.Id);
        json.WriteString("model", Forecast.ModelVersion);
        foreach (var (name, value) in ForecastFigures.Of(forecast.Totals))
        {
            if (value is { } number)
            {
                json.WriteNumber(name, Math.Round(number, 5));
            }
            else
            {
                json.WriteNull(name);
            }
        }

        json.WriteNumber("drinkableAfterS", Math.Round(forecast.Totals.DrinkableAfterS, 1));
        json.WriteStartArray("cups");
        foreach (var cup in forecast.Cups)
        {
            json.WriteStartObject();
            json.WriteBoolean("keep", cup.Kept);
            json.WriteNumber("beverageG", Math.Round(cup.BeverageG, 3));
            json.WriteNumber("tdsPercent", Math.Round(cup.TdsPercent, 4));
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
    }

    /// <summary>Writes findings as an array of objects.</summary>
    public static void Write(Utf8JsonWriter json, IEnumerable<Finding> findings)
    {
        json.WriteStartArray();
        foreach (var finding in findings)
        {
            json.WriteStartObject();
            json.WriteString("code", finding.Code);
            json.WriteString("severity", Words<Severity>.Of(finding.Severity));
            json.WriteString("place", finding.Place);
            json.WriteString("rule", finding.Rule);
            json.WriteString("found", finding.Found);
            json.WriteString("remedy", finding.Remedy);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    }

    /// <summary>The series of forecasts as CSV: a header, then a line per sample.</summary>
    public static void WriteSeries(TextWriter csv, IEnumerable<Forecast> forecasts)
    {
        csv.WriteLine("id,timeS,temperatureC,contactWaterG,annulusG,bedWaterG,brightG,sweetG,bitterG,vesselTdsPercent,volumeMl,raft,flowGPerS,cup,cupWaterG,cupSolidsG,displayG");
        foreach (var forecast in forecasts)
        {
            foreach (var sample in forecast.Series)
            {
                csv.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{forecast.Recipe.Id},{sample.TimeS:0.###},{sample.TemperatureC:0.###},{sample.ContactWaterG:0.###},{sample.AnnulusG:0.###},{sample.BedWaterG:0.###},{sample.BrightG:0.#####},{sample.SweetG:0.#####},{sample.BitterG:0.#####},{sample.VesselTdsPercent:0.####},{sample.VolumeMl:0.##},{sample.Raft:0.####},{sample.FlowGPerS:0.###},{sample.Cup},{sample.CupWaterG:0.###},{sample.CupSolidsG:0.#####},{sample.DisplayG:0.##}"));
            }
        }
    }
}
