namespace Cistern.Web.Wording;

/// <summary>Says in words how one figure goes along with another.</summary>
public static class TrendWording
{
    /// <summary>Below this they do not go along, by a rank correlation. Judged.</summary>
    private const double Hardly = 0.3;

    /// <summary>From this on they clearly do. Judged.</summary>
    private const double Clearly = 0.6;

    /// <summary>How a figure goes along with what it is over.</summary>
    /// <param name="along">Their rank correlation, −1 to 1.</param>
    /// <param name="of">What the figure is called.</param>
    /// <param name="over">What it is over.</param>
    public static string Along(double along, string of, string over)
    {
        var (what, with) = (Short(of), Short(over).ToLowerInvariant());
        return Math.Abs(along) < Hardly ? $"{what} hardly goes along with {with}."
            : $"{what} {(Math.Abs(along) < Clearly ? "somewhat" : "clearly")} goes {(along > 0 ? "up" : "down")} as {with} goes up. That one goes along with the other does not say that it makes it.";
    }

    private static string Short(string name) => name.Split(',', ':')[0];
}
