namespace Cistern.Core.Planning;

/// <summary>What is known about a grinder at one setting.</summary>
/// <param name="Setting">The setting.</param>
/// <param name="Um">The median it is thought to grind there, µm.</param>
/// <param name="SigmaUm">Its standard deviation, µm.</param>
public readonly record struct KnownGrind(double Setting, double Um, double SigmaUm)
{
    /// <summary>How much practitioners differ in the median for one family, as a share; used where the library's recipes differ by less. Judged.</summary>
    private const double MinShare = 0.16;

    /// <summary>What "my usual setting for this family" means: the medians of the library's recipes for it.</summary>
    public static KnownGrind UsualFor(double setting, BrewerFamily family) => Of(setting, recipe => recipe.Brewer.Family == family);

    /// <summary>What "my usual setting for paper" means.</summary>
    public static KnownGrind UsedForPaper(double setting) =>
        Of(setting, recipe => Vessel.FilterOf(recipe.Brewer) is Filter.Paper or Filter.DensePaper);

    /// <summary>What "it looks like this" means, for a word for grain size.</summary>
    public static KnownGrind FromLook(double setting, GrainWord word)
    {
        // The word's range is taken as its 80 % band.
        return new KnownGrind(setting, word.MiddleUm, (word.HighUm - word.LowUm) / (2 * Confidence.Eighty));
    }

    /// <summary>What "it looks like this" means, for ground coffee of a known size.</summary>
    public static KnownGrind FromLook(double setting, double um)
    {
        // How well two grinds can be compared by eye, as a share of their size. Judged.
        const double ByEye = 0.15;
        return new KnownGrind(setting, um, ByEye * um);
    }

    private static KnownGrind Of(double setting, Func<Recipe, bool> of)
    {
        var logs = RecipeLibrary.All.Where(of).Select(recipe => Math.Log(recipe.Grind.MedianUm)).ToList();
        var mean = logs.Average();
        var spread = Math.Sqrt(logs.Sum(one => (one - mean) * (one - mean)) / logs.Count);
        var um = Math.Exp(mean);
        return new KnownGrind(setting, um, um * Math.Max(MinShare, spread));
    }
}

/// <summary>
/// An estimate of an unmeasured grinder from its range and from what is used on it. The prior is a straight line from about 150 µm at
/// its lowest setting to about 1,400 µm at its highest (judged: a grinder for every kind of coffee). Each known grind updates it by
/// its precision (the Gaussian update of a line with two unknowns).
/// </summary>
public sealed class GrinderEstimate
{
    private const double MinUm = 150;
    private const double MinSigmaUm = 110;
    private const double MaxUm = 1_400;
    private const double MaxSigmaUm = 420;

    private readonly double least;
    private readonly double most;
    private double first = MinUm;
    private double last = MaxUm;
    private double varFirst = MinSigmaUm * MinSigmaUm;
    private double varLast = MaxSigmaUm * MaxSigmaUm;
    private double covariance;

    /// <summary>Estimates a grinder.</summary>
    /// <param name="least">Its lowest setting.</param>
    /// <param name="most">Its highest setting; over the lowest.</param>
    /// <param name="known">What is known of it, in any order.</param>
    /// <exception cref="ArgumentOutOfRangeException">The highest setting is not over the lowest.</exception>
    public GrinderEstimate(double least, double most, IEnumerable<KnownGrind> known)
    {
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(most, least);
        (this.least, this.most) = (least, most);
        foreach (var one in known)
        {
            Take(one);
        }
    }

    /// <summary>The increase of the median per setting, µm. It may be 0 or negative where what is known is contradictory.</summary>
    public double UmPerSetting => (last - first) / (most - least);

    /// <summary>The median at setting 0, µm.</summary>
    public double UmAtZero => first - (UmPerSetting * least);

    /// <summary>Half of the 80 % band of the median at a setting, µm.</summary>
    public double HalfWidthUm(double setting)
    {
        var (near, far) = Shares(setting);
        return Confidence.Eighty * Math.Sqrt((near * near * varFirst) + (2 * near * far * covariance) + (far * far * varLast));
    }

    private (double Near, double Far) Shares(double setting)
    {
        var far = (setting - least) / (most - least);
        return (1 - far, far);
    }

    private void Take(KnownGrind known)
    {
        var (near, far) = Shares(known.Setting);
        var ofFirst = (near * varFirst) + (far * covariance);
        var ofLast = (near * covariance) + (far * varLast);
        var total = (near * ofFirst) + (far * ofLast) + (known.SigmaUm * known.SigmaUm);
        var miss = known.Um - ((near * first) + (far * last));
        first += ofFirst / total * miss;
        last += ofLast / total * miss;
        varFirst -= ofFirst * ofFirst / total;
        varLast -= ofLast * ofLast / total;
        covariance -= ofFirst * ofLast / total;
    }
}
