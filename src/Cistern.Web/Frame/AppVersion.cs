using System.Security.Cryptography;

namespace Cistern.Web.Frame;

/// <summary>Which version runs, as pages compare it: a stamp of the program and of every file it serves.</summary>
public static class AppVersion
{
    /// <summary>The header that tells it.</summary>
    public const string Header = "X-Cistern-Version";

    /// <summary>The stamp.</summary>
    public static string Stamp { get; } = Read();

    /// <summary>Tells it with every answer, so that a page that stays open learns of a newer one.</summary>
    public static void UseVersion(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        context.Response.Headers[Header] = Stamp;
        return next(context);
    });

    private static string Read()
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        hash.AppendData(typeof(AppVersion).Module.ModuleVersionId.ToByteArray());
        // The list of what is served, with a fingerprint of each file.
        var list = Path.Combine(AppContext.BaseDirectory, $"{typeof(AppVersion).Assembly.GetName().Name}.staticwebassets.endpoints.json");
        if (File.Exists(list))
        {
            hash.AppendData(File.ReadAllBytes(list));
        }

        return Convert.ToHexStringLower(hash.GetHashAndReset().AsSpan(0, 6));
    }
}
