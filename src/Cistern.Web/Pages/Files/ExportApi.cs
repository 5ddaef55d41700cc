using System.Text;
using Cistern.Web.Pages.Log;

namespace Cistern.Web.Pages.Files;

/// <summary>Exports, streamed so that memory use does not depend on the length of the log.</summary>
internal static class ExportApi
{
    private const string Json = "application/json; charset=utf-8";
    private const string Csv = "text/csv; charset=utf-8";

    /// <summary>Draws it.</summary>
    public static void MapExport(this WebApplication app)
    {
        const string Asked = "Takes the same query as /log; without one, all brews of the log.";
        app.MapGet("/out/brews.json", BrewsAsync).WithName("brews-out").WithSummary("Brews of the log as one brew file.").WithDescription(Asked).Produces<BrewRecord[]>(StatusCodes.Status200OK, "application/json");
        app.MapGet("/out/brews.csv", TableAsync).WithName("table-out").WithSummary("Brews of the log as a table, one row per brew.").WithDescription(Asked);
        app.MapGet("/out/readings.csv", ReadingsAsync).WithName("readings-table-out").WithSummary("Readings of brews in the log as a table, one row per reading.").WithDescription(Asked);
        app.MapGet("/out/plans.json", PlansAsync).WithName("plans-out").WithSummary("The saved plans as one recipe file.");
        app.MapGet("/out/shelf.json", ShelfAsync).WithName("shelf-out").WithSummary("The shelf as one file.");
        app.MapGet("/log/{id:int}/brew.json", BrewAsync).WithName("brew-out").WithSummary("One brew as a brew file.").WithDescription("With ?pictures=true it includes its pictures, as data URIs.");
        app.MapGet("/log/{id:int}/tide.svg", BrewChartAsync).WithName("chart-out").WithSummary("The brew chart of one brew as it was brewed, as SVG.");
        app.MapGet("/formats/brew.schema.json", () => Results.Text(BrewSchema.Write(), "application/schema+json")).WithName("brew-schema").WithSummary("The brew file's JSON Schema, draft 2020-12.");
    }

    private static async Task BrewsAsync(HttpContext context, LogStore log, BrewExport brews, BaristaContext baristaContext, CancellationToken ct)
    {
        var ids = await IdsAsync(context, log, ct);
        Attach(context, Json, baristaContext, "brews", "json");
        await using var to = new StreamWriter(context.Response.Body, Plain, leaveOpen: true);
        await to.WriteAsync("[".AsMemory(), ct);
        var first = true;
        await foreach (var brew in brews.OfAsync(ids, withReadings: true, ct))
        {
            await to.WriteAsync((first ? "\n" : ",\n").AsMemory(), ct);
            await to.WriteAsync(BrewWriter.Write(brew).AsMemory(), ct);
            first = false;
        }

        await to.WriteAsync("\n]\n".AsMemory(), ct);
    }

    private static Task TableAsync(HttpContext context, LogStore log, BrewExport brews, BaristaContext baristaContext, CancellationToken ct) =>
        RowsAsync(context, log, brews, baristaContext, "brews", BrewTable.Head(), BrewTable.Row, withReadings: false, ct);

    private static Task ReadingsAsync(HttpContext context, LogStore log, BrewExport brews, BaristaContext baristaContext, CancellationToken ct) =>
        RowsAsync(context, log, brews, baristaContext, "readings", BrewTable.ReadingsHead(), BrewTable.ReadingRows, withReadings: true, ct);

    private static async Task RowsAsync(HttpContext context, LogStore log, BrewExport brews, BaristaContext baristaContext, string what, string head, Func<BrewRecord, string> rows, bool withReadings, CancellationToken ct)
    {
        var ids = await IdsAsync(context, log, ct);
        Attach(context, Csv, baristaContext, what, "csv");
        await using var to = new StreamWriter(context.Response.Body, Plain, leaveOpen: true);
        await to.WriteAsync(head.AsMemory(), ct);
        await foreach (var brew in brews.OfAsync(ids, withReadings, ct))
        {
            await to.WriteAsync(rows(brew).AsMemory(), ct);
        }
    }

