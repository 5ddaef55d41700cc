using System.Collections.Concurrent;

namespace Cistern.Web.House;

/// <summary>Requests of devices that are being answered, so that one that is put out is out at once, its open streams too.</summary>
public sealed class Presence
{
    private readonly ConcurrentDictionary<int, ConcurrentDictionary<HttpContext, byte>> answering = new();
    private readonly ConcurrentDictionary<int, long> seen = new();
    private readonly ConcurrentDictionary<int, byte> gone = new();

    /// <summary>The device that was put out last because its token was copied, for the owner; null where there was none since the start.</summary>
    public string? Copied { get; set; }

    /// <summary>Whether it is time to write down that a device was heard of: once a minute is enough.</summary>
    public bool WorthNoting(int device, long nowMs)
    {
        const long MinuteMs = 60_000;
        if (seen.TryGetValue(device, out var lastMs) && nowMs - lastMs < MinuteMs)
        {
            return false;
        }

        seen[device] = nowMs;
        return true;
    }

    /// <summary>Answers a request of a device.</summary>
    /// <returns>Whether it was: not where the device was put out since it was looked up.</returns>
    public async Task<bool> AnswerAsync(int device, HttpContext context, RequestDelegate next)
    {
        var own = answering.GetOrAdd(device, _ => new());
        own[context] = 0;
        try
        {
            // Looked at when it can be broken off: between looking the device up and this it may have been put out.
            if (gone.ContainsKey(device))
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

    /// <summary>Breaks off whatever a device is being answered, and answers it nothing more.</summary>
    public void Revoke(int device)
    {
        gone[device] = 0;
        if (answering.TryRemove(device, out var own))
        {
            foreach (var context in own.Keys)
            {
                context.Abort();
            }
        }
    }
}
