using System.Globalization;
using System.IO.Compression;
using Cistern.Core.Forecasts;
using Cistern.Data;
using Cistern.Data.Demo;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.ResponseCompression;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;

namespace Cistern.Web.Frame;

/// <summary>Puts the application together.</summary>
public static class Setup
{
    /// <summary>Registers what the pages need.</summary>
    public static void AddCistern(this WebApplicationBuilder builder)
    {
        var settings = builder.Configuration.GetSection("Cistern").Get<AppSettings>() ?? new AppSettings();
        var dataFile = Path.GetFullPath(settings.DataFile);
        Directory.CreateDirectory(Path.GetDirectoryName(dataFile)!);
        builder.Services.AddSingleton(settings);

        builder.Services.AddSerilog(log => log
            .MinimumLevel.Information()
            .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
            .MinimumLevel.Override("Microsoft.Hosting.Lifetime", LogEventLevel.Information)
            .WriteTo.Console(new RenderedCompactJsonFormatter()));

        if (settings.TestClock)
        {
            builder.Services.AddSingleton<AdjustableTime>();
            builder.Services.AddSingleton<TimeProvider>(services => services.GetRequiredService<AdjustableTime>());
        }
        else
        {
            builder.Services.AddSingleton(TimeProvider.System);
        }

        builder.Services.AddDbContext<CisternDb>(options => DataFile.Configure(options, dataFile));
        // Forms open in a browser stay good when the server starts again.
        builder.Services.AddDataProtection()
            .SetApplicationName("Cistern")
            .PersistKeysToFileSystem(new DirectoryInfo(dataFile + ".keys"));
        builder.Services.AddHttpContextAccessor();
        builder.Services.AddScoped<Here>();
        // What a request works out stops when whoever asked has gone.
        builder.Services.AddScoped(services => ForecastModel.Published.StoppedBy(services.GetRequiredService<IHttpContextAccessor>().HttpContext?.RequestAborted ?? default));
        builder.Services.AddSingleton<Pages.Brewing.BrewDesk>();
        builder.Services.AddSingleton<Pages.Plan.PlanGate>();
        builder.Services.AddScoped<Pages.Plan.PlanDesk>();
        builder.Services.AddRazorPages(options =>
        {
            options.RootDirectory = "/Pages";
        });
        builder.Services.AddAntiforgery(options =>
        {
            options.Cookie.Name = "cistern-form";
            options.Cookie.SameSite = SameSiteMode.Strict;
            options.HeaderName = "X-Form-Token";
        });
        builder.Services.Configure<CookieTempDataProviderOptions>(options =>
        {
            options.Cookie.Name = "cistern-said";
            options.Cookie.IsEssential = true;
            options.Cookie.SameSite = SameSiteMode.Strict;
        });
        builder.Services.AddOpenApi();
        builder.Services.AddHealthChecks().AddCheck<DataHealth>("data file");
        builder.Services.AddResponseCompression(options =>
        {
            options.Providers.Add<BrotliCompressionProvider>();
            options.Providers.Add<GzipCompressionProvider>();
        });
        builder.Services.Configure<BrotliCompressionProviderOptions>(options => options.Level = CompressionLevel.Fastest);
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.AddServerHeader = false;
            kestrel.Limits.MaxRequestBodySize = 4 * 1024 * 1024;
        });
    }

    /// <summary>Prepares the data file and lays out the pipeline.</summary>
    public static async Task UseCisternAsync(this WebApplication app)
    {
        await PrepareDataAsync(app);
        CultureInfo.DefaultThreadCurrentCulture = CultureInfo.InvariantCulture;

        app.UseExceptionHandler("/error");
        app.UseStatusCodePagesWithReExecute("/error", "?status={0}");
        app.UseSecurityHeaders(Policy());
        app.UseResponseCompression();
        app.UseSerilogRequestLogging();
        app.UseRouting();
        app.UseAntiforgery();
        app.MapStaticAssets();
        app.MapRazorPages();
        app.MapApi();
        app.MapHealthChecks("/healthz");
        if (app.Services.GetRequiredService<AppSettings>().TestClock)
        {
            app.MapPost("/test-clock", (double seconds, AdjustableTime time) => time.Advance(TimeSpan.FromSeconds(seconds)));
        }
    }

    private static HeaderPolicyCollection Policy() => new HeaderPolicyCollection()
        .AddFrameOptionsDeny()
        .AddContentTypeOptionsNoSniff()
        .AddReferrerPolicySameOrigin()
        .AddCrossOriginOpenerPolicy(policy => policy.SameOrigin())
        .RemoveServerHeader()
        .AddPermissionsPolicy(policy =>
        {
            policy.AddCamera().None();
            policy.AddMicrophone().None();
            policy.AddGeolocation().None();
        })
        .AddContentSecurityPolicy(csp =>
        {
            csp.AddDefaultSrc().None();
            csp.AddScriptSrc().Self();
            csp.AddStyleSrc().Self();
            csp.AddImgSrc().Self();
            csp.AddFontSrc().Self();
            csp.AddConnectSrc().Self();
            csp.AddFormAction().Self();
            csp.AddBaseUri().Self();
            csp.AddFrameAncestors().None();
            csp.AddManifestSrc().Self();
        });

    private static async Task PrepareDataAsync(WebApplication app)
    {
        var settings = app.Services.GetRequiredService<AppSettings>();
        if (settings.Demo && settings.Fresh)
        {
            foreach (var suffix in (string[])["", "-wal", "-shm"])
            {
                File.Delete(Path.GetFullPath(settings.DataFile) + suffix);
            }
        }

        await using var scope = app.Services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<CisternDb>();
        await DataFile.PrepareAsync(db);
        await DataFile.TidyAsync(db, app.Services.GetRequiredService<TimeProvider>().GetUtcNow().AddDays(-60).ToUnixTimeMilliseconds());
        if (settings.Demo)
        {
            await DemoData.FillAsync(db, app.Services.GetRequiredService<TimeProvider>());
        }
    }
}
