using System.Globalization;
using Cistern.Core.Planning;
using Cistern.Core.Reckoning;
using Cistern.Web.Frame;

namespace Cistern.Web.Pages.Plan;

/// <summary>When the cup is wanted, and what must then begin when.</summary>
/// <param name="Text">As typed, or as it was planned; empty where nothing was.</param>
/// <param name="At">The moment, where the server stands; null where nothing that will do was typed.</param>
/// <param name="Problem">What is wrong with it, or null.</param>
/// <param name="KettleAt">When the kettle goes on, or null.</param>
/// <param name="HandsAt">When somebody has to be there, or null.</param>
/// <param name="WaterAt">When the first water goes in, or null.</param>
public sealed record ReadyTime(string Text, DateTime? At, string? Problem, string? KettleAt, string? HandsAt, string? WaterAt)
{
    /// <summary>Nothing wanted.</summary>
    public static ReadyTime None { get; } = new("", null, null, null, null, null);

    /// <summary>Reads a wanted moment.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="preparation">What has to be made ready.</param>
    /// <param name="bench">Knows what time it is, and where.</param>
    public static ReadyTime Read(string? text, Preparation preparation, BaristaContext bench)
    {
        var typed = (text ?? "").Trim();
        if (typed.Length == 0)
        {
            return None;
        }

        var wanted = WantedTime.Read(typed, bench.LocalNow);
        return wanted.At is { } at ? Of(bench.UtcMs(at), preparation, bench) with { Text = typed } : None with { Text = typed, Problem = wanted.Problem };
    }

    /// <summary>A moment that was planned.</summary>
    /// <param name="atMs">The moment, UTC ms: what comes before it is reckoned from there, over a night in which clocks change too.</param>
    /// <param name="preparation">What has to be made ready.</param>
    /// <param name="bench">Knows what time it is, and where.</param>
    public static ReadyTime Of(long atMs, Preparation preparation, BaristaContext bench)
    {
        var today = bench.LocalNow.Date;
        string Before(double seconds) => bench.Local(atMs - (long)(1000 * seconds)) is var then && then.Date == today ? then.ToString("HH:mm:ss", CultureInfo.InvariantCulture) : then.ToString("ddd d MMM HH:mm:ss", CultureInfo.InvariantCulture);
        var at = bench.Local(atMs);
        return new ReadyTime(WantedTime.Text(at), at, null, preparation.KettleBeforeFinishS is { } kettleS ? Before(kettleS) : null, Before(preparation.HandsBeforeFinishS), Before(preparation.LeadS));
    }
}
