using System.Security.Cryptography;
using Microsoft.Extensions.DependencyInjection;

namespace Cistern.Web.Tests;

/// <summary>A barista may require a PIN before somebody brews as them.</summary>
public sealed class PinTests(App shared) : IClassFixture<App>
{
    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    private static async Task<string> WhoAsync(HttpClient client) => (await App.GetAsync(client, "/help")).QuerySelector(".foot a[href='/you']")!.TextContent;

    private static Task<Barista> BaristaAsync(App app, string name) => app.DataAsync(db => db.Baristas.AsNoTracking().FirstAsync(one => one.Name == name, Ct));

    private static async Task<HttpResponseMessage> BecomeAsync(App app, HttpClient client, string name, string pin = "") =>
        await App.PostAsync(client, await App.GetAsync(client, "/you"), "/you?handler=Who", ("barista", $"{(await BaristaAsync(app, name)).Id}"), ("pin", pin));

    private static async Task<HttpResponseMessage> SetAsync(HttpClient client, string pin, string before = "") =>
        await App.PostAsync(client, await App.GetAsync(client, "/you"), "/you?handler=Pin", ("new-pin", pin), ("old-pin", before));

    /// <summary>Stored as Pins stores it, but with one iteration: trying it takes no time.</summary>
    private static string Quick(string pin)
    {
        var salt = RandomNumberGenerator.GetBytes(16);
        return $"1.{Convert.ToHexString(salt)}.{Convert.ToHexString(Rfc2898DeriveBytes.Pbkdf2(pin, salt, 1, HashAlgorithmName.SHA512, 32))}";
    }

    /// <summary>Gives Teo a PIN, and a device on which it was entered.</summary>
    private static async Task<HttpClient> TeoWithPinAsync(App app)
    {
        var own = app.Browser();
        var hash = Quick("4711");
        await app.DataAsync(db => db.Baristas.Where(one => one.Name == "Teo").ExecuteUpdateAsync(set => set.SetProperty(one => one.Pin, hash), Ct));
        (await BecomeAsync(app, own, "Teo", "4711")).EnsureSuccessStatusCode();
        return own;
    }

