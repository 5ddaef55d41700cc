using System.Buffers;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;

namespace Cistern.Cli;

/// <summary>Advice and fitting from brew files: one JSON object on standard output, findings on standard error, exit 2 on a bad file.</summary>
internal sealed class BrewFiles(Terminal terminal)
{
    private static readonly JsonWriterOptions Readable = new() { Indented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    /// <summary>Prints what to change after the last brew of a series.</summary>
    /// <param name="paths">Brew files, the oldest brew first.</param>
    /// <param name="grinderPath">The grinder, or null.</param>
    public int Advise(IEnumerable<string> paths, string? grinderPath)
    {
        if (Brews(paths) is not { } brews || Grinder(grinderPath) is not { Read: true } grinder)
        {
            return CommandLine.BadFile;
        }

        if (brews[^1].State == BrewOutcome.Abandoned)
        {
            return Refuse(FindingKinds.BrewAbandoned.At("state"));
        }

        var line = brews.Where(brew => brew.State == BrewOutcome.Finished).ToList();
        var keys = line[^1].Keys();
        // Brews with another grinder or coffee also teach about the vessel and the palate.
        var learned = Fitter.Of(line.Select(brew => brew.ForFitting()), ForecastModel.Published);
        var advice = Advisor.Of(line, learned.Model(ForecastModel.Published, keys), new AdviceGear { Grinder = grinder.Scale }, Data.Files.BrewFiles.FiguresOf(line[^1], ForecastModel.Published));
        Write(json => AdviceJson.Write(json, advice, grinder.Scale, line[^1].Id));
        return 0;
    }

    /// <summary>Prints what brews teach, and predictions for recipes.</summary>
    /// <param name="paths">Brew files.</param>
    /// <param name="recipePaths">Recipes to predict.</param>
    public int Fit(IEnumerable<string> paths, IEnumerable<string> recipePaths)
    {
        if (Brews(paths) is not { } brews)
        {
            return CommandLine.BadFile;
        }

        var recipes = new List<Recipe>();
        foreach (var path in recipePaths)
        {
            if (terminal.Read(path) is not { } bytes)
            {
                return CommandLine.BadFile;
            }

            var file = RecipeReader.Read(bytes);
            terminal.Tell(path, file.Findings);
            if (!file.Accepted)
            {
                return CommandLine.BadFile;
            }

            recipes.AddRange(file.Recipes);
        }

        var finished = brews.Where(brew => brew.State == BrewOutcome.Finished).ToList();
        var fitted = finished.Select(brew => brew.ForFitting()).Where(brew => brew.Tells).ToList();
        var learned = Fitter.Of(fitted, ForecastModel.Published);
        var predictions = new List<Forecast>();
        foreach (var recipe in recipes)
        {
            if (KeysFor(recipe, finished) is not { } keys)
            {
                return CommandLine.BadFile;
            }

            predictions.Add(learned.Model(ForecastModel.Published, keys).Figures(recipe));
        }

        Write(json => FitJson.Write(json, learned, predictions));
        return 0;
    }

    /// <summary>What a recipe is brewed with: as it says itself, or else what all the brews have in common.</summary>
    private FitKeys? KeysFor(Recipe recipe, List<BrewRecord> brews)
    {
        var all = brews.ConvertAll(brew => brew.Keys());
        var grinder = One("mill", keys => keys.Grinder);
        var coffee = One("coffee", keys => keys.Coffee);
        var barista = One("barista", keys => keys.Barista);
        var vessel = Named("vessel") ?? (all.Select(keys => keys.Vessel).Distinct(StringComparer.Ordinal).Count() == 1 ? all[0].Vessel : RecordFitting.Vessel("", recipe.Brewer));
        return grinder is null || coffee is null || barista is null ? null : new FitKeys(grinder, vessel, coffee, barista);

        string? Named(string of)
        {
            var extra = of == "coffee" ? recipe.Coffee.Extra.GetValueOrDefault("name") : recipe.Extra.GetValueOrDefault(of);
            return extra.ValueKind == JsonValueKind.String ? extra.GetString()
                : extra.ValueKind == JsonValueKind.Object && extra.TryGetProperty("name", out var name) && name.ValueKind == JsonValueKind.String ? name.GetString() : null;
        }

        string? One(string of, Func<FitKeys, string> key)
        {
            if (Named(of) is { } named)
            {
                return named;
            }

            var distinct = all.Select(key).Distinct(StringComparer.Ordinal).ToList();
            if (distinct.Count <= 1)
            {
                return distinct.FirstOrDefault() ?? "";
            }

            // A palate moves no figure of the brew.
            if (of == "barista")
            {
                return distinct[0];
            }

            Refuse(FindingKinds.GearUnclear.At(of, distinct.Count, of, recipe.Id, string.Join(", ", distinct.Select(name => name.Length == 0 ? "one without a name" : name))));
            return null;
        }
    }

    private List<BrewRecord>? Brews(IEnumerable<string> paths)
    {
        var brews = new List<BrewRecord>();
        var ids = new HashSet<Guid>();
        foreach (var path in paths)
        {
            if (terminal.Read(path, BrewReader.MaxFileBytes) is not { } bytes)
            {
                return null;
            }

            var file = BrewReader.Read(bytes);
            terminal.Tell(path, file.Findings);
            if (!file.Accepted)
            {
                return null;
            }

            // The same brew given twice is one.
            brews.AddRange(file.Brews.Where(brew => ids.Add(brew.Id)));
        }

        return brews;
    }

    private (bool Read, GrinderScale? Scale) Grinder(string? path)
    {
        if (path is null)
        {
            return (true, null);
        }

        if (terminal.Read(path) is not { } bytes)
        {
            return (false, null);
        }

        var file = GrinderFile.Read(bytes);
        terminal.Tell(path, file.Findings);
        return (file.Grinder is not null, file.Grinder);
    }

    private int Refuse(Finding finding)
    {
        terminal.Error.WriteLine(finding);
        return CommandLine.BadFile;
    }

    private void Write(Action<Utf8JsonWriter> write)
    {
        var buffer = new ArrayBufferWriter<byte>();
        using (var json = new Utf8JsonWriter(buffer, Readable))
        {
            write(json);
        }

        terminal.Out.WriteLine(Encoding.UTF8.GetString(buffer.WrittenSpan));
    }
}
