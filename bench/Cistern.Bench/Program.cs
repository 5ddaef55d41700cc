using BenchmarkDotNet.Running;
using Cistern.Bench;

if (args is ["sight", ..])
{
    SightBench.Run(1_000, misses: args.Contains("--misses"));
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
