using System.Net.Http.Json;
using System.Security.Cryptography.X509Certificates;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging.Abstractions;
using Microsoft.Extensions.Time.Testing;

namespace Cistern.Web.Tests;

/// <summary>From beyond this machine only devices that were let in are answered, each within its own rights.</summary>
public sealed class LocalNetworkTests(LocalNetworkTests.NetworkApp shared) : IClassFixture<LocalNetworkTests.NetworkApp>
{
    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    private static Uri At(string path) => new(path, UriKind.Relative);

    private static DeviceJoin Joining(App app) => app.Services.GetRequiredService<DeviceJoin>();

    /// <summary>Connects a device as its user would: with the code, on the one page it can open.</summary>
    private static async Task<HttpClient> JoinedAsync(App app, DeviceRole role, string name = "Kitchen phone")
    {
        var device = app.FromNetwork();
        var page = await App.GetAsync(device, "/devices/join");
        await App.PostAsync(device, page, "/devices/join", ("code", Joining(app).Offer(role).Digits), ("name", name));
        return device;
    }

    private static async Task<Device> DeviceAsync(App app, string name = "Kitchen phone") => await app.DataAsync(db => db.Devices.AsNoTracking().OrderByDescending(one => one.Id).FirstAsync(one => one.Name == name, Ct));

    /// <summary>Whatever is requested and however: a stranger gets the page that asks for the code, and the files that page needs.</summary>
    [Fact]
    public async Task A_stranger_sees_the_page_that_asks_for_the_code_and_nothing_else()
    {
        await using var app = App.OnNetwork();
        var stranger = app.FromNetwork(redirects: false);
        var paths = app.Services.GetServices<EndpointDataSource>().SelectMany(source => source.Endpoints).OfType<RouteEndpoint>()
            .Select(one => "/" + string.Join('/', one.RoutePattern.PathSegments.Select(part => part.IsSimple && part.Parts[0] is Microsoft.AspNetCore.Routing.Patterns.RoutePatternLiteralPart literal ? literal.Content : "1")))
            .Where(path => !path.StartsWith("/lib/fonts/", StringComparison.Ordinal) && !path.StartsWith("/lib/bulma-parts", StringComparison.Ordinal) && !path.StartsWith("/css/", StringComparison.Ordinal) && !path.StartsWith("/icon", StringComparison.Ordinal))
            .Concat(["/PAIR/../log", "/pair/1", "/pair%2f..%2flog", "/devices/join/../../log", "/nothing", "/authority.crt", "/lib/fonts/../../log", "/css/%2e%2e/log"]).Distinct(StringComparer.OrdinalIgnoreCase).ToList();
        Assert.True(paths.Count > 80, $"{paths.Count} addresses");
        foreach (var path in paths.Where(path => path is not (NetworkGuard.JoinPath or NetworkGuard.EarlierJoinPath)))
        {
            foreach (var method in (HttpMethod[])[HttpMethod.Get, HttpMethod.Post, HttpMethod.Head, HttpMethod.Put, HttpMethod.Delete, HttpMethod.Options])
            {
                using var request = new HttpRequestMessage(method, At(path));
                request.Headers.Add("X-Forwarded-For", "127.0.0.1");
                request.Headers.Add("X-Http-Method-Override", "GET");
                request.Headers.Add("Cookie", $"{NetworkGuard.Cookie}=guessed; barista=1");
                var answer = await stranger.SendAsync(request, Ct);
                var leads = answer.StatusCode == HttpStatusCode.Found && answer.Headers.Location!.OriginalString == "/devices/join";
                Assert.True(leads || (int)answer.StatusCode is 401 or 405 or 404 or 501, $"{method} {path}: {answer.StatusCode}");
                Assert.DoesNotContain("Long settle", await answer.Content.ReadAsStringAsync(Ct), StringComparison.Ordinal);
            }
        }

        var page = await App.GetAsync(stranger, "/devices/join?code=123456");
        Assert.Equal("123456", page.QuerySelector("#code")!.GetAttribute("value"));
        Assert.Null(page.QuerySelector("nav, script"));
        Assert.Equal(HttpStatusCode.OK, (await stranger.GetAsync(At("/css/cistern.css"), Ct)).StatusCode);
        // A certificate valid for it would reach every port of this host: the plain page about trust, and whatever else runs there.
        Assert.False((await stranger.GetAsync(At("/devices/join"), Ct)).Headers.Contains("Strict-Transport-Security"));
    }

    /// <summary>Also at its earlier address: a form may be open there while the server is updated.</summary>
    [Theory]
    [InlineData("/devices/join")]
    [InlineData("/pair")]
    public async Task A_code_lets_one_device_in_once_and_for_five_minutes(string address)
    {
        await using var app = App.OnNetwork();
        var device = app.FromNetwork(redirects: false);
        var page = await App.GetAsync(device, address);
        var code = Joining(app).Offer(DeviceRole.Barista);
        Assert.Matches("^[0-9]{6}$", code.Digits);

        // An invalid name is reported before the code is used up.
        var unnamed = await App.PostAsync(device, page, address, ("code", code.Digits), ("name", " "));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, unnamed.StatusCode);
        Assert.Equal(code.Digits, (await App.ParseAsync(unnamed)).QuerySelector("#code")!.GetAttribute("value"));
        var let = await App.PostAsync(device, page, address, ("code", code.Digits[..3] + " " + code.Digits[3..]), ("name", "Kitchen phone"));
        Assert.Equal("/", let.Headers.Location!.OriginalString);
        var cookie = let.Headers.GetValues("Set-Cookie").Single(one => one.StartsWith(NetworkGuard.Cookie, StringComparison.Ordinal));
        Assert.All(["secure", "httponly", "samesite=strict", "path=/"], flag => Assert.Contains(flag, cookie, StringComparison.OrdinalIgnoreCase));
        Assert.DoesNotContain("domain", cookie, StringComparison.OrdinalIgnoreCase);
        Assert.Equal(HttpStatusCode.OK, (await device.GetAsync(At("/"), Ct)).StatusCode);
        // Only a hash of the token is stored: whoever reads the data file gets in nowhere.
        var row = await DeviceAsync(app);
        Assert.DoesNotContain(row.TokenHash, cookie, StringComparison.OrdinalIgnoreCase);
        Assert.Equal(DeviceStore.HashOf(cookie.Split('=', 2)[1].Split(';')[0]), row.TokenHash);
        Assert.Contains("Kitchen phone was connected as barista.", (await App.GetAsync(app.Browser(), "/devices")).QuerySelector("#record")!.TextContent, StringComparison.Ordinal);

