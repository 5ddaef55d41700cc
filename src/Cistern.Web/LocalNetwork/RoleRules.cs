namespace Cistern.Web.LocalNetwork;

/// <summary>Which role may request what: one table, in which the first matching row counts.</summary>
public static class RoleRules
{
    /// <summary>What is the owner's alone.</summary>
    private static readonly string[] OwnerOnly = ["/devices"];

    /// <summary>What only the owner may change: imports, and undoing them.</summary>
    private static readonly string[] OwnerWrites = ["/files"];

    /// <summary>POST requests that only compute something and store nothing.</summary>
    private static readonly string[] ReadOnlyPosts = ["/api/forecast", "/api/plan"];

    /// <summary>Whether a role may make a request.</summary>
    /// <param name="role">The role.</param>
    /// <param name="method">The method.</param>
    /// <param name="path">The path, without the query.</param>
    public static bool Allow(DeviceRole role, string method, PathString path)
    {
        var looks = HttpMethods.IsGet(method) || HttpMethods.IsHead(method);
        return role switch
        {
            DeviceRole.Owner => true,
            DeviceRole.Instrument => HttpMethods.IsPost(method) && IsReadings(path),
            _ when NetworkGuard.IsJoining(path) => true,
            _ when OwnerOnly.Any(one => path.StartsWithSegments(one, StringComparison.OrdinalIgnoreCase)) => false,
            _ when looks => true,
            _ when ReadOnlyPosts.Any(one => path.Equals(one, StringComparison.OrdinalIgnoreCase)) => true,
            DeviceRole.Barista => !OwnerWrites.Any(one => path.StartsWithSegments(one, StringComparison.OrdinalIgnoreCase)),
            _ => IsBlindAnswer(path),
        };
    }

    private static bool IsReadings(PathString path) => Parts(path) is ["api", "brews", _, "readings"];

    private static bool IsBlindAnswer(PathString path) => Parts(path) is ["blind", _, "answer"];

    private static string[] Parts(PathString path) => (path.Value ?? "").ToLowerInvariant().Split('/', StringSplitOptions.RemoveEmptyEntries);
}

/// <summary>What a device's role may send, for pages.</summary>
public sealed class RolePermits : IPermits
{
    /// <inheritdoc/>
    public bool MaySend(HttpContext context, PathString path) => RoleRules.Allow(context.Role(), HttpMethods.Post, path);
}
