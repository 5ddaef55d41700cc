using System.Diagnostics;
using AngleSharp.Dom;
using AngleSharp.Html.Parser;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Time.Testing;

namespace Cistern.Web.Tests;

/// <summary>The application on a real data file of its own, with a clock the test sets.</summary>
public sealed class App : WebApplicationFactory<Program>
{
    private readonly bool demo = true;
    private readonly bool learns;
    private readonly bool copies;
    private readonly bool onNetwork;

    /// <summary>When each of them begins: a Monday morning.</summary>
    private static readonly DateTimeOffset Begins = new(2026, 11, 23, 9, 0, 0, TimeSpan.Zero);

    /// <summary>The demo data, made once: each application that wants it gets a copy.</summary>
    private static readonly Lazy<string> Bench = new(() =>
    {
        var path = Path.Combine(Folder(), "bench.db");
        using (var file = Cistern.Data.DataFile.Take(path))
        {
            file.PrepareAsync(demo: true, (db, ct) => DemoData.FillAsync(db, new FakeTimeProvider(Begins), ct)).GetAwaiter().GetResult();
        }

        SqliteConnection.ClearAllPools();
        return path;
    });

    public App()
        : this(CopyOfBench(), demo: true)
    {
    }

    private App(string dataFile, bool demo, bool learns = false, bool copies = false, bool onNetwork = false)
    {
        this.onNetwork = onNetwork;
        this.copies = copies;
        DataFile = dataFile;
        this.demo = demo;
        this.learns = learns;
    }

    /// <summary>The path of its data file.</summary>
    public string DataFile { get; }

    /// <summary>The host name of an application that is open to its network.</summary>
    public GivenNames Names { get; } = new();

    public FakeTimeProvider Time { get; } = new(Begins);

    /// <summary>An application on a data file that may exist already; with demo data, a missing file is a copy of the one made once.</summary>
    public static App On(string dataFile, bool demo = false) => new(demo ? WithBench(dataFile) : dataFile, demo);

    /// <summary>An application that learns from its brews; the others forecast with published values, whatever is brewed.</summary>
    public static App Learning(string? dataFile = null) => new(dataFile ?? CopyOfBench(), demo: true, learns: true);

    /// <summary>An application that is open to its network: a header of the request names the address it arrives at.</summary>
    public static App OnNetwork() => new(CopyOfBench(), demo: true, onNetwork: true);

    /// <summary>An application that makes its daily copies.</summary>
    public static App Copying() => new(CopyOfBench(), demo: true, copies: true);

    /// <summary>A folder of its own for one test.</summary>
    public static string Folder() => Directory.CreateTempSubdirectory("cistern-web-tests-").FullName;

