using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Security.Cryptography;
using System.Text;

namespace Cistern.Web.Pages.Brewing;

/// <summary>The API for instruments, and the event stream for pages that watch.</summary>
internal static class ReadingsApi
{
    private const int MaxBodyBytes = 128 * 1024;

    /// <summary>Requests per second for one brew: an instrument that measures ten times a second sends several readings together.</summary>
    private const int MaxPieces = 25;

    /// <summary>Interval of keep-alive messages in a stream.</summary>
    private static readonly TimeSpan HeartbeatEvery = TimeSpan.FromSeconds(15);

    /// <summary>How long before its brew was opened a reading may have been made, ms.</summary>
    private const long EarlyMs = 10 * 60_000;

    /// <summary>Draws it.</summary>
    public static void MapReadings(this WebApplication app)
    {
        app.MapPost("/api/brews/{id:int}/readings", TakeAsync)
            .WithName("readings")
            .WithSummary("Receives readings of a brew, in any order; each is stored once.")
            .WithDescription($"JSON lines ({{\"of\":\"scaleG\",\"atMs\":…,\"value\":…}}), or CSV with the header of,atMs,value; at most {ReadingLines.Most} readings per request and {MaxPieces} requests per second. At most five per second are stored. Authorization: Bearer with the brew's token. See docs/formats/readings.md.")
            .RequireRateLimiting(Limits.Readings)
            .DisableAntiforgery();
        app.MapGet("/api/brews/{id:int}/readings.csv", ExportAsync)
            .WithName("readings-out")
            .WithSummary("Readings of a brew as CSV: seconds on its clock, and the value.");
        app.MapGet("/api/brews/{id:int}/live", LiveAsync)
            .WithName("live")
            .WithSummary("Readings as they arrive, as server-sent events.");
        app.MapGet("/api/brews/{id:int}", BrewAsync)
            .WithName("brew")
            .WithSummary("The plan of a running brew, when its clock started, and the server's time, for gateways.");
    }

    private static async Task<IResult> BrewAsync(int id, CisternDb db, TimeProvider time, CancellationToken ct)
    {
        if (await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } brew || !brew.IsReadable())
        {
            return NoBrew(id);
        }

        return Results.Text($"{{\"id\":{id.ToString(CultureInfo.InvariantCulture)},\"state\":\"{Words<BrewState>.Of(brew.State)}\",\"speed\":{Number(brew.Speed)},\"openedAtMs\":{Number(brew.OpenedAtMs)},\"nowMs\":{Number(brew.ClockMs(time.GetUtcNow().ToUnixTimeMilliseconds()))},\"startedAtMs\":{(brew.StartedAtMs is { } ms ? Number(ms) : "null")},\"recipe\":{brew.PlanJson}}}", "application/json");

