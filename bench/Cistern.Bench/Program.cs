using BenchmarkDotNet.Running;
using Cistern.Bench;

if (args is ["sight", ..])
{
    SightBench.Run(1_000, misses: args.Contains("--misses"));
    return;
}

if (args is ["rescue", ..])
{
    RescueBench.Run(1_000);
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
