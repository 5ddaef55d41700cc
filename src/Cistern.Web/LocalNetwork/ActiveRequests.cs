using System.Collections.Concurrent;

namespace Cistern.Web.LocalNetwork;

/// <summary>Requests of devices in progress, so that removing a device takes effect at once, also for its open streams.</summary>
public sealed class ActiveRequests
{
    private readonly ConcurrentDictionary<int, ConcurrentDictionary<HttpContext, byte>> inProgress = new();
    private readonly ConcurrentDictionary<int, long> notedAtMs = new();
    private readonly ConcurrentDictionary<int, byte> revoked = new();

    /// <summary>The device that was last removed because its token was copied, for the owner; null where there was none since the start.</summary>
    public string? Copied { get; set; }

    /// <summary>Whether to update when a device was last seen: once a minute is enough.</summary>
    public bool IsSeenUpdateDue(int device, long nowMs)
    {
        const long MinuteMs = 60_000;
        if (notedAtMs.TryGetValue(device, out var lastMs) && nowMs - lastMs < MinuteMs)
        {
            return false;
        }

        notedAtMs[device] = nowMs;
        return true;
    }

    /// <summary>Processes a request of a device.</summary>
    /// <returns>False where the device was removed since it was looked up.</returns>
    public async Task<bool> RunAsync(int device, HttpContext context, RequestDelegate next)
    {
        var own = inProgress.GetOrAdd(device, _ => new());
        own[context] = 0;
        try
        {
            // Checked after registering: the device may have been removed since it was looked up.
            if (revoked.ContainsKey(device))
            {
                return false;
            }

            await next(context);
            return true;
        }
        finally
        {
            own.TryRemove(context, out _);
        }
    }

    /// <summary>Aborts a device's requests in progress and accepts no more.</summary>
    public void Revoke(int device)
    {
        revoked[device] = 0;
        if (inProgress.TryRemove(device, out var own))
        {
            foreach (var context in own.Keys)
            {
                context.Abort();
            }
        }
    }
}
