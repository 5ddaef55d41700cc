using Cistern.Cli;

CultureInfo.DefaultThreadCurrentCulture = CultureInfo.InvariantCulture;
CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
using var terminal = Terminal.OfProcess();
return await CommandLine.RunAsync(args, terminal);
