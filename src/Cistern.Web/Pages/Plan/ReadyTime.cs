using System.Globalization;
using Cistern.Core.Planning;

namespace Cistern.Web.Pages.Plan;

/// <summary>When the cup is wanted, and what must then begin when.</summary>
/// <param name="Text">As typed; empty where nothing was.</param>
/// <param name="Problem">What is wrong with it, or null.</param>
/// <param name="KettleAt">When the kettle goes on, or null.</param>
/// <param name="HandsAt">When somebody has to be there, or null.</param>
/// <param name="WaterAt">When the first water goes in, or null.</param>
public sealed record ReadyTime(string Text, string? Problem, string? KettleAt, string? HandsAt, string? WaterAt)
{
    private static readonly string[] Formats = ["H:mm", "HH:mm", "H.mm", "HHmm"];

    /// <summary>Reads a wanted time of day.</summary>
    public static ReadyTime Read(string? text, Preparation preparation)
    {
        var typed = (text ?? "").Trim();
        if (typed.Length == 0)
        {
            return new ReadyTime("", null, null, null, null);
        }

        if (!TimeOnly.TryParseExact(typed, Formats, CultureInfo.InvariantCulture, DateTimeStyles.None, out var ready))
        {
            return new ReadyTime(typed, "That is not a time of day. Give hours and minutes, like 7:30.", null, null, null);
        }

        string Before(double seconds) => ready.Add(TimeSpan.FromSeconds(-seconds)).ToString("HH:mm:ss", CultureInfo.InvariantCulture);
        return new ReadyTime(typed, null, preparation.KettleBeforeFinishS is { } kettleS ? Before(kettleS) : null, Before(preparation.HandsBeforeFinishS), Before(preparation.LeadS));
    }
}
