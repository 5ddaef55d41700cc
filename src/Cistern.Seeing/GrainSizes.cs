using MathNet.Numerics.Distributions;

namespace Cistern.Seeing;

/// <summary>A distribution of grain sizes, weighted by volume (the cube of the diameter).</summary>
/// <param name="MedianUm">Half of the volume is in finer grains, µm (d50).</param>
/// <param name="MedianLowUm">The lower end of its 90 % interval, µm.</param>
/// <param name="MedianHighUm">The upper end, µm.</param>
/// <param name="D10Um">A tenth of the volume is in finer grains, µm.</param>
/// <param name="D90Um">Nine tenths of the volume are in finer grains, µm.</param>
/// <param name="Spread">ln(d84 / d16) / 2: the standard deviation of the fitting log-normal distribution.</param>
/// <param name="Count">The number of grains.</param>
public sealed record GrainSizes(double MedianUm, double MedianLowUm, double MedianHighUm, double D10Um, double D90Um, double Spread, int Count)
{
    private const int Resamples = 300;

    // An edge is found to about a quarter of a pixel (one standard deviation), alike for all grains of a picture, so that more grains
    // do not reduce it. With this value the interval contains the truth in 90 of 100 rendered pictures of fine grinds, where it
    // matters most, and in more of coarse ones (./cistern bench grind).
    private const double EdgePx = 0.25;

    /// <summary>The size distribution of grains.</summary>
    /// <param name="diametersUm">The diameter of each, µm; at least one.</param>
    /// <param name="pixelUm">The size of a pixel of the picture they were measured in, µm; 0 for known diameters.</param>
    /// <exception cref="ArgumentException">There are none.</exception>
    public static GrainSizes Of(IEnumerable<double> diametersUm, double pixelUm = 0)
    {
        double[] sorted = [.. diametersUm.Order()];
        if (sorted.Length == 0)
            throw new ArgumentException("No grain.", nameof(diametersUm));
        var volumes = Array.ConvertAll(sorted, d => d * d * d);
        var all = new int[sorted.Length];
        Array.Fill(all, 1);
        var medians = new double[Resamples];
        // Seeded, so that the same grains always give the same interval.
        var random = new Random(sorted.Length);
        var drawn = new int[sorted.Length];
        for (var i = 0; i < Resamples; i++)
        {
            Array.Clear(drawn);
            for (var k = 0; k < sorted.Length; k++)
                drawn[random.Next(sorted.Length)]++;
            medians[i] = Finer(sorted, volumes, drawn, 0.5);
        }
        Array.Sort(medians);
        double At(double share) => Finer(sorted, volumes, all, share);
        var median = At(0.5);
        var edgeUm = Normal.InvCDF(0, 1, 0.95) * EdgePx * pixelUm;
        double Half(double ofChanceUm) => Math.Sqrt((ofChanceUm * ofChanceUm) + (edgeUm * edgeUm));
        return new(median, median - Half(median - medians[Resamples / 20]), median + Half(medians[^(Resamples / 20)] - median), At(0.1), At(0.9), Math.Log(At(0.84) / At(0.16)) / 2, sorted.Length);
    }

    // The diameter below which that share of the volume is; a grain's own volume counts half below and half above.
    private static double Finer(double[] sorted, double[] volumes, int[] times, double share)
    {
        double total = 0;
        for (var i = 0; i < sorted.Length; i++)
            total += volumes[i] * times[i];
        var wanted = share * total;
        double below = 0, before = 0;
        var last = -1;
        for (var i = 0; i < sorted.Length; i++)
        {
            if (times[i] == 0)
                continue;
            var middle = below + volumes[i] * times[i] / 2;
            if (middle >= wanted)
                return last < 0 ? sorted[i] : sorted[last] * Math.Pow(sorted[i] / sorted[last], (wanted - before) / (middle - before));
            (below, before, last) = (below + volumes[i] * times[i], middle, i);
        }
        return sorted[last];
    }
}