    /// <summary>The path of a file or folder of the repository.</summary>
    public static string Repository(string path)
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(folder, "Cistern.slnx")))
        {
            folder = Path.GetDirectoryName(folder)!;
        }

        return Path.Combine(folder, path);
    }

    /// <summary>A path for a data file, with the demo data copied to it if the file is missing.</summary>
    public static string WithBench(string path)
    {
        foreach (var suffix in File.Exists(path) ? (string[])[] : ["", "-wal"])
        {
            if (File.Exists(Bench.Value + suffix))
            {
                File.Copy(Bench.Value + suffix, path + suffix);
            }
        }

        return path;
    }

    private static string CopyOfBench() => WithBench(Path.Combine(Folder(), "test.db"));

    public HttpClient Browser() => CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = true, HandleCookies = true });

    /// <summary>A browser of a device in the local network.</summary>
    public HttpClient FromNetwork(bool redirects = true)
    {
        var client = CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = redirects, HandleCookies = true, BaseAddress = new Uri("https://bench.local:5443") });
        client.DefaultRequestHeaders.Add(HeaderOriginResolver.Header, nameof(RequestOrigin.LocalNetwork));
        client.DefaultRequestHeaders.Accept.ParseAdd("text/html");
        return client;
    }

    /// <summary>Advances the clock until the background work has run a few times.</summary>
    public async Task BeatAsync<T>(int times)
        where T : Cistern.Web.Frame.BackgroundTask
    {
        var work = Services.GetServices<IHostedService>().OfType<T>().Single();
        var before = work.Runs;
        await UntilAsync(() => Task.FromResult(work.Runs >= before + times));
    }

    /// <summary>Advances the clock, and the background work with it, until a condition holds; for at most twenty real seconds.</summary>
    public async Task UntilAsync(Func<Task<bool>> holds)
    {
        for (var begun = Stopwatch.StartNew(); !await holds() && begun.Elapsed < TimeSpan.FromSeconds(20);)
        {
            Time.Advance(TimeSpan.FromMilliseconds(500));
            await Task.Delay(5);
        }
    }

    /// <summary>Changes the data directly, without the pages.</summary>
    public async Task<T> DataAsync<T>(Func<CisternDb, Task<T>> work)
    {
        await using var scope = Services.CreateAsyncScope();
        return await work(scope.ServiceProvider.GetRequiredService<CisternDb>());
    }

    /// <summary>Gets a page and parses it.</summary>
    public static async Task<IDocument> GetAsync(HttpClient client, string path, int status = 200)
    {
        var answer = await client.GetAsync(new Uri(path, UriKind.Relative));
        Assert.Equal(status, (int)answer.StatusCode);
        return await ParseAsync(answer);
    }

    public static async Task<IDocument> ParseAsync(HttpResponseMessage answer) =>
        await new HtmlParser().ParseDocumentAsync(await answer.Content.ReadAsStreamAsync());

    /// <summary>Posts a form with the antiforgery token of its page.</summary>
    public static async Task<HttpResponseMessage> PostAsync(HttpClient client, IDocument page, string path, params (string Name, string Value)[] values)
    {
        var token = page.QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!;
        var form = values.Select(pair => KeyValuePair.Create(pair.Name, pair.Value)).Append(KeyValuePair.Create("__RequestVerificationToken", token));
        using var content = new FormUrlEncodedContent(form);
        return await client.PostAsync(new Uri(path, UriKind.Relative), content);
    }

    /// <summary>Stops it and waits until the data file is closed: its main thread runs a little longer than the host.</summary>
    public override async ValueTask DisposeAsync()
    {
        await base.DisposeAsync();
        for (var i = 0; i < 200; i++)
        {
            try
            {
                Cistern.Data.DataFile.Take(DataFile).Dispose();
                return;
            }
            catch (DataFileRefusedException)
            {
                await Task.Delay(25);
            }
        }
    }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseSetting("Cistern:DataFile", DataFile);
        builder.UseSetting("Cistern:Learns", learns ? "true" : "false");
        builder.UseSetting("Cistern:DailyCopy", copies ? "true" : "false");
        builder.UseSetting("Cistern:Demo", demo ? "true" : "false");
        builder.UseSetting("Cistern:House", onNetwork ? "true" : "false");
        builder.ConfigureTestServices(services =>
        {
            services.AddSingleton<TimeProvider>(Time);
            if (onNetwork)
            {
                services.AddSingleton<IMachineNames>(Names);
                services.AddSingleton<IRequestOriginResolver, HeaderOriginResolver>();
            }
        });
    }
}

/// <summary>The host names of a machine, given by a test.</summary>
public sealed class GivenNames : IMachineNames
{
    public IReadOnlyList<string> Names { get; set; } = ["bench.local", "bench", "localhost"];

    public IReadOnlyList<System.Net.IPAddress> Addresses { get; set; } = [System.Net.IPAddress.Parse("192.0.2.10")];
}

/// <summary>A test has no ports: a header of the request names the address it arrives at.</summary>
public sealed class HeaderOriginResolver : IRequestOriginResolver
{
    public const string Header = "X-Test-Door";

    public RequestOrigin Of(Microsoft.AspNetCore.Http.HttpContext context) => Enum.TryParse<RequestOrigin>(context.Request.Headers[Header], out var door) ? door : RequestOrigin.ThisMachine;
}
