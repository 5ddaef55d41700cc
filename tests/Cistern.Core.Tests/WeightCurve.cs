namespace Cistern.Core.Tests;

/// <summary>Weight curves written by hand.</summary>
internal static class WeightCurve
{
    /// <summary>A press: nothing drains from it.</summary>
    public static Recipe Bloomed { get; } = RecipeLibrary.All.Single(recipe => recipe.Id == "fp-bloomed");

    /// <summary>A dripper that stands over a server.</summary>
    public static Recipe Dripper { get; } = RecipeLibrary.All.Single(recipe => recipe.Id == "vd-coffee-first");

    /// <summary>Put down and left there, g.</summary>
    public static double On(double fromS, double g, double atS) => atS >= fromS ? g : 0;

    /// <summary>Runs in evenly, g.</summary>
    public static double Ramp(double fromS, double overS, double g, double atS) => g * Math.Clamp((atS - fromS) / overS, 0, 1);

    /// <summary>What the analyzer finds in the curve.</summary>
    public static List<DetectedEvent> See(Recipe recipe, double forS, Func<double, double> loadG, double[] tares, double known = double.PositiveInfinity) =>
        [.. WeightAnalyzer.Of(recipe, Curve(forS, loadG, tares), known)];

    /// <summary>What a scale shows of the curve five times a second: it lags, and is tared.</summary>
    public static List<WeightPoint> Curve(double forS, Func<double, double> loadG, double[] tares)
    {
        var points = new List<WeightPoint>();
        double shows = 0, tareG = 0;
        for (var i = 0; i <= forS * 10; i++)
        {
            var atS = i / 10.0;
            shows += (loadG(atS - 0.2) - shows) * 0.4;
            tareG = tares.Any(tare => Math.Abs(tare - atS) < 0.05) ? shows : tareG;
            if (i % 2 == 0)
            {
                points.Add(new WeightPoint(atS, Math.Round(shows - tareG, 1)));
            }
        }

        return points;
    }
}