        var second = app.FromNetwork(redirects: false);
        page = await App.GetAsync(second, address);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(second, page, address, ("code", code.Digits), ("name", "Another"))).StatusCode);
        var late = Joining(app).Offer(DeviceRole.Barista);
        app.Time.Advance(TimeSpan.FromMinutes(5));
        Assert.Null(Joining(app).Current);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(second, page, address, ("code", late.Digits), ("name", "Another"))).StatusCode);
    }

    [Fact]
    public async Task Five_wrong_codes_lock_joining_for_five_minutes_and_the_owner_is_told()
    {
        await using var app = App.OnNetwork();
        var guesser = app.FromNetwork();
        var page = await App.GetAsync(guesser, "/devices/join");
        var code = Joining(app).Offer(DeviceRole.Owner).Digits;
        var wrong = code == "000000" ? "000001" : "000000";
        for (var i = 0; i < 4; i++)
        {
            Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(guesser, page, "/devices/join", ("code", wrong), ("name", "Guesser"))).StatusCode);
        }

        Assert.Null(Joining(app).BlockedFor);
        Assert.Equal(HttpStatusCode.TooManyRequests, (await App.PostAsync(guesser, page, "/devices/join", ("code", wrong), ("name", "Guesser"))).StatusCode);
        // Until the time is over neither the right code nor a new one is accepted.
        Assert.Equal(HttpStatusCode.TooManyRequests, (await App.PostAsync(guesser, page, "/devices/join", ("code", code), ("name", "Guesser"))).StatusCode);
        Assert.Equal(HttpStatusCode.TooManyRequests, (await App.PostAsync(guesser, page, "/devices/join", ("code", Joining(app).Offer(DeviceRole.Guest).Digits), ("name", "Guesser"))).StatusCode);
        Assert.Contains("tried five wrong codes", (await App.GetAsync(app.Browser(), "/log")).QuerySelector(".finding")!.TextContent, StringComparison.Ordinal);
        Assert.Contains(await app.DataAsync(db => db.ActionRecords.Select(one => one.What).ToListAsync(Ct)), what => what.StartsWith("Too many wrong codes", StringComparison.Ordinal));
        Assert.Equal(0, await app.DataAsync(db => db.Devices.CountAsync(Ct)));

        app.Time.Advance(TimeSpan.FromMilliseconds(TryLimiter.BlockedForMs));
        Assert.Equal(HttpStatusCode.OK, (await App.PostAsync(guesser, page, "/devices/join", ("code", Joining(app).Offer(DeviceRole.Guest).Digits), ("name", "Guesser"))).StatusCode);
        Assert.Null((await App.GetAsync(app.Browser(), "/log")).QuerySelector(".finding"));
    }

    /// <summary>A script that sends codes as fast as it can is slowed down by its address too.</summary>
    [Fact]
    public async Task Codes_by_the_hundred_are_not_looked_at()
    {
        await using var app = App.OnNetwork();
        var guesser = app.FromNetwork();
        var page = await App.GetAsync(guesser, "/devices/join");
        var limited = 0;
        for (var i = 0; i < 30; i++)
        {
            var answer = await App.PostAsync(guesser, page, "/devices/join", ("code", "1"), ("name", "Guesser"));
            limited += (await answer.Content.ReadAsStringAsync(Ct)).Contains("That was too often", StringComparison.Ordinal) ? 1 : 0;
        }

        Assert.InRange(limited, 9, 12);
    }

    [Theory]
    [InlineData(DeviceRole.Owner, "POST", "/devices", true)]
    [InlineData(DeviceRole.Owner, "POST", "/files", true)]
    [InlineData(DeviceRole.Barista, "GET", "/devices", false)]
    [InlineData(DeviceRole.Barista, "POST", "/Devices", false)]
    [InlineData(DeviceRole.Barista, "GET", "/plan/fp-bloomed", true)]
    [InlineData(DeviceRole.Barista, "POST", "/plan/fp-bloomed", true)]
    [InlineData(DeviceRole.Barista, "POST", "/api/brews/1/entries", true)]
    [InlineData(DeviceRole.Barista, "POST", "/shelf", true)]
    [InlineData(DeviceRole.Barista, "POST", "/files", false)]
    [InlineData(DeviceRole.Barista, "POST", "/Files/in/1", false)]
    [InlineData(DeviceRole.Barista, "GET", "/files", true)]
    [InlineData(DeviceRole.Guest, "GET", "/log", true)]
    [InlineData(DeviceRole.Guest, "HEAD", "/log", true)]
    [InlineData(DeviceRole.Guest, "GET", "/devices", false)]
    [InlineData(DeviceRole.Guest, "POST", "/plan/fp-bloomed", false)]
    [InlineData(DeviceRole.Guest, "POST", "/taste/1", false)]
    [InlineData(DeviceRole.Guest, "POST", "/api/brews/1/entries", false)]
    [InlineData(DeviceRole.Guest, "POST", "/blind/1/answer", true)]
    [InlineData(DeviceRole.Guest, "POST", "/blind/1", false)]
    [InlineData(DeviceRole.Guest, "POST", "/api/forecast", true)]
    [InlineData(DeviceRole.Guest, "DELETE", "/log", false)]
    [InlineData(DeviceRole.Instrument, "POST", "/api/brews/1/readings", true)]
    [InlineData(DeviceRole.Instrument, "GET", "/api/brews/1/readings", false)]
    [InlineData(DeviceRole.Instrument, "POST", "/api/brews/1/entries", false)]
    [InlineData(DeviceRole.Guest, "POST", "/devices/join", true)]
    [InlineData(DeviceRole.Guest, "POST", "/pair", true)]
    [InlineData(DeviceRole.Barista, "POST", "/devices/join/code", false)]
    [InlineData(DeviceRole.Instrument, "POST", "/devices/join", false)]
    [InlineData(DeviceRole.Instrument, "GET", "/", false)]
    public void Each_role_may_ask_for_what_is_its_own(DeviceRole role, string method, string path, bool may) => Assert.Equal(may, RoleRules.Allow(role, method, path));

    /// <summary>What a device may not change is shown as text: no button that answers "not for this device".</summary>
    [Fact]
    public async Task What_a_role_may_not_do_is_not_offered_to_it()
    {
        await using var app = App.OnNetwork();
        var (guest, barista) = (await JoinedAsync(app, DeviceRole.Guest), await JoinedAsync(app, DeviceRole.Barista, "Bar phone"));
        foreach (var path in (string[])["/", "/plan/fp-bloomed", "/taste/8", "/shelf/coffee/1", "/log/7", "/you"])
        {
            var page = await App.GetAsync(guest, path);
            Assert.All(page.QuerySelectorAll("form[method=post]:not([action^='/devices/join']) button:not([type=button])"), button => Assert.NotNull(button.Closest("fieldset.look-only[disabled]")));
            Assert.Contains("This device is a guest", page.QuerySelector("main")!.TextContent, StringComparison.Ordinal);
        }

        // It may still remove itself.
        Assert.Null((await App.GetAsync(guest, "/you")).QuerySelector("[action^='/devices/join'] button")!.Closest(".look-only"));
        Assert.Null((await App.GetAsync(barista, "/plan/fp-bloomed")).QuerySelector(".look-only"));
        Assert.NotNull((await App.GetAsync(barista, "/files")).QuerySelector("form[method=post] .look-only[disabled]"));
    }

    [Fact]
    public async Task A_guest_only_reads_and_becomes_a_barista_at_a_touch()
    {
        await using var app = App.OnNetwork();
        var guest = await JoinedAsync(app, DeviceRole.Guest);
        var plan = await App.GetAsync(guest, "/plan/fp-bloomed");
        Assert.Null(plan.QuerySelector("a[href='/devices']"));
        var brews = await app.DataAsync(db => db.Brews.CountAsync(Ct));
        var refused = await PlanPage.BrewAsync(guest, plan);
        Assert.Equal(HttpStatusCode.Forbidden, refused.StatusCode);
        Assert.Contains("This device is a guest here", await refused.Content.ReadAsStringAsync(Ct), StringComparison.Ordinal);
        Assert.Equal(brews, await app.DataAsync(db => db.Brews.CountAsync(Ct)));

        var owner = app.Browser();
        var list = await App.GetAsync(owner, "/devices");
        var id = list.QuerySelector("#paired [name=device]")!.GetAttribute("value")!;
        await App.PostAsync(owner, list, "/devices?handler=Role", ("device", id), ("role", "barista"));
        Assert.Equal(HttpStatusCode.OK, (await PlanPage.BrewAsync(guest, plan)).StatusCode);
        Assert.Equal(brews + 1, await app.DataAsync(db => db.Brews.CountAsync(Ct)));
        Assert.Contains("Kitchen phone is a barista now, and was a guest.", (await App.GetAsync(owner, "/devices")).QuerySelector("#record")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_device_that_leaves_by_itself_loses_its_token()
    {
        await using var app = App.OnNetwork();
        var guest = await JoinedAsync(app, DeviceRole.Guest);
        var you = await App.GetAsync(guest, "/you");
        Assert.Equal("Remove this device", you.QuerySelector("[action='/devices/join?handler=Leave'] button")!.TextContent);
        var answer = await App.PostAsync(guest, you, "/devices/join?handler=Leave");
        Assert.Equal("Connect this device", (await App.ParseAsync(answer)).QuerySelector("h1")!.TextContent);
        Assert.NotNull((await DeviceAsync(app)).RevokedAtMs);
        Assert.Equal("Connect this device", (await App.GetAsync(guest, "/log")).QuerySelector("h1")!.TextContent);
        Assert.Contains("Kitchen phone was removed.", (await App.GetAsync(app.Browser(), "/devices")).QuerySelector("#record")!.TextContent, StringComparison.Ordinal);

        // Its browser is told to delete what it stored; this machine's own browser has nothing to remove.
        var told = await JoinedAsync(app, DeviceRole.Barista, "Told phone");
        var page = await App.GetAsync(told, "/you");
        using var form = new FormUrlEncodedContent([KeyValuePair.Create("__RequestVerificationToken", page.QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!)]);
        var stays = app.FromNetwork(redirects: false);
        Assert.Null((await App.GetAsync(app.Browser(), "/you")).QuerySelector("[action='/devices/join?handler=Leave']"));
        Assert.Equal(HttpStatusCode.BadRequest, (await stays.PostAsync(At("/devices/join?handler=Leave"), form, Ct)).StatusCode);
        Assert.Null((await DeviceAsync(app, "Told phone")).RevokedAtMs);
    }

    /// <summary>With its next request, and on the stream that is open.</summary>
    [Fact]
    public async Task A_removed_device_is_refused_at_once()
    {
        await using var app = App.OnNetwork();
        var phone = await JoinedAsync(app, DeviceRole.Barista);
        Assert.Equal(HttpStatusCode.OK, (await PlanPage.BrewAsync(phone, await App.GetAsync(phone, "/plan/fp-bloomed"))).StatusCode);
        var brew = await app.DataAsync(db => db.Brews.MaxAsync(one => one.Id, Ct));
        using var live = await phone.GetAsync(At($"/api/brews/{brew}/live"), HttpCompletionOption.ResponseHeadersRead, Ct);
        Assert.Equal(HttpStatusCode.OK, live.StatusCode);
        await using var stream = await live.Content.ReadAsStreamAsync(Ct);

        var owner = app.Browser();
        var list = await App.GetAsync(owner, "/devices");
        await App.PostAsync(owner, list, "/devices?handler=PutOut", ("device", list.QuerySelector("#paired [name=device]")!.GetAttribute("value")!));
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(Ct);
        patience.CancelAfter(TimeSpan.FromSeconds(20));
        await Assert.ThrowsAnyAsync<IOException>(async () =>
        {
            var some = new byte[4_096];
            while (await stream.ReadAsync(some, patience.Token) > 0)
            {
                // A request that was already under way.
            }

            throw new IOException("It ended.");
        });
        Assert.EndsWith("/devices/join", (await phone.GetAsync(At("/"), Ct)).RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        list = await App.GetAsync(owner, "/devices");
        Assert.Contains("removed", list.QuerySelector("#paired .is-out")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("Kitchen phone was removed.", list.QuerySelector("#record")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_token_is_replaced_after_a_week_and_no_two_requests_replace_it()
    {
        await using var app = App.OnNetwork();
        var phone = await JoinedAsync(app, DeviceRole.Barista);
        var first = (await DeviceAsync(app)).TokenHash;
        app.Time.Advance(TimeSpan.FromMilliseconds(DeviceStore.RotatedAfterMs - 1));
        await App.GetAsync(phone, "/log");
        Assert.Equal(first, (await DeviceAsync(app)).TokenHash);
        app.Time.Advance(TimeSpan.FromMilliseconds(1));
        var answer = await phone.GetAsync(At("/log"), Ct);
        Assert.Contains(answer.Headers.GetValues("Set-Cookie"), one => one.StartsWith(NetworkGuard.Cookie, StringComparison.Ordinal));
        var row = await DeviceAsync(app);
        Assert.NotEqual(first, row.TokenHash);
        Assert.Equal(first, row.BeforeHash);
        // It goes on with the new one, and nothing is rotated twice.
        Assert.EndsWith("/log", (await phone.GetAsync(At("/log"), Ct)).RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        Assert.Equal(row.TokenHash, (await DeviceAsync(app)).TokenHash);
    }

    [Fact]
    public async Task An_instruments_token_sends_readings_and_opens_no_page_and_a_pages_cookie_sends_none_by_header()
    {
        await using var app = App.OnNetwork();
        var owner = app.Browser();
        var page = await App.ParseAsync(await App.PostAsync(owner, await App.GetAsync(owner, "/devices"), "/devices?handler=Instrument", ("instrument", "Bar scale")));
        var token = page.QuerySelector("#token")!.TextContent;
        Assert.Null((await App.GetAsync(owner, "/devices")).QuerySelector("#token"));
        async Task<HttpStatusCode> AskAsync(HttpMethod method, string path, string header)
        {
            using var request = new HttpRequestMessage(method, At(path));
            request.Headers.Add(NetworkGuard.Header, header);
            return (await app.FromNetwork(redirects: false).SendAsync(request, Ct)).StatusCode;
        }

        // It can only use the token of its own brew.
        Assert.Equal(HttpStatusCode.NotFound, await AskAsync(HttpMethod.Post, "/api/brews/999999/readings", token));
        Assert.Equal(HttpStatusCode.Forbidden, await AskAsync(HttpMethod.Get, "/", token));
        Assert.Equal(HttpStatusCode.Forbidden, await AskAsync(HttpMethod.Post, "/api/brews/1/entries", token));
        using var asPage = new HttpRequestMessage(HttpMethod.Get, At("/log"));
        asPage.Headers.Add("Cookie", $"{NetworkGuard.Cookie}={token}");
        Assert.Equal(HttpStatusCode.Found, (await app.FromNetwork(redirects: false).SendAsync(asPage, Ct)).StatusCode);

        var pageToken = await app.DataAsync(async db => (await new DeviceStore(db).JoinAsync("Tablet", DeviceRole.Owner, "a test", app.Time.GetUtcNow().ToUnixTimeMilliseconds(), Ct)).Token);
        Assert.Equal(HttpStatusCode.Unauthorized, await AskAsync(HttpMethod.Post, "/api/brews/1/readings", pageToken));
    }

    /// <summary>A request that another site's page sends from a barista's browser changes nothing, on any address.</summary>
    [Theory]
    [InlineData("Origin", "https://elsewhere.example", false)]
    [InlineData("Origin", "null", false)]
    [InlineData("Origin", "https://bench.local:5443.elsewhere.example", false)]
    [InlineData("Origin", "https://bench.local:5443", true)]
    [InlineData("Sec-Fetch-Site", "cross-site", false)]
    [InlineData("Sec-Fetch-Site", "same-site", false)]
    [InlineData("Sec-Fetch-Site", "same-origin", true)]
    [InlineData("Sec-Fetch-Site", "none", true)]
    public async Task What_another_site_sends_is_refused(string header, string value, bool taken)
    {
        var app = shared.App;
        var phone = await JoinedAsync(app, DeviceRole.Barista);
        var plan = await App.GetAsync(phone, "/plan/fp-bloomed");
        var brews = await app.DataAsync(db => db.Brews.CountAsync(Ct));
        phone.DefaultRequestHeaders.Add(header, value);
        Assert.Equal(taken ? HttpStatusCode.OK : HttpStatusCode.Forbidden, (await PlanPage.BrewAsync(phone, plan)).StatusCode);
        Assert.Equal(brews + (taken ? 1 : 0), await app.DataAsync(db => db.Brews.CountAsync(Ct)));
        if (header == "Origin" && !taken)
        {
            var bench = app.Browser();
            bench.DefaultRequestHeaders.Add(header, value);
            Assert.Equal(HttpStatusCode.Forbidden, (await PlanPage.BrewAsync(bench, await App.GetAsync(bench, "/plan/fp-bloomed"))).StatusCode);
        }
    }

    /// <summary>By device: one that sends requests without end does not delay another; and never this machine's own browser.</summary>
    [Fact]
    public async Task One_device_asks_only_so_often()
    {
        await using var app = App.OnNetwork();
        var (busy, calm, bench) = (await JoinedAsync(app, DeviceRole.Barista, "Busy phone"), await JoinedAsync(app, DeviceRole.Owner, "Calm phone"), app.Browser());
        async Task<int> AskAsync(HttpClient client, string path, string body = "{}") => (int)(await client.PostAsync(At(path), new StringContent(body, System.Text.Encoding.UTF8, "application/json"), Ct)).StatusCode;
        async Task<int> OftenAsync(HttpClient client, string path, int most)
        {
            for (var times = 0; times < most; times++)
            {
                if (await AskAsync(client, path) == 429)
                {
                    return times;
                }
            }

            return most;
        }

        Assert.Equal(240, await OftenAsync(busy, "/api/forecast", 300));
        Assert.Equal((HttpStatusCode.OK, 300), ((await busy.GetAsync(At("/api/under-way"), Ct)).StatusCode, await OftenAsync(bench, "/api/forecast", 300)));
        Assert.NotEqual(429, await AskAsync(calm, "/api/forecast"));
        var refused = await busy.PostAsync(At("/api/forecast"), new StringContent("{}", System.Text.Encoding.UTF8, "application/json"), Ct);
        Assert.Equal((HttpStatusCode.TooManyRequests, "60"), (refused.StatusCode, refused.Headers.RetryAfter?.ToString()));
        Assert.Contains("too often", await refused.Content.ReadAsStringAsync(Ct), StringComparison.Ordinal);
        Assert.Equal(20, await OftenAsync(calm, $"/files/in/{Guid.NewGuid():N}", 40));
        Assert.Equal(429, await AskAsync(calm, "/files?handler=Look"));
        // The two phones were let in from the same address.
        Assert.Equal(18, await OftenAsync(app.FromNetwork(), "/devices/join", 40));
        // Requests that only read are not limited in this way.
        Assert.All(await Task.WhenAll(Enumerable.Range(0, 30).Select(_ => calm.GetAsync(At("/files"), Ct))), one => Assert.Equal(HttpStatusCode.OK, one.StatusCode));
    }

    /// <summary>What a device stores for use without network: at most fifty brews of the log, and a changed one has another stamp.</summary>
    [Fact]
    public async Task A_device_is_told_which_pages_to_store_and_which_changed()
    {
        await using var app = new App();
        var client = app.Browser();
        async Task<Dictionary<string, long?>> SavedAsync() => (await client.GetFromJsonAsync<Kept>(At("/api/keep"), Ct))!.Pages.ToDictionary(one => one.Path, one => one.Stamp);
        var before = await SavedAsync();
        Assert.Equal(["/", "/plan", "/brew", "/log", "/shelf", "/help"], before.Where(one => one.Value is null && !one.Key.StartsWith("/brew/", StringComparison.Ordinal)).Select(one => one.Key));
        var newest = await app.DataAsync(db => db.LogRows.Where(row => row.Stands).OrderByDescending(row => row.OpenedAtMs).ThenByDescending(row => row.BrewId).Select(row => row.BrewId).Take(50).ToListAsync(Ct));
        Assert.Equal(newest.Select(id => $"/log/{id}"), before.Keys.Where(path => path.StartsWith("/log/", StringComparison.Ordinal)));
        foreach (var path in before.Keys)
        {
            (await client.GetAsync(At(path), Ct)).EnsureSuccessStatusCode();
        }

        var entry = await App.GetAsync(client, $"/log/{newest[3]}");
        (await App.PostAsync(client, entry, $"/log/{newest[3]}?handler=Note", ("note", "Better on the second day."))).EnsureSuccessStatusCode();
        var after = await SavedAsync();
        Assert.Equal([$"/log/{newest[3]}"], after.Where(one => before.GetValueOrDefault(one.Key, -1) != one.Value).Select(one => one.Key));

        // A running brew is stored with its page; the version is in every page and in every answer.
        var path1 = (await PlanPage.BrewAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"))).RequestMessage!.RequestUri!.AbsolutePath;
        Assert.Contains(path1, (await SavedAsync()).Keys);
        var answer = await client.GetAsync(At("/help"), Ct);
        Assert.Equal((await App.ParseAsync(answer)).Body!.GetAttribute("data-version"), Assert.Single(answer.Headers.GetValues("X-Cistern-Version")));
    }

    /// <summary>An application that is open to its network, for tests that change nothing the others look at.</summary>
    public sealed class NetworkApp : IAsyncDisposable
    {
        public App App { get; } = App.OnNetwork();

        public ValueTask DisposeAsync() => App.DisposeAsync();
    }

    private sealed record Kept(IReadOnlyList<KeptOne> Pages);

    private sealed record KeptOne(string Path, long? Stamp);

    [Theory]
    [InlineData("bench.local:5443", true)]
    [InlineData("BENCH", true)]
    [InlineData("192.0.2.10", true)]
    [InlineData("127.0.0.1:5080", true)]
    [InlineData("elsewhere.example", false)]
    [InlineData("192.0.2.11", false)]
    [InlineData("bench.local.elsewhere.example", false)]
    public async Task Only_this_machines_own_names_are_answered(string host, bool answered)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, At("/devices/join"));
        request.Headers.Host = host;
        Assert.Equal(answered ? HttpStatusCode.OK : HttpStatusCode.BadRequest, (await shared.App.FromNetwork().SendAsync(request, Ct)).StatusCode);
    }

    [Fact]
    public async Task Over_plain_http_there_is_the_page_that_says_how_to_trust_and_nothing_else()
    {
        await using var app = App.OnNetwork();
        var client = app.CreateClient();
        client.DefaultRequestHeaders.Add(HeaderOriginResolver.Header, nameof(RequestOrigin.TrustPage));
        client.DefaultRequestHeaders.Host = "bench.local:5081";
        var page = await App.GetAsync(client, "/");
        Assert.Equal("Trust this Cistern", page.QuerySelector("h1")!.TextContent);
        Assert.Contains("https://bench.local:5443", page.QuerySelectorAll("a").Select(one => one.TextContent));
        Assert.Empty(page.QuerySelectorAll("script, form"));
        using var authority = X509CertificateLoader.LoadCertificate(await client.GetByteArrayAsync(At("/authority.crt"), Ct));
        Assert.Equal(page.QuerySelector("#fingerprint")!.TextContent.Replace(":", "", StringComparison.Ordinal), authority.GetCertHashString(System.Security.Cryptography.HashAlgorithmName.SHA256));
        Assert.False(authority.HasPrivateKey);
        foreach (var path in (string[])["/log", "/devices/join", "/devices", "/api/under-way", "/healthz", "/js/frame.js"])
        {
            Assert.Equal(HttpStatusCode.NotFound, (await client.GetAsync(At(path), Ct)).StatusCode);
        }

        Assert.Equal(HttpStatusCode.NotFound, (await client.PostAsync(At("/trust"), null, Ct)).StatusCode);
        // On this machine, with nothing open to the network, there is none.
        await using var shut = new App();
        await App.GetAsync(shut.Browser(), "/trust", 404);
        Assert.Contains("./cistern house", (await App.GetAsync(shut.Browser(), "/devices")).QuerySelector("main")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public void A_certificate_is_for_this_machine_is_trusted_through_its_authority_and_renewed_when_it_must_be()
    {
        var folder = Path.Combine(App.Folder(), "test.db.house");
        var names = new GivenNames();
        var time = new FakeTimeProvider(DateTimeOffset.UtcNow);
        MachineCertificates Opened() => new(folder, names, time, NullLogger<MachineCertificates>.Instance);
        string serial;
        byte[] authority;
        using (var house = Opened())
        {
            authority = house.AuthorityDer;
            serial = house.Current().SerialNumber;
            Assert.True(Trusts(authority, house.Current()));
            Assert.True(house.Current().MatchesHostname("bench.local") && house.Current().MatchesHostname("192.0.2.10") && house.Current().MatchesHostname("localhost"));
            Assert.False(house.Current().MatchesHostname("elsewhere.example") || house.Current().MatchesHostname("192.0.2.11"));
            Assert.Equal(serial, house.Current().SerialNumber);
        }

        if (!OperatingSystem.IsWindows())
        {
            foreach (var key in Directory.GetFiles(folder, "*.key"))
            {
                Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(key));
            }

            Assert.Equal(2, Directory.GetFiles(folder, "*.key").Length);
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute, File.GetUnixFileMode(folder));
        }

        using (var again = Opened())
        {
            // Started again, it is the same.
            Assert.Equal(serial, again.Current().SerialNumber);
            names.Addresses = [IPAddress.Parse("192.0.2.77")];
            Assert.True(again.Current().MatchesHostname("192.0.2.77"));
            Assert.NotEqual(serial, again.Current().SerialNumber);
            serial = again.Current().SerialNumber;
            time.Advance(TimeSpan.FromDays(397 - 31));
            Assert.Equal(serial, again.Current().SerialNumber);
            time.Advance(TimeSpan.FromDays(2));
            Assert.NotEqual(serial, again.Current().SerialNumber);
            // Phones that trusted it still trust it.
            Assert.Equal(authority, again.AuthorityDer);
            Assert.True(Trusts(authority, again.Current(), time.GetUtcNow()));
        }

        static bool Trusts(byte[] authority, X509Certificate2 one, DateTimeOffset? at = null)
        {
            using var root = X509CertificateLoader.LoadCertificate(authority);
            using var chain = new X509Chain { ChainPolicy = { TrustMode = X509ChainTrustMode.CustomRootTrust, RevocationMode = X509RevocationMode.NoCheck, VerificationTime = (at ?? DateTimeOffset.UtcNow).UtcDateTime } };
            chain.ChainPolicy.CustomTrustStore.Add(root);
            chain.ChainPolicy.ApplicationPolicy.Add(new System.Security.Cryptography.Oid("1.3.6.1.5.5.7.3.1"));
            return chain.Build(one);
        }
    }

    /// <summary>Builds an application that would listen on the given addresses.</summary>
    private static void StartOn(string urls, params string[] more) => WebApplication.CreateBuilder(["--urls", urls, .. more]).AddCistern();

    [Fact]
    public void An_encrypted_address_needs_a_certificate()
    {
        void Start(params string[] more) => StartOn("https://127.0.0.1:5080", more);

        Assert.Contains("./cistern house", Assert.Throws<NetworkSetupException>(() => Start()).Message, StringComparison.Ordinal);
        Start("--Kestrel:Certificates:Default:Path", "own.pem");
        Start("--Cistern:House", "true");
    }

    [Theory]
    [InlineData("http://0.0.0.0:5080", false)]
    [InlineData("http://*:5080", false)]
    [InlineData("http://192.0.2.10:5080", false)]
    [InlineData("http://127.0.0.1:5080;http://[::]:5080", false)]
    [InlineData("http://127.0.0.1:5080", true)]
    [InlineData("http://[::1]:5080;http://localhost:5081", true)]
    public void Nothing_listens_beyond_this_machine_without_a_guard(string urls, bool may)
    {
        void Start(params string[] more) => StartOn(urls, more);

        if (may)
        {
            Start();
        }
        else
        {
            Assert.Contains("./cistern house", Assert.Throws<NetworkSetupException>(() => Start()).Message, StringComparison.Ordinal);
            Start("--Cistern:Proxy=192.0.2.1");
        }

        Assert.Contains("is not an address", Assert.Throws<NetworkSetupException>(() => Start("--Cistern:Proxy=the proxy")).Message, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("127.0.0.1", 5080, RequestOrigin.ThisMachine)]
    [InlineData("::1", 5080, RequestOrigin.ThisMachine)]
    [InlineData("::ffff:127.0.0.1", 5080, RequestOrigin.ThisMachine)]
    [InlineData("192.0.2.50", 5443, RequestOrigin.LocalNetwork)]
    [InlineData("127.0.0.1", 5443, RequestOrigin.LocalNetwork)]
    [InlineData("192.0.2.50", 5081, RequestOrigin.TrustPage)]
    [InlineData("192.0.2.1", 5080, RequestOrigin.LocalNetwork)]
    [InlineData("::ffff:192.0.2.1", 5080, RequestOrigin.LocalNetwork)]
    [InlineData("192.0.2.50", 5080, RequestOrigin.Unknown)]
    public void A_request_is_local_by_its_port_and_a_proxy_known_by_its_address(string from, int port, RequestOrigin door)
    {
        var context = new DefaultHttpContext { Connection = { RemoteIpAddress = IPAddress.Parse(from), LocalPort = port } };
        Assert.Equal(door, new RequestOriginResolver(new Frame.AppSettings { LocalNetwork = true, Proxy = "192.0.2.1" }).Of(context));
        Assert.Equal(door == RequestOrigin.ThisMachine ? RequestOrigin.ThisMachine : from == "127.0.0.1" ? RequestOrigin.ThisMachine : RequestOrigin.Unknown, new RequestOriginResolver(new Frame.AppSettings()).Of(context));
    }

    /// <summary>What a proxy on this machine forwards comes from the network; what an unnamed proxy forwards is refused.</summary>
    [Theory]
    [InlineData("127.0.0.1", "127.0.0.1", "X-Forwarded-For", RequestOrigin.LocalNetwork)]
    [InlineData("127.0.0.1", "127.0.0.1", null, RequestOrigin.LocalNetwork)]
    [InlineData("127.0.0.1", "::1", "Forwarded", RequestOrigin.LocalNetwork)]
    [InlineData("::1", "127.0.0.1", null, RequestOrigin.LocalNetwork)]
    [InlineData("192.0.2.1", "127.0.0.1", null, RequestOrigin.ThisMachine)]
    [InlineData("192.0.2.1", "127.0.0.1", "X-Forwarded-For", RequestOrigin.Unknown)]
    [InlineData("", "127.0.0.1", null, RequestOrigin.ThisMachine)]
    [InlineData("", "127.0.0.1", "X-Forwarded-For", RequestOrigin.Unknown)]
    [InlineData("", "::1", "Via", RequestOrigin.Unknown)]
    [InlineData("", "127.0.0.1", "X-Real-IP", RequestOrigin.Unknown)]
    [InlineData("", "127.0.0.1", "X-Forwarded-Proto", RequestOrigin.Unknown)]
    public void A_proxy_makes_nobody_the_owner(string proxy, string from, string? header, RequestOrigin door)
    {
        var context = new DefaultHttpContext { Connection = { RemoteIpAddress = IPAddress.Parse(from), LocalPort = 5080 } };
        if (header is not null)
        {
            context.Request.Headers[header] = "192.0.2.77";
        }

        Assert.Equal(door, new RequestOriginResolver(new Frame.AppSettings { Proxy = proxy }).Of(context));
    }

    /// <summary>A device that is removed in the moment its stream opens receives nothing more.</summary>
    [Fact]
    public async Task A_stream_does_not_open_for_a_device_removed_meanwhile()
    {
        var presence = new ActiveRequests();
        presence.Revoke(7);
        var opened = false;
        Assert.False(await presence.RunAsync(7, new DefaultHttpContext(), _ =>
        {
            opened = true;
            return Task.CompletedTask;
        }));
        Assert.False(opened);
        Assert.True(await presence.RunAsync(8, new DefaultHttpContext(), _ => Task.CompletedTask));
    }

    /// <summary>A page that watches is told when there is nothing more to see.</summary>
    [Fact]
    public async Task A_stream_ends_with_its_brew()
    {
        await using var app = new App();
        var bench = app.Browser();
        Assert.Equal(HttpStatusCode.OK, (await PlanPage.BrewAsync(bench, await App.GetAsync(bench, "/plan/fp-bloomed"))).StatusCode);
        var brew = await app.DataAsync(db => db.Brews.MaxAsync(one => one.Id, Ct));
        using var live = await bench.GetAsync(At($"/api/brews/{brew}/live"), HttpCompletionOption.ResponseHeadersRead, Ct);
        await using var stream = await live.Content.ReadAsStreamAsync(Ct);
        await app.DataAsync(db => db.Brews.Where(one => one.Id == brew).ExecuteUpdateAsync(set => set.SetProperty(one => one.State, Data.Brews.BrewState.Abandoned), Ct));
        var ended = stream.CopyToAsync(Stream.Null, Ct);
        await app.UntilAsync(() => Task.FromResult(ended.IsCompleted));
        Assert.True(ended.IsCompletedSuccessfully);
        Assert.DoesNotContain(brew, app.Services.GetRequiredService<LiveReadings>().Brews);
    }

    /// <summary>A thief with a copied token and the phone it was copied from: whoever comes second with the old token makes both lose access.</summary>
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task A_token_used_after_its_successor_removes_the_device_and_the_owner_is_told(bool thiefFirst)
    {
        await using var app = App.OnNetwork();
        await JoinedAsync(app, DeviceRole.Owner);
        var token = DeviceStore.NewToken();
        await app.DataAsync(db => db.Devices.ExecuteUpdateAsync(set => set.SetProperty(one => one.TokenHash, DeviceStore.HashOf(token)), Ct));
        async Task<(HttpStatusCode Status, string? Given, bool Cleared)> AskAsync(string shown)
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, At("/log"));
            request.Headers.Add("Cookie", $"{NetworkGuard.Cookie}={shown}");
            var answer = await app.FromNetwork(redirects: false).SendAsync(request, Ct);
            var given = answer.Headers.TryGetValues("Set-Cookie", out var set) ? set.FirstOrDefault(one => one.StartsWith(NetworkGuard.Cookie + "=", StringComparison.Ordinal))?.Split('=', 2)[1].Split(';')[0] : null;
            return (answer.StatusCode, given, answer.Headers.Contains("Clear-Site-Data"));
        }

        app.Time.Advance(TimeSpan.FromMilliseconds(DeviceStore.RotatedAfterMs));
        var newer = (await AskAsync(token)).Given!;
        // The answer may be lost: the previous token is valid until the new one was used, however long that takes.
        app.Time.Advance(TimeSpan.FromHours(20));
        if (!thiefFirst)
        {
            var again = (await AskAsync(token)).Given;
            Assert.NotNull(again);
            Assert.Equal(HttpStatusCode.Found, (await AskAsync(newer)).Status);
            newer = again;
        }

        Assert.Equal(HttpStatusCode.OK, (await AskAsync(newer)).Status);
        // A request that was under way still carries the previous one.
        Assert.Equal(HttpStatusCode.OK, (await AskAsync(token)).Status);
        app.Time.Advance(TimeSpan.FromMilliseconds(DeviceStore.InFlightMs + 1));
        Assert.Equal((HttpStatusCode.Found, true), ((await AskAsync(token)) is var (status, _, cleared) ? (status, cleared) : default));
        Assert.Equal(HttpStatusCode.Found, (await AskAsync(newer)).Status);
        var bench = await App.GetAsync(app.Browser(), "/devices");
        Assert.Contains("somebody may have copied it", bench.QuerySelector("#record")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("Kitchen phone was removed", bench.QuerySelector(".finding")!.TextContent, StringComparison.Ordinal);
    }

    /// <summary>A browser whose token is no longer valid is told to delete what it stored; one that never had a token is not.</summary>
    [Fact]
    public async Task A_device_with_an_expired_token_deletes_what_it_stored()
    {
        await using var app = App.OnNetwork();
        var phone = await JoinedAsync(app, DeviceRole.Barista);
        Assert.False((await phone.GetAsync(At("/log"), Ct)).Headers.Contains("Clear-Site-Data"));
        await app.DataAsync(db => db.Devices.ExecuteUpdateAsync(set => set.SetProperty(one => one.RevokedAtMs, 1), Ct));
        using var program = new HttpRequestMessage(HttpMethod.Get, At("/api/keep"));
        program.Headers.Accept.ParseAdd("application/json");
        Assert.Equal("\"cache\", \"storage\"", (await phone.SendAsync(program, Ct)).Headers.GetValues("Clear-Site-Data").Single());
        Assert.False((await app.FromNetwork(redirects: false).GetAsync(At("/log"), Ct)).Headers.Contains("Clear-Site-Data"));
    }

    [Fact]
    public async Task A_script_that_goes_on_guessing_leaves_one_line_per_lockout_in_the_record()
    {
        await using var app = App.OnNetwork();
        var desk = Joining(app);
        var guesser = app.FromNetwork();
        var page = await App.GetAsync(guesser, "/devices/join");
        desk.Offer(DeviceRole.Guest);
        for (var i = 0; i < 18; i++)
        {
            await App.PostAsync(guesser, page, "/devices/join", ("code", "x"), ("name", "Guesser"));
        }

        Assert.Equal(1, await app.DataAsync(db => db.ActionRecords.CountAsync(one => one.What.StartsWith("Too many wrong codes"), Ct)));
    }

    /// <summary>A guest is one taster, and the key of a blind tasting is not for tasters.</summary>
    [Fact]
    public async Task A_guest_answers_for_itself_alone_and_does_not_see_the_key()
    {
        await using var app = App.OnNetwork();
        var (one, two) = (await JoinedAsync(app, DeviceRole.Guest, "One"), await JoinedAsync(app, DeviceRole.Guest, "Two"));
        var bench = app.Browser();
        var opened = await App.PostAsync(bench, await App.GetAsync(bench, "/blind"), "/blind", ("kind", "triangle"), ("tasters", "3"), ("what", "A pair"));
        var path = opened.RequestMessage!.RequestUri!.AbsolutePath;
        async Task<HttpStatusCode> AnswerAsync(HttpClient guest, int taster)
        {
            var page = await App.GetAsync(guest, $"{path}/answer?taster={taster}");
            return (await App.PostAsync(guest, page, $"{path}/answer?taster={taster}", ("picked", page.QuerySelector("[name=picked]")!.GetAttribute("value")!))).StatusCode;
        }

        Assert.EndsWith("/answer", (await one.GetAsync(At(path), Ct)).RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        Assert.NotEqual(HttpStatusCode.OK, (await one.GetAsync(At($"{path}?handler=Answers"), Ct)).StatusCode);
        Assert.Equal(HttpStatusCode.OK, await AnswerAsync(one, 1));
        Assert.Equal(HttpStatusCode.OK, await AnswerAsync(one, 1));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await AnswerAsync(two, 1));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await AnswerAsync(one, 2));
        Assert.Equal(HttpStatusCode.OK, await AnswerAsync(two, 2));
        // Whoever runs the tasting writes down what is called across the table.
        Assert.Equal(HttpStatusCode.OK, await AnswerAsync(bench, 1));
        await App.PostAsync(bench, await App.GetAsync(bench, path), $"{path}?handler=Reveal", ("anyway", "yes"));
        Assert.EndsWith(path, (await one.GetAsync(At(path), Ct)).RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
    }

    /// <summary>Cookies of forms are sent over TLS only when the page was.</summary>
    [Fact]
    public async Task Every_cookie_is_secure_over_https()
    {
        await using var app = App.OnNetwork();
        var stranger = app.FromNetwork(redirects: false);
        var cookies = (await stranger.GetAsync(At("/devices/join"), Ct)).Headers.GetValues("Set-Cookie").ToList();
        Assert.NotEmpty(cookies);
        Assert.All(cookies, cookie => Assert.Contains("; secure", cookie, StringComparison.OrdinalIgnoreCase));
    }

    [Fact]
    public async Task A_guest_looks_only_so_often()
    {
        await using var app = App.OnNetwork();
        var (guest, barista) = (await JoinedAsync(app, DeviceRole.Guest), await JoinedAsync(app, DeviceRole.Barista, "Bar phone"));
        var codes = new List<HttpStatusCode>();
        for (var i = 0; i < 620; i++)
        {
            codes.Add((await guest.GetAsync(At("/icon.svg"), Ct)).StatusCode);
        }

        Assert.Equal(HttpStatusCode.TooManyRequests, codes[^1]);
        Assert.Equal(HttpStatusCode.OK, codes[500]);
        Assert.Equal(HttpStatusCode.OK, (await barista.GetAsync(At("/icon.svg"), Ct)).StatusCode);
    }
}
