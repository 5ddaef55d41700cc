namespace Cistern.Drawing;

/// <summary>The words and units of a brew chart; the caller decides how figures are written.</summary>
public sealed record BrewChartLabels
{
    /// <summary>Plain words and metric units, for files.</summary>
    public static BrewChartLabels Plain { get; } = new();

    /// <summary>A mass in g, with its unit.</summary>
    public Func<double, string> Mass { get; init; } = g => string.Create(CultureInfo.InvariantCulture, $"{g:0} g");

    /// <summary>A mass in g on an axis, without its unit.</summary>
    public Func<double, string> MassTick { get; init; } = g => string.Create(CultureInfo.InvariantCulture, $"{g:0}");

    /// <summary>Grams per unit of the mass axis: 1, or those in an ounce.</summary>
    public double GPerUnit { get; init; } = 1;

    /// <summary>A temperature in °C on an axis.</summary>
    public Func<double, string> Temperature { get; init; } = c => string.Create(CultureInfo.InvariantCulture, $"{c:0}°");

    /// <summary>Degrees Celsius of the temperature axis's zero and of one of its degrees, and the degrees between two marks: round in the unit shown.</summary>
    public (double ZeroC, double CPerUnit, double Every) Degrees { get; init; } = (0, 1, 10);

    /// <summary>The marks of the temperature axis, °C.</summary>
    /// <param name="leastC">Lower end, °C.</param>
    /// <param name="mostC">Upper end, °C.</param>
    public IEnumerable<double> TemperatureTicks(double leastC, double mostC)
    {
        var (zeroC, perUnit, every) = Degrees;
        for (var mark = Math.Ceiling((leastC - zeroC) / perUnit / every) * every; (mark * perUnit) + zeroC <= mostC + 1e-9; mark += every)
        {
            yield return (mark * perUnit) + zeroC;
        }
    }

    /// <summary>A step in a few words: its verb and its details.</summary>
    public Func<Recipe, int, (string Verb, string Detail)> Step { get; init; } = (recipe, index) => (Verb.Of(recipe.Steps[index]).Word.Replace('-', ' '), "");

    /// <summary>What the vessel's lane is called.</summary>
    public string Vessel { get; init; } = "in the brewer";
}
