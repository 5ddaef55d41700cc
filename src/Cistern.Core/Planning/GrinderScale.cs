using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>What a grinder's settings mean: a straight line from its setting to the grind's median.</summary>
/// <param name="Least">The least setting.</param>
/// <param name="Most">The most.</param>
/// <param name="Step">The smallest step it has; settings count from the least.</param>
/// <param name="UmAtZero">The median at setting 0, µm.</param>
/// <param name="UmPerSetting">The median for each 1 more, µm.</param>
/// <param name="Spread">The spread of what it grinds, ln-σ.</param>
public sealed record GrinderScale(double Least, double Most, double Step, double UmAtZero, double UmPerSetting, double Spread)
{
    private static readonly Member Median = Member.Named("medianUm");

    /// <summary>Whether it has a setting whose median a recipe may name.</summary>
    public bool Grinds => MedianUm(Usable.Low) >= Median.Min && MedianUm(Usable.High) <= Median.Max;

    /// <summary>
    /// The settings whose median a recipe may name: a grinder set up so that it touches at 0 has some that grind to nothing.
    /// Where it has none, its whole scale.
    /// </summary>
    public Span Usable
    {
        get
        {
            var low = Least + (Math.Ceiling((((Median.Min - UmAtZero) / UmPerSetting) - Least) / Step - 1e-9) * Step);
            var high = Least + (Math.Floor((((Median.Max - UmAtZero) / UmPerSetting) - Least) / Step + 1e-9) * Step);
            // Where its scale ends between two steps, the last step is the end.
            var most = Least + (Math.Floor(((Most - Least) / Step) + 1e-9) * Step);
            var usable = new Span(Math.Max(Least, low), Math.Min(most, high));
            return usable.Low <= usable.High ? usable : new Span(Least, most);
        }
    }

    /// <summary>The median at a setting, µm.</summary>
    public double MedianUm(double setting) => UmAtZero + (UmPerSetting * setting);

    /// <summary>The setting on the grinder's own steps, which count from its least, nearest to a median.</summary>
    public double SettingFor(double medianUm) =>
        Math.Clamp(Least + (Math.Round((((medianUm - UmAtZero) / UmPerSetting) - Least) / Step) * Step), Usable.Low, Usable.High);

    /// <summary>The grind at a setting.</summary>
    public Grind At(double setting) => new(MedianUm(setting), Spread);

    /// <summary>Its dial, in µm on its own steps.</summary>
    public Dial Dial => new(Setting.MedianUm, new Span(MedianUm(Least), MedianUm(Most)), UmPerSetting * Step, MedianUm(Least));
}
