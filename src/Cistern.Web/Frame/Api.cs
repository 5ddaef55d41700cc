using System.Text.Json;

namespace Cistern.Web.Frame;

/// <summary>The API for other programs.</summary>
public static class Api
{
    /// <summary>Maps the endpoints.</summary>
    public static void MapApi(this WebApplication app)
    {
        app.MapPost("/api/forecast", ForecastAsync)
            .WithName("forecast")
            .WithSummary("Forecasts a recipe file.")
            .WithDescription("Takes a recipe file of version 1: one recipe or an array of them. Returns the figures of each by name, and all findings. A rejected file returns 422 and its findings.")
            .Accepts<Recipe>("application/json")
            .Produces<ForecastAnswer>(StatusCodes.Status200OK, "application/json")
            .Produces<ForecastAnswer>(StatusCodes.Status422UnprocessableEntity, "application/json")
            .RequireRateLimiting(Limits.Api)
            .DisableAntiforgery();
        app.MapPost("/api/plan", PlanAsync)
            .WithName("plan")
            .WithSummary("Changes a recipe as the plan page does.")
            .WithDescription($"Takes a recipe file with one recipe and changes as ?set=WORD=VALUE, where WORD is one of {string.Join(", ", PlanWords.All.Select(word => word.Word))}. Returns the recipe after all changes, its forecast and findings; 422 and the findings if any change is rejected, in which case none is applied.")
            .Accepts<Recipe>("application/json")
            .Produces<ForecastAnswer>(StatusCodes.Status200OK, "application/json")
            .Produces<ForecastAnswer>(StatusCodes.Status422UnprocessableEntity, "application/json")
            .RequireRateLimiting(Limits.Api)
            .DisableAntiforgery();
        app.MapGet("/formats/recipe.schema.json", () => Results.Text(RecipeSchema.Write(), "application/schema+json"))
            .WithName("recipe-schema")
            .WithSummary("The recipe file's JSON Schema, draft 2020-12.");
        app.MapOpenApi();
    }

    private static async Task ForecastAsync(HttpContext context, [FromQuery] bool? series, ForecastModel model, CancellationToken ct)
    {
        var file = ForecastFile.Read(await ReadAsync(context.Request.Body, ct), model, new ForecastOptions { WithSeries = series == true });
        context.Response.StatusCode = file.Refused ? StatusCodes.Status422UnprocessableEntity : StatusCodes.Status200OK;
        if (series == true && !file.Refused)
        {
            context.Response.ContentType = "text/csv; charset=utf-8";
            await using var csv = new StringWriter();
            ForecastFile.WriteSeries(csv, file.Forecasts);
            await context.Response.WriteAsync(csv.ToString(), ct);
            return;
        }

        context.Response.ContentType = "application/json";
        using var stream = new MemoryStream();
        await using (var json = new Utf8JsonWriter(stream))
        {
            json.WriteStartObject();
            json.WriteStartArray("forecasts");
            foreach (var forecast in file.Forecasts)
            {
                ForecastFile.Write(json, forecast);
            }

            json.WriteEndArray();
            json.WritePropertyName("findings");
            ForecastFile.Write(json, file.Findings);
            json.WriteEndObject();
        }

        await context.Response.Body.WriteAsync(stream.GetBuffer().AsMemory(0, (int)stream.Length), ct);
    }

    private static async Task PlanAsync(HttpContext context, ForecastModel model, CancellationToken ct)
    {
        var file = RecipeReader.Read(await ReadAsync(context.Request.Body, ct));
        var planned = file.Recipes is [var recipe] ? PlanWords.Apply(recipe, context.Request.Query["set"].OfType<string>().Take(50), model) : null;
        var findings = planned?.Findings ?? (file.Accepted ? [FindingKinds.OneRecipeExpected.At("", file.Recipes.Length)] : file.Findings);
        var refused = planned is null || planned.Findings.Any(finding => finding.Severity == Severity.Error);
        context.Response.StatusCode = refused ? StatusCodes.Status422UnprocessableEntity : StatusCodes.Status200OK;
        context.Response.ContentType = "application/json";
        using var stream = new MemoryStream();
        await using (var json = new Utf8JsonWriter(stream))
        {
            json.WriteStartObject();
            if (!refused)
            {
                json.WritePropertyName("recipe");
                json.WriteRawValue(RecipeWriter.Write(planned!.Recipe));
                json.WritePropertyName("forecast");
                ForecastFile.Write(json, planned.Forecast);
            }

            json.WritePropertyName("findings");
            ForecastFile.Write(json, findings);
            json.WriteEndObject();
        }

        await context.Response.Body.WriteAsync(stream.GetBuffer().AsMemory(0, (int)stream.Length), ct);
    }

    /// <summary>Reads at most one byte over the limit, which is enough to know that a file is too large.</summary>
    private static async Task<ReadOnlyMemory<byte>> ReadAsync(Stream body, CancellationToken ct)
    {
        var buffer = new byte[RecipeReader.MaxFileBytes + 1];
        var length = await body.ReadAtLeastAsync(buffer, buffer.Length, throwOnEndOfStream: false, ct);
        return buffer.AsMemory(0, length);
    }

    /// <summary>The shape of the response, for the API's description.</summary>
    /// <param name="Forecasts">One object per recipe: its id, the model's version, and the figures by name.</param>
    /// <param name="Findings">All findings.</param>
    private sealed record ForecastAnswer(IReadOnlyList<JsonElement> Forecasts, IReadOnlyList<Finding> Findings);
}
