using Cistern.Core.Forecasts;
using Cistern.Core.Physics;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Planning;

/// <summary>What is known of a grinder at one of its settings, however roughly.</summary>
/// <param name="Setting">The setting.</param>
/// <param name="Um">The median it is taken to grind there, µm.</param>
/// <param name="SigmaUm">How far that may be off: one standard deviation, µm.</param>
public readonly record struct KnownGrind(double Setting, double Um, double SigmaUm)
{
    /// <summary>A share of the median by which practitioners of one family differ, where the library's recipes differ by less. Judged.</summary>
    private const double LeastShare = 0.16;

    /// <summary>What somebody means by a usual setting for a family: what its recipes are written for.</summary>
    public static KnownGrind UsedFor(double setting, BrewerFamily family) => Of(setting, recipe => recipe.Brewer.Family == family);

    /// <summary>What somebody means by a usual setting for paper.</summary>
    public static KnownGrind UsedForPaper(double setting) =>
        Of(setting, recipe => Vessel.FilterOf(recipe.Brewer) is Filter.Paper or Filter.DensePaper);

    /// <summary>What somebody means who says that it looks like something.</summary>
    public static KnownGrind LooksLike(double setting, GrainWord word)
    {
        // Its range is taken for the 80 % band of what is called so.
        return new KnownGrind(setting, word.MiddleUm, (word.HighUm - word.LowUm) / (2 * Confidence.Eighty));
    }

    /// <summary>What somebody means who says that it looks like grounds of a size, of a bag that was bought ground.</summary>
    public static KnownGrind LooksLike(double setting, double um)
    {
        // Two grinds are told apart by eye about this far, a share of their size. Judged.
        const double ByEye = 0.15;
        return new KnownGrind(setting, um, ByEye * um);
    }

    private static KnownGrind Of(double setting, Func<Recipe, bool> of)
    {
        var logs = RecipeLibrary.All.Where(of).Select(recipe => Math.Log(recipe.Grind.MedianUm)).ToList();
        var mean = logs.Average();
        var spread = Math.Sqrt(logs.Sum(one => (one - mean) * (one - mean)) / logs.Count);
        var um = Math.Exp(mean);
        return new KnownGrind(setting, um, um * Math.Max(LeastShare, spread));
    }
}

/// <summary>
/// A grinder nobody has measured, estimated from its range and from what is used on it. A straight line from its least setting to
/// its most is believed to begin at about 150 µm and to end at about 1,400 (judged: one that makes coffee of every kind); each
/// thing known pulls it there by how well it is known (the Gaussian update of a straight line with two unknowns).
/// </summary>
public sealed class GrinderEstimate
{
    private const double LeastUm = 150;
    private const double LeastSigmaUm = 110;
    private const double MostUm = 1_400;
    private const double MostSigmaUm = 420;

    private readonly double least;
    private readonly double most;
    private double first = LeastUm;
    private double last = MostUm;
    private double varFirst = LeastSigmaUm * LeastSigmaUm;
    private double varLast = MostSigmaUm * MostSigmaUm;
    private double covariance;

    /// <summary>Estimates a grinder.</summary>
    /// <param name="least">Its least setting.</param>
    /// <param name="most">Its most; over the least.</param>
    /// <param name="known">What is known of it, in any order.</param>
    /// <exception cref="ArgumentOutOfRangeException">Its most is not over its least.</exception>
    public GrinderEstimate(double least, double most, IEnumerable<KnownGrind> known)
    {
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(most, least);
        (this.least, this.most) = (least, most);
        foreach (var one in known)
        {
            Take(one);
        }
    }

    /// <summary>The median for each 1 more, µm. It may come out at 0 or less where what is said contradicts itself.</summary>
    public double UmPerSetting => (last - first) / (most - least);

    /// <summary>The median at setting 0, µm.</summary>
    public double UmAtZero => first - (UmPerSetting * least);

    /// <summary>How far the median at a setting may be off: half of the 80 % band, µm.</summary>
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
