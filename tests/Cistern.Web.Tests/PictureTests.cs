using System.Net.Http.Headers;
using AngleSharp.Dom;
using Cistern.Seeing;
using Cistern.Seeing.Tests;
using Microsoft.Extensions.DependencyInjection;
using OpenCvSharp;

namespace Cistern.Web.Tests;

/// <summary>Photographs: of grounds to be measured, and of brews to be kept.</summary>
public sealed class PictureTests : IClassFixture<App>
{
    private static readonly CancellationToken Ct = TestContext.Current.CancellationToken;

    // Made once: rendering it takes as long as the test.
    private static readonly Lazy<GrainPicture> Grounds = new(() => new GrainPicture(new GrainScene { MedianUm = 900, Spread = 0.35, Width = 2000, Height = 1500, BlurPx = 0.8, Cover = 0.08 }));

    private readonly App app;
    private readonly HttpClient client;

    public PictureTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    private static byte[] Photograph(int width = 2400, int height = 1800)
    {
        using var picture = new Mat(height, width, MatType.CV_8UC3, new Scalar(40, 90, 160));
        Cv2.ImEncode(".jpg", picture, out var jpeg);
        return jpeg;
    }

    private async Task<HttpResponseMessage> SendAsync(IDocument page, string path, string field, IEnumerable<byte[]> files, params (string Name, string Value)[] values)
    {
        using var content = new MultipartFormDataContent { { new StringContent(page.QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!), "__RequestVerificationToken" } };
        foreach (var (name, value) in values)
        {
            content.Add(new StringContent(value), name);
        }

        foreach (var file in files)
        {
            var part = new ByteArrayContent(file);
            part.Headers.ContentType = new MediaTypeHeaderValue("image/jpeg");
            content.Add(part, field, "grounds.jpg");
        }

        return await client.PostAsync(new Uri(path, UriKind.Relative), content, Ct);
    }

    private static (string, string)[] Hidden(IDocument page, string form) =>
        [.. page.QuerySelectorAll($"{form} input[type=hidden]").Select(input => (input.GetAttribute("name")!, input.GetAttribute("value")!)).Where(pair => pair.Item1 != "__RequestVerificationToken")];

