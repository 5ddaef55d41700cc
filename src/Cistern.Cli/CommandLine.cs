using System.CommandLine;

namespace Cistern.Cli;

/// <summary>The commands, their arguments and their help.</summary>
public static class CommandLine
{
    /// <summary>The exit code where a file is refused.</summary>
    internal const int BadFile = 2;

    /// <summary>Runs one command.</summary>
    /// <param name="arguments">The command and its arguments, as typed.</param>
    /// <param name="terminal">Where it reads and writes.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The exit code: 0 where it succeeded.</returns>
    public static Task<int> RunAsync(string[] arguments, Terminal terminal, CancellationToken ct = default)
    {
        var files = new Argument<string[]>("FILE") { Description = "Recipe files; - reads standard input.", Arity = ArgumentArity.OneOrMore };
        var series = new Option<bool>("--series") { Description = "Prints the time series as CSV instead of the figures." };
        var svg = new Option<bool>("--svg") { Description = "Prints the brew chart as SVG instead of the figures; for one recipe." };
        var serverMl = new Option<double?>("--server-ml") { Description = "The server's volume, ml; it is then checked for overflow." };
        var forecast = new Command("forecast", "Forecasts recipe files: one JSON object per recipe, one per line. Findings go to standard error; exit 2 on a bad file.")
        {
            files, series, svg, serverMl,
        };
        forecast.SetAction(parsed => new RecipeFiles(terminal).Forecast(parsed.GetValue(files)!, parsed.GetValue(series), parsed.GetValue(svg), parsed.GetValue(serverMl)));

        var ofBrews = new Option<bool>("--brew") { Description = "The schema of the brew file." };
        var schema = new Command("schema", "Prints the recipe file's JSON Schema.") { ofBrews };
        schema.SetAction(parsed => terminal.Out.Write(parsed.GetValue(ofBrews) ? BrewSchema.Write() : RecipeSchema.Write()));

        var figures = new Command("figures", "Prints every figure of the library's recipes to six digits, for the tests.");
        figures.SetAction(_ => terminal.Out.Write(LibraryFigures.Csv(ForecastModel.Published)));

        var recipe = new Argument<string>("FILE") { Description = "A recipe file with one recipe; - reads standard input." };
        var set = new Option<string[]>("--set") { Description = $"A change: {string.Join(", ", PlanWords.All.Select(word => $"{word.Word}={word.Takes}"))}.", AllowMultipleArgumentsPerToken = true };
        var plan = new Command("plan", "Changes a recipe as the plan page does and prints it, all changes or none. Findings go to standard error; exit 2 where it is refused.") { recipe, set };
        plan.SetAction(parsed => new RecipeFiles(terminal).Plan(parsed.GetValue(recipe)!, parsed.GetValue(set) ?? []));

        var brew = new Argument<int>("BREW") { Description = "The number of a running brew: see the address of its page." };
        var token = new Option<string>("--token") { Description = "The brew's token: on its page, under Instruments.", Required = true };
        var url = new Option<Uri>("--url") { Description = "The server.", DefaultValueFactory = _ => new Uri("http://127.0.0.1:5080") };
        var hands = new Option<string>("--hands") { Description = $"The simulated barista: {string.Join(", ", SimulatedHands.All.Select(choice => choice.Word))}.", DefaultValueFactory = _ => "steady" };
        var seed = new Option<int>("--seed") { Description = "The same seed gives the same brew.", DefaultValueFactory = _ => 1 };
        var simulate = new Command("simulate", "Sends a simulated brew's readings to a running server, as a gateway would, in the time of that brew.") { brew, token, url, hands, seed };
        simulate.SetAction((parsed, stop) => new Simulate(terminal).RunAsync(parsed.GetValue(brew), parsed.GetValue(url)!, parsed.GetValue(token)!, parsed.GetValue(hands)!, parsed.GetValue(seed), stop));

        var brews = new Argument<string[]>("BREW") { Description = "Brew files, the oldest brew first; - reads standard input.", Arity = ArgumentArity.OneOrMore };
        var grinder = new Option<string?>("--mill") { Description = "The grinder's settings as a JSON file; without one, steps of 25 µm are assumed." };
        var advise = new Command("advise", "Says what to change after the last brew of a dialling-in: a verdict and single changes, best first, as JSON. Findings go to standard error; exit 2 on a bad file.") { brews, grinder };
        advise.SetAction(parsed => new BrewFiles(terminal).Advise(parsed.GetValue(brews)!, parsed.GetValue(grinder)));

        var predict = new Option<string[]>("--predict") { Description = "Recipe files to forecast with what was learned.", AllowMultipleArgumentsPerToken = true };
        var fit = new Command("fit", "Learns from brews: parameters with their spread, how each brew would have been forecast without it, and forecasts with bands, as JSON. Findings go to standard error; exit 2 on a bad file.") { brews, predict };
        fit.SetAction(parsed => new BrewFiles(terminal).Fit(parsed.GetValue(brews)!, parsed.GetValue(predict) ?? []));

        var dataFile = new Option<string>("--data") { Description = "The data file.", Required = true };
        var copyTo = new Argument<string>("FILE") { Description = "The copy; an existing file is not replaced." };
        var replace = new Option<bool>("--replace") { Description = "Replace an existing file, once the copy is complete." };
        var backup = new Command("backup", "Copies the data file while it is in use, and checks the copy.") { copyTo, dataFile, replace };
        backup.SetAction(parsed => new DataFiles(terminal).Backup(parsed.GetValue(dataFile)!, parsed.GetValue(copyTo)!, parsed.GetValue(replace)));
        var copy = new Argument<string>("FILE") { Description = "The copy." };
        var restore = new Command("restore", "Checks a copy and puts it in the data file's place. A running Cistern stops for it and has to be started again. The file from before is kept beside it.") { copy, dataFile };
        restore.SetAction((parsed, stop) => new DataFiles(terminal).RestoreAsync(parsed.GetValue(dataFile)!, parsed.GetValue(copy)!, stop));
        var checkedFile = new Argument<string?>("FILE") { Description = "Another file than the data file.", Arity = ArgumentArity.ZeroOrOne };
        var check = new Command("check", "Checks a data file; exit 1 where it is damaged.") { checkedFile, dataFile };
        check.SetAction(parsed => new DataFiles(terminal).Check(parsed.GetValue(checkedFile) ?? parsed.GetValue(dataFile)!));

        var count = new Argument<int>("N") { Description = "How many brews." };
        var seedFile = new Command("seed", "Makes a new data file: the demo data with N more brews, computed with the model, over three years.") { count, dataFile };
        seedFile.SetAction((parsed, stop) => new DataFiles(terminal).SeedAsync(parsed.GetValue(dataFile)!, parsed.GetValue(count), stop));

        var root = new RootCommand("Cistern's command line.") { forecast, plan, advise, fit, simulate, schema, figures, backup, restore, check, seedFile };
        return root.Parse(arguments).InvokeAsync(new InvocationConfiguration { Output = terminal.Out, Error = terminal.Error }, ct);
    }
}
