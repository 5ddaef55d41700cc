using System.Globalization;
using System.Linq.Expressions;
using Cistern.Application;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Shelf;
using Cistern.Web.Wording;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Frame;

/// <summary>A brew under way, as the gauge shows it.</summary>
/// <param name="Id">The brew.</param>
/// <param name="Name">Its name.</param>
/// <param name="StartedAtMs">When its clock began, or null before.</param>
/// <param name="FinishS">When it should end, s on its clock.</param>
public sealed record UnderWay(int Id, string Name, long? StartedAtMs, double FinishS);

/// <summary>Who is at the bench, in which units, and what is being brewed: what every page needs to know.</summary>
public sealed class BaristaContext(CisternDb db, IHttpContextAccessor context, TimeProvider time, Pins pins)
{
    /// <summary>The cookie that remembers who brews on this device.</summary>
    public const string BaristaCookie = "barista";

    /// <summary>The cookie that remembers a theme chosen by hand.</summary>
    public const string ThemeCookie = "theme";

    private const int MostLanes = 24;

    // Compiled once: every page asks for these.
    private static readonly Func<CisternDb, int, CancellationToken, Task<Barista?>> BaristaOf = EF.CompileAsyncQuery((CisternDb db, int id, CancellationToken _) => db.Baristas.AsNoTracking().FirstOrDefault(row => row.Id == id));
    private static readonly Func<CisternDb, CancellationToken, Task<Barista?>> FirstWithoutPin = EF.CompileAsyncQuery((CisternDb db, CancellationToken _) => db.Baristas.AsNoTracking().OrderBy(row => row.Id).FirstOrDefault(row => row.Pin == ""));
    private static readonly Expression<Func<CisternDb, IQueryable<Brew>>> RunningBrews = db =>
        db.Brews.AsNoTracking().Where(brew => brew.State == BrewState.Running).OrderByDescending(brew => brew.OpenedAtMs).Take(MostLanes);
    private static readonly Func<CisternDb, IAsyncEnumerable<Brew>> Running = EF.CompileAsyncQuery(RunningBrews);
    private static readonly Func<CisternDb, IQueryable<Brew>> RunningOfDb = RunningBrews.Compile();

    private IReadOnlyList<UnderWay>? underWay;
    private bool loaded;
    private Barista? barista;
    private FigureFormat? format;

    /// <summary>Now, in UTC milliseconds.</summary>
    public long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>Today, where the server stands.</summary>
    public DateOnly Today => DateOnly.FromDateTime(time.GetLocalNow().DateTime);

    /// <summary>The theme chosen by hand, or null to follow the device.</summary>
    public string? Theme => context.HttpContext?.Request.Cookies[ThemeCookie] is "light" or "dark" ? context.HttpContext!.Request.Cookies[ThemeCookie] : null;

    /// <summary>
    /// The barista of this device, or the first there is who asks for no PIN; null in an empty file, and where everybody has a
    /// PIN and none was given on this device.
    /// </summary>
    public async Task<Barista?> BaristaAsync(CancellationToken ct = default)
    {
        if (!loaded)
        {
            loaded = true;
            var cookies = context.HttpContext?.Request.Cookies;
            var known = int.TryParse(cookies?[BaristaCookie], NumberStyles.None, CultureInfo.InvariantCulture, out var id);
            barista = known ? await BaristaOf(db, id, ct) : null;
            barista = barista is not null && pins.Proves(barista, cookies?[Pins.Cookie]) ? barista
                : await FirstWithoutPin(db, ct);
        }

        return barista;
    }

    /// <summary>How this barista reads figures.</summary>
    public async Task<FigureFormat> FormatAsync(CancellationToken ct = default) => format ??= await OfBaristaAsync(ct);

    /// <summary>Whether somebody is in their first brews, and has each act explained.</summary>
    public static async Task<bool> IsNewAsync(CisternDb db, int? baristaId, CancellationToken ct)
    {
        const int FirstBrews = 3;
        return await db.Brews.Where(brew => brew.BaristaId == baristaId && !brew.Rehearsal && brew.State == BrewState.Finished).Take(FirstBrews + 1).CountAsync(ct) <= FirstBrews;
    }

