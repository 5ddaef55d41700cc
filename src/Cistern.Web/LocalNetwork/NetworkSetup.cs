using System.Net;
using System.Net.Security;
using System.Runtime.Versioning;
using System.Security.Authentication;
using System.Threading.RateLimiting;
using Microsoft.AspNetCore.Connections;
using Microsoft.AspNetCore.HttpOverrides;

namespace Cistern.Web.LocalNetwork;

/// <summary>The configuration for the local network cannot be used; the message is one sentence, shown at the start.</summary>
public sealed class NetworkSetupException : Exception
{
    /// <summary>Nothing said.</summary>
    public NetworkSetupException()
    {
    }

    /// <summary>Says it.</summary>
    public NetworkSetupException(string message)
        : base(message)
    {
    }

    /// <summary>With a message and its cause.</summary>
    public NetworkSetupException(string message, Exception inner)
        : base(message, inner)
    {
    }
}

/// <summary>Opens the server to the local network, where configured.</summary>
public static class NetworkSetup
{
    /// <summary>Requests per minute for one device, or for one unknown address, by kind. A gateway sends for several scales.</summary>
    private static readonly (string Name, int AMinute)[] RequestsPerMinute = [(Limits.Joining, 20), (Limits.Imports, 20), (Limits.Api, 240), (Limits.Readings, 6_000)];

    /// <summary>TLS cipher suites: forward secret and authenticated, none in CBC mode (RFC 9325, 4.2).</summary>
    [SupportedOSPlatform("linux")]
    private static void OfferSuites(ConnectionContext connection, SslServerAuthenticationOptions tls) => tls.CipherSuitesPolicy = new CipherSuitesPolicy([
        TlsCipherSuite.TLS_AES_256_GCM_SHA384, TlsCipherSuite.TLS_AES_128_GCM_SHA256, TlsCipherSuite.TLS_CHACHA20_POLY1305_SHA256,
        TlsCipherSuite.TLS_ECDHE_ECDSA_WITH_AES_256_GCM_SHA384, TlsCipherSuite.TLS_ECDHE_ECDSA_WITH_AES_128_GCM_SHA256, TlsCipherSuite.TLS_ECDHE_ECDSA_WITH_CHACHA20_POLY1305_SHA256,
    ]);

    /// <summary>Read requests per minute for devices that may only read or are not connected.</summary>
    private const int ReadsPerMinute = 600;