    [Fact]
    public async Task A_barista_with_a_PIN_is_chosen_only_with_it()
    {
        await using var app = new App();
        var own = await TeoWithPinAsync(app);
        // The device it was set on goes on; another device does not, whatever its cookie says.
        Assert.Equal("Teo", await WhoAsync(own));
        var other = app.Browser();
        var teo = await BaristaAsync(app, "Teo");
        other.DefaultRequestHeaders.Add("Cookie", $"{BaristaContext.BaristaCookie}={teo.Id}; {Pins.Cookie}=guessed");
        Assert.NotEqual("Teo", await WhoAsync(other));

        var third = app.Browser();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await BecomeAsync(app, third, "Teo")).StatusCode);
        var wrong = await BecomeAsync(app, third, "Teo", "4712");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, wrong.StatusCode);
        var page = await App.ParseAsync(wrong);
        // The choice stays, the PIN is not written back, and the finding is at its field.
        Assert.Equal($"{teo.Id}", page.QuerySelector("[name=barista] option[selected]")!.GetAttribute("value"));
        Assert.Contains("not Teo's PIN", page.QuerySelector("#pin-problem")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("", page.QuerySelector("#pin")!.GetAttribute("value"));
        Assert.NotEqual("Teo", await WhoAsync(third));
        (await BecomeAsync(app, third, "Teo", "4711")).EnsureSuccessStatusCode();
        Assert.Equal("Teo", await WhoAsync(third));

        // Somebody else uses the device meanwhile: going back asks for the PIN again.
        await BecomeAsync(app, third, "Solveig");
        Assert.Equal("Solveig", await WhoAsync(third));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await BecomeAsync(app, third, "Teo")).StatusCode);
    }

    [Fact]
    public async Task Changing_a_PIN_takes_the_old_one_and_signs_out_every_device()
    {
        await using var app = new App();
        var own = await TeoWithPinAsync(app);
        var phone = app.Browser();
        await BecomeAsync(app, phone, "Teo", "4711");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await SetAsync(own, "99887766", "0000")).StatusCode);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await SetAsync(own, "", "")).StatusCode);
        Assert.Equal("Teo", await WhoAsync(phone));
        (await SetAsync(own, "99887766", "4711")).EnsureSuccessStatusCode();
        Assert.Equal(("Teo", false), (await WhoAsync(own), await WhoAsync(phone) == "Teo"));
        (await SetAsync(own, "", "99887766")).EnsureSuccessStatusCode();
        Assert.Equal("", (await BaristaAsync(app, "Teo")).Pin);
        (await BecomeAsync(app, phone, "Teo")).EnsureSuccessStatusCode();
        Assert.Equal("Teo", await WhoAsync(phone));
    }

    [Theory]
    [InlineData("123", false)]
    [InlineData("1234", true)]
    [InlineData("12345678", true)]
    [InlineData("123456789", false)]
    [InlineData("12a4", false)]
    [InlineData("١٢٣٤", false)]
    public void A_PIN_has_four_to_eight_digits(string pin, bool good) => Assert.Equal(good, Pins.Problem(pin) is null);

    /// <summary>Different salts, slow to try, and never the PIN itself in the file.</summary>
    [Fact]
    public void A_PIN_is_stored_as_a_hash_only()
    {
        var (one, two) = (Pins.HashOf("4711"), Pins.HashOf("4711"));
        Assert.NotEqual(one, two);
        Assert.Matches("^210000\\.[0-9A-F]{32}\\.[0-9A-F]{64}$", one);
        Assert.DoesNotContain("4711", one.Split('.')[0], StringComparison.Ordinal);
    }

    [Fact]
    public async Task Five_wrong_PINs_lock_that_barista_alone_for_five_minutes()
    {
        await using var app = new App();
        await TeoWithPinAsync(app);
        var pins = app.Services.GetRequiredService<Pins>();
        var (teo, solveig) = (await BaristaAsync(app, "Teo"), new Barista { Id = 900, Name = "Other", Pin = Quick("1111") });
        Assert.All(Enumerable.Range(0, TryLimiter.MaxWrong - 1), _ => Assert.Equal(TryResult.Wrong, pins.Try(teo, "0000", 0)));
        Assert.Equal(TryResult.JustBlocked, pins.Try(teo, "0000", 0));
        // On another device its owner is not locked out by them.
        Assert.Equal(TryResult.Right, pins.Try(teo, "4711", 3));
        Assert.Equal((TryResult.Blocked, TryResult.Right), (pins.Try(teo, "4711", 0), pins.Try(solveig, "1111", 0)));
        Assert.Contains("Too many wrong PINs", (await App.ParseAsync(await BecomeAsync(app, app.Browser(), "Teo", "4711"))).QuerySelector("#pin-problem")!.TextContent, StringComparison.Ordinal);
        app.Time.Advance(TimeSpan.FromMilliseconds(TryLimiter.BlockedForMs));
        Assert.Equal(TryResult.Right, pins.Try(teo, "4711", 0));
        // A right one in between resets the count of wrong ones.
        Assert.All(Enumerable.Range(0, 7), turn => Assert.Equal(turn % 4 == 3 ? TryResult.Right : TryResult.Wrong, pins.Try(teo, turn % 4 == 3 ? "4711" : "0000", 0)));
    }

    /// <summary>A barista without a PIN can be anybody: a phone that switches to a colleague must not lock that colleague out.</summary>
    [Fact]
    public async Task A_paired_phone_sets_no_first_PIN_for_anybody()
    {
        await using var app = App.OnNetwork();
        var phone = app.FromNetwork();
        await App.PostAsync(phone, await App.GetAsync(phone, "/devices/join"), "/devices/join", ("code", app.Services.GetRequiredService<DeviceJoin>().Offer(Data.Devices.DeviceRole.Barista).Digits), ("name", "Phone"));
        await BecomeAsync(app, phone, "Teo");
        var page = await App.GetAsync(phone, "/you");
        Assert.Null(page.QuerySelector("#new-pin"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await SetAsync(phone, "4711")).StatusCode);
        Assert.Equal("", (await BaristaAsync(app, "Teo")).Pin);
        // It is set on this machine's own browser, and then changed from the phone that knows it.
        await TeoWithPinAsync(app);
        await BecomeAsync(app, phone, "Teo", "4711");
        (await SetAsync(phone, "998877", "4711")).EnsureSuccessStatusCode();
    }

    /// <summary>What was typed into an expired form is shown again on pages whose forms hold nothing secret, and on no other.</summary>
    [Theory]
    [InlineData("/you?handler=Pin", false)]
    [InlineData("/devices/join", false)]
    [InlineData("/devices?handler=Instrument", false)]
    [InlineData("/files?handler=Code", false)]
    [InlineData("/taste/8", true)]
    public async Task A_stale_form_shows_again_what_may_be_shown(string path, bool shown)
    {
        using var form = new FormUrlEncodedContent([KeyValuePair.Create("new-pin", "47114711"), KeyValuePair.Create("note", "Plum, 47114711.")]);
        var answer = await shared.Browser().PostAsync(new Uri(path, UriKind.Relative), form, Ct);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Equal(shown, (await answer.Content.ReadAsStringAsync(Ct)).Contains("47114711", StringComparison.Ordinal));
    }

    [Fact]
    public async Task The_owner_removes_a_forgotten_PIN_and_it_is_recorded()
    {
        await using var app = new App();
        var owner = app.Browser();
        await BecomeAsync(app, owner, "Teo");
        (await SetAsync(owner, "4711")).EnsureSuccessStatusCode();
        var teo = await BaristaAsync(app, "Teo");
        var devices = await App.GetAsync(owner, "/devices");
        Assert.Contains("Teo", devices.QuerySelector("#pins")!.TextContent, StringComparison.Ordinal);
        await App.PostAsync(owner, devices, "/devices?handler=Pin", ("barista", $"{teo.Id}"));
        devices = await App.GetAsync(owner, "/devices");
        Assert.Null(devices.QuerySelector("#pins"));
        Assert.Equal(["Teo's PIN was removed.", "Teo now has a PIN."], devices.QuerySelectorAll("#record .row-main span:first-child").Select(one => one.TextContent).Take(2));
        (await BecomeAsync(app, owner, "Teo")).EnsureSuccessStatusCode();
        Assert.Equal("Teo", await WhoAsync(owner));
    }

    /// <summary>Everybody has a PIN and none was entered here: the pages work without a barista, and lead to where a PIN is entered.</summary>
    [Fact]
    public async Task Where_everybody_has_a_PIN_a_new_device_has_no_barista()
    {
        await using var app = new App();
        var kept = Quick("2468");
        await app.DataAsync(async db => await db.Baristas.ExecuteUpdateAsync(set => set.SetProperty(one => one.Pin, kept), Ct));
        var client = app.Browser();
        foreach (var path in (string[])["/", "/plan/fp-long-settle", "/log", "/shelf", "/taste", "/you", "/plan", "/learned"])
        {
            Assert.Equal("Who brews", (await App.GetAsync(client, path)).QuerySelector(".foot a[href='/you']")!.TextContent);
        }

        (await BecomeAsync(app, client, "Solveig", "2468")).EnsureSuccessStatusCode();
        Assert.Equal("Solveig", await WhoAsync(client));
    }
}
