namespace Cistern.Web.Wording;

/// <summary>How one figure relates to another, in words.</summary>
public static class TrendWording
{
    /// <summary>Rank correlation below which there is no relation. Judged.</summary>
    private const double WeakBelow = 0.3;

    /// <summary>From this on they clearly do. Judged.</summary>
    private const double ClearFrom = 0.6;

    /// <summary>How a figure relates to the other axis.</summary>
    /// <param name="along">Their rank correlation, −1 to 1.</param>
    /// <param name="of">The figure's name.</param>
    /// <param name="over">What it is over.</param>
    public static string Along(double along, string of, string over)
    {
        var (what, with) = (Short(of), Short(over).ToLowerInvariant());
        return Math.Abs(along) < WeakBelow ? $"{what} is hardly related to {with}."
            : $"{what} {(Math.Abs(along) < ClearFrom ? "somewhat" : "clearly")} goes {(along > 0 ? "up" : "down")} as {with} goes up. That does not prove that one causes the other.";
    }

    private static string Short(string name) => name.Split(',', ':')[0];
}
