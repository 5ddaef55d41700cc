using BenchmarkDotNet.Running;
using Cistern.Bench;

if (args is ["sight", ..])
{
    AnalyzerBench.Run(1_000, misses: args.Contains("--misses"));
    return;
}

if (args is ["rescue", ..])
{
    CorrectionBench.Run(1_000);
    return;
}

if (args is ["brews", var id, var seed, var count])
{
    // Brew files of a simulated barista, to try `./cistern fit` and `./cistern advise` with.
    var barista = new SimulatedBarista(int.Parse(seed, System.Globalization.CultureInfo.InvariantCulture));
    var recipe = Cistern.Core.Recipes.RecipeLibrary.Find(id) ?? throw new ArgumentException("No such recipe.", nameof(args));
    var brews = Enumerable.Range(0, int.Parse(count, System.Globalization.CultureInfo.InvariantCulture)).Select(_ => barista.Brew(FitBench.Varied(recipe, barista)));
    Console.WriteLine(Cistern.Core.Records.BrewWriter.Write(brews));
    return;
}

if (args is ["grind", "--picture", var picture, var of])
{
    // A picture to try `./cistern grind` with.
    File.WriteAllBytes(picture, new Cistern.Seeing.Tests.GrainPicture(GrindBench.Fair(int.Parse(of, System.Globalization.CultureInfo.InvariantCulture))).Jpeg);
    return;
}

if (args is ["grind", ..])
{
    GrindBench.Run(args.Contains("--few") ? 60 : 200, args.Contains("--fair") ? 0 : args.Contains("--few") ? 18 : 100, args.Contains("--lines"));
    return;
}

if (args is ["fit", ..])
{
    FitBench.Run(126);
    return;
}

if (args is ["tasters", ..])
{
    TasterBench.Run(args.Contains("--lines"));
    return;
}

if (args is ["advice", ..])
{
    TasterBench.Run(verbose: false);
    AdviceBench.Run(args.Contains("--many") ? 100 : 20, args.Contains("--lines"), args.Contains("--narrow") ? 0.6 : 1);
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
