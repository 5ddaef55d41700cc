using System.Collections.Concurrent;

namespace Cistern.Web.House;

/// <summary>Requests of devices that are being answered, so that one that is put out is out at once, its open streams too.</summary>
public sealed class Presence
{
    private readonly ConcurrentDictionary<int, ConcurrentDictionary<HttpContext, byte>> answering = new();
    private readonly ConcurrentDictionary<int, long> seen = new();

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
    public async Task AnswerAsync(int device, HttpContext context, RequestDelegate next)
    {
        var own = answering.GetOrAdd(device, _ => new());
        own[context] = 0;
        try
        {
            await next(context);
        }
        finally
        {
            own.TryRemove(context, out _);
        }
    }

    /// <summary>Breaks off whatever a device is being answered.</summary>
    public void PutOut(int device)
    {
        if (answering.TryRemove(device, out var own))
        {
            foreach (var context in own.Keys)
            {
                context.Abort();
            }
        }
    }
}
