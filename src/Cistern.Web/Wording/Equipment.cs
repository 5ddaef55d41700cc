namespace Cistern.Web.Wording;

/// <summary>A spoon that stands for a scale.</summary>
/// <param name="Name">Its name.</param>
/// <param name="HoldsG">What it holds, g.</param>
/// <param name="Heaped">Heaped, or level.</param>
public sealed record EquipmentSpoon(string Name, double HoldsG, bool Heaped)
{
    /// <summary>A spoon on the shelf; null where there is none.</summary>
    public static EquipmentSpoon? Of(Spoon? spoon) => spoon is null ? null : new(spoon.Name, spoon.HoldsG, spoon.Heaped);
}

/// <summary>
/// A barista's equipment, where something is missing: stated once, and used by all plans, cards and brews. Without a scale or a
/// thermometer, figures are in spoons, at marks and in seconds after boiling, which are rough.
/// </summary>
/// <param name="Scale">Whether there is a scale.</param>
/// <param name="Thermometer">Whether there is a thermometer, or a kettle that holds a temperature.</param>
/// <param name="Grinder">Whether there is a grinder.</param>
public sealed record Equipment(bool Scale, bool Thermometer, bool Grinder)
{
    /// <summary>Nothing is missing.</summary>
    public static Equipment Everything { get; } = new(true, true, true);

    /// <summary>Whether the barista goes by taste: words first, figures on request.</summary>
    public bool ByTaste { get; init; }

    private const double HotC = 90;

    /// <summary>Under this nobody heats water, °C.</summary>
    private const double LukewarmC = 35;

    private const double FridgeC = 10;

    /// <summary>The spoon assumed where none was weighed: spoons hold between 5 and 11 g. Judged.</summary>
    public static EquipmentSpoon Tablespoon { get; } = new("tablespoon", 6, Heaped: false);

    /// <summary>The spoon used instead of a scale; null where none was weighed.</summary>
    public EquipmentSpoon? Spoon { get; init; }

    /// <summary>The vessel's marks, ml; empty where unknown.</summary>
    public IReadOnlyList<double> MarksMl { get; init; } = [];

    /// <summary>The kettle as it cools.</summary>
    public Kettle Kettle { get; init; } = Kettle.Usual;

    /// <summary>A dose in grams, or in spoons; a tablespoon where no spoon was weighed.</summary>
    public string Dose(double doseG, FigureFormat format)
    {
        if (Scale)
        {
            return format.Dose(doseG);
        }

        var spoon = Spoon ?? Tablespoon;
        return (Spoon is null ? "about " : "") + RoughWords.Spoons(RoughMeasures.Spoons(doseG, spoon.HoldsG).Count, spoon.Name, spoon.Heaped);
    }

    /// <summary>How far to pour: by weight, or to a level in the vessel.</summary>
    /// <param name="waterG">The water then in it, g.</param>
    /// <param name="coffeeG">The coffee in it, g.</param>
    /// <param name="format">Formats figures.</param>
    public string To(double waterG, double coffeeG, FigureFormat format) => Scale ? $"to {format.Water(waterG)}" : RoughWords.Height(Level(waterG, coffeeG).Count, MarksMl);

    /// <summary>The level of water with its uncertainty, as for hot water: the difference is far below what can be read.</summary>
    /// <param name="waterG">The water then in it, g.</param>
    /// <param name="coffeeG">The coffee in it, g.</param>
    public static RoughMeasure Level(double waterG, double coffeeG) => RoughMeasures.Mark(waterG, coffeeG, HotC);

    /// <summary>The water in a vessel with coffee that is filled to a mark, g.</summary>
    /// <param name="markMl">The mark, ml.</param>
    /// <param name="coffeeG">The coffee then in it, g.</param>
    public static double WaterToG(double markMl, double coffeeG) => RoughMeasures.WaterToMarkG(markMl, coffeeG, HotC);

    /// <summary>The mass of a number of spoons, g: of the weighed spoon, or of a tablespoon.</summary>
    /// <param name="count">The number of spoons.</param>
    /// <param name="heaped">Heaped, or level.</param>
    public double SpoonsG(double count, bool heaped)
    {
        var spoon = Spoon ?? Tablespoon;
        return count * spoon.HoldsG * (heaped == spoon.Heaped ? 1 : heaped ? RoughMeasures.HeapedShare : 1 / RoughMeasures.HeapedShare);
    }

    /// <summary>An amount of water, by weight or by volume.</summary>
    public string Water(double waterG, FigureFormat format) => Scale ? format.Water(waterG) : $"{format.VolumeNumber(waterG)} {format.VolumeUnit}";

    /// <summary>A recipe's temperature, at most the boiling point there: "at 95 °C", or in seconds after boiling.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="format">Formats figures.</param>
    public string Heat(Recipe recipe, FigureFormat format)
    {
        var waterC = Math.Min(recipe.Water.TemperatureC, WaterPhysics.BoilingPointC(recipe.Place.AltitudeM));
        return $"{(Thermometer ? "at " : "")}{Heat(waterC, recipe.Place, format)}";
    }

    /// <summary>A kettle's temperature: in degrees, or in seconds after boiling with the lid open.</summary>
    /// <param name="c">Wanted, °C.</param>
    /// <param name="place">The place, for its boiling point.</param>
    /// <param name="format">Formats figures.</param>
    public string Heat(double c, Place place, FigureFormat format)
    {
        if (Thermometer)
        {
            return format.Temperature(c);
        }

        if (c < LukewarmC)
        {
            return c <= FridgeC ? "cold from the fridge" : "cold from the tap, or left to stand";
        }

        var seconds = Kettle.Seconds(c, place.AltitudeM, place.AmbientC);
        return c >= WaterPhysics.BoilingPointC(place.AltitudeM) - 0.5 ? "the boil"
            : double.IsFinite(seconds) ? $"the boil, then wait {FigureFormat.Clock(Math.Round(seconds / 5) * 5)} with the lid open" : format.Temperature(c);
    }
}