    /// <summary>Registers the services for the local network.</summary>
    public static void AddLocalNetwork(this WebApplicationBuilder builder, AppSettings settings)
    {
        builder.Services.AddSingleton<IMachineNames, MachineNames>();
        builder.Services.AddSingleton<IRequestOriginResolver, RequestOriginResolver>();
        builder.Services.AddSingleton<ActiveRequests>();
        builder.Services.AddSingleton<IPermits, RolePermits>();
        builder.Services.AddSingleton<DeviceJoin>();
        builder.Services.AddScoped<DeviceStore>();
        builder.Services.AddSingleton(services => new MachineCertificates(services.GetRequiredService<DataFile>().Path + ".house", services.GetRequiredService<IMachineNames>(), services.GetRequiredService<TimeProvider>(), services.GetRequiredService<ILogger<MachineCertificates>>()));
        builder.Services.AddRateLimiter(options =>
        {
            options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            options.OnRejected = (rejected, _) =>
            {
                rejected.HttpContext.Response.Headers.RetryAfter = "60";
                return ValueTask.CompletedTask;
            };
            options.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, string>(context => context.Origin() != RequestOrigin.LocalNetwork || context.Role() != DeviceRole.Guest
                ? RateLimitPartition.GetNoLimiter("")
                : RateLimitPartition.GetFixedWindowLimiter(ClientOf(context), _ => new FixedWindowRateLimiterOptions { PermitLimit = ReadsPerMinute, Window = TimeSpan.FromMinutes(1) }));
            foreach (var (name, aMinute) in RequestsPerMinute)
            {
                // Reading costs little, and the server's own screen is not limited.
                options.AddPolicy(name, context => context.Origin() == RequestOrigin.ThisMachine || !HttpMethods.IsPost(context.Request.Method)
                    ? RateLimitPartition.GetNoLimiter("")
                    : RateLimitPartition.GetFixedWindowLimiter(ClientOf(context), _ => new FixedWindowRateLimiterOptions { PermitLimit = aMinute, Window = TimeSpan.FromMinutes(1) }));
            }
        });
        if (settings.LocalNetwork)
        {
            // This machine's names change, so they are checked on each request instead.
            builder.Configuration["AllowedHosts"] = "*";
            var local = Urls(builder.Configuration).FirstOrDefault(url => url.IsLoopback) ?? new Uri("http://127.0.0.1:5080");
            builder.Configuration["urls"] = null;
            builder.WebHost.ConfigureKestrel(kestrel =>
            {
                kestrel.Listen(IPAddress.Loopback, local.Port);
                kestrel.ListenAnyIP(settings.TrustPort);
                kestrel.ListenAnyIP(settings.LocalNetworkPort, listen =>
                {
                    var certificates = listen.ApplicationServices.GetRequiredService<MachineCertificates>();
                    listen.UseHttps(https =>
                    {
                        https.ServerCertificateSelector = (_, _) => certificates.Current();
                        https.SslProtocols = SslProtocols.Tls12 | SslProtocols.Tls13;
                        if (OperatingSystem.IsLinux())
                        {
                            https.OnAuthenticate = OfferSuites;
                        }
                    });
                });
            });
        }

        if (settings.Proxy.Length > 0)
        {
            if (!IPAddress.TryParse(settings.Proxy, out var proxy))
            {
                throw new NetworkSetupException($"Cistern__Proxy must be the address of the proxy, such as 192.168.1.2; \"{settings.Proxy}\" is not an address.");
            }

            builder.Services.Configure<ForwardedHeadersOptions>(options =>
            {
                options.ForwardedHeaders = ForwardedHeaders.XForwardedFor | ForwardedHeaders.XForwardedProto | ForwardedHeaders.XForwardedHost;
                options.KnownIPNetworks.Clear();
                options.KnownProxies.Clear();
                options.KnownProxies.Add(proxy);
            });
        }

        if (!settings.LocalNetwork && settings.Proxy.Length == 0 && Urls(builder.Configuration).FirstOrDefault(url => !url.IsLoopback) is { } open)
        {
            throw new NetworkSetupException($"{open} would be open to the whole network, unencrypted and to anybody. Use ./cistern house to serve phones and tablets, or name the proxy in front of it: Cistern__Proxy=ADDRESS.");
        }

        if (!settings.LocalNetwork && !builder.Configuration.GetSection("Kestrel:Certificates").Exists() && Urls(builder.Configuration).FirstOrDefault(url => url.Scheme == Uri.UriSchemeHttps) is { } encrypted)
        {
            throw new NetworkSetupException($"{encrypted} needs a certificate, and none is configured. On this machine http is enough; ./cistern house makes its own certificate.");
        }
    }

    /// <summary>Adds the authorisation before everything that follows.</summary>
    public static void UseLocalNetwork(this WebApplication app)
    {
        var settings = app.Services.GetRequiredService<AppSettings>();
        if (settings.LocalNetwork)
        {
            var names = app.Services.GetRequiredService<IMachineNames>();
            app.Use((context, next) => IsOwn(context.Request.Host, names) ? next(context) : ErrorPage.WriteAsync(context, StatusCodes.Status400BadRequest, "This machine does not have that name."));
        }

        app.UseRequestOrigin(app.Services.GetRequiredService<IRequestOriginResolver>());
        if (settings.Proxy.Length > 0)
        {
            app.UseForwardedHeaders();
        }

        app.UseNetworkGuard(app.Services.GetRequiredService<ActiveRequests>(), app.Services.GetRequiredService<TimeProvider>());

        if (settings.LocalNetwork || ProxyIsHere(settings))
        {
            app.Lifetime.ApplicationStarted.Register(() => _ = AnnounceAsync(app.Services, settings));
        }
    }

