namespace Cistern.Web.Pages.Plan;

/// <summary>When the drink is wanted, and when to begin.</summary>
/// <param name="Text">As typed, or as scheduled; empty where there is none.</param>
/// <param name="At">The local time; null where nothing valid was typed.</param>
/// <param name="Problem">What is wrong, or null.</param>
/// <param name="KettleAt">When to switch the kettle on, or null.</param>
/// <param name="HandsAt">When somebody must be there, or null.</param>
/// <param name="WaterAt">When the first water goes in, or null.</param>
public sealed record ReadyTime(string Text, DateTime? At, string? Problem, string? KettleAt, string? HandsAt, string? WaterAt)
{
    /// <summary>Nothing wanted.</summary>
    public static ReadyTime None { get; } = new("", null, null, null, null, null);

    /// <summary>Reads a wanted moment.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="preparation">The preparation.</param>
    /// <param name="baristaContext">The current time and its zone.</param>
    public static ReadyTime Read(string? text, Preparation preparation, BaristaContext baristaContext)
    {
        var typed = (text ?? "").Trim();
        if (typed.Length == 0)
        {
            return None;
        }

        var wanted = WantedTime.Read(typed, baristaContext.LocalNow);
        return wanted.At is { } at ? Of(baristaContext.UtcMs(at), preparation, baristaContext) with { Text = typed } : None with { Text = typed, Problem = wanted.Problem };
    }

    /// <summary>From a scheduled time.</summary>
    /// <param name="atMs">The moment, UTC ms; earlier times are computed from it, also over a change of clocks.</param>
    /// <param name="preparation">The preparation.</param>
    /// <param name="baristaContext">The current time and its zone.</param>
    public static ReadyTime Of(long atMs, Preparation preparation, BaristaContext baristaContext)
    {
        var today = baristaContext.LocalNow.Date;
        string Before(double seconds) => baristaContext.Local(atMs - (long)(1000 * seconds)) is var then && then.Date == today ? then.ToString("HH:mm:ss", CultureInfo.InvariantCulture) : then.ToString("ddd d MMM HH:mm:ss", CultureInfo.InvariantCulture);
        var at = baristaContext.Local(atMs);
        return new ReadyTime(WantedTime.Text(at), at, null, preparation.KettleBeforeFinishS is { } kettleS ? Before(kettleS) : null, Before(preparation.HandsNeededBeforeFinishS), Before(preparation.LeadS));
    }
}