    /// <summary>Who asks, as the use cases know them.</summary>
    public async Task<AtBench> AtBenchAsync(CancellationToken ct = default)
    {
        var who = await BaristaAsync(ct);
        return new AtBench(who?.Name ?? "", (await FormatAsync(ct)).Hand.Grinder, who?.UsesLearned != false, Today);
    }

    private async Task<FigureFormat> OfBaristaAsync(CancellationToken ct)
    {
        if (await BaristaAsync(ct) is not { } who)
        {
            return new FigureFormat(Units.Metric);
        }

        // A shelf has hardly more than one spoon; the first stands for a scale.
        var spoon = who.NoScale ? await db.Spoons.AsNoTracking().Where(row => row.RemovedAtMs == null).OrderBy(row => row.Id).FirstOrDefaultAsync(ct) : null;
        return new FigureFormat(who.Units, new AtHand(!who.NoScale, !who.NoThermometer, !who.NoGrinder) { Spoon = SpoonAtHand.Of(spoon), ByTaste = who.ByTaste });
    }

    /// <summary>How this barista reads figures of a brew in a vessel of their own: without a scale, at its marks.</summary>
    /// <param name="vessel">Its name; empty for the recipe's own.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<FigureFormat> FormatOfAsync(string vessel, CancellationToken ct)
    {
        var theirs = await FormatAsync(ct);
        return theirs.Hand.Scale || vessel.Length == 0 || await db.Vessels.AsNoTracking().FirstOrDefaultAsync(row => row.Name == vessel, ct) is not { } own
            ? theirs
            : theirs.With(theirs.Hand with { MarksMl = own.MarksMl });
    }

    /// <summary>Brews under way, the newest first.</summary>
    public async Task<IReadOnlyList<UnderWay>> UnderWayAsync(CancellationToken ct = default) =>
        underWay ??= [.. (await Running(db).ToListAsync(ct)).Select(brew => new UnderWay(brew.Id, brew.Name, brew.StartedAtMs, brew.Figures().GetValueOrDefault("finishS") ?? 0))];

    /// <summary>The brews under way, the newest first: as many as a bench has hands for, and some.</summary>
    public static IQueryable<Brew> RunningOf(CisternDb db) => RunningOfDb(db);

    /// <summary>Now, where the server stands.</summary>
    public DateTime LocalNow => time.GetLocalNow().DateTime;

    /// <summary>Where the server stands: the one source of the zone.</summary>
    public TimeZoneInfo Zone => time.LocalTimeZone;

    /// <summary>A moment where the server stands, from UTC milliseconds.</summary>
    public DateTime Local(long ms) => LocalTime.At(ms, Zone);

    /// <summary>A moment where the server stands as UTC milliseconds; one that a clock put forward passed over is an hour later.</summary>
    public long UtcMs(DateTime local) => LocalTime.UtcMs(local, Zone);

    /// <summary>A moment as its day alone, where the server stands.</summary>
    public string Day(long ms) => Local(ms).ToString("d MMM yyyy", CultureInfo.InvariantCulture);

    /// <summary>A moment as its time of day alone, where the server stands.</summary>
    public string Clock(long ms) => Local(ms).ToString("HH:mm", CultureInfo.InvariantCulture);

    /// <summary>A moment as it is told: date and local time, never ambiguous.</summary>
    public string Moment(long ms)
    {
        var local = Local(ms);
        var day = DateOnly.FromDateTime(local);
        var clock = Clock(ms);
        return day == Today ? $"today {clock}"
            : day == Today.AddDays(-1) ? $"yesterday {clock}"
            : day == Today.AddDays(1) ? $"tomorrow {clock}"
            : $"{local.ToString("d MMM yyyy", CultureInfo.InvariantCulture)}, {clock}";
    }
}
