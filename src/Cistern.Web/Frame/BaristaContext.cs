using System.Linq.Expressions;

namespace Cistern.Web.Frame;

/// <summary>A running brew, as shown at the top of every page.</summary>
/// <param name="Id">The brew.</param>
/// <param name="Name">Its name.</param>
/// <param name="StartedAtMs">When its clock started, or null before.</param>
/// <param name="FinishS">When it should end, s on the brew clock.</param>
public sealed record UnderWay(int Id, string Name, long? StartedAtMs, double FinishS);

/// <summary>The current barista with their units, and the running brews: what every page needs.</summary>
public sealed class BaristaContext(CisternDb db, IHttpContextAccessor context, TimeProvider time, Pins pins)
{
    /// <summary>The cookie with this device's barista.</summary>
    public const string BaristaCookie = "barista";

    /// <summary>The cookie with the chosen theme.</summary>
    public const string ThemeCookie = "theme";

    private const int MaxLanes = 24;

    // Compiled once: every page asks for these.
    private static readonly Func<CisternDb, int, CancellationToken, Task<Barista?>> BaristaOf = EF.CompileAsyncQuery((CisternDb db, int id, CancellationToken _) => db.Baristas.AsNoTracking().FirstOrDefault(row => row.Id == id));
    private static readonly Func<CisternDb, CancellationToken, Task<Barista?>> FirstWithoutPin = EF.CompileAsyncQuery((CisternDb db, CancellationToken _) => db.Baristas.AsNoTracking().OrderBy(row => row.Id).FirstOrDefault(row => row.Pin == ""));
    private static readonly Expression<Func<CisternDb, IQueryable<Brew>>> RunningBrews = db =>
        db.Brews.AsNoTracking().Where(brew => brew.State == BrewState.Running).OrderByDescending(brew => brew.OpenedAtMs).Take(MaxLanes);
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

    /// <summary>The chosen theme, or null to follow the device.</summary>
    public string? Theme => context.HttpContext?.Request.Cookies[ThemeCookie] is "light" or "dark" ? context.HttpContext!.Request.Cookies[ThemeCookie] : null;

    /// <summary>
    /// The barista of this device, or else the first one without a PIN; null in an empty file, and where everybody has a
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

    /// <summary>Formats figures for this barista.</summary>
    public async Task<FigureFormat> FormatAsync(CancellationToken ct = default) => format ??= await OfBaristaAsync(ct);

    /// <summary>Whether this is one of a barista's first brews, in which each step is explained.</summary>
    public static async Task<bool> IsNewAsync(CisternDb db, int? baristaId, CancellationToken ct)
    {
        const int FirstBrews = 3;
        return await db.Brews.Where(brew => brew.BaristaId == baristaId && !brew.Rehearsal && brew.State == BrewState.Finished).Take(FirstBrews + 1).CountAsync(ct) <= FirstBrews;
    }

    /// <summary>The current barista for use cases.</summary>
    public async Task<CurrentBarista> CurrentBaristaAsync(CancellationToken ct = default)
    {
        var who = await BaristaAsync(ct);
        return new CurrentBarista(who?.Name ?? "", (await FormatAsync(ct)).Equipment.Grinder, who?.UsesLearned != false, Today);
    }

    private async Task<FigureFormat> OfBaristaAsync(CancellationToken ct)
    {
        if (await BaristaAsync(ct) is not { } who)
        {
            return new FigureFormat(Units.Metric);
        }

        // There is rarely more than one spoon; the first is used.
        var spoon = who.NoScale ? await db.Spoons.AsNoTracking().Where(row => row.RemovedAtMs == null).OrderBy(row => row.Id).FirstOrDefaultAsync(ct) : null;
        return new FigureFormat(who.Units, new Equipment(!who.NoScale, !who.NoThermometer, !who.NoGrinder) { Spoon = EquipmentSpoon.Of(spoon), ByTaste = who.ByTaste });
    }

    /// <summary>How this barista reads the figures of a brew in their own vessel: without a scale, at its marks.</summary>
    /// <param name="vessel">Its name; empty for the recipe's own.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<FigureFormat> FormatOfAsync(string vessel, CancellationToken ct)
    {
        var theirs = await FormatAsync(ct);
        return theirs.Equipment.Scale || vessel.Length == 0 || await db.Vessels.AsNoTracking().FirstOrDefaultAsync(row => row.Name == vessel, ct) is not { } own
            ? theirs
            : theirs.With(theirs.Equipment with { MarksMl = own.MarksMl });
    }

    /// <summary>Brews under way, the newest first.</summary>
    public async Task<IReadOnlyList<UnderWay>> UnderWayAsync(CancellationToken ct = default) =>
        underWay ??= [.. (await Running(db).ToListAsync(ct)).Select(brew => new UnderWay(brew.Id, brew.Name, brew.StartedAtMs, brew.Figures().GetValueOrDefault("finishS") ?? 0))];

    /// <summary>The running brews, newest first, limited to more than anybody can conduct.</summary>
    public static IQueryable<Brew> RunningOf(CisternDb db) => RunningOfDb(db);

    /// <summary>Now, where the server stands.</summary>
    public DateTime LocalNow => time.GetLocalNow().DateTime;

    /// <summary>The server's time zone; no other place determines it.</summary>
    public TimeZoneInfo Zone => time.LocalTimeZone;

    /// <summary>The local time of a moment in UTC milliseconds.</summary>
    public DateTime Local(long ms) => LocalTime.At(ms, Zone);

    /// <summary>The moment of a local time in UTC milliseconds; a time skipped when clocks go forward is taken an hour later.</summary>
    public long UtcMs(DateTime local) => LocalTime.UtcMs(local, Zone);

    /// <summary>The local date of a moment.</summary>
    public string Day(long ms) => Local(ms).ToString("d MMM yyyy", CultureInfo.InvariantCulture);

    /// <summary>The local time of day of a moment.</summary>
    public string Clock(long ms) => Local(ms).ToString("HH:mm", CultureInfo.InvariantCulture);

    /// <summary>The local date and time of a moment, unambiguous.</summary>
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
