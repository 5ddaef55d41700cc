using Cistern.Web.Pages.Plan;
using Cistern.Web.Pages.Shelf;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Cistern.Web.Pages.Files;

/// <summary>Scheduled plans and tasks of the shelf as a calendar: a file to download, and an address to subscribe to.</summary>
internal static class CalendarApi
{
    /// <summary>Refresh interval suggested to calendar programs.</summary>
    private static readonly TimeSpan RefreshInterval = TimeSpan.FromMinutes(15);

    /// <summary>How long past entries stay, ms, for calendars that are read rarely.</summary>
    private const long ShownForMs = 7L * 86_400_000;

    /// <summary>Draws it.</summary>
    public static void MapCalendar(this WebApplication app) => app.MapGet("/out/calendar.ics", CalendarAsync)
        .WithName("calendar")
        .WithSummary("Scheduled brews with the start of each preparation, and reminders for the shelf, as iCalendar (RFC 5545).");

    private static async Task<IResult> CalendarAsync(HttpContext context, CisternDb db, PlanFinder finder, PlanOpening opening, BaristaContext baristaContext, CancellationToken ct)
    {
        var format = await baristaContext.FormatAsync(ct);
        var calendar = new Ical.Net.Calendar { ProductId = "-//Cistern//Cistern//EN", Method = "PUBLISH" };
        calendar.AddProperty("X-WR-CALNAME", "Cistern");
        calendar.AddProperty("REFRESH-INTERVAL;VALUE=DURATION", System.Xml.XmlConvert.ToString(RefreshInterval));
        foreach (var stored in await finder.ScheduledAsync(baristaContext.NowMs - ShownForMs, ct))
        {
            if (await finder.StateAsync(stored.Id, ct) is { } state)
            {
                calendar.Events.Add(Planned(stored, PlanForm.Read(state, await opening.ContextAsync(state, await baristaContext.CurrentBaristaAsync(ct), ct), format, []), format, $"{context.Request.Scheme}://{context.Request.Host}"));
            }
        }

        foreach (var row in await ShelfDue.RowsAsync(db, new ShelfView(format, baristaContext.Today), ct))
        {
            // Due now, on no particular day: a to-do without a date.
            calendar.Todos.Add(new Todo { Uid = string.Create(CultureInfo.InvariantCulture, $"{row.Kind}-{row.Id}@cistern"), Summary = $"{row.Name}: {row.Due}", Description = row.Line, DtStamp = Utc(baristaContext.NowMs), Status = TodoStatus.NeedsAction });
        }

        context.Response.Headers.CacheControl = "no-cache";
        return Results.Text(new CalendarSerializer().SerializeToString(calendar), "text/calendar; charset=utf-8");
    }

    private static CalendarEvent Planned(StoredPlan stored, PlanForm settings, FigureFormat format, string at)
    {
        var forecast = settings.Forecast;
        var recipe = settings.Recipe;
        var preparation = Preparation.Of(forecast, settings.Editing.Gear);
        var wantedMs = stored.WantedAtMs!.Value;
        long Before(double seconds) => wantedMs - (long)(1000 * seconds);
        var handsMs = Before(preparation.HandsNeededBeforeFinishS);
        var beginsMs = preparation.KettleBeforeFinishS is { } kettleS ? Math.Min(Before(kettleS), handsMs) : handsMs;
        var planned = new CalendarEvent
        {
            // The same plan at another time is the same entry, moved.
            Uid = string.Create(CultureInfo.InvariantCulture, $"plan-{stored.Id}@cistern"),
            Summary = $"Brew {stored.Name}",
            Start = Utc(beginsMs),
            End = Utc(wantedMs),
            DtStamp = Utc(stored.ChangedAtMs),
            Url = new Uri(string.Create(CultureInfo.InvariantCulture, $"{at}/plan/{stored.Id}")),
            Description = string.Join('\n', new[]
            {
                $"{StepWording.Vessel(recipe.Brewer)}, {format.Dose(recipe.Coffee.DoseG)} to {format.Water(recipe.WaterG)} at {format.Temperature(Settings.TemperatureC(recipe))}",
                settings.GrindText,
                settings.Bag?.Name ?? "",
                $"First water {FigureFormat.Clock(preparation.LeadS)} before it is ready.",
            }.Where(line => line.Length > 0)),
        };
        if (settings.Editing.Place is { } place)
        {
            planned.Location = place.Name;
        }

        if (beginsMs < handsMs)
        {
            planned.Alarms.Add(AlarmAt(0, "Kettle on: " + stored.Name));
        }

        planned.Alarms.Add(AlarmAt((handsMs - beginsMs) / 1000, (beginsMs == handsMs && preparation.KettleBeforeFinishS is not null ? "Kettle on, and begin: " : "Begin: ") + stored.Name));
        return planned;
    }

    /// <summary>An alarm some seconds after an entry begins.</summary>
    private static Alarm AlarmAt(long afterS, string what) =>
        new() { Action = AlarmAction.Display, Description = what, Trigger = new Trigger(Duration.FromTimeSpanExact(TimeSpan.FromSeconds(afterS))) };

    private static CalDateTime Utc(long ms) => new(DateTimeOffset.FromUnixTimeMilliseconds(ms).UtcDateTime, "UTC");
}
