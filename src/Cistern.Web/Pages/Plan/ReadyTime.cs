using System.Globalization;
using Cistern.Core.Planning;
using Cistern.Core.Reckoning;

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
    /// <param name="now">Now, where the server stands.</param>
    public static ReadyTime Read(string? text, Preparation preparation, DateTime now)
    {
        var typed = (text ?? "").Trim();
        if (typed.Length == 0)
        {
            return None;
        }

        var wanted = WantedTime.Read(typed, now);
        return wanted.At is { } at ? Of(at, preparation, now) with { Text = typed } : None with { Text = typed, Problem = wanted.Problem };
    }

    /// <summary>A moment that was planned.</summary>
    public static ReadyTime Of(DateTime at, Preparation preparation, DateTime now)
    {
        string Before(double seconds) => at.AddSeconds(-seconds) is var then && then.Date == now.Date ? then.ToString("HH:mm:ss", CultureInfo.InvariantCulture) : then.ToString("ddd d MMM HH:mm:ss", CultureInfo.InvariantCulture);
        return new ReadyTime(WantedTime.Text(at), at, null, preparation.KettleBeforeFinishS is { } kettleS ? Before(kettleS) : null, Before(preparation.HandsBeforeFinishS), Before(preparation.LeadS));
    }
}