    /// <summary>Addresses at which other devices can reach the server.</summary>
    /// <remarks>Addresses first, because a name is found only where multicast works.</remarks>
    public static IEnumerable<string> Addresses(IMachineNames names, AppSettings settings) =>
        names.Addresses.Select(one => one.AddressFamily == System.Net.Sockets.AddressFamily.InterNetworkV6 ? $"[{one}]" : one.ToString()).Concat(names.Names.Where(name => name != "localhost").Take(1))
            .Select(host => string.Create(System.Globalization.CultureInfo.InvariantCulture, $"https://{host}:{settings.LocalNetworkPort}"));

    private static string ClientOf(HttpContext context) =>
        context.Device() is { } device ? device.Id.ToString(System.Globalization.CultureInfo.InvariantCulture) : context.From();

    private static bool IsOwn(HostString host, IMachineNames names) =>
        names.Names.Contains(host.Host.ToLowerInvariant(), StringComparer.Ordinal)
        || (IPAddress.TryParse(host.Host.Trim('[', ']'), out var address) && (IPAddress.IsLoopback(address) || names.Addresses.Contains(address)));

    /// <summary>Whether the configured proxy is on this machine; then no request counts as from the server's own screen.</summary>
    private static bool ProxyIsHere(AppSettings settings) => IPAddress.TryParse(settings.Proxy, out var proxy) && IPAddress.IsLoopback(proxy);

    private static async Task AnnounceAsync(IServiceProvider services, AppSettings settings)
    {
        if (settings.LocalNetwork)
        {
            var names = services.GetRequiredService<IMachineNames>();
            var certificates = services.GetRequiredService<MachineCertificates>();
            certificates.Current();
            await Console.Error.WriteLineAsync($"cistern: phones and tablets open {string.Join(", ", Addresses(names, settings))}");
            await Console.Error.WriteLineAsync(string.Create(System.Globalization.CultureInfo.InvariantCulture, $"cistern: the first time, they open http://{(names.Addresses.Count > 0 ? names.Addresses[0].ToString() : names.Names[0])}:{settings.TrustPort} to trust it"));
            await Console.Error.WriteLineAsync($"cistern: fingerprint of its certificate authority: {certificates.Fingerprint}");
        }

        await using var scope = services.CreateAsyncScope();
        var devices = (await scope.ServiceProvider.GetRequiredService<DeviceStore>().AllAsync(CancellationToken.None)).Where(one => one.RevokedAtMs is null).ToList();
        if (settings.LocalNetwork ? devices.Exists(one => one.Role != DeviceRole.Instrument) : devices.Exists(one => one.Role == DeviceRole.Owner))
        {
            // A code is shown only where it is needed, and not written to a log after the first device has joined.
            await Console.Error.WriteLineAsync(settings.LocalNetwork ? "cistern: to connect another device, open the page Devices on this machine" : "cistern: to connect another device, open the page Devices on an owner's device");
            return;
        }

        var code = services.GetRequiredService<DeviceJoin>().Offer(settings.LocalNetwork ? DeviceRole.Barista : DeviceRole.Owner);
        await Console.Error.WriteLineAsync($"cistern: code for one device, valid for five minutes: {code.Digits}");
        if (settings.LocalNetwork && !Console.IsErrorRedirected)
        {
            // Black on white whatever the console's colours, as readers need it.
            foreach (var line in QrPicture.Lines($"{Addresses(services.GetRequiredService<IMachineNames>(), settings).First()}{NetworkGuard.JoinPath}?code={code.Digits}"))
            {
                await Console.Error.WriteLineAsync($"\u001b[30;107m{line}\u001b[0m");
            }
        }
    }

    private static IEnumerable<Uri> Urls(IConfiguration configuration) => (configuration["urls"] ?? "").Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
        .Select(text => Uri.TryCreate(text.Replace("//*", "//0.0.0.0", StringComparison.Ordinal).Replace("//+", "//0.0.0.0", StringComparison.Ordinal), UriKind.Absolute, out var url) ? url : null).OfType<Uri>();
}