    [Fact]
    public async Task A_picture_of_grounds_becomes_a_point_of_the_grinder_and_its_line_goes_through_it()
    {
        var page = await App.GetAsync(client, "/shelf/grind?of=mill-1");
        var answer = await SendAsync(page, "/shelf/grind", "pictures", [Grounds.Value.Jpeg], ("of", "mill-1"), ("setting", "30"), ("ruler", "100"));
        var measured = await App.ParseAsync(answer);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        var told = double.Parse(measured.QuerySelector(".measured h2 .figure")!.TextContent.Replace(",", "", StringComparison.Ordinal), System.Globalization.CultureInfo.InvariantCulture);
        Assert.InRange(told / Grounds.Value.Truth.MedianUm, 0.94, 1.06);
        Assert.NotNull(measured.QuerySelector("svg.grain-field .grain-shapes"));

        var kept = await App.PostAsync(client, measured, "/shelf/grind?handler=Keep", [.. Hidden(measured, ".measured form"), ("of", "mill-1"), ("setting", "30")]);
        Assert.EndsWith("/shelf", kept.RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        // Sent again it is saved once.
        await App.PostAsync(client, measured, "/shelf/grind?handler=Keep", [.. Hidden(measured, ".measured form"), ("of", "mill-1"), ("setting", "30")]);
        var grinder = await app.DataAsync(db => db.Grinders.AsNoTracking().FirstAsync(one => one.Id == 1, Ct));
        var point = Assert.Single(grinder.MeasuredList);
        Assert.Equal((30, told), (point.Setting, point.MedianUm));
        Assert.InRange(grinder.MedianUm(30) / told, 0.97, 1.03);
        Assert.Equal(point.Spread, grinder.Scale.Spread);
        Assert.Contains("measured in one picture", (await App.GetAsync(client, "/shelf")).QuerySelector("#mill-1")!.TextContent, StringComparison.Ordinal);
        var sizes = (await App.GetAsync(client, "/shelf/grains")).QuerySelector("[aria-label='Measured grinds']")!;
        Assert.Equal($"{point.MedianUm:0} ± {point.HalfUm:0} µm", Assert.Single(sizes.QuerySelectorAll("tbody tr")).Children[2].TextContent);
        Assert.NotNull(sizes.QuerySelector("svg.pinch"));
        Assert.Equal($"Measured there: {point.MedianUm:0} ± {point.HalfUm:0} µm.", Pages.Plan.PreparingWording.MeasuredAt(grinder, 30));
        Assert.Equal("", Pages.Plan.PreparingWording.MeasuredAt(grinder, 31));
    }

    [Fact]
    public async Task Two_pictures_of_one_grind_are_one_sample()
    {
        var page = await App.GetAsync(client, "/shelf/grind");
        var one = await App.ParseAsync(await SendAsync(page, "/shelf/grind", "pictures", [Grounds.Value.Jpeg]));
        var two = await App.ParseAsync(await SendAsync(page, "/shelf/grind", "pictures", [Grounds.Value.Jpeg, Grounds.Value.Jpeg]));
        int Grains(IDocument shown) => int.Parse(shown.QuerySelector(".measured input[name=grains]")!.GetAttribute("value")!, System.Globalization.CultureInfo.InvariantCulture);
        Assert.Equal(2 * Grains(one), Grains(two));
    }

    [Fact]
    public async Task A_picture_without_the_card_gives_no_figure_and_says_what_to_do()
    {
        var answer = await App.ParseAsync(await SendAsync(await App.GetAsync(client, "/shelf/grind"), "/shelf/grind", "pictures", [Photograph(), "no picture"u8.ToArray()]));
        Assert.Equal(2, answer.QuerySelectorAll(".measured .finding").Length);
        Assert.Contains("scale card is not in the picture", answer.QuerySelector(".measured")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("could not be read", answer.QuerySelector(".measured")!.TextContent, StringComparison.Ordinal);
        Assert.Null(answer.QuerySelector(".measured form"));
    }

    [Theory]
    [InlineData("", "", "Choose a picture")]
    [InlineData("x", "12", "60")]
    public async Task An_invalid_picture_form_is_refused_and_stays_as_typed(string picture, string ruler, string finding)
    {
        var answer = await SendAsync(await App.GetAsync(client, "/shelf/grind"), "/shelf/grind", "pictures", picture.Length > 0 ? [Photograph()] : [], ("of", "mill-2"), ("setting", "7"), ("ruler", ruler.Length > 0 ? ruler : "100"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.ParseAsync(answer);
        Assert.Contains(finding, page.QuerySelector(".finding, .problem")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("7", page.QuerySelector("#setting")!.GetAttribute("value"));
        Assert.NotNull(page.QuerySelector("option[value=mill-2][selected]"));
    }

    [Fact]
    public async Task A_setting_that_the_grinder_has_not_is_asked_for_again()
    {
        var page = await App.GetAsync(client, "/shelf/grind");
        var answer = await App.PostAsync(client, page, "/shelf/grind?handler=Keep", ("median", "700"), ("half", "20"), ("grains", "900"), ("spread", "0.4"), ("of", "mill-3"), ("setting", "900"), ("job", Guid.NewGuid().ToString()));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var again = await App.ParseAsync(answer);
        Assert.Equal("700", again.QuerySelector(".measured input[name=median]")!.GetAttribute("value"));
        Assert.Equal("900", again.QuerySelector(".measured #setting")!.GetAttribute("value"));
        Assert.NotNull(again.QuerySelector("#setting-problem"));
        Assert.Empty(await app.DataAsync(db => db.Grinders.Where(one => one.Id == 3).Select(one => one.Measured).FirstAsync(Ct)));
        foreach (var (name, value) in new[] { ("median", "9"), ("half", "x"), ("grains", ""), ("spread", "-1") })
        {
            var bad = await App.PostAsync(client, page, "/shelf/grind?handler=Keep", [.. new[] { ("median", "700"), ("half", "20"), ("grains", "900"), ("spread", "0.4") }.Where(pair => pair.Item1 != name), (name, value), ("of", "mill-3"), ("setting", "2")]);
            Assert.Equal(HttpStatusCode.BadRequest, bad.StatusCode);
        }
    }

    [Fact]
    public async Task A_brew_keeps_its_own_grind_and_a_bag_bought_ground_its_own()
    {
        // Tests run in any order: another one measures the grinder, whose scale then has no setting for the brew's planned grind.
        await app.DataAsync(db => db.Grinders.ExecuteUpdateAsync(set => set.SetProperty(one => one.Measured, ""), Ct));
        var page = await App.GetAsync(client, "/shelf/grind?brew=5");
        var before = (await App.GetAsync(client, "/log/5")).QuerySelector("main")!.TextContent;
        await App.PostAsync(client, page, "/shelf/grind?handler=Keep", ("median", "500"), ("half", "20"), ("grains", "900"), ("spread", "0.4"), ("brew", "5"), ("job", Guid.NewGuid().ToString()));
        Assert.Equal(500, await app.DataAsync(db => db.Observations.Where(one => one.BrewId == 5 && one.Name == ObservationNames.Grind).Select(one => one.Value).FirstAsync(Ct)));
        Assert.NotEqual(before, (await App.GetAsync(client, "/log/5")).QuerySelector("main")!.TextContent);
        Assert.Contains("500 µm", (await App.GetAsync(client, "/log/5")).QuerySelector("main")!.TextContent, StringComparison.Ordinal);
        // Brewed again as it was, with the same grinder setting: its measured grind is learned from.
        var again = await App.PostAsync(client, page, "/?handler=Again", ("brew", "5"), ("cup", "really"), ("key", Guid.NewGuid().ToString()));
        var brewed = int.Parse(again.RequestMessage!.RequestUri!.Segments[^1], System.Globalization.CultureInfo.InvariantCulture);
        var (planned, planAgain) = await app.DataAsync(async db => ((await db.Brews.SingleAsync(one => one.Id == 5, Ct)).Planned().Grind, (await db.Brews.SingleAsync(one => one.Id == brewed, Ct)).Planned().Grind));
        Assert.Equal(planned, planAgain);
        await App.PostAsync(client, await App.GetAsync(client, "/shelf/grind?brew=5"), "/shelf/grind?handler=Forget", ("brew", "5"));
        Assert.Equal(before, (await App.GetAsync(client, "/log/5")).QuerySelector("main")!.TextContent);
        var bag = await app.DataAsync(db => db.Bags.FirstAsync(one => one.BoughtGround, Ct));
        await App.PostAsync(client, page, "/shelf/grind?handler=Keep", ("median", "733"), ("half", "20"), ("grains", "900"), ("spread", "0.4"), ("of", $"bag-{bag.Id}"), ("job", Guid.NewGuid().ToString()));
        Assert.Equal(733, await app.DataAsync(db => db.Bags.Where(one => one.Id == bag.Id).Select(one => one.GroundUm).FirstAsync(Ct)));
        await App.GetAsync(client, "/shelf/grind?brew=99999", 404);
    }

    [Fact]
    public async Task A_picture_of_a_brew_is_made_small_shown_deleted_and_restored()
    {
        var page = await App.GetAsync(client, "/brew/6/pictures");
        var added = await SendAsync(page, "/brew/6/pictures", "picture", [Photograph()], ("of", "bed"), ("said", "flat, no sludge"), ("key", Guid.NewGuid().ToString()));
        var shown = await App.ParseAsync(added);
        var image = shown.QuerySelector(".brew-picture img")!;
        Assert.Equal(("Spent bed: flat, no sludge", "1600", "1200"), (image.GetAttribute("alt")!, image.GetAttribute("width")!, image.GetAttribute("height")!));
        var address = image.GetAttribute("src")!;
        var jpeg = await client.GetByteArrayAsync(new Uri(address, UriKind.Relative), Ct);
        Assert.True(PictureHeader.Read(jpeg) is { Format: PictureFormat.Jpeg, Width: 1600 });
        Assert.True(PictureHeader.Read(await client.GetByteArrayAsync(new Uri(address + "?small=true", UriKind.Relative), Ct)) is { Width: 320 });
        Assert.Single((await App.GetAsync(client, "/log/6")).QuerySelectorAll(".small-pictures img"));
        Assert.Single((await App.GetAsync(client, "/compare?b=5&b=6")).QuerySelectorAll(".beside-pictures img"));
        Assert.Single((await App.GetAsync(client, "/series/6")).QuerySelectorAll(".series-rows .small-pictures img"));

        var number = address.Split('/')[^1];
        await App.PostAsync(client, shown, $"/brew/6/pictures?handler=Say&picture={number}", ("of", "cup"), ("said", "clear"));
        shown = await App.ParseAsync(await App.PostAsync(client, shown, $"/brew/6/pictures?handler=Delete&picture={number}"));
        Assert.Empty(shown.QuerySelectorAll(".brew-picture"));
        Assert.Equal(HttpStatusCode.NotFound, (await client.GetAsync(new Uri(address, UriKind.Relative), Ct)).StatusCode);
        shown = await App.ParseAsync(await App.PostAsync(client, shown, $"/brew/6/pictures?handler=BringBack&picture={number}"));
        Assert.Equal("Cup: clear", shown.QuerySelector(".brew-picture img")!.GetAttribute("alt"));
        // It does not belong to another brew.
        Assert.Equal(HttpStatusCode.NotFound, (await client.GetAsync(new Uri($"/brew/7/pictures/{number}", UriKind.Relative), Ct)).StatusCode);
    }

    [Fact]
    public async Task What_a_device_kept_is_taken_once_and_only_eight_of_a_brew()
    {
        async Task<HttpStatusCode> PostAsync(Guid key, byte[] file, string type = "image/jpeg", string brew = "8", string? origin = null)
        {
            using var content = new ByteArrayContent(file);
            content.Headers.ContentType = new MediaTypeHeaderValue(type);
            using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/brews/{brew}/pictures?key={key}&of=cup&said=&atMs=1700000000000") { Content = content };
            if (origin is not null)
            {
                request.Headers.Add("Origin", origin);
            }

            return (await client.SendAsync(request, Ct)).StatusCode;
        }

        var first = Guid.NewGuid();
        Assert.Equal(HttpStatusCode.NoContent, await PostAsync(first, Photograph(300, 200)));
        Assert.Equal(HttpStatusCode.NoContent, await PostAsync(first, Photograph(300, 200)));
        Assert.Equal(1, await app.DataAsync(db => db.Pictures.CountAsync(one => one.BrewId == 8, Ct)));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await PostAsync(Guid.NewGuid(), "no picture"u8.ToArray()));
        Assert.Equal(HttpStatusCode.Forbidden, await PostAsync(Guid.NewGuid(), Photograph(30, 20), origin: "http://elsewhere.example"));
        Assert.Equal(HttpStatusCode.Forbidden, await PostAsync(Guid.NewGuid(), Photograph(30, 20), "text/plain"));
        Assert.Equal(HttpStatusCode.NotFound, await PostAsync(Guid.NewGuid(), Photograph(30, 20), brew: "99999"));
        await app.DataAsync(async db =>
        {
            db.Pictures.AddRange(Enumerable.Range(0, 7).Select(_ => new BrewPicture { BrewId = 8, Key = Guid.NewGuid(), Jpeg = [1], Small = [1] }));
            return await db.SaveChangesAsync(Ct);
        });
        Assert.Equal(HttpStatusCode.Conflict, await PostAsync(Guid.NewGuid(), Photograph(30, 20)));
        Assert.Contains("at most 8", (await App.GetAsync(client, "/brew/8/pictures")).QuerySelector("main")!.TextContent, StringComparison.Ordinal);
    }

    /// <summary>A cancelled request leaves no process behind, and the next picture is measured.</summary>
    [Fact]
    public async Task A_picture_process_ends_with_its_request()
    {
        var looker = app.Services.GetRequiredService<PictureProcess>();
        static bool Looks() => Directory.EnumerateDirectories("/proc").Any(folder =>
        {
            try
            {
                return int.TryParse(Path.GetFileName(folder), out _) && File.ReadAllText(Path.Combine(folder, "cmdline")).Contains(SeeingProgram.WithGrains, StringComparison.Ordinal);
            }
            catch (Exception e) when (e is IOException or UnauthorizedAccessException)
            {
                return false;
            }
        });
        static async Task UntilAsync(bool looks)
        {
            while (Looks() != looks)
            {
                await Task.Delay(10, Ct);
            }
        }

        using var gone = CancellationTokenSource.CreateLinkedTokenSource(Ct);
        var looking = looker.GrainsAsync(Grounds.Value.Jpeg, 100, gone.Token);
        await UntilAsync(true);
        await gone.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => looking);
        await UntilAsync(false);
        Assert.NotNull(await looker.ReencodeAsync(Photograph(40, 30), Ct));
    }

    /// <summary>Exported with a brew's file and imported elsewhere; a file without pictures removes none.</summary>
    [Fact]
    public async Task Pictures_are_exported_and_imported_with_a_brew_file_where_wanted()
    {
        var page = await App.GetAsync(client, "/brew/9/pictures");
        await SendAsync(page, "/brew/9/pictures", "picture", [Photograph(800, 600)], ("of", "crust"), ("said", "thick"), ("key", Guid.NewGuid().ToString()));
        var plain = await client.GetByteArrayAsync(new Uri("/log/9/brew.json", UriKind.Relative), Ct);
        var whole = await client.GetByteArrayAsync(new Uri("/log/9/brew.json?pictures=true", UriKind.Relative), Ct);
        Assert.DoesNotContain("pictures", System.Text.Encoding.UTF8.GetString(plain), StringComparison.Ordinal);
        Assert.Contains("data:image/jpeg;base64,", System.Text.Encoding.UTF8.GetString(whole), StringComparison.Ordinal);
        Assert.Empty(Core.Records.BrewReader.Read(whole).Findings);

        await using var other = new App();
        var there = other.Browser();
        async Task TakeAsync(byte[] file)
        {
            var files = await App.GetAsync(there, "/files");
            using var content = new MultipartFormDataContent { { new StringContent(files.QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!), "__RequestVerificationToken" }, { new ByteArrayContent(file), "files", "brew.json" } };
            var look = await App.ParseAsync(await there.PostAsync(new Uri("/files?handler=Look", UriKind.Relative), content, Ct));
            if (look.QuerySelector(".take-in .is-main") is not null)
            {
                // Its page leads to the files once it is imported.
                var action = look.QuerySelector(".take-in")!.GetAttribute("action")!;
                var answer = await App.PostAsync(there, look, action, ("with-changed", "yes"));
                for (var i = 0; i < 400 && answer.RequestMessage!.RequestUri!.AbsolutePath != "/files"; i++)
                {
                    await Task.Delay(20, Ct);
                    answer = await there.GetAsync(new Uri(action, UriKind.Relative), Ct);
                }
            }
        }

        var fileId = await app.DataAsync(db => db.Brews.Where(brew => brew.Id == 9).Select(brew => brew.FileId).FirstAsync(Ct));
        Task<List<BrewPicture>> SavedAsync() => other.DataAsync(db => db.Pictures.AsNoTracking().Where(picture => db.Brews.Any(brew => brew.Id == picture.BrewId && brew.FileId == fileId)).ToListAsync(Ct));
        await TakeAsync(whole);
        var kept = Assert.Single(await SavedAsync());
        Assert.Equal(("thick", Core.Records.PictureOf.Crust, 800), (kept.Said, kept.Of, kept.Width));
        Assert.True(PictureHeader.Read(kept.Small) is { Width: 320 });
        await TakeAsync(plain);
        Assert.Single(await SavedAsync());
    }

    [Theory]
    [InlineData("data:image/svg+xml;base64,PHN2Zy8+")]
    [InlineData("data:image/jpeg;base64,???")]
    [InlineData("http://elsewhere.example/a.jpg")]
    public void A_picture_in_a_file_that_is_none_is_a_finding(string image) => Assert.Null(Core.Records.RecordedPicture.Bytes(image));

    [Fact]
    public async Task The_card_is_a_page_and_a_file()
    {
        Assert.NotNull((await App.GetAsync(client, "/shelf/card")).QuerySelector("svg.scale-card"));
        var answer = await client.GetAsync(new Uri("/shelf/card?handler=Svg", UriKind.Relative), Ct);
        Assert.Equal("image/svg+xml", answer.Content.Headers.ContentType!.MediaType);
    }
}