    private static async Task<IResult> PlansAsync(HttpContext context, PlanFinder finder, BaristaContext baristaContext, CancellationToken ct)
    {
        Attach(context, Json, baristaContext, "plans", "json");
        // Plans of one recipe share its id, and a file may contain an id only once.
        var used = new HashSet<string>(StringComparer.Ordinal);
        return Results.Text(RecipeWriter.Write((await finder.RecipesAsync(ct)).Select(recipe => recipe with { Id = Own(recipe.Id, used) })), "application/json", Plain);
    }

    private static async Task<IResult> ShelfAsync(HttpContext context, ShelfTransfer shelf, BaristaContext baristaContext, CancellationToken ct)
    {
        Attach(context, Json, baristaContext, "shelf", "json");
        return Results.Text(ShelfFile.Write(await shelf.ExportAsync(ct)), "application/json", Plain);
    }

    private static async Task<IResult> BrewAsync(int id, bool? pictures, HttpContext context, CisternDb db, BrewExport brews, CancellationToken ct)
    {
        if (!await db.Brews.AnyAsync(row => row.Id == id && !row.Rehearsal, ct))
        {
            return Results.NotFound();
        }

        await foreach (var brew in brews.OfAsync([id], withReadings: true, ct, withPictures: pictures ?? false))
        {
            context.Response.Headers.ContentDisposition = $"attachment; filename={brew.Planned.Id}-{id.ToString(CultureInfo.InvariantCulture)}.json";
            return Results.Text(BrewWriter.Write(brew) + "\n", "application/json", Plain);
        }

        return Results.NotFound();
    }

    private static async Task<IResult> BrewChartAsync(int id, HttpContext context, CisternDb db, BaristaContext baristaContext, ForecastModel model, CancellationToken ct)
    {
        var brew = await db.Brews.AsNoTracking().Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id && !row.Rehearsal && row.State != BrewState.Running, ct);
        if (brew is null || !brew.IsReadable())
        {
            return Results.NotFound();
        }

        var format = await baristaContext.FormatAsync(ct);
        var plan = brew.ModelOf(model).Run(brew.Recipe());
        var run = brew.Run(plan, brew.EndedAtMs ?? brew.OpenedAtMs);
        var real = brew.ForecastIfFinished(plan, run) ?? plan;
        context.Response.Headers.ContentDisposition = $"attachment; filename={brew.RecipeId}-{id.ToString(CultureInfo.InvariantCulture)}.svg";
        return Results.Text(BrewChart.Draw(real, new BrewChartOptions(760) { StandsAlone = true, DrinkG = brew.Observed(ObservationNames.Beverage), Labels = format.Labels(StepWording.InVessel(real.Recipe.Brewer.Family)) }), "image/svg+xml", Plain);
    }

    private static UTF8Encoding Plain { get; } = new(encoderShouldEmitUTF8Identifier: false);

    private static async Task<List<int>> IdsAsync(HttpContext context, LogStore log, CancellationToken ct) =>
        [.. (await log.FindAsync(LogQueries.Of(context.Request.Query), ct)).Rows.Select(row => row.BrewId)];

    private static void Attach(HttpContext context, string type, BaristaContext baristaContext, string what, string ending)
    {
        context.Response.ContentType = type;
        context.Response.Headers.ContentDisposition = $"attachment; filename=cistern-{what}-{baristaContext.Today.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)}.{ending}";
    }

    private static string Own(string id, HashSet<string> used)
    {
        const int Longest = 80;
        for (var number = 2; !used.Add(id); number++)
        {
            var ending = string.Create(CultureInfo.InvariantCulture, $"-{number}");
            id = id[..Math.Min(id.Length, Longest - ending.Length)] + ending;
        }

        return id;
    }
}
