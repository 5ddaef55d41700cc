namespace Cistern.Core.Planning;

/// <summary>What a grinder's settings mean: a straight line from setting to median.</summary>
/// <param name="Least">The lowest setting.</param>
/// <param name="Most">The most.</param>
/// <param name="Step">The smallest step between settings, counted from the lowest.</param>
/// <param name="UmAtZero">The median at setting 0, µm.</param>
/// <param name="UmPerSetting">The increase of the median per setting, µm.</param>
/// <param name="Spread">The spread of its grind, ln-σ.</param>
public sealed record GrinderScale(double Least, double Most, double Step, double UmAtZero, double UmPerSetting, double Spread)
{
    private static readonly Member Median = Member.Named("medianUm");

    /// <summary>Whether any of its settings has a median that a recipe may have.</summary>
    public bool Grinds => MedianUm(Usable.Low) >= Median.Min && MedianUm(Usable.High) <= Median.Max;

    /// <summary>
    /// The settings whose median a recipe may have. A grinder whose burrs touch at 0 has settings that grind nothing.
    /// Where it has none, its whole scale.
    /// </summary>
    public Span Usable
    {
        get
        {
            var low = Least + (Math.Ceiling((((Median.Min - UmAtZero) / UmPerSetting) - Least) / Step - 1e-9) * Step);
            var high = Least + (Math.Floor((((Median.Max - UmAtZero) / UmPerSetting) - Least) / Step + 1e-9) * Step);
            // Where its range is not a multiple of the step, the last whole step is its end.
            var most = Least + (Math.Floor(((Most - Least) / Step) + 1e-9) * Step);
            var usable = new Span(Math.Max(Least, low), Math.Min(most, high));
            return usable.Low <= usable.High ? usable : new Span(Least, most);
        }
    }

    /// <summary>The median at a setting, µm.</summary>
    public double MedianUm(double setting) => UmAtZero + (UmPerSetting * setting);

    /// <summary>The grinder's setting nearest to a median; settings count from the lowest.</summary>
    public double SettingFor(double medianUm) =>
        Math.Clamp(Least + (Math.Round((((medianUm - UmAtZero) / UmPerSetting) - Least) / Step) * Step), Usable.Low, Usable.High);

    /// <summary>The grind at a setting.</summary>
    public Grind At(double setting) => new(MedianUm(setting), Spread);

    /// <summary>Its dial, in µm on its own steps.</summary>
    public Dial Dial => new(Setting.MedianUm, new Span(MedianUm(Least), MedianUm(Most)), UmPerSetting * Step, MedianUm(Least));
}
