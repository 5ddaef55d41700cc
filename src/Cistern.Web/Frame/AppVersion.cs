using System.Security.Cryptography;

namespace Cistern.Web.Frame;

/// <summary>The running version, as pages compare it: a hash of the program and of every file it serves.</summary>
public static class AppVersion
{
    /// <summary>The response header.</summary>
    public const string Header = "X-Cistern-Version";

    /// <summary>The stamp.</summary>
    public static string Stamp { get; } = Read();

    /// <summary>Sends it with every response, so that an open page notices a newer one.</summary>
    public static void UseVersion(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        context.Response.Headers[Header] = Stamp;
        return next(context);
    });

    private static string Read()
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        hash.AppendData(typeof(AppVersion).Module.ModuleVersionId.ToByteArray());
        // The manifest of static files, with a fingerprint of each.
        var list = Path.Combine(AppContext.BaseDirectory, $"{typeof(AppVersion).Assembly.GetName().Name}.staticwebassets.endpoints.json");
        if (File.Exists(list))
        {
            hash.AppendData(File.ReadAllBytes(list));
        }

        return Convert.ToHexStringLower(hash.GetHashAndReset().AsSpan(0, 6));
    }
}