        static string Number(long value) => value.ToString(CultureInfo.InvariantCulture);
    }

    private static async Task<IResult> TakeAsync(int id, HttpContext context, CisternDb db, ReadingStore store, LiveReadings live, TimeProvider time, CancellationToken ct)
    {
        if (await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } brew)
        {
            return NoBrew(id);
        }

        if (!IsToken(context.Request.Headers.Authorization.ToString(), brew.ReadingToken))
        {
            return Refuse(StatusCodes.Status401Unauthorized, FindingKinds.WrongToken);
        }

        var nowMs = time.GetUtcNow().ToUnixTimeMilliseconds();
        var reader = live.Of(id);
        var rate = nowMs - reader.Rate.SinceMs is >= 0 and < 1000 ? reader.Rate : (SinceMs: nowMs, Count: 0);
        reader.Rate = (rate.SinceMs, rate.Count + 1);
        if (rate.Count >= MaxPieces)
        {
            context.Response.Headers.RetryAfter = "1";
            return Refuse(StatusCodes.Status429TooManyRequests, FindingKinds.TooManyPieces, MaxPieces);
        }

        var buffer = new byte[MaxBodyBytes + 1];
        var length = await context.Request.Body.ReadAtLeastAsync(buffer, buffer.Length, throwOnEndOfStream: false, ct);
        if (length > MaxBodyBytes)
        {
            return Refuse(StatusCodes.Status413PayloadTooLarge, FindingKinds.PieceTooLarge, MaxBodyBytes / 1024);
        }

        var (readings, findings) = ReadingLines.Read(Encoding.UTF8.GetString(buffer, 0, length), brew.ClockMs(nowMs), brew.OpenedAtMs - EarlyMs);
        if (!findings.IsEmpty)
        {
            return Results.Json(new { findings }, PageBrew.Json, statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        return await store.ReceiveAsync(id, readings, ct) is { } taken
            ? Results.Json(new { kept = taken.Saved, taken.Dropped }, PageBrew.Json)
            : Refuse(StatusCodes.Status409Conflict, FindingKinds.BrewIsOver);
    }

    private static bool IsToken(string header, string? token) =>
        token is { Length: > 0 } && header.StartsWith("Bearer ", StringComparison.Ordinal)
        && CryptographicOperations.FixedTimeEquals(Encoding.UTF8.GetBytes(header["Bearer ".Length..].Trim()), Encoding.UTF8.GetBytes(token));

    private static async Task<IResult> ExportAsync(int id, CisternDb db, CancellationToken ct)
    {
        if (await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } brew)
        {
            return NoBrew(id);
        }

        var curves = await ReadingStore.LoadAsync(db, id, ct);
        var text = new StringBuilder("of,atS,value,unit\n");
        foreach (var curve in curves.Values.OrderBy(curve => curve.Of))
        {
            var range = ReadingRange.For(curve.Of);
            foreach (var point in curve.Points)
            {
                text.Append(CultureInfo.InvariantCulture, $"{range.Word},{(point.AtMs - (brew.StartedAtMs ?? brew.OpenedAtMs)) / 1000.0:0.000},{point.Value:0.##},{range.Unit}\n");
            }
        }

        return Results.File(Encoding.UTF8.GetBytes(text.ToString()), "text/csv; charset=utf-8", string.Create(CultureInfo.InvariantCulture, $"brew-{id}-readings.csv"));
    }

    private static async Task<IResult> LiveAsync(int id, CisternDb db, LiveReadings readings, IHostApplicationLifetime lifetime, HttpContext context)
    {
        if (!await db.Brews.AnyAsync(row => row.Id == id && row.State == BrewState.Running, context.RequestAborted))
        {
            return NoBrew(id);
        }

        // A server that is shutting down does not wait for watchers.
        var stops = CancellationTokenSource.CreateLinkedTokenSource(context.RequestAborted, lifetime.ApplicationStopping);
        context.Response.RegisterForDispose(stops);
        return TypedResults.ServerSentEvents(Events(readings.Of(id), stops.Token));
    }

    private static async IAsyncEnumerable<SseItem<LiveMoment>> Events(LiveReadings.LiveReader reader, [EnumeratorCancellation] CancellationToken ct)
    {
        // At once, so that the watcher knows that the stream works.
        var nothing = new LiveMoment(0, new Dictionary<string, double>(), null, Changed: false);
        yield return new SseItem<LiveMoment>(nothing, "open");
        await using var moments = reader.WatchAsync(ct).GetAsyncEnumerator(ct);
        var next = moments.MoveNextAsync().AsTask();
        while (true)
        {
            // A disconnected client is noticed only when something is written to it.
            if (await Task.WhenAny(next, Task.Delay(HeartbeatEvery, ct)) != next && !ct.IsCancellationRequested)
            {
                yield return new SseItem<LiveMoment>(nothing, "beat");
            }
            else if (await next)
            {
                yield return new SseItem<LiveMoment>(moments.Current, "moment");
                next = moments.MoveNextAsync().AsTask();
            }
            else
            {
                yield break;
            }
        }
    }

    private static IResult NoBrew(int id) => Refuse(StatusCodes.Status404NotFound, FindingKinds.NoSuchBrew, id);

    private static IResult Refuse(int status, FindingKind kind, params object[] arguments) =>
        Results.Json(new { findings = new[] { kind.At("", arguments) } }, PageBrew.Json, statusCode: status);
}
