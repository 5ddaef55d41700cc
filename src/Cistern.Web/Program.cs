using Cistern.Seeing;
using Cistern.Web;
using Microsoft.AspNetCore.Connections;

// The same program evaluates a picture and exits: see PictureProcess.
if (args is [SeeingProgram.Word, .. var pictures])
{
    return SeeingProgram.Run(pictures);
}

try
{
    var builder = WebApplication.CreateSlimBuilder(args);
    builder.WebHost.UseKestrelHttpsConfiguration();
    builder.AddCistern();
    await using var app = builder.Build();
    await app.UseCisternAsync();
    await app.RunAsync();
    return 0;
}
catch (Exception refused) when (refused is DataFileRefusedException or NetworkSetupException)
{
    // One sentence for whoever started it; a stack trace would hide it.
    await Console.Error.WriteLineAsync($"cistern: {refused.Message}");
    return 1;
}
catch (IOException error) when (error.InnerException is AddressInUseException)
{
    await Console.Error.WriteLineAsync($"cistern: {error.Message.TrimEnd('.')}. Is Cistern running already? Stop it, or give this one another with --urls.");
    return 1;
}

/// <summary>The entry point, named so that tests can start it.</summary>
public partial class Program;
