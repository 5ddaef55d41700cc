using Cistern.Web.Frame;

var builder = WebApplication.CreateBuilder(args);
builder.AddCistern();
var app = builder.Build();
await app.UseCisternAsync();
await app.RunAsync();

/// <summary>The entry point, named so that tests can start it.</summary>
public partial class Program;
