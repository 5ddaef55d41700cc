using System.IO.Compression;
using Cistern.Web.Pages.Brewing;
using Cistern.Web.Pages.Files;
using Cistern.Web.Pages.Log;
using Cistern.Web.Pages.Pictures;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.DataProtection.KeyManagement;
using Microsoft.AspNetCore.DataProtection.Repositories;
using Microsoft.AspNetCore.Diagnostics.HealthChecks;
using Microsoft.AspNetCore.Mvc.Controllers;
using Microsoft.AspNetCore.ResponseCompression;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;

namespace Cistern.Web;

/// <summary>Puts the application together.</summary>
public static class Setup
{
    /// <summary>Registers what the pages need.</summary>
    public static void AddCistern(this WebApplicationBuilder builder)
    {
        var settings = builder.Configuration.GetSection("Cistern").Get<AppSettings>() ?? new AppSettings();
        builder.Services.AddSingleton(settings);
        builder.AddLocalNetwork(settings);

        builder.Services.AddSerilog(log => log
            .MinimumLevel.Information()
            .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
            .MinimumLevel.Override("Microsoft.Hosting.Lifetime", LogEventLevel.Information)
            // Keys are stored unencrypted on purpose: only their owner can read them, like the data they protect.
            .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection.KeyManagement", LogEventLevel.Error)
            // Plain messages for a terminal, JSON for a journal.
            .WriteTo.Conditional(_ => Console.IsOutputRedirected, to => to.Console(new RenderedCompactJsonFormatter()))
            .WriteTo.Conditional(_ => !Console.IsOutputRedirected, to => to.Console(LogEventLevel.Warning, formatProvider: CultureInfo.InvariantCulture)));

        if (settings.TestClock)
        {
            builder.Services.AddSingleton(new AdjustableTime(settings.TestClockBeginsAt));
            builder.Services.AddSingleton<TimeProvider>(services => services.GetRequiredService<AdjustableTime>());
        }
        else
        {
            builder.Services.AddSingleton(TimeProvider.System);
        }

        // Taken when it is first requested, during the start; released with the process.
        builder.Services.AddSingleton(_ => DataFile.Take(settings.DataFile));
        builder.Services.AddSingleton<MovedFileGuard>();
        builder.Services.AddSingleton<MovedFileSaveGuard>();
        builder.Services.AddSingleton<IntegrityCheck>();
        builder.Services.AddDbContextPool<CisternDb>((services, options) =>
            DataFile.Configure(options, services.GetRequiredService<DataFile>().Path, services.GetRequiredService<MovedFileGuard>(), services.GetRequiredService<MovedFileSaveGuard>(), services.GetRequiredService<LearningSignal>()));

        // So that open forms stay valid after a restart.
        builder.Services.AddDataProtection().SetApplicationName("Cistern");
        builder.Services.AddOptions<KeyManagementOptions>().Configure<DataFile, ILoggerFactory>((options, file, logs) =>
            options.XmlRepository = new FileSystemXmlRepository(KeyFolder.Prepare(KeyFolder.Of(file), logs.CreateLogger(nameof(KeyFolder))), logs));

        builder.Services.AddHttpContextAccessor();
        builder.Services.AddSingleton<Pins>();
        builder.Services.AddSingleton<PictureProcess>();
        builder.Services.AddSingleton<DemoProcess>();
        if (settings.Home.Length > 0)
        {
            builder.Services.AddSingleton<DemoProcessEnd>();
            builder.Services.AddHostedService(services => services.GetRequiredService<DemoProcessEnd>());
        }

        builder.Services.AddSingleton<IPictureMaker>(services => services.GetRequiredService<PictureProcess>());
        builder.Services.AddScoped<BaristaContext>();
        // Computations are cancelled with their request.
        builder.Services.AddSingleton(new ForecastMemory());
        builder.Services.AddScoped(services => (ForecastModel.Published with { Memory = services.GetRequiredService<ForecastMemory>() }).StoppedBy(services.GetRequiredService<IHttpContextAccessor>().HttpContext?.RequestAborted ?? default));
        builder.Services.AddSingleton<LearnedState>();
        builder.Services.AddSingleton(services => new LearningSignal(services.GetRequiredService<LearnedState>().Signal));
        builder.Services.AddScoped<LearnedStore>();
        builder.Services.Configure<HostOptions>(options => options.BackgroundServiceExceptionBehavior = BackgroundServiceExceptionBehavior.Ignore);
        builder.Services.AddHostedService<LearningService>();
        builder.Services.AddHostedService<DailyBackup>();
        builder.Services.AddScoped<SeriesStore>();
        builder.Services.AddSingleton<LogIndex>();
        builder.Services.AddScoped<LogStore>();
        builder.Services.AddScoped<BrewExport>();
        builder.Services.AddScoped<ImportStore>();
        builder.Services.AddSingleton<ImportStaging>();
        builder.Services.AddScoped<ShelfTransfer>();
        builder.Services.AddSingleton<ImportRuns>();
        builder.Services.AddScoped<SeriesAdvice>();
        builder.Services.AddScoped<PlanOpening>();
        builder.Services.AddScoped<PlanForecasts>();
        builder.Services.AddScoped<BrewStore>();
        builder.Services.AddScoped<TastingStore>();
        builder.Services.AddScoped<BaristaStore>();
        builder.Services.AddSingleton<LiveReadings>();
        builder.Services.AddScoped<ReadingStore>();
        builder.Services.AddScoped<PictureStore>();
        builder.Services.AddHostedService<LiveReadingsCleanup>();
        builder.Services.AddHostedService<SimulationService>();
        builder.Services.AddScoped<IdempotencyStore>();
        builder.Services.AddScoped<PlanRows>();
        builder.Services.AddScoped<PlanFinder>();
        builder.Services.AddScoped<PlanRepair>();
        builder.Services.AddScoped<PlanChanges>();
        builder.Services.AddScoped<PlanSaving>();
        builder.Services.AddScoped<PairStore>();
        builder.Services.AddScoped<BrewStart>();
        builder.Services.AddScoped<BlindStore>();
        builder.Services.AddScoped<LineageStore>();
        builder.Services.AddScoped<Pages.Pairs.PairSides>();
        builder.Services.AddRazorPages(options => options.Conventions.AddPageRoute("/Devices/Join", NetworkGuard.EarlierJoinPath))
            // There are no controllers: searching for them would load every type.
            .ConfigureApplicationPartManager(parts => parts.FeatureProviders.Remove(parts.FeatureProviders.OfType<ControllerFeatureProvider>().Single()))
            .AddMvcOptions(options =>
            {
                options.Filters.Add<SingleConnectionFilter>();
                options.Filters.Add<HandlerGuard>();
                options.Filters.Add<UnreadableFilter>();
            });
        builder.Services.AddAntiforgery(options =>
        {
            options.Cookie.Name = "cistern-form";
            options.Cookie.SameSite = SameSiteMode.Strict;
            options.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
            options.HeaderName = "X-Form-Token";
        });
        builder.Services.Configure<CookieTempDataProviderOptions>(options =>
        {
            options.Cookie.Name = "cistern-said";
            options.Cookie.IsEssential = true;
            options.Cookie.SameSite = SameSiteMode.Strict;
            options.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
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

    /// <summary>Prepares the data file and sets up the middleware.</summary>
    public static async Task UseCisternAsync(this WebApplication app)
    {
        await PrepareDataAsync(app);
        CultureInfo.DefaultThreadCurrentCulture = CultureInfo.InvariantCulture;

        app.UseSecurityHeaders(Policy());
        app.UseResponseCompression();
        app.UseSerilogRequestLogging(options => options.EnrichDiagnosticContext = (diagnostic, context) =>
        {
            // Who asked is logged as a number and an address; tokens are never logged.
            diagnostic.Set("From", context.From());
            diagnostic.Set("Device", context.Device()?.Id);
        });
        app.UseAnswers(app.Logger);
        app.UseLocalNetwork();
        app.UseVersion();
        if (app.Services.GetService<DemoProcessEnd>() is { } end)
        {
            app.Use((context, next) =>
            {
                end.NoteRequest();
                return next(context);
            });
        }

        app.UseRouting();
        app.UseRateLimiter();
        app.UseForms();
        app.UseAntiforgery();
        app.MapStaticAssets();
        app.MapRazorPages();
        app.MapApi();
        app.MapOfflinePages();
        app.MapBrews();
        app.MapPictures();
        app.MapReadings();
        app.MapExport();
        app.MapCalendar();
        app.MapEarlierAddresses();
        app.MapHealthChecks("/healthz", new HealthCheckOptions
        {
            ResponseWriter = (context, report) => context.Response.WriteAsync(string.Join('\n', report.Entries.Values.Select(entry => entry.Description).OfType<string>().Prepend(report.Status.ToString()))),
        });
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
            // blob: a chosen photograph is shown before it is sent (preview.js).
            csp.AddImgSrc().Self().Blob();
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
        var time = app.Services.GetRequiredService<TimeProvider>();
        var file = app.Services.GetRequiredService<DataFile>();
        if (settings.Demo && settings.Fresh)
        {
            file.RemoveDemo(DemoData.IsOldDemo);
        }

        await file.PrepareAsync(settings.Demo, settings.Demo ? (db, ct) => DemoData.FillAsync(db, time, ct) : null);
        if (app.Environment.IsProduction())
        {
            await Console.Error.WriteLineAsync($"cistern: data file {file.Path}");
        }

        foreach (var sentence in file.StartMessages)
        {
            app.Logger.LogError("{Sentence}", sentence);
        }

        // Cleanup runs after the server has started.
        app.Lifetime.ApplicationStarted.Register(() => _ = TidyAsync(app.Services, time));
    }

    private static async Task TidyAsync(IServiceProvider services, TimeProvider time)
    {
        try
        {
            await using var scope = services.CreateAsyncScope();
            await scope.ServiceProvider.GetRequiredService<LogStore>().LoadIndexAsync(CancellationToken.None);
            if (await scope.ServiceProvider.GetRequiredService<ImportStore>().UndoInterruptedAsync(CancellationToken.None) is > 0 and var cut)
            {
                Log.Warning("Undid {Count} imports that were cut off when the server stopped.", cut);
            }

            // Brews of earlier versions get their facts in the background.
            await scope.ServiceProvider.GetRequiredService<BrewStore>().ComputeMissingFactsAsync(CancellationToken.None);
            await scope.ServiceProvider.GetRequiredService<ReadingStore>().MergeAllAsync(CancellationToken.None);
            await DataFile.DeleteTriedPlansAsync(scope.ServiceProvider.GetRequiredService<CisternDb>(), time.GetUtcNow().AddDays(-60).ToUnixTimeMilliseconds());
        }
        catch (Exception error) when (error is Microsoft.Data.Sqlite.SqliteException or IOException or ObjectDisposedException)
        {
            Log.Warning(error, "Unhandled exception while tidying the data after the start.");
        }
    }
}
