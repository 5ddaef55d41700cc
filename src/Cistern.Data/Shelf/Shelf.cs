using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Data.Shelf;

/// <summary>Somebody who brews here, and the units they like.</summary>
public sealed class Barista
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public MassUnit Mass { get; set; }

    public TemperatureUnit Temperature { get; set; }

    public VolumeUnit Volume { get; set; }

    public double CupMl { get; set; } = 180;

    /// <summary>The units as the core takes them.</summary>
    public Units Units => new(Mass, Temperature, Volume, CupMl);
}

/// <summary>Where it is brewed.</summary>
public sealed class BrewPlace
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public double AltitudeM { get; set; }

    public double AmbientC { get; set; }

    public string Water { get; set; } = "";

    /// <summary>The place as a recipe names it.</summary>
    public Place AsPlace => new(AltitudeM, AmbientC);
}

/// <summary>A bag of coffee.</summary>
public sealed class Bag
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public string Origin { get; set; } = "";

    public double Roast { get; set; }

    public DateOnly RoastedOn { get; set; }

    public double LeftG { get; set; }

    public string TastesOf { get; set; } = "";

    /// <summary>Days since roasting on a day, never negative.</summary>
    public int RestDays(DateOnly today) => Math.Max(0, today.DayNumber - RoastedOn.DayNumber);
}

/// <summary>A mill, and what its settings mean.</summary>
public sealed class Mill
{
    public int Id { get; set; }

    public required string Name { get; set; }

    /// <summary>What its scale counts: clicks, turns, settings.</summary>
    public string SettingName { get; set; } = "settings";

    public double Least { get; set; }

    public double Most { get; set; }

    public double Step { get; set; } = 1;

    public double UmAtZero { get; set; }

    public double UmPerSetting { get; set; }

    public double Spread { get; set; }

    public double? UsualFilterSetting { get; set; }

    /// <summary>The median at a setting, µm.</summary>
    public double MedianUm(double setting) => UmAtZero + (UmPerSetting * setting);

    /// <summary>The setting on the mill's own steps nearest to a median.</summary>
    public double SettingFor(double medianUm) =>
        Math.Clamp(Math.Round((medianUm - UmAtZero) / UmPerSetting / Step) * Step, Least, Most);
}

/// <summary>A vessel on the shelf.</summary>
public sealed class OwnedVessel
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public VesselFamily Family { get; set; }

    public double CapacityMl { get; set; }

    public Material? Material { get; set; }

    public Cone? Cone { get; set; }

    public Filter? Filter { get; set; }

    /// <summary>The vessel as a recipe names it.</summary>
    public Brewer AsBrewer => new(Family, CapacityMl) { Material = Material, Cone = Cone, Filter = Filter };
}
