namespace Cistern.Web.Tests;

/// <summary>Stored times are UTC; what a wall clock shows of them depends on the server's time zone, also across nights in which clocks change.</summary>
public sealed class ZoneTests
{
    private static readonly TimeZoneInfo FarEast = TimeZoneInfo.CreateCustomTimeZone("far-east", TimeSpan.FromHours(13), "far east", "far east");

    private static readonly TimeZoneInfo West = TimeZoneInfo.CreateCustomTimeZone("west", TimeSpan.FromMinutes(-210), "west", "west");

    /// <summary>An hour east, and an hour more from the last Sunday of March at two to the last of October at three.</summary>
    private static readonly TimeZoneInfo Summer = TimeZoneInfo.CreateCustomTimeZone("summer", TimeSpan.FromHours(1), "summer", "summer", "summer's",
    [
        TimeZoneInfo.AdjustmentRule.CreateAdjustmentRule(DateTime.MinValue.Date, DateTime.MaxValue.Date, TimeSpan.FromHours(1),
            TimeZoneInfo.TransitionTime.CreateFloatingDateRule(new DateTime(1, 1, 1, 2, 0, 0), 3, 5, DayOfWeek.Sunday), TimeZoneInfo.TransitionTime.CreateFloatingDateRule(new DateTime(1, 1, 1, 3, 0, 0), 10, 5, DayOfWeek.Sunday)),
    ]);

    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    public static TheoryData<string> Zones => ["far-east", "west", "summer"];

    private static TimeZoneInfo Zone(string id) => new[] { FarEast, West, Summer }.Single(zone => zone.Id == id);

    [Theory]
    [MemberData(nameof(Zones))]
    public void What_a_clock_shows_of_a_moment_is_that_moment(string id)
    {
        var zone = Zone(id);
        var random = new Random(1);
        for (var i = 0; i < 20_000; i++)
        {
            var ms = random.NextInt64(1_700_000_000_000, 1_900_000_000_000);
            // In the hour that comes twice the first one is meant, an hour earlier or unchanged.
            var off = ms - LocalTime.UtcMs(LocalTime.At(ms, zone), zone);
            Assert.True(off == 0 || (id == "summer" && Math.Abs(off) == 3_600_000), $"{ms}: {off}");
        }

        Assert.True(LocalTime.UtcMs(DateOnly.MinValue, zone) < LocalTime.UtcMs(new DateOnly(1, 1, 3), zone));
        Assert.Equal(LocalTime.UtcMs(new DateTime(2027, 3, 28, 3, 30, 0), Summer), LocalTime.UtcMs(new DateTime(2027, 3, 28, 2, 30, 0), Summer));
    }

    [Theory]
    [MemberData(nameof(Zones))]
    public async Task The_log_takes_the_first_and_the_last_day_there_is(string id)
    {
        await using var app = new App();
        app.Time.SetLocalTimeZone(Zone(id));
        var client = app.Browser();
        var all = (await App.GetAsync(client, "/log")).QuerySelectorAll("main a[href^='/log/']").Length;
        Assert.Equal(all, (await App.GetAsync(client, "/log?from=0001-01-01&to=9999-12-31")).QuerySelectorAll("main a[href^='/log/']").Length);
        await App.GetAsync(client, "/trends?from=0001-01-01");
        await App.GetAsync(client, "/files?from=0001-01-01&to=0001-01-01");
    }

    /// <summary>A server that moves to another time zone groups its log by the months of that zone.</summary>
    [Fact]
    public async Task Months_of_the_log_follow_the_zone()
    {
        await using var app = new App();
        var client = app.Browser();
        await app.DataAsync(async db =>
        {
            (await db.Brews.SingleAsync(row => row.Id == 5, Ct)).OpenedAtMs = new DateTimeOffset(2024, 2, 29, 23, 30, 0, TimeSpan.Zero).ToUnixTimeMilliseconds();
            return await db.SaveChangesAsync(Ct);
        });
        async Task<int> CountAsync(string month) => (await App.GetAsync(client, $"/log?month={month}")).QuerySelectorAll("main a[href='/log/5']").Length;
        Assert.Equal((true, 0), (await CountAsync("2024-02") > 0, await CountAsync("2024-03")));
        app.Time.SetLocalTimeZone(FarEast);
        Assert.Equal((0, true), (await CountAsync("2024-02"), await CountAsync("2024-03") > 0));
    }

    /// <summary>The night of 28 March 2027: a cup wanted at 3:02 begins before the clocks go from two to three, on the page as in the calendar.</summary>
    [Fact]
    public async Task A_plan_and_its_calendar_begin_at_one_moment_over_the_night_in_which_clocks_change()
    {
        await using var app = new App();
        app.Time.SetUtcNow(new DateTimeOffset(2027, 3, 27, 12, 0, 0, TimeSpan.Zero));
        app.Time.SetLocalTimeZone(Summer);
        var client = app.Browser();
        var page = await PlanPage.ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("ready", "2027-03-28 3:02"));
        var begins = page.QuerySelector("#ready-says strong")!.TextContent[^8..];
        Assert.StartsWith("01:", begins, StringComparison.Ordinal);
        var calendar = await client.GetStringAsync(new Uri("/out/calendar.ics", UriKind.Relative), Ct);
        var start = DateTimeOffset.ParseExact(calendar.Split('\n').First(line => line.StartsWith("DTSTART:", StringComparison.Ordinal)).Trim()["DTSTART:".Length..], "yyyyMMdd'T'HHmmss'Z'", CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal);
        Assert.Equal(begins, LocalTime.At(start.ToUnixTimeMilliseconds(), Summer).ToString("HH:mm:ss", CultureInfo.InvariantCulture));
    }
}
