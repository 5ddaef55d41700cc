namespace Cistern.Core.Planning;

/// <summary>A grind measured at a setting, in a photograph or otherwise.</summary>
/// <param name="Setting">The grinder's setting.</param>
/// <param name="MedianUm">The median by volume, µm.</param>
/// <param name="HalfUm">Half of the 90 % interval of the median, µm.</param>
/// <param name="Grains">How many grains were measured; null where unknown.</param>
/// <param name="Spread">The measured ln-σ; null where unknown.</param>
public sealed record MeasuredGrind(double Setting, double MedianUm, double HalfUm, int? Grains = null, double? Spread = null)
{
    /// <summary>Half of the interval where none is given, as a share of the median. Judged.</summary>
    private const double UsualHalf = 0.08;

    /// <summary>Reads "18 = 624 ± 20, 1240 grains, spread 0.41"; everything from the ± on is optional. Null where it is invalid.</summary>
    /// <param name="line">The line.</param>
    /// <param name="least">The grinder's lowest setting.</param>
    /// <param name="most">Its most.</param>
    public static MeasuredGrind? Read(string line, double least, double most)
    {
        var sides = line.Split('=', 2, StringSplitOptions.TrimEntries);
        if (sides.Length < 2 || TypedNumber.Read(sides[0], least, most, "").Value is not { } setting)
            return null;
        var parts = sides[1].Split(',', StringSplitOptions.TrimEntries);
        var size = parts[0].Replace("µm", "", StringComparison.Ordinal).Split(['±'], 2, StringSplitOptions.TrimEntries);
        if (TypedNumber.Read(size[0], 50, 3_000, "µm").Value is not { } median)
            return null;
        var half = UsualHalf * median;
        if (size.Length > 1)
        {
            if (TypedNumber.Read(size[1], 0, 1_000, "µm").Value is not { } typed)
                return null;
            half = typed;
        }
        int? grains = null;
        double? spread = null;
        foreach (var part in parts.Skip(1))
        {
            if (part.EndsWith("grains", StringComparison.Ordinal) && int.TryParse(part[..^6].Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var count))
                grains = count;
            else if (part.StartsWith("spread", StringComparison.Ordinal) && TypedNumber.Read(part[6..], 0.05, 1.5, "").Value is { } sigma)
                spread = sigma;
            else
                return null;
        }
        return new(setting, median, half, grains, spread);
    }

    /// <summary>As a line that is read again.</summary>
    public string Write() => string.Create(CultureInfo.InvariantCulture,
        $"{Setting:0.###} = {MedianUm:0} ± {HalfUm:0}{(Grains is { } grains ? $", {grains} grains" : "")}{(Spread is { } spread ? $", spread {spread:0.##}" : "")}");
}

/// <summary>A grinder's line fitted to measurements, starting from the line it was thought to have.</summary>
public sealed class GrinderLine
{
    // Prior uncertainty of level and slope, as a share, for a scale that was measured and one that was estimated; and the error of a
    // picture that it cannot show itself (how the grains were strewn, what lay below). Judged.
    private const double TypedLevel = 0.15, EstimatedLevel = 0.4, TypedSlope = 0.12, EstimatedSlope = 0.3, Systematic = 0.03;

    private readonly double _at, _level, _slope, _levelVariance, _slopeVariance;

    /// <summary>Fits it.</summary>
    /// <param name="umAtZero">The prior line: the median at setting 0, µm.</param>
    /// <param name="umPerSetting">The prior line: the increase per setting, µm; over 0.</param>
    /// <param name="estimated">Whether the prior line was estimated rather than measured.</param>
    /// <param name="measured">The measurements; at least one.</param>
    /// <exception cref="ArgumentException">There are no measurements.</exception>
    public GrinderLine(double umAtZero, double umPerSetting, bool estimated, IReadOnlyList<MeasuredGrind> measured)
    {
        if (measured.Count == 0)
            throw new ArgumentException("Nothing was measured.", nameof(measured));
        Spread = measured.Select(one => one.Spread).Average();
        // About the points' own mean, level and slope are nearly independent.
        double weights = 0, settings = 0, medians = 0;
        foreach (var one in measured)
        {
            var weight = 1 / Variance(one);
            (weights, settings, medians) = (weights + weight, settings + weight * one.Setting, medians + weight * one.MedianUm);
        }
        _at = settings / weights;
        double mean = medians / weights, thought = umAtZero + umPerSetting * _at;
        double sxx = 0, sxy = 0;
        foreach (var one in measured)
        {
            var weight = 1 / Variance(one);
            sxx += weight * (one.Setting - _at) * (one.Setting - _at);
            sxy += weight * (one.Setting - _at) * (one.MedianUm - mean);
        }
        double levelPrior = 1 / Square((estimated ? EstimatedLevel : TypedLevel) * Math.Max(mean, thought)), slopePrior = 1 / Square((estimated ? EstimatedSlope : TypedSlope) * umPerSetting);
        _levelVariance = 1 / (weights + levelPrior);
        _slopeVariance = 1 / (sxx + slopePrior);
        _level = _levelVariance * (weights * mean + levelPrior * thought);
        // A grinder gets coarser with its setting, whatever was measured.
        _slope = Math.Max(0.1 * umPerSetting, _slopeVariance * (sxy + slopePrior * umPerSetting));
    }

    /// <summary>The median at setting 0, µm.</summary>
    public double UmAtZero => _level - _slope * _at;

    /// <summary>The median for each 1 more, µm.</summary>
    public double UmPerSetting => _slope;

    /// <summary>The mean of the measured spreads, ln-σ; null where there are none.</summary>
    public double? Spread { get; }

    /// <summary>Half of the 80 % band of the median at a setting, µm.</summary>
    /// <param name="setting">The setting.</param>
    public double HalfWidthUm(double setting) => 1.2816 * Math.Sqrt(_levelVariance + _slopeVariance * Square(setting - _at));

    private static double Variance(MeasuredGrind one) => Square(one.HalfUm / 1.645) + Square(Systematic * one.MedianUm);

    private static double Square(double value) => value * value;
}
