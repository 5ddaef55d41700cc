using Cistern.Drawing;

namespace Cistern.Cli;

/// <summary>Forecasts and changes recipes: results on standard output, findings on standard error, exit 2 on a bad file.</summary>
internal sealed class RecipeFiles(Terminal terminal)
{
    /// <summary>Prints the forecasts of recipes, their series, or the brew chart of one.</summary>
    /// <param name="paths">Recipe files.</param>
    /// <param name="asSeries">The series as CSV.</param>
    /// <param name="asSvg">The brew chart as SVG.</param>
    /// <param name="serverMl">The server's volume, ml, or null.</param>
    public int Forecast(string[] paths, bool asSeries, bool asSvg, double? serverMl)
    {
        if (serverMl is { } ml && !(double.IsFinite(ml) && ml > 0))
        {
            terminal.Error.WriteLine("error: --server-ml: the server's volume must be a number of ml over 0.");
            return CommandLine.BadFile;
        }

        var options = new ForecastOptions { WithSeries = asSeries || asSvg, ServerMl = serverMl };
        var all = new List<Forecast>();
        var bad = false;
        foreach (var path in paths)
        {
            if (terminal.Read(path) is not { } bytes)
            {
                bad = true;
                continue;
            }

            var file = ForecastFile.Read(bytes, ForecastModel.Published, options);
            terminal.Tell(path, file.Findings);
            bad |= file.Refused;
            all.AddRange(file.Forecasts);
        }

        if (asSvg && all.Count > 1)
        {
            terminal.Error.WriteLine("error: --svg draws one recipe, and the files hold several. Give it a file of one.");
            return CommandLine.BadFile;
        }

        if (asSeries)
        {
            ForecastFile.WriteSeries(terminal.Out, all);
        }
        else if (asSvg && all.Count == 1)
        {
            terminal.Out.WriteLine(BrewChart.Draw(all[0], new BrewChartOptions(760) { StandsAlone = true }));
        }
        else
        {
            foreach (var one in all)
            {
                terminal.Out.WriteLine(ForecastFile.Line(one));
            }
        }

        return bad ? CommandLine.BadFile : 0;
    }

    /// <summary>Prints a recipe after changes: all of them or none.</summary>
    /// <param name="path">A file of one recipe.</param>
    /// <param name="words">The changes.</param>
    public int Plan(string path, string[] words)
    {
        if (terminal.Read(path) is not { } bytes)
        {
            return CommandLine.BadFile;
        }

        var file = RecipeReader.Read(bytes);
        if (file.Recipes is not [var one])
        {
            foreach (var finding in file.Findings.DefaultIfEmpty(FindingKinds.OneRecipeExpected.At("", file.Recipes.Length)))
            {
                terminal.Error.WriteLine(finding);
            }

            return CommandLine.BadFile;
        }

        var planned = PlanWords.Apply(one, words, ForecastModel.Published);
        foreach (var finding in planned.Findings)
        {
            terminal.Error.WriteLine(finding);
        }

        if (planned.Findings.Any(finding => finding.Severity == Severity.Error))
        {
            return CommandLine.BadFile;
        }

        terminal.Out.WriteLine(RecipeWriter.Write(planned.Recipe));
        return 0;
    }
}
