using Cistern.Core.Physics;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data.Shelf;

namespace Cistern.Web.Wording;

/// <summary>A spoon that stands for a scale.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="HoldsG">What it holds, g.</param>
/// <param name="Heaped">Heaped, or level.</param>
public sealed record SpoonAtHand(string Name, double HoldsG, bool Heaped)
{
    /// <summary>One of the shelf; null where there is none.</summary>
    public static SpoonAtHand? Of(Spoon? spoon) => spoon is null ? null : new(spoon.Name, spoon.HoldsG, spoon.Heaped);
}

/// <summary>
/// What a barista brews with who has not everything: said once, and then plans, cards and brews speak of what is at hand.
/// Where a scale or a thermometer is missing its figures are told in spoons, at marks and in seconds off the boil, which are rough.
/// </summary>
/// <param name="Scale">There is a scale.</param>
/// <param name="Thermometer">There is a thermometer, or a kettle that holds a temperature.</param>
/// <param name="Grinder">There is a grinder.</param>
public sealed record AtHand(bool Scale, bool Thermometer, bool Grinder)
{
    /// <summary>Nothing is missing.</summary>
    public static AtHand Everything { get; } = new(true, true, true);

    /// <summary>Whoever brews goes by taste: words first, figures at a touch.</summary>
    public bool ByTaste { get; init; }

    private const double HotC = 90;

    /// <summary>Under this nobody heats water, °C.</summary>
    private const double LukewarmC = 35;

    private const double FridgeC = 10;

    /// <summary>What stands for a spoon where none was weighed: between the 5 and the 11 g that spoons hold. Judged.</summary>
    public static SpoonAtHand Tablespoon { get; } = new("tablespoon", 6, Heaped: false);

    /// <summary>The spoon that stands for a scale; null where none was weighed.</summary>
    public SpoonAtHand? Spoon { get; init; }

    /// <summary>The marks of the vessel, ml; none where they are not known.</summary>
    public IReadOnlyList<double> MarksMl { get; init; } = [];

    /// <summary>The kettle as it cools.</summary>
    public Kettle Kettle { get; init; } = Kettle.Usual;

    /// <summary>A dose as it is measured: weighed, or in spoons; a tablespoon is taken where no spoon was weighed.</summary>
    public string Dose(double doseG, FigureFormat format)
    {
        if (Scale)
        {
            return format.Dose(doseG);
        }

        var spoon = Spoon ?? Tablespoon;
        return (Spoon is null ? "about " : "") + RoughWords.Spoons(RoughMeasures.Spoons(doseG, spoon.HoldsG).Count, spoon.Name, spoon.Heaped);
    }

    /// <summary>How far water is poured: by weight, or to where it stands in the vessel.</summary>
    /// <param name="waterG">The water that is then in it, g.</param>
    /// <param name="coffeeG">The coffee that is in it already, g.</param>
    /// <param name="format">How figures are written.</param>
    public string To(double waterG, double coffeeG, FigureFormat format) => Scale ? $"to {format.Water(waterG)}" : RoughWords.Height(Level(waterG, coffeeG).Count, MarksMl);

    /// <summary>How high water stands, and how rough that is; as hot water does, since what that is off by is far less than a level can be read.</summary>
    /// <param name="waterG">The water that is then in it, g.</param>
    /// <param name="coffeeG">The coffee that is in it already, g.</param>
    public static RoughMeasure Level(double waterG, double coffeeG) => RoughMeasures.Mark(waterG, coffeeG, HotC);

    /// <summary>Water that stands at a mark, g, with so much coffee in it.</summary>
    /// <param name="markMl">The mark, ml.</param>
    /// <param name="coffeeG">The coffee that is in it then, g.</param>
    public static double WaterToG(double markMl, double coffeeG) => RoughMeasures.WaterToMarkG(markMl, coffeeG, HotC);

    /// <summary>So many spoons as a mass, g: of the one that was weighed, or of any tablespoon.</summary>
    /// <param name="count">How many.</param>
    /// <param name="heaped">Heaped, or level.</param>
    public double SpoonsG(double count, bool heaped)
    {
        var spoon = Spoon ?? Tablespoon;
        return count * spoon.HoldsG * (heaped == spoon.Heaped ? 1 : heaped ? RoughMeasures.HeapedShare : 1 / RoughMeasures.HeapedShare);
    }

    /// <summary>So much water: by weight, or by volume.</summary>
    public string Water(double waterG, FigureFormat format) => Scale ? format.Water(waterG) : $"{format.VolumeNumber(waterG)} {format.VolumeUnit}";

    /// <summary>A recipe's water, no hotter than it boils there: "at 95 °C", or as seconds off the boil.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="format">How figures are written.</param>
    public string Heat(Recipe recipe, FigureFormat format)
    {
        var waterC = Math.Min(recipe.Water.TemperatureC, WaterPhysics.BoilingPointC(recipe.Place.AltitudeM));
        return $"{(Thermometer ? "at " : "")}{Heat(waterC, recipe.Place, format)}";
    }

    /// <summary>A temperature of the kettle: read, or as seconds off the boil with the lid open.</summary>
    /// <param name="c">Wanted, °C.</param>
    /// <param name="place">Where it boils.</param>
    /// <param name="format">How figures are written.</param>
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
